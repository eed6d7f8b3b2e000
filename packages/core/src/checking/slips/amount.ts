/** Slips of the amount family: what is financed, and what is still owed at the end. */

import { readSlotText, type Scope } from '../../money/expression.ts';
import { roundCent } from '../../money/roundMoney.ts';
import { styleOf } from '../../statement/question.ts';
import { changed } from '../../case/inputs.ts';
import { isSaving } from '../../case/kinds.ts';
import type { Inputs } from '../../case/quantity.ts';
import { asks, asksBalance } from './conditions.ts';
import { defineSlip, money, type Asked, type Slip, type WrongInputs } from '../slip.ts';

const usesAmount = ({ kind, question: { ask, solved } }: Asked): boolean =>
  kind.hasTable &&
  solved.unknown !== 'amount' &&
  !['rate-per-payment', 'nominal', 'effective', 'down-payment'].includes(ask.quantity);

/** The amount as it would be with some names of its expression taken as nothing; where the case builds it up, from the build-up. */
function withoutNames({ question }: Asked, wanted: RegExp): number[] {
  const { draft, names } = question;
  if (draft.buildUp) return [];
  const text = draft.slots.amount;
  const used = Object.keys(names).filter((name) => wanted.test(name) && text.toLowerCase().includes(name));
  if (used.length === 0) return [];
  const scope: Scope = {
    ...names,
    ...Object.fromEntries(used.map((name) => [name, typeof names[name] === 'number' ? 0 : { percent: 0 }])),
  };
  const entry = readSlotText(text, scope, styleOf(question));
  return entry.ok ? [entry.value.value] : [];
}

function ignoring(
  field: 'downPayment' | 'tradeIn' | 'feesAdded',
  sign: 1 | -1,
  wanted: RegExp,
  did: (asked: Asked, amount: number) => string,
) {
  return (inputs: Inputs, asked: Asked): WrongInputs[] => {
    const amounts =
      inputs[field] !== 0 ? [roundCent(inputs.amount + sign * inputs[field])] : withoutNames(asked, wanted);
    // In a total price what was paid down may be added all the same.
    const stated = asked.question.ask.quantity === 'total-price' ? [0, inputs[field]] : [0];
    return amounts
      .filter((amount) => amount > 0 && amount !== inputs.amount)
      .flatMap((amount) =>
        stated.map((value) => ({ inputs: changed(inputs, { amount, [field]: value }), did: did(asked, amount) })),
      );
  };
}

