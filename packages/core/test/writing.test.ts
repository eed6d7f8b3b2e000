/** The class's own form of formulas: whatever it is, every way comes to the same number. */
import {
  askCase,
  centRounding,
  exactRounding,
  letterProblems,
  must,
  numberStyleById,
  shippedStyles,
  usualWriting,
  workedSolution,
  type Ask,
  type StatementDraft,
  type WayId,
  type Writing,
} from '../src/index.ts';
import { draftOf } from './drafts.ts';

const kiln = draftOf('borrow', { amount: '48,000', rate: '6.6', payments: '60' });
const written = (more: Partial<Writing>): Writing => ({ ...usualWriting, ...more });
const work = (draft: StatementDraft, ask: Ask, writing: Writing, style = numberStyleById('comma-point')) =>
  workedSolution(must(askCase(draft, ask, centRounding)), { writing, style });
const stepsOf = (
  way: WayId,
  writing: Writing,
  ask: Ask = { quantity: 'payment' },
  draft = kiln,
  style?: string,
): string =>
  JSON.stringify(
    work(draft, ask, writing, numberStyleById(style ?? 'comma-point')).ways.find(({ id }) => id === way)!.steps,
  ).replaceAll('\\\\', '\\');

const forms: Readonly<Record<string, Writing>> = {
  usual: usualWriting,
  'its own letters, under a bar': written({
    letters: { amount: 'PV', payment: 'PMT', finalAmount: 'FV', rate: 'r', quoted: 'j', count: 'N' },
    power: 'denominator',
  }),
  'fractions inside, factors named': written({ rate: 'inside', factor: 'named', relation: 'last' }),
  'the lender’s signs, years in cells': written({
    signs: 'lender',
    sheet: { separator: ',', minus: 'result', inputs: 'a-year' },
    digits: { places: 6, dots: true },
  }),
  'a minus before the amount': written({ sheet: { separator: ';', minus: 'amount', inputs: 'a-year' } }),
  'a minus before the function, no signs': written({
    signs: 'none',
    sheet: { separator: ',', minus: 'function', inputs: 'per-payment' },
    power: 'denominator',
    factor: 'named',
    rate: 'inside',
  }),
};

const questions: readonly (readonly [string, StatementDraft, Ask])[] = [
  ['the payment of a loan', kiln, { quantity: 'payment' }],
  ['a balance', kiln, { quantity: 'balance-after', after: 24 }],
  ['interest of a payment', kiln, { quantity: 'interest-in', from: 7, to: 7 }],
  ['interest of a range', kiln, { quantity: 'interest-in', from: 7, to: 18 }],
  ['principal of a range', kiln, { quantity: 'principal-in', from: 1, to: 12 }],
  ['a total', kiln, { quantity: 'total-paid' }],
  [
    'a payment with a balloon',
    draftOf('borrow', { amount: '20,000', rate: '6', payments: '36', finalAmount: '5,000' }),
    { quantity: 'payment' },
  ],
  [
    'an amount',
    draftOf('borrow', { rate: '6.9', payments: '48', payment: '420' }, { unknown: 'amount' }),
    { quantity: 'amount' },
  ],
  [
    'a count',
    draftOf('borrow', { amount: '9,000', rate: '7.2', payment: '250' }, { unknown: 'payments' }),
    { quantity: 'payments' },
  ],
  [
    'a rate',
    draftOf('borrow', { amount: '48,000', payments: '60', payment: '950' }, { unknown: 'rate' }),
    { quantity: 'rate' },
  ],
  [
    'a deposit',
    draftOf('save', { amount: '1,200', rate: '3.6', payments: '48', finalAmount: '26,000' }),
    { quantity: 'payment' },
  ],
  [
    'savings at the end, in advance',
    draftOf(
      'save',
      { amount: '0', rate: '3.6', payments: '48', payment: '300' },
      { unknown: 'finalAmount', timing: 'begin' },
    ),
    { quantity: 'final-amount' },
  ],
  [
    'a withdrawal',
    draftOf('draw-down', { amount: '180,000', rate: '4.2', payments: '60', finalAmount: '40,000' }),
    { quantity: 'payment' },
  ],
  [
    'a lease',
    draftOf('lease', { amount: '18,500', rate: '8.4', payments: '36', finalAmount: '3,700' }),
    { quantity: 'payment' },
  ],
  [
    'a lump sum',
    draftOf('lump-sum', { amount: '7,500', rate: '4.5', payments: '20' }, { unknown: 'finalAmount' }),
    { quantity: 'final-amount' },
  ],
  ['another compounding', { ...kiln, quote: { ...kiln.quote, compounding: 2 } }, { quantity: 'payment' }],
];

describe.each(Object.entries(forms))('written with %s', (_, writing) => {
  it.each(questions)('%s comes to the same by every way', (_name, draft, ask) => {
    const question = must(askCase(draft, ask, exactRounding));
    for (const entering of shippedStyles) {
      const plain = workedSolution(question, { entering });
      const own = workedSolution(question, { entering, writing });
      expect(own.ways.map(({ id }) => id)).toEqual(plain.ways.map(({ id }) => id));
      own.ways.forEach((way, at) => {
        expect(way.number / plain.ways[at]!.number).toBeCloseTo(1, 9);
        expect(way.written).toBe(plain.ways[at]!.written);
      });
      expect(/NaN|undefined|\d0{7}\d/.exec(JSON.stringify(own.ways.map(({ steps }) => steps)))).toBeNull();
    }
  });
});

