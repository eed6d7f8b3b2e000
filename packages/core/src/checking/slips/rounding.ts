/** Slips of the rounding family. */

import { roundCent, roundTo } from '../../money/roundMoney.ts';
import { compute } from '../../case/compute.ts';
import { changed, solveUnknown } from '../../case/inputs.ts';
import { brief, defineSlip, money, type Asked, type Slip } from '../slip.ts';

const totals = ({ kind, question: { ask, solved } }: Asked): boolean =>
  ['total-paid', 'total-interest', 'finance-charge', 'left-to-pay', 'paid-in', 'total-price'].includes(ask.quantity) &&
  kind.level &&
  solved.plan.changes.length === 0 &&
  solved.unknown === 'payment';

/** The total worked from one payment, every payment like it. */
const totalFrom = ({ inputs, question }: Asked, payment: number): number =>
  compute(question, changed(inputs, { payment }))[0] ?? NaN;

export const roundingSlips: readonly Slip[] = [
  defineSlip({
    id: 'rounded-payment-multiplied',
    family: 'rounding',
    title: 'Rounded payment multiplied',
    advice: 'The rounded payment was multiplied by the number of payments; the last payment differs by some cents.',
    weight: 7,
    applies: totals,
    wrongMethod: (inputs, asked) => {
      const exact = solveUnknown(asked.question, inputs, 'pmt');
      if (exact === undefined) return [];
      const rounded = roundCent(exact);
      return [
        {
          result: totalFrom(asked, rounded),
          did: `${money(asked, rounded)} was multiplied by the number of payments, the last one like the others.`,
        },
      ];
    },
  }),
  defineSlip({
    id: 'unrounded-payment-multiplied',
    family: 'rounding',
    title: 'Unrounded payment multiplied',
    advice: 'The payment was multiplied with all its digits; what is really paid is rounded to the cent.',
    weight: 6.8,
    applies: totals,
    wrongMethod: (inputs, asked) => {
      const exact = solveUnknown(asked.question, inputs, 'pmt');
      return exact === undefined
        ? []
        : [
            {
              result: totalFrom(asked, exact),
              did: `${brief(asked, exact, 6)} was multiplied unrounded; a payment is made in whole cents.`,
            },
          ];
    },
  }),
  defineSlip({
    id: 'rounded-to-unit',
    family: 'rounding',
    title: 'Rounded to whole units',
    advice: 'The number was rounded to whole units; more places were asked for.',
    weight: 6.5,
    applies: ({ format, exact }) => format.kind !== 'years-months' && format.decimals > 0 && Math.abs(exact) > 0.5,
    wrongMethod: (_inputs, asked) => {
      const places = [0, 1].filter((each) => each < asked.format.decimals);
      return places.map((each) => ({
        result: roundTo(asked.exact, each),
        did: `The number was rounded to ${each === 0 ? 'whole units' : 'one place'}; ${asked.format.decimals} were asked for.`,
      }));
    },
  }),
  defineSlip({
    id: 'cut-not-rounded',
    family: 'rounding',
    title: 'Cut off instead of rounded',
    advice: 'The digits after the last place were cut off; the number is rounded.',
    weight: 8,
    applies: ({ format }) => format.kind !== 'years-months' && format.up !== true,
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
