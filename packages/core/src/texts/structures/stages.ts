/** What has been put in goes on growing: "saves for 7 years, then leaves it for another 5", "3 years at 4 %, then 2 at 5 %". */

import { wholeNumber } from '../paymentCounts.ts';
import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { readPlan } from '../onePlan.ts';
import { sentenceAt, tokenAt, withoutNewRates, type Page } from '../page.ts';
import { placeQuestions, type PlacedQuestion } from '../placedQuestions.ts';
import type { ReadArgs, ReadPlan, ReadQuantity, Role } from '../reading.ts';
import type { SolePlan } from '../solePlan.ts';
import { yearsOf } from '../tokens.ts';
import { clausesOf, isIn } from './clauses.ts';
import { rateSpans } from './phaseSpans.ts';
import { readingOfPlans, wordsOf, type Owned, type Owner } from './severalPlans.ts';

const goesOn =
  /(?:untouched|(?:money|fund|sum|account|balance) (?:just |simply |only )(?:grows|grew|earns|earned)|without (?:any )?(?:further |more )?(?:deposits|payments|contributions)|(?:fund|account|money|sum|balance|it) (?:then |just |simply )?(?:stands|rests|sits|stays|lies|remains|is kept|grows on|earns on)(?: untouched)? (?:for|in|over|another|a further)|(?:leaves?|leaving|lets?|left|lies?|stays?|remains?|kept|keeps?) (?:it|what (?:she|he|they) (?:has|have)|everything|the (?:(?:accumulated|whole|entire|total) )?(?:money|account|fund|sum|balance|total|amount)|alone|there|in the|invested|on deposit)|(?:moves?|moved|transfers?|transferred|puts?) (?:it|(?:the )?(?:(?:accumulated|whole|entire|total) )?(?:money|sum|balance|total|amount)|everything)(?: all)? (?:in)?to |makes? no (?:deposits|payments)|no (?:deposits|payments|contributions) are made|after (?:that|which),? (?:⟨p\d+⟩|it |at )|no (?:more|further|new) (?:(?:money )?is (?:paid in|put in|deposited|added)|deposits|payments|contributions)|nothing (?:more |further )?for |nothing (?:more |further )?is (?:deposited|paid in|put in|added)|stops? (?:paying|saving|depositing|contributing)|(?:is|are|was|were) (?:then )?left|reinvest(?:s|ed)?|(?<![a-z])proceeds|then (?:the (?:whole |entire )?(?:amount|sum|money|balance|total) |(?:for|at|it|is|are|invested|earns?|grows?) |⟨p\d+⟩ )|thereafter|afterwards|(?:following|next|another|further|remaining|more) (?:⟨t\d+⟩|years?)|for the (?:following|next|remaining|last))/;
/** A clause that says so in its own words. */
const leavesIt =
  /^\W*(?:and |then )*(?:she |he |they )?(?:then )?(?:leaves?|lets?|keeps?) (?:it|the (?:money|fund|sum|total)|what (?:she|he|they) (?:has|have)|everything|all of it)(?![a-z])/;
/** Where deposits were made before, they end. */
const leftAlone =
  /untouched|without|nothing|leav(?:es?|ing)|(?<![a-z])lets?(?![a-z])|(?<![a-z])left(?![a-z])|stays?|remains?(?![a-z])|(?<![a-z])lies(?![a-z])|kept|keeps?|makes? no|no (?:more|further|new|deposits|payments|contributions)|stop(?:s|ped)?|(?:moves?|transfers?) (?:it|the|everything)(?![a-z])/;
/** "… and the deposits are kept up", "she keeps on saving". */
const depositsGoOn =
  /(?:deposits|payments|contributions|savings?) (?:(?:are|is|being|were|still|also|then|to be) )*(?:kept up|going on|goes? on|continu|made (?:as|throughout)|the same)|(?:keeps?|kept|continues?|continued|continuing|goes on|went on|carries on)(?: on)?(?: to)? (?:deposit|sav|pay(?!s? (?:out|interest))|contribut|add|put)/;
