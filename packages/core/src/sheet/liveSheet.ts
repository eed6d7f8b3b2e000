/** A worksheet of live formulas while it is put together: labelled cells at the top, a table below. */

export interface LiveCell {
  /** Such as `B4`. */
  readonly at: string;
  readonly value?: number | string;
  /** Without the leading `=`, arguments parted by commas as in OOXML workbooks. */
  readonly formula?: string;
  /** What the formula comes to, for programs that show a workbook without computing it. */
  readonly result?: number;
  readonly format: 'money' | 'percent' | 'count' | 'rate' | 'text';
  /** An input a person may change. */
  readonly input?: boolean;
  readonly strong?: boolean;
}

/** Columns that every table has, by what they hold. */
type AlwaysThere = 'number' | 'rate' | 'opening' | 'interest' | 'payment' | 'extra' | 'principal' | 'closing';
/** Dates and money received on the way stand only where there are any; the level payment stands last. */
export type ColumnName = AlwaysThere | 'date' | 'drawn' | 'level';

export interface LiveSheet {
  readonly title: string;
  readonly cells: readonly LiveCell[];
  /** The row of the column titles, and the first and last row of the table, 1-based. */
  readonly head: number;
  readonly first: number;
  readonly last: number;
  /** Column letters by what they hold. */
  readonly columns: Readonly<Record<AlwaysThere, string>>;
}

/** Labelled cells, one a line: the label in A, the number in B. */
export class LabelledCells {
  readonly cells: LiveCell[];
  /** The next free line. */
  line = 3;

  constructor(title: string) {
    this.cells = [{ at: 'A1', value: title, format: 'text', strong: true }];
  }

  /** A number a person may change; gives the fixed reference to its cell. */
  readonly input = (label: string, value: number | string, format: LiveCell['format']): string => {
    this.cells.push(
      { at: `A${this.line}`, value: label, format: 'text' },
      { at: `B${this.line}`, value, format, input: true },
    );
    return this.#next();
  };

  /** What follows from cells above; gives the fixed reference to its cell. */
  readonly derived = (label: string, formula: string, format: LiveCell['format']): string => {
    this.cells.push({ at: `A${this.line}`, value: label, format: 'text' }, { at: `B${this.line}`, formula, format });
    return this.#next();
  };

  #next(): string {
    const at = `$B$${this.line}`;
    this.line += 1;
    return at;
  }
}
