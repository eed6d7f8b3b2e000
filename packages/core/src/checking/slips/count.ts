/** Slips of the count family. */

import { roundTo } from '../../money/roundMoney.ts';
import { NEAR_WHOLE } from '../../annuity/sayCount.ts';
import { isSaving } from '../../case/kinds.ts';
import { frequencyOf } from '../../case/frequency.ts';
import { compute } from '../../case/compute.ts';
import { changed, payments } from '../../case/inputs.ts';
import type { Quantity } from '../../case/quantity.ts';
import { brief, defineSlip, money, resultsFrom, type Asked, type Slip } from '../slip.ts';
import { asksBalance } from './conditions.ts';

const usesCount = ({ kind, question: { solved, ask } }: Asked): boolean =>
  kind.hasTable &&
  solved.unknown !== 'payments' &&
  ![
    'amount-financed',
    'down-payment',
    'rate-per-payment',
    'nominal',
    'effective',
    'converted',
    'payments',
    'years',
  ].includes(ask.quantity);

const ofThePayments: readonly Quantity[] = [
  'balance-after',
  'balance-right-after',
  'interest-in',
  'principal-in',
  'interest-portion',
  'principal-portion',
  'paid-in',
  'term',
];

/** A balance or another reading of a payment that the case states does not use the count. */
const countMatters = (asked: Asked): boolean =>
  usesCount(asked) && !(asked.inputs.payment !== undefined && ofThePayments.includes(asked.question.ask.quantity));

const isCountedUp = ({ format }: Asked): boolean =>
  format.kind !== 'money' && format.kind !== 'percent' && format.up === true;

const isWhole = (count: number): boolean => Math.abs(count - roundTo(count, 0)) <= 1e-6;

/** What is counted, with its fraction: payments, or months. */
function counted({ question: { solved, ask }, format, exact, inputs }: Asked): number {
  const inPayments = format.kind === 'count';
  if (solved.unknown !== 'payments' || !['payments', 'years'].includes(ask.quantity))
    return inPayments ? exact : exact * 12;
  return inPayments ? solved.exact : (solved.exact / inputs.p) * 12;
}

