/** How answers may be written. */

import type { AnswerFormat } from '@hardy-sextant/core';
import { say } from '../../words/say.ts';

export const formats: readonly { readonly id: string; readonly words: string; readonly format: AnswerFormat }[] = [
  { id: 'money-2', words: say('money to the cent'), format: { kind: 'money', decimals: 2 } },
  { id: 'money-0', words: say('money in whole units'), format: { kind: 'money', decimals: 0 } },
  { id: 'percent-1', words: say('percent, one decimal'), format: { kind: 'percent', decimals: 1 } },
  { id: 'percent-2', words: say('percent, two decimals'), format: { kind: 'percent', decimals: 2 } },
  { id: 'percent-3', words: say('percent, three decimals'), format: { kind: 'percent', decimals: 3 } },
  { id: 'percent-4', words: say('percent, four decimals'), format: { kind: 'percent', decimals: 4 } },
  { id: 'count-up', words: say('a whole count, rounded up'), format: { kind: 'count', decimals: 0, up: true } },
  {
    id: 'count-down',
    words: say('a whole count, only full ones'),
    format: { kind: 'count', decimals: 0, down: true },
  },
  { id: 'count-0', words: say('a whole count'), format: { kind: 'count', decimals: 0 } },
  { id: 'count-2', words: say('a count with two decimals'), format: { kind: 'count', decimals: 2 } },
  { id: 'number-4', words: say('a number, four decimals'), format: { kind: 'number', decimals: 4 } },
  { id: 'number-6', words: say('a number, six decimals'), format: { kind: 'number', decimals: 6 } },
  { id: 'number-8', words: say('a number, eight decimals'), format: { kind: 'number', decimals: 8 } },
  { id: 'years-months', words: say('years and months'), format: { kind: 'years-months', decimals: 0, up: true } },
];
