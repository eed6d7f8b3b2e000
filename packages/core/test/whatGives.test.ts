/** "What would give this number?": slips, pairs, and one input changed, all found again from the number they lead to. */
import {
  askCase,
  defaultHouseRules,
  emptyDraft,
  must,
  numberStyleById,
  whatGives,
  writeMoney,
  type Ask,
  type StatementDraft,
} from '../src/index.ts';
import { closestRoot } from '../src/checking/closestRoot.ts';

const style = numberStyleById('comma-point');
const draft = (
  slots: Partial<StatementDraft['slots']>,
  unknown: StatementDraft['unknown'] = 'payment',
): StatementDraft => ({
  ...emptyDraft('borrow'),
  unknown,
  slots: { amount: '26,800', rate: '5.7', payments: '48', payment: '', finalAmount: '0', converted: '', ...slots },
});
const ask = (from: StatementDraft, question: Ask) => must(askCase(from, question, defaultHouseRules.rounding));
const payment = (slots: Partial<StatementDraft['slots']>): string =>
  writeMoney(ask(draft(slots), { quantity: 'payment' }).exact, style);
const right = ask(draft({}), { quantity: 'payment' });
const found = (text: string) => whatGives(right, text, defaultHouseRules).inputs.map(({ says }) => says);

it.each([
  ['rate', '6.4', 'a rate of 6.4'],
  ['amount', '27,350', 'an amount of 27,350.'],
  ['payments', '54', 'a number of payments of 54'],
] as const)('finds the %s that another answer had', (slot, value, says) => {
  expect(found(payment({ [slot]: value })).some((each) => each.startsWith(says))).toBe(true);
});

it('finds the payment after which a balance was taken', () => {
  const after = (k: number) => ask(draft({}), { quantity: 'balance-after', after: k });
  const says = whatGives(after(18), writeMoney(after(21).exact, style), defaultHouseRules).inputs.map(
    (each) => each.says,
  );
  expect(says).toContain('after payment 21 instead of 18');
});

it('lists slips too, and nothing for what cannot be read or cannot come out', () => {
  expect(whatGives(right, '1,642.38', defaultHouseRules).explanations[0]).toMatchObject({
    slips: ['rate-left-annual'],
  });
  expect(whatGives(right, 'ask the bank', defaultHouseRules)).toEqual({ explanations: [], inputs: [] });
  expect(found('-5').length).toBe(0);
});

describe('the closest root', () => {
  it('is found on either side, and at the place itself', () => {
    expect(closestRoot((x) => x * x - 2, 1)).toBeCloseTo(Math.SQRT2, 12);
    expect(closestRoot((x) => x * x - 2, 40)).toBeCloseTo(Math.SQRT2, 12);
    expect(closestRoot((x) => x - 3, 3)).toBe(3);
  });
  it('is none where there is no change of sign, or no number', () => {
    expect(closestRoot((x) => x * x + 1, 5)).toBeUndefined();
    expect(closestRoot(() => NaN, 5)).toBeUndefined();
    expect(closestRoot((x) => x - 1e9, 5)).toBeUndefined();
  });
});
