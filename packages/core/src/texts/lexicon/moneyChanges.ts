/** Words beside a sum of money that changes a plan on its way: an extra payment, a higher one, a new one. `{…}` is the sum. */

import { cue, type Cue } from './record.ts';
import type { WordRole } from './wordRole.ts';

const isPaid = '(?: (?:is|are|was|were|can be|could be|will be) (?:paid|added|put in|sent))?(?: in)?';
const withEach = '(?:<e>|<a>|(?:with|to|on) (?:each|every|<e>)|at the (?:end|start|beginning) of <e>)';

export const moneyChangeCues: readonly Cue<WordRole>[] = [
  cue(
    'extra',
    12,
    'after the <o> @payment[^.;?!⟨]{0,40}(?:repays?|pays?(?: off| back| in)?) {m} (?:more|extra)(?! (?:<[ea]>|each|every|a |at the))',
  ),
  cue(
    'extra',
    12,
    '(?:an?|one) (?:one-off|extra|special|additional|single) {m}(?! <)(?! (?:(?:is|are|was) (?:paid|added|put in|sent) )?(?:<e>|a |each|every|with|on|to|per|at ))',
    'one-off {m}',
    'one-time {m}',
    'with the <o> (?:<e> )?@payment,? (?:he|she|they|it|the [a-z]+) adds {m}(?! (?:to (?:each|every)|<[ae]>|each|every|at the))',
    '(?:pays?|paid|repays?)(?: off| back| in)? {m} in addition to (?:the|her|his|their) (?:<o>|usual|regular|next)',
    '(?:together|along) with (?:payment <n>|the (?:<o>|next|last) (?:<e> )?@payment),? (?:he|she|they|it|the [a-z]+) (?:pays?|repays?|sends?|puts? in|adds?) {m}(?! (?:more )?(?:<[ae]>|each|every|a |at the))',
    '(?<!starting )(?<!beginning )(?<!commencing )(?:with|at|after) (?:payment (?:number )?<n>|the <o> @payment),? (?:he|she|they|it|the [a-z]+) (?:pays?|sends?|puts? in|adds?) {m} (?:more|extra|besides|in addition)(?! (?:<[ea]>|each|every|a |at the))',
    'another {m} (?:is|are|was|were) (?:added|deposited|paid in|put in|invested)(?! <)(?! at the)',
    '{m}(?: from [a-z ]{2,20})? goes in (?:with|on top of|along with|together with)',
    'when the <o> (?:@payment )?(?:is|has been|was) (?:paid|made),? {m} (?:more|extra|besides)',
    '{m} (?:more|extra|besides) (?:is|are|was|were) (?:paid|added|put in) (?:with|on top of|along with|together with) (?:the )?(?:@payment |@deposit )?(?:<n>|<o>)',
  ),
  cue(
    'paymentRise',
    12,
    'on top of (?:it|that|the|their|her|his)(?: <e>| regular| usual)? ?(?:@payment)?,? (?:she|he|they|it)? ?(?:pays?|adds?|puts?) {m} <e>',
  ),
  cue('paymentRise', 12, '(?:pay|pays|paying) {m} (?:<a>|<e>) more'),
  cue('extra', 10, '(?:inherits?|wins?|has a windfall) and (?:then )?(?:repays?|pays?(?: in| off)?|puts in) {m}'),
  cue('extra', 8, '(?:inherits?|wins?|receives?|gets) {m} and (?:pays|puts|uses) (?:it|this|that|all of it)'),
  cue(
    'extra',
    10,
    '{m}(?: from [a-z ]{2,20})? (?:is|are|was|were) (?:then )?(?:paid in|repaid|put in|paid off|paid back|paid)(?: besides| extra| in addition| together with| as well| too| on top| on the(?! (?:first|last|⟨o\\d+⟩) (?:day )?of)| with (?:the |payment )<on>| with <o>)',

    '(?:extra|additional|special|one-off|unscheduled|single|lump[- ]sum|early|voluntary)(?: [a-z-]+){0,2} (?:payment|repayment|sum|amount|prepayment)s?(?: of|:)? {m}',
    'prepay(?:s|ment)?(?: of)? {m}',
    'adds? {m} to (?:the|her|his|their) <o> (?:<e> )?(?:@payment|one)',
    'in addition to (?:the )?<o> (?:<e> )?@payment,? {m}',
    '(?:adds?|pays?|puts? in|sends?|brings?) (?:a|an|one) (?:lump|lump sum|single sum|extra|additional|further)(?: sum| payment| amount)? of {m}',
    '(?:also|besides|in addition|on top)(?: of that)? (?:pays? back|pays?|paid|repays?|puts?(?: in)?) {m}',
    '(?:pays?|paid) {m} (?:besides|as well|too|in addition|on top)',
    '{m} (?:as an? )?(?:extra|special|one-off|unscheduled|lump-sum|additional) (?:payment|repayment|sum)',
    '(?:pays?|paid|paying|puts?)(?: in| off| down)? (?:an )?(?:extra|additional|further) {m}(?! <)(?! more)',
    '(?:legacy|inheritance|bonus|windfall|gift|prize|lump sum|refund|grant)(?: of| worth)? {m}(?: is| was| are| goes)?(?: then| also| besides)? (?:paid|goes|put|used|added)(?! out)(?! to (?:buy|purchase|provide|fund|set up))',
    '{m} (?:goes|is paid(?! back| off)|is put|paid(?! back| off)|was paid(?! back| off)|pays) ~?(?:in (?!<[ae]>|each|every|at )|on top|towards the|off the|against the|in addition|with the|extra)',
    '(?:reduces?|lowers?|cuts?) the (?:debt|balance|loan) by {m}',
    '(?:pays?(?: back| in)?|paid(?: in)?|repays?|adds?|puts? in) {m} (?:together|along) with the (?:<o>|next|last|payment|usual|regular)',
    '(?:extra|additional|further) {m}(?! <)(?! more)',
    'on top of (?:it|that|the payment),? {m}',
    '{m} on top',
    '(?:pays?|paid) {m} off(?= and|,| the (?:debt|loan|balance))',
    '(?:puts? in|pays? in|throws? in|adds?|hands? in) another {m}(?! <)(?! more)',
    '{m} extra(?! <)',
  ),
  cue(
    'extra',
    6,
    '(?:windfall|bonus|legacy|inheritance|prize|lump sum) of {m}',
    '(?:uses?|throws?|pays?) {m} (?:of it |from it )?(?:to reduce|to pay down|into the loan|off the (?:loan|debt|balance)|towards? the)',
  ),
  cue(
    'paymentRise',
    11,
    `(?<!(?:deposits?|saves?|adds?) )(?:extra|additional|further|another)(?: (?:sum|amount|payment) of)? {m}${isPaid} ${withEach}`,
    `{m} extra${isPaid} ${withEach}`,
  ),
  cue(
    'paymentRise',
    10,
    '(?:raises?|raised|raising|increases?|increased|lifts?|rises?|goes up|go up|grows?|steps? up|put(?:s)? up)(?:(?: [a-z]+| <e>){0,4}| [^.;?!]{0,50} of <m>) by {m}',
    '{m} (?:more|larger|higher|bigger)(?! (?:than|interest))',
    '(?:pays?|paying|pay) {m} (?:more|extra) than (?:the|her|his|their) (?:(?:regular|usual|normal|required|agreed|scheduled|<e>) )?(?:@payment|one|amount)',
    '{m} (?:more|extra) than the (?:regular|usual|normal|required|agreed|scheduled|<e>) @payment',
    '{m} more than (?:is )?(?:required|needed|necessary|asked|due) (?:is paid )?(?:at|each|every|<e>)',
    '{m} more than (?:is )?(?:required|needed|necessary|asked|due)(?= is paid)',
    'adds? {m} to (?:each|every|the|her|his|their)(?: <e>| monthly| regular)? ?(?:@payment|@deposit)',
  ),
  cue(
    'newPayment',
    10,
    '(?:begins?|starts?) (?:to pay|paying) {m}(?! (?:more|extra|on top|besides|at the|each|every|⟨))',
    '(?<=^|[.;] )after <t>,? (?:he|she|they|it) pays {m}(?= ?[.,;])',
    'from (?:the )?<o> (?:<e> )?(?:@payment|@deposit|month) on(?:wards?)?,? (?:it|that|each|the [a-z]+) (?:is|was|becomes|comes to|amounts to) {m}',
    'from (?:the )?<o>(?: @payment)? on,? (?:they|it|these|payments|deposits|the payments|each) (?:are|is|come to|rise to|fall to) {m}',
    'after <t>,? (?:the [a-z]+|she|he|they|it) (?:starts?|begins?) (?:to pay|paying|to deposit|depositing) {m}(?! (?:more|extra|on top|besides))',
    'from (?:the )?<o> (?:@payment|@deposit|month|quarter) on(?:wards?)?,? (?:at )?{m}(?= ?[,.;?]| is| are)',
    'after <n> (?:<e> )?(?:@payment|@deposit),? (?:he|she|they|it) (?:pays?|sends?|deposits?) {m}(?! (?:more|extra|on top|besides|off|in addition))',
    'from (?:the )?<o> (?:<e> )?(?:@payment|@deposit|month)(?: on(?:wards?)?)?,? (?:(?:she|he|they|it) )?(?:pays?|sends?|deposits?|puts? in) {m}(?! (?:more|extra|on top|besides))',
    '(?:raises?|raised|raising|increases?|increased|lifts?|rises?|goes up|lowers?|reduces?|changes?)(?: [a-z]+){0,4} to {m}',
  ),
];
