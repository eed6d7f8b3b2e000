/** Tables against the reference cases, cent by cent. */
import { buildTable, must, type Plan } from '../src/index.ts';
import reference from './reference/cases.json';

interface ReferenceTable {
  readonly id: string;
  readonly kind: string;
  readonly plan: Plan;
  readonly facts: {
    readonly rows: number;
    readonly firstPayment: number;
    readonly lastPayment: number;
    readonly totalPaid: number;
    readonly totalInterest: number;
    readonly closing: number;
    readonly balanceAfter: { readonly payment: number; readonly balance: number };
    readonly stretch: {
      readonly from: number;
      readonly to: number;
      readonly interest: number;
      readonly principal: number;
    };
  };
}

const tables = reference.tables as unknown as ReferenceTable[];

describe('reference tables', () => {
  it.each(tables)('$id ($kind) agrees in every fact', ({ plan, facts }) => {
    const table = must(buildTable(plan));
    const cents = plan.rounding.interest === 'cent' && plan.rounding.payment !== 'exact';
    const part = table.rows.filter((row) => row.number >= facts.stretch.from && row.number <= facts.stretch.to);
    const sum = (pick: (row: (typeof part)[number]) => number) => part.reduce((total, row) => total + pick(row), 0);
    const found = {
      firstPayment: table.firstPayment,
      lastPayment: table.lastPayment,
      totalPaid: table.totalPaid,
      totalInterest: table.totalInterest,
      closing: table.closing,
      balance: table.rows[facts.balanceAfter.payment - 1]!.closing,
      interest: sum((row) => row.interest),
      principal: sum((row) => row.principal),
    };
    const { rows, balanceAfter, stretch, ...plain } = facts;
    const expected = {
      ...plain,
      balance: balanceAfter.balance,
      interest: stretch.interest,
      principal: stretch.principal,
    };
    expect(table.rows).toHaveLength(rows);
    for (const key of Object.keys(expected) as (keyof typeof expected)[]) {
      const apart = Math.abs(found[key] - expected[key]);
      const exact = cents && key !== 'interest' && key !== 'principal';
      expect({ key, apart: exact ? apart : apart < 1e-12 * plan.amount ? 0 : apart }).toEqual({ key, apart: 0 });
    }
  });
});

describe('a loan on which only interest is paid until its end', () => {
  const plan: Plan = {
    kind: 'loan',
    amount: 82_345.67,
    rate: { kind: 'nominal', annual: 0.0613, compoundingsPerYear: 2 },
    paymentsPerYear: 12,
    payments: 24,
    timing: 'end',
    finalAmount: 82_345.67,
    rounding: { payment: 'cent', interest: 'cent', last: 'clears' },
    changes: [],
  };
  const roundings: readonly Plan['rounding'][] = (['exact', 'cent', 'cent-up', 'unit-up'] as const).flatMap((payment) =>
    (['exact', 'cent'] as const).map((interest) => ({ payment, interest, last: 'clears' as const })),
  );

  it.each(roundings)('has all its rows under %j', (rounding) => {
    for (const timing of ['end', 'begin'] as const) {
      const table = must(buildTable({ ...plan, timing, rounding }));
      const rate = (1 + 0.0613 / 2) ** (1 / 6) - 1;
      const interest = timing === 'end' ? rate : rate / (1 + rate);
      expect(table.rows.map(({ number }) => number)).toEqual(Array.from({ length: 24 }, (_, at) => at + 1));
      expect(Math.abs(table.totalInterest - 24 * interest * plan.amount)).toBeLessThan(24 * 0.01);
      expect(table.closing).toBe(plan.finalAmount);
    }
  });
});
