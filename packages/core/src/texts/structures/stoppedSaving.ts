/** "100 is put in each month during the first six years and nothing afterwards": what is there grows on to the end that is asked. */

import { placeAsked } from '../askArgs.ts';
import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import type { AskedPlace } from '../lexicon/placeRecord.ts';
import { readPlan } from '../onePlan.ts';
import { sentenceAt, type Page } from '../page.ts';
import { placeQuestions } from '../placedQuestions.ts';
import { asAsked, momentOf } from '../placesInPlan.ts';
import type { Role } from '../reading.ts';
import { yearsOf } from '../tokens.ts';
import type { SolePlan } from '../solePlan.ts';
import { isIn } from './clauses.ts';
import { readingOfPlans, type Owned } from './severalPlans.ts';
import { secondPlan } from './stages.ts';

/** "… for 18 years and then no more. How much is in it 7 years after the last deposit?" */
const noMore =
  /for ⟨t(\d+)⟩(?:[^.;?!⟨]|⟨[pea]\d+⟩){0,40}?,? (?:and |but )?then (?:[a-z]+ (?:in )?)?(?:no more|nothing more|nothing)(?![a-z])/;
/** "… but left it there for five more years" */
const leftFor = /(?<![a-z])(?:leaves?|left|lies?|stays?|remains?|kept|keeps?)(?![a-z])[^.;?!⟨]{0,50} for $/;
const afterLast = /^ after (?:the|his|her|their|its) (?:last|final) (?:deposit|contribution|payment)/;

const stopped =
  /(?:during|for|in|over) (?:the )?first ⟨t(\d+)⟩(?: only)?,? (?:and |but |then )*(?:nothing|no more|none)(?: (?:more|further|at all))? (?:is (?:paid in|put in|deposited|added) )?(?:afterwards|after that|thereafter|later)(?![a-z])/;

/** "After three years she stops paying in": of a plan that was to go on for longer. */
const stops =
  /(?<![a-z])(?:stops?|ceases?|gives up|has to (?:stop|give up)|must (?:stop|give up)|is forced to stop|quits) (?:paying|saving|depositing|contributing|putting|making (?:the |her |his |their )?(?:deposits|payments|contributions)|(?:the |her |his |their )?(?:deposits|payments|contributions|saving))(?![a-z])|(?:he|she|they|i|we) stopped(?= (?:after|at the end of) )/;

/** The clauses that tell when payments end before their time, and when that is. */
function stopTold(page: Page): { readonly within: Span; readonly place: AskedPlace } | undefined {
  const found = stops.exec(page.flat);
  const within = found ? sentenceAt(page, { start: found.index, end: found.index }) : undefined;
  if (!found || !within || within.asks) return undefined;
  const end = found.index + found[0].length;
  const behind = /^ [^,.;?]*?(?=[,.;?]| and |$)/.exec(page.flat.slice(end))?.[0] ?? '';
  const place = [
    { start: within.start, end: found.index },
    { start: end, end: end + behind.length },
  ]
    .map((each) => placeAsked(page, each, 'moment'))
    .find((each) => each && !each.atChange && !each.same);
  return place && { within, place };
}

/** "She is to save for five years. After three she stops …. What is there after the five years?": what is there grows on. */
function readStoppedEarly(page: Page): DraftReading | undefined {
  const stop = stopTold(page);
  if (!stop) return undefined;
  const questions = placeQuestions(page);
  const isOther = questions.some(({ asked }) => asked !== 'finalAmount' && asked !== 'balance');
  if (isOther || questions.length === 0) return undefined;
  const asked = questions.map(({ unit }) => unit);
  const scope = (place: Span): boolean => !isIn([stop.within, ...asked], place);
  const first = readPlan(page, { scope, as: 'saving', questions: [] });
  const { payment, payments, paymentsPerYear, rate } = first.plan;
  const k = momentOf(stop.place, asAsked(first.plan, 0, undefined));
  if ((payment ?? 0) === 0 || payments === null || !rate || k === undefined || k <= 0 || k >= payments)
    return undefined;
  const owners = questions.map(({ place }) => {
    const at = place && !place.same ? momentOf(place, asAsked(first.plan, 0, undefined)) : payments;
    return at === payments ? 1 : at === k ? 0 : undefined;
  });
  const tokens = stop.place.taken.map(({ token }) => token);
  const grown = secondPlan(page, { start: 0, end: 0 }, { years: (payments - k) / paymentsPerYear, tokens: [] }, first);
  if (!grown || owners.includes(undefined)) return undefined;
  const roles = new Map<number, Role>([...first.roles, ...tokens.map((at) => [at, 'after'] as const)]);
  const cut = { ...first, plan: { ...first.plan, payments: k }, roles };
  const owned = questions.map((each, at) => ({
    ...each,
    asked: 'finalAmount' as const,
    place: undefined,
    owner: owners[at]!,
  }));
  return readGrown(page, cut, grown, owned);
}

/** What is saved, and that left to grow on. */
function readGrown(page: Page, { plan, ...first }: SolePlan, grown: SolePlan, owned: readonly Owned[]): DraftReading {
  const saved = { ...plan, finalAmount: null, unknown: 'finalAmount' as const, name: 'first' };
  const all = [{ ...first, plan: saved, read: { ...first.read, missing: [] } }, grown];
  return readingOfPlans(page, all, owned, () => undefined);
}

