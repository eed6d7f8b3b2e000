/** Slips of the idea family: a figure of the case given for another, or for another payment. */

import { changed, payments } from '../../case/inputs.ts';
import { isSaving } from '../../case/kinds.ts';
import { brief, defineSlip, money, type Asked, type Slip } from '../slip.ts';
import { asks, asksBalance, figure, hasInterest, other } from './conditions.ts';

/** Something that is there at one payment. */
const asksAt = (asked: Asked): boolean => asksBalance(asked) || asks(asked, 'left-to-pay', 'term');

export const otherFigureSlips: readonly Slip[] = [
  defineSlip({
    id: 'balance-less-payments',
    family: 'idea',
    title: 'Payments taken off without interest',
    advice: 'Each payment covers interest first; only the rest lowers what is owed.',
    weight: 8,
    applies: (asked) => (asksBalance(asked) || asks(asked, 'left-to-pay')) && asked.kind.pays && hasInterest(asked),
    wrongMethod: (inputs, asked) => {
      const own = asked.question.solved.table.firstPayment;
      const saving = isSaving(asked.kind);
      return [...new Set([own, ...payments(asked.question, inputs)])].map((payment) => ({
        result: inputs.amount + (saving ? 1 : -1) * payment * inputs.after,
        did: `${brief(asked, inputs.after)} payments of ${money(asked, payment)} were ${saving ? 'added to' : 'taken off'} ${money(asked, inputs.amount)} with no interest.`,
      }));
    },
  }),
  defineSlip({
    id: 'balance-straight-line',
    family: 'idea',
    title: 'Balance in a straight line',
    advice: 'The balance does not fall evenly: early payments are mostly interest.',
    weight: 7,
    applies: (asked) =>
      (asksBalance(asked) || asks(asked, 'principal-in', 'principal-portion')) &&
      asked.kind.hasTable &&
      !isSaving(asked.kind),
    wrongMethod: (inputs, asked) => {
      const each = (inputs.amount - inputs.finalAmount) / inputs.n;
      if (!asksBalance(asked))
        return [
          {
            result: each * (inputs.to - inputs.from + 1),
            did: `The same principal, ${money(asked, each)}, was taken in every payment.`,
          },
        ];
      return [
        {
          result: inputs.amount - each * inputs.after,
          did: `${money(asked, each)} was taken off with each of ${brief(asked, inputs.after)} payments, as if the balance fell evenly.`,
        },
      ];
    },
  }),
  defineSlip({
    id: 'left-to-pay-for-balance',
    family: 'idea',
    title: 'Payments left × payment, taken as the balance',
    advice: 'What is left to pay has interest still to come in it. What is owed today leaves that out.',
    weight: 9,
    applies: (asked) => asksBalance(asked) && asked.kind.hasTable && !isSaving(asked.kind) && hasInterest(asked),
    wrongMethod: (inputs, asked) => {
      const left = inputs.n - inputs.after;
      const fromTable = figure(asked, 'left-to-pay');
      return [
        ...[...new Set([asked.question.solved.table.firstPayment, ...payments(asked.question, inputs)])].flatMap(
          (payment) =>
            (inputs.finalAmount === 0 ? [0] : [0, inputs.finalAmount]).map((end) => ({
              result: left * payment + end,
              did: `${brief(asked, left, 2)} payments are left, and ${brief(asked, left, 2)} × ${money(asked, payment)}${end === 0 ? '' : ` + ${money(asked, end)}`} = ${money(asked, left * payment + end)}. That is what is still to be paid, interest included; the balance leaves the interest to come out.`,
            })),
        ),
        ...(fromTable === undefined
          ? []
          : [
              {
                result: fromTable,
                did: `${money(asked, fromTable)} is what is still to be paid, interest included; the balance leaves the interest to come out.`,
              },
            ]),
      ];
    },
  }),
  defineSlip({
    id: 'balance-for-left-to-pay',
    family: 'idea',
    title: 'Balance for what is left to pay',
    advice: 'The balance leaves interest still to come out; what is left to pay has it in.',
    weight: 9,
    applies: (asked) => asks(asked, 'left-to-pay') && hasInterest(asked),
    wrongMethod: (_inputs, asked) =>
      other(
        asked,
        'balance-after',
        (value) => `${money(asked, value)} is the balance; what is left to pay has the interest to come in it.`,
      ),
  }),
  defineSlip({
    id: 'total-paid-for-interest',
    family: 'idea',
    title: 'All that is paid, taken for interest',
    advice: 'Interest is what is paid beyond the amount; here all that is paid was given.',
    weight: 8,
    applies: (asked) =>
      asks(asked, 'total-interest', 'interest-in', 'interest-portion', 'finance-charge') && asked.kind.hasTable,
    wrongMethod: (_inputs, asked) =>
      other(
        asked,
        asks(asked, 'interest-in', 'interest-portion') ? 'paid-in' : 'total-paid',
        (value) => `${money(asked, value)} is all that is paid, principal included.`,
      ),
  }),
  defineSlip({
    id: 'interest-for-total-paid',
    family: 'idea',
    title: 'Interest given for all that is paid',
    advice: 'All that is paid has the principal in it; here only the interest was given.',
    weight: 8,
    applies: (asked) => asks(asked, 'total-paid', 'paid-in', 'total-price', 'total-with-end') && asked.kind.hasTable,
    wrongMethod: (_inputs, asked) =>
      other(
        asked,
        asks(asked, 'paid-in') ? 'interest-in' : 'total-interest',
        (value) => `${money(asked, value)} is the interest alone.`,
      ),
  }),
  defineSlip({
    id: 'interest-for-principal',
    family: 'idea',
    title: 'Interest given for principal',
    advice: 'Principal is the part of a payment that lowers what is owed; here the interest was given.',
    weight: 9,
    applies: (asked) => asks(asked, 'principal-in', 'principal-portion'),
    wrongMethod: (_inputs, asked) =>
      other(
        asked,
        asks(asked, 'principal-in') ? 'interest-in' : 'interest-portion',
        (value) => `${money(asked, value)} is the interest of these payments.`,
      ),
  }),
  defineSlip({
    id: 'principal-for-interest',
    family: 'idea',
    title: 'Principal given for interest',
    advice: 'Interest is what a payment costs; here the part that lowers what is owed was given.',
    weight: 9,
    applies: (asked) => asks(asked, 'interest-in', 'interest-portion', 'total-interest'),
    wrongMethod: (inputs, asked) =>
      asks(asked, 'total-interest')
        ? [
            {
              result: Math.abs(inputs.amount - inputs.finalAmount),
              did: `${money(asked, Math.abs(inputs.amount - inputs.finalAmount))} is the principal that is repaid.`,
            },
          ]
        : other(
            asked,
            asks(asked, 'interest-in') ? 'principal-in' : 'principal-portion',
            (value) => `${money(asked, value)} is the principal in these payments.`,
          ),
  }),
  defineSlip({
    id: 'wrong-period',
    family: 'idea',
    title: 'Another payment or range than asked',
    advice: 'The number is right for another payment or other payments than the one asked for.',
    weight: 7,
    applies: (asked) =>
      (asksAt(asked) ||
        asks(asked, 'interest-in', 'principal-in', 'interest-portion', 'principal-portion', 'paid-in')) &&
      asked.kind.hasTable,
    wrongMethod: (inputs, asked) => {
      const { table } = asked.question.solved;
      const { after, from, to, p } = inputs;
      if (asksAt(asked)) {
        const places = [after - 1, after + 1, after / p, after * p].filter(
          (k, at, all) => Number.isInteger(k) && k >= 0 && k <= table.count && k !== after && all.indexOf(k) === at,
        );
        return places.flatMap((k) =>
          other(
            {
              ...asked,
              inputs: changed(inputs, { after: k }),
              question: { ...asked.question, ask: { ...asked.question.ask, after: k } },
            },
            asked.question.ask.quantity,
            () => `This is what payment ${k} leaves, not payment ${after}.`,
          ),
        );
      }
      const length = to - from + 1;
      const ranges: (readonly [number, number])[] = [
        [from - length, to - length],
        [from + length, to + length],
        [from - 1, to - 1],
        [from + 1, to + 1],
        [from - 1, to],
        [from + 1, to],
        [from, to - 1],
        [from, to + 1],
        [1, to],
        [1, table.count],
      ];
      return ranges
        .filter(([a, b]) => a >= 1 && b >= a && b <= table.count && (a !== from || b !== to))
        .flatMap(([a, b]) =>
          other(
            {
              ...asked,
              inputs: changed(inputs, { from: a, to: b }),
              question: { ...asked.question, ask: { ...asked.question.ask, from: a, to: b } },
            },
            asked.question.ask.quantity,
            () => `This is right for payments ${a} to ${b}, not for ${from} to ${to}.`,
          ),
        );
    },
  }),
];