export const amountSlips: readonly Slip[] = [
  defineSlip({
    id: 'down-payment-ignored',
    family: 'amount',
    title: 'Down payment not taken off',
    advice: 'What is paid down is not financed: take it off the price first.',
    weight: 9,
    applies: usesAmount,
    wrongInputs: ignoring(
      'downPayment',
      1,
      /down|deposit/,
      (asked, amount) =>
        `The down payment was not taken off: ${money(asked, amount)} was financed instead of ${money(asked, asked.inputs.amount)}.`,
    ),
  }),
  defineSlip({
    id: 'down-payment-financed',
    family: 'amount',
    title: 'Down payment financed instead of the rest',
    advice: 'The amount financed is what remains after the down payment, not the down payment itself.',
    weight: 6,
    applies: (asked) => usesAmount(asked) && asked.inputs.downPayment > 0,
    wrongInputs: (inputs, asked) => [
      {
        inputs: changed(inputs, { amount: inputs.downPayment }),
        did: `The down payment, ${money(asked, inputs.downPayment)}, was taken as the amount financed.`,
      },
    ],
  }),
  defineSlip({
    id: 'trade-in-ignored',
    family: 'amount',
    title: 'Trade-in not taken off',
    advice: 'What is traded in lowers the amount financed.',
    weight: 8,
    applies: usesAmount,
    wrongInputs: ignoring(
      'tradeIn',
      1,
      /trade/,
      (asked, amount) =>
        `The trade-in was not taken off: ${money(asked, amount)} was financed instead of ${money(asked, asked.inputs.amount)}.`,
    ),
  }),
  defineSlip({
    id: 'fees-ignored',
    family: 'amount',
    title: 'Fees left out',
    advice: 'Fees that are added are financed too; fees kept back lower what is received.',
    weight: 7,
    applies: usesAmount,
    wrongInputs: (inputs, asked) => [
      ...ignoring(
        'feesAdded',
        -1,
        /fee|cost/,
        (each, amount) =>
          `The fees were left out: ${money(each, amount)} was financed instead of ${money(each, each.inputs.amount)}.`,
      )(inputs, asked),
      ...(inputs.feesTaken > 0
        ? [
            {
              inputs: changed(inputs, { feesTaken: 0 }),
              did: `The fees of ${money(asked, inputs.feesTaken)} that are kept back were left out.`,
            },
          ]
        : []),
    ],
  }),
  defineSlip({
    id: 'final-amount-ignored',
    family: 'amount',
    title: 'Amount at the end left out',
    advice: 'Something is still owed (or wanted) at the end: it belongs into the computation.',
    weight: 8,
    applies: (asked) =>
      asked.inputs.finalAmount !== 0 &&
      asked.question.solved.unknown !== 'finalAmount' &&
      asked.kind.hasTable &&
      !['rate-per-payment', 'nominal', 'effective', 'amount-financed', 'down-payment'].includes(
        asked.question.ask.quantity,
      ),
    wrongInputs: (inputs, asked) => [
      {
        inputs: changed(inputs, { finalAmount: 0 }),
        did: `The ${money(asked, inputs.finalAmount)} at the end was left out.`,
      },
    ],
  }),
  defineSlip({
    id: 'final-amount-sign',
    family: 'amount',
    title: 'Amount at the end with the wrong sign',
    advice: 'What is owed at the end flows the same way as the payments: give it their sign.',
    weight: 6,
    applies: (asked) =>
      asked.inputs.finalAmount !== 0 &&
      asked.question.solved.unknown !== 'finalAmount' &&
      !['rate-per-payment', 'nominal', 'effective', 'amount-financed', 'down-payment'].includes(
        asked.question.ask.quantity,
      ) &&
      asked.kind.hasTable,
    wrongInputs: (inputs, asked) => [
      {
        inputs: changed(inputs, { fvSign: -1 }),
        did: `The ${money(asked, inputs.finalAmount)} at the end was entered with the other sign.`,
      },
    ],
  }),
  defineSlip({
    id: 'price-financed',
    family: 'amount',
    title: 'Neither down payment nor trade-in taken off',
    advice: 'What is paid down and what is traded in are not financed: take both off the price.',
    weight: 7,
    applies: (asked) => usesAmount(asked) && asked.inputs.downPayment > 0 && asked.inputs.tradeIn > 0,
    wrongInputs: (inputs, asked) => {
      const amount = roundCent(inputs.amount + inputs.downPayment + inputs.tradeIn);
      return [
        {
          inputs: changed(inputs, { amount, downPayment: 0, tradeIn: 0 }),
          did: `Neither the down payment nor the trade-in was taken off: ${money(asked, amount)} was financed.`,
        },
      ];
    },
  }),
  defineSlip({
    id: 'taken-off-added',
    family: 'amount',
    title: 'Added to the price instead of taken off',
    advice: 'A down payment or trade-in lowers what is financed; here it was added to the price.',
    weight: 6,
    applies: (asked) => usesAmount(asked) && asked.inputs.downPayment + asked.inputs.tradeIn > 0,
    wrongInputs: (inputs, asked) =>
      [inputs.downPayment, inputs.tradeIn]
        .filter((each) => each > 0)
        .map((each) => ({
          inputs: changed(inputs, { amount: roundCent(inputs.amount + 2 * each) }),
          did: `${money(asked, each)} was added to the price instead of taken off.`,
        })),
  }),
  defineSlip({
    id: 'fees-taken-off',
    family: 'amount',
    title: 'Fees taken off instead of added',
    advice: 'Fees that are financed raise the amount; here they lowered it.',
    weight: 6,
    applies: usesAmount,
    wrongInputs: (inputs, asked) => {
      const fees = inputs.feesAdded;
      const without = fees > 0 ? [inputs.amount - fees] : withoutNames(asked, /fee|cost/);
      return without
        .map((each) => roundCent(2 * each - inputs.amount))
        .filter((amount) => amount > 0 && amount < inputs.amount)
        .map((amount) => ({
          inputs: changed(inputs, { amount }),
          did: `The fees were taken off instead of added: ${money(asked, amount)} was financed.`,
        }));
    },
  }),
  defineSlip({
    id: 'final-amount-not-discounted',
    family: 'amount',
    title: 'Amount at the end taken off as it is',
    advice: 'What is owed at the end is worth less today: discount it before it is taken off.',
    weight: 7,
    applies: (asked) =>
      asked.kind.owes &&
      asked.kind.level &&
      asked.inputs.finalAmount > 0 &&
      asked.inputs.finalAmount < asked.inputs.amount &&
      asked.question.ask.quantity === 'payment' &&
      asked.question.solved.values.i !== 0,
    wrongInputs: (inputs, asked) => [
      {
        inputs: changed(inputs, { amount: inputs.amount - inputs.finalAmount, finalAmount: 0 }),
        did: `${money(asked, inputs.finalAmount)} at the end was taken off the amount as it is, not what it is worth today.`,
      },
    ],
  }),
  defineSlip({
    id: 'deposit-left-out-of-total',
    family: 'amount',
    title: 'What was paid down left out of the total',
    advice: 'The total price is everything that was given: what was paid down or traded in, and all payments.',
    weight: 9.5,
    applies: (asked) =>
      asked.question.ask.quantity === 'total-price' && asked.inputs.downPayment + asked.inputs.tradeIn > 0,
    wrongInputs: (inputs, asked) => {
      const { downPayment, tradeIn } = inputs;
      const left = [
        { downPayment: 0, tradeIn: 0 },
        ...(downPayment > 0 && tradeIn > 0
          ? [
              { downPayment: 0, tradeIn },
              { downPayment, tradeIn: 0 },
            ]
          : []),
      ];
      return left.map((each) => ({
        inputs: changed(inputs, each),
        did: `${money(asked, downPayment + tradeIn - each.downPayment - each.tradeIn)} paid down or traded in was left out of the total.`,
      }));
    },
  }),
  defineSlip({
    id: 'start-left-out',
    family: 'amount',
    title: 'Sum at the start left out',
    advice: 'Something was there at the start and grows too.',
    weight: 8,
    applies: (asked) =>
      isSaving(asked.kind) &&
      asked.kind.pays &&
      asked.inputs.amount > 0 &&
      (asksBalance(asked) || asks(asked, 'payment', 'final-amount', 'payments', 'years')),
    wrongInputs: (inputs, asked) => [
      {
        inputs: changed(inputs, { amount: 0 }),
        did: `The ${money(asked, inputs.amount)} at the start was left out.`,
      },
    ],
  }),
];
