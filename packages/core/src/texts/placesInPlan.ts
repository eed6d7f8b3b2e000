/** The place that a question names, in the payments of its plan. */

import type { AskedPlace } from './lexicon/placeRecord.ts';
import { paymentAfter, wholeNumber } from './paymentCounts.ts';
import type { ReadPlan } from './reading.ts';

/** A plan with what its questions need to know besides. */
export interface AskedPlan {
  readonly plan: ReadPlan;
  readonly index: number;
  readonly wanted: number | undefined;
  /** The payment after which something changes, and the payments then skipped. */
  readonly changesAfter?: number;
  readonly skipped?: number;
}

/** A plan as its questions see it. */
export function asAsked(plan: ReadPlan, index: number, wanted: number | undefined): AskedPlan {
  const [change] = plan.changes;
  return {
    plan,
    index,
    wanted,
    ...(change ? { changesAfter: change.after } : {}),
    ...(change?.kind === 'skip' ? { skipped: change.payments } : {}),
  };
}

/** The payments that were looked at before. */
export interface Last {
  readonly k?: number;
  readonly from?: number;
  readonly to?: number;
  /** All that is paid in those was asked. */
  readonly isPaid?: boolean;
}

/** After which payment. */
export function momentOf(
  place: AskedPlace | undefined,
  { plan, changesAfter, skipped = 0 }: AskedPlan,
  last: Last = {},
): number | undefined {
  if (!place) return undefined;
  const k = paymentAfter(place, plan.paymentsPerYear);
  // "after the six months" of a pause.
  if (k !== undefined && changesAfter !== undefined && k === skipped) return changesAfter + skipped;
  if (k !== undefined) return k;
  if (place.leftYears !== undefined && plan.payments !== null)
    return wholeNumber(plan.payments - place.leftYears * plan.paymentsPerYear);
  if (place.leftPayments !== undefined && plan.payments !== null) return plan.payments - place.leftPayments;
  const only = onlyInYear(place, plan.paymentsPerYear);
  if (only !== undefined) return only;
  if (place.part !== undefined && plan.payments !== null) return wholeNumber(plan.payments * place.part);
  if (place.same) return last.k ?? last.to;
  if (place.atChange) return changesAfter === undefined ? (last.k ?? last.to) : changesAfter + skipped;
  return undefined;
}

/** From which payment to which. */
export function rangeOf(
  place: AskedPlace | undefined,
  of: AskedPlan,
  last: Last,
): { from: number; to: number } | undefined {
  if (!place) return undefined;
  const { plan } = of;
  const p = plan.paymentsPerYear;
  if (place.toEnd && plan.payments !== null) {
    const from = place.fromYear === undefined ? place.from : wholeNumber((place.fromYear - 1) * p) + 1;
    return from === undefined ? undefined : { from, to: plan.payments };
  }
  if (place.fromYear !== undefined && place.toYear !== undefined)
    return { from: wholeNumber((place.fromYear - 1) * p) + 1, to: wholeNumber(place.toYear * p) };
  const only = onlyInYear(place, p);
  if (only !== undefined) return { from: only, to: only };
  if (place.half && plan.payments !== null) {
    const middle = Math.floor(plan.payments / 2);
    return place.half === 'first' ? { from: 1, to: middle } : { from: middle + 1, to: plan.payments };
  }
  if (place.lastYears !== undefined && plan.payments !== null)
    return { from: wholeNumber(plan.payments - place.lastYears * p) + 1, to: plan.payments };
  if (place.lastPayments !== undefined && plan.payments !== null)
    return { from: plan.payments - place.lastPayments + 1, to: plan.payments };
  if (place.isThat && last.k !== undefined) return { from: last.k, to: last.k };
  if (place.isThat && last.to !== undefined) return { from: last.to, to: last.to };
  if (place.isNext) return { from: (last.k ?? 0) + 1, to: (last.k ?? 0) + 1 };
  const behind = last.k ?? last.to ?? of.changesAfter;
  const next = place.nextPayments ?? (place.nextYears === undefined ? undefined : wholeNumber(place.nextYears * p));
  if (next !== undefined) return behind === undefined ? undefined : { from: behind + 1, to: behind + next };
  if (place.isLast && plan.payments !== null) return { from: plan.payments, to: plan.payments };
  if (place.isUntil && last.to !== undefined) return { from: 1, to: last.to };
  const until = place.isUntil ? momentOf(place, of, last) : undefined;
  if (until !== undefined) return { from: 1, to: until };
  if (place.from !== undefined && place.to !== undefined) return { from: place.from, to: place.to };
  if (place.same && last.from !== undefined && last.to !== undefined) return { from: last.from, to: last.to };
  return undefined;
}

/** The first payment of a year, or its last. */
const onlyInYear = ({ firstInYear, lastInYear }: AskedPlace, paymentsPerYear: number): number | undefined =>
  firstInYear !== undefined
    ? wholeNumber((firstInYear - 1) * paymentsPerYear) + 1
    : lastInYear === undefined
      ? undefined
      : wholeNumber(lastInYear * paymentsPerYear);
