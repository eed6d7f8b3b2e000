/** Which sum of money is what: the signs beside each, and what the kind of case has room for. */

import type { WordRole } from './lexicon/wordRole.ts';
import { tokenAt, type Page } from './page.ts';
import type { ReadKind } from './reading.ts';

/** By role, the tokens that are it. */
export type Money = Partial<Record<WordRole, number[]>>;

const moneyRoles: Readonly<Record<ReadKind, readonly WordRole[]>> = {
  borrowing: [
    'price',
    'downPayment',
    'tradeIn',
    'rebate',
    'fee',
    'amount',
    'payment',
    'finalAmount',
    'extra',
    'paymentRise',
    'newPayment',
    'repaid',
    'creditPrice',
  ],
  flat: ['price', 'downPayment', 'tradeIn', 'rebate', 'fee', 'charge', 'amount', 'payment', 'repaid', 'creditPrice'],
  leasing: ['price', 'downPayment', 'tradeIn', 'rebate', 'fee', 'amount', 'payment', 'finalAmount', 'repaid'],
  saving: ['received', 'spent', 'amount', 'payment', 'finalAmount', 'paymentRise', 'newPayment', 'extra', 'repaid'],
  'drawing-down': ['received', 'spent', 'amount', 'payment', 'finalAmount', 'paymentRise', 'newPayment', 'repaid'],
  'lump-sum': ['received', 'spent', 'amount', 'finalAmount', 'charge'],
  convert: [],
};

/** What a role of the words is in a kind of case that does not have it. */
const meant: Readonly<Partial<Record<ReadKind, Readonly<Partial<Record<WordRole, WordRole>>>>>> = {
  saving: { price: 'finalAmount', downPayment: 'amount' },
  'lump-sum': { payment: 'amount', price: 'finalAmount', downPayment: 'amount', extra: 'amount' },
  'drawing-down': { price: 'amount', extra: 'amount', downPayment: 'amount' },
};

const mayRepeat: ReadonlySet<WordRole> = new Set<WordRole>(['fee', 'extra', 'downPayment']);

interface MoneyRead {
  readonly money: Money;
  readonly unexplained: number[];
}

/** The strongest signs first; who comes too late for a role takes its next one. */
export function moneyOf(page: Page, within: readonly number[], kind: ReadKind, open: ReadonlySet<WordRole>): MoneyRead {
  const roles = moneyRoles[kind];
  const money: Money = {};
  const placed = new Set<number>();
  for (const { at, role } of wishesOf(page, within, kind, open)) {
    const held = money[role];
    const same = held?.some((each) => tokenAt(page, each).value === tokenAt(page, at).value);
    if (placed.has(at) || (held && !same && !mayRepeat.has(role))) continue;
    if (!held && isSaidAgain(page, at, placed)) continue;
    (money[role] ??= []).push(at);
    placed.add(at);
  }
  const { repaid } = money;
  // "Payments come to 512 on a loan of 25,000": each of them.
  const [whole] = money.amount ?? [];
  const [paid] = repaid ?? [];
  const isEach = kind === 'borrowing' && whole !== undefined && paid !== undefined && !money.payment;
  if (isEach && tokenAt(page, paid).value < tokenAt(page, whole).value) {
    money.payment = [paid];
    delete money.repaid;
  }
  // With nothing that was lent, "repays 22,000 by 60 payments" tells the loan.
  if (
    repaid &&
    !open.has('amount') &&
    !['amount', 'price', 'charge', 'finalAmount'].some((role) => money[role as WordRole])
  ) {
    money.amount = repaid;
    delete money.repaid;
  }
  const isAlone = within
    .filter((at) => tokenAt(page, at).form === 'money' && !isIgnored(page, at))
    .every((at) => placed.has(at));
  setRight(page, money, kind, open, isAlone);
  const known = new Set([...placed].map((at) => tokenAt(page, at).value));
  const unexplained = within.filter(
    (at) => tokenAt(page, at).form === 'money' && !known.has(tokenAt(page, at).value) && !isIgnored(page, at),
  );
  // What it shall cost is no start of savings of which the end is asked.
  const isGoal = (at: number): boolean =>
    kind === 'saving' && open.has('finalAmount') && page.signs[at]?.[0]?.role === 'price';
  const rest = unexplained.filter((at) => !isGoal(at) && !fillOpen(money, at, roles, open));
  turnSaving(page, money, kind);
  turnGrown(page, money, kind);
  if (open.has('downPayment') && !money.price && rest.length === 1) money.price = rest.splice(0);
  return { money, unexplained: rest };
}

