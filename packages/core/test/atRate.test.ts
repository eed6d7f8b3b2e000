/** Variations while the rate is asked: the payment stays, or the rate that was found does. */
import {
  applyVariation,
  centRounding,
  defaultHouseRules,
  answerKey,
  emptyDraft,
  exerciseFromCase,
  mayKeepRate,
  must,
  solveCase,
  solveVariation,
  describeVariation,
  defaultNumberStyle,
  variedFrom,
  type StatementDraft,
  type Variation,
} from '../src/index.ts';

const draft: StatementDraft = {
  ...emptyDraft('borrow'),
  unknown: 'rate',
  slots: { ...emptyDraft().slots, amount: '48,000', payments: '60', payment: '950' },
};
const outcome = solveCase(draft, centRounding);
const stated = outcome.state === 'solved' ? outcome.solved : undefined;
const longer: Variation = { id: 'v', slots: { payments: '72' }, changes: [] };
const kept: Variation = { ...longer, atRate: 'found' };
const solved = (variation: Variation) => {
  const found = solveVariation(draft, variation, stated!.table, centRounding);
  if (!found.ok) throw new Error(found.says);
  return found.outcome.solved;
};

it('keeps the payment, and with it asks another rate', () => {
  expect(solved(longer)).toMatchObject({ unknown: 'rate', numbers: { payment: 950, payments: 72 } });
  expect(solved(longer).exact).toBeGreaterThan(stated!.exact);
});

it('at the rate found asks another payment', () => {
  const found = solved(kept);
  expect(found.unknown).toBe('payment');
  expect(found.numbers.rate).toBeCloseTo(stated!.exact, 13);
  expect(found.table.count).toBe(72);
  expect(found.table.firstPayment).toBeLessThan(950);
  // The amount is what so many of these payments are worth at the rate that was found.
  const i = stated!.values.i;
  expect((found.exact * (1 - (1 + i) ** -72)) / i).toBeCloseTo(48_000, 4);
});

it('is offered only where the rate is asked and neither it nor the payment is named', () => {
  expect(mayKeepRate(draft, longer)).toBe(true);
  expect(mayKeepRate({ unknown: 'payment' }, longer)).toBe(false);
  expect(mayKeepRate(draft, { ...longer, slots: { payment: '900' } })).toBe(false);
  expect(variedFrom({ ...draft, unknown: 'payment' }, kept, stated!.plan).slots.rate).toBe('');
  expect(describeVariation('comma-point', kept, defaultNumberStyle).title).toBe('in 72 payments, at the rate found');
});

it('goes into an exercise as a plan of its own', () => {
  const exercise = exerciseFromCase({ title: 'Two', draft, variations: [kept], tags: [] }, centRounding);
  const interest = (each: StatementDraft): number => {
    const found = solveCase(each, centRounding);
    return found.state === 'solved' ? found.solved.table.totalInterest : NaN;
  };
  const other = applyVariation(variedFrom(draft, kept, stated!.plan), kept);
  const [, difference] = answerKey(exercise, {}, defaultHouseRules);
  // Plan 1 goes on from the rate as it is answered, to two decimals.
  expect(Math.abs(must(difference!).exact - Math.abs(interest(other) - interest(draft)))).toBeLessThan(1);
});
