/** Words beside a sum of money that is taken off a price or added to it: a part exchange, a rebate, a fee, a charge, or paid beside it. `{…}` is the sum. */

import { cue, type Cue } from './record.ts';
import type { WordRole } from './wordRole.ts';

const old =
  "(?:the|her|his|their|its|an|your|my|our|[a-z]+'s) (?:old|present|current|used)(?! (?:loan|debt|mortgage|payment|lender|rate|credit|balance|bank))";
const feeWords =
  '(?:paperwork|arrangement|set-?up|setting-up|booking|processing|documentation|document|origination|filing|registration|admin(?:istration)?|application|legal|delivery|insurance|service|opening|closing|entry|handling|survey|valuation)';

/** "I increase my month-end deposit …": from what to what stands behind. */
const changesPayment =
  '(?:increas|rais|lower|reduc|chang|cut)[a-z]* (?:my|your|our|her|his|their|the|its) (?:<e>(?:-end)? )?(?:deposit|payment|contribution|instal[a-z]+|saving)s?';

/** Sums of another time, and sums that only repeat what the plan says. */
const asides: readonly Cue<WordRole>[] = [
  cue(
    'fee',
    12,
    'adds? (?:an? |the )?{m} (?:charge|fee) to (?:the (?:balance|debt|loan|sum)|what is (?:still )?owed|it)',
  ),
  cue(
    'extra',
    13,
    '{m} (?:is|are|was|were) paid (?:over and above|on top of|in addition to|besides|beyond) (?:it|that|this|the @payment)',
  ),
  cue('amount', 10, '(?:<n> (?:<e>(?:-end)? )?|(?:his|her|their|the) )(?:payments|instalments) on (?:an? |the )?{m}'),
  cue('amount', 13, '(?:was|were) (?:worth )?{m} <t> ago(?=[^?.]{0,40} ⟨m)'),
  cue(
    'finalAmount',
    13,
    '<m> <t> ago,? (?:and|but)(?: it)? (?:is|are|stands? at|has grown to)(?: now| today)?(?: worth)? {m}',
  ),
  cue('amount', 13, '{m} is needed for <t>(?=[;,.])'),
  cue('amount', 10, '(?:borrower|debtor|mortgagor) (?:of|owing|who owes) {m}'),
  cue(
    'fee',
    12,
    '(?:plus|and) {m} (?:[a-z]+ ){0,3}(?:added to|on top of|put on|that (?:is|are) added to) the (?:loan|debt|credit|amount|sum)',
  ),
  cue('payment', 13, `${changesPayment} from {m} to <m>`),
  cue(
    'newPayment',
    13,
    `${changesPayment} from <m> to {m}`,
    'for <t>,? (?:are|is|were) followed by (?:<e> )?(?:ones|deposits|payments|contributions|instal[a-z]+) of {m}',
  ),
  cue(
    'price',
    9,
    '(?:needs?|wants?|requires?) (?:an?|another) (?:new )?(?!loan|credit|mortgage|fund|deposit|sum|amount)[a-z]+ for {m}(?! (?:<[ea]>|at the|each|every))',
  ),
  cue(
    'downPayment',
    10,
    '(?<=<m>[^?!]{0,80})(?:has|have) {m} in hand(?=,? and (?:can|could|is able to) (?:pay|repay|afford))',
  ),
  cue('price', 10, '(?:at|for) {m} (?:is|are) to be (?:bought|purchased)'),
  cue(
    'downPayment',
    12,
    '{m} (?:is|are) (?:there|in hand|on hand|available|paid|put down)(?: already| in cash| at once)?(?: (?:from|out of) (?:(?:her|his|their|its|the) )?(?:own )?(?:savings|pocket|funds|reserves|cash))?[,;] (?:and )?the (?:rest|remainder|balance)',
  ),
  cue('amount', 12, '(?:two|three|several|<n>) (?:loan )?offers (?:for|of) (?:a loan of )?{m}'),
  cue(
    'ignored',
    13,
    'interest (?:part |portion |share |component )?(?:in|of|contained in) (?:the |its )?(?:first|last|⟨o\\d+⟩) @payment (?:is|was|amounts to|comes to) {m}',
    'principal (?:part |portion |share |component )?(?:in|of|contained in) (?:the |its )?(?:first|last|⟨o\\d+⟩) @payment (?:is|was|amounts to|comes to) {m}',
  ),
  cue(
    'ignored',
    14,
    'how many (?:full|whole|complete) [a-z]+ (?:is|are) (?:less|fewer) than {m} (?:left|there|remaining|owed|in it)',
    '(?:until|when|once|as soon as) (?:less|fewer|no more) than {m} (?:is|are|remains?|would be) ?(?:needed|owed|left|due|owing)?',
  ),
  cue(
    'ignored',
    12,
    '(?:insured|insures) (?:(?:it|them|the [a-z]+) )?(?:for|at) {m}',
    'in <y>[^.?!⟨]{0,60}(?:sold|bought|built|cost(?!s)|paid|worth|valued)[^.?!⟨]{0,20} {m}',
    '(?:sold|bought(?! one)|built|cost|paid|worth|valued)[^.?!⟨]{0,30} {m} in <y>',
    '{m} (?:is|are|was) (?:paid|payable|paid out) as <m>',
    'or (?:he|she|they|you) (?:gets?|receives?) {m} off for (?:paying )?(?:in )?cash',
    '(?:of|from) (?:the|these|those|all the|this) {m} (?:(?:that )?(?:he|she|they) )?(?:paid|pays|has paid|have paid|in payments)',
  ),
];

