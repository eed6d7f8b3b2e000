/** Words beside a sum that is put in once, or each time. */

import { cue, type Cue } from './record.ts';
import type { WordRole } from './wordRole.ts';

export const moneyPutInCues: readonly Cue<WordRole>[] = [
  cue(
    'payment',
    12,
    'for how (?:many (?:months|years|quarters|weeks|payments)|long) (?:must|does|will|should|can|do) ~(?:pay|save|deposit|draw|withdraw|put (?:in|away|aside)) {m}',
    '(?:pays?|paying|paid|deposits?|saves?) {m},? the first (?:one |of them )?(?:an?|one|in|⟨t)',
  ),
  cue('amount', 12, 'must (?:an?|the|this|her|his) deposit of {m} (?:lie|wait|stay|remain|stand|rest|grow)'),
  cue('amount', 11, '(?:has|have|had) {m} to live (?:on|off)'),
  cue('amount', 12, 'repayment of {m} (?:by|with|in)'),
  cue(
    'amount',
    12,
    '(?:grant|gift|legacy|bequest|donation|sum|prize) of {m} (?:is|was) (?:put|placed|invested|set aside|laid out)(?! (?:towards?|to|into|on|against|off)(?![a-z]))',
  ),
  cue(
    'downPayment',
    11,
    '{m} (?:with|on|at|upon) (?:the |his |her |their )?(?:signature|signing|first (?:rental|rent))(?= ?[.,;])',
  ),
  cue('amount', 14, 'deposit of {m} (?:today|now),? (?:and )?(?:then )?(?:nothing|no) (?:more|further|other)'),
  cue(
    'payment',
    9,
    '<m>[^.?!⟨]{0,30}(?:<e>|<a>)[^.?!⟨]{0,12}[;,] (?:and )?(?:then|thereafter|afterwards) {m} (?:for|over|during) (?:the )?(?:(?:next|following|last|remaining|other) )?<t>',
  ),
  cue(
    'payment',
    13,
    '{m},? (?:put (?:by|away|aside)|saved|paid in|deposited|set aside|laid by) (?:<[ea]>|at the (?:end|start|beginning|close) of <e>)',
  ),
  cue('payment', 10, '{m} (?:is|was|are|were) added at the (?:end|beginning|start|close) of <e>'),
  cue(
    'payment',
    12,
    '(?:do|does|will|would) {m} (?:put in|paid in|deposited|set aside|saved|invested) (?:at the (?:end|beginning|start) of )?<e>',
  ),
  cue('amount', 8, '(?:has|have|had) (?:already |so far |by now )?saved(?: up)? {m}(?= ?[.;])'),
  cue('payment', 12, '(?:of which|payments\\.) the first <n> are {m}(?= ?[.,;]| each)'),
  cue('payment', 14, 'price (?:of (?:an?|the) [a-z ]+ )?(?:is|was) (?:quoted|given|advertised|stated) as {m} <[ea]>'),
  cue(
    'finalAmount',
    13,
    '(?:fund|account|pot|plan) (?:now |today )?stands at {m} (?:now |today )?(?:after|when) (?:he|she|they|[a-z]+) (?:has|have|had) (?:paid|put|saved|deposited)',
    'sav(?:es?|ing|ed) (?:up )?for (?:an?|the|her|his|their) (?:[a-z]+ ){1,3}(?:of|costing) {m}',
  ),
  cue(
    'amount',
    13,
    '(?:he|she|they|it) (?:has|have) {m} (?:already )?and (?:can |will )?(?:adds?|puts? in|pays? in|saves?) <m> (?:<[ea]>|at)',
  ),
  cue(
    'finalAmount',
    13,
    '(?:premiums|contributions|deposits)[^.?!]{0,60} (?:secures?|assures?|guarantees?|buys?) {m} (?:at|on) (?:the|her|his|their)',
  ),
  cue(
    'amount',
    12,
    '(?:has|have|had) (?:already )?(?:saved(?: up)? )?{m}\\. (?:he|she|they) (?:adds?|pays? in|deposits?|puts? in) <m> (?:<[ea]>|at)',
  ),
  cue(
    'amount',
    11,
    '(?:has|have) {m},? and (?:the|this|that|his|her|their) money (?:earns|bears|is (?:invested|worth))',
  ),
  cue(
    'amount',
    13,
    'opens? (?:the|this|her|his|their|an) account with (?:an? )?(?:initial |first |opening )?(?:deposit|payment|balance) of {m}(?! (?:and|<[ea]>|each|every))',
    '(?:inherits?|receives?|wins?|gets?|is given) {m} and (?:puts?|pays?) (?:it|this|all of it) (?:all )?in(?:to)? the (?:account|fund|plan) (?:at once|today|now|immediately|straight away)',
  ),
  cue(
    'extra',
    12,
    '(?:invests?|saves?|deposits?|puts?|pays? in)(?![a-z])[^?]{0,160}(?:then|later|after (?:that|which)),? (?:he|she|they|[a-z]+) adds? (?:another |a further |a bonus of )?{m}(?! (?:<[ea]>|each|every|more each|to each|at the (?:end|start|beginning) of))',
  ),
  cue('amount', 9, '(?:builder|owner|lessor|firm|maker) (?:has )?put {m} into (?:it|them|the [a-z]+)'),
  cue('payment', 12, '{m} (?:put|paid|laid) (?:in|by|aside) at (?:the (?:end|start|beginning) of )?<e>'),
  cue('amount', 12, '(?:puts?|pays?|places?) {m} into an annuity(?! (?:fund|plan|account))'),
  cue('ignored', 13, '(?:instead of|rather than) the (?:required|usual|regular|agreed|normal) {m}'),
  cue(
    'amount',
    13,
    'sum of {m} is (?:put|placed|deposited|invested|paid) (?:in|into|on)[^.?!⟨]{0,30} (?:today|now|at once)',
  ),
  cue(
    'amount',
    14,
    '(?:moves?|moved|transfers?|transferred|sends?) {m} (?:[a-z]+ ){0,3}to (?:an?|the|her|his|their|its) (?:[a-z]+ ){0,2}(?:account|fund|pot|plan|scheme)[^?]{0,60} and (?:then )?(?:adds?|puts?|pays?|saves?|deposits?) <m> (?:<[ae]>|at the (?:end|beginning|start) of <e>)',
  ),
  cue(
    'payment',
    11,
    'must {m} be (?:invested|saved|deposited|put (?:aside|away|in)|set aside) (?:at the (?:end|start|beginning) of )?(?:each|every|<e>)',
  ),
  cue(
    'amount',
    12,
    '(?:has|have) {m} (?:in (?:the|a|her|his|their) (?:bank|savings|account|savings account)|on deposit|in savings)(?! (?:and|plus) (?:adds?|saves?|puts?|deposits?))',
  ),
  cue(
    'amount',
    14,
    '(?:pays?|paying) {m} (?:in )?cash (?:with|using|by|out of) (?:money|a loan|funds|a credit|the proceeds)(?: (?:that is|which is|of))? ?(?:borrowed|lent|from)',
    '(?:pays?|paying) (?:a )?cash(?: price of)? {m} (?:with|using) (?:money borrowed|a loan)',
  ),
  cue(
    'finalAmount',
    13,
    '{m} (?:still |left |then )*to (?:be )?(?:paid|pay|come|settle|settled) (?:along |together )?with the (?:last|final)(?: @payment)?',
  ),
  cue(
    'extra',
    13,
    '(?:also|then|besides) (?:pays? in|pays?|puts? in|adds?) {m} (?:from|out of) (?:an?|the|her|his|their) (?:[a-z]+ )?(?:bonus|legacy|inheritance|gift|windfall|savings|prize|refund)',
  ),
  cue(
    'newPayment',
    12,
    '(?:after|from|with) (?:the first <t>|<t>|the <o> (?:@payment|year)(?: on)?),? (?:he|she|they|it|the [a-z]+) (?:make|makes|made) (?:it|this|that|them) {m}(?! more)',
  ),
  cue(
    'extra',
    13,
    '(?:if|when) {m} (?:is|are|were) (?:paid|repaid) (?:off|back|down) (?:now|today|at once|immediately)',
  ),
  cue(
    'newPayment',
    13,
    '(?:for|during|over|in) the <t> (?:after (?:that|this|them)|that follow|following|thereafter),? (?:he|she|they|it|the [a-z]+) (?:pays? in|pays?|deposits?|saves?|puts? in) {m}(?: <[ea]>)? instead',
  ),
  cue(
    'amount',
    12,
    '(?:repairs?|renovation|purchase|installation|extension|conversion) of {m} (?:is|are|was|were) (?:paid|financed|settled)',
  ),
  cue('ignored', 13, '(?:how much|what part|which part) of (?:the|this|that|these) {m} (?:is|are|comes from) interest'),
  cue(
    'finalAmount',
    12,
    '(?:at the end|then|afterwards),? (?:it|they|the [a-z]+) (?:is|are) (?:reckoned|valued|put|estimated|taken|expected to be) (?:at|worth) {m}',
  ),
  cue(
    'extra',
    13,
    '(?:after|at the end of|following) (?:<t>|the <o> (?:year|@payment)),? (?:he|she|they|it|the [a-z]+) (?:may |can |could )?(?:pays?|paid|repays?) (?:back|off) {m}(?! (?:<[ea]>|each|every))',
  ),
  cue('downPayment', 12, '(?:gives?|hands? over|pays?|puts? down|lays? down) {m} and signs (?:for|an?) '),
  cue('downPayment', 12, '{m} (?:when|as|once) the (?:contract|lease|agreement) is signed(?=,? (?:and|then|,))'),
  cue(
    'finalAmount',
    12,
    '(?:is|are|be|have been|has been) (?:brought |paid |cut |got )?down to {m}(?= (?:if|when|by|with|,)|[?.,])',
  ),
  cue('payment', 12, '(?:has|have|had) paid (?:his|her|their|its) {m}(?: <[ae]>)? for'),
];
