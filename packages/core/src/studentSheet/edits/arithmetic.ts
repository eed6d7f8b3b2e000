/** Edits of the arithmetic of a row: signs, extra payments, balances carried down, numbers written into formulas. */

import { type Node } from '../formula.ts';
import { type Edit, type Variant, binary, count, isNumber, num, places, replaceNth, whole } from './variant.ts';

/** A plus for a minus. */
export const signs: Edit = (node, cell) => {
  const isSum = (each: Node): boolean => each.op === 'binary' && (each.sign === '+' || each.sign === '-');
  const isPrincipal = cell.column === 'principal';
  return [
    ...places(count(node, isSum)).map((nth): Variant => ({
      cause: isPrincipal ? 'principal-plus-interest' : 'sign-added-or-subtracted',
      tier: isPrincipal ? 1 : 2,
      change: (each) =>
        replaceNth(each, isSum, nth, (part) =>
          part.op === 'binary' ? { ...part, sign: part.sign === '+' ? '-' : '+' } : undefined,
        ),
    })),
    // The one taken off the other: interest − payment for payment − interest.
    ...places(count(node, isSum)).map((nth): Variant => ({
      cause: 'sign-added-or-subtracted',
      tier: 2,
      change: (each) =>
        replaceNth(each, isSum, nth, (part) =>
          part.op === 'binary' && part.sign === '-'
            ? { ...part, left: whole(part.right), right: whole(part.left) }
            : undefined,
        ),
    })),
  ];
};

/** What is paid on top, taken off. */
export const extra: Edit = (_node, { model, column }) => {
  if (column !== 'principal' && column !== 'closing' && column !== 'payment') return [];
  if (!model.keys.some(({ rows }) => rows.some((row) => row.extra !== 0))) return [];
  return (['+', '-'] as const).map((sign): Variant => ({
    cause: 'extra-not-subtracted',
    tier: 1,
    change: (each, { k }) => {
      const more = model.meant('extra', k) ?? num(model.keys[0]?.rows[k - 1]?.extra ?? 0);
      return binary(sign, each, more);
    },
  }));
};

/** A row that begins with what the row before ends with. */
export const carried: Edit = (_node, { column }) =>
  column === 'opening'
    ? [{ cause: 'opening-not-carried', tier: 1, change: (_each, { model, k }) => model.meant('before', k) }]
    : [];

/** A number inside a formula, with the one that is meant. */
export const literal: Edit = (node, { model }) => {
  const { i, annual, n, perYear: p } = model.numbers;
  const meant = [
    annual,
    100 * annual,
    i,
    100 * i,
    n,
    p,
    n / p,
    model.plan.amount,
    model.keys[0]?.rows[0]?.payment ?? NaN,
    model.keys.at(-1)?.rows[0]?.payment ?? NaN,
  ];
  return places(count(node, isNumber)).flatMap((nth) =>
    meant.map((value): Variant => ({
      cause: 'number-in-formula',
      tier: 2,
      change: (each) => replaceNth(each, isNumber, nth, () => num(value)),
    })),
  );
};
