/** Words beside a sum that something is bought for: its price, what is paid down, what is given for the old one. `{…}` is the sum. */

import { cue, type Cue } from './record.ts';
import type { WordRole } from './wordRole.ts';

export const moneyBoughtCues: readonly Cue<WordRole>[] = [
  cue('price', 11, '(?:is|are|was|were) valued at {m}'),
  cue(
    'price',
    13,
    '(?<=, )(?:the )?(?:van|car|machine|boat|truck|press|tractor|crane|digger|loom) worth {m}(?= ?[.,;])',
  ),
  cue('ignored', 13, 'bought for {m} is (?:traded|given|exchanged)'),
  cue('tradeIn', 13, '(?:dealer|shop|seller|maker) (?:gives|allows|pays|takes it for) {m} for (?:it|the old)'),
  cue('price', 14, '(?:can|could|may) (?:either )?buy [^.?!⟨]{2,30} for {m},? or (?:else )?(?:lease|rent|hire) it'),
  cue('price', 11, '(?:house|flat|farm|boat|car|shop|land) sells (?:at|for) {m}'),
  cue(
    'downPayment',
    12,
    '(?:buyers?|couple|family|owners?|they|he|she) (?:has|have|had) {m}(?:, and| and|\\.|;|,) for the (?:rest|remainder)',
  ),
  cue('downPayment', 13, 'first payment of {m} (?:on delivery|at signing|at once|down),? (?:and )?then'),
];
