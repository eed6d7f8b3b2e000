/** Slips of the rounding family. */

import { isToOneSide } from '../../exercise/format.ts';
import { roundTo } from '../../money/roundMoney.ts';
import { brief, defineSlip, type Asked, type Slip } from '../slip.ts';

export const roundingSlips: readonly Slip[] = [
  defineSlip({
    id: 'rounded-to-unit',
    family: 'rounding',
    title: 'Rounded to whole units',
    advice: 'The number was rounded to whole units; more places were asked for.',
    weight: 6.5,
    applies: ({ format, exact }) => format.kind !== 'years-months' && format.decimals > 0 && Math.abs(exact) > 0.5,
    wrongAnswer: (right, { exact, expected, format }) => {
      const places = [0, 1].filter((each) => each < format.decimals);
      return places.map((each) => ({
        result: roundTo(right === expected ? exact : right, each),
        did: `The number was rounded to ${each === 0 ? 'whole units' : 'one place'}; ${format.decimals} were asked for.`,
      }));
    },
  }),
  defineSlip({
    id: 'cut-not-rounded',
    family: 'rounding',
    title: 'Cut off instead of rounded',
    advice: 'The digits after the last place were cut off; the number is rounded.',
    weight: 8,
    applies: ({ format }) => format.kind !== 'years-months' && !isToOneSide(format),
    wrongMethod: (_inputs, asked) => {
      const scale = 10 ** asked.format.decimals;
      const source = exactBeforeRounding(asked);
      return [
        {
          result: Math.trunc(source * scale) / scale,
          did: `${brief(asked, source, 6)} was cut off after ${asked.format.decimals} places instead of rounded.`,
        },
      ];
    },
  }),
];

/** A payment that the plan rounds is cut from its unrounded value. */
function exactBeforeRounding(asked: Asked): number {
  if (asked.question.ask.quantity !== 'payment' || !asked.kind.compounds) return asked.exact;
  return asked.question.solved.exact;
}
