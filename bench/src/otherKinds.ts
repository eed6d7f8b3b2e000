/** The bench's own questions of other kinds than a level loan, with numbers by textbook formulas: savings, a lump sum, a loan asked for its amount, count or rate, a plan that changes on the way. */
import { emptyDraft, type AnswerFormat, type Ask, type StatementDraft } from '@hardy-sextant/core';
import { cents } from './textbook.ts';

/** One question with its right numbers and what mistakes lead to, each as it would be written. */
export interface Trial {
  readonly what: string;
  readonly draft: StatementDraft;
  readonly ask: Ask;
  readonly format: AnswerFormat;
  readonly right: readonly number[];
  /** By the slips the product knows them by; several where they are the same by mathematics. */
  readonly wrong: readonly { readonly ids: readonly string[]; readonly number: number }[];
}

const money: AnswerFormat = { kind: 'money', decimals: 2 };
const growth = (i: number, n: number): number => (1 + i) ** n;
const s = (i: number, n: number): number => (growth(i, n) - 1) / i;
const a = (i: number, n: number): number => (1 - growth(i, -n)) / i;

type Slots = Partial<StatementDraft['slots']>;
function stated(kind: StatementDraft['kind'], perYear: number, slots: Slots, more: Partial<StatementDraft> = {}) {
  const start = emptyDraft(kind);
  return {
    ...start,
    paymentsPerYear: perYear,
    ...more,
    quote: { ...start.quote, compounding: perYear },
    slots: { ...start.slots, ...slots },
  };
}

interface Drawn {
  readonly rate: number;
  readonly perYear: number;
  readonly years: number;
  readonly random: () => number;
}

/** The rates and counts that are put in wrongly, each with its names. */
function inputs({ rate, perYear, years }: Drawn): { ids: string[]; i: number; n: number }[] {
  const [i, n] = [rate / perYear, years * perYear];
  return [
    ...(perYear > 1 ? [{ ids: ['rate-left-annual'], i: rate, n }] : []),
    ...[1, 2, 4, 12, 52, 365]
      .filter((count) => count !== perYear && count > 1)
      .map((count) => ({ ids: ['rate-divided-by-wrong-count'], i: rate / count, n })),
    ...(perYear > 1 ? [{ ids: ['years-for-payments'], i, n: years }] : []),
    { ids: ['count-off-by-one', 'wrong-period'], i, n: n - 1 },
    { ids: ['count-off-by-one', 'wrong-period'], i, n: n + 1 },
    ...(perYear > 1
      ? [{ ids: ['effective-for-nominal', 'settings-left-at-one'], i: growth(rate, 1 / perYear) - 1, n }]
      : []),
  ];
}

/** Deposits until the end: what they come to, and the deposit that reaches a goal. */
function savings(drawn: Drawn): Trial[] {
  const { rate, perYear, years, random } = drawn;
  const [i, n] = [rate / perYear, years * perYear];
  const begin = random() < 0.3;
  const start = random() < 0.5 ? Math.round(random() * 80) * 100 : 0;
  const deposit = Math.round(20 + random() * 400);
  const goal = Math.round((5000 + random() * 60_000) / 100) * 100;
  const early = (j: number): number => (begin ? 1 + j : 1);
  const end = (j: number, m: number, first = start, on = begin): number =>
    first * growth(j, m) + deposit * s(j, m) * (on ? 1 + j : 1);
  const each = (j: number, m: number, first = start, on = begin): number =>
    (goal - first * growth(j, m)) / s(j, m) / (on ? 1 + j : 1);
  const timing = begin ? ('begin' as const) : ('end' as const);
  const other = begin ? 'end-for-beginning' : 'beginning-for-end';
  const slots = { amount: String(start), rate: String(rate * 100), payments: String(n) };
  let row = start;
  for (let k = 1; k <= n; k += 1)
    row = begin ? cents(row + deposit + cents((row + deposit) * i)) : cents(row + cents(row * i) + deposit);
  const found: Trial[] = [
    {
      what: 'savings, the end',
      draft: stated(
        'save',
        perYear,
        { ...slots, payment: String(deposit), finalAmount: '' },
        { timing, unknown: 'finalAmount' },
      ),
      ask: { quantity: 'final-amount' },
      format: money,
      right: [end(i, n), row],
      wrong: [
        ...inputs(drawn).map(({ ids, i: j, n: m }) => ({ ids, number: end(j, m) })),
        { ids: [other], number: end(i, n, start, !begin) },
        ...(start > 0 ? [{ ids: ['start-left-out'], number: end(i, n, 0) }] : []),
        ...(start > 0 ? [{ ids: ['payments-earn-nothing'], number: start * growth(i, n) + n * deposit }] : []),
        { ids: ['payments-added-up'], number: start + n * deposit },
        ...(start === 0 ? [{ ids: ['future-for-present'], number: deposit * a(i, n) * early(i) }] : []),
      ],
    },
    {
      what: 'savings, the interest',
      draft: stated(
        'save',
        perYear,
        { ...slots, payment: String(deposit), finalAmount: '' },
        { timing, unknown: 'finalAmount' },
      ),
      ask: { quantity: 'total-interest' },
      format: money,
      right: [end(i, n) - start - n * deposit, row - start - n * deposit],
      wrong: [
        ...inputs(drawn).map(({ ids, i: j, n: m }) => ({ ids, number: end(j, m) - start - m * deposit })),
        { ids: [other], number: end(i, n, start, !begin) - start - n * deposit },
      ],
    },
    {
      what: 'savings, the deposit',
      draft: stated('save', perYear, { ...slots, finalAmount: String(goal) }, { timing, unknown: 'payment' }),
      ask: { quantity: 'payment' },
      format: money,
      right: [each(i, n)],
      wrong: [
        ...inputs(drawn).map(({ ids, i: j, n: m }) => ({ ids, number: each(j, m) })),
        { ids: [other], number: each(i, n, start, !begin) },
        ...(start > 0 ? [{ ids: ['start-left-out'], number: each(i, n, 0) }] : []),
        { ids: ['principal-over-count'], number: (goal - start) / n },
        ...(start === 0 ? [{ ids: ['future-for-present'], number: goal / a(i, n) / early(i) }] : []),
      ],
    },
  ];
  // A goal that the sum at the start reaches by itself asks for no deposit.
  return found
    .filter(({ right }) => right.every((number) => number > 1))
    .map((trial) => ({ ...trial, wrong: trial.wrong.filter(({ number }) => number > 1) }));
}

