/** A filled-in table, cell by cell: each is judged from the student's own cells that it depends on. */

import { nth } from '../nth.ts';
import type { NumberStyle } from '../money/numberStyle.ts';
import { writeMoney } from '../money/numberStyle.ts';
import { roundCent, roundTo } from '../money/roundMoney.ts';
import { cellsOf, extraApart, inWorkingOrder, type KeyTable } from '../exercise/fillTable.ts';
import { cellOf, runningOf, type TableColumn } from '../exercise/tableColumns.ts';
import type { Table } from '../table/buildTable.ts';
import type { Question } from '../statement/question.ts';
import { readAnswer } from './readAnswer.ts';
import { tableSlips, wholeTableSlips, type CellAsked } from './tableSlips.ts';
import type { CellVerdict, Entries, Explanation } from './verdict.ts';

const cents = { kind: 'money', decimals: 2 } as const;

/** The student's number in a cell; the key's where it was given or holds nothing that can be read; what follows where it is not shown. */
type OwnCells = (row: number, column: TableColumn) => number;

interface Filled {
  readonly key: KeyTable;
  readonly table: Table;
  /** The table that follows from own earlier answers. */
  readonly onOwn: KeyTable | undefined;
}

/** The cells as a student has them, each worked out from those before it. */
class FilledCells {
  readonly #own = new Map<string, number>();
  readonly #keyed: ReadonlyMap<string, number>;
  readonly #carriedIn: ReadonlyMap<string, number>;
  readonly #filled: Filled;
  readonly apart: boolean;

  constructor(filled: Filled) {
    this.#filled = filled;
    this.#keyed = new Map(cellsOf(filled.key).map((cell) => [cell.id, cell.value]));
    this.#carriedIn = new Map((filled.onOwn ? cellsOf(filled.onOwn) : []).map((cell) => [cell.id, cell.value]));
    this.apart = extraApart(filled.key);
  }

  readonly at: OwnCells = (row, column) => {
    const id = `${row}:${column}`;
    const known = this.#own.get(id) ?? this.#keyed.get(id);
    if (known !== undefined) return known;
    // A column that is not shown follows from those that are.
    const value = column === 'date' ? NaN : this.follows(row, column);
    this.#own.set(id, value);
    return value;
  };

  readonly paid = (row: number): number => this.at(row, 'payment') + (this.apart ? this.at(row, 'extra') : 0);

  put(id: string, value: number): void {
    this.#own.set(id, value);
  }

  /** What a cell should hold from the student's own cells before it; the key's where nothing can be said. */
  follows(row: number, column: Exclude<TableColumn, 'date'>): number {
    const { key, table } = this.#filled;
    const keyed = this.#keyOf(row, column);
    const id = `${row === 0 ? 'total' : row}:${column}`;
    const value = this.#carriedIn.get(id) ?? keyed;
    const found =
      row === 0
        ? key.rows.reduce((sum, [cell]) => sum + this.at(cell?.row ?? key.from, column), 0)
        : fromOwnCells({ row, column, value, keyed, from: key.from }, table, this);
    return Number.isFinite(found) ? found : keyed;
  }

  #keyOf(row: number, column: Exclude<TableColumn, 'date'>): number {
    const { table } = this.#filled;
    const line = table.rows[row - 1];
    return (
      this.#keyed.get(`${row === 0 ? 'total' : row}:${column}`) ??
      (line ? cellOf(table.rows, line, column, this.apart) : 0)
    );
  }
}

/**
 * Judges every blank cell of a table part, in reading order.
 *
 * @param onOwn the table that follows from own earlier answers: a first opening or a payment of it is carried
 */
export function checkTable(
  partId: string,
  entries: Entries,
  key: KeyTable,
  question: Question,
  style: NumberStyle,
  tolerance: number,
  onOwn?: KeyTable,
): CellVerdict[] {
  const { table } = question.solved;
  const cells = new FilledCells({ key, table, onOwn });
  const verdicts = new Map<string, CellVerdict>();
  for (const cell of [...key.rows.flatMap(inWorkingOrder), ...key.totals]) {
    const { id, row, column, value: expected, blank } = cell;
    if (column === 'date') continue;
    if (!blank) {
      cells.put(id, expected);
      continue;
    }
    const expectedOwn = roundTo(cells.follows(row, column), 2);
    const read = readAnswer(entries[`${partId}.${id}`] ?? '', cents, style, expected);
    // What is missing is taken as the key has it, so that the rest can still be judged.
    if (!read.ok) {
      const blankCell = read.problem.code === 'blank';
      verdicts.set(id, {
        id,
        kind: blankCell ? 'blank' : 'unreadable',
        expected,
        expectedOwn,
        ...(blankCell ? {} : { says: read.problem.message }),
      });
      continue;
    }
    const { value, decimals } = read.value;
    cells.put(id, value);
    const { at, paid } = cells;
    const asked: CellAsked = { row, column, value, table, at, paid, from: key.from, to: key.to, expected, expectedOwn };
    verdicts.set(id, { id, expected, expectedOwn, read: value, ...judged(asked, decimals, style, tolerance) });
  }
  return key.blanks.flatMap((id) => verdicts.get(id) ?? []);
}

/** A running total of a table that begins on the way may count from payment 1 or from the first row shown: both are right. */
function otherRight({ row, column, from, table }: CellAsked): readonly number[] {
  const running = runningOf(column);
  if (!running || from === 1) return [];
  return [table.rows.slice(from - 1, row).reduce((sum, each) => sum + each[running], 0)];
}

type Judged = Pick<CellVerdict, 'kind' | 'says' | 'slip'>;

