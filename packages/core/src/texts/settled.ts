/** What a reader of the reading settled: a number's role or value, a doubt's choice, one more number marked. */

import type { WordRole } from './lexicon/wordRole.ts';
import type { ReadKind, Role } from './reading.ts';
import type { RoleSign } from './roles.ts';
import type { Token } from './tokens.ts';

export interface Settled {
  /** By where a number begins in the text. */
  readonly roles?: Readonly<Record<string, SettledRole>>;
  readonly values?: Readonly<Record<string, number>>;
  /** Spans marked as numbers by hand. */
  readonly marks?: readonly { readonly start: number; readonly end: number; readonly value: number }[];
  readonly kind?: ReadKind;
  readonly timing?: 'end' | 'beginning';
  readonly payments?: number;
  readonly paymentsPerYear?: number;
  readonly quoted?: 'nominal' | 'per-period';
  /** The reading is right as it is: what was only suspected is doubted no more. */
  readonly asRead?: 'yes';
}

/** A role that can be given by hand; `ignored` leaves a number aside. */
export type SettledRole = Role | 'ignored';

/** Signs that outweigh all words. */
const BY_HAND = 99;

export function settledTokens(tokens: readonly Token[], { values = {}, marks = [] }: Settled): Token[] {
  const added = marks.map(({ start, end, value }): Token => ({ form: 'money', start, end, value, unit: '' }));
  const kept = tokens.filter(({ start, end }) => added.every((each) => end <= each.start || start >= each.end));
  return [...kept, ...added]
    .map((token) => ({ ...token, value: values[token.start] ?? token.value }))
    .sort((one, other) => one.start - other.start);
}

/** A number that is given a role has no other; money may become a count or a rate only by what it is. */
export function settledSigns(
  signs: readonly (readonly RoleSign[])[],
  tokens: readonly Token[],
  { roles = {} }: Settled,
): readonly (readonly RoleSign[])[] {
  return signs.map((each, at) => {
    const role = roles[tokens[at]?.start ?? -1];
    if (role === undefined) return each;
    return [{ role: role as WordRole, weight: BY_HAND, start: 0, end: 0 }];
  });
}

/** A choice taken, beside what was settled before. */
export function settle(settled: Settled, sets: Readonly<Record<string, string>>): Settled {
  let next = settled;
  for (const [key, value] of Object.entries(sets)) {
    const place = /^role@(\d+)$/.exec(key)?.[1];
    if (place !== undefined) next = { ...next, roles: { ...next.roles, [place]: value as SettledRole } };
    else if (key === 'payments' || key === 'paymentsPerYear') next = { ...next, [key]: Number(value) };
    else next = { ...next, [key]: value };
  }
  return next;
}

/** The roles a number can be given, by its form, the likeliest first. */
export const rolesByForm: Readonly<Partial<Record<Token['form'], readonly SettledRole[]>>> = {
  money: [
    'amount',
    'price',
    'payment',
    'finalAmount',
    'downPayment',
    'tradeIn',
    'received',
    'spent',
    'rebate',
    'fee',
    'charge',
    'repaid',
    'creditPrice',
    'extra',
    'paymentRise',
    'ignored',
  ],
  count: ['payments', 'amount', 'payment', 'finalAmount', 'price', 'ignored'],
  percent: ['rate', 'newRate', 'downPaymentRate', 'finalAmountRate', 'paymentRise', 'ignored'],
  time: ['duration', 'skip', 'ignored'],
  nth: ['ignored'],
  calendar: ['ignored'],
};
