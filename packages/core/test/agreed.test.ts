/** Numbers that people see must be those that were agreed: ties, deposits, the digits of a line to type, what a tool shows. */
import fc from 'fast-check';
import {
  askCase,
  buildTable,
  callableFunctions,
  centRounding,
  emptyDraft,
  enteringStyleById,
  must,
  newChange,
  prepareChecking,
  defaultHouseRules,
  replay,
  roundAs,
  roundMoney,
  roundTo,
  solveFor,
  workedSolution,
  writeAnswer,
  writeNumber,
  type Ask,
  type Exercise,
  type Plan,
  type StatementDraft,
} from '../src/index.ts';

const monthly = (annual: number) => ({ kind: 'nominal' as const, annual, compoundingsPerYear: 12 as const });
const loan: StatementDraft = {
  ...emptyDraft('borrow'),
  slots: { ...emptyDraft().slots, amount: '48,000', rate: '6.6', payments: '60' },
};

describe('a tie', () => {
  const called = (name: string, ...args: number[]): number => must(callableFunctions[name]!(args));
  it.each([
    ['to the cent', (x: number) => roundMoney(x, 'cent')],
    ['up to the cent', (x: number) => roundMoney(x, 'cent-up')],
    ['to the unit', (x: number) => roundMoney(x, 'unit')],
    ['up to the unit', (x: number) => roundMoney(x, 'unit-up')],
    ['to decimals', (x: number) => roundTo(x, 1)],
    ['as an answer', (x: number) => roundAs(x, { kind: 'money', decimals: 2 })],
    ['in months', (x: number) => roundAs(x / 24, { kind: 'years-months', decimals: 0 })],
    ['in a worksheet', (x: number) => called('round', x, 2)],
    ['up in a worksheet', (x: number) => called('roundup', x, 2)],
  ])('%s goes the same way below zero as above', (_name, round) => {
    for (const x of [0.5, 1.5, 2.5, 0.125, 1.005, 2.675, 100.5, 0.005, 7, 1234.565])
      expect(round(-x)).toBe(0 - round(x));
  });

  it('is rounded by the decimal as written in a worksheet', () => {
    expect(called('round', -2.5, 0)).toBe(-3);
    expect(called('round', 1.005, 2)).toBe(1.01);
    expect(called('roundup', 3 * 1.1, 1)).toBe(3.3);
    expect(called('round', 1250, -2)).toBe(1300);
  });

  it('is written like it is rounded', () => {
    expect(writeNumber(-2.675, 2)).toBe('−2.68');
    expect(writeAnswer(-1.125, { kind: 'years-months', decimals: 0 }, defaultHouseRules)).toBe('−1 year 2 months');
  });

  it('of a deposit in advance goes up', () => {
    // 1.01 wanted after one period at 100 %: 0.505 is put in.
    const table = must(
      buildTable({
        kind: 'saving',
        amount: 0,
        rate: { kind: 'periodic', perPayment: 1 },
        paymentsPerYear: 1,
        payments: 1,
        timing: 'begin',
        finalAmount: 1.01,
        rounding: centRounding,
        changes: [],
      }),
    );
    expect(table.rows[0]).toMatchObject({ payment: 0.51, interest: 0.5, closing: 1.01 });
  });
});

