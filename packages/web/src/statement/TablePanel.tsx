/** A table of a plan, its rows drawn only where they are looked at, with subtotals, running totals and totals at its foot. */
import { useVirtualizer, type Virtualizer } from '@tanstack/react-virtual';
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
import { useEffect, useMemo, useRef, useState, type CSSProperties, type KeyboardEvent, type RefObject } from 'react';
import { ExtraField } from './ExtraField.tsx';
import { useNumberStyle } from './Figures.tsx';
import styles from './TablePanel.module.css';
import { say } from '../words/say.ts';

const ROW = 26;
const LEAST_COLUMN = 92;

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
  /** Takes what is typed into the Extra column of a payment; without it nothing can be typed. */
  readonly onExtra?: (payment: number, text: string) => void;
}

/** Cells are text, written once a row: a component each would cost more than the rows themselves while somebody types. */
interface Column {
  readonly title: string;
  readonly cell: (row: TableRow) => string;
  readonly year?: (year: Subtotal) => string;
  readonly all?: string;
}

type Line = { readonly row: TableRow } | { readonly year: Subtotal };

export function TablePanel({ table, view, selected, onSelect, jumpTo, onExtra }: TablePanelProps) {
  const scroller = useRef<HTMLDivElement>(null);
  const { typing, extra } = useTypedExtra(scroller, onExtra);
  const { chosen, choose } = useChosen(selected, onSelect);
  const style = useNumberStyle();
  const columns = useMemo(() => columnsOf(table, view.running, style), [table, view.running, style]);
  const lines = useMemo(() => linesOf(table, view.years), [table, view.years]);
  const virtual = useLinesInSight(lines.length, scroller);
  const template = templateOf(columns.length, table.plan.firstPaymentDate !== undefined);
  useJump(virtual, jumpTo === undefined ? -1 : lineOf(lines, jumpTo));
  const keys = (event: KeyboardEvent) => {
    const { to } = chosen.current;
    if (event.key === 'Enter' && extra && to >= 1 && typing === undefined) extra.onType(to);
    else if (!walk(event, chosen.current, table.count, choose, virtual, lines)) return;
    event.preventDefault();
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
        aria-label={`${say('Amortization table; arrow keys choose a payment, with Shift a range')}${onExtra ? `; ${say('Enter types an extra payment')}` : ''}`}
        onKeyDown={keys}
      >
        <div
          role="table"
          aria-rowcount={lines.length + 1}
          className="figures"
          style={{ minWidth: columns.length * LEAST_COLUMN }}
        >
          <FixedRow columns={columns} of="head" style={template} />
          <div role="rowgroup" style={{ height: virtual.getTotalSize(), position: 'relative' }}>
            {virtual.getVirtualItems().map(({ index, start }) => (
              <TableLine
                key={index}
                line={lines[index]}
                columns={columns}
                index={index}
                style={{ ...template, transform: `translateY(${start}px)` }}
                selected={selected}
                growing={table.firstGrowing}
                typing={typing}
                {...(extra ? { extra } : {})}
                onSelect={choose}
              />
            ))}
          </div>
          <FixedRow columns={columns} of="foot" style={template} />
        </div>
      </div>
    </div>
  );
}

/** The payment whose extra is being typed; afterwards the table takes the keys again. */
function useTypedExtra(scroller: RefObject<HTMLDivElement | null>, onExtra: TablePanelProps['onExtra']) {
  const [typing, setTyping] = useState<number>();
  const typed = (payment: number, text: string | undefined) => {
    setTyping(undefined);
    scroller.current?.focus();
    if (text !== undefined) onExtra?.(payment, text);
  };
  return { typing, ...(onExtra ? { extra: { onType: setTyping, onTyped: typed } } : {}) };
}

/** The lines that are in sight. */
function useLinesInSight(count: number, scroller: RefObject<HTMLDivElement | null>) {
  // Lines in sight follow the scroller: what the library gives is asked anew each time, and nothing memoizes it.
  // eslint-disable-next-line react-hooks/incompatible-library
  return useVirtualizer({
    count,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW,
    overscan: 2,
  });
}

/** What was chosen last, at once: the address that holds it follows a moment later, and the next key may come before. */
function useChosen({ from, to }: TablePanelProps['selected'], onSelect: TablePanelProps['onSelect']) {
  const chosen = useRef({ from, to });
  useEffect(() => {
    chosen.current = { from, to };
  }, [from, to]);
  const choose = (first: number, last: number) => {
    chosen.current = { from: first, to: last };
    onSelect(first, last);
  };
  return { chosen, choose };
}

/** Brings a line into view whenever it is another one; the virtualizer is the same object for the life of the panel. */
function useJump(virtual: Virtualizer<HTMLDivElement, Element>, line: number): void {
  useEffect(() => {
    if (line >= 0) virtual.scrollToIndex(line, { align: 'center' });
  }, [virtual, line]);
}

/** Chooses the payment an arrow key leads to, with Shift a range; whether the key was one of them. */
function walk(
  { key, shiftKey }: KeyboardEvent,
  selected: TablePanelProps['selected'],
  count: number,
  onSelect: TablePanelProps['onSelect'],
  virtual: Virtualizer<HTMLDivElement, Element>,
  lines: readonly Line[],
): boolean {
  const end = movedBy(key, selected.to, count);
  if (end === undefined) return false;
  onSelect(shiftKey ? Math.min(selected.from, end) : end, end);
  virtual.scrollToIndex(lineOf(lines, end));
  return true;
}

const lineOf = (lines: readonly Line[], payment: number): number =>
  lines.findIndex((line) => 'row' in line && line.row.number === payment);

const steps: Readonly<Record<string, number>> = {
  ArrowDown: 1,
  ArrowUp: -1,
  PageDown: 12,
  PageUp: -12,
  Home: -Infinity,
  End: Infinity,
};

