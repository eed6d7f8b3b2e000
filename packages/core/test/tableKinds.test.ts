/** Tables by example: savings, drawing down, leases, changes, dates, comparing, refinancing, together, targets. */
import {
  balanceAfter,
  buildTable,
  buildTogether,
  centRounding,
  closingChecks,
  comparePlans,
  exactRounding,
  leftToPay,
  must,
  paymentDate,
  refinance,
  runningTotals,
  searchTarget,
  solveFor,
  paymentRange,
  subtotals,
  type Plan,
} from '../src/index.ts';

const monthly = (annual: number) => ({ kind: 'nominal' as const, annual, compoundingsPerYear: 12 as const });

/** The kiln shed loan: 48,000 at 6.6 % monthly, 60 payments. */
const kiln: Plan = {
  amount: 48000,
  rate: monthly(0.066),
  paymentsPerYear: 12,
  payments: 60,
  timing: 'end',
  finalAmount: 0,
  rounding: centRounding,
  changes: [],
};
/** The island ferry's refit: 26,800 at 5.7 % monthly, 48 payments. */
const ferry: Plan = { ...kiln, amount: 26800, rate: monthly(0.057), payments: 48 };

describe('a level loan', () => {
  const table = must(buildTable(kiln));

  it('pays 941.43 and a smaller last payment of 941.09', () => {
    expect(table.firstPayment).toBe(941.43);
    expect(table.lastPayment).toBe(941.09);
    expect(table.totalPaid).toBe(56485.46);
    expect(table.totalInterest).toBe(8485.46);
    expect(closingChecks(table)).toEqual({ closingDifference: 0, principalDifference: 0, lastDifference: -0.34 });
  });

  it('reads its first year: 2,917.52 interest, 8,379.64 to principal, 39,620.36 owed', () => {
    expect(must(paymentRange(table, 1, 12))).toMatchObject({
      interest: 2917.52,
      principal: 8379.64,
      closing: 39620.36,
      paid: 11297.16,
    });
    expect(must(subtotals(table, 'plan-year'))).toHaveLength(5);
    expect(must(subtotals(table, 'plan-year'))[0]).toMatchObject({ label: 'Year 1', interest: 2917.52 });
    expect(runningTotals(table)[59]).toEqual({ paid: 56485.46, interest: 8485.46, principal: 48000 });
  });

  it('tells the balance from what is left to pay', () => {
    const refit = must(buildTable(ferry));
    expect(refit.firstPayment).toBe(625.72);
    expect(must(balanceAfter(refit, 18))).toBe(17456.86);
    const unroundedInterest = must(buildTable({ ...ferry, rounding: { ...centRounding, interest: 'exact' } }));
    expect(must(balanceAfter(unroundedInterest, 18))).toBeCloseTo(17456.87, 2);
    // 30 × 625.72 = 18,771.60, less what rounding takes off the last payment.
    expect(must(leftToPay(refit, 18))).toBeCloseTo(29 * 625.72 + refit.lastPayment, 6);
  });

  it('keeps the difference in the closing balance when the last payment is as the others', () => {
    const open = must(buildTable({ ...kiln, rounding: { ...centRounding, last: 'as-others' } }));
    // 60 payments of 941.43 are 0.34 too many: no payment takes the balance below zero.
    expect(open.lastPayment).toBe(941.09);
    const under = must(buildTable({ ...kiln, payment: 941, rounding: { ...centRounding, last: 'as-others' } }));
    expect(under.lastPayment).toBe(941);
    expect(under.closing).toBeGreaterThan(29);
  });
});

