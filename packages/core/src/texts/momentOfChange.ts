/** When something changes on the way: after which payment, or after how many years. */

import { severalPlaces } from './severalPlaces.ts';
import { renewalOf } from './agreedTerm.ts';
import { placeAsked } from './askArgs.ts';
import type { Moment } from './changeRead.ts';
import type { Span } from './flatText.ts';
import { sentenceAt, tokenAt, type Page } from './page.ts';
import { isTermBeside, isTermLike } from './termBeside.ts';
import { whenLeft } from './momentLeft.ts';
import { pattern } from './pattern.ts';

import { yearsIn, type Token, yearsOf } from './tokens.ts';

const payment = '(?:<e> )?(?:@payment|@deposit|@withdrawal|rental|month|one)?';

interface MomentRecord {
  readonly words: RegExp;
  readonly role: 'after' | 'from';
  readonly less: 0 | 1;
}

const moment = (words: string, role: MomentRecord['role'] = 'after', less: MomentRecord['less'] = 0): MomentRecord => ({
  words: pattern(words),
  role,
  less,
});

const moments: readonly MomentRecord[] = [
  moment('first {n} of (?:the |all |his |her |their )?<n>'),
  moment('{n} of (?:the |all |his |her |their |its )?{t}'),
  moment(
    '(?:from|starting with|starting in|beginning with|beginning in|as of|with effect from) (?:the |her |his |their |its )?{o} year',
    'from',
    1,
  ),
  moment(
    `(?:from|starting with|beginning with|as of|with effect from) (?:the |her |his |their |its )?{o}(?! year) ${payment} ?(?:on(?:wards?)?)?`,
    'from',
    1,
  ),
  moment(`with (?:the )?{o} ${payment} ?,? ?(?:she|he|they|it|the [a-z]+) (?:begins?|starts?)`, 'from', 1),
  moment('(?:from|starting with|beginning with) (?:@payment |month )(?:number |no )?{n}', 'from', 1),
  moment('with (?:@payment |month )(?:number |no )?{n},? (?:she|he|they|it|the [a-z]+) (?:begins?|starts?)', 'from', 1),
  moment('(?:in|at the (?:start|beginning|outset|opening) of) (?:the |its |his |her |their )?{o} year', 'from', 1),
  moment('in (?:the )?{o} (?:month|quarter|week),? (?:the [a-z]+|[a-z]+) (?:begins?|starts?)', 'from', 1),
  moment('{o} year'),
  moment('(?:in|from|with|start of|beginning of|outset of) @year {n}', 'from', 1),
  moment(`{o}(?: ${payment})?`),
  moment('(?:end|close) of @year {n}'),
  moment('{t} in(?=,| (?:he|she|they|it|the [a-z]+) )'),
  moment('(?:paid|made) {n} (?:of|times)'),
  moment('when (?:he|she|they|it|the [a-z]+) (?:has|have|had) (?:made|paid) {n}'),
  moment('first {n} (?:<e> )?(?:@payment|@deposit)'),
  moment('for {n} (?:<e> )?(?:@payment|@deposit)s?,? and'),
  moment('(?:@payment|@deposit|month) (?:number |no )?{n}(?! (?:to|through|until) ⟨n)'),
  moment('(?:after|once|when|with|following)(?: (?:the|making|exactly|first|just))* {n}'),
  moment('{n} (?:of the |<e> |[a-z]+ ){0,2}(?:@payment|@deposit) (?:of <m> )?(?:have|had|has|are|were|later|in)'),
  moment('(?:after|once|at the end of|when|for|over|following)(?: (?:the|exactly|first|just))* {t}'),
  moment('(?:the )?first {t}'),
  moment('{t} at <p>(?: (?:<[ae]>|compounded|convertible)){0,3},? and'),
  moment('(?:for |\\(|in |during )(?:months|payments|deposits) <n> (?:to|through|until) {n}'),
  moment('(?:month|payment|deposit)s? <n> (?:to|through|until) {n}'),
  // "each of the first 48 months"
  moment('<e>{t}'),
  moment('in (?:the )?(?:month|@payment) {n}', 'from', 1),
  moment('term (?:is|of|was) {t}'),
  moment('(?:has an?|for an?|with an?|an initial) {t} term'),
  moment('(?:pays?|paid) (?:as agreed |regularly |normally |as usual )?for {t}'),
  moment('{t} (?:later|into|on|have|has|after|from (?:now|today)|hence|in(?! )|are)'),
  moment('in {t}'),
];

