/** The worksheet as it is taught, recalculated by an independent engine: every cell as it is shown, and the class's own table. */
import { HyperFormula } from 'hyperformula';
import {
  askCase,
  centRounding,
  exactRounding,
  must,
  taughtLiveSheet,
  taughtSheet,
  usualWriting,
  workedSolution,
  type LiveCell,
  type SheetWriting,
  type StatementDraft,
  type TableRounding,
  type TaughtSheet,
} from '../src/index.ts';
import { draftOf } from './drafts.ts';

const extra = (texts: object) => ({ id: 'e', kind: 'extra' as const, payment: 'again' as const, texts });

const cases: Readonly<Record<string, StatementDraft>> = {
  'a loan': draftOf('borrow', { amount: '24,330', rate: '7.2', payments: '4y' }),
  'a loan with a given payment': draftOf(
    'borrow',
    { amount: '9,000', rate: '7.2', payment: '250' },
    { unknown: 'payments' },
  ),
  'a balloon': draftOf('borrow', { amount: '20,000', rate: '6', payments: '36', finalAmount: '5,000' }),
  'a loan in advance': draftOf('borrow', { amount: '6,000', rate: '9', payments: '18' }, { timing: 'begin' }),
  'a balloon in advance': draftOf(
    'borrow',
    { amount: '6,000', rate: '9', payments: '18', finalAmount: '700' },
    { timing: 'begin' },
  ),
  'extra payments that end it early': draftOf(
    'borrow',
    { amount: '24,330', rate: '7.2', payments: '48' },
    {
      changes: [
        extra({ amount: '60', from: '1', to: '48', every: '' }),
        { ...extra({ amount: '2,000', from: '12', to: '', every: '' }), id: 'f' },
      ],
    },
  ),
  'by the week, compounded half-yearly': {
    ...draftOf('borrow', { amount: '3,900', rate: '9.6', payments: '104' }),
    paymentsPerYear: 52,
    quote: { kind: 'nominal', compounding: 2, daysPerYear: 365, daysPerPeriod: 30 },
  },
  savings: draftOf('save', { amount: '1,200', rate: '3.6', payments: '48', finalAmount: '26,000' }),
  'savings in advance': draftOf(
    'save',
    { amount: '0', rate: '4.8', payments: '24', finalAmount: '12,000' },
    { timing: 'begin' },
  ),
  'deposits that were agreed': draftOf(
    'save',
    { amount: '0', rate: '5.4', payments: '60', payment: '40', finalAmount: '' },
    { unknown: 'finalAmount' },
  ),
  'agreed deposits up to an amount': draftOf(
    'save',
    { amount: '500', rate: '6', payment: '75', finalAmount: '2,480.51' },
    { unknown: 'payments', timing: 'begin' },
  ),
  'a fund': draftOf('draw-down', { amount: '180,000', rate: '4.2', payments: '60', finalAmount: '40,000' }),
  'a lease': draftOf('lease', { amount: '18,500', rate: '8.4', payments: '36', finalAmount: '3,700' }),
};

const forms: readonly SheetWriting[] = [
  { separator: ';', minus: 'result', inputs: 'per-payment' },
  { separator: ',', minus: 'amount', inputs: 'a-year' },
  { separator: ',', minus: 'function', inputs: 'a-year' },
];
const roundings: readonly TableRounding[] = [
  centRounding,
  exactRounding,
  { payment: 'unit-up', interest: 'cent', last: 'clears' },
  { payment: 'cent', interest: 'exact', last: 'clears' },
];

function sheetOf(draft: StatementDraft, rounding: TableRounding, writing: SheetWriting): TaughtSheet {
  const question = must(askCase(draft, { quantity: 'total-interest' }, rounding));
  return taughtSheet(question.statement, question.solved, rounding, writing)!;
}

/** Every cell's value as the engine has it, by address. */
function recalculated(
  cells: readonly Pick<LiveCell, 'at' | 'value' | 'formula'>[],
  change?: { at: string; value: number },
): (at: string) => number {
  const grid: (string | number | null)[][] = [];
  for (const { at, value, formula } of cells) {
    const [, letter, line] = /^([A-Z])(\d+)$/.exec(at)!;
    const content = change?.at === at ? change.value : formula === undefined ? (value ?? null) : `=${formula}`;
    (grid[Number(line) - 1] ??= [])[letter!.charCodeAt(0) - 65] = content;
  }
  const engine = HyperFormula.buildFromArray(
    Array.from(grid, (row) => Array.from(row ?? [], (cell) => cell ?? null)),
    { licenseKey: 'gpl-v3', precisionRounding: 14 },
  );
  return (at) => {
    const [, letter, line] = /^([A-Z])(\d+)$/.exec(at)!;
    return engine.getCellValue({ sheet: 0, row: Number(line) - 1, col: letter!.charCodeAt(0) - 65 }) as number;
  };
}

