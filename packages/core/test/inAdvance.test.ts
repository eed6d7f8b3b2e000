/** Payments that come first: the balance right after one, what is interest in it, and both meanings of the usual words. */

import {
  askCase,
  askInWords,
  centRounding,
  checkSubmission,
  defaultHouseRules,
  emptyDraft,
  evaluateExpression,
  callableFunctions,
  exactRounding,
  explainNumber,
  must,
  numberStyleById,
  promptFor,
  workedSolution,
  type Ask,
  type AskTexts,
  type Exercise,
  type Quantity,
  type StatementDraft,
} from '../src/index.ts';

const [A, i, n] = [18_500, 0.007, 36];
const lease: StatementDraft = {
  ...emptyDraft('lease'),
  slots: { ...emptyDraft().slots, amount: '18,500', rate: '8.4', payments: '36', payment: '', finalAmount: '3,700' },
};
const rent = (A - 3700 * 1.007 ** -n) / ((1.007 * (1 - 1.007 ** -n)) / i);

/** What is owed right after each rent, and what each has of interest: from one to the next, as a person would. */
const owed: number[] = [A];
const interest: number[] = [0];
for (let k = 1; k <= n; k += 1) {
  interest.push(k === 1 ? 0 : owed[k - 1]! * i);
  owed.push(owed[k - 1]! + interest[k]! - rent);
}
const sum = (values: readonly number[], from: number, to: number): number =>
  values.slice(from, to + 1).reduce((all, each) => all + each, 0);

const asked = (ask: Ask, draft = lease) => must(askCase(draft, ask, exactRounding));

it.each([1, 2, 13, 24, 35, 36])('finds the balance right after payment %d', (after) => {
  expect(asked({ quantity: 'balance-right-after', after }).exact).toBeCloseTo(owed[after]!, 6);
});

it.each([
  [1, 1],
  [1, 12],
  [13, 13],
  [13, 24],
  [25, 36],
])('finds what payments %d to %d are made of', (from, to) => {
  const paid = (to - from + 1) * rent;
  expect(asked({ quantity: 'interest-portion', from, to }).exact).toBeCloseTo(sum(interest, from, to), 5);
  expect(asked({ quantity: 'principal-portion', from, to }).exact).toBeCloseTo(paid - sum(interest, from, to), 5);
});

it('has what the annuity functions of a sheet have', () => {
  const value = (formula: string): number =>
    must(evaluateExpression(formula, {}, numberStyleById('comma-point'), callableFunctions)).value;
  expect(asked({ quantity: 'interest-portion', from: 13, to: 13 }).exact).toBeCloseTo(
    -value('IPMT(0.007;13;36;18500;-3700;1)'),
    6,
  );
  expect(asked({ quantity: 'principal-portion', from: 13, to: 13 }).exact).toBeCloseTo(
    -value('PPMT(0.007;13;36;18500;-3700;1)'),
    6,
  );
});

const kinds: readonly [string, StatementDraft][] = [
  ['a lease', lease],
  ['a loan', { ...lease, kind: 'borrow', timing: 'begin' }],
  ['savings', { ...lease, kind: 'save', timing: 'begin', slots: { ...lease.slots, finalAmount: '60,000' } }],
  ['a fund', { ...lease, kind: 'draw-down', timing: 'begin' }],
];
const asks: readonly Ask[] = [
  { quantity: 'balance-right-after', after: 20 },
  { quantity: 'balance-right-after', after: 1 },
  { quantity: 'interest-portion', from: 2, to: 9 },
  { quantity: 'interest-portion', from: 9, to: 9 },
  { quantity: 'principal-portion', from: 1, to: 9 },
  { quantity: 'principal-portion', from: 9, to: 9 },
  { quantity: 'interest-in', from: 9, to: 9 },
];

describe.each(kinds)('%s', (_name, draft) => {
  it.each(asks.map((ask) => [askInWords(ask), ask] as const))('works %s by every way alike', (_words, ask) => {
    const { ways, exact } = workedSolution(must(askCase(draft, ask, centRounding)));
    expect(ways.length).toBeGreaterThan(2);
    for (const { id, number } of ways) expect([id, number]).toEqual([id, expect.closeTo(exact, 1)]);
  });
  it('parts the payments into interest and principal', () => {
    const range = { from: 5, to: 17 };
    const [paid, gained, principal] = (['paid-in', 'interest-portion', 'principal-portion'] as const).map(
      (quantity) => asked({ quantity, ...range }, draft).exact,
    );
    expect(principal).toBeCloseTo(draft.kind === 'save' ? paid! + gained! : paid! - gained!, 6);
  });
});

it('keeps to what changes on the way', () => {
  const draft: StatementDraft = {
    ...lease,
    kind: 'borrow',
    timing: 'begin',
    changes: [{ id: 'd', kind: 'draw', texts: { amount: '2,000', before: '10' }, payment: 'again' }],
  };
  const { solved } = asked({ quantity: 'payment' }, draft);
  const [before, own] = [solved.table.rows[8]!, solved.table.rows[9]!];
  expect(asked({ quantity: 'balance-right-after', after: 10 }, draft).exact).toBeCloseTo(
    before.closing + 2000 - own.payment,
    6,
  );
  expect(asked({ quantity: 'interest-portion', from: 10, to: 10 }, draft).exact).toBeCloseTo(before.interest, 6);
  const { ways, exact } = workedSolution(must(askCase(draft, asks[0]!, centRounding)));
  for (const { id, number } of ways) expect([id, number]).toEqual([id, expect.closeTo(exact, 1)]);
});

