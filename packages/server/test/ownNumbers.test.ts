/** Own numbers drawn ahead in workers: the same as drawn one by one, counted while they are made, and not used where something changed. */
import { defaultHouseRules } from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';
import { drawInPlace, runDrawJob, type DrawJob } from '../src/checking/drawJob.ts';
import { OwnNumbers } from '../src/services/ownNumbers.ts';

const exercise = starterExercises.find(({ title }) => title === 'The ferry refit, with a rate review')!;
const students = Array.from({ length: 95 }, (_, at) => `K-${at}`);
const wanted = [{ exercise, setId: 's', itemId: 'q1', students }];

it('are the same whichever way they are drawn, in jobs of a few students each', async () => {
  const jobs: DrawJob[] = [];
  const told: [number, number][] = [];
  const ahead = new OwnNumbers(defaultHouseRules);
  await ahead.ahead(
    (job) => {
      jobs.push(job);
      return drawInPlace(job);
    },
    wanted,
    (done, of) => void told.push([done, of]),
  );
  expect(jobs.map(({ seeds }) => seeds.length)).toEqual([40, 40, 15]);
  expect(told[0]).toEqual([0, 95]);
  expect(told.at(-1)).toEqual([95, 95]);
  const alone = new OwnNumbers(defaultHouseRules);
  for (const student of ['K-0', 'K-47', 'K-94']) {
    const numbers = ahead.of(exercise, 's', 'q1', { student });
    expect(numbers).toEqual(alone.of(exercise, 's', 'q1', { student }));
    expect(numbers).toEqual(runDrawJob({ exercise, rules: defaultHouseRules, seeds: [`s q1 ${student}`] })[0]);
  }
  expect(
    new Set(students.map((student) => JSON.stringify(ahead.of(exercise, 's', 'q1', { student })))).size,
  ).toBeGreaterThan(50);
});

it('are drawn anew for an exercise that was changed meanwhile', async () => {
  const ahead = new OwnNumbers(defaultHouseRules);
  await ahead.ahead((job) => Promise.resolve(job.seeds.map(() => ({ amount: 1 }))), wanted);
  expect(ahead.of(exercise, 's', 'q1', { student: 'K-1' })).toEqual({ amount: 1 });
  expect(ahead.of({ ...exercise, title: 'Changed' }, 's', 'q1', { student: 'K-1' })).not.toEqual({ amount: 1 });
});

it('of versions are drawn once, differ, and are the same whichever way they are drawn', async () => {
  const ahead = new OwnNumbers(defaultHouseRules);
  await ahead.ahead(drawInPlace, [{ exercise, setId: 's', itemId: 'q1', students: [], versions: 3 }]);
  const alone = new OwnNumbers(defaultHouseRules);
  const drawn = ['A', 'B', 'C'].map((version) => ahead.of(exercise, 's', 'q1', { version, of: 3 }));
  expect(new Set(drawn.map((numbers) => JSON.stringify(numbers))).size).toBe(3);
  expect(['A', 'B', 'C'].map((version) => alone.of(exercise, 's', 'q1', { version, of: 3 }))).toEqual(drawn);
});
