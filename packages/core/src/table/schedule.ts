/** A plan's changes laid out by payment number, so that a row only looks its own up. */

import { ratePerPayment } from '../rates/quotedRate.ts';
import { MOST_ROWS_UNTIL_CLEARED, type Plan } from './plan.ts';

export interface ChangeAt {
  readonly draw: number;
  /** A new rate per payment from this row. */
  readonly i?: number;
  /** A new payment from this row. */
  readonly payment?: number;
  /** Work the level payment out again at this row. */
  readonly again: boolean;
}

export interface Schedule {
  /** Rate per payment at the start. */
  readonly i: number;
  /** By row number, what changes before it. */
  readonly at: ReadonlyMap<number, ChangeAt>;
  /** The rows before which something changes, ascending. */
  readonly rows: readonly number[];
  /** By row number: 0 level, 1 interest only, 2 deferred. Left out when all are level. */
  readonly mode?: Uint8Array;
  /** By row number, the extra payment. Left out when there is none. */
  readonly extra?: Float64Array;
  /** The last row that begins with a draw; 0 without draws. */
  readonly lastDraw: number;
}

/** Lays out the changes of a valid plan. A later change of the list wins over an earlier one at the same row. */
export function readSchedule(plan: Plan): Schedule {
  const count = plan.payments === 'until-cleared' ? MOST_ROWS_UNTIL_CLEARED : plan.payments;
  const at = new Map<number, ChangeAt>();
  const add = (row: number, more: Partial<ChangeAt>): void => {
    if (row > count) return;
    const before = at.get(row) ?? { draw: 0, again: false };
    at.set(row, { ...before, ...more, draw: before.draw + (more.draw ?? 0) });
  };
  let mode: Uint8Array | undefined;
  let extra: Float64Array | undefined;
  let lastDraw = 0;

  for (const change of plan.changes) {
    switch (change.kind) {
      case 'rate': {
        const i = perPayment(plan, change.rate);
        add(change.after + 1, change.payment === 'again' ? { i, again: true, payment: undefined } : { i });
        break;
      }
      case 'payment':
        add(change.after + 1, { payment: change.amount, again: false });
        break;
      case 'draw':
        add(change.before, { draw: change.amount, ...(change.payment === 'again' ? { again: true } : {}) });
        if (change.amount > 0) lastDraw = Math.max(lastDraw, change.before);
        break;
      case 'interest-only':
      case 'deferred': {
        mode ??= new Uint8Array(count + 2);
        const kind = change.kind === 'deferred' ? 2 : 1;
        const from = change.from ?? 1;
        for (let k = from; k <= change.through; k += 1) mode[k] = Math.max(mode[k]!, kind);
        // A pause in the middle: the level payment is worked out again after it, where the number of payments is known.
        if (from > 1 && plan.payments !== 'until-cleared') add(change.through + 1, { again: true });
        break;
      }
      case 'extra': {
        extra ??= new Float64Array(count + 2);
        const step = change.every ?? 1;
        const to = Math.min(count, change.to ?? (change.every === undefined ? change.from : count));
        for (let k = change.from; k <= to; k += step) extra[k]! += change.amount;
        break;
      }
    }
  }
  const rows = [...at.keys()].sort((a, b) => a - b);
  return { i: perPayment(plan, plan.rate), at, rows, lastDraw, ...(mode ? { mode } : {}), ...(extra ? { extra } : {}) };
}

function perPayment(plan: Plan, rate: Plan['rate']): number {
  const found = ratePerPayment(rate, plan.paymentsPerYear);
  return found.ok ? found.value : 0;
}
