/** What is lent or put in at the start: told, or put together from a price. */

import { roundTo } from '../money/roundMoney.ts';
import type { Asked } from './lexicon/questions/index.ts';
import type { WordRole } from './lexicon/wordRole.ts';
import { tokenAt, type Page } from './page.ts';
import type { ReadPlan, Role } from './reading.ts';
import type { Terms } from './terms.ts';

/** The number of a role, which is marked as used. */
export function numberOf(page: Page, { money }: Terms, roles: Map<number, Role>, role: Role): number | null {
  const tokens = money[role as WordRole] ?? [];
  for (const at of tokens) roles.set(at, role);
  const [first] = tokens;
  return first === undefined ? null : tokenAt(page, first).value;
}

export interface BuiltAmount {
  readonly amount: number | null;
  readonly price?: number;
  readonly parts: Partial<ReadPlan>;
}

const paidAtOnce =
  /(?:fee|charge)(?![a-z])[^.;?!]{0,30}(?:payable|paid|due|falls due) (?:together )?(?:with the first|(?:on|at) (?:signing|delivery)|up ?front|at once|at the (?:start|outset)|today)/;

/** amount = price − down payment − trade-in − rebate + fees; or what is left of a sum received. */
export function amountOf(page: Page, terms: Terms, roles: Map<number, Role>, asked: ReadonlySet<Asked>): BuiltAmount {
  const sum = (role: Role): number | undefined => {
    const tokens = terms.money[role as WordRole];
    if (!tokens) return undefined;
    for (const at of tokens) roles.set(at, role);
    return tokens.reduce((total, at) => total + tokenAt(page, at).value, 0);
  };
  const share = (role: 'downPaymentRate' | 'financedRate'): number | undefined => {
    const at = terms.shares[role];
    if (at === undefined) return undefined;
    roles.set(at, 'downPaymentRate');
    return role === 'financedRate' ? 1 - tokenAt(page, at).value : tokenAt(page, at).value;
  };
  // "She wins 20,000, spends 5,000 and invests the rest."
  const [received, spent] = [sum('received'), sum('spent')];
  if (received !== undefined && spent !== undefined) return { amount: roundTo(received - spent, 2), parts: {} };
  const said = numberOf(page, terms, roles, 'amount');
  const priced = terms.money.price
    ? terms.money.price[0] === undefined
      ? undefined
      : numberOf(page, terms, roles, 'price')
    : undefined;
  const downShare = share('downPaymentRate') ?? share('financedRate');
  const isBuilt =
    downShare !== undefined ||
    terms.shares.rebateRate !== undefined ||
    ['downPayment', 'tradeIn', 'rebate'].some((role) => terms.money[role as WordRole]);
  // What is paid down is paid of a price, whatever it is called.
  // With its payments known the amount is sought, and what is paid down beside it.
  const isSought =
    (asked.has('amount') || asked.has('downPayment')) &&
    ((asked.has('downPayment') && terms.money.payment !== undefined) ||
      (!isBuilt && said === null && terms.money.payment !== undefined && terms.rate.token !== undefined));
  const price = priced ?? (isBuilt && said !== null ? wholeOf(page, terms, downShare, said) : undefined);
  if (price === undefined || price === null) {
    const fees = sum('fee') ?? feeShare(page, terms, roles, said);
    // What is paid down on a price that is sought.
    const down = said === null ? { downPayment: sum('downPayment'), downShare, tradeIn: sum('tradeIn') } : {};
    return { amount: said === null ? null : said + (fees ?? 0), parts: defined({ fees, ...down }) };
  }
  if (priced === undefined) for (const at of terms.money.amount ?? []) roles.set(at, 'price');
  const [tradeIn, rebate] = [sum('tradeIn'), sum('rebate') ?? rebateShare(page, terms, roles, price)];
  const isOfRest =
    /⟨p\d+⟩ (?:down )?(?:of|on) (?:the|what is) (?:remaining|rest|remainder|balance|left|difference|net|discounted|reduced|lower|lowered|new price)/.test(
      page.flat,
    );
  const shared = price - (isOfRest ? (tradeIn ?? 0) + (rebate ?? 0) : 0);
  const shareAt = page.tokens[terms.shares.downPaymentRate ?? -1]?.start ?? 0;
  const isFurther = /(?:further|another|additional|and also) $/.test(page.text.slice(0, shareAt));
  const ofShare = downShare === undefined ? undefined : roundTo(shared * downShare, 2);
  const paidDown = bothDown(sum('downPayment'), ofShare, isFurther);
  // A lease's fee that is paid with the first rental is paid down as well.
  const entry = terms.kind === 'leasing' && paidAtOnce.test(page.flat) ? sum('fee') : undefined;
  const downPayment = entry === undefined ? paidDown : (paidDown ?? 0) + entry;
  const borrowed = price - (downPayment ?? 0) - (tradeIn ?? 0) - (rebate ?? 0);
  const fees = entry === undefined ? (sum('fee') ?? feeShare(page, terms, roles, borrowed)) : undefined;
  const parts = { price, ...defined({ downPayment, tradeIn, rebate, fees }) };
  const amount = borrowed + (fees ?? 0);
  return { amount: isSought ? null : priced !== undefined && said !== null ? said : roundTo(amount, 2), price, parts };
}

/** "A grant of 14,000, and a tenth of the price from her own pocket" are two; "20 %, that is 5,000" are one. */
function bothDown(sum: number | undefined, share: number | undefined, isFurther: boolean): number | undefined {
  const isOne = sum === undefined || share === undefined || (sum === share && !isFurther);
  return isOne ? (share ?? sum) : sum + share;
}

/** "25 % deposit, the balance of 16,200 …": the price of which that is left; otherwise the sum itself is the price. */
function wholeOf({ flat }: Page, { money }: Terms, share: number | undefined, said: number): number {
  const [at] = money.amount ?? [];
  const isRest = at !== undefined && new RegExp(`(?:balance|rest|remainder|remaining)(?: of)? ⟨m${at}⟩`).test(flat);
  return isRest && share !== undefined && share < 1 ? roundTo(said / (1 - share), 2) : said;
}

/** "10 % off": of the price, to the cent. */
function rebateShare(page: Page, { shares }: Terms, roles: Map<number, Role>, price: number): number | undefined {
  if (shares.rebateRate === undefined) return undefined;
  roles.set(shares.rebateRate, 'rebate');
  return roundTo(price * tokenAt(page, shares.rebateRate).value, 2);
}

/** "a fee of 2 % is added": of what is borrowed, to the cent. */
function feeShare(
  page: Page,
  { shares }: Terms,
  roles: Map<number, Role>,
  borrowed: number | null,
): number | undefined {
  if (shares.feeRate === undefined || borrowed === null) return undefined;
  roles.set(shares.feeRate, 'fee');
  return roundTo(borrowed * tokenAt(page, shares.feeRate).value, 2);
}

function defined<T extends object>(values: T): Partial<T> {
  return Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined)) as Partial<T>;
}