describe('savings and drawing down', () => {
  it('saves to the target with a last deposit that closes at it', () => {
    const table = must(
      buildTable({ ...kiln, kind: 'saving', amount: 500, finalAmount: 20000, rate: monthly(0.036), payments: 60 }),
    );
    const exact = must(solveFor('pmt', { n: 60, i: 0.003, pv: -500, fv: 20000, timing: 'end' }));
    expect(table.firstPayment).toBeCloseTo(-exact, 2);
    expect(table.closing).toBe(20000);
    expect(table.rows[0]).toMatchObject({ opening: 500, interest: 1.5 });
    expect(table.rows[0]!.closing).toBeCloseTo(500 + 1.5 + table.firstPayment, 9);
    expect(table.totalPaid + 500 + table.totalInterest).toBeCloseTo(20000, 6);
    expect(closingChecks(table).principalDifference).toBe(0);
  });

  it('saves at the beginning of each period', () => {
    const table = must(
      buildTable({
        ...kiln,
        kind: 'saving',
        amount: 0,
        finalAmount: 12000,
        rate: monthly(0.06),
        payments: 24,
        timing: 'begin',
      }),
    );
    expect(table.rows[0]!.interest).toBeCloseTo(table.firstPayment * 0.005, 2);
    expect(table.closing).toBe(12000);
  });

  it('draws an endowment down to what is to be left', () => {
    const table = must(
      buildTable({
        ...kiln,
        kind: 'drawing',
        amount: 80000,
        finalAmount: 10000,
        paymentsPerYear: 4,
        rate: { kind: 'effective', annual: 0.05 },
        payments: 40,
      }),
    );
    expect(table.closing).toBe(10000);
    expect(table.totalPaid - table.totalInterest).toBeCloseTo(70000, 6);
  });
});

describe('payments in advance', () => {
  it('takes the first lease payment before any interest and ends at the residual', () => {
    const table = must(
      buildTable({ ...kiln, amount: 18500, finalAmount: 3700, rate: monthly(0.084), payments: 36, timing: 'begin' }),
    );
    expect(table.rows[0]!.interest).toBe(Math.round((18500 - table.firstPayment) * 0.7) / 100);
    expect(table.closing).toBe(3700);
    expect(table.totals.principal).toBeCloseTo(18500 - 3700, 6);
  });
});

describe('changes', () => {
  it('works the payment out again after a rate change: the ferry at 7.2 % after 18', () => {
    const table = must(
      buildTable({ ...ferry, changes: [{ kind: 'rate', after: 18, rate: monthly(0.072), payment: 'again' }] }),
    );
    expect(table.rows[18]!.payment).toBe(637.58);
    expect(table.closing).toBe(0);
  });

  it('adds interest while deferred, then levels over the rest', () => {
    const table = must(buildTable({ ...kiln, changes: [{ kind: 'deferred', through: 6 }] }));
    expect(table.rows[5]!.closing).toBeCloseTo(48000 * 1.0055 ** 6, 1);
    expect(table.rows).toHaveLength(60);
    expect(table.firstPayment).toBeGreaterThan(1060);
  });

  it('pauses in the middle and works the payment out again after the pause', () => {
    const table = must(buildTable({ ...kiln, changes: [{ kind: 'deferred', from: 13, through: 15 }] }));
    expect(table.rows[12]!.payment).toBe(0);
    expect(table.rows[15]!.payment).toBeGreaterThan(941.43);
    expect(table.lastPayment).toBeLessThan(table.rows[15]!.payment + 1);
  });

  it('keeps going after a draw into an empty balance', () => {
    const staged = must(
      buildTable({
        ...kiln,
        amount: 0,
        payments: 24,
        changes: [
          { kind: 'draw', before: 2, amount: 9000 },
          { kind: 'draw', before: 4, amount: 5000 },
          { kind: 'deferred', through: 4 },
        ],
        rate: { kind: 'daily', annual: 0.09, daysPerYear: 365, daysPerPeriod: 30 },
      }),
    );
    expect(staged.rows[0]).toMatchObject({ opening: 0, interest: 0, closing: 0 });
    expect(staged.rows[1]!.opening).toBe(9000);
    expect(staged.totals.drawn).toBe(14000);
    expect(staged.closing).toBe(0);
  });

  it('names the row where a balance first grows', () => {
    const growing = buildTable({ ...kiln, payments: 'until-cleared', payment: 250 });
    expect(growing).toMatchObject({ ok: false, problem: { code: 'never-repaid', row: 1 } });
    const until = must(buildTable({ ...kiln, payments: 'until-cleared', payment: 1000 }));
    expect(until.rows).toHaveLength(56);
    expect(until.lastPayment).toBeLessThan(1000);
  });

  it('puts a problem at its own change', () => {
    expect(
      buildTable({
        ...kiln,
        changes: [
          { kind: 'extra', from: 3, amount: 5 },
          { kind: 'draw', before: 61, amount: 5 },
        ],
      }),
    ).toMatchObject({ problem: { field: 'changes.1.before' } });
    expect(buildTable({ ...kiln, finalAmount: 60000, rate: monthly(0.001) })).toMatchObject({
      problem: { field: 'finalAmount' },
    });
  });
});

