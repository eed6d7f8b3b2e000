/** A filled-in table, cell by cell: each is judged from the student's own cells that it depends on. */

import { nth } from '../nth.ts';
import type { NumberStyle } from '../money/numberStyle.ts';
import { writeMoney } from '../money/numberStyle.ts';
import { roundCent, roundTo } from '../money/roundMoney.ts';
import type { TableColumn } from '../exercise/exercise.ts';
import type { KeyCell, KeyTable } from '../exercise/fillTable.ts';
import type { Question } from '../statement/question.ts';
import { readAnswer } from './readAnswer.ts';
import { tableSlips, wholeTableSlips, type CellAsked } from './tableSlips.ts';
import type { CellVerdict, Entries, Explanation } from './verdict.ts';

const cents = { kind: 'money', decimals: 2 } as const;

/** The student's number in a cell; the key's where a cell was not theirs to fill or holds nothing that can be read. */
type OwnCells = (row: number, column: TableColumn) => number;

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
  const verdicts: CellVerdict[] = [];
  const own = new Map<string, number>();
  const keyed = new Map(key.rows.flat().map((cell) => [cell.id, cell.value]));
  const carriedIn = new Map((onOwn?.rows ?? []).flat().map((cell) => [cell.id, cell.value]));
  const at: OwnCells = (row, column) => own.get(`${row}:${column}`) ?? keyed.get(`${row}:${column}`) ?? NaN;

  for (const cell of key.rows.flat()) {
    const { id, row, column, value: expected, blank } = cell;
    if (!blank) {
      own.set(id, expected);
      continue;
    }
    const found = fromOwnCells({ ...cell, value: carriedIn.get(id) ?? expected }, expected, key.from, table, at);
    const expectedOwn = roundTo(Number.isFinite(found) ? found : expected, 2);
    const read = readAnswer(entries[`${partId}.${id}`] ?? '', cents, style, expected);
    // What is missing is taken as the key has it, so that the rest can still be judged.
    if (!read.ok) {
      const blankCell = read.problem.code === 'blank';
      verdicts.push({
        id,
        kind: blankCell ? 'blank' : 'unreadable',
        expected,
        expectedOwn,
        ...(blankCell ? {} : { says: read.problem.message }),
      });
      continue;
    }
    const { value, decimals } = read.value;
    own.set(id, value);
    const asked: CellAsked = { row, column, value, table, at, from: key.from, expected, expectedOwn };
    verdicts.push({ id, expected, expectedOwn, read: value, ...judged(asked, decimals, style, tolerance) });
  }
  return verdicts;
}

type Judged = Pick<CellVerdict, 'kind' | 'says' | 'slip'>;

function judged(asked: CellAsked, decimals: number, style: NumberStyle, tolerance: number): Judged {
  const { value, expected, expectedOwn, column } = asked;
  const places = Math.min(2, Math.max(0, decimals));
  const agrees = (number: number): boolean => Math.abs(value - roundTo(number, places)) <= tolerance + 1e-9;
  if (agrees(expected)) return { kind: roundTo(value, 2) === roundTo(expected, 2) ? 'right' : 'right-rounded' };
  if (agrees(expectedOwn))
    return { kind: 'carried', says: `Right from what comes before it: ${writeMoney(expectedOwn, style)}.` };
  const fits = (result: number): boolean => Math.abs(roundTo(result, 2) - value) <= tolerance / 2 + 1e-9;
  const slip = tableSlips.find((each) => each.columns.includes(column) && each.results(asked).some(fits));
  const follows = `${writeMoney(expectedOwn, style)} follows from the cells before it.`;
  return slip
    ? { kind: 'slip', slip: slip.id, says: `${slip.advice} ${follows}` }
    : { kind: 'unexplained', says: `${writeMoney(value, style)} is not explained. ${follows}` };
}

/**
 * What a cell should hold, worked from the student's own cells before it; unrounded.
 *
 * @param cell with the value it has where nothing comes before it: the key's, or what own earlier answers make of it
 * @param keyed the key's own value
 */
function fromOwnCells(
  { row, column, value }: KeyCell,
  keyed: number,
  from: number,
  table: Question['solved']['table'],
  at: OwnCells,
): number {
  const { plan } = table;
  const { rate, drawn, mode, settles, extra } = nth(table.rows, row - 1);
  const saving = plan.kind === 'saving';
  const begin = plan.timing === 'begin';
  const rounded = (number: number): number => (plan.rounding.interest === 'cent' ? roundCent(number) : number);
  const [opening, interest, payment, principal] = [
    at(row, 'opening'),
    at(row, 'interest'),
    at(row, 'payment'),
    at(row, 'principal'),
  ];
  switch (column) {
    case 'opening':
      return row === from ? value : at(row - 1, 'closing') + drawn;
    case 'interest':
      // In advance the last payment leaves just what interest brings to the end.
      if (begin && settles) return saving ? plan.finalAmount - opening - payment : plan.finalAmount - opening + payment;
      return rounded((begin ? opening + (saving ? payment : -payment) : opening) * rate);
    case 'payment':
      if (mode === 'interest-only') return rounded((opening * rate) / (begin ? 1 + rate : 1)) + extra;
      if (settles && mode === 'level') {
        if (begin) return Math.abs(opening - rounded(plan.finalAmount / (1 + rate)));
        return saving ? plan.finalAmount - opening - interest : opening + interest - plan.finalAmount;
      }
      // A level payment that somebody has found goes on as it is while the plan's does.
      return row > from && nth(table.rows, row - 2).payment + nth(table.rows, row - 2).extra === keyed
        ? at(row - 1, 'payment')
        : value;
    case 'principal':
      return saving ? payment + interest : payment - interest;
    case 'closing':
      return saving ? opening + principal : opening - principal;
  }
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
  const last = key.rows.flat().findLast(({ blank }) => blank)!.row;
  for (const { id, finds } of wholeTableSlips) {
    const says = finds({ count, rows: new Set(written), last });
    if (says) return { slips: [id], title: says, result: 0, says };
  }
  return undefined;
}
