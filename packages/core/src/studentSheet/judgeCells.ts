/** Judges the cells of a table by the student's own cells: right by any convention, following from what comes before, or wrong by themselves. */

import { isSamePlace, type Place } from './cells.ts';
import type { Node } from './formula.ts';
import { placesRead } from './reads.ts';
import type { Calculation, KnownCell } from './recalculate.ts';
import type { SheetModel } from './sheetModel.ts';
import { keyedNumbers, moneyColumns, type MoneyColumn, type TableKey } from './tableKeys.ts';
import { CellError } from './values.ts';
import { expectedInput, sumOf } from './expectedInput.ts';
import type { InputName } from './words.ts';

export type SheetVerdict = 'right' | 'right-rounded' | 'right-other-way' | 'carried' | 'wrong' | 'remark';

export interface JudgedCell {
  readonly place: Place;
  readonly verdict: SheetVerdict;
  /** What stands there as a number; NaN for an error. */
  readonly value: number;
  /** What should stand there, by the student's own cells before it where those are wrong. */
  readonly expected?: number;
  readonly of:
    | { readonly column: MoneyColumn; readonly k: number }
    | { readonly input: InputName }
    | { readonly total: MoneyColumn };
}

/** Half a cent: a number may be kept with its digits or written to the cent. */
export const HALF_A_CENT = 0.0051;
const close = (a: number, b: number): boolean => Math.abs(a - b) <= HALF_A_CENT;

/** One look at a table: the numbers of its cells, and what each should be. */
export class Judging {
  readonly #model: SheetModel;
  readonly #calculation: Calculation;
  readonly #signs = new Map<MoneyColumn, number>();
  readonly #numbers = new Map<MoneyColumn, readonly number[]>();
  readonly #apart: boolean;
  readonly #saving: boolean;
  readonly cells: JudgedCell[] = [];
  /** Keys that the sheet may still follow, best first. */
  readonly #keys: readonly TableKey[];
  #inputs = new Map<InputName, number>();
  readonly #wrongInputs = new Set<InputName>();

  constructor(model: SheetModel, calculation: Calculation) {
    this.#model = model;
    this.#calculation = calculation;
    this.#apart = model.columns.has('extra');
    this.#saving = model.plan.kind === 'saving';
    for (const column of moneyColumns) {
      if (!model.columns.has(column)) continue;
      const numbers: number[] = [];
      for (let k = model.firstK; k <= model.lastK; k += 1) {
        const place = model.placeOf(column, k);
        numbers.push(place ? calculation.numberAt(place) : NaN);
      }
      this.#numbers.set(column, numbers);
      this.#signs.set(column, this.#signOf(column, numbers[0] ?? NaN));
    }
    this.#keys = model.keys;
    this.#judgeInputs();
    this.#judgeRows();
    this.#judgeTotals();
  }

  /** Cells that are wrong by themselves, in the order in which they are worked out. */
  get roots(): JudgedCell[] {
    return this.cells.filter(({ verdict }) => verdict === 'wrong');
  }

  /** A column that is written with the other sign throughout is right: functions give payments a minus. */
  #signOf(column: MoneyColumn, first: number): number {
    const { keys, firstK } = this.#model;
    const is = (sign: number): boolean =>
      keys.some((key) =>
        keyedNumbers(key, column, firstK, this.#apart).some((number) => number !== 0 && close(first, sign * number)),
      );
    return !is(1) && is(-1) ? -1 : 1;
  }

  #at(column: MoneyColumn, k: number): number {
    return (this.#numbers.get(column)?.[k - this.#model.firstK] ?? NaN) * (this.#signs.get(column) ?? 1);
  }

  /** What is owed before payment k, by the student's own cells. */
  #before(k: number): number {
    const { firstK, plan } = this.#model;
    if (k > firstK) {
      const closing = this.#at('closing', k - 1);
      if (!Number.isNaN(closing) || this.#numbers.has('closing')) return closing;
      return this.#saving
        ? this.#at('opening', k - 1) + this.#at('principal', k - 1)
        : this.#at('opening', k - 1) - this.#at('principal', k - 1);
    }
    const start = this.#model.placeOf('closing', firstK - 1);
    if (start) return Math.abs(this.#calculation.numberAt(start));
    return this.#inputs.get('amount') ?? (firstK === 1 ? plan.amount : NaN);
  }

  #opening(k: number): number {
    return this.#numbers.has('opening') ? this.#at('opening', k) : this.#before(k);
  }

