/** `npm run bench -- marking`: how long checking takes: 300 submissions of ten parts, every single slip and every pair. */
import {
  checkSubmissions,
  defaultHouseRules,
  drawNumbers,
  must,
  prepareChecking,
  seededRandom,
  type Entries,
  type Exercise,
} from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';

const students = 300;
/** Exercises of one number a part, until there are ten parts. */
const taken: Exercise[] = [];
for (const exercise of starterExercises.slice(0, 30)) {
  const parts = taken.reduce((sum, each) => sum + each.parts.length, 0);
  if (parts < 10 && parts + exercise.parts.length <= 10 && !exercise.parts.some(({ ask }) => ask.quantity === 'table'))
    taken.push(exercise);
}

/** A third right, a third a little off so that every slip and pair is looked through, a third carried on from there. */
function entriesFor(exercise: Exercise, numbers: Readonly<Record<string, number | string>>, seed: string): Entries {
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

for (const own of [false, true]) {
  const work = taken.map((exercise) =>
    Array.from({ length: students }, (_, at) => {
      const numbers = own ? must(drawNumbers(exercise, at)) : {};
      return { numbers, entries: entriesFor(exercise, numbers, `${exercise.title} ${at}`) };
    }),
  );
  const begun = performance.now();
  let unexplained = 0;
  for (const [at, exercise] of taken.entries()) {
    if (own)
      for (const { numbers, entries } of work[at]!)
        unexplained += prepareChecking(exercise, numbers, defaultHouseRules)
          .check(entries)
          .filter(({ kind }) => kind === 'unexplained').length;
    else
      for (const verdicts of checkSubmissions(
        exercise,
        {},
        work[at]!.map(({ entries }) => entries),
        defaultHouseRules,
      ))
        unexplained += verdicts.filter(({ kind }) => kind === 'unexplained').length;
  }
  const parts = taken.reduce((sum, { parts: each }) => sum + each.length, 0);
  console.log(
    `${students} submissions × ${parts} parts, ${own ? 'each with their own numbers' : 'all with the same numbers'}: ${(performance.now() - begun).toFixed(0)} ms (${unexplained} unexplained, so all their pairs were looked through)`,
  );
}
