/** Worksheets as students make them, in several layouts, with a mistake written into their formulas; an independent engine works them out. */
import { HyperFormula } from 'hyperformula';
import type { CellContent, Plan, SheetCells } from '../src/index.ts';

/** A cell as it is typed: a formula, a number or a text. */
export type Typed = string | number;
export type TypedSheets = Record<string, Record<string, Typed>>;

/** Worked out by an engine that is not ours. */
export function workedOut(sheets: TypedSheets, formats: Readonly<Record<string, string>> = {}): SheetCells {
  const place = (address: string): [number, number] => {
    const [, letters = 'A', digits = '1'] = /^([A-Z]+)(\d+)$/.exec(address)!;
    return [Number(digits) - 1, [...letters].reduce((sum, letter) => sum * 26 + letter.charCodeAt(0) - 64, 0) - 1];
  };
  const grids = Object.fromEntries(
    Object.entries(sheets).map(([name, cells]) => {
      const grid: (Typed | null)[][] = [];
      for (const [address, typed] of Object.entries(cells)) {
        const [row, column] = place(address);
        while (grid.length <= row) grid.push([]);
        while (grid[row]!.length <= column) grid[row]!.push(null);
        // An apostrophe keeps a text a text.
        grid[row]![column] = typed;
      }
      return [name, grid];
    }),
  );
  const engine = HyperFormula.buildFromSheets(grids, { licenseKey: 'gpl-v3', precisionRounding: 14 });
  const worked: Record<string, Record<string, CellContent>> = {};
  for (const [name, cells] of Object.entries(sheets)) {
    const sheet = engine.getSheetId(name)!;
    const own: Record<string, CellContent> = {};
    for (const [address, typed] of Object.entries(cells)) {
      const [row, col] = place(address);
      const value = engine.getCellValue({ sheet, row, col });
      const content = typeof value === 'object' && value !== null && 'value' in value ? String(value.value) : value;
      own[address] = {
        value:
          typeof typed === 'string' && !typed.startsWith('=')
            ? typed.replace(/^'/, '')
            : (content as CellContent['value']),
        ...(typeof typed === 'string' && typed.startsWith('=') ? { formula: typed } : {}),
        ...(formats[address] ? { format: formats[address] } : {}),
      };
    }
    worked[name] = own;
  }
  engine.destroy();
  return worked;
}

/** How somebody lays a table out. */
export interface Layout {
  readonly name: string;
  /** Where the labels of inputs stand, and the sheet they are on. */
  readonly inputs: { readonly sheet: string; readonly label: string; readonly value: string; readonly row: number };
  readonly table: { readonly sheet: string; readonly headRow: number };
  readonly columns: Readonly<Partial<Record<Column, readonly [string, string]>>>;
  readonly row0: boolean;
  /** The rate of a payment stands in a cell of its own. */
  readonly perPayment: boolean;
  readonly labels: Readonly<Record<InputLabel, string>>;
  readonly rounds: boolean;
  readonly totals: boolean;
}
export type InputLabel = 'amount' | 'rate' | 'count' | 'payment' | 'perPayment';
export type Column = 'number' | 'opening' | 'payment' | 'interest' | 'extra' | 'principal' | 'closing';

const english = {
  amount: 'Amount borrowed',
  rate: 'Rate a year',
  count: 'Number of payments',
  payment: 'Payment',
  perPayment: 'Rate per month',
};

export const layouts: readonly Layout[] = [
  {
    name: 'inputs above, a column for all',
    inputs: { sheet: 'Loan', label: 'A', value: 'B', row: 2 },
    table: { sheet: 'Loan', headRow: 8 },
    columns: {
      number: ['A', 'Payment'],
      opening: ['B', 'Owed before'],
      interest: ['C', 'Interest'],
      payment: ['D', 'Paid'],
      principal: ['E', 'To principal'],
      closing: ['F', 'Owed after'],
    },
    row0: false,
    perPayment: false,
    labels: english,
    rounds: false,
    totals: true,
  },
  {
    name: 'a row 0, no opening, inputs at the right',
    inputs: { sheet: 'Sheet1', label: 'H', value: 'J', row: 1 },
    table: { sheet: 'Sheet1', headRow: 2 },
    columns: {
      number: ['A', 'n'],
      payment: ['B', 'PMT'],
      principal: ['D', 'Principal'],
      interest: ['C', 'Interest'],
      closing: ['E', 'Balance'],
    },
    row0: true,
    perPayment: true,
    labels: { amount: 'Loan', rate: 'Interest rate p.a.', count: 'n', payment: 'pmt', perPayment: 'monthly rate' },
    rounds: true,
    totals: false,
  },
  {
    name: 'inputs on a sheet of their own, another language',
    inputs: { sheet: 'Daten', label: 'B', value: 'C', row: 3 },
    table: { sheet: 'Plan', headRow: 4 },
    columns: {
      number: ['B', 'Monat'],
      opening: ['C', 'Restschuld Anfang'],
      payment: ['F', 'Rate'],
      interest: ['D', 'Zinsen'],
      principal: ['E', 'Tilgung'],
      closing: ['G', 'Restschuld Ende'],
    },
    row0: false,
    perPayment: false,
    labels: {
      amount: 'Darlehen',
      rate: 'Zinssatz',
      count: 'Anzahl Monate',
      payment: 'Monatsrate',
      perPayment: 'Zinssatz pro Monat',
    },
    rounds: true,
    totals: true,
  },
];

/** A sheet being written: where its inputs and columns are, and the formula of each cell. */
export interface Draft {
  readonly layout: Layout;
  readonly plan: Plan;
  readonly n: number;
  /** Address of an input, as the table's formulas write it; fixed or not. */
  readonly input: (name: InputLabel, fixed?: boolean) => string;
  /** Address of a cell of payment k; of row 0 or the amount for k = 0. */
  readonly at: (column: Column, k: number) => string;
  readonly cells: TypedSheets;
  readonly put: (column: Column, k: number, typed: Typed) => void;
  readonly putInput: (name: InputLabel, typed: Typed) => void;
  readonly totalsRow: number;
  readonly rate: string;
}

/** A right sheet for a plan in a layout. */
export function draftSheet(layout: Layout, plan: Plan): Draft {
  const n = plan.payments as number;
  const { inputs, table, columns, row0, rounds } = layout;
  const cells: TypedSheets = { [inputs.sheet]: {}, [table.sheet]: {} };
  const names: readonly InputLabel[] = [
    'amount',
    'rate',
    'count',
    ...(layout.perPayment ? (['perPayment'] as const) : []),
    'payment',
  ];
  const rowOf = (name: InputLabel): number => inputs.row + names.indexOf(name);
  const prefix = inputs.sheet === table.sheet ? '' : `${inputs.sheet}!`;
  const input = (name: InputLabel, fixed = true): string =>
    `${prefix}${fixed ? `$${inputs.value}$${rowOf(name)}` : `${inputs.value}${rowOf(name)}`}`;
  const firstRow = table.headRow + (row0 ? 2 : 1);
  const at = (column: Column, k: number): string => {
    const [letter] = columns[column] ?? ['ZZ'];
    return `${letter}${firstRow + k - 1}`;
  };
  const put = (column: Column, k: number, typed: Typed): void => {
    if (columns[column]) cells[table.sheet]![at(column, k)] = typed;
  };
  const putInput = (name: InputLabel, typed: Typed): void => {
    cells[inputs.sheet]![`${inputs.label}${rowOf(name)}`] = layout.labels[name];
    cells[inputs.sheet]![`${inputs.value}${rowOf(name)}`] = typed;
  };
  const own = (name: InputLabel): string => `${inputs.value}${rowOf(name)}`;
  const annual = plan.rate.kind === 'nominal' ? plan.rate.annual : 0;
  const p = plan.paymentsPerYear;
  putInput('amount', plan.amount);
  putInput('rate', annual);
  putInput('count', n);
  if (layout.perPayment) putInput('perPayment', `=${own('rate')}/${p}`);
  const ownRate = layout.perPayment ? own('perPayment') : `${own('rate')}/${p}`;
  const pmt = `PMT(${ownRate},${own('count')},-${own('amount')}${plan.timing === 'begin' || plan.finalAmount !== 0 ? `,${plan.finalAmount},${plan.timing === 'begin' ? 1 : 0}` : ''})`;
  putInput('payment', rounds ? `=ROUND(${pmt},2)` : `=${pmt}`);
  for (const [letter, word] of Object.values(columns)) cells[table.sheet]![`${letter}${table.headRow}`] = word;
  if (row0) {
    put('number', 0, 0);
    put('closing', 0, `=${input('amount')}`);
  }
  const rate = layout.perPayment ? input('perPayment') : `${input('rate')}/${p}`;
  for (let k = 1; k <= n; k += 1) {
    const before = columns.opening ? at('opening', k) : at('closing', k - 1);
    put('number', k, k === 1 ? 1 : `=${at('number', k - 1)}+1`);
    put('opening', k, k === 1 ? `=${input('amount')}` : `=${at('closing', k - 1)}`);
    // A column that is not there stands in the formulas of the others.
    const paid = columns.payment ? at('payment', k) : input('payment');
    const settles = rounds && k === n && plan.timing === 'end';
    // In advance the payment is taken off before interest is.
    const base = plan.timing === 'begin' ? `(${before}-${paid})` : before;
    put('interest', k, rounds ? `=ROUND(${base}*${rate},2)` : `=${base}*${rate}`);
    put('payment', k, settles ? `=${before}+${at('interest', k)}-${plan.finalAmount}` : `=${input('payment')}`);
    const repaid = settles && !columns.payment ? `${before}-${plan.finalAmount}` : `${paid}-${at('interest', k)}`;
    put('principal', k, `=${repaid}`);
    put('closing', k, columns.principal ? `=${before}-${at('principal', k)}` : `=${before}-(${repaid})`);
  }
  const totalsRow = firstRow + n;
  if (layout.totals) {
    const [first] = columns.number ?? ['A'];
    cells[table.sheet]![`${first}${totalsRow}`] = 'Total';
    for (const column of ['interest', 'payment', 'principal'] as const) {
      const [letter] = columns[column] ?? [];
      if (letter) cells[table.sheet]![`${letter}${totalsRow}`] = `=SUM(${at(column, 1)}:${at(column, n)})`;
    }
  }
  return { layout, plan, n, input, at, cells, put, putInput, totalsRow, rate };
}
