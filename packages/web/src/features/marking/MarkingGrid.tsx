/** Students down, parts across: every answer with its verdict; moved through, typed into and pasted into from the keyboard. */
import { useVirtualizer } from '@tanstack/react-virtual';
import { memo, useEffect, useRef, type ClipboardEvent, type RefObject } from 'react';
import { readBlock } from '@hardy-sextant/files';
import { sharesOf, type Cell, type Column } from './causes.ts';
import { cellId, MarkingRow } from './MarkingRow.tsx';
import type { MarkingGridProps } from './gridProps.ts';
import { useGridKeys } from './useGridKeys.ts';
import { useTyping, type Typing } from './useTyping.ts';
import styles from './Marking.module.css';
import { say } from '../../words/say.ts';

/** Widths in pixels: set, so that a row that comes into sight moves no other. */
const NAME = 158;
const TOTAL = 58;
const NARROWEST = 112;
const ROW = 40;
/** At an edge so many more rows come into sight at once: what comes next is seen, and most keys scroll nothing. */
const AHEAD = 5;
/** The head row and the scroll bar below. */
const HEAD = 66;

export function MarkingGrid(props: MarkingGridProps) {
  const { columns, students, cells, of, chosen, onPaste } = props;
  const box = useRef<HTMLDivElement>(null);
  const typing = useTyping(props, () => box.current?.focus());
  const keys = useGridKeys(props, typing);
  const row = students.findIndex(({ id }) => id === chosen?.studentId);
  // Rows in sight follow the scroller: what the library gives is asked anew each time, and nothing memoizes it.
  // eslint-disable-next-line react-hooks/incompatible-library
  const rows = useVirtualizer({
    count: students.length,
    getScrollElement: () => box.current,
    estimateSize: () => ROW,
    overscan: 4,
  });
  useRowInSight(box, row, rows.scrollOffset ?? 0);
  const shown = rows.getVirtualItems();
  const above = shown[0]?.start ?? 0;
  const below = rows.getTotalSize() - (shown.at(-1)?.end ?? 0);
  const paste = (event: ClipboardEvent) => {
    const text = event.clipboardData.getData('text');
    if (!chosen || (typing.editing && !/[\n\t]/.test(text.trim()))) return;
    event.preventDefault();
    typing.drop();
    onPaste(chosen, readBlock(text));
  };
  return (
    <div
      ref={box}
      className={`sheet ${styles.gridBox}`}
      role="grid"
      aria-label={say('Answers')}
      aria-rowcount={students.length + 1}
      aria-colcount={columns.length + 2}
      aria-activedescendant={chosen && row >= 0 ? cellId(chosen) : undefined}
      tabIndex={0}
      onKeyDown={keys}
      onPaste={paste}
    >
      <table
        className={styles.grid}
        role="presentation"
        style={{ minWidth: NAME + TOTAL + columns.length * NARROWEST }}
      >
        <GridHead columns={columns} cells={cells} of={of} />
        <tbody>
          {above > 0 && <tr aria-hidden style={{ height: above }} />}
          {shown.map(({ index }) => (
            <ShownRow key={students[index]?.id ?? index} {...props} at={index} typing={typing} />
          ))}
          {below > 0 && <tr aria-hidden style={{ height: below }} />}
        </tbody>
      </table>
    </div>
  );
}

function ShownRow({ at, typing, ...grid }: MarkingGridProps & { readonly at: number; readonly typing: Typing }) {
  const student = grid.students[at];
  const { chosen } = grid;
  const { editing } = typing;
  return (
    student && (
      <MarkingRow
        at={at}
        student={student}
        columns={grid.columns}
        cells={grid.cells.get(student.id)}
        total={grid.totals.get(student.id) ?? '–'}
        chosen={chosen?.studentId === student.id ? chosen.column : undefined}
        lit={grid.lit}
        editing={editing?.place.studentId === student.id ? editing : undefined}
        onChoose={grid.onChoose}
        onEdit={typing.edit}
        onText={typing.type}
        onLeave={typing.blur}
      />
    )
  );
}

/** Keeps the row looked at in sight, below the head; heights are known, so nothing has to be measured. */
function useRowInSight(box: RefObject<HTMLDivElement | null>, row: number, seen: number): void {
  const height = useRef(0);
  useEffect(() => {
    if (!box.current) return;
    const observer = new ResizeObserver(([entry]) => (height.current = entry?.contentRect.height ?? 0));
    observer.observe(box.current);
    return () => observer.disconnect();
  }, [box]);
  useEffect(() => {
    if (row < 0 || !box.current) return;
    const top = row * ROW;
    if (top < seen) box.current.scrollTo(0, top - AHEAD * ROW);
    else if (height.current > 0 && top + ROW + HEAD > seen + height.current)
      box.current.scrollTo(0, top + (1 + AHEAD) * ROW + HEAD - height.current);
    // It follows the row; scrolling by hand leads away from it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [row]);
}

interface GridHeadProps {
  readonly columns: readonly Column[];
  readonly cells: ReadonlyMap<string, ReadonlyMap<string, Cell>>;
  readonly of: string;
}

function GridHead({ columns, cells, of }: GridHeadProps) {
  return (
    <>
      <colgroup>
        <col style={{ width: NAME }} />
        {columns.map(({ id }) => (
          <col key={id} />
        ))}
        <col style={{ width: TOTAL }} />
      </colgroup>
      <thead>
        <tr role="row" aria-rowindex={1}>
          <th role="columnheader">{say('Student')}</th>
          {columns.map((each) => (
            <ColumnHead key={each.id} column={each} cells={cells} />
          ))}
          <th role="columnheader" className={styles.total}>
            / {of}
          </th>
        </tr>
      </thead>
    </>
  );
}

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
          (tone) => shares[tone] > 0 && <span key={tone} data-tone={tone} style={{ flexGrow: shares[tone] }} />,
        )}
      </span>
    </th>
  );
});
