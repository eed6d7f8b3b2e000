/** Working of flat charges, conversions, build-ups, refinancing and pauses; facts and their places in a story; typed formulas. */
import {
  askCase,
  callableFunctions,
  centRounding,
  emptyDraft,
  evaluateExpression,
  evaluateSheet,
  markStory,
  must,
  newChange,
  numberStyleById,
  quantityIds,
  quantities,
  solutionText,
  stepsAt,
  workedSolution,
  type Ask,
  type Quantity,
  type StatementDraft,
} from '../src/index.ts';

const style = numberStyleById('comma-point');
const base: StatementDraft = {
  ...emptyDraft('borrow'),
  slots: { ...emptyDraft().slots, amount: '48,000', rate: '6.6', payments: '60' },
};
const work = (draft: StatementDraft, ask: Ask) => workedSolution(must(askCase(draft, ask, centRounding)));
const numbers = (draft: StatementDraft, ask: Ask): Record<string, number> =>
  Object.fromEntries(work(draft, ask).ways.map(({ id, number }) => [id, Math.round(number * 1e6) / 1e6]));

describe('flat charges', () => {
  const bicycles: StatementDraft = {
    ...emptyDraft('flat'),
    slots: { ...emptyDraft().slots, amount: '2,400', rate: '9', payments: '24' },
  };
  it('works the charge, the payment and the rate really charged', () => {
    expect(numbers(bicycles, { quantity: 'finance-charge' })).toMatchObject({ formula: 432, 'sheet-function': 432 });
    expect(numbers(bicycles, { quantity: 'payment' })).toEqual({ formula: 118, 'sheet-function': 118 });
    const effective = numbers(bicycles, { quantity: 'effective' });
    expect(effective.search).toBeCloseTo(effective['five-values']!, 4);
    expect(effective.search).toBeGreaterThan(17);
  });
  it('marks the word that says it is flat', () => {
    const { facts } = work(bicycles, { quantity: 'payment' });
    const story = 'The workshop takes 2,400 on an add-on plan: 9 % a year over 2 years, paid monthly.';
    const pieces = markStory(story, facts, style);
    expect(pieces.map(({ text }) => text).join('')).toBe(story);
    expect(Object.fromEntries(pieces.filter(({ fact }) => fact).map(({ fact, text }) => [fact, text]))).toMatchObject({
      amount: '2,400',
      flat: 'add-on',
      payments: '2',
      rate: '9',
      frequency: 'monthly',
    });
  });
});

describe('conversions', () => {
  it.each([
    ['effective', { quote: { kind: 'nominal', compounding: 12 } }, 6.803356],
    ['effective', { quote: { kind: 'nominal', compounding: 'continuous' } }, 6.822672],
  ] as const)('finds the %s rate of %j', (quantity, { quote }, expected) => {
    const draft = { ...base, quote: { ...base.quote, ...quote } };
    for (const number of Object.values(numbers(draft, { quantity }))) expect(number).toBeCloseTo(expected, 5);
  });
  it('names the functions EFFECT and NOMINAL', () => {
    const convert: StatementDraft = { ...emptyDraft('convert'), slots: { ...emptyDraft().slots, rate: '6.6' } };
    const sheet = work(convert, { quantity: 'converted' }).ways.find(({ id }) => id === 'sheet-function')!;
    expect(sheet.line).toBe('=EFFECT(B1;B2)');
    const back = {
      ...convert,
      quote: { ...convert.quote, kind: 'effective' as const },
      into: { ...convert.into, kind: 'nominal' as const, compounding: 4 },
    };
    expect(work(back, { quantity: 'converted' }).ways.find(({ id }) => id === 'sheet-function')!.line).toBe(
      '=NOMINAL(B1;B2)',
    );
  });
});