/** "Ten years ago she took a mortgage. Today the rate changes …": today is ten years later. */
function timeSince(page: Page): Moment | undefined {
  const found = /⟨t(\d+)⟩ ago(?![a-z])/.exec(page.flat);
  const token = Number(found?.[1]);
  return found && /loan|mortgage|borrow|lent/.test(page.flat)
    ? { afterYears: yearsOf(page, token), taken: [{ token, role: 'after' }] }
    : undefined;
}

/** "Seven years ago she invested 5,200 …. Two years ago she added 3,000": five years later. */
function betweenAgo({ flat, ...page }: Page, before: number): Moment | undefined {
  const [first, last, more] = [...flat.slice(0, before).matchAll(/⟨t(\d+)⟩ ago(?![a-z])/g)].map(([, at]) => Number(at));
  if (first === undefined || last === undefined || more !== undefined) return undefined;
  const afterYears = yearsOf(page, first) - yearsOf(page, last);
  return afterYears > 0 ? { afterYears, taken: [{ token: last, role: 'after' }] } : undefined;
}

/** "3 % in the first 4 years, then 3.5 % for 3, and 4 % in the rest": the third begins when the second is over. */
function afterThePrevious(page: Page, token: number): Moment | undefined {
  const before = page.tokens.findLastIndex(
    (_, at) => at < token && page.signs[at]?.[0]?.role === 'newRate' && tokenAt(page, at).form === 'percent',
  );
  if (
    before < 0 ||
    !/^ [a-z ]{0,30}(?:in|for|during|over) the (?:remaining|rest|last|final)/.test(
      page.flat.slice(page.places[token]!.end),
    )
  )
    return undefined;
  const own = /^(?:[^.?!⟨]|⟨[ea]\d+⟩){0,40} for (?:the next |another )?⟨t(\d+)⟩/.exec(
    page.flat.slice(page.places[before]!.end),
  )?.[1];
  const from = own === undefined ? undefined : momentOf(page, before).afterYears;
  return own === undefined || from === undefined
    ? undefined
    : { afterYears: from + yearsOf(page, Number(own)), taken: [{ token: Number(own), role: 'after' }] };
}

const withBoth =
  /(?:with|after|at) (?:(?:the |her |his |their )?⟨o(\d+)⟩(?: (?:⟨e\d+⟩ )?payment)?,? and (?:also |again |then )?(?:with |after |at )?(?:the )?⟨o(\d+)⟩(?! year)|payments? ⟨n(\d+)⟩,? and (?:also |again |then )?(?:with |after |at )?(?:payment )?⟨n(\d+)⟩)/;

/** "She pays 3,000 more with the 12th and also with the 24th payment": twice. */
export function twoMoments(page: Page, token: number): Moment[] | undefined {
  const place = page.places[token]!;
  const sentence = sentenceAt(page, place);
  const found =
    withBoth.exec(page.flat.slice(place.end, sentence?.end)) ??
    withBoth.exec(page.flat.slice(sentence?.start, place.start));
  return found
    ?.slice(1)
    .filter(Boolean)
    .map((each) => {
      const at = Number(each);
      return { after: tokenAt(page, at).value, taken: [{ token: at, role: 'after' as const }] };
    });
}

const afterFirstYear =
  /(?<![a-z])(?:after|at the end of|once) (?:the |her |his |their |its )?first year(?! ⟨)(?: (?:is|was) over)?(?![a-z])|(?:for|in|during|over) (?:the |her |his |their |its )?first year(?! ⟨)[^.;?!]*(?<![a-z])(?:then|thereafter|after (?:that|which)|afterwards|from then on|later)(?![a-z])|⟨[ea]\d+⟩ for (?:an? |one )?year,? (?:and )?then ⟨m\d+⟩(?! for)/;

