/** Judging: what waits for verdicts is worked out in workers and stored, a few submissions at a time. */

import { createHash } from 'node:crypto';
import {
  nth,
  type Entries,
  type HouseRules,
  type Numbers,
  type Verdict,
  itemShare,
  markedParts,
} from '@hardy-sextant/core';
import {
  entries as entriesSchema,
  itemVerdicts,
  keptAccepted,
  ownNumbers,
  type KeptAccepted,
  type MarkedStudent,
} from '@hardy-sextant/contract';
import type { CheckedJob } from '../checking/checkJob.ts';
import type { Checker } from '../checking/checker.ts';
import { findStudents, type StudentRow } from '../store/classes.ts';
import type { Database, Queries } from '../store/database.ts';
import {
  anyWaiting,
  findDecisions,
  listAccepted,
  listSubmissions,
  waitingSubmissions,
  writeVerdicts,
  type DecisionRow,
  type SubmissionRow,
} from '../store/submissions.ts';
import { listAssignedRevisions, recount } from '../store/sets.ts';
import { latenessOf } from './dueRules.ts';
import { Invalid } from './refusal.ts';
import { rulesOf } from './rules.ts';
import { readSetToJudge, type SetToJudge } from './sets.ts';

/** Goes up when judging changes, so that stored verdicts are worked out again. */
const JUDGED_AS = 4;

/** What judging needs besides the students: the set, its rules, what was accepted, and the name of all that verdicts follow from. */
export interface Frame {
  readonly set: SetToJudge;
  readonly rules: HouseRules;
  readonly accepted: readonly KeptAccepted[];
  readonly current: string;
}

export async function readFrame(queries: Queries, setId: string): Promise<Frame> {
  const set = await readSetToJudge(queries, setId);
  if (!set.assigned) throw new Invalid('This set has not been assigned yet, so there is nothing to mark.');
  const [rules, accepted] = await Promise.all([rulesOf(queries, set.classId), readAccepted(queries, setId)]);
  return { set, rules, accepted, current: fingerprint(set.assignedExercises, rules) };
}

async function readAccepted(queries: Queries, setId: string): Promise<KeptAccepted[]> {
  return (await listAccepted(queries, setId)).flatMap(({ id, document }) => {
    const read = keptAccepted.safeParse({ ...(document as object), id });
    return read.success ? [read.data] : [];
  });
}

/** What verdicts were worked out from. */
function fingerprint(
  assignedExercises: readonly { readonly itemId: string; readonly revision: number }[],
  rules: HouseRules,
): string {
  const keys = assignedExercises.map(({ itemId, revision }) => [itemId, revision]).sort();
  return createHash('sha1')
    .update(JSON.stringify([JUDGED_AS, rules, keys]))
    .digest('hex');
}

/** A student with answers, verdicts where they are up to date, and decisions. */
export function toStudent(
  { id, name, number, section, withdrawnAt }: StudentRow,
  row: SubmissionRow | undefined,
  decisions: readonly DecisionRow[],
  { current, set }: { readonly current: string; readonly set: Pick<SetToJudge, 'document'> },
): MarkedStudent {
  const entries = entriesSchema.safeParse(row?.entries ?? {});
  const numbers = ownNumbers.safeParse(row?.numbers ?? {});
  const verdicts = row?.checkedAs === current ? itemVerdicts.safeParse(row.verdicts) : undefined;
  return {
    id,
    name,
    number,
    withdrawn: withdrawnAt !== null,
    section,
    entries: entries.data ?? {},
    numbers: numbers.data ?? {},
    version: row?.version ?? '',
    revision: row?.revision ?? 0,
    ...(row?.submittedAt ? { submittedAt: row.submittedAt } : {}),
    ...latenessOf(set.document, row),
    ...(verdicts?.success ? { verdicts: verdicts.data as Record<string, Verdict[]> } : {}),
    ...(entries.success && numbers.success ? {} : { unreadable: true as const }),
    decisions: decisions
      .filter(({ studentId }) => studentId === id)
      .map(({ itemId, partId, credit, comment, lines }) => ({
        itemId,
        partId,
        comment,
        ...(credit === null ? {} : { credit }),
        ...(Array.isArray(lines) ? { lines: lines as string[] } : {}),
      })),
  };
}

