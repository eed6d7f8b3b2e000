/** Slips of the timing family. */

import { frequencyOf } from '../../case/frequency.ts';
import { changed } from '../../case/inputs.ts';
import { defineSlip, type Asked, type Slip } from '../slip.ts';

const timingMatters = ({ kind, question: { ask, solved } }: Asked): boolean =>
  kind.level &&
  kind.pays &&
  solved.values.i !== 0 &&
  !['rate-per-payment', 'nominal', 'effective', 'amount-financed', 'down-payment', 'rate-with-charges'].includes(
    ask.quantity,
  );

export const timingSlips: readonly Slip[] = [
  defineSlip({
    id: 'beginning-for-end',
    family: 'timing',
    title: 'Payments at the beginning instead of the end',
    advice: 'Payments fall at the end of each period here; they were taken at its beginning.',
    weight: 8,
    applies: (asked) => asked.inputs.timing === 'end' && timingMatters(asked),
    wrongInputs: (inputs) => [
      {
        inputs: changed(inputs, { timing: 'begin' }),
        did: `Payments were taken at the beginning of each ${frequencyOf(inputs.p).period} instead of at its end.`,
      },
    ],
  }),
  defineSlip({
    id: 'end-for-beginning',
    family: 'timing',
    title: 'Payments at the end instead of the beginning',
    advice: 'Payments fall in advance here, at the beginning of each period; they were taken at its end.',
    weight: 9,
    applies: (asked) => asked.inputs.timing === 'begin' && timingMatters(asked),
    wrongInputs: (inputs) => [
      {
        inputs: changed(inputs, { timing: 'end' }),
        did: `Payments were taken at the end of each ${frequencyOf(inputs.p).period} instead of at its beginning.`,
      },
    ],
  }),
];
