/** What still keeps an exercise from being assigned, each with its place and a sentence. A draft with problems is kept all the same. */

import { nth } from '../nth.ts';
import { numberStyleById } from '../money/numberStyle.ts';
import { answerKey } from './answerKey.ts';
import { rubricProblems } from './byHand.ts';
import { drawNumbers, prepareDraws } from './drawNumbers.ts';
import type { Exercise } from './exercise.ts';
import { givensInForce, nameProblem } from './givens.ts';
import type { HouseRules } from './houseRules.ts';
import { storyGivens, storyText, textGivens } from './story.ts';

export interface ExerciseProblem {
  /** `title`, `story`, `givens.new rate`, `parts.b`, `parts.b.marks`, `limits.0`. */
  readonly place: string;
  readonly message: string;
}

/** @param draws whether to try a draw too, which takes longer */
export function exerciseProblems(exercise: Exercise, rules: HouseRules, draws = false): ExerciseProblem[] {
  const found: ExerciseProblem[] = [];
  const add = (place: string, message: string): void => void found.push({ place, message });
  const givens = exercise.givens ?? [];
  const names = givens.map(({ name }) => name);
  const style = numberStyleById(exercise.plans[0]?.draft.numberStyle ?? rules.numberStyle);
  if (exercise.title.trim() === '') add('title', 'Give the exercise a title.');
  if (storyText(exercise.story).trim() === '') add('story', 'Tell what happens: students need something to read.');
  for (const name of new Set(storyGivens(exercise.story)))
    if (!names.includes(name)) add('story', `The story shows “${name}”, and there is no such given any more.`);
  givens.forEach(({ name }, at) => {
    const problem = nameProblem(
      name,
      names.filter((_each, other) => other < at),
    );
    if (problem) add(`givens.${name}`, problem);
  });
  for (const [name, problem] of Object.entries(givensInForce(exercise, {}, style).problems))
    add(`givens.${name}`, problem.message);
  const draw = prepareDraws(exercise);
  if (!draw.ok) add(draw.problem.field ?? 'givens', draw.problem.message);
  if (exercise.parts.length === 0) add('parts', 'Ask something: an exercise needs a part.');
  const key = answerKey(exercise, {}, rules);
  exercise.parts.forEach((part, at) => {
    const place = `parts.${part.id}`;
    if (part.prompt.trim() === '') add(`${place}.prompt`, 'Say what is asked.');
    if (!(part.marks > 0)) add(`${place}.marks`, 'A part needs marks above zero.');
    for (const name of textGivens(part.prompt))
      if (!names.includes(name)) add(`${place}.prompt`, `The prompt shows “${name}”, and there is no such given.`);
    for (const { field, message } of rubricProblems(part)) add(`${place}${field}`, message);
    const keyed = nth(key, at);
    if (!keyed.ok) add(place, keyed.problem.message);
  });
  (exercise.limits ?? []).forEach(({ of, least, most }, at) => {
    if ('part' in of ? !exercise.parts.some(({ id }) => id === of.part) : !names.includes(of.given))
      add(`limits.${at}`, 'The limit is about something that is not there any more.');
    if (least !== undefined && most !== undefined && least > most)
      add(`limits.${at}`, 'The limit is the wrong way round: its least is more than its most.');
  });
  if (draws && found.length === 0) {
    const drawn = drawNumbers(exercise, 'first', rules);
    if (!drawn.ok) add('givens', drawn.problem.message);
  }
  return found;
}
