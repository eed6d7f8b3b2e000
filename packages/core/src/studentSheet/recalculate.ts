/** Works a worksheet out: formulas over cells, in whatever order they need each other. What is not understood keeps its stored value. */

import { roundTo } from '../money/roundMoney.ts';
import {
  isErrorText,
  placeKey,
  placeOf,
  type CellContent,
  type ErrorCode,
  type Place,
  type SheetCells,
} from './cells.ts';
import { nodesOf, readFormula, type Binary, type Node, type Ref } from './formula.ts';
import { cellFunction } from './functions.ts';
import { asNumber, CellError, divisionError, numberError, scalar, type Area, type Arg, type Value } from './values.ts';

/** A cell with its formula read. */
export interface KnownCell {
  readonly place: Place;
  readonly content: CellContent;
  /** The formula as a tree; nothing where there is none, or where it cannot be read. */
  readonly node?: Node;
  /** The formula that cannot be read, in a sentence. */
  readonly unread?: string;
}

/** More cells than this are not looked at. */
export const MOST_CELLS = 60_000;
/** A chain of cells that is longer than this goes round. */
const LONGEST_CHAIN = 3000;

const circle = new CellError('#CIRCLE!');

/** A worksheet, read once. */
export class Workbook {
  readonly cells = new Map<number, KnownCell>();
  readonly sheets: readonly string[];
  readonly #names: Readonly<Record<string, string>>;
  readonly #sheetAt: ReadonlyMap<string, number>;
  /** The last row and column in use, by sheet. */
  readonly extent: ReadonlyMap<string, { row: number; column: number }>;

  constructor(cells: SheetCells, names: Readonly<Record<string, string>> = {}) {
    this.sheets = Object.keys(cells);
    this.#sheetAt = new Map(this.sheets.map((sheet, at) => [sheet, at]));
    this.#names = Object.fromEntries(Object.entries(names).map(([name, at]) => [name.toLowerCase(), at]));
    const extent = new Map<string, { row: number; column: number }>();
    const forms = new Map<string, ReturnType<typeof readFormula>>();
    for (const [at, [sheet, own]] of Object.entries(cells).entries()) {
      const last = { row: 0, column: 0 };
      for (const [address, content] of Object.entries(own)) {
        const found = placeOf(address);
        if (!found || this.cells.size >= MOST_CELLS) continue;
        const { formula } = content;
        const read = formula === undefined ? undefined : (forms.get(formula) ?? readFormula(formula));
        if (formula !== undefined && read) forms.set(formula, read);
        this.cells.set(placeKey(at, found.row, found.column), {
          place: { sheet, ...found },
          content,
          ...(read?.ok ? { node: read.value } : read ? { unread: read.problem.message } : {}),
        });
        last.row = Math.max(last.row, found.row);
        last.column = Math.max(last.column, found.column);
      }
      extent.set(sheet, last);
    }
    this.extent = extent;
  }

