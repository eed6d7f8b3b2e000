/** Slips of the device family: what a tool still holds from before, and settings nobody looked at. */

import { growthLessOne } from '../../annuity/fiveValues.ts';
import { changed } from '../../case/inputs.ts';
import type { Inputs } from '../../case/quantity.ts';
import { brief, defineSlip, money, percent, type Asked, type Slip, type WrongInputs } from '../slip.ts';

const onFiveValues = ({ kind, question: { ask, solved } }: Asked): boolean =>
  kind.level &&
  solved.plan.changes.length === 0 &&
  ['payment', 'amount', 'final-amount', 'payments', 'years', 'rate', 'balance-after', 'balance-right-after'].includes(
    ask.quantity,
  );
const quotedYearly = ({ question: { solved } }: Asked): boolean =>
  solved.rate.kind === 'nominal' && solved.rate.compoundingsPerYear !== 'continuous' && solved.unknown !== 'rate';

export const deviceSlips: readonly Slip[] = [
  defineSlip({
    id: 'value-left-over',
    family: 'device',
    title: 'A value left over from before',
    advice: 'The tool still held a value of the last problem. Clear it, or enter all five.',
    weight: 5,
    applies: (asked) => onFiveValues(asked) && asked.before.length > 0,
    wrongInputs: (inputs, asked) => {
      const found: WrongInputs[] = [];
      const add = (change: Partial<Inputs>, what: string, value: number): void => {
        found.push({
          inputs: changed(inputs, change),
          did: `${what}, ${money(asked, value)}, was still stored from an earlier problem.`,
        });
      };
      for (const { solved, statement } of asked.before) {
        const { numbers, table } = solved;
        const payment = table.firstPayment;
        const fv = solved.unknown === 'finalAmount' ? solved.shown : numbers.finalAmount;
        if (inputs.finalAmount === 0 && fv !== 0 && asked.question.solved.unknown !== 'finalAmount')
          add({ finalAmount: fv }, 'The amount at the end', fv);
        if (inputs.payment === 0 && payment !== 0) add({ payment }, 'The payment', payment);
        if (inputs.amount === 0 && numbers.amount !== 0 && asked.question.solved.unknown !== 'amount')
          add(
            { amount: numbers.amount, pvSign: statement.kind === asked.question.statement.kind ? 1 : -1 },
            'The amount at the start',
            numbers.amount,
          );
        if (solved.values.timing !== inputs.timing)
          found.push({
            inputs: changed(inputs, { timing: solved.values.timing }),
            did: 'When payments fall was still set as in an earlier problem.',
          });
        if (asked.question.solved.unknown !== 'payments' && numbers.payments !== inputs.n)
          found.push({
            inputs: changed(inputs, { n: numbers.payments }),
            did: `${brief(asked, numbers.payments)} payments were still stored from an earlier problem.`,
          });
      }
      return found;
    },
  }),
  defineSlip({
    id: 'settings-left-at-one',
    family: 'device',
    title: 'Payments a year left at one',
    advice: 'The tool was set to one payment (or compounding) a year. Set both before you begin.',
    weight: 5,
    applies: (asked) => onFiveValues(asked) && quotedYearly(asked) && asked.inputs.p > 1,
    wrongInputs: (inputs, asked) => {
      const { rate } = asked.question.solved;
      const m = rate.kind === 'nominal' && rate.compoundingsPerYear !== 'continuous' ? rate.compoundingsPerYear : 1;
      return [
        {
          inputs: changed(inputs, { i: growthLessOne(inputs.quoted / m, m) }),
          did: `Payments a year were left at 1, so each payment had a whole year’s interest: ${percent(asked, growthLessOne(inputs.quoted / m, m))}.`,
        },
        {
          inputs: changed(inputs, { i: inputs.quoted }),
          did: `Payments and compoundings a year were left at 1: each payment had ${percent(asked, inputs.quoted)}.`,
        },
        {
          inputs: changed(inputs, { i: Math.expm1(Math.log1p(inputs.quoted) / inputs.p) }),
          did: 'Compoundings a year were left at 1.',
        },
      ];
    },
  }),
  defineSlip({
    id: 'settings-left-at-twelve',
    family: 'device',
    title: 'Payments a year left at twelve',
    advice: 'The tool was still set to twelve payments a year. Set it to this problem’s own.',
    weight: 6,
    applies: (asked) => onFiveValues(asked) && quotedYearly(asked) && asked.inputs.p !== 12,
    wrongInputs: (inputs, asked) => {
      const { rate } = asked.question.solved;
      const m = rate.kind === 'nominal' && rate.compoundingsPerYear !== 'continuous' ? rate.compoundingsPerYear : 12;
      return [
        {
          inputs: changed(inputs, { i: growthLessOne(inputs.quoted / m, m / 12) }),
          did: `Payments a year were left at 12: each payment had ${percent(asked, growthLessOne(inputs.quoted / m, m / 12))}.`,
        },
        {
          inputs: changed(inputs, { i: inputs.quoted / 12 }),
          did: `Payments and compoundings a year were left at 12: each payment had ${percent(asked, inputs.quoted / 12)}.`,
        },
        {
          inputs: changed(inputs, { i: growthLessOne(inputs.quoted / 12, 12 / inputs.p) }),
          did: 'Compoundings a year were left at 12.',
        },
      ];
    },
  }),
];
