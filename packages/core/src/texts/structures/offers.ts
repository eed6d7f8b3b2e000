/** Two offers held against each other: the text says one, then the other, and what holds for both. */

import { changesOfText } from '../changesOfText.ts';
import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import type { Question } from '../question.ts';
import { readPlan } from '../onePlan.ts';
import type { SolePlan } from '../solePlan.ts';
import { sentenceAt, type Page, type Scope } from '../page.ts';
import { forBoth, offBesideRate, ownerOf, paidAsOften, ratesOf, thing, type Regions } from './offerOwners.ts';
import { namesOf, regionsOfTwo } from './twoPeople.ts';
import { comparedBy, ownedQuestions, questionsOf, readingOfPlans, wordsOf, type Owned } from './severalPlans.ts';

const mark = new RegExp(
  `(?:^|[\\s(])${thing} (?:[abpqxy]|one|two|i{1,2}|⟨l\\d+⟩|⟨n\\d+⟩(?=:| (?:charges|asks|offers|lends|wants|has|gives|pays)))(?![a-z])`,
  'g',
);
const turns =
  /(?:[;.]\s+|,\s+|\s)(?:or(?: else)?(?: she| he| they)?|alternatively|instead|whereas|while|versus|against|rather than|instead of|than(?= (?:at|with|under|in|over|by|on) )|but|(?:a|the) (?:second|other|rival|competing)|another|the latter|(?:her|his|their|its) (?:brother|sister|cousin|friend|neighbour|rival|twin|colleague|husband|wife|partner)|on the other hand|compared with)(?![a-z])/g;

/** "… than if the rate had stayed at 3.6 %": one loan, with the change and without. */
const asIfUnchanged =
  /than if (?:the (?:interest )?rate|it|nothing) had (?:stayed|remained|not (?:changed|risen|fallen|gone|been raised|been cut)|never changed|changed)|than (?:with|at) an unchanged rate/;

/** @returns nothing where the text does not tell two offers */
export function readOffers(page: Page): DraftReading | undefined {
  const compares =
    page.questions.some(({ asked }) => asked === 'choice' || asked === 'difference') ||
    page.sentences.some(({ asks, text }) => asks && /^\W*(?:⟨l\d+⟩ )?compare(?![a-z])/.test(text));
  const isForBoth = (each: Question): boolean =>
    forBoth.test(page.flat.slice(each.unit.start, each.unit.end)) ||
    /^\W*(?:for|in|of|with|under) (?:both|each)(?: [a-z]+)?, /.test(sentenceAt(page, each)?.text ?? '');
  const both = page.questions.some(isForBoth);
  const kinds = leaseAndLoan(page);
  // "A flat 6 % a year, or 11 % compounded monthly. What is the true rate of the flat one?"
  const isFlatToo =
    ratesOf(page).length === 2 &&
    page.kinds.some(({ says, weight }) => says === 'flat' && weight >= 9) &&
    page.questions.some(({ asked }) => asked === 'nominalRate') &&
    page.tokens.some(({ form }) => form === 'money');
  // Both payments of a loan whose rate changes.
  const changes = changesOfText(page).some(({ kind }) => kind === 'rate');
  if (changes && ((!compares && !kinds) || asIfUnchanged.test(page.flat))) return undefined;
  // "It may be bought for 18,600 or leased for 36 months": one lease, and its price.
  const orLease = /^[^?]*⟨[ptn]\d+⟩[^?]* or (?:else )?(?:lease|rent|hire) it(?![a-z])/.test(page.flat);
  // "… at (a) 6 % compounded monthly, (b) 7.2 % compounded monthly"
  const isListed = /(?:at|with|if it is) \(?a\) ⟨p\d+⟩[^.?!]*\(?b\) ⟨p\d+⟩/.test(page.flat);
  if (!compares && !both && !kinds && !isFlatToo && !orLease && !isListed) return undefined;
  // "What does the holiday cost her?"
  if (isOfPause(page)) return undefined;
  const told = offBesideRate(page, kinds ?? regionsOf(page));
  const found = told && readTwo(page, told.regions, told.isOthers);
  const names = told && namesOf(page, told.regions);
  // Two people lend their names to their plans.
  const named = names && found?.plans.map((plan, at) => (plan.name ? plan : { ...plan, name: names[at]! }));
  return found && named ? { ...found, plans: named } : found;
}

