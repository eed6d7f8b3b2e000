/** Exercises made of cases: the same numbers as the case, a given for each of them, and draws that work. */
import {
  answerKey,
  applyVariation,
  askCase,
  centRounding,
  defaultHouseRules,
  defaultNumberStyle,
  drawNumbers,
  exerciseFromCase,
  exerciseProblems,
  givensInForce,
  must,
  newChange,
  numberStyleById,
  quantities,
  storyText,
  topics,
  usualQuestions,
  usualRange,
  type Exercise,
  type StatementDraft,
  type Variation,
} from '../src/index.ts';
import { draftOf } from './drafts.ts';

const rules = defaultHouseRules;
const varied = (more: Partial<Variation>): Variation => ({ id: 'v', slots: {}, changes: [], ...more });
const made = (draft: StatementDraft, variations: Variation[] = [], more = {}): Exercise =>
  exerciseFromCase({ title: 'A case', draft, variations, tags: [], ...more }, centRounding);
const key = (exercise: Exercise): string[] =>
  answerKey(exercise, {}, rules).map((part) => (part.ok ? part.value.written : part.problem.message));
const told = (exercise: Exercise): string => {
  const style = numberStyleById(exercise.plans[0]!.draft.numberStyle);
  return storyText(exercise.story, givensInForce(exercise, {}, style).written);
};

const kiln = draftOf('borrow', { amount: '48,000', rate: '6.6', payments: '5y' });

/** One of each kind, each slot asked that its kind has. */
const cases: Readonly<Record<string, StatementDraft>> = {
  'a loan over years': kiln,
  'a loan of so many payments': draftOf('borrow', { amount: '48k', rate: '6.6 %', payments: '60' }),
  'the rate of a loan': draftOf('borrow', { amount: '48,000', payments: '60', payment: '950' }, { unknown: 'rate' }),
  'the count of a loan': draftOf('borrow', { amount: '9,000', rate: '7.2', payment: '250' }, { unknown: 'payments' }),
  'what can be borrowed': draftOf('borrow', { rate: '6.9', payments: '48', payment: '420' }, { unknown: 'amount' }),
  'a balloon': draftOf('borrow', { amount: '20,000', rate: '6', payments: '36', finalAmount: '5,000' }),
  'a balloon asked': draftOf(
    'borrow',
    { amount: '20,000', rate: '6', payments: '36', payment: '450' },
    { unknown: 'finalAmount' },
  ),
  'an amount that is built up': draftOf(
    'borrow',
    { rate: '7.2', payments: '4y' },
    { buildUp: { price: '31,500', downPayment: '10%', tradeIn: '4,200', feesAdded: '180', feesTaken: '95' } },
  ),
  'changes of every kind': draftOf(
    'borrow',
    { amount: '30,000', rate: '6', payments: '60' },
    {
      changes: [
        { ...newChange('draw', 'd'), texts: { amount: '5,000', before: '3' } },
        { ...newChange('interest-only', 'i'), texts: { from: '1', through: '6' } },
        { ...newChange('rate', 'r'), texts: { after: '24', rate: '7.5' } },
        { ...newChange('extra', 'e'), texts: { amount: '1,200', from: '30', to: '', every: '' } },
        { ...newChange('payment', 'p'), texts: { after: '40', amount: '1,000' } },
      ],
    },
  ),
  deferred: draftOf(
    'borrow',
    { amount: '8,000', rate: '5', payments: '30' },
    { changes: [newChange('deferred', 'd')] },
  ),
  savings: draftOf('save', { amount: '1,200', rate: '3.6', payments: '48', finalAmount: '26,000' }),
  'savings from nothing': draftOf(
    'save',
    { amount: '0', rate: '3.6', payments: '4y', payment: '300' },
    { unknown: 'finalAmount' },
  ),
  'a fund drawn down': draftOf('draw-down', { amount: '180,000', rate: '4.2', payments: '60', finalAmount: '0' }),
  'what a fund leaves': draftOf(
    'draw-down',
    { amount: '180,000', rate: '4.2', payments: '60', payment: '900' },
    { unknown: 'finalAmount' },
  ),
  'a single sum': draftOf('lump-sum', { amount: '7,500', rate: '4.5', payments: '20' }, { unknown: 'finalAmount' }),
  'a single sum’s rate': draftOf(
    'lump-sum',
    { amount: '7,500', payments: '10y', finalAmount: '11,000' },
    { unknown: 'rate' },
  ),
  'a lease': draftOf('lease', { amount: '18,500', rate: '8.4', payments: '36', finalAmount: '3,700' }),
  'a flat charge': draftOf('flat', { amount: '3,600', rate: '7.5', payments: '24' }),
  'a conversion': draftOf('convert', { rate: '19.2' }),
};

