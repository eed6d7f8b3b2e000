/** House rules: the conventions of a class. */

import type { TableRounding } from '../table/plan.ts';

export interface HouseRules {
  /** Id of a number style. */
  readonly numberStyle: string;
  readonly rounding: TableRounding;
  /** How far from the key an answer may lie and still be right-rounded, in the answer's own unit: money, percent, payments. */
  readonly tolerance: { readonly money: number; readonly percent: number; readonly count: number };
  /** Shares of the marks, 0 to 1. */
  readonly credit: { readonly rightRounded: number; readonly slip: number; readonly sign: number };
}

export const defaultHouseRules: HouseRules = {
  numberStyle: 'comma-point',
  rounding: { payment: 'cent', interest: 'cent', last: 'clears' },
  tolerance: { money: 0.01, percent: 0.005, count: 0 },
  credit: { rightRounded: 1, slip: 0.5, sign: 0.75 },
};
