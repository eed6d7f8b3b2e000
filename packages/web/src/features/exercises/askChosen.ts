/** What a part asks after another choice of what it asks for: the arguments stay where they fit. */

import {
  quantities,
  usualFormat,
  type AnswerFormat,
  type Exercise,
  type PartAsk,
  type Quantity,
} from '@hardy-sextant/core';
import { say } from '../../words/say.ts';

export type AskChoice = PartAsk['quantity'];

type Plan = Exercise['plans'][number];

/** The plan a part asks about; the first where it names none that is there. */
export function planOf({ plans }: Exercise, ask: PartAsk): Plan {
  const [first] = plans;
  const found = plans.find(({ id }) => 'plan' in ask && id === ask.plan) ?? first;
  if (!found) throw new Error(say('An exercise has at least one plan.'));
  return found;
}

const money: AnswerFormat = { kind: 'money', decimals: 2 };

export function askChosen(exercise: Exercise, ask: PartAsk, choice: AskChoice): [PartAsk, AnswerFormat] {
  const { id: plan } = planOf(exercise, ask);
  const { after = '12', from = '1', to = '12', below = '' } = ask.args ?? {};
  const args = { after, from, to, ...(below === '' ? {} : { below }) };
  const [first, second = first] = exercise.plans.map(({ id }) => id);
  switch (choice) {
    case 'difference': {
      const of: Quantity = 'total-interest';
      return [{ quantity: choice, of, plan: first ?? plan, other: second ?? plan, args }, usualFormat(of)];
    }
    case 'choice': {
      const of: Quantity = 'total-paid';
      const plans = exercise.plans.map(({ id }) => id);
      return [{ quantity: choice, of, plans, prefer: 'less', args }, usualFormat(of)];
    }
    case 'relation':
      return [
        { quantity: choice, plan },
        { kind: 'number', decimals: 4 },
      ];
    case 'by-hand':
      return [
        { quantity: choice, rubric: [] },
        { kind: 'number', decimals: 0 },
      ];
    case 'expression':
      return [{ quantity: choice, text: '' }, money];
    case 'table':
      return [{ quantity: choice, plan, blanks: [], args: { from: '1', to: '3' } }, money];
    default:
      return [
        { quantity: choice, plan, ...(quantities[choice].needs.length > 0 ? { args } : {}) },
        usualFormat(choice),
      ];
  }
}
