/** What a worksheet may be told though its numbers are right, or no mending can show: rows missing, values typed, cents only shown. */

import { roundTo } from '../money/roundMoney.ts';
import { fullAddress } from './cells.ts';
import { causeWords, type CauseId } from './causes.ts';
import { nodesOf, writeFormula } from './formula.ts';
import { HALF_A_CENT, type Judging } from './judgeCells.ts';
import { strangeIn, type KnownCell } from './recalculate.ts';
import type { SheetModel } from './sheetModel.ts';
import { moneyColumns, type MoneyColumn } from './tableKeys.ts';
import { numberInText } from './values.ts';

export interface Remark {
  readonly id: CauseId;
  readonly cells: readonly string[];
  readonly says: string;
  /** Whether marks hang on it: rows that are missing or too many do, the rest is for the house rules. */
  readonly isFault: boolean;
}

/** A column with its cells, from the first row. */
interface OwnColumn {
  readonly column: MoneyColumn;
  readonly cells: readonly KnownCell[];
}

export function remarksOn(model: SheetModel, judging: Judging): Remark[] {
  const columns = moneyColumns.flatMap((column): OwnColumn[] => {
    const cells: KnownCell[] = [];
    for (let k = model.firstK; k <= model.lastK; k += 1) {
      const cell = model.cellAt(column, k);
      if (cell) cells.push(cell);
    }
    return cells.length > 0 ? [{ column, cells }] : [];
  });
  return [
    ...tooFew(model),
    ...tooMany(model, judging),
    ...lastLikeOthers(model),
    ...typedValues(columns),
    ...typedOver(columns, judging),
    ...roundedInSome(columns),
    ...shownToTheCent(model, columns),
    ...numbersInFormulas(model, columns),
    ...longRanges(model),
    ...texts(model),
    ...notUnderstood(model),
    ...storedOtherwise(model),
  ];
}

const words = (id: CauseId): string => causeWords[id].advice;

function tooFew({ lastK, askedCount, keyCount, table, plan }: SheetModel): Remark[] {
  if (lastK >= askedCount) return [];
  const missing = askedCount - lastK;
  const end =
    askedCount < keyCount - 1 ? `payment ${askedCount}` : plan.finalAmount === 0 ? 'nothing is left' : 'its end';
  return [
    {
      id: 'copied-too-few',
      cells: [`${table.sheet}!${Object.values(table.columns)[0] ?? 'A'}${table.lastRow}`],
      says: `The table stops after payment ${lastK}; ${missing === 1 ? 'one row is' : `${missing} rows are`} missing until ${end}.`,
      isFault: true,
    },
  ];
}

function tooMany({ keyCount }: SheetModel, judging: Judging): Remark[] {
  const beyond = judging.cells.filter(({ of }) => 'column' in of && of.k > keyCount);
  if (beyond.length === 0) return [];
  return [
    {
      id: 'copied-too-many',
      cells: beyond.map(({ place }) => fullAddress(place)),
      says: `Payment ${keyCount} is the last; the rows after it are too many.`,
      isFault: true,
    },
  ];
}

function lastLikeOthers(model: SheetModel): Remark[] {
  const { plan, keyCount, base } = model;
  if (plan.rounding.last !== 'clears' || model.lastK < keyCount) return [];
  const [last, closing] = [model.placeOf('payment', keyCount), model.placeOf('closing', keyCount)];
  if (!closing) return [];
  const left = base.numberAt(closing) - plan.finalAmount;
  const level = model.keys[0]?.rows[0]?.payment ?? 0;
  if (!(Math.abs(left) > HALF_A_CENT) || Math.abs(left) > Math.max(1, level * 0.05)) return [];
  return [
    {
      id: 'last-payment-not-adjusted',
      cells: [fullAddress(last ?? closing)],
      says: `The last payment is like the others, and ${Math.abs(left).toFixed(2)} ${left > 0 ? 'is left' : 'too much is paid'}.`,
      isFault: false,
    },
  ];
}

function typedValues(columns: readonly OwnColumn[]): Remark[] {
  const all = columns.flatMap(({ cells }) => cells);
  if (all.length < 6 || all.some(({ content }) => content.formula !== undefined)) return [];
  return [
    {
      id: 'values-no-formulas',
      cells: [fullAddress(all[0]!.place)],
      says: words('values-no-formulas'),
      isFault: false,
    },
  ];
}

/** A right number typed into a column of formulas. */
function typedOver(columns: readonly OwnColumn[], judging: Judging): Remark[] {
  const right = new Set(
    judging.cells.filter(({ verdict }) => verdict.startsWith('right')).map(({ place }) => fullAddress(place)),
  );
  return columns.flatMap(({ column, cells }): Remark[] => {
    // A table begins with an amount or with nothing: that is typed.
    const begins = column === 'opening' || cells[0]?.content.value === 0;
    const typed = cells
      .slice(begins ? 1 : 0)
      .filter(({ content }) => content.formula === undefined && typeof content.value === 'number');
    const formulas = cells.length - typed.length;
    const over = typed.filter(({ place }) => right.has(fullAddress(place)));
    if (over.length === 0 || formulas < 2 || formulas <= over.length * 2 || column === 'extra') return [];
    return [
      {
        id: 'number-typed-over',
        cells: over.map(({ place }) => fullAddress(place)),
        says: words('number-typed-over'),
        isFault: false,
      },
    ];
  });
}

const isRounded = ({ node }: KnownCell): boolean =>
  node !== undefined &&
  nodesOf(node).some((each) => each.op === 'call' && /^(M?ROUND|ROUNDUP|ROUNDDOWN|TRUNC)$/.test(each.name));

