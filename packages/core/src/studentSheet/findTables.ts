/** Finds the tables of a worksheet: by the words over their columns, or by the shape of their numbers. */

import { namesOf } from '../records.ts';
import { columnLetters, columnNumber } from './cells.ts';
import { withMissing, type Columns } from './missingColumns.ts';
import { blocksOf, columnsByArithmetic } from './tableShapes.ts';
import type { SheetView } from './sheetView.ts';
import { headMeans, isTotalsLabel, type FoundColumn } from './words.ts';

/** A table as it was found; rows are counted from 1 as the sheet counts them. */
export interface TableFound {
  readonly sheet: string;
  /** The row with its heads; nothing where it has none. */
  readonly headRow?: number;
  /** A row before payment 1 that says what is owed at the start. */
  readonly row0?: number;
  readonly firstRow: number;
  readonly lastRow: number;
  readonly totalsRow?: number;
  /** Letters by what the column holds. */
  readonly columns: Readonly<Partial<Record<FoundColumn, string>>>;
}

/** Where somebody says that a table stands. */
export interface TableSaid {
  readonly sheet: string;
  /** The row of payment 1, or of the first payment that is shown. */
  readonly firstRow: number;
  /** Follows from what is filled where it is not said. */
  readonly lastRow?: number | undefined;
  readonly columns: TableFound['columns'];
}

/** The class's own words for columns, besides those we know. */
export type ColumnWords = Readonly<Partial<Record<FoundColumn, readonly string[]>>>;

/** Every table of a sheet, from the top. */
export function findTables(view: SheetView, own: ColumnWords = {}): TableFound[] {
  const found = byHeads(view, own);
  return found.length > 0 ? found : byShape(view);
}

/** A table as somebody says it; nothing where no row of it is filled. What stands above its first row follows. */
export function tableAt(
  view: SheetView,
  { firstRow, lastRow: said, columns: letters }: TableSaid,
): TableFound | undefined {
  const columns: Columns = new Map(namesOf(letters).map((means) => [means, columnNumber(letters[means] ?? '')]));
  const row0 = isRow0(view, firstRow - 1, columns) ? firstRow - 1 : undefined;
  const above = (row0 ?? firstRow) - 1;
  const isHead = [...columns.values()].some((column) => view.text(above, column) !== '');
  const { lastRow, totalsRow } = endOf(view, firstRow, columns, said);
  if (lastRow < firstRow) return undefined;
  return {
    sheet: view.sheet,
    ...(isHead ? { headRow: above } : {}),
    ...(row0 === undefined ? {} : { row0 }),
    firstRow,
    lastRow,
    ...(totalsRow === undefined ? {} : { totalsRow }),
    columns: letters,
  };
}

function byHeads(view: SheetView, own: ColumnWords): TableFound[] {
  const tables: TableFound[] = [];
  let row = 1;
  while (row <= view.last.row) {
    // Where heads stand over two rows the lower one names more columns.
    const [here, below] = [headsIn(view, row, own), headsIn(view, row + 1, own)];
    const groups = widest(below) > widest(here) ? [] : here;
    let next = row + 1;
    for (const columns of groups) {
      const table = rowsUnder(view, row, columns);
      if (!table) continue;
      tables.push(table);
      next = Math.max(next, table.lastRow + 1);
    }
    row = next;
  }
  return tables;
}

const widest = (groups: readonly Columns[]): number => Math.max(0, ...groups.map(({ size }) => size));

/** The columns that a row heads; more than one table may stand side by side, with an empty column between. */
function headsIn(view: SheetView, row: number, own: ColumnWords): Columns[] {
  const groups: Columns[] = [];
  let columns: Columns = new Map();
  let empty = 0;
  const close = () => {
    if (isTable(columns)) groups.push(columns);
    columns = new Map();
  };
  for (let column = 1; column <= view.last.column + 1; column += 1) {
    const text = view.text(row, column);
    const means = headAt(view, row, column, own);
    empty = text === '' && !view.isFilled(row + 1, column) && !view.isFilled(row + 2, column) ? empty + 1 : 0;
    if (empty >= 1 && columns.size > 0) close();
    if (means) put(columns, means, column);
  }
  close();
  return groups;
}

