/** The table way: the rows that matter, one row's arithmetic spelled out, and what is read off. */

import { nth } from '../nth.ts';
import { writeBrief } from '../money/numberStyle.ts';
import type { Table } from '../table/buildTable.ts';
import type { TableRow } from '../table/row.ts';
import type { Quantity } from '../case/quantity.ts';
import type { Way } from './solution.ts';
import { answerText, money, roundsOf, type Work } from './work.ts';
import { kindOf } from '../case/kinds.ts';
import { withoutChanges } from '../case/quantities/changed.ts';

/** Which rows matter to a question, and what is said under them. */
interface Figure {
  readonly rows: readonly number[];
  /** The row whose arithmetic is spelled out. */
  readonly spelled: number;
  readonly says: string;
}

/** The table way, or nothing where a table tells nothing about the question. */
export function byTable(work: Work): Way | undefined {
  const { question } = work;
  const { table } = question.solved;
  if (!kindOf(question.statement).hasTable) return undefined;
  const figure = figures[question.ask.quantity]?.(work);
  if (!figure) return undefined;
  const number = question.exact;
  const written = answerText(work, number);
  const rows: (string[] | 'gap')[] = [];
  let before = 0;
  for (const k of [...new Set(figure.rows)].filter((each) => each >= 1 && each <= table.count).sort((a, b) => a - b)) {
    if (before !== 0 && k > before + 1) rows.push('gap');
    rows.push(rowText(work, nth(table.rows, k - 1)));
    before = k;
  }
  const spelled = nth(table.rows, Math.min(Math.max(figure.spelled, 1), table.count) - 1);
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
      { kind: 'answer', text: `${figure.says} ${written}.` },
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

const lastRow = ({ question }: Work): number => question.solved.table.count;
/** The first two rows and the last two. */
const ends = (work: Work): number[] => [1, 2, lastRow(work) - 1, lastRow(work)];
/** Something of the whole table: its ends, and the arithmetic of its first row. */
const ofAll =
  (says: string | ((work: Work) => string)) =>
  (work: Work): Figure => ({ rows: ends(work), spelled: 1, says: typeof says === 'string' ? says : says(work) });
/** Something that the last row decides. */
const ofLast =
  (says: (last: number) => string) =>
  (work: Work): Figure => ({ rows: ends(work), spelled: lastRow(work), says: says(lastRow(work)) });
/** A column added up over the range that is asked for. */
const ofRange =
  (column: (work: Work) => string) =>
  (work: Work): Figure => {
    const { from = 1, to = 1 } = work.question.ask;
    const end = Math.min(to, lastRow(work));
    const says = `The column “${column(work)}” from row ${from} to row ${end} adds up to`;
    return { rows: [from, from + 1, end - 1, end], spelled: from, says };
  };
/** What payments that come first are made of: the interest of the rows before theirs, and the rest. */
const ofPortion =
  (says: (interest: string | undefined, paid: string, saving: boolean) => string) =>
  (work: Work): Figure => {
    const { from = 1, to = 1 } = work.question.ask;
    const end = Math.min(to, lastRow(work));
    const rows = (column: string, a: number, b: number): string =>
      a === b ? `“${column}” in row ${a}` : `“${column}” from row ${a} to row ${b}`;
    const interest = end === 1 ? undefined : rows('interest', Math.max(1, from - 1), end - 1);
    return {
      rows: [from - 1, from, end - 1, end],
      spelled: Math.max(1, from - 1),
      says: says(interest, rows('paid', from, end), work.saving),
    };
  };
const ofRefinancing =
  (says: (after: number) => string) =>
  (work: Work): Figure => {
    const k = work.question.ask.refinancing?.after ?? 0;
    return { rows: [1, k, k + 1, lastRow(work)], spelled: Math.max(1, k), says: says(k) };
  };
/** Held against the table of the same plan without its changes. */
const ofSaved =
  (says: (work: Work, plain: Table) => string) =>
  (work: Work): Figure | undefined => {
    const plain = withoutChanges(work.question);
    return plain.ok ? { rows: ends(work), spelled: lastRow(work), says: says(work, plain.value) } : undefined;
  };
const closes = ({ question }: Work): number => question.solved.table.closing;
const settles = ofLast((last) => `Row ${last} is the one that settles the rest:`);
const closesAt = ofAll((work) => `The table closes at ${money(work, closes(work))}. The number is`);
const paymentCloses = ofAll(
  (work) => `With this payment the table closes at ${money(work, closes(work))}. The payment is`,
);

/** What the table tells of each quantity; of those left out it tells nothing. */
const figures: Readonly<Partial<Record<Quantity, (work: Work) => Figure | undefined>>> = {
  payment: (work) => (work.question.solved.flat ? undefined : paymentCloses(work)),
  amount: closesAt,
  'final-amount': closesAt,
  payments: settles,
  years: settles,
  'balance-after': ({ question: { ask } }) => {
    const k = ask.after ?? 0;
    return { rows: [1, k - 1, k, k + 1], spelled: k, says: `The balance after row ${k} is` };
  },
  'balance-right-after': ({ question: { ask } }) => {
    const k = ask.after ?? 1;
    return { rows: [1, k - 1, k], spelled: k, says: `The balance after row ${k} without the interest of row ${k} is` };
  },
  'left-to-pay': (work) => {
    const k = work.question.ask.after ?? 0;
    const last = lastRow(work);
    const says = `The payments from row ${k + 1} to the last come to`;
    return { rows: [k, k + 1, last - 1, last], spelled: k + 1, says };
  },
  'interest-in': ofRange(() => 'interest'),
  'principal-in': ofRange(({ saving }) => (saving ? 'added' : 'principal')),
  'interest-portion': ofPortion((interest) =>
    interest ? `The column ${interest} adds up to` : 'Payment 1 comes before any interest:',
  ),
  'principal-portion': ofPortion(
    (interest, paid, saving) =>
      `The column ${paid}${interest ? ` ${saving ? 'with' : 'less'} the column ${interest}` : ''} comes to`,
  ),
  'paid-in': ofRange(() => 'paid'),
  'total-interest': ofAll('The column “interest” adds up to'),
  'total-paid': ofAll('The column “paid” adds up to'),
  'total-price': ofAll('The column “paid”, with what was paid down, comes to'),
  'total-with-end': ofAll('The column “paid”, with what falls due at the end, comes to'),
  'finance-charge': ofAll('The column “interest” is the finance charge:'),
  'last-payment': (work) => ({
    rows: [lastRow(work) - 1, lastRow(work)],
    spelled: lastRow(work),
    says: 'The last row pays',
  }),
  'refinanced-payment': ofRefinancing((k) => `Refinanced on the balance after row ${k}, the new payment is`),
  'refinancing-saves': ofRefinancing((k) => `Both tables compared from row ${k} on, refinancing saves`),
  'paid-for-itself': ofRefinancing(() => 'Paid so far and still owed are less than before from payment'),
  'payments-made': ofLast((last) => `Row ${last} is the last in which something is paid. The payments made are`),
  'time-saved': ofSaved(
    (work, plain) =>
      `Without the changes the table has ${plain.count} rows, with them ${lastRow(work)}. In years, what is saved is`,
  ),
  'payments-saved': ofSaved(
    (work, plain) =>
      `Without the changes the table has ${plain.count} rows, with them ${lastRow(work)}. What is saved is`,
  ),
  'interest-saved': ofSaved(
    (work, plain) =>
      `Without the changes the column “interest” adds up to ${money(work, plain.totalInterest)}, with them to ${money(work, work.question.solved.table.totalInterest)}. What is saved is`,
  ),
};
