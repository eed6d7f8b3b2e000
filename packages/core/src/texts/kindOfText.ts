/** Which kind of case a text tells. */

import type { Page, Scope } from './page.ts';
import type { ReadKind } from './reading.ts';

export interface KindRead {
  readonly kind: ReadKind;
  /** What else it could well be. */
  readonly other?: ReadKind;
}

const kinds: readonly ReadKind[] = ['borrowing', 'saving', 'drawing-down', 'lump-sum', 'leasing'];

/** @param paid whether payments fall in it */
export function kindOfText(page: Page, scope: Scope, paid: boolean): KindRead {
  const signs = page.kinds.filter(scope);
  const points = new Map<ReadKind, number>();
  // The same word once more says little more.
  const heard = new Set<string>();
  for (const { says, weight, start, end } of signs) {
    const words = `${says} ${page.flat.slice(start, end).replace(/\d+/g, '')}`;
    points.set(says, (points.get(says) ?? 0) + (heard.has(words) ? 1 : weight));
    heard.add(words);
  }
  const of = (kind: ReadKind): number => points.get(kind) ?? 0;
  const amounts = page.tokens.some((token, at) => scope(page.places[at]!) && (token.form === 'money' || (token.form === 'count' && isMoneyCount(page, at))));
  const rates = page.tokens.some(({ form }, at) => form === 'percent' && scope(page.places[at]!));
  if (!amounts && rates && !paid) return { kind: 'convert' };
  if (of('flat') > 0) return { kind: 'flat' };
  if (of('leasing') >= 7) return { kind: 'leasing' };
  if (!paid) return { kind: 'lump-sum' };
  const prices = page.signs.some((each, at) => scope(page.places[at]!) && page.tokens[at]?.form === 'money' && each.some(({ role, weight }) => (role === 'price' || role === 'tradeIn' || role === 'downPayment') && weight >= 9));
  const ranked = kinds
    .filter((kind) => kind !== 'lump-sum' && kind !== 'leasing')
    .map((kind) => ({ kind, points: of(kind) + (kind === 'borrowing' && prices ? 2 : 0) }))
    .sort((one, other) => other.points - one.points);
  const [best, next] = ranked;
  if (!best || best.points === 0) return { kind: 'borrowing', other: 'saving' };
  const isClose = next !== undefined && next.points > 0 && next.points >= best.points * 0.8;
  return { kind: best.kind, ...(isClose ? { other: next.kind } : {}) };
}

const isMoneyCount = ({ signs }: Page, at: number): boolean =>
  signs[at]?.some(({ role }) => ['amount', 'payment', 'finalAmount', 'price'].includes(role)) ?? false;
