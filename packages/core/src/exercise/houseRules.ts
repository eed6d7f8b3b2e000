/** House rules: the conventions of a class. */

import type { Timing } from '../annuity/fiveValues.ts';
import type { TableRounding } from '../table/plan.ts';

export interface HouseRules {
  /** Sign or code put before or after amounts where they are given out; may be empty. */
  readonly currency: string;
  /** Id of a number style. */
  readonly numberStyle: string;
  /** Places shown for money, 0 to 6. */
  readonly decimals: number;
  readonly rounding: TableRounding;
  /** What a new statement starts with. */
  readonly usual: { readonly timing: Timing; readonly paymentsPerYear: number };
  /** Id of the entering style the class's tool wants. */
  readonly entering: string;
  /** How far from the key an answer may lie and still be right-rounded, in the answer's own unit: money, percent, payments. */
  readonly tolerance: { readonly money: number; readonly percent: number; readonly count: number };
  /** Shares of the marks, 0 to 1. */
  readonly credit: { readonly rightRounded: number; readonly slip: number; readonly sign: number };
}

export const defaultHouseRules: HouseRules = {
  currency: '',
  numberStyle: 'comma-point',
  decimals: 2,
  rounding: { payment: 'cent', interest: 'cent', last: 'clears' },
  usual: { timing: 'end', paymentsPerYear: 12 },
  entering: 'annual-rate',
  tolerance: { money: 0.01, percent: 0.005, count: 0 },
  credit: { rightRounded: 1, slip: 0.5, sign: 0.75 },
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
