/** Parts that a person marks: they have no number, and no other part goes on from them. */

import { fail, type Result } from '../result.ts';
import { roundTo } from '../money/roundMoney.ts';
import type { Part } from './exercise.ts';

/** In place of a key. */
export const byHandKey = (part: Part) => ({
  part,
  exact: 0,
  expected: 0,
  written: 'marked by hand',
  questions: [],
  uses: [],
  byHand: true as const,
});

export const noNumberOf = (id: string): Result<never> =>
  fail('out-of-range', `Part ${id} is marked by hand: there is no number to go on from.`, { field: 'ask' });

/** What is wrong with the lines of a rubric, by the field it is about. */
export function rubricProblems({ ask, marks }: Part): { readonly field: string; readonly message: string }[] {
  if (ask.quantity !== 'by-hand' || ask.rubric.length === 0) return [];
  const sum = roundTo(
    ask.rubric.reduce((all, line) => all + line.marks, 0),
    4,
  );
  return [
    ...(sum === roundTo(marks, 4)
      ? []
      : [{ field: '.marks', message: `The lines of the rubric come to ${sum}, the part to ${marks}.` }]),
    ...(ask.rubric.some(({ says }) => says.trim() === '')
      ? [{ field: '', message: 'A line of the rubric says nothing yet.' }]
      : []),
  ];
}
