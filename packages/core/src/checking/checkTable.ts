/** A filled-in table, cell by cell: each is judged from the student's own cells that it depends on. */

import type { NumberStyle } from '../money/numberStyle.ts';
import { writeMoney } from '../money/numberStyle.ts';
import { roundCent, roundTo } from '../money/roundMoney.ts';
import { ratePerPayment } from '../rates/quotedRate.ts';
import type { TableColumn } from '../exercise/exercise.ts';
import type { KeyTable } from '../exercise/fillTable.ts';
import type { Question } from '../case/question.ts';
import { readAnswer } from './readAnswer.ts';
import { tableSlips, type CellAsked } from './tableSlips.ts';
import type { CellVerdict, Entries } from './verdict.ts';

const cents = { kind: 'money', decimals: 2 } as const;

/** Judges every blank cell of a table part, in reading order. */
export function checkTable(partId: string, entries: Entries, key: KeyTable, question: Question, style: NumberStyle, tolerance: number): CellVerdict[] {
  const { table } = question.solved;
  const { plan } = table;
  const saving = plan.kind === 'saving';
  const begin = plan.timing === 'begin';
  const found = ratePerPayment(plan.rate, plan.paymentsPerYear);
  const i = found.ok ? found.value : 0;
  const rounded = (value: number): number => (plan.rounding.interest === 'cent' ? roundCent(value) : value);
  const verdicts: CellVerdict[] = [];
  /** The student's own numbers, the given ones where a cell was not theirs to fill or holds nothing. */
  const own = new Map<string, number>();
  const at = (row: number, column: TableColumn): number => own.get(`${row}:${column}`) ?? key.rows[row - key.from]?.find((cell) => cell.column === column)?.value ?? NaN;

  for (const cells of key.rows)
    for (const cell of cells) {
      const { id, row, column, value: expected, blank } = cell;
      const text = entries[`${partId}.${id}`] ?? '';
      const tableRow = table.rows[row - 1]!;
      const drawn = row === 1 ? 0 : tableRow.opening - table.rows[row - 2]!.closing;
      const opening = at(row, 'opening');
      const interest = at(row, 'interest');
      const payment = at(row, 'payment');
      const principal = at(row, 'principal');
      const changedRate = tableRow.opening === 0 ? i : tableRow.interest / (begin ? tableRow.opening - tableRow.payment - tableRow.extra : tableRow.opening);
      // Where the rate has changed on the way, the key's own row tells it.
      const rate = Math.abs(changedRate - i) > 0.02 * Math.abs(i) + 1e-9 && plan.changes.some(({ kind }) => kind === 'rate') ? changedRate : i;
      const ownExpected = ((): number => {
        switch (column) {
          case 'opening':
            return row === key.from ? expected : at(row - 1, 'closing') + drawn;
          case 'interest':
            return rounded((begin ? opening + (saving ? payment : -payment) : opening) * rate);
          case 'payment':
            return expected;
          case 'principal':
            return saving ? payment + interest : payment - interest;
          case 'closing':
            return saving ? opening + principal : opening - principal;
        }
      })();
      const fromOwn = roundTo(Number.isFinite(ownExpected) ? ownExpected : expected, 2);
      if (!blank) {
        own.set(id, expected);
        continue;
      }
      const read = readAnswer(text, cents, style, expected);
      if (!read.ok) {
        verdicts.push({
          id,
          kind: read.problem.code === 'blank' ? 'blank' : 'unreadable',
          expected,
          expectedOwn: fromOwn,
          ...(read.problem.code === 'blank' ? {} : { says: read.problem.message }),
        });
        // What is missing is taken as the key has it, so that the rest can still be judged.
        continue;
      }
      const { value, decimals } = read.value;
      own.set(id, value);
      const agrees = (number: number): boolean => Math.abs(value - roundTo(number, Math.min(2, Math.max(0, decimals)))) <= tolerance + 1e-9;
      if (agrees(expected)) {
        verdicts.push({ id, kind: roundTo(value, 2) === roundTo(expected, 2) ? 'right' : 'right-rounded', expected, expectedOwn: fromOwn, read: value });
        continue;
      }
      if (agrees(fromOwn)) {
        verdicts.push({ id, kind: 'carried', expected, expectedOwn: fromOwn, read: value, says: `Right from the cells before it: ${writeMoney(fromOwn, style)}.` });
        continue;
      }
      const asked: CellAsked = { row, column, value, rate, table, at, from: key.from, saving, expected, fromOwn };
      const slip = tableSlips.find(
        (each) => each.columns.includes(column) && each.results(asked).some((result) => Number.isFinite(result) && Math.abs(roundTo(result, 2) - value) <= tolerance / 2 + 1e-9),
      );
      verdicts.push(
        slip
          ? { id, kind: 'slip', expected, expectedOwn: fromOwn, read: value, slip: slip.id, says: slip.says }
          : { id, kind: 'unexplained', expected, expectedOwn: fromOwn, read: value },
      );
    }
  return verdicts;
}

/** Slips of the table as a whole: rows beyond its last, or missing at its end. */
export function wholeTableSlip(
  partId: string,
  entries: Entries,
  key: KeyTable,
  verdicts: readonly CellVerdict[],
  question: Question,
): { readonly slip: string; readonly says: string } | undefined {
  const beyond = Object.entries(entries).some(([id, text]) => {
    const match = new RegExp(`^${partId}\\.(\\d+):`).exec(id);
    return match && Number(match[1]) > question.solved.table.count && text.trim() !== '';
  });
  if (beyond) return { slip: 'one-row-too-many', says: `The table ends with payment ${question.solved.table.count}; rows after it are too many.` };
  const last = key.rows.at(-1)!.filter(({ blank }) => blank);
  const begun = verdicts.some(({ kind }) => kind !== 'blank');
  const missing = last.length > 0 && last.every(({ id }) => verdicts.find((each) => each.id === id)?.kind === 'blank');
  return begun && missing ? { slip: 'rows-missing', says: 'Rows are missing at the end of the table.' } : undefined;
}
