/** A worksheet as it is drawn: what it starts from, its columns with their heads, its rows, each cell with its verdict. */

import {
  addressOf,
  columnNumber,
  foundColumnTitles,
  fullAddress,
  fullPlace,
  inputTitles,
  lookUp,
  placesReadBy,
} from '@hardy-sextant/core';
import type { WorksheetDetail } from '@hardy-sextant/contract';

export interface ShownCell {
  /** `Loan!C9`. */
  readonly address: string;
  readonly value: number | string | boolean | null;
  readonly formula?: string | undefined;
  readonly judged?: WorksheetDetail['judged'][number] | undefined;
  /** What it is when everything is mended. */
  readonly mended?: number | undefined;
}

export interface ShownSheet {
  readonly inputs: readonly { readonly name: string; readonly cell: ShownCell }[];
  readonly columns: readonly {
    readonly column: string;
    readonly name: string;
    readonly head: string;
    readonly letters: string;
  }[];
  readonly rows: readonly { readonly row: number; readonly cells: readonly ShownCell[] }[];
  readonly firstRow: number;
  readonly lastRow: number;
}

export function sheetShown(detail: WorksheetDetail): ShownSheet | undefined {
  const { table, sheets, judged, mended, inputs } = detail;
  if (!table) return undefined;
  const verdicts = new Map(judged.map((cell) => [cell.address, cell]));
  const at = (address: string): ShownCell => {
    const place = fullPlace(address);
    const content = place && sheets[place.sheet]?.[addressOf(place)];
    return {
      address,
      value: content?.value ?? null,
      formula: content?.formula,
      judged: verdicts.get(address),
      mended: mended[address],
    };
  };
  const columns = Object.entries(table.columns)
    .map(([name, letters]) => ({
      column: name,
      name: lookUp(foundColumnTitles, name) ?? name,
      letters,
      head: table.headRow === undefined ? '' : String(at(`${table.sheet}!${letters}${table.headRow}`).value ?? ''),
    }))
    .sort((one, other) => columnNumber(one.letters) - columnNumber(other.letters));
  const top = table.row0 ?? table.firstRow;
  const last = table.totalsRow ?? table.lastRow;
  const rows = Array.from({ length: last - top + 1 }, (_, down) => top + down).map((row) => ({
    row,
    cells: columns.map(({ letters }) => at(`${table.sheet}!${letters}${row}`)),
  }));
  return {
    inputs: Object.entries(inputs).map(([name, address]) => ({
      name: lookUp(inputTitles, name) ?? name,
      cell: at(address),
    })),
    columns,
    rows,
    firstRow: table.firstRow,
    lastRow: table.lastRow,
  };
}

/** The cells a formula reads, to be drawn around. */
export function readBy({ address, formula = '' }: Pick<ShownCell, 'address' | 'formula'>): ReadonlySet<string> {
  const sheet = address.slice(0, address.lastIndexOf('!'));
  return new Set(placesReadBy(formula, sheet).map(fullAddress));
}
