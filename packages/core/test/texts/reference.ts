/** The reference problems, with their readings and answers. */

import { readFileSync } from 'node:fs';
import type { ReadArgs, ReadAsk, ReadPlan } from '../../src/texts/reading.ts';

export interface ReferenceProblem {
  readonly id: string;
  readonly level: 1 | 2 | 3;
  readonly text: string;
  readonly uses: readonly {
    readonly quote: string;
    readonly start: number;
    readonly role: string;
    readonly value: number;
  }[];
  readonly plans: readonly ReadPlan[];
  readonly asks: readonly {
    readonly quantity: ReadAsk['quantity'];
    readonly plan: number | null;
    readonly args?: ReadArgs;
    readonly answer: number | null;
    readonly answerWhole?: number;
    readonly answerWithCentPayment?: number;
  }[];
  readonly problem?: string;
}

export const referenceProblems = JSON.parse(
  readFileSync(new URL('../reference/texts.json', import.meta.url), 'utf8'),
) as readonly ReferenceProblem[];

/** To nine digits. */
export const isNear = (one: number, other: number): boolean =>
  Math.abs(one - other) <= 2e-9 * Math.max(1e-3, Math.abs(other));

/** A plan in a line: `borrowing amount=9600 rate=0.08/nominal/2 n=10 p=2 final=0 ?payment`. */
export function planInALine(plan: ReadPlan): string {
  const { kind, rate, timing, unknown, changes } = plan;
  const terms: Readonly<Record<string, number | null | undefined>> = {
    price: plan.price,
    down: plan.downPayment,
    trade: plan.tradeIn,
    rebate: plan.rebate,
    fees: plan.fees,
    charge: plan.charge,
    amount: plan.amount,
  };
  const later: typeof terms = {
    n: kind === 'convert' ? null : plan.payments,
    p: plan.paymentsPerYear,
    payment: kind === 'convert' || kind === 'lump-sum' ? null : plan.payment,
  };
  const said = (all: typeof terms): string[] =>
    Object.entries(all).flatMap(([name, value]) => (value === null || value === undefined ? [] : [`${name}=${value}`]));
  const quoted = rate
    ? [`rate=${rate.value}/${rate.quoted}${rate.compoundingsPerYear === null ? '' : `/${rate.compoundingsPerYear}`}`]
    : [];
  const changed = changes.map((change) => {
    const number = {
      rate: 'rate' in change ? change.rate.value : 0,
      extra: 'value' in change ? change.value : 0,
      payment: 'by' in change ? change.by : 0,
      skip: 'payments' in change ? change.payments : 0,
    }[change.kind];
    return `${change.kind}@${change.after}:${number}${'keep' in change ? `/${change.keep}` : ''}`;
  });
  return [
    kind,
    ...said(terms),
    ...quoted,
    ...said(later),
    ...(timing === 'beginning' ? ['beginning'] : []),
    ...said({ final: kind === 'convert' ? null : plan.finalAmount }),
    ...changed,
    `?${unknown}`,
  ].join(' ');
}

/** `balanceAfter@1 k:60` */
export function askInALine({ quantity, plan, args = {} }: Pick<ReadAsk, 'quantity' | 'plan' | 'args'>): string {
  const terms = Object.entries(args).map(
    ([name, value]) => `${name}:${typeof value === 'object' ? JSON.stringify(value).replace(/"/g, '') : String(value)}`,
  );
  return [`${quantity}${plan ? `@${plan}` : ''}`, ...terms].join(' ');
}