export const moneyBesideCues: readonly Cue<WordRole>[] = [
  cue(
    'fee',
    12,
    '(?:charges?|charging|asks?|asking|wants?|takes?|demands?) {m},? (?:which|that) (?:is|are|will be|would be) (?:then )?added',
  ),
  cue(
    'fee',
    12,
    '(?:adds?|adding|puts?) {m}(?: (?:of|for|in) [a-z ]{3,16})? (?:to|on top of|on to) (?:what (?:is|he|she|they|it)|the (?:balance|debt|outstanding|remaining|sum|amount))',
  ),
  cue(
    'fee',
    12,
    '(?:switch|change|move|new loan|it|transfer|refinancing)(?: itself)? costs? {m},? (?:which|that|to be|and (?:this|it)) (?:is|are|will be|would be|being)? ?(?:then )?added',
  ),
  cue('charge', 12, 'the charge (?:is|was|comes to|amounts to) {m}'),
  cue('amount', 12, '(?:interest|interest only|only interest|interest alone) is paid on {m}'),
  cue(
    'amount',
    12,
    '(?:a|one) single (?:deposit|payment|sum|investment) of {m} (?:made |paid |put in )?(?:today|now|at once)',
  ),
  cue(
    'charge',
    14,
    'simple [^.?!⟨]{0,40}<m> (?:earn|bring|yield|produce|give|make)s? {m}(?= (?:in|over|after|during) )',
    '(?:earn|bring|yield|produce|give|make)(?:s|ed)? {m} (?:(?:in|over|after|during) <t> )?at <p>(?: <a>)? simple',
    '(?:earn|bring|yield|produce|give|make)(?:s|ed)? {m} at (?:a )?simple (?:interest )?(?:rate )?of <p>',
  ),
  cue('charge', 13, '<m>,? of (?:which|this|that) {m} (?:is|was|are) (?:the )?interest'),
  cue(
    'charge',
    14,
    '(?:interest|charge)[^.?!⟨]{0,60}(?:loan|credit) of <m>(?:[^.?!⟨]|⟨[tn]\\d+⟩){0,60} (?:came|comes|amounts|amounted) to {m}',
  ),
  cue('fee', 12, 'charges? {m} for (?:it|this|that|the (?:change|switch|new loan)),? (?:which|that) is added'),
  cue('fee', 12, '(?:pays?|paid) {m} for (?:it|this|that|the (?:change|switch|new loan)),? (?:which|that) is added'),
  cue(
    'tradeIn',
    12,
    '{m} (?:is |was )?(?:allowed|credited|given|offered) (?:on|for|as|in) (?:an? |the |her |his |their )?(?:old [a-z]+|trade-?in|part[- ]exchange)',
  ),
  cue(
    'fee',
    12,
    '{m} (?:is|are|was|were|being) (?:deducted|withheld|kept back|held back|retained|taken off)(?: (?:for|as|in|to cover))?(?! (?:each|every|<[ea]>))',
    '(?:setting|sets) up (?:the|her|his|their|a) loan costs? (?:(?:her|him|them) )?{m}',
    '(?:withholds?|keeps? back|holds? back|retains?) {m}',
    'deducts? {m} (?:for|as|in|to cover) (?:its |the |a |an )?(?:[a-z]+ )?(?:charges?|fees?|costs?|commission)',
  ),
  ...asides,
  cue(
    'charge',
    12,
    'adds? {m} (?:in|of|as|for) (?:a |the |its )?(?:finance |credit |interest )?(?:charges?|interest)(?! (?:is|are) added)',
  ),
  cue('rebate', 12, '{m} (?:cash )?(?:discount|rebate|reduction)', '(?:cash )?(?:discount|rebate|reduction) of {m}'),
  cue('fee', 12, '(?:cost|expense) of {m},? (?:which |that )?(?:is|are|being) added'),
  cue('fee', 11, '{m} (?:of |in )?costs? (?:added|on top)'),
  cue(
    'ignored',
    13,
    '(?:falls?|comes down|drops|is reduced) to <m> (?:after|by|with|thanks to) (?:a|the) {m} (?:rebate|discount|reduction)',
  ),
  cue(
    'charge',
    12,
    '{m} (?:of|in) (?:flat|simple|add-on) interest',
    '(?:the|total) interest on (?:a|the) [^.;?!]{0,80} (?:is|was|comes to|amounts to) {m}',
    'cost of (?:borrowing|credit)[^.;?!]{0,40} (?:is|was|comes to|came to) {m}',
    '(?:the|total) interest (?:over|for|in) [^.;?!⟨]{0,24} (?:is|was|comes to|amounts to) {m}',
    '(?:finance|interest|credit|add-on|flat) charge[^.;?!]{0,80} (?:is|was|comes to|amounts to) {m}',
  ),
  cue(
    'tradeIn',
    11,
    '(?:trades?|traded|trading) in (?:a|an|the|his|her|their|its) [a-z ]{2,30} (?:worth|valued at|for) {m}',
    '(?:old|used|present) [a-z -]{2,24} (?:is |was )?(?:allowed|taken|credited|valued|reckoned)(?: back)? (?:at|for|with) {m}',
  ),
  cue(
    'tradeIn',
    9,
    `allowance for ${old} [a-z -]{2,20}:? {m}`,
    `${old} [a-z -]{2,20}, (?:taken|valued|counted) at {m}`,
    'trad(?:e|es|ed|ing)[- ]?in(?: allowance| value| credit)?(?: of| worth| for| is|:| at| valued at| brings| gives)* {m}',
    '{m} (?:is |was )?(?:in )?(?:trade-?in|part[- ]exchange|part[- ]payment)',
    `{m} (?:is |was |are )?(?:allowed|given|granted|offered|credited) (?:for|on|in|against) ${old}`,
    '(?:allows?|allowed|allowance(?: of| for [a-z -]{2,24})?) {m}',
    `(?:trades?|traded|trading|exchanges?|gives?|hands? in) ${old} [a-z -]{2,20},? (?:valued at|worth|taken at|for which)[^.;?!⟨]{0,20} {m}`,
    'part[- ]exchange,? \\({m}',
    '(?:old|used|present) [a-z -]{2,24}\\({m}\\) (?:in|as) (?:part[- ]exchange|part[- ]payment|trade-in)',
    `for ${old} [a-z -]{2,20}:? {m}`,
    '(?:for (?:which|it|them)),? {m} (?:is|are|was|were) (?:allowed|given|credited)',
    `${old} [a-z -]{2,30}(?:for|at|worth|fetches|brings|counts|valued at) {m}`,
    'part[- ]exchange(?: for| at| of| worth)?:? {m}',
    '(?:traded?|trades|trading) [^.;:?!\\n⟨]{2,40}in for {m}',
    '(?:trades?|traded|trading) in [^.;:?!\\n⟨]{2,40} for {m}',
    'taken in [^.;:?!\\n⟨]{0,30}for {m}',
    `{m} for ${old}`,
  ),
  cue(
    'rebate',
    9,
    'knocks? {m} off',
    'price (?:falls|drops|comes down|is (?:reduced|lowered|cut)) by {m}',
    '(?:of which |less )?{m} (?:of it |of this |of that )?(?:is|are|was|were) (?:then |at once )?(?:waived|forgiven|struck off|knocked off|taken off|let off|deducted|rebated|discounted)',
    '(?:rebate|discount|cash-?back|reduction|allowance off)(?: is| of|:)* {m}',
    '{m} (?:cash[- ]?back|(?:cash )?rebate|discount|reduction|off|less)(?! (?:the|her|his|their|its|this|that) (?:loan|debt|mortgage))(?! (?:her|his|their|my) hands)(?! an? )',
    '(?:takes?|takes off) {m} off',
    'takes? off {m}',
    'less (?:an? |the )?{m}',
  ),
  // What is paid beside the loan is no part of it.
  cue(
    'ignored',
    13,
    'fees? (?:of )?{m},? (?:(?:is|are|was|were|being) )?(?:paid|settled|payable) (?:in cash|separately|out of|from|at once in cash)',
  ),
  cue(
    'fee',
    12,
    '(?:charges?|penalty|premium|commission) of {m},? (?:which is |that is |is |are |being )?(?:added|rolled|put) (?:to|into|on) the',
  ),
  cue(
    'fee',
    11,
    'add(?:s|ing)? {m} (?:for|as|in(?! cash))',
    'add(?:s|ing)? {m} to (?:the (?:old |remaining )?(?:balance|debt|loan)|what is (?:still )?owed|it)(?= ?[;.,(]| and (?:charges|lends|asks|wants|takes))',
    '{m} for [a-z ]{3,24},? (?:which )?(?:is |are |being )?(?:put|added) (?:on|to|onto) (?:the (?:loan|balance|credit)|what is (?:lent|owed))',
    '{m} for (?:the papers|setting up|arranging)',
    'fees? \\([a-z ]{3,20}\\): {m}',
    '{m} (?:of|for|in) costs(?! saved)',
    'fees?(?: is| of|:| amounting to)* {m}',
    '{m} (?:(?!with |and |plus )[a-z-]+ ){0,3}fees?',
    `${feeWords}(?: costs?| charges?| fees?)?(?: of|:| is| at)* {m}`,
    `{m} (?:of|for|in) ${feeWords}(?: costs?| charges?)?(?! value)`,
    `{m} ${feeWords} (?:costs?|charges?|fees?)`,
    '(?:costs|charges) of {m}(?= (?:are|is|were) (?:added|kept|taken|deducted))',
    '{m} (?:commission|tax(?:es)?|in tax(?:es)?)',
    '(?:commission|tax(?:es)?)(?: of|:)? {m}',
  ),
  cue(
    'charge',
    11,
    '{m} (?:of |in |for |as )(?:interest|finance charges?|credit charges?)',
    '(?<!finance )(?<!delivery )charge of {m}',
    '{m} (?:that |which )?(?:is|are|was) charged (?:for|on) (?:it|this|that|the|a loan)',
  ),
  cue(
    'charge',
    9,
    '{m} (?:is|are) (?:charged|added|asked)(?: at once)? (?:as|in|for) (?:interest|charges?)',
    '(?:finance|interest|credit) charges?(?: is| of|:)* {m}',
    '(?:charges?|adds?|asks?|takes?) {m} for (?:the |her |his |their |this )?(?:credit|interest|terms|privilege)',
    'interest of {m}',
    'interest (?:is|was|comes to|amounts to|:) {m}',
    '{m} (?:of |in |for |as )?(?:interest|finance charge|credit charge)',
    '(?<!another ){m} is (?:simply )?added',
    'adds {m}',
  ),
];
