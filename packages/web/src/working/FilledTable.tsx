/** A table that a student fills in: given cells as numbers, blank ones as fields, each judged. */
import {
  answerKeyOf,
  numberStyleById,
  textsOfBlock,
  writeMoney,
  type CellTexts,
  type Exercise,
  type HouseRules,
  type KeyCell,
  type NumberStyle,
  type Numbers,
  type Verdict,
} from '@hardy-sextant/core';
import { useMemo, type ClipboardEvent } from 'react';
import { Field } from '../ui/Field.tsx';
import { VerdictMark } from '../ui/VerdictMark.tsx';
import { TotalsRow } from './TotalsRow.tsx';
import styles from './FilledTable.module.css';
import { say } from '../words/say.ts';

interface FilledTableProps {
  readonly exercise: Exercise;
  readonly numbers: Numbers;
  readonly rules: HouseRules;
  readonly partId: string;
  readonly verdict: Verdict;
  /** Text by entry: `part.row:column`. */
  readonly entries: Readonly<Record<string, string>>;
  /** One cell that is typed, or many that are pasted. */
  readonly onEntries: (texts: Readonly<Record<string, string>>) => void;
  /** A field is left. */
  readonly onLeave?: () => void;
}

export function FilledTable({
  exercise,
  numbers,
  rules,
  partId,
  verdict,
  entries,
  onEntries,
  onLeave,
}: FilledTableProps) {
  const style = numberStyleById(rules.numberStyle);
  const table = useMemo(() => {
    const keyed = answerKeyOf(exercise, partId, numbers, rules);
    return keyed.ok ? keyed.value.table : undefined;
  }, [exercise, numbers, rules, partId]);
  if (!table) return null;
  const put = (texts: CellTexts) =>
    onEntries(Object.fromEntries(Object.entries(texts).map(([id, text]) => [`${partId}.${id}`, text])));
  const shown = (cell: KeyCell) => (
    <FilledCell
      key={cell.id}
      cell={cell}
      style={style}
      verdict={verdict.cells?.find(({ id }) => id === cell.id)}
      entry={entries[`${partId}.${cell.id}`] ?? ''}
      onEntry={(text) => put({ [cell.id]: text })}
      onBlock={(block) => put(textsOfBlock(table, cell.id, block))}
      onLeave={onLeave}
    />
  );
  return (
    <div className="wide tight">
      <table className="ledger">
        <thead>
          <tr>
            <th>{say('No.')}</th>
            {table.columns.map(({ column, name }) => (
              <th key={column}>{name}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {table.rows.map((cells, at) => (
            <tr key={at}>
              <td>{cells[0]?.row}</td>
              {cells.map(shown)}
            </tr>
          ))}
        </tbody>
        <TotalsRow table={table} shown={shown} />
      </table>
      {verdict.kind !== 'blank' && (
        <p className="soft">{verdict.cells?.find(({ says }) => says)?.says ?? verdict.says}</p>
      )}
    </div>
  );
}

interface FilledCellProps {
  readonly cell: KeyCell;
  readonly style: NumberStyle;
  readonly verdict: NonNullable<Verdict['cells']>[number] | undefined;
  readonly entry: string;
  readonly onEntry: (text: string) => void;
  /** Cells copied from a worksheet are pasted here: rows of texts. */
  readonly onBlock: (block: readonly (readonly string[])[]) => void;
  readonly onLeave: (() => void) | undefined;
}

function FilledCell({
  cell: { value, text, blank, row, column },
  style,
  verdict,
  entry,
  onEntry,
  onBlock,
  onLeave,
}: FilledCellProps) {
  const paste = (event: ClipboardEvent) => {
    const block = blockOf(event.clipboardData.getData('text/plain'));
    if (!block) return;
    event.preventDefault();
    onBlock(block);
  };
  if (!blank) return <td title={verdict?.says}>{text ?? writeMoney(value, style)}</td>;
  const place = row === 0 ? 'total' : say('row {{row}}', { row });
  return (
    <td title={verdict?.says}>
      <Field
        className={styles.cell}
        label={`${place} ${column.replaceAll('-', ' ')}`}
        value={entry}
        autoComplete="off"
        onText={onEntry}
        onBlur={onLeave}
        onPaste={paste}
      />
      {entry !== '' && verdict && <VerdictMark verdict={verdict} brief />}
    </td>
  );
}

/** Several cells, as worksheets copy them; nothing for the text of one. */
function blockOf(text: string): string[][] | undefined {
  const lines = text.replace(/\r\n?/g, '\n').replace(/\n+$/, '').split('\n');
  return lines.length > 1 || text.includes('\t') ? lines.map((line) => line.split('\t')) : undefined;
}
