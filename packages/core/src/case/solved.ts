/** A solved statement: its answer, and the plan and table that follow from it. */

import type { FiveValues, Unknown } from '../annuity/fiveValues.ts';
import type { SaidCount } from '../annuity/sayCount.ts';
import type { QuotedRate } from '../rates/quotedRate.ts';
import type { Table } from '../table/buildTable.ts';
import type { Plan } from '../table/plan.ts';
import type { SlotName } from './statement.ts';

/** The slots that are one of the five values. */
export const valueSlots = ['amount', 'rate', 'payments', 'payment', 'finalAmount'] as const satisfies SlotName[];

export type ValueSlot = (typeof valueSlots)[number];

/** The slot among the five; a conversion turns about its rate. */
export const valueSlot = (slot: SlotName): ValueSlot => (slot === 'converted' ? 'rate' : slot);

export const unknownOf: Readonly<Record<ValueSlot, Unknown>> = {
  amount: 'pv',
  rate: 'i',
  payments: 'n',
  payment: 'pmt',
  finalAmount: 'fv',
};

export interface SolvedCase {
  readonly unknown: ValueSlot;
  /** In the slot's own terms, unrounded: money positive, the rate as quoted and a fraction, payments maybe fractional. */
  readonly exact: number;
  /** As it goes into the plan: money rounded, payments whole. */
  readonly shown: number;
  /** For payments: how the count is said. */
  readonly said?: SaidCount;
  /** All slots' numbers, the solved one in it as shown. */
  readonly numbers: Readonly<Record<ValueSlot, number>>;
  /** The five values with the unknown exact; the statement without its changes. */
  readonly values: FiveValues;
  readonly rate: QuotedRate;
  readonly plan: Plan;
  readonly table: Table;
  /** For flat charges: the charge, and the rate really charged. */
  readonly flat?: FlatFacts;
}

export interface FlatFacts {
  /** The finance charge, in money. */
  readonly charge: number;
  readonly ratePerPayment: number;
  /** The rate really charged a year, compounded as often as payments fall, and effective. Fractions. */
  readonly nominal: number;
  readonly effective: number;
}
