/** Practising: an answer is judged at once and told in steps; one more like an exercise has numbers in which the last mistakes would show. */

import {
  askedOnScreen,
  itemShare,
  rightKinds,
  slipById,
  type Exercise,
  type HouseRules,
  type MadeSlip,
  type Numbers,
  type Verdict,
} from '@hardy-sextant/core';
import {
  itemEntries,
  itemVerdicts,
  ownNumbers,
  type MorePractice,
  type Tried,
  type TriesByPart,
  type trying,
} from '@hardy-sextant/contract';
import type { z } from 'zod';
import type { Checker } from '../checking/checker.ts';
import type { StudentJobs } from '../checking/studentJob.ts';
import type { Database, Queries, Writes } from '../store/database.ts';
import { findPractice, insertPractice, listPractice, updatePractice, type PracticeRow } from '../store/studentWork.ts';
import { enteringStyleOf } from './enteringStyles.ts';
import { NotAllowed, NotFound } from './refusal.ts';
import { rulesOf } from './rules.ts';
import { newSecret } from './secrets.ts';
import { readSetToJudge, type SetToJudge } from './sets.ts';
import { stored } from './stored.ts';
import { ownSet, stillHere, triesOf, type OwnSet } from './studentSets.ts';

export interface Judges {
  readonly check: Checker;
  readonly jobs: StudentJobs;
}

type Tries = TriesByPart[string];

/** More is not kept of one exercise. */
const MOST_MORE = 100;

/** Judges an answer of a practice set, or tells one step more of the last. The answers themselves come the way all answers come. */
export async function tryPart(
  database: Database,
  judges: Judges,
  studentId: string,
  setId: string,
  input: z.output<typeof trying>,
): Promise<Tried> {
  const own = await ownSet(database, studentId, setId);
  if (own.document.purpose !== 'practice' && own.set.releasedAt === null)
    throw new NotAllowed('This set counts for marks: what is right is told when marks are released.');
  await stillHere(database, studentId);
  const { exercise } = await itemOf(database, setId, input.itemId);
  const numbers = stored(ownNumbers, own.row.numbers, 'submission')[input.itemId] ?? {};
  const rules = await rulesOf(database, own.set.classId);
  return judged({ database, judges, exercise, numbers, rules, input }, async (writes) => {
    // Two that were tried at once are of one run.
    const run = (await listPractice(writes, setId, studentId)).find(
      (each) => !each.isMore && each.itemId === input.itemId,
    );
    return run ?? insertPractice(writes, { setId, studentId, itemId: input.itemId, isMore: false, numbers });
  });
}

/** Judges an answer to one more like it. */
export async function tryMore(
  database: Database,
  judges: Judges,
  studentId: string,
  runId: string,
  input: z.output<typeof trying>,
): Promise<Tried> {
  const run = await findPractice(database, runId, studentId);
  if (!run?.isMore) throw new NotFound('practice');
  const own = await ownSet(database, studentId, run.setId);
  const { exercise } = await itemOf(database, run.setId, run.itemId);
  const rules = await rulesOf(database, own.set.classId);
  return judged(
    { database, judges, exercise, numbers: numbersOf(run), rules, input },
    async (writes) => (await findPractice(writes, runId, studentId)) ?? run,
  );
}

/** New numbers of an exercise, chosen so that the mistakes made last time would show. */
export async function makeMore(
  database: Database,
  judges: Judges,
  studentId: string,
  setId: string,
  itemId: string,
): Promise<MorePractice> {
  const own = await ownSet(database, studentId, setId);
  if (own.document.purpose !== 'practice' && own.set.releasedAt === null)
    throw new NotAllowed('One more like it is there once marks are released.');
  const { set, exercise } = await itemOf(database, setId, itemId);
  const rules = await rulesOf(database, own.set.classId);
  const runs = (await listPractice(database, setId, studentId)).filter((each) => each.itemId === itemId);
  if (runs.filter(({ isMore }) => isMore).length >= MOST_MORE)
    throw new NotAllowed(`${MOST_MORE} more of one exercise are enough for a day.`);
  const first = stored(ownNumbers, own.row.numbers, 'submission')[itemId] ?? {};
  const numbers = await judges.jobs.more({
    exercise,
    before: [first, ...runs.map(numbersOf)],
    made: madeIn(own, runs, itemId),
    seed: newSecret(),
    rules,
  });
  if (!numbers) throw new NotAllowed('The numbers of this exercise do not vary; there is no other like it.');
  const run = await database.transaction((writes) =>
    insertPractice(writes, { setId, studentId, itemId, isMore: true, numbers }),
  );
  return shown(run, exercise, set, rules);
}

/** The newest of those that were made of an exercise, as it was left. */
export async function lastMore(
  queries: Queries,
  studentId: string,
  setId: string,
  itemId: string,
): Promise<MorePractice | null> {
  const own = await ownSet(queries, studentId, setId);
  const run = (await listPractice(queries, setId, studentId)).find((each) => each.isMore && each.itemId === itemId);
  if (!run) return null;
  const { set, exercise } = await itemOf(queries, setId, itemId);
  return shown(run, exercise, set, await rulesOf(queries, own.set.classId));
}

