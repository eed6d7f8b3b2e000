/** The slips, one record each. docs/slips.md says how to add one. */

import { writeBrief, writeMoney, writeNumber, writePercent } from '../money/numberStyle.ts';
import { quoteRate, quotedNumber } from '../rates/quotedRate.ts';
import type { FiveValues, Unknown } from '../annuity/fiveValues.ts';
import { solveFor } from '../annuity/solveFor.ts';
import { frequencyOf } from '../case/frequency.ts';
import { quantities, type Quantity } from '../case/quantities.ts';
import { directions } from '../case/solved.ts';
import { defineSlip, type KeyedQuestion, type Slip, type WrongAnswer } from './slip.ts';

/** The quantities that are one of the five values. */
const fiveOf: Partial<Record<Quantity, Unknown>> = { payment: 'pmt', amount: 'pv', 'final-amount': 'fv', rate: 'i', payments: 'n' };

/** The question solved again with other values, in the answer's unit; undefined where that has no answer. */
function solvedWith(question: KeyedQuestion, change: Partial<FiveValues>): number | undefined {
  const { solved, draft } = question;
  const { quantity } = question.ask;
  const unknown = fiveOf[quantity];
  if (!unknown) return undefined;
  const found = solveFor(unknown, { ...solved.values, ...change });
  if (!found.ok) return undefined;
  if (quantity === 'payments') return found.value;
  if (quantity === 'rate') {
    const quoted = quoteRate(found.value, solved.rate, draft.paymentsPerYear);
    return quoted.ok ? quotedNumber(quoted.value) * 100 : undefined;
  }
  return found.value * directions[draft.kind][unknown as 'pv' | 'pmt' | 'fv'];
}

function one(result: number | undefined, says: (written: string) => string, question: KeyedQuestion): WrongAnswer[] {
  if (result === undefined || !Number.isFinite(result)) return [];
  return [{ result, says: says(written(result, question)) }];
}

function written(result: number, { ask: { quantity }, style, decimals }: KeyedQuestion): string {
  return quantities[quantity].unit === 'percent'
    ? `${writeNumber(result, Math.max(decimals, 2), style)}\u00a0%`
    : quantities[quantity].unit !== 'money'
      ? writeBrief(result, 0, 2, style)
      : writeMoney(result, style);
}

const inMoney = ({ ask }: KeyedQuestion): boolean => quantities[ask.quantity].unit === 'money';
const yearly = ({ draft, solved }: KeyedQuestion): boolean => draft.paymentsPerYear > 1 && solved.rate.kind !== 'periodic';
const payingOff = ({ draft }: KeyedQuestion): boolean => draft.kind === 'borrow' || draft.kind === 'lease';

