/** Words that tell of something that must show in a reading: where nothing shows, the reading is doubted. */

import { changes, endsOwing, has, lessReceived } from './heard.ts';
import { dearerPrice, oneSum } from '../reading.ts';
import { tellingParts } from './tellingParts.ts';
import { telling, type TellingWords } from './tells.ts';

export const tellingWords: readonly TellingWords[] = [
  ...tellingParts,
  telling(
    'an earlier end',
    '(?:wants?|wishes|would like|hopes|decides|means)[^.?!]{0,40} to (?:end|finish|be (?:done|free|clear|through)) (?:<[tnea]>|an? (?:year|month|quarter)|half a year)(?: (?:months|payments|years))? (?:sooner|earlier|early)',
    () => false,
  ),
  telling(
    'a fee paid with the last payment',
    '(?:fee|charge|commission) of <m> (?:is|was|falls) (?:to be )?(?:paid|due|payable) (?:together )?with the (?:last|final)',
    () => false,
  ),
  telling(
    'other payments behind the first',
    '(?:and|then|,) (?:equal|level|other) (?:<e> )?payments (?:in|over|during|for) the (?:second|<o>|next|following|remaining|rest|last)',
    (heard) => changes('payment')(heard) || heard.plans.some(({ unknown }) => unknown === 'payment'),
  ),
  telling(
    'payments of the first year',
    '(?:in|during|for) the first year of (?:an?|the|her|his|their|this) (?:<t> )?(?:loan|mortgage|debt|credit)[^.?!]{0,90}(?:pays?|paid) <m>',
    ({ plans, asks }) =>
      plans.length > 1 ||
      plans.some((plan) => plan.changes.length > 0) ||
      asks.some(({ args }) => args?.to !== undefined),
  ),
  telling(
    'another loan on the same terms',
    '(?:loan|mortgage) (?:on|at) the same terms',
    ({ plans }) => plans.length > 1,
  ),
  telling(
    'a fee on what is left',
    'against (?:a|the) (?:fee|charge|premium) of <p> of (?:it|this|that|what is left|the balance)',
    () => false,
  ),
  telling('simple interest', '<p> simple(?: interest)?(?= |,|[.?;])|simple interest (?:at|of) <p>', ({ plans }) =>
    plans.some(({ kind }) => kind === 'flat'),
  ),
  telling(
    'a last payment before the end',
    '(?:birthday|year)[^.?!⟨]{0,30} up to and including (?:the|her|his|its) <o>',
    () => false,
  ),
  telling(
    'payments that are missed at the end',
    '(?:miss(?:es|ed)?|skips?|skipped|leaves? out|omits?) (?:the|her|his|their) last <n> (?:<e> )?(?:@payment|@deposit|of (?:them|these))',
    () => false,
  ),
  telling(
    'payments without an end',
    '(?<![a-z])(?:for ever|forever)(?=[.,;)]| and | starting| beginning| at )|(?<![a-z])in perpetuity(?! ?\\.\\.)|(?<![a-z])a perpetuity(?=,? (?:of|paying|that|which|with) )',
    () => false,
  ),
  telling(
    'a flat charge',
    '(?:⟨p\\d+⟩(?: ⟨a\\d+⟩| interest|,)* flat|flat (?:rate|interest|charge|terms|basis|per))(?= |,|[.;])',
    ({ plans, asks }) =>
      plans.some(({ kind }) => kind === 'flat') ||
      asks.some(({ quantity, args }) => quantity === 'financeCharge' || args?.as === 'flat'),
  ),
  telling(
    'a balloon or residual',
    '(?<!hot[- ]air )balloon|residual(?! (?:value )?(?:is|being|of|was|at) (?:nil|zero|nothing|nought))',
    ({ plans, asks }) =>
      plans.some(({ finalAmount, unknown }) => (finalAmount ?? 0) > 0 || unknown === 'finalAmount') ||
      asks.some(({ quantity }) => quantity === 'finalAmount' || quantity === 'balanceAfter'),
  ),
  telling('neither saving nor drawing', 'neither (?:saves|pays|deposits|draws|withdraws)', ({ plans }) =>
    plans.some(({ kind }) => kind === 'lump-sum'),
  ),
  telling(
    'a debt that has come down to so much',
    '(?:when|until|once) (?:the|her|his|their) (?:debt|balance|loan|mortgage) (?:is|has (?:come|gone|fallen)) (?:down|reduced|fallen) to',
    () => false,
  ),
  telling(
    'a down payment',
    '(?<!(?:save[sd]?|saving|have|has|need|needs|<m>) [^.?!]{0,40}for (?:a|an|the|her|his|their) )(?:down payment|downpayment)',
    (heard) =>
      has('downPayment')(heard) ||
      heard.plans.some(({ kind, unknown }) => kind === 'saving' && unknown === 'finalAmount'),
  ),
  telling(
    'something old that is sold',
    '(?:sells?|sell|selling) (?:the|his|her|their|its) (?:old|present|used|worn-out) (?:one|[a-z ]{2,24}?)(?: then)?(?: for)? <m>|(?:old|present|used|worn-out) [a-z ]{2,24} (?:can|will|could|is to) (?:then )?be sold (?:then )?for <m>|(?:scrap|salvage) value',
    (heard) => has('tradeIn')(heard) || has('downPayment')(heard) || heard.plans.some(({ kind }) => kind === 'leasing'),
  ),
  telling('a fee that is taken off', '<m>,? less (?:an? |the )?(?:[a-z]+ )?(?:fee|charge|commission)', lessReceived),
  telling(
    'payments that are over',
    'the last(?: one| of them| payment)? (?:(?:is|was|being|made|paid|falls) ){0,2}today',
    ({ plans, asks }) =>
      plans.some(({ kind }) => kind === 'saving') || asks.some(({ quantity }) => quantity === 'finalAmount'),
  ),
  telling(
    'a fee that is added',
    '(?:the|an?|this) (?:[a-z]+ )?fee (?:is|was) (?:then )?added to the (?:loan|debt|amount|sum)',
    has('fees'),
  ),
  telling('a part exchange', 'trade-in|trades? in|traded in|part[- ]exchange', has('tradeIn')),
  telling(
    'a grant or subsidy',
    '(?:gets?|receives?|with|after|less) (?:a|the) (?:grant|subsidy)',
    (heard) => has('downPayment')(heard) || has('rebate')(heard) || changes('extra')(heard),
  ),
  telling('a discount', '(?<!after (?:a|the) ⟨m\\d+⟩ )rebate|cash-?back|discount of <m>', has('rebate')),
  telling(
    'an extra payment',
    '(?:extra|additional|unscheduled) (?:payment|repayment)',
    (heard) => changes('extra', 'payment')(heard) || endsOwing(heard),
  ),
  telling(
    'another extra payment',
    '(?<!(?:deposits?|deposited|saves?|adds?|added|aside|puts?|pays?|paid|away|in) )another (?:of )?<m> (?:at(?! the (?:end|beginning|start) of ⟨e)|with|after|in)|and again <m>',
    ({ plans }) =>
      plans.some(
        ({ changes: all, links, kind }) =>
          all.length > (kind === 'lump-sum' ? 0 : 1) || links?.some(({ plus }) => plus),
      ),
  ),
  telling('rates for some of the years', 'years? <n> to <n> at <p>', ({ plans }) =>
    plans.some(({ changes: all }) => all.some(({ kind }) => kind === 'rate')),
  ),
  telling(
    'a pause',
    'payment holiday|(?:skips?|skipped|misses|missed|pauses|paused)(?! no(?:ne)?(?![a-z]))',
    changes('skip'),
  ),
  telling(
    'another rate',
    'rate (?:then |is then |was then )?(?:rises|rose|falls|fell|changes|changed|goes up|goes down|went up|went down|drops|dropped|increases|increased|climbs|climbed)',
    changes('rate'),
  ),
  telling(
    'another payment',
    '(?:from|starting with|beginning with) (?:the )?<o> (?:<e> )?(?:payment|deposit|instal?lment|rental|month) on(?:wards?)?[^.?!⟨]{0,30}<m>',
    (heard) => changes('payment', 'extra')(heard) || heard.asks.some(({ args }) => (args?.from ?? 1) > 1),
  ),
  telling(
    'another payment',
    '(?:doubles|halves|trebles|triples) (?:it|the|her|his|their|each)(?! (?:money|capital|investment|sum|savings|deposit(?!s)))|twice the (?:<e> )?payment|(?:raises?|increases?|lifts?|steps? up) (?:the|her|his|their|its|each) (?:<e> )?(?:monthly |regular )?(?:payments?|instal?lments?|deposits?)',
    changes('payment'),
  ),
  telling(
    'whole payments only',
    'only (?:full|whole|complete)|(?:full|whole|complete) (?:payments?|withdrawals?|instal?lments?|deposits?|sums) only|count only',
    ({ asks }) => !asks.some(({ quantity, args }) => quantity === 'payments' && args?.count !== 'full'),
  ),
  telling(
    'payments that begin later',
    'no (?:re)?payments? (?:(?:are|is) (?:made|due|asked|required) |falls? due )?(?:in|for|during|until)|(?:in|for|during|over) the first (?:year|<t>),? [^.?!⟨]{0,24}(?:no (?:re)?payments?|nothing)(?! (?:more|else|but))|nothing (?:is|was) (?:re)?paid (?:in|for|during)|pays? nothing (?:in|for|during)|deferred|payment-free|interest-free|grace period|interest[- ]only|(?:only|just|nothing but|(?:nothing|no payments?) (?:except|but|other than))(?: the)? interest(?! (?:in|of|on|over|part))',
    ({ plans }) =>
      plans.length > 1 ||
      plans.some(({ amount, finalAmount }) => amount !== null && finalAmount === amount) ||
      plans.some((plan) => plan.changes.some(({ kind, after }) => kind !== 'skip' || after > 1)),
  ),
  telling(
    'a loan that another lender takes over',
    'old (?:loan|lender|debt)[^]*(?<![a-z])new (?:loan|lender|bank)|refinanc(?:es|ed) (?:it|the|her|his|their|what)|takes? over the (?:balance|debt|loan)',
    ({ plans }) => plans.some(({ links }) => (links ?? []).length > 0),
  ),
  telling(
    'a debt that is paid off first',
    'pays? off (?:the|her|his|their) <m>|<m> balance of (?:the|her|his|their) (?:mortgage|loan)',
    ({ plans }) => plans.every(({ kind }) => kind === 'borrowing'),
  ),
  telling(
    'a finance charge',
    '(?:finance|credit|interest) charges?',
    ({ plans, asks }) =>
      plans.some(({ charge, kind }) => charge !== undefined || kind === 'flat') ||
      asks.some(({ quantity }) => ['financeCharge', 'totalInterest', 'interestIn'].includes(quantity)),
  ),
  telling(
    'payments that are still to come',
    'number of (?:<e> )?(?:payments|instal?lments) (?:that (?:are|remain) )?(?:still|left|remaining|yet|to come|to go)(?!(?: to make| to come| to go)?,? (?:(?:is|are|being|stays?|staying|remains?|remaining|kept|to be) )?(?:unchanged|the same|as it|kept|not changed|not to change))|how many (?:<e> |[a-z]+ )?payments [a-z ]{0,24}after the (?:pause|gap|break|holiday|skipped|missed|extra)|how many (?:[a-z]+ )?payments (?:then )?remain|how many (?:more|further|remaining)(?: <e>)? ?(?:payments|instal)|how many (?:[a-z]+ )?(?:payments|instal[a-z]+) (?:are|remain|will be) (?:there )?(?:then|still|left|yet)(?! in all)|more payments (?:are|does|will|must)|how many (?:<e> |[a-z]+ )?(?:payments|instal?lments) (?:will|must|does|do|has|have) (?:he|she|they|it) still',
    ({ plans }) =>
      plans.some(({ name }) => name === 'afterwards' || name === 'with less owed') ||
      // A debt as it stands today has all its payments to come.
      plans.every(({ unknown, changes }) => unknown === 'payments' && changes.length === 0),
  ),
  telling(
    'a fee that is kept back when the loan is paid out',
    '(?:fee|charge|commission|costs?)[^.?!]{0,60} (?:kept back|held back|withheld|retained|deducted|taken (?:from|off|out of) (?:the|his|her|their) (?:loan|sum|amount|money))(?! nowhere)|(?:keeps? back|holds? back|withholds?|retains?|deducts?) (?:a|an|the|its) [a-z -]{0,20}(?:fee|charge|commission)',
    lessReceived,
  ),
  telling(
    'a fee that is paid at the start',
    '(?:<m>[^.?!⟨]{0,30}(?:fee|charge|commission|costs?|arranging|arrangement)|(?:fee|charge|commission|costs?) of <m>)[^.?!⟨]{0,30} (?:at the (?:start|outset)|up ?front|up-front|in cash|at once|separately|on signing|in advance|out of (?:his|her|their) own)',
    lessReceived,
  ),
  telling(
    'two cases',
    'in the (?:first|second|other|latter|former) case(?![a-z])',
    ({ plans, asks }) => plans.length > 1 || asks.filter(({ quantity }) => quantity === 'difference').length > 0,
  ),
  telling(
    'a payment that is sought',
    '(?:in|with|at|after|from) which (?:payment|instal?lment|year|month)',
    ({ asks }) => asks.some(({ quantity }) => quantity === 'payments' || quantity === 'years'),
  ),
  telling(
    'two times to be looked at',
    '(?:year|payment|month)s? <n>,? and (?:in |of |after |for )?(?:year |payment |month |the )?(?:<n>|<o>)(?! (?:payments|years|months))',
    ({ asks, plans }) =>
      plans.some((plan) => plan.changes.length > 0) ||
      asks.filter(({ args }) => args?.from !== undefined || args?.k !== undefined).length > 1 ||
      asks.some(({ args }) => args?.from !== args?.to),
  ),
  telling(
    'payments at first and at last',
    '(?:payment|instal?lment)s? (?:at )?first and (?:at )?last',
    ({ asks }) => asks.filter(({ quantity }) => quantity === 'payment' || quantity === 'lastPayment').length > 1,
  ),
  telling('interest that is stated', '(?:contains|includes|holds|comprises) <m> (?:of )?interest', () => false),
  telling('what is still to come', 'how many (?:[a-z]+|<e>) more (?:could|can|will|does|do|are)', () => false),
  telling('a sum that is to be counted in', '<m> (?:being )?(?:included|counted in|counted)', ({ plans }) =>
    plans.every(({ kind, amount }) => kind !== 'saving' || amount === 0),
  ),
  telling('a choice', '(?:cheaper|dearer|better)(?: for [a-z ]{3,20})?: [^?]*⟨p\\d+⟩[^?]*\\?', ({ asks }) =>
    asks.some(({ quantity }) => quantity === 'choice' || quantity === 'difference'),
  ),
  telling('what is paid in each year', "interest (?:of|in|for|during) <e>|<ea>'s interest", () => false),
  telling(
    'a time that has passed',
    '<t> ago',
    ({ asks, plans }) =>
      plans.length > 1 ||
      plans.some(({ kind, unknown, changes: all }) => (kind === 'lump-sum' && unknown === 'rate') || all.length > 0) ||
      asks.some(({ quantity }) => ['balanceAfter', 'leftToPay', 'finalAmount', 'amount'].includes(quantity)),
  ),
  telling(
    'a first payment made at once',
    '<m> (?:at once|now|today|immediately|then) and (?:then )?<m> (?:at the end|<ea>|each|every)',
    ({ plans }) =>
      plans.some(
        ({ unknown, amount, downPayment }) => (unknown !== 'amount' && (amount ?? 0) > 0) || downPayment !== undefined,
      ),
  ),
  telling(
    'money that is left alone afterwards',
    '(?<!(?:today|now),? (?:he|she|they) )stops? (?:depositing|paying|saving)|then (?:leaves?|lets?|left) (?:it|the (?:money|fund|account|sum|savings)|everything|all) (?:alone|untouched|lie|where it is|to grow|grow)|nothing more is (?:paid|deposited)|no (?:further|more) (?:deposits|payments|contributions) (?:are|is) made',
    ({ plans, asks }) =>
      plans.some(({ kind, changes }) => kind === 'lump-sum' || changes.length > 0) ||
      asks.some(({ plan }) => plan === 1),
  ),
  telling(
    'what is owed after some payments',
    '(?:balance|owing|owed|debt|outstanding)[^.?!]{0,40} after (?:the )?(?:<o>|<n>)[^.?!]{0,30} (?:is|was|stands at|comes to) <m>|after <n> (?:<e> )?(?:payments|instal?lments)[^.?!]{0,40}(?:balance|debt)[^.?!]{0,20} (?:is|was|stands at|stood at) <m>',
    ({ plans }) => plans.some(({ name, finalAmount }) => (finalAmount ?? 0) > 0 || name === 'what is left'),
  ),
  telling(
    'one sum',
    '(?:repaid|paid|paid back|settled|due)[^.?!⟨]{0,50} in (?:one|a single) (?:sum|payment|amount)',
    ({ plans, asks }) =>
      plans.some(({ kind, finalAmount }) => kind === 'lump-sum' || (finalAmount ?? 0) > 0) ||
      asks.some(({ quantity }) => quantity === 'balanceAfter'),
  ),
  telling(
    'a second payment',
    '(?:adds?|pays?|puts? in|contributes?) <m> (?:of (?:her|his|their) own|at the same time|as well|to match)',
    ({ plans }) => plans.length > 1 || plans.some(({ downPayment }) => downPayment !== undefined),
  ),
  telling(
    'interest that is stated',
    '(?<!(?:at|with) ⟨e\\d+⟩ )interest(?: [a-z]+){0,8} (?:<m> )?[^.?!]{0,40}(?:came to|amounted to|comes to|totalled|totals) <m>',
    ({ plans }) => plans.some(({ charge }) => charge !== undefined),
  ),
  telling(
    'two payments to be looked at',
    '(?<!(?:on|with|between) (?:the )?)(?:first|<o>)(?: (?:payment|instal?lment|year))? and (?:in |of |for )?(?:the )?(?:last|<o>)',
    ({ asks, plans }) =>
      asks.filter(({ quantity }) => quantity === 'interestIn' || quantity === 'principalIn').length > 1 ||
      plans.some(({ changes }) => changes.some(({ kind }) => kind === 'skip')),
  ),
  telling(
    'a deposit that is not made yet',
    'just before (?:the|her|his|their) <o> (?:deposit|payment)',
    ({ plans, asks }) =>
      plans.every(({ kind }) => kind !== 'saving') || asks.some(({ args }) => args?.moment === 'beforePayment'),
  ),
  telling(
    'payments that are not alike',
    '(?:second|third|next|last|later|each|<o>)(?: (?:payment|one|of them))?,? (?:is |being |are )?(?:double|twice|thrice|triple|treble|half) (?:the|of|as|that of)',
    ({ plans }) => plans.length > 1,
  ),
  telling(
    'another way of paying',
    'instead of <m> (?:at the|each|every|<e>|<a>)|if (?:the |her |his |their )?(?:deposits|payments|instal?lments|rentals) (?:were|had been) (?:made |paid )?(?:at|in)(?: the)?',
    ({ plans }) => plans.length > 1,
  ),
  telling(
    'a rounding of its own',
    'payments?,? (?:is |are )?rounded (?:(?:up|down) )?to (?:the |a )?(?:next |nearest )?(?:whole|full|ten|five|hundred|fifty|dollar|euro|pound)',
    () => false,
  ),
  telling(
    'a choice',
    '(?:is|are|would) (?:it|he|she|they) (?:be )?(?:better|cheaper|wiser)(?: off)? (?:to|for|with)[^?]* or [^?]*\\?',
    ({ asks }) => asks.some(({ quantity }) => quantity === 'choice'),
  ),
  telling(
    'sums at days of their own',
    '<n> (?:equal |level )?(?:sums|payments|amounts|parts|instal?ments),? (?:the )?(?:one|first) [^.?!]{0,30}(?:year|<[to]>)[^.?!]{0,20} and (?:one|another|the (?:other|second)) [^.?!⟨]{0,24}(?:<[to]>|second|third)',
    ({ plans }) => plans.some(({ name }) => name === oneSum),
  ),
  telling(
    'growing payments',
    '(?:doubles|trebles|triples) (?:it|(?:the|her|his|their|its) (?:<e> )?(?:@payment|@deposit|savings?)) (?:<[ea]>|each|every)|(?:raises|increases|lifts) (?:it|(?:the|her|his|their|its) (?:<e> )?(?:@payment|@deposit|savings?))(?: by <[mp]>)? from (?:year|month) to',
    () => false,
  ),
  telling(
    'the other way to go on',
    'than if the (?:term|time|end(?: date)?|number of payments|payments?) (?:is|are|had been|was|were|had)? ?(?:kept|stayed|stays?|unchanged|the same)',
    ({ plans }) => plans.length > 1,
  ),
  telling(
    'a charge on what is paid out',
    '(?:charges?|deducts?|takes?|keeps?|withholds?|fee of) <p> of (?:the|her|his|their|its) (?:(?:final|whole|total|accumulated) (?:sum|amount|balance|money)|interest|gain)',
    () => false,
  ),
  telling(
    'growing payments',
    'each (?:one )?\\S* ?(?:larger|bigger|higher|more) than (?:the|its)|indexed|inflation',
    // What something costs later is a plan of its own.
    ({ plans }) => plans.some(({ name, kind }) => name === dearerPrice || kind === 'lump-sum'),
  ),
];
