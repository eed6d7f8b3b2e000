/** Slips of the idea family: another computation than the one that was asked. */

import { accumulation, discounting, growthLessOne } from '../../annuity/fiveValues.ts';
import { compute } from '../../case/compute.ts';
import { quantities } from '../../case/quantities.ts';
import type { Quantity } from '../../case/quantity.ts';
import { changed, payments } from '../../case/inputs.ts';
import { brief, defineSlip, money, percent, type Asked, type Slip } from '../slip.ts';
import { isSaving } from '../../case/kinds.ts';

const owes = ({ kind }: Asked): boolean => kind.owes && kind.level;
const level = ({ kind, question: { solved } }: Asked): boolean => kind.level && solved.plan.changes.length === 0;
const asks = (asked: Asked, ...any: Quantity[]): boolean => any.includes(asked.question.ask.quantity);
const hasInterest = ({ question: { solved } }: Asked): boolean => solved.values.i !== 0;
/** A reading taken for another: the number the other question has, by closed form and as the table has it. */
const other = (asked: Asked, quantity: Quantity, did: (value: number) => string): { result: number; did: string }[] => {
  const fromTable = figure(asked, quantity);
  const values = [...(fromTable === undefined ? [] : [fromTable]), ...compute(asked.question, asked.inputs, quantity)];
  return values.map((result) => ({ result, did: did(result) }));
};

/** What the case's own table says; nothing for a quantity that cannot be asked of it. */
function figure({ question }: Asked, quantity: Quantity): number | undefined {
  const found = quantities[quantity].read({ ...question, ask: { ...question.ask, quantity } });
  return found.ok ? found.value : undefined;
}