const pays = /⟨m\d+⟩|⟨e\d+⟩ (?:payments?|withdrawals?|deposits?)|withdraw|draws?(?![a-z])/;
const owes =
  /loan|mortgage|borrow|debt|lend|repa(?:y|id)|instal|withdraw|retire|pension(?! (?:account|fund|plan|pot|scheme|savings))|annuity/;

/** @returns nothing where the text does not tell of two times of growth, one after the other */
export function readStages(page: Page): DraftReading | undefined {
  if (owes.test(page.flat)) return undefined;
  const questions = placeQuestions(page).map((each) =>
    each.asked === 'balance' ? { ...each, asked: 'finalAmount' as const } : each,
  );
  const isOther = questions.some(({ asked }) => asked !== 'finalAmount' && asked !== 'interest');
  if (isOther || questions.length === 0) return undefined;
  const second = secondStage(page, questions);
  if (!second) return undefined;
  const { region, token } = second;
  const asked = questions.map(({ unit }) => unit);
  // "What did a deposit of 6,000 amount to?": its sums are told, its times are asked.
  const isSum = ({ start }: Span): boolean =>
    page.tokens.some(({ form }, at) => form === 'money' && page.places[at]!.start === start);
  // One rate for both is told once, in either.
  const shared = rateSpans(page);
  const [, sum] = addsThen.exec(page.flat) ?? [];
  const added = sum === undefined ? undefined : Number(sum);
  const isAdded = ({ start }: Span): boolean => added !== undefined && page.places[added]!.start === start;
  const scope = (place: Span): boolean =>
    !isAdded(place) && (!isIn([region], place) || isIn(shared, place)) && (isSum(place) || !isIn(asked, place));
  const told = readPlan(page, { scope, questions: [] });
  // Nothing is owed here: what is paid each time is put in.
  const isPutIn = told.plan.kind === 'borrowing' && (told.plan.payment ?? 0) > 0;
  const first = isPutIn ? readPlan(page, { scope, as: 'saving', questions: [] }) : told;
  const { kind, payments, payment, amount } = first.plan;
  const saidThere = page.flat.slice(sentenceAt(page, region)?.start ?? region.start, region.end);
  if (kind === 'saving' && (!leftAlone.test(saidThere) || depositsGoOn.test(page.flat))) return undefined;
  const isKnown = kind === 'saving' ? payment !== null && payment > 0 : kind === 'lump-sum' && amount !== null;
  if (!isKnown || !first.plan.rate || payments === null || first.read.unfit !== undefined) return undefined;
  const grown = secondPlan(page, region, { years: yearsOf(page, token), tokens: [token] }, first);
  const left = grown && withAdded(page, grown, added);
  if (left === undefined) return undefined;
  const roles = rolesAsked(questions);
  // What was earned in all is not what the end is above the first sum.
  if (added !== undefined && questions.some(({ asked: what }) => what === 'interest')) return undefined;
  const both = [
    { ...first, plan: { ...first.plan, finalAmount: null, unknown: 'finalAmount' as const, name: 'first' } },
    { ...left, roles: new Map([...left.roles, ...roles]) },
  ] as const;
  const years = payments / first.plan.paymentsPerYear;
  const owned = ownedByStage(page, questions, years).map((each) =>
    each.asked === 'interest' ? { ...each, owner: stageNamed(page, each, years, yearsOf(page, token)) } : each,
  );
  return readingOfPlans(page, both, owned, () => earnedInAll(first.plan));
}

/** "How much interest in the last six years?": of the stage that lasts so long; otherwise of both. */
function stageNamed(page: Page, { unit }: PlacedQuestion, first: number, second: number): Owner {
  const named = page.tokens.flatMap(({ form }, at) =>
    form === 'time' && isIn([unit], page.places[at]!) ? [yearsOf(page, at)] : [],
  );
  const [years, more] = named;
  if (years === undefined || more !== undefined) return 'across';
  const words = page.flat.slice(unit.start, unit.end);
  if (first === second && years === first)
    return /(?<![a-z])first(?![a-z])/.test(words)
      ? 0
      : /(?<![a-z])(?:last|second|next|following|later|these|those)(?![a-z])/.test(words)
        ? 1
        : 'across';
  return years === second ? 1 : years === first ? 0 : 'across';
}

