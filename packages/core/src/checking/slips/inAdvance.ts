/** Slips of the idea family where payments come first: a balance at another moment than the one asked for. */

import { changed } from '../../case/inputs.ts';
import { defineSlip, money, type Slip } from '../slip.ts';
import { asks, hasInterest, other } from './conditions.ts';

export const inAdvanceSlips: readonly Slip[] = [
  defineSlip({
    id: 'period-interest-added',
    family: 'idea',
    title: 'The interest of the period already added',
    advice: 'Right after a payment that comes first, its period has brought no interest yet.',
    weight: 10,
    applies: (asked) => asks(asked, 'balance-right-after') && hasInterest(asked),
    wrongMethod: (inputs, asked) =>
      other(
        asked,
        'balance-after',
        (value) =>
          `${money(asked, value)} is the balance at the end of the period that payment ${inputs.after} begins, with its interest.`,
      ),
  }),
  defineSlip({
    id: 'payment-not-yet-made',
    family: 'idea',
    title: 'The balance just before the payment',
    advice: 'The balance is asked for after the payment: take the payment into account.',
    weight: 8,
    applies: (asked) => asks(asked, 'balance-right-after') && asked.inputs.after > 1,
    wrongMethod: (inputs, asked) => {
      const before = inputs.after - 1;
      const question = { ...asked.question, ask: { ...asked.question.ask, after: before } };
      return other(
        { ...asked, question, inputs: changed(inputs, { after: before }) },
        'balance-after',
        (value) => `${money(asked, value)} is the balance just before payment ${inputs.after}.`,
      );
    },
  }),
];