describe('dates', () => {
  it('keeps the last day of shorter months without drifting', () => {
    expect([1, 2, 3, 4].map((k) => paymentDate('2027-01-31', 12, k))).toEqual([
      '2027-01-31',
      '2027-02-28',
      '2027-03-31',
      '2027-04-30',
    ]);
    expect(paymentDate('2028-01-31', 12, 2)).toBe('2028-02-29');
    expect([1, 2, 3].map((k) => paymentDate('2027-12-28', 52, k))).toEqual(['2027-12-28', '2028-01-04', '2028-01-11']);
    expect([1, 2, 3, 4].map((k) => paymentDate('2027-01-10', 24, k))).toEqual([
      '2027-01-10',
      '2027-01-25',
      '2027-02-10',
      '2027-02-25',
    ]);
    expect([1, 2, 3, 4].map((k) => paymentDate('2027-01-31', 24, k))).toEqual([
      '2027-01-31',
      '2027-02-15',
      '2027-02-28',
      '2027-03-15',
    ]);
  });

  it('gives subtotals by calendar year', () => {
    const table = must(buildTable({ ...kiln, firstPaymentDate: '2027-03-31' }));
    const years = must(subtotals(table, 'calendar-year'));
    expect(years.map((year) => [year.label, year.to - year.from + 1])).toEqual([
      ['2027', 10],
      ['2028', 12],
      ['2029', 12],
      ['2030', 12],
      ['2031', 12],
      ['2032', 2],
    ]);
    expect(years.reduce((sum, year) => sum + year.interest, 0)).toBeCloseTo(8485.46, 6);
  });
});

describe('comparing and refinancing', () => {
  it('gives differences to the first plan', () => {
    const [, longer, cheaper] = comparePlans([kiln, { ...kiln, payments: 72 }, { ...kiln, rate: monthly(0.059) }]);
    expect(longer).toMatchObject({
      ok: true,
      figures: { payment: 809.16, totalPaid: 58259.88 },
      difference: { payment: -132.27, totalInterest: 1774.42 },
    });
    expect(cheaper).toMatchObject({ ok: true, difference: { payment: -15.69, totalPaid: -940.78 } });
  });

  it('pays for itself when interest saved covers the costs', () => {
    const old = must(buildTable(kiln));
    const done = must(refinance(old, { after: 12, rate: monthly(0.048), payments: 48, costs: 450, costsPaid: 'cash' }));
    expect(done.balance).toBe(39620.36);
    const before =
      must(paymentRange(old, 13, 12 + done.paidForItselfAfter!)).interest -
      must(paymentRange(done.table, 1, done.paidForItselfAfter!)).interest;
    const oneLess =
      must(paymentRange(old, 13, 11 + done.paidForItselfAfter!)).interest -
      must(paymentRange(done.table, 1, done.paidForItselfAfter! - 1)).interest;
    expect(before).toBeGreaterThanOrEqual(450);
    expect(oneLess).toBeLessThan(450);
    expect(done.saves).toBeCloseTo(old.totalPaid - must(paymentRange(old, 1, 12)).paid - done.table.totalPaid - 450, 2);
  });

  it('says so when it never pays for itself', () => {
    const done = must(
      refinance(must(buildTable(kiln)), {
        after: 40,
        rate: monthly(0.064),
        payments: 20,
        costs: 900,
        costsPaid: 'added',
      }),
    );
    expect(done.paidForItselfAfter).toBeUndefined();
    expect(done.saves).toBeLessThan(0);
  });
});