describe('deposits', () => {
  const saved = fc.record({
    amount: fc.integer({ min: 0, max: 500_000 }),
    deposit: fc.integer({ min: 0, max: 90_000 }),
    rate: fc.integer({ min: 0, max: 160 }),
    payments: fc.integer({ min: 1, max: 240 }),
    timing: fc.constantFrom<'end' | 'begin'>('end', 'begin'),
    interest: fc.constantFrom<'exact' | 'cent'>('exact', 'cent'),
  });

  it('are what was agreed, and the last interest takes what rounding leaves', () => {
    fc.assert(
      fc.property(saved, ({ amount, deposit, rate, payments, timing, interest }) => {
        fc.pre(amount + deposit > 0);
        const [start, each, i] = [amount / 100, deposit / 100, rate / 12_000];
        const end = roundTo(must(solveFor('fv', { n: payments, i, pv: -start, pmt: -each, timing })), 2);
        const plan: Plan = {
          kind: 'saving',
          amount: start,
          rate: monthly(rate / 1000),
          paymentsPerYear: 12,
          payments,
          timing,
          finalAmount: end,
          payment: each,
          rounding: { ...centRounding, interest },
          changes: [],
        };
        const table = must(buildTable(plan));
        expect(table.count).toBe(payments);
        expect(table.rows.every(({ payment, extra }) => payment === each && extra === 0)).toBe(true);
        expect(table.totalPaid).toBeCloseTo(each * payments, 7);
        expect(table.closing).toBe(end);
        expect(table.rows.reduce((sum, row) => sum + row.interest, 0)).toBeCloseTo(end - start - each * payments, 6);
      }),
      { numRuns: 300 },
    );
  });

  it('stay what they are where rounding alone reaches the end a row early', () => {
    const [start, each, i] = [254.6, 0.07, 0.00025];
    const end = roundTo(must(solveFor('fv', { n: 133, i, pv: -start, pmt: -each, timing: 'begin' })), 2);
    const plan: Plan = {
      kind: 'saving',
      amount: start,
      rate: monthly(0.003),
      paymentsPerYear: 12,
      payments: 133,
      timing: 'begin',
      finalAmount: end,
      payment: each,
      rounding: centRounding,
      changes: [],
    };
    const table = must(buildTable(plan));
    expect([table.count, table.closing]).toEqual([133, end]);
    expect(table.rows.filter(({ payment }) => payment !== each)).toEqual([]);
  });

  it('are still made smaller at the end where they would overshoot what is wanted', () => {
    const table = must(
      buildTable({
        kind: 'saving',
        amount: 0,
        rate: monthly(0.048),
        paymentsPerYear: 12,
        payments: 25,
        timing: 'end',
        finalAmount: 1000,
        payment: 40,
        rounding: centRounding,
        changes: [],
      }),
    );
    expect(table.lastPayment).toBeLessThan(39);
    expect(table.closing).toBe(1000);
  });
});

describe('working', () => {
  const work = (draft: StatementDraft, ask: Ask) =>
    workedSolution(must(askCase(draft, ask, centRounding)), { entering: enteringStyleById('per-payment') });
  const way = (draft: StatementDraft, ask: Ask, id: string) => work(draft, ask).ways.find((each) => each.id === id)!;
  const rowsOf = (each: ReturnType<typeof way>): (readonly string[])[] =>
    each.steps.flatMap((step) => (step.kind === 'rows' ? step.rows : [])).filter((row) => row !== 'gap');

  it.each(['7.2', '5.6', '0.7', '11.1', '2.9'])('types %s % without the dust of binary fractions', (rate) => {
    const { line } = way({ ...loan, slots: { ...loan.slots, rate } }, { quantity: 'payment' }, 'formula');
    expect(line).not.toMatch(/\d\.\d*0{6,}\d|9{7,}/);
    expect(line).toContain(`${roundTo(Number(rate) / 100, 6)}/12`);
  });

  it('tries two guesses that are not the answer', () => {
    for (const payment of ['941.43', '196.13', '1,000']) {
      const rows = rowsOf(
        way(
          { ...loan, unknown: 'amount', slots: { ...loan.slots, amount: '', payment } },
          { quantity: 'amount' },
          'recurrence',
        ),
      ).slice(0, 3);
      expect(new Set(rows.map(([guess]) => guess)).size).toBe(3);
    }
  });

  it('says what is received at the very start and on the way, and counts it', () => {
    const [draw, pause] = [newChange('draw', 'd1'), newChange('deferred', 'p1')];
    const draft: StatementDraft = {
      ...loan,
      changes: [
        { ...draw, texts: { before: '1', amount: '5000' } },
        { ...draw, id: 'd2', texts: { before: '20', amount: '2000' } },
        { ...pause, texts: { through: '6' } },
      ],
    };
    const found = way(draft, { quantity: 'total-interest' }, 'recurrence');
    const says = found.steps.flatMap((step) => (step.kind === 'says' ? [step.text] : [])).join(' ');
    expect(says).toContain('1–6: 5,000.00 received before payment 1, nothing paid');
    expect(says).toContain('20–59: 2,000.00 received before payment 20');
    expect(says).not.toMatch(/(\d+)–\1\b/);
    expect(rowsOf(found).every((cells) => !cells[1]!.startsWith('−'))).toBe(true);
    const question = must(askCase(draft, { quantity: 'balance-after', after: 24 }, centRounding));
    expect(
      Math.abs(way(draft, { quantity: 'balance-after', after: 24 }, 'recurrence').number - question.exact),
    ).toBeLessThan(0.2);
  });

  it('shows on a stand-in that moves on what its text asks for', () => {
    for (const [quantity, expected] of [
      ['principal-in', '8,949.72'],
      ['interest-in', '2,347.44'],
    ] as const) {
      const found = way(loan, { quantity, from: 13, to: 24 }, 'five-values');
      expect(found.written).toBe(expected);
      const shown = must(replay(enteringStyleById('per-payment'), found.entries!)).at(-1)!;
      expect(writeNumber(shown.shows!, 2)).toBe(expected);
    }
  });
});

