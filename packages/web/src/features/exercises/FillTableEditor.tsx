/** Which cells of a table part are left blank: columns at once, or cell by cell. */
import {
  numberStyleById,
  tableColumns,
  writeMoney,
  type HouseRules,
  type KeyedPart,
  type Part,
} from '@hardy-sextant/core';
import { columnWords } from '../../working/FilledTable.tsx';

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
    <div className="wide tight">
      <p className="soft">
        A pressed cell is left blank for students to fill in; press a heading for its whole column.
      </p>
      <table className="ledger">
        <thead>
          <tr>
            <th>No.</th>
            {tableColumns.map((column) => (
              <th key={column}>
                <button
                  type="button"
                  className="control quiet"
                  onClick={() => toggle(ids.filter((id) => id.endsWith(`:${column}`)))}
                >
                  {columnWords[column]}
                </button>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {keyed.table.rows.map((cells, at) => (
            <tr key={at}>
              <td>{cells[0]?.row}</td>
              {cells.map(({ id, value, column, row }) => (
                <td key={id}>
                  <BlankButton
                    label={`row ${row} ${column} blank`}
                    pressed={blank.has(id)}
                    text={writeMoney(value, style)}
                    onPress={() => toggle([id])}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

interface BlankButtonProps {
  readonly label: string;
  readonly pressed: boolean;
  readonly text: string;
  readonly onPress: () => void;
}

function BlankButton({ label, pressed, text, onPress }: BlankButtonProps) {
  return (
    <button type="button" className="control quiet" aria-pressed={pressed} aria-label={label} onClick={onPress}>
      {text}
    </button>
  );
}