const addsThen =
  /(?:then|after (?:that|which)),? (?:he|she|they|[a-z]+) adds? (?:another |a further |a bonus of )?⟨m(\d+)⟩(?! (?:⟨[ea]|each|every|more each|to each|at the (?:end|start|beginning) of))/;

/** "Then she adds 3,000": what the second time begins with as well. */
function withAdded(page: Page, left: SolePlan, added: number | undefined): SolePlan {
  if (added === undefined) return left;
  const plus = tokenAt(page, added).value;
  const links = (left.plan.links ?? []).map((each) => ({ ...each, plus }));
  return { ...left, plan: { ...left.plan, links }, roles: new Map(left.roles).set(added, 'extra') };
}

/** What is there at the end, less all that was put in. */
function earnedInAll({ kind, amount }: ReadPlan): { quantity: ReadQuantity; args: ReadArgs } {
  const put =
    kind === 'lump-sum'
      ? { plan: 0, quantity: 'amount' as const }
      : {
          plan: 0,
          quantity: 'totalPaid' as const,
          // With what was there before the first deposit.
          ...((amount ?? 0) > 0 ? { args: { include: ['amount'] } } : {}),
        };
  return {
    quantity: 'difference',
    args: { of: 'totalInterest', between: [{ plan: 1, quantity: 'finalAmount' }, put] },
  };
}

/** The clauses of the second of two times, to the end of their sentence. */
function secondStage(
  page: Page,
  questions: readonly PlacedQuestion[],
): { readonly region: Span; readonly token: number } | undefined {
  const times = page.tokens.flatMap(({ form }, at) =>
    form === 'time' &&
    !isIn(
      questions.map(({ unit }) => unit),
      page.places[at]!,
    )
      ? [at]
      : [],
  );
  const [early, late, third] = times;
  // "48 deposits, then three years": the first stage may be counted.
  const counted =
    late === undefined && early !== undefined
      ? page.tokens.findIndex(
          ({ form }, at) => form === 'count' && at < early && page.signs[at]?.[0]?.role === 'payments',
        )
      : -1;
  const [one, token] = counted >= 0 ? [counted, early] : [early, late];
  if (one === undefined || token === undefined || third !== undefined) return undefined;
  const place = page.places[token]!;
  // "After three years she stops": when, not for how long.
  const isWhen =
    /(?<![a-z])(?:after|with) $/.test(page.flat.slice(0, place.start)) &&
    /^(?: left| to go)?,? (?:she|he|they) (?:stops?|must|has to|is forced)(?![a-z])/.test(page.flat.slice(place.end));
  if (isWhen && late !== undefined) return undefined;
  const sentence = sentenceAt(page, place);
  if (!sentence) return undefined;
  const after = page.places[one]!.end;
  const heads = clausesOf(page).filter(({ start, end }) => start >= after - 1 && start <= place.start && end > after);
  const head =
    heads.find(({ start, end }) => leavesIt.test(page.flat.slice(start, end))) ??
    heads.find(
      ({ start, end }) => goesOn.test(page.flat.slice(start, end)) && isSecond(page.flat.slice(start, sentence.end)),
    ) ??
    heads.find(({ start }) => isSecond(page.flat.slice(start, sentence.end))) ??
    heads.find(({ start }) => goesOn.test(page.flat.slice(start, sentence.end)));
  if (!head) return undefined;
  // It begins with the first clause behind which nothing of the first stage is told.
  const start = Math.max(head.start, sentence.start <= after ? head.start : sentence.start);
  const end = endOf(page, place, sentence, questions);
  const text = page.flat.slice(start, end);
  return isSecond(text) ? { region: { start, end }, token } : undefined;
}

/** It goes on, with nothing more paid in. */
const isSecond = (text: string): boolean => goesOn.test(text) && !pays.test(text);