describe('several plans together', () => {
  it('adds up by period, the later one starting later', () => {
    const joint = must(
      buildTogether(
        [
          { name: 'kiln', plan: kiln },
          { name: 'oven', plan: { ...ferry, payments: 12 }, startsAfter: 6 },
        ],
        'period',
      ),
    );
    expect(joint.rows).toHaveLength(60);
    expect(joint.rows[5]!.paid).toBe(941.43);
    expect(joint.rows[6]!.paid).toBeCloseTo(941.43 + must(buildTable({ ...ferry, payments: 12 })).firstPayment, 6);
    expect(joint.parts.map((part) => part.ends)).toEqual([60, 18]);
    expect(joint.totalInterest).toBeCloseTo(
      joint.rows.reduce((sum, row) => sum + row.interest, 0),
      4,
    );
  });

  it('goes by date where frequencies differ, and says what is missing', () => {
    const weekly: Plan = { ...kiln, amount: 900, paymentsPerYear: 52, payments: 10, firstPaymentDate: '2027-01-08' };
    expect(
      buildTogether(
        [
          { name: 'a', plan: kiln },
          { name: 'b', plan: weekly },
        ],
        'period',
      ),
    ).toMatchObject({ problem: { field: 'plans.1.paymentsPerYear' } });
    const joint = must(
      buildTogether(
        [
          { name: 'a', plan: { ...kiln, firstPaymentDate: '2027-01-08' } },
          { name: 'b', plan: weekly },
        ],
        'date',
      ),
    );
    expect(joint.rows[0]!.period).toBe('2027-01-08');
    expect(joint.rows[0]!.paid).toBeGreaterThan(1030);
    expect(joint.parts[1]!.ends).toBe('2027-03-12');
  });
});

