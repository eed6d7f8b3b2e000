/**
 * `npm run bench -- slips [loans]`: the judge held against answers its own code did not make: right by every convention,
 * wrong by textbook formulas, carried, wrong on top of an own answer, by chance, and by mistakes nobody knows.
 */
import {
  checkSubmission,
  defaultHouseRules,
  emptyDraft,
  plainStory,
  seededRandom,
  type Exercise,
  type Part,
  type Quantity,
  type Verdict,
} from '@hardy-sextant/core';
import { trials } from './otherKinds.ts';
import type { Trial } from './trial.ts';
import { count, printTallies } from './tally.ts';
import {
  cents,
  everyWay,
  mistakes,
  payment,
  put,
  rightAfter,
  unknownMistakes,
  type Loan,
  type Put,
  type Reading,
} from './textbook.ts';

const loans = Number(process.argv[2] ?? 120);

const quantityOf: Readonly<Record<Reading['what'], Quantity>> = {
  payment: 'payment',
  interest: 'total-interest',
  paid: 'total-paid',
  last: 'last-payment',
  owed: 'balance-after',
  left: 'left-to-pay',
  'interest-in': 'interest-in',
  'principal-in': 'principal-in',
};

const money = { kind: 'money', decimals: 2 } as const;

function exerciseOf({ amount, rate, perYear, payments, end, advance }: Loan, readings: readonly Reading[]): Exercise {
  const start = emptyDraft('borrow');
  const draft = {
    ...start,
    paymentsPerYear: perYear,
    timing: advance ? ('begin' as const) : ('end' as const),
    quote: { ...start.quote, compounding: perYear },
    slots: {
      ...start.slots,
      amount: String(amount),
      rate: String(Math.round(rate * 1e6) / 1e4),
      payments: String(payments),
      finalAmount: String(end),
    },
  };
  const parts = readings.map((reading, at): Part => {
    const args =
      'after' in reading
        ? { after: String(reading.after) }
        : 'from' in reading
          ? { from: String(reading.from), to: String(reading.to) }
          : undefined;
    return {
      id: 'abcdefgh'[at]!,
      prompt: 'Find it.',
      marks: 1,
      format: money,
      ask: { quantity: quantityOf[reading.what], plan: 'plan', ...(args ? { args } : {}) },
    };
  });
  // What is made of others: a difference of two answers.
  parts.push({
    id: 'x',
    prompt: 'How much of that is interest?',
    marks: 1,
    format: money,
    ask: { quantity: 'expression', text: 'answer c − answer b' },
  });
  return { title: 'Bench', story: plainStory('A loan.'), plans: [{ id: 'plan', draft }], parts };
}

const isRight = ({ kind }: Verdict): boolean => kind.startsWith('right') || kind === 'reading';
const written = (value: number): string => cents(value).toFixed(2);
const named = ({ explanations }: Verdict): string[] => explanations.map(({ slips }) => slips.join('+'));

const random = seededRandom('textbook');
const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)]!;

