/** Which kind of case a text tells. */

import type { Asked } from './lexicon/questions/index.ts';
import { growthIn } from './growth.ts';
import type { Page, Scope } from './page.ts';
import type { ReadKind } from './reading.ts';

export interface KindRead {
  readonly kind: ReadKind;
  /** What else it could well be. */
  readonly other?: ReadKind;
}

/** "What does a card charge per year, effectively, at 1.75 % a month?": rates, and nothing else. */
const isBare = ({ tokens, signs }: Page): boolean =>
  !tokens.some(
    ({ form }, at) =>
      form === 'money' ||
      ((form === 'time' || form === 'count') && !['daysPerYear', 'ignored'].includes(signs[at]?.[0]?.role ?? '')),
  );

const kinds: readonly ReadKind[] = ['borrowing', 'saving', 'drawing-down', 'lump-sum', 'leasing'];

/**
 * @param scope where its kind is told
 * @param within where its numbers stand
 * @param paid whether payments fall in it
 */
export function kindOfText(
  page: Page,
  scope: Scope,
  within: Scope,
  paid: boolean,
  asked: ReadonlySet<Asked>,
): KindRead {
  const points = pointsOf(page, scope);
  // Who owes nothing saves.
  if (page.signs.some(([sign], at) => sign?.role === 'amount' && page.tokens[at]?.value === 0))
    points.delete('borrowing');
  const add = (kind: ReadKind, more: number): void => void points.set(kind, (points.get(kind) ?? 0) + more);
  if (asked.has('balance') && /owe|owing|debt|outstanding/.test(page.flat)) add('borrowing', 6);
  if (asked.has('finalAmount') && paid && (points.get('drawing-down') ?? 0) < 5 && (points.get('borrowing') ?? 0) < 6)
    add('saving', 6);
  const of = (kind: ReadKind): number => points.get(kind) ?? 0;
  const amounts = page.tokens.some(
    (token, at) =>
      within(page.places[at]!) && (token.form === 'money' || (token.form === 'count' && isMoneyCount(page, at))),
  );
  const rates = page.tokens.some(
    ({ form }, at) =>
      form === 'percent' && scope(page.places[at]!) && !['downPaymentRate', 'feeRate'].includes(roleAt(page, at)),
  );
  const asksRate = ['nominalRate', 'effectiveRate', 'ratePerPayment', 'choice', 'difference'].some((each) =>
    asked.has(each as Asked),
  );
  // "What is the effective rate? How long does money take to double?": of a sum, whatever it is.
  const doubles = growthIn(page) !== undefined && (asked.has('howLong') || asked.has('years'));
  if (!amounts && rates && (!paid || (isBare(page) && asksRate)))
    return { kind: !doubles && (asksRate || asked.size === 0) ? 'convert' : 'lump-sum' };
  if (isFlat(page, scope, { said: of('flat') > 0, asked: asked.has('flatRate'), rates, paid })) return { kind: 'flat' };
  if (of('leasing') >= 7) return { kind: 'leasing' };
  if (!paid) return { kind: 'lump-sum' };
  const prices = page.signs.some(
    (each, at) =>
      scope(page.places[at]!) &&
      page.tokens[at]?.form === 'money' &&
      each.some(({ role, weight }) => ['price', 'tradeIn'].includes(role) && weight >= 9),
  );
  // Payments whose worth today is asked are owed or drawn; nobody saves towards a beginning.
  const isWorthNow =
    asked.has('amount') &&
    !asked.has('payment') &&
    !page.signs.some((each) => each.some(({ role, weight }) => role === 'finalAmount' && weight >= 9));
  const ranked = kinds
    .filter((kind) => kind !== 'lump-sum' && kind !== 'leasing' && !(kind === 'saving' && isWorthNow))
    .map((kind) => ({ kind, points: of(kind) + (kind === 'borrowing' && prices ? 6 : 0) }))
    .sort((one, other) => other.points - one.points);
  const [best, next] = ranked;
  const isPriced = page.signs.some((each, at) => each[0]?.role === 'price' && scope(page.places[at]!));
  // Who pays in instalments owes; who saves deposits.
  const isOwed = /(?:^|[^a-z])(?:payments?|instal?lments?|buys?|bought|sold|sells?|costs?)(?![a-z])/.test(page.flat);
  if (!best || best.points === 0)
    return { kind: 'borrowing', ...(isWorthNow || isOwed || isPriced ? {} : { other: 'saving' as const }) };
  // What is owed and what is drawn down are the same numbers.
  const isSame = best.kind !== 'saving' && next?.kind !== 'saving';
  const isClose = !isSame && next !== undefined && next.points > 0 && next.points >= best.points * 0.85;
  return { kind: best.kind, ...(isClose ? { other: next.kind } : {}) };
}

/** A charge on the whole sum: told in words, or as money without a rate. */
function isFlat(
  page: Page,
  scope: Scope,
  { said, asked, rates, paid }: { said: boolean; asked: boolean; rates: boolean; paid: boolean },
): boolean {
  const charged = page.signs.some(
    (each, at) => each[0]?.role === 'charge' && page.tokens[at]?.form === 'money' && scope(page.places[at]!),
  );
  // Interest that was earned, not charged.
  const isEarned = charged && !paid && /earn|deposit|invest|gr[eo]w/.test(page.flat);
  // Where only the question speaks of a flat rate, the plan is any other.
  return said ? !asked || rates || charged : charged && !rates && !isEarned;
}

/** How much the words say of each kind. */
function pointsOf(page: Page, scope: Scope): Map<ReadKind, number> {
  const points = new Map<ReadKind, number>();
  // The same word once more says little more.
  const heard = new Set<string>();
  for (const { says, weight, start, end } of page.kinds.filter(scope)) {
    const words = `${says} ${page.flat.slice(start, end).replace(/\d+/g, '')}`;
    points.set(says, (points.get(says) ?? 0) + (heard.has(words) ? 1 : weight));
    heard.add(words);
  }
  return points;
}

const roleAt = ({ signs }: Page, at: number): string => signs[at]?.[0]?.role ?? '';

const isMoneyCount = ({ signs }: Page, at: number): boolean =>
  signs[at]?.some(({ role }) => ['amount', 'payment', 'finalAmount', 'price'].includes(role)) ?? false;
