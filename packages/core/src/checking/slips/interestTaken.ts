/** Slips of the idea family: interest left out, taken once, or taken for something else. */

import { growthLessOne } from '../../annuity/fiveValues.ts';
import { changed, payments } from '../../case/inputs.ts';
import { isSaving } from '../../case/kinds.ts';
import { brief, defineSlip, money, percent, type Slip } from '../slip.ts';
import { asks, asksBalance, figure, hasInterest, level, other } from './conditions.ts';

export const interestSlips: readonly Slip[] = [
  defineSlip({
    id: 'payments-earn-nothing',
    family: 'idea',
    title: 'Amount grown, payments without interest',
    advice: 'Each payment bears interest for its own time, not only the amount at the start.',
    weight: 7,
    applies: (asked) =>
      (asksBalance(asked) || (asks(asked, 'final-amount') && asked.inputs.amount > 0)) &&
      level(asked) &&
      asked.kind.pays &&
      hasInterest(asked),
    wrongMethod: (inputs, asked) => {
      const count = asks(asked, 'final-amount') ? inputs.n : inputs.after;
      const periods = asks(asked, 'balance-right-after') ? count - 1 : count;
      const grown = inputs.amount * (1 + growthLessOne(inputs.i, periods));
      const kept = asked.question.solved.table.firstPayment;
      return [...new Set([kept, ...payments(asked.question, inputs)])].map((payment) => ({
        result: grown + (isSaving(asked.kind) ? 1 : -1) * count * payment,
        did: `${money(asked, inputs.amount)} was grown over ${brief(asked, periods, 2)} periods, and ${brief(asked, count, 2)} payments of ${money(asked, payment)} were ${isSaving(asked.kind) ? 'added' : 'taken off'} without interest.`,
      }));
    },
  }),
  defineSlip({
    id: 'payments-added-up',
    family: 'idea',
    title: 'Payments added up without interest',
    advice: 'What is paid in earns interest until the end; here it was only added up.',
    weight: 7,
    applies: (asked) => asks(asked, 'final-amount', 'amount') && level(asked) && asked.kind.pays && hasInterest(asked),
    wrongMethod: ({ amount, finalAmount, payment = 0, n }, asked) => {
      const start = asks(asked, 'amount') ? finalAmount : amount;
      const side = isSaving(asked.kind) === asks(asked, 'amount') ? -1 : 1;
      return [
        {
          result: asks(asked, 'amount') || isSaving(asked.kind) ? start + side * n * payment : start - n * payment,
          did: `${brief(asked, n, 2)} payments of ${money(asked, payment)} were added up with no interest.`,
        },
      ];
    },
  }),
  defineSlip({
    id: 'interest-on-opening-balance',
    family: 'idea',
    title: 'A whole time’s interest on the balance at its start',
    advice: 'The balance falls with every payment, and interest with it.',
    weight: 7,
    applies: (asked) =>
      asks(asked, 'interest-in') && level(asked) && hasInterest(asked) && asked.inputs.to > asked.inputs.from,
    wrongMethod: (inputs, asked) => {
      const length = inputs.to - inputs.from + 1;
      const before = changed(inputs, { after: inputs.from - 1 });
      const ask = { ...asked.question.ask, after: inputs.from - 1 };
      return other({ ...asked, inputs: before, question: { ...asked.question, ask } }, 'balance-after', () => '').map(
        ({ result }) => ({
          result: result * inputs.i * length,
          did: `Interest was taken on ${money(asked, result)} for all ${brief(asked, length)} payments, ${percent(asked, inputs.i * length)} of it.`,
        }),
      );
    },
  }),
  defineSlip({
    id: 'first-interest-for-payment',
    family: 'idea',
    title: 'The first interest given for the payment',
    advice: 'A payment is interest and principal; here only the interest of the first period was given.',
    weight: 7,
    applies: (asked) => asks(asked, 'payment') && asked.kind.owes && level(asked) && hasInterest(asked),
    wrongMethod: ({ amount, i }, asked) => [
      {
        result: amount * i,
        did: `${money(asked, amount)} × ${percent(asked, i)} is the interest of the first period.`,
      },
    ],
  }),
  defineSlip({
    id: 'interest-added-to-principal',
    family: 'idea',
    title: 'Interest added to the payment',
    advice: 'Principal is what is left of a payment when the interest is taken off; here it was added.',
    weight: 7,
    applies: (asked) => asks(asked, 'principal-in', 'principal-portion') && !isSaving(asked.kind) && hasInterest(asked),
    wrongMethod: (_inputs, asked) => {
      const [paid, interest] = [
        figure(asked, 'paid-in'),
        figure(asked, asks(asked, 'principal-in') ? 'interest-in' : 'interest-portion'),
      ];
      if (paid === undefined || interest === undefined) return [];
      const did = `${money(asked, paid)} + ${money(asked, interest)}: the interest was added instead of taken off.`;
      return [{ result: paid + interest, did }];
    },
  }),
  defineSlip({
    id: 'start-for-balance',
    family: 'idea',
    title: 'The amount at the start given',
    advice: 'This is the amount at the very start; payments have been made since.',
    weight: 7,
    applies: (asked) =>
      (asksBalance(asked) || asks(asked, 'term')) && asked.inputs.after > 0 && asked.inputs.amount > 0,
    wrongMethod: ({ amount }, asked) => [
      { result: amount, did: `${money(asked, amount)} is the amount at the start.` },
    ],
  }),
  defineSlip({
    id: 'one-year-charge',
    family: 'idea',
    title: 'The charge of one year only',
    advice: 'A flat charge is taken for every year of the plan, not for one.',
    weight: 8,
    applies: (asked) =>
      !asked.kind.compounds &&
      asked.question.statement.flatBy === 'a-year' &&
      asked.inputs.n !== asked.inputs.p &&
      asks(asked, 'payment', 'finance-charge', 'total-paid', 'total-interest'),
    wrongMethod: ({ amount, quoted, n }, asked) => {
      const charge = amount * quoted;
      const did = `The charge was taken for one year: ${money(asked, charge)}.`;
      const result = asks(asked, 'payment')
        ? (amount + charge) / n
        : asks(asked, 'total-paid')
          ? amount + charge
          : charge;
      return [{ result, did }];
    },
  }),
];