const cellsOf = (sheet: TaughtSheet) => [
  ...sheet.inputs,
  ...Array.from({ length: sheet.count }, (_, at) => Object.values(sheet.row(at + 1))).flat(),
];

describe.each(Object.entries(cases))('%s as it is taught', (_, draft) => {
  it.each(roundings.flatMap((rounding) => forms.map((writing) => [rounding, writing] as const)))(
    'comes to the class’s table under %j, written %j',
    (rounding, writing) => {
      const sheet = sheetOf(draft, rounding, writing);
      const cells = cellsOf(sheet);
      const value = recalculated(cells);
      const wrong = cells.filter(({ at, value: ours }) => !(Math.abs(value(at) - ours) < 1e-6));
      expect(wrong.map(({ at, value: ours, formula }) => [at, formula, ours, value(at)])).toEqual([]);
      const { table } = must(askCase(draft, { quantity: 'total-interest' }, rounding)).solved;
      expect(sheet.count).toBe(table.count);
      // Where the end is asked the rows lead to it; the class's table leaves what they miss it by to the last interest.
      const rows = draft.unknown === 'finalAmount' ? table.rows.slice(0, -1) : table.rows;
      expect(Math.abs(sheet.row(table.count).after!.value - table.closing)).toBeLessThan(0.5);
      for (const row of rows) {
        const taught = sheet.row(row.number);
        expect([row.number, taught.after!.value]).toEqual([row.number, expect.closeTo(row.closing, 5)]);
        expect(taught.paid!.value + (taught.extra?.value ?? 0)).toBeCloseTo(row.payment + row.extra, 5);
        expect(taught.interest!.value).toBeCloseTo(row.interest, 5);
      }
    },
  );

  it('has short formulas, the same in every row that is copied', () => {
    const sheet = sheetOf(draft, exactRounding, forms[1]!);
    const shape = (k: number): string =>
      Object.values(sheet.row(k))
        .map(({ formula = '' }) =>
          formula.replace(
            /(?<![$\d])([A-Z])(\d+)/g,
            (_all, letter: string, line: string) => `${letter}[${Number(line) - k}]`,
          ),
        )
        .join(' ');
    for (let k = 3; k < sheet.count; k += 1) expect(shape(k)).toBe(shape(2));
    for (const { formula = '' } of cellsOf(sheet)) expect(formula.length).toBeLessThan(44);
  });
});

describe('the whole worksheet', () => {
  it.each(Object.entries(cases))('adds up and closes: %s', (_, draft) => {
    for (const rounding of [centRounding, exactRounding]) {
      const sheet = sheetOf(draft, rounding, forms[1]!);
      const { cells } = taughtLiveSheet('Taught', sheet);
      const value = recalculated(cells);
      const { table } = must(askCase(draft, { quantity: 'total-interest' }, rounding)).solved;
      const interest = sheet.columns.find(({ id }) => id === 'interest')!.letter;
      if (draft.unknown !== 'finalAmount') {
        expect(value(`${interest}${sheet.last + 1}`)).toBeCloseTo(table.totalInterest, 5);
        // The first check: nothing is left over. Where the end is asked it has nothing to be held against.
        expect(value(`B${sheet.last + 3}`)).toBeCloseTo(0, 5);
      }
      expect(value(`B${sheet.last + 4}`)).toBeCloseTo(0, 5);
      const shown = cells.filter(({ formula, result }) => formula !== undefined && result !== undefined);
      expect(shown.length).toBeGreaterThan(sheet.count * 6);
      for (const { at, result } of shown) expect([at, value(at)]).toEqual([at, expect.closeTo(result!, 4)]);
      expect(new Set(cells.map(({ at }) => at)).size).toBe(cells.length);
    }
  });
});

