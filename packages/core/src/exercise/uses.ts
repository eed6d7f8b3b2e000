/** Which parts of an exercise use which: by the names of answers, or silently, by reading a plan that an earlier part solved. */

import type { StatementDraft } from '../statement/draft.ts';
import { quantities } from '../case/quantities.ts';
import { isQuantity } from '../case/quantity.ts';
import type { Exercise, ExercisePlan, Part, PartAsk } from './exercise.ts';
import { namesIn } from './givens.ts';

/** The names by which slots and expressions use the answers of parts. */
export function answerName(partId: string): string {
  return `answer ${partId}`;
}

/** The parts that a part uses: by name, or because it reads a plan whose unknown an earlier part asked for. */
export function usesOf(exercise: Exercise, part: Part): string[] {
  const named = namedUses(exercise, part);
  const silent = plansOf(part.ask).flatMap((plan) => silentlyUsed(exercise, part, plan)?.id ?? []);
  return [...new Set([...named, ...silent])];
}

/** The parts whose answers a part calls by name. */
export function namedUses(exercise: Exercise, part: Part): string[] {
  const texts = textsOf(exercise, part.ask);
  return exercise.parts
    .filter(({ id }) => id !== part.id && texts.some((text) => namesIn(text, [answerName(id)]).length > 0))
    .map(({ id }) => id);
}

/** An earlier part that asked for the unknown of a plan which this part reads: its answer is what one goes on with. */
export function silentlyUsed(exercise: Exercise, part: Part, planId: string): Part | undefined {
  const plan = exercise.plans.find(({ id }) => id === planId);
  if (!plan || ('args' in part.ask && part.ask.args?.paying)) return undefined;
  if ('of' in part.ask || part.ask.quantity === 'expression') return earlierAnswer(exercise, part, plan);
  if (
    part.ask.quantity !== 'table' &&
    part.ask.quantity !== 'by-hand' &&
    part.ask.quantity !== 'relation' &&
    part.ask.quantity !== 'multiplier' &&
    (quantities[part.ask.quantity].slot ||
      part.ask.quantity === 'amount-financed' ||
      part.ask.quantity === 'down-payment' ||
      part.ask.quantity === 'rate-per-payment')
  )
    return undefined;
  return earlierAnswer(exercise, part, plan);
}

function earlierAnswer(exercise: Exercise, part: Part, plan: ExercisePlan): Part | undefined {
  const at = exercise.parts.findIndex(({ id }) => id === part.id);
  return exercise.parts.slice(0, at).find(
    ({ ask, format }) =>
      'plan' in ask &&
      ask.plan === plan.id &&
      // Of the payments that are full ones the last, smaller one is none.
      format.down !== true &&
      isQuantity(ask.quantity) &&
      quantities[ask.quantity].slot === plan.draft.unknown &&
      !quantities[ask.quantity].refinancing &&
      ask.quantity !== 'years',
  );
}

function plansOf(ask: PartAsk): string[] {
  if (ask.quantity === 'expression' || ask.quantity === 'by-hand') return [];
  if (ask.quantity === 'choice') return [...ask.plans];
  return ask.quantity === 'difference' ? [ask.plan, ask.other] : [ask.plan];
}

/** Every text a part's answer follows from. */
export function textsOf(exercise: Exercise, ask: PartAsk): string[] {
  const args = Object.values(ask.args ?? {}).filter((text): text is string => typeof text === 'string');
  if (ask.quantity === 'expression') return [ask.text, ...args];
  return [...args, ...plansOf(ask).flatMap((id) => draftTexts(exercise.plans.find((plan) => plan.id === id)?.draft))];
}

/** Every text of a statement that may name a given or an answer. */
export function draftTexts(draft: StatementDraft | undefined): string[] {
  if (!draft) return [];
  return [
    ...Object.entries(draft.slots).flatMap(([slot, text]) => (slot === draft.unknown ? [] : [text])),
    ...draft.changes.flatMap(({ texts }) => Object.values(texts)),
    ...(draft.buildUp ? Object.values(draft.buildUp) : []),
  ];
}