/** A pause is told, and no choice asked: what is compared is the plan with it and without it. */
export const isOfPause = (page: Page): boolean =>
  page.questions.every(({ asked }) => asked !== 'choice') && changesOfText(page).some(({ kind }) => kind === 'skip');

/** The questions with the offer that each is of; a new payment is the second's. */
function questionsOfTwo(page: Page, regions: Regions): Owned[] {
  const hasNew = page.questions.some(({ asked }) => asked === 'newPayment');
  return ownedQuestions(page, (question) => {
    const isOld =
      hasNew &&
      question.asked === 'payment' &&
      /(?<![a-z])(?:old|present|first)(?![a-z])/.test(wordsOf(page, question));
    return isOld ? 0 : ownerOf(page, question, regions);
  })
    .map((each) => (each.asked === 'newPayment' ? { ...each, asked: 'payment' as const } : each))
    .map((each) => (namesTerm(page, each, regions) ? { ...each, place: undefined } : each))
    .filter((each, at, all) => all.findIndex((other) => isSame(each, other)) === at);
}

/**
 * Reads two plans whose places are known.
 *
 * @param isOthers whether a place belongs to the other plan wherever it stands
 */
export function readTwo(
  page: Page,
  regions: Regions,
  isOthers: (place: Span, plan: 0 | 1) => boolean = () => false,
): DraftReading | undefined {
  const questions = questionsOfTwo(page, regions);
  const scopeOf = (plan: 0 | 1): Scope => {
    const other = regions[plan === 0 ? 1 : 0];
    return (place) => (place.start < other.start || place.start >= other.end) && !isOthers(place, plan);
  };
  const read = (plan: 0 | 1, like?: SolePlan, as?: SolePlan['plan']['kind']): SolePlan =>
    readPlan(page, {
      scope: scopeOf(plan),
      kindScope: kindScopeOf(plan),
      questions: isOneSum(page, regions[plan]) ? asAmount(questionsOf(questions, plan)) : questionsOf(questions, plan),
      ...(like ? { like: like.terms } : {}),
      ...(as ? { as } : isOneSum(page, regions[plan]) ? { as: 'lump-sum' } : {}),
    });
  const kindScopeOf = (plan: 0 | 1): Scope => {
    const scope = scopeOf(plan);
    const own = regions[plan];
    if (page.kinds.some(({ start, weight }) => weight >= 6 && start >= own.start && start < own.end))
      return ({ start }) => start >= own.start && start < own.end;
    const told = page.kinds.some((place) => scope(place) && !isAsked(page, place.start));
    // "… or at 11.4 % compounded monthly. What rate is the flat offer?"
    const isCompound =
      page.tokens.some(({ form }) => form === 'money') &&
      /compound|convertible|reducing/.test(page.flat.slice(own.start, own.end));
    // "A flat-rate loan: 8 % …. A friend offers 14 % compounded monthly": what is compounded is not flat.
    const flat = new Set(page.kinds.flatMap(({ says, start }) => (says === 'flat' ? [start] : [])));
    const isFlat = ({ start }: Span): boolean => isCompound && flat.has(start);
    return told || isCompound ? (place) => scope(place) && !isFlat(place) && !isAsked(page, place.start) : scope;
  };
  const first = read(0);
  const told = read(1, first);
  // Without its own sums it is the same kind of case as the first.
  // "She needs 60,000. Bank A lends it at …, bank B at …": what is needed is lent by both.
  const isLent =
    first.plan.kind === 'borrowing' &&
    told.plan.kind === 'saving' &&
    !page.kinds.some(
      ({ start, weight, says }) =>
        says === 'saving' && weight >= 6 && start >= regions[1].start && start < regions[1].end,
    );
  const isBare =
    first.plan.kind !== 'convert' &&
    (isLent ||
      told.plan.kind === 'convert' ||
      (first.plan.kind !== 'flat' && !page.kinds.some((each) => scopeOf(1)(each))));
  const second = sought(withTheRest(page, first, isBare ? read(1, first, first.plan.kind) : told, regions[1]));
  const completed = read(0, second);
  return readingOfPlans(page, [completed, second], questions, (question, plans) => comparedBy(page, question, plans));
}

