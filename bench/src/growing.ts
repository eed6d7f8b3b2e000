/** The bench's own questions about money that grows or pays out: savings, funds, leases, a lump sum. */
import { a, growth, inputs, money, rates, s, stated, type Drawn, type Trial } from './trial.ts';
import { cents } from './textbook.ts';

/** Deposits until the end: what they come to, and the deposit that reaches a goal. */
export function savings(drawn: Drawn): Trial[] {
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
  const rowsTo = (last: number): number => {
    let row = start;
    for (let at = 1; at <= last; at += 1)
      row = begin ? cents(row + deposit + cents((row + deposit) * i)) : cents(row + cents(row * i) + deposit);
    return row;
  };
  const row = rowsTo(n);
  const k = 2 + Math.floor(random() * Math.max(1, n - 3));
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
      what: 'savings, what is there after k',
      draft: stated(
        'save',
        perYear,
        { ...slots, payment: String(deposit), finalAmount: '' },
        { timing, unknown: 'finalAmount' },
      ),
      ask: { quantity: 'balance-after', after: k },
      format: money,
      right: [end(i, k), rowsTo(k)],
      wrong: [
        ...rates(drawn).map(({ ids, i: j }) => ({ ids, number: end(j, k) })),
        { ids: [other], number: end(i, k, start, !begin) },
        ...(start > 0 ? [{ ids: ['start-left-out'], number: end(i, k, 0) }] : []),
        ...(start > 0 ? [{ ids: ['payments-earn-nothing'], number: start * growth(i, k) + k * deposit }] : []),
        { ids: ['wrong-period'], number: end(i, k - 1) },
        { ids: ['wrong-period'], number: end(i, k + 1) },
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
export function payingOut(drawn: Drawn): Trial[] {
  const { rate, perYear, years, random } = drawn;
  const [i, n] = [rate / perYear, years * perYear];
  const fund = Math.round((10_000 + random() * 200_000) / 100) * 100;
  const taken = cents((fund / a(i, n)) * (0.5 + random() / 3));
  const left = (j: number, m: number): number => fund * growth(j, m) - taken * s(j, m);
  const rest = Math.round(fund / 500) * 100;
  const rent = (j: number, m: number, end = rest, advance = true): number =>
    (fund - end * growth(j, -m)) / a(j, m) / (advance ? 1 + j : 1);
  const rowsTo = (last: number): number => {
    let row = fund;
    for (let at = 1; at <= last; at += 1) row = cents(row + cents(row * i) - taken);
    return row;
  };
  const row = rowsTo(n);
  const k = 2 + Math.floor(random() * Math.max(1, n - 3));
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
      what: 'a fund, what is left after k',
      draft: stated(
        'draw-down',
        perYear,
        { ...slots, payment: String(taken), finalAmount: '' },
        { unknown: 'finalAmount', timing: 'end' },
      ),
      ask: { quantity: 'balance-after', after: k },
      format: money,
      right: [left(i, k), rowsTo(k)],
      wrong: [
        ...rates(drawn).map(({ ids, i: j }) => ({ ids, number: left(j, k) })),
        { ids: ['beginning-for-end'], number: fund * growth(i, k) - taken * s(i, k) * (1 + i) },
        { ids: ['balance-less-payments'], number: fund - k * taken },
        { ids: ['payments-earn-nothing'], number: fund * growth(i, k) - k * taken },
        { ids: ['wrong-period'], number: left(i, k - 1) },
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
export function lumpSum(drawn: Drawn): Trial[] {
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
      what: 'lump sum, the interest',
      draft: stated('lump-sum', perYear, { ...slots, amount: String(amount) }, { unknown: 'finalAmount' }),
      ask: { quantity: 'total-interest' },
      format: money,
      right: [amount * (growth(i, n) - 1), row - amount],
      wrong: [
        ...inputs(drawn).map(({ ids, i: j, n: m }) => ({ ids, number: amount * (growth(j, m) - 1) })),
        { ids: ['simple-for-compound'], number: amount * rate * years },
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