export const ideaSlips: readonly Slip[] = [
  defineSlip({
    id: 'simple-interest-payment',
    family: 'idea',
    title: 'Simple interest spread over the payments',
    advice: 'Interest is owed only on what is still owed; here it was taken on the whole amount for the whole time.',
    weight: 8,
    applies: (asked) => asks(asked, 'payment') && level(asked) && owes(asked) && hasInterest(asked),
    wrongMethod: (inputs, asked) => {
      const years = inputs.n / inputs.p;
      const annual = asked.question.solved.rate.kind === 'periodic' ? inputs.i * inputs.p : inputs.quoted;
      const interest = inputs.amount * annual * years;
      return [
        {
          result: (inputs.amount + interest) / inputs.n,
          did: `Interest was taken on the whole amount for the whole time, ${money(asked, inputs.amount)} × ${percent(asked, annual)} × ${brief(asked, years, 2)} years = ${money(asked, interest)}, and spread over ${brief(asked, inputs.n, 2)} payments.`,
        },
      ];
    },
  }),
  defineSlip({
    id: 'add-on-for-amortized',
    family: 'idea',
    title: 'Add-on charge for an amortized loan',
    advice:
      'The loan is paid off with interest on what is still owed; here the charge was added on as if it were flat.',
    weight: 6,
    applies: (asked) =>
      asks(asked, 'total-interest', 'total-paid', 'finance-charge', 'interest-in', 'left-to-pay') &&
      level(asked) &&
      owes(asked) &&
      hasInterest(asked),
    wrongMethod: (inputs, asked) => {
      const annual = asked.question.solved.rate.kind === 'periodic' ? inputs.i * inputs.p : inputs.quoted;
      const charge = (inputs.amount * annual * inputs.n) / inputs.p;
      const payment = (inputs.amount + charge) / inputs.n;
      const results: Partial<Record<string, number>> = {
        'total-interest': charge,
        'finance-charge': charge,
        'total-paid': inputs.amount + charge,
        'interest-in': (charge / inputs.n) * (inputs.to - inputs.from + 1),
        'left-to-pay': payment * (inputs.n - inputs.after),
      };
      const result = results[asked.question.ask.quantity];
      return result === undefined
        ? []
        : [
            {
              result,
              did: `A flat charge of ${money(asked, charge)}, ${percent(asked, annual)} of the whole amount for each year, was taken.`,
            },
          ];
    },
  }),
  defineSlip({
    id: 'amortized-for-add-on',
    family: 'idea',
    title: 'Amortized loan for an add-on charge',
    advice: 'The charge here is flat: a share of the whole amount, however much has been repaid.',
    weight: 9,
    applies: (asked) =>
      !asked.kind.compounds && asks(asked, 'payment', 'finance-charge', 'total-paid', 'total-interest'),
    wrongMethod: (inputs, asked) => {
      const i = inputs.quoted / inputs.p;
      const payment = inputs.amount / discounting(i, inputs.n, inputs.timing);
      const result = asks(asked, 'payment')
        ? payment
        : asks(asked, 'total-paid')
          ? payment * inputs.n
          : payment * inputs.n - inputs.amount;
      return [
        {
          result,
          did: `${percent(asked, inputs.quoted)} was taken as the rate of a loan that is paid off with interest on the balance.`,
        },
      ];
    },
  }),
  defineSlip({
    id: 'principal-over-count',
    family: 'idea',
    title: 'Amount divided by the count, no interest',
    advice: 'The amount was shared out over the payments; interest was left out.',
    weight: 8,
    applies: (asked) => asks(asked, 'payment') && (!asked.kind.compounds || hasInterest(asked)),
    wrongMethod: ({ amount, finalAmount, n }, asked) => {
      const whole = isSaving(asked.kind) ? [finalAmount, finalAmount - amount] : [amount, amount - finalAmount];
      return [...new Set(whole)].map((each) => ({
        result: each / n,
        did: `${money(asked, each)} was divided by ${brief(asked, n, 2)}, leaving interest out.`,
      }));
    },
  }),
  defineSlip({
    id: 'balance-less-payments',
    family: 'idea',
    title: 'Payments taken off without interest',
    advice: 'Each payment covers interest first; only the rest lowers what is owed.',
    weight: 8,
    applies: (asked) => asks(asked, 'balance-after') && asked.kind.pays && hasInterest(asked),
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
    applies: (asked) => asks(asked, 'balance-after', 'principal-in') && asked.kind.hasTable && !isSaving(asked.kind),
    wrongMethod: (inputs, asked) => {
      const each = (inputs.amount - inputs.finalAmount) / inputs.n;
      if (asks(asked, 'principal-in'))
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
    applies: (asked) =>
      asks(asked, 'balance-after') && asked.kind.hasTable && !isSaving(asked.kind) && hasInterest(asked),
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
    applies: (asked) => asks(asked, 'total-interest', 'interest-in', 'finance-charge') && asked.kind.hasTable,
    wrongMethod: (_inputs, asked) =>
      other(
        asked,
        asks(asked, 'interest-in') ? 'paid-in' : 'total-paid',
        (value) => `${money(asked, value)} is all that is paid, principal included.`,
      ),
  }),
  defineSlip({
    id: 'interest-for-total-paid',
    family: 'idea',
    title: 'Interest given for all that is paid',
    advice: 'All that is paid has the principal in it; here only the interest was given.',
    weight: 8,
    applies: (asked) => asks(asked, 'total-paid', 'paid-in', 'total-price') && asked.kind.hasTable,
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
    applies: (asked) => asks(asked, 'principal-in'),
    wrongMethod: (_inputs, asked) =>
      other(asked, 'interest-in', (value) => `${money(asked, value)} is the interest of these payments.`),
  }),
  defineSlip({
    id: 'principal-for-interest',
    family: 'idea',
    title: 'Principal given for interest',
    advice: 'Interest is what a payment costs; here the part that lowers what is owed was given.',
    weight: 9,
    applies: (asked) => asks(asked, 'interest-in', 'total-interest'),
    wrongMethod: (inputs, asked) =>
      asks(asked, 'total-interest')
        ? [
            {
              result: Math.abs(inputs.amount - inputs.finalAmount),
              did: `${money(asked, Math.abs(inputs.amount - inputs.finalAmount))} is the principal that is repaid.`,
            },
          ]
        : other(asked, 'principal-in', (value) => `${money(asked, value)} is the principal in these payments.`),
  }),
  defineSlip({
    id: 'single-sum-for-annuity',
    family: 'idea',
    title: 'One sum instead of a row of payments',
    advice: 'The payments were treated as one single sum; each grows or is discounted for its own time.',
    weight: 5,
    applies: (asked) =>
      asks(asked, 'payment', 'amount', 'final-amount') &&
      level(asked) &&
      hasInterest(asked) &&
      (asks(asked, 'payment') || (asked.inputs.payment ?? 0) !== 0),
    wrongMethod: ({ amount, finalAmount, payment = 0, n, i }, asked) => {
      const growth = 1 + growthLessOne(i, n);
      const quantity = asked.question.ask.quantity;
      const results =
        quantity === 'payment'
          ? isSaving(asked.kind)
            ? [finalAmount / growth]
            : [amount * growth, (amount * growth) / n]
          : quantity === 'amount'
            ? [payment / growth]
            : [payment * growth];
      return results.map((result) => ({
        result,
        did: `One sum was ${quantity === 'final-amount' ? 'grown' : 'moved'} over all ${brief(asked, n, 2)} periods, by the factor ${brief(asked, growth, 6)}.`,
      }));
    },
  }),
  defineSlip({
    id: 'annuity-for-single-sum',
    family: 'idea',
    title: 'A row of payments instead of one sum',
    advice: 'There is one sum only, and no row of payments.',
    weight: 7,
    applies: (asked) =>
      asks(asked, 'amount', 'final-amount') && level(asked) && hasInterest(asked) && asked.inputs.payment === 0,
    wrongMethod: ({ amount, finalAmount, n, i, timing }, asked) => [
      asks(asked, 'amount')
        ? {
            result: finalAmount * discounting(i, n, timing),
            did: `${money(asked, finalAmount)} was discounted as a payment in every period.`,
          }
        : {
            result: amount * accumulation(i, n, timing),
            did: `${money(asked, amount)} was accumulated as a payment in every period.`,
          },
    ],
  }),
  defineSlip({
    id: 'future-for-present',
    family: 'idea',
    title: 'Future value used for present value',
    advice: 'The payments are worth one thing at the start and another at the end: the wrong one was used.',
    weight: 7,
    applies: (asked) =>
      asks(asked, 'payment', 'amount', 'final-amount') &&
      level(asked) &&
      hasInterest(asked) &&
      (asks(asked, 'payment') || (asked.inputs.payment ?? 0) !== 0),
    wrongMethod: (inputs, asked) => {
      const { amount, finalAmount, payment = 0, n, i, timing } = inputs;
      const a = discounting(i, n, timing);
      const s = accumulation(i, n, timing);
      const saving = isSaving(asked.kind);
      const quantity = asked.question.ask.quantity;
      const result =
        quantity === 'payment'
          ? saving
            ? finalAmount / a
            : amount / s
          : quantity === 'amount'
            ? payment * s
            : payment * a;
      return [
        {
          result,
          did:
            saving === (quantity === 'payment') || quantity === 'final-amount'
              ? `The payments were valued at the start (factor ${brief(asked, a, 6)}) instead of at the end.`
              : `The payments were valued at the end (factor ${brief(asked, s, 6)}) instead of at the start.`,
        },
      ];
    },
  }),
  defineSlip({
    id: 'wrong-period',
    family: 'idea',
    title: 'Another payment or range than asked',
    advice: 'The number is right for another payment or other payments than the one asked for.',
    weight: 7,
    applies: (asked) =>
      asks(asked, 'balance-after', 'left-to-pay', 'interest-in', 'principal-in', 'paid-in', 'term') &&
      asked.kind.hasTable,
    wrongMethod: (inputs, asked) => {
      const { table } = asked.question.solved;
      const { after, from, to, p } = inputs;
      if (asks(asked, 'balance-after', 'left-to-pay', 'term')) {
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