  #judgeInputs(): void {
    const { inputs, base } = this.#model;
    for (const [name, place] of inputs) {
      const value = this.#calculation.numberAt(place);
      const expected = expectedInput(this.#model, name);
      if (expected.length === 0) continue;
      const isRight = expected.some(
        (number) =>
          close(value, number) && (Math.abs(number) >= 1 || Math.abs(value - number) < 1e-6 + 1e-4 * Math.abs(number)),
      );
      this.#inputs.set(name, Math.abs(value));
      const isCarried = !isRight && this.#followsFromInputs(place);
      if (!isRight) this.#wrongInputs.add(name);
      if (isRight || base.book.at(place))
        this.cells.push({
          place,
          value,
          verdict: isRight ? 'right' : isCarried ? 'carried' : 'wrong',
          expected: expected[0]!,
          of: { input: name },
        });
    }
  }

  /** An input that is worked out of another one that is wrong. */
  #followsFromInputs(place: Place): boolean {
    const node = this.#model.book.at(place)?.node;
    if (!node) return false;
    const value = this.#calculation.valueAt(place);
    if (value instanceof CellError) return this.#readsError(node, place);
    return false;
  }

  #judgeRows(): void {
    const { firstK, lastK, keyCount } = this.#model;
    for (let k = firstK; k <= lastK; k += 1)
      for (const column of moneyColumns) {
        const place = this.#model.placeOf(column, k);
        const cell = place && this.#model.book.at(place);
        if (!place || !cell) continue;
        if (cell.content.value === null && cell.content.formula === undefined) continue;
        if (k > keyCount) this.#beyond(column, k, cell);
        else this.cells.push(this.#judgedCell(column, k, cell));
      }
  }

  /** Rows after the last: nothing may be left in them. */
  #beyond(column: MoneyColumn, k: number, { place }: KnownCell): void {
    const value = this.#calculation.valueAt(place);
    const number = this.#calculation.numberAt(place);
    const isNothing = value === '' || value === null || Math.abs(number) <= 0.011 || column.endsWith('so-far');
    if (!isNothing) this.cells.push({ place, value: number, verdict: 'carried', of: { column, k } });
  }

  #judgedCell(column: MoneyColumn, k: number, cell: KnownCell): JudgedCell {
    const { place } = cell;
    const value = this.#at(column, k);
    const of = { column, k };
    const keyed = this.#keyedAt(column, k, value);
    const own = this.#follows(column, k).filter(Number.isFinite);
    const expected = own[0] ?? this.#keyNumber(column, k);
    if (keyed)
      return {
        place,
        value,
        verdict: keyed,
        expected: keyedNumbers(this.#keys[0]!, column, k, this.#apart)[0] ?? expected,
        of,
      };
    if (Number.isNaN(value)) {
      const isCarried = cell.node !== undefined && this.#readsError(cell.node, place);
      return { place, value, verdict: isCarried ? 'carried' : 'wrong', expected, of };
    }
    return {
      place,
      value,
      verdict: own.some((number) => close(value, number) || (close(-value, number) && this.#isSigned(column)))
        ? 'carried'
        : 'wrong',
      expected,
      of,
    };
  }

  #isSigned(column: MoneyColumn): boolean {
    return this.#signs.get(column) === -1;
  }

  #keyedAt(column: MoneyColumn, k: number, value: number): SheetVerdict | undefined {
    for (const key of this.#keys)
      if (keyedNumbers(key, column, k, this.#apart).some((number) => close(value, number)))
        return key.isMain ? 'right' : 'right-other-way';
    const isCoarse = Number.isInteger(value * 10) && Math.abs(value) >= 100;
    const rounds = (number: number): boolean =>
      Math.abs(value - number) <= (Number.isInteger(value) ? 0.5 : 0.05) + 1e-9;
    return isCoarse && this.#keys.some((key) => keyedNumbers(key, column, k, this.#apart).some(rounds))
      ? 'right-rounded'
      : undefined;
  }

  #readsError(node: Node, place: Place): boolean {
    return placesRead(node, place.sheet).some(
      (target) => !isSamePlace(target, place) && this.#calculation.valueAt(target) instanceof CellError,
    );
  }

  /** The rates a row may go on with: the plan's, and the student's own where that is wrong already. */
  #rates(k: number): number[] {
    const { numbers, keys } = this.#model;
    const rates = [keys[0]?.rows[k - 1]?.rate ?? numbers.i];
    const perPayment = this.#inputs.get('ratePerPayment');
    if (perPayment !== undefined && this.#wrongInputs.has('ratePerPayment')) rates.push(perPayment);
    const annual = this.#inputs.get('rate');
    if (annual !== undefined && this.#wrongInputs.has('rate'))
      rates.push(annual / numbers.perYear, annual / numbers.perYear / 100);
    return rates;
  }

  /** What a cell should be by the student's own cells before it. */
  #follows(column: MoneyColumn, k: number): number[] {
    const opening = this.#opening(k);
    const [interest, payment, principal] = [this.#at('interest', k), this.#payment(k), this.#at('principal', k)];
    const extra = this.#extra(k);
    switch (column) {
      case 'opening':
        return [this.#before(k) + (this.#model.keys[0]?.rows[k - 1]?.drawn ?? 0) * (k > 1 ? 1 : 0)];
      case 'interest':
        return this.#interests(k, opening);
      case 'payment':
        return this.#payments(k, opening, interest);
      case 'extra':
        return [this.#keyNumber('extra', k)];
      case 'principal':
        return this.#saving
          ? [payment + extra + interest, payment + interest]
          : [payment + extra - interest, payment - interest];
      case 'closing':
        return this.#closings(k, opening);
      case 'interest-so-far':
      case 'principal-so-far': {
        const own = column === 'interest-so-far' ? interest : principal;
        return [(k === this.#model.firstK ? 0 : this.#at(column, k - 1)) + own];
      }
    }
  }

  #interests(k: number, opening: number): number[] {
    const { plan, isGrownBefore } = this.#model;
    if (isGrownBefore && k === 1) return [0];
    const begin = plan.timing === 'begin' && !isGrownBefore;
    const flow = this.#payment(k) + this.#extra(k);
    const bases = begin ? [opening + (this.#saving ? flow : -flow)] : [opening];
    return this.#rates(k).flatMap((rate) => bases.map((base) => base * rate));
  }

  #payments(k: number, opening: number, interest: number): number[] {
    const { firstK, plan } = this.#model;
    const settling = this.#saving ? plan.finalAmount - opening - interest : opening + interest - plan.finalAmount;
    const input = this.#inputs.get('payment');
    const isSettled = k >= this.#model.keyCount || (input !== undefined && settling < input);
    return [
      ...(input === undefined ? [] : [input]),
      ...(k > firstK ? [this.#at('payment', k - 1)] : [this.#keyNumber('payment', k)]),
      ...(isSettled || k >= this.#model.lastK ? [settling] : []),
    ];
  }

  #payment(k: number): number {
    const own = this.#at('payment', k);
    return Number.isNaN(own) && !this.#numbers.has('payment')
      ? (this.#inputs.get('payment') ?? this.#keyNumber('payment', k))
      : own;
  }

  /** What is paid on top in row k and not in the payment already. */
  #extra(k: number): number {
    const own = this.#at('extra', k);
    if (this.#apart) return Number.isNaN(own) ? 0 : own;
    const agreed = this.#keyNumber('extra', k);
    const row = this.#model.keys[0]?.rows[k - 1];
    const isInside = row !== undefined && close(this.#at('payment', k), row.payment + row.extra);
    return isInside ? 0 : agreed;
  }

  /** What a row closes at: principal with the extra payment in it, or that taken off besides. */
  #closings(k: number, opening: number): number[] {
    const [interest, payment, principal, extra] = [
      this.#at('interest', k),
      this.#payment(k),
      this.#at('principal', k),
      this.#extra(k),
    ];
    const up = this.#saving ? 1 : -1;
    const alone = this.#saving ? payment + interest : payment - interest;
    const isAlone = extra !== 0 && close(principal, alone);
    const whole = opening + interest + up * (payment + extra);
    const byPrincipal = opening + up * (isAlone ? principal + extra : principal);
    return [byPrincipal, whole];
  }

  #keyNumber(column: MoneyColumn, k: number): number {
    const [key] = this.#keys;
    return key ? (keyedNumbers(key, column, k, this.#apart)[0] ?? NaN) : NaN;
  }

  #judgeTotals(): void {
    const { table, columns, firstK, lastK, keys } = this.#model;
    if (table.totalsRow === undefined) return;
    for (const column of ['interest', 'payment', 'extra', 'principal'] as const) {
      const at = columns.get(column);
      if (at === undefined) continue;
      const place = { sheet: table.sheet, row: table.totalsRow, column: at };
      const cell = this.#model.book.at(place);
      if (!cell || (cell.content.formula === undefined && typeof cell.content.value !== 'number')) continue;
      const value = this.#calculation.numberAt(place);
      let own = 0;
      for (let k = firstK; k <= lastK; k += 1) own += this.#at(column, k);
      const isKeyed = keys
        .map(({ rows }) => rows.slice(firstK - 1, lastK))
        .some(
          (rows) =>
            Math.abs(Math.abs(value) - Math.abs(sumOf(rows, column))) <= 0.011 ||
            (column === 'payment' &&
              Math.abs(Math.abs(value) - sumOf(rows, 'payment') - sumOf(rows, 'extra')) <= 0.011),
        );
      const follows = Math.abs(Math.abs(value) - Math.abs(own)) <= HALF_A_CENT + 1e-9 * Math.abs(own);
      const isCarried =
        follows || (Number.isNaN(value) && cell.node !== undefined && this.#readsError(cell.node, place));
      this.cells.push({
        place,
        value,
        verdict: isKeyed ? 'right' : isCarried ? 'carried' : 'wrong',
        ...(Number.isNaN(own) ? {} : { expected: own }),
        of: { total: column },
      });
    }
  }
}
