/** An exercise in short, for lists and searches. */

import { numberStyleById } from '../money/numberStyle.ts';
import { givensInForce } from './givens.ts';
import { fillText, storyText } from './story.ts';
import type { Exercise } from './exercise.ts';

/** What an exercise is about, in a line: the beginning of its story with its numbers, or its first prompt. */
export function exerciseSummary(exercise: Exercise, longest = 160): string {
  const style = numberStyleById(exercise.plans[0]?.draft.numberStyle ?? '');
  const { written } = givensInForce(exercise, {}, style);
  const text =
    storyText(exercise.story, written).replace(/\s+/g, ' ').trim() ||
    fillText(exercise.parts[0]?.prompt ?? '', written);
  return text.length > longest ? `${text.slice(0, longest).replace(/\s\S*$/, '')}…` : text;
}

/** What the parts of an exercise ask for, each once: the names of quantities, or the slot that is solved for. */
export function asksOf(exercise: Exercise): string[] {
  return [...new Set(exercise.parts.map(({ ask }) => ('of' in ask ? ask.of : ask.quantity)))];
}

/** The words of an exercise that a search looks through: title, topic, story, prompts. */
export function exerciseWords({ title, topic, story, parts }: Exercise): string {
  return [title, topic ?? '', storyText(story), ...parts.map(({ prompt }) => prompt)].join(' ');
}
