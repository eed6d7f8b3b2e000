/** Quoted rates and conversions. */
import fc from 'fast-check';
import {
  convertRate,
  effectiveToNominal,
  must,
  nominalToEffective,
  quotedNumber,
  quoteRate,
  ratePerPayment,
  type QuotedRate,
} from '../src/index.ts';
import reference from './reference/cases.json';

describe('reference conversions', () => {
  it.each(reference.conversions)(
    '$id: nominal and effective agree both ways to 1e-12',
    ({ nominal, compoundingsPerYear, effective }) => {
      const m = compoundingsPerYear as number | 'continuous';
      expect(Math.abs(must(nominalToEffective(nominal, m)) - effective)).toBeLessThanOrEqual(1e-12 * effective);
      expect(Math.abs(must(effectiveToNominal(effective, m)) - nominal)).toBeLessThanOrEqual(1e-12 * nominal);
    },
  );
});

describe('rates per payment', () => {
  it('is exactly j/p when compounded as often as paid', () => {
    expect(must(ratePerPayment({ kind: 'nominal', annual: 0.066, compoundingsPerYear: 12 }, 12))).toBe(0.066 / 12);
  });

  it('compounds twice a year and pays monthly', () => {
    expect(must(ratePerPayment({ kind: 'nominal', annual: 0.06, compoundingsPerYear: 2 }, 12))).toBeCloseTo(
      1.03 ** (1 / 6) - 1,
      15,
    );
  });

  it('comes back from every way of quoting', () => {
    const kinds: fc.Arbitrary<QuotedRate> = fc.oneof(
      fc.record({
        kind: fc.constant('nominal' as const),
        annual: fc.constant(0),
        compoundingsPerYear: fc.oneof(fc.integer({ min: 1, max: 366 }), fc.constant('continuous' as const)),
      }),
      fc.constant({ kind: 'effective' as const, annual: 0 }),
      fc.constant({ kind: 'periodic' as const, perPayment: 0 }),
      fc.record({
        kind: fc.constant('daily' as const),
        annual: fc.constant(0),
        daysPerYear: fc.constantFrom<365 | 360>(365, 360),
        daysPerPeriod: fc.integer({ min: 1, max: 370 }),
      }),
    );
    fc.assert(
      fc.property(
        kinds,
        fc.double({ min: -0.01, max: 0.2, noNaN: true }),
        fc.integer({ min: 1, max: 366 }),
        (like, i, p) => {
          const quoted = quoteRate(i, like, p);
          if (!quoted.ok || quotedNumber(quoted.value) < -0.9) return;
          expect(Math.abs(must(ratePerPayment(quoted.value, p)) - i)).toBeLessThan(1e-13);
        },
      ),
      { numRuns: 2000, seed: 5 },
    );
  });

  it('converts between any two ways', () => {
    expect(
      must(
        convertRate(
          { kind: 'nominal', annual: 0.08, compoundingsPerYear: 4 },
          { kind: 'nominal', annual: 0, compoundingsPerYear: 12 },
        ),
      ),
    ).toBeCloseTo(0.0794727, 6);
  });

  it('names the field of what cannot be', () => {
    expect(ratePerPayment({ kind: 'effective', annual: -1 }, 12)).toMatchObject({
      problem: { code: 'out-of-range', field: 'rate' },
    });
    expect(ratePerPayment({ kind: 'effective', annual: 0.05 }, 0)).toMatchObject({
      problem: { field: 'paymentsPerYear' },
    });
    expect(ratePerPayment({ kind: 'nominal', annual: 0.05, compoundingsPerYear: 0.5 }, 12)).toMatchObject({
      problem: { field: 'compoundingsPerYear' },
    });
    expect(ratePerPayment({ kind: 'nominal', annual: NaN, compoundingsPerYear: 12 }, 12)).toMatchObject({
      problem: { code: 'not-a-number' },
    });
  });
});
