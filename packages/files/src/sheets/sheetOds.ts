/** Cells, formulas and names of an OpenDocument spreadsheet; formulas as OpenFormula writes them are turned into `=B3*12`. */

import { unzipSync } from 'fflate';
import { SaxesParser } from 'saxes';
import { addressOf, isErrorText, type CellContent } from '@hardy-sextant/core';
import { MOST_SHEET_ROWS, tooManyRows, type SheetFile } from './sheetCells.ts';

const MOST_CELL_COLUMNS = 200;

/** @throws with a sentence where it cannot be read */
export function readOds(bytes: Uint8Array, file: string): SheetFile {
  const content = unzipSync(bytes, { filter: ({ name }) => name === 'content.xml' })['content.xml'];
  if (!content) throw new Error('This document has no content that can be read; it may have a password.');
  const reader = new OdsReader(file);
  const parser = new SaxesParser({});
  parser.on('opentag', ({ name, attributes }) => reader.open(name, attributes));
  parser.on('closetag', ({ name }) => reader.close(name));
  parser.on('text', (text) => reader.text(text));
  parser.on('error', () => {
    throw new Error('This document cannot be read. Save it again.');
  });
  parser.write(new TextDecoder().decode(content)).close();
  return { cells: reader.cells, names: reader.names, notes: [] };
}

/** `of:=[.B3]*[$Data.$B$4];2` as `=B3*Data!$B$4,2`. */
export function plainFormula(formula: string): string {
  const bare = formula.replace(/^(of|oooc|msoxl):/, '').replace(/^=?/, '=');
  const parts = bare.split(/("(?:[^"]|"")*"|\[[^\]]*\])/);
  return parts
    .map((part) => {
      if (part.startsWith('"')) return part;
      if (part.startsWith('[')) return part.slice(1, -1).split(':').map(plainReference).join(':');
      return part.replaceAll(';', ',');
    })
    .join('');
}

/** `$Data.$B$4`, `.B4`, `'My data'.B4`. */
function plainReference(reference: string): string {
  const [, sheet = '', cell = reference] = /^(.*)\.([^.]+)$/.exec(reference) ?? [];
  const name = sheet.replace(/^\$/, '');
  return name === '' ? cell : `${name}!${cell}`;
}

type Attributes = Readonly<Record<string, string>>;

class OdsReader {
  readonly #file: string;
  readonly cells: Record<string, Record<string, CellContent>> = {};
  readonly names: Record<string, string> = {};
  #own: Record<string, CellContent> = {};
  #row = 0;
  #column = 0;
  #rowRepeats = 1;
  #cell: { readonly attributes: Attributes; text: string } | undefined;
  #paragraphs = 0;

  /** @param file what it is called */
  constructor(file: string) {
    this.#file = file;
  }

  open(name: string, attributes: Attributes): void {
    const repeats = (attribute: string): number => Number(attributes[attribute] ?? 1) || 1;
    switch (name) {
      case 'table:table':
        this.#own = this.cells[attributes['table:name'] ?? 'Sheet1'] = {};
        this.#row = 1;
        return;
      case 'table:table-row':
        this.#column = 1;
        this.#rowRepeats = repeats('table:number-rows-repeated');
        return;
      case 'table:table-cell':
      case 'table:covered-table-cell':
        this.#cell = { attributes, text: '' };
        this.#paragraphs = 0;
        return;
      case 'text:p':
        if (this.#cell && this.#paragraphs > 0) this.#cell.text += '\n';
        this.#paragraphs += 1;
        return;
      case 'table:named-range':
        this.names[attributes['table:name'] ?? ''] = plainReference(
          (attributes['table:cell-range-address'] ?? '').replace(/^\$/, ''),
        );
        return;
      default:
    }
  }

  text(text: string): void {
    if (this.#cell && this.#paragraphs > 0) this.#cell.text += text;
  }

  close(name: string): void {
    if (name === 'table:table-row') {
      this.#row += this.#rowRepeats;
      return;
    }
    if ((name !== 'table:table-cell' && name !== 'table:covered-table-cell') || !this.#cell) return;
    const { attributes, text } = this.#cell;
    const repeats = Number(attributes['table:number-columns-repeated'] ?? 1) || 1;
    const content = contentOf(attributes, text);
    if (content && this.#row > MOST_SHEET_ROWS) throw tooManyRows(this.#file);
    if (content)
      for (let at = 0; at < Math.min(repeats, MOST_CELL_COLUMNS - this.#column + 1); at += 1)
        this.#own[addressOf({ row: this.#row, column: this.#column + at })] = content;
    this.#column += repeats;
    this.#cell = undefined;
  }
}

function contentOf(attributes: Attributes, text: string): CellContent | undefined {
  const typed = attributes['table:formula'];
  const formula = typed === undefined ? {} : { formula: plainFormula(typed) };
  const type = attributes['office:value-type'] ?? attributes['calcext:value-type'];
  switch (type) {
    case 'float':
    case 'currency':
    case 'percentage':
      return {
        value: Number(attributes['office:value']),
        ...formula,
        ...(type === 'percentage' ? { format: '0.00%' } : {}),
      };
    case 'boolean':
      return { value: attributes['office:boolean-value'] === 'true', ...formula };
    case 'date':
      return { value: dayOf(attributes['office:date-value'] ?? ''), ...formula };
    default: {
      if (text === '' && typed === undefined) return undefined;
      const error =
        /^(Err:\d+|#.*)$/.test(text) && typed !== undefined ? (isErrorText(text) ? text : '#VALUE!') : undefined;
      return { value: error ?? text, ...formula };
    }
  }
}

/** A date as the number worksheets count it by. */
function dayOf(iso: string): number | null {
  const time = Date.parse(`${iso.slice(0, 10)}T00:00:00Z`);
  return Number.isNaN(time) ? null : (time - Date.UTC(1899, 11, 30)) / 86_400_000;
}
