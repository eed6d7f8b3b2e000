/** The demo's first exercise: the kiln shed loan of Kestrel Bay. */

import { emptyDraft, plainStory, type Exercise, type StatementDraft } from '@hardy-sextant/core';

export const kilnShedDraft: StatementDraft = {
  ...emptyDraft('borrow'),
  slots: { amount: '48,000', rate: '6.6', payments: '60', payment: '', finalAmount: '0', converted: '' },
};

export const kilnShedExercise: Exercise = {
  title: 'The kiln shed loan',
  topic: 'payment',
  level: 'first',
  story: plainStory(
    'The potters of Kestrel Bay build a shed for their new kiln. Their co-operative borrows 48,000.00 at 6.60 % a year, compounded monthly, and repays it over five years with equal payments at the end of each month.',
  ),
  plans: [{ id: 'plan', draft: kilnShedDraft }],
  parts: [
    {
      id: 'a',
      prompt: 'Find the monthly payment.',
      marks: 4,
      ask: { quantity: 'payment', plan: 'plan' },
      format: { kind: 'money', decimals: 2 },
    },
  ],
};
