/** Formulas in TeX, set by MathJax: as outlines to draw, as a tree for word processors, as words for who cannot see them. */

import type { LiteElement } from 'mathjax-full/js/adaptors/lite/Element.js';
import type { MmlNode } from 'mathjax-full/js/core/MmlTree/MmlNode.js';
import { xmlText } from '../xmlTree.ts';
import { writtenOut } from './outline.ts';

/** What a formula is made of. */
export type FormulaNode =
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'row'; readonly of: readonly FormulaNode[] }
  | { readonly kind: 'fraction'; readonly top: FormulaNode; readonly bottom: FormulaNode }
  | { readonly kind: 'scripts'; readonly base: FormulaNode; readonly low?: FormulaNode; readonly high?: FormulaNode }
  | { readonly kind: 'root'; readonly of: FormulaNode; readonly degree?: FormulaNode };

/** Scaled, then moved; 1000 units are the height of the letters. */
interface Place {
  readonly x: number;
  readonly y: number;
  readonly across: number;
  readonly down: number;
}

export type FormulaShape = Place &
  ({ readonly path: string } | { readonly width: number; readonly height: number } | { readonly text: string });

/** Outlines, in parts of the height of the letters; y counts down from the line the letters stand on. */
export interface FormulaDrawn {
  readonly width: number;
  readonly ascent: number;
  readonly descent: number;
  readonly shapes: readonly FormulaShape[];
}

export interface SetFormula {
  readonly drawn: FormulaDrawn;
  readonly tree: FormulaNode;
  readonly says: string;
  /** For documents that take it; its TeX stands beside as an annotation. */
  readonly mathml: string;
}

/** Sets a formula; nothing where its TeX cannot be read. */
export type FormulaSetter = (tex: string, display?: boolean) => SetFormula | undefined;

let loading: Promise<FormulaSetter> | undefined;

/** Loads what sets formulas, once. */
export function formulaSetter(): Promise<FormulaSetter> {
  return (loading ??= load());
}

async function load(): Promise<FormulaSetter> {
  const [{ mathjax }, { TeX }, { SVG }, { liteAdaptor }, { RegisterHTMLHandler }, { STATE }, mathml] =
    await Promise.all([
      import('mathjax-full/js/mathjax.js'),
      import('mathjax-full/js/input/tex.js'),
      import('mathjax-full/js/output/svg.js'),
      import('mathjax-full/js/adaptors/liteAdaptor.js'),
      import('mathjax-full/js/handlers/html.js'),
      import('mathjax-full/js/core/MathItem.js'),
      import('mathjax-full/js/core/MmlTree/SerializedMmlVisitor.js'),
      import('mathjax-full/js/input/tex/ams/AmsConfiguration.js'),
    ]);
  RegisterHTMLHandler(liteAdaptor());
  const document = mathjax.document('', {
    InputJax: new TeX({ packages: ['base', 'ams'] }),
    OutputJax: new SVG({ fontCache: 'none' }),
  });
  const serializer = new mathml.SerializedMmlVisitor();
  const known = new Map<string, SetFormula | undefined>();
  const set = (tex: string, display: boolean): SetFormula | undefined => {
    const root = document.convert(tex, { display, end: STATE.CONVERT }) as MmlNode;
    const tree = treeOf(root);
    if (!tree) return undefined;
    const container = document.convert(tex, { display }) as LiteElement;
    const drawn = drawnOf(container.children[0] as LiteElement);
    return { drawn, tree, says: inWords(tree), mathml: withTex(serializer.visitTree(root), tex) };
  };
  return (tex, display = true) => {
    const name = `${display} ${tex}`;
    if (!known.has(name)) known.set(name, set(tex, display));
    return known.get(name);
  };
}

/** MathML with what it was written as. */
function withTex(mathml: string, tex: string): string {
  const [, open = '<math>', inner = ''] = /^(<math[^>]*>)([\s\S]*)<\/math>$/.exec(mathml.trim()) ?? [];
  const note = `<annotation encoding="application/x-tex">${xmlText(tex)}</annotation>`;
  return `${open}<semantics><mrow>${inner.trim()}</mrow>${note}</semantics></math>`;
}

const rowKinds = new Set(['math', 'mrow', 'inferredMrow', 'TeXAtom', 'mstyle', 'mpadded', 'mphantom', 'menclose']);
const textKinds = new Set(['mi', 'mn', 'mo', 'mtext', 'ms']);
const scriptKinds: Readonly<Record<string, 'low' | 'high' | 'both'>> = {
  msub: 'low',
  munder: 'low',
  msup: 'high',
  mover: 'high',
  msubsup: 'both',
  munderover: 'both',
};