export const countSlips: readonly Slip[] = [
  defineSlip({
    id: 'years-for-payments',
    family: 'count',
    title: 'Years entered for payments',
    advice: 'The years were used where the number of payments belongs.',
    weight: 9,
    applies: (asked) => countMatters(asked) && asked.inputs.p > 1,
    wrongInputs: (inputs, asked) => [
      {
        inputs: changed(inputs, { n: inputs.n / inputs.p }),
        did: `The ${brief(asked, inputs.n / inputs.p, 2)} years were entered as the number of payments, which is ${brief(asked, inputs.n, 2)}.`,
      },
    ],
  }),
  defineSlip({
    id: 'wrong-payments-per-year',
    family: 'count',
    title: 'Wrong number of payments a year',
    advice: 'The number of payments was counted for another frequency.',
    weight: 6,
    applies: countMatters,
    wrongInputs: (inputs, asked) =>
      [12, 4, 2, 52, 26, 24]
        .filter((count) => count !== inputs.p)
        .map((count) => ({
          inputs: changed(inputs, { n: (inputs.n / inputs.p) * count }),
          did: `${brief(asked, inputs.n / inputs.p, 2)} years were counted as ${brief(asked, (inputs.n / inputs.p) * count, 2)} payments, ${count} a year; there are ${inputs.p}.`,
        })),
  }),
  defineSlip({
    id: 'count-off-by-one',
    family: 'count',
    title: 'One payment too many or too few',
    advice: 'The number of payments is off by one.',
    weight: 5,
    applies: (asked) => countMatters(asked) || asked.question.ask.quantity === 'payments',
    wrongMethod: (inputs, asked) => {
      if (asked.question.ask.quantity === 'payments') {
        const whole = Math.ceil(asked.exact - NEAR_WHOLE);
        return [whole + 1, whole - 1, whole - 2]
          .filter((each) => each !== Math.floor(asked.exact + NEAR_WHOLE) || each === whole + 1)
          .map((result) => ({ result, did: `The count comes to ${brief(asked, whole)}; this is one off.` }));
      }
      return [1, -1].flatMap((by) =>
        inputs.n + by >= 1
          ? resultsFrom(
              {
                inputs: changed(inputs, { n: inputs.n + by }),
                did: `${brief(asked, inputs.n + by, 2)} payments were counted instead of ${brief(asked, inputs.n, 2)}.`,
              },
              asked,
            )
          : [],
      );
    },
  }),
  defineSlip({
    id: 'elapsed-for-remaining',
    family: 'count',
    title: 'Payments made for payments left',
    advice: 'The payments already made were used where those still to come belong.',
    weight: 7,
    applies: ({ kind, question: { ask, solved } }) =>
      ['balance-after', 'left-to-pay'].includes(ask.quantity) && !isSaving(kind) && solved.plan.changes.length === 0,
    wrongMethod: (inputs, asked) =>
      payments(asked.question, inputs).flatMap((payment) => {
        const { after, n } = inputs;
        if (asked.question.ask.quantity === 'left-to-pay')
          return [
            {
              result: after * payment,
              did: `${brief(asked, after)} payments of ${money(asked, payment)} are those already made; ${brief(asked, n - after)} are left.`,
            },
          ];
        // What the first k payments are worth at the start, taken for the worth of those that remain.
        const back = Math.exp(-after * Math.log1p(inputs.i));
        const worth =
          inputs.i === 0
            ? after * payment
            : (payment * (1 - back) * (inputs.timing === 'begin' ? 1 + inputs.i : 1)) / inputs.i;
        return [
          {
            result: worth + inputs.finalAmount * back,
            did: `The worth of ${brief(asked, after)} payments was taken; ${brief(asked, n - after)} are still to come.`,
          },
        ];
      }),
  }),
  defineSlip({
    id: 'remaining-for-elapsed',
    family: 'count',
    title: 'Payments left for payments made',
    advice: 'The payments still to come were used where those already made belong.',
    weight: 6,
    applies: (asked) => asksBalance(asked) && asked.question.solved.plan.changes.length === 0,
    wrongMethod: (inputs, asked) =>
      compute(asked.question, changed(inputs, { after: inputs.n - inputs.after })).map((result) => ({
        result,
        did: `The balance was run through ${brief(asked, inputs.n - inputs.after)} payments, which are those left; ${brief(asked, inputs.after)} have been made.`,
      })),
  }),
  defineSlip({
    id: 'count-rounded-down',
    family: 'count',
    title: 'Count rounded down',
    advice: 'A part of a payment still has to be paid: the count goes up.',
    weight: 9,
    applies: (asked) => isCountedUp(asked) && !isWhole(counted(asked)),
    wrongMethod: (_inputs, asked) => {
      const count = counted(asked);
      const inPayments = asked.format.kind === 'count';
      return [
        {
          result: Math.floor(count) / (inPayments ? 1 : 12),
          did: `${brief(asked, count)} ${inPayments ? 'payments were rounded down; the last, smaller one is a payment too' : 'months were rounded down; a part of a month counts as a whole one'}.`,
        },
      ];
    },
  }),
  defineSlip({
    id: 'smaller-counted-as-full',
    family: 'count',
    title: 'Smaller last payment counted as a full one',
    advice: 'Only the full payments count: the last one is smaller.',
    weight: 9,
    applies: (asked) => asked.format.kind === 'count' && asked.format.down === true && !isWhole(counted(asked)),
    wrongMethod: (_inputs, asked) => [
      {
        result: Math.ceil(counted(asked)),
        did: `${brief(asked, counted(asked))} payments were rounded up; the last of them is no full one.`,
      },
    ],
  }),
  defineSlip({
    id: 'gave-years',
    family: 'count',
    title: 'Years given for payments',
    advice: 'The time in years was found; the question asks for the number of payments.',
    weight: 9,
    applies: (asked) => asked.question.ask.quantity === 'payments' && asked.inputs.p > 1,
    wrongMethod: (inputs, asked) =>
      [...new Set([asked.exact, asked.expected])].map((n) => ({
        result: n / inputs.p,
        did: `${brief(asked, n)} ${frequencyOf(inputs.p).adverb} payments are ${brief(asked, n / inputs.p)} years.`,
      })),
  }),
  defineSlip({
    id: 'gave-payments',
    family: 'count',
    title: 'Payments given for years',
    advice: 'The number of payments was found; the question asks for the time in years.',
    weight: 9,
    applies: (asked) => ['years', 'time-saved'].includes(asked.question.ask.quantity) && asked.inputs.p > 1,
    wrongMethod: (inputs, asked) =>
      [asked.exact * inputs.p, Math.ceil(asked.exact * inputs.p - NEAR_WHOLE)].map((result) => ({
        result,
        did: `${brief(asked, result)} payments, ${inputs.p} a year, are ${brief(asked, result / inputs.p)} years.`,
      })),
  }),
  defineSlip({
    id: 'decimal-years-as-months',
    family: 'count',
    title: 'Decimals of a year read as months',
    advice: 'A year has 12 months: 0.5 of a year is 6 months, not 5.',
    weight: 7,
    applies: ({ unit, format }) => unit === 'years' && format.kind === 'years-months',
    wrongMethod: (_inputs, asked) => {
      const years = Math.floor(asked.exact);
      const rest = asked.exact - years;
      const months = [roundTo(rest * 10, 0), Math.floor(rest * 10), roundTo(rest * 100, 0)];
      return [...new Set(months)]
        .filter((count) => count > 0)
        .map((count) => ({
          result: years + count / 12,
          did: `${brief(asked, asked.exact)} years were read as ${years} years and ${count} months.`,
        }));
    },
  }),
  defineSlip({
    id: 'amount-over-payment',
    family: 'count',
    title: 'Amount divided by the payment',
    advice: 'The amount was shared out over the payments; interest was left out.',
    weight: 8,
    applies: (asked) =>
      ['payments', 'years'].includes(asked.question.ask.quantity) &&
      asked.kind.level &&
      (asked.inputs.payment ?? 0) > 0 &&
      asked.question.solved.values.i !== 0,
    wrongMethod: ({ amount, finalAmount, payment = 0, p }, asked) => {
      const whole = Math.abs(amount - finalAmount);
      const count = whole / payment;
      return [
        {
          result: asked.question.ask.quantity === 'years' ? count / p : count,
          did: `${money(asked, whole)} ÷ ${money(asked, payment)} = ${brief(asked, count)}: interest was left out.`,
        },
      ];
    },
  }),
];
