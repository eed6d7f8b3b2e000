/** Words of a list of what to find, that would ask nothing elsewhere. */

import { cue, type Cue } from '../record.ts';
import type { Asked } from './asked.ts';

export const listedAsked: readonly Cue<Asked>[] = [
  cue(
    'payment',
    9,
    '^\\W*payment (?:(?:due |made )?at the (?:end|start|beginning) of )?<e>\\W*(?:\\([ivx]+\\)|\\([a-h]\\))?\\W*$',
  ),
  cue(
    'payment',
    14,
    '(?:amount|size) of each of (?:the )?<n> (?:<e>(?:-end)? |end-of-[a-z]+ |equal )*(?:@payment|sums|@deposit)(?= that | to (?:clear|repay|pay|discharge|reach))',
    '(?:what|which|how large a) sum,? (?:deposited|saved|paid in|set aside|put (?:by|aside|in|away)|invested|contributed) (?:at the (?:start|end|beginning|close) of )?<e>',
  ),
  cue('difference', 12, '(?:by )?how much do (?:they|these|the (?:two|<n>)|both) differ'),
  // Of the interest, where that is asked before.
  cue('totalPaid', 12, 'how much of (?:it|that|this) (?:falls|is due|runs up) (?:in|during|over|within)'),
  cue('choice', 12, 'where (?:does|do|will|would) [^?]{0,40}(?:grow|earn|become|bring|yield|get) (?:more|most)'),
  cue('amount', 12, 'find the (?:original )?(?:debt|loan)(?= at <p>)'),
  cue(
    'amount',
    13,
    'how (?:large|big) (?:is|was|must be|should be) (?:the|her|his|their) (?:inheritance|legacy|gift|endowment|bequest)(?= ?[?,])',
  ),
  cue(
    'balance',
    14,
    '(?:sum|amount|payment) that (?:would|will|must|can|could) (?:be paid to )?(?:pay off|clear|settle|redeem|discharge) (?:what (?:remains|is left|is still owed|is owed)|the (?:rest|remainder|balance|loan|debt)|it)',
  ),
  cue('amount', 14, '(?:what|which) (?:lump|single) sum (?:is|are|would) (?:it|this|that|they|these) (?:be )?worth'),
  cue(
    'balance',
    13,
    '(?:what|how much) (?:settles|clears|pays off|redeems|discharges) (?:the (?:loan|debt|mortgage|rest|balance)|it)(?= ?[?,]| (?:then|right|just|after|at that))',
  ),
];