export const slips: readonly Slip[] = [
  defineSlip({
    id: 'rate-left-annual',
    family: 'rate',
    title: 'Rate left annual',
    weight: 10,
    applies: (question) => question.ask.quantity !== 'rate' && yearly(question),
    wrongAnswers: (question) => {
      const annual = quotedNumber(question.solved.rate);
      const period = frequencyOf(question.draft.paymentsPerYear).period;
      return one(
        solvedWith(question, { i: annual }),
        (result) => `The rate for a year, ${writePercent(annual, question.style)}, was used as the rate for each ${period}. That gives ${result}.`,
        question,
      );
    },
  }),
  defineSlip({
    id: 'rate-percent-not-decimal',
    family: 'rate',
    title: 'Percent not made a decimal',
    weight: 6,
    applies: ({ ask: { quantity } }) => quantity !== 'rate',
    wrongAnswers: (question) => {
      const { i } = question.solved.values;
      return one(
        i * 100 < 10 ? solvedWith(question, { i: i * 100 }) : undefined,
        (result) =>
          `${writeBrief(i * 100, 2, 4, question.style)} % was put in as ${writeBrief(i * 100, 2, 4, question.style)} instead of ${writeBrief(i, 4, 6, question.style)}. That gives ${result}.`,
        question,
      );
    },
  }),
  defineSlip({
    id: 'years-for-payments',
    family: 'count',
    title: 'Years entered for payments',
    weight: 9,
    applies: ({ ask: { quantity }, draft }) => quantity !== 'payments' && draft.paymentsPerYear > 1,
    wrongAnswers: (question) => {
      const n = question.solved.values.n / question.draft.paymentsPerYear;
      const count = writeBrief(question.solved.values.n, 0, 2, question.style);
      return one(
        solvedWith(question, { n }),
        (result) => `The ${writeBrief(n, 0, 2, question.style)} years were entered as the number of payments, which is ${count}. That gives ${result}.`,
        question,
      );
    },
  }),
  defineSlip({
    id: 'beginning-for-end',
    family: 'timing',
    title: 'Payments at the beginning instead of the end',
    weight: 8,
    applies: ({ draft }) => draft.timing === 'end',
    wrongAnswers: (question) =>
      one(
        solvedWith(question, { timing: 'begin' }),
        (result) => `Payments were taken at the beginning of each ${frequencyOf(question.draft.paymentsPerYear).period} instead of at its end. That gives ${result}.`,
        question,
      ),
  }),
  defineSlip({
    id: 'answer-sign',
    family: 'sign',
    title: 'Right number, other sign',
    weight: 9,
    applies: inMoney,
    wrongAnswers: (question) =>
      one(
        -question.expected,
        (result) =>
          `The number is right and its sign is not: the words of the question already say which way the money goes, so ${result} is ${written(question.expected, question)}.`,
        question,
      ),
  }),
  defineSlip({
    id: 'simple-interest-payment',
    family: 'idea',
    title: 'Simple interest spread over the payments',
    weight: 7,
    applies: (question) => question.ask.quantity === 'payment' && payingOff(question) && question.solved.rate.kind !== 'periodic',
    wrongAnswers: (question) => {
      const { amount, payments } = question.solved.numbers;
      const annual = quotedNumber(question.solved.rate);
      const years = payments / question.draft.paymentsPerYear;
      const interest = amount * annual * years;
      return one(
        (amount + interest) / payments,
        (result) =>
          `Interest was taken on the whole amount for the whole time, ${writeMoney(amount, question.style)} × ${writePercent(annual, question.style)} × ${writeBrief(years, 0, 2, question.style)} years = ${writeMoney(interest, question.style)}, and spread over ${payments} payments. That gives ${result}.`,
        question,
      );
    },
  }),
  defineSlip({
    id: 'principal-over-count',
    family: 'idea',
    title: 'Amount divided by the count, no interest',
    weight: 6,
    applies: (question) => question.ask.quantity === 'payment' && question.solved.values.i !== 0,
    wrongAnswers: (question) => {
      const { amount, payments, finalAmount } = question.solved.numbers;
      const whole = question.draft.kind === 'save' ? finalAmount : amount;
      return one(whole / payments, (result) => `${writeMoney(whole, question.style)} was divided by ${payments}, leaving interest out. That gives ${result}.`, question);
    },
  }),
  defineSlip({
    id: 'digits-swapped',
    family: 'copying',
    title: 'Two digits swapped',
    weight: 3,
    applies: () => true,
    wrongAnswers: (question) =>
      swaps(question.expected, question.decimals).map((result) => ({
        result,
        says: `Two neighbouring digits of ${written(question.expected, question)} have changed places: ${written(result, question)}.`,
      })),
  }),
];

/** Every number that comes from a written one by swapping two different neighbouring digits. */
function swaps(value: number, decimals: number): number[] {
  const digits = Math.abs(value).toFixed(decimals);
  const found = new Set<number>();
  for (let at = 0; at + 1 < digits.length; at += 1) {
    // Across the decimal mark too: the digits before and after it are neighbours in the hand.
    const next = digits[at + 1] === '.' ? at + 2 : at + 1;
    const [a, b] = [digits[at]!, digits[next]];
    if (a === '.' || b === undefined || a === b) continue;
    const swapped = `${digits.slice(0, at)}${b}${digits.slice(at + 1, next)}${a}${digits.slice(next + 1)}`;
    found.add(Math.sign(value) * Number(swapped));
  }
  return [...found];
}

export function slipById(id: string): Slip | undefined {
  return slips.find((slip) => slip.id === id);
}