/** "one deposit today, or month-end deposits": of the one sum the amount is asked. */
function isOneSum({ kinds }: Page, { start, end }: Span): boolean {
  const own = kinds.filter((each) => each.start >= start && each.start < end);
  return own.some(
    ({ says, weight }) => says === 'lump-sum' && weight >= 9 && own.every((other) => other.weight <= weight),
  );
}

const asAmount = (questions: readonly Owned[]): Owned[] =>
  questions.map((each) => (each.asked === 'payment' ? { ...each, asked: 'amount' } : each));

/** "… or lease it for 890 a month": a payment that is told is not sought, what it is worth is. */
const sought = (read: SolePlan): SolePlan =>
  read.plan.kind === 'leasing' && read.plan.unknown === 'payment' && read.plan.payment !== null
    ? { ...read, plan: { ...read.plan, price: undefined, amount: null, unknown: 'amount' } }
    : read;

/** "If instead the rest were borrowed …": what is left of the price when the first plan's deposit is paid. */
function withTheRest(page: Page, { plan: one }: SolePlan, other: SolePlan, region: Span): SolePlan {
  const { plan } = other;
  const isRest = /(?<![a-z])the (?:rest|remainder|balance)(?! of)(?![a-z])/.test(
    page.flat.slice(region.start, region.end),
  );
  const whole = one.price ?? one.amount;
  const isWhole = plan.downPayment === undefined && whole !== null && (plan.price === whole || plan.amount === whole);
  if (!isRest || !isWhole || one.downPayment === undefined || one.amount === null) return other;
  return { ...other, plan: { ...plan, price: whole, downPayment: one.downPayment, amount: one.amount } };
}

/** "The interest over 15 years and over 30": the terms themselves are no places in them. */
const namesTerm = (page: Page, { place }: Owned, regions: Regions): boolean =>
  place?.taken.some(({ token }) => regions.some(({ start }) => start === page.places[token]!.start)) ?? false;

const isSame = (one: Owned, other: Owned): boolean =>
  one.asked === other.asked && one.start === other.start && one.owner === other.owner && one.place === other.place;

const leaseMark =
  /(?<=compares? |between )leasing(?= )|leasing (?=(?:an?|the) [a-z ]{3,30} worth ⟨m)|(?:^|[.;:,\n()] ?)(?:(?:to |an? (?=lease: )|either |option [a-z0-9]+[:,]? |they |she |he |you |she can |you can )*)(?:lease|rent|hire|leasing|renting|hiring)(?: it| the [a-z]+(?=:))?(?=[:,. -])|(?:leased|rented|hired)(?=:)|(?:(?:can|may) be|is|are) (?:leased|rented)(?=(?:,)? (?:for|over|at) ⟨)|(?:can|may|could) (?:either )?(?:lease|rent|hire) (?:an?|the|it) [^.;?!]{0,90}(?:by paying|for ⟨[tn]|at ⟨m)/;
const loanMark =
  /(?:with|and) borrowing(?= (?:its|the) price| ⟨m)|(?:^|[.;:,\n()] ?)(?:or (?:else )?|to |alternatively,? |option [a-z0-9]+[:,]? )*(?:borrow(?:ing)?|loan|buy(?:ing)?(?!-?out)|purchase(?! option| price)|credit|bank loan|a loan|take a loan|(?:its|the) price (?:can|may|could) be borrowed|(?:it|they) (?:can|may) be bought (?:now |at once )?with a loan|(?:be )?bought with a loan|financed with a loan|or (?:be )?(?:financed|borrowed for)(?= (?:over|at|with|for|by) )|or a loan(?= of ⟨m)|a loan (?=for it:)|or (?:the |an? )?[a-z]+ (?:borrows?|takes a loan|buys?)(?= ⟨m\d+⟩| it)|(?:it|they|she|he) (?:can|may|could) (?:also |instead )?borrow (?:the (?:price|money)|its price|⟨m\d+⟩))(?: (?:(?:the|its) price|it|the money))?(?=[:,. -]| for the price)/;

