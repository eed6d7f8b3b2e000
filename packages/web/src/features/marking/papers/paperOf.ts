/** The papers of a set as they are chosen: what, for whom, in which form. */

import {
  itemShare,
  keyLines,
  keySheet,
  markingSheet,
  paperCode,
  questionSheet,
  type AskedExercise,
  type Paper,
  type PaperSheet,
  type SetOnPaper,
  type SheetForm,
} from '@hardy-sextant/core';
import type { KeptClass, MarkedStudent, Marking } from '@hardy-sextant/contract';
import { classInWords } from '../../../api/records.ts';

export const paperKinds = {
  questions: 'Question sheets',
  key: 'Key, with what else is right',
  lines: 'Key, a line for each student',
  roster: 'Marking sheet',
} as const;
export type PaperKind = keyof typeof paperKinds;

export interface PaperChoice {
  readonly kind: PaperKind;
  /** `each`, `all` for one paper that is for all, or a student's id. */
  readonly who: string;
  readonly form: SheetForm;
}

/** How many sheets a choice comes to, and each of them when it is asked for. */
export interface SheetsOf {
  readonly title: string;
  readonly count: number;
  readonly sheet: (at: number) => PaperSheet;
}

export function sheetsOf(marking: Marking, chosen: KeptClass, { kind, who, form }: PaperChoice): SheetsOf {
  const { set: kept } = marking;
  const { rules } = chosen;
  const exercises = kept.assignedExercises.map(({ exercise }) => exercise);
  const here = marking.students.filter(({ withdrawn }) => !withdrawn);
  const set: SetOnPaper = {
    title: kept.title,
    className: classInWords(chosen),
    given: dayInWords(kept.document.given),
    due: dayInWords(kept.document.due),
  };
  const asked = (student: MarkedStudent | undefined): AskedExercise[] =>
    kept.assignedExercises.map(({ itemId, exercise }) => ({
      exercise,
      numbers: student?.numbers[itemId] ?? {},
      share: itemShare(marking, itemId),
    }));
  const known = here.map((student) => ({
    name: student.name,
    number: student.number,
    code: paperCode(kept.id, student.id),
    numbers: kept.assignedExercises.map(({ itemId }) => student.numbers[itemId] ?? {}),
  }));
  const title = `${kept.title}, ${paperKinds[kind].toLowerCase()}`;
  if (kind === 'lines') return { title, count: 1, sheet: () => keyLines(set, exercises, rules, known) };
  if (kind === 'roster') return { title, count: 1, sheet: () => markingSheet(set, exercises, known) };
  const whose = who === 'all' ? [undefined] : here.filter(({ id }) => who === 'each' || id === who);
  return {
    title,
    count: whose.length,
    sheet: (at) => {
      const student = whose[at];
      const code = student && paperCode(kept.id, student.id);
      if (kind === 'key')
        return keySheet(
          set,
          asked(student),
          rules,
          student && { who: `${student.name}, ${student.number}`, code: code ?? '' },
        );
      return questionSheet(set, asked(student), rules, form, student && { ...student, code: code ?? '' });
    },
  };
}

/** Every sheet of a choice. */
export const paperOf = ({ title, count, sheet }: SheetsOf): Paper => ({
  title,
  sheets: Array.from({ length: count }, (_, at) => sheet(at)),
});

/** "6 October 2026"; empty where there is no day. */
function dayInWords(day: string): string {
  if (day === '') return '';
  return new Date(`${day}T12:00:00`).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
}
