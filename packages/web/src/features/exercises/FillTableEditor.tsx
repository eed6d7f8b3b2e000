/** A table part: its columns chosen, ordered and named, a row of totals, and which cells are left blank. */
import { Button } from '@mantine/core';
import {
  blankPatterns,
  type BlankPattern,
  cellsOf,
  numberStyleById,
  writeMoney,
  type HouseRules,
  type KeyCell,
  type KeyedPart,
  type KeyTable,
  type NumberStyle,
  type Part,
  type PartAsk,
} from '@hardy-sextant/core';
import { TotalsRow } from '../../working/TotalsRow.tsx';
import { TableColumnsEditor } from './TableColumnsEditor.tsx';
import { say } from '../../words/say.ts';

interface FillTableEditorProps {
  readonly part: Part;
  readonly keyed: KeyedPart;
  readonly rules: HouseRules;
  readonly onChange: (part: Part) => void;
}

type TableAsk = Extract<PartAsk, { quantity: 'table' }>;

export function FillTableEditor({ part, keyed: { table }, rules, onChange }: FillTableEditorProps) {
  const { ask } = part;
  if (ask.quantity !== 'table' || !table) return null;
  const write = (change: Partial<TableAsk>) => onChange({ ...part, ask: { ...ask, ...change } });
  const style = numberStyleById(rules.numberStyle);
  return (
    <div className="wide tight">
      <TableColumnsEditor ask={ask} table={table} onChange={write} />
      <Blanks table={table} style={style} onBlanks={(blanks) => write({ blanks })} />
    </div>
  );
}

interface BlanksProps {
  readonly table: KeyTable;
  readonly style: NumberStyle;
  readonly onBlanks: (blanks: readonly string[]) => void;
}

/** Leaves cells blank or gives them: some together, or all by a pattern. At least one stays blank. */
function useBlanks({ table, onBlanks }: Pick<BlanksProps, 'table' | 'onBlanks'>) {
  const ids = cellsOf(table).map(({ id }) => id);
  const blank = new Set(table.blanks);
  const write = (next: ReadonlySet<string>) => {
    const left = ids.filter((id) => next.has(id));
    if (left.length > 0) onBlanks(left.length === ids.length ? [] : left);
  };
  return {
    blank,
    toggle: (wanted: readonly string[]) => {
      const allBlank = wanted.every((id) => blank.has(id));
      write(new Set(allBlank ? ids.filter((id) => blank.has(id) && !wanted.includes(id)) : [...blank, ...wanted]));
    },
    byPattern: ({ id: pattern, isBlank }: BlankPattern) => {
      const inRows = table.rows.map((cells) => cells.filter(({ text }) => text === undefined));
      const wanted = inRows.flatMap((cells, row) =>
        cells.flatMap(({ id }, at) => (isBlank({ row, at, columns: cells.length }) ? [id] : [])),
      );
      write(new Set([...wanted, ...(pattern === 'all' ? table.totals.map(({ id }) => id) : [])]));
    },
    ofColumn: (column: string) => table.rows.flat().flatMap((cell) => (cell.column === column ? [cell.id] : [])),
  };
}

/** The table as the key has it; what is pressed is left blank. */
function Blanks({ table, style, onBlanks }: BlanksProps) {
  const { blank, toggle, byPattern, ofColumn } = useBlanks({ table, onBlanks });
  const button = (cell: KeyCell) => (
    <BlankButton
      key={cell.id}
      cell={cell}
      pressed={blank.has(cell.id)}
      style={style}
      onPress={() => toggle([cell.id])}
    />
  );
  return (
    <>
      <p className="soft" style={{ margin: '8px 0 4px' }}>
        {say(
          'A pressed cell is left blank for students to fill in; press a heading for its column, a number for its row. Leave blank:',
        )}
      </p>
      <div className="line small">
        {blankPatterns.map((pattern) => (
          <Button key={pattern.id} size="compact-xs" onClick={() => byPattern(pattern)}>
            {pattern.says}
          </Button>
        ))}
      </div>
      <table className="ledger">
        <Headings table={table} onColumn={(column) => toggle(ofColumn(column))} />
        <tbody>
          {table.rows.map((cells) => {
            const row = cells[0]?.row ?? 0;
            const own = cells.flatMap(({ id, text }) => (text === undefined ? [id] : []));
            return (
              <tr key={row}>
                <td>
                  <PlainButton
                    label={say('row {{row}}, every cell', { row })}
                    text={String(row)}
                    onPress={() => toggle(own)}
                  />
                </td>
                {cells.map(button)}
              </tr>
            );
          })}
        </tbody>
        <TotalsRow table={table} shown={button} />
      </table>
    </>
  );
}

interface HeadingsProps {
  readonly table: BlanksProps['table'];
  readonly onColumn: (column: string) => void;
}

function Headings({ table, onColumn }: HeadingsProps) {
  return (
    <thead>
      <tr>
        <th>{say('No.')}</th>
        {table.columns.map(({ column, name }) => (
          <th key={column}>
            {column === 'date' ? (
              name
            ) : (
              <PlainButton label={say('{{name}}, every row', { name })} text={name} onPress={() => onColumn(column)} />
            )}
          </th>
        ))}
      </tr>
    </thead>
  );
}

interface PlainButtonProps {
  readonly label: string;
  readonly text: string;
  readonly onPress: () => void;
}

function PlainButton({ label, text, onPress }: PlainButtonProps) {
  return (
    <button type="button" className="control quiet" aria-label={label} onClick={onPress}>
      {text}
    </button>
  );
}

interface BlankButtonProps {
  readonly cell: KeyCell;
  readonly style: NumberStyle;
  readonly pressed: boolean;
  readonly onPress: () => void;
}

function BlankButton({ cell: { row, column, value, text }, style, pressed, onPress }: BlankButtonProps) {
  if (text !== undefined) return <td>{text}</td>;
  return (
    <td>
      <button
        type="button"
        className="control quiet"
        aria-pressed={pressed}
        aria-label={say('{{total}} {{replaceAll}} blank', {
          total: row === 0 ? say('total') : say('row {{row}}', { row }),
          replaceAll: column.replaceAll('-', ' '),
        })}
        onClick={onPress}
      >
        {writeMoney(value, style)}
      </button>
    </td>
  );
}