/** A lease against a loan: each told in its own sentences. */
function leaseAndLoan(page: Page): Regions | undefined {
  const lease = leaseMark.exec(page.flat);
  const rest = lease ? page.flat.slice(lease.index + lease[0].length) : '';
  const loan = loanMark.exec(rest);
  if (!lease || !loan) return undefined;
  const from = lease.index + lease[0].length + loan.index;
  const asking = page.sentences.find(({ asks, start }) => asks && start > from)?.start ?? page.flat.length;
  const hasNumbers =
    /⟨[mpn]/.test(page.flat.slice(lease.index, from)) &&
    /⟨[pntea]/.test(page.flat.slice(from, asking)) &&
    /⟨[mpn]/.test(page.flat.slice(from, asking));
  return hasNumbers && from < asking
    ? [
        { start: lease.index, end: from },
        { start: from, end: endOf(page, from, asking) },
      ]
    : undefined;
}

/** It stands in a question, not in what is told. */
const isAsked = (page: Page, at: number): boolean =>
  page.questions.some(({ unit }) => at >= unit.start && at < unit.end);

const labels =
  /^(?:the )?(?:loans?|rate|interest|term|time|payments?|deposits?|price|amount|given|find|required|wanted|sought|notes?|hints?|data|questions?|answers?|parts?|cash|old|added|new|value|residual|balloon|lease|saving|buying|borrowing|first|then|now|later|facts?|figures|principal|fees?|sum|start|end|goal|plan|option|offer|case|terms|conditions|situation|task|problem|exercise|example)(?![a-z])/i;

/** "Warp & Weft: 24 payments of 121. Shuttle Ltd: …": two that bear a name. */
const namedWithColon = ({ text, origins, flat }: Page): number[] =>
  [...text.matchAll(/(?<=^|[.;?!]\s+|\n\s*)\p{Lu}[\p{L}.']*(?: (?:&|and|of|the|\p{Lu}[\p{L}.']*)){0,3}(?=:\s)/gu)]
    .filter(({ 0: words }) => !labels.test(words))
    .map(({ index }) => origins.findIndex((origin) => origin >= index))
    .filter((at) => /^[^:]*:[^.]*⟨[mpn]/.test(flat.slice(at)));

/** Where two offers are first named: "bank A … bank B". */
function namedPlaces(page: Page): number[] {
  const { flat, text, origins } = page;
  const listed =
    /(?:offers?|plans?|options?|ways|schemes|deals|choices|proposals|alternatives)(?![a-z])[^.?!]{0,60}: ?\(?(?:a[,:)] [^?!]*?[;.,] (?:or )?\(?(b)[,:)]|i\) [^?!]*?[;.,] (?:or |and )?\(?(ii)\)) /d.exec(
      flat,
    );
  const [, letter, roman] = listed?.indices ?? [];
  const second = letter ?? roman;
  if (listed && second) return [listed.index + listed[0].indexOf(':'), second[0]];
  const byName = namedWithColon(page);
  if (byName.length === 2) return byName;
  const seen = new Set<string>();
  const places: number[] = [];
  for (const found of flat.matchAll(mark)) {
    const name = found[0].trim().split(' ').at(-1) ?? '';
    // "They offer a loan" names nothing.
    const at = found.index + found[0].length - 1;
    if (name === 'a' && text.charAt(origins[at] ?? 0) === 'a' && /^ [a-z]/.test(flat.slice(at + 1))) continue;
    if (!seen.has(name)) places.push(found.index);
    seen.add(name);
  }
  return places;
}

