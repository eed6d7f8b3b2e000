/** Versions of an exercise: different answers, the same hardness, the same every time. */
import { answerKey, defaultHouseRules, drawVersions, must } from '../src/index.ts';
import { digitsIn } from '../src/checking/drawVersions.ts';
import { starterExercises } from '../src/starters/index.ts';

const varying = starterExercises
  .filter(({ givens = [] }) => givens.some(({ vary }) => vary.by === 'range'))
  .slice(0, 8);

it('have different answers, hardly differ in their digits, and are the same for the same seed', () => {
  expect(varying.length).toBe(8);
  let [allDifferent, asHard] = [0, 0];
  for (const exercise of varying) {
    const versions = must(drawVersions(exercise, 3, 'seed', defaultHouseRules));
    expect(versions).toHaveLength(3);
    const answers = versions.map(({ numbers }) =>
      answerKey(exercise, numbers, defaultHouseRules)
        .map((keyed) => (keyed.ok ? keyed.value.expected : 'none'))
        .join(),
    );
    expect(new Set(versions.map(({ numbers }) => JSON.stringify(numbers))).size).toBe(3);
    allDifferent += new Set(answers).size === 3 ? 1 : 0;
    const digits = versions.map(({ hardness }) => hardness.digits);
    expect(Math.max(...digits) - Math.min(...digits)).toBeLessThanOrEqual(2);
    const collisions = versions.map(({ hardness }) => hardness.collisions);
    asHard += Math.max(...collisions) - Math.min(...collisions) <= 1 ? 1 : 0;
    expect(must(drawVersions(exercise, 3, 'seed', defaultHouseRules))).toEqual(versions);
  }
  // One asks for a rate that does not hang on the amount; one has few draws to choose from.
  expect(asHard).toBeGreaterThanOrEqual(7);
  expect(allDifferent).toBeGreaterThanOrEqual(7);
});

it('are as many as there can be where an exercise hardly varies', () => {
  const fixed = {
    ...varying[0]!,
    givens: varying[0]!.givens!.map((given) => ({ ...given, vary: { by: 'fixed' as const } })),
  };
  expect(must(drawVersions(fixed, 3, 'seed', defaultHouseRules))).toHaveLength(1);
});

it('digits are those that have to be copied', () => {
  expect([14850, 36000, 0.072, 6.2, undefined, 'in June'].map(digitsIn)).toEqual([4, 2, 2, 2, 0, 0]);
});
