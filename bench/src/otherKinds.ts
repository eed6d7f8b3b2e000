/** The bench's own questions of other kinds than a level loan: a loan asked for its amount, count or rate, a plan that changes on the way; savings and the rest beside them. */
import type { AnswerFormat, StatementDraft } from '@hardy-sextant/core';
import { lumpSum, payingOut, savings } from './growing.ts';
import { a, growth, inputs, money, s, stated, type Drawn, type Trial } from './trial.ts';
import { cents } from './textbook.ts';

/** A level loan asked for its amount, its count and its rate. */
function loanAskedBack(drawn: Drawn): Trial[] {
  const { rate, perYear, years, random } = drawn;
  const [i, n] = [rate / perYear, years * perYear];
  const amount = Math.round((2000 + random() * 90_000) / 100) * 100;
  const payment = cents((amount / a(i, n)) * (1.02 + random() / 5));
  const count = (j: number): number => -Math.log(1 - (amount * j) / payment) / Math.log(1 + j);
  const exact = count(i);
  const found = rateOf(amount, cents(amount / a(i, n)), n);
  const paid = cents(amount / a(i, n));
  const slots = { amount: String(amount), rate: String(rate * 100), payments: String(n), payment: String(payment) };
  const percent: AnswerFormat = { kind: 'percent', decimals: 2 };
  const places = (value: number): number => Math.round(value * 1e4) / 100;
  return [
    {
      what: 'loan, the amount',
      draft: stated('borrow', perYear, { ...slots, amount: '' }, { unknown: 'amount' }),
      ask: { quantity: 'amount' },
      format: money,
      right: [payment * a(i, n)],
      wrong: [
        ...inputs(drawn).map(({ ids, i: j, n: m }) => ({ ids, number: payment * a(j, m) })),
        { ids: ['beginning-for-end'], number: payment * a(i, n) * (1 + i) },
        { ids: ['future-for-present'], number: payment * s(i, n) },
        { ids: ['payments-added-up'], number: payment * n },
      ],
    },
    {
      what: 'loan, the interest of a found amount',
      draft: stated('borrow', perYear, { ...slots, amount: '' }, { unknown: 'amount' }),
      ask: { quantity: 'total-interest' },
      format: money,
      right: [n * payment - payment * a(i, n), n * payment - cents(payment * a(i, n))],
      wrong: [
        ...inputs(drawn).map(({ ids, i: j, n: m }) => ({ ids, number: m * payment - payment * a(j, m) })),
        { ids: ['beginning-for-end'], number: n * payment - payment * a(i, n) * (1 + i) },
      ].filter(({ number }) => number > 1),
    },
    {
      what: 'loan, the count',
      draft: stated('borrow', perYear, { ...slots, payments: '' }, { unknown: 'payments' }),
      ask: { quantity: 'payments' },
      format: { kind: 'count', decimals: 0, up: true },
      right: [Math.ceil(exact - 1e-9), Math.round(exact * 100) / 100],
      wrong: [
        { ids: ['count-rounded-down', 'count-off-by-one'], number: Math.floor(exact) },
        { ids: ['count-off-by-one'], number: Math.ceil(exact) + 1 },
      ],
    },
    {
      what: 'loan, the full payments',
      draft: stated('borrow', perYear, { ...slots, payments: '' }, { unknown: 'payments' }),
      ask: { quantity: 'payments' },
      format: { kind: 'count', decimals: 0, down: true },
      right: [Math.floor(exact + 1e-9)],
      wrong: [{ ids: ['smaller-counted-as-full', 'count-off-by-one'], number: Math.floor(exact) + 1 }],
    },
    {
      what: 'loan, the rate',
      draft: stated('borrow', perYear, { ...slots, rate: '', payment: String(paid) }, { unknown: 'rate' }),
      ask: { quantity: 'rate' },
      format: percent,
      right: [places(found * perYear)],
      wrong: [
        ...(perYear > 1
          ? [
              { ids: ['gave-rate-per-payment'], number: places(found) },
              { ids: ['gave-effective-rate'], number: places(growth(found, perYear) - 1) },
            ]
          : []),
        { ids: ['flat-rate-for-rate'], number: places((n * paid - amount) / amount / years) },
      ],
    },
  ];
}

/** The rate that makes payments worth an amount, by halving. */
function rateOf(amount: number, payment: number, n: number): number {
  let [low, high] = [1e-9, 1];
  for (let step = 0; step < 200; step += 1) {
    const middle = (low + high) / 2;
    if (payment * a(middle, n) > amount) low = middle;
    else high = middle;
  }
  return low;
}