/** A fund that pays out: each payment, and what is left of it; and a lease with a residual, paid in advance. */
function payingOut(drawn: Drawn): Trial[] {
  const { rate, perYear, years, random } = drawn;
  const [i, n] = [rate / perYear, years * perYear];
  const fund = Math.round((10_000 + random() * 200_000) / 100) * 100;
  const taken = cents((fund / a(i, n)) * (0.5 + random() / 3));
  const left = (j: number, m: number): number => fund * growth(j, m) - taken * s(j, m);
  const rest = Math.round(fund / 500) * 100;
  const rent = (j: number, m: number, end = rest, advance = true): number =>
    (fund - end * growth(j, -m)) / a(j, m) / (advance ? 1 + j : 1);
  let row = fund;
  for (let k = 1; k <= n; k += 1) row = cents(row + cents(row * i) - taken);
  const slots = { amount: String(fund), rate: String(rate * 100), payments: String(n) };
  return [
    {
      what: 'a fund, each payment',
      draft: stated('draw-down', perYear, { ...slots, finalAmount: '0' }, { unknown: 'payment', timing: 'end' }),
      ask: { quantity: 'payment' },
      format: money,
      right: [fund / a(i, n)],
      wrong: [
        ...inputs(drawn).map(({ ids, i: j, n: m }) => ({ ids, number: fund / a(j, m) })),
        { ids: ['beginning-for-end'], number: fund / a(i, n) / (1 + i) },
        { ids: ['principal-over-count'], number: fund / n },
        { ids: ['future-for-present'], number: fund / s(i, n) },
      ],
    },
    {
      what: 'a fund, what is left',
      draft: stated(
        'draw-down',
        perYear,
        { ...slots, payment: String(taken), finalAmount: '' },
        { unknown: 'finalAmount', timing: 'end' },
      ),
      ask: { quantity: 'final-amount' },
      format: money,
      right: [left(i, n), row],
      wrong: [
        ...inputs(drawn).map(({ ids, i: j, n: m }) => ({ ids, number: left(j, m) })),
        { ids: ['payments-earn-nothing'], number: fund * growth(i, n) - n * taken },
        { ids: ['payments-added-up'], number: fund - n * taken },
      ].filter(({ number }) => number > 100),
    },
    {
      what: 'a lease, each rent',
      draft: stated('lease', perYear, { ...slots, finalAmount: String(rest) }, { unknown: 'payment', timing: 'begin' }),
      ask: { quantity: 'payment' },
      format: money,
      right: [rent(i, n)],
      wrong: [
        ...inputs(drawn).map(({ ids, i: j, n: m }) => ({ ids, number: rent(j, m) })),
        { ids: ['end-for-beginning'], number: rent(i, n, rest, false) },
        { ids: ['final-amount-ignored'], number: rent(i, n, 0) },
        { ids: ['final-amount-not-discounted'], number: (fund - rest) / a(i, n) / (1 + i) },
      ],
    },
  ];
}

/** One amount that grows. */
function lumpSum(drawn: Drawn): Trial[] {
  const { rate, perYear, years, random } = drawn;
  const [i, n] = [rate / perYear, years * perYear];
  const amount = Math.round((500 + random() * 40_000) / 10) * 10;
  const slots = { rate: String(rate * 100), payments: String(n) };
  let row = amount;
  for (let k = 1; k <= n; k += 1) row = cents(row + cents(row * i));
  return [
    {
      what: 'lump sum, the end',
      draft: stated('lump-sum', perYear, { ...slots, amount: String(amount) }, { unknown: 'finalAmount' }),
      ask: { quantity: 'final-amount' },
      format: money,
      right: [amount * growth(i, n), row],
      wrong: [
        ...inputs(drawn).map(({ ids, i: j, n: m }) => ({ ids, number: amount * growth(j, m) })),
        { ids: ['simple-for-compound'], number: amount * (1 + rate * years) },
      ],
    },
    {
      what: 'lump sum, the start',
      draft: stated('lump-sum', perYear, { ...slots, finalAmount: String(amount) }, { unknown: 'amount' }),
      ask: { quantity: 'amount' },
      format: money,
      right: [amount * growth(i, -n)],
      wrong: [
        ...inputs(drawn).map(({ ids, i: j, n: m }) => ({ ids, number: amount * growth(j, -m) })),
        { ids: ['simple-for-compound'], number: amount / (1 + rate * years) },
      ],
    },
  ];
}

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
