/** Which columns a table to fill in has, in which order and under which names, and whether it adds them up. */
import { arrayMove } from '@dnd-kit/sortable';
import { Checkbox } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import {
  columnWords,
  tableColumns,
  usualColumns,
  type ChosenColumn,
  type KeyTable,
  type PartAsk,
} from '@hardy-sextant/core';
import { Field } from '../../ui/Field.tsx';
import { MovableItems, useMovable } from '../../ui/MovableItems.tsx';
import { Pick } from '../../ui/Pick.tsx';
import styles from './ExercisePage.module.css';
import { say } from '../../words/say.ts';

type TableAsk = Extract<PartAsk, { quantity: 'table' }>;

interface TableColumnsEditorProps {
  readonly ask: TableAsk;
  readonly table: KeyTable;
  readonly onChange: (change: Partial<TableAsk>) => void;
}

export function TableColumnsEditor({ ask, table, onChange }: TableColumnsEditorProps) {
  const chosen = ask.columns ?? usualColumns;
  const placeOf = (id: string) => chosen.findIndex(({ column }) => column === id);
  const rest = tableColumns.filter((column) => !chosen.some((each) => each.column === column));
  const write = (columns: readonly ChosenColumn[]) => {
    // Blanks of a column that is gone go with it; where none is left, every cell is blank again.
    const blanks = ask.blanks.filter((id) => columns.some(({ column }) => id.endsWith(`:${column}`)));
    onChange({ columns, blanks });
  };
  const add = (column: (typeof tableColumns)[number]) => {
    const isWhole = ask.blanks.length === 0;
    const added = isWhole ? [] : table.rows.map((cells) => `${cells[0]?.row}:${column}`);
    onChange({ columns: [...chosen, { column }], blanks: [...ask.blanks, ...added] });
  };
  return (
    <>
      <MovableItems
        ids={chosen.map(({ column }) => column)}
        what={say('Column')}
        className={styles.columns}
        across
        onDrop={(id, over) => write(arrayMove([...chosen], placeOf(id), placeOf(over)))}
      >
        {chosen.map((each) => (
          <ColumnItem
            key={each.column}
            chosen={each}
            only={chosen.length === 1}
            onName={(name) => write(chosen.map((one) => (one === each ? { ...one, name } : one)))}
            onRemove={() => write(chosen.filter((one) => one !== each))}
          />
        ))}
      </MovableItems>
      <div className="line small">
        {rest.length > 0 && (
          <Pick
            label={say('add a column')}
            value=""
            options={[['', say('+ a column…')], ...rest.map((column) => [column, columnWords[column]] as const)]}
            onPick={(column) => column !== '' && add(column)}
          />
        )}
        <Checkbox
          size="xs"
          label={say('a row of totals')}
          checked={ask.totals ?? false}
          onChange={(event) => onChange({ totals: event.currentTarget.checked })}
        />
      </div>
    </>
  );
}

interface ColumnItemProps {
  readonly chosen: ChosenColumn;
  readonly only: boolean;
  readonly onName: (name: string) => void;
  readonly onRemove: () => void;
}

function ColumnItem({ chosen: { column, name = '' }, only, onName, onRemove }: ColumnItemProps) {
  const words = columnWords[column];
  const { item, grip } = useMovable(column, say('move column {{words}}', { words }));
  return (
    <li {...item}>
      {grip}
      <Field
        label={say('name of column {{words}}', { words })}
        value={name}
        placeholder={words}
        maxLength={30}
        autoComplete="off"
        onText={onName}
      />
      <button
        type="button"
        className="control quiet"
        aria-label={say('remove column {{words}}', { words })}
        disabled={only}
        onClick={onRemove}
      >
        <IconX size={14} stroke={1.6} />
      </button>
    </li>
  );
}