function regionsOf(page: Page): Regions | undefined {
  const [a, b] = namedPlaces(page);
  const asking =
    page.sentences.find(({ asks, start }) => asks && start > Math.max(a ?? 0, b ?? 0))?.start ?? page.flat.length;
  if (a !== undefined && b !== undefined && b > a && b < asking)
    return [
      { start: a, end: b },
      { start: b, end: endOf(page, b, asking) },
    ];
  const named = headed(page).filter(({ start }) => start < asking || asking === page.flat.length);
  const [first, second] = named;
  if (first && second && named.length === 2)
    return [
      { start: first.start, end: second.start },
      { start: second.start, end: second.end },
    ];
  const places = ratesOf(page);
  const people = places.length < 2 ? (regionsOfTwo(page) ?? paidAsOften(page)) : undefined;
  if (people) return people;
  const [one, other] = places;
  const lease = /(?:^|\s)(?:lease|rent|hire) it/.exec(page.flat);
  // "Buy it with a loan at 7.2 % …, or lease it": the lease is told to the end.
  if (
    one &&
    !other &&
    lease &&
    one.start < lease.index &&
    /(?:,|;| -)? or(?: else)?$/.test(page.flat.slice(0, lease.index))
  )
    return [
      { start: beginOf(page, one), end: lease.index },
      { start: lease.index, end: endOf(page, lease.index, asking) },
    ];
  const paid = places.length === 0 ? paymentsOfTwo(page) : undefined;
  if (paid) return paid;
  const from = one && other ? one : lease ? { start: lease.index, end: lease.index + 8 } : undefined;
  const until = one && other ? other.start : asking;
  if (!from || until <= from.end) return undefined;
  // "How much can she borrow …? How much more if the rate is 4.52 %?": all but the rate is told of both.
  const supposed = other && sentenceAt(page, other);
  if (one && other && supposed?.asks && supposed !== sentenceAt(page, one) && sentenceAt(page, one)?.asks)
    return [one, { start: supposed.start, end: supposed.end }];
  const turn = turnBetween(page, from.end, until);
  if (turn === undefined) return undefined;
  const start = beginOf(page, from);
  const last = sentenceAt(page, { start: turn + 2, end: turn + 2 });
  const end = Math.max(last?.end ?? turn, other ? other.end : turn);
  // "…; both are repaid monthly": said of both.
  const both = /[;,(]\s*(?:both|each|either) /.exec(page.flat.slice(other?.end ?? turn, end));
  return [
    { start: Math.min(start, from.start), end: turn },
    { start: turn, end: both ? (other?.end ?? turn) + both.index : end },
  ];
}

/** "A lender offers 16,000 repaid by 60 payments of 318; a second lender … 48 payments of 383": no rates, and two payments. */
function paymentsOfTwo(page: Page): Regions | undefined {
  const asksRate = page.questions.some(
    ({ asked, unit }) =>
      /Rate$|ratePerPayment/.test(asked) ||
      (asked === 'choice' && /(?<![a-z])rates?(?![a-z])/.test(page.flat.slice(unit.start, unit.end))),
  );
  if (!asksRate) return undefined;
  const [one, other, third] = page.signs.flatMap(([sign], at) =>
    sign?.role === 'payment' && sign.weight >= 9 && page.tokens[at]?.form === 'money' ? [page.places[at]!] : [],
  );
  if (!one || !other || third) return undefined;
  const cut = turnBetween(page, one.end, other.start);
  const end = sentenceAt(page, other)?.end;
  return cut === undefined || end === undefined
    ? undefined
    : [
        { start: sentenceAt(page, one)?.start ?? 0, end: cut },
        { start: cut, end },
      ];
}

/** "Ada: …. Bea: …": sentences that say whose they are. */
const headed = (page: Page): Span[] =>
  page.sentences.filter(
    ({ text, asks }) =>
      !asks &&
      !forBoth.test(text) &&
      /^\W*(?:(?:the|his|her|their) )?(?:\p{L}+(?:'s?)? ){0,2}\p{L}+: /u.test(text) &&
      /⟨[mpn]/.test(text) &&
      !/^[^⟨]*⟨m\d+⟩\W*$/.test(text),
  );

/** Where the first offer begins in its sentence: behind a colon, if there is one before its rate. */
function beginOf(page: Page, rate: Span): number {
  const start = sentenceAt(page, rate)?.start ?? 0;
  const colon = page.flat.slice(start, rate.start).lastIndexOf(': ');
  return colon < 0 ? start : start + colon + 1;
}

/** The last turn between two places, or else the sentence that begins there. */
function turnBetween(page: Page, from: number, until: number): number | undefined {
  const between = page.flat.slice(from, until);
  const found = [...between.matchAll(turns)].at(-1);
  if (found) return from + found.index;
  const sentence = page.sentences.filter(({ start }) => start > from && start < until).at(-1);
  if (sentence) return sentence.start;
  const half = /;\s/.exec(between);
  if (half) return from + half.index;
  const clause =
    (/compar/.test(page.flat.slice(0, from)) ? /\swith\s/.exec(between) : null) ?? /[;,]\s|\sand\s/.exec(between);
  return clause ? from + clause.index : undefined;
}

/** The second offer ends where something is said of both, or asked. */
function endOf(page: Page, from: number, asking: number): number {
  const next = page.sentences.find(({ start, text }) => start > from && (start >= asking || forBoth.test(text)));
  return Math.min(next?.start ?? asking, asking);
}
