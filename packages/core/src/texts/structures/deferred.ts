/** Payments that begin later: a sum that first grows and is then drawn down, a debt on which nothing is paid at first. */

import type { DraftReading } from '../draftReading.ts';
import { changesOfText, wholeNumber } from '../changesOfText.ts';
import { readPlan } from '../onePlan.ts';
import type { SolePlan } from '../solePlan.ts';
import type { Page } from '../page.ts';
import type { PlacedQuestion } from '../placedQuestions.ts';
import type { ReadPlan, Role } from '../reading.ts';
import { yearsOf } from '../terms.ts';
import { without } from './followers.ts';
import { comparedBy, ownedQuestions, questionsOf, readingOfPlans, wordsOf } from './severalPlans.ts';

const later =
  /(?:starting|beginning|commencing|the first(?: [a-z]+){0,6}?) (?:(?:in )?⟨t(\d+)⟩ (?:from (?:now|today)|hence|from then)|in ⟨t(\d+)⟩(?=[.,;?]))/;

const untouched =
  /(?:for|during) (?:the (?:first|next) )?⟨t(\d+)⟩,?[^.;?!⟨]{0,40}(?:touch|nothing|untouched|alone|(?<![a-z])lies|grow)|(?:leaves?|left|leaving|lies?|stays?|kept|untouched|grows?)(?![a-z])(?:[^.;?!⟨]|⟨[mpae]\d+⟩){0,60} for (?:the (?:first|next) )?⟨t(\d+)⟩/;
const drawnThen =
  /(?:then|after (?:that|which|this)|afterwards|thereafter)[^?!]{0,60}(?:draw|withdr|tak(?:e|es|ing)|pay(?:s|ing)? out|paid out)/;

/** @returns nothing where payments begin at once */
export function readDeferred(page: Page): DraftReading | undefined {
  return readOwedLater(page) ?? readDrawnLater(page) ?? readPaidLater(page);
}

const unpaid =
  /(?:(?:no|without(?: any)?) (?:re)?payments?|nothing is (?:paid|due|repaid)|not (?:re)?paid|pays? nothing|payment-free|defer(?:red|s|ment)?|grace)[^.?!⟨]{0,50} (?:for|during|in|of) (?:the |her |his |their |an? )?(?:first |next )?⟨t(\d+)⟩|(?:for|during|in) (?:the |her |his |their )?(?:first |next )?⟨t(\d+)⟩[^.?!⟨]{0,24} (?:(?:no|without(?: any)?) (?:re)?payments?|nothing is (?:paid|due|repaid)|(?:he|she|they) pays? nothing)/;
const startsThen =
  /(?:when|before|once|as|by the time) (?:the )?(?:re)?payments? (?:starts?|begins?|commences?|is to start)/;
const paidThen =
  /(?:then|after (?:that|which|this)|afterwards|thereafter|when|after (?:the|her|his) )[^?!]{0,90}(?:repa(?:y|id)|pa(?:y|id)|instal)/;

/** "Nothing is paid for three years, then it is repaid over ten": what is owed by then is repaid. */
function readOwedLater(page: Page): DraftReading | undefined {
  const found = unpaid.exec(page.flat);
  const token = Number(found?.[1] ?? found?.[2]);
  if (!found || !paidThen.test(page.flat.slice(found.index)) || !/loan|borrow|debt|lent|lends/.test(page.flat))
    return undefined;
  const isPause = changesOfText(page).some(
    ({ kind, after = 0, afterYears = 0 }) => kind === 'skip' && after + afterYears > 0,
  );
  if (isPause) return undefined;
  const isThen = (question: PlacedQuestion): boolean => startsThen.test(wordsOf(page, question));
  const questions = ownedQuestions(page, (question) => {
    const { asked, place } = question;
    const isPlaced = place?.after !== undefined || place?.afterYears !== undefined;
    return asked === 'payment' || (isPlaced && !isThen(question))
      ? 1
      : asked === 'balance' || asked === 'finalAmount'
        ? 0
        : 'across';
  }).map((each) => (each.owner === 0 ? { ...each, asked: 'finalAmount' as const, place: undefined } : each));
  const repaid = readPlan(page, {
    scope: without(page.places[token]!),
    as: 'borrowing',
    questions: questionsOf(questions, 1),
  });
  const { plan } = repaid;
  const isKnown =
    plan.amount !== null && plan.payments !== null && plan.rate && plan.changes.every(({ kind }) => kind === 'skip');
  if (!isKnown || plan.payment !== null || plan.rate?.quoted === 'flat' || repaid.read.missing.length > 0)
    return undefined;
  return readingOfPlans(page, lyingFirst(page, repaid, token, 'repaid'), questions, () => undefined);
}