function roundedInSome(columns: readonly OwnColumn[]): Remark[] {
  return columns.flatMap(({ cells }): Remark[] => {
    const formulas = cells.filter(({ node }) => node !== undefined);
    const rounded = formulas.filter(isRounded);
    const plain = formulas.length - rounded.length;
    if (rounded.length === 0 || plain === 0 || formulas.length < 3) return [];
    const few = rounded.length <= plain ? rounded : formulas.filter((cell) => !isRounded(cell));
    // A first or last row may have its own formula; that is no rounding here and there.
    if (few.every(({ place }) => place.row === formulas.at(-1)!.place.row)) return [];
    return [
      {
        id: 'rounded-in-one-place-only',
        cells: few.map(({ place }) => fullAddress(place)),
        says: words('rounded-in-one-place-only'),
        isFault: false,
      },
    ];
  });
}

function shownToTheCent({ plan, base }: SheetModel, columns: readonly OwnColumn[]): Remark[] {
  if (plan.rounding.interest !== 'cent') return [];
  const cells = columns.find(({ column }) => column === 'interest')?.cells ?? [];
  const shown = cells.filter((cell) => {
    const value = base.numberAt(cell.place);
    const isLonger = Math.abs(value - roundTo(value, 2)) > 1e-8;
    return cell.node !== undefined && !isRounded(cell) && isLonger && /0\.00(?!0)/.test(cell.content.format ?? '');
  });
  return shown.length === 0
    ? []
    : [
        {
          id: 'formatted-not-rounded',
          cells: shown.map(({ place }) => fullAddress(place)),
          says: words('formatted-not-rounded'),
          isFault: false,
        },
      ];
}

/** Numbers of the case written into formulas that should read their cells. */
function numbersInFormulas(model: SheetModel, columns: readonly OwnColumn[]): Remark[] {
  const { annual, i } = model.numbers;
  const payments = model.keys.map(({ rows }) => rows[0]?.payment ?? NaN);
  const given = [
    annual,
    100 * annual,
    i,
    100 * i,
    model.plan.amount,
    ...payments.map((payment) => roundTo(payment, 2)),
  ];
  return columns.flatMap(({ cells }): Remark[] => {
    const written = cells.filter(
      ({ node }) =>
        node &&
        nodesOf(node).some(
          (each) => each.op === 'number' && given.some((number) => Math.abs(each.value - number) < 1e-9),
        ) &&
        node.op !== 'number',
    );
    if (written.length < 2 && !(written.length === 1 && cells.length <= 2)) return [];
    return [
      {
        id: 'number-in-formula',
        cells: written.map(({ place }) => fullAddress(place)),
        says: `A number of the case is written into ${writeFormula(written[0]!.node!)}; it should read its cell.`,
        isFault: false,
      },
    ];
  });
}

/** A total over more cells than the rows: a heading in it counts nothing, and yet it should not be there. */
function longRanges({ table, columns, book }: SheetModel): Remark[] {
  const row = table.totalsRow;
  if (row === undefined) return [];
  const cells = [...columns.values()].flatMap((column): string[] => {
    const place = { sheet: table.sheet, row, column };
    const node = book.at(place)?.node;
    const isLong =
      node &&
      nodesOf(node).some(
        (each) =>
          each.op === 'range' && (each.from.row < (table.row0 ?? table.firstRow) || each.to.row > table.lastRow),
      );
    return isLong ? [fullAddress(place)] : [];
  });
  return cells.length === 0
    ? []
    : [{ id: 'range-includes-head-or-total', cells, says: words('range-includes-head-or-total'), isFault: false }];
}

function texts(model: SheetModel): Remark[] {
  const inputs = [...model.inputs.values()].flatMap((place) => model.book.at(place) ?? []);
  const found = inputs.filter(
    ({ node, content }) => !node && typeof content.value === 'string' && numberInText(content.value) !== undefined,
  );
  return found.length === 0
    ? []
    : [
        {
          id: 'text-that-looks-like-a-number',
          cells: found.map(({ place }) => fullAddress(place)),
          says: words('text-that-looks-like-a-number'),
          isFault: false,
        },
      ];
}

/** Formulas that cannot be worked out here: what the file shows in them was judged. */
function notUnderstood({ book }: SheetModel): Remark[] {
  const cells: string[] = [];
  const names = new Set<string>();
  for (const { place, node, unread } of book.cells.values()) {
    const strange = node && strangeIn(node, book);
    if (strange === undefined && unread === undefined) continue;
    cells.push(fullAddress(place));
    if (strange !== undefined) names.add(strange);
  }
  if (cells.length === 0) return [];
  const which = names.size === 0 ? '' : ` with ${[...names].slice(0, 3).join(', ')}`;
  const says = `Formulas${which} are not worked out again; the numbers that the file shows in them were taken.`;
  return [{ id: 'formula-not-understood', cells, says, isFault: false }];
}

/** Numbers the file shows that its formulas do not give. */
function storedOtherwise({ book, base }: SheetModel): Remark[] {
  const cells: string[] = [];
  for (const { place, content, node } of book.cells.values()) {
    if (!node || typeof content.value !== 'number') continue;
    const value = base.numberAt(place);
    if (Number.isFinite(value) && Math.abs(value - content.value) > HALF_A_CENT + 1e-9 * Math.abs(value))
      cells.push(fullAddress(place));
  }
  return cells.length === 0
    ? []
    : [{ id: 'stored-values-differ', cells, says: words('stored-values-differ'), isFault: false }];
}
