/** The worksheet of live formulas, recalculated by an independent formula library: every row to the cent, also after its rate is changed. */
import { HyperFormula } from 'hyperformula';
import { buildTable, centRounding, exactRounding, must, tableSheet, type LiveSheet, type Plan } from '../src/index.ts';

const monthly = (annual: number) => ({ kind: 'nominal' as const, annual, compoundingsPerYear: 12 as const });
const kiln: Plan = {
  amount: 48000,
  rate: monthly(0.066),
  paymentsPerYear: 12,
  payments: 60,
  timing: 'end',
  finalAmount: 0,
  rounding: centRounding,
  changes: [],
};

const plans: Record<string, Plan> = {
  'a level loan': kiln,
  unrounded: { ...kiln, rounding: exactRounding },
  'payments up to whole units, compounded half-yearly': {
    ...kiln,
    rate: { kind: 'nominal', annual: 0.066, compoundingsPerYear: 2 },
    rounding: { ...centRounding, payment: 'unit-up' },
  },
  'a balloon by the week at an effective rate': {
    ...kiln,
    paymentsPerYear: 52,
    payments: 104,
    finalAmount: 20000,
    rate: { kind: 'effective', annual: 0.07 },
  },
  'a lease in advance with a residual': {
    ...kiln,
    amount: 18500,
    finalAmount: 3700,
    payments: 36,
    timing: 'begin',
    rate: monthly(0.084),
  },
  savings: { ...kiln, kind: 'saving', amount: 1200, finalAmount: 26000, payments: 48, rate: monthly(0.036) },
  'savings in advance': { ...kiln, kind: 'saving', amount: 0, finalAmount: 12000, payments: 24, timing: 'begin' },
  'savings with deposits agreed': {
    ...kiln,
    kind: 'saving',
    amount: 0,
    payment: 40,
    finalAmount: 2748.19,
    rate: monthly(0.054),
  },
  'savings that rounding alone brings to the end early': {
    ...kiln,
    kind: 'saving',
    amount: 254.6,
    rate: monthly(0.003),
    payments: 133,
    timing: 'begin',
    payment: 0.07,
    finalAmount: 272.67,
  },
  'savings without deposits': {
    ...kiln,
    kind: 'saving',
    amount: 1000,
    payment: 0,
    finalAmount: 1124.42,
    payments: 30,
    rate: monthly(0.047),
  },
  'deposits agreed, in advance': {
    ...kiln,
    kind: 'saving',
    amount: 500,
    payment: 75,
    finalAmount: 2480.51,
    payments: 24,
    timing: 'begin',
    rate: monthly(0.06),
  },
  'a fund drawn down': {
    ...kiln,
    kind: 'drawing',
    amount: 180000,
    finalAmount: 40000,
    paymentsPerYear: 4,
    rate: { kind: 'nominal', annual: 0.042, compoundingsPerYear: 'continuous' },
  },
  'a rate worked out again and one kept': {
    ...kiln,
    changes: [
      { kind: 'rate', after: 12, rate: monthly(0.072), payment: 'again' },
      { kind: 'rate', after: 30, rate: monthly(0.08), payment: 'same' },
    ],
  },
  'extra payments that shorten it': {
    ...kiln,
    changes: [
      { kind: 'extra', from: 1, every: 3, amount: 250 },
      { kind: 'extra', from: 10, amount: 2000 },
    ],
  },
  'staged with daily interest': {
    ...kiln,
    amount: 24000,
    payments: 54,
    rate: { kind: 'daily', annual: 0.091, daysPerYear: 365, daysPerPeriod: 30 },
    changes: [
      { kind: 'draw', before: 3, amount: 18000 },
      { kind: 'draw', before: 5, amount: 9000 },
      { kind: 'deferred', through: 6 },
    ],
  },
  'interest only, then a given payment': {
    ...kiln,
    changes: [
      { kind: 'interest-only', through: 6 },
      { kind: 'payment', after: 24, amount: 1100 },
    ],
  },
  'a given payment, last as the others': { ...kiln, payment: 941, rounding: { ...centRounding, last: 'as-others' } },
};

function recalculate(sheet: LiveSheet, change?: { readonly label: string; readonly value: number }): number[][] {
  const grid: (string | number | null)[][] = [];
  const put = (at: string, content: string | number) => {
    const [, letter, line] = /^([A-Z])(\d+)$/.exec(at)!;
    (grid[Number(line) - 1] ??= [])[letter!.charCodeAt(0) - 65] = content;
  };
  for (const cell of sheet.cells) put(cell.at, cell.formula === undefined ? (cell.value ?? '') : `=${cell.formula}`);
  if (change) {
    const label = sheet.cells.find(({ value }) => value === change.label)!;
    put(label.at.replace('A', 'B'), change.value);
  }
  const filled = Array.from(grid, (row) => Array.from(row ?? [], (cell) => cell ?? null));
  const engine = HyperFormula.buildFromArray(filled, { licenseKey: 'gpl-v3' });
  const { opening, interest, payment, extra, principal, closing } = sheet.columns;
  const rows: number[][] = [];
  for (let line = sheet.first; line <= sheet.last; line += 1)
    rows.push(
      [opening, interest, payment, extra, principal, closing].map(
        (letter) => engine.getCellValue({ sheet: 0, row: line - 1, col: letter.charCodeAt(0) - 65 }) as number,
      ),
    );
  engine.destroy();
  return rows;
}

function expectSame(rows: number[][], plan: Plan): void {
  const table = must(buildTable(plan));
  table.rows.forEach((row, at) => {
    const expected = [row.opening, row.interest, row.payment, row.extra, row.principal, row.closing];
    expected.forEach((value, column) => {
      const found = rows[at]![column]!;
      expect({ row: row.number, column, apart: Math.abs(found - value) < 0.001 ? 0 : found - value }).toEqual({
        row: row.number,
        column,
        apart: 0,
      });
    });
  });
  // Rows past an early end stay empty of money.
  for (const row of rows.slice(table.rows.length)) expect(Math.abs(row[2]!) + Math.abs(row[3]!)).toBeLessThan(0.005);
}

describe('a table as live formulas', () => {
  it.each(Object.entries(plans))('agrees row by row for %s', (_, plan) => {
    expectSame(recalculate(tableSheet('A case', must(buildTable(plan)))), plan);
  });

  it('changes with the rate in its cell', () => {
    const sheet = tableSheet('A case', must(buildTable(kiln)));
    const rows = recalculate(sheet, { label: 'rate a year', value: 0.09 });
    expectSame(rows, { ...kiln, rate: monthly(0.09) });
    const again = { ...kiln, changes: plans['a rate worked out again and one kept']!.changes };
    const changed = recalculate(tableSheet('A case', must(buildTable(again))), {
      label: 'amount received',
      value: 52500,
    });
    expectSame(changed, { ...again, amount: 52500 });
  });

  it('carries dates and what each formula comes to', () => {
    const sheet = tableSheet('A case', must(buildTable({ ...kiln, firstPaymentDate: '2027-01-31' })));
    expect(sheet.cells.find(({ at }) => at === `B${sheet.first + 1}`)).toMatchObject({ value: '2027-02-28' });
    expect(sheet.cells.find(({ at }) => at === `${sheet.columns.closing}${sheet.first}`)).toMatchObject({
      result: 47322.57,
      formula: expect.stringContaining('ROUND'),
    });
  });
});
