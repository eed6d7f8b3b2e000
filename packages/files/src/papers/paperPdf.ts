/** A paper as PDF: real text in its own fonts, tagged, with bookmarks and page numbers; nothing that belongs together is parted. */

import type { Paper, PaperSheet } from '@hardy-sextant/core';
import type { FileKind } from '../format.ts';
import { formulaSetter } from './formula.ts';
import { drawBlock, unspoken } from './pdfBlocks.ts';
import { MARGIN, PdfPage, SOFT, type FontName, type PaperFonts } from './pdfPage.ts';

export const paperSizes = ['A4', 'Letter'] as const;
export type PaperSize = (typeof paperSizes)[number];

export interface PdfForm {
  readonly size: PaperSize;
  readonly fonts: PaperFonts;
  /** How many sheets are done. */
  readonly onSheet?: ((done: number) => void) | undefined;
}

const PDF = 'application/pdf';

const hasFormula = (sheets: readonly PaperSheet[]): boolean => JSON.stringify(sheets).includes('"tex":');

/** @returns the bytes of the file */
export async function paperPdf({ title, sheets }: Paper, { size, fonts, onSheet }: PdfForm): Promise<Uint8Array> {
  const [{ default: PDFDocument }, { create }, { create: encode }] = await Promise.all([
    import('pdfkit'),
    import('fontkit'),
    import('qrcode'),
  ]);
  const squaresOf = (link: string): Squares => encode(link).modules;
  const formula = hasFormula(sheets) ? await formulaSetter() : () => undefined;
  const doc = new PDFDocument({
    size: size === 'A4' ? 'A4' : 'LETTER',
    margin: MARGIN,
    pdfVersion: '1.7',
    tagged: true,
    lang: 'en',
    displayTitle: true,
    bufferPages: true,
    info: { Title: title },
    // Its own standard fonts are left out.
    font: fonts.text as unknown as string,
  });
  const chunks: Uint8Array[] = [];
  const ended = new Promise<void>((done, failed) => {
    doc.on('data', (chunk: Uint8Array) => chunks.push(chunk));
    doc.on('end', () => done());
    doc.on('error', failed);
  });
  for (const [name, bytes] of Object.entries(fonts)) doc.registerFont(name, bytes as Buffer);
  const page = new PdfPage(doc, lettersOf(create(fonts.text as Buffer)), formula);
  for (const [at, sheet] of sheets.entries()) {
    if (at > 0) doc.addPage();
    drawSheet(page, title, sheet, sheet.link === undefined ? undefined : squaresOf(sheet.link));
    onSheet?.(at + 1);
    // So that what is asked meanwhile is heard.
    await Promise.resolve();
  }
  doc.end();
  await ended;
  return joined(chunks);
}

interface Letters {
  readonly hasGlyphForCodePoint: (code: number) => boolean;
}

/** Whether a font has a letter, looked up once each. */
function lettersOf(font: unknown): (letter: string) => boolean {
  const { hasGlyphForCodePoint } = font as Letters;
  const known = new Map<string, boolean>();
  return (letter) => {
    let has = known.get(letter);
    if (has === undefined) known.set(letter, (has = hasGlyphForCodePoint.call(font, letter.codePointAt(0) ?? 0)));
    return has;
  };
}

/** A picture that a phone reads: dark squares of so many a side. */
interface Squares {
  readonly size: number;
  readonly data: Uint8Array;
}

function drawSheet(page: PdfPage, title: string, sheet: PaperSheet, squares: Squares | undefined): void {
  const { doc } = page;
  const first = doc.bufferedPageRange().start + doc.bufferedPageRange().count - 1;
  doc.outline.addItem(sheet.who ?? title);
  const section = doc.struct('Sect', { title: sheet.who ?? title });
  doc.addStructure(section);
  for (const block of sheet.blocks) drawBlock(page, block, section);
  section.end();
  const { start, count } = doc.bufferedPageRange();
  const last = start + count - 1;
  for (let at = first; at <= last; at += 1) {
    doc.switchToPage(at);
    unspoken(page, () => {
      footOf(page, sheet, at - first + 1, last - first + 1);
      if (squares && at === first) drawSquares(page, squares);
    });
  }
  doc.flushPages();
}

/** In the corner above the text, so that nothing has to make room. */
const CORNER = 44;
function drawSquares({ doc }: PdfPage, { size, data }: Squares): void {
  const [left, top, step] = [doc.page.width - MARGIN - CORNER, MARGIN - CORNER - 4, CORNER / size];
  data.forEach((dark, at) => {
    if (dark) doc.rect(left + (at % size) * step, top + Math.floor(at / size) * step, step, step);
  });
  doc.fill('#000000');
}

/** "Ulla Kamau, K-2115 · K7QM-2XD · sextant.college.test/in" and "page 2 of 3". */
function footOf(page: PdfPage, { who, code, link }: PaperSheet, at: number, of: number): void {
  const { doc } = page;
  const y = doc.page.height - MARGIN + 8;
  // Below the margin a page would be added.
  const margin = doc.page.margins.bottom;
  doc.page.margins.bottom = 0;
  doc.fontSize(8.5).fillColor(SOFT);
  const where = link?.replace(/^https?:\/\//, '').replace(/#.*$/, '');
  const known = [who, code, where].filter((each) => each !== undefined).join(' · ');
  const isOther = page.runs({ text: known }).some(({ font }) => font === 'other');
  doc
    .font(isOther ? 'other' : 'text')
    .text(known, MARGIN, y, { width: page.width - 90, lineBreak: false, ellipsis: true, height: 11 });
  doc.font('text').text(`page ${at} of ${of}`, MARGIN, y, { width: page.width, align: 'right', lineBreak: false });
  doc.page.margins.bottom = margin;
}

function joined(chunks: readonly Uint8Array[]): Uint8Array {
  const whole = new Uint8Array(chunks.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const chunk of chunks) {
    whole.set(chunk, at);
    at += chunk.length;
  }
  return whole;
}

/** Font files fetched from where they are. */
export async function fontFiles(urls: Readonly<Record<FontName, string>>): Promise<PaperFonts> {
  const bytes = async (url: string) => new Uint8Array(await (await fetch(url)).arrayBuffer());
  const [text, strong, italic, other] = await Promise.all([
    bytes(urls.text),
    bytes(urls.strong),
    bytes(urls.italic),
    bytes(urls.other),
  ]);
  return { text, strong, italic, other };
}

export const paperAsPdf = {
  id: 'paper-pdf',
  name: 'a paper as PDF',
  type: PDF,
  ending: 'pdf',
  writes: paperPdf,
} satisfies FileKind & Record<string, unknown>;
