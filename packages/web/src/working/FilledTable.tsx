/** A table that a student fills in: given cells as numbers, blank ones as fields, each judged. */
import {
  answerKeyOf,
  numberStyleById,
  tableColumns,
  writeMoney,
  type Exercise,
  type HouseRules,
  type KeyCell,
  type NumberStyle,
  type Numbers,
  type TableColumn,
  type Verdict,
} from '@hardy-sextant/core';
import { useMemo } from 'react';
import { Field } from '../ui/Field.tsx';
import { VerdictMark } from '../ui/VerdictMark.tsx';
import styles from './FilledTable.module.css';

export const columnWords: Readonly<Record<TableColumn, string>> = {
  opening: 'Opening',
  interest: 'Interest',
  payment: 'Paid',
  principal: 'Principal',
  closing: 'Closing',
};

interface FilledTableProps {
  readonly exercise: Exercise;
  readonly numbers: Numbers;
  readonly rules: HouseRules;
  readonly partId: string;
  readonly verdict: Verdict;
  /** Text by entry: `part.row:column`. */
  readonly entries: Readonly<Record<string, string>>;
  readonly onEntry: (id: string, text: string) => void;
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
  onEntry,
  onLeave,
}: FilledTableProps) {
  const style = numberStyleById(rules.numberStyle);
  const table = useMemo(() => {
    const keyed = answerKeyOf(exercise, partId, numbers, rules);
    return keyed.ok ? keyed.value.table : undefined;
  }, [exercise, numbers, rules, partId]);
  if (!table) return null;
  return (
    <div className="wide tight">
      <table className="ledger">
        <thead>
          <tr>
            <th>No.</th>
            {tableColumns.map((column) => (
              <th key={column}>{columnWords[column]}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {table.rows.map((cells, at) => (
            <tr key={at}>
              <td>{cells[0]?.row}</td>
              {cells.map((cell) => (
                <FilledCell
                  key={cell.id}
                  cell={cell}
                  style={style}
                  verdict={verdict.cells?.find(({ id }) => id === cell.id)}
                  entry={entries[`${partId}.${cell.id}`] ?? ''}
                  onEntry={(text) => onEntry(`${partId}.${cell.id}`, text)}
                  onLeave={onLeave}
                />
              ))}
            </tr>
          ))}
        </tbody>
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
  readonly onLeave: (() => void) | undefined;
}

function FilledCell({ cell: { value, blank, row, column }, style, verdict, entry, onEntry, onLeave }: FilledCellProps) {
  if (!blank) return <td title={verdict?.says}>{writeMoney(value, style)}</td>;
  return (
    <td title={verdict?.says}>
      <Field
        className={styles.cell}
        label={`row ${row} ${column}`}
        value={entry}
        autoComplete="off"
        onText={onEntry}
        onBlur={onLeave}
      />
      {entry !== '' && verdict && <VerdictMark verdict={verdict} brief />}
    </td>
  );
}
