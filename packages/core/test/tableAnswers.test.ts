/** Tables that students filled in: every cell from the student's own cells before it, every table slip from its number. */
import {
  answerKey,
  blankPatterns,
  checkSubmission,
  defaultHouseRules,
  must,
  cellsOf as keyCells,
  keyTable,
  tableSlips,
  wrongCells,
  writeMoney,
  numberStyleById,
  type Exercise,
  type KeyTable,
  type PartAsk,
  type TableColumn,
  type Verdict,
} from '../src/index.ts';
import { asking, loan, part } from './exercises.ts';

const style = numberStyleById('comma-point');
const change = {
  id: 'x',
  kind: 'extra' as const,
  texts: { amount: '200', from: '2', every: '1' },
  payment: 'same' as const,
};
type TableAsk = Extract<PartAsk, { quantity: 'table' }>;
const tableOf = (
  from: string,
  to: string,
  more: Parameters<typeof loan>[1] = {},
  form: Partial<Pick<TableAsk, 'blanks' | 'columns' | 'totals'>> = {},
): Exercise =>
  asking(
    [{ id: 'plan', draft: loan({ amount: '8,000', rate: '6.6', payments: '12' }, more) }],
    [part('t', { quantity: 'table', plan: 'plan', blanks: [], args: { from, to }, ...form }, { marks: 10 })],
  );
const columnsOf = (...columns: readonly TableColumn[]) => columns.map((column) => ({ column }));

const keyOf = (exercise: Exercise): KeyTable => must(answerKey(exercise, {}, defaultHouseRules)[0]!).table!;
const cellsOf = (exercise: Exercise): Map<string, number> =>
  new Map(keyCells(keyOf(exercise)).map(({ id, value }) => [id, value]));
const entriesOf = (cells: ReadonlyMap<string, number>): Record<string, string> =>
  Object.fromEntries([...cells].map(([id, value]) => [`t.${id}`, writeMoney(value, style)]));
const check = (exercise: Exercise, entries: Record<string, string>): Verdict =>
  checkSubmission(exercise, {}, entries, defaultHouseRules)[0]!;
const first = tableOf('1', '3');
const right = cellsOf(first);
const cents = (value: number): number => Math.round(value * 100) / 100;
const i = 0.066 / 12;

it('is right when every cell is', () => {
  const verdict = check(first, entriesOf(right));
  expect(verdict).toMatchObject({ kind: 'right', credit: 1 });
  expect(verdict.cells).toHaveLength(15);
});

it('is blank when none is filled in, and says how many are missing when some are', () => {
  expect(check(first, {})).toMatchObject({ kind: 'blank', credit: 0 });
  const half = Object.fromEntries(Object.entries(entriesOf(right)).slice(0, 7));
  expect(check(first, half)).toMatchObject({ says: '8 of 15 cells are empty.' });
});

it('counts one wrong cell as one: what follows from it is carried', () => {
  const wrong = new Map(right);
  // Row 1 has another interest; the student goes on rightly from it.
  wrong.set('1:interest', 50);
  wrong.set('1:principal', cents(right.get('1:payment')! - 50));
  wrong.set('1:closing', cents(8000 - wrong.get('1:principal')!));
  wrong.set('2:opening', wrong.get('1:closing')!);
  wrong.set('2:interest', cents(wrong.get('2:opening')! * i));
  wrong.set('2:principal', cents(right.get('2:payment')! - wrong.get('2:interest')!));
  wrong.set('2:closing', cents(wrong.get('2:opening')! - wrong.get('2:principal')!));
  wrong.set('3:opening', wrong.get('2:closing')!);
  wrong.set('3:interest', cents(wrong.get('3:opening')! * i));
  wrong.set('3:principal', cents(right.get('3:payment')! - wrong.get('3:interest')!));
  wrong.set('3:closing', cents(wrong.get('3:opening')! - wrong.get('3:principal')!));
  const verdict = check(first, entriesOf(wrong));
  const kinds = Object.fromEntries(verdict.cells!.map(({ id, kind }) => [id, kind]));
  expect(kinds['1:interest']).toBe('unexplained');
  expect(wrongCells(verdict)).toEqual([
    'Row 1, interest: 50.00 is not explained. 44.00 follows from the cells before it.',
  ]);
  expect(Object.entries(kinds).filter(([, kind]) => kind === 'unexplained')).toHaveLength(1);
  expect(kinds['1:closing']).toBe('carried');
  expect(kinds['3:closing']).toBe('carried');
  expect(verdict.credit).toBeCloseTo(14 / 15, 10);
  expect(verdict.says).toBe('The first cell that goes wrong is row 1, interest.');
});

