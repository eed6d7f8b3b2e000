/** The order of verdicts, reading answers in every style, house rules. */
import {
  checkSubmission,
  defaultHouseRules,
  isOpen,
  marksOf,
  type Exercise,
  type HouseRules,
  type Verdict,
} from '../src/index.ts';
import { asking, ferry, loan, part } from './exercises.ts';

const rulesWith = (change: Partial<HouseRules>): HouseRules => ({ ...defaultHouseRules, ...change });
const one = (ask: Parameters<typeof part>[1], more: Parameters<typeof part>[2] = {}, draft = loan()): Exercise =>
  asking([{ id: 'plan', draft }], [part('a', ask, more)]);
const payment = one({ quantity: 'payment', plan: 'plan' });
const judge = (exercise: Exercise, text: string, rules = defaultHouseRules): Verdict =>
  checkSubmission(exercise, {}, { a: text }, rules)[0]!;

describe('reading', () => {
  it.each([
    ['625.72', 'right'],
    [' 625.72 ', 'right'],
    ['$ 625.72', 'right'],
    ['625.72 USD', 'right'],
    ['€625.72', 'right'],
    ['625.720', 'right'],
    ['=625.72', 'right'],
    ['=PMT(5.7%/12,48,-26800)', 'right'],
    ['=-PMT(0.057/12;48;26800)', 'right'],
    ['26800*(.00475)/(1-(1+.00475)^(-48))', 'right'],
    ['26800 × 0.00475 ÷ (1 − 1.00475^−48)', 'right'],
    ['625,72', 'right'],
    ['six hundred', 'unreadable'],
    ['n/a', 'unreadable'],
    ['=1/0', 'unreadable'],
    ['=EXEC("x")', 'unreadable'],
    ['=A1+B2', 'unreadable'],
    ['((((', 'unreadable'],
    ['1e999', 'unreadable'],
    ['x'.repeat(40_000), 'unreadable'],
    [`=${'('.repeat(300)}1${')'.repeat(300)}`, 'unreadable'],
    ['   ', 'blank'],
    ['(625.72)', 'slip'],
    ['−625.72', 'slip'],
  ])('%p is %s', (text, kind) => {
    const verdict = judge(payment, text);
    expect(verdict.kind).toBe(kind);
    if (kind === 'unreadable') expect(verdict.says!.length).toBeGreaterThan(10);
  });

  it.each([
    ['point-comma', '1.642,38', 1642.38],
    ['space-comma', '1 642,38', 1642.38],
    ['comma-point', '1,642.38', 1642.38],
    ['apostrophe-point', "1'642.38", 1642.38],
  ])('in the style %s', (numberStyle, text, value) => {
    const verdict = judge(payment, text, rulesWith({ numberStyle }));
    expect(verdict).toMatchObject({ read: value, kind: 'slip' });
    expect(verdict.explanations[0]!.slips).toEqual(['rate-left-annual']);
  });

  const rate = one(
    { quantity: 'rate', plan: 'plan' },
    { format: { kind: 'percent', decimals: 2 } },
    loan({ rate: '', payment: '625.72' }, { unknown: 'rate' }),
  );
  it.each([
    ['5.70 %', 'right'],
    ['5.7%', 'right'],
    ['5.70', 'right'],
    ['5.70 percent', 'right'],
    ['=RATE(48,-625.72,26800)*12', 'right'],
    ['0.057', 'slip'],
  ])('a rate written as %s is %s', (text, kind) => {
    expect(judge(rate, text).kind).toBe(kind);
  });

  const count = one(
    { quantity: 'payments', plan: 'plan' },
    { format: { kind: 'count', decimals: 0, up: true } },
    loan({ payments: '', payment: '650' }, { unknown: 'payments' }),
  );
  it.each([
    ['46', 'right'],
    ['46 payments', 'right'],
    ['45', 'slip'],
  ])('a count written as %s is %s', (text, kind) => {
    expect(judge(count, text).kind).toBe(kind);
  });
});

describe('house rules', () => {
  it('say how far off is still right, by kind and by part', () => {
    expect(judge(payment, '625.74').kind).not.toMatch(/right/);
    expect(judge(payment, '625.74', rulesWith({ tolerance: { money: 0.05, percent: 0, count: 0 } }))).toMatchObject({
      kind: 'right-rounded',
      credit: 1,
    });
    expect(judge(one({ quantity: 'payment', plan: 'plan' }, { tolerance: 1 }), '626.5').kind).toBe('right-rounded');
  });
  it('say whether a sign counts', () => {
    expect(judge(payment, '-625.72')).toMatchObject({ kind: 'slip', credit: 0.75 });
    expect(judge(payment, '-625.72', rulesWith({ sign: 'free' }))).toMatchObject({ kind: 'right', credit: 1 });
  });
  it('give credit for rounding, by slip before family before all', () => {
    const credit = (change: Partial<HouseRules['credit']>) =>
      rulesWith({ credit: { ...defaultHouseRules.credit, ...change } });
    expect(judge(payment, '625.7', credit({ rightRounded: 0.9 })).credit).toBe(0.9);
    expect(judge(payment, '1,642.38', credit({ slip: 0.4 })).credit).toBe(0.4);
    expect(judge(payment, '1,642.38', credit({ slip: 0.4, byFamily: { rate: 0.6 } })).credit).toBe(0.6);
    expect(
      judge(payment, '1,642.38', credit({ slip: 0.4, byFamily: { rate: 0.6 }, bySlip: { 'rate-left-annual': 0.2 } }))
        .credit,
    ).toBe(0.2);
  });
  it('believe an explanation only where few fit and chance is small', () => {
    expect(judge(payment, '1,642.38').byChance).toBeLessThan(0.01);
    const strict = judge(payment, '1,642.38', rulesWith({ specific: { mostFitting: 6, mostByChance: 0 } }));
    expect(strict).toMatchObject({ kind: 'unexplained', credit: 0 });
    expect(strict.explanations[0]).toMatchObject({ slips: ['rate-left-annual'] });
    expect(strict.says).toContain('by chance');
  });
});