for (let at = 0; at < loans; at += 1) {
  const perYear = pick([1, 2, 4, 12, 12, 12, 26]);
  const payments = Math.max(4, Math.round(pick([3, 4, 5, 8, 10, 15]) * perYear));
  const amount = Math.round((2_000 + random() * 300_000) / 50) * 50;
  const loan: Loan = {
    amount,
    rate: Math.round((2.5 + random() * 12) * 20) / 2000,
    perYear,
    payments,
    end: random() < 0.25 ? Math.round(amount / 1000) * 200 : 0,
    advance: random() < 0.2,
  };
  const given = put(loan);
  const after = 1 + Math.floor(random() * (payments - 2));
  const from = 1 + Math.floor(random() * Math.max(1, payments / 2));
  const to = Math.min(payments - 1, from + pick([0, 0, perYear - 1]));
  const readings: Reading[] = [
    { what: 'payment' },
    { what: 'owed', after },
    { what: 'left', after },
    { what: 'interest' },
    { what: 'interest-in', from, to },
    { what: 'principal-in', from, to },
    { what: 'last' },
    { what: 'paid' },
  ];
  const exercise = exerciseOf(loan, readings);
  const judge = (entries: Record<string, string>, id: string): Verdict =>
    checkSubmission(exercise, {}, entries, defaultHouseRules).find(({ partId }) => partId === id)!;
  const exact = payment(given);

  for (const [place, reading] of readings.entries()) {
    const id = 'abcdefgh'[place]!;
    const rights = new Set([...everyWay(given, reading), ...rightAfter(given, reading)]);
    for (const right of rights) {
      const verdict = judge({ [id]: written(right) }, id);
      count(
        'right by any convention, all the marks',
        isRight(verdict) && verdict.credit === 1,
        `${reading.what} ${verdict.kind} ${named(verdict)[0] ?? ''}`,
      );
    }
    const isWrong = (value: number): boolean =>
      Number.isFinite(value) &&
      value !== 0 &&
      Math.abs(value) < 1e8 &&
      [...rights].every((right) => Math.abs(right - value) > 0.011);

    // One mistake, with the payment worked out again and with the one that was found.
    for (const { ids, wrong, inPayment } of mistakes) {
      const wrongly = wrong(given, loan);
      if (!wrongly || !(wrongly.n >= 1)) continue;
      const timing = wrongly.advance !== given.advance && (reading.what === 'owed' || reading.what === 'principal-in');
      const again =
        inPayment && reading.what !== 'payment'
          ? everyWay(given, reading, payment(wrongly))
          : everyWay(wrongly, reading);
      const numbers = [
        ...(timing ? [] : again),
        ...(reading.what === 'payment' || inPayment ? [] : everyWay(wrongly, reading, exact)),
      ];
      for (const number of new Set(numbers)) {
        if (!isWrong(number)) continue;
        const verdict = judge({ [id]: written(number) }, id);
        if (isRight(verdict)) continue;
        count(
          'the mistake is among the explanations',
          ids.some((each) => named(verdict).includes(each)),
          `${ids[0]} ${reading.what} ${verdict.kind} ${named(verdict)[0] ?? ''}`,
        );
        count(
          '… and is the first',
          ids.includes(named(verdict)[0] ?? ''),
          `${ids[0]} ${reading.what}: ${named(verdict)[0] ?? verdict.kind}`,
        );
      }
    }

    // Numbers by chance, and mistakes nobody knows.
    const chance = cents((rights.values().next().value ?? 0) * (0.3 + 2 * random()));
    if (chance >= 1000 && isWrong(chance)) {
      const verdict = judge({ [id]: written(chance) }, id);
      if (!isRight(verdict))
        count('chance, five digits or more: explained', verdict.kind !== 'unexplained', named(verdict)[0] ?? '');
    }
    for (const mistake of unknownMistakes) {
      const wrongly = mistake(given, random);
      const number = everyWay(wrongly, reading)[0]!;
      if (!isWrong(number) || Math.abs(number) < 100) continue;
      const verdict = judge({ [id]: written(number) }, id);
      if (!isRight(verdict))
        count(
          'an unknown mistake accused of a known one',
          verdict.kind === 'slip',
          `${reading.what} ${named(verdict)[0] ?? ''}`,
        );
    }

    if (reading.what === 'payment') continue;
    // From a payment of one's own: what follows is carried, and a mistake on top of it is found.
    const mine = exact * (0.8 + random() / 6);
    const own = { a: written(mine) };
    for (const paid of [mine, cents(mine)])
      for (const number of new Set(everyWay(given, reading, paid))) {
        if (!isWrong(number)) continue;
        const verdict = judge({ ...own, [id]: written(number) }, id);
        if (isRight(verdict)) continue;
        count(
          'carried from an own payment',
          verdict.kind === 'carried',
          `${reading.what} ${verdict.kind} ${named(verdict)[0] ?? ''}`,
        );
      }
    for (const { ids, wrong, inPayment } of mistakes) {
      const wrongly = wrong(given, loan);
      if (!wrongly || inPayment || !(wrongly.n >= 1) || !affects(wrongly, given, reading, mine)) continue;
      for (const number of new Set(everyWay(wrongly, reading, cents(mine)))) {
        if (!isWrong(number)) continue;
        const verdict = judge({ ...own, [id]: written(number) }, id);
        if (isRight(verdict) || verdict.kind === 'carried') continue;
        count(
          'a mistake on top of an own answer',
          ids.some((each) => named(verdict).includes(each)),
          `${ids[0]} ${reading.what} ${verdict.kind} ${named(verdict)[0] ?? ''}`,
        );
      }
    }
  }

  // A difference of two answers: right from any two of them, and with one mistake in both.
  const [owing, left] = [everyWay(given, readings[1]!), everyWay(given, readings[2]!)];
  for (const [way, each] of owing.entries()) {
    const verdict = judge({ x: written(left[way]! - each) }, 'x');
    count('right by any convention, all the marks', isRight(verdict), `difference ${verdict.kind}`);
  }
  for (const { ids, wrong } of mistakes) {
    const wrongly = wrong(given, loan);
    if (!wrongly || !Number.isInteger(wrongly.n)) continue;
    const number = everyWay(given, readings[2]!)[1]! - everyWay(wrongly, readings[1]!, exact)[1]!;
    if (Math.abs(number - (left[1]! - owing[1]!)) < 0.1) continue;
    const verdict = judge({ x: written(number) }, 'x');
    if (!isRight(verdict))
      count(
        'a mistake within a difference',
        ids.some((each) => named(verdict).includes(each)),
        `${ids[0]} ${verdict.kind} ${named(verdict)[0] ?? ''}`,
      );
  }
  const carriedX = judge({ b: written(owing[0]! * 1.03), x: written(left[2]! - cents(owing[0]! * 1.03)) }, 'x');
  count('carried from an own payment', carriedX.kind === 'carried', `difference ${carriedX.kind}`);
}

