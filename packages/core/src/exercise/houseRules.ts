/** House rules: the conventions of a class. */

import type { Timing } from '../annuity/fiveValues.ts';
import type { TableRounding } from '../table/plan.ts';
import { usualWriting, type Writing } from './writing.ts';

export interface HouseRules {
  /** Sign or code put before or after amounts where they are shown; may be empty. */
  readonly currency: string;
  /** Id of a number style. */
  readonly numberStyle: string;
  /** Places shown for money, 0 to 6. */
  readonly decimals: number;
  readonly rounding: TableRounding;
  /** What a new statement starts with. */
  readonly usual: { readonly timing: Timing; readonly paymentsPerYear: number };
  /** Whether an earlier answer is rounded, as its part asks, before a later part uses it. */
  readonly earlier: 'rounded' | 'exact';
  /** Id of the entering style the class's tool wants. */
  readonly entering: string;
  /** How formulas are written. */
  readonly writing: Writing;
  /** How far from the key an answer may lie and still be right-rounded, in the answer's own unit: money, percent, payments. */
  readonly tolerance: { readonly money: number; readonly percent: number; readonly count: number };
  /** Whether a right number with the other sign is right (`free`) or the slip it is (`counts`). */
  readonly sign: 'counts' | 'free';
  readonly credit: Credit;
  /** When an explanation may be believed: at most so many explanations fit, and at most this chance that a random number would fit one. */
  readonly specific: { readonly mostFitting: number; readonly mostByChance: number };
}

/** Shares of the marks, 0 to 1. */
export interface Credit {
  readonly rightRounded: number;
  /** Right, given the student's own earlier answer. */
  readonly carried: number;
  readonly slip: number;
  readonly sign: number;
  /** By family of slip, where it differs from `slip`. */
  readonly byFamily: Readonly<Record<string, number>>;
  /** By slip, where it differs from its family. */
  readonly bySlip: Readonly<Record<string, number>>;
  /** For a right number by another convention than the rules', where it is not all the marks. */
  readonly byConvention: Readonly<Record<string, number>>;
}

export const defaultHouseRules: HouseRules = {
  currency: '',
  numberStyle: 'comma-point',
  decimals: 2,
  rounding: { payment: 'cent', interest: 'cent', last: 'clears' },
  usual: { timing: 'end', paymentsPerYear: 12 },
  earlier: 'rounded',
  entering: 'annual-rate',
  writing: usualWriting,
  tolerance: { money: 0.01, percent: 0.005, count: 0 },
  sign: 'counts',
  credit: { rightRounded: 1, carried: 1, slip: 0.5, sign: 0.75, byFamily: {}, bySlip: {}, byConvention: {} },
  specific: { mostFitting: 6, mostByChance: 0.5 },
};

const paymentRounding: Readonly<Record<TableRounding['payment'], string>> = {
  exact: 'payments unrounded',
  cent: 'cents',
  'cent-up': 'payments up to the cent',
  unit: 'whole payments',
  'unit-up': 'payments up to whole',
};

/** The rules in a few words, for the top bar: "cents, end of period". */
export function rulesInWords({ rounding, usual }: HouseRules): string {
  const interest = rounding.interest === 'exact' && rounding.payment !== 'exact' ? ', interest unrounded' : '';
  const last = rounding.last === 'as-others' ? ', last payment as the others' : '';
  return `${paymentRounding[rounding.payment]}${interest}${last}, ${usual.timing === 'end' ? 'end' : 'beginning'} of period`;
}
