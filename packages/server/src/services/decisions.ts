/** What an instructor decides about answers: marks, comments, readings accepted for everyone. Only what changed is read, written and answered. */

import { roundTo } from '@hardy-sextant/core';
import type { ChangedDecisions, DecidedReport, KeptDecision, MarkedStudent } from '@hardy-sextant/contract';
import { findStudents } from '../store/classes.ts';
import type { Database, Queries } from '../store/database.ts';
import {
  deleteAccepted,
  findDecisions,
  findSubmissions,
  insertAccepted,
  listSubmissions,
  putDecisions,
  writeOpen,
  type DecisionRow,
} from '../store/submissions.ts';
import { insertActs, type NewAct } from '../store/studentWork.ts';
import { recount, touchSet } from '../store/sets.ts';
import { openIn, readFrame, toStudent, type Frame } from './judging.ts';
import { Invalid, Stale } from './refusal.ts';

/** @param by who decides; every change of a mark is kept with that and the time. Writes decisions and accepted readings of one action together. One that was made elsewhere meanwhile stops them all. */
export async function writeDecisions(
  database: Database,
  setId: string,
  input: ChangedDecisions,
  by: string,
): Promise<DecidedReport> {
  const frame = await readFrame(database, setId);
  const parts = new Set(
    frame.set.assignedExercises.flatMap(({ itemId, exercise }) => exercise.parts.map(({ id }) => `${itemId}/${id}`)),
  );
  const ids = [...new Set(input.decisions.map(({ studentId }) => studentId))];
  return database.transaction(async (writes) => {
    const there = new Set((await findSubmissions(writes, setId, ids)).map(({ studentId }) => studentId));
    const fields = strangeIn(input, there, parts);
    if (fields.length > 0) throw new Invalid('Some of this belongs to nothing here; none was written.', fields);
    const stand = new Map(
      (await findDecisions(writes, setId, ids)).map((row) => [`${row.studentId} ${row.itemId} ${row.partId}`, row]),
    );
    const elsewhere = input.decisions.filter(({ studentId, itemId, partId, was, credit, comment, lines }) => {
      const now = decidedIn(stand.get(`${studentId} ${itemId} ${partId}`));
      // The same decision twice, after an answer that was lost on its way, is no other one.
      return !same(was, now) && !same({ credit, comment, lines }, now);
    });
    if (elsewhere.length > 0) throw new Stale('decision', { students: await studentsNow(writes, frame, ids) });
    await putDecisions(
      writes,
      setId,
      input.decisions.map((each) => ({ ...each, credit: each.credit ?? null })),
    );
    await insertActs(writes, actsOf(setId, input, by));
    await deleteAccepted(writes, setId, input.takeBack);
    for (const each of input.accept) await insertAccepted(writes, setId, each);
    const forEveryone = input.accept.length + input.takeBack.length > 0;
    const now = forEveryone ? await readFrame(writes, setId) : frame;
    await countOpen(
      writes,
      now,
      forEveryone ? (await listSubmissions(writes, setId)).map(({ studentId }) => studentId) : ids,
    );
    await recount(writes, setId);
    await touchSet(writes, setId);
    // What did not change is not told: it may have been changed since by another action of the same screen.
    return { students: await studentsNow(writes, now, ids), ...(forEveryone ? { accepted: [...now.accepted] } : {}) };
  });
}

/** What belongs to no student or part of the set, by its place in the request. */
const strangeIn = (
  input: ChangedDecisions,
  there: ReadonlySet<string>,
  parts: ReadonlySet<string>,
): { path: string; message: string }[] => [
  ...input.decisions.flatMap(({ studentId, itemId, partId }, at) => [
    ...(there.has(studentId)
      ? []
      : [{ path: `decisions.${at}.studentId`, message: 'There is no such student in this class.' }]),
    ...(parts.has(`${itemId}/${partId}`)
      ? []
      : [{ path: `decisions.${at}.partId`, message: 'There is no such part in this set.' }]),
  ]),
  ...input.accept.flatMap(({ itemId, partId }, at) =>
    parts.has(`${itemId}/${partId}`)
      ? []
      : [{ path: `accept.${at}.partId`, message: 'There is no such part in this set.' }],
  ),
];

/** What is kept of a decision: who, what it was, what it is. */
const actsOf = (setId: string, input: ChangedDecisions, by: string): NewAct[] => [
  ...input.decisions.map(({ studentId, itemId, partId, credit, comment, was }) => ({
    setId,
    studentId,
    by,
    act: 'marks',
    document: {
      says: `${itemId} ${partId}: ${marksInWords(was)} → ${marksInWords({ credit, comment })}`,
      itemId,
      partId,
      was,
      now: { credit, comment },
    },
  })),
  ...input.accept.map((each) => ({ setId, by, act: 'accepted', document: each })),
  ...input.takeBack.map((id) => ({ setId, by, act: 'accepted-no-more', document: { id } })),
];

const marksInWords = ({ credit, comment }: Decided): string =>
  [
    credit === undefined ? 'as judged' : `${roundTo(credit * 100, 1)} %`,
    ...(comment === '' ? [] : ['with a comment']),
  ].join(' ');

/** Students with what they submitted and what is decided about it. */
async function studentsNow(queries: Queries, frame: Frame, ids: readonly string[]): Promise<MarkedStudent[]> {
  const [rows, decisions, students] = [
    await findSubmissions(queries, frame.set.id, ids),
    await findDecisions(queries, frame.set.id, ids),
    await findStudents(queries, ids),
  ];
  const byStudent = new Map(rows.map((row) => [row.studentId, row]));
  return students.map((student) => toStudent(student, byStudent.get(student.id), decisions, frame));
}

async function countOpen(writes: Parameters<typeof writeOpen>[0], frame: Frame, ids: readonly string[]): Promise<void> {
  const students = new Map((await studentsNow(writes, frame, ids)).map((student) => [student.id, student]));
  for (const row of await findSubmissions(writes, frame.set.id, ids)) {
    const student = students.get(row.studentId);
    const open = student ? openIn(frame, student) : row.open;
    if (row.open !== open) await writeOpen(writes, row.id, open);
  }
}

function decidedIn(row: DecisionRow | undefined): Decided {
  if (!row) return { comment: '' };
  const { comment, credit, lines } = row;
  return {
    comment,
    ...(credit === null ? {} : { credit }),
    ...(Array.isArray(lines) ? { lines: lines as string[] } : {}),
  };
}

type Decided = Pick<KeptDecision, 'credit' | 'comment' | 'lines'>;

function same(a: Decided, b: Decided): boolean {
  return (
    a.comment === b.comment &&
    (a.lines ?? []).join() === (b.lines ?? []).join() &&
    (a.credit === undefined ? b.credit === undefined : b.credit !== undefined && Math.abs(a.credit - b.credit) < 1e-9)
  );
}
