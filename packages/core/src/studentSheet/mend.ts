/** Finds what made a cell wrong by mending it: the formula is changed as a cause says, the sheet worked out again, and looked at. */

import { nth } from '../nth.ts';
import { fullAddress, isSamePlace, type Place } from './cells.ts';
import type { CauseId } from './causes.ts';
import { variantsOf } from './edits/edits.ts';
import type { EditedCell, Variant } from './edits/variant.ts';
import { copiedTo, relativeForm, writeFormula, type Node } from './formula.ts';
import { HALF_A_CENT, Judging, type JudgedCell } from './judgeCells.ts';
import { Calculation, type Instead, type KnownCell } from './recalculate.ts';
import type { SheetModel } from './sheetModel.ts';
import { keyedNumbers } from './tableKeys.ts';
import { mendsElsewhere, type Candidate } from './mendElsewhere.ts';
import { CellError, numberInText } from './values.ts';

/** A cause that was tried, and what the sheet is with it mended. */
export interface Mended {
  readonly causes: readonly CauseId[];
  readonly tier: number;
  readonly cells: readonly string[];
  readonly wrongFormula?: string;
  readonly rightFormula?: string;
  readonly instead: Instead;
  readonly judging: Judging;
  /** Wrong cells left. */
  readonly left: number;
}

/** Only so many full looks at a sheet for one wrong cell. */
const MOST_LOOKS = 14;

export class Mending {
  readonly #model: SheetModel;
  readonly #calculation: Calculation;
  readonly #instead: Instead;

  /** @param instead what was mended already */
  constructor(model: SheetModel, calculation: Calculation, instead: Instead) {
    this.#model = model;
    this.#calculation = calculation;
    this.#instead = instead;
  }

