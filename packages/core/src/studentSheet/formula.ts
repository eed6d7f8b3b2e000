/** Formulas of worksheets: read into a tree, written again, and in relative form. Precedence as in OpenFormula 1.2, 5.5. */

import { fail, ok, type Result } from '../result.ts';
import { columnLetters, columnNumber, type ErrorCode } from './cells.ts';

/** A reference as it is written: where it points, and what of it is fixed. */
export interface Ref {
  readonly sheet?: string | undefined;
  readonly row: number;
  readonly column: number;
  readonly rowFixed: boolean;
  readonly columnFixed: boolean;
}

export type Binary = '+' | '-' | '*' | '/' | '^' | '&' | '=' | '<>' | '<' | '>' | '<=' | '>=';

export type Node =
  | { readonly op: 'number'; readonly value: number }
  | { readonly op: 'text'; readonly value: string }
  | { readonly op: 'boolean'; readonly value: boolean }
  | { readonly op: 'error'; readonly code: ErrorCode }
  | { readonly op: 'ref'; readonly ref: Ref }
  | { readonly op: 'range'; readonly from: Ref; readonly to: Ref }
  | { readonly op: 'name'; readonly name: string }
  /** An argument left out between separators is undefined. */
  | { readonly op: 'call'; readonly name: string; readonly args: readonly (Node | undefined)[] }
  | { readonly op: 'minus' | 'plus' | 'percent' | 'brackets'; readonly of: Node }
  | { readonly op: 'binary'; readonly sign: Binary; readonly left: Node; readonly right: Node };

/** Longer formulas, and deeper ones, are left at their stored value. */
export const LONGEST_CELL_FORMULA = 4000;
const DEEPEST = 48;

/** The last row of a range that names columns alone. */
export const LAST_ROW = 20_000;

/**
 * @param text with or without its `=`
 * @returns the tree, or `unreadable` with what cannot be read
 */
export function readFormula(text: string): Result<Node> {
  if (text.length > LONGEST_CELL_FORMULA) return fail('unreadable', 'This formula is too long to be read.');
  try {
    return ok(new Reader(text.replace(/^\s*=/, '').replace(/[−–]/g, '-')).whole());
  } catch (error) {
    return fail('unreadable', error instanceof Error ? error.message : 'This formula cannot be read.');
  }
}

const comparing: readonly Binary[] = ['<>', '<=', '>=', '=', '<', '>'];
const sheetName = String.raw`(?:'((?:[^']|'')+)'|([A-Za-z_\u00c0-\u024f][\w.\u00c0-\u024f]*))!`;
const refPattern = new RegExp(String.raw`^(?:${sheetName})?(\$?)([A-Za-z]{1,3})(\$?)(\d{1,7})(?![\w(.])`);
const columnPattern = new RegExp(String.raw`^(?:${sheetName})?\$?([A-Za-z]{1,3}):\$?([A-Za-z]{1,3})(?![\w(.])`);

/** A formula while it is read, from left to right. */
class Reader {
  #rest: string;
  #depth = 0;

  constructor(text: string) {
    this.#rest = text.trimStart();
  }

  whole(): Node {
    const node = this.#comparison();
    if (this.#rest !== '') throw new Error(`“${this.#rest.slice(0, 12)}” cannot be read here.`);
    return node;
  }

  #takes(sign: string): boolean {
    if (!this.#rest.startsWith(sign)) return false;
    this.#skip(sign.length);
    return true;
  }

  #skip(length: number): void {
    this.#rest = this.#rest.slice(length).trimStart();
  }

  #match(pattern: RegExp): RegExpExecArray | undefined {
    const found = pattern.exec(this.#rest) ?? undefined;
    if (found) this.#skip(found[0].length);
    return found;
  }

  #chain(signs: readonly Binary[], next: () => Node): Node {
    let left = next();
    for (;;) {
      const sign = signs.find((each) => this.#takes(each));
      if (!sign) return left;
      left = { op: 'binary', sign, left, right: next() };
    }
  }

