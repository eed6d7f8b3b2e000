/** A table of a plan, its rows drawn only where they are looked at, with subtotals, running totals and totals at its foot. */
import { useVirtualizer } from '@tanstack/react-virtual';
import {
  paymentDate,
  runningTotals,
  subtotals,
  writeMoney,
  writeNumber,
  type NumberStyle,
  type Subtotal,
  type Table,
  type TableRow,
} from '@hardy-sextant/core';
import { useEffect, useMemo, useRef, type KeyboardEvent } from 'react';
import { useNumberStyle } from './Figures.tsx';
import styles from './TablePanel.module.css';

const ROW = 26;

export interface TableView {
  readonly running: boolean;
  readonly years: 'none' | 'plan-year' | 'calendar-year';
}

interface TablePanelProps {
  readonly table: Table;
  readonly view: TableView;
  /** The range of payments that is read, by payment numbers. */
  readonly selected: { readonly from: number; readonly to: number };
  readonly onSelect: (from: number, to: number) => void;
  /** Brings a payment into view whenever it changes. */
  readonly jumpTo?: number | undefined;
}

/** Cells are text, written once a row: a component each would cost more than the rows themselves while somebody types. */
interface Column {
  readonly title: string;
  readonly cell: (row: TableRow) => string;
  readonly year?: (year: Subtotal) => string;
  readonly all?: string;
}

type Line = { readonly row: TableRow } | { readonly year: Subtotal };

