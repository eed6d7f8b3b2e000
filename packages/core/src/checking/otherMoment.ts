/**
 * Where payments come first a balance after a payment is looked at right after it, or at the end of the period it begins;
 * and the interest of payments is what is in them, or what runs up in their periods. Both are called the same: both are right.
 */

import type { KeyedPart } from '../exercise/answerKey.ts';
import type { Exercise, PartAsk } from '../exercise/exercise.ts';
import type { Quantity } from '../case/quantity.ts';
import { askSolved } from '../case/question.ts';
import { questionNumbers, type ConventionNumber } from '../exercise/conventions.ts';
import { keyPart } from '../exercise/keyPart.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import type { Result } from '../result.ts';

/** The same as it is looked at otherwise, and what is said of its number. */
const others: Readonly<Partial<Record<Quantity, { readonly quantity: Quantity; readonly says: string }>>> = {
  'balance-after': {
    quantity: 'balance-right-after',
    says: 'This is the balance right after the payment. The key is the balance at the end of its period, with the interest.',
  },
  'interest-in': {
    quantity: 'interest-portion',
    says: 'This is the interest in the payments. The key is the interest of the periods that begin with them.',
  },
  'principal-in': {
    quantity: 'principal-portion',
    says: 'This is the principal in the payments. The key goes by the periods that begin with them.',
  },
  'interest-portion': {
    quantity: 'interest-in',
    says: 'This is the interest of the periods that begin with the payments. The key is the interest in the payments.',
  },
  'principal-portion': {
    quantity: 'principal-in',
    says: 'This goes by the periods that begin with the payments. The key is the principal in the payments.',
  },
};

/** Another meaning of a part, with every number it has. */
export interface ReadOtherwise {
  readonly says: string;
  readonly credit: number;
  readonly numbers: readonly Pick<ConventionNumber, 'expected' | 'exact'>[];
}

/** What a part's words mean too, where payments come first; nothing where another part asks just that. */
export function otherMoment(
  exercise: Exercise,
  keyed: Result<KeyedPart>,
  rules: HouseRules,
): readonly [] | readonly [ReadOtherwise] {
  if (!keyed.ok) return [];
  const { part, question } = keyed.value;
  const other = question && others[question.ask.quantity];
  if (question?.solved.plan.timing !== 'begin' || !other || !('plan' in part.ask)) return [];
  const asked = inOrder({ ...part.ask, quantity: other.quantity } as PartAsk);
  if (exercise.parts.some((each) => inOrder(each.ask) === asked)) return [];
  const found = askSolved(question, { ...question.ask, quantity: other.quantity }, question.rounding);
  if (!found.ok) return [];
  const meant = { ...question, ...found.value };
  const numbers = [keyPart(part, meant, rules), ...questionNumbers(part, meant, rules)];
  return [{ says: other.says, credit: 1, numbers }];
}

const inOrder = (ask: PartAsk): string =>
  JSON.stringify([ask.quantity, 'plan' in ask && ask.plan, Object.entries(ask.args ?? {}).sort()]);
