/** A table that a student fills in: given cells as numbers, blank ones as fields, each judged. */
import {
  answerKeyOf,
  numberStyleById,
  tableColumns,
  writeMoney,
  type Exercise,
  type HouseRules,
  type Numbers,
  type TableColumn,
  type Verdict,
} from '@hardy-sextant/core';
import { useMemo } from 'react';
import { VerdictMark } from './VerdictMark.tsx';
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
    <div className={styles.box}>
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
          {table.rows.map((cells) => (
            <tr key={cells[0]!.row}>
              <td>{cells[0]!.row}</td>
              {cells.map(({ id, value, blank, row, column }) => {
                const cell = verdict.cells?.find((each) => each.id === id);
                const entry = entries[`${partId}.${id}`] ?? '';
                return (
                  <td key={id} title={cell?.says}>
                    {blank ? (
                      <>
                        <input
                          className={styles.cell}
                          aria-label={`row ${row} ${column}`}
                          value={entry}
                          autoComplete="off"
                          onChange={(event) => onEntry(`${partId}.${id}`, event.currentTarget.value)}
                          onBlur={onLeave}
                        />
                        {entry !== '' && cell && <VerdictMark verdict={cell} brief />}
                      </>
                    ) : (
                      writeMoney(value, style)
                    )}
                  </td>
                );
              })}
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
