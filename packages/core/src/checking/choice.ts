/** Answers to a choice between plans: the plan they name, and its number. */

import type { Result } from '../result.ts';
import type { ExercisePlan } from '../exercise/exercise.ts';
import type { ReadAnswer } from './readAnswer.ts';
import type { Verdict } from './verdict.ts';

/** The plan an answer names, and what else it says. */
export function planNamedIn(
  text: string,
  plans: readonly ExercisePlan[],
): { readonly text: string; readonly plan?: string } {
  const lower = text.toLowerCase();
  const named = plans
    .filter(({ name, id }) => lower.includes((name ?? id).toLowerCase()))
    .sort((a, b) => (b.name ?? b.id).length - (a.name ?? a.id).length)[0];
  if (!named) return { text };
  const rest = lower.replace((named.name ?? named.id).toLowerCase(), '').replace(/^[\s,:;–-]+|[\s,:;–-]+$/g, '');
  return { text: rest, plan: named.id };
}

/** What the plan that is named decides already: nothing where its number is still to be judged. */
export function verdictByName(
  plan: string | undefined,
  better: string | undefined,
  read: Result<ReadAnswer>,
  head: Pick<Verdict, 'partId' | 'expected' | 'expectedWritten'>,
): Verdict | undefined {
  if (plan === undefined || (read.ok && plan === better)) return undefined;
  if (plan === better) return { ...head, kind: 'right', credit: 1, explanations: [] };
  const says = 'The other plan is the better one by its number.';
  return {
    ...head,
    ...(read.ok ? { read: read.value.value } : {}),
    kind: 'unexplained',
    credit: 0,
    explanations: [],
    says,
  };
}
