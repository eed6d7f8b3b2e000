/** Changes of an exercise's parts. */

import {
  kindOf,
  quantityOfSlot,
  usualFormat,
  type Exercise,
  type Part,
  type Quantity,
  type UsualQuestion,
} from '@hardy-sextant/core';
import { planAtPlace } from './planAtPlace.ts';

/** The exercise with one more part, which asks what is not asked yet of a plan; and the new part's name. */
export function withPart(exercise: Exercise, planAt: number): { readonly exercise: Exercise; readonly id: string } {
  const plan = planAtPlace(exercise, planAt);
  const id = freeLetter(exercise);
  const quantity = firstAsk(plan.draft, exercise.parts.length > 0);
  const part: Part = { id, prompt: '', marks: 1, ask: { quantity, plan: plan.id }, format: usualFormat(quantity) };
  return { exercise: { ...exercise, parts: [...exercise.parts, part] }, id };
}

/** The exercise with one of the usual questions as its last part. */
export const withQuestion = (exercise: Exercise, question: UsualQuestion): Exercise => ({
  ...exercise,
  parts: [...exercise.parts, { id: freeLetter(exercise), ...question }],
});

/** The exercise with a part once more, after it and under a name of its own. */
export const withCopy = (exercise: Exercise, id: string): Exercise => ({
  ...exercise,
  parts: exercise.parts.flatMap((part) => (part.id === id ? [part, { ...part, id: freeLetter(exercise) }] : [part])),
});

/** The part put where another stands. */
export function withDropped(exercise: Exercise, id: string, over: string): Exercise {
  const place = (name: string): number => exercise.parts.findIndex((part) => part.id === name);
  const [at, to] = [place(id), place(over)];
  return at < 0 || to < 0 ? exercise : withMoved(exercise, at, to - at);
}

const freeLetter = ({ parts }: Exercise): string =>
  freeName(
    letter,
    parts.map((part) => part.id),
  );

function firstAsk(draft: Exercise['plans'][number]['draft'], isLater: boolean): Quantity {
  if (!kindOf(draft).hasTable) return 'converted';
  if (isLater) return 'total-interest';
  return draft.unknown === 'converted' ? 'payment' : quantityOfSlot(draft.unknown);
}

export const withChanged = (exercise: Exercise, part: Part): Exercise => ({
  ...exercise,
  parts: exercise.parts.map((each) => (each.id === part.id ? part : each)),
});

export const withoutPart = (exercise: Exercise, id: string): Exercise => ({
  ...exercise,
  parts: exercise.parts.filter((part) => part.id !== id),
});

/** The part at a place moved up or down; nothing where it would leave the list. */
export function withMoved(exercise: Exercise, at: number, by: number): Exercise {
  const to = at + by;
  const part = exercise.parts[at];
  if (!part || to < 0 || to >= exercise.parts.length) return exercise;
  const others = exercise.parts.filter((each) => each !== part);
  return { ...exercise, parts: [...others.slice(0, to), part, ...others.slice(to)] };
}

/** The first of a row of names that is not taken. */
export function freeName(nameOf: (k: number) => string, taken: readonly string[]): string {
  let k = 1;
  while (taken.includes(nameOf(k))) k += 1;
  return nameOf(k);
}

const letter = (k: number): string => (k <= 26 ? String.fromCharCode(96 + k) : `p${k}`);
