/** Every cue that asks, in the order in which equals count. */

import type { Cue } from '../record.ts';
import { amountsAsked } from './amounts.ts';
import type { Asked } from './asked.ts';
import { comparedAsked } from './compared.ts';
import { depositsAsked } from './deposits.ts';
import { endsAsked } from './ends.ts';
import { interestAsked } from './interest.ts';
import { laterPaymentsAsked } from './laterPayments.ts';
import { owedAsked } from './owed.ts';
import { paymentsAsked } from './payments.ts';
import { paymentsListedAsked } from './paymentsListed.ts';
import { pricesAsked } from './prices.ts';
import { principalAsked } from './principal.ts';
import { ratesAsked } from './rates.ts';
import { timesAsked } from './times.ts';
import { totalsAsked } from './totals.ts';
import { whatIsThereAsked } from './whatIsThere.ts';

export type { Asked };

export const questionCues: readonly Cue<Asked>[] = [
  ...ratesAsked,
  ...comparedAsked,
  ...interestAsked,
  ...principalAsked,
  ...totalsAsked,
  ...owedAsked,
  ...pricesAsked,
  ...amountsAsked,
  ...whatIsThereAsked,
  ...endsAsked,
  ...laterPaymentsAsked,
  ...depositsAsked,
  ...paymentsListedAsked,
  ...paymentsAsked,
  ...timesAsked,
];
