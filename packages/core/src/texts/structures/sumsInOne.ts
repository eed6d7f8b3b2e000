/** "Debts of 2,000 due in 2 years and 3,000 due in 4 are replaced by one payment": single sums, worth one sum at one day. */

import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { readPlan } from '../onePlan.ts';
import { tokenAt, type Page } from '../page.ts';
import { pattern } from '../pattern.ts';
import { wholeNumber } from '../paymentCounts.ts';
import { placeQuestions } from '../placedQuestions.ts';
import { oneSum, type ReadPlan, type Role } from '../reading.ts';
import type { SolePlan } from '../solePlan.ts';
import { yearsOf } from '../tokens.ts';
import { isIn } from './clauses.ts';
import { nameOfPlan, readingOfPlans } from './severalPlans.ts';
import { lengths } from './toldTime.ts';

/** A sum and when it is due, in years from today, with the number that says so. */
interface Due {
  readonly token: number;
  readonly years: number;
  readonly time?: number;
}

const due = '(?:,? (?:which |that )?(?:is |are |falls |fall |falling )?(?:due|payable|to be paid|paid|received))?';
const inTime = pattern(`{mn}${due} (?:in|after|at the end of) {t}`);
const fromNow = pattern(`{mn}${due} {t} (?:from (?:now|today)|hence|later)`);
const inYear = pattern(`{mn}${due} (?:at|by) the (?:end|close) of (?:@year {n}|(?:the )?{o} @year)`);
const atOnce = pattern(`{mn}${due} (?:now|today|at once|immediately)`);
/** "2,000 and 3,500, due in one and four years" */
const listed = pattern('{mn} and {mn},? (?:are )?(?:due|payable) in {n} and {t}(?:,? respectively)?');

/** What all of them come to in one. */
const inOne =
  /(?:single|one|equivalent|equal) (?:payment|sum|amount|deposit)|(?:present|current) (?:value|worth)|value (?:today|now)|worth (?:today|now|at present)|(?:deposit(?:ed)?|invest(?:ed)?|put (?:in|aside|away|by)|set aside|pay|needed) (?:now|today)|(?:how much|what (?:sum|amount))[^?]{0,60}(?:now|today)|(?:replac|discharg|settl|clear)[a-z]* /;
const bySeveral =
  /(?<![a-z])equal (?:payments|sums|amounts|instal?ments)|(?:by|with|into) ⟨n\d+⟩ (?:payments|sums|amounts|instal?ments)/;
const today = /(?<![a-z])(?:now|today|at present|present value|present worth|at once|immediately)(?![a-z])/;

/** "with one payment a year from now", where no number says when. */
const aPeriodOn =
  /(?<!⟩ )(?<![a-z])(?:an?|one) (month|quarter|half-year|year) (?:from (?:now|today)|hence|later)(?![a-z])/;

function duesOf(page: Page): Due[] | undefined {
  const heard = new Map<number, Due>();
  const hear = (token: number, years: number, time?: number): void => {
    if (!heard.has(token)) heard.set(token, { token, years, ...(time === undefined ? {} : { time }) });
  };
  for (const [, one, two, count, time] of page.flat.matchAll(listed)) {
    const unit = yearsOf(page, Number(time)) / tokenAt(page, Number(time)).value;
    hear(Number(one), tokenAt(page, Number(count)).value * unit, Number(count));
    hear(Number(two), yearsOf(page, Number(time)), Number(time));
  }
  for (const words of [inTime, fromNow])
    for (const [, token, time] of page.flat.matchAll(words))
      hear(Number(token), yearsOf(page, Number(time)), Number(time));
  for (const [, token, year, nth] of page.flat.matchAll(inYear))
    hear(Number(token), tokenAt(page, Number(year ?? nth)).value, Number(year ?? nth));
  for (const [, token] of page.flat.matchAll(atOnce)) hear(Number(token), 0);
  const sums = page.tokens.flatMap(({ form }, at) => (form === 'money' ? [at] : []));
  if (sums.length < 2 || !sums.every((at) => heard.has(at))) return undefined;
  return [...heard.values()].sort((one, other) => one.years - other.years);
}

