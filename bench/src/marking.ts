/** `npm run bench -- marking`: how long checking takes: 300 submissions of ten parts, every single slip and every pair; in one thread and in two. */
import { isMainThread, parentPort, Worker } from 'node:worker_threads';
import {
  checkSubmissions,
  defaultHouseRules,
  drawNumbers,
  must,
  prepareChecking,
  seededRandom,
  type Entries,
  type Exercise,
  type Numbers,
} from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';

const students = 300;
/** As many as the machine the limit is meant for has cores. */
const THREADS = 2;

/** Exercises of one number a part, until there are ten parts. */
const taken: Exercise[] = [];
for (const exercise of starterExercises.slice(0, 30)) {
  const parts = taken.reduce((sum, each) => sum + each.parts.length, 0);
  if (parts < 10 && parts + exercise.parts.length <= 10 && !exercise.parts.some(({ ask }) => ask.quantity === 'table'))
    taken.push(exercise);
}
const parts = taken.reduce((sum, { parts: each }) => sum + each.length, 0);

/** A third right, a third a little off so that every slip and pair is looked through, a third carried on from there. */
function entriesFor(exercise: Exercise, numbers: Numbers, seed: string): Entries {
  const random = seededRandom(seed);
  const off = random() < 0.67;
  return Object.fromEntries(
    prepareChecking(exercise, numbers, defaultHouseRules).key.flatMap((keyed) =>
      keyed.ok
        ? [
            [
              keyed.value.part.id,
              off && random() < 0.5
                ? String(Math.round(keyed.value.expected * (0.4 + 2 * random()) * 100) / 100)
                : keyed.value.written,
            ],
          ]
        : [],
    ),
  );
}

interface Work {
  readonly exercise: Exercise;
  readonly all: readonly { readonly numbers: Numbers; readonly entries: Entries }[];
}

/** What some of the students submitted, ready to be judged. */
const workOf = (own: boolean, from: number, to: number): Work[] =>
  taken.map((exercise) => ({
    exercise,
    all: Array.from({ length: to - from }, (_, at) => {
      const numbers = own ? must(drawNumbers(exercise, from + at)) : {};
      return { numbers, entries: entriesFor(exercise, numbers, `${exercise.title} ${from + at}`) };
    }),
  }));

/** Judges all of it. @returns how many answers stay unexplained, so that all their pairs were looked through */
function judge(work: readonly Work[], own: boolean): number {
  let unexplained = 0;
  const count = (verdicts: ReturnType<typeof checkSubmissions>[number]): void => {
    unexplained += verdicts.filter(({ kind }) => kind === 'unexplained').length;
  };
  for (const { exercise, all } of work)
    if (own)
      for (const { numbers, entries } of all)
        count(prepareChecking(exercise, numbers, defaultHouseRules).check(entries));
    else
      checkSubmissions(
        exercise,
        {},
        all.map(({ entries }) => entries),
        defaultHouseRules,
      ).forEach(count);
  return unexplained;
}

/** Read anew each time, as the server reads it: what was worked out from it before is not found again. */
const anew = (work: readonly Work[]): Work[] => structuredClone(work) as Work[];

/** The machine is shared with others: the quickest of so many runs is what the code takes. */
const RUNS = 7;

async function say(what: string, run: () => Promise<readonly [ms: number, unexplained: number]>): Promise<void> {
  const runs: (readonly [number, number])[] = [];
  for (let at = 0; at < RUNS; at += 1) runs.push(await run());
  const sorted = runs.map(([ms]) => ms).sort((a, b) => a - b);
  const [best, middle] = [sorted[0]!, sorted[(RUNS - 1) / 2]!];
  console.log(
    `${students} submissions × ${parts} parts, ${what}: ${best.toFixed(0)} ms at best, ${middle.toFixed(0)} in the middle of ${RUNS} runs (${runs[0]![1]} unexplained, so all their pairs were looked through)`,
  );
}

/** A worker as the server keeps them: it has judged before, and now gets its share. */
interface Share {
  readonly from: number;
  readonly to: number;
}

async function inThreads(): Promise<void> {
  const workers = Array.from({ length: THREADS }, () => new Worker(new URL(import.meta.url)));
  const next = (worker: Worker): Promise<number> => new Promise((done) => worker.once('message', done));
  const share = students / THREADS;
  const ready = workers.map(next);
  workers.forEach((worker, at) => worker.postMessage({ from: at * share, to: (at + 1) * share } satisfies Share));
  await Promise.all(ready);
  await say(`each with their own numbers, in ${THREADS} threads`, async () => {
    const begun = performance.now();
    const judged = workers.map(next);
    for (const worker of workers) worker.postMessage('judge');
    const unexplained = (await Promise.all(judged)).reduce((sum, each) => sum + each, 0);
    return [performance.now() - begun, unexplained];
  });
  for (const worker of workers) await worker.terminate();
}

if (isMainThread) {
  for (const own of [false, true]) {
    const all = workOf(own, 0, students);
    await say(own ? 'each with their own numbers' : 'all with the same numbers', () => {
      const work = anew(all);
      const begun = performance.now();
      const unexplained = judge(work, own);
      return Promise.resolve([performance.now() - begun, unexplained]);
    });
  }
  await inThreads();
} else {
  const port = parentPort!;
  port.once('message', ({ from, to }: Share) => {
    const work = workOf(true, from, to);
    port.on('message', () => port.postMessage(judge(anew(work), true)));
    port.postMessage(0);
  });
}
