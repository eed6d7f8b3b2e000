/** Slips of the sign family. */

import { changed } from '../../case/inputs.ts';
import { defineSlip, money, type Slip } from '../slip.ts';
import { isSaving } from '../../case/kinds.ts';

export const signSlips: readonly Slip[] = [
  defineSlip({
    id: 'answer-sign',
    family: 'sign',
    title: 'Right number, other sign',
    advice:
      'The number is right. The words of the question already say which way the money goes, so it needs no minus.',
    weight: 11,
    applies: ({ unit, expected }) => unit === 'money' && expected !== 0,
    wrongAnswer: (result, answered) => [
      {
        result: -result,
        did: `The number is right and its sign is not: the words of the question already say which way the money goes (${money(answered, result)}).`,
      },
    ],
  }),
  defineSlip({
    id: 'pv-pmt-same-sign',
    family: 'sign',
    title: 'Amount and payment with the same sign',
    advice: 'The amount comes in and the payment goes out: they need opposite signs.',
    weight: 7,
    applies: ({ kind, question: { ask, solved }, inputs }) =>
      inputs.amount !== 0 &&
      kind.level &&
      kind.pays &&
      !isSaving(kind) &&
      solved.plan.changes.length === 0 &&
      ['payments', 'years', 'final-amount', 'balance-after', 'balance-right-after', 'term'].includes(ask.quantity),
    wrongInputs: (inputs) => [
      {
        inputs: changed(inputs, { pmtSign: -1 }),
        did: 'The amount and the payment were entered with the same sign, as if both came in.',
      },
    ],
  }),
  defineSlip({
    id: 'deposit-sign',
    family: 'sign',
    title: 'Deposit with the wrong sign',
    advice: 'What is put in at the start and the deposits both go out of the saver’s pocket: they need the same sign.',
    weight: 7,
    applies: ({ kind, question: { ask, solved }, inputs }) =>
      inputs.amount !== 0 &&
      isSaving(kind) &&
      kind.pays &&
      solved.plan.changes.length === 0 &&
      ['payment', 'final-amount', 'payments', 'years', 'balance-after', 'balance-right-after', 'term', 'rate'].includes(
        ask.quantity,
      ),
    wrongInputs: (inputs, asked) => [
      {
        inputs: changed(inputs, { pvSign: -1 }),
        did: `The ${money(asked, inputs.amount)} at the start was entered with the other sign than the deposits, as if it had been received.`,
      },
    ],
  }),
];
