/** A worksheet beside its verdicts: cells named by what they hold, wrong ones tinted with sign and word, what the chosen one reads drawn around. */
import { writeBrief, type NumberStyle } from '@hardy-sextant/core';
import { useEffect, useRef } from 'react';
import { readBy, type ShownCell, type ShownSheet } from './sheetShown.ts';
import styles from './Worksheets.module.css';
import { say } from '../../../words/say.ts';

interface SheetViewProps {
  readonly sheet: ShownSheet;
  readonly style: NumberStyle;
  readonly chosen: string | undefined;
  readonly mended: boolean;
  readonly onChoose: (address: string) => void;
}

const looks = {
  right: { mark: '', word: say('right'), tone: 'right' },
  'right-rounded': { mark: '≈', word: say('rounded'), tone: 'right' },
  'right-other-way': { mark: '', word: say('right, another way'), tone: 'right' },
  carried: { mark: '↪', word: say('carried'), tone: 'carried' },
  wrong: { mark: '△', word: say('wrong'), tone: 'slip' },
  remark: { mark: '✎', word: say('a remark'), tone: 'plain' },
} as const;

const bare = (address: string): string => address.slice(address.lastIndexOf('!') + 1);

export function SheetView({ sheet, style, chosen, mended, onChoose }: SheetViewProps) {
  const cell = [...sheet.inputs.map((each) => each.cell), ...sheet.rows.flatMap(({ cells }) => cells)].find(
    ({ address }) => address === chosen,
  );
  const reads = cell ? readBy(cell) : new Set<string>();
  const shared = { style, chosen, mended, reads, onChoose };
  return (
    <div className={`sheet ${styles.sheet}`}>
      {sheet.inputs.length > 0 && (
        <table className={styles.inputs}>
          <tbody>
            {sheet.inputs.map(({ name, cell: input }) => (
              <tr key={input.address}>
                <th scope="row">{name}</th>
                <SheetCell cell={input} isMoney={false} {...shared} />
                <td className="soft">{bare(input.address)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <div className={styles.scroll}>
        <table className={styles.grid} aria-label={say('the table of the worksheet')}>
          <thead>
            <tr>
              {sheet.columns.map(({ name, letters }) => (
                <th key={letters} scope="col">
                  {name}
                  <span>
                    {letters}
                    {sheet.firstRow}:{letters}
                    {sheet.lastRow}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {sheet.rows.map(({ row, cells }) => (
              <tr key={row} data-total={row > sheet.lastRow}>
                {cells.map((each, at) => (
                  <SheetCell
                    key={each.address}
                    cell={each}
                    isMoney={sheet.columns[at]?.column !== 'number'}
                    {...shared}
                  />
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <FormulaLine cell={cell} style={style} />
    </div>
  );
}

/** The formula of the chosen cell, and what it should come to. */
function FormulaLine({ cell, style }: { readonly cell: ShownCell | undefined; readonly style: NumberStyle }) {
  return (
    <p className={styles.formula} role="status">
      {cell ? (
        <>
          <strong>{bare(cell.address)}</strong> <code>{cell.formula ?? String(cell.value ?? 'empty')}</code>
          {cell.judged?.verdict === 'wrong' && cell.judged.expected !== undefined && (
            <>
              {' · '}
              {say('from the cells before it: {{value}}', {
                value: writeBrief(cell.judged.expected, 2, 2, style),
              })}
            </>
          )}
        </>
      ) : (
        say('Choose a cell to see its formula and what it reads.')
      )}
    </p>
  );
}

interface SheetCellProps extends Omit<SheetViewProps, 'sheet'> {
  readonly cell: ShownCell;
  readonly isMoney: boolean;
  readonly reads: ReadonlySet<string>;
}

function SheetCell({ cell, isMoney, style, chosen, mended, reads, onChoose }: SheetCellProps) {
  const { address, judged, value } = cell;
  const isMended = mended && cell.mended !== undefined;
  const look = judged && (isMended ? looks.right : looks[judged.verdict]);
  const isChosen = chosen === address;
  const place = useRef<HTMLTableCellElement>(null);
  useEffect(() => {
    if (isChosen) place.current?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [isChosen]);
  const shown = isMended ? cell.mended : value;
  return (
    <td
      ref={place}
      data-tone={look?.tone}
      data-verdict={judged?.verdict}
      data-chosen={isChosen}
      data-read={reads.has(address)}
    >
      <button type="button" onClick={() => onChoose(address)} title={look?.word} aria-pressed={isChosen}>
        {look && look.mark !== '' && <span aria-hidden>{look.mark}</span>}
        {look && <span className="visually-hidden">{look.word}</span>} {written(shown, isMoney, style)}
      </button>
    </td>
  );
}

/** Money in the table to the cent; counts and rates as they are. */
function written(value: ShownCell['value'] | undefined, isMoney: boolean, style: NumberStyle): string {
  if (typeof value !== 'number') return value === null || value === undefined ? '' : String(value);
  if (isMoney) return writeBrief(value, 2, 2, style);
  return writeBrief(value, 0, 6, style);
}