/** What heads a column; words over two rows belong together: "Opening" over "balance". */
function headAt(view: SheetView, row: number, column: number, own: ColumnWords): FoundColumn | undefined {
  const text = view.text(row, column);
  if (text === '') return undefined;
  const means = headMeans(text, own);
  // A rate of interest in every row is no payment, though some languages call that a rate.
  const below = view.number(row + 1, column);
  if (means === 'payment' && /^\s*rate\b/i.test(text) && Math.abs(below) < 1) return undefined;
  const above = view.text(row - 1, column).trim();
  // A title over the table belongs to none of its columns.
  const isHead = above !== '' && above.split(/\s+/).length <= 2;
  if (!isHead || (means !== undefined && means !== 'closing' && means !== 'payment')) return means;
  return headMeans(`${above} ${text}`, own) ?? means;
}

function put(columns: Columns, means: FoundColumn, column: number): void {
  const before = columns.get(means);
  if (before === undefined) columns.set(means, column);
  // The first of two balances is the one at the start of the row.
  else if (means === 'closing' && !columns.has('opening')) {
    columns.set('opening', before);
    columns.set('closing', column);
  } else if (means === 'payment' && !columns.has('number')) {
    columns.set('number', before);
    columns.set('payment', column);
  } else if (means === 'interest' && !columns.has('interest-so-far')) columns.set('interest-so-far', column);
  else if (means === 'principal' && !columns.has('principal-so-far')) columns.set('principal-so-far', column);
}

/** A table has a balance and what moves it. */
function isTable(columns: Columns): boolean {
  const moves = (['interest', 'payment', 'principal'] as const).filter((means) => columns.has(means)).length;
  const balances = (['opening', 'closing'] as const).filter((means) => columns.has(means)).length;
  return (moves >= 1 && balances >= 1 && moves + balances >= 2) || moves >= 3;
}

/** The rows that go on under some heads; nothing where no numbers follow. */
function rowsUnder(view: SheetView, headRow: number, heads: Columns): TableFound | undefined {
  const first = firstRowUnder(view, headRow, heads);
  if (first === undefined) return undefined;
  const columns = withMissing(view, first, withNumbers(view, first, heads));
  const row0 = isRow0(view, first, columns) ? first : undefined;
  const firstRow = row0 === undefined ? first : first + 1;
  const { lastRow, totalsRow } = endOf(view, firstRow, columns);
  if (lastRow < firstRow) return undefined;
  return {
    sheet: view.sheet,
    headRow,
    ...(row0 === undefined ? {} : { row0 }),
    firstRow,
    lastRow,
    ...(totalsRow === undefined ? {} : { totalsRow }),
    columns: lettersOf(columns),
  };
}

const lettersOf = (columns: Columns): TableFound['columns'] =>
  Object.fromEntries([...columns].map(([means, column]) => [means, columnLetters(column)]));

/** Money columns; a number or a date alone is no row. */
const moneyColumns = (columns: Columns): number[] =>
  [...columns].flatMap(([means, column]) => (means === 'number' || means === 'date' ? [] : [column]));

function firstRowUnder(view: SheetView, headRow: number, heads: Columns): number | undefined {
  const money = moneyColumns(heads);
  for (let row = headRow + 1; row <= Math.min(headRow + 3, view.last.row); row += 1) {
    if (money.some((column) => view.isFilled(row, column))) return row;
    // Another row of words ends it: a head belongs to the numbers right under it.
    if (money.filter((column) => view.text(row, column) !== '').length > 1 && row > headRow + 1) return undefined;
  }
  return undefined;
}