/** The payment a key leads to. */
function movedBy(key: string, from: number, count: number): number | undefined {
  const step = steps[key];
  return step === undefined ? undefined : Math.min(count, Math.max(1, from + step));
}

/** The widths of the columns: the number, a date where there is one, and amounts. */
const templateOf = (columns: number, dated: boolean): CSSProperties => ({
  gridTemplateColumns: `52px ${dated ? '98px ' : ''}repeat(${columns - (dated ? 2 : 1)}, minmax(82px, 1fr))`,
});

interface FixedRowProps {
  readonly columns: readonly Column[];
  readonly of: 'head' | 'foot';
  readonly style: CSSProperties;
}

/** The titles above the rows, or the totals below them. */
function FixedRow({ columns, of, style }: FixedRowProps) {
  return (
    <div role="rowgroup">
      <div role="row" className={`${styles.row} ${styles[of]}`} style={style}>
        {columns.map(({ title, all }) => (
          <span role={of === 'head' ? 'columnheader' : 'cell'} key={title}>
            {of === 'head' ? title : all}
          </span>
        ))}
      </div>
    </div>
  );
}

interface TableLineProps {
  readonly line: Line | undefined;
  readonly columns: readonly Column[];
  readonly index: number;
  readonly style: CSSProperties;
  readonly selected: { readonly from: number; readonly to: number };
  /** The payment from which the balance grows. */
  readonly growing: number | undefined;
  readonly onSelect: (from: number, to: number) => void;
  /** The payment whose extra is being typed. */
  readonly typing: number | undefined;
  readonly extra?: {
    readonly onType: (payment: number) => void;
    /** Nothing where the typing was called off. */
    readonly onTyped: (payment: number, text: string | undefined) => void;
  };
}

/** A row, or a year's subtotal. */
function TableLine(props: TableLineProps) {
  const { line, columns, index, style, selected, growing, onSelect, typing, extra } = props;
  const { from, to } = selected;
  if (!line) return null;
  const placed = { role: 'row', 'aria-rowindex': index + 2, style } as const;
  const look = `${styles.row} ${styles.line}`;
  if ('year' in line)
    return (
      <div {...placed} className={`${look} ${styles.year}`}>
        {columns.map(({ title, year }) => (
          <span role="cell" key={title}>
            {year?.(line.year)}
          </span>
        ))}
      </div>
    );
  const { row } = line;
  const chosen = row.number >= from && row.number <= to;
  return (
    // eslint-disable-next-line jsx-a11y-x/click-events-have-key-events, jsx-a11y-x/no-static-element-interactions
    <div
      {...placed}
      className={`${look} ${chosen ? styles.chosen : ''} ${row.number === growing ? styles.growing : ''}`}
      onClick={({ shiftKey }) =>
        shiftKey ? onSelect(Math.min(from, row.number), Math.max(from, row.number)) : onSelect(row.number, row.number)
      }
    >
      {columns.map(({ title, cell }) =>
        title === EXTRA && extra && typing === row.number ? (
          <ExtraField key={title} row={row} onTyped={extra.onTyped} />
        ) : (
          <span
            role="cell"
            key={title}
            {...(title === EXTRA && extra
              ? { title: say('Double-click to type an extra payment'), onDoubleClick: () => extra.onType(row.number) }
              : {})}
          >
            {cell(row)}
          </span>
        ),
      )}
    </div>
  );
}

const EXTRA = say('Extra');

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
  const sum = (of: 'paid' | 'interest' | 'principal') => (row: TableRow) => money(sums[row.number - 1]?.[of] ?? 0);
  return [
    {
      title: say('No.'),
      cell: (row) => writeNumber(row.number, 0, style),
      year: (year) => year.label,
      all: say('All'),
    },
    ...dateColumn(plan),
    { title: say('Opening'), cell: (row) => money(row.opening), year: (year) => money(year.opening) },
    {
      title: say('Interest'),
      cell: (row) => money(row.interest),
      year: (year) => money(year.interest),
      all: money(totals.interest),
    },
    ...(totals.paid === 0 && saving ? [] : paidColumns(table, money)),
    {
      title: say('Closing'),
      cell: (row) => money(row.closing),
      year: (year) => money(year.closing),
      all: money(table.closing),
    },
    ...(running
      ? [
          { title: say('Paid so far'), cell: sum('paid') },
          { title: say('Interest so far'), cell: sum('interest') },
          { title: saving ? say('Added so far') : say('Principal so far'), cell: sum('principal') },
        ]
      : []),
  ];
}

function dateColumn({ firstPaymentDate: first, paymentsPerYear }: Table['plan']): readonly Column[] {
  return first ? [{ title: say('Date'), cell: ({ number }) => paymentDate(first, paymentsPerYear, number) }] : [];
}

/** What is paid and what it does to the balance; a lump sum has none of it. */
function paidColumns({ plan, totals }: Table, money: (value: number) => string): readonly Column[] {
  const dashed = (value: number): string => (value === 0 ? '–' : money(value));
  return [
    {
      title: { saving: say('Deposit'), drawing: say('Withdrawal'), loan: say('Payment') }[plan.kind ?? 'loan'],
      cell: (row) => money(row.payment),
      year: (year) => money(year.paid - year.extra),
      all: money(totals.paid - totals.extra),
    },
    { title: EXTRA, cell: (row) => dashed(row.extra), year: (year) => dashed(year.extra), all: dashed(totals.extra) },
    {
      title: plan.kind === 'saving' ? say('Added') : say('To principal'),
      cell: (row) => money(row.principal),
      year: (year) => money(year.principal),
      all: money(totals.principal),
    },
  ];
}