it.each([
  [{ ...lease, kind: 'borrow', timing: 'end' } as const],
  [{ ...lease, kind: 'lump-sum', timing: 'begin' } as const],
])('is not asked of %j', (draft) => {
  expect(askCase(draft, { quantity: 'balance-right-after', after: 3 }, exactRounding).ok).toBe(false);
});

it('says which payments there are', () => {
  expect(askCase(lease, { quantity: 'balance-right-after', after: 0 }, exactRounding)).toMatchObject({
    problem: { field: 'after', message: 'Payments are counted from 1 to 36.' },
  });
});

it('names the period where payments come first, and the payment where that is meant', () => {
  const words = (quantity: Quantity, args: AskTexts, draft = lease): string => promptFor(draft, quantity, args);
  expect(words('balance-after', { after: '20' })).toBe('What is still owed at the end of month 20?');
  expect(words('balance-right-after', { after: '20' })).toBe('What is still owed right after payment 20?');
  expect(words('interest-in', { from: '3', to: '5' })).toBe('How much interest is paid in months 3 to 5?');
  expect(words('interest-portion', { from: '3', to: '3' })).toBe('Find the interest portion of payment 3.');
  const twoWeekly = { ...lease, paymentsPerYear: 26 };
  expect(words('balance-after', { after: '20' }, twoWeekly)).toBe('What is still owed at the end of period 20?');
  expect(words('balance-after', { after: '20' }, { ...lease, timing: 'end' })).toBe(
    'What is still owed after payment 20?',
  );
});

const exercise = (...parts: readonly (readonly [string, Quantity, AskTexts])[]): Exercise => ({
  title: 'The oven',
  story: { type: 'doc' },
  plans: [{ id: 'plan', draft: lease }],
  parts: parts.map(([id, quantity, args]) => ({
    id,
    prompt: '',
    marks: 2,
    ask: { quantity, plan: 'plan', args },
    format: { kind: 'money', decimals: 2 },
  })),
});
const of = (made: Exercise, entries: Readonly<Record<string, string>>) =>
  checkSubmission(made, {}, entries, defaultHouseRules);

describe('an answer', () => {
  it.each([
    ['balance-after', { after: '24' }, owed[24]!, owed[24]! * 1.007],
    ['interest-in', { from: '13', to: '24' }, sum(interest, 13, 24), sum(interest, 14, 25)],
    ['interest-portion', { from: '13', to: '24' }, sum(interest, 14, 25), sum(interest, 13, 24)],
    ['principal-in', { from: '9', to: '9' }, rent - interest[9]!, rent - interest[10]!],
    ['principal-portion', { from: '9', to: '9' }, rent - interest[10]!, rent - interest[9]!],
  ] as const)('to %s is right in both meanings', (quantity, args, other, key) => {
    const one = exercise(['a', quantity, args]);
    expect(of(one, { a: key.toFixed(2) })[0]).toMatchObject({ credit: 1 });
    expect(of(one, { a: other.toFixed(2) })[0]).toMatchObject({ kind: 'reading', credit: 1, explanations: [] });
  });

  it('to what is asked right after a payment has that moment alone', () => {
    const one = exercise(['a', 'balance-right-after', { after: '24' }]);
    expect(of(one, { a: owed[24]!.toFixed(2) })[0]).toMatchObject({ credit: 1 });
    const [late] = of(one, { a: (owed[24]! * 1.007).toFixed(2) });
    expect(late?.explanations[0]?.slips).toEqual(['period-interest-added']);
  });

  it('has one meaning where another part asks for the other', () => {
    const both = exercise(['a', 'balance-right-after', { after: '24' }], ['b', 'balance-after', { after: '24' }]);
    expect(of(both, { b: owed[24]!.toFixed(2) })[1]).toMatchObject({ credit: 0 });
    expect(of(both, { b: (owed[24]! * 1.007).toFixed(2) })[1]).toMatchObject({ credit: 1 });
  });

  it('may go on from an own payment to either moment', () => {
    const two = exercise(['a', 'payment', {}], ['b', 'balance-after', { after: '12' }]);
    const own = 520;
    const end = A * 1.007 ** 12 - (own * 1.007 * (1.007 ** 12 - 1)) / i;
    expect(of(two, { a: '520', b: end.toFixed(2) })[1]).toMatchObject({ kind: 'carried', credit: 1 });
    expect(of(two, { a: '520', b: (end / 1.007).toFixed(2) })[1]).toMatchObject({ kind: 'carried', credit: 1 });
  });
});

it('is right by itself too, beside the working', () => {
  const question = must(askCase(lease, { quantity: 'balance-after', after: 24 }, centRounding));
  expect(explainNumber(question, owed[24]!.toFixed(2), defaultHouseRules)).toMatchObject({
    kind: 'reading',
    credit: 1,
  });
});
