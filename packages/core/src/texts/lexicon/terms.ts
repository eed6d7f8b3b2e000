/** Words that say when payments fall, how the rate is quoted, and how the end is meant. */

import { savedFromNow } from './kindAndRole.ts';
import { cue, type Cue } from './record.ts';

const first =
  '(?:the )?first(?: (?:one|of (?:them|these|which)|of ⟨n\\d+⟩ (?:⟨e\\d+⟩ )?[a-z]+(?: of ⟨m\\d+⟩)?|@payment|@deposit|@withdrawal|(?:<e> )?(?:@payment|@deposit)|time)(?: of ⟨m\\d+⟩)?)?(?: (?:also|is|being|falls?|falling|comes?|coming|due|made|paid|payable|to be|will be|was|were|goes|going|in|right|then))*';

/** What begins a month after the last deposit falls at the end of its months. */
const notFirst = '(?<!begin )(?<!begins )(?<!beginning )(?<!start )(?<!starting )(?<!first )';

export type Timing = 'beginning' | 'end';

export const timingCues: readonly Cue<Timing>[] = [
  cue('beginning', 9, 'paid at the (?:beginning|start) instead'),
  cue('end', 9, 'paid at the end instead'),
  cue(
    'beginning',
    9,
    'first (?:@payment|one|of (?:them|these|which))? ?(?:is |being |due |falls |payable |paid |made )*(?:on|at|upon|with) (?:collection|pick-?up|receipt|hand-?over|purchase|ordering|order|taking it home|moving in)',
  ),
  cue('beginning', 9, ...savedFromNow),
  cue('beginning', 9, '(?:on|at) signing,? (?:together |along )?with the first'),
  cue(
    'beginning',
    9,
    '(?:on|by) the ⟨o\\d+⟩ and (?:on )?(?:the )?⟨o\\d+⟩(?= of <e>|,|;|\\.| [a-z]+ (?:pays?|puts?|saves?|deposits?))',
  ),
  cue(
    'beginning',
    9,
    '(?:first|the first)(?: (?:payment|deposit|one|instal?lment|of them))? (?:on )?that (?:very |same )?day',
  ),
  cue(
    'end',
    10,
    'first (?:withdrawal|payment|payout|income|one|of these)(?: (?:is|being|comes?|falls|made|paid|due|then)){0,3} (?:one (?:month|quarter|year|week|half-year)|⟨t\\d+⟩) after the (?:last|final) (?:deposit|contribution|payment in)(?= ?[.,;?)])',
  ),
  cue('beginning', 9, '<e> begins with (?:an?|the|her|his|their) (?:deposit|payment|withdrawal)'),
  cue(
    'beginning',
    9,
    'the first (?:of )?⟨m\\d+⟩,? (?:(?:is|being|falls?|paid|deposited|saved|due) )*(?:today|now|at once|immediately)',
  ),
  cue('beginning', 9, '(?:beginning|starting) on the (?:very )?day (?:he|she|they|it|[a-z]+) (?:was|were|is) born'),
  cue('beginning', 9, 'on the first day of each(?= ?[.,;])'),
  cue(
    'beginning',
    9,
    '(?:at once|now|today|immediately|straight away),? and (?:again |then |after that )?<e>(?! [a-z ]{0,20}⟨m)',
  ),
  cue(
    'beginning',
    9,
    'in advance',
    'annuity[ -]due',
    '(?:at|on) the (?:beginning|start|first day) of (?:january|february|march|april|may|june|july|august|september|october|november|december|spring|autumn|summer|winter)',
    'at the (?:beginning|start)(?= (?:and|or|but) (?:[a-z]+ )?(?:at )?the (?:end|close) of <e>)',
    'payable in advance',
    'up front (?:each|every)',
    '(?<!(?:loan|debt|mortgage|credit)[^.?!]{0,80}(?:is|was|be) )prepaid(?! (?:after|with|by|early))',
    '(?:at|from|on) the (?:beginning|start|first day) of each of (?:the |its )?(?:next |following |first |coming )?<nt>',
    '(?:at|from) the (?:beginning|start|opening|outset) of (?:<ea>|(?!(?:the|its|their|that) term(?![a-z]))(?:the|its|their|a|each|that) @period)',
    'at (?:the )?(?:beginning|start) of <e>',
    'first [a-z ]{0,30}(?:when|as soon as|on the day|the day) the (?:loan|contract|agreement|sale|lease|money|deal|credit|goods) (?:is|was|are|were) (?:granted|made|signed|paid out|taken out|given|concluded|closed|delivered|lent)',
    '(?:on )?the (?:first|1st|⟨o\\d+⟩) (?:day )?of (?:<e>|the @period)',
    '(?:beginning|start)[ -]of[ -](?:the[ -])?@period(?! ⟨n)',
    '(?:plus|and|together with) the first (?:of ⟨n\\d+⟩|⟨e\\d+⟩|rental|payment|instal?lment)[^.;?!]{0,60} (?:on signing|at signing|on delivery|at once|today|now|down|is signed|is delivered)',
    `${first},? (?:today|now|immediately|at once|(?:at|on) (?:the )?signing|straight ?away|right away|(?:on|at|with) (?:the )?delivery|on the first day(?! of)|when (?:it|the [a-z]+) (?:is|was) (?:signed|delivered|handed over|bought)|(?:on|at|with) (?:the )?(?:enrolment|registration|booking|order|ordering|purchase|joining)|on the day|at the outset|the same day|on arrival|on the spot|at the time|the day|with the signing|on receipt|here and now|this very day|upfront|up front|on taking|upon)`,
    `${first},? when (?:the|it|she|he|they|you)[^.;?!⟨]{0,30} (?:is|are|was|were) (?:collected|delivered|handed over|fetched|picked up|signed|installed)`,
    '(?:beginning|starting|commencing|start|starts|begin|begins) (?:today|(?:right |just )?now|immediately|at once|straight ?away|right away|on signing|the day|this month|on delivery)',
    '(?:starting|beginning|starts|begins) (?:on )?this (?:very )?(?:week|day|morning|evening|monday|tuesday|wednesday|thursday|friday|saturday|sunday)',
    '(?<!⟩ )(?<!month )(?<!year )(?<!quarter )(?<!week )(?<!fortnight )(?<!half-year )from today(?: on)?',
    'begin mode|beg mode|due mode',
    'at (?:the )?(?:start|beginning) of each(?= ?[.,;])',
    '(?:at|on) the (?:start|beginning),?(?= (?:and |or )?(?:\\(?b\\)|\\(?ii\\)|⟨l\\d+⟩))',
    'on the first of each(?= ?[.,;])',
    'at (?:the )?start of <e>',
    `${notFirst}one (?:month|quarter|year|week|fortnight|period|half-year) after the (?:last|final)`,
    `${notFirst}⟨t\\d+⟩ after the (?:last|final) (?:of|deposit|payment|<e> (?:deposit|payment))`,
    'when (?:each|every|the) @period (?:begins|starts|opens)',
    'as (?:each|every|the) @period (?:begins|starts|opens)',
    'at the head of <e>',
    '(?:deposited|paid|paid in|saved|invested|put in) (?:today|now) and (?:then )?<e>',
    '<e> on the first day',
    'on signing[^.?!⟨]{0,60}(?:⟨m\\d+⟩ )?[^.?!⟨]{0,40}(?:⟨m\\d+⟩ )?and the first of ⟨n\\d+⟩',
    '(?:made|pays?|paid|deposits?|saves?) at the (?:beginning|start)(?= ?\\?)',
    'at <e> (?:start|beginning)',
    '⟨e\\d+⟩-(?:start|beginning)',
    "at (?:the|its) (?:month|quarter|year|week|period|half-year)'s (?:start|beginning|opening)",
    '(?<!from the )(?<!from the very )(?<!in the )(?<!to )beg(?:in)?(?:ning)?(?= ?[;,.)])',
  ),
  cue(
    'end',
    9,
    '<e>, at (?:the|its) (?:end|close)(?= ?,)',
    'in arrears?',
    'arrears',
    'ordinary annuity',
    'at the (?:end|close)(?= (?:and|or|but) (?:[a-z]+ )?(?:at )?the (?:beginning|start) of <e>)',
    '(?:at|on) the (?:end|close|last day) of each of (?:the |its )?(?:next |following |first |coming )?<nt>',
    'annuity[ -]immediate',
    'at (?:the )?(?:end|close) of (?:<e>|<a>|(?!(?:the|its|their|that) term(?![a-z]))(?:the|its|their|that|each|a) @period)',
    '(?:by )?the (?:end|close|last day) of (?:<e>|<a>|(?:the|its|their|each) @period)',
    'on the (?:last|final|closing) day of (?:<e>|the @period)',
    "(?:(?:month|quarter|year|week|half-year|period|fortnight)(?:'s|s')?|⟨e\\d+⟩(?:'s|')?)[ -]ends?",
    'end[ -]of[ -](?:the[ -])?@period(?! ⟨[no])',
    'at (?:the )?end of each(?= ?[.,;])',
    '(?:at|on) the (?:end|close),?(?= (?:and |or )?(?:\\(?b\\)|\\(?ii\\)|⟨l\\d+⟩))',
    'at (?:the )?end of <e>',
    'at <e> (?:end|close)',
    'made at the end(?= ?\\?)',
    `(?<!(?:for|over|in|during|within) (?:the )?)${first},? (?:(?:in|after|due in|due after) )?(?:<t>|<a>|(?:one|a|an) @period|the end of)(?: (?:from (?:now|today|then)|later|hence|after(?:wards)?|away|time|on))?`,
    `${first},? (?:next|the following) @period`,
    'from (?:one|a|<t>|<a>) ?(?:@period )?(?:after|later)',
    '(?:starting|beginning|commencing) (?:in )?(?:one|an?|<t>|<a>|next|at the end) ?(?:@period)?(?: (?:from (?:now|today)|later|hence|after))?',
    'pay nothing (?:today|now)',
    'nothing (?:is )?(?:due|paid|payable) (?:today|now)',
    '(?<=[;,.(:] )end(?= ?[;,.)])',
    'end mode',
    'as (?:each|every|the) @period (?:ends|closes)',
    'when (?:each|every|the) @period (?:ends|closes|is over)',
  ),
];

export type Quoting = 'effective' | 'nominal' | 'flat';

export const quotingCues: readonly Cue<Quoting>[] = [
  cue(
    'effective',
    9,
    'effective(?:ly)?',
    'eff(?= ?[.,;/])',
    'e\\.?a\\.?r\\.?',
    'a\\.?e\\.?r\\.?',
    'a\\.?p\\.?y\\.?',
    'annual equivalent',
    'annual percentage yield',
    'annual yield',
    'true <e> (?:interest )?rate',
  ),
  cue('nominal', 9, 'nominal(?:ly)?', 'apr', 'annual percentage rate', 'j\\(?_?\\d+\\)?', 'i\\(\\d+\\)'),
  cue(
    'flat',
    9,
    '<p> interest, flat',
    'on the (?:sum|amount|loan|principal) (?:originally|first|initially) (?:lent|borrowed)',
    'on the (?:original|initial) (?:sum|amount|loan|principal|debt)[^.?!⟨]{0,30}(?:whatever|regardless|throughout)',
    'flat',
    'add-?on',
    'simply added',
    'simple interest',
  ),
];