/** "How much is paid in all, the 25,000 included?": a sum that was told, named in a question. */
const isSaidAgain = (page: Page, at: number, placed: ReadonlySet<number>): boolean =>
  page.questions.some(({ start, unit }) => page.places[at]!.start >= start && page.places[at]!.start < unit.end) &&
  [...placed].some((other) => other < at && tokenAt(page, other).value === tokenAt(page, at).value);

interface Wish {
  readonly at: number;
  readonly role: WordRole;
  readonly weight: number;
}

/** What each sum could be in a kind of case, the strongest first. */
function wishesOf(page: Page, within: readonly number[], kind: ReadKind, open: ReadonlySet<WordRole>): Wish[] {
  const isPriced = within.some((at) => page.signs[at]?.some(({ role, weight }) => role === 'price' && weight >= 6));
  // Where sums carry a sign, a number without one is none.
  const plainSums = !page.tokens.some(({ form }) => form === 'money');
  const isSum = (at: number): boolean => {
    const { form } = tokenAt(page, at);
    return (form === 'money' || (plainSums && form === 'count' && !isCount(page, at))) && !isIgnored(page, at);
  };
  const owes = kind === 'borrowing' || kind === 'leasing';
  return within
    .filter(isSum)
    .flatMap((at) =>
      (page.signs[at] ?? []).flatMap(({ role, weight }): Wish[] => {
        if (role === 'finalAmount' && weight < 9 && owes) return [];
        const heard = moneyRoles[kind].includes(role) ? role : meant[kind]?.[role];
        // What a bond was bought for is what was put in, where its end is asked.
        const as =
          heard === 'finalAmount' && role === 'price' && kind === 'lump-sum' && open.has(heard) ? 'amount' : heard;
        // "She has 21,000 saved. What can she buy?": paid down.
        if (as === 'amount' && owes && open.has(as) && isPutBy(page, at))
          return [{ at, role: 'downPayment', weight: weight - 1 }];
        if (!as || open.has(as)) return [];
        // "A boat costs 20,000 now. She saves 200 a month. How much has she?": no start of her savings.
        if (weight < 9 && kind === 'saving' && open.has('finalAmount') && page.signs[at]?.[0]?.role === 'price')
          return [];
        const isDeposit = as === 'downPayment' && isPriced && weight < 9;
        return [
          { at, role: as, weight: (as === role ? weight : role === 'extra' ? 4 : weight - 1) + (isDeposit ? 5 : 0) },
        ];
      }),
    )
    .sort((one, other) => other.weight - one.weight || one.at - other.at);
}

/** "She has 35,000 already saved." */
const isThereAlready = ({ flat, places }: Page, at: number): boolean => {
  const before = /(?<![a-z])(?:has|have|with|had|holds?) ([a-z ]{0,20})$/.exec(flat.slice(0, places[at]!.start));
  const behind = /^[^.?!⟨]{0,24}/.exec(flat.slice(places[at]!.end))?.[0] ?? '';
  return before !== null && /(?<![a-z])(?:already|so far)(?![a-z])/.test(`${before[1] ?? ''}${behind}`);
};

/** A buyer with money saved: it is paid down. */
const isPutBy = ({ flat, places }: Page, at: number): boolean => {
  const [before, behind] = [flat.slice(0, places[at]!.start), flat.slice(places[at]!.end)];
  const buys = /(?<![a-z])(?:buy|afford|spend|pay for|price)(?![a-z])/.test(flat);
  const holds = /(?<![a-z])(?:has|have|had|with|and) (?:already |now |got )?(saved |put by |laid by )?$/.exec(before);
  const isSaved =
    holds?.[1] !== undefined ||
    /^ (?:saved|put by|laid by|in (?:savings|the bank|cash|hand|her |his |their )|of (?:savings|(?:her|his|their) own))/.test(
      behind,
    );
  return buys && ((holds !== null && isSaved) || /(?<![a-z])savings (?:of|are|come to|amount to) $/.test(before));
};

/** Nobody saves towards less than there is. */
function turnSaving(page: Page, money: Money, kind: ReadKind): void {
  const [start, goal] = [money.amount?.[0], money.finalAmount?.[0]];
  if (
    kind === 'saving' &&
    start !== undefined &&
    goal !== undefined &&
    tokenAt(page, start).value > tokenAt(page, goal).value
  )
    [money.amount, money.finalAmount] = [money.finalAmount, money.amount];
}

