/** The row under a table to fill in that adds its columns up; nothing where it has none. */
import type { KeyCell, KeyTable } from '@hardy-sextant/core';
import type { ReactNode } from 'react';
import { say } from '../words/say.ts';

interface TotalsRowProps {
  readonly table: KeyTable;
  /** How a total is shown, as a table cell. */
  readonly shown: (cell: KeyCell) => ReactNode;
}

export function TotalsRow({ table: { columns, totals }, shown }: TotalsRowProps) {
  if (totals.length === 0) return null;
  return (
    <tfoot>
      <tr>
        <th scope="row">{say('Total')}</th>
        {columns.map(({ column }) => {
          const total = totals.find((cell) => cell.column === column);
          return total ? shown(total) : <td key={column} />;
        })}
      </tr>
    </tfoot>
  );
}