const goesOnThen = /(?<![a-z])(?:after that|since then|thereafter|from then on|afterwards)[^.;?!⟨]*$/;

const besideSum =
  /^(?: extra| more)? (?:with|after|at|on) (?:payment (?:number )?⟨n(\d+)⟩|the ⟨o(\d+)⟩(?: (?:⟨e\d+⟩ )?payment)?(?! year))/;

/** The moment that stands nearest in the sentence, or in the one before. */
export function momentOf(page: Page, token: number): Moment {
  const place = page.places[token]!;
  const sentence = sentenceAt(page, place);
  const before = sentence && page.sentences[page.sentences.indexOf(sentence) - 1];
  const between = betweenAgo(page, place.start);
  if (between) return between;
  const own = besideSum.exec(page.flat.slice(place.end));
  const beside = Number(own?.[1] ?? own?.[2] ?? NaN);
  // Of several sums each has its own payment behind it.
  if (own && page.signs.filter(([sign]) => sign?.role === 'extra').length > 1)
    return { after: tokenAt(page, beside).value, taken: [{ token: beside, role: 'after' }] };
  const since = sentence && /(?<![a-z])(?:today|now)(?![a-z])/.test(sentence.text) ? timeSince(page) : undefined;
  if (since) return since;
  // "For its first five years a loan over 25 bears 4.8 %; after that it bears 6 %."
  const told = page.flat.slice(0, place.start);
  const first = goesOnThen.test(told) ? [...told.matchAll(/first ⟨t(\d+)⟩/g)].at(-1)?.[1] : undefined;
  if (first !== undefined)
    return { afterYears: yearsOf(page, Number(first)), taken: [{ token: Number(first), role: 'after' }] };
  const third = afterThePrevious(page, token);
  if (third) return third;
  const another = /^ after (?:another|a further) ⟨t(\d+)⟩/.exec(page.flat.slice(place.end))?.[1];
  const onThen = another === undefined ? undefined : afterAnother(page, Number(another));
  if (onThen !== undefined) return { afterYears: onThen, taken: [{ token: Number(another), role: 'after' }] };
  const open = sentence && (whenLeft(page, sentence) ?? renewalOf(page, sentence));
  if (open) return open;
  if (sentence && afterFirstYear.test(sentence.text)) return { afterYears: 1, taken: [] };
  return (
    (sentence && nearestMoment(page, sentence, token)) ??
    (before && !before.asks ? nearestMoment(page, before, token) : undefined) ??
    (before?.asks &&
    /at (?:that|this) (?:point|time|moment|date)(?![a-z])|(?<![a-z])(?:since then|from (?:then|there|that (?:time|day|date|point|moment)) on(?:wards)?)(?![a-z])|(?<![a-z])rate (?:then|now) (?:rises|falls|goes|changes|becomes|drops|is)(?![a-z])|(?:at|on|upon) (?:the )?renewal(?![a-z])|(?<![a-z])if (?:he|she|they|[a-z]+) then(?![a-z])|(?:is|are|was|were) then (?:renewed|prolonged|extended|raised|lowered|cut|changed)(?![a-z])/.test(
      sentence?.text ?? '',
    )
      ? momentAsked(page, before)
      : undefined) ?? { taken: [] }
  );
}

/** "How much is owed after ten years? If the rate rises at that point, …" */
function momentAsked(page: Page, { start, end }: Span): Moment | undefined {
  const question = page.questions.filter(({ unit }) => unit.start >= start && unit.end <= end + 1).at(-1);
  // "What is owed after 5 years, and after 10? The rate is then raised …": after the later.
  const place =
    question && (severalPlaces(page, question, 'moment')?.at(-1) ?? placeAsked(page, question.unit, 'moment'));
  if (place?.afterYears !== undefined) return { afterYears: place.afterYears, taken: [] };
  return place?.after === undefined ? undefined : { after: place.after, taken: [] };
}