describe('an answer past all bounds', () => {
  const exercise: Exercise = {
    title: 'How long',
    story: { type: 'doc', content: [] },
    plans: [
      { id: 'p', draft: { ...loan, unknown: 'payments', slots: { ...loan.slots, payments: '', payment: '941.43' } } },
    ],
    parts: [
      {
        id: 'a',
        prompt: 'How long?',
        marks: 2,
        ask: { quantity: 'years', plan: 'p' },
        format: { kind: 'years-months', decimals: 0 },
      },
      {
        id: 'b',
        prompt: 'How many?',
        marks: 2,
        ask: { quantity: 'payments', plan: 'p' },
        format: { kind: 'count', decimals: 0, up: true },
      },
    ],
  };
  it.each([
    `${'9'.repeat(400)} years`,
    `${'9'.repeat(200)} years`,
    `${'1'.repeat(120)}`,
    `9^9^9^9`,
    `1 constructor`,
    `5 toString`,
  ])('is unreadable, and the other parts are judged: %s', (text) => {
    const [a, b] = prepareChecking(exercise, {}, defaultHouseRules).check({ a: text, b: '60' });
    expect(a!.kind).toBe('unreadable');
    expect(a!.read).toBeUndefined();
    expect(b!.kind).toBe('right');
  });
});

describe('a savings table filled in by hand', () => {
  const saving: StatementDraft = {
    ...emptyDraft('save'),
    unknown: 'finalAmount',
    slots: { amount: '0', rate: '5.4', payments: '60', payment: '40', finalAmount: '', converted: '' },
  };
  const exercise: Exercise = {
    title: 'The last rows',
    story: { type: 'doc', content: [] },
    plans: [{ id: 'p', draft: saving }],
    parts: [
      {
        id: 'a',
        prompt: 'Fill in.',
        marks: 4,
        ask: {
          quantity: 'table',
          plan: 'p',
          blanks: ['*:interest', '*:closing', '*:payment'],
          args: { from: '59', to: '60' },
        },
        format: { kind: 'money', decimals: 2 },
      },
    ],
  };
  const cells = (entries: Record<string, string>) =>
    new Map(
      prepareChecking(exercise, {}, defaultHouseRules)
        .check(entries)[0]!
        .cells!.map(({ id, kind }) => [id, kind]),
    );
  const row59 = { 'a.59:interest': '11.90', 'a.59:payment': '40', 'a.59:closing': '2,696.07' };

  it('takes the deposit that was agreed in the last row too', () => {
    expect(
      cells({ ...row59, 'a.60:payment': '40.00', 'a.60:interest': '12.12', 'a.60:closing': '2,748.19' }).get(
        '60:payment',
      ),
    ).toBe('right');
  });

  it('calls neither the rounded interest of the last row nor what follows from it a mistake', () => {
    const found = cells({ ...row59, 'a.60:payment': '40', 'a.60:interest': '12.13', 'a.60:closing': '2,748.20' });
    expect(['right', 'right-rounded', 'carried']).toContain(found.get('60:interest'));
    expect(['right', 'right-rounded', 'carried']).toContain(found.get('60:closing'));
  });
});
