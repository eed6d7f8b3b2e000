/** A worksheet as it is drawn step by step: the cells that are there by then, what is looked at, what it reads, what stays fixed. */

/** `now` is what the step is about, `read` what it reads and goes along, `fixed` what it reads and stays. */
export type CellMark = 'now' | 'read' | 'fixed';

export interface DrawnCell {
  readonly at: string;
  /** What the cell shows; empty while nothing is in it yet. */
  readonly shows: string;
  readonly mark?: CellMark;
}

export interface DrawnInput extends DrawnCell {
  readonly label: string;
}

export interface DrawnSheet {
  readonly inputs: readonly DrawnInput[];
  /** Titles of the columns; none while there is no table yet. */
  readonly titles: readonly string[];
  /** A row for each payment drawn; `gap` stands for those left out. */
  readonly rows: readonly (readonly DrawnCell[] | 'gap')[];
}

/** A piece of a sentence or of a formula; one that names a cell says where it is and whether it stays. */
export interface DrawnPiece {
  readonly text: string;
  readonly mark?: CellMark;
}

/** What becomes of a column where a reference was not fixed and the row was copied down. */
export interface Forgotten {
  /** The reference, "B3", and what it holds, "the rate a year". */
  readonly at: string;
  readonly holds: string;
  readonly says: string;
  readonly rows: readonly ForgottenRow[];
}

export interface ForgottenRow {
  readonly payment: number;
  /** "B4 · years 4" */
  readonly reads: string;
  readonly shows: string;
}

export interface DrawnStep {
  /** In a few words, for the list of steps: "Row 2: interest". */
  readonly title: string;
  /** In words. */
  readonly sentence: readonly DrawnPiece[];
  /** In full, as it is typed; nothing where several cells are filled at once. */
  readonly formula: readonly DrawnPiece[];
  readonly note: string;
  readonly sheet: DrawnSheet;
  readonly forgotten: readonly Forgotten[];
}
