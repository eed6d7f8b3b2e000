/** Formulas on a PDF page: outlines with their words beside, broken at a sign of equality where one is longer than the line. */

import type { PaperText } from '@hardy-sextant/core';
import type { FormulaDrawn, SetFormula } from './formula.ts';
import { INK, MARGIN, TEXT_SIZE, type PdfPage, type Run } from './pdfPage.ts';

type Element = PDFKit.PDFStructureElement;

/** No formula is made smaller than this. */
const LEAST_SCALE = 0.5;
const INDENT = 18;
const BETWEEN = 5;

interface Line {
  readonly set: SetFormula;
  readonly size: number;
  readonly indent: number;
}

/** A formula in lines that fit, the later ones set in; nothing where it cannot be read. */
function linesOf(page: PdfPage, tex: string): readonly Line[] | undefined {
  const room = page.width - INDENT;
  const whole = page.formula(tex, true);
  if (!whole) return undefined;
  if (whole.drawn.width * TEXT_SIZE <= room) return [{ set: whole, size: TEXT_SIZE, indent: INDENT }];
  const pieces = partedAtEquals(tex).flatMap((piece, at) => {
    const set = page.formula(at === 0 ? piece : `{} = ${piece}`, true);
    return set ? [set] : [];
  });
  return pieces.map((set, at) => {
    const indent = at === 0 ? INDENT : 2 * INDENT;
    const most = (page.width - indent) / set.drawn.width;
    return { set, size: Math.max(TEXT_SIZE * LEAST_SCALE, Math.min(TEXT_SIZE, most)), indent };
  });
}

/** `a = {b = c} = d` is parted into `a`, `{b = c}`, `d`: only where no bracket is open. The first two stay together. */
function partedAtEquals(tex: string): string[] {
  const pieces: string[] = [];
  let depth = 0;
  let from = 0;
  for (let at = 0; at < tex.length; at += 1) {
    const letter = tex[at];
    if (letter === '{' || tex.startsWith('\\left', at) || tex.startsWith('\\begin', at)) depth += 1;
    if (letter === '}' || tex.startsWith('\\right', at) || tex.startsWith('\\end', at)) depth -= 1;
    if (letter !== '=' || depth > 0) continue;
    pieces.push(tex.slice(from, at));
    from = at + 1;
  }
  pieces.push(tex.slice(from));
  const [first = '', second, ...rest] = pieces;
  return second === undefined ? [first] : [`${first} = ${second}`, ...rest];
}

export function formulaHeight(page: PdfPage, tex: string): number {
  const lines = linesOf(page, tex);
  if (!lines) return page.heightOf([{ text: tex }]) + BETWEEN;
  return lines.reduce((sum, { set: { drawn }, size }) => sum + (drawn.ascent + drawn.descent) * size + BETWEEN, 0);
}

export function drawFormula(page: PdfPage, tex: string, section: Element): void {
  const { doc } = page;
  const lines = linesOf(page, tex);
  const element = doc.struct('Formula', { alt: lines ? (page.formula(tex, true)?.says ?? tex) : tex });
  section.add(element);
  element.add(() => {
    if (!lines) return page.write([{ text: tex, italic: true }]);
    for (const { set, size, indent } of lines) {
      outline(page, set.drawn, MARGIN + indent, doc.y + set.drawn.ascent * size, size);
      doc.y += (set.drawn.ascent + set.drawn.descent) * size + BETWEEN;
    }
  });
  element.end();
}

/** Draws outlines so that their letters stand on `y`. */
function outline({ doc }: PdfPage, { shapes }: FormulaDrawn, x: number, y: number, size: number): void {
  const scale = size / 1000;
  for (const shape of shapes) {
    doc.save();
    doc.transform(shape.across * scale, 0, 0, shape.down * scale, x + shape.x * scale, y + shape.y * scale);
    if ('path' in shape) {
      if (shape.path !== '') doc.path(shape.path).fill(INK);
    } else if ('text' in shape) {
      doc
        .font('other')
        .fontSize(1000)
        .fillColor(INK)
        .text(shape.text, 0, 0, { lineBreak: false, baseline: 'alphabetic' });
    } else doc.rect(0, 0, shape.width, shape.height).fill(INK);
    doc.restore();
  }
}

/** A word, a space or a formula within a paragraph. */
type Atom = { readonly width: number; readonly space: boolean } & (
  { readonly run: Run } | { readonly set: SetFormula; readonly tex: string }
);

const LINE_HEIGHT = 1.35;

/** Greedy lines of a paragraph that has formulas in it. */
function mixedLines(page: PdfPage, pieces: readonly PaperText[], width: number, size: number): Atom[][] {
  const atoms = pieces.flatMap((piece): Atom[] => {
    const set = piece.tex === undefined ? undefined : page.formula(piece.tex, false);
    if (set && piece.tex !== undefined)
      return [{ set, tex: piece.tex, width: Math.min(width, set.drawn.width * size), space: false }];
    return page.runs(piece).flatMap((run) =>
      (run.text.match(/[ \n]+|[^ \n]+/g) ?? []).map((text) => ({
        run: { ...run, text: text.replaceAll('\n', ' ') },
        width: page.widthOf(text, run.font, size),
        space: /^[ \n]/.test(text),
      })),
    );
  });
  const lines: Atom[][] = [[]];
  let used = 0;
  for (const atom of atoms) {
    if (used + atom.width > width && used > 0) {
      if (atom.space) continue;
      lines.push([]);
      used = 0;
    }
    if (atom.space && used === 0) continue;
    lines.at(-1)!.push(atom);
    used += atom.width;
  }
  return lines;
}

const heightsOf = (line: readonly Atom[], size: number): { readonly up: number; readonly down: number } => ({
  up: Math.max(size * 0.95, ...line.map((atom) => ('set' in atom ? atom.set.drawn.ascent * size + 2 : 0))),
  down: Math.max(
    size * (LINE_HEIGHT - 0.95),
    ...line.map((atom) => ('set' in atom ? atom.set.drawn.descent * size + 3 : 0)),
  ),
});

export function mixedHeight(page: PdfPage, pieces: readonly PaperText[], width: number, size: number): number {
  return mixedLines(page, pieces, width, size).reduce((sum, line) => {
    const { up, down } = heightsOf(line, size);
    return sum + up + down;
  }, 0);
}

/** A paragraph with formulas among its words, each tagged with what it says. */
export function drawMixed(
  page: PdfPage,
  pieces: readonly PaperText[],
  { x, width, size }: { readonly x: number; readonly width: number; readonly size: number },
  parent: Element,
): void {
  const { doc } = page;
  for (const line of mixedLines(page, pieces, width, size)) {
    const { up, down } = heightsOf(line, size);
    const baseline = doc.y + up;
    let at = x;
    for (const atom of line) {
      const own = at;
      if ('set' in atom) {
        const element = doc.struct('Formula', { alt: atom.set.says });
        parent.add(element);
        element.add(() => outline(page, atom.set.drawn, own, baseline, size));
        element.end();
      } else
        parent.add(() => {
          doc.font(atom.run.font).fontSize(size).fillColor(INK);
          doc.text(atom.run.text, own, baseline, { lineBreak: false, baseline: 'alphabetic' });
        });
      at += atom.width;
    }
    doc.y = baseline + down;
  }
  doc.x = MARGIN;
}