it('keeps a cell that cannot be read, and judges the others', () => {
  const verdict = check(first, { ...entriesOf(right), 't.2:interest': 'see note' });
  expect(verdict.cells!.find(({ id }) => id === '2:interest')).toMatchObject({ kind: 'unreadable' });
  expect(verdict.cells!.filter(({ kind }) => kind === 'right')).toHaveLength(14);
});

interface Made {
  readonly exercise?: Exercise;
  readonly cell: string;
  readonly value: (cells: ReadonlyMap<string, number>) => number;
  /** Cells that go on from the wrong one. */
  readonly more?: (cells: Map<string, number>) => void;
}

const withExtra = tableOf('1', '3', { changes: [change] });
/** From payment 3 the rate is 0.08 points higher, and the payment is worked out again. */
const newRate = { id: 'r', kind: 'rate' as const, texts: { after: '2', rate: '6.68' }, payment: 'again' as const };
const withNewRate = tableOf('1', '12', { changes: [newRate] });
const last = asking(
  [{ id: 'plan', draft: loan({ amount: '8,765.43', rate: '7.3', payments: '12' }) }],
  [part('t', { quantity: 'table', plan: 'plan', blanks: [], args: { from: '10', to: '12' } })],
);
const withTotals = tableOf('1', '4', {}, { totals: true });
const slips: Readonly<Record<string, Made>> = {
  'running-total-not-carried': {
    exercise: tableOf('1', '4', {}, { columns: columnsOf('interest', 'closing', 'interest-so-far') }),
    cell: '3:interest-so-far',
    value: (cells) => cells.get('3:interest')!,
  },
  'total-range-too-short': {
    exercise: withTotals,
    cell: 'total:interest',
    value: (cells) => cells.get('total:interest')! - cells.get('4:interest')!,
  },
  'total-of-another-column': {
    exercise: withTotals,
    cell: 'total:principal',
    value: (cells) => cells.get('total:payment')!,
  },
  'interest-on-original-amount': { cell: '3:interest', value: () => cents(8000 * i) },
  'interest-on-wrong-row': { cell: '2:interest', value: (cells) => cents(cells.get('3:opening')! * i) },
  'reference-not-fixed': { cell: '2:interest', value: () => 0 },
  'rate-of-another-row': {
    exercise: withNewRate,
    cell: '3:interest',
    value: (cells) => cents(cells.get('3:opening')! * i),
  },
  'principal-plus-interest': {
    cell: '2:principal',
    value: (cells) => cells.get('2:payment')! + cells.get('2:interest')!,
  },
  'extra-not-subtracted': { exercise: withExtra, cell: '2:payment', value: (cells) => cells.get('1:payment')! },
  'balance-not-carried': { cell: '2:opening', value: () => 8000 },
  'last-payment-not-adjusted': { exercise: last, cell: '12:payment', value: (cells) => cells.get('11:payment')! },
};

it('has a number made here for every table slip but the rounding of interest', () => {
  expect([...Object.keys(slips), 'interest-not-rounded'].sort()).toEqual(tableSlips.map(({ id }) => id).sort());
});

it.each(Object.entries(slips))('%s', (id, { exercise = first, cell, value }) => {
  const cells = cellsOf(exercise);
  cells.set(cell, value(cells));
  const verdict = check(exercise, entriesOf(cells));
  const found = verdict.cells!.find((each) => each.id === cell)!;
  if (found.kind === 'right' || found.kind === 'right-rounded')
    throw new Error('the slip leads to the right number here');
  expect(found).toMatchObject({ kind: 'slip', slip: id });
  expect(verdict).toMatchObject({ kind: 'slip' });
  expect(verdict.explanations.flatMap((each) => each.slips)).toContain(id);
});

it('interest-not-rounded, where fractions of a cent have added up', () => {
  const long = asking(
    [{ id: 'plan', draft: loan({ amount: '8,765.43', rate: '7.3', payments: '120' }) }],
    [part('t', { quantity: 'table', plan: 'plan', blanks: [], args: { from: '1', to: '120' } })],
  );
  const cells = cellsOf(long);
  let balance = 8765.43;
  let found: string | undefined;
  for (let row = 1; row <= 120 && !found; row += 1) {
    balance = balance * (1 + 0.073 / 12) - cells.get(`${row}:payment`)!;
    if (Math.abs(cents(balance) - cells.get(`${row}:closing`)!) >= 0.02) {
      cells.set(`${row}:closing`, cents(balance));
      found = `${row}:closing`;
    }
  }
  expect(found).toBeDefined();
  expect(check(long, entriesOf(cells)).cells!.find(({ id }) => id === found)).toMatchObject({
    kind: 'slip',
    slip: 'interest-not-rounded',
  });
});

