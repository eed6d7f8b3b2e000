/** "It has 17 years to run. If she pays 14,000 off now …": the same debt with less owed from today. */

import { changesOfText } from '../changesOfText.ts';
import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { tellsWhatIsLeft } from '../heardAs.ts';
import { readPlan } from '../onePlan.ts';
import { sentenceAt, tokenAt, type Page } from '../page.ts';
import type { ReadLink, ReadPlan } from '../reading.ts';
import { clausesOf, isIn } from './clauses.ts';
import { follow } from './followers.ts';
import {
  comparedBy,
  ownedQuestions,
  questionsOf,
  wordsOf,
  type Across,
  type Owned,
  type Owner,
} from './severalPlans.ts';

const now = /(?<![a-z])(?:today|now|at once|immediately|right away|straight away)(?![a-z])/;
/** What is told is the debt as it stands. */
const asItStands =
  /(?<![a-z])(?:outstanding|remaining|current|present) (?:balance|debt|loan|mortgage|term)|still owes?(?![a-z])/;
const when =
  /(?<![a-z])(?:after|with|at the end of|following|in|later)(?: (?:the|his|her|their|its))? ?(?:⟨[tno]|first|last)|⟨t\d+⟩ later/;

/** @returns nothing where no sum is paid off today beside the payments of a debt, or something else is asked */
export function readPaidAtOnce(page: Page): DraftReading | undefined {
  const extras = page.signs.flatMap(([sign], at) => (sign?.role === 'extra' && sign.weight >= 9 ? [at] : []));
  const [token, second] = extras;
  const place = page.places[token ?? -1];
  const sentence = place && sentenceAt(page, place);
  if (token === undefined || second !== undefined || !place || !sentence || when.test(sentence.text)) return undefined;
  // "What is owed after five years? If she then pays …", "She borrowed it four years ago."
  const isOnTheWay =
    / ago(?![a-z])/.test(page.flat) || /(?<![a-z])then(?![a-z])/.test(page.flat.slice(sentence.start, place.start));
  if (isOnTheWay) return undefined;
  if (!now.test(sentence.text) && !asItStands.test(page.flat) && !tellsWhatIsLeft.test(page.flat)) return undefined;
  const clause = clausesOf(page).find((each) => isIn([each], place)) ?? sentence;
  const questions = ownedQuestions(page, (each): Owner => {
    if (each.unit.end <= place.start) return 0;
    return each.asked === 'difference' ? 'across' : 1;
  }).map((each): Owned => (each.owner === 1 ? heardOfNew(each) : each));
  const known = new Set(['difference', 'payments', 'howLong', 'payment', 'lastPayment']);
  if (
    questions.some(({ owner, asked }) => owner !== 0 && !known.has(asked)) ||
    questions.every(({ owner }) => owner === 0)
  )
    return undefined;
  const isOutside = (each: Span): boolean => !isIn([clause], each);
  const first = readPlan(page, { scope: isOutside, as: 'borrowing', questions: questionsOf(questions, 0) });
  const { plan, read } = first;
  const isOpen = plan.finalAmount === 0 && plan.changes.length === 0 && read.missing.length === 0;
  // "38 payments of 412 remain": what is owed is sought.
  const isSought = plan.unknown === 'amount' && plan.payment !== null && plan.payments !== null;
  const isKnown = isSought || (plan.amount !== null && plan.amount > tokenAt(page, token).value);
  if (!isOpen || !isKnown || !plan.rate) return undefined;
  const isNewPayment = questions.some(({ owner, asked }) => owner === 1 && asked === 'payment');
  const keep = changesOfText(page).find((each) => each.token === token)?.keep;
  if (isNewPayment ? keep === 'payment' || plan.payments === null : keep === 'payments') return undefined;
  const lower: ReadLink = { field: 'amount', fromPlan: 0, quantity: 'amount', plus: -tokenAt(page, token).value };
  const samePayment: ReadLink[] =
    plan.payment === null && !isNewPayment ? [{ field: 'payment', fromPlan: 0, quantity: 'payment' }] : [];
  const { price: _, downPayment: _down, tradeIn: _old, rebate: _off, fees: _fees, ...bare } = plan;
  const other: Partial<ReadPlan> = {
    ...bare,
    name: 'with less owed',
    amount: null,
    ...(isNewPayment ? { payment: null, unknown: 'payment' } : { payments: null, unknown: 'payments' }),
  };
  const named = { ...first, plan: { ...bare, name: 'as it stands' } };
  return follow(page, named, questions, other, [lower, ...samePayment], [[token, 'extra']], sooner(page));
}

const heardOfNew = (each: Owned): Owned => ({
  ...each,
  asked: each.asked === 'newPayment' ? 'payment' : each.asked,
  place: undefined,
});

const sooner =
  (page: Page): Across =>
  (question, plans) => {
    const said = wordsOf(page, question);
    if (/(?:sooner|earlier|time|longer|shorter|years?(?![a-z])|months?(?![a-z]))/.test(said) && !/interest/.test(said))
      return { quantity: 'difference', args: { of: 'years', between: [0, 1] } };
    if (/(?:fewer|less|many) (?:⟨e\d+⟩ )?payments|payments (?:are |is )?saved/.test(said))
      return { quantity: 'difference', args: { of: 'payments', between: [0, 1] } };
    // What is paid off today is paid, too: what is saved in all is interest.
    const { args } = comparedBy(page, question, plans);
    return { quantity: 'difference', args: { ...args, of: args.of === 'totalPaid' ? 'totalInterest' : args.of } };
  };
