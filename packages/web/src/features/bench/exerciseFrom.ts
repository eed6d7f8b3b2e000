/** An exercise made of a case: it carries everything over and asks what the statement asks. */

import {
  kindOf,
  plainStory,
  quantityOfSlot,
  usualFormat,
  type Exercise,
  type SlotName,
  type StatementDraft,
} from '@hardy-sextant/core';

const prompts: Readonly<Record<SlotName, string>> = {
  payment: 'Find each payment.',
  amount: 'Find the amount.',
  finalAmount: 'Find what is there at the end.',
  payments: 'Find the number of payments.',
  rate: 'Find the rate.',
  converted: 'Convert the rate.',
};

/** An exercise that asks what the statement asks; its story is left for the instructor to write. */
export function exerciseFrom(title: string, draft: StatementDraft): Exercise {
  const quantity =
    draft.unknown === 'converted' || !kindOf(draft).hasTable ? 'converted' : quantityOfSlot(draft.unknown);
  return {
    title,
    story: plainStory(''),
    plans: [{ id: 'plan', draft }],
    parts: [
      {
        id: 'a',
        prompt: prompts[draft.unknown],
        marks: 2,
        ask: { quantity, plan: 'plan' },
        format: usualFormat(quantity),
      },
    ],
  };
}
