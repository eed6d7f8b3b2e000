/** Words by which a question names payments and times: ranges, and moments. Adding one is adding a record. */

import { place, type PlaceRecord } from './placeRecord.ts';
import { behind } from './placesBehind.ts';

const payment = '(?:<e> )?(?:@payment|@deposit|@withdrawal|months?|rentals?|one|lines?|rows?)';

/** Ranges first: they hold moments. */
export const ranges: readonly PlaceRecord[] = [
  place(
    '(?:from|beginning with|starting with) @year {n} on(?:wards?)?(?!,? (?:up )?(?:to|until|till))',
    ['from'],
    ([year]) => ({
      fromYear: year!,
      toEnd: true,
    }),
  ),
  place(
    'from the {o} @year on(?:wards?)?,? (?:up )?(?:to|until|till) the (?:(?:end|close) of the )?{o}(?: @year)?',
    ['from', 'to'],
    ([from, to]) => ({ fromYear: from!, toYear: to! }),
  ),
  place(
    '(?:from|beginning with|starting with) (?:the |its )?{o} @year on(?:wards?)?(?!,? (?:up )?(?:to|until|till))',
    ['from'],
    ([year]) => ({
      fromYear: year!,
      toEnd: true,
    }),
  ),
  place(
    '(?:from|beginning with|starting with) (?:the )?{o} (?:<e> )?@payment on(?:wards?)?(?!,? (?:up )?(?:to|until|till))',
    ['from'],
    ([k]) => ({
      from: k!,
      toEnd: true,
    }),
  ),
  place(
    '(?:(?:how much|what part|which part) of|(?:interest|principal)(?: is)? in|(?:interest|principal) (?:does|will|did)) the first(?: one)?(?= ?[?.,;]| (?:is|was|goes|reduces|repays|pays|contains?|consists)(?![a-z]))',
    [],
    () => ({ from: 1, to: 1 }),
  ),
  place(
    '(?:how much|what part|which part) of the last(?: one)?(?= (?:is|was|goes|reduces|repays|pays|consists)(?![a-z]))',
    [],
    () => ({ isLast: true }),
  ),
  place(
    '(?:how much|what part|which part) of the {o}(?: one)?(?= (?:is|was|goes|reduces|repays|pays|consists)(?![a-z]))',
    ['from'],
    ([k]) => ({ from: k!, to: k! }),
  ),
  place('is interest in the first(?= ?[?.,])', [], () => ({ from: 1, to: 1 })),
  place('{o} of (?:the |its |her |his |their )?<n> (?:<e> )?(?:@payment|@deposit)', ['from'], ([k]) => ({
    from: k!,
    to: k!,
  })),
  place(
    '(?:payment|instalment) (?:made |due |falling )?at the (?:end|close) of (?:@year {n}|(?:the |its )?{o} @year)',
    ['from'],
    ([year]) => ({ lastInYear: year! }),
  ),
  place('(?:after|with) (?:the |its |her |his |their )?{o} @payment than before', ['from'], ([k]) => ({
    from: k!,
    to: k!,
  })),
  place('at the end of (?:the |its )?{o} @year than at (?:its|the) (?:beginning|start)', ['from'], ([year]) => ({
    fromYear: year!,
    toYear: year!,
  })),
  // "How much of its value at the end of the 20th year is interest?": all until then.
  place('(?:value|balance|amount|sum|money) at the end of (?:the |its )?{o} @year', ['to'], ([year]) => ({
    fromYear: 1,
    toYear: year!,
  })),
  place('(?:by|with) (?:the )?{o} (?:<e> )?(?:@payment|@deposit) alone', ['from'], ([k]) => ({ from: k!, to: k! })),
  place(
    '(?:between|from) the (?:end|close) of (?:@year {n}|(?:the |its )?{o} @year) (?:and|to|until) (?:the (?:end|close) of )?(?:@year {n}|(?:the |its )?{o}(?: @year)?)',
    ['from', 'to'],
    ([from, to]) => ({ fromYear: from! + 1, toYear: to! }),
  ),
  place('first (?:<e> )?(?:@payment|@deposit) (?:of|in) (?:@year {n}|(?:the |its )?{o} @year)', ['from'], ([year]) => ({
    firstInYear: year!,
  })),
  place('last (?:<e> )?(?:@payment|@deposit) (?:of|in) (?:@year {n}|(?:the |its )?{o} @year)', ['from'], ([year]) => ({
    lastInYear: year!,
  })),
  place('(?:years?) {n} (?:to|through|until|and|-|up to) (?:year )?{n}', ['from', 'to'], ([from, to]) => ({
    fromYear: from!,
    toYear: to!,
  })),
  place(
    '(?:@payment|@deposit|months?|numbers?|nos) (?:number |no )?{n} ?(?:to|through|until|and|-|up to|till)(?: and including)? ?(?:payment |number )?{n}',
    ['from', 'to'],
    ([from, to]) => ({ from: from!, to: to! }),
  ),
  place('{o} ?(?:to|through|until|and|-|up to|till) (?:the )?{o}', ['from', 'to'], ([from, to]) => ({
    from: from!,
    to: to!,
  })),
  place('between (?:the )?(?:@payment )?{no} and (?:the )?(?:@payment )?{no}', ['from', 'to'], ([from, to]) => ({
    from: from!,
    to: to!,
  })),
  place(
    '(?:by|until|up to|through|before) (?:the )?(?:end|close) of (?:@year {n}|(?:the |its )?{o} @year)',
    ['to'],
    ([year]) => ({ fromYear: 1, toYear: year! }),
  ),
  place('first half(?= of (?:the|its|her|his|their) (?:term|loan|time|life)|[?.,;])', [], () => ({ half: 'first' })),
  place('(?:last|latter) half(?= of (?:the|its|her|his|their) (?:term|loan|time|life)|[?.,;])', [], () => ({
    half: 'second',
  })),
  place('{o} half(?= of (?:the|its|her|his|their) (?:term|loan|time|life)|[?.,;])', [], ([which]) => ({
    half: which === 1 ? 'first' : 'second',
  })),
  place('@year one', [], () => ({ fromYear: 1, toYear: 1 })),
  place('{o} @year', ['yearIndex'], ([year]) => ({ fromYear: year!, toYear: year! })),
  place('@year {n}', ['yearIndex'], ([year]) => ({ fromYear: year!, toYear: year! })),
  place('(?:first|opening) {t}', ['to'], (_, [years]) => ({ fromYear: 1, toYear: years! })),
  place('(?:in|over|during|within) the {t}', ['to'], (_, [years]) => ({ fromYear: 1, toYear: years! })),
  place('second {t}', ['from'], (_, [years]) => ({ fromYear: years! + 1, toYear: 2 * years! })),
  place('(?:last|final|closing|remaining) {t}', ['from'], (_, [years]) => ({ lastYears: years! })),
  place('(?:last|final|closing|remaining) {n}(?: (?:<e> )?(?:@payment|@deposit|months))?', ['from'], ([count]) => ({
    lastPayments: count!,
  })),
  place('(?:in|of|by) (?:the|her|his|their) (?:last|final) (?:<e> )?(?:@payment|@deposit)', [], () => ({
    isLast: true,
  })),
  place('(?:in|of|by) its last(?= ?[?,.;]|$)', [], () => ({ lastYears: 1 })),
  place('(?:in|of|by) the last(?= ?[?,.;]|$)', [], () => ({ isLast: true })),
  place(`(?:first|opening) {n}(?: ${payment}| of them)?`, ['to'], ([to]) => ({ from: 1, to: to! })),
  place('(?:the )?first @year', [], () => ({ fromYear: 1, toYear: 1 })),
  place('(?:the )?(?:last|final) @year', [], () => ({ lastYears: 1 })),
  place(
    '(?:by (?:then|that time|that point)|so far|to date|up to (?:now|then|that (?:point|time|moment))|until then|in the meantime)',
    [],
    () => ({ same: true, isUntil: true }),
  ),
  place('(?:in|of) (?:that|this) (?:@payment|deposit)', [], () => ({ isThat: true })),
  ...behind,
  place('split the first(?= into)', [], () => ({ from: 1, to: 1 })),
  place('(?:do|does) (?:they|these|those|it) (?:contain|include|hold)', [], () => ({ same: true })),
  place('(?:in|during|over) it(?= ?[?,.;]|$)', [], () => ({ same: true })),
  place(
    '(?:during|in|over|within) (?:the|this|that) (?:(?:first|opening) )?(?:term|time|period)(?= ?[?,.;]| and|$)',
    [],
    () => ({ same: true }),
  ),
  place(
    '(?:those|these|that(?! (?:is|are|goes|total|sum|amount))|them|the same|the said|this) ?(?:{t}|{n}|@year|payments|period|time)?',
    ['after'],
    () => ({
      same: true,
    }),
  ),
  // "The principal repaid by the 24th payment", and not what "has been" repaid by it.
  place(
    '(?<!(?:has|have|had|having) (?:then |already )?been )(?<!(?:has|have|had) )(?:repaid|paid off|reduced|retired|covered|cut|lowered|paid) by (?:the |her |his |their )?{o} (?:<e> )?(?:@payment|@deposit)',
    ['from'],
    ([k]) => ({ from: k!, to: k! }),
  ),
  place(`(?:after|once|following|up to|until|by)(?: (?:making|the|his|her|their))* {o} ${payment}`, ['to'], ([k]) => ({
    from: 1,
    to: k!,
  })),
  place(`{o} ${payment}`, ['from'], ([k]) => ({ from: k!, to: k! })),
  place('(?:in|of|with|for) the {o}(?! @year)(?! (?:<e> )?(?:@payment|@deposit|month|to|year))', ['from'], ([k]) => ({
    from: k!,
    to: k!,
  })),
  place('(?:@payment|@deposit|rental|line|row|month|quarter) (?:number |no\\.? )?{n}', ['from'], ([k]) => ({
    from: k!,
    to: k!,
  })),
  place(`(?:the |her |his |their |its )?(?:very )?first ${payment}`, [], () => ({ from: 1, to: 1 })),
  place(`(?:the |her |his |their |its )?second ${payment}`, [], () => ({ from: 2, to: 2 })),
];

