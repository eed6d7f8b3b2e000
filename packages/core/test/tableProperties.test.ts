/** Tables by properties: they close, add up, and never yield nonsense, under every rounding and mix of changes. */
import fc from 'fast-check';
import {
  balanceAfter,
  buildTable,
  must,
  ratePerPayment,
  recurrenceOf,
  paymentRange,
  terms,
  type Change,
  type Plan,
  type RoundingRule,
  type Timing,
} from '../src/index.ts';

const money = (min: number, max: number) => fc.integer({ min: min * 100, max: max * 100 }).map((cents) => cents / 100);
const rate = fc
  .integer({ min: 0, max: 300 })
  .map((thousandths) => ({ kind: 'nominal' as const, annual: thousandths / 1000, compoundingsPerYear: 12 }));
const rounding = fc.record({
  payment: fc.constantFrom<RoundingRule>('exact', 'cent', 'cent-up', 'unit', 'unit-up'),
  interest: fc.constantFrom<'exact' | 'cent'>('exact', 'cent'),
  last: fc.constant<'clears'>('clears'),
});

function changes(payments: number): fc.Arbitrary<Change[]> {
  const place = fc.integer({ min: 1, max: payments });
  const early = fc.integer({ min: 1, max: Math.max(1, Math.floor(payments / 3)) });
  const one: fc.Arbitrary<Change> = fc.oneof(
    fc.record({ kind: fc.constant('extra' as const), from: place, amount: money(1, 900) }),
    fc.record({
      kind: fc.constant('extra' as const),
      from: place,
      every: fc.integer({ min: 1, max: 12 }),
      amount: money(1, 200),
    }),
    fc.record({
      kind: fc.constant('rate' as const),
      after: place,
      rate,
      payment: fc.constantFrom<'again' | 'same'>('again', 'same'),
    }),
    fc.record({ kind: fc.constant('payment' as const), after: place, amount: money(1, 2000) }),
    fc.record({ kind: fc.constant('interest-only' as const), through: early }),
    fc.record({ kind: fc.constant('deferred' as const), through: early }),
    fc.record({
      kind: fc.constant('draw' as const),
      before: place,
      amount: money(1, 5000),
      payment: fc.constantFrom<'again' | 'same'>('again', 'same'),
    }),
  );
  return fc.array(one, { maxLength: 5 });
}

const loan: fc.Arbitrary<Plan> = fc.integer({ min: 2, max: 180 }).chain((payments) =>
  fc.record({
    amount: money(500, 90000),
    rate,
    paymentsPerYear: fc.constantFrom(1, 2, 4, 12, 24, 26, 52),
    payments: fc.constant(payments),
    timing: fc.constantFrom<Timing>('end', 'begin'),
    finalAmount: fc.oneof(fc.constant(0), money(0, 400)),
    rounding,
    changes: changes(payments),
  }),
);

const finite = (value: unknown): boolean => (typeof value === 'number' ? Number.isFinite(value) : true);

describe('tables of loans, any rounding, any changes together', () => {
  it('close at the final amount, and principal adds up to amount plus draws', () => {
    let built = 0;
    fc.assert(
      fc.property(loan, (plan) => {
        const result = buildTable(plan);
        if (!result.ok) return;
        built += 1;
        const table = result.value;
        const slack = 1e-9 * Math.max(plan.amount + 50000, ...table.rows.map((row) => Math.abs(row.opening)));
        expect(Math.abs(table.closing - plan.finalAmount)).toBeLessThan(slack);
        const principal = table.rows.reduce((sum, row) => sum + row.principal, 0);
        const draws = plan.changes.reduce((sum, change) => sum + (change.kind === 'draw' ? change.amount : 0), 0);
        expect(Math.abs(principal - (plan.amount + draws - plan.finalAmount))).toBeLessThan(slack * 10);
        for (const [at, row] of table.rows.entries()) {
          expect(Object.values(row).every(finite)).toBe(true);
          expect(Math.abs(row.opening - row.principal - row.closing)).toBeLessThan(slack);
          if (at > 0) {
            const drawn = plan.changes.reduce(
              (sum, change) => sum + (change.kind === 'draw' && change.before === row.number ? change.amount : 0),
              0,
            );
            expect(Math.abs(row.opening - table.rows[at - 1]!.closing - drawn)).toBeLessThan(slack);
          }
        }
      }),
      { numRuns: 900, seed: 77 },
    );
    expect(built).toBeGreaterThan(800);
  });

  it('never charge negative interest at positive rates', () => {
    fc.assert(
      fc.property(loan, (plan) => {
        const result = buildTable(plan);
        if (result.ok) for (const row of result.value.rows) expect(row.interest).toBeGreaterThanOrEqual(-1e-9);
      }),
      { numRuns: 600, seed: 78 },
    );
  });

  it('are never lengthened by one more extra payment', () => {
    fc.assert(
      fc.property(loan, fc.integer({ min: 1, max: 180 }), money(1, 900), (plan, from, amount) => {
        const calm = { ...plan, changes: plan.changes.filter((change) => change.kind !== 'draw') };
        const before = buildTable(calm);
        const after = buildTable({
          ...calm,
          changes: [...calm.changes, { kind: 'extra', from: Math.min(from, calm.payments as number), amount }],
        });
        if (before.ok && after.ok) expect(after.value.rows.length).toBeLessThanOrEqual(before.value.rows.length);
      }),
      { numRuns: 500, seed: 79 },
    );
  });

  it('give a range of payments that adds up when split in two', () => {
    fc.assert(
      fc.property(loan, fc.nat(), fc.nat(), (plan, a, b) => {
        const result = buildTable(plan);
        if (!result.ok || result.value.rows.length < 2) return;
        const rows = result.value.rows.length;
        const split = 1 + (a % (rows - 1));
        const end = split + 1 + (b % (rows - split));
        const [whole, first, second] = [
          paymentRange(result.value, 1, end),
          paymentRange(result.value, 1, split),
          paymentRange(result.value, split + 1, end),
        ].map(must);
        const slack = 1e-12 * Math.max(1e5, ...result.value.rows.map((row) => Math.abs(row.opening)));
        for (const key of ['interest', 'principal', 'paid', 'extra'] as const)
          expect(Math.abs(whole![key] - first![key] - second![key])).toBeLessThan(slack + 1e-5);
        expect(whole!.closing).toBe(second!.closing);
      }),
      { numRuns: 500, seed: 80 },
    );
  });
});

