/** A PDF page being filled from the top: where the pen is, how much room is left, text in the fonts that have its letters. */

import type { PaperText } from '@hardy-sextant/core';
import type PDFDocument from 'pdfkit';
import type { FormulaSetter } from './formula.ts';

export type Pdf = InstanceType<typeof PDFDocument>;

/** Font files: one for text in three cuts, and one with many more letters for what it does not have. */
export interface PaperFonts {
  readonly text: Uint8Array;
  readonly strong: Uint8Array;
  readonly italic: Uint8Array;
  readonly other: Uint8Array;
}

export type FontName = keyof PaperFonts;

export const MARGIN = 54;
/** Room for the line with the page number. */
const FOOT = 24;
export const TEXT_SIZE = 11;
export const SOFT = '#5b6a72';
export const INK = '#1c2b33';
export const LINE = '#b9b4a4';

/** A run of letters in one font. */
export interface Run {
  readonly text: string;
  readonly font: FontName;
}

/** Words that are longer than this are broken by force. */
const LONGEST_WORD = 60;

export class PdfPage {
  readonly doc: Pdf;
  readonly #has: (letter: string) => boolean;
  /** A formula that is set; nothing where its TeX cannot be read. */
  readonly formula: FormulaSetter;

  /** @param has whether the text font has a letter */
  constructor(doc: Pdf, has: (letter: string) => boolean, formula: FormulaSetter) {
    this.doc = doc;
    this.#has = has;
    this.formula = formula;
  }

  get width(): number {
    return this.doc.page.width - 2 * MARGIN;
  }

  get bottom(): number {
    return this.doc.page.height - MARGIN - FOOT;
  }

  get left(): number {
    return this.bottom - this.doc.y;
  }

  /** A whole page's height. */
  get whole(): number {
    return this.bottom - MARGIN;
  }

  /** Goes to a new page where so much does not fit any more and would fit there. */
  ensure(height: number): void {
    if (height > this.left && this.doc.y > MARGIN + 1 && height <= this.whole) this.doc.addPage();
  }

  /** Parts a text where its font has no letter for it. */
  runs({ text, strong, italic, tex, code }: PaperText): Run[] {
    const usual: FontName = strong ? 'strong' : italic || tex !== undefined ? 'italic' : 'text';
    const runs: { text: string; font: FontName }[] = [];
    for (const letter of broken(text)) {
      const font = !code && this.#has(letter) ? usual : 'other';
      const last = runs.at(-1);
      if (last?.font === font) last.text += letter;
      else runs.push({ text: letter, font });
    }
    return runs;
  }

  /** Writes pieces as one paragraph from the pen on. */
  write(
    pieces: readonly PaperText[],
    { x = MARGIN, width = this.width, size = TEXT_SIZE, colour = INK }: Writing = {},
  ): void {
    const runs = pieces.flatMap((piece) => this.runs(piece));
    this.doc.fillColor(colour).fontSize(size);
    for (const [at, { text, font }] of runs.entries()) {
      const options = { width, continued: at < runs.length - 1, lineGap: 2 };
      this.doc.font(font);
      if (at === 0) this.doc.text(text, x, this.doc.y, options);
      else this.doc.text(text, options);
    }
    this.doc.x = MARGIN;
  }

  /** How high pieces are as a paragraph. */
  heightOf(pieces: readonly PaperText[], { width = this.width, size = TEXT_SIZE }: Writing = {}): number {
    const text = pieces.map((piece) => broken(piece.text)).join('');
    const isOther = pieces.some(({ code }) => code) || [...text].some((letter) => !this.#has(letter));
    this.doc.font(isOther ? 'other' : pieces.some(({ strong }) => strong) ? 'strong' : 'text').fontSize(size);
    return this.doc.heightOfString(text === '' ? ' ' : text, { width, lineGap: 2 });
  }

  widthOf(text: string, font: FontName = 'text', size = TEXT_SIZE): number {
    const isOther = [...text].some((letter) => !this.#has(letter));
    return this.doc
      .font(isOther ? 'other' : font)
      .fontSize(size)
      .widthOfString(text);
  }
}

interface Writing {
  readonly x?: number;
  readonly width?: number;
  readonly size?: number;
  readonly colour?: string;
}

/** A word without end is given places to break. */
const broken = (text: string): string =>
  text.replace(new RegExp(`\\S{${LONGEST_WORD}}`, 'g'), (word) => `${word}\u200b`).replaceAll('\u200b', ' ');
