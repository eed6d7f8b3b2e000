/** A variation that is refinanced on the way, as an exercise says it: what is owed then, and a new loan of that. */

import type { StatementDraft } from '../../statement/draft.ts';
import { emptyDraft } from '../../statement/newDraft.ts';
import type { RefinancingDraft } from '../../statement/variation.ts';
import { answerName } from '../uses.ts';
import type { ExercisePlan, Given } from '../exercise.ts';
import { namedDraft } from './namedDraft.ts';
import { questionOf, type UsualQuestion } from './usualQuestions.ts';

export interface RefinancedPlan {
  readonly plan: ExercisePlan;
  readonly givens: readonly Given[];
  /** A sentence of the story. */
  readonly told: string;
  /** The balance first, then the payment of the new loan, which goes on from it. */
  readonly questions: readonly UsualQuestion[];
}

interface Place {
  /** The plan that is refinanced. */
  readonly first: ExercisePlan;
  /** Which plan it becomes. */
  readonly number: number;
  /** The part that asks for the balance. */
  readonly letter: string;
  /** Names that givens have already. */
  readonly taken: readonly string[];
}

/** @returns nothing while some of it is not filled in */
export function refinancedPlan(
  stated: StatementDraft,
  { after, rate, payments, costs, costsPaid }: RefinancingDraft,
  { first, number, letter, taken }: Place,
): RefinancedPlan | undefined {
  if ([after, rate, payments].some((text) => text.trim() === '')) return undefined;
  const empty = emptyDraft('borrow');
  const { quote, paymentsPerYear, timing, numberStyle } = stated;
  const hasCosts = costs.trim() !== '' && costs.trim() !== '0';
  const isAdded = hasCosts && costsPaid === 'added';
  const costsName = taken.includes('costs') ? `costs ${number}` : 'costs';
  const loan: StatementDraft = {
    ...empty,
    quote,
    paymentsPerYear,
    timing,
    numberStyle,
    slots: { ...empty.slots, amount: '', rate, payments, finalAmount: '0' },
  };
  const named = namedDraft(loan, taken, new Set(['rate', 'payments']));
  const amount = answerName(letter) + (isAdded ? ` + ${costsName}` : '');
  const plan: ExercisePlan = {
    id: `plan-${number}`,
    name: `plan ${number}`,
    draft: { ...named.draft, slots: { ...named.draft.slots, amount } },
  };
  const money: Given = { name: costsName, kind: 'money', now: costs, vary: { by: 'fixed' } };
  const inStory = (text: string): string => text.replace(/[a-z][a-z0-9 ]*/g, (name) => `{${name.trim()}}`);
  const said = hasCosts ? `, and costs of {${costsName}} are ${isAdded ? 'added to it' : 'paid at once'}` : '';
  return {
    plan,
    givens: [...named.givens, ...(hasCosts ? [money] : [])],
    told: `After payment ${after} plan 1 is refinanced: what is owed then is lent anew at ${inStory(named.draft.slots.rate)}, over ${inStory(named.draft.slots.payments)} payments${said}. That is plan ${number}.`,
    questions: [questionOf(first, 'balance-after', { after }), questionOf(plan, 'payment')],
  };
}
