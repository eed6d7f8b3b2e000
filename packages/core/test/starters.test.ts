/** The starter library: every exercise is sound, every topic is there, and each draws sensibly 1,000 times. */
import {
  answerKey,
  cellsOf,
  defaultHouseRules,
  drawNumbers,
  exerciseProblems,
  must,
  prepareChecking,
} from '../src/index.ts';
import { patterns, starterExercises } from '../src/starters/index.ts';

describe('the starter library', () => {
  it('has at least 40 exercises over all topics, each titled once', () => {
    expect(starterExercises.length).toBeGreaterThanOrEqual(40);
    expect(new Set(starterExercises.map(({ title }) => title)).size).toBe(starterExercises.length);
    expect(new Set(starterExercises.map(({ topic }) => topic)).size).toBeGreaterThanOrEqual(22);
  });
  it('has the shape of every pattern', () => {
    for (const { title } of patterns) expect(starterExercises.map((each) => each.title)).toContain(title);
  });
  it.each(starterExercises.map((exercise) => [exercise.title, exercise] as const))(
    '%s draws sensibly 1,000 times',
    (_title, exercise) => {
      expect(exerciseProblems(exercise, defaultHouseRules)).toEqual([]);
      const seen = new Set<string>();
      for (let seed = 0; seed < 1000; seed += 1) seen.add(JSON.stringify(must(drawNumbers(exercise, seed))));
      expect(seen.size).toBeGreaterThan(8);
    },
  );
  it.each(starterExercises.map((exercise) => [exercise.title, exercise] as const))(
    '%s calls its own key right in every part',
    (_title, exercise) => {
      for (let seed = 0; seed < 20; seed += 1) {
        const numbers = must(drawNumbers(exercise, seed));
        const key = answerKey(exercise, numbers, defaultHouseRules).map(must);
        const entries: Record<string, string> = {};
        for (const { part, written, table } of key) {
          if (table) for (const cell of cellsOf(table)) entries[`${part.id}.${cell.id}`] = String(cell.value);
          else entries[part.id] = written;
        }
        for (const verdict of prepareChecking(exercise, numbers, defaultHouseRules).check(entries))
          expect(verdict).toMatchObject({ kind: 'right', credit: 1 });
      }
    },
  );
});

describe('drawing numbers', () => {
  const ferry = starterExercises.find(({ title }) => title === 'The ferry refit, with a rate review')!;
  it('gives the same numbers for a seed, on every machine', () => {
    expect(must(drawNumbers(ferry, 'K-2101'))).toEqual(must(drawNumbers(ferry, 'K-2101')));
    expect([1, 2, 3].map((seed) => must(drawNumbers(ferry, seed)))).toMatchInlineSnapshot(`
     [
       {
         "amount": 30600,
         "rate": 5.1,
         "years": 4,
       },
       {
         "amount": 30200,
         "rate": 5.3,
         "years": 6,
       },
       {
         "amount": 22400,
         "rate": 5.8,
         "years": 4,
       },
     ]
    `);
  });
});
