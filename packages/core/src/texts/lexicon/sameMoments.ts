/**
 * When something is, told in many ways: each is one way before any cue looks at it. A record is a pattern (see `pattern.ts`)
 * and what it is read as, where `$1` is its first group with its words and marks as they stand. Adding one is adding a line.
 */

import { pattern } from '../pattern.ts';

export interface SameMoment {
  readonly words: RegExp;
  readonly as: string;
}

const same = (words: string, as: string): SameMoment => ({ words: new RegExp(pattern(words).source, 'gd'), as });

const whose = '(?:the|its|her|his|their|all|these|those)';
const when = '(?:when|once|as soon as|after)';
const thing = '(?:term|loan|mortgage|debt|lease|plan|contract|scheme|time|agreement)';
/** "36 payments", "36 of these payments" */
const payments = '<n>(?: (?:such|of (?:these|those|the|her|his|their)))?(?: <e>)? @payment';
/** "36 of her 60 monthly payments", "3 of the 5 years" */
const part = `<n> of (?:${whose} )?<tn>(?:(?: <e>)? @payment)?`;
/** "24 payments", "two years" */
const some = '<n>(?: <e>)? @payment|<t>';

/** Payments that have been made, or a time that has passed. */
const over = (words: (what: string) => string): SameMoment[] => [
  same(words(`(${part}|<t>)`), 'after $1'),
  same(words(`(${payments})`), 'once $1 have been made'),
];

const each =
  '((?: ⟨m\\d+⟩)?(?: one| of (?:them|these|which)| @payment| @withdrawal| @deposit| scholarship| prize| grant))';
const falls = '(?:is|being|falls?|falling|coming|comes|to|be|due|made|paid|payable|only)';

/** When payments begin that do not begin at once. */
const begun: readonly SameMoment[] = [
  same('(?:with|after|following) (?:an?|the) (?:deferral|deferment)(?: period)? of (<t>)', 'deferred for $1'),
  same('(?:with|after|following) an? (<t>) (?:deferral|deferment)(?: period)?', 'deferred for $1'),
  same('deferred (?:by )?(<t>)', 'deferred for $1'),
  same(
    `first${each}? (?:${falls} ){0,5}(?:in|after|at the end of) (<t>)(?: time)?(?! (?:of|or|at|and)(?![a-z]))`,
    'first$1 being due $2 from now',
  ),
  same(`first${each}? (?:${falls} ){0,5}(<t>) (?:from (?:now|today)|hence)`, 'first$1 being due $2 from now'),
];

