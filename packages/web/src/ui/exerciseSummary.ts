/** What an exercise is about, in a line: the beginning of its story with its numbers, or its first prompt. */

import { fillText, givensInForce, numberStyleById, storyText, type Exercise } from '@hardy-sextant/core';

export function exerciseSummary(exercise: Exercise, longest = 160): string {
  const style = numberStyleById(exercise.plans[0]?.draft.numberStyle ?? '');
  const { written } = givensInForce(exercise, {}, style);
  const text =
    storyText(exercise.story, written).replace(/\s+/g, ' ').trim() ||
    fillText(exercise.parts[0]?.prompt ?? '', written);
  return text.length > longest ? `${text.slice(0, longest).replace(/\s\S*$/, '')}…` : text;
}