describe('the lesson', () => {
  const lesson = (draft: StatementDraft, writing = usualWriting) => {
    const question = must(askCase(draft, { quantity: 'total-interest' }, centRounding));
    return workedSolution(question, { writing }).ways.find(({ id }) => id === 'worksheet')!.steps;
  };
  const titles = (draft: StatementDraft): string[] =>
    lesson(draft).flatMap((step) => (step.kind === 'drawn' ? [step.title] : []));

  it.each(Object.entries(cases))('goes from the inputs to the checks in whole sentences: %s', (_, draft) => {
    const steps = lesson(draft).flatMap((step) => (step.kind === 'drawn' ? [step] : []));
    expect(steps[0]!.title).toBe('What goes in, each in a cell');
    expect(titles(draft)).toEqual(
      expect.arrayContaining([
        'Row 1: interest',
        'Row 2: interest',
        'What must stay fixed',
        'Totals',
        'Does it close?',
        'Interest so far',
      ]),
    );
    for (const { sentence, sheet, note } of steps) {
      const text = sentence.map((piece) => piece.text).join('');
      expect(text).toMatch(/^[A-Z].*\.$/);
      expect(`${text} ${note}`).not.toMatch(/undefined|NaN| {2}[a-z]/);
      expect(sheet.inputs.length).toBeGreaterThan(2);
    }
  });

  it('marks what a formula reads and what stays', () => {
    const step = lesson(cases['a loan']!, { ...usualWriting, sheet: forms[2]! }).find(
      (each) => each.kind === 'drawn' && each.title === 'Row 2: interest',
    );
    expect(step).toMatchObject({ kind: 'drawn', note: 'B9 goes along when copied down · $B$3 stays' });
    if (step?.kind !== 'drawn') return;
    expect(step.formula.map(({ text }) => text).join('')).toBe('=ROUND(B9*$B$3/12,2)');
    expect(step.sheet.inputs.find(({ at }) => at === 'B3')!.mark).toBe('fixed');
    expect(step.sheet.rows[1]).toEqual(
      expect.arrayContaining([
        { at: 'B9', shows: '23,891.11', mark: 'read' },
        { at: 'C9', shows: '143.35', mark: 'now' },
      ]),
    );
  });

  it('says what becomes of the interest where the rate is not fixed', () => {
    const step = lesson(cases['a loan']!, { ...usualWriting, sheet: forms[2]! }).find(
      (each) => each.kind === 'drawn' && each.title === 'What must stay fixed',
    );
    if (step?.kind !== 'drawn') throw new Error('no such step');
    const [rate, payment] = step.forgotten;
    expect(rate!.says).toBe(
      'If B3 is not fixed and row 2 is copied down, payment 3 reads B4, years 4; payment 4 reads B5, payment 584.87; payment 5 reads B6, an empty cell.',
    );
    // 23,449.59 × 4/12, and what is owed then times 584.87/12.
    expect(rate!.rows.map(({ shows }) => shows)).toEqual(['7,816.53', '1,495,378.56', '0.00']);
    expect(payment!.rows.map(({ shows }) => shows)).toEqual(['0.00', 'an error: text is no number']);
  });
});

describe('a worksheet that is taught', () => {
  it('is the one on the class’s board', () => {
    const sheet = sheetOf(cases['a loan']!, centRounding, { separator: ',', minus: 'function', inputs: 'a-year' });
    expect(sheet.inputs.map(({ label, at, formula, value }) => [label, at, formula ?? value])).toEqual([
      ['amount borrowed', 'B2', 24330],
      ['rate a year', 'B3', 0.072],
      ['years', 'B4', 4],
      ['payment', 'B5', 'ROUND(-PMT(B3/12,B4*12,B2),2)'],
    ]);
    expect(Object.values(sheet.row(2)).map(({ at, formula }) => `${at} =${formula}`)).toEqual([
      'A9 =A8+1',
      'B9 =F8',
      'C9 =ROUND(B9*$B$3/12,2)',
      'D9 =$B$5',
      'E9 =D9-C9',
      'F9 =B9-E9',
    ]);
  });

  it('changes with the rate in its cell', () => {
    const sheet = sheetOf(cases['a loan']!, exactRounding, forms[2]!);
    const value = recalculated(cellsOf(sheet), { at: 'B3', value: 0.09 });
    const other = must(
      askCase(
        { ...cases['a loan']!, slots: { ...cases['a loan']!.slots, rate: '9' } },
        { quantity: 'total-interest' },
        exactRounding,
      ),
    ).solved.table;
    expect(value(sheet.at('after', 24))).toBeCloseTo(other.rows[23]!.closing, 6);
  });

  it('is not offered where short formulas would not do', () => {
    const question = must(
      askCase(
        draftOf(
          'borrow',
          { amount: '24,330', rate: '7.2', payments: '48' },
          { changes: [{ id: 'r', kind: 'rate', payment: 'again', texts: { after: '12', rate: '8' } }] },
        ),
        { quantity: 'payment' },
        centRounding,
      ),
    );
    expect(taughtSheet(question.statement, question.solved, centRounding, forms[0]!)).toBeUndefined();
  });
});