export const sameMoments: readonly SameMoment[] = [
  same(
    'between (the|her|his|their) (<o>|\\d\\d(?:st|nd|rd|th)) and (?:the |her |his |their )?(<o>|\\d\\d(?:st|nd|rd|th)) birthdays?',
    'from $1 $2 birthday until $1 $3 birthday',
  ),
  ...begun,
  same(
    `with (${part}|${some}) (?:still |yet )?(?:to (?:be made|make|go|come|run)|remaining|outstanding|unpaid|left to (?:run|go|make))`,
    'with $1 left',
  ),
  same(`${when} (?:only )?(${some}) (?:still )?(?:remains?|(?:is|are) (?:still )?left)`, 'with $1 left'),
  same(
    `(${some}) before (?:its|the|her|his|their) (?:end|(?:last|final)(?: <e>)? payment|${thing} (?:ends|is over|runs out|expires|is (?:fully )?(?:paid off|repaid|cleared)))(?! of (?:the |its )?(?:first|last|@year|⟨))`,
    'with $1 left',
  ),
  same('(<n>(?: <e>)? @payment) (?:short of|from) the end of (an?|the|its|his|her|their)', 'with $1 left on $2'),
  ...over((what) => `with ${what} (?:already |now )?(?:made|paid|done|gone|over|past|behind (?:him|her|them|it))`),
  ...over(
    (what) =>
      `${when} ${what} (?:has|have) (?:now |already )?(?:been (?:made|paid)|passed|gone(?: by)?|elapsed|expired|run)`,
  ),
  ...over((what) => `${when} ${what} (?:is|are) (?:over|up|past|gone|made|paid)`),
  ...over((what) => `${when} (?:he|she|they|it|the [a-z]+) (?:has|have|had) (?:now |already )?(?:made|paid) ${what}`),
  ...over((what) => `after having (?:made|paid) ${what}`),
  same(
    '(he|she|they|it) (?:makes?|made|has made|pays?|paid) (<n>) of (?:them|these|those),? (?:and )?then(?= (?:pays?|paid|adds?|raises?|he|she|they|it|puts?))',
    'once $2 payments have been made, $1',
  ),
  same('(?:upon|on|after) (?:making|paying) (?:the|her|his|their|its) ({o}(?: <e>)? payment)', 'after the $1'),
  same(
    '(?:as soon as|when|once) (?:the|her|his|their|its) ({o}(?: <e>)? payment) (?:is|has been|had been) (?:made|paid)',
    'after the $1',
  ),
  same('at the time of (?:the|her|his|their|its) ({o}(?: <e>)? payment)', 'after the $1'),
  same(
    `on (?:the|its|her|his|their) ({o}) anniversary(?: of (?:the|its|her|his|their|this) ${thing})?`,
    'at the end of the $1 year',
  ),
  same(`(<t>) into (?:the|its|her|his|their|this|that) ${thing}`, 'after $1'),
  same('(?<=(?:^|[.?!;:)])\\s*)(<t>) from (?:now|today)(?=,)', 'after $1'),
  same('at the (<t>) (?:mark|point|stage)', 'after $1'),
  same(
    'between (?:now|today) and (?:her|his|their|the|its) (?:[a-z]+ )?[a-z]+ (?:in |which is )?(<t>)(?: from now| hence| later| away| off)?',
    'for the next $1',
  ),
  same('after (?:a|the) (?:period|time|span|term) of (<t>)', 'after $1'),
  same('after (@year {n})', 'at the end of $1'),
  same(
    '(?:when|once|as soon as) (?:the|its|her|his|their) ({o} @year) (?:is (?:over|up|past)|has (?:passed|ended))',
    'at the end of the $1',
  ),
  same(
    '(?:on|at|upon) (?:the )?(?:close|completion|conclusion) of (?=(?:the |its |her |his |their )?⟨o\\d+⟩ @year)',
    'at the end of ',
  ),
  // "On the day of the 120th payment, just after it"
  same(
    '(?:on|at) the (?:day|date|time) of (the <o>(?: <e>)? (?:@payment|@deposit)),? (?:just|right|immediately|straight) after (?:it|that|this)',
    'right after $1',
  ),
  // "Construct the line of the table for the 7th payment: payment, interest, principal and balance."
  same(
    '(?:construct|write(?: down| out)?|give|show|make|set out|complete|fill in|work out|compute|calculate|find) the (?:line|row) (?:of|in|from) (?:the|an?|its) (?:[a-z]+ )?(?:table|schedule) (?:for|of) (the <o> (?:<e> )?@payment|payment <n>)(?::|,? (?:showing|with|that is) )',
    'for $1, find',
  ),
  // "For the 7th payment, find the payment, the interest and the balance": the payment is the same each time.
  same(
    'for (the <o> (?:<e> )?payment|payment <n>),? (?:find|give|state|compute|calculate|determine|work out|show) (?:the |its )?payment,(?= (?:the |its )?(?:interest|principal))',
    'find the payment. for $1, find',
  ),
  // "If they also have 48,000 for a down payment, what is the highest price they can pay?"
  same(
    'if (?:he|she|they) (?:also )?(?:has|have) (<m> (?:for|as|towards) (?:an?|the|its|their) (?:down payment|deposit)),? ',
    'with $1, ',
  ),
  same('the (?:original|initial|former|previous|present) and the new (@payment)', 'the old and the new $1'),
];