/** A column headed as a payment that counts 1, 2, 3 is its number; a number column without a head stands at the left. */
function withNumbers(view: SheetView, first: number, heads: Columns): Columns {
  const columns = new Map(heads);
  const counts = (column: number): boolean => {
    const numbers = [0, 1, 2].map((down) => view.number(first + down, column));
    const [a = NaN, b = NaN, c = NaN] = numbers;
    return (a === 0 || a === 1) && b === a + 1 && (Number.isNaN(c) || c === b + 1);
  };
  const payment = columns.get('payment');
  if (payment !== undefined && !columns.has('number') && counts(payment)) {
    columns.delete('payment');
    columns.set('number', payment);
  }
  const leftmost = Math.min(...columns.values());
  if (!columns.has('number') && leftmost > 1 && counts(leftmost - 1)) columns.set('number', leftmost - 1);
  return columns;
}

/** A row that says only what is owed before the first payment. */
function isRow0(view: SheetView, row: number, columns: Columns): boolean {
  const closing = columns.get('closing');
  if (closing === undefined || !view.isFilled(row, closing)) return false;
  const number = columns.get('number');
  if (number !== undefined && view.number(row, number) === 0) return true;
  const moves = (['interest', 'payment', 'principal'] as const).flatMap((means) => columns.get(means) ?? []);
  const isNothing = (column: number): boolean =>
    !view.isFilled(row, column) || (view.number(row, column) === 0 && !view.hasFormula(row, column));
  return moves.length > 0 && moves.every(isNothing) && moves.some((column) => view.isFilled(row + 1, column));
}

/** A row is one of the table while its columns are filled; a total, an empty row or words end it, or what somebody says. */
function endOf(
  view: SheetView,
  firstRow: number,
  columns: Columns,
  said = view.last.row,
): { lastRow: number; totalsRow?: number } {
  const money = moneyColumns(columns);
  const least = Math.max(1, Math.ceil(money.length / 2));
  let row = firstRow;
  while (row <= Math.min(said, view.last.row)) {
    if (isTotals(view, row, firstRow, columns)) return { lastRow: row - 1, totalsRow: row };
    if (money.filter((column) => view.isFilled(row, column)).length < least) break;
    row += 1;
  }
  const lastRow = row - 1;
  for (let below = row; below <= Math.min(row + 3, view.last.row); below += 1)
    if (isTotals(view, below, firstRow, columns)) return { lastRow, totalsRow: below };
  return { lastRow };
}

function isTotals(view: SheetView, row: number, firstRow: number, columns: Columns): boolean {
  const left = Math.max(1, Math.min(...columns.values()) - 2);
  const right = Math.max(...columns.values());
  for (let column = left; column <= right; column += 1) if (isTotalsLabel(view.text(row, column))) return true;
  if (row <= firstRow) return false;
  const number = columns.get('number');
  if (number !== undefined && view.isFilled(row, number)) return false;
  return moneyColumns(columns).some((column) => {
    const formula = view.calculation.book.at(view.place(row, column))?.content.formula ?? '';
    return /^=\s*[+-]?\s*SUM\s*\(/i.test(formula) && /:/.test(formula);
  });
}

/** A block of numbers without heads: which column is which follows from how the first rows add up. */
function byShape(view: SheetView): TableFound[] {
  const best = blocksOf(view).sort((one, other) => other.rows - one.rows)[0];
  if (!best) return [];
  const numeric = best.columns;
  const counts = numeric.find((column) => {
    const [a, b, c] = [0, 1, 2].map((down) => view.number(best.top + down, column));
    return (a === 0 || a === 1) && b === (a ?? 0) + 1 && c === b + 1;
  });
  const money = numeric.filter((column) => column !== counts);
  for (const down of [0, 1]) {
    const columns = columnsByArithmetic(view, best.top + down, money);
    if (!columns) continue;
    if (counts !== undefined) columns.set('number', counts);
    const row0 =
      counts !== undefined && view.number(best.top, counts) === 0
        ? best.top
        : isRow0(view, best.top, columns)
          ? best.top
          : undefined;
    const firstRow = row0 === undefined ? best.top : row0 + 1;
    const { lastRow, totalsRow } = endOf(view, firstRow, columns);
    return [
      {
        sheet: view.sheet,
        ...(row0 === undefined ? {} : { row0 }),
        firstRow,
        lastRow,
        ...(totalsRow === undefined ? {} : { totalsRow }),
        columns: lettersOf(columns),
      },
    ];
  }
  return [];
}
