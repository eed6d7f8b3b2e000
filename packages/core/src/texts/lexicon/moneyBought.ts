/** Words beside a sum that something is bought for: its price, what is paid down, what is given for the old one. `{…}` is the sum. */

import { cue, type Cue } from './record.ts';
import type { WordRole } from './wordRole.ts';

export const moneyBoughtCues: readonly Cue<WordRole>[] = [
  cue(
    'downPayment',
    13,
    '(?:sold|bought|offered|had) for {m} down',
    '(?:pays?|paid|gives?|hands? over|will pay|puts?) {m} (?:down )?(?:when|as|on|upon) (?:it|they|the [a-z]+)?(?: is| are)? ?(?:delivered|delivery|collected|handed over|signing|collection|receipt)',
    '{m} (?:initial|first|opening) (?:payment|rental)(?= ?[,;.)])',
  ),
  cue('price', 12, '(?:an?|the) [a-z]+ at {m},? less (?:an? )?<m>'),
  cue('downPayment', 13, '(?:an? )?deposit of {m},? (?:and |then |followed by )+<n>'),
  cue(
    'downPayment',
    12,
    '(?:have|has|had) (?:already )?(?:saved |set aside )?{m} (?:saved )?(?:as|for|towards?) (?:an? |the |their |her |his )?down ?-?payment',
  ),
  cue('downPayment', 13, "(?<!of )(?<!'s ){m} (?:is |are |was )?(?:to be )?(?:paid|put) down(?= ?[.,;]| on| and| at)"),
  cue('amount', 11, '@payment on an? (?:note|bill|balance|contract|claim|debt|sum) of {m}'),
  cue('amount', 13, '(?:bought|buys?|purchased?|acquired?) an? (?:bond|note|annuity|claim|contract) for {m}'),
  cue(
    'downPayment',
    12,
    '(?:donors?|members|sponsors?|friends|parents|the (?:state|county|city|council|parish|diocese)) (?:gave|give|gives|contributed?|contributes|paid|pays?|raised|collected) {m}[;,.]? (?:and )?the (?:rest|remainder|balance)',
    '(?<!(?:rents?|rentals?|payments?|instal?ments?) of ){m} (?:is|was) (?:paid|due|payable) (?:at|on|upon) (?:the )?signing',
  ),
  cue(
    'tradeIn',
    13,
    'trade-?in (?:value|price) of (?:his|her|their|its|the|an?) (?:old |present |used )?[a-z]+ (?:is|was) {m}',
    '(?:dealer|seller|garage|shop) allows (?:him|her|them|it|[a-z]+) {m} (?:on|for) (?:his|her|their|its|the) (?:old|present|used)',
  ),
  cue('rebate', 13, '(?:dealer|seller|shop|maker|garage) (?:lowers|reduces|cuts) the price by {m}'),
  cue(
    'downPayment',
    12,
    '(?:pays?|gives?|puts?) {m} (?:himself|herself|themselves|as (?:a|the|his|her|their) (?:down ?payment|deposit))',
    '{m} (?:is|was|must be) (?:paid|due|payable) at the time of (?:the )?(?:purchase|sale)',
    '(?:seller|dealer|garage|shop|owner|builder|store) (?:wants|asks for|requires|demands) {m} (?:immediately|at once|in cash|now|today|up front|straight away)',
    '(?:uses?|spends?|takes?|puts) {m} (?:of|from) (?:his|her|their|its) (?:own )?(?:savings|money|funds)',
    '(?:leases?|leased|hires?|rents?) (?:an?|the) [a-z -]{2,24}: {m} now,? (?:and )?then <m>',
    '{m} (?:on|with) (?:the )?order(?= ?[;,.])',
    'price <m>[,;] {m} (?:is |being )?(?:paid|due) (?:at|on) (?:signing|delivery)',
    '(?:savings|cash|own money|reserves) of {m} (?:go|goes|are put|is put|are used|is used) (?:towards|into|for) (?:it|this|the)',
    '{m} (?:is |are |was |were )?paid(?: down| at once)?, (?:and )?the (?:rest|balance|remainder) (?:in|by|over|with)',
    '{m} (?:of )?(?:(?:his|her|their|its) )?own (?:money|means|funds|savings|capital)',
    '(?:has|have) (?:already )?saved(?: up)? {m},? which (?:he|she|they) (?:pays?|puts?|uses?|gives?)',
    '(?:from|out of) (?:his|her|their|its) own (?:money|funds|pocket|savings),? (?:[a-z]+ ){1,2}(?:pays?|puts?|gives?) {m}',
  ),
  cue(
    'price',
    11,
    '(?:is|are|was|were) valued at {m}',
    '@payment on an? (?:(?!loan|mortgage|credit|debt|sum|balance|note|bill|policy|claim|contract)[a-z-]+ ){1,3}(?:of|at|for) {m}',
  ),
  cue('price', 11, '(?<![a-z] )an? (?!loan|mortgage|credit|debt|rate)[a-z]{3,20} at {m}(?=[;:.])'),
  cue(
    'price',
    12,
    '<n> (?:<e>-end )?payments on an? (?:(?!loan|mortgage|credit|debt|sum|balance|note|bill|policy|claim|contract)[a-z-]+ ){1,3}(?:of|at|for) {m}',
  ),
  cue(
    'price',
    13,
    '(?<=, )(?:the )?(?:van|car|machine|boat|truck|press|tractor|crane|digger|loom) worth {m}(?= ?[.,;])',
  ),
  cue('ignored', 13, 'bought for {m} is (?:traded|given|exchanged)'),
  cue('tradeIn', 13, '(?:dealer|shop|seller|maker) (?:gives|allows|pays|takes it for) {m} for (?:it|the old)'),
  cue('price', 14, '(?:can|could|may) (?:either )?buy [^.?!⟨]{2,30} for {m},? or (?:else )?(?:lease|rent|hire) it'),
  cue(
    'price',
    11,
    '(?<!loan |debt |credit |mortgage ){m}[.:;,] (?:pay|put|give) (?:just |only )?(?:<p>|<m>|nothing) (?:now|down|today|at once)',
  ),
  cue(
    'price',
    11,
    '(?:finances?|financing|financed) (?:an?|the|this|his|her|their) {m} (?!loan|debt|mortgage|credit|of|at|over|for)[a-z]+',
  ),
  cue(
    'payment',
    9,
    '(?:leased|hired|rented) (?:for|over) <t> (?:at|for) {m} (?:<[ae]>|(?:payable|paid|due) (?:at|in advance|each|every))',
    '(?:leased|hired|rented) (?:for|at) {m} (?:<[ae]>|(?:payable|paid|due|at) (?:at )?the (?:end|start|beginning) of <e>)',
  ),
  cue('price', 11, '(?:lease|rent|hire)[^?]{0,120} the [a-z]+ is worth {m}(?: now| today)?(?= ?[;,.])'),
  cue('price', 11, '(?:quote|offer|bill|estimate) (?:for|of) (?:an?|the) [a-z ]{2,24}: {m}'),
  cue('price', 11, '(?:house|flat|farm|boat|car|shop|land) sells (?:at|for) {m}'),
  cue(
    'downPayment',
    12,
    '(?:buyers?|couple|family|owners?|they|he|she) (?:has|have|had) {m}(?:, and| and|\\.|;|,) for the (?:rest|remainder)',
  ),
  cue('downPayment', 13, 'first payment of {m} (?:on delivery|at signing|at once|down),? (?:and )?then'),
  cue(
    'extra',
    13,
    '(?:grant|gift|donation|refund|subsidy) of {m},? which (?:is|was) (?:at once |then )?(?:paid off|paid into|put towards?|used (?:to reduce|to pay off|against)|taken off)',
  ),
];
