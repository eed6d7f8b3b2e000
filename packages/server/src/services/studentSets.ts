/** What a student may see of a set: whether it is theirs, where it stands, and the questions in their own numbers. */

import { askedOnScreen, dueFor, itemShare, numberStyleById, opennessAt, roundingSentence } from '@hardy-sextant/core';
import {
  entries as entriesSchema,
  ownNumbers,
  setDocument,
  triesByPart,
  type SetDocument,
  type SetEntries,
  type StudentHome,
  type StudentPage,
  type StudentSet,
  type StudentState,
  type TriesByPart,
} from '@hardy-sextant/contract';
import { findClass, findStudents } from '../store/classes.ts';
import type { Database, Queries } from '../store/database.ts';
import { findSet, listParts, type SetRow } from '../store/sets.ts';
import { listPractice, setsOfStudent } from '../store/studentWork.ts';
import { findSubmission, noteSubmission, type SubmissionRow } from '../store/submissions.ts';
import { listWorksheetsOf } from '../store/worksheets.ts';
import { dueRuleOf } from './dueRules.ts';
import { enteringStyleOf } from './enteringStyles.ts';
import { allAnswers } from './entries.ts';
import { NotAllowed, NotFound } from './refusal.ts';
import { rulesOf } from './rules.ts';
import { readSetToJudge } from './sets.ts';
import { stored } from './stored.ts';

const timeOf = (at: number | undefined): string | undefined =>
  at === undefined ? undefined : new Date(at).toISOString();

/** Where a set stands for a student, by this server's clock. */
export function stateOf(set: SetRow, document: SetDocument, row: SubmissionRow, now = Date.now()): StudentState {
  const rule = dueRuleOf(document, row.extraMinutes, set.releasedAt);
  const dueAt = timeOf(dueFor(rule));
  return {
    now: new Date(now).toISOString(),
    openness: opennessAt(rule, now),
    ...(dueAt ? { dueAt } : {}),
    late: rule.late,
    lessADay: rule.lessADay,
    extraMinutes: rule.extraMinutes,
    ...(row.submittedAt ? { submittedAt: row.submittedAt, receipt: row.receipt } : {}),
    ...(row.answeredAt ? { answeredAt: row.answeredAt } : {}),
    released: set.releasedAt !== null,
  };
}

export const entriesOf = (row: SubmissionRow): SetEntries => stored(entriesSchema, row.entries, 'submission');

/** A part is answered where anything is written in it. */
export function answeredParts(entries: SetEntries): number {
  const parts = allAnswers(entries)
    .filter(({ text }) => text.trim() !== '')
    .map(({ itemId, entryId }) => `${itemId}/${entryId.split('.')[0]}`);
  return new Set(parts).size;
}

/** A set that a student answers, with the student's submission. */
export interface OwnSet {
  readonly set: SetRow;
  readonly document: SetDocument;
  readonly row: SubmissionRow;
}

/** @throws NotFound where the set is not one that this student answers online: whatever else it may be is not told */
export async function ownSet(queries: Queries, studentId: string, setId: string): Promise<OwnSet> {
  const [set, row] = [await findSet(queries, setId), await findSubmission(queries, setId, studentId)];
  if (!set || !row || set.archivedAt !== null) throw new NotFound('set for you');
  const document = stored(setDocument, set.document, 'set');
  if (!document.online) throw new NotFound('set for you');
  return { set, document, row };
}

/** Who has left the class reads what was given back, and changes nothing. */
export async function stillHere(queries: Queries, studentId: string): Promise<void> {
  const [student] = await findStudents(queries, [studentId]);
  if (!student || student.withdrawnAt !== null)
    throw new NotAllowed(
      'You are no longer on the list of this class. What you typed stays on this device; ask your instructor.',
    );
}

/** A student's sets, with where each stands. */
export async function studentHome(
  queries: Queries,
  student: { readonly id: string; readonly name: string; readonly classId: string },
): Promise<StudentHome> {
  const found = await findClass(queries, student.classId);
  const sets: StudentSet[] = [];
  for (const { set, submission } of await setsOfStudent(queries, student.id)) {
    const document = setDocument.safeParse(set.document);
    const entries = entriesSchema.safeParse(submission.entries);
    if (!document.success || !entries.success) continue;
    const { openness, dueAt, submittedAt, released } = stateOf(set, document.data, submission);
    if (openness === 'before') continue;
    const parts = await listParts(queries, set.id, false);
    sets.push({
      id: set.id,
      title: set.title,
      purpose: document.data.purpose,
      openness,
      ...(dueAt ? { dueAt } : {}),
      ...(submittedAt ? { submittedAt } : {}),
      answered: answeredParts(entries.data),
      parts: parts.length,
      released,
    });
  }
  return { name: student.name, className: classNameOf(found), now: new Date().toISOString(), sets };
}

export const classNameOf = (found: { readonly code: string; readonly term: string } | undefined): string =>
  found ? [found.code, found.term].filter((word) => word !== '').join(', ') : '';

/** The page of a set for a student; `opens` notes that the student has seen it. */
export async function studentPage(
  database: Database,
  studentId: string,
  setId: string,
  opens: boolean,
): Promise<StudentPage> {
  const { set, document, row } = await ownSet(database, studentId, setId);
  const state = stateOf(set, document, row);
  if (state.openness === 'before' && opens) throw new NotAllowed('This set is not open yet.');
  const [toJudge, rules, found, [student], practice, files] = await Promise.all([
    readSetToJudge(database, setId),
    rulesOf(database, set.classId),
    findClass(database, set.classId),
    findStudents(database, [studentId]),
    listPractice(database, setId, studentId),
    listWorksheetsOf(database, setId, studentId),
  ]);
  const { rate, signs, labels } = await enteringStyleOf(database, rules);
  const entering = { rate, signs, labels };
  if (opens) {
    const now = state.now;
    await database.transaction((writes) =>
      noteSubmission(writes, row.id, { seenAt: now, ...(row.openedAt ? {} : { openedAt: now }) }),
    );
  }
  const numbers = stored(ownNumbers, row.numbers, 'submission');
  return {
    setId,
    title: set.title,
    className: classNameOf(found),
    name: student?.name ?? '',
    number: student?.number ?? '',
    purpose: document.purpose,
    tools: document.tools,
    ownNumbers: document.numbers !== 'same',
    numberStyle: numberStyleById(rules.numberStyle).id,
    entering,
    rounding: roundingSentence(rules),
    state,
    exercises: toJudge.assignedExercises.map(({ itemId, exercise }) => {
      const asked = {
        exercise,
        numbers: numbers[itemId] ?? {},
        share: itemShare({ set: toJudge }, itemId),
      };
      return { itemId, ...(askedOnScreen(asked, rules) as Omit<StudentPage['exercises'][number], 'itemId'>) };
    }),
    entries: entriesOf(row),
    files: files.map(({ id, itemId, name, size, createdAt }) => ({ id, itemId, name, size, at: createdAt })),
    practice: Object.fromEntries(
      practice.filter(({ isMore }) => !isMore).map(({ itemId, tries }) => [itemId, triesOf(tries)]),
    ),
  };
}

export const triesOf = (document: unknown): TriesByPart => triesByPart.safeParse(document).data ?? {};
