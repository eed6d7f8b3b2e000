/** Words beside a sum that is paid besides: once more, or on top of each payment. `{…}` is the sum. */

import { cue, type Cue } from './record.ts';
import type { WordRole } from './wordRole.ts';

export const moneyBesidesCues: readonly Cue<WordRole>[] = [
  cue(
    'extra',
    13,
    '(?:with|after|at) the <o>(?: (?:<e> )?@payment)?,? (?:another|a further|a second|again|once more) {m}(?! (?:<[ea]>|each|every))',
    '(?:another|a further|a second) {m} (?:with|after|at) the <o> @payment',
  ),
  cue(
    'extra',
    13,
    '(?:inherits?|inherited|wins?|won|receives?|gets?) {m},? (?:and )?(?:puts?|pays?|uses?) (?:it|them|this|all of it|the money)(?: all)? (?:in)?to (?:pay (?:off|down) )?(?:part of )?(?:the |her |his |their )?(?:loan|mortgage|debt)',
  ),
  cue(
    'extra',
    14,
    '(?:hands?|handed|gives?|gave|sends?|sent|brings?|pays?|paid) (?:over |in )?{m} (?:besides|in addition|as well|over and above it)(?! (?:at the (?:end|start)|<[ea]>|each|every))',
  ),
  cue(
    'extra',
    13,
    'after <t>,? (?:he|she|they|it|the [a-z]+) (?:repays?|pays?(?: back| off)?) {m} (?:at once|in one sum|in one go|back at once)',
  ),
  cue('extra', 13, '(?:is|was|are|were) topped up (?:by|with) {m}|overpa(?:y|ys|id) (?:by )?{m} (?:with|after|at|in)'),
  cue(
    'paymentRise',
    13,
    '{m} (?:is|are|was|were) paid (?:on top of|over and above|in addition to|besides) (?:each|every|the) (?:<e>(?:-end)? )?@payment(?! of)',
  ),
  cue(
    'paymentRise',
    12,
    '(?:payments?|deposits?|instal?ments?|contributions) (?:then )?(?:rises?|rose|goes up|go up|went up|increases?|increased|(?:is|are|was|were) (?:raised|increased)) by {m}',
  ),
  cue('paymentRise', 13, '{m} (?:is|are|was|were) added to (?:each|every|<e>(?:-end)?) (?:<e>(?:-end)? )?@payment'),
];
