/** The five values: solving, finding rates, saying counts; against the reference cases and by properties. */
import Decimal from 'decimal.js';
import fc from 'fast-check';
import {
  findRates,
  flatPlan,
  must,
  rateWithCharges,
  ratePerPayment,
  sayCount,
  solveFor,
  recurrenceOf,
  term,
  terms,
  type FiveValues,
  type QuotedRate,
  type Timing,
  type Unknown,
} from '../src/index.ts';
import reference from './reference/cases.json';

interface ReferenceValues {
  readonly id: string;
  readonly paymentsPerYear: number;
  readonly rate: QuotedRate;
  readonly perPayment: number;
  readonly timing: Timing;
  readonly n: number;
  readonly pv: number;
  readonly pmt: number;
  readonly fv: number;
}

const cases = reference.fiveValues as unknown as ReferenceValues[];
const all: readonly Unknown[] = ['n', 'i', 'pv', 'pmt', 'fv'];

/** Relative error against a number that may be zero: then against the size of the amounts. */
function relativeError(found: number, expected: number, size: number): number {
  return Math.abs(found - expected) / Math.max(Math.abs(expected), expected === 0 ? size : 0);
}

describe('reference five values', () => {
  it.each(cases)('$id: the rate per payment agrees to 1e-12', ({ rate, paymentsPerYear, perPayment }) => {
    const found = must(ratePerPayment(rate, paymentsPerYear));
    expect(relativeError(found, perPayment, 1)).toBeLessThan(1e-12);
  });

  it.each(cases)('$id: any one of the five comes back from the other four', (given) => {
    const values: FiveValues = { ...given, i: given.perPayment };
    for (const unknown of all) {
      const result = solveFor(unknown, values);
      if (unknown === 'n' && values.i === 0 && values.pmt === 0) {
        // A sum that never changes fits any number of periods.
        expect(result).toMatchObject({ ok: false, problem: { code: 'no-payments' } });
        continue;
      }
      const found =
        !result.ok && result.problem.code === 'several-rates'
          ? result.problem.rates!.reduce((best, rate) =>
              Math.abs(rate - values.i) < Math.abs(best - values.i) ? rate : best,
            )
          : must(result);
      expect({
        unknown,
        close: relativeError(found, values[unknown], Math.abs(given.pv) + Math.abs(given.fv)) < 1e-9,
      }).toEqual({ unknown, close: true });
    }
  });
});

describe('solving by properties', () => {
  const loan = fc.record({
    n: fc.integer({ min: 1, max: 600 }),
    i: fc.double({ min: 1e-7, max: 0.2, noNaN: true }),
    pv: fc.double({ min: 100, max: 1e7, noNaN: true }),
    share: fc.double({ min: 0, max: 0.9, noNaN: true }),
    timing: fc.constantFrom<Timing>('end', 'begin'),
  });

  it('gives back what was removed, for all five', () => {
    fc.assert(
      fc.property(loan, ({ n, i, pv, share, timing }) => {
        fc.pre(n * Math.log1p(i) < 30);
        const fv = -pv * share;
        const pmt = must(solveFor('pmt', { n, i, pv, fv, timing }));
        const values = { n, i, pv, pmt, fv, timing };
        // Conditioning: with n·i large nearly all of a payment is interest, and n hangs on the last digits of it.
        const slack = 1e-11 * (1 + Math.exp(n * Math.log1p(i)));
        expect(must(solveFor('pv', values))).toBeCloseTo(pv, 4);
        expect(Math.abs(must(solveFor('n', values)) - n) / n).toBeLessThan(Math.max(1e-9, slack));
        expect(Math.abs(must(solveFor('fv', values)) - fv)).toBeLessThan(pv * Math.max(1e-11, slack));
        if (n > 1 || timing === 'end') expect(Math.abs(must(solveFor('i', values)) - i) / i).toBeLessThan(1e-7);
      }),
      { numRuns: 500, seed: 210 },
    );
  });

  it('never throws and never yields NaN for junk', () => {
    const junk = fc.oneof(
      fc.double(),
      fc.constantFrom(0, -0, 1, -1, NaN, Infinity, -Infinity, 1e308, 5e-324),
      fc.string(),
      fc.constant(undefined),
    );
    fc.assert(
      fc.property(
        fc.constantFrom(...all),
        junk,
        junk,
        junk,
        junk,
        junk,
        fc.constantFrom('end', 'begin', 'x'),
        (unknown, n, i, pv, pmt, fv, timing) => {
          const result = solveFor(unknown, { n, i, pv, pmt, fv, timing } as never);
          if (result.ok) expect(Number.isFinite(result.value)).toBe(true);
          else expect(result.problem.message.length).toBeGreaterThan(10);
        },
      ),
      { numRuns: 5000, seed: 211 },
    );
  });
});

