/** A plan as stages: runs of payments in which nothing changes. A level plan is one stage; each stage is a five-value problem of its own. */

import type { Money } from '../money/roundMoney.ts';
import type { SolvedCase } from '../case/solved.ts';

export interface Stage {
  /** Payment numbers, 1-based, both included. */
  readonly from: number;
  readonly to: number;
  /** Rate per payment, a fraction. */
  readonly i: number;
  /** What each payment of the stage comes to, extra included; 0 while nothing is paid. */
  readonly payment: Money;
  readonly extra: Money;
  /** Balance at its start, money drawn at its start included. */
  readonly opening: Money;
  readonly closing: Money;
  /** Money drawn at its start. */
  readonly drawn: Money;
  /** True for the one payment that settles the rest and is not like the others. */
  readonly settles: boolean;
  /** Only interest is paid, or nothing. */
  readonly pause?: 'interest-only' | 'deferred';
}

/** The stages of a solved case's table, in order. */
export function stagesOf({ table }: Pick<SolvedCase, 'table'>): Stage[] {
  const { rows } = table;
  const stages: Stage[] = [];
  rows.forEach((row, at) => {
    const before = rows[at - 1];
    const { drawn, rate: i } = row;
    const changed = before !== undefined && before.rate !== i;
    const pause = row.mode === 'level' ? undefined : row.mode;
    const last = stages.at(-1);
    const paid = row.payment + row.extra;
    // Payments of interest only follow the balance and belong together whatever they come to.
    const same =
      last !== undefined &&
      !changed &&
      drawn === 0 &&
      last.pause === pause &&
      (pause === 'interest-only' || Math.abs(paid - last.payment) < 1e-9) &&
      !last.settles;
    const settles =
      at === rows.length - 1 &&
      at > 0 &&
      !same &&
      !changed &&
      pause === undefined &&
      drawn === 0 &&
      row.extra === (before?.extra ?? 0);
    if (same) stages[stages.length - 1] = { ...last, to: row.number, closing: row.closing };
    else
      stages.push({
        from: row.number,
        to: row.number,
        i,
        payment: paid,
        extra: row.extra,
        opening: row.opening,
        closing: row.closing,
        drawn,
        settles,
        ...(pause ? { pause } : {}),
      });
  });
  return stages;
}

/** The stages up to payment k, the last one cut there. */
export function stagesThrough(stages: readonly Stage[], k: number): Stage[] {
  return stages.filter(({ from }) => from <= k).map((stage) => (stage.to > k ? { ...stage, to: k } : stage));
}