describe('the form of a formula', () => {
  it('has the class’s letters, several of them upright', () => {
    const steps = stepsOf('formula', forms['its own letters, under a bar']!);
    expect(steps).toContain(
      '\\mathrm{PMT} = \\dfrac{\\mathrm{PV}}{\\dfrac{1 - \\dfrac{1}{\\left(1 + r\\right)^{N}}}{r}}',
    );
    expect(steps).not.toMatch(/\^\{-/);
  });

  it('has the fraction inside and the factor named and worked out first', () => {
    const steps = stepsOf('formula', forms['fractions inside, factors named']!);
    expect(steps).toContain('a_{n} = \\dfrac{1 - \\left(1 + \\dfrac{j}{12}\\right)^{-n}}{\\dfrac{j}{12}}');
    expect(steps).toContain('P = \\dfrac{A}{a_{n}}');
    // The rate per payment has no step of its own then.
    const setting = JSON.stringify(
      work(kiln, { quantity: 'payment' }, forms['fractions inside, factors named']!).setting,
    );
    expect(setting).not.toContain('i =');
  });

  it('names what deposits have grown to with another letter', () => {
    const [, draft, ask] = questions.find(([name]) => name === 'a deposit')!;
    expect(stepsOf('formula', written({ factor: 'named' }), ask, draft)).toContain('s_{n} = ');
  });

  it('keeps as many digits as the class does, and says that more follow', () => {
    const six = forms['the lender’s signs, years in cells']!;
    expect(stepsOf('formula', six)).toMatch(/bottom.*50\.986533…/);
    expect(stepsOf('formula', written({ digits: { places: 4, dots: false } }))).toMatch(/50\.9865[^\d…]/);
    expect(stepsOf('recurrence', six)).toContain('R = 1 + i = 1.0055');
  });

  it('writes the relation forward or back', () => {
    expect(stepsOf('recurrence', usualWriting)).toContain('V_{n+1} = R\\,V_n - d');
    expect(stepsOf('recurrence', written({ relation: 'last' }))).toContain('u_n = R\\,u_{n-1} - d');
    expect(stepsOf('recurrence', written({ relation: 'last' }))).toContain('u₀');
  });
});

describe('the form of a worksheet formula', () => {
  it.each([
    [{ separator: ';', minus: 'result', inputs: 'per-payment' }, '=PMT(B1;B2;B3;B4;0)'],
    [{ separator: ',', minus: 'function', inputs: 'per-payment' }, '=-PMT(B1,B2,B3,B4,0)'],
    [{ separator: ',', minus: 'amount', inputs: 'a-year' }, '=PMT(B1/12,B2*12,-B3,B4,0)'],
  ] as const)('%j is %s', (sheet, formula) => {
    const way = work(kiln, { quantity: 'payment' }, written({ sheet })).ways.find(({ id }) => id === 'sheet-function')!;
    expect(way.line).toBe(formula);
    expect(way.written).toBe('941.43');
  });

  it('says why its result has a minus, and has none before the function then', () => {
    expect(stepsOf('sheet-function', usualWriting)).toContain('The cell shows −941.42506149: 941.43. Its minus says');
    const lender = stepsOf('sheet-function', written({ signs: 'lender' }));
    expect(lender).toContain('"content":"-48000"');
    expect(lender).toContain('The cell shows 941.42506149: 941.43.');
  });

  it('has years and the rate a year in cells of their own, a decimal comma with semicolons', () => {
    const steps = stepsOf(
      'sheet-function',
      written({ sheet: { separator: ';', minus: 'function', inputs: 'a-year' } }),
      { quantity: 'payment' },
      { ...kiln, numberStyle: 'point-comma', slots: { ...kiln.slots, amount: '48.000', rate: '6,6' } },
      'point-comma',
    );
    expect(steps).toContain('"label":"rate a year","content":"0,066"');
    expect(steps).toContain('"label":"years","content":"5"');
    expect(steps).toContain('=-PMT(B1/12;B2*12;B3;B4;0)');
  });
});

describe('signs', () => {
  it('are the lender’s on the timeline and in what is entered', () => {
    const solution = work(kiln, { quantity: 'payment' }, written({ signs: 'lender' }));
    const [first, second] = solution.timeline;
    expect(first).toMatchObject({ flows: [{ money: -48000, words: 'paid out' }] });
    expect(second).toMatchObject({ flows: [{ money: 941.43, words: 'received' }] });
    const five = JSON.stringify(solution.ways.find(({ id }) => id === 'five-values')!.steps);
    expect(five).toContain('−48,000');
    expect(five).toContain('Solve for PMT: +941.43.');
  });
});

describe('letters', () => {
  it('that clash or stand for something else are said beside themselves', () => {
    const { letters } = usualWriting;
    expect(letterProblems(letters)).toEqual({});
    expect(letterProblems({ ...letters, payment: 'A' })).toEqual({
      amount: 'A also stands for the payment.',
      payment: 'A also stands for the amount at the start.',
    });
    expect(letterProblems({ ...letters, count: 'k' })).toEqual({
      count: 'k stands for a payment’s number in our formulas.',
    });
    expect(letterProblems({ ...letters, rate: '' })).toEqual({ rate: 'One to four letters.' });
    expect(letterProblems({ ...letters, rate: 'r%' })).toEqual({ rate: 'One to four letters.' });
  });
});