describe('the table and the recurrence', () => {
  it('agree to 1e-9 under exact rounding, loans and savings, end and beginning', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 360 }),
        rate,
        money(0, 50000),
        money(51000, 90000),
        fc.constantFrom<Timing>('end', 'begin'),
        fc.boolean(),
        (payments, quoted, low, high, timing, saving) => {
          const plan: Plan = {
            kind: saving ? 'saving' : 'loan',
            amount: saving ? low : high,
            finalAmount: saving ? high : 0,
            rate: quoted,
            paymentsPerYear: 12,
            payments,
            timing,
            rounding: { payment: 'exact', interest: 'exact', last: 'as-others' },
            changes: [],
          };
          const table = must(buildTable(plan));
          const i = must(ratePerPayment(quoted, 12));
          const listed = must(
            terms(must(recurrenceOf(plan.amount, i, table.firstPayment, timing, saving)), table.rows.length),
          );
          for (const row of table.rows.slice(0, -1))
            expect(Math.abs(row.closing - listed[row.number]!)).toBeLessThan(1e-9 * (plan.amount + plan.finalAmount));
        },
      ),
      { numRuns: 300, seed: 81 },
    );
  });
});

describe('junk plans', () => {
  it('never throw and never yield NaN', () => {
    const junk = fc.oneof(
      fc.double(),
      fc.integer(),
      fc.constantFrom<unknown>(NaN, Infinity, -1, 0, 1e300, undefined, null, 'x', [], {}),
    );
    const junkChange = fc.record({
      kind: fc.constantFrom('extra', 'rate', 'payment', 'interest-only', 'deferred', 'draw', 'x'),
      from: junk,
      to: junk,
      every: junk,
      after: junk,
      before: junk,
      through: junk,
      amount: junk,
      rate: junk,
      payment: junk,
    });
    const junkPlan = fc.record({
      kind: fc.constantFrom('loan', 'saving', 'drawing', undefined),
      amount: fc.oneof(money(0, 50000), junk),
      rate: fc.oneof(
        rate,
        fc.record({
          kind: fc.constantFrom('nominal', 'effective', 'daily', 'periodic', 'x'),
          annual: junk,
          perPayment: junk,
          compoundingsPerYear: junk,
          daysPerYear: junk,
          daysPerPeriod: junk,
        }),
        junk,
      ),
      paymentsPerYear: fc.oneof(fc.constantFrom(12, 52), junk),
      payments: fc.oneof(fc.integer({ min: 1, max: 300 }), fc.constant('until-cleared'), junk),
      timing: fc.constantFrom('end', 'begin', 'x'),
      finalAmount: fc.oneof(money(0, 500), junk),
      payment: fc.oneof(fc.constant(undefined), money(0, 900), junk),
      rounding: fc.oneof(rounding, junk),
      changes: fc.oneof(fc.array(junkChange, { maxLength: 3 }), junk),
      firstPaymentDate: fc.oneof(fc.constant(undefined), fc.constant('2027-01-31'), junk),
    });
    fc.assert(
      fc.property(junkPlan, (plan) => {
        const result = buildTable(plan as unknown as Plan);
        if (!result.ok) expect(result.problem.message.length).toBeGreaterThan(10);
        else {
          for (const row of result.value.rows) expect(Object.values(row).every(finite)).toBe(true);
          expect(
            [result.value.totalPaid, result.value.totalInterest, result.value.firstPayment, result.value.closing].every(
              Number.isFinite,
            ),
          ).toBe(true);
          must(balanceAfter(result.value, 1));
        }
      }),
      { numRuns: 2000, seed: 82 },
    );
  });
});
