/** "He puts 5,000 away. Three years later he begins to add 120 a month": one sum that grows alone before deposits join it. */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { tokenAt, type Page } from '../page.ts';
import { groupFound } from '../pattern.ts';
import type { PlacedQuestion } from '../placedQuestions.ts';
import type { RoleSign } from '../roles.ts';
import { lyingFirst } from './deferred.ts';
import { without } from './followers.ts';
import { comparedBy, ownedQuestions, readingOfPlans, wordsOf } from './severalPlans.ts';
import { toldTime } from './toldTime.ts';

const adds = '(?:to )?(?:add|deposit|pay|sav|put)(?:e|s|es|ing|ting)?(?: in)?(?: [a-z]+){0,2} ⟨m\\d+⟩';
const begins = new RegExp(
  `(?:after ⟨t(\\d+)⟩|⟨t(\\d+)⟩ later),? (?:he|she|they|the [a-z]+|[a-z]+) (?:then )?(?:begins?|starts?|began|started) ${adds}`,
);
const lies = new RegExp(
  `(?:lies|stays?|remains?|(?:is|was) left|leaves? (?:it|this|the (?:money|sum)))(?: [a-z]+){0,3} for (?:the first )?⟨t(\\d+)⟩(?:[^?!⟨]|⟨[pe]\\d+⟩){0,60}(?:then|after (?:that|which)|for the (?:next|following|other|remaining) ⟨t\\d+⟩),? (?:(?:he|she|they) )?(?:${adds}|⟨m\\d+⟩ (?:is|are|was|were) (?:then )?(?:added|put in|paid in|deposited))`,
);
const owes = /(?<![a-z])(?:loan|debt|mortgage|borrow\w*|owe[sd]?|withdraw\w*|draws?|repa(?:y|id)\w*)(?![a-z])/;
const thenAsked = /(?:when|before|as|once|by the time) (?:he|she|they|the [a-z]+) (?:begins?|starts?)/;

const isOfEnd = ({ asked }: PlacedQuestion): boolean => asked === 'finalAmount' || asked === 'balance';

/** @returns nothing where no deposits join a sum that has grown alone for a time of its own */
export function readAddedLater(page: Page): DraftReading | undefined {
  const found = owes.test(page.flat) ? null : (begins.exec(page.flat) ?? lies.exec(page.flat));
  if (!found) return undefined;
  const time = toldTime(page, groupFound(found));
  const wait = page.places[time.token!]!;
  const sums = page.tokens.flatMap(({ form }, at) => (form === 'money' ? [at] : []));
  const [sum, each, more] = sums;
  if (sum === undefined || each === undefined || more !== undefined) return undefined;
  if (page.places[sum]!.start > wait.start || page.places[each]!.start < wait.start) return undefined;
  const questions = ownedQuestions(page, (question) => {
    const isThen = thenAsked.test(wordsOf(page, question)) || question.place?.afterYears === time.years;
    return isOfEnd(question) ? (isThen ? 0 : 1) : 'across';
  }).map((question) =>
    isOfEnd(question) ? { ...question, asked: 'finalAmount' as const, place: undefined } : question,
  );
  if (questions.every(({ owner }) => owner === 'across')) return undefined;
  const as = (role: RoleSign['role'], at: number): RoleSign[] => [{ role, weight: 15, ...page.places[at]! }];
  const signs = page.signs.map((own, at) => (at === sum ? as('amount', at) : at === each ? as('payment', at) : own));
  // Their time may be told where the end is asked.
  const saved = readPlan({ ...page, signs }, { scope: without(wait), as: 'saving', questions: [] });
  const { amount, payment, payments, rate, changes } = saved.plan;
  const isKnown =
    amount === tokenAt(page, sum).value && payment === tokenAt(page, each).value && payments !== null && rate !== null;
  if (!isKnown || changes.length > 0 || saved.read.missing.length > 0) return undefined;
  return readingOfPlans(page, lyingFirst(saved, time, 'added to'), questions, (question, plans) =>
    question.asked === 'interest' ? undefined : comparedBy(page, question, plans),
  );
}
