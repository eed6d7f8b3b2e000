/** Starter exercises: saving, sinking funds, drawing down, and rates. */

import { ask, asks, money, plan, rate, starter, sum, years, count } from './make.ts';

const nominal = { kind: 'nominal', compounding: 12, daysPerYear: 365, daysPerPeriod: 30 } as const;

export const savingStarters = [
  starter({
    title: 'A lump sum for the regatta',
    topic: 'saving',
    story:
      'The regatta committee puts {amount} aside at {rate} a year, compounded monthly, and leaves it there for {years} years.',
    givens: [
      money('amount', '8,000', '6,000..10,000/200'),
      rate('rate', '3.6', '2.4..4.8/0.1'),
      years('years', '5', '3; 4; 5; 6'),
    ],
    plan: plan('lump-sum', { amount: 'amount', rate: 'rate', payments: 'years × 12', finalAmount: '?' }),
    parts: [ask('a', 3, 'How much is there at the end?', 'final-amount')],
  }),
  starter({
    title: 'What to put aside today',
    topic: 'saving',
    story: 'In {years} years the sailing school needs {target}. Money earns {rate} a year, compounded quarterly.',
    givens: [
      money('target', '15,000', '12,000..18,000/500'),
      years('years', '6', '4; 5; 6; 8'),
      rate('rate', '3.2', '2.4..4.4/0.2'),
    ],
    plan: plan('lump-sum', { amount: '?', rate: 'rate', payments: 'years × 4', finalAmount: 'target' }, { perYear: 4 }),
    parts: [ask('a', 3, 'How much must be put aside today?', 'amount')],
  }),
  starter({
    title: 'Saving month by month',
    topic: 'saving',
    story:
      'The beekeepers pay {deposit} into a fund at the end of each month for {years} years. It earns {rate} a year, compounded monthly.',
    givens: [
      money('deposit', '150', '100..200/10'),
      years('years', '4', '3; 4; 5; 6'),
      rate('rate', '3.9', '2.7..5.1/0.1'),
    ],
    plan: plan('save', { amount: '0', rate: 'rate', payments: 'years × 12', payment: 'deposit', finalAmount: '?' }),
    parts: [
      ask('a', 3, 'How much is in the fund at the end?', 'final-amount'),
      ask('b', 2, 'How much of it is interest?', 'total-interest'),
    ],
  }),
  starter({
    title: 'Deposits at the beginning',
    topic: 'saving',
    level: 'second',
    story:
      'The reading room pays {deposit} into a fund at the beginning of each quarter for {years} years, at {rate} a year compounded quarterly. It starts with {amount}.',
    givens: [
      money('deposit', '300', '200..400/20'),
      years('years', '5', '4; 5; 6'),
      rate('rate', '3.6', '2.8..4.8/0.2'),
      money('amount', '1,000', '500..1,500/100'),
    ],
    plan: plan(
      'save',
      { amount: 'amount', rate: 'rate', payments: 'years × 4', payment: 'deposit', finalAmount: '?' },
      { perYear: 4, begin: true },
    ),
    parts: [
      ask('a', 3, 'How much is there at the end?', 'final-amount'),
      ask('b', 2, 'How much is there after the first 8 deposits?', 'balance-after', { args: { after: '8' } }),
    ],
  }),
  starter({
    title: 'How long until the bell is paid for',
    topic: 'count',
    level: 'second',
    story:
      'A new bell costs {target}. The parish saves {deposit} at the end of each month at {rate} a year, compounded monthly.',
    givens: [
      money('target', '9,000', '7,000..11,000/250'),
      money('deposit', '180', '140..220/10'),
      rate('rate', '3', '2.4..4.2/0.3'),
    ],
    limits: [{ of: { part: 'a' }, least: 24, most: 120 }],
    plan: plan('save', { amount: '0', rate: 'rate', payments: '?', payment: 'deposit', finalAmount: 'target' }),
    parts: [ask('a', 3, 'How many deposits are needed?', 'payments')],
  }),
  starter({
    title: 'The choir hall roof fund',
    topic: 'sinking fund',
    level: 'second',
    story:
      'The choir hall needs {target} for its roof in {years} years. The fund holds {amount} and earns {rate} a year, compounded monthly; the same is paid in at the end of each month.',
    givens: [
      money('target', '26,000', '21,000..31,000/500'),
      years('years', '4', '3; 4; 5'),
      money('amount', '1,200', '800..2,000/100'),
      rate('rate', '3.6', '2.4..4.8/0.2'),
    ],
    plan: plan('save', { amount: 'amount', rate: 'rate', payments: 'years × 12', payment: '?', finalAmount: 'target' }),
    parts: [
      ask('a', 3, 'Find the monthly deposit.', 'payment'),
      ask('b', 2, 'How much interest does the fund earn?', 'total-interest'),
      ask('c', 2, 'How much is in the fund after 24 deposits?', 'balance-after', { args: { after: '24' } }),
    ],
  }),
  starter({
    title: 'A sinking fund for the ferry engine',
    topic: 'sinking fund',
    story:
      'The ferry’s engine must be replaced in {years} years for {target}. Equal deposits are made at the end of each half-year at {rate} a year, compounded half-yearly.',
    givens: [
      years('years', '8', '6; 8; 10'),
      money('target', '90,000', '70,000..110,000/2,000'),
      rate('rate', '4', '3.2..5.2/0.2'),
    ],
    plan: plan(
      'save',
      { amount: '0', rate: 'rate', payments: 'years × 2', payment: '?', finalAmount: 'target' },
      { perYear: 2 },
    ),
    parts: [ask('a', 3, 'Find each deposit.', 'payment'), ask('b', 1, 'How much is paid in, in all?', 'total-paid')],
  }),
  starter({
    title: 'The orchard endowment',
    topic: 'drawing down',
    level: 'second',
    story:
      'An orchard is endowed with {amount} at {rate} a year, compounded quarterly. For {years} years the same is taken out at the end of each quarter, and {rest} is to be left.',
    givens: [
      money('amount', '180,000', '150,000..210,000/5,000'),
      rate('rate', '4.2', '3.4..5/0.1'),
      years('years', '15', '10; 12; 15'),
      money('rest', '40,000', '20,000..60,000/5,000'),
    ],
    plan: plan(
      'draw-down',
      { amount: 'amount', rate: 'rate', payments: 'years × 4', payment: '?', finalAmount: 'rest' },
      { perYear: 4 },
    ),
    parts: [
      ask('a', 3, 'How much is taken out each quarter?', 'payment'),
      ask('b', 2, 'How much is left after 20 quarters?', 'balance-after', { args: { after: '20' } }),
    ],
  }),
  starter({
    title: 'How much for ten years of prizes',
    topic: 'drawing down',
    story:
      'The college gives a prize of {prize} at the beginning of each year for {years} years. The fund earns {rate} a year.',
    givens: [
      money('prize', '1,200', '800..1,600/100'),
      years('years', '10', '8; 10; 12'),
      rate('rate', '3.5', '2.5..5/0.25'),
    ],
    plan: plan(
      'draw-down',
      { amount: '?', rate: 'rate', payments: 'years', payment: 'prize', finalAmount: '0' },
      { perYear: 1, begin: true },
    ),
    parts: [ask('a', 3, 'How much must be in the fund at the start?', 'amount')],
  }),
  starter({
    title: 'How long the museum fund lasts',
    topic: 'drawing down',
    level: 'second',
    story:
      'The boat museum has {amount} at {rate} a year, compounded monthly, and takes {taken} out at the end of each month.',
    givens: [
      money('amount', '50,000', '40,000..60,000/1,000'),
      rate('rate', '4.8', '3.6..6/0.3'),
      money('taken', '600', '520..700/20'),
    ],
    limits: [{ of: { part: 'a' }, least: 48, most: 240 }],
    plan: plan('draw-down', { amount: 'amount', rate: 'rate', payments: '?', payment: 'taken', finalAmount: '0' }),
    parts: [
      ask('a', 3, 'For how many months does it last? Count the last, smaller one.', 'payments'),
      ask('b', 1, 'How long is that, in years and months?', 'years'),
    ],
  }),
  starter({
    title: 'The chandlery card, effective',
    topic: 'effective and nominal',
    story: 'The chandlery’s customer card charges {rate} a year, compounded monthly.',
    givens: [rate('rate', '19.2', '14.4..21.6/0.6')],
    plan: plan('convert', { rate: 'rate', converted: '?' }),
    parts: [
      ask('a', 1, 'Find the rate for a month.', 'rate-per-payment'),
      ask('b', 2, 'Find the effective rate a year.', 'converted'),
    ],
  }),
  starter({
    title: 'From effective back to nominal',
    topic: 'effective and nominal',
    level: 'second',
    story: 'A deposit is advertised with an effective rate of {rate} a year. Interest is added every month.',
    givens: [rate('rate', '4.5', '2.5..6.5/0.25')],
    plan: { ...plan('convert', { rate: 'rate', converted: '?' }, { effective: true }), into: nominal },
    parts: [
      ask('a', 2, 'Find the nominal rate a year, compounded monthly.', 'converted'),
      ask('b', 1, 'Find the rate for a month, in percent with four decimals.', 'rate-per-payment', {
        format: { kind: 'percent', decimals: 4 },
      }),
    ],
  }),
  starter({
    title: 'The rate that doubles the seed fund',
    topic: 'rate',
    level: 'second',
    story:
      'A fund of {amount} is to grow to {target} in {years} years without further deposits; interest is added once a year.',
    givens: [
      money('amount', '4,000', '3,000..5,000/250'),
      money('target', '6,000', '= amount × 1.5'),
      years('years', '10', '8; 10; 12'),
    ],
    plan: plan('lump-sum', { amount: 'amount', rate: '?', payments: 'years', finalAmount: 'target' }, { perYear: 1 }),
    parts: [ask('a', 3, 'Find the rate a year.', 'rate')],
  }),
  starter({
    title: 'Savings as a recurrence',
    topic: 'recurrence',
    story:
      'A fund follows V₀ = {amount}; each quarter V grows by the rate for a quarter and {deposit} is added. The rate is {rate} a year, compounded quarterly.',
    givens: [
      money('amount', '2,000', '1,000..3,000/100'),
      money('deposit', '250', '150..350/10'),
      rate('rate', '3.2', '2.4..4.8/0.4'),
    ],
    plan: plan(
      'save',
      { amount: 'amount', rate: 'rate', payments: '12', payment: 'deposit', finalAmount: '?' },
      { perYear: 4 },
    ),
    parts: [
      ask('a', 1, 'Find V₁.', 'term', { args: { after: '1' } }),
      ask('b', 2, 'Find V₄.', 'term', { args: { after: '4' } }),
      ask('c', 2, 'Find V₁₂.', 'term', { args: { after: '12' } }),
    ],
  }),
  starter({
    title: 'Saving first, then drawing down',
    topic: 'saving',
    level: 'third',
    story:
      'A boat builder saves {deposit} at the end of each month for {years} years at {rate} a year, compounded monthly. From then on the fund pays a pension at the end of each month for 10 years, at the same rate.',
    givens: [
      money('deposit', '400', '300..500/10'),
      years('years', '20', '15; 18; 20'),
      rate('rate', '4.2', '3.6..4.8/0.1'),
      count('months', '120'),
    ],
    plans: [
      {
        id: 'plan',
        name: 'saving',
        draft: plan('save', {
          amount: '0',
          rate: 'rate',
          payments: 'years × 12',
          payment: 'deposit',
          finalAmount: '?',
        }),
      },
      {
        id: 'pension',
        name: 'the pension',
        draft: plan('draw-down', {
          amount: 'answer a',
          rate: 'rate',
          payments: 'months',
          payment: '?',
          finalAmount: '0',
        }),
      },
    ],
    parts: [
      ask('a', 3, 'How much is saved?', 'final-amount'),
      ask('b', 3, 'Find the monthly pension.', 'payment', { plan: 'pension' }),
      sum('c', 1, 'How much does the pension pay in all?', 'months × answer b'),
    ],
  }),
  starter({
    title: 'Two savings books',
    topic: 'comparing',
    level: 'second',
    story:
      'For {amount} the harbour bank pays {rate} a year, compounded monthly; the island bank pays an effective {other rate}. The money stays for {years} years.',
    givens: [
      money('amount', '5,000', '4,000..6,000/250'),
      rate('rate', '3.6', '3..4.2/0.1'),
      rate('other rate', '3.65', '= rate + 0.05'),
      years('years', '4', '3; 4; 5'),
    ],
    plans: [
      {
        id: 'harbour',
        name: 'harbour bank',
        draft: plan('lump-sum', { amount: 'amount', rate: 'rate', payments: 'years × 12', finalAmount: '?' }),
      },
      {
        id: 'island',
        name: 'island bank',
        draft: plan(
          'lump-sum',
          { amount: 'amount', rate: 'other rate', payments: 'years', finalAmount: '?' },
          { perYear: 1, effective: true },
        ),
      },
    ],
    parts: [
      ask('a', 2, 'Find the effective rate of the harbour bank.', 'effective', { plan: 'harbour' }),
      asks('b', 3, 'Which bank gives more, and how much is there?', {
        quantity: 'choice',
        of: 'final-amount',
        plans: ['harbour', 'island'],
        prefer: 'more',
      }),
    ],
  }),
];
