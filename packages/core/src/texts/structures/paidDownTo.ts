/** "How many payments are there? After how many is the balance first below 7,500?": the same debt, to its end and to a sum. */

import { roundTo } from '../../money/roundMoney.ts';
import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { askingNothing, everywhere, sentenceAt, tokenAt, type Page } from '../page.ts';
import { groupFound } from '../pattern.ts';
import type { ReadLink } from '../reading.ts';
import { isIn } from './clauses.ts';
import { follow, without } from './followers.ts';
import { ownedQuestions, type Owned } from './severalPlans.ts';

const downTo =
  /(?:balance|debt|loan|mortgage|owed?|owes|outstanding)(?![a-z])[^?⟨]{0,40}(?:below|under|less than|down to|fall(?:s|en)? to|reduced to|only) (?:only )?⟨m(\d+)⟩/;

/** "… until half the loan is repaid". */
const halfPaid =
  /(half|a third|one third|a quarter|three quarters) (?:of )?(?:the|her|his|their|its|this|an?) (?:loan|debt|mortgage|principal|sum)(?: borrowed)?(?: of ⟨m\d+⟩)? (?:is|has been|will be|have been|will have been) (?:re)?paid(?: off| back)?(?![a-z])|(?:is|are|will|has|have) (?:at least |more than |over )?(half|a third|one third|a quarter|three quarters) of (?:it|(?:the|an?|this|his|her|their) (?:loan|debt|mortgage))(?: of ⟨m\d+⟩)? (?:be |been |have been )?(?:re)?paid(?: off| back)?(?![a-z])|(?:has|have|had|will) (?:he|she|they|it|the [a-z]+|[a-z]+) (?:have )?(?:re)?paid (?:off |back )?(?:at least |more than |over )?(half|a third|one third|a quarter|three quarters) (?:of )?(?:it|(?:the|an?|this|his|her|their|its) (?:loan|debt|mortgage))(?![a-z])/;
const paidShare: Readonly<Record<string, number>> = {
  half: 1 / 2,
  'a third': 1 / 3,
  'one third': 1 / 3,
  'a quarter': 1 / 4,
  'one quarter': 1 / 4,
  'two thirds': 2 / 3,
  'three quarters': 3 / 4,
};

const part = '(half|a third|one third|a quarter|one quarter|three quarters|two thirds|a ⟨o\\d+⟩)';
const whole =
  '(?:of )?(?:it|(?:the|an?|this|its|her|his|their|that) (?:⟨m\\d+⟩ )?(?:(?:original|first|initial|whole|full) )?(?:loan|debt|mortgage|principal|sum|amount|size|value)|what (?:it|he|she|they) (?:was|were|borrowed)|(?:the )?⟨m\\d+⟩)';
/** "… down to half the loan", "only a quarter of it is still owed". */
const partLeft = new RegExp(
  `(?:balance|debt|loan|mortgage|owed?|owes|owing|outstanding)(?![a-z])[^?]{0,110}(?:below|under|less than|down to|falls? to|fallen to|reduced to|shrunk to|at) (?:only |just |exactly |less than )?${part} ${whole}|(?:only |just |less than )${part} ${whole}[^?]{0,110} (?:is|are|remains?|be)(?: still)? (?:owed|owing|outstanding|left|unpaid|to be (?:re)?paid)`,
);

/** The share that is repaid by then; nothing where none is told. */
function shareRepaid(page: Page, words: string): number | undefined {
  const paid = paidShare[groupFound(halfPaid.exec(words)) ?? ''];
  const left = groupFound(partLeft.exec(words));
  if (paid !== undefined || left === undefined) return paid;
  const token = Number(/⟨o(\d+)⟩/.exec(left)?.[1] ?? NaN);
  const share = token >= 0 ? 1 / tokenAt(page, token).value : paidShare[left];
  return share === undefined ? undefined : 1 - share;
}

const asksTime = new Set(['payments', 'years', 'howLong']);

/** @returns nothing where a debt is not followed to a sum in a question of its own, beside others */
export function readPaidDownTo(page: Page): DraftReading | undefined {
  const asking = page.sentences.find(
    ({ asks, text }) => asks && (downTo.test(text) || shareRepaid(page, text) !== undefined),
  );
  const token = Number(downTo.exec(asking?.text ?? '')?.[1] ?? NaN);
  const share = asking && shareRepaid(page, asking.text);
  const own = page.questions.filter((each) => asking && isIn([asking], each));
  const [time, more] = own;
  const isBeside = page.questions.some((each) => sentenceAt(page, each) !== asking);
  if (!asking || !time || more || !asksTime.has(time.asked) || !(isBeside || share !== undefined)) return undefined;
  const once = askingNothing(page, asking);
  // "After how many payments is half of a loan of 120,000 repaid, if …?" tells all in one sentence.
  const isAlone =
    !isBeside &&
    sentenceAt(page, page.places[page.tokens.findIndex(({ form }) => form === 'money')] ?? asking) === asking;
  const scope = isAlone ? everywhere : without(asking);
  const first = readPlan(once, { scope, questions: ownedQuestions(once, () => 0) });
  const { plan, read } = first;
  const isKnown = plan.kind === 'borrowing' && plan.finalAmount === 0 && read.missing.length === 0 && !plan.changes[0];
  const isPaid = plan.payment !== null || plan.payments !== null;
  const left = share === undefined ? tokenAt(page, token).value : roundTo((plan.amount ?? 0) * (1 - share), 2);
  if (!isKnown || !isPaid || plan.amount === null || plan.amount <= left) return undefined;
  const links: ReadLink[] = plan.payment === null ? [{ field: 'payment', fromPlan: 0, quantity: 'payment' }] : [];
  const questions = ownedQuestions(page, (each) => (isIn([asking], each) ? 1 : 0)).map((each): Owned =>
    each.owner === 1 ? { ...each, place: undefined } : each,
  );
  return follow(
    page,
    { ...first, plan: { ...plan, name: 'to the end' } },
    questions,
    { name: 'down to the sum', finalAmount: left, payments: null, unknown: 'payments' },
    links,
    share === undefined ? [[token, 'finalAmount']] : [],
    () => undefined,
  );
}
