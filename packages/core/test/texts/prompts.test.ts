/** What stands before a question belongs to its part: a student reads the whole of it. */

import { describe, expect, test } from '@jest/globals';
import { storyText } from '../../src/index.ts';
import { exerciseFromText, readProblem } from '../../src/texts/index.ts';

const loan = 'A loan of £9,000 at 6% compounded monthly over 5 years, with month-end payments.';

const promptsOf = (text: string): { prompts: string[]; story: string } => {
  const { exercise } = exerciseFromText(text, readProblem(text))!;
  return { prompts: exercise.parts.map(({ prompt }) => prompt), story: storyText(exercise.story) };
};

const asked: readonly (readonly [questions: string, prompts: readonly string[]])[] = [
  [
    'If the rate stays, what is the payment? After two years, how much is owed?',
    ['If the rate stays, what is the payment?', 'After two years, how much is owed?'],
  ],
  [
    '(a) If the term is kept, what is the payment? (b) Straight after the 20th payment, what is owed?',
    ['If the term is kept, what is the payment?', 'Straight after the 20th payment, what is owed?'],
  ],
  [
    'Calculate: 1. the payment; 2. the balance after 3 years; 3. the total interest.',
    ['The payment.', 'The balance after 3 years.', 'The total interest.'],
  ],
  [
    '(1) Payment; (2) balance after 3 years; (3) total interest.',
    ['Payment.', 'Balance after 3 years.', 'Total interest.'],
  ],
  ['Find (a) the payment and (b) what is owed after 20 payments.', ['The payment.', 'What is owed after 20 payments.']],
];

describe('the prompts of an exercise made of a text', () => {
  test.each(asked)('%s', (questions, prompts) => {
    expect(promptsOf(`${loan} ${questions}`).prompts).toEqual(prompts);
  });

  test('a part that does not say which payment is meant says it in our words, and its sentence stays', () => {
    const { prompts, story } = promptsOf(`${loan} Find the interest and the principal in the 12th payment.`);
    expect(prompts[0]).toBe('How much interest is paid with payment 12?');
    expect(story).toContain('in the 12th payment');
  });

  test('what a question supposes stands in its part, and no longer in the story; a bare one stays there', () => {
    const { prompts, story } = promptsOf(
      `${loan} Find the payment. (b) How much could be borrowed with £200 a month? (c) What would the payment be over 7 years? And over 8?`,
    );
    expect(prompts).toEqual([
      'Find the payment.',
      'How much could be borrowed with £{payment} a month?',
      'What would the payment be over {years 2} years?',
      'Find the monthly payment (fourth).',
    ]);
    expect(story.trim().endsWith('And over 8?')).toBe(true);
  });

  test('a change with both ways to go on is asked as it is told', () => {
    const { prompts } = promptsOf(
      `${loan} After 2 years the rate rises to 7.2% compounded monthly. If the end date stays, what is the new payment? If the payment stays instead, how many payments remain?`,
    );
    expect(prompts.slice(-2)).toEqual([
      'If the end date stays, what is the new payment?',
      'If the payment stays instead, how many payments remain?',
    ]);
  });
});
