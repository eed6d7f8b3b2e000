/** Edits of what a financial function is given, and of the sign it gives. */

import { type CauseId } from '../causes.ts';
import { type Node, type Ref, nodesOf } from '../formula.ts';
import {
  type Edit,
  type EditedCell,
  type Variant,
  binary,
  count,
  num,
  perYear,
  places,
  replaceNth,
  targetOf,
  whole,
} from './variant.ts';

/** The place of the count among the arguments of a financial function. */
const countAt: Readonly<Record<string, number>> = {
  PMT: 1,
  PV: 1,
  FV: 1,
  IPMT: 2,
  PPMT: 2,
  CUMIPMT: 1,
  CUMPRINC: 1,
  RATE: 0,
};
/** The places of the amount, of the end and of the timing. */
const amountAt: Readonly<Record<string, number>> = {
  PMT: 2,
  IPMT: 3,
  PPMT: 3,
  CUMIPMT: 2,
  CUMPRINC: 2,
  FV: 3,
  NPER: 2,
  RATE: 2,
};
const endAt: Readonly<Record<string, number>> = { PMT: 3, IPMT: 4, PPMT: 4, PV: 3, NPER: 3, RATE: 3 };
const typeAt: Readonly<Record<string, number>> = {
  PMT: 4,
  IPMT: 5,
  PPMT: 5,
  PV: 4,
  FV: 4,
  NPER: 4,
  RATE: 4,
  CUMIPMT: 5,
  CUMPRINC: 5,
};

const isFinancial = (node: Node): boolean => node.op === 'call' && Object.hasOwn(typeAt, node.name);

/** The nth financial call with other arguments. */
function withArguments(
  cause: CauseId,
  nth: number,
  make: (call: Extract<Node, { op: 'call' }>, cell: EditedCell) => readonly (Node | undefined)[] | undefined,
): Variant {
  return {
    cause,
    tier: 1,
    change: (each, own) =>
      replaceNth(each, isFinancial, nth, (part) => {
        if (part.op !== 'call') return undefined;
        const args = make(part, own);
        return args && { ...part, args };
      }),
  };
}

const setAt = (args: readonly (Node | undefined)[], at: number, node: Node): (Node | undefined)[] =>
  places(Math.max(args.length, at + 1)).map((place) => (place === at ? node : args[place]));

export const countInYears: Edit = (node) =>
  places(count(node, isFinancial)).map((nth) =>
    withArguments('count-in-years', nth, ({ name, args }, own) => {
      const at = countAt[name];
      const arg = at === undefined ? undefined : args[at];
      return at === undefined || !arg ? undefined : setAt(args, at, binary('*', whole(arg), perYear(own)));
    }),
  );

export const swapped: Edit = (node) => {
  const calls = nodesOf(node).filter(isFinancial);
  return calls.flatMap((call, nth) => {
    const size = call.op === 'call' ? call.args.length : 0;
    return places(size).flatMap((one) =>
      places(size)
        .filter((other) => other > one)
        .map((other) =>
          withArguments('arguments-swapped', nth, ({ args }) =>
            args.map((arg, at) => (at === one ? args[other] : at === other ? args[one] : arg)),
          ),
        ),
    );
  });
};

export const leftOut: Edit = (node, cell) => {
  const { model } = cell;
  const { finalAmount, amount } = model.plan;
  const calls = nodesOf(node).filter(isFinancial);
  return calls.flatMap((_, nth) => [
    ...(finalAmount === 0
      ? []
      : [1, -1].map((sign) =>
          withArguments('argument-left-out', nth, ({ name, args }) => {
            const at = endAt[name];
            const end = model.meant('finalAmount', 1) ?? num(finalAmount);
            return at === undefined || args[at]
              ? undefined
              : setAt(args, at, sign > 0 ? end : { op: 'minus', of: end });
          }),
        )),
    ...[1, -1].map((sign) =>
      withArguments('argument-left-out', nth, ({ name, args }) => {
        const at = amountAt[name];
        const start = model.meant('amount', 1) ?? num(amount);
        return at === undefined || args[at]
          ? undefined
          : setAt(args, at, sign > 0 ? start : { op: 'minus', of: start });
      }),
    ),
    // One argument in the middle left out moves the rest to the left.
    ...places(3).map((gap) =>
      withArguments('argument-left-out', nth, ({ args }) => {
        const input = model.meant(gap === 0 ? 'ratePerPayment' : gap === 1 ? 'payments' : 'amount', 1);
        return input && args.length < 3 ? [...args.slice(0, gap), input, ...args.slice(gap)] : undefined;
      }),
    ),
  ]);
};

export const typeArgument: Edit = (node, { model }) => {
  const type = num(model.plan.timing === 'begin' ? 1 : 0);
  return places(count(node, isFinancial)).map((nth) =>
    withArguments('type-left-out', nth, ({ name, args }) => {
      const at = typeAt[name];
      return at === undefined ? undefined : setAt(args, at, type);
    }),
  );
};

/** What a function gives, turned: in the cell itself, or where another cell is read. */
export const functionSign: Edit = (node, cell) => {
  const isTurnable = (each: Node): boolean => isFinancial(each) || (each.op === 'ref' && readsFunction(each.ref, cell));
  return [
    ...places(count(node, isTurnable)).map((nth): Variant => ({
      cause: 'sign-of-function',
      tier: 1,
      change: (each) =>
        replaceNth(each, isTurnable, nth, (part) => ({ op: 'brackets', of: { op: 'minus', of: part } })),
    })),
    ...(nodesOf(node).some(isFinancial)
      ? [
          {
            cause: 'sign-of-function' as const,
            tier: 1 as const,
            change: (each: Node): Node => ({ op: 'minus', of: whole(each) }),
          },
        ]
      : []),
  ];
};

function readsFunction(ref: Ref, cell: EditedCell): boolean {
  const read = cell.model.book.at(targetOf(ref, cell))?.node;
  if (!read) return false;
  if (nodesOf(read).some(isFinancial)) return true;
  // A column of payments that points to the payment's own cell.
  return (
    read.op === 'ref' &&
    nodesOf(
      cell.model.book.at({ sheet: read.ref.sheet ?? cell.place.sheet, row: read.ref.row, column: read.ref.column })
        ?.node ?? read,
    ).some(isFinancial)
  );
}