/** @returns nothing where it is not told that payments stop, or not asked what is there at a later time */
export function readStoppedSaving(page: Page): DraftReading | undefined {
  return readStoppedEarly(page) ?? readStoppedFor(page) ?? readLeftThen(page) ?? readAfterLast(page);
}

const longAfter =
  /⟨t(\d+)⟩ (?:after|later than) (?:the|his|her|their|its) (?:last|final) (?:one|deposit|contribution|payment)(?! (?:is|was|has) )/;

/** "60 deposits are made …. What are they worth one year after the last?": later than a period, when what is there grows on. */
function readAfterLast(page: Page): DraftReading | undefined {
  const token = Number(longAfter.exec(page.flat)?.[1] ?? NaN);
  const place = page.places[token];
  const sentence = place && sentenceAt(page, place);
  if (!place || !sentence?.asks) return undefined;
  const questions = placeQuestions(page);
  if (questions.length === 0 || questions.some(({ asked }) => !mayAsk.has(asked))) return undefined;
  const first = readPlan(page, { scope: ({ start }) => start !== place.start, as: 'saving', questions: [] });
  const { payment, payments, paymentsPerYear, rate, timing, changes } = first.plan;
  // A period after the last of payments made first is the end of their plan.
  const years = yearsOf(page, token) - (timing === 'beginning' ? 1 / paymentsPerYear : 0);
  const isLong = yearsOf(page, token) > 1 / paymentsPerYear + 1e-9;
  if (!isLong || (payment ?? 0) === 0 || payments === null || !rate || changes.length > 0) return undefined;
  const grown = secondPlan(page, { start: place.start, end: place.start }, { years, tokens: [token] }, first);
  if (!grown) return undefined;
  const owned = questions.map((each): Owned => {
    const isThen = isIn([sentence], each) && each.asked !== 'totalPaid';
    return isThen ? { ...each, asked: 'finalAmount', place: undefined, owner: 1 } : { ...each, owner: 0 };
  });
  return readGrown(page, first, grown, owned);
}

const leftThen =
  /⟨t(\d+)⟩ (?:from (?:today|now|then)|later|after that|afterwards)[^?⟨]*(?<![a-z])(?:if|provided|supposing|when)(?: that)? (?:nothing (?:more|further|else)|no (?:more|further) (?:money|deposits|payments|sums?)|(?:it|the money|the fund|all of it) (?:is|stays?|lies) (?:left|untouched|there))/;

/** "What is in the fund? What will be in it three years from today if nothing more is paid in?" */
function readLeftThen(page: Page): DraftReading | undefined {
  const asking = page.sentences.find(({ asks, text }) => asks && leftThen.test(text));
  const token = Number(leftThen.exec(asking?.text ?? '')?.[1] ?? NaN);
  const place = page.places[token];
  if (!asking || !place) return undefined;
  const questions = placeQuestions(page);
  const isThen = questions.map(
    ({ unit, asked }) => isIn([asking], unit) && (asked === 'finalAmount' || asked === 'balance'),
  );
  if (isThen.filter(Boolean).length !== 1) return undefined;
  const others = questions.filter((_, at) => !isThen[at]);
  const first = readPlan(page, { scope: (each) => !isIn([asking], each), as: 'saving', questions: others });
  const { payment, payments, rate, changes } = first.plan;
  if ((payment ?? 0) === 0 || payments === null || !rate || changes.length > 0) return undefined;
  const time = { years: yearsOf(page, token), tokens: [token] };
  const grown = secondPlan(page, { start: place.start, end: place.start }, time, first);
  if (!grown) return undefined;
  const owned = questions.map((each, at): Owned =>
    isThen[at] ? { ...each, asked: 'finalAmount', place: undefined, owner: 1 } : { ...each, owner: 0 },
  );
  return readGrown(page, first, grown, owned);
}

const mayAsk: ReadonlySet<string> = new Set(['finalAmount', 'balance', 'totalPaid']);

function readStoppedFor(page: Page): DraftReading | undefined {
  const found = stopped.exec(page.flat) ?? noMore.exec(page.flat);
  const made = Number(found?.[1] ?? NaN);
  const others = page.tokens.flatMap(({ form }, at) => (form === 'time' && at !== made ? [at] : []));
  const [end, more] = others;
  if (!found || end === undefined || more !== undefined) return undefined;
  const isMore =
    afterLast.test(page.flat.slice(page.places[end]!.end)) || leftFor.test(page.flat.slice(0, page.places[end]!.start));
  const years = yearsOf(page, end) - (isMore ? 0 : yearsOf(page, made));
  const questions = placeQuestions(page);
  if (years <= 0 || !questions.every(({ asked }) => mayAsk.has(asked))) return undefined;
  const place = page.places[end]!;
  const first = readPlan(page, { scope: ({ start }) => start !== place.start, as: 'saving', questions: [] });
  const { payment, payments, rate } = first.plan;
  if ((payment ?? 0) === 0 || payments === null || !rate) return undefined;
  const grown = secondPlan(page, { start: place.start, end: place.start }, { years, tokens: [end] }, first);
  if (!grown) return undefined;
  const owned = questions.map((each): Owned => {
    if (each.asked === 'totalPaid') return { ...each, owner: 0 };
    return { ...each, asked: 'finalAmount', place: undefined, owner: 1 };
  });
  return readGrown(page, first, grown, owned);
}