describe('what is built up from a price', () => {
  const rafts: StatementDraft = {
    ...base,
    buildUp: { price: '26,800', downPayment: '15 %', tradeIn: '3,000', feesAdded: '', feesTaken: '400' },
  };
  it('works the down payment, the amount financed and the total price', () => {
    expect(numbers(rafts, { quantity: 'down-payment' })).toMatchObject({ formula: 4020 });
    expect(numbers(rafts, { quantity: 'amount-financed' })).toMatchObject({
      formula: 19_780,
      'sheet-function': 19_780,
    });
    const total = numbers(rafts, { quantity: 'total-price' });
    expect(total.formula).toBe(total.table);
  });
  it('finds the rate with charges by search and on five values', () => {
    const found = numbers(rafts, { quantity: 'rate-with-charges' });
    expect(found.search).toBeCloseTo(found['five-values']!, 5);
    expect(found.search).toBeGreaterThan(6.6);
  });
});

describe('changes on the way', () => {
  it('works a level payment after a pause from the balance it starts at', () => {
    const paused = { ...base, changes: [{ ...newChange('deferred', 'c'), texts: { from: '1', through: '6' } }] };
    const found = numbers(paused, { quantity: 'payment' });
    expect(found.formula).toBeCloseTo(found['five-values']!, 1);
    expect(Math.abs(found.formula! - found.table!)).toBeLessThan(0.01);
    expect(must(askCase(paused, { quantity: 'payment' }, centRounding)).solved.shown).toBe(
      Math.round(found.table! * 100) / 100,
    );
    expect(JSON.stringify(work(paused, { quantity: 'payment' }).ways[0]!.steps)).toMatch(
      /begins with payment 7 and runs over the 54 payments/,
    );
  });
  it('follows a draw with daily interest through the balance', () => {
    const staged: StatementDraft = {
      ...base,
      quote: { ...base.quote, kind: 'daily', daysPerPeriod: 30 },
      changes: [{ ...newChange('draw', 'd'), texts: { amount: '12,000', before: '4' } }],
    };
    const solution = work(staged, { quantity: 'balance-after', after: 10 });
    expect(JSON.stringify(solution.setting)).toMatch(/365/);
    for (const way of solution.ways) expect(Math.abs(way.number - solution.exact)).toBeLessThan(0.1);
    expect(solution.ways.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['formula', 'recurrence', 'five-values', 'table']),
    );
  });
  it('works refinancing with its costs', () => {
    const refinancing = {
      after: 24,
      rate: { kind: 'nominal', annual: 0.048, compoundingsPerYear: 12 },
      payments: 36,
      costs: 350,
      costsPaid: 'added',
    } as const;
    const found = numbers(base, { quantity: 'refinanced-payment', refinancing });
    for (const number of Object.values(found)) expect(Math.abs(number - found.table!)).toBeLessThan(0.01);
    expect(numbers(base, { quantity: 'refinancing-saves', refinancing })).toHaveProperty('table');
    expect(numbers(base, { quantity: 'paid-for-itself', refinancing })).toHaveProperty('table');
  });
});

describe('asking', () => {
  it('works every quantity of some case', () => {
    const drafts = [
      base,
      { ...base, buildUp: { price: '60,000', downPayment: '12,000', tradeIn: '', feesAdded: '', feesTaken: '' } },
      { ...emptyDraft('convert'), slots: base.slots },
      { ...base, timing: 'begin' as const },
      {
        ...base,
        changes: [
          {
            id: 'e',
            kind: 'extra' as const,
            texts: { amount: '100', from: '1', every: '1' },
            payment: 'same' as const,
          },
        ],
      },
    ];
    const refinancing = {
      after: 12,
      rate: { kind: 'periodic', perPayment: 0.004 },
      payments: 40,
      costs: 0,
      costsPaid: 'cash',
    } as const;
    const worked = new Set<Quantity>();
    for (const draft of drafts)
      for (const quantity of quantityIds) {
        if (!quantities[quantity].applies(draft)) continue;
        const filled = { ...draft, slots: { ...draft.slots, payment: quantity === 'final-amount' ? '700' : '941.43' } };
        const question = askCase(
          filled,
          { quantity, after: 12, from: 1, to: 12, below: 500, refinancing },
          centRounding,
        );
        if (question.ok && workedSolution(question.value).ways.length > 0) worked.add(quantity);
      }
    expect([...worked].sort()).toEqual([...quantityIds].sort());
  });
  it.each([
    [{ quantity: 'balance-after' }, 'after'],
    [{ quantity: 'balance-after', after: 99 }, 'after'],
    [{ quantity: 'interest-in', from: 1 }, 'to'],
    [{ quantity: 'interest-in', from: 20, to: 10 }, 'to'],
    [{ quantity: 'converted' }, 'quantity'],
    [{ quantity: 'paid-for-itself' }, 'refinancing'],
  ] as const)('says what %j needs', (ask, field) => {
    expect(askCase(base, ask, centRounding)).toMatchObject({
      ok: false,
      problem: { field, message: expect.stringMatching(/.{10}/) },
    });
  });
});

