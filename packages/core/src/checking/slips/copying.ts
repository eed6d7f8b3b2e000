/** Slips of the copying family: the right number, or a given, written down wrongly. */

import { nth } from '../../nth.ts';
import { roundTo } from '../../money/roundMoney.ts';
import { ratePerPayment, withQuotedNumber } from '../../rates/quotedRate.ts';
import { changed } from '../../case/inputs.ts';
import type { Inputs } from '../../case/quantity.ts';
import { brief, defineSlip, percent, type Answered, type Slip, type WrongInputs, type WrongResult } from '../slip.ts';

const decimalsOf = ({ format }: Answered): number => (format.kind === 'years-months' ? 2 : format.decimals);
const applies = ({ expected, format }: Answered): boolean => format.kind !== 'years-months' && expected !== 0;

/** Every number that comes from the digits of a written one. */
function rewritten(value: number, decimals: number, rewrite: (digits: string) => readonly string[]): number[] {
  const digits = roundTo(Math.abs(value), decimals).toFixed(decimals);
  const found = new Set<number>();
  for (const text of rewrite(digits)) {
    const number = Number(text);
    if (text !== '' && text !== '.' && Number.isFinite(number) && number !== Math.abs(value))
      found.add(Math.sign(value) * number);
  }
  return [...found];
}

/** Neighbouring digits, the decimal mark between two of them passed over. */
function swapped(digits: string): string[] {
  const found: string[] = [];
  for (let at = 0; at + 1 < digits.length; at += 1) {
    const next = digits[at + 1] === '.' ? at + 2 : at + 1;
    const [a, b] = [nth(digits, at), digits[next]];
    if (a === '.' || b === undefined || a === b) continue;
    found.push(`${digits.slice(0, at)}${b}${digits.slice(at + 1, next)}${a}${digits.slice(next + 1)}`);
  }
  return found;
}

const each = (digits: string, rewrite: (at: number) => string): string[] =>
  [...digits].flatMap((digit, at) => (digit === '.' ? [] : [rewrite(at)]));
/** Without its last decimal a number is written coarser, which is no slip of the pen. */
const lost = (digits: string): string[] =>
  each(digits.slice(0, digits.includes('.') ? -1 : undefined), (at) => digits.slice(0, at) + digits.slice(at + 1));
const doubled = (digits: string): string[] => each(digits, (at) => digits.slice(0, at + 1) + digits.slice(at));

function written(
  right: number,
  answered: Answered,
  rewrite: (digits: string) => readonly string[],
  did: (right: string) => string,
): WrongResult[] {
  return rewritten(right, decimalsOf(answered), rewrite).map((result) => ({
    result,
    did: did(brief(answered, right, 6)),
  }));
}

export const copyingSlips: readonly Slip[] = [
  defineSlip({
    id: 'digits-swapped',
    family: 'copying',
    title: 'Two digits swapped',
    advice: 'Two neighbouring digits of the right number have changed places.',
    weight: 3,
    applies,
    wrongAnswer: (right, answered) =>
      written(right, answered, swapped, (number) => `Two neighbouring digits of ${number} have changed places.`),
  }),
  defineSlip({
    id: 'digit-lost',
    family: 'copying',
    title: 'A digit lost',
    advice: 'A digit of the right number is missing.',
    weight: 2.5,
    applies: (answered) => applies(answered) && Math.abs(answered.expected) >= 100,
    wrongAnswer: (right, answered) => written(right, answered, lost, (number) => `A digit of ${number} is missing.`),
  }),
  defineSlip({
    id: 'digit-doubled',
    family: 'copying',
    title: 'A digit doubled',
    advice: 'A digit of the right number is there twice.',
    weight: 2.5,
    applies: (answered) => applies(answered) && Math.abs(answered.expected) >= 10,
    wrongAnswer: (right, answered) =>
      written(right, answered, doubled, (number) => `A digit of ${number} is there twice.`),
  }),
  defineSlip({
    id: 'decimal-point-moved',
    family: 'copying',
    title: 'Decimal point moved',
    advice: 'The decimal point of the right number has moved.',
    weight: 3,
    applies,
    wrongAnswer: (right, answered) =>
      [10, 100, 1000, 0.1, 0.01, 0.001].map((factor) => ({
        result: right * factor,
        did: `The decimal point of ${brief(answered, right, 6)} has moved.`,
      })),
  }),
  defineSlip({
    id: 'given-digits-swapped',
    family: 'copying',
    title: 'Digits of a given swapped',
    advice: 'Two digits of a number in the question have changed places before it was used.',
    weight: 3.5,
    applies: ({ kind }) => kind.hasTable,
    wrongInputs: (inputs, asked) => {
      const found: WrongInputs[] = [];
      const { unknown } = asked.question.solved;
      const give = (
        values: readonly number[],
        change: (value: number) => Partial<Inputs>,
        was: string,
        say: (value: number) => string,
      ): void => {
        for (const value of values)
          if (value > 0)
            found.push({ inputs: changed(inputs, change(value)), did: `${was} was copied as ${say(value)}.` });
      };
      const amountDecimals = Number.isInteger(inputs.amount) ? 0 : 2;
      if (unknown !== 'amount')
        give(
          rewritten(inputs.amount, amountDecimals, swapped),
          (amount) => ({ amount }),
          brief(asked, inputs.amount, 2),
          (value) => brief(asked, value, 2),
        );
      if (unknown !== 'rate' && asked.kind.compounds)
        give(
          rewritten(inputs.quoted * 100, decimalsNeeded(inputs.quoted * 100), swapped).map((value) => value / 100),
          (quoted) => {
            const i = ratePerPayment(withQuotedNumber(asked.question.solved.rate, quoted), inputs.p);
            return { quoted, i: i.ok ? i.value : inputs.i };
          },
          percent(asked, inputs.quoted),
          (value) => percent(asked, value),
        );
      if (unknown !== 'payments')
        give(
          rewritten(inputs.n, 0, swapped),
          (n) => ({ n }),
          brief(asked, inputs.n),
          (value) => brief(asked, value),
        );
      if (inputs.payment !== undefined && inputs.payment !== 0)
        give(
          rewritten(inputs.payment, Number.isInteger(inputs.payment) ? 0 : 2, swapped),
          (payment) => ({ payment }),
          brief(asked, inputs.payment, 2),
          (value) => brief(asked, value, 2),
        );
      return found;
    },
  }),
];

function decimalsNeeded(value: number): number {
  for (let decimals = 1; decimals < 6; decimals += 1)
    if (Math.abs(value * 10 ** decimals - roundTo(value * 10 ** decimals, 0)) < 1e-7) return decimals;
  return 6;
}
