/** "13,000 now, or 250 a month for five years: which is worth more?": one sum held against what payments are worth today. */

import { groupFound } from '../pattern.ts';
import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { tokenAt, type Page } from '../page.ts';
import { atOnce, type ReadPlan, type ReadQuantity } from '../reading.ts';
import { without } from './followers.ts';
import { ownedQuestions, questionsOf, readingOfPlans, wordsOf, type Owner } from './severalPlans.ts';

const once =
  '(?:(?:in )?cash|now|today|at once|immediately|right away|straight away|outright|up front|on the spot|in one sum|in a single sum|as (?:a|one) (?:single |lump )?sum|(?:in )?a lump sum)';
const sumNow = new RegExp(
  `⟨m(\\d+)⟩ (?:[a-z]+ ){0,4}?${once}(?![a-z])(?! (?:and|plus))|(?:lump|single|one|cash) sum (?:now |today )?of ⟨m(\\d+)⟩|${once},? ⟨m(\\d+)⟩|(?<![a-z])(?:buy|buying|bought|purchased?|purchasing)(?: (?:it|them|one|the [a-z]+))? (?:for|at) ⟨m(\\d+)⟩(?! (?:at the end|then|after|in ⟨))`,
);
/** What parts the two. */
const or = /(?<![a-z])(?:or|versus|against|rather than|instead of)(?![a-z])|(?:[⟨][ln]\d+⟩|\b(?:b|2|ii))\)/;
const wantsLeast = /cheap|better buy|costs? (?:him |her |them )?less|pays? less|lower|smaller/;
const wantsMost = /dear|worth|more|greater|larger|higher/;
/** Who pays wants the smaller of the two. */
const ofPayer =
  /debtor|buyer|(?<![a-z])(?:owes?|costs?|(?:may|can|could|must|to) (?:either )?(?:pay|settle|be paid for))(?![a-z])/;

/** @returns nothing where a sum at once and payments are not told one against the other */
export function readCashOrPayments(page: Page): DraftReading | undefined {
  const found = sumNow.exec(page.flat);
  const cash = Number(groupFound(found) ?? NaN);
  const sums = page.tokens.flatMap(({ form }, at) => (form === 'money' ? [at] : []));
  const [one, other, third] = sums;
  // "… or 14,000 now and 1,150 a month"
  const down = sums.find((at) => at !== cash && page.signs[at]?.[0]?.role === 'downPayment');
  const isTwo = third === undefined || (sums.length === 3 && down !== undefined);
  if (!found || one === undefined || other === undefined || !isTwo || !sums.includes(cash)) return undefined;
  const [first, last] = [page.places[one]!, page.places[other]!];
  if (!or.test(page.flat.slice(first.end, last.start))) return undefined;
  const questions = ownedQuestions(page, ({ asked }): Owner => (asked === 'amount' ? 0 : 'across'));
  const isOfWorth = questions.every(({ asked }) => ['choice', 'difference', 'amount'].includes(asked));
  // "Which costs less in all?" holds no worths against each other.
  const isOfAll = questions.some((each) => /in all|in total|altogether|interest/.test(wordsOf(page, each)));
  if (!isOfWorth || isOfAll || !questions.some(({ asked }) => asked === 'choice')) return undefined;
  const scope = without(page.places[cash]!, ...(down === undefined ? [] : [page.places[down]!]));
  const told = readPlan(page, { scope, questions: questionsOf(questions, 0) });
  const isOwed = (told.plan.kind === 'borrowing' && told.terms.otherKind === undefined) || told.plan.kind === 'leasing';
  const paid = isOwed ? told : readPlan(page, { scope, as: 'drawing-down', questions: [] });
  const { plan } = paid;
  const isTold = (plan.payment ?? 0) > 0 && plan.payments !== null && plan.rate !== null && plan.changes.length === 0;
  if (!isTold || plan.rate?.quoted === 'flat') return undefined;
  const payments: ReadPlan = { ...plan, name: 'payments', amount: null, finalAmount: 0, unknown: 'amount' };
  const { price: _, ...rest } = payments;
  const by: ReadQuantity = down === undefined ? 'amount' : 'price';
  const bare = down === undefined ? rest : { ...rest, downPayment: tokenAt(page, down).value };
  // One payment at once: it is worth what it is, and sought as the others are.
  const sum: ReadPlan = {
    ...rest,
    name: atOnce,
    payments: 1,
    payment: tokenAt(page, cash).value,
    timing: 'beginning',
  };
  const known = { ...paid, read: { ...paid.read, missing: [] } };
  const both = [
    {
      ...known,
      plan: bare,
      roles: new Map([...known.roles, ...(down === undefined ? [] : [[down, 'downPayment'] as const])]),
    },
    { ...known, plan: sum, roles: new Map([[cash, 'payment'] as const]) },
  ];
  return readingOfPlans(page, both, questions, (question) =>
    question.asked === 'choice'
      ? { quantity: 'choice', args: { by, want: wantedIn(page, wordsOf(page, question)) } }
      : { quantity: 'difference', args: { of: by, between: [0, 1] } },
  );
}

function wantedIn({ flat }: Page, words: string): 'least' | 'most' {
  if (wantsLeast.test(words)) return 'least';
  return !wantsMost.test(words) && ofPayer.test(flat) ? 'least' : 'most';
}