  #comparison(): Node {
    if ((this.#depth += 1) > DEEPEST) throw new Error('There are too many brackets inside each other.');
    const node = this.#chain(comparing, () =>
      this.#chain(['&'], () => this.#chain(['+', '-'], () => this.#chain(['*', '/'], () => this.#power()))),
    );
    this.#depth -= 1;
    return node;
  }

  #power(): Node {
    return this.#chain(['^'], () => this.#signed());
  }

  /** A sign before a number binds tighter than a power: −2^2 is 4. */
  #signed(): Node {
    if (this.#takes('-')) return { op: 'minus', of: this.#signed() };
    if (this.#takes('+')) return { op: 'plus', of: this.#signed() };
    let node = this.#single();
    while (this.#takes('%')) node = { op: 'percent', of: node };
    return node;
  }

  #single(): Node {
    if (this.#takes('(')) {
      const of = this.#comparison();
      if (!this.#takes(')')) throw new Error('A bracket is not closed.');
      return { op: 'brackets', of };
    }
    const node = this.#text() ?? this.#error() ?? this.#reference() ?? this.#call() ?? this.#number() ?? this.#name();
    if (!node)
      throw new Error(
        this.#rest === '' ? 'Something is missing at the end.' : `“${this.#rest[0]}” cannot be read here.`,
      );
    return node;
  }

  #text(): Node | undefined {
    const found = this.#match(/^"((?:[^"]|"")*)"/);
    return found && { op: 'text', value: (found[1] ?? '').replaceAll('""', '"') };
  }

  #error(): Node | undefined {
    const found = this.#match(/^#(?:NULL!|DIV\/0!|VALUE!|REF!|NAME\?|NUM!|N\/A)/i);
    return found && { op: 'error', code: found[0].toUpperCase() as ErrorCode };
  }

  #reference(): Node | undefined {
    const columns = this.#match(columnPattern);
    if (columns) {
      const [, quoted, plain, one = '', two = ''] = columns;
      const end = (letters: string, row: number): Ref => ({
        sheet: quoted?.replaceAll("''", "'") ?? plain,
        row,
        column: columnNumber(letters),
        rowFixed: true,
        columnFixed: true,
      });
      return { op: 'range', from: end(one, 1), to: end(two, LAST_ROW) };
    }
    const from = this.#ref();
    if (!from) return undefined;
    if (!this.#takes(':')) return { op: 'ref', ref: from };
    const to = this.#ref();
    if (!to) throw new Error('A range has no end.');
    return { op: 'range', from, to };
  }

  #ref(): Ref | undefined {
    const found = this.#match(refPattern);
    if (!found) return undefined;
    const [, quoted, plain, columnFixed, letters = '', rowFixed, digits] = found;
    const sheet = quoted?.replaceAll("''", "'") ?? plain;
    return {
      ...(sheet === undefined ? {} : { sheet }),
      row: Number(digits),
      column: columnNumber(letters),
      rowFixed: rowFixed === '$',
      columnFixed: columnFixed === '$',
    };
  }

  #call(): Node | undefined {
    const found = this.#match(/^((?:_xlfn\.|_xlws\.)?[A-Za-z][\w.]*)\s*\(/);
    if (!found) return undefined;
    const name = (found[1] ?? '').replace(/^_xl\w+\./i, '').toUpperCase();
    const args: (Node | undefined)[] = [];
    if (this.#takes(')')) return { op: 'call', name, args };
    for (;;) {
      args.push(/^[,;)]/.test(this.#rest) ? undefined : this.#comparison());
      if (this.#takes(')')) return { op: 'call', name, args };
      if (!this.#takes(',') && !this.#takes(';')) throw new Error(`The brackets of ${name} are not closed.`);
    }
  }

  #number(): Node | undefined {
    const found = this.#match(/^(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?/);
    return found && { op: 'number', value: Number(found[0]) };
  }

  #name(): Node | undefined {
    const found = this.#match(/^[A-Za-z_\u00c0-\u024f\\][\w.\u00c0-\u024f]*/);
    if (!found) return undefined;
    const [name] = found;
    const truth = /^(true|false)$/i.exec(name);
    return truth ? { op: 'boolean', value: name.toLowerCase() === 'true' } : { op: 'name', name };
  }
}

