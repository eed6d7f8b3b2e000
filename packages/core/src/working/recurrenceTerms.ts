/** The terms of a recurrence: run from one to the next, stated, shown row by row. */

import { nth } from '../nth.ts';
import { roundCent } from '../money/roundMoney.ts';
import { inLetters } from './inClassForm.ts';
import { relation, subscript, termLetter } from './relation.ts';
import type { Step } from './solution.ts';
import type { Stage } from './stages.ts';
import { texNumber } from './term.ts';
import { carried, money, type Work } from './work.ts';

export interface Run {
  readonly terms: readonly number[];
  /** What was paid with each term; index 0 is nothing. */
  readonly paid: readonly number[];
}

/** Runs V_{k+1} from V_k with another start or payment; nothing is rounded on the way. */
export function run(
  work: Work,
  { start, payment, i, count }: { start: number; payment: number; i: number; count: number },
): Run {
  const step = work.saving ? payment : -payment;
  const terms = [start];
  const paid = [0];
  let value = start;
  for (let k = 0; k < count; k += 1) {
    value = work.due ? (value + step) * (1 + i) : value * (1 + i) + step;
    terms.push(value);
    paid.push(payment);
  }
  return { terms, paid };
}

/** Runs the stages of a plan with its own payments. */
export function runStages(work: Work, stages: readonly Stage[]): Run {
  const terms = [work.question.solved.plan.amount];
  const paid = [0];
  const inCents = work.question.solved.plan.rounding.payment !== 'exact';
  let value = nth(terms, 0);
  for (const stage of stages) {
    value += stage.drawn;
    for (let k = stage.from; k <= stage.to; k += 1) {
      const payment =
        stage.pause === 'deferred' ? 0 : stage.pause === 'interest-only' ? value * stage.i : stage.payment;
      const step = work.saving ? payment : -payment;
      value = stage.settles ? stage.closing : work.due ? (value + step) * (1 + stage.i) : value * (1 + stage.i) + step;
      terms.push(value);
      // Interest alone is paid in whole cents, like every payment.
      paid.push(stage.pause === 'interest-only' && inCents ? roundCent(payment) : payment);
    }
  }
  return { terms, paid };
}

/** The first terms and the last ones, with how each comes about. */
export function termRows(work: Work, terms: readonly number[], until: number): Step {
  const shown = terms.slice(0, until + 1);
  const drawn = new Map(work.stages.map((stage) => [stage.from, stage.drawn]));
  const received = (k: number): string => {
    const more = drawn.get(k) ?? 0;
    return more === 0 ? '' : ` ${more < 0 ? '−' : '+'} ${money(work, Math.abs(more))}`;
  };
  const name = termLetter(work);
  const row = (k: number): string[] => [
    `${name}${subscript(k)}`,
    k === 0 ? 'start' : `from ${name}${subscript(k - 1)} = ${money(work, nth(terms, k - 1))}${received(k)}`,
    money(work, nth(shown, k)),
  ];
  const rows: (string[] | 'gap')[] = [];
  for (let k = 0; k < shown.length; k += 1) {
    if (k <= 3 || k >= shown.length - 2) rows.push(row(k));
    else if (rows.at(-1) !== 'gap') rows.push('gap');
  }
  return { kind: 'rows', columns: ['term', 'how', 'value'], rows };
}

export function stated(work: Work, payment: number | undefined): Step[] {
  const { values, numbers } = work.question.solved;
  return [
    {
      kind: 'formula',
      tex: relation(work),
      because: 'Each period the balance grows by the factor R, and the payment changes it.',
    },
    { kind: 'formula', tex: `R = 1 + ${inLetters('i', work.writing)} = ${texNumber(carried(work, 1 + values.i))}` },
    {
      kind: 'says',
      text: `${termLetter(work)}₀ is ${money(work, numbers.amount)}${payment === undefined ? '' : ` and d is ${money(work, payment)}`}.`,
      ...(work.due ? { because: 'Payments fall at the beginning: they count before the growth.' } : {}),
    },
  ];
}