describe('finding rates', () => {
  it('finds a tiny rate to full double accuracy, against 50 digits', () => {
    Decimal.set({ precision: 50 });
    const i = new Decimal('0.0000125');
    const pmt = i.div(new Decimal(1).minus(i.plus(1).pow(-24)));
    const found = findRates({ n: 24, pv: 1, pmt: -pmt.toNumber(), fv: 0, timing: 'end' });
    // The rounded payment itself has its own exact rate: Newton at 50 digits from the known one.
    let exact = i;
    const p = new Decimal(pmt.toNumber());
    for (let step = 0; step < 20; step += 1) {
      const at = (x: Decimal) =>
        p
          .times(new Decimal(1).minus(x.plus(1).pow(-24)))
          .div(x)
          .minus(1);
      const h = new Decimal('1e-20');
      exact = exact.minus(at(exact).div(at(exact.plus(h)).minus(at(exact)).div(h)));
    }
    expect(found).toHaveLength(1);
    expect(Math.abs(new Decimal(found[0]!).minus(exact).div(exact).toNumber())).toBeLessThan(1e-12);
  });

  it('finds a negative rate', () => {
    expect(must(solveFor('i', { n: 10, pv: 1000, pmt: -95, fv: 0, timing: 'end' }))).toBeLessThan(0);
    const total = must(solveFor('pmt', { n: 36, i: -0.004, pv: 9000, fv: 0, timing: 'begin' }));
    expect(must(solveFor('i', { n: 36, pv: 9000, pmt: total, fv: 0, timing: 'begin' }))).toBeCloseTo(-0.004, 12);
  });

  it('gives exactly zero where nothing is charged', () => {
    expect(must(solveFor('i', { n: 12, pv: 1200, pmt: -100, fv: 0, timing: 'end' }))).toBe(0);
  });

  it('lists both rates where two satisfy the equation', () => {
    // Received 100, paid 230 after a period, received 132 after two: (1.1 − v⁻¹)(1.2 − v⁻¹).
    const result = solveFor('i', { n: 2, pv: 100, pmt: -230, fv: 362, timing: 'end' });
    expect(result.ok).toBe(false);
    if (result.ok) return;
    expect(result.problem.code).toBe('several-rates');
    expect(result.problem.rates![0]).toBeCloseTo(0.1, 12);
    expect(result.problem.rates![1]).toBeCloseTo(0.2, 12);
  });

  it('says there is no rate where none exists, and same-signs where nothing comes in', () => {
    expect(solveFor('i', { n: 2, pv: 100, pmt: -10, fv: 362, timing: 'end' })).toMatchObject({
      ok: false,
      problem: { code: 'no-rate' },
    });
    expect(solveFor('i', { n: 2, pv: -100, pmt: -10, fv: 0, timing: 'end' })).toMatchObject({
      ok: false,
      problem: { code: 'same-signs' },
    });
  });

  it('reaches rates near the ends of the range', () => {
    expect(must(solveFor('i', { n: 1, pv: 100, pmt: -1090, fv: 0, timing: 'end' }))).toBeCloseTo(9.9, 10);
    expect(must(solveFor('i', { n: 1, pv: 100, pmt: -1e-6, fv: 0, timing: 'end' }))).toBeCloseTo(-1 + 1e-8, 14);
  });
});