describe('target search over the real table', () => {
  it('finds the least extra payment that finishes in 48', () => {
    const found = must(searchTarget({ plan: kiln, vary: { input: 'extra' }, reach: { output: 'count' }, target: 48 }));
    expect(found.reached).toBe(48);
    const cent = { kind: 'extra' as const, from: 1, to: 60, amount: Math.round(found.value * 100 - 1) / 100 };
    expect(must(buildTable({ ...kiln, changes: [cent] })).rows.length).toBe(49);
  });

  it('finds the price for a payment, the rate for an interest, the balloon for a payment', () => {
    const price = must(
      searchTarget({ plan: kiln, vary: { input: 'amount' }, reach: { output: 'payment' }, target: 700 }),
    );
    expect(price).toMatchObject({ exact: true, reached: 700 });
    expect(price.value).toBeCloseTo(35690.4, 0);
    const rate = must(
      searchTarget({ plan: kiln, vary: { input: 'rate' }, reach: { output: 'total-interest' }, target: 8000 }),
    );
    expect(Math.abs(rate.reached - 8000)).toBeLessThan(0.5);
    const balloon = must(
      searchTarget({ plan: kiln, vary: { input: 'finalAmount' }, reach: { output: 'payment' }, target: 600 }),
    );
    expect(balloon.reached).toBe(600);
  });

  describe('for what is left after the last payment', () => {
    const { payment: _worked, ...open } = kiln;
    const level: Plan = { ...open, payment: 941.43 };
    const left = { output: 'closing' } as const;

    it.each(['trial', 'halving', 'exact'] as const)('finds the payment %s, though the last one settles', (by) => {
      const found = must(searchTarget({ plan: level, vary: { input: 'payment' }, reach: left, target: 0, by }));
      expect(found).toMatchObject({ value: 941.43, reached: -0.34, lastAsOthers: true, exact: false });
      expect(found.trials.at(-1)!.value).toBeCloseTo(941.43, 2);
      // Each try lies between the two nearest before it: the run closes in.
      expect(found.trials.length).toBeGreaterThan(2);
      for (const { value } of found.trials.slice(2)) {
        expect(value).toBeGreaterThan(found.trials[0]!.value);
        expect(value).toBeLessThan(found.trials[1]!.value);
      }
    });

    it('has every digit where nothing is rounded', () => {
      const found = must(
        searchTarget({ plan: level, vary: { input: 'payment' }, reach: left, target: 0, by: 'exact' }),
      );
      expect(found.unrounded).toBeCloseTo(941.42506148955, 10);
      expect(found.trials).toHaveLength(3);
    });

    it('finds the amount, the deposit, the count, and the payment that leaves a given amount', () => {
      const of = (plan: Plan, input: 'amount' | 'payment' | 'payments', target: number) =>
        must(searchTarget({ plan, vary: { input }, reach: left, target, by: 'trial' }));
      const amount = of(level, 'amount', 0);
      expect(amount).toMatchObject({ value: 48000.25, reached: 0, exact: true });
      expect(
        must(buildTable({ ...level, amount: 48000.25, rounding: { ...level.rounding, last: 'as-others' } })).closing,
      ).toBe(0);
      expect(of(level, 'payment', 5000)).toMatchObject({ value: 870.86, reached: 5000.01 });
      const saving: Plan = { ...level, kind: 'saving', amount: 0, payment: 100, finalAmount: 10000 };
      expect(of(saving, 'payment', 12000)).toMatchObject({ value: 169.36, reached: 12000.23 });
      // The first number of payments by which nothing is left.
      const count = of({ ...level, payment: 900 }, 'payments', 0);
      expect(count.value).toBe(64);
      const cleared = must(buildTable({ ...level, payment: 900, payments: 'until-cleared' }));
      expect(cleared.count).toBe(64);
    });

    it('takes fees, an extra payment and a pause on the way as they are', () => {
      const changes = [
        { kind: 'extra' as const, from: 12, amount: 2000 },
        { kind: 'interest-only' as const, through: 6 },
      ];
      const found = must(
        searchTarget({ plan: { ...level, changes }, vary: { input: 'payment' }, reach: left, target: 0 }),
      );
      const run = (payment: number): number =>
        must(buildTable({ ...level, changes, payment, rounding: { ...level.rounding, last: 'as-others' } })).closing;
      expect(run(found.value - 0.01)).toBeGreaterThan(0);
      expect(run(found.value)).toBe(0);
    });
  });

  it('says that there is another value, and takes a jump over the target for none', () => {
    const plan: Plan = { ...kiln, payment: 900, payments: 'until-cleared' };
    const found = must(
      searchTarget({ plan, vary: { input: 'payment' }, reach: { output: 'last-payment' }, target: 500, by: 'trial' }),
    );
    expect(Math.abs(found.reached - 500)).toBeLessThan(1);
    expect(found.another).toBeGreaterThan(found.value);
    const there = must(buildTable({ ...plan, payment: found.another! }));
    expect(Math.abs(there.lastPayment - 500)).toBeLessThan(1);
  });

  it('names the nearest reachable value, or says that the target is out of reach', () => {
    const after = must(
      searchTarget({
        plan: { ...kiln, changes: [{ kind: 'extra', from: 1, amount: 5000 }] },
        vary: { input: 'change-after', change: 0 },
        reach: { output: 'total-interest' },
        target: 7600,
      }),
    );
    expect(after.exact).toBe(false);
    expect(Number.isInteger(after.value)).toBe(true);
    expect(
      searchTarget({ plan: kiln, vary: { input: 'rate' }, reach: { output: 'total-interest' }, target: -50 }),
    ).toMatchObject({ ok: false, problem: { code: 'not-reached' } });
    expect(
      searchTarget({ plan: kiln, vary: { input: 'change-amount', change: 0 }, reach: { output: 'count' }, target: 3 }),
    ).toMatchObject({ problem: { field: 'vary' } });
  });
});

describe('exact rounding', () => {
  it('gives a last payment equal to the level one', () => {
    const table = must(buildTable({ ...kiln, rounding: exactRounding }));
    expect(table.lastPayment).toBe(table.firstPayment);
    expect(table.firstPayment).toBeCloseTo(941.42506149, 8);
  });
});
