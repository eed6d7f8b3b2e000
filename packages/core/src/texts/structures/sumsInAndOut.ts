/** "Three years later she withdraws 1,500": single sums go in or out on the way, and what is there then grows on. */

import { placeAsked } from '../askArgs.ts';
import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import type { AskedPlace } from '../lexicon/placeRecord.ts';
import { readPlan } from '../onePlan.ts';
import { sentenceAt, tokenAt, type Page } from '../page.ts';
import { groupFound, pattern } from '../pattern.ts';
import { paymentAfter, wholeNumber } from '../paymentCounts.ts';
import { placeQuestions, type PlacedQuestion } from '../placedQuestions.ts';
import { asAsked, momentOf } from '../placesInPlan.ts';
import type { ReadChange, ReadPlan, Role } from '../reading.ts';
import type { SolePlan } from '../solePlan.ts';
import { yearsOf } from '../tokens.ts';
import { clausesOf, isIn } from './clauses.ts';
import { nameOfPlan, readingOfPlans, wordsOf } from './severalPlans.ts';

/** A sum that goes in or out, and the words that say when; none for what is there from the start. */
interface Move {
  readonly token: number;
  readonly isOut: boolean;
  readonly when?: { readonly place: AskedPlace; readonly isLater: boolean };
  readonly taken: readonly number[];
  /** Where what is told of it ends. */
  readonly end: number;
}

const more = '(?:(?:another|a further|an additional|an extra) )?';
const goesOut = pattern(
  `(?:withdraws?|withdrew|withdrawing|draws? out|drew out|removes|removed|(?:takes?|took|taking|draws?|drew)(?: out)?|withdrawals? of|spends|spent|uses|used) ${more}{mn}|{mn} (?:more )?(?:is|was|has been) (?:then )?(?:withdrawn|taken out|taken from|drawn out|removed)`,
);
/** Of a debt. */
const paysOff = pattern(
  `(?:(?:pays?|paid|repays?|repaid|gives?|gave)(?: (?:off|back|her|him|them|the [a-z]+))?|payments? of|(?:repaid|reduced|paid (?:off|back)|returned|settled) (?:by|with)) ${more}{mn}`,
);
const isOwed = /(?<![a-z])(?:borrow(?:s|ed)?|owes?|owed|loan|debt|lends?|lent)(?![a-z])/;
const goesIn = pattern(
  `(?:deposits?|deposited|adds?|added|adding|puts?(?: in(?:to)?| aside)?|pays? in|paid in|invests?|invested|deposit of|(?:borrows?|borrowed|owes?|owed|lends?|lent)(?: (?:her|his|their|the|[a-z]+ by)? ?[a-z]+)?|loan of|debt of) ${more}{mn}|{mn} (?:more )?(?:is|was|has been) (?:then )?(?:deposited|added|put in|put into|paid in|paid into|invested)`,
);
/** It is there from the start, and goes in at no later time. */
const isThere = pattern(
  '(?:has|had|stood at|stands at|opened with|opened (?:an?|the) (?:[a-z]+ )?account with|inherit(?:s|ed)|wins|won|sum of|fund of) {mn}|(?<![a-z])an? {mn} (?:debt|loan|note)(?![a-z])',
);
/** "3,000 of fees", "her sister takes out 500": another story. */
const isOther = pattern(
  '{mn} (?:of|in|as|for) (?:the )?(?:[a-z]+ )?(?:fees?|interest|tax(?:es)?|rent)|(?:his|her|their) (?:sister|brother|wife|husband|partner|friend|son|daughter|mother|father)',
);
/** "…, and 2,500 after three years" */
const alsoGoes = pattern(
  `(?:(?<=, )|and )(?:then )?${more}{mn}|(?<=(?:later|after that),? )${more}{mn}|(?:(?<=, )|and )(?:then )?(?:after|in) ${more}<t>,? ${more}{mn}`,
);
const isRegular =
  /^ (?:(?:more|extra) )?(?:into [a-z ]{3,30} )?(?:at the (?:end|beginning|start|close) of )?⟨[ea]\d+⟩|^(?: [a-z]+){0,3} (?:each|every|per) /;
const later =
  /later|after that|afterwards|thereafter|after (?:the|this|his|her|their) (?:withdrawal|second|last|third)|another ⟨|a further ⟨/;
const fromStart =
  /after (?:the|his|her|their) (?:first |original |initial |opening )?(?:deposit|investment)(?! of the)/;
const aYear = /(?<![a-z])(half )?a year (?:later|after that|afterwards)/;
const stops = /(?<![a-z])(?:stops?|no more|nothing more|ceases?)(?![a-z])/;

