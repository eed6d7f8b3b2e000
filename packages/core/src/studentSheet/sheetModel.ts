/** A table of a student's worksheet beside the plan it should show: what each place stands for. */

import { nth } from '../nth.ts';
import { namesOf } from '../records.ts';
import { ratePerPayment } from '../rates/quotedRate.ts';
import type { Plan } from '../table/plan.ts';
import { columnNumber, fullPlace, type Place } from './cells.ts';
import type { TableFound } from './findTables.ts';
import { firstPaymentOf } from './tableEntries.ts';
import { nodesOf, type Node, type Ref } from './formula.ts';
import type { SheetFound } from './readSheet.ts';
import { Calculation, workbookOf, type KnownCell, type Workbook } from './recalculate.ts';
import { grownBefore, type MoneyColumn, type TableKey } from './tableKeys.ts';
import type { FoundColumn, InputName } from './words.ts';

/** What a place stands for. */
export type Role =
  | { readonly kind: 'cell'; readonly column: FoundColumn; readonly k: number }
  | { readonly kind: 'input'; readonly name: InputName }
  | { readonly kind: 'start' }
  | { readonly kind: 'head' | 'total' | 'empty' | 'other' };

/** Numbers that belong to a plan whatever the table says. */
export interface PlanNumbers {
  readonly i: number;
  /** The rate as it is quoted by the year, a fraction; the rate per payment times the payments a year where it is not. */
  readonly annual: number;
  readonly n: number;
  readonly perYear: number;
}

export function planNumbers(plan: Plan, keys: readonly TableKey[]): PlanNumbers {
  const { rate, paymentsPerYear } = plan;
  const i = ratePerPayment(rate, paymentsPerYear);
  const perPayment = i.ok ? i.value : 0;
  const annual = rate.kind === 'periodic' ? rate.perPayment * paymentsPerYear : rate.annual;
  const n = typeof plan.payments === 'number' ? plan.payments : (keys[0]?.rows.length ?? 0);
  return { i: perPayment, annual, n, perYear: paymentsPerYear };
}

const near = (a: number, b: number, within = 1e-9): boolean => Math.abs(a - b) <= within * Math.max(1, Math.abs(b));

export class SheetModel {
  readonly plan: Plan;
  readonly keys: readonly TableKey[];
  readonly numbers: PlanNumbers;
  readonly book: Workbook;
  readonly base: Calculation;
  readonly table: TableFound;
  readonly columns: ReadonlyMap<FoundColumn, number>;
  /** Payment number of the first row. */
  readonly firstK: number;
  readonly lastK: number;
  readonly inputs = new Map<InputName, Place>();
  /** Payments in advance whose interest stands in the row of the next payment. */
  readonly isGrownBefore: boolean;
  readonly #lastAsked: number;
  readonly #inputNames = new Map<number, InputName>();

  constructor(plan: Plan, keys: readonly TableKey[], found: SheetFound, table: TableFound, lastAsked = Infinity) {
    this.plan = plan;
    this.#lastAsked = lastAsked;
    this.numbers = planNumbers(plan, keys);
    this.book = workbookOf(found.cells, found.names);
    this.base = new Calculation(this.book);
    this.table = plan.timing === 'begin' ? this.#paidAtOnce(table) : table;
    this.columns = new Map(namesOf(table.columns).map((name) => [name, columnNumber(table.columns[name] ?? '')]));
    this.firstK = firstPaymentOf(this.table, this.base, keys[0]?.rows.length ?? 0);
    this.lastK = this.firstK + this.table.lastRow - this.table.firstRow;
    this.isGrownBefore = plan.timing === 'begin' && plan.amount > 0 && this.#beginsWithoutInterest();
    this.keys = this.isGrownBefore ? grownBefore(keys) : keys;
    for (const name of namesOf(found.inputs)) {
      const place = fullPlace(found.inputs[name] ?? '');
      if (place) this.#take(this.#resolved(name, place), place);
    }
    this.#byUse();
  }

