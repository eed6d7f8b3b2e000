/** The table way: the rows that matter, one row's arithmetic spelled out, and what is read off. */

import { writeBrief } from '../money/numberStyle.ts';
import type { TableRow } from '../table/buildTable.ts';
import type { Way } from './solution.ts';
import { answerText, money, roundsOf, type Work } from './work.ts';
import { kindOf } from '../case/kinds.ts';
import { withoutChanges } from '../case/quantities/changed.ts';

/** Which rows matter to a question, and what is said under them. */
interface Reading {
  readonly rows: readonly number[];
  /** The row whose arithmetic is spelled out. */
  readonly spelled: number;
  readonly says: string;
}

/** The table way, or nothing where a table tells nothing about the question. */
export function byTable(work: Work): Way | undefined {
  const { question } = work;
  const { table } = question.solved;
  if (!kindOf(question.draft).hasTable) return undefined;
  const reading = readingOf(work);
  if (!reading) return undefined;
  const number = question.exact;
  const written = answerText(work, number);
  const rows: (string[] | 'gap')[] = [];
  let before = 0;
  for (const k of [...new Set(reading.rows)].filter((each) => each >= 1 && each <= table.count).sort((a, b) => a - b)) {
    if (before !== 0 && k > before + 1) rows.push('gap');
    rows.push(rowText(work, table.rows[k - 1]!));
    before = k;
  }
  const spelled = table.rows[Math.min(Math.max(reading.spelled, 1), table.count) - 1]!;
  return {
    id: 'table',
    title: 'Table',
    number,
    written,
    // A payment itself is only rounded; what is read off rows has their rounding in it too.
    rounds:
      question.ask.quantity === 'payment'
        ? roundsOf(work).filter((each) => each === 'payment-rounded')
        : roundsOf(work),
    steps: [
      {
        kind: 'rows',
        columns: [
          'payment',
          'balance before',
          'interest',
          'paid',
          work.saving ? 'added' : 'principal',
          'balance after',
        ],
        rows,
      },
      {
        kind: 'says',
        text: arithmetic(work, spelled),
        because: 'Every row goes the same way, each from the balance the row before has left.',
      },
      { kind: 'answer', text: `${reading.says} ${written}.` },
    ],
  };
}

function rowText(work: Work, row: TableRow): string[] {
  return [
    String(row.number),
    ...[row.opening, row.interest, row.payment + row.extra, row.principal, row.closing].map((value) =>
      money(work, value),
    ),
  ];
}

/** "Row 2: 47,322.57 × 0.0055 = 260.27 interest; 941.43 − 260.27 = 681.16 principal; …" */
function arithmetic(work: Work, row: TableRow): string {
  const stage = work.stages.find(({ from, to }) => row.number >= from && row.number <= to)!;
  const rate = writeBrief(stage.i, 4, 8, work.style);
  const paid = row.payment + row.extra;
  const base = work.due
    ? `(${money(work, row.opening)} ${work.saving ? '+' : '−'} ${money(work, paid)})`
    : money(work, row.opening);
  const interest = `${base} × ${rate} = ${money(work, row.interest)} interest`;
  const movement = work.saving
    ? `${money(work, paid)} + ${money(work, row.interest)} = ${money(work, row.principal)} added`
    : `${money(work, paid)} − ${money(work, row.interest)} = ${money(work, row.principal)} principal`;
  const closing = `${money(work, row.opening)} ${work.saving ? '+' : '−'} ${money(work, row.principal)} = ${money(work, row.closing)}`;
  return `Row ${row.number}: ${interest}; ${movement}; ${closing}.`;
}

function readingOf(work: Work): Reading | undefined {
  const { ask, solved } = work.question;
  const { table } = solved;
  const last = table.count;
  const ends = [1, 2, last - 1, last];
  switch (ask.quantity) {
    case 'payment':
      return solved.flat
        ? undefined
        : {
            rows: ends,
            spelled: 1,
            says: `With this payment the table closes at ${money(work, table.closing)}. The payment is`,
          };
    case 'amount':
    case 'final-amount':
      return { rows: ends, spelled: 1, says: `The table closes at ${money(work, table.closing)}. The number is` };
    case 'payments':
    case 'years':
      return { rows: ends, spelled: last, says: `Row ${last} is the one that settles the rest:` };
    case 'balance-after':
    case 'left-to-pay': {
      const k = ask.after ?? 0;
      return ask.quantity === 'balance-after'
        ? { rows: [1, k - 1, k, k + 1], spelled: k, says: `The balance after row ${k} is` }
        : {
            rows: [k, k + 1, last - 1, last],
            spelled: k + 1,
            says: `The payments from row ${k + 1} to the last come to`,
          };
    }
    case 'interest-in':
    case 'principal-in':
    case 'paid-in': {
      const [from, to] = [ask.from ?? 1, Math.min(ask.to ?? 1, last)];
      const column = {
        'interest-in': 'interest',
        'principal-in': work.saving ? 'added' : 'principal',
        'paid-in': 'paid',
      }[ask.quantity];
      return {
        rows: [from, from + 1, to - 1, to],
        spelled: from,
        says: `The column “${column}” from row ${from} to row ${to} adds up to`,
      };
    }
    case 'total-interest':
    case 'total-paid':
    case 'total-price':
      return {
        rows: ends,
        spelled: 1,
        says:
          ask.quantity === 'total-interest'
            ? 'The column “interest” adds up to'
            : ask.quantity === 'total-paid'
              ? 'The column “paid” adds up to'
              : 'The column “paid”, with what was paid down, comes to',
      };
    case 'last-payment':
      return { rows: [last - 1, last], spelled: last, says: 'The last row pays' };
    case 'finance-charge':
      return { rows: ends, spelled: 1, says: 'The column “interest” is the finance charge:' };
    case 'refinanced-payment':
    case 'refinancing-saves':
    case 'paid-for-itself': {
      const k = ask.refinancing?.after ?? 0;
      const says = {
        'refinanced-payment': `Refinanced on the balance after row ${k}, the new payment is`,
        'refinancing-saves': `Both tables compared from row ${k} on, refinancing saves`,
        'paid-for-itself': 'Paid so far and still owed are less than before from payment',
      }[ask.quantity];
      return { rows: [1, k, k + 1, last], spelled: Math.max(1, k), says };
    }
    case 'payments-made':
      return {
        rows: ends,
        spelled: last,
        says: `Row ${last} is the last in which something is paid. The payments made are`,
      };
    case 'time-saved':
    case 'interest-saved': {
      const plain = withoutChanges(work.question);
      if (!plain.ok) return undefined;
      const says =
        ask.quantity === 'time-saved'
          ? `Without the changes the table has ${plain.value.count} rows, with them ${last}. In years, what is saved is`
          : `Without the changes the column “interest” adds up to ${money(work, plain.value.totalInterest)}, with them to ${money(work, table.totalInterest)}. What is saved is`;
      return { rows: ends, spelled: last, says };
    }
    default:
      return undefined;
  }
}