describe('showing a solution', () => {
  const solution = work(base, { quantity: 'payment' });
  const formula = solution.ways[0]!;
  it('shows the answer only, the steps, or the steps with reasons', () => {
    expect(stepsAt(formula.steps, 'answer').map(({ kind }) => kind)).toEqual(['answer']);
    expect(stepsAt(formula.steps, 'steps').some(({ because }) => because)).toBe(false);
    expect(stepsAt(formula.steps, 'reasons').some(({ because }) => because)).toBe(true);
  });
  it('is copied as text with formulas as TeX', () => {
    const text = solutionText(solution, solution.ways, 'reasons');
    expect(text).toMatch(/\$P = \\dfrac\{A\}/);
    expect(text).toMatch(/Type: 48000\/\(\(1-\(1\+0\.066\/12\)\^\(-60\)\)\/\(0\.066\/12\)\)/);
    expect(solutionText(solution, [formula], 'answer')).toBe('The payment\n\nThe payment is 941.43.\n');
  });
});

describe('typed formulas', () => {
  const value = (text: string, id = 'comma-point') =>
    evaluateExpression(text, {}, numberStyleById(id), callableFunctions);
  it.each([
    ['PMT(6%/12,60,-48000)', 927.974474],
    ['PMT(6%/12;60;-48000)', 927.974474],
    ['-PMT(0.066/12,60,48000,0,0)', 941.425061],
    ['FV(0.0055,24,-941.43,48000)', -30670.64],
    ['NPER(0.0055,-941.43,48000)', 59.9997],
    ['RATE(60,-941.43,48000)*12', 0.0660021],
    ['IPMT(0.0055,1,60,48000)', -264],
    ['PPMT(0.0055,1,60,48000)', -677.425061],
    ['CUMIPMT(0.0055,60,48000,1,12,0)', -2917.53],
    ['CUMPRINC(0.0055,60,48000,1,60,0)', -48000],
    ['EFFECT(0.066,12)', 0.06803356],
    ['NOMINAL(0.06803356,12)', 0.066],
    ['48000*(.0055)/(1-(1+.0055)^(-60))', 941.425061],
    ['ROUND(941.42506,2)', 941.43],
    ['POWER(1.0055,60)', 1.3897],
  ])('%s', (text, expected) => {
    const found = must(value(text)).value;
    expect(Math.abs(found - expected)).toBeLessThan(2e-2 * 10 ** Math.floor(Math.log10(Math.abs(expected)) - 3));
  });
  it('reads a decimal comma with semicolons between', () =>
    expect(must(value('PMT(0,066/12;60;-48000)', 'point-comma')).value).toBeCloseTo(941.425061, 5));
  it.each([
    'PMT(1)',
    'PMT(1,2',
    'SYSTEM("rm")',
    'constructor(1)',
    'PMT(0,0,0)',
    '=1/0',
    'PMT(1,2,3))',
    'toString(1)',
    `PMT(${'('.repeat(80)}1`,
  ])('refuses %s with a sentence', (text) => {
    expect(value(text)).toMatchObject({ ok: false, problem: { message: expect.stringMatching(/.{8}/) } });
  });
  it('works a small sheet', () => {
    expect(
      must(
        evaluateSheet(
          [
            { at: 'B1', content: '=0.066/12' },
            { at: 'B2', content: '60' },
            { at: 'B3', content: '48000' },
          ],
          '=-PMT($B$1;B2;B3)',
        ),
      ),
    ).toBeCloseTo(941.425061, 6);
  });
});