/** Before what is said of both stages, and before what is asked. */
function endOf(page: Page, place: Span, sentence: Span, questions: readonly PlacedQuestion[]): number {
  const isOnlyRate = page.tokens.filter(({ form }) => form === 'percent').length < 2;
  const shares = isOnlyRate
    ? /^\W*(?:all|both|throughout|and the (?:rate|interest|same))/
    : /^\W*(?:all|both|throughout|and the same)/;
  const both = clausesOf(page).find(
    ({ start, end }) => start > place.start && start < sentence.end && shares.test(page.flat.slice(start, end)),
  );
  const asked = questions.find(({ unit }) => unit.start > place.start);
  return Math.min(sentence.end, both?.start ?? sentence.end, asked?.unit.start ?? sentence.end);
}

/**
 * The second stage: nothing paid in, at its own rate or at the first one's.
 *
 * @param region where it is told
 * @param time how long it lasts, and the numbers that say so
 * @param fromPlan the place of the first among all plans
 */
export function secondPlan(
  page: Page,
  region: Span,
  { years, tokens }: { readonly years: number; readonly tokens: readonly number[] },
  first: SolePlan,
  fromPlan = 0,
): SolePlan | undefined {
  const scope = (place: Span): boolean => isIn([region], place);
  // Its rate is no change of the first one's.
  const own = readPlan(withoutNewRates(page), { scope, as: 'lump-sum', questions: [] });
  const told = own.plan.rate ?? first.plan.rate;
  if (!told || told.quoted === 'flat') return undefined;
  const says = page.periods.some(({ token: at, use }) => use !== 'frequency' && scope(page.places[at]!));
  const rate =
    own.plan.rate && told.quoted === 'nominal' && !says && first.plan.rate?.quoted === 'nominal'
      ? { ...told, compoundingsPerYear: first.plan.rate.compoundingsPerYear }
      : told;
  const perYear = rate.compoundingsPerYear ?? 1;
  const plan: ReadPlan = {
    ...own.plan,
    kind: 'lump-sum',
    name: 'then',
    amount: null,
    rate,
    paymentsPerYear: perYear,
    payments: wholeNumber(years * perYear),
    payment: 0,
    timing: 'end',
    finalAmount: null,
    changes: [],
    unknown: 'finalAmount',
    links: [{ field: 'amount', fromPlan, quantity: 'finalAmount' }],
  };
  const roles = new Map<number, Role>([...own.roles, ...tokens.map((at) => [at, 'duration'] as const)]);
  return { ...own, plan, roles, read: { ...own.read, missing: [], assumesCompounding: false } };
}

/** Its place stands in its own words. */
const isOwnPlace = (page: Page, { place, unit }: PlacedQuestion): boolean =>
  place?.taken.some(({ token }) => isIn([unit], page.places[token]!)) ?? false;

/** It asks of the moment when nothing more is paid in. */
export const stopped = /stop(?:s|ped)?(?![a-z])|last deposit|(?:deposits|payments) (?:end|stop)/;

/** What is there when the first stage ends, or at the end of all. */
function ownedByStage(page: Page, questions: readonly PlacedQuestion[], years: number): Owned[] {
  const ends = questions.filter(({ asked }) => asked === 'finalAmount').length;
  return questions.map((question, at) => {
    const said = wordsOf(page, question);
    const isThen = /(?<![a-z])then\W*$/.test(said) && !/stops?/.test(said);
    const isFirst =
      !isThen &&
      (question.place?.afterYears === undefined || !isOwnPlace(page, question)
        ? stopped.test(said) ||
          /first|by then|when the rate changes|at the change/.test(said) ||
          (at === 0 && ends === 2 && !questions.some((each) => stopped.test(wordsOf(page, each))))
        : Math.abs(question.place.afterYears - years) < 1e-9);
    return { ...question, place: undefined, owner: isFirst ? 0 : 1 };
  });
}

const rolesAsked = (questions: readonly PlacedQuestion[]): Map<number, Role> =>
  new Map(questions.flatMap(({ place }) => (place?.taken ?? []).map(({ token }) => [token, 'after' as const])));
