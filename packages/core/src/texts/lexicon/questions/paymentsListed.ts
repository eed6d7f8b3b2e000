/** Words that ask for the payment in a list of what to find, or by the amount of each of so many. */

import { cue, type Cue } from '../record.ts';
import type { Asked } from './asked.ts';

export const paymentsListedAsked: readonly Cue<Asked>[] = [
  cue(
    'payment',
    9,
    '^\\W*payment (?:(?:due |made )?at the (?:end|start|beginning) of )?<e>\\W*(?:\\([ivx]+\\)|\\([a-h]\\))?\\W*$',
  ),
  cue(
    'payment',
    14,
    '(?:amount|size) of each of (?:the )?<n> (?:<e>(?:-end)? |end-of-[a-z]+ |equal )*(?:@payment|sums|@deposit)(?= that | to (?:clear|repay|pay|discharge|reach))',
  ),
];