export function nearestMoment(page: Page, within: Span, token: number): Moment | undefined {
  const place = page.places[token]!;
  const text = page.flat.slice(within.start, within.end);
  const found = moments.flatMap(({ words, role, less }, rank) =>
    [...text.matchAll(words)].flatMap((match) => {
      const at = Number(match[1]);
      if (
        isSetAside(page, at) ||
        at === token ||
        isAsked(page, at) ||
        isTermAgain(page, at) ||
        isInAll(page, at) ||
        isItsOwn(page, token, at) ||
        isThenFor(page, token, at) ||
        isGoneOn(page, token, at) ||
        isOfOther(page, token, at)
      )
        return [];
      const { start, end } = page.places[at]!;
      const distance = start > place.end ? start - place.end : place.start - end;
      const { form, value, unit } = tokenAt(page, at);
      if (match[2] !== undefined)
        return [
          {
            at,
            role,
            rank,
            distance,
            moment: { afterYears: value * (yearsIn[tokenAt(page, Number(match[2])).unit] ?? NaN) },
          },
        ];
      const isYear = form === 'time' || /⟨o\d+⟩\s+y(?:ea)?r|(?<![a-z])y(?:ea)?rs?\s⟨/.test(match[0]);
      const years = form === 'time' ? value * (yearsIn[unit] ?? NaN) : value - less;
      return [{ at, role, rank, distance, moment: isYear ? { afterYears: years } : { after: value - less } }];
    }),
  );
  const open = found.filter(({ at }) => !isInBrackets(page, token, at) && !isTermBeside(page, found, at));
  const [best] = (open.length > 0 ? open : found).sort(
    (one, other) => one.distance - other.distance || one.rank - other.rank,
  );
  if (!best) return undefined;
  const before = isMore(page, best.at) ? page.tokens.findIndex(({ form }, at) => form === 'time' && at < best.at) : -1;
  if (before >= 0) return { afterYears: yearsOf(page, before), taken: [{ token: best.at, role: 'after' }] };
  // "once three years are over (so from the 37th deposit on)": both say the same.
  const same = found.filter(
    ({ at, distance }) =>
      at !== best.at &&
      !isMore(page, at) &&
      distance < best.distance + 40 &&
      (!isTermLike(page, at) || isLater(page, at)),
  );
  const exact = [best, ...same].find((each) => 'after' in each.moment) ?? best;
  const taken = new Map([best, ...same].map(({ at, role }) => [at, role]));
  return { ...exact.moment, taken: [...taken].map(([at, role]) => ({ token: at, role })) };
}

/** "to 6 %, and after 5 years to 7 %": the time of the next rate. */
const isOfOther = ({ flat, places, tokens }: Page, token: number, at: number): boolean => {
  if (tokens[token]?.form !== 'percent') return false;
  const next = /^,? (?:(?:it|the rate) )?(?:(?:then )?(?:rises|goes|falls|climbs|drops|changes) )?to ⟨p(\d+)⟩/.exec(
    flat.slice(places[at]!.end),
  )?.[1];
  return next !== undefined && Number(next) !== token;
};

/** "to 5.7 % after 3 years and to 6.3 % after another 4": counted from the change before. */
function afterAnother(page: Page, at: number): number | undefined {
  const isNext = /after (?:another|a further) $/.test(page.flat.slice(0, page.places[at]!.start));
  const before = page.tokens.findLastIndex(
    ({ form }, each) => each < at && form === 'time' && /after $/.test(page.flat.slice(0, page.places[each]!.start)),
  );
  return isNext && before >= 0 ? yearsOf(page, before) + yearsOf(page, at) : undefined;
}

