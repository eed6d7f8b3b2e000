/** A workbook as an OpenDocument spreadsheet: values, formulas as OpenFormula writes them, names, number formats, widths. */

import type { Cell, CellValue, Workbook, Worksheet } from 'exceljs';
import { strToU8, zipSync } from 'fflate';
import type { FileKind } from './format.ts';
import { xmlText } from './xmlTree.ts';

export const ODS = 'application/vnd.oasis.opendocument.spreadsheet';

const NAMESPACES = [
  'office="urn:oasis:names:tc:opendocument:xmlns:office:1.0"',
  'table="urn:oasis:names:tc:opendocument:xmlns:table:1.0"',
  'text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"',
  'style="urn:oasis:names:tc:opendocument:xmlns:style:1.0"',
  'number="urn:oasis:names:tc:opendocument:xmlns:datastyle:1.0"',
  'fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0"',
  'of="urn:oasis:names:tc:opendocument:xmlns:of:1.2"',
]
  .map((each) => `xmlns:${each}`)
  .join(' ');

const MANIFEST = `<?xml version="1.0" encoding="UTF-8"?>
<manifest:manifest xmlns:manifest="urn:oasis:names:tc:opendocument:xmlns:manifest:1.0" manifest:version="1.2">
<manifest:file-entry manifest:full-path="/" manifest:version="1.2" manifest:media-type="${ODS}"/>
<manifest:file-entry manifest:full-path="content.xml" manifest:media-type="text/xml"/>
</manifest:manifest>
`;

/** @returns the bytes of the file */
export function odsOf(book: Workbook): Uint8Array {
  const styles = new Styles();
  const sheets = book.worksheets.map((page) => sheetXml(page, styles));
  const names = (book.definedNames.model ?? []).flatMap(({ name, ranges }) =>
    ranges[0] === undefined
      ? []
      : [
          `<table:named-range table:name="${xmlText(name)}" table:base-cell-address="${xmlText(reference(ranges[0]).slice(1, -1))}" table:cell-range-address="${xmlText(reference(ranges[0]).slice(1, -1))}"/>`,
        ],
  );
  const named = names.length === 0 ? '' : `<table:named-expressions>${names.join('')}</table:named-expressions>`;
  const content = `<?xml version="1.0" encoding="UTF-8"?>
<office:document-content ${NAMESPACES} office:version="1.2">
<office:automatic-styles>${styles.xml()}</office:automatic-styles>
<office:body><office:spreadsheet>${sheets.join('')}${named}</office:spreadsheet></office:body>
</office:document-content>
`;
  return zipSync({
    // First and unpacked, so that the kind of file is seen from its first bytes.
    mimetype: [strToU8(ODS), { level: 0 }],
    'content.xml': strToU8(content),
    'META-INF/manifest.xml': strToU8(MANIFEST),
  });
}

function sheetXml(page: Worksheet, styles: Styles): string {
  const columns = Array.from({ length: page.columnCount }, (_, at) => {
    const { width = 12 } = page.getColumn(at + 1);
    return `<table:table-column table:style-name="${styles.column(width)}"/>`;
  });
  const rows = Array.from({ length: page.rowCount }, (_, at) => {
    const row = page.getRow(at + 1);
    const cells = Array.from({ length: page.columnCount }, (_cell, column) => cellXml(row.getCell(column + 1), styles));
    return `<table:table-row>${cells.join('')}</table:table-row>`;
  });
  return `<table:table table:name="${xmlText(page.name)}">${columns.join('')}${rows.join('')}</table:table>`;
}

function cellXml(cell: Cell, styles: Styles): string {
  const { value, numFmt } = cell;
  const style = styles.cell(cell);
  const styled = style === undefined ? '' : ` table:style-name="${style}"`;
  const isFormula = typeof value === 'object' && value !== null && 'formula' in value;
  const formula = isFormula ? ` table:formula="${xmlText(openFormula(value.formula ?? ''))}"` : '';
  const shown: CellValue = isFormula ? ((value.result ?? null) as CellValue) : value;
  if (typeof shown === 'number') {
    const type = numFmt?.includes('%') ? 'percentage' : 'float';
    return `<table:table-cell${styled}${formula} office:value-type="${type}" office:value="${shown}"/>`;
  }
  if (typeof shown === 'boolean')
    return `<table:table-cell${styled}${formula} office:value-type="boolean" office:boolean-value="${shown}"/>`;
  if (shown instanceof Date)
    return `<table:table-cell${styled}${formula} office:value-type="date" office:date-value="${shown.toISOString().slice(0, 10)}"/>`;
  const text = typeof shown === 'string' ? shown : shown === null || shown === undefined ? '' : cell.text;
  if (text === '' && !isFormula) return `<table:table-cell${styled}/>`;
  const lines = text.split('\n').map((line) => `<text:p>${xmlText(line)}</text:p>`);
  return `<table:table-cell${styled}${formula} office:value-type="string">${lines.join('')}</table:table-cell>`;
}

