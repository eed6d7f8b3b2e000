/** Blocks of a paper on PDF pages: each measured, then drawn, tagged for what it is. */

import type { PaperBlock, PaperText } from '@hardy-sextant/core';
import { drawTable, tableHeight } from './pdfTable.ts';
import { drawFormula, drawMixed, formulaHeight, mixedHeight } from './pdfFormula.ts';
import { INK, LINE, MARGIN, SOFT, TEXT_SIZE, type PdfPage } from './pdfPage.ts';

type Element = PDFKit.PDFStructureElement;
type Block<K extends PaperBlock['kind']> = Extract<PaperBlock, { kind: K }>;

const HEAD_SIZES = { 1: 20, 2: 14, 3: 12 } as const;
const BESIDE_WIDTH = 60;
const SOFT_SIZE = 9.5;
const BOX = 26;
const ITEM_INDENT = 18;
const MILLIMETRE = 72 / 25.4;
/** Between blocks. */
const GAP = 6;

/** The height of a block with what stands below it. */
export function heightOf(page: PdfPage, block: PaperBlock): number {
  switch (block.kind) {
    case 'heading':
      return (
        page.heightOf([{ text: block.text, strong: true }], { size: HEAD_SIZES[block.level] }) +
        GAP +
        (block.level === 2 ? 8 : 0)
      );
    case 'text': {
      const width = block.beside === undefined ? page.width : page.width - BESIDE_WIDTH;
      if (hasFormula(block.pieces)) return mixedHeight(page, block.pieces, width, TEXT_SIZE) + GAP;
      return page.heightOf(block.pieces, { width, ...(block.soft ? { size: SOFT_SIZE } : {}) }) + GAP;
    }
    case 'formula':
      return formulaHeight(page, block.tex) + GAP;
    case 'list':
      return block.items.reduce((sum, item) => sum + itemHeight(page, item) + 2, GAP);
    case 'table':
      return tableHeight(page, block) + GAP * 2;
    case 'fields':
      return (
        Math.max(...block.fields.map(({ value }) => page.heightOf([{ text: value }], { width: page.width / 2 - 60 }))) +
        GAP * 3
      );
    case 'boxes':
      return BOX + GAP * 2;
    case 'room':
      return block.height * MILLIMETRE;
    case 'together':
      return block.blocks.reduce((sum, each) => sum + heightOf(page, each), 0);
  }
}

const hasFormula = (pieces: readonly PaperText[]): boolean => pieces.some(({ tex }) => tex !== undefined);

const itemHeight = (page: PdfPage, item: readonly PaperText[]): number =>
  hasFormula(item)
    ? mixedHeight(page, item, page.width - ITEM_INDENT, TEXT_SIZE)
    : page.heightOf(item, { width: page.width - ITEM_INDENT });

/** Draws a block from the pen on; what does not fit begins a page. */
export function drawBlock(page: PdfPage, block: PaperBlock, section: Element): void {
  if (block.kind === 'together') {
    page.ensure(heightOf(page, block));
    for (const each of block.blocks) drawBlock(page, each, section);
    return;
  }
  if (block.kind !== 'table') page.ensure(heightOf(page, block));
  switch (block.kind) {
    case 'heading':
      return drawHeading(page, block, section);
    case 'text':
      return drawText(page, block, section);
    case 'formula':
      drawFormula(page, block.tex, section);
      page.doc.y += GAP;
      return;
    case 'list':
      return drawList(page, block, section);
    case 'table':
      drawTable(page, block, section);
      page.doc.y += GAP * 2;
      return;
    case 'fields':
      return drawFields(page, block, section);
    case 'boxes':
      return drawBoxes(page, block, section);
    case 'room':
      // A page that ends within it goes on at the next one without more.
      page.doc.y = Math.min(page.doc.y + block.height * MILLIMETRE, page.bottom);
  }
}

/** Adds what is drawn to the structure of the document. */
export function tagged(page: PdfPage, type: string, parent: Element, draw: () => void): void {
  const element = page.doc.struct(type, {}, draw);
  parent.add(element);
  element.end();
}

