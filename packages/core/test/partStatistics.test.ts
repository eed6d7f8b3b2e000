/** Figures of parts: by hand on a small class, and against their laws on marks drawn at random. */
import fc from 'fast-check';
import { checkSubmission, defaultHouseRules, partStatistics, type MarkedSet } from '../src/index.ts';
import { correlation, discriminationInWords, medianOf } from '../src/marking/partStatistics.ts';
import { starterExercises } from '../src/starters/index.ts';

const ferry = starterExercises.find(({ title }) => title === 'The ferry refit, with a rate review')!;
const right = { a: '625.72', b: '17,456.86', c: '637.58', d: '355.80' };
const setOf = (answers: readonly Record<string, string>[]): MarkedSet => ({
  set: { assignedExercises: [{ itemId: 'e1', exercise: ferry }], document: { items: [{ id: 'e1' }] } },
  students: answers.map((entries) => ({
    entries: { e1: entries },
    verdicts: { e1: checkSubmission(ferry, {}, entries, defaultHouseRules) },
    decisions: [],
  })),
  accepted: [],
});

it('count who submitted, who answered, and who is right; a student without anything is nobody’s figure', () => {
  const [a, b] = partStatistics(setOf([right, right, { ...right, a: '1' }, { b: right.b }, {}]));
  expect(a).toMatchObject({ partId: 'a', students: 4, answered: 3, right: 2, facility: 0.5, median: 0.5 });
  expect(a!.discrimination).toBeUndefined();
  expect(b).toMatchObject({ students: 4, answered: 4 });
});

it('tell strong from weak where those who are right elsewhere are right here', () => {
  const weak = { ...right, a: '1', b: '2', c: '3', d: '4' };
  const [a] = partStatistics(
    setOf([...Array.from({ length: 6 }, () => right), ...Array.from({ length: 6 }, () => weak)]),
  );
  expect(a!.discrimination).toBeCloseTo(1, 6);
  const odd = [
    { ...weak, a: right.a },
    { ...right, a: '1' },
  ];
  const [other] = partStatistics(setOf(Array.from({ length: 12 }, (_, at) => odd[at % 2]!)));
  expect(other!.discrimination).toBeCloseTo(-1, 6);
  const [same] = partStatistics(setOf(Array.from({ length: 12 }, () => right)));
  expect(same).toMatchObject({ facility: 1, discrimination: undefined });
});

it('correlations lie between −1 and 1, and do not change with units', () => {
  const pairs = fc.array(fc.tuple(fc.integer({ min: 0, max: 20 }), fc.integer({ min: 0, max: 50 })), { minLength: 3 });
  fc.assert(
    fc.property(pairs, (all) => {
      const value = correlation(all);
      if (value === undefined) return;
      expect(Math.abs(value)).toBeLessThanOrEqual(1 + 1e-9);
      expect(correlation(all.map(([x, y]) => [3 * x + 2, y / 4]))).toBeCloseTo(value, 6);
    }),
  );
});

it('have words and medians', () => {
  expect([0.5, 0.3, 0.1, -0.2].map(discriminationInWords)).toEqual([
    'tells well',
    'tells',
    'hardly tells',
    'the other way round: look at the part',
  ]);
  expect([medianOf([]), medianOf([3]), medianOf([4, 1]), medianOf([5, 1, 2])]).toEqual([undefined, 3, 2.5, 2]);
});