describe('impossible input', () => {
  it('names a payment that does not cover the interest', () => {
    expect(solveFor('n', { i: 0.01, pv: 10000, pmt: -100, fv: 0, timing: 'end' })).toMatchObject({
      ok: false,
      problem: { code: 'never-repaid' },
    });
    expect(solveFor('n', { i: 0.01, pv: 10000, pmt: -90, fv: 0, timing: 'end' })).toMatchObject({
      ok: false,
      problem: { code: 'never-repaid' },
    });
  });

  it('names a count of nothing, a missing number and a rate out of range', () => {
    expect(solveFor('pmt', { n: 0, i: 0.01, pv: 1, fv: 0, timing: 'end' })).toMatchObject({
      problem: { code: 'no-payments', field: 'n' },
    });
    expect(solveFor('pmt', { n: 5, i: 0.01, fv: 0, timing: 'end' })).toMatchObject({
      problem: { code: 'not-a-number', field: 'pv' },
    });
    expect(solveFor('pmt', { n: 5, i: -1, pv: 1, fv: 0, timing: 'end' })).toMatchObject({
      problem: { code: 'out-of-range', field: 'i' },
    });
  });
});

describe('saying a number of payments', () => {
  const pmt = -500;
  const values = (n: number): FiveValues => ({ n, i: 0.01, pv: 10000, pmt, fv: 0, timing: 'end' });
  const exact = must(solveFor('n', { i: 0.01, pv: 10000, pmt, fv: 0, timing: 'end' }));

  it('says it exact, rounded up, or whole with a smaller last one', () => {
    expect(must(sayCount(values(exact), 'exact')).count).toBe(exact);
    expect(must(sayCount(values(exact), 'rounded-up')).count).toBe(23);
    const split = must(sayCount(values(exact), 'whole-and-last'));
    expect(split.count).toBe(22);
    // 22 payments of 500 leave 214.27…; with a month of interest 214.04 × 1.01.
    const owed = -must(solveFor('fv', { n: 22, i: 0.01, pv: 10000, pmt, timing: 'end' })) * 1.01;
    expect(split.lastPayment).toBeCloseTo(-owed, 2);
    expect(Math.abs(split.lastPayment!)).toBeLessThan(500);
  });

  it('takes a count within 0.005 of a whole number to be that number', () => {
    const rounded = must(solveFor('n', { i: 0.066 / 12, pv: 48000, pmt: -941.43, fv: 0, timing: 'end' }));
    const said = must(
      sayCount({ n: rounded, i: 0.066 / 12, pv: 48000, pmt: -941.43, fv: 0, timing: 'end' }, 'rounded-up'),
    );
    expect(said).toMatchObject({ isWhole: true, count: 60 });
    const last = must(
      sayCount({ n: rounded, i: 0.066 / 12, pv: 48000, pmt: -941.43, fv: 0, timing: 'end' }, 'whole-and-last'),
    );
    expect(last).toMatchObject({ count: 59 });
    expect(Math.abs(last.lastPayment! + 941.09)).toBeLessThan(0.02);
  });
});

describe('charges', () => {
  it('spreads a flat charge and solves for the rate really charged', () => {
    const flat = must(flatPlan({ amount: 1800, charge: { kind: 'a-year', fraction: 0.08, years: 2 }, payments: 24 }));
    expect(flat).toMatchObject({ charge: 288, total: 2088, payment: 87 });
    const check = must(solveFor('pmt', { n: 24, i: flat.ratePerPayment, pv: 1800, fv: 0, timing: 'end' }));
    expect(check).toBeCloseTo(-87, 9);
    expect(flat.ratePerPayment * 12).toBeGreaterThan(0.14);
  });

  it('charges more than the quoted rate when fees are kept back', () => {
    const payment = -must(solveFor('pmt', { n: 36, i: 0.006, pv: 20000, fv: 0, timing: 'end' }));
    expect(must(rateWithCharges({ amount: 20000, fees: 0, payment, payments: 36 }))).toBeCloseTo(0.006, 12);
    expect(must(rateWithCharges({ amount: 20000, fees: 400, payment, payments: 36 }))).toBeGreaterThan(0.0071);
    expect(rateWithCharges({ amount: 20000, fees: 20000, payment, payments: 36 })).toMatchObject({
      problem: { field: 'fees' },
    });
  });
});

describe('recurrence', () => {
  it('agrees term by term with its closed form', () => {
    for (const timing of ['end', 'begin'] as const) {
      const relation = must(recurrenceOf(48000, 0.0055, 941.43, timing));
      const listed = must(terms(relation, 60));
      for (const k of [0, 1, 17, 60]) expect(Math.abs(listed[k]! - must(term(relation, k)))).toBeLessThan(1e-8);
    }
  });
});