describe('an exercise made of a case', () => {
  it.each(Object.entries(cases))('asks what the case asks and gives its number: %s', (_, draft) => {
    const exercise = made(draft);
    expect(exerciseProblems(exercise, rules)).toEqual([]);
    const { ask } = exercise.parts[0]!;
    const asked = askCase(draft, { quantity: ask.quantity as 'payment' }, centRounding);
    expect(must(answerKey(exercise, {}, rules)[0]!).exact).toBeCloseTo(must(asked).exact, 9);
    // Its story names every given, and is in whole sentences.
    const names = exercise.givens!.map(({ name }) => name);
    expect(names.length).toBeGreaterThan(0);
    const story = storyText(exercise.story);
    for (const name of names) expect(story).toContain(`{${name}}`);
    expect(told(exercise)).not.toMatch(/undefined|NaN| {2}| [.,]|\.\.|\{|[^.]$/);
    expect(topics).toContain(exercise.topic);
  });

  it.each(Object.entries(cases))('can be drawn with other numbers: %s', (_, draft) => {
    const exercise = made(draft);
    const givens = exercise.givens!.map((given) => ({ ...given, vary: usualRange(given, defaultNumberStyle)! }));
    const varying = { ...exercise, givens };
    expect(exerciseProblems(varying, rules)).toEqual([]);
    const draw = must(drawNumbers(varying, 'one seed', rules));
    expect(Object.keys(draw)).toEqual(givens.map(({ name }) => name));
  });

  it('says it in plain sentences', () => {
    expect(told(made(kiln))).toBe(
      'A loan of 48,000 at 6.6\u00a0% a year, compounded monthly, is repaid over 5 years in equal monthly payments at the end of each month.',
    );
    expect(told(made(cases['an amount that is built up']!))).toContain(
      'Goods are bought for 31,500. 10.0\u00a0% is paid down. 4,200 is allowed for what is traded in. Fees of 180 are added',
    );
    expect(told(made(cases['changes of every kind']!))).toMatch(
      /5,000 more is received before payment 3\. Through payment 6 only the interest is paid\. After payment 24 the rate is 7\.5/,
    );
    expect(told(made(cases.savings!))).toMatch(/48 equal monthly deposits are made .* to have 26,000 at the end\.$/);
  });

  it('makes plans of variations and asks how much more', () => {
    const longer = varied({ slots: { payments: '72' } });
    const cheaper = varied({ id: 'w', slots: { rate: '5.9' } });
    const exercise = made(kiln, [longer, cheaper]);
    expect(exercise.plans.map(({ name }) => name)).toEqual(['plan 1', 'plan 2', 'plan 3']);
    expect(exercise.parts.map(({ prompt }) => prompt)).toEqual([
      'Find the monthly payment.',
      'How much more interest is paid in all under plan 2 than under plan 1?',
      'How much more interest is paid in all under plan 1 than under plan 3?',
    ]);
    const interest = (draft: StatementDraft): number =>
      must(askCase(draft, { quantity: 'total-interest' }, centRounding)).exact;
    const [, first, second] = answerKey(exercise, {}, rules).map((part) => must(part).exact);
    expect(first).toBeCloseTo(interest(applyVariation(kiln, longer)) - interest(kiln), 9);
    expect(second).toBeCloseTo(interest(kiln) - interest(applyVariation(kiln, cheaper)), 9);
    expect(told(exercise)).toContain('Plan 2 is the same, but for this: there are 72 payments.');
  });

  it('keeps the time in years where payments fall more often', () => {
    for (const draft of [kiln, cases['a loan of so many payments']!]) {
      const weekly = varied({ paymentsPerYear: 52 });
      const exercise = made(draft, [weekly]);
      const theirs = must(askCase(applyVariation(draft, weekly), { quantity: 'total-interest' }, centRounding)).exact;
      const ours = must(askCase(draft, { quantity: 'total-interest' }, centRounding)).exact;
      expect(must(answerKey(exercise, {}, rules)[1]!).exact).toBeCloseTo(Math.abs(theirs - ours), 9);
    }
  });

  it('lets a change that only works the payment out otherwise keep its given', () => {
    const review = { ...newChange('rate', 'r'), texts: { after: '18', rate: '7.2' } };
    const draft = draftOf('borrow', { amount: '26,800', rate: '5.7', payments: '48' }, { changes: [review] });
    const exercise = made(draft, [varied({ changes: [{ ...review, payment: 'same' }] })]);
    expect(exercise.givens!.map(({ name }) => name)).toEqual(['amount', 'rate', 'payments', 'new rate']);
    expect(told(exercise)).toMatch(
      /Plan 2 is the same, but for this: after payment 18 the rate is 7\.2.*stays the same\./,
    );
  });

  it('asks what is open on the Bench, unless the statement asks it already or it cannot be asked', () => {
    const asks = (draft: StatementDraft, open: object): string[] =>
      made(draft, [], { open }).parts.map(({ prompt }) => prompt);
    expect(asks(kiln, { quantity: 'interest-in', from: 13, to: 24 })[1]).toBe(
      'How much interest is paid in the second year?',
    );
    expect(asks(kiln, { quantity: 'balance-after', after: 7 })[1]).toBe('What is still owed after payment 7?');
    expect(asks(kiln, { quantity: 'payment' })).toHaveLength(1);
    expect(asks(cases['a conversion']!, { quantity: 'balance-after', after: 7 })).toHaveLength(1);
  });

  it('reads the numbers in the style they are written in', () => {
    const draft = draftOf('borrow', { amount: '48.000', rate: '6,6', payments: '60' }, { numberStyle: 'point-comma' });
    const exercise = made(draft);
    expect(exercise.givens!.map(({ now }) => now)).toEqual(['48.000', '6,6', '60']);
    expect(key(exercise)[0]).toBe('941.43');
  });
});

describe('the usual questions', () => {
  it.each(Object.entries(cases))('can all be answered: %s', (_, draft) => {
    const questions = usualQuestions({ id: 'plan', draft }, 24);
    expect(questions.length).toBeGreaterThan(1);
    const parts = questions.map((question, at) => ({ id: `p${at}`, ...question }));
    const exercise: Exercise = { title: 'All', story: made(draft).story, plans: [{ id: 'plan', draft }], parts };
    const answers = answerKey(exercise, {}, rules);
    expect(answers.filter((part) => !part.ok)).toEqual([]);
    expect(new Set(questions.map(({ prompt }) => prompt)).size).toBe(questions.length);
    for (const { prompt } of questions) expect(prompt).toMatch(/^[A-Z].*[.?]$/);
  });

  it('stay within a plan of one, two, and a few payments', () => {
    for (const count of [1, 2, 5]) {
      const draft = draftOf('borrow', { amount: '1,000', rate: '6', payments: String(count) });
      const parts = usualQuestions({ id: 'plan', draft }, count).map((question, at) => ({ id: `p${at}`, ...question }));
      const answers = answerKey(
        { title: '', story: made(draft).story, plans: [{ id: 'plan', draft }], parts },
        {},
        rules,
      );
      expect(answers.filter((part) => !part.ok)).toEqual([]);
    }
    expect(quantities['balance-after'].needs).toEqual(['after']);
  });
});

describe('a sensible range', () => {
  it.each([
    ['money', '48,000', '36,000', '60,000', '500'],
    ['money', '6.50', '4.9', '8.1', '0.1'],
    ['rate', '6.6', '5.4', '7.8', '0.1'],
    ['rate', '0.5', '0.1', '1.7', '0.1'],
    ['years', '1', '1', '3', '1'],
    ['count', '60', '48', '72', '12'],
    ['count', '7', '6', '8', '1'],
    ['count', '1', '1', '2', '1'],
  ] as const)('for %s %s goes from %s to %s by %s', (kind, now, from, to, step) => {
    expect(usualRange({ kind, now }, defaultNumberStyle)).toEqual({ by: 'range', from, to, step });
  });

  it('has none for words, nothing, and what cannot be read', () => {
    for (const now of ['', 'much', '0', '-5'])
      expect(usualRange({ kind: 'money', now }, defaultNumberStyle)).toBeUndefined();
    expect(usualRange({ kind: 'words', now: '12' }, defaultNumberStyle)).toBeUndefined();
  });
});

it('says a refinancing as what is owed then and a new loan of it', () => {
  const refinancing = { after: '24', rate: '5.4', payments: '36', costs: '450', costsPaid: 'added' as const };
  const exercise = made(kiln, [varied({ slots: { payments: '6y' } }), varied({ id: 'w', refinancing })]);
  expect(exerciseProblems(exercise, rules)).toEqual([]);
  expect(exercise.parts.map(({ ask }) => ask.quantity)).toEqual(['payment', 'difference', 'balance-after', 'payment']);
  expect(told(exercise).replace(/\s+/g, ' ')).toContain(
    'After payment 24 plan 1 is refinanced: what is owed then is lent anew at 5.4 %, over 36 payments, and costs of 450 are added to it. That is plan 3.',
  );
  expect(told(exercise)).toContain('Plan 2 is the same, but for this: it runs over 6 years.');
  // By the textbook: what is owed after 24 of 60 payments of 941.43, and 450, over 36 months at 0.45 % each.
  const owed = 48_000 * 1.0055 ** 24 - (941.43 * (1.0055 ** 24 - 1)) / 0.0055;
  const payment = ((owed + 450) * 0.0045) / (1 - 1.0045 ** -36);
  const amounts = key(exercise)
    .slice(2)
    .map((text) => Number(text.replace(/,/g, '')));
  expect(amounts[0]).toBeCloseTo(owed, 1);
  expect(amounts[1]).toBeCloseTo(payment, 1);
});