/** How many answers of a student are still to be looked at. */
export function openIn({ set, accepted }: Pick<Frame, 'set' | 'accepted'>, student: MarkedStudent): number {
  return set.assignedExercises.reduce(
    (sum, assigned) =>
      sum +
      markedParts(student, assigned, accepted, itemShare({ set }, assigned.itemId)).filter(({ open }) => open).length,
    0,
  );
}

/** So many submissions are judged before anything else gets its turn. */
const AT_ONCE = 12;

/**
 * Judges submissions of a set that have no verdicts, or out-of-date ones, and stores what was found.
 *
 * @param most as many at most
 */
export async function checkSome(
  database: Database,
  check: Checker,
  setId: string,
  most = AT_ONCE,
): Promise<{ checked: number; left: number }> {
  const frame = await readFrame(database, setId);
  const { rows, left } = await waitingSubmissions(database, setId, frame.current, most);
  if (rows.length > 0) await judge(database, check, frame, rows);
  return { checked: rows.length, left };
}

/** Whether anything of a set waits to be judged: told from names and revisions alone, no exercise and no answer is read. */
export async function isWaiting(queries: Queries, setId: string, rules: HouseRules): Promise<boolean> {
  return anyWaiting(queries, setId, fingerprint(await listAssignedRevisions(queries, setId), rules));
}

/** All of it, step by step, with room for other requests between the steps. */
export async function checkSet(database: Database, check: Checker, setId: string): Promise<void> {
  for (let left = 1; left > 0;) {
    ({ left } = await checkSome(database, check, setId));
    await new Promise((turn) => setImmediate(turn));
  }
}

/** Judges some submissions and stores their verdicts. */
export async function judge(
  database: Database,
  check: Checker,
  frame: Frame,
  rows: readonly SubmissionRow[],
): Promise<void> {
  const { set, rules, current } = frame;
  const entries = new Map(rows.map((row) => [row.id, entriesSchema.safeParse(row.entries).data ?? {}]));
  const found = new Map<string, Record<string, readonly Verdict[]>>(rows.map(({ id }) => [id, {}]));
  await Promise.all(
    set.assignedExercises.map(async ({ itemId, exercise }) => {
      const groups = new Map<string, { numbers: Numbers; rows: SubmissionRow[] }>();
      for (const row of rows) {
        const numbers = ownNumbers.safeParse(row.numbers).data?.[itemId] ?? {};
        const name = JSON.stringify(numbers);
        const group = groups.get(name);
        if (group) group.rows.push(row);
        else groups.set(name, { numbers, rows: [row] });
      }
      // One exercise for all is one job; own numbers are shared out over the workers.
      for (const part of shared([...groups.values()])) {
        const checked: CheckedJob = await check({
          exercise,
          rules,
          groups: part.map((group) => ({
            numbers: group.numbers,
            entries: group.rows.map((row): Entries => entries.get(row.id)![itemId] ?? {}),
          })),
        });
        part.forEach((group, at) =>
          group.rows.forEach((row, k) => (found.get(row.id)![itemId] = nth(nth(checked, at), k))),
        );
      }
    }),
  );
  await database.transaction(async (writes) => {
    const ids = rows.map(({ studentId }) => studentId);
    const students = new Map((await findStudents(writes, ids)).map((student) => [student.id, student]));
    const decisions = await findDecisions(writes, set.id, ids);
    for (const row of rows) {
      const verdicts = found.get(row.id)!;
      const student = students.get(row.studentId);
      if (!student) continue;
      const bare = toStudent(student, { ...row, verdicts: null, checkedAs: null }, decisions, frame);
      await writeVerdicts(writes, row, verdicts, current, openIn(frame, { ...bare, verdicts }));
    }
    await recount(writes, set.id);
  });
}

function shared<T>(all: readonly T[]): T[][] {
  const size = Math.max(1, Math.ceil(all.length / 4));
  return Array.from({ length: Math.ceil(all.length / size) }, (_, at) => all.slice(at * size, (at + 1) * size));
}

/** Every submission of a set by its student. */
export async function submissionsByStudent(queries: Queries, setId: string): Promise<Map<string, SubmissionRow>> {
  return new Map((await listSubmissions(queries, setId)).map((row) => [row.studentId, row]));
}