const comesIn =
  /(?<![a-z])(?:borrow(?:s|ed)?|deposit(?:s|ed)?|puts?|invest(?:s|ed)?|lends?|lent|costs?|buys?|bought|spends?|spent)(?![a-z])/g;
const goesOut =
  /(?<![a-z])(?:pay(?:s|ing)?|paid|repays?|repaid|withdraw(?:s|n)?|withdrew|takes?|took|tak(?:e|ing) out|brings?|brought|returns?|returned|receives?|received|gets?|provides?|yields?)(?![a-z])/g;

/** "She borrows 9,000 now, and pays 2,000 in one year": what goes one way and what goes the other are not added up. */
function goOneWay({ flat, places }: Page, dues: readonly Due[]): boolean {
  const ways = dues.map(({ token }) => {
    const told = flat.slice(0, places[token]!.start);
    const [into, out] = [comesIn, goesOut].map((words) => [...told.matchAll(words)].at(-1)?.index ?? -1);
    return into === out ? 0 : into! > out! ? 1 : -1;
  });
  return !(ways.includes(1) && ways.includes(-1));
}

/** For when the one sum is asked, in years from today. */
function dayAsked(
  page: Page,
  dues: readonly Due[],
): { readonly years: number; readonly taken: readonly number[] } | undefined {
  const used = new Set(dues.map(({ time }) => time));
  const others = page.tokens.flatMap(({ form }, at) => (form === 'time' && !used.has(at) ? [at] : []));
  const [only, second] = others;
  if (second !== undefined) return undefined;
  const later = aPeriodOn.exec(page.flat)?.[1];
  if (later !== undefined && only === undefined) return { years: lengths[later] ?? NaN, taken: [] };
  if (later !== undefined) return undefined;
  if (only !== undefined) return { years: yearsOf(page, only), taken: [only] };
  const own = page.flat.replace(atOnce, '');
  return today.test(own) ? { years: 0, taken: [] } : undefined;
}

/** @returns nothing where not every sum is due at a day of its own, or not one sum is asked for all of them */
export function readSumsInOne(page: Page): DraftReading | undefined {
  const questions = placeQuestions(page);
  const [question, second] = questions;
  const isPaidOften = page.periods.some(({ use }) => use === 'frequency');
  if (!question || second || isPaidOften) return undefined;
  const isChoice = question.asked === 'choice';
  if (!isChoice && !inOne.test(page.flat)) return undefined;
  const dues = duesOf(page);
  const day = dues && (dayAsked(page, dues) ?? (isChoice ? { years: 0, taken: [] } : undefined));
  if (!dues || !day || !goOneWay(page, dues)) return undefined;
  const taken = [...dues.flatMap(({ token, time }) => (time === undefined ? [token] : [token, time])), ...day.taken];
  // "… are replaced by two equal payments": every number is one of them, or counts them.
  const isLeft = page.tokens.some(
    ({ form, value }, at) => (form === 'count' || form === 'nth') && !taken.includes(at) && value !== dues.length,
  );
  if (isLeft || bySeveral.test(page.flat)) return undefined;
  const isTaken = (place: Span): boolean =>
    isIn(
      taken.map((at) => page.places[at]!),
      place,
    );
  const first = readPlan(page, { scope: (place) => !isTaken(place), as: 'lump-sum', questions: [] });
  const perYear = first.plan.paymentsPerYear;
  const timed = dues.map(({ token, years }) => ({
    value: tokenAt(page, token).value * (isPaidAlready(page, token) ? -1 : 1),
    k: wholeNumber(years * perYear),
  }));
  const at = wholeNumber(day.years * perYear);
  // Nothing is left of a sum that is none.
  const isLessFirst = (timed.at(-1)?.value ?? 0) < 0;
  const isKnown = !isLessFirst && first.plan.rate !== null && [at, ...timed.map(({ k }) => k)].every(Number.isInteger);
  if (!isKnown) return undefined;
  const plans = isChoice ? plansOfEach(first.plan, timed, at) : plansTo(first.plan, timed, at);
  const last = plans?.at(-1);
  if (!plans || !last) return undefined;
  const roles = new Map<number, Role>([
    ...first.roles,
    ...dues.map(
      ({ token }, each) => [token, last.amount === null ? 'finalAmount' : each === 0 ? 'amount' : 'extra'] as const,
    ),
    ...dues.flatMap(({ time }) => (time === undefined ? [] : [[time, 'duration'] as const])),
    ...day.taken.map((each) => [each, 'duration'] as const),
  ]);
  const asked = last.unknown === 'amount' ? ('amount' as const) : ('finalAmount' as const);
  const want = pays.test(page.flat) ? ('least' as const) : ('most' as const);
  return readingOfPlans(
    page,
    plans.map((plan): SolePlan => ({ ...first, plan, roles, read: { ...first.read, missing: [] } })),
    [isChoice ? { ...question, owner: 'across' } : { ...question, asked, place: undefined, owner: plans.length - 1 }],
    () => ({ quantity: 'choice', args: { by: 'amount', want } }),
  );
}

