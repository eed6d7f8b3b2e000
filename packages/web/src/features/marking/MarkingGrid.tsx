/** Students down, parts across: every answer with its verdict; moved through, typed into and pasted into from the keyboard. */
import { useVirtualizer } from '@tanstack/react-virtual';
import type { MarkedStudent } from '@hardy-sextant/contract';
import { memo, useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { readBlock } from '@hardy-sextant/files';
import { sharesOf, type Cell, type Column } from './causes.ts';
import { cellId, MarkingRow, type Place } from './MarkingRow.tsx';
import styles from './Marking.module.css';

interface MarkingGridProps {
  readonly columns: readonly Column[];
  /** The students shown, in order. */
  readonly students: readonly MarkedStudent[];
  readonly cells: ReadonlyMap<string, ReadonlyMap<string, Cell>>;
  readonly totals: ReadonlyMap<string, string>;
  readonly of: string;
  readonly chosen: Place | undefined;
  /** Answers that the filter is about; all when undefined. */
  readonly lit: ReadonlySet<string> | undefined;
  readonly onChoose: (place: Place) => void;
  readonly onWrite: (place: Place, text: string) => void;
  /** A block of cells pasted with its upper left corner here. */
  readonly onPaste: (place: Place, rows: readonly (readonly string[])[]) => void;
  /** A key that means something else than moving; true where it was taken. */
  readonly onKey: (event: KeyboardEvent) => boolean;
}

/** Widths in pixels: set, so that a row that comes into sight moves no other. */
const NAME = 158;
const TOTAL = 58;
const NARROWEST = 112;
const ROW = 40;
/** At an edge so many more rows come into sight at once: what comes next is seen, and most keys scroll nothing. */
const AHEAD = 5;
/** The head row and the scroll bar below. */
const HEAD = 66;
const PAGE = 10;

export function MarkingGrid({
  columns,
  students,
  cells,
  totals,
  of,
  chosen,
  lit,
  onChoose,
  onWrite,
  onPaste,
  onKey,
}: MarkingGridProps) {
  const box = useRef<HTMLDivElement>(null);
  const [editing, setEditing] = useState<{ readonly place: Place; readonly text: string; readonly was: string }>();
  // What is typed is written once, also where leaving the field follows the key that wrote it.
  const typed = useRef<typeof editing>(undefined);
  const row = students.findIndex(({ id }) => id === chosen?.studentId);
  const column = columns.findIndex(({ id }) => id === chosen?.column);
  // Rows in sight follow the scroller: what the library gives is asked anew each time, and nothing memoizes it.
  // eslint-disable-next-line react-hooks/incompatible-library
  const rows = useVirtualizer({
    count: students.length,
    getScrollElement: () => box.current,
    estimateSize: () => ROW,
    overscan: 4,
  });
  const shown = rows.getVirtualItems();

  // The row looked at stays in sight, below the head; heights are known, so nothing has to be measured.
  const height = useRef(0);
  useEffect(() => {
    const observer = new ResizeObserver(([entry]) => (height.current = entry!.contentRect.height));
    observer.observe(box.current!);
    return () => observer.disconnect();
  }, []);
  useEffect(() => {
    if (row < 0 || !box.current) return;
    const top = row * ROW;
    const seen = rows.scrollOffset ?? 0;
    if (top < seen) box.current.scrollTop = top - AHEAD * ROW;
    else if (height.current > 0 && top + ROW + HEAD > seen + height.current)
      box.current.scrollTop = top + (1 + AHEAD) * ROW + HEAD - height.current;
    // The virtualizer itself never changes.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [row]);

  const textAt = (place: Place): string => {
    const cell = cells.get(place.studentId)?.get(place.column);
    if (cell) return cell.text;
    const at = columns.find(({ id }) => id === place.column);
    return at
      ? (students.find(({ id }) => id === place.studentId)?.entries[at.assigned.itemId]?.[at.partId] ?? '')
      : '';
  };
  const isTable = (id: string): boolean =>
    columns
      .find((each) => each.id === id)
      ?.assigned.exercise.parts.some(({ id: part, ask }) => id.endsWith(`/${part}`) && ask.quantity === 'table') ??
    false;
  const edit = (place: Place): void => {
    if (isTable(place.column)) return;
    const text = textAt(place);
    typed.current = { place, text, was: text };
    setEditing(typed.current);
  };
  const leave = (write: boolean): void => {
    const now = typed.current;
    typed.current = undefined;
    setEditing(undefined);
    if (write && now && now.text !== now.was) onWrite(now.place, now.text);
    box.current?.focus();
  };
  const move = (down: number, right: number): Place | undefined => {
    if (students.length === 0) return undefined;
    const to = {
      studentId: students[clamp(row + down, students.length)]!.id,
      column: columns[clamp(column + right, columns.length)]!.id,
    };
    onChoose(to);
    return to;
  };

  const keys = (event: KeyboardEvent): void => {
    if (editing) {
      if (event.key === 'Escape') leave(false);
      else if (event.key === 'Enter' || event.key === 'ArrowDown' || event.key === 'ArrowUp' || event.key === 'Tab') {
        const before = typed.current?.place;
        leave(true);
        const to = event.key === 'Tab' ? move(0, event.shiftKey ? -1 : 1) : move(event.key === 'ArrowUp' ? -1 : 1, 0);
        // Typing goes on in the next field; at the edge it ends.
        if (to && before && (to.studentId !== before.studentId || to.column !== before.column)) edit(to);
      } else return;
      event.preventDefault();
      return;
    }
    if (event.ctrlKey || event.metaKey || event.altKey || !chosen) {
      if (onKey(event)) event.preventDefault();
      return;
    }
    const far = students.length;
    const moves: Readonly<Record<string, readonly [number, number]>> = {
      ArrowDown: [1, 0],
      ArrowUp: [-1, 0],
      ArrowRight: [0, 1],
      ArrowLeft: [0, -1],
      PageDown: [PAGE, 0],
      PageUp: [-PAGE, 0],
      Home: [-far, 0],
      End: [far, 0],
    };
    const by = moves[event.key];
    if (by) move(...by);
    else if (event.key === 'Enter' || event.key === 'F2') edit(chosen);
    else if (event.key === 'Delete' && !isTable(chosen.column)) onWrite(chosen, '');
    else if (!onKey(event)) return;
    event.preventDefault();
  };

  const above = shown[0]?.start ?? 0;
  const below = rows.getTotalSize() - (shown.at(-1)?.end ?? 0);
  return (
    <div
      ref={box}
      className={`sheet ${styles.gridBox}`}
      role="grid"
      aria-label="Answers"
      aria-rowcount={students.length + 1}
      aria-colcount={columns.length + 2}
      aria-activedescendant={chosen && row >= 0 ? cellId(chosen) : undefined}
      tabIndex={0}
      onKeyDown={keys}
      onPaste={(event) => {
        const text = event.clipboardData.getData('text');
        if (!chosen || (editing && !/[\n\t]/.test(text.trim()))) return;
        event.preventDefault();
        typed.current = undefined;
        setEditing(undefined);
        onPaste(chosen, readBlock(text));
      }}
    >
      <table
        className={styles.grid}
        role="presentation"
        style={{ minWidth: NAME + TOTAL + columns.length * NARROWEST }}
      >
        <colgroup>
          <col style={{ width: NAME }} />
          {columns.map(({ id }) => (
            <col key={id} />
          ))}
          <col style={{ width: TOTAL }} />
        </colgroup>
        <thead>
          <tr role="row" aria-rowindex={1}>
            <th role="columnheader">Student</th>
            {columns.map((each) => (
              <ColumnHead key={each.id} column={each} cells={cells} />
            ))}
            <th role="columnheader" className={styles.total}>
              / {of}
            </th>
          </tr>
        </thead>
        <tbody>
          {above > 0 && <tr aria-hidden style={{ height: above }} />}
          {shown.map(({ index }) => {
            const student = students[index]!;
            return (
              <MarkingRow
                key={student.id}
                at={index}
                student={student}
                columns={columns}
                cells={cells.get(student.id)}
                total={totals.get(student.id) ?? '–'}
                chosen={chosen?.studentId === student.id ? chosen.column : undefined}
                lit={lit}
                editing={editing?.place.studentId === student.id ? editing : undefined}
                onChoose={onChoose}
                onEdit={edit}
                onText={(text) => {
                  typed.current = editing && { ...editing, text };
                  setEditing(typed.current);
                }}
                onLeave={() => typed.current && leave(true)}
              />
            );
          })}
          {below > 0 && <tr aria-hidden style={{ height: below }} />}
        </tbody>
      </table>
    </div>
  );
}

const clamp = (at: number, length: number): number => Math.max(0, Math.min(length - 1, at));

const ColumnHead = memo(function ColumnHead({
  column,
  cells,
}: {
  readonly column: Column;
  readonly cells: ReadonlyMap<string, ReadonlyMap<string, Cell>>;
}) {
  const mine = [...cells.values()].flatMap((row) => row.get(column.id) ?? []);
  const shares = sharesOf(mine);
  return (
    <th role="columnheader" title={column.assigned.exercise.parts.find(({ id }) => id === column.partId)?.prompt}>
      {column.name}
      <span className={styles.bar} aria-hidden>
        {(['right', 'carried', 'slip', 'unexplained', 'plain'] as const).map(
          (tone) => shares[tone] > 0 && <span key={tone} className={styles[tone]} style={{ flexGrow: shares[tone] }} />,
        )}
      </span>
    </th>
  );
});
