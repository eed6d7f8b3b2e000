/** What is read off a table at a payment or over a range of payments. */

import { fail, ok, type Result } from '../../result.ts';
import { recurrenceOf, term, terms, type Recurrence } from '../../annuity/recurrence.ts';
import { balanceAfter, leftToPay, paymentRange } from '../../table/figures.ts';
import { balanceAt } from '../inputs.ts';
import { isSaving, kindOf } from '../kinds.ts';
import type { AskedCase, Inputs, Quantity, QuantityRecord } from '../quantity.ts';
import { anyPlan, level, owes, pays, whole, within, withPayment } from './builders.ts';

/** At a payment. */
function after(
  title: string,
  words: string,
  applies: QuantityRecord['applies'],
  read: (asked: AskedCase, after: number) => Result<number>,
  closedForm: QuantityRecord['closedForm'],
): QuantityRecord {
  return {
    title: `${title} a payment`,
    unit: 'money',
    needs: ['after'],
    applies,
    words: (ask) => `${words} ${ask.after}`,
    read: (asked) => {
      const place = within(asked.ask.after ?? 0, asked.solved);
      return place.ok ? read(asked, place.value) : place;
    },
    closedForm,
  };
}

/** Over a range of payments. */
function range(
  title: string,
  applies: QuantityRecord['applies'],
  part: 'interest' | 'principal' | 'paid',
  closedForm: QuantityRecord['closedForm'],
): QuantityRecord {
  return {
    title: `${title} in a range of payments`,
    unit: 'money',
    needs: ['from', 'to'],
    applies,
    words: ({ from, to }) => (from === to ? `${title} in payment ${from}` : `${title} in payments ${from} to ${to}`),
    read: ({ solved, ask: { from = 1, to = 1 } }) => {
      const found = paymentRange(solved.table, from, to);
      return found.ok ? ok(found.value[part]) : found;
    },
    closedForm,
  };
}

/** The recurrence of a case, with its payment as it is really paid. */
export function recurrenceBehind(asked: AskedCase): Result<Recurrence> {
  const { numbers, values, table } = asked.solved;
  return recurrenceOf(numbers.amount, values.i, table.firstPayment, values.timing, saves(asked));
}

/** V₀, V₁, … with what changes on the way: each row's own rate, draws and payments, nothing rounded. */
function termsOf(asked: AskedCase, count: number): Result<readonly number[]> {
  const { table, plan, numbers } = asked.solved;
  const stated = recurrenceBehind(asked);
  if (!stated.ok || plan.changes.length === 0) return stated.ok ? terms(stated.value, count) : stated;
  const sign = saves(asked) ? 1 : -1;
  const all = [numbers.amount];
  for (const { number, rate, drawn, payment, extra } of table.rows.slice(0, count)) {
    const opening = (all.at(-1) ?? 0) + (number > 1 ? drawn : 0);
    const flow = sign * (payment + extra);
    all.push(plan.timing === 'begin' ? (opening + flow) * (1 + rate) : opening * (1 + rate) + flow);
  }
  return ok(all);
}

/** The number of the first term below an amount where the terms fall, of the first that reaches it where they rise. */
function firstPast(all: readonly number[], amount: number): Result<number> {
  const falls = (all.at(-1) ?? NaN) < (all[0] ?? NaN);
  const at = all.findIndex((value, k) => k > 0 && (falls ? value < amount : value >= amount));
  return at < 0
    ? fail('not-reached', `No term of the first ${MOST_TERMS} gets past this amount.`, { field: 'below' })
    : ok(at);
}

/** Terms that are looked through for one past an amount. */
const MOST_TERMS = 1200;

const paidIn = ({ from, to }: Inputs, payment: number): number => (to - from + 1) * payment;
/** How far the balance moves from before the range to after it, in its own direction. */
const movedIn = (inputs: Inputs, payment: number, asked: AskedCase): number =>
  balanceAt(asked, inputs, payment, inputs.to) - balanceAt(asked, inputs, payment, inputs.from - 1);
const saves = (asked: AskedCase): boolean => isSaving(kindOf(asked.statement));
const balance = withPayment((inputs, payment, asked) => balanceAt(asked, inputs, payment, inputs.after));

export const readingQuantities = {
  'balance-after': after(
    'the balance after',
    'the balance after payment',
    anyPlan,
    ({ solved }, k) => balanceAfter(solved.table, k),
    balance,
  ),
  'left-to-pay': after(
    'what is left to pay after',
    'what is left to pay after payment',
    owes,
    ({ solved }, k) => leftToPay(solved.table, k),
    withPayment(({ n, after: k, finalAmount }, payment) => (n - k) * payment + finalAmount),
  ),
  term: after(
    'the term of the recurrence after',
    'term V of the recurrence, number',
    level,
    (asked, k) => {
      const stated = recurrenceBehind(asked);
      if (!stated.ok || asked.solved.plan.changes.length === 0) return stated.ok ? term(stated.value, k) : stated;
      const found = termsOf(asked, k);
      return found.ok ? ok(found.value[k] ?? NaN) : found;
    },
    balance,
  ),
  multiplier: whole('the multiplier of the recurrence', 'number', level, {
    read: ({ solved: { values } }) => ok(1 + values.i),
    closedForm: ({ i }) => [1 + i],
    onInputsAlone: true,
  }),
  'term-below': {
    title: 'the first term past an amount',
    unit: 'count',
    needs: ['below'],
    applies: level,
    words: ({ below }) => `the first term past ${below}`,
    read: (asked) => {
      const all = termsOf(asked, MOST_TERMS);
      return all.ok ? firstPast(all.value, asked.ask.below ?? 0) : all;
    },
    closedForm: withPayment(({ amount, i, timing }, payment, asked) => {
      const stated = recurrenceOf(amount, i, payment, timing, saves(asked));
      const all = stated.ok ? terms(stated.value, MOST_TERMS) : stated;
      const found = all.ok ? firstPast(all.value, asked.ask.below ?? 0) : all;
      return found.ok ? found.value : NaN;
    }),
  },
  'interest-in': range(
    'the interest',
    anyPlan,
    'interest',
    withPayment((inputs, payment, asked) => {
      const moved = movedIn(inputs, payment, asked);
      return saves(asked) ? moved - paidIn(inputs, payment) : paidIn(inputs, payment) + moved;
    }),
  ),
  'principal-in': range(
    'the principal',
    pays,
    'principal',
    withPayment((inputs, payment, asked) => movedIn(inputs, payment, asked) * (saves(asked) ? 1 : -1)),
  ),
  'paid-in': range('what is paid', pays, 'paid', withPayment(paidIn)),
} satisfies Partial<Record<Quantity, QuantityRecord>>;