/** "She owes 6,000 in 8 months and 4,000 in 20. She pays 5,000 now. What payment settles the rest?": that much less is owed. */
const isPaidAlready = ({ flat, places }: Page, token: number): boolean =>
  /(?<![a-z])(?:owes?|owed|debts?)(?![a-z])/.test(flat.slice(0, places[token]!.start)) &&
  /(?<![a-z])(?:pays?|paid|hands? over|repays?|repaid|gives?)(?: (?:off|back))? $/.test(
    flat.slice(0, places[token]!.start),
  ) &&
  /^ (?:now|today|at once|immediately)(?![a-z])/.test(flat.slice(places[token]!.end));

interface Timed {
  readonly value: number;
  readonly k: number;
}

const pays = /(?<![a-z])(?:pays?|owes?|costs?|buyer|settles?|debts?)(?![a-z])/;

/** "5,000 in three years or 7,000 in six: which is worth more?" */
function plansOfEach(told: ReadPlan, dues: readonly Timed[], at: number): ReadPlan[] | undefined {
  const bare: ReadPlan = { ...told, kind: 'lump-sum', amount: null, payment: 0, changes: [], unknown: 'amount' };
  return dues.length === 2 && at === 0 && dues.every(({ k }) => k > 0)
    ? dues.map(({ value, k }, each) => ({ ...bare, name: nameOfPlan(each), payments: k, finalAmount: value }))
    : undefined;
}

/** From the last sum back to the day, or to the first of them and on from there. */
function plansTo(told: ReadPlan, dues: readonly Timed[], at: number): ReadPlan[] | undefined {
  const [earliest] = dues;
  const latest = dues.at(-1);
  if (!earliest || !latest || earliest.k === at || dues.some(({ k }, each) => k === dues[each - 1]?.k))
    return undefined;
  const bare: ReadPlan = { ...told, kind: 'lump-sum', amount: null, finalAmount: null, payment: 0, changes: [] };
  if (latest.k <= at) {
    const changes = dues
      .slice(1)
      .map(({ value, k }) => ({ kind: 'extra' as const, after: k - earliest.k, value, keep: 'payment' as const }));
    return [{ ...bare, amount: earliest.value, payments: at - earliest.k, changes, unknown: 'finalAmount' }];
  }
  const plans: ReadPlan[] = [];
  const backwards = [...dues].reverse();
  backwards.forEach(({ value, k }, each) => {
    const to = backwards[each + 1]?.k ?? at;
    const fromPlan = each - 1;
    const link = { fromPlan, quantity: 'amount' as const, plus: value };
    // Behind the first of them it grows on to the day.
    const isOn = to > k;
    plans.push({
      ...bare,
      name: each === backwards.length - 1 ? oneSum : nameOfPlan(each),
      payments: Math.abs(to - k),
      ...(isOn
        ? { unknown: 'finalAmount', links: [{ field: 'amount', ...link }] }
        : each === 0
          ? { finalAmount: value, unknown: 'amount' }
          : { unknown: 'amount', links: [{ field: 'finalAmount', ...link }] }),
    });
  });
  return plans;
}
