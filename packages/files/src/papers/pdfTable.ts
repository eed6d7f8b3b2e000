/** A table on PDF pages: columns as wide as they need, its head again on each page, no row parted. */

import type { PaperBlock, PaperCell } from '@hardy-sextant/core';
import { INK, LINE, MARGIN, type PdfPage } from './pdfPage.ts';

type Element = PDFKit.PDFStructureElement;
type TableBlock = Extract<PaperBlock, { kind: 'table' }>;

const SIZES = [10, 9, 8, 7] as const;
const PAD = 4;
/** A blank cell is so wide, to be written in; where many stand side by side, there is room for a mark at least. */
const BLANK_WIDTHS = [58, 42, 30, 22] as const;
const BLANK_HEIGHT = 18;

interface Form {
  readonly size: number;
  readonly widths: readonly number[];
}

/** The largest letters with which it fits across; words are wrapped where none does. */
function formOf(page: PdfPage, { head, rows }: TableBlock): Form {
  const lines = [head, ...rows];
  const count = Math.max(...lines.map((cells) => cells.length));
  const natural = (size: number, blankWidth: number): number[] =>
    Array.from({ length: count }, (_, at) =>
      Math.max(
        ...lines.map((cells, line) => {
          const cell = cells[at];
          if (!cell) return 0;
          return cell.blank ? blankWidth : page.widthOf(cell.text, line === 0 ? 'strong' : 'text', size) + 2 * PAD + 1;
        }),
      ),
    );
  const sum = (widths: readonly number[]): number => widths.reduce((all, width) => all + width, 0);
  for (const blankWidth of BLANK_WIDTHS)
    for (const size of SIZES) {
      const widths = natural(size, blankWidth);
      if (sum(widths) <= page.width) return { size, widths };
    }
  const size = SIZES.at(-1)!;
  const widths = natural(size, BLANK_WIDTHS.at(-1)!);
  // What is widest gives way first.
  const most = mostOf(widths, page.width);
  return { size, widths: widths.map((width) => Math.min(width, most)) };
}

/** The width to which the widest columns are cut so that all fit. */
function mostOf(widths: readonly number[], room: number): number {
  const sorted = [...widths].sort((one, other) => one - other);
  let left = room;
  for (const [at, width] of sorted.entries()) {
    const share = left / (sorted.length - at);
    if (width > share) return share;
    left -= width;
  }
  return Infinity;
}

function rowHeight(page: PdfPage, cells: readonly PaperCell[], { size, widths }: Form, strong: boolean): number {
  return Math.max(
    ...cells.map(({ text, blank }, at) =>
      blank
        ? BLANK_HEIGHT
        : page.heightOf([{ text, ...(strong ? { strong: true as const } : {}) }], {
            width: (widths[at] ?? 0) - 2 * PAD,
            size,
          }) + PAD,
    ),
  );
}

export function tableHeight(page: PdfPage, block: TableBlock): number {
  const form = formOf(page, block);
  const head = block.head.length > 0 ? rowHeight(page, block.head, form, true) : 0;
  return block.rows.reduce((sum, cells) => sum + rowHeight(page, cells, form, false), head);
}

export function drawTable(page: PdfPage, block: TableBlock, section: Element): void {
  const form = formOf(page, block);
  const table = page.doc.struct('Table');
  section.add(table);
  const headHeight = block.head.length > 0 ? rowHeight(page, block.head, form, true) : 0;
  const head = (): void => {
    if (block.head.length > 0) drawRow(page, block.head, form, headHeight, table, true);
  };
  page.ensure(Math.min(page.whole, headHeight + BLANK_HEIGHT));
  head();
  for (const cells of block.rows) {
    const height = rowHeight(page, cells, form, false);
    if (height > page.left && page.doc.y > MARGIN + headHeight + 1) {
      page.doc.addPage();
      head();
    }
    drawRow(page, cells, form, height, table, false);
  }
  table.end();
}

function drawRow(
  page: PdfPage,
  cells: readonly PaperCell[],
  { size, widths }: Form,
  height: number,
  table: Element,
  isHead: boolean,
): void {
  const { doc } = page;
  const top = doc.y;
  const row = doc.struct('TR');
  table.add(row);
  let x = MARGIN;
  for (const [at, { text, blank, words }] of cells.entries()) {
    const width = widths[at] ?? 0;
    const own = x;
    const cell = doc.struct(isHead ? 'TH' : 'TD', {}, () => {
      if (text === '') return;
      const isOther = page.runs({ text }).some(({ font }) => font === 'other');
      doc
        .font(isOther ? 'other' : isHead ? 'strong' : 'text')
        .fontSize(size)
        .fillColor(INK);
      doc.text(text, own + PAD, top + PAD, { width: width - 2 * PAD, align: words ? 'left' : 'right', lineGap: 1 });
    });
    row.add(cell);
    cell.end();
    doc.markContent('Artifact', { type: 'Layout' });
    if (blank) doc.rect(own, top, width, height).lineWidth(0.6).stroke(LINE);
    else
      doc
        .moveTo(own, top + height)
        .lineTo(own + width, top + height)
        .lineWidth(isHead ? 0.9 : 0.4)
        .stroke(isHead ? INK : LINE);
    doc.endMarkedContent();
    x += width;
  }
  row.end();
  doc.x = MARGIN;
  doc.y = top + height;
}