/** `ROUND(B3*Data!$B$4,2)` as `of:=ROUND([.B3]*[$Data.$B$4];2)`. */
export function openFormula(formula: string): string {
  const parts = formula.replace(/^=/, '').split(/("(?:[^"]|"")*")/);
  const written = parts.map((part) =>
    part.startsWith('"')
      ? part
      : part
          .replaceAll(',', ';')
          .replace(
            /((?:'[^']+'|[A-Za-z_][\w.]*)!)?(\$?[A-Z]{1,3}\$?\d+)(?::(\$?[A-Z]{1,3}\$?\d+))?(?![\w(.])/g,
            (whole: string, _sheet, _first, _last, at: number, all: string) =>
              /[\w.]/.test(all[at - 1] ?? '') ? whole : reference(whole),
          ),
  );
  return `of:=${written.join('')}`;
}

/** `Data!$B$4:$B$9` as `[$Data.$B$4:.$B$9]`. */
function reference(text: string): string {
  const [, sheet = '', first = '', last] = /^(?:('[^']+'|[^!]+)!)?([^:]+)(?::(.+))?$/.exec(text) ?? [];
  const place = sheet === '' ? '' : `$${sheet}`;
  return `[${place}.${first}${last === undefined ? '' : `:.${last}`}]`;
}

/** Styles that cells and columns share, each written once. */
class Styles {
  readonly #widths = new Map<number, string>();
  readonly #cells = new Map<string, { readonly name: string; readonly xml: string }>();
  readonly #numbers = new Map<string, { readonly name: string; readonly xml: string }>();

  column(width: number): string {
    let name = this.#widths.get(width);
    if (name === undefined) this.#widths.set(width, (name = `co${this.#widths.size + 1}`));
    return name;
  }

  cell({ numFmt, font, fill }: Cell): string | undefined {
    const bold = font?.bold === true;
    const tint = fill?.type === 'pattern' && fill.pattern === 'solid' ? fill.fgColor?.argb?.slice(2) : undefined;
    const number = numFmt && numFmt !== 'General' && numFmt !== '@' ? this.#number(numFmt) : undefined;
    if (!bold && tint === undefined && number === undefined) return undefined;
    const key = `${bold} ${tint} ${number}`;
    let known = this.#cells.get(key);
    if (!known) {
      const name = `ce${this.#cells.size + 1}`;
      const cellProperties = tint === undefined ? '' : `<style:table-cell-properties fo:background-color="#${tint}"/>`;
      const textProperties = bold ? '<style:text-properties fo:font-weight="bold"/>' : '';
      const data = number === undefined ? '' : ` style:data-style-name="${number}"`;
      const xml = `<style:style style:name="${name}" style:family="table-cell"${data}>${cellProperties}${textProperties}</style:style>`;
      this.#cells.set(key, (known = { name, xml }));
    }
    return known.name;
  }

  #number(format: string): string {
    let known = this.#numbers.get(format);
    if (!known) {
      const name = `nu${this.#numbers.size + 1}`;
      const decimals = /\.([0#]+)/.exec(format)?.[1] ?? '';
      const least = decimals.replaceAll('#', '').length;
      const grouped = format.includes(',') ? ' number:grouping="true"' : '';
      const number = `<number:number number:decimal-places="${decimals.length}" number:min-decimal-places="${least}" number:min-integer-digits="1"${grouped}/>`;
      const xml = format.includes('%')
        ? `<number:percentage-style style:name="${name}">${number}<number:text>%</number:text></number:percentage-style>`
        : `<number:number-style style:name="${name}">${number}</number:number-style>`;
      this.#numbers.set(format, (known = { name, xml }));
    }
    return known.name;
  }

  xml(): string {
    const widths = [...this.#widths].map(
      ([width, name]) =>
        `<style:style style:name="${name}" style:family="table-column"><style:table-column-properties xmlns:style="urn:oasis:names:tc:opendocument:xmlns:style:1.0" style:column-width="${(width * 0.19).toFixed(2)}cm"/></style:style>`,
    );
    return [...widths, ...[...this.#numbers.values(), ...this.#cells.values()].map(({ xml }) => xml)].join('');
  }
}

/** What an OpenDocument spreadsheet is, for formats that write one. */
export const odsKind = { type: ODS, ending: 'ods' } satisfies Pick<FileKind, 'type' | 'ending'>;