const isRegularAt = ({ flat, places }: Page, token: number): boolean => isRegular.test(flat.slice(places[token]!.end));

const firstOf = (found: RegExpMatchArray): number => Number(groupFound(found));

/** The sums of a text by whether they go out; nothing where one of them is told otherwise. */
function sumsOf(page: Page, asked: readonly Span[], payment: number): Map<number, boolean> | undefined {
  const heard = new Map<number, boolean>();
  for (const [words, isOut] of [
    [goesIn, false],
    ...(isOwed.test(page.flat) ? [[paysOff, true] as const] : []),
    [goesOut, true],
    [isThere, false],
  ] as const)
    for (const found of page.flat.matchAll(words)) heard.set(firstOf(found), isOut);
  for (const found of page.flat.matchAll(alsoGoes)) {
    const token = firstOf(found);
    const before = [...heard.keys()].filter((each) => each < token).sort((one, other) => other - one)[0];
    const isHere =
      before !== undefined && sentenceAt(page, page.places[before]!) === sentenceAt(page, page.places[token]!);
    if (!heard.has(token) && isHere) heard.set(token, heard.get(before)!);
  }
  const sums = page.tokens.flatMap(({ form }, at) =>
    form === 'money' && at !== payment && !isIn(asked, page.places[at]!) ? [at] : [],
  );
  return sums.every((at) => heard.has(at)) ? new Map(sums.map((at) => [at, heard.get(at)!])) : undefined;
}

/** What the words of a region say of when. */
function whenTold(page: Page, region: Span): Pick<Move, 'when' | 'taken'> | undefined {
  const text = page.flat.slice(region.start, region.end);
  const [short, half] = aYear.exec(text) ?? [];
  if (short !== undefined)
    return { when: { place: { afterYears: half ? 1 / 2 : 1, taken: [] }, isLater: true }, taken: [] };
  const place = placeAsked(page, region, 'moment');
  if (!place || (place.after ?? place.afterYears ?? place.leftYears ?? place.leftPayments) === undefined)
    return undefined;
  const [first] = place.taken;
  // "for eight years" is no moment.
  const isTerm =
    first !== undefined &&
    tokenAt(page, first.token).form === 'time' &&
    /(?<![a-z])(?:for|over|during|lasting|(?:term|time) of) (?:the |another |a further )?$/.test(
      page.flat.slice(0, page.places[first.token]!.start),
    );
  if (isTerm) return undefined;
  return { when: { place, isLater: later.test(text) }, taken: place.taken.map(({ token }) => token) };
}

/** Each sum with when it goes: told before it, or else behind. */
function movesOf(page: Page, sums: ReadonlyMap<number, boolean>): Move[] {
  const moves: Move[] = [];
  const tokens = [...sums.keys()];
  tokens.forEach((token, at) => {
    const place = page.places[token]!;
    const sentence = sentenceAt(page, place) ?? place;
    const last = moves.at(-1);
    const used = last?.end ?? 0;
    const next = page.places[tokens[at + 1] ?? -1]?.start ?? Infinity;
    const before = { start: Math.max(sentence.start, used), end: place.start };
    const rest = /,? and (?:then )?the (?:rest|remainder|balance)(?![a-z])/.exec(
      page.flat.slice(place.end, sentence.end),
    );
    const behind = { start: place.end, end: Math.min(sentence.end, next, place.end + (rest?.index ?? Infinity)) };
    const first = whenTold(page, before);
    const told = first ?? whenTold(page, behind);
    const taken = told?.taken ?? [];
    // Where a year is told without a number, all that stands behind it is its own.
    const end =
      !first && told && taken.length === 0
        ? behind.end
        : Math.max(...[token, ...taken].map((each) => page.places[each]!.end));
    moves.push({ token, isOut: sums.get(token)!, taken, end, ...(told?.when ? { when: told.when } : {}) });
  });
  return moves;
}

/** What tells of these numbers, clause by clause, from behind the number before. */
const toldBy = (page: Page, tokens: readonly number[]): Span[] =>
  clausesOf(page).flatMap((clause) => {
    const inside = tokens.filter((at) => isIn([clause], page.places[at]!));
    if (inside.length === 0) return [];
    const before = page.places[Math.min(...inside) - 1]?.end ?? 0;
    const end = Math.max(...inside.map((at) => page.places[at]!.end));
    return [{ start: Math.max(clause.start, before), end }];
  });