/** A loan whose rate changes, or that is paid off sooner by an extra payment: what is owed later, row by row in cents and by formula. */
function changing(drawn: Drawn): Trial[] {
  const { rate, perYear, years, random } = drawn;
  const [i, n] = [rate / perYear, years * perYear];
  if (n < 8) return [];
  const amount = Math.round((5000 + random() * 90_000) / 100) * 100;
  const at = 2 + Math.floor(random() * (n / 2 - 2));
  const after = at + 1 + Math.floor(random() * (n - at - 2));
  const later = Math.round((rate + 0.01 + random() / 50) * 1e4) / 1e4;
  const j = later / perYear;
  const first = cents(amount / a(i, n));
  const owed = (from: number, r: number, paid: number, k: number): number => from * growth(r, k) - paid * s(r, k);
  const rows = (from: number, r: number, paid: number, k: number, extra = 0, when = 0): number => {
    let balance = from;
    for (let row = 1; row <= k; row += 1)
      balance = cents(balance + cents(balance * r) - paid - (row === when ? extra : 0));
    return balance;
  };
  const slots = { amount: String(amount), rate: String(rate * 100), payments: String(n) };
  const change = (kind: 'rate' | 'extra', texts: Record<string, string>): Partial<StatementDraft> => ({
    changes: [{ id: 'c', kind, texts, payment: 'again' }],
  });
  const [middle, middleRows] = [owed(amount, i, first, at), rows(amount, i, first, at)];
  const second = cents(middleRows / a(j, n - at));
  const extra = Math.round(amount / 1000) * 50;
  const whole = cents(amount / a(j, n));
  const found: Trial[] = [
    {
      what: 'a rate that changes, owed',
      draft: stated('borrow', perYear, slots, change('rate', { rate: String(later * 100), after: String(at) })),
      ask: { quantity: 'balance-after', after },
      format: money,
      right: [
        rows(middleRows, j, second, after - at),
        owed(middle, j, cents(middle / a(j, n - at)), after - at),
        owed(
          owed(amount, i, amount / a(i, n), at),
          j,
          owed(amount, i, amount / a(i, n), at) / a(j, n - at),
          after - at,
        ),
      ],
      wrong: [
        { ids: ['old-rate-kept'], number: owed(amount, i, first, after) },
        { ids: ['old-rate-kept'], number: rows(amount, i, first, after) },
        { ids: ['new-rate-throughout'], number: owed(amount, j, whole, after) },
      ],
    },
    {
      what: 'a rate that changes, owed before',
      draft: stated('borrow', perYear, slots, change('rate', { rate: String(later * 100), after: String(at) })),
      ask: { quantity: 'balance-after', after: at },
      format: money,
      right: [middleRows, middle, owed(amount, i, amount / a(i, n), at)],
      wrong: inputs(drawn)
        .filter(({ n: m }) => m === n)
        .map(({ ids, i: r }) => ({ ids, number: owed(amount, r, cents(amount / a(r, n)), at) })),
    },
    {
      what: 'an extra payment, owed',
      draft: stated('borrow', perYear, slots, change('extra', { amount: String(extra), from: String(at) })),
      ask: { quantity: 'balance-after', after },
      format: money,
      right: [
        rows(amount, i, first, after, extra, at),
        owed(amount, i, first, after) - extra * growth(i, after - at),
        owed(amount, i, amount / a(i, n), after) - extra * growth(i, after - at),
      ],
      wrong: [
        { ids: ['extra-left-out'], number: owed(amount, i, first, after) },
        { ids: ['extra-left-out'], number: rows(amount, i, first, after) },
        // Right after it should have been made it is one that is missing.
        {
          ids: ['extra-a-row-late', ...(after === at ? ['extra-left-out'] : [])],
          number: rows(amount, i, first, after, extra, at + 1),
        },
      ],
    },
  ];
  return found.filter(({ right }) => right.every((number) => number > 50));
}

export function trials(random: () => number): Trial[] {
  const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)]!;
  const drawn: Drawn = {
    rate: Math.round((2 + random() * 12) * 10) / 1000,
    perYear: pick([1, 2, 4, 12, 12]),
    years: pick([2, 3, 4, 5, 8, 10, 15]),
    random,
  };
  return [...savings(drawn), ...payingOut(drawn), ...lumpSum(drawn), ...loanAskedBack(drawn), ...changing(drawn)];
}