describe('the table as a whole', () => {
  it('may have a row too many', () => {
    const verdict = check(last, { ...entriesOf(cellsOf(last)), 't.13:interest': '0.00' });
    expect(verdict.explanations[0]).toMatchObject({ slips: ['one-row-too-many'] });
  });
  it('may lack its end', () => {
    const entries = Object.fromEntries(
      Object.entries(entriesOf(cellsOf(last))).filter(([id]) => !id.startsWith('t.12:')),
    );
    expect(check(last, entries).explanations[0]).toMatchObject({ slips: ['rows-missing'] });
  });
});

describe('a plan that changes on the way', () => {
  const kindsOf = (exercise: Exercise, wrong: ReadonlyMap<string, number>): Record<string, string> =>
    Object.fromEntries(check(exercise, entriesOf(wrong)).cells!.map(({ id, kind }) => [id, kind]));

  it('goes on at the rate in force, however little it differs', () => {
    const cells = cellsOf(withNewRate);
    cells.set('3:opening', 7000);
    cells.set('3:interest', cents((7000 * 0.0668) / 12));
    const kinds = kindsOf(withNewRate, cells);
    expect(kinds['3:opening']).toBe('unexplained');
    expect(kinds['3:interest']).toBe('carried');
  });

  it('takes a payment somebody found on through the rows in which the plan pays the same', () => {
    const cells = cellsOf(withNewRate);
    const [before, after] = [cells.get('1:payment')!, cells.get('3:payment')!];
    expect(before).not.toBe(after);
    cells.set('1:payment', 700);
    cells.set('2:payment', 700);
    const kinds = kindsOf(withNewRate, cells);
    expect(kinds).toMatchObject({ '1:payment': 'unexplained', '2:payment': 'carried', '3:payment': 'right' });
  });

  it('settles in the last row what the rows before it have left', () => {
    const cells = cellsOf(withNewRate);
    cells.set('12:opening', 500);
    cells.set('12:interest', cents((500 * 0.0668) / 12));
    cells.set('12:payment', 500 + cells.get('12:interest')!);
    cells.set('12:principal', 500);
    const kinds = kindsOf(withNewRate, cells);
    expect(kinds).toMatchObject({
      '12:interest': 'carried',
      '12:payment': 'carried',
      '12:principal': 'carried',
      '12:closing': 'right',
    });
  });

  it('pays its own interest while only interest is paid, and counts money drawn', () => {
    const pause = {
      id: 'p',
      kind: 'interest-only' as const,
      texts: { from: '1', through: '3' },
      payment: 'same' as const,
    };
    const draw = { id: 'd', kind: 'draw' as const, texts: { amount: '500', before: '3' }, payment: 'same' as const };
    const exercise = tableOf('1', '6', { changes: [pause, draw] });
    const cells = cellsOf(exercise);
    cells.set('2:closing', 7900);
    cells.set('3:opening', 8400);
    cells.set('3:interest', cents(8400 * i));
    cells.set('3:payment', cents(8400 * i));
    const kinds = kindsOf(exercise, cells);
    expect(kinds).toMatchObject({ '3:opening': 'carried', '3:interest': 'carried', '3:payment': 'carried' });
  });
});

it('goes on from an own payment and an own amount that were found in earlier parts', () => {
  const exercise = asking(
    [
      { id: 'plan', draft: loan({ amount: '8,000', rate: '6.6', payments: '12' }) },
      { id: 'rest', draft: loan({ amount: 'answer b', rate: '6.6', payments: '6' }) },
    ],
    [
      part('a', { quantity: 'payment', plan: 'plan' }),
      part('t', { quantity: 'table', plan: 'plan', blanks: [], args: { from: '1', to: '2' } }),
      part('b', { quantity: 'balance-after', plan: 'plan', args: { after: '6' } }),
      part('u', { quantity: 'table', plan: 'rest', blanks: ['1:opening', '1:interest'], args: { from: '1', to: '2' } }),
    ],
  );
  const rows = [1, 2].reduce<{ balance: number; cells: Record<string, string> }>(
    ({ balance, cells }, row) => {
      const interest = cents(balance * i);
      const closing = cents(balance + interest - 700);
      const values = { opening: balance, interest, payment: 700, principal: 700 - interest, closing };
      const written = Object.entries(values).map(([column, value]) => [`t.${row}:${column}`, value.toFixed(2)]);
      return { balance: closing, cells: { ...cells, ...Object.fromEntries(written) } };
    },
    { balance: 8000, cells: {} },
  );
  const entries = { a: '700.00', ...rows.cells, b: '4,000.00', 'u.1:opening': '4,000.00', 'u.1:interest': '22.00' };
  const verdicts = checkSubmission(exercise, {}, entries, defaultHouseRules);
  const kinds = Object.fromEntries(verdicts.map(({ partId, kind, credit }) => [partId, [kind, credit]]));
  expect(kinds).toMatchObject({ t: ['carried', 1], u: ['carried', 1] });
  // Without the earlier answer the payment in the table is nobody's.
  expect(checkSubmission(exercise, {}, rows.cells, defaultHouseRules)[1]!.kind).toBe('unexplained');
});