const quoted = (sheet: string): string => (/^[A-Za-z_]\w*$/.test(sheet) ? sheet : `'${sheet.replaceAll("'", "''")}'`);

export function writeRef({ sheet, row, column, rowFixed, columnFixed }: Ref): string {
  const place = `${columnFixed ? '$' : ''}${columnLetters(column)}${rowFixed ? '$' : ''}${row}`;
  return sheet === undefined ? place : `${quoted(sheet)}!${place}`;
}

/** As it is typed, without the `=`. */
export function writeNode(node: Node, ref: (ref: Ref) => string = writeRef): string {
  switch (node.op) {
    case 'number':
      return String(node.value);
    case 'text':
      return `"${node.value.replaceAll('"', '""')}"`;
    case 'boolean':
      return node.value ? 'TRUE' : 'FALSE';
    case 'error':
      return node.code;
    case 'ref':
      return ref(node.ref);
    case 'range':
      return `${ref(node.from)}:${ref(node.to)}`;
    case 'name':
      return node.name;
    case 'call':
      return `${node.name}(${node.args.map((arg) => (arg ? writeNode(arg, ref) : '')).join(',')})`;
    case 'minus':
      return `-${writeNode(node.of, ref)}`;
    case 'plus':
      return `+${writeNode(node.of, ref)}`;
    case 'percent':
      return `${writeNode(node.of, ref)}%`;
    case 'brackets':
      return `(${writeNode(node.of, ref)})`;
    case 'binary':
      return `${writeNode(node.left, ref)}${node.sign}${writeNode(node.right, ref)}`;
  }
}

export const writeFormula = (node: Node): string => `=${writeNode(node)}`;

/** What a formula reads, seen from where it stands: cells that are copied down have the same relative form. */
export function relativeForm(node: Node, row: number, column: number): string {
  return writeNode(node, (ref) => {
    const down = ref.rowFixed ? `R${ref.row}` : `R[${ref.row - row}]`;
    const across = ref.columnFixed ? `C${ref.column}` : `C[${ref.column - column}]`;
    return `${ref.sheet === undefined ? '' : `${quoted(ref.sheet)}!`}${down}${across}`;
  });
}

/** A copy in which a node may be another; what `change` leaves undefined is looked into. */
export function mapNode(node: Node, change: (node: Node) => Node | undefined): Node {
  const changed = change(node);
  if (changed) return changed;
  switch (node.op) {
    case 'minus':
    case 'plus':
    case 'percent':
    case 'brackets':
      return { ...node, of: mapNode(node.of, change) };
    case 'binary':
      return { ...node, left: mapNode(node.left, change), right: mapNode(node.right, change) };
    case 'call':
      return { ...node, args: node.args.map((arg) => arg && mapNode(arg, change)) };
    default:
      return node;
  }
}

/** Every node of a tree, itself first. */
export function nodesOf(node: Node): Node[] {
  switch (node.op) {
    case 'minus':
    case 'plus':
    case 'percent':
    case 'brackets':
      return [node, ...nodesOf(node.of)];
    case 'binary':
      return [node, ...nodesOf(node.left), ...nodesOf(node.right)];
    case 'call':
      return [node, ...node.args.flatMap((arg) => (arg ? nodesOf(arg) : []))];
    default:
      return [node];
  }
}

/** The formula as it stands after it is copied to another row: what is not fixed moves along. */
export function copiedTo(node: Node, down: number): Node {
  const moved = (ref: Ref): Ref => (ref.rowFixed ? ref : { ...ref, row: ref.row + down });
  return mapNode(node, (each) => {
    if (each.op === 'ref') return { op: 'ref', ref: moved(each.ref) };
    if (each.op === 'range') return { op: 'range', from: moved(each.from), to: moved(each.to) };
    return undefined;
  });
}