  keyOf({ sheet, row, column }: Place): number {
    return placeKey(this.#sheetAt.get(sheet) ?? -1, row, column);
  }

  at(place: Place): KnownCell | undefined {
    return this.cells.get(this.keyOf(place));
  }

  /** Where a name points to, as it was defined. */
  named(name: string): Node | undefined {
    const at = Object.hasOwn(this.#names, name.toLowerCase()) ? this.#names[name.toLowerCase()] : undefined;
    const found = at === undefined ? undefined : readFormula(at);
    return found?.ok ? found.value : undefined;
  }
}

const read = new WeakMap<SheetCells, Workbook>();

/** The workbook of some cells, read once however often it is asked for. */
export function workbookOf(cells: SheetCells, names: Readonly<Record<string, string>>): Workbook {
  const known = read.get(cells);
  if (known) return known;
  const book = new Workbook(cells, names);
  read.set(cells, book);
  return book;
}

/** What stands in some cells instead of what they hold, by place. */
export type Instead = ReadonlyMap<number, Node | CellContent['value']>;

const isNode = (instead: Node | CellContent['value']): instead is Node =>
  typeof instead === 'object' && instead !== null;

/** A workbook worked out, with something else in some of its cells. */
export class Calculation {
  readonly book: Workbook;
  readonly #instead: Instead;
  readonly #values = new Map<number, Value>();
  readonly #open = new Set<number>();
  /** Names of functions that are not understood, and formulas that cannot be read: their cells keep what is stored. */
  readonly notUnderstood = new Set<string>();

  constructor(book: Workbook, instead: Instead = new Map()) {
    this.book = book;
    this.#instead = instead;
  }

  valueAt(place: Place): Value {
    return this.value(this.book.keyOf(place), place);
  }

  /** What is in a cell as a number; NaN where it is none. */
  numberAt(place: Place): number {
    const value = this.valueAt(place);
    if (typeof value === 'number') return value;
    const number = typeof value === 'string' ? asNumber(value) : NaN;
    return typeof number === 'number' ? number : NaN;
  }

  value(key: number, place: Place): Value {
    const known = this.#values.get(key);
    if (known !== undefined) return known;
    if (this.#open.has(key) || this.#open.size > LONGEST_CHAIN) return circle;
    const instead = this.#instead.get(key);
    const cell = this.book.cells.get(key);
    const node = instead === undefined ? cell?.node : isNode(instead) ? instead : undefined;
    let value: Value;
    if (node) {
      this.#open.add(key);
      value = this.#cellValue(node, place, cell?.content);
      this.#open.delete(key);
    } else value = stored(instead === undefined || isNode(instead) ? (cell?.content.value ?? null) : instead);
    this.#values.set(key, value);
    return value;
  }

  /** A formula worked out as if it stood at a place; nothing of it is kept. */
  evaluate(node: Node, place: Place): Value {
    try {
      return scalar(this.#arg(node, place));
    } catch (error) {
      if (error instanceof NotUnderstood) return numberError;
      throw error;
    }
  }

  #cellValue(node: Node, place: Place, content: CellContent | undefined): Value {
    try {
      const found = scalar(this.#arg(node, place));
      return found ?? 0;
    } catch (error) {
      if (!(error instanceof NotUnderstood)) throw error;
      this.notUnderstood.add(error.message);
      return stored(content?.value ?? null);
    }
  }

  #ref({ sheet, row, column }: Ref, place: Place): Value {
    const target = { sheet: sheet ?? place.sheet, row, column };
    if (sheet !== undefined && !this.book.sheets.includes(sheet)) return new CellError('#REF!');
    return this.value(this.book.keyOf(target), target);
  }

  #area(from: Ref, to: Ref, place: Place): Area {
    const sheet = from.sheet ?? place.sheet;
    const last = this.book.extent.get(sheet) ?? { row: 0, column: 0 };
    const [top, bottom] = [Math.min(from.row, to.row), Math.min(Math.max(from.row, to.row), last.row)];
    const [left, right] = [Math.min(from.column, to.column), Math.min(Math.max(from.column, to.column), last.column)];
    const rows: Value[][] = [];
    for (let row = top; row <= bottom; row += 1) {
      const values: Value[] = [];
      for (let column = left; column <= right; column += 1) {
        const target = { sheet, row, column };
        values.push(this.value(this.book.keyOf(target), target));
      }
      rows.push(values);
    }
    return { rows };
  }

  #arg(node: Node, place: Place): Arg {
    switch (node.op) {
      case 'number':
      case 'text':
      case 'boolean':
        return node.value;
      case 'error':
        return new CellError(node.code);
      case 'ref':
        return this.#ref(node.ref, place);
      case 'range':
        return this.#area(node.from, node.to, place);
      case 'name': {
        const named = this.book.named(node.name);
        if (!named) throw new NotUnderstood(node.name);
        return this.#arg(named, place);
      }
      case 'brackets':
      case 'plus':
        return this.#arg(node.of, place);
      case 'minus':
      case 'percent': {
        const number = asNumber(scalar(this.#arg(node.of, place)));
        if (typeof number !== 'number') return number;
        return node.op === 'minus' ? -number : number / 100;
      }
      case 'binary':
        return calculated(node.sign, scalar(this.#arg(node.left, place)), scalar(this.#arg(node.right, place)));
      case 'call':
        return this.#call(node.name, node.args, place);
    }
  }

  #call(name: string, args: readonly (Node | undefined)[], place: Place): Arg {
    const arg = (at: number): Arg => {
      const node = args[at];
      return node && this.#arg(node, place);
    };
    switch (name) {
      case 'IF': {
        const test = scalar(arg(0));
        if (test instanceof CellError) return test;
        return test ? arg(1) : args.length > 2 ? arg(2) : false;
      }
      case 'IFERROR':
      case 'IFNA': {
        const first = scalar(arg(0));
        const isMissing = first instanceof CellError && (name === 'IFERROR' || first.code === '#N/A');
        return isMissing ? arg(1) : first;
      }
      case 'ROW':
      case 'COLUMN': {
        const [node] = args;
        const target = node?.op === 'ref' ? node.ref : node?.op === 'range' ? node.from : place;
        return name === 'ROW' ? target.row : target.column;
      }
      case 'ROWS': {
        const [node] = args;
        return node?.op === 'range' ? Math.abs(node.to.row - node.from.row) + 1 : 1;
      }
      default: {
        const known = cellFunction(name);
        if (!known) throw new NotUnderstood(name);
        return known(args.map((_, at) => arg(at)));
      }
    }
  }
}

/** Functions that need more than the values of their arguments. */
const lazyFunctions = new Set(['IF', 'IFERROR', 'IFNA', 'ROW', 'COLUMN', 'ROWS']);

/** The first function or name of a formula that is not understood: its cell keeps the number the file shows. */
export function strangeIn(node: Node, book: Workbook): string | undefined {
  for (const part of nodesOf(node)) {
    if (part.op === 'call' && !lazyFunctions.has(part.name) && !cellFunction(part.name)) return part.name;
    if (part.op === 'name' && !book.named(part.name)) return part.name;
  }
  return undefined;
}

class NotUnderstood extends Error {}

function stored(value: CellContent['value']): Value {
  if (typeof value !== 'string' || !isErrorText(value)) return value;
  return new CellError(value.startsWith('Err') ? '#VALUE!' : (value as ErrorCode));
}

const compared: Readonly<Record<string, (order: number) => boolean>> = {
  '=': (order) => order === 0,
  '<>': (order) => order !== 0,
  '<': (order) => order < 0,
  '>': (order) => order > 0,
  '<=': (order) => order <= 0,
  '>=': (order) => order >= 0,
};

/** Texts come after numbers; upper and lower case are the same. */
function orderOf(left: Value, right: Value): number {
  const [a, b] = [left ?? (typeof right === 'string' ? '' : 0), right ?? (typeof left === 'string' ? '' : 0)];
  if (typeof a === 'string' && typeof b === 'string') return Math.sign(a.toLowerCase().localeCompare(b.toLowerCase()));
  if (typeof a === 'string') return 1;
  if (typeof b === 'string') return -1;
  return Math.sign(roundTo(Number(a) - Number(b), 11));
}

function calculated(sign: Binary, left: Value, right: Value): Value {
  if (left instanceof CellError) return left;
  if (right instanceof CellError) return right;
  const comparison = compared[sign];
  if (comparison) return comparison(orderOf(left, right));
  if (sign === '&') return `${left ?? ''}${right ?? ''}`;
  const [a, b] = [asNumber(left), asNumber(right)];
  if (typeof a !== 'number') return a;
  if (typeof b !== 'number') return b;
  if (sign === '/' && b === 0) return divisionError;
  const found = { '+': a + b, '-': a - b, '*': a * b, '/': a / b, '^': a ** b }[sign as '+'];
  return Number.isFinite(found) ? found : numberError;
}