/** "She leaves 50,000 for four years, and then draws equal amounts": what it has grown to is drawn down. */
function readDrawnLater(page: Page): DraftReading | undefined {
  const found = untouched.exec(page.flat);
  const token = Number(found?.[1] ?? found?.[2]);
  if (!found || !drawnThen.test(page.flat.slice(found.index)) || /sav(?:e|es|ing)|deposits/.test(page.flat))
    return undefined;
  const questions = ownedQuestions(page, ({ asked }) => (asked === 'finalAmount' ? 0 : 1));
  if (!questions.every(({ asked }) => asked === 'payment' || asked === 'finalAmount')) return undefined;
  const drawn = readPlan(page, {
    scope: without(page.places[token]!),
    as: 'drawing-down',
    questions: questionsOf(questions, 1),
  });
  const { plan } = drawn;
  if (plan.amount === null || plan.payment !== null || plan.payments === null || !plan.rate) return undefined;
  const both = lyingFirst(page, drawn, token, 'drawing');
  return readingOfPlans(page, both, questions, (question, plans) => comparedBy(page, question, plans));
}

/** A plan whose amount lies for a while first: what it is by then, and the plan that goes on from it. */
function lyingFirst(page: Page, sole: SolePlan, token: number, name: string): [SolePlan, SolePlan] {
  const { plan, roles } = sole;
  const grown = grownFor(plan, yearsOf(page, token), { amount: plan.amount, unknown: 'finalAmount' });
  const then: ReadPlan = {
    ...plan,
    name,
    amount: null,
    changes: [],
    links: [{ field: 'amount', fromPlan: 0, quantity: 'finalAmount' }],
  };
  const isOfFirst = ([, role]: readonly [number, Role]): boolean => role === 'amount';
  const rest = [...roles].filter((each) => !isOfFirst(each) && each[1] !== 'skip');
  return [
    {
      ...sole,
      plan: grown,
      changes: [],
      roles: new Map([...[...roles].filter(isOfFirst), [token, 'duration'] as const]),
    },
    { ...sole, plan: then, changes: [], roles: new Map(rest) },
  ];
}

/** The plan's rate at work for so many years, with nothing paid in or out. */
function grownFor(plan: ReadPlan, years: number, own: Pick<ReadPlan, 'amount' | 'unknown'>): ReadPlan {
  const perYear = plan.rate?.compoundingsPerYear ?? 1;
  return {
    ...plan,
    ...own,
    kind: 'lump-sum',
    name: 'growing',
    paymentsPerYear: perYear,
    payments: wholeNumber(years * perYear),
    payment: 0,
    timing: 'end',
    finalAmount: null,
    changes: [],
  };
}

/** A sum today for payments that end no periods: the first says when they begin. */
function readPaidLater(page: Page): DraftReading | undefined {
  const found = later.exec(page.flat);
  const token = Number(found?.[1] ?? found?.[2]);
  if (!found || yearsOf(page, token) <= 1) return undefined;
  const questions = ownedQuestions(page, () => 1);
  if (questions.length !== 1 || questions[0]?.asked !== 'amount') return undefined;
  const place = page.places[token]!;
  const drawn = readPlan(page, { scope: without(place), as: 'drawing-down', questions: questionsOf(questions, 0) });
  const { plan: told } = drawn;
  // Payments at the end begin a period before the first of them falls.
  const isEnd = page.timings.some(({ says, start, end }) => says === 'end' && (start > place.start || end < place.end));
  const plan: ReadPlan = { ...told, timing: isEnd ? 'end' : 'beginning' };
  const before = yearsOf(page, token) - (isEnd ? 1 / plan.paymentsPerYear : 0);
  if (plan.payment === null || plan.payments === null || !plan.rate) return undefined;
  const grown: ReadPlan = {
    ...grownFor(plan, before, { amount: null, unknown: 'amount' }),
    links: [{ field: 'finalAmount', fromPlan: 0, quantity: 'amount' }],
  };
  const first: SolePlan = {
    ...drawn,
    plan: { ...plan, name: 'drawing', unknown: 'amount' },
    read: { ...drawn.read, missing: [] },
  };
  const second: SolePlan = { ...first, plan: grown, roles: new Map([[token, 'duration']]) };
  return readingOfPlans(page, [first, second], questions, (question, plans) => comparedBy(page, question, plans));
}
