/** Edits of the rate in a formula: by the year, divided by another count, a percentage as a plain number. */

import { type Node } from '../formula.ts';
import {
  type Edit,
  type Variant,
  binary,
  count,
  num,
  perYear,
  places,
  readsRate,
  replaceNth,
  targetOf,
} from './variant.ts';

/** The yearly rate used as it is. */
export const yearlyRate: Edit = (node, cell) => {
  const { model } = cell;
  const { annual, i } = model.numbers;
  const isYearly = (each: Node): boolean => {
    if (each.op === 'number') return Math.abs(each.value - annual) < 1e-9 || Math.abs(each.value - 100 * annual) < 1e-9;
    if (each.op !== 'ref') return false;
    const role = model.role(targetOf(each.ref, cell));
    return role.kind === 'input' && (role.name === 'rate' || role.name === 'ratePerPayment');
  };
  return places(count(node, isYearly)).flatMap((nth): Variant[] => [
    {
      cause: 'yearly-rate-in-row',
      tier: 1,
      change: (each, own) =>
        replaceNth(each, isYearly, nth, (part) => ({ op: 'brackets', of: binary('/', part, perYear(own)) })),
    },
    ...(Math.abs(i * model.numbers.perYear - annual) < 1e-12
      ? []
      : [
          {
            cause: 'yearly-rate-in-row' as const,
            tier: 1 as const,
            change: (each: Node) => replaceNth(each, isYearly, nth, () => num(i)),
          },
        ]),
  ]);
};

/** Divided by another count than the payments a year. */
export const wrongDivisor: Edit = (node, cell) => {
  const isDivision = (each: Node): boolean => each.op === 'binary' && each.sign === '/';
  return places(count(node, isDivision)).map((nth): Variant => ({
    cause: 'rate-divided-by-wrong-count',
    tier: 1,
    change: (each, own) =>
      replaceNth(each, isDivision, nth, (part) =>
        part.op === 'binary' && readsRate(part.left, cell) ? { ...part, right: perYear(own) } : undefined,
      ),
  }));
};

/** A rate of 6.6 where 0.066 is meant. */
export const percent: Edit = (node, cell) => {
  const isRate = (each: Node): boolean => (each.op === 'ref' || each.op === 'number') && readsRate(each, cell);
  return places(count(node, isRate)).map((nth): Variant => ({
    cause: 'percent-as-number',
    tier: 1,
    change: (each) => replaceNth(each, isRate, nth, (part) => ({ op: 'brackets', of: binary('/', part, num(100)) })),
  }));
};
