/** What goes to paper, without saying how it is drawn: sheets of blocks, the same for the screen, a printer and a file. */

export interface PaperText {
  readonly text: string;
  readonly strong?: true;
  readonly italic?: true;
  /** A formula in TeX; `text` is what it says. */
  readonly tex?: string;
  /** A number of the student's own. */
  readonly given?: true;
  /** As it is typed into a tool. */
  readonly code?: true;
}

export interface PaperCell {
  readonly text: string;
  /** To be filled in. */
  readonly blank?: true;
  /** Numbers stand at the right, words at the left. */
  readonly words?: true;
}

export type PaperBlock =
  | { readonly kind: 'heading'; readonly level: 1 | 2 | 3; readonly text: string; readonly beside?: string }
  | { readonly kind: 'text'; readonly pieces: readonly PaperText[]; readonly beside?: string; readonly soft?: true }
  | { readonly kind: 'list'; readonly ordered: boolean; readonly items: readonly (readonly PaperText[])[] }
  | { readonly kind: 'table'; readonly head: readonly PaperCell[]; readonly rows: readonly (readonly PaperCell[])[] }
  /** A formula on a line of its own, in TeX. */
  | { readonly kind: 'formula'; readonly tex: string }
  /** Labels with what is known, or a line to write on. */
  | { readonly kind: 'fields'; readonly fields: readonly { readonly label: string; readonly value: string }[] }
  /** Boxes for answers, side by side. */
  | { readonly kind: 'boxes'; readonly labels: readonly string[] }
  /** Empty paper to work on, in millimetres. */
  | { readonly kind: 'room'; readonly height: number }
  /** What is never parted by the end of a page. */
  | { readonly kind: 'together'; readonly blocks: readonly PaperBlock[] };

/** One student's, or one that is for all. */
export interface PaperSheet {
  /** Who it is for; nothing where it is for all. */
  readonly who?: string;
  /** Opens the student's row in marking. */
  readonly code?: string;
  /** Opens the student's own page: shown as a picture that a phone reads. */
  readonly link?: string;
  readonly blocks: readonly PaperBlock[];
}

export interface Paper {
  readonly title: string;
  readonly sheets: readonly PaperSheet[];
}

export const plain = (text: string): readonly PaperText[] => [{ text }];