  /** Every mending that helps a wrong cell, those that help most first. */
  of(root: JudgedCell, before: Judging): Mended[] {
    const cell = this.#model.book.at(root.place);
    if (!cell) return [];
    const candidates = unique([
      ...mendsElsewhere(root, this.#model, this.#calculation),
      ...this.#ofCell(root, cell),
    ]).sort((a, b) => a.tier - b.tier || a.causes.length - b.causes.length);
    const wrongBefore = before.roots.length;
    const found: Mended[] = [];
    for (const candidate of candidates.slice(0, MOST_LOOKS)) {
      const instead = new Map([...this.#instead, ...candidate.instead]);
      const judging = new Judging(this.#model, new Calculation(this.#model.book, instead));
      const { roots } = judging;
      const isMended = !roots.some(({ place }) => isSamePlace(place, root.place));
      if (isMended && (roots.length < wrongBefore || roots.length === 0))
        found.push({ ...candidate, instead, judging, left: roots.length });
      if (roots.length === 0 && candidate.tier === 0) break;
    }
    return best(found);
  }

  #editedCell(place: Place): EditedCell {
    const role = this.#model.role(place);
    return role.kind === 'cell' && role.column !== 'number' && role.column !== 'date'
      ? { model: this.#model, place, column: role.column, k: role.k }
      : { model: this.#model, place, k: this.#model.firstK };
  }

  /** What a cell should be for it to be right: the key's by any convention, or what follows from its own cells before it. */
  #targets(root: JudgedCell): number[] {
    const { of, expected } = root;
    const own = expected === undefined ? [] : [expected];
    if (!('column' in of)) return own;
    const apart = this.#model.columns.has('extra');
    return [...own, ...this.#model.keys.flatMap((key) => keyedNumbers(key, of.column, of.k, apart))];
  }

  #fits(value: unknown, root: JudgedCell, targets: readonly number[]): boolean {
    if (typeof value !== 'number') return false;
    const within = 'input' in root.of && Math.abs(root.expected ?? 1) < 1 ? 1e-9 : HALF_A_CENT;
    return targets.some((target) => Math.abs(Math.abs(value) - Math.abs(target)) <= within);
  }

  #ofCell(root: JudgedCell, cell: KnownCell): Candidate[] {
    const { place } = root;
    const edited = this.#editedCell(place);
    const { node } = cell;
    if (!node) return this.#typed(root, cell);
    const kind = 'column' in root.of ? 'row' : 'total' in root.of ? 'total' : 'input';
    const targets = this.#targets(root);
    const fits = (changed: Node): boolean => this.#fits(this.#calculation.evaluate(changed, place), root, targets);
    const variants = variantsOf(node, edited, kind);
    const single = variants.filter(({ change }) => {
      const changed = change(node, edited);
      return changed !== undefined && fits(changed);
    });
    const chosen: Variant[][] =
      single.length > 0 ? single.map((each) => [each]) : this.#pairs(node, edited, kind, variants, fits);
    // An error that no other cell brings in is one of this cell's own.
    const isOwnError = Number.isNaN(root.value) && this.#calculation.valueAt(place) instanceof CellError;
    const deviant = single.length > 0 && !isOwnError ? [] : this.#asOthers(root, cell);
    return [...deviant, ...chosen.flatMap((each) => this.#overGroup(each, root, node) ?? [])];
  }

  /** Two changes at once, where no single one does. */
  #pairs(
    node: Node,
    edited: EditedCell,
    kind: 'row' | 'input' | 'total',
    variants: readonly Variant[],
    fits: (node: Node) => boolean,
  ): Variant[][] {
    const found: Variant[][] = [];
    for (const one of variants) {
      if (one.tier === 2) continue;
      const changed = one.change(node, edited);
      if (!changed) continue;
      for (const other of variantsOf(changed, edited, kind)) {
        if (other.cause === one.cause || other.tier === 2) continue;
        const twice = other.change(changed, edited);
        if (twice && fits(twice)) found.push([one, other]);
      }
      if (found.length > 8) break;
    }
    return found;
  }

  /** Every cell of the column with the same formula is changed alike. */
  #overGroup(variants: readonly Variant[], root: JudgedCell, node: Node): Candidate | undefined {
    const form = relativeForm(node, root.place.row, root.place.column);
    const instead = new Map<number, Node | number>();
    const cells: string[] = [];
    let right: string | undefined;
    for (const { place, node: own } of this.#column(root)) {
      if (!own || relativeForm(own, place.row, place.column) !== form) continue;
      const edited = this.#editedCell(place);
      const changed = variants.reduce<Node | undefined>((each, { change }) => each && change(each, edited), own);
      if (!changed) continue;
      instead.set(this.#model.book.keyOf(place), changed);
      const isBefore = place.row < root.place.row;
      if (!isBefore) cells.push(fullAddress(place));
      if (isSamePlace(place, root.place)) right = writeFormula(changed);
    }
    return right === undefined
      ? undefined
      : {
          causes: [...new Set(variants.map(({ cause }) => cause))],
          tier: Math.max(...variants.map(({ tier }) => tier)),
          instead,
          cells,
          wrongFormula: writeFormula(node),
          rightFormula: right,
        };
  }

  /** The cells of the root's column; of an input or a total that cell alone. */
  #column(root: JudgedCell): KnownCell[] {
    const own = this.#model.book.at(root.place);
    if (!('column' in root.of)) return own ? [own] : [];
    const { firstK, lastK } = this.#model;
    const cells: KnownCell[] = [];
    for (let k = firstK; k <= lastK; k += 1) {
      const cell = this.#model.cellAt(root.of.column, k);
      if (cell) cells.push(cell);
    }
    return cells;
  }

  /** The formula most cells of the column share, put into a cell that has another. */
  #asOthers(root: JudgedCell, cell: KnownCell): Candidate[] {
    if (!('column' in root.of)) return [];
    const shared = this.#sharedForm(root);
    if (!shared || (cell.node && relativeForm(cell.node, root.place.row, root.place.column) === shared.form)) return [];
    const changed = copiedTo(nth([shared.cell.node], 0), root.place.row - shared.cell.place.row);
    const value = this.#calculation.valueAt(root.place);
    const isError = value instanceof CellError && value.code !== '#CIRCLE!';
    const isRounded =
      cell.node !== undefined && /ROUND/.test(writeFormula(cell.node)) !== /ROUND/.test(writeFormula(changed));
    return [
      {
        causes: [
          isError
            ? 'error-value'
            : isRounded
              ? 'rounded-in-one-place-only'
              : cell.node
                ? 'wrong-cell'
                : 'number-typed-over',
        ],
        tier: cell.node && !isError ? 1 : 0,
        instead: new Map([[this.#model.book.keyOf(root.place), changed]]),
        cells: [fullAddress(root.place)],
        wrongFormula: cell.node ? writeFormula(cell.node) : String(cell.content.value),
        rightFormula: writeFormula(changed),
      },
    ];
  }

  #sharedForm(root: JudgedCell): { readonly form: string; readonly cell: KnownCell } | undefined {
    const counts = new Map<string, { count: number; cell: KnownCell }>();
    for (const cell of this.#column(root)) {
      if (!cell.node) continue;
      const form = relativeForm(cell.node, cell.place.row, cell.place.column);
      const known = counts.get(form);
      if (known) known.count += 1;
      else counts.set(form, { count: 1, cell });
    }
    const most = [...counts].sort(([, a], [, b]) => b.count - a.count)[0];
    return most && most[1].count >= 2 ? { form: most[0], cell: most[1].cell } : undefined;
  }

  /** A cell that holds a number where others hold a formula, or a number of the case that was entered as another. */
  #typed(root: JudgedCell, cell: KnownCell): Candidate[] {
    const key = this.#model.book.keyOf(root.place);
    const { value } = cell.content;
    const known = { cells: [fullAddress(root.place)], wrongFormula: String(value) };
    if ('column' in root.of) {
      const { column, k } = root.of;
      const shared = this.#asOthers(root, cell);
      if (shared.length > 0) return shared;
      const before = column === 'opening' ? this.#model.meant('before', k) : undefined;
      return before && k > this.#model.firstK
        ? [
            {
              ...known,
              causes: ['opening-not-carried'],
              tier: 1,
              instead: new Map([[key, before]]),
              rightFormula: writeFormula(before),
            },
          ]
        : [];
    }
    const { expected } = root;
    if (expected === undefined || !('input' in root.of)) return [];
    const { input } = root.of;
    const { perYear, n } = this.#model.numbers;
    const isYears = input === 'payments' && Math.abs(root.value * perYear - n) < 1e-6;
    const isText = typeof value === 'string' && numberInText(value) !== undefined;
    return [
      {
        ...known,
        causes: [isYears ? 'count-in-years' : isText ? 'text-that-looks-like-a-number' : 'given-mistyped'],
        tier: 0,
        instead: new Map([[key, expected]]),
        rightFormula: String(expected),
      },
    ];
  }
}

/** Candidates that change the same cells to the same formulas are one. */
function unique(candidates: readonly Candidate[]): Candidate[] {
  const seen = new Map<string, Candidate>();
  for (const candidate of candidates) {
    const name = `${[...candidate.causes].sort().join(' ')} ${candidate.rightFormula} ${[...candidate.instead.keys()].join(' ')}`;
    if (!seen.has(name)) seen.set(name, candidate);
  }
  return [...seen.values()];
}

/** Those that leave fewest wrong cells; among them those whose cause says most. */
function best(found: readonly Mended[]): Mended[] {
  const least = Math.min(...found.map(({ left }) => left));
  const few = found.filter(({ left }) => left === least);
  const tier = Math.min(...few.map((each) => each.tier));
  const fewest = Math.min(...few.filter((each) => each.tier === tier).map(({ causes }) => causes.length));
  const chosen = few.filter((each) => each.tier === tier && each.causes.length === fewest);
  // One of each cause is enough.
  return chosen.filter((each, at) => chosen.findIndex((other) => other.causes.join() === each.causes.join()) === at);
}
