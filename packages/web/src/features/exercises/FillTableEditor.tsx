/** Which cells of a table part are left blank: columns at once, or cell by cell. */
import {
  numberStyleById,
  tableColumns,
  writeMoney,
  type HouseRules,
  type KeyedPart,
  type Part,
} from '@hardy-sextant/core';
import { columnWords } from '../../ui/FilledTable.tsx';
import styles from './ExercisePage.module.css';

interface FillTableEditorProps {
  readonly part: Part;
  readonly keyed: KeyedPart;
  readonly rules: HouseRules;
  readonly onChange: (part: Part) => void;
}

export function FillTableEditor({ part, keyed, rules, onChange }: FillTableEditorProps) {
  const { ask } = part;
  if (ask.quantity !== 'table' || !keyed.table) return null;
  const style = numberStyleById(rules.numberStyle);
  const ids = keyed.table.rows.flat().map(({ id }) => id);
  const blank = new Set(keyed.table.blanks);
  const write = (next: ReadonlySet<string>) =>
    onChange({ ...part, ask: { ...ask, blanks: next.size === ids.length ? [] : ids.filter((id) => next.has(id)) } });
  const toggle = (wanted: readonly string[]) => {
    const next = new Set(blank);
    const allBlank = wanted.every((id) => next.has(id));
    for (const id of wanted) {
      if (allBlank) next.delete(id);
      else next.add(id);
    }
    if (next.size > 0) write(next);
  };
  return (
    <div className={styles.fill}>
      <p className="soft">
        A pressed cell is left blank for students to fill in; press a heading for its whole column.
      </p>
      <table className="ledger">
        <thead>
          <tr>
            <th>No.</th>
            {tableColumns.map((column) => (
              <th key={column}>
                <button type="button" onClick={() => toggle(ids.filter((id) => id.endsWith(`:${column}`)))}>
                  {columnWords[column]}
                </button>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {keyed.table.rows.map((cells) => (
            <tr key={cells[0]!.row}>
              <td>{cells[0]!.row}</td>
              {cells.map(({ id, value, column, row }) => (
                <td key={id}>
                  <button
                    type="button"
                    aria-pressed={blank.has(id)}
                    aria-label={`row ${row} ${column} blank`}
                    onClick={() => toggle([id])}
                  >
                    {writeMoney(value, style)}
                  </button>
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
