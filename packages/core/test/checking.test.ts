/** Verdicts and slips: the kiln shed loan answered in every way. */
import {
  checkSubmission,
  checkSubmissions,
  defaultHouseRules,
  emptyDraft,
  plainStory,
  slips,
  type Exercise,
  type Verdict,
} from '../src/index.ts';

const exercise: Exercise = {
  title: 'The kiln shed loan',
  story: plainStory(''),
  plans: [
    {
      id: 'plan',
      draft: {
        ...emptyDraft('borrow'),
        slots: { amount: '48,000', rate: '6.6', payments: '60', payment: '', finalAmount: '0', converted: '' },
      },
    },
  ],
  parts: [
    {
      id: 'a',
      prompt: 'Find the payment.',
      marks: 4,
      ask: { quantity: 'payment', plan: 'plan' },
      format: { kind: 'money', decimals: 2 },
    },
  ],
};
const check = (text: string, from: Exercise = exercise): Verdict =>
  checkSubmission(from, {}, { a: text }, defaultHouseRules)[0]!;

describe('verdicts', () => {
  it.each([
    ['941.43', 'right', 1],
    ['$941.43', 'right', 1],
    ['941.425061', 'right', 1],
    ['941.4', 'right-rounded', 1],
    ['941', 'right-rounded', 1],
    ['941.42', 'right-rounded', 1],
    ['', 'blank', 0],
    ['ask the bank', 'unreadable', 0],
    ['1,012.50', 'unexplained', 0],
    ['0', 'unexplained', 0],
    ['900', 'unexplained', 0],
  ])('%s is %s', (text, kind, credit) => expect(check(text)).toMatchObject({ kind, credit }));

  it.each([
    ['3,237.96', 'rate-left-annual'],
    ['9,758.98', 'years-for-payments'],
    ['936.28', 'beginning-for-end'],
    ['-941.43', 'answer-sign'],
    ['1,064.00', 'simple-interest-payment'],
    ['800', 'principal-over-count'],
    ['26,400', 'rate-percent-not-decimal'],
    ['914.43', 'digits-swapped'],
    ['941.34', 'digits-swapped'],
  ])('%s is the slip %s', (text, id) => {
    const verdict = check(text);
    expect(verdict.kind).toBe('slip');
    expect(verdict.explanations[0]!.slips).toEqual([id]);
    expect(verdict.explanations[0]!.says).toMatch(/[0-9]/);
    expect(verdict.credit).toBeGreaterThan(0);
  });

  it('gives the difference and the key', () => {
    expect(check('3,237.96')).toMatchObject({
      expected: 941.43,
      read: 3237.96,
      difference: 2296.53,
      expectedWritten: '941.43',
    });
  });

  it('does not let a coarse entry fit by rounding everything away', () => {
    expect(check('0.0').explanations).toEqual([]);
  });

  it('checks many submissions as it checks one', () => {
    const texts = ['941.43', '3,237.96', 'x', ''];
    expect(
      checkSubmissions(
        exercise,
        {},
        texts.map((a) => ({ a })),
        defaultHouseRules,
      ).map(([verdict]) => verdict),
    ).toEqual(texts.map((text) => check(text)));
  });
});

describe('a part that cannot be worked', () => {
  it('says so instead of marking', () => {
    const broken = {
      ...exercise,
      plans: [
        {
          id: 'plan',
          draft: { ...exercise.plans[0]!.draft, slots: { ...exercise.plans[0]!.draft.slots, rate: 'low' } },
        },
      ],
    };
    expect(check('941.43', broken)).toMatchObject({ kind: 'no-key', credit: 0, says: expect.stringContaining('rate') });
  });
});

describe('other questions', () => {
  const asked = (
    quantity: 'rate' | 'payments' | 'amount',
    slots: Partial<Exercise['plans'][0]['draft']['slots']>,
  ): Exercise => ({
    ...exercise,
    plans: [
      { id: 'plan', draft: { ...exercise.plans[0]!.draft, slots: { ...exercise.plans[0]!.draft.slots, ...slots } } },
    ],
    parts: [
      {
        ...exercise.parts[0]!,
        ask: { quantity, plan: 'plan' },
        format:
          quantity === 'rate'
            ? { kind: 'percent', decimals: 2 }
            : quantity === 'payments'
              ? { kind: 'count', decimals: 0, up: true }
              : { kind: 'money', decimals: 2 },
      },
    ],
  });

  it('reads a rate with or without its sign', () => {
    const rate = asked('rate', { payment: '941.43' });
    expect(check('6.60 %', rate).kind).toBe('right');
    expect(check('6.6', rate).kind).toBe('right');
    expect(check('7', rate).kind).toBe('right-rounded');
  });

  it('counts payments whole', () => {
    const count = asked('payments', { payment: '1000' });
    expect(check('56', count).kind).toBe('right');
    expect(check('65', count)).toMatchObject({ kind: 'slip' });
  });

  it('never calls the right number a slip, whatever the slip gives', () => {
    for (const quantity of ['rate', 'payments', 'amount'] as const) {
      const part = asked(quantity, { payment: '941.43' });
      const written = check('nothing', part).expectedWritten!;
      expect(['right', 'right-rounded']).toContain(check(written, part).kind);
    }
  });
});

describe('the table of slips', () => {
  it('names each once and says it in a sentence', () => {
    expect(new Set(slips.map(({ id }) => id)).size).toBe(slips.length);
    for (const { title } of slips) expect(title).toMatch(/^[A-Z]/);
  });
});
