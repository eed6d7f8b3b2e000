/** A fee that is kept back when a loan is paid out, or paid beside it: the rate that the payments are on what was received. */

import type { DraftReading } from '../draftReading.ts';
import { readPlan } from '../onePlan.ts';
import { tokenAt, type Page } from '../page.ts';
import type { ReadLink, ReadPlan } from '../reading.ts';
import type { SolePlan } from '../solePlan.ts';
import { without } from './followers.ts';
import { ownedQuestions, questionsOf, readingOfPlans, wordsOf } from './severalPlans.ts';

const kept =
  /(?<![a-z])(?:kept back|held back|withheld|retained|deducted|subtracted|taken (?:off|from|out of)|keeps? (?:it )?back|holds? (?:it )?back|withholds?|retains?|deducts?|subtracts?|receives? (?:only )?⟨m\d+⟩|less (?:an? |the )?(?:fee|charge|commission))(?![a-z])/;
const paidBeside =
  /(?:fee|charge|commission|costs?)(?![a-z])[^.?!]{0,40} (?:at the (?:start|outset)|up ?front|in cash|at once|separately|on signing|in advance|out of (?:his|her|their) own)/;
const added = /(?:fee|charge|commission|costs?)[^.?!]{0,40}(?:added|put on|put onto|goes on)/;
const withoutIt = /(?<![a-z])(?:without|before|ignoring|disregarding|apart from)(?![a-z])/;

/** @returns nothing where no rate is asked, or no fee makes the sum received smaller than the loan */
export function readFeeKept(page: Page): DraftReading | undefined {
  const asksRate = page.questions.some(({ asked }) => asked === 'effectiveRate' || asked === 'nominalRate');
  const token = page.signs.findIndex(([sign]) => sign?.role === 'fee' || sign?.role === 'feeRate');
  if (!asksRate || token < 0 || added.test(page.flat) || !(kept.test(page.flat) || paidBeside.test(page.flat)))
    return undefined;
  const questions = ownedQuestions(page, (question) =>
    /Rate$/.test(question.asked) && !withoutIt.test(wordsOf(page, question)) ? 1 : 0,
  );
  const net = receivedIn(page, token);
  const isOtherwise = page.kinds.some(({ says }) => says === 'flat' || says === 'leasing');
  const sole = readPlan(page, {
    ...(isOtherwise ? {} : { as: page.settled.kind ?? 'borrowing' }),
    scope: without(...[token, ...net].map((at) => page.places[at]!)),
    questions: questionsOf(questions, 0),
  });
  const { plan, read } = sole;
  const isLoan = plan.kind === 'borrowing' && plan.amount !== null && plan.payments !== null;
  if (!isLoan || plan.changes.length > 0 || plan.fees !== undefined || plan.amount === null) return undefined;
  const { value, form } = tokenAt(page, token);
  const fee = form === 'percent' ? value * plan.amount : value;
  const roles = new Map([...sole.roles, [token, 'fee'] as const, ...net.map((at) => [at, 'amount'] as const)]);
  const after = { ...plan, name: 'with the fee', rate: null, unknown: 'rate' } as const;
  if (plan.payment !== null) {
    const whole = { price: plan.amount, rebate: fee, amount: plan.amount - fee };
    const only: SolePlan = { ...sole, roles, plan: { ...after, ...whole }, read: { ...read, missing: [] } };
    return plan.rate ? undefined : readingOfPlans(page, [only], toFirst(questions), () => undefined);
  }
  if (!plan.rate || read.missing.length > 0) return undefined;
  const links: ReadLink[] = [
    { field: 'amount', fromPlan: 0, quantity: 'amount', plus: -fee },
    { field: 'payment', fromPlan: 0, quantity: 'payment' },
  ];
  const { price: _, ...bare } = after;
  const second: ReadPlan = { ...bare, amount: null, payment: null, links };
  const wanted = plan.rate.compoundingsPerYear ?? plan.paymentsPerYear;
  return readingOfPlans(
    page,
    [
      { ...sole, plan: { ...plan, name: 'without the fee' } },
      { ...sole, plan: second, roles, read: { ...read, wanted, missing: [] } },
    ],
    questions,
    () => undefined,
  );
}

const toFirst = <Q extends { readonly owner: unknown }>(questions: readonly Q[]) =>
  questions.map((each) => ({ ...each, owner: 0 as const }));

/** What is received, where the text says it, too: another sum less the fee. */
function receivedIn(page: Page, fee: number): number[] {
  const { value, form } = tokenAt(page, fee);
  const sums = page.tokens.flatMap(({ form: what }, at) => (what === 'money' && at !== fee ? [at] : []));
  const received = (sum: number): number => (form === 'percent' ? sum * (1 - value) : sum - value);
  return sums.filter((at) =>
    sums.some((other) => Math.abs(received(tokenAt(page, other).value) - tokenAt(page, at).value) < 0.005),
  );
}
