/** All cells of a sheet with the marks over them; walked with the arrow keys. */
import {
  addressOf,
  columnLetters,
  columnNumber,
  fullAddress,
  lookUp,
  placeOf,
  writeBrief,
  type NumberStyle,
} from '@hardy-sextant/core';
import type { WorksheetDetail } from '@hardy-sextant/contract';
import { useState, type KeyboardEvent } from 'react';
import { TextButton } from '../../../ui/TextButton.tsx';
import { MarkChip } from './MarkChip.tsx';
import { standsAt, type Mark, type SheetMarks } from './sheetMarks.ts';
import styles from './Marks.module.css';
import { say } from '../../../words/say.ts';

interface MarkedCellsProps {
  readonly detail: WorksheetDetail;
  readonly sheet: string;
  readonly marks: SheetMarks;
  readonly all: readonly Mark[];
  readonly style: NumberStyle;
  /** The rows of the table as they would be taken. */
  readonly rows: { readonly first: number; readonly last: number } | undefined;
  /** `B12`. */
  readonly chosen: string;
  readonly onChoose: (address: string) => void;
}

const FIRST_ROWS = 60;
const MOST_COLUMNS = 30;

export function MarkedCells({ detail, sheet, marks, all, style, rows, chosen, onChoose }: MarkedCellsProps) {
  const [whole, setWhole] = useState(false);
  const cells = detail.sheets[sheet] ?? {};
  const { row: lastRow, column: lastColumn } = extentOf(Object.keys(cells));
  const shown = whole ? lastRow : Math.min(lastRow, FIRST_ROWS);
  const columns = Array.from({ length: Math.min(lastColumn + 1, MOST_COLUMNS) }, (_, at) => at + 1);
  const isTable = sheet === marks.sheet;
  const at = (where: string): Mark[] => all.filter((mark) => standsAt(marks, mark) === where);
  const walk = (event: KeyboardEvent) => {
    const next = stepFrom(chosen, event.key, { row: shown, column: columns.length });
    if (next === undefined) return;
    event.preventDefault();
    onChoose(next);
    event.currentTarget.querySelector<HTMLElement>(`[data-address="${next}"] button`)?.focus();
  };
  return (
    <div className={styles.scroll}>
      <table className={styles.cells} aria-label={say('the cells of {{sheet}}', { sheet })}>
        <ColumnHeads columns={columns} marksOf={(letters) => (isTable ? at(letters) : [])} />
        {/* eslint-disable-next-line jsx-a11y-x/no-noninteractive-element-interactions -- the arrow keys walk over the buttons inside */}
        <tbody onKeyDown={walk}>
          {Array.from({ length: shown }, (_, down) => down + 1).map((row) => (
            <tr key={row} data-taken={isTable && rows !== undefined && row >= rows.first && row <= rows.last}>
              <th scope="row" data-address={`A${row}`}>
                {row}
                {isTable && at(String(row)).map((mark) => <MarkChip key={mark.name} mark={mark} />)}
              </th>
              {columns.map((column) => {
                const address = addressOf({ row, column });
                return (
                  <Cell
                    key={column}
                    address={address}
                    text={written(cells[address]?.value, style)}
                    isChosen={address === chosen}
                    isHeld={isTable && at(columnLetters(column)).length > 0}
                    marks={at(fullAddress({ sheet, row, column }))}
                    onChoose={onChoose}
                  />
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      {shown < lastRow && (
        <p className="soft">
          <TextButton onClick={() => setWhole(true)}>{say('Show all {{lastRow}} rows', { lastRow })}</TextButton>
        </p>
      )}
    </div>
  );
}

interface ColumnHeadsProps {
  readonly columns: readonly number[];
  readonly marksOf: (letters: string) => readonly Mark[];
}

function ColumnHeads({ columns, marksOf }: ColumnHeadsProps) {
  return (
    <thead>
      <tr>
        <th scope="col">
          <span className="visually-hidden">{say('row')}</span>
        </th>
        {columns.map((column) => (
          <th key={column} scope="col" data-address={`${columnLetters(column)}1`} data-head>
            {columnLetters(column)}
            {marksOf(columnLetters(column)).map((mark) => (
              <MarkChip key={mark.name} mark={mark} />
            ))}
          </th>
        ))}
      </tr>
    </thead>
  );
}

/** The cell an arrow key leads to; nothing for another key. */
function stepFrom(chosen: string, key: string, last: { readonly row: number; readonly column: number }) {
  const by = lookUp({ ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] } as const, key);
  const place = placeOf(chosen);
  if (!place || !by) return undefined;
  const row = Math.min(Math.max(1, place.row + by[0]), last.row);
  return addressOf({ row, column: Math.min(Math.max(1, place.column + by[1]), last.column) });
}

interface CellProps {
  readonly address: string;
  readonly text: string;
  readonly isChosen: boolean;
  /** Whether its column is one of the table's. */
  readonly isHeld: boolean;
  readonly marks: readonly Mark[];
  readonly onChoose: (address: string) => void;
}

function Cell({ address, text, isChosen, isHeld, marks, onChoose }: CellProps) {
  return (
    <td data-address={address} data-chosen={isChosen} data-holds={isHeld}>
      <button
        type="button"
        tabIndex={isChosen ? 0 : -1}
        aria-label={`${address} ${text}`}
        aria-pressed={isChosen}
        onClick={() => onChoose(address)}
      >
        {text}
      </button>
      {marks.map((mark) => (
        <MarkChip key={`${mark.kind} ${mark.name}`} mark={mark} />
      ))}
    </td>
  );
}

function extentOf(addresses: readonly string[]): { row: number; column: number } {
  let [row, column] = [1, 1];
  for (const address of addresses) {
    const place = placeOf(address);
    row = Math.max(row, place?.row ?? 0);
    column = Math.max(column, place?.column ?? 0);
  }
  return { row, column: Math.max(column, columnNumber('E')) };
}

function written(value: string | number | boolean | null | undefined, style: NumberStyle): string {
  if (typeof value === 'number') return writeBrief(value, 0, 4, style);
  return value === null || value === undefined ? '' : String(value);
}
