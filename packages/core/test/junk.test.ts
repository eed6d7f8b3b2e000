/** Junk of every sort into every public function: a problem with a sentence comes back, never NaN, infinity or a throw. */
import fc from 'fast-check';
import * as core from '../src/index.ts';
import { buildTable, centRounding, must, type Plan } from '../src/index.ts';

const kiln: Plan = {
  amount: 48000,
  rate: { kind: 'nominal', annual: 0.066, compoundingsPerYear: 12 },
  paymentsPerYear: 12,
  payments: 60,
  timing: 'end',
  finalAmount: 0,
  rounding: centRounding,
  changes: [],
};
const table = must(buildTable(kiln));
const number = fc.oneof(
  fc.double(),
  fc.integer(),
  fc.constantFrom(NaN, Infinity, -Infinity, 0, -0, 1e308, 5e-324, -1, 0.5, 12),
);
const rate = fc.oneof(
  fc.record({
    kind: fc.constant('nominal' as const),
    annual: number,
    compoundingsPerYear: fc.oneof(number, fc.constant('continuous' as const)),
  }),
  fc.record({ kind: fc.constant('effective' as const), annual: number }),
  fc.record({ kind: fc.constant('periodic' as const), perPayment: number }),
  fc.record({
    kind: fc.constant('daily' as const),
    annual: number,
    daysPerYear: fc.constantFrom<365 | 360>(365, 360),
    daysPerPeriod: number,
  }),
);

/** Every number anywhere inside is finite; problems say something. */
function sound(value: unknown): boolean {
  if (typeof value === 'number') return Number.isFinite(value);
  if (value === null || typeof value !== 'object') return true;
  if ('problem' in value) return typeof (value as { problem: { message: unknown } }).problem.message === 'string';
  return Object.values(value).every(sound);
}

const timing = fc.constantFrom<'end' | 'begin'>('end', 'begin');
const functions: Record<string, fc.Arbitrary<() => unknown>> = {
  ratePerPayment: fc.tuple(rate, number).map(
    ([quoted, p]) =>
      () =>
        core.ratePerPayment(quoted as core.QuotedRate, p),
  ),
  convertRate: fc.tuple(rate, rate, number).map(
    ([from, into, p]) =>
      () =>
        core.convertRate(from as core.QuotedRate, into as core.QuotedRate, p),
  ),
  nominalToEffective: fc.tuple(number, number).map(
    ([j, m]) =>
      () =>
        core.nominalToEffective(j, m),
  ),
  effectiveToNominal: fc.tuple(number, number).map(
    ([e, m]) =>
      () =>
        core.effectiveToNominal(e, m),
  ),
  flatPlan: fc.tuple(number, number, number, number, timing).map(
    ([amount, fraction, years, payments, when]) =>
      () =>
        core.flatPlan({ amount, charge: { kind: 'a-year', fraction, years }, payments, timing: when }),
  ),
  rateWithCharges: fc.tuple(number, number, number, number).map(
    ([amount, fees, payment, payments]) =>
      () =>
        core.rateWithCharges({ amount, fees, payment, payments }),
  ),
  sayCount: fc
    .tuple(
      number,
      number,
      number,
      number,
      number,
      timing,
      fc.constantFrom<core.CountStyle>('exact', 'rounded-up', 'whole-and-last'),
    )
    .map(
      ([n, i, pv, pmt, fv, when, style]) =>
        () =>
          core.sayCount({ n, i, pv, pmt, fv, timing: when }, style),
    ),
  recurrence: fc.tuple(number, number, number, timing, number).map(([start, i, payment, when, k]) => () => {
    const relation = core.recurrenceOf(start, i, payment, when);
    return relation.ok ? [core.terms(relation.value, k), core.term(relation.value, k)] : relation;
  }),
  paymentRange: fc.tuple(number, number).map(
    ([a, b]) =>
      () =>
        core.paymentRange(table, a, b),
  ),
  balances: number.map((k) => () => [core.balanceAfter(table, k), core.leftToPay(table, k)]),
  refinance: fc.tuple(number, rate, number, number).map(([after, quoted, payments, costs]) => () => {
    const done = core.refinance(table, { after, rate: quoted as core.QuotedRate, payments, costs, costsPaid: 'cash' });
    return done.ok ? [done.value.saves, done.value.balance] : done;
  }),
  together: fc.tuple(number, number).map(([startsAfter, amount]) => () => {
    const joint = core.buildTogether(
      [
        { name: 'a', plan: kiln },
        { name: 'b', plan: { ...kiln, amount, payments: 3 }, startsAfter },
      ],
      'period',
    );
    return joint.ok ? joint.value.rows : joint;
  }),
  target: fc
    .tuple(fc.constantFrom(...core.targetInputs), fc.constantFrom(...core.targetOutputs), number, number, number)
    .map(([input, output, target, from, to]) => () => {
      const found = core.searchTarget({
        plan: { ...kiln, payments: 6 },
        vary: { input, change: 0 } as core.TargetInput,
        reach: { output, after: from } as core.TargetOutput,
        target,
        from,
        to,
      });
      return found.ok ? [found.value.value, found.value.reached] : found;
    }),
};

describe('junk', () => {
  it.each(Object.entries(functions))('into %s comes back as a problem', (_, calls) => {
    fc.assert(
      fc.property(calls, (call) => {
        expect(sound(call())).toBe(true);
      }),
      { numRuns: 400, seed: 91 },
    );
  });

  it('into a statement comes back in its slots', () => {
    const text = fc.oneof(
      fc.string({ maxLength: 30 }),
      fc.constantFrom('', '?', '1e9', '−5', '10 %', '4y', 'price - 10%', '((((', '0', '999999999999999', '6.6'),
    );
    const { emptyDraft, solveCase } = core;
    fc.assert(
      fc.property(
        fc.constantFrom<core.StatementKind>('borrow', 'save', 'draw-down', 'lease', 'flat', 'convert'),
        fc.constantFrom<core.SlotName>('amount', 'rate', 'payments', 'payment', 'finalAmount', 'converted'),
        fc.array(text, { minLength: 6, maxLength: 6 }),
        (kind, unknown, texts) => {
          const [amount, quoted, payments, payment, finalAmount, converted] = texts as [
            string,
            string,
            string,
            string,
            string,
            string,
          ];
          const draft = core.asKind(
            {
              ...emptyDraft('borrow'),
              unknown,
              slots: { amount, rate: quoted, payments, payment, finalAmount, converted },
            },
            kind,
          );
          const outcome = solveCase(draft, centRounding);
          if (outcome.state === 'solved')
            expect(
              sound([outcome.solved.exact, outcome.solved.shown, outcome.solved.numbers, outcome.solved.table.totals]),
            ).toBe(true);
          if (outcome.state === 'converted') expect(sound(outcome.converted)).toBe(true);
        },
      ),
      { numRuns: 3000, seed: 92 },
    );
  });
});