/** What has no meaning of its own: lines, boxes, page numbers. */
export function unspoken(page: PdfPage, draw: () => void): void {
  page.doc.markContent('Artifact', { type: 'Layout' });
  draw();
  page.doc.endMarkedContent();
}

function drawHeading(page: PdfPage, { level, text }: Block<'heading'>, section: Element): void {
  if (level === 2) page.doc.y += 8;
  tagged(page, `H${level}`, section, () => page.write([{ text, strong: true }], { size: HEAD_SIZES[level] }));
  page.doc.y += GAP;
}

function drawText(page: PdfPage, { pieces, beside, soft }: Block<'text'>, section: Element): void {
  const { doc } = page;
  const top = doc.y;
  const width = beside === undefined ? page.width : page.width - BESIDE_WIDTH;
  const paragraph = doc.struct('P');
  section.add(paragraph);
  if (hasFormula(pieces)) drawMixed(page, pieces, { x: MARGIN, width, size: TEXT_SIZE }, paragraph);
  else paragraph.add(() => page.write(pieces, { width, ...(soft ? { size: SOFT_SIZE, colour: SOFT } : {}) }));
  if (beside !== undefined) {
    const bottom = doc.y;
    paragraph.add(() => {
      doc.font('text').fontSize(SOFT_SIZE).fillColor(SOFT);
      doc.text(beside, MARGIN + page.width - BESIDE_WIDTH, top + 1, { width: BESIDE_WIDTH, align: 'right' });
    });
    doc.x = MARGIN;
    doc.y = bottom;
  }
  paragraph.end();
  doc.y += GAP;
}

function drawList(page: PdfPage, { items, ordered }: Block<'list'>, section: Element): void {
  const list = page.doc.struct('L');
  section.add(list);
  for (const [at, item] of items.entries()) {
    const entry = page.doc.struct('LI');
    list.add(entry);
    const top = page.doc.y;
    const x = MARGIN + ITEM_INDENT;
    const width = page.width - ITEM_INDENT;
    entry.add(() => page.write([{ text: ordered ? `${at + 1}.` : '•' }], { width: ITEM_INDENT }));
    page.doc.y = top;
    if (hasFormula(item)) drawMixed(page, item, { x, width, size: TEXT_SIZE }, entry);
    else entry.add(() => page.write(item, { x, width }));
    entry.end();
    page.doc.y += 2;
  }
  list.end();
  page.doc.y += GAP;
}

/** Side by side; a line to write on where nothing is known. */
function drawFields(page: PdfPage, { fields }: Block<'fields'>, section: Element): void {
  const { doc } = page;
  const top = doc.y + GAP;
  const width = page.width / fields.length;
  let bottom = top;
  for (const [at, { label, value }] of fields.entries()) {
    const x = MARGIN + at * width;
    doc.y = top;
    tagged(page, 'P', section, () => {
      const pieces: PaperText[] = [{ text: `${label}  ` }, { text: value, strong: true }];
      page.write(value === '' ? [{ text: label }] : pieces, { x, width: width - 12 });
    });
    bottom = Math.max(bottom, doc.y);
    if (value === '')
      unspoken(page, () => {
        doc
          .moveTo(x + 52, top + 14)
          .lineTo(x + width - 16, top + 14)
          .lineWidth(0.7)
          .stroke(LINE);
      });
  }
  doc.y = bottom + GAP * 2;
}

function drawBoxes(page: PdfPage, { labels }: Block<'boxes'>, section: Element): void {
  const { doc } = page;
  const top = doc.y;
  const width = labels.length === 1 ? 200 : (page.width - 6 * (labels.length - 1)) / labels.length;
  const begin = labels.length === 1 ? MARGIN + page.width - width : MARGIN;
  for (const [at, label] of labels.entries()) {
    const x = begin + at * (width + 6);
    unspoken(page, () => {
      doc.rect(x, top, width, BOX).lineWidth(0.8).stroke(INK);
    });
    doc.y = top + 8;
    tagged(page, 'P', section, () =>
      page.write([{ text: label }], { x: x + 5, width: width - 8, size: 8, colour: SOFT }),
    );
  }
  doc.x = MARGIN;
  doc.y = top + BOX + GAP * 2;
}
