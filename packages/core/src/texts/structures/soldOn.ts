/** "Right after the 16th payment the contract is sold to somebody who wants 7.6 %": what is left of it, at another rate. */

import { placeAsked } from '../askArgs.ts';
import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { sentenceAt, tokenAt, type Page } from '../page.ts';
import { momentOf } from '../placesInPlan.ts';
import type { ReadLink, ReadPlan, ReadRate } from '../reading.ts';
import { without } from './followers.ts';
import { comparedBy, ownedQuestions, questionsOf, readingOfPlans, wordsOf } from './severalPlans.ts';

const claim =
  '(?:contract|note|claim|agreement|mortgage note|annuity|loan contract|promissory note|(?:remaining|outstanding|rest of the|other) payments)';
const sold = new RegExp(
  `(?<![a-z])(?:(?:sells?|sold|passes? on|transfers?|assigns?|discounts?|buys?|bought|purchases?) (?:on )?(?:the|her|his|their|its|this|that) ${claim}|${claim} (?:is|was|can be|could be|are|were|be) (?:then )?(?:sold|bought|transferred|assigned|passed on|discounted))(?![a-z])[^.?!]{0,80}?(?:wants?|wanting|earns?|to earn|requires?|requiring|yields?|to yield|expects?|asks?|demands?|to return|makes?|at|on the basis of)(?: an?)?(?: (?:return|yield|rate|nominal|interest) of| to earn| to make| nominal| a nominal| for)* ⟨p(\\d+)⟩`,
);

const ofLoan = /(?<![a-z])(?:advanced|lent|borrowed|originally|original loan)(?![a-z])/;

const prices: ReadonlySet<string> = new Set(['amount', 'finalAmount', 'balance', 'price']);

/** @returns nothing where no claim is sold for what it brings at a rate of its own */
export function readSoldOn(page: Page): DraftReading | undefined {
  const found = sold.exec(page.flat);
  const token = Number(found?.[1]);
  const told = found && sentenceAt(page, page.places[token]!);
  if (!found || !told) return undefined;
  const questions = ownedQuestions(page, (each) =>
    prices.has(each.asked) && each.unit.end > found.index && !ofLoan.test(wordsOf(page, each)) ? 1 : 0,
  ).map((each) => (each.owner === 1 ? { ...each, asked: 'amount' as const, place: undefined } : each));
  const first = readPlan(page, { scope: without(told), questions: questionsOf(questions, 0) });
  const { plan, read } = first;
  const moment = placeAsked(page, told, 'moment');
  const k = momentOf(moment, { plan, index: 0, wanted: undefined });
  // Right after a payment that comes first, the next one is a whole period away: no plan of ours begins so.
  const isOpen =
    plan.kind === 'borrowing' && plan.timing === 'end' && plan.changes.length === 0 && read.missing.length === 0;
  if (!isOpen || !plan.rate || k === undefined || plan.payments === null || k >= plan.payments) return undefined;
  if (questions.filter(({ owner }) => owner === 1).length !== 1) return undefined;
  const taken = (moment?.taken ?? []).map(({ token: at, role }) => [at, role] as const);
  const links: ReadLink[] = plan.payment === null ? [{ field: 'payment', fromPlan: 0, quantity: 'payment' }] : [];
  const { price: _, downPayment: _down, tradeIn: _old, rebate: _off, fees: _fees, ...bare } = plan;
  const rest: ReadPlan = {
    ...bare,
    name: 'sold',
    amount: null,
    rate: rateWanted(page, token, plan.rate),
    payments: plan.payments - k,
    unknown: 'amount',
    links,
  };
  return readingOfPlans(
    page,
    [
      { ...first, plan: { ...plan, name: 'first' } },
      {
        ...first,
        plan: rest,
        changes: [],
        read: { ...read, missing: [] },
        roles: new Map([[token, 'rate'], ...taken]),
      },
    ],
    questions,
    (question, plans) => comparedBy(page, question, plans),
  );
}

/** What the buyer wants, compounded as it says; else as the contract. */
function rateWanted(page: Page, token: number, like: ReadRate): ReadRate {
  const { value } = tokenAt(page, token);
  const behind = page.flat.slice(page.places[token]!.end);
  if (/^(?: ⟨a\d+⟩)?,? effective/.test(behind)) return { value, quoted: 'effective', compoundingsPerYear: 1 };
  const every = /^(?: ⟨a\d+⟩)?(?: nominal)?,? (?:compounded|convertible|payable) ⟨e(\d+)⟩/.exec(behind)?.[1];
  const own = page.periods.find((each) => each.token === Number(every ?? NaN))?.perYear;
  return { value, quoted: 'nominal', compoundingsPerYear: own ?? like.compoundingsPerYear };
}
