/** An exercise from nothing. */

import { emptyDraft, plainStory, type Exercise } from '@hardy-sextant/core';

export function blankExercise(): Exercise {
  return {
    title: '',
    story: plainStory(''),
    givens: [],
    plans: [{ id: 'plan', draft: emptyDraft() }],
    parts: [
      {
        id: 'a',
        prompt: '',
        marks: 1,
        ask: { quantity: 'payment', plan: 'plan' },
        format: { kind: 'money', decimals: 2 },
      },
    ],
  };
}