  /** In advance the row before payment 1, numbered 0, is payment 1 where something is paid in it. */
  #paidAtOnce(table: TableFound): TableFound {
    const { row0, columns, sheet } = table;
    if (row0 === undefined || columns.payment === undefined) return table;
    const paid = this.base.numberAt({ sheet, row: row0, column: columnNumber(columns.payment) });
    const { row0: _paid, ...rest } = table;
    return Number.isFinite(paid) && paid !== 0 ? { ...rest, firstRow: row0 } : table;
  }

  #beginsWithoutInterest(): boolean {
    const interest = (k: number): number => {
      const place = this.placeOf('interest', k);
      const value = place && this.base.numberAt(place);
      return value === undefined || Number.isNaN(value) ? 0 : value;
    };
    return this.firstK === 1 && this.columns.has('interest') && interest(1) === 0 && interest(2) !== 0;
  }

  #take(name: InputName, place: Place): void {
    const key = this.book.keyOf(place);
    if (this.#inputNames.has(key)) return;
    this.#inputNames.set(key, name);
    if (!this.inputs.has(name)) this.inputs.set(name, place);
  }

  /** What a label says may be two things: the number that stands there tells which. */
  #resolved(name: InputName, place: Place): InputName {
    const value = this.base.numberAt(place);
    const { i, annual, n, perYear } = this.numbers;
    const years = n / perYear;
    if (name === 'term') return near(value, years) && !near(value, n) ? 'years' : 'payments';
    if (name === 'years' && perYear > 1 && near(value, n)) return 'payments';
    if (name === 'rate' && i !== annual && (near(value, i, 1e-6) || near(value, 100 * i, 1e-6)))
      return 'ratePerPayment';
    if (
      name === 'ratePerPayment' &&
      i !== annual &&
      (near(value, annual, 1e-6) || near(value, 100 * annual, 1e-6)) &&
      this.book.at(place)?.node === undefined
    )
      return 'rate';
    if (name === 'totalPaid' && near(value, n)) return 'payments';
    if (name === 'payment' && (near(value, annual, 1e-6) || near(value, 100 * annual, 1e-6))) return 'rate';
    if ((name === 'price' || name === 'finalAmount') && near(value, this.plan.amount)) return 'amount';
    return name;
  }

  /** Cells that formulas read and no label names: told by their number. */
  #byUse(): void {
    for (const cell of this.book.cells.values()) {
      if (!cell.node) continue;
      for (const ref of refsOf(cell.node)) {
        const place = { sheet: ref.sheet ?? cell.place.sheet, row: ref.row, column: ref.column };
        const known = this.book.at(place);
        if (!known || this.role(place).kind !== 'other') continue;
        const name = this.#byNumber(this.base.numberAt(place));
        if (name) this.#take(name, place);
      }
    }
  }

  #byNumber(value: number): InputName | undefined {
    const { i, annual, n, perYear } = this.numbers;
    const { amount, finalAmount } = this.plan;
    if (!Number.isFinite(value) || value === 0) return undefined;
    if (near(Math.abs(value), amount)) return 'amount';
    if (near(value, annual, 1e-6) || near(value, 100 * annual, 1e-6)) return 'rate';
    if (near(value, i, 1e-6) || near(value, 100 * i, 1e-6)) return 'ratePerPayment';
    if (near(value, n)) return 'payments';
    if (near(value, perYear)) return 'paymentsPerYear';
    if (near(value, n / perYear)) return 'years';
    if (finalAmount !== 0 && near(Math.abs(value), finalAmount)) return 'finalAmount';
    return this.keys.some(({ rows }) => Math.abs(Math.abs(value) - (rows[0]?.payment ?? NaN)) < 0.0051)
      ? 'payment'
      : undefined;
  }

  /** Takes a number for no input after all: its label was misread, or nothing follows from it. */
  drop(name: InputName): void {
    const place = this.inputs.get(name);
    if (place) this.#inputNames.delete(this.book.keyOf(place));
    this.inputs.delete(name);
  }

  inputName(place: Place): InputName | undefined {
    return this.#inputNames.get(this.book.keyOf(place));
  }

  /** Where a column stands in the row of payment k; the row before the first for k one less. */
  placeOf(column: FoundColumn, k: number): Place | undefined {
    const at = this.columns.get(column);
    const { sheet, firstRow, row0 } = this.table;
    if (at === undefined) return undefined;
    if (k === this.firstK - 1) return row0 === undefined ? undefined : { sheet, row: row0, column: at };
    if (k < this.firstK || k > this.lastK) return undefined;
    return { sheet, row: firstRow + k - this.firstK, column: at };
  }

  cellAt(column: FoundColumn, k: number): KnownCell | undefined {
    const place = this.placeOf(column, k);
    return place && this.book.at(place);
  }

  role(place: Place): Role {
    const name = this.inputName(place);
    if (name) return { kind: 'input', name };
    const { sheet, headRow, row0, firstRow, lastRow, totalsRow } = this.table;
    if (place.sheet === sheet) {
      const column = [...this.columns].find(([, at]) => at === place.column)?.[0];
      if (column !== undefined && place.row >= firstRow && place.row <= lastRow)
        return { kind: 'cell', column, k: this.firstK + place.row - firstRow };
      if (place.row === row0)
        return column === 'closing' || column === 'opening' ? { kind: 'start' } : { kind: 'other' };
      if (place.row === headRow && column !== undefined) return { kind: 'head' };
      if (place.row === totalsRow && column !== undefined) return { kind: 'total' };
    }
    const cell = this.book.at(place);
    return { kind: cell && cell.content.value !== null ? 'other' : 'empty' };
  }

  /** A reference to a place, as it would be written in the table's sheet. */
  refTo(place: Place, fixed: boolean): Node {
    const sheet = place.sheet === this.table.sheet ? {} : { sheet: place.sheet };
    const ref: Ref = { ...sheet, row: place.row, column: place.column, rowFixed: fixed, columnFixed: fixed };
    return { op: 'ref', ref };
  }

  /** What is meant by a name in the row of payment k, as a reference; nothing where the sheet has no such cell. */
  meant(name: MeantName, k: number): Node | undefined {
    if (
      name === 'amount' ||
      name === 'rate' ||
      name === 'ratePerPayment' ||
      name === 'payments' ||
      name === 'years' ||
      name === 'paymentsPerYear' ||
      name === 'finalAmount'
    ) {
      const place = this.inputs.get(name);
      return place && this.refTo(place, true);
    }
    if (name === 'before') {
      const before = this.placeOf('closing', k - 1);
      if (before) return this.refTo(before, false);
      const amount = this.inputs.get('amount');
      return k === 1 && amount ? this.refTo(amount, true) : undefined;
    }
    const own = this.placeOf(name, k);
    if (own) return this.refTo(own, false);
    const input = name === 'payment' || name === 'extra' ? this.inputs.get(name) : undefined;
    if (input) return this.refTo(input, true);
    return name === 'opening' ? this.meant('before', k) : undefined;
  }

  /** Rows that the key has. */
  /** The payment to which a table must go. */
  get askedCount(): number {
    return Math.min(this.#lastAsked, ...this.keys.map(({ rows }) => rows.length));
  }

  get keyCount(): number {
    return nth(this.keys, 0).rows.length;
  }
}

export type MeantName =
  | MoneyColumn
  | 'before'
  | 'amount'
  | 'rate'
  | 'ratePerPayment'
  | 'payments'
  | 'years'
  | 'paymentsPerYear'
  | 'finalAmount';

/** Single references of a formula; ends of ranges are not among them. */
export const refsOf = (node: Node): Ref[] => nodesOf(node).flatMap((each) => (each.op === 'ref' ? [each.ref] : []));
