/** Steps between the plans of a text: what a later plan takes from an earlier one, as a part and as the text of a slot. */

import { questionOf } from '../../exercise/fromCase/usualQuestions.ts';
import type { SlotName } from '../../case/statement.ts';
import type { StatementDraft } from '../../statement/draft.ts';
import { oneSum, type ProblemReading, type ReadAsk, type ReadLink, type ReadPlan } from '../reading.ts';
import type { TextGiven } from './givensOfText.ts';
import { planId, type DraftPart } from './partsOfText.ts';

/** What a later plan takes from an earlier one: an answer that is asked, or a step of its own. */
export interface Step {
  readonly link: ReadLink;
  /** The part whose answer it is. */
  readonly part: string;
  readonly isOwn: boolean;
}

/** @returns a step for each link of the plans */
export function stepsOf({ plans, asks }: ProblemReading): Step[] {
  return plans.flatMap(({ links = [] }) =>
    links.map((link): Step => {
      const ask = asks.find((each) => isOf(each, link));
      return { link, part: ask?.part ?? `step-${link.fromPlan}-${link.quantity}`, isOwn: ask === undefined };
    }),
  );
}

const isOf = ({ quantity, plan, args }: ReadAsk, link: ReadLink): boolean =>
  plan === link.fromPlan && quantity === link.quantity && args?.k === link.args?.k && args?.after === undefined;

/** The text of the slot that a link fills: `answer b + fee`. */
export function linkedSlots(
  plan: ReadPlan,
  plans: readonly ReadPlan[],
  steps: readonly Step[],
  givens: readonly TextGiven[],
): Partial<Record<SlotName, string>> {
  const slots: Partial<Record<SlotName, string>> = {};
  const inWords = (number: number): string =>
    givens.find(({ given, use }) => given.kind === 'money' && use.value === number)?.given.name ?? String(number);
  for (const link of plan.links ?? []) {
    const { field, fromPlan, quantity, times } = link;
    const plus = isPaidByThen(link, plans[fromPlan]) ? 0 : (link.plus ?? 0);
    const step = steps.find(({ link }) => link.fromPlan === fromPlan && link.quantity === quantity);
    const answer = `answer @${step?.part ?? ''}`;
    const scaled = times === undefined || times === 1 ? answer : `${answer} × ${times}`;
    // What is left of a price when the savings are paid of it.
    slots[field === 'ratePerPayment' ? 'rate' : field] =
      times === -1 && plus > 0
        ? `${inWords(plus)} - ${answer}`
        : plus === 0
          ? scaled
          : `${scaled} ${plus > 0 ? '+' : '-'} ${inWords(Math.abs(plus))}`;
  }
  return slots;
}

/** A table's balance after a payment is less what is paid besides with it. */
const isPaidByThen = ({ quantity, args, plus = 0 }: ReadLink, from: ReadPlan | undefined): boolean =>
  quantity === 'balanceAfter' &&
  from?.changes.some((each) => each.kind === 'extra' && each.after === args?.k && each.value === -plus) === true;

const coreOf = {
  balanceAfter: 'balance-after',
  finalAmount: 'final-amount',
  payment: 'payment',
  payments: 'payments',
  amount: 'amount',
  ratePerPayment: 'rate-per-payment',
} as const;

/** The payment is found before what is owed. */
export const stepsInOrder = (steps: readonly Step[]): Step[] =>
  steps
    .filter(({ isOwn }) => isOwn)
    .sort((one, other) => Number(other.link.quantity === 'payment') - Number(one.link.quantity === 'payment'));

/** A question that the text skips: what the next plan goes on with. */
export function stepPart(
  { link, part }: Step,
  plans: readonly ReadPlan[],
  drafts: readonly StatementDraft[],
): DraftPart {
  const quantity = coreOf[link.quantity as keyof typeof coreOf];
  const draft = drafts[link.fromPlan]!;
  const args = link.args?.k === undefined ? undefined : { after: String(link.args.k) };
  const asked = questionOf({ id: planId(link.fromPlan), draft }, quantity, args);
  const isLess = isPaidByThen(link, plans[link.fromPlan]);
  const isLater = link.quantity === 'amount' && plans.at(-1)?.name === oneSum;
  if (isLater) return { ...asked, prompt: 'What is the later sum worth on the day of the sum before it?', part };
  const prompt = isLess ? asked.prompt.replace(/[.?]$/, ' and the extra payment with it$&') : asked.prompt;
  return { ...asked, prompt, part };
}