/** A sum that is left to itself becomes more. */
function turnGrown(page: Page, money: Money, kind: ReadKind): void {
  const [sum, grown] = [money.amount?.[0], money.finalAmount?.[0]];
  if (kind !== 'lump-sum' || sum === undefined || grown === undefined) return;
  const isSure = (at: number, role: WordRole): boolean =>
    page.signs[at]?.some((sign) => sign.role === role && sign.weight >= (role === 'amount' ? 5 : 9)) ?? false;
  if (isSure(sum, 'amount') && isSure(grown, 'finalAmount')) return;
  if (/depreciat|loses|(?<![a-z])lost(?![a-z])/.test(page.flat)) return;
  if (tokenAt(page, sum).value > tokenAt(page, grown).value)
    [money.amount, money.finalAmount] = [money.finalAmount, money.amount];
}

/** Nobody pays each time more than the whole: of two sums the smaller is the payment. */
function turnPayment(page: Page, money: Money, kind: ReadKind): void {
  const role = money.amount ? 'amount' : 'finalAmount';
  const [whole, each] = [money[role]?.[0], money.payment?.[0]];
  if (whole === undefined || each === undefined || money.price || (money.amount && money.finalAmount)) return;
  const isSure = page.signs[each]?.[0]?.role === 'payment' && page.signs[each][0].weight >= 9;
  if (isSure || tokenAt(page, each).value <= tokenAt(page, whole).value) return;
  const goal = kind === 'saving' ? 'finalAmount' : role;
  const [payment, rest] = [money[role], money.payment];
  delete money[role];
  money.payment = payment!;
  money[goal] = rest!;
}

/** What the kind of case says besides the words. */
function setRight(page: Page, money: Money, kind: ReadKind, open: ReadonlySet<WordRole>, isAlone: boolean): void {
  // A weak sign of an end does not leave a loan, or a fund that pays, without its beginning.
  const [end] = money.finalAmount ?? [];
  const isWeak = end !== undefined && !page.signs[end]?.some((sign) => sign.role === 'finalAmount' && sign.weight >= 9);
  if (
    (isWeak || (kind === 'drawing-down' && end !== undefined && isAlone)) &&
    !money.amount &&
    !money.price &&
    !open.has('amount') &&
    kind !== 'saving'
  ) {
    money.amount = money.finalAmount ?? [];
    delete money.finalAmount;
  }
  turnSaving(page, money, kind);
  turnPayment(page, money, kind);
  turnGrown(page, money, kind);
  // "200 is deposited in an account at the end of each month": often, and not once.
  const [once] = money.amount ?? [];
  const isOften =
    kind === 'saving' &&
    open.has('finalAmount') &&
    once !== undefined &&
    !money.payment &&
    !open.has('payment') &&
    (page.signs[once]?.[0]?.weight ?? 0) < 10 &&
    page.periods.some(({ use, weight }) => use === 'frequency' && weight >= 2);
  if (isOften) {
    money.payment = [once];
    delete money.amount;
  }
  // Savings lead to an end: the only amount is that end, where the end is not asked; not before what is paid in.
  const [start] = money.amount ?? [];
  const isStart =
    start !== undefined &&
    start < (money.payment?.[0] ?? -1) &&
    page.signs[start]?.some((sign) => sign.role === 'amount' && sign.weight >= 8);
  if (
    kind === 'saving' &&
    !(start !== undefined && isThereAlready(page, start)) &&
    money.amount &&
    !money.finalAmount &&
    !open.has('finalAmount') &&
    !open.has('amount') &&
    !isStart
  ) {
    money.finalAmount = money.amount;
    delete money.amount;
  }
}

/** A number without a sign of its own is what is still missing, where only one thing is. */
function fillOpen(money: Money, at: number, roles: readonly WordRole[], open: ReadonlySet<WordRole>): boolean {
  const isSet = (role: WordRole): boolean => money[role] !== undefined;
  const owes = !roles.includes('finalAmount') || roles.includes('price');
  const missing = (['amount', 'payment', 'finalAmount'] as const).filter(
    (role) =>
      !(role === 'finalAmount' && owes) &&
      roles.includes(role) &&
      !open.has(role) &&
      !isSet(role) &&
      !(role === 'amount' && isSet('price')),
  );
  const [role] = missing;
  if (!role || (missing.length > 1 && role !== 'amount')) return false;
  money[role] = [at];
  return true;
}

export const isIgnored = ({ signs }: Page, at: number): boolean => signs[at]?.[0]?.role === 'ignored';

export function isCount(page: Page, at: number): boolean {
  const [sign] = page.signs[at] ?? [];
  // "the two payments" are those of two plans.
  const isPair =
    tokenAt(page, at).value <= 3 &&
    page.questions.some(({ unit }) => page.places[at]!.start >= unit.start && page.places[at]!.start < unit.end);
  // "with the 48th and last payment"
  const isLast = tokenAt(page, at).form === 'nth' && sign?.role === 'payments';
  return isLast || (tokenAt(page, at).form === 'count' && sign?.role === 'payments' && !isPair);
}
