/** Every quantity by its closed form and off the case's own table: both agree, on the reference cases and on kinds those do not have. */
import {
  askCase,
  centRounding,
  compute,
  emptyDraft,
  exactRounding,
  inputsOf,
  must,
  quantities,
  quantityIds,
  type Ask,
  type Quantity,
  type StatementDraft,
  type TableRounding,
} from '../src/index.ts';
import { draftOf, draftOfPlan, reference } from './reference.ts';

const buildUp = { price: '60,000', downPayment: '10 %', tradeIn: '2,000', feesAdded: '500', feesTaken: '300' };
const loan: StatementDraft = {
  ...emptyDraft('borrow'),
  slots: { amount: '48,000', rate: '6.6', payments: '60', payment: '', finalAmount: '4,000', converted: '' },
};

/** How often each quantity was held against itself. */
const checked = new Map<Quantity, number>();

/** Whether a closed form gives what the table says, to 1e-9 of the larger sums of the case. */
function agrees(draft: StatementDraft, ask: Ask, rounding: TableRounding): boolean {
  const question = must(askCase(draft, ask, rounding));
  const scale = 1 + question.solved.numbers.amount + question.solved.numbers.finalAmount;
  const found = compute(question, inputsOf(question));
  checked.set(ask.quantity, (checked.get(ask.quantity) ?? 0) + 1);
  return found.some((each) => Math.abs(each - question.exact) <= Math.max(0.005, 1e-9 * scale));
}

function disagreeing(draft: StatementDraft, rounding: TableRounding = exactRounding): readonly string[] {
  const payments = Number(draft.slots.payments) || 12;
  const after = Math.floor(payments / 2);
  const args = {
    after,
    // Between the start and what follows: some term is the first past it.
    below: 45_000.5,
    from: Math.min(2, payments),
    to: Math.max(2, after),
    refinancing: {
      after,
      rate: { kind: 'nominal' as const, annual: 0.031, compoundingsPerYear: 12 },
      payments: payments - after || 1,
      costs: 50,
      costsPaid: 'cash' as const,
    },
  };
  const asked = quantityIds.filter(
    (quantity) => quantities[quantity].applies(draft) && askCase(draft, { quantity, ...args }, rounding).ok,
  );
  return asked
    .filter((quantity) => !agrees(draft, { quantity, ...args }, rounding))
    .map((quantity) => `${quantity} of ${draft.kind}`);
}

it.each(reference.fiveValues.filter(({ n }) => Number.isInteger(n)).map((each) => [each.id, each] as const))(
  'agrees on %s',
  (_id, each) => {
    expect(disagreeing({ ...draftOf(each), unknown: 'payment' })).toEqual([]);
  },
);

it.each(reference.tables.map((each) => [each.id, each] as const))('agrees on the plan of %s', (_id, { plan }) => {
  expect(
    disagreeing(
      draftOfPlan({ ...plan, rounding: exactRounding }),
      plan.changes.length > 0 ? plan.rounding : exactRounding,
    ),
  ).toEqual([]);
});

it.each([
  ['a purchase', { ...loan, buildUp }],
  ['a flat charge', { ...emptyDraft('flat'), slots: { ...loan.slots, finalAmount: '0' } }],
  ['a flat charge on a purchase', { ...emptyDraft('flat'), buildUp, slots: { ...loan.slots, finalAmount: '0' } }],
  ['a lump sum', { ...emptyDraft('lump-sum'), slots: loan.slots }],
  ['a conversion', { ...emptyDraft('convert'), slots: loan.slots }],
  ['a lease', { ...emptyDraft('lease'), slots: loan.slots }],
] as const)('agrees on %s', (_name, draft) => {
  expect(disagreeing(draft, draft.kind === 'flat' ? centRounding : exactRounding)).toEqual([]);
});

it('agrees where extra payments, a new rate and money drawn change the plan', () => {
  const changes = [
    { id: 'e', kind: 'extra' as const, texts: { amount: '200', from: '3', every: '1' }, payment: 'same' as const },
    { id: 'r', kind: 'rate' as const, texts: { after: '24', rate: '5.9' }, payment: 'same' as const },
  ];
  expect(disagreeing({ ...loan, changes }, centRounding)).toEqual([]);
});

it('has looked at every quantity', () => {
  expect(quantityIds.filter((quantity) => !checked.has(quantity))).toEqual([]);
});

describe('payments really made, time and interest saved', () => {
  // Worked row by row apart from the table: 6,000 at 1 % a month, 24 payments of 282.44, and 100 more with each.
  const draft: StatementDraft = {
    ...emptyDraft('borrow'),
    slots: { ...loan.slots, amount: '6,000', rate: '12', payments: '24', finalAmount: '0' },
    changes: [{ id: 'e', kind: 'extra', texts: { amount: '100', from: '1', every: '1' }, payment: 'same' }],
  };
  const run = (paid: number): { readonly rows: number; readonly interest: number } => {
    let [balance, rows, interest] = [600_000, 0, 0];
    while (balance > 0) {
      const due = Math.round(balance * 0.01);
      interest += due;
      // The 24th payment settles what rounding has left.
      balance = balance + due <= paid || rows === 23 ? 0 : balance + due - paid;
      rows += 1;
    }
    return { rows, interest: interest / 100 };
  };
  const [plain, faster] = [run(28_244), run(38_244)];
  it.each([
    ['payments-made', faster.rows],
    ['time-saved', (plain.rows - faster.rows) / 12],
    ['payments-saved', plain.rows - faster.rows],
    ['interest-saved', plain.interest - faster.interest],
  ] as const)('%s', (quantity, expected) => {
    expect(must(askCase(draft, { quantity }, centRounding)).exact).toBeCloseTo(expected, 6);
  });
  it('a balloon is paid too, and the charge is a share of the amount', () => {
    const ending: StatementDraft = { ...draft, changes: [], slots: { ...draft.slots, finalAmount: '1,000' } };
    const exact = (quantity: 'total-with-end' | 'total-paid' | 'flat-rate' | 'total-interest', of: StatementDraft) =>
      must(askCase(of, { quantity }, centRounding)).exact;
    expect(exact('total-with-end', ending)).toBeCloseTo(exact('total-paid', ending) + 1000, 9);
    // 24 payments are two years.
    expect(exact('flat-rate', ending)).toBeCloseTo((exact('total-interest', ending) / 6000 / 2) * 100, 9);
  });
  it('are asked only where something changes', () => {
    expect(askCase({ ...draft, changes: [] }, { quantity: 'time-saved' }, centRounding)).toMatchObject({ ok: false });
    expect(must(askCase({ ...draft, changes: [] }, { quantity: 'payments-made' }, centRounding)).exact).toBe(24);
  });
});
