/** The reference problems as statements, for tests that work them like an instructor would. */
import { readFileSync } from 'node:fs';
import {
  emptyDraft,
  type Plan,
  type QuotedRate,
  type RateQuote,
  type StatementDraft,
  type StatementKind,
  type Timing,
} from '../src/index.ts';

export interface ReferenceValues {
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

export const reference = JSON.parse(
  readFileSync(new URL('./reference/cases.json', `file://${__dirname}/`), 'utf8'),
) as {
  readonly fiveValues: readonly ReferenceValues[];
  readonly tables: readonly { readonly id: string; readonly kind: string; readonly plan: Plan }[];
};

function quoteOf(rate: QuotedRate): RateQuote {
  return {
    kind: rate.kind,
    compounding: rate.kind === 'nominal' ? rate.compoundingsPerYear : 12,
    daysPerYear: rate.kind === 'daily' ? rate.daysPerYear : 365,
    daysPerPeriod: rate.kind === 'daily' ? rate.daysPerPeriod : 30,
  };
}

const percentText = (rate: QuotedRate): string =>
  text((rate.kind === 'periodic' ? rate.perPayment : rate.annual) * 100);

/** A number as it is typed, with all its digits and never in powers of ten. */
export function text(value: number): string {
  const tidy = Number(value.toPrecision(15));
  const plain = String(tidy);
  return plain.includes('e') ? tidy.toFixed(20).replace(/\.?0+$/, '') : plain;
}

/** A reference problem as a statement; all five slots are filled in. */
export function draftOf({ paymentsPerYear, rate, timing, n, pv, pmt, fv }: ReferenceValues): StatementDraft {
  const kind: StatementKind = pv > 0 ? 'borrow' : pmt > 0 ? 'draw-down' : 'save';
  return {
    ...emptyDraft(kind),
    paymentsPerYear,
    timing,
    quote: quoteOf(rate),
    slots: {
      amount: text(Math.abs(pv)),
      rate: percentText(rate),
      payments: text(n),
      payment: text(Math.abs(pmt)),
      finalAmount: text(Math.abs(fv)),
      converted: '',
    },
  };
}

/** A reference plan as a statement that asks for the payment, where the plan states none. */
export function draftOfPlan(plan: Plan): StatementDraft {
  return {
    ...emptyDraft('borrow'),
    paymentsPerYear: plan.paymentsPerYear,
    timing: plan.timing,
    unknown: 'payment',
    quote: quoteOf(plan.rate),
    slots: {
      amount: text(plan.amount),
      rate: percentText(plan.rate),
      payments: String(plan.payments),
      payment: plan.payment === undefined ? '' : text(plan.payment),
      finalAmount: text(plan.finalAmount),
      converted: '',
    },
    changes: plan.changes.map((change, at) => ({
      id: `c${at}`,
      kind: change.kind,
      payment:
        'payment' in change && change.payment === 'same'
          ? 'same'
          : change.kind === 'draw' && change.payment === undefined
            ? 'same'
            : 'again',
      texts: Object.fromEntries(
        Object.entries(change)
          .filter(([name, value]) => name !== 'kind' && name !== 'payment' && value !== undefined)
          .map(([name, value]) => [name, name === 'rate' ? percentText(value as QuotedRate) : text(value as number)]),
      ),
    })),
  };
}
