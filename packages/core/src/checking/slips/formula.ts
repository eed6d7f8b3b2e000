/** Slips of the formula family: what a line gives when brackets or a sign are missing. */

import { growthLessOne } from '../../annuity/fiveValues.ts';
import { brief, defineSlip, type Asked, type Slip, type WrongResult } from '../slip.ts';
import { isSaving } from '../../case/kinds.ts';

/** Questions whose formula has a power in it, typed as one line. */
const typed = (asked: Asked): boolean => {
  const { kind, question, inputs } = asked;
  return (
    kind.level &&
    kind.pays &&
    question.solved.plan.changes.length === 0 &&
    question.solved.values.i !== 0 &&
    ['payment', 'amount', 'final-amount'].includes(question.ask.quantity) &&
    inputs.n > 1
  );
};

/**
 * The three formulas with their pieces in one's hands: `power(sign)` is (1+i)^(±n), `over` divides a top by a bottom of
 * two pieces.
 */
function line(
  asked: Asked,
  power: (sign: 1 | -1) => number,
  over: (top: number, first: number, second: number, i: number) => number = (top, first, second, i) =>
    top / ((first - second) / i),
): number[] {
  const { kind, question, inputs } = asked;
  const { amount, finalAmount, payment = 0, i, timing } = inputs;
  const due = timing === 'begin' ? 1 + i : 1;
  const saving = isSaving(kind);
  switch (question.ask.quantity) {
    case 'payment':
      return saving
        ? [over(finalAmount - amount * power(1), power(1), 1, i) / due]
        : [over(amount - finalAmount * power(-1), 1, power(-1), i) / due];
    case 'amount':
      return saving
        ? [finalAmount * power(-1) - (payment * due * (1 - power(-1))) / i]
        : [(payment * due * (1 - power(-1))) / i + finalAmount * power(-1)];
    default:
      return [amount * power(1) + ((saving ? 1 : -1) * payment * due * (power(1) - 1)) / i];
  }
}

const results = (values: readonly number[], did: string): WrongResult[] =>
  values.filter(Number.isFinite).map((result) => ({ result, did }));

export const formulaSlips: readonly Slip[] = [
  defineSlip({
    id: 'exponent-not-grouped',
    family: 'formula',
    title: 'Exponent without brackets',
    advice: 'The whole exponent needs brackets: otherwise only its first factor is raised to.',
    weight: 5,
    applies: (asked) => typed(asked) && asked.inputs.p > 1,
    wrongMethod: ({ n, i, p }, asked) => {
      const years = n / p;
      return [
        ...results(
          line(asked, (sign) => (1 + growthLessOne(i, sign * years)) * p),
          `The exponent ${brief(asked, years, 2)} × ${p} was typed without brackets: only ${brief(asked, years, 2)} was the exponent, and the power was multiplied by ${p}.`,
        ),
        ...results(
          line(asked, (sign) => (1 + growthLessOne(i, sign * p)) * years),
          `The exponent ${p} × ${brief(asked, years, 2)} was typed without brackets: only ${p} was the exponent, and the power was multiplied by ${brief(asked, years, 2)}.`,
        ),
      ];
    },
  }),
  defineSlip({
    id: 'exponent-sign-missing',
    family: 'formula',
    title: 'Minus of the exponent missing',
    advice: 'Discounting has a negative exponent; its minus is missing.',
    weight: 6,
    applies: (asked) =>
      typed(asked) &&
      (asked.question.ask.quantity === 'amount' ||
        (asked.question.ask.quantity === 'payment' && !isSaving(asked.kind))),
    wrongMethod: ({ n, i }, asked) =>
      results(
        line(asked, () => 1 + growthLessOne(i, n)),
        `(1 + i) was raised to ${brief(asked, n, 2)} instead of −${brief(asked, n, 2)}.`,
      ),
  }),
  defineSlip({
    id: 'denominator-not-grouped',
    family: 'formula',
    title: 'Bottom of the fraction without brackets',
    advice: 'All of the bottom of a fraction needs brackets: otherwise only its first piece divides.',
    weight: 6,
    applies: (asked) => typed(asked) && asked.question.ask.quantity === 'payment',
    wrongMethod: ({ n, i }, asked) => [
      ...results(
        line(
          asked,
          (sign) => 1 + growthLessOne(i, sign * n),
          (top, first, second, rate) => (top * rate) / first - second,
        ),
        'The bottom of the fraction was typed without brackets: only its first piece divided, and the rest was taken off.',
      ),
      ...results(
        line(
          asked,
          (sign) => 1 + growthLessOne(i, sign * n),
          (top, first, second, rate) => top / (first - second) / rate,
        ),
        'The fraction in the bottom was typed without brackets: the rate divided instead of multiplying.',
      ),
    ],
  }),
  defineSlip({
    id: 'rate-not-grouped',
    family: 'formula',
    title: 'Rate without brackets',
    advice: '1 plus the rate is one group: it needs brackets before it is raised to a power.',
    weight: 5,
    applies: typed,
    wrongMethod: ({ n, i, quoted, p }, asked) => [
      ...results(
        line(asked, (sign) => 1 + i ** (sign * n)),
        '1 plus the rate was typed without brackets: only the rate was raised to the power.',
      ),
      ...(p > 1
        ? results(
            line(asked, (sign) => ((1 + quoted) / p) ** (sign * n)),
            `1 + ${brief(asked, quoted, 6)}/${p} was typed as (1 + ${brief(asked, quoted, 6)})/${p}.`,
          )
        : []),
    ],
  }),
  defineSlip({
    id: 'growth-not-less-one',
    family: 'formula',
    title: 'Growth factor not less one',
    advice: 'A row of deposits grows to (1+i)^n less 1, divided by i: the 1 was not taken off.',
    weight: 6,
    applies: (asked) => typed(asked) && isSaving(asked.kind) && asked.question.ask.quantity !== 'amount',
    wrongMethod: ({ amount, finalAmount, payment = 0, n, i, timing }, asked) => {
      const power = 1 + growthLessOne(i, n);
      const due = timing === 'begin' ? 1 + i : 1;
      const result =
        asked.question.ask.quantity === 'payment'
          ? ((finalAmount - amount * power) * i) / power / due
          : amount * power + (payment * due * power) / i;
      return results([result], '(1 + i) to the power was divided by the rate without taking off the 1.');
    },
  }),
];