/** A question of another kind, as an exercise of one part. */
function judgeTrial({ what, draft, ask, format, right, wrong }: Trial): void {
  const { quantity, ...args } = ask;
  const texts = Object.fromEntries(Object.entries(args).map(([name, value]) => [name, String(value)]));
  const part: Part = { id: 'a', prompt: 'Find it.', marks: 1, format, ask: { quantity, plan: 'plan', args: texts } };
  const exercise: Exercise = {
    title: 'Bench',
    story: plainStory('A case.'),
    plans: [{ id: 'plan', draft }],
    parts: [part],
  };
  const judge = (number: number): Verdict => {
    const places = format.kind === 'count' && Number.isInteger(number) ? 0 : 2;
    return checkSubmission(exercise, {}, { a: number.toFixed(places) }, defaultHouseRules)[0]!;
  };
  for (const number of new Set(right)) {
    const verdict = judge(number);
    count(
      'other kinds: right, all the marks',
      isRight(verdict) && verdict.credit === 1,
      `${what} ${verdict.kind} ${named(verdict)[0] ?? ''}`,
    );
  }
  for (const { ids, number } of wrong) {
    if (!Number.isFinite(number) || number === 0 || right.some((each) => Math.abs(each - number) < 0.011)) continue;
    const verdict = judge(number);
    if (isRight(verdict)) continue;
    count(
      'other kinds: the mistake is among the explanations',
      ids.some((each) => named(verdict).includes(each)),
      `${what}, ${ids[0]}: ${verdict.kind} ${named(verdict)[0] ?? ''}`,
    );
    count(
      'other kinds: … and is the first',
      ids.includes(named(verdict)[0] ?? ''),
      `${what}, ${ids[0]}: ${named(verdict)[0] ?? verdict.kind}`,
    );
  }
}

for (let at = 0; at < loans; at += 1) trials(random).forEach(judgeTrial);

/** A mistake that leaves no trace in a reading is none. */
function affects(wrongly: Put, given: Put, reading: Reading, paid: number): boolean {
  return Math.abs(everyWay(wrongly, reading, paid)[0]! - everyWay(given, reading, paid)[0]!) > 0.05;
}

const aims: Readonly<Record<string, string>> = {
  'right by any convention, all the marks': 'all',
  'the mistake is among the explanations': '99 %',
  '… and is the first': '95 %',
  'carried from an own payment': '99 %',
  'a mistake on top of an own answer': '90 %',
  'a mistake within a difference': '90 %',
  'other kinds: right, all the marks': 'all',
  'other kinds: the mistake is among the explanations': '99 %',
  'other kinds: … and is the first': '95 %',
  'chance, five digits or more: explained': 'under 2 %',
  'an unknown mistake accused of a known one': 'under 1 %',
};
console.log(`${loans} loans, answers by textbook formulas.\n`);
printTallies(aims);