/** When each sum goes, in payments; nothing where they do not follow one another. */
function timesOf(moves: readonly Move[], plan: ReadPlan): number[] | undefined {
  const times: number[] = [];
  for (const { when } of moves) {
    const k = when && momentOf(when.place, asAsked(plan, 0, undefined));
    const last = times.at(-1) ?? 0;
    const time = k === undefined ? NaN : when?.isLater ? last + k : k;
    if (!(time > last) || !Number.isInteger(time)) return undefined;
    times.push(time);
  }
  return times;
}

/** After how many payments it ends, and the numbers that say so. */
function endOf(
  page: Page,
  question: PlacedQuestion,
  { last, perYear, used }: { readonly last: number; readonly perYear: number; readonly used: ReadonlySet<number> },
): { readonly end: number; readonly tokens: readonly number[] } | undefined {
  const others = page.tokens.flatMap(({ form }, at) =>
    form === 'time' && !used.has(at) && !isIn([question.unit], page.places[at]!) ? [at] : [],
  );
  const inPayments = (at: number): number => wholeNumber(yearsOf(page, at) * perYear);
  const { place } = question;
  // "After 5 years he withdraws 6,000 and goes on for another 4. What is his balance at the end?": told elsewhere.
  const isOwn = place && place.taken.every(({ token }) => isIn([question.unit], page.places[token]!));
  const own = isOwn && !place.same && !place.atChange ? paymentAfter(place, perYear) : undefined;
  if (place && own !== undefined) {
    const said = wordsOf(page, question);
    const end = later.test(said) && !fromStart.test(said) ? last + own : own;
    return others.every((at) => inPayments(at) === end)
      ? { end, tokens: [...others, ...place.taken.map(({ token }) => token)] }
      : undefined;
  }
  const [only, second] = others;
  const settled = only === undefined ? settledAt(page, perYear) : undefined;
  if (settled) return settled;
  if (only === undefined || second !== undefined) return undefined;
  const isMore =
    / (?:more|further|additional) /.test(page.text.slice(tokenAt(page, only).start, tokenAt(page, only).end)) ||
    /(?:another|further|remaining|next|following|other|last) $/.test(page.flat.slice(0, page.places[only]!.start)) ||
    /^ (?:more|longer)(?![a-z])/.test(page.flat.slice(page.places[only]!.end));
  return { end: isMore ? last + inPayments(only) : inPayments(only), tokens: others };
}

/** "… is paid back with 2,000 after one year, and the rest at the end of the third year." */
function settledAt(
  page: Page,
  perYear: number,
): { readonly end: number; readonly tokens: readonly number[] } | undefined {
  const found =
    /(?<![a-z])(?:the (?:rest|remainder|balance)|(?:a|one|the) (?:last|final|closing|third|fourth) (?:payment|sum|one))(?: [a-z]+){0,3} (?=(?:at|after|in|on) )/.exec(
      page.flat,
    );
  const end = found ? sentenceAt(page, { start: found.index, end: found.index })?.end : undefined;
  if (!found || end === undefined) return undefined;
  const { place } = whenTold(page, { start: found.index + found[0].length, end })?.when ?? {};
  const payments = place && paymentAfter(place, perYear);
  return payments === undefined ? undefined : { end: payments, tokens: place!.taken.map(({ token }) => token) };
}

const asksEnd: ReadonlySet<string> = new Set(['finalAmount', 'balance']);
const asksToSettle: ReadonlySet<string> = new Set(['leftToPay', 'lastPayment', 'payment', 'newPayment', 'amount']);
const settles =
  /(?:second|third|other|remaining) payment|remainder|clear|settle|pay(?:s)? off|discharge|final payment|last payment|repay|extinguish/;

/** "What payment five years from now clears the debt?": what is owed then. */
const heardAsOwed = (page: Page, each: PlacedQuestion): PlacedQuestion =>
  asksToSettle.has(each.asked) && settles.test(wordsOf(page, each))
    ? { ...each, asked: 'balance', place: placeAsked(page, each.unit, 'moment') }
    : each;

interface EndAsked {
  /** What is there at the end. */
  readonly end: PlacedQuestion;
  /** "How much of that is interest?" */
  readonly earned: PlacedQuestion | undefined;
}

/** What is there at the end, and how much of it is interest; nothing where anything else is asked. */
function endAsked(page: Page): EndAsked | undefined {
  const placed = placeQuestions(page).map((each) => heardAsOwed(page, each));
  const [end, more] = placed.filter(({ asked }) => asksEnd.has(asked));
  const [earned] = placed.filter(({ asked, place }) => asked === 'interest' && !place);
  return end && !more && placed.length === (earned ? 2 : 1) ? { end, earned } : undefined;
}