export const moments: readonly PlaceRecord[] = [
  place('{o} of (?:the |its |her |his |their )?<n> (?:<e> )?(?:@payment|@deposit)', ['after'], ([k]) => ({
    after: k!,
  })),
  place('{t} after (?:taking|he took|she took|they took|borrowing|signing)', ['after'], (_, [years]) => ({
    afterYears: years!,
  })),
  place('(?:after|once|when) {n} (?:<e> )?@payment (?:have|has) been (?:made|paid)', ['after'], ([k]) => ({
    after: k!,
  })),
  place('(?:once|when|after) (?:he|she|they|it|the [a-z]+) (?:has|have|had) (?:paid|made) {n}', ['after'], ([k]) => ({
    after: k!,
  })),
  place('(?:has|have|had) (?:now |already )?paid {n} times', ['after'], ([k]) => ({ after: k! })),
  place(
    '(?:start|beginning|opening|outset|opening balance) (?:of|for) (?:@year {n}|(?:the |its )?{o} @year)',
    ['after'],
    ([year]) => ({ afterYears: year! - 1 }),
  ),
  place('(?:closing|ending|end) balance (?:of|for|in) (?:@year {n}|(?:the |its )?{o} @year)', ['after'], ([year]) => ({
    afterYears: year!,
  })),
  place('{o} anniversary', ['after'], ([year]) => ({ afterYears: year! })),
  place(
    '{t} (?:after|from when) (?:it|he|she|they) (?:was|is|were|are|has been|had been|had)? ?(?:made|granted|taken out|taken|arranged|lent|signed|advanced|borrowed|bought|began|started|opened)(?: it)?',
    ['after'],
    (_, [years]) => ({ afterYears: years! }),
  ),
  place(
    '{n} of (?:the |its |her |his |their )?<t> (?:are |is )?(?:still )?(?:left|remaining|to (?:go|run|come))',
    ['after'],
    ([left]) => ({
      leftYears: left!,
    }),
  ),
  place('{n} of (?:the |its |her |his |their )?<t>', ['after'], ([k]) => ({ afterYears: k! })),
  place(
    '{p} of (?:the|its|her|his|their) (?:<e> )?(?:@payment|term|time|@deposit|@withdrawal)',
    ['after'],
    ([part]) => ({
      part: part!,
    }),
  ),
  place(
    '{n} of (?:the |all |its |her |his |their )?<n>(?! (?:<e> )?(?:@payment) (?:are )?(?:still|yet|left|remain|to (?:be made|make|go|come|run)))',
    ['after'],
    ([k]) => ({ after: k! }),
  ),
  place(
    '(?:half-?way|half-?time|half (?:of )?(?:the|its|her|his|their|these|those|them)(?: (?:term|time|payments|instalments))?(?= ?[?.,;)])|half (?:of )?(?:the|its|her|his|their) (?:payments|instalments|term|time)(?= (?:have|has|had|is|are|was|were)))',
    [],
    () => ({ part: 1 / 2 }),
  ),
  place(
    '{n} (?:of (?:the |his |her |their |its |all )?<n> )?(?:<e> )?(?:@payment|@deposit|months) (?:are |is )?(?:still |yet )?(?:to (?:go|come|make|be made|run)|left|remaining|outstanding|unpaid|ahead|remain)',
    ['after'],
    ([left]) => ({ leftPayments: left! }),
  ),
  // "When a quarter of the term is left", the rest is over.
  ...(
    [
      ['a third', 2 / 3],
      ['two[ -]thirds', 1 / 3],
      ['(?:a quarter|<a>)', 3 / 4],
      ['three[ -]quarters', 1 / 4],
      ['half', 1 / 2],
    ] as const
  ).map(([words, part]) =>
    place(
      `${words} of (?:the|its|her|his|their) (?:whole )?(?:term|time|payments|instalments|years|life|loan) (?:(?:is|are) )?(?:still )?(?:left|remains?|remaining|to go|to run|to come|lies ahead)`,
      [],
      () => ({ part }),
    ),
  ),
  ...(
    [
      ['a third', 1 / 3],
      ['two[ -]thirds', 2 / 3],
      ['(?:a quarter|<a>)', 1 / 4],
      ['three[ -]quarters', 3 / 4],
    ] as const
  ).map(([words, part]) =>
    place(`${words} of (?:the|its|her|his|their) (?:whole )?(?:term|time|payments|instalments|years|life)`, [], () => ({
      part,
    })),
  ),
  place(
    '{t} (?:are |is )?(?:still |yet )?(?:to (?:go|come|run)|left|remaining|ahead|before (?:the|its) (?:end|term)(?: of (?:the|its) [a-z]+)?)',
    ['after'],
    (_, [years]) => ({ leftYears: years! }),
  ),
  place('first (?:<e> )?@payment (?:of|in) (?:@year {n}|(?:the |its )?{o} @year)', ['after'], ([year]) => ({
    firstInYear: year!,
  })),
  place('at (?:their|its) end|at the end of (?:them|those|these)(?= ?[,;.?]| and )', [], () => ({ atChange: true })),
  place(
    '{t} after (?:the|her|his|their|its) (?:(?:first )?(?:deposit|investment|sum)|loan|debt|mortgage|lease|start|beginning)(?: (?:began|begins|started|starts|was|is))?',
    ['after'],
    (_, [years]) => ({ afterYears: years! }),
  ),
  place('(?:afterwards|after that|thereafter)(?= ?[?.])', [], () => ({ same: true })),
  place('(?:has|have) (?:already |so far )?(?:paid|made) {n} (?:times|payments|instal?ments)', ['after'], ([k]) => ({
    after: k!,
  })),
  place(
    '{n} (?:of (?:them|these|the payments) )?(?:have|has) (?:already |now )?been (?:paid|made)',
    ['after'],
    ([k]) => ({ after: k! }),
  ),
  place('once it is (?:paid|made)', [], () => ({ same: true })),
  place('after (?:the |this |that |his |her |their |these |those )(?:extra )?<m>', [], () => ({ atChange: true })),
  place(
    'once (?:the|this|that) (?:lump sum|extra payment|lump|special payment|one-off payment|donation|gift|legacy|inheritance|bonus|extra sum) (?:is|has been|was)(?: paid| made)?',
    [],
    () => ({ atChange: true }),
  ),
  place('{n} of (?:the|its|her|his|their|these|those)(?! (?:first|last))', ['after'], ([k]) => ({ after: k! })),
  place('(?:remaining|last|final) {t}', ['after'], (_, [years]) => ({ leftYears: years! })),
  place('{o} @year', ['after'], ([year]) => ({ afterYears: year! })),
  place('(?:after|following) @year {n}', ['after'], ([year]) => ({ afterYears: year! })),
  place('(?:after|following) (?:the |her |his |their )?first (?:<e> )?(?:@payment|@deposit)', [], () => ({ after: 1 })),
  place('(?:end|close) of (?:the )?{o} @year', ['after'], ([year]) => ({ afterYears: year! })),
  place('(?:end|close) of (?:the )?first @year', [], () => ({ afterYears: 1 })),
  place('(?:end|close) of @year {n}', ['after'], ([year]) => ({ afterYears: year! })),
  place(`{o}(?: (?:<e> )?(?:@payment|@deposit|@withdrawal|rental|month|one|line|row))?`, ['after'], ([k]) => ({
    after: k!,
  })),
  place(
    '(?:(?:@payment|@deposit|@withdrawal|rental|month|line|row) (?:number |no )?|(?:number|no\\.?) ){n}',
    ['after'],
    ([k]) => ({ after: k! }),
  ),
  place(
    `(?<!there are ){n} (?:<e> |[a-z]+ ){0,2}(?:@payment|@deposit|@withdrawal|of them|months?|have been)`,
    ['after'],
    ([k]) => ({ after: k! }),
  ),
  place(
    '(?:after|once|with|following|when)(?: (?:the |making |paying |just |exactly |first )*)?{n}',
    ['after'],
    ([k]) => ({ after: k! }),
  ),
  place('(?:those|these|that|the same) {t}', ['after'], () => ({ same: true })),
  place('(?:after|at the end of|following|by the end of) (?:the )?(?:first )?{t}', ['after'], (_, [years]) => ({
    afterYears: years!,
  })),
  place(
    '(?:after|at the end of|in|within|once|following|by the end of|over)? ?(?:the )?(?:first )?{t}',
    ['after'],
    (_, [years]) => ({ afterYears: years! }),
  ),
  place('(?:after|at the end of) (?:the )?first @year', [], () => ({ afterYears: 1 })),
  place(
    '(?:after|following|behind|at the (?:end|close) of) (?:it|that|this|them)(?! (?:pause|holiday|break|gap|respite))(?: one| payment| @year| period)?',
    [],
    () => ({ same: true }),
  ),
  place(
    'after (?:the |this |that |his |her |their |its )?(?:(?:last|final) (?=(?:missed|skipped|omitted)))?(?:lump|extra|special|change|rise|increase|prepayment|repayment|windfall|bonus|legacy|pause|suspension|holiday|break|one-off|additional|gap|missed|skipped|interruption|donation|gift|inheritance|prize|overpayment|injection|reduction|cut|drop|fall|refund|grant|special payment|large payment|one-time)',
    [],
    () => ({ atChange: true }),
  ),
  place(
    '(?:when(?! (?:he|she|they) (?:stops?|finish(?:es)?|is done|are done|retires?))|as|at (?:the )?renewal|on renewal|at (?:the (?:time|moment)|that)|just before|until|before|by the time|then|taken over|at (?:the )?(?:change|reset|switch|adjustment|rise|cut|end of (?:the|this|that) (?:pause|holiday|break|gap|respite|suspension))) ?',
    [],
    () => ({ atChange: true }),
  ),
];
