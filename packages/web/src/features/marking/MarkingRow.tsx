/** One student's row of the marking grid: every answer with its verdict, and the one that is typed into. */
import type { VerdictKind } from '@hardy-sextant/core';
import type { MarkedStudent } from '@hardy-sextant/contract';
import { memo } from 'react';
import { verdictLooks } from '../../ui/verdictLooks.ts';
import type { Cell, Column } from './causes.ts';
import styles from './Marking.module.css';
import { say } from '../../words/say.ts';

export interface Place {
  readonly studentId: string;
  readonly column: string;
}

/** What a cell is called in the page. */
export const cellId = ({ studentId, column }: Place): string => `cell-${studentId}-${column.replace('/', '-')}`;

/** Verdicts whose mark and colour say enough in a cell; the panel and readers of the page aloud have the word. */
const wordless: ReadonlySet<VerdictKind> = new Set<VerdictKind>([
  'right',
  'unexplained',
  'unreadable',
  'carried-slip',
  'no-key',
]);

/** What a person does in a cell. */
interface Typing {
  readonly onChoose: (place: Place) => void;
  readonly onEdit: (place: Place) => void;
  readonly onText: (text: string) => void;
  readonly onLeave: () => void;
}

interface RowProps extends Typing {
  readonly at: number;
  readonly student: MarkedStudent;
  readonly columns: readonly Column[];
  readonly cells: ReadonlyMap<string, Cell> | undefined;
  readonly total: string;
  readonly chosen: string | undefined;
  readonly lit: ReadonlySet<string> | undefined;
  readonly editing: { readonly place: Place; readonly text: string } | undefined;
}

/** Drawn anew only when something in it changed. */
export const MarkingRow = memo(
  function MarkingRow({ at, student, columns, cells, total, chosen, lit, editing, ...typing }: RowProps) {
    return (
      <tr role="row" aria-rowindex={at + 2}>
        <th role="rowheader" scope="row">
          {student.name}
          <span className="soft">
            {student.number}
            {student.withdrawn && ` · ${say('withdrawn')}`}
            {student.unreadable && ` · ${say('cannot be read')}`}
          </span>
        </th>
        {columns.map((column) => (
          <AnswerCell
            key={column.id}
            student={student}
            column={column}
            cell={cells?.get(column.id)}
            room={ROOM / columns.length}
            chosen={chosen === column.id}
            lit={lit}
            typed={editing?.place.column === column.id ? editing.text : undefined}
            {...typing}
          />
        ))}
        <td role="gridcell" className={`figures ${styles.total}`}>
          {total}
        </td>
      </tr>
    );
  },
  // The callbacks close over nothing that a row shows.
  (a, b) =>
    a.student === b.student &&
    a.columns === b.columns &&
    a.cells === b.cells &&
    a.total === b.total &&
    a.chosen === b.chosen &&
    a.lit === b.lit &&
    a.editing === b.editing &&
    a.at === b.at,
);

interface AnswerCellProps extends Typing {
  readonly student: MarkedStudent;
  readonly column: Column;
  readonly cell: Cell | undefined;
  /** How many characters stand in it side by side. */
  readonly room: number;
  readonly chosen: boolean;
  readonly lit: ReadonlySet<string> | undefined;
  /** What is typed into it, while it is open. */
  readonly typed: string | undefined;
}

function AnswerCell({ student, column, cell, room, chosen, lit, typed, ...does }: AnswerCellProps) {
  const { id, assigned, partId } = column;
  const place = { studentId: student.id, column: id };
  const text = cell?.text ?? student.entries[assigned.itemId]?.[partId] ?? '';
  const answered = cell && cell.verdict.kind !== 'blank';
  const shown = answered && cell.verdict.cells ? tableText(cell) : text === '' ? '–' : text.slice(0, 60);
  return (
    <td
      id={cellId(place)}
      role="gridcell"
      aria-selected={chosen}
      data-tone={cell && verdictLooks[cell.verdict.kind].tone}
      data-dim={lit !== undefined && !(cell && lit.has(cell.key))}
      onClick={() => does.onChoose(place)}
      onDoubleClick={() => does.onEdit(place)}
    >
      {typed === undefined ? (
        <>
          {answered && <CellMark cell={cell} beside={room - shown.length} />}
          {shown}
        </>
      ) : (
        <input
          className={styles.edit}
          aria-label={say('answer of {{name}} to {{partId}}', { name: student.name, partId })}
          value={typed}
          ref={focusNow}
          autoComplete="off"
          spellCheck={false}
          onChange={(event) => does.onText(event.currentTarget.value)}
          onBlur={does.onLeave}
        />
      )}
    </td>
  );
}

/** The verdict in a cell: few nodes, for a row that comes into sight costs what its nodes do. */
function CellMark({ cell, beside }: { readonly cell: Cell; readonly beside: number }) {
  const { mark, word } = verdictLooks[cell.verdict.kind];
  const decided = cell.decision?.credit === undefined ? '' : '✎ ';
  const said = decided === '' ? word : say('{{verdict}}, decided by hand', { verdict: word });
  // A number is never cut: where both have no room the word gives way to its sign.
  return said.length + 3 > beside || wordless.has(cell.verdict.kind) ? (
    <span className={styles.mark} role="img" aria-label={said} title={said}>
      {decided}
      {mark}
    </span>
  ) : (
    <span className={styles.mark} title={decided === '' ? undefined : said}>
      {decided}
      {mark} {word}
    </span>
  );
}

function tableText({ verdict }: Cell): string {
  const cells = verdict.cells ?? [];
  const good = cells.filter(({ kind }) => kind === 'right' || kind === 'right-rounded' || kind === 'carried').length;
  return say('{{good}} of {{cells}} cells', { good, cells: cells.length });
}

/** Characters that stand in all columns of answers together, on the narrowest screen the grid is made for. */
const ROOM = 68;

/** A cell that is opened is typed into at once. */
const focusNow = (field: HTMLInputElement | null): void => field?.focus();