function judged(asked: CellAsked, decimals: number, style: NumberStyle, tolerance: number): Judged {
  const { value, expected, expectedOwn, column } = asked;
  const places = Math.min(2, Math.max(0, decimals));
  const agrees = (number: number): boolean => Math.abs(value - roundTo(number, places)) <= tolerance + 1e-9;
  if (agrees(expected)) return { kind: roundTo(value, 2) === roundTo(expected, 2) ? 'right' : 'right-rounded' };
  if (otherRight(asked).some(agrees)) return { kind: 'right' };
  if (agrees(expectedOwn))
    return { kind: 'carried', says: `Right from what comes before it: ${writeMoney(expectedOwn, style)}.` };
  const fits = (result: number): boolean => Math.abs(roundTo(result, 2) - value) <= tolerance / 2 + 1e-9;
  const slip = tableSlips.find(
    ({ columns, inTotal = false, results }) =>
      inTotal === (asked.row === 0) && columns.includes(column) && results(asked).some(fits),
  );
  const follows = `${writeMoney(expectedOwn, style)} follows from the cells before it.`;
  return slip
    ? { kind: 'slip', slip: slip.id, says: `${slip.advice} ${follows}` }
    : { kind: 'unexplained', says: `${writeMoney(value, style)} is not explained. ${follows}` };
}

/** A cell to be worked out. */
interface CellToWork {
  readonly row: number;
  readonly column: Exclude<TableColumn, 'date'>;
  /** What it has where nothing comes before it: the key's number, or what own earlier answers make of it. */
  readonly value: number;
  readonly keyed: number;
  readonly from: number;
}

/** What a cell should hold, worked from the student's own cells before it; unrounded. */
function fromOwnCells(cell: CellToWork, table: Table, { at, paid, apart }: FilledCells): number {
  const { row, column, value, from } = cell;
  const { plan } = table;
  const { rate, drawn } = nth(table.rows, row - 1);
  const saving = plan.kind === 'saving';
  switch (column) {
    case 'opening':
      return row === from ? value : at(row - 1, 'closing') + drawn;
    case 'interest':
      return interestOf(row, rate, table, { at, paid });
    case 'payment':
      return paymentOf(cell, table, { at, apart });
    case 'extra':
      return value;
    case 'principal':
      return saving ? paid(row) + at(row, 'interest') : paid(row) - at(row, 'interest');
    case 'closing':
      return saving ? at(row, 'opening') + at(row, 'principal') : at(row, 'opening') - at(row, 'principal');
    case 'interest-so-far':
    case 'principal-so-far': {
      const own = at(row, runningOf(column) ?? 'interest');
      const rows = table.rows.slice(0, from - 1);
      const before = rows.reduce((sum, each) => sum + each[runningOf(column) ?? 'interest'], 0);
      return (row === from ? before : at(row - 1, column)) + own;
    }
  }
}

const roundedBy = ({ plan }: Table, number: number): number =>
  plan.rounding.interest === 'cent' ? roundCent(number) : number;

function interestOf(row: number, rate: number, table: Table, { at, paid }: Pick<FilledCells, 'at' | 'paid'>): number {
  const { plan } = table;
  const { settles } = nth(table.rows, row - 1);
  const opening = at(row, 'opening');
  if (plan.timing !== 'begin') return roundedBy(table, opening * rate);
  const flow = plan.kind === 'saving' ? paid(row) : -paid(row);
  // In advance the last payment leaves just what interest brings to the end.
  return settles ? plan.finalAmount - opening - flow : roundedBy(table, (opening + flow) * rate);
}

function paymentOf(
  { row, value, keyed, from }: CellToWork,
  table: Table,
  { at, apart }: Pick<FilledCells, 'at' | 'apart'>,
): number {
  const { plan } = table;
  const { rate, mode, settles, extra } = nth(table.rows, row - 1);
  const begin = plan.timing === 'begin';
  const withIt = apart ? 0 : extra;
  if (mode === 'interest-only') return roundedBy(table, (at(row, 'opening') * rate) / (begin ? 1 + rate : 1)) + withIt;
  if (settles && mode === 'level') {
    const opening = at(row, 'opening');
    const shown = apart ? at(row, 'extra') : 0;
    if (begin) return Math.abs(opening - roundedBy(table, plan.finalAmount / (1 + rate))) - shown;
    const rest = opening + at(row, 'interest') - plan.finalAmount;
    return (plan.kind === 'saving' ? plan.finalAmount - opening - at(row, 'interest') : rest) - shown;
  }
  // A level payment that somebody has found goes on as it is while the plan's does.
  const above = table.rows[row - 2];
  return row > from && above && above.payment + (apart ? 0 : above.extra) === keyed ? at(row - 1, 'payment') : value;
}

/** The first slip of the table as a whole: rows beyond its last, or missing at its end. */
export function wholeTableSlip(
  partId: string,
  entries: Entries,
  key: KeyTable,
  count: number,
): Explanation | undefined {
  const written = Object.entries(entries).flatMap(([id, text]) => {
    const row = id.startsWith(`${partId}.`) ? /^(\d+):/.exec(id.slice(partId.length + 1)) : null;
    return row && text.trim() !== '' ? [Number(row[1])] : [];
  });
  const last = key.rows.flat().findLast(({ blank }) => blank)?.row;
  if (last === undefined) return undefined;
  for (const { id, finds } of wholeTableSlips) {
    const says = finds({ count, rows: new Set(written), last });
    if (says) return { slips: [id], title: says, result: 0, says };
  }
  return undefined;
}