describe('columns as the exercise chose them', () => {
  const chosen = columnsOf('date', 'closing', 'extra', 'payment', 'interest', 'principal-so-far');
  const dated = { firstPaymentDate: '2027-01-31', changes: [change] };
  const form = {
    columns: [...chosen.slice(0, 5), { column: 'principal-so-far' as const, name: 'Paid off' }],
    totals: true,
  };
  const exercise = tableOf('1', '4', dated, form);

  it('has them in their order, dates given, extra payments apart from what is paid, totals below', () => {
    const key = keyOf(exercise);
    expect(key.columns.map(({ name }) => name)).toEqual(['Date', 'Closing', 'Extra', 'Paid', 'Interest', 'Paid off']);
    expect(key.rows.map(([date]) => date!.text)).toEqual(['2027-01-31', '2027-02-28', '2027-03-31', '2027-04-30']);
    const cells = cellsOf(exercise);
    expect([cells.get('1:extra'), cells.get('2:extra')]).toEqual([0, 200]);
    expect(cells.get('2:payment')).toBe(cells.get('1:payment'));
    expect(cells.get('4:principal-so-far')).toBeCloseTo(8000 - cells.get('4:closing')!, 2);
    expect(cells.get('total:extra')).toBe(600);
    expect(key.totals.map(({ column }) => column)).toEqual(['extra', 'payment', 'interest']);
    expect(check(exercise, entriesOf(cells))).toMatchObject({ kind: 'right', credit: 1 });
  });

  it('carries a wrong cell through columns that are not shown, into running totals and totals', () => {
    const cells = cellsOf(exercise);
    cells.set('2:interest', 50);
    // Opening and principal are not shown; what a student makes of them is.
    for (const row of [2, 3, 4]) {
      const opening = cells.get(`${row - 1}:closing`)!;
      if (row > 2) cells.set(`${row}:interest`, cents(opening * i));
      const principal = cents(
        cells.get(`${row}:payment`)! + cells.get(`${row}:extra`)! - cells.get(`${row}:interest`)!,
      );
      cells.set(`${row}:closing`, cents(opening - principal));
      cells.set(`${row}:principal-so-far`, cents(cells.get(`${row - 1}:principal-so-far`)! + principal));
    }
    cells.set('total:interest', cents([1, 2, 3, 4].reduce((sum, row) => sum + cells.get(`${row}:interest`)!, 0)));
    const verdict = check(exercise, entriesOf(cells));
    expect(wrongCells(verdict)).toHaveLength(1);
    expect(wrongCells(verdict)[0]).toContain('Row 2, interest: 50.00 is not explained.');
    expect(verdict.cells!.find(({ id }) => id === 'total:interest')).toMatchObject({ kind: 'carried' });
  });

  it('takes a running total from payment 1 or from the first row shown', () => {
    const later = tableOf('7', '9', {}, { columns: columnsOf('interest', 'interest-so-far') });
    const cells = cellsOf(later);
    let sum = 0;
    for (const row of [7, 8, 9]) {
      sum += cells.get(`${row}:interest`)!;
      cells.set(`${row}:interest-so-far`, cents(sum));
    }
    expect(check(later, entriesOf(cells))).toMatchObject({ kind: 'right', credit: 1 });
  });

  it('says what does not fit: dates without a first date, no cell left blank', () => {
    const table = must(answerKey(first, {}, defaultHouseRules)[0]!).question!.solved.table;
    const rows = { from: 1, to: 3, blanks: [] };
    expect(keyTable(table, { ...rows, columns: columnsOf('date', 'closing') })).toMatchObject({
      ok: false,
      problem: { field: 'columns' },
    });
    expect(keyTable(table, { ...rows, blanks: ['1:interest'], columns: columnsOf('closing') })).toMatchObject({
      ok: false,
      problem: { field: 'blanks' },
    });
  });

  it('leaves cells blank by a pattern', () => {
    const blank = (id: string) => {
      const { isBlank } = blankPatterns.find((each) => each.id === id)!;
      return [0, 1, 2].map((row) => [0, 1, 2].map((at) => (isBlank({ row, at, columns: 3 }) ? 'x' : '.')).join(''));
    };
    expect(blank('all')).toEqual(['xxx', 'xxx', 'xxx']);
    expect(blank('after-first')).toEqual(['...', 'xxx', 'xxx']);
    expect(blank('every-second')).toEqual(['...', 'xxx', '...']);
    expect(blank('one-a-row')).toEqual(['x..', '.x.', '..x']);
  });
});
