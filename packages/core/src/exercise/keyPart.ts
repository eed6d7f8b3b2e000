/** The key of a question that stands by itself. */

import type { Question } from '../statement/question.ts';
import type { KeyedPart } from './answerKey.ts';
import type { Part } from './exercise.ts';
import { roundAs, usualFormat, writeAnswer } from './format.ts';
import type { HouseRules } from './houseRules.ts';

/** A question that stands by itself, as a part with the format such answers usually have. */
export function partAsking({ ask }: Pick<Question, 'ask'>): Part {
  const { quantity } = ask;
  return { id: 'answer', prompt: '', marks: 1, ask: { quantity, plan: '' }, format: usualFormat(quantity) };
}

/** Its key. */
export function keyPart(part: Part, question: Question, rules: HouseRules): KeyedPart {
  const expected = roundAs(question.exact, part.format);
  return {
    part,
    exact: question.exact,
    expected,
    written: writeAnswer(expected, part.format, rules),
    question,
    questions: [question],
    uses: [],
  };
}