export function TablePanel({ table, view, selected, onSelect, jumpTo }: TablePanelProps) {
  const scroller = useRef<HTMLDivElement>(null);
  const style = useNumberStyle();
  const columns = useMemo(() => columnsOf(table, view.running, style), [table, view.running, style]);
  const lines = useMemo(() => linesOf(table, view.years), [table, view.years]);
  // Lines in sight follow the scroller: what the library gives is asked anew each time, and nothing memoizes it.
  // eslint-disable-next-line react-hooks/incompatible-library
  const virtual = useVirtualizer({
    count: lines.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW,
    overscan: 2,
  });
  const template = {
    gridTemplateColumns: `52px ${table.plan.firstPaymentDate ? '98px ' : ''}repeat(${columns.length - (table.plan.firstPaymentDate ? 2 : 1)}, minmax(82px, 1fr))`,
  };

  useEffect(() => {
    if (jumpTo === undefined) return;
    const at = lines.findIndex((line) => 'row' in line && line.row.number === jumpTo);
    if (at >= 0) virtual.scrollToIndex(at, { align: 'center' });
    // The virtualizer is the same object for the life of the panel.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [jumpTo, lines]);

  const keys = (event: KeyboardEvent) => {
    const by = { ArrowDown: 1, ArrowUp: -1, PageDown: 12, PageUp: -12, Home: -Infinity, End: Infinity }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const end = Math.min(table.count, Math.max(1, selected.to + by));
    onSelect(event.shiftKey ? Math.min(selected.from, end) : end, end);
    const at = lines.findIndex((line) => 'row' in line && line.row.number === end);
    virtual.scrollToIndex(at);
  };

  return (
    <div className={`sheet ${styles.panel}`}>
      {/* The whole table is one stop for the keyboard, walked with arrow keys; a click on a row is the other hand's way. */}
      {/* eslint-disable-next-line jsx-a11y-x/no-noninteractive-element-interactions */}
      <div
        ref={scroller}
        className={styles.scroller}
        tabIndex={0}
        role="region"
        aria-label="Amortization table; arrow keys choose a payment, with Shift a range"
        onKeyDown={keys}
      >
        <div
          role="table"
          aria-rowcount={lines.length + 1}
          className="figures"
          style={{ minWidth: columns.length * 92 }}
        >
          <div role="rowgroup">
            <div role="row" className={`${styles.row} ${styles.head}`} style={template}>
              {columns.map(({ title }) => (
                <span role="columnheader" key={title}>
                  {title}
                </span>
              ))}
            </div>
          </div>
          <div role="rowgroup" style={{ height: virtual.getTotalSize(), position: 'relative' }}>
            {virtual.getVirtualItems().map(({ index, start }) => {
              const line = lines[index]!;
              const place = { ...template, transform: `translateY(${start}px)` };
              if ('year' in line)
                return (
                  <div
                    role="row"
                    aria-rowindex={index + 2}
                    key={index}
                    className={`${styles.row} ${styles.line} ${styles.year}`}
                    style={place}
                  >
                    {columns.map(({ title, year }) => (
                      <span role="cell" key={title}>
                        {year?.(line.year)}
                      </span>
                    ))}
                  </div>
                );
              const { row } = line;
              const chosen = row.number >= selected.from && row.number <= selected.to;
              return (
                // eslint-disable-next-line jsx-a11y-x/click-events-have-key-events, jsx-a11y-x/interactive-supports-focus
                <div
                  role="row"
                  aria-rowindex={index + 2}
                  key={index}
                  className={`${styles.row} ${styles.line} ${chosen ? styles.chosen : ''} ${row.number === table.firstGrowing ? styles.growing : ''}`}
                  style={place}
                  onClick={(event) =>
                    onSelect(
                      event.shiftKey ? Math.min(selected.from, row.number) : row.number,
                      event.shiftKey ? Math.max(selected.from, row.number) : row.number,
                    )
                  }
                >
                  {columns.map(({ title, cell }) => (
                    <span role="cell" key={title}>
                      {cell(row)}
                    </span>
                  ))}
                </div>
              );
            })}
          </div>
          <div role="rowgroup">
            <div role="row" className={`${styles.row} ${styles.foot}`} style={template}>
              {columns.map(({ title, all }) => (
                <span role="cell" key={title}>
                  {all}
                </span>
              ))}
            </div>
          </div>
        </div>
      </div>
    </div>
  );
}

/** Rows with the subtotal of each year behind its last one. */
function linesOf(table: Table, years: TableView['years']): readonly Line[] {
  const lines: Line[] = table.rows.map((row) => ({ row }));
  if (years === 'none') return lines;
  const found = subtotals(table, years);
  if (!found.ok) return lines;
  return found.value.flatMap((year) => [...lines.slice(year.from - 1, year.to), { year }]);
}

/** The columns that are useful to the plan. */
function columnsOf(table: Table, running: boolean, style: NumberStyle): readonly Column[] {
  const { plan, totals } = table;
  const saving = plan.kind === 'saving';
  const money = (value: number): string => writeMoney(value, style);
  const sums = running ? runningTotals(table) : [];
  const sum = (row: TableRow) => sums[row.number - 1]!;
  return [
    { title: 'No.', cell: (row) => writeNumber(row.number, 0, style), year: (year) => year.label, all: 'All' },
    ...(plan.firstPaymentDate
      ? [
          {
            title: 'Date',
            cell: (row: TableRow) => paymentDate(plan.firstPaymentDate!, plan.paymentsPerYear, row.number),
          },
        ]
      : []),
    { title: 'Opening', cell: (row) => money(row.opening), year: (year) => money(year.opening) },
    {
      title: 'Interest',
      cell: (row) => money(row.interest),
      year: (year) => money(year.interest),
      all: money(totals.interest),
    },
    ...(totals.paid === 0 && saving ? [] : paidColumns(table, money)),
    {
      title: 'Closing',
      cell: (row) => money(row.closing),
      year: (year) => money(year.closing),
      all: money(table.closing),
    },
    ...(running
      ? [
          { title: 'Paid so far', cell: (row: TableRow) => money(sum(row).paid) },
          { title: 'Interest so far', cell: (row: TableRow) => money(sum(row).interest) },
          { title: saving ? 'Added so far' : 'Principal so far', cell: (row: TableRow) => money(sum(row).principal) },
        ]
      : []),
  ];
}

/** What is paid and what it does to the balance; a lump sum has none of it. */
function paidColumns({ plan, totals }: Table, money: (value: number) => string): readonly Column[] {
  const dashed = (value: number): string => (value === 0 ? '–' : money(value));
  return [
    {
      title: { saving: 'Deposit', drawing: 'Withdrawal', loan: 'Payment' }[plan.kind ?? 'loan'],
      cell: (row) => money(row.payment),
      year: (year) => money(year.paid - year.extra),
      all: money(totals.paid - totals.extra),
    },
    { title: 'Extra', cell: (row) => dashed(row.extra), year: (year) => dashed(year.extra), all: dashed(totals.extra) },
    {
      title: plan.kind === 'saving' ? 'Added' : 'To principal',
      cell: (row) => money(row.principal),
      year: (year) => money(year.principal),
      all: money(totals.principal),
    },
  ];
}
