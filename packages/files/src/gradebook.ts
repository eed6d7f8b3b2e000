/** A gradebook of a set, as CSV and as a workbook: who, how it stands, the sum, the marks of every part. */

import { itemShare, markedParts, roundTo, totalOf } from '@hardy-sextant/core';
import type { MarkedStudent, Marking } from '@hardy-sextant/contract';
import type { Workbook } from 'exceljs';
import Papa from 'papaparse';
import { CSV, WORKBOOK, type FileKind } from './format.ts';
import { odsKind, odsOf } from './odsWorkbook.ts';

type GradebookCell = string | number;

/** How a student's work stands. */
export type GradebookStatus = 'not submitted' | 'to be looked at' | 'marked' | 'released';

export function statusOf(marking: Marking, student: MarkedStudent): GradebookStatus {
  const { set, accepted } = marking;
  if (!totalOf(marking, student).submitted && student.decisions.length === 0) return 'not submitted';
  const isOpen = set.assignedExercises.some((assigned) => {
    const isAnswered = Object.values(student.entries[assigned.itemId] ?? {}).some((text) => text !== '');
    // What has not been judged yet is still to be looked at.
    if (isAnswered && !student.verdicts?.[assigned.itemId]) return true;
    return markedParts(student, assigned, accepted, itemShare(marking, assigned.itemId)).some(({ open }) => open);
  });
  if (isOpen) return 'to be looked at';
  return set.releasedAt ? 'released' : 'marked';
}

/** Heads, what each column is out of, and a row a student; a part that is still open has no mark. */
export function gradebookRows(marking: Marking): GradebookCell[][] {
  const { assignedExercises } = marking.set;
  const parts = assignedExercises.flatMap((assigned, at) => {
    const share = itemShare(marking, assigned.itemId);
    return assigned.exercise.parts.map(({ id, marks }) => ({
      assigned,
      share,
      id,
      head: `${at + 1}${id}`,
      most: roundTo(marks * share, 2),
    }));
  });
  const most = roundTo(
    parts.reduce((sum, part) => sum + part.most, 0),
    2,
  );
  const hasSections = marking.students.some(({ section }) => section !== '');
  // Only where somebody answered on their own page, after it was due.
  const hasLate = marking.students.some(({ minutesLate }) => minutesLate > 0);
  const rows = marking.students.map((student): GradebookCell[] => {
    const status = statusOf(marking, student);
    const marks = parts.map(({ assigned, share, id }): GradebookCell => {
      const found = markedParts(student, assigned, marking.accepted, share).find(({ part }) => part.id === id);
      return !found || found.open || status === 'not submitted' ? '' : roundTo(found.marks, 2);
    });
    const sum = status === 'not submitted' ? '' : totalOf(marking, student).marks;
    const comments = student.decisions.map(({ comment }) => comment).filter((comment) => comment !== '');
    return [
      student.number,
      student.name,
      ...(hasSections ? [student.section] : []),
      status,
      ...(hasLate ? [lateInWords(student)] : []),
      sum,
      most,
      ...marks,
      comments.join(' / '),
    ];
  });
  return [
    [
      'Number',
      'Name',
      ...(hasSections ? ['Section'] : []),
      'Status',
      ...(hasLate ? ['Late'] : []),
      'Sum',
      'Out of',
      ...parts.map(({ head, most: of }) => `${head} (${of})`),
      'Comment',
    ],
    ...rows,
  ];
}

/** "2 h 5 min, 10 % less". */
function lateInWords({ minutesLate, less }: MarkedStudent): string {
  if (minutesLate === 0) return '';
  const days = Math.floor(minutesLate / 1440);
  const hours = Math.floor((minutesLate % 1440) / 60);
  const parts = [days > 0 ? `${days} d` : '', hours > 0 ? `${hours} h` : '', `${minutesLate % 60} min`];
  return [parts.filter((part) => part !== '').join(' '), ...(less > 0 ? [`${roundTo(less, 2)} % less`] : [])].join(
    ', ',
  );
}

/** A mark at the start tells worksheets that the text is UTF-8. */
const UTF8 = '\ufeff';

export const gradebookCsv = {
  id: 'gradebook-csv',
  name: 'a gradebook as CSV',
  type: CSV,
  ending: 'csv',
  writes: (marking: Marking): string => UTF8 + Papa.unparse(gradebookRows(marking), { escapeFormulae: true }),
} satisfies FileKind & Record<string, unknown>;

export const gradebookWorkbook = {
  id: 'gradebook-workbook',
  name: 'a gradebook as a workbook',
  type: WORKBOOK,
  ending: 'xlsx',
  writes: async (marking: Marking): Promise<ArrayBuffer> => (await bookOf(marking)).xlsx.writeBuffer(),
} satisfies FileKind & Record<string, unknown>;

export const gradebookOds = {
  id: 'gradebook-ods',
  name: 'a gradebook as an OpenDocument spreadsheet',
  ...odsKind,
  writes: async (marking: Marking): Promise<Uint8Array<ArrayBuffer>> => new Uint8Array(odsOf(await bookOf(marking))),
} satisfies FileKind & Record<string, unknown>;

async function bookOf(marking: Marking): Promise<Workbook> {
  const { Workbook: Book } = (await import('exceljs')).default;
  const book = new Book();
  const page = book.addWorksheet('Gradebook', { views: [{ state: 'frozen', xSplit: 2, ySplit: 1 }] });
  // Texts are texts in a workbook, whatever they begin with.
  page.addRows(gradebookRows(marking));
  page.getRow(1).font = { bold: true };
  page.columns.forEach((column, at) => {
    column.width = at === 1 ? 28 : at === 2 ? 16 : 12;
  });
  return book;
}