/** "With the 30th payment on her loan (60 payments in arrears) she pays 3,000 more": what stands in brackets of its own. */
const isInBrackets = ({ flat, places }: Page, token: number, at: number): boolean => {
  const opened = ({ start }: Span): number => /\([^()]*$/.exec(flat.slice(0, start))?.index ?? -1;
  const own = opened(places[at]!);
  // "$200 (months 1 to 48), $350 (…)" says of the sum before it how long it is paid.
  const isOfSum = /⟨m\d+⟩ $/.test(flat.slice(0, own));
  return own >= 0 && !isOfSum && own !== opened(places[token]!) && places[token]!.start > places[at]!.start;
};

/** "… pays nothing for a year (two payments are missed)": it says nothing more. */
const isSetAside = (page: Page, at: number): boolean =>
  page.signs[at]?.[0]?.role === 'ignored' && page.signs[at][0].weight >= 12;

/** "10 years at 3 %, then 2.4 % for 10 more years": the change comes when the first time is over. */
export const isMore = (page: Page, at: number): boolean => {
  const { form, start, end } = tokenAt(page, at);
  return (
    form === 'time' &&
    (/ (?:more|further|additional) /.test(page.text.slice(start, end)) || /a further $/.test(page.text.slice(0, start)))
  );
};

/** "… and she saves for eight years in all". */
const isInAll = (page: Page, at: number): boolean =>
  /^ (?:in all|in total|altogether|all told|on the whole|after (?:that|this|which|these|it))(?![a-z])/.test(
    page.flat.slice(page.places[at]!.end),
  );

/** "After that 350 a month for six years", "raises it to 350 and goes on for six years": how long the new payment is made. */
const isItsOwn = (page: Page, token: number, at: number): boolean =>
  at > token &&
  tokenAt(page, at).form === 'time' &&
  !isMore(page, at) &&
  page.signs[token]?.[0]?.role !== 'extra' &&
  /^(?: (?:compounded|convertible)(?= ⟨e)| where (?:it|they) (?:then )?(?:stays?|remains?|lies?)(?= for)|,? (?:and )?(?:(?:at|on) the (?:end|start|beginning|first day|last day) of )?⟨[ae]\d+⟩|,(?= where)| each){0,4},?(?: and (?:then )?(?:goes|went|going|carries|keeps|continues)(?: on)?)? for $/.test(
    page.flat.slice(page.places[token]!.end, page.places[at]!.start),
  );

/** "… falls to 2.8 %, and she goes on for eight more years": how long it lasts then. */
const isGoneOn = ({ flat, places }: Page, token: number, at: number): boolean =>
  at > token &&
  /(?:goes|going|went|carries|keeps|continues|carried)(?: on)?(?: [a-z]+ing)? for $/.test(
    flat.slice(0, places[at]!.start),
  );

/** "10 years at 6 % and then for 5 at 7.2 %": how long the new rate holds. */
export const isThenFor = (page: Page, token: number, at: number): boolean =>
  at < token &&
  tokenAt(page, at).form === 'time' &&
  /(?:then|after that|afterwards|thereafter),? for (?:another |the next )?$/.test(
    page.flat.slice(0, page.places[at]!.start),
  ) &&
  /^ at $/.test(page.flat.slice(page.places[at]!.end, page.places[token]!.start));

/** "Three years later (after 36 payments)". */
const isLater = (page: Page, at: number): boolean => /^ later \(after ⟨n/.test(page.flat.slice(page.places[at]!.end));

/** "…; the loan must still be gone after the ten years", "… after 60 months": the term, named once more. */
function isTermAgain(page: Page, at: number): boolean {
  const { form, value, unit } = tokenAt(page, at);
  const isTerm = (each: Token, other: number): boolean =>
    each.value === value &&
    ((each.form === 'time' &&
      each.unit === unit &&
      (page.signs[other]?.some(({ role, weight }) => role === 'duration' && weight >= 7) ?? false)) ||
      (each.form === 'count' && unit === 'months' && page.signs[other]?.[0]?.role === 'payments'));
  return (
    form === 'time' &&
    page.tokens.some((each, other) => other < at && isTerm(each, other)) &&
    /(?:gone|over|end|ends|repaid|cleared|paid off)(?: [a-z]+){0,2} (?:after|in|within) (?:the |these |those )?$/.test(
      page.flat.slice(0, page.places[at]!.start),
    )
  );
}

const looksAtPlace: ReadonlySet<string> = new Set(['balance', 'interest', 'principal', 'leftToPay', 'finalAmount']);

/** It belongs to what a question looks at, not to the change. */
function isAsked(page: Page, at: number): boolean {
  const place = page.places[at]!;
  return page.questions.some(
    ({ asked, start, unit }) =>
      looksAtPlace.has(asked) && place.start >= start && place.start < unit.end && place.start - start < 70,
  );
}
