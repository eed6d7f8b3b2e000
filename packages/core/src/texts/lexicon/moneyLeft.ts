/** Words beside a sum of money that say it is left, owed or paid at the end: a balloon, a residual. `{…}` is the sum. */

import { cue, type Cue } from './record.ts';
import type { WordRole } from './wordRole.ts';

export const moneyLeftCues: readonly Cue<WordRole>[] = [
  cue('finalAmount', 12, '(?:is|are|was) {m} (?:passed|exceeded|reached|topped|surpassed)(?= ?[?.,;])'),
  cue(
    'finalAmount',
    13,
    '{m} (?:is |are |being )?(?:to be )?(?:refinanced|renewed|rolled over|repaid|paid|settled|due|payable) (?:in one sum )?(?:at the (?:very )?end|when the (?:term|loan) ends)(?! of <e>)(?! of each)',
  ),
  cue(
    'finalAmount',
    14,
    '(?:final|last|closing|concluding|lump|single) (?:sum|amount|payment) of {m},? (?:is |to be |which is |being )?(?:paid|due|payable|made|falls due|falling due) (?:together |along )?(?:with|at) the (?:last|final)',
  ),
  cue(
    'finalAmount',
    12,
    'pays <m> (?:<[ea]>|at the (?:end|start|beginning) of <e>)(?: for <t>)?,? and (?:then|finally|at the end) {m}',
  ),
  cue(
    'finalAmount',
    13,
    'there (?:should|must|is to|are to|shall) (?:be )?{m} in (?:the|her|his|their) (?:account|fund)',
  ),
  cue(
    'finalAmount',
    11,
    '(?:deposit|sav|put|pa(?:y|id) in|invest)[^?]{0,120}the balance after <t> (?:is|was|will be) {m}',
  ),
  cue('finalAmount', 9, 'worth (?:more than|at least|over) {m}'),
  cue(
    'finalAmount',
    13,
    'at the end(?: of the (?:term|loan|<t>))?,? {m} (?:is|are|remains?) (?:still )?(?:owed|owing|due|to be (?:re)?paid|(?:re)?paid (?:back )?in one sum)',
    '(?:debt|balance|loan) at the end (?:is|was|should|must|is to|will)(?: be)? {m}',
    '{m} of the (?:loan|debt|mortgage|principal|sum) (?:is|are) only (?:re)?paid (?:back )?at the end',
    'still owes {m} when (?:the <t>|it|the (?:term|time)) (?:is|are) (?:over|up)',
    'the remaining {m} (?:is|are) (?:to be )?(?:re)?paid (?:back )?in one sum at the end',
    'after <n> (?:<e> )?@payment {m} is still (?:owed|to be (?:re)?paid|due|owing)',
  ),
  cue(
    'finalAmount',
    13,
    '(?:balance|debt) (?:of|on) (?:an?|the|his|her|their) (?:loan|mortgage) after <n> (?:<e>(?:-end)? )?@payment of <m> is {m}',
  ),
  cue('finalAmount', 13, '(?:is|are) (?:less|more) than {m} (?:still )?(?:owed|left|there|owing)'),
  cue('finalAmount', 12, '@deposit of <m>[^?]{0,60} does (?:[a-z]+ ){1,2}have {m}'),
  cue(
    'finalAmount',
    13,
    'reckons? with an? (?:[a-z]+ )?(?:value|price|worth) of {m} (?:after (?:that|it)|afterwards|at the end|then)',
  ),
  cue('finalAmount', 12, 'counts? on {m} for (?:it|them) (?:afterwards|then|at the end|later)'),
  cue(
    'finalAmount',
    13,
    '<n> payments (?:had been|have been|were|are) made,? (?:and )?(?:she|he|they|it|the [a-z]+) still (?:owed|owes) {m}',
  ),
  cue('finalAmount', 12, 'counts? on (?:selling|getting|receiving) (?:it|them|the [a-z]+) (?:back )?for {m}'),
  cue('finalAmount', 10, 'so that {m} (?:has been|have been|will have been|is|are) (?:saved|gathered|put by|there)'),
  cue(
    'finalAmount',
    12,
    '(?:further|final|last|closing|single) payment of {m} at the (?:end|close) of (?:the |those |these )?<t>',
  ),
  cue(
    'finalAmount',
    9,
    'would (?:then )?like (?:to have |to own |to reach )?{m}(?= ?[.,]| by| in|$)',
    'first (?:be|have|hold|reach|contain|exceed)s? (?:more than |over |above )?{m}',
    '(?:be|have|hold|reach|contain) (?:more than|over|above) {m}',
  ),
  cue('finalAmount', 12, '(?:the|an?|its|her|his|their) [a-z]+(?: [a-z]+)? (?:will )?costs? {m} in <t>'),
  cue('finalAmount', 12, 'with {m} to pay if (?:he|she|they|it) (?:keeps?|buys?|wants? (?:it|to keep))'),
  cue('finalAmount', 12, 'with {m} (?:to pay|to be paid|payable|still due|owing) at the end'),
  cue('amount', 12, 'with {m} (?:already )?in (?:it|the (?:account|fund|pot|chest)) (?:now|already|today)'),
  cue('finalAmount', 12, '(?:will|is to|can|shall) be taken back (?:at|for) {m}'),
  cue('finalAmount', 12, 'until [^.?!⟨]{3,30}, {m}, (?:is|are|can be) paid for'),
  cue('finalAmount', 12, 'worth <m>,? (?:and )?at the end {m}(?= ?[;,.])'),
  cue('finalAmount', 12, '(?:sum|deposit|investment|it) (?:has |had )(?:become|grown to) {m}'),
  cue('finalAmount', 12, '(?:it|the account|the fund) is now,? (?:<t> later,? )?worth {m}'),
  cue('finalAmount', 12, '^to (?:save|have|reach) {m} (?:in|within|after) <t>,'),
  cue(
    'finalAmount',
    13,
    '(?<!(?:fee|charge|commission|penalty|premium) of ){m} (?:is|are|remains?) (?:still |then )?(?:to be )?(?:paid|due|payable) (?:together )?with the (?:last|final)(?: @payment)?',
  ),
  cue(
    'finalAmount',
    13,
    '(?:deposits?|payments?)[^.?!]{0,70} (?:leaves?|left|makes?|made|produces?|produced|brings?|brought) {m} in (?:the|her|his|their|its) (?:account|fund|plan)',
  ),
  cue(
    'finalAmount',
    14,
    '(?:afterwards|then|after that|at the end|later),? (?:he|she|they|it|the [a-z]+) (?:sells?|can sell|will sell|hopes to sell|expects to sell) (?:it|them|the [a-z]+) (?:for|at) {m}',
  ),
  cue(
    'finalAmount',
    13,
    'with (?:a|an) (?:estimated |expected |assumed |remaining )?value (?:at|by) the end(?: of the (?:lease|hire|term|contract))? of {m}',
    '(?:value|worth) at the end(?: of (?:the|its) (?:lease|hire|term|contract))? (?:of|is|:) ?{m}',
  ),
  cue(
    'finalAmount',
    13,
    '<t> (?:loan|note) (?:of|for) <m> (?:is|was|to be) (?:repaid|settled|paid back) (?:with|by|at) {m}',
    '(?:note|bill|promise) (?:pays|is worth|is for) {m} (?:in|after) <t>',
  ),
  cue('finalAmount', 11, '(?:and|but) (?:keeps?|retains?) {m}(?= ?[.,;?])'),
  cue(
    'finalAmount',
    12,
    '{m} (?:(?:is|are) )?(?:to be )?(?:paid|due|payable|repaid) at the (?:very )?end(?! of (?:each|every|<e>))',
  ),
  cue(
    'finalAmount',
    13,
    '(?<=(?:then|afterwards|at the end|after|later|once|when)(?![a-z])[^.?!]{0,70})(?:may|can|could|might) (?:then )?(?:have|keep|own|acquire|take over) (?:it|them|the [a-z]+) for {m}',
  ),
  cue(
    'finalAmount',
    12,
    '(?:should|will|would|is expected to|is likely to|ought to) (?:then |still )?(?:fetch|bring(?: in)?|go for|sell for|be sold for|realise|realize) {m}',
  ),
  cue(
    'finalAmount',
    14,
    '(?:option to (?:buy|purchase)|purchase option|right to buy)(?: it| the [a-z]+)? (?:costs?|is|of|at|for|amounts to|comes to):? {m}',
  ),
  cue(
    'finalAmount',
    14,
    '(?:at the end|after that|afterwards|then|after the (?:lease|hire|term|contract))[^.;?!⟨]{0,30} (?:is|are|will be|can be|would be|is to be) sold(?: on| off| again)? (?:for|at) {m}',
  ),
  cue('finalAmount', 12, '{m} (?:of |as )?(?:a |the )?balloon(?! (?:loan|mortgage|note)(?![a-z]))'),
  cue('finalAmount', 13, 'then (?:it|they|the [a-z]+) (?:is|are) (?:yours|hers|his|theirs|ours) for {m}'),
  cue(
    'finalAmount',
    13,
    '(?:sold|sells?) for {m} (?:a|an|the) [a-z]+ (?:that |which )?(?:she|he|they) (?:had )?bought',
  ),
  cue('finalAmount', 12, 'resale (?:value )?(?:at the end|afterwards)?:? ?(?:of )?{m}'),
  cue(
    'finalAmount',
    12,
    '(?:account|fund|pot)[^.?!]{0,60},? then (?:held|contained|had|stood at|showed|amounted to) {m}',
  ),
  cue(
    'finalAmount',
    13,
    '(?:can|may|could|might|has the right to|has an option to|have the option to) (?:then )?(?:purchase|buy|acquire|take over|keep) (?:it|them|the [a-z ]{2,24}?)(?:[^.;?!⟨]|⟨[ton]\\d+⟩){0,50} for {m}',
  ),
  cue(
    'finalAmount',
    12,
    '(?:residual(?: value)?|resale value|remaining value)[^.;?!⟨]{0,30}(?:<[tn]>[^.;?!⟨]{0,12})? (?:is|of|will be) {m}',
  ),
  cue(
    'finalAmount',
    12,
    'balloon (?:payment )?(?:of|(?<=.balloon ):|is) {m}',
    '(?:and|plus|with) a (?:balloon|final lump|closing payment|residual) of {m}',
  ),
  cue(
    'finalAmount',
    10,
    '(?:until|when|before) (?:it|this|that|they) (?:is|are|has|have|will be|be|becomes?)(?: become| grown to)? (?:worth )?{m}',
  ),
];