/** @returns nothing where not every sum is told to go in or out at a time of its own, or something else is asked */
export function readSumsInAndOut(page: Page): DraftReading | undefined {
  const { end, earned } = endAsked(page) ?? {};
  if (!end || stops.test(page.flat) || page.flat.match(isOther)) return undefined;
  const asked = [end.unit];
  const payment = page.tokens.findIndex(({ form }, at) => form === 'money' && isRegularAt(page, at));
  const sums = sumsOf(page, asked, payment);
  // Payments by the month whose size is not told, or another one.
  const isRest = payment < 0 && page.periods.some(({ use }) => use === 'frequency');
  if (!sums || isRest || [...sums.keys()].some((at) => isRegularAt(page, at))) return undefined;
  const all = movesOf(page, sums);
  const moves = all.filter(({ when }) => when);
  const atStart = all.filter(({ when }) => !when);
  const isOneAtStart =
    (payment < 0 ? atStart.length === 1 : atStart.length < 2) &&
    atStart.every((each) => each === all[0] && !each.isOut) &&
    [...page.flat.matchAll(isThere)].every((each) => !moves.some(({ token }) => token === firstOf(each)));
  const isMoved = moves.some(({ isOut }) => isOut) || (payment < 0 && moves.length > 0);
  // The interest of several plans is that of none.
  if (earned && moves.some(({ isOut }) => isOut)) return undefined;
  if (!isOneAtStart || !isMoved) return undefined;
  const used = moves.flatMap(({ token, taken }) => [token, ...taken]);
  const excluded = [...toldBy(page, used), ...asked];
  const first = readPlan(page, {
    scope: (place) => !isIn(excluded, place),
    as: payment < 0 ? 'lump-sum' : 'saving',
    questions: [{ ...end, asked: 'finalAmount', place: undefined }],
  });
  const { plan } = first;
  const perYear = plan.paymentsPerYear;
  const times = timesOf(moves, plan);
  const found = times && endOf(page, end, { last: times.at(-1)!, perYear, used: new Set(used) });
  const isKnown =
    plan.rate !== null && plan.changes.length === 0 && (payment < 0 ? plan.amount !== null : plan.payment !== null);
  if (!times || !found || !isKnown || !Number.isInteger(found.end) || found.end <= times.at(-1)!) return undefined;
  const plans = cutAtEachOut(
    page,
    first,
    moves.map((move, at) => ({ ...move, k: times[at]! })),
    found.end,
  );
  const roles = new Map<number, Role>([
    ...first.roles,
    ...moves.map(({ token, isOut }) => [token, isOut ? 'withdrawn' : 'extra'] as const),
    ...moves.flatMap(({ taken }) => taken.map((at) => [at, 'after'] as const)),
    ...found.tokens.map((at) => [at, 'duration'] as const),
  ]);
  const owner = plans.length - 1;
  return readingOfPlans(
    page,
    plans.map((each) => ({ ...each, roles })),
    [
      { ...end, asked: 'finalAmount', place: undefined, owner },
      ...(earned ? [{ ...earned, asked: 'interest' as const, place: undefined, owner }] : []),
    ],
    () => undefined,
  );
}

/** What is put in is an extra sum; what is taken out ends a plan, and the next begins with what is left. */
function cutAtEachOut(
  page: Page,
  first: SolePlan,
  moves: readonly (Move & { readonly k: number })[],
  end: number,
): SolePlan[] {
  const outs = moves.filter(({ isOut }) => isOut);
  return [undefined, ...outs].map((out, at) => {
    const from = out?.k ?? 0;
    const to = outs[at]?.k ?? end;
    const changes = moves.flatMap(({ token, isOut, k }): ReadChange[] =>
      !isOut && k > from && k <= to
        ? [{ kind: 'extra', after: k - from, value: tokenAt(page, token).value, keep: 'payment' }]
        : [],
    );
    const plan: ReadPlan = {
      ...first.plan,
      ...(outs.length > 0 ? { name: at === outs.length ? 'then' : nameOfPlan(at) } : {}),
      payments: to - from,
      finalAmount: null,
      unknown: 'finalAmount',
      changes,
      ...(out
        ? {
            amount: null,
            links: [
              { field: 'amount', fromPlan: at - 1, quantity: 'finalAmount', plus: -tokenAt(page, out.token).value },
            ],
          }
        : {}),
    };
    return { ...first, plan, read: { ...first.read, missing: [] } };
  });
}