describe('the order', () => {
  const verdicts = (entries: Record<string, string>, rules = defaultHouseRules) =>
    checkSubmission(ferry, {}, entries, rules).map(({ kind }) => kind);

  it('is right before carried, carried before slip, slip on top of an own answer last', () => {
    expect(verdicts({ a: '625.72', b: '17,456.86', c: '637.58', d: '355.80' })).toEqual([
      'right',
      'right',
      'right',
      'right',
    ]);
    expect(verdicts({ a: '625.72', b: '18,771.60', c: '685.59', d: '1,796.10' })).toEqual([
      'right',
      'slip',
      'carried',
      'carried',
    ]);
    expect(verdicts({ a: '625.72', b: '18,771.60', c: '637.58', d: '355.80' })).toEqual([
      'right',
      'slip',
      'right',
      'right',
    ]);
    expect(verdicts({ a: '1,642.38', b: '-1,600.92', c: '-58.47' }).slice(0, 3)).toEqual([
      'slip',
      'carried',
      'carried',
    ]);
    // The new payment from the wrong balance, with the year's rate on top.
    const [, , c] = checkSubmission(ferry, {}, { a: '625.72', b: '18,771.60', c: '1,544.53' }, defaultHouseRules);
    expect(c!.kind === 'carried-slip' || c!.kind === 'unexplained' || c!.kind === 'slip').toBe(true);
  });

  it('says from which answers a carried one goes on', () => {
    const [, , c, d] = checkSubmission(
      ferry,
      {},
      { a: '625.72', b: '18,771.60', c: '685.59', d: '1,796.10' },
      defaultHouseRules,
    );
    expect(c!.explanations[0]).toMatchObject({ slips: [], carriedFrom: ['b'], result: 685.59 });
    // Part a was right: from there the key goes on.
    expect(d!.explanations[0]!.carriedFrom).toEqual(['c']);
    expect(d!.explanations[0]!.says).toContain('own answer to part c');
  });

  it('gives an accepted reading its own credit, also by so many times the rounded payment', () => {
    const reading = asking(
      [{ id: 'plan', draft: loan() }],
      [
        part(
          'a',
          { quantity: 'balance-after', plan: 'plan', args: { after: '18' } },
          {
            readings: [
              {
                id: 'left',
                says: 'What is left to pay.',
                ask: { quantity: 'left-to-pay', plan: 'plan', args: { after: '18' } },
                credit: 0.4,
              },
            ],
          },
        ),
      ],
    );
    for (const text of ['18,771.60', '18,771.6'])
      expect(judge(reading, text)).toMatchObject({ kind: 'reading', credit: 0.4, says: 'What is left to pay.' });
    expect(judge(reading, '17,456.86').kind).toBe('right');
  });

  it('names the first wrong of the five values, in whatever convention they were entered', () => {
    const entered = (values: Record<string, string>) =>
      checkSubmission(
        payment,
        {},
        { a: '625.72', ...Object.fromEntries(Object.entries(values).map(([name, text]) => [`a.${name}`, text])) },
        defaultHouseRules,
      )[0]!.wrongEntered;
    expect(entered({ n: '48', rate: '5.7', pv: '26800', fv: '0' })).toBeUndefined();
    expect(entered({ n: '48', rate: '0.475', pv: '-26800' })).toBeUndefined();
    expect(entered({ n: '48', rate: '0.00475' })).toBeUndefined();
    expect(entered({ n: '4', rate: '57' })).toMatchObject({ name: 'n', entered: '4' });
    expect(entered({ n: '48', rate: '57' })).toMatchObject({ name: 'rate' });
    expect(entered({ n: 'four' })).toMatchObject({ name: 'n' });
    expect(entered({ pv: '28600' })).toMatchObject({ name: 'pv' });
    expect(entered({ n: '48', peryear: '12', compounding: '12', timing: 'end' })).toBeUndefined();
    expect(entered({ n: '48', peryear: '1' })).toMatchObject({
      name: 'peryear',
      says: 'The payments a year were set to 1; there are 12.',
    });
    expect(entered({ compounding: '4' })).toMatchObject({ name: 'compounding' });
    expect(entered({ timing: 'BEGIN' })).toMatchObject({
      name: 'timing',
      says: 'Payments were set to the beginning of each period; they fall at its end.',
    });
  });
});

describe('marks', () => {
  it('come from the verdict, or from what was decided', () => {
    const verdict = judge(payment, '1,642.38');
    const { parts } = payment;
    expect(marksOf(verdict, parts[0]!)).toBe(1);
    expect(marksOf(verdict, parts[0]!, { credit: 1, comment: '' })).toBe(2);
    expect(marksOf(verdict, parts[0]!, { comment: 'Look again.' }, 2.5)).toBe(2.5);
  });
  it('are open where nothing explains an answer and nobody has decided', () => {
    expect(isOpen(judge(payment, '777.77'))).toBe(true);
    expect(isOpen(judge(payment, '777.77'), { comment: 'Hm.' })).toBe(true);
    expect(isOpen(judge(payment, '777.77'), { credit: 0, comment: '' })).toBe(false);
    expect(isOpen(judge(payment, '1,642.38'))).toBe(false);
    expect(isOpen(judge(payment, 'n/a'))).toBe(true);
  });
});