function treeOf(node: MmlNode): FormulaNode | undefined {
  const { kind } = node;
  const children = (node.childNodes as MmlNode[]).filter((child) => child !== null);
  if (kind === 'merror') return undefined;
  if (textKinds.has(kind)) return { kind: 'text', text: textOf(node) };
  if (kind === 'mspace') return { kind: 'text', text: ' ' };
  const parts: FormulaNode[] = [];
  for (const child of children) {
    const part = treeOf(child);
    if (!part) return undefined;
    parts.push(part);
  }
  const [one, two, three] = parts;
  if (kind === 'mfrac' && one && two) return { kind: 'fraction', top: one, bottom: two };
  if (kind === 'msqrt' && one) return { kind: 'root', of: one };
  if (kind === 'mroot' && one && two) return { kind: 'root', of: one, degree: two };
  const scripts = scriptKinds[kind];
  if (scripts && one) {
    if (scripts === 'both')
      return { kind: 'scripts', base: one, ...(two ? { low: two } : {}), ...(three ? { high: three } : {}) };
    return { kind: 'scripts', base: one, ...(two ? { [scripts]: two } : {}) };
  }
  // Rows of a table stand one after another.
  if (kind === 'mtable')
    return { kind: 'row', of: parts.flatMap((part) => [part, { kind: 'text', text: ' ; ' }] as const).slice(0, -1) };
  if (rowKinds.has(kind) || kind.startsWith('mt')) return parts.length === 1 && one ? one : { kind: 'row', of: parts };
  return { kind: 'row', of: parts };
}

const invisible = /[\u2061-\u2064]/g;
const textOf = (node: MmlNode): string =>
  (node.childNodes as unknown as { text?: string }[])
    .map(({ text = '' }) => text)
    .join('')
    .replace(invisible, '');

/** A formula on one line, as it is said: `P = (A i)/(1 − (1 + i)^(−n))`. */
export function inWords(node: FormulaNode): string {
  return lineOf(node).replace(/\s+/g, ' ').replaceAll('(− ', '(−').trim();
}

function lineOf(node: FormulaNode): string {
  const tight = (each: FormulaNode): string => {
    const line = lineOf(each).trim();
    return /^[\p{L}\p{N}.,’\u00a0]*$/u.test(line) ? line : `(${line})`;
  };
  switch (node.kind) {
    case 'text':
      return /^[=+−×<>≈]$/.test(node.text) || node.text === '-'
        ? ` ${node.text === '-' ? '−' : node.text} `
        : node.text;
    case 'row':
      return node.of.map(lineOf).join('');
    case 'fraction':
      return `${tight(node.top)}/${tight(node.bottom)}`;
    case 'scripts':
      return `${lineOf(node.base)}${node.low ? `_${tight(node.low)}` : ''}${node.high ? `^${tight(node.high)}` : ''}`;
    case 'root':
      return node.degree ? `root ${tight(node.degree)} of ${tight(node.of)}` : `√${tight(node.of)}`;
  }
}

const start: Place = { x: 0, y: 0, across: 1, down: 1 };

function drawnOf(svg: LiteElement): FormulaDrawn {
  const [, top = 0, width = 0, height = 0] = numbersIn(attribute(svg, 'viewBox'));
  const shapes: FormulaShape[] = [];
  for (const child of svg.children) gather(child as LiteElement, start, shapes);
  return { width: width / 1000, ascent: -top / 1000, descent: (height + top) / 1000, shapes };
}

const attribute = (element: LiteElement, name: string): string => String(element.attributes[name] ?? '');
const numbersIn = (text: string): number[] => (text.match(/-?\d+(\.\d+)?(e-?\d+)?/g) ?? []).map(Number);

/** Every outline with the place it comes to. */
function gather(element: LiteElement, from: Place, shapes: FormulaShape[]): void {
  const at = placed(element, from);
  switch (element.kind) {
    case 'path':
      shapes.push({ ...at, path: writtenOut(attribute(element, 'd')) });
      return;
    case 'rect': {
      const side = (name: string): number => Number(attribute(element, name)) || 0;
      const corner = moved(at, side('x'), side('y'));
      shapes.push({ ...corner, width: side('width'), height: side('height') });
      return;
    }
    case 'text': {
      const letters = element.children.map((child) => ('value' in child ? String(child.value) : '')).join('');
      const size = numbersIn(attribute(element, 'font-size'))[0] ?? 1000;
      shapes.push({ ...at, across: (at.across * size) / 1000, down: (at.down * size) / 1000, text: letters });
      return;
    }
    default:
      for (const child of element.children) if ('children' in child) gather(child, at, shapes);
  }
}

const moved = ({ x, y, across, down }: Place, right: number, below: number): Place => ({
  x: x + across * right,
  y: y + down * below,
  across,
  down,
});

/** Where an element with its own moves and scales stands. */
function placed(element: LiteElement, from: Place): Place {
  let at = from;
  for (const [, what, said = ''] of attribute(element, 'transform').matchAll(/(translate|scale)\s*\(([^)]*)\)/g)) {
    const [one = 0, two] = numbersIn(said);
    if (what === 'translate') at = moved(at, one, two ?? 0);
    else at = { ...at, across: at.across * one, down: at.down * (two ?? one) };
  }
  // A piece of a stretched sign stands in a picture of its own.
  if (element.kind === 'svg') {
    const side = (name: string): number => Number(attribute(element, name)) || 0;
    const [left = 0, top = 0, width = 0, height = 0] = numbersIn(attribute(element, 'viewBox'));
    at = moved(at, side('x'), side('y'));
    if (width > 0 && height > 0 && side('width') > 0)
      at = { ...at, across: (at.across * side('width')) / width, down: (at.down * side('height')) / height };
    at = moved(at, -left, -top);
  }
  return at;
}