function shown(run: PracticeRow, exercise: Exercise, set: SetToJudge, rules: HouseRules): MorePractice {
  const share = itemShare({ set }, run.itemId);
  return {
    id: run.id,
    exercise: askedOnScreen({ exercise, numbers: numbersOf(run), share }, rules) as MorePractice['exercise'],
    entries: itemEntries.safeParse(run.entries).data ?? {},
    tries: triesOf(run.tries),
  };
}

const numbersOf = ({ numbers }: PracticeRow): Numbers => (numbers ?? {}) as Numbers;

/** What went wrong last: in the runs, or else in what was submitted. */
function madeIn({ row, set }: OwnSet, runs: readonly PracticeRow[], itemId: string): MadeSlip[] {
  const latest = runs.find(({ tries }) => Object.keys(triesOf(tries)).length > 0);
  if (latest)
    return Object.entries(triesOf(latest.tries)).flatMap(([partId, { slips }]) =>
      slips.map((slip) => ({ partId, slip })),
    );
  if (set.releasedAt === null) return [];
  const verdicts = itemVerdicts.safeParse(row.verdicts).data?.[itemId] ?? [];
  return verdicts.flatMap(({ partId, explanations: [first] }) =>
    (first?.slips ?? []).map((slip) => ({ partId, slip })),
  );
}

async function itemOf(
  queries: Queries,
  setId: string,
  itemId: string,
): Promise<{ set: SetToJudge; exercise: Exercise }> {
  const set = await readSetToJudge(queries, setId);
  const assigned = set.assignedExercises.find((each) => each.itemId === itemId);
  if (!assigned) throw new NotFound('exercise in this set');
  return { set, exercise: assigned.exercise };
}

interface ToJudge {
  readonly database: Database;
  readonly judges: Judges;
  readonly exercise: Exercise;
  readonly numbers: Numbers;
  readonly rules: HouseRules;
  readonly input: z.output<typeof trying>;
}

/** @param runOf the run as it stands when the try is counted: two that are tried at once both count */
async function judged(
  { database, judges, exercise, numbers, rules, input }: ToJudge,
  runOf: (writes: Writes) => Promise<PracticeRow>,
): Promise<Tried> {
  const { partId, entries, more } = input;
  const [verdicts] = (await judges.check({ exercise, rules, groups: [{ numbers, entries: [entries] }] }))[0] ?? [];
  const verdict = verdicts?.find((each) => each.partId === partId);
  if (!verdict) throw new NotFound('part in this exercise');
  const now = await database.transaction(async (writes) => {
    const run = await runOf(writes);
    const tries = triesOf(run.tries);
    const after = triesAfter(tries[partId], verdict, more);
    await updatePractice(writes, run.id, { entries, tries: { ...tries, [partId]: after } });
    return after;
  });
  const working =
    now.shown >= 4
      ? await judges.jobs.working({
          exercise,
          partId,
          numbers,
          rules,
          entering: await enteringStyleOf(database, rules),
          verdicts: verdicts ?? [],
        })
      : [];
  return { partId, right: now.right, says: saysOf(verdict, now), shown: now.shown, tries: now.tries, working };
}

const untried: Tries = { tries: 0, shown: 0, right: false, slips: [], at: '' };

function triesAfter(before = untried, verdict: Verdict, more: boolean): Tries {
  const right = isRight(verdict);
  const isStep = more && before.tries > 0;
  return {
    tries: isStep || verdict.kind === 'blank' ? before.tries : before.tries + 1,
    shown: isStep ? Math.min(4, before.shown + 1) : right ? 4 : 1,
    right,
    slips: right ? before.slips : (verdict.explanations[0]?.slips.slice(0, 6) ?? []).slice(),
    at: new Date().toISOString(),
  };
}

const isRight = ({ kind, credit }: Verdict): boolean =>
  rightKinds.includes(kind) || kind === 'carried' || (kind === 'reading' && credit >= 1);

/** What may be told: whether it is right; then what to look at; then the cause with the student's numbers. */
function saysOf(verdict: Verdict, { shown: step }: Tries): string[] {
  const { kind, explanations, says } = verdict;
  if (kind === 'blank') return ['Nothing is written here yet.'];
  if (kind === 'unreadable' || kind === 'shown-error') return [says ?? 'This cannot be read as a number.'];
  if (kind === 'by-hand') return ['Your instructor looks at this one.'];
  if (isRight(verdict))
    return [
      kind === 'carried' ? 'Right, given your earlier answer.' : 'Right.',
      ...(kind === 'right-other-way' && says ? [says] : []),
    ];
  const [cause] = explanations;
  const ideas = cause?.slips.flatMap((id) => slipById(id)?.advice ?? []) ?? [];
  const idea =
    ideas[0] ??
    (verdict.cells
      ? 'Work the first row that is marked again from the balance above it.'
      : 'Look first at the rate for one payment and at the number of payments.');
  return [
    'Not right yet.',
    ...(step >= 2 ? [idea] : []),
    ...(step >= 3
      ? [cause?.says ?? says ?? 'We do not know where this number comes from. Compare it with the working.']
      : []),
  ].map(toYou);
}

const toYou = (text: string): string =>
  text.replaceAll('the student’s own', 'your own').replaceAll('the student', 'you');
