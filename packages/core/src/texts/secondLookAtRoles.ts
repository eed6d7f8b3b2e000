/** The second look at what each number is taken as: does it play the part that its words tell, and does it play one? */

import { roundTo } from '../money/roundMoney.ts';
import { isBirthdayTold } from './ages.ts';
import { doubt, lookedAtByNothing, quoteOfToken } from './doubts.ts';
import type { DraftReading } from './draftReading.ts';
import { sentenceAt, tokenAt, type Page } from './page.ts';
import type { ReadAsk, ReadDoubt, ReadKind, Role } from './reading.ts';
import { yearsOf } from './tokens.ts';

/** A sum taken as a payment, where the payment is sought. */
function takenAndSought(page: Page, { plans, roles }: DraftReading): ReadDoubt[] {
  return [...roles].flatMap(([token, { role, plan }]) => {
    const of = plans[plan ?? 0];
    return role === 'payment' && of && plans.length === 1 && of.unknown === 'payment'
      ? [doubt(quoteOfToken(page, token), `What is ${quoteOfToken(page, token)}, if the payment is to be found?`)]
      : [];
  });
}

/** "What is the price, if 40,000 is paid down and 1,150 a month?": what is paid down, taken as the price that is sought. */
const downAsPrice = (page: Page, { plans, roles }: DraftReading): ReadDoubt[] =>
  [...roles].flatMap(([token, { role, plan }]) => {
    const isDown = page.signs[token]?.some((sign) => sign.role === 'downPayment' && sign.weight >= 9);
    const isSought = plans[plan ?? 0]?.unknown === 'amount';
    const quote = quoteOfToken(page, token);
    return role === 'price' && isDown && isSought ? [doubt(quote, `What is ${quote}? It is paid down.`)] : [];
  });

/** A price that plays no part: what is lent is told otherwise, and is not what the price leaves. */
const priceAside = (page: Page, { plans, roles }: DraftReading): ReadDoubt[] =>
  [...roles].flatMap(([token, { role, plan }]) => {
    const { price, amount, downPayment = 0, tradeIn = 0, rebate = 0, fees = 0 } = plans[plan ?? 0] ?? {};
    const quote = quoteOfToken(page, token);
    const left = (price ?? 0) - downPayment - tradeIn - rebate + fees;
    const isAside = price !== undefined && amount !== undefined && amount !== null && Math.abs(amount - left) > 0.01;
    return role === 'price' && isAside ? [doubt(quote, `What is ${quote}? It is in no plan.`)] : [];
  });

/** A sum that its words make a payment, taken as what is there at the start beside another payment. */
function paidTwice(page: Page, { plans, roles }: DraftReading): ReadDoubt[] {
  return [...roles].flatMap(([token, { role, plan }]) => {
    const [sign] = page.signs[token] ?? [];
    const of = plans[plan ?? 0];
    // What is put in each time is rarely said of a sum at the start; "she repays 6,650" is.
    const least = of?.kind === 'saving' ? 6 : 9;
    const isPaid = role === 'amount' && sign?.role === 'payment' && sign.weight >= least && of?.payment;
    const isAmount = page.signs[token]?.some((each) => each.role === 'amount');
    const quote = quoteOfToken(page, token);
    return isPaid && !isAmount ? [doubt(quote, `What is ${quote}? It reads like a payment.`)] : [];
  });
}

interface Against {
  readonly taken: Role;
  /** What its words tell instead, so strongly at least. */
  readonly told: readonly string[];
  readonly least: number;
  /** In plans of these kinds it may be both. */
  readonly unless?: readonly ReadKind[];
  readonly says: string;
}

const against: readonly Against[] = [
  // "expects it to be worth 30,000 then"
  { taken: 'payment', told: ['finalAmount'], least: 10, says: 'It does not read like a payment.' },
  // "It will cost 72,000, less 9,500 for the old one", taken as what is there at the start.
  { taken: 'amount', told: ['tradeIn', 'rebate'], least: 9, says: 'It is in no plan as it is told.' },
  // "bought for 940", taken as what it comes to.
  {
    taken: 'finalAmount',
    told: ['price'],
    least: 9,
    unless: ['saving', 'lump-sum'],
    says: 'It is in no plan as it is told.',
  },
];

/** A sum taken as one thing against strong words for another, and with none for it. */
const takenAgainst = (page: Page, { plans, roles }: DraftReading): ReadDoubt[] =>
  [...roles].flatMap(([token, { role }]) => {
    const signs = page.signs[token] ?? [];
    const [strongest] = signs;
    const found = against.find(
      ({ taken, told, least, unless = [] }) =>
        role === taken &&
        strongest !== undefined &&
        told.includes(strongest.role) &&
        strongest.weight >= least &&
        !signs.some((sign) => sign.role === role) &&
        !plans.some(({ kind }) => unless.includes(kind)),
    );
    const quote = quoteOfToken(page, token);
    return found ? [doubt(quote, `What is ${quote}? ${found.says}`)] : [];
  });

const apart: ReadonlySet<string> = new Set(['extra', 'withdrawn', 'downPayment', 'tradeIn', 'rebate', 'fee']);

/** Two fees, or two deposits, or a deposit and a share of the price, are one number in the plan. */
const isOneOfMore = (page: Page, roles: DraftReading['roles'], token: number): boolean => {
  const role = roles.get(token)?.role;
  return [...roles].some(
    ([other, each]) =>
      other !== token &&
      ((each.role === role && tokenAt(page, other).form === 'money') ||
        (role === 'downPayment' && each.role === 'downPaymentRate')),
  );
};

/** Every number of the plans, however deep. */
const numbersIn = (of: unknown): number[] =>
  typeof of === 'number' ? [of] : of !== null && typeof of === 'object' ? Object.values(of).flatMap(numbersIn) : [];

/** A sum that has a part to play, and is in no plan. */
function takenAndLost(page: Page, { plans, roles }: DraftReading): ReadDoubt[] {
  const held = new Set(
    plans.flatMap(({ amount, price, payment, finalAmount, fees = 0, links = [] }) => [
      // What is paid already is taken off.
      ...links.map(({ plus = 0 }) => -plus),
      ...links.map(({ fromPlan, quantity, plus = 0 }) =>
        quantity === 'amount' ? (plans[fromPlan]?.amount ?? 0) + plus : null,
      ),
      amount,
      price,
      payment,
      finalAmount,
      (amount ?? 0) - fees,
    ]),
  );
  const beside = new Set(numbersIn(plans).map((each) => roundTo(Math.abs(each), 2)));
  return [...roles].flatMap(([token, { role }]) => {
    const { value, form } = tokenAt(page, token);
    const isSum = form === 'money' && ['amount', 'price', 'payment', 'finalAmount'].includes(role);
    // "Then she adds 3,000", which no plan has.
    const isApart =
      form === 'money' && apart.has(role) && !beside.has(roundTo(value, 2)) && !isOneOfMore(page, roles, token);
    if (isApart) return [doubt(quoteOfToken(page, token), `What is ${quoteOfToken(page, token)}? It is in no plan.`)];
    // What all payments come to, with everything else told: it may be the outcome, or something else.
    const isOutcome =
      (role === 'repaid' || role === 'creditPrice') && plans.every(({ paidInAll }) => paidInAll === undefined);
    const quote = quoteOfToken(page, token);
    return (isSum && !held.has(value)) || isOutcome ? [doubt(quote, `What is ${quote}? It is in no plan.`)] : [];
  });
}

/** A sum or a percentage that plays no part. */
function numberLost(page: Page, { plans, roles }: DraftReading): ReadDoubt[] {
  const taken = new Set([...roles.keys()].map((token) => tokenAt(page, token).value));
  return page.tokens.flatMap(({ form, value }, token) => {
    const isDown =
      roles.get(token)?.role === 'downPaymentRate' &&
      plans.every(({ downPayment, downShare }) => downPayment === undefined && downShare === undefined);
    const isFree = !roles.has(token) && (form === 'percent' || !taken.has(value));
    // "…, still at 5.1 %": told once more.
    const isAgain =
      taken.has(value) &&
      /(?<![a-z])(?:still|same|again|unchanged|also|remains?|stays?|throughout)(?![a-z])[^.?!⟨]{0,24}$/.test(
        page.flat.slice(0, page.places[token]!.start),
      );
    const isLost = !isAgain && (form === 'percent' || form === 'money') && value !== 0 && (isFree || isDown);
    const quote = quoteOfToken(page, token);
    // What is saved for, where the end of the savings is asked.
    const isGoal =
      page.signs[token]?.[0]?.role === 'price' &&
      plans.some((plan) => plan.kind === 'saving' && plan.unknown === 'finalAmount');
    // "20 % down …, a mortgage for the remaining 80 %": the share that is lent, said as well.
    const isLent =
      form === 'percent' &&
      plans.some(({ price, amount }) => price && amount !== null && Math.abs(amount / price - value) < 1e-9);
    return isLost && !isGoal && !isLent && page.signs[token]?.[0]?.role !== 'ignored'
      ? [doubt(quote, `What is ${quote}? It is in no plan.`)]
      : [];
  });
}

/** Whether something that is read looks at a payment, or at the one before or behind it. */
function lookedAt({ plans }: DraftReading, asks: readonly ReadAsk[]): (at: number) => boolean {
  const looked = new Set([
    ...asks.flatMap(({ args = {} }) => [
      args.k,
      args.from,
      args.to,
      args.after,
      ...(args.between ?? []).flatMap((each) =>
        typeof each === 'object' ? [each.args?.k, each.args?.from, each.args?.to, each.args?.after] : [],
      ),
    ]),
    ...plans.flatMap(({ payments, changes, links = [] }) => [
      payments ?? undefined,
      ...changes.map(({ after }) => after),
      ...links.flatMap(({ args = {} }) => [args.k, args.from, args.to]),
    ]),
  ]);
  return (at) => [at - 1, at, at + 1].some((each) => looked.has(each));
}

/** "… for payments 1, 20 and 40", of which one is read. */
function listedLost(page: Page, draft: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] {
  const isLooked = lookedAt(draft, asks);
  return page.tokens.flatMap(({ form, value }, token) => {
    const place = page.places[token]!;
    const isListed =
      form === 'count' &&
      !draft.roles.has(token) &&
      sentenceAt(page, place)?.asks === true &&
      /(?:payments|months|years|quarters|lines|rows) (?:⟨n\d+⟩, )*⟨n\d+⟩(?:,? and|,) $/.test(
        page.flat.slice(0, place.start),
      ) &&
      !draft.plans.some(({ paymentsPerYear: p }) => isLooked(value) || isLooked(value * p));
    const quote = quoteOfToken(page, token);
    return isListed ? [lookedAtByNothing(quote)] : [];
  });
}

/** "… up to the end of the 4th", "three years ago", "it is paid off after four years": a moment that nothing looks at. */
function momentLost(page: Page, draft: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] {
  const { plans, roles } = draft;
  const isLooked = lookedAt(draft, asks);
  return page.tokens.flatMap(({ form, value }, token) => {
    const { start, end } = page.places[token]!;
    // "… from the 2nd year on, up to the end of the 4th?"
    const isEnd =
      form === 'nth' &&
      !roles.has(token) &&
      sentenceAt(page, page.places[token]!)?.asks === true &&
      /(?:end|close) of the $|(?<![a-z])(?:to|until|till) the $/.test(page.flat.slice(0, start)) &&
      !isLooked(value) &&
      !plans.some(({ paymentsPerYear: p }) => isLooked(value * p));
    // "Three years ago he borrowed …": a moment that nothing looks at.
    const isAgo =
      form === 'time' &&
      !roles.has(token) &&
      /^ ago(?![a-z])/.test(page.flat.slice(end)) &&
      /(?<![a-z])(?:borrow|loan|mortgage|first|payment|lent|invest|deposit)/.test(
        sentenceAt(page, page.places[token]!)?.text ?? '',
      ) &&
      !plans.some(({ paymentsPerYear: p }) => isLooked(roundTo(yearsOf(page, token) * p, 0)));
    const isMoment =
      page.signs[token]?.[0]?.role === 'after' &&
      roles.get(token)?.role !== 'duration' &&
      /(?:settl|paid off|pay off|paid out|clear|redeem|clos|discharg)[^.?!⟨]{0,60}$/.test(page.flat.slice(0, start)) &&
      !plans.some(({ paymentsPerYear: p }) => isLooked(form === 'time' ? roundTo(yearsOf(page, token) * p, 0) : value));
    const quote = quoteOfToken(page, token);
    return isEnd || isAgo || isMoment ? [lookedAtByNothing(quote)] : [];
  });
}

/** "… the 24th payment …", of which nothing that is read looks at payment 24. */
function placeLost(page: Page, draft: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] {
  const { plans, roles } = draft;
  const isLooked = lookedAt(draft, asks);
  return page.tokens.flatMap(({ form, value }, token) => {
    const { start, end } = page.places[token]!;
    const isPayment =
      !roles.has(token) &&
      form === 'nth' &&
      // "… and, after the 20th, the debt"
      (/^ (?:⟨e\d+⟩ )?(?:re)?(?:payment|instal|deposit|rental|withdrawal|month)/.test(page.flat.slice(end)) ||
        (/(?<![a-z])after the $/.test(page.flat.slice(0, start)) &&
          /^(?:[,;.?]| (?:to|is|are|was|were|he|she|they|it|the|what|how|and|but) )/.test(page.flat.slice(end)))) &&
      !isLooked(value);
    // "5,000 with payment 60 and 5,000 with payment 120", "after making 30 of the 72 payments"
    const isNumbered =
      !roles.has(token) &&
      form === 'count' &&
      (/(?<![a-z])(?:with|after|from|following) (?:payment|instal?ment|deposit) (?:number |no )?$/.test(
        page.flat.slice(0, start),
      ) ||
        /^ of (?:the |its |her |his |their )?⟨n\d+⟩ (?:⟨e\d+⟩ )?payments/.test(page.flat.slice(end))) &&
      !isLooked(value) &&
      !plans.some(({ payments }) => payments !== null && isLooked(payments - value));
    // "… in year 1, in year 15 and in year 30?"
    const named = /(?<![a-z])(?:in|of|for|after|during) (year|month|payment|quarter) (?:number )?$/.exec(
      page.flat.slice(0, start),
    )?.[1];
    const isNamed =
      named !== undefined &&
      form === 'count' &&
      !roles.has(token) &&
      sentenceAt(page, page.places[token]!)?.asks === true &&
      !plans.some(({ paymentsPerYear: p }) => isLooked(named === 'year' ? value * p : value));
    // "on each birthday from the 1st to the 17th"
    const isBirthday =
      form === 'nth' &&
      !roles.has(token) &&
      /(?<![a-z])from the $/.test(page.flat.slice(0, start)) &&
      /birthday/i.test(page.text);
    const quote = quoteOfToken(page, token);
    return isPayment || isNumbered || isNamed || isBirthday ? [lookedAtByNothing(quote)] : [];
  });
}

/** "… one over 30 months, the other over 54": a count that stands where a term stands, and plays no part. */
function countLost(page: Page, { roles }: DraftReading): ReadDoubt[] {
  return page.tokens.flatMap(({ form, value }, token) => {
    const { start, end } = page.places[token]!;
    const isTerm =
      /(?<![a-z])(?:over|for|or|after|within|until|till|am|turns) $/.test(page.flat.slice(0, start)) &&
      /^(?:[,;.?)]|$| and )(?!,? ⟨t\d+⟩ (?:from (?:now|today)|hence|later))/.test(page.flat.slice(end));
    const quote = quoteOfToken(page, token);
    return form === 'count' && value > 1 && !roles.has(token) && isTerm && !isBirthdayTold(page, value)
      ? [doubt(quote, `What is ${quote}? It is in no plan.`)]
      : [];
  });
}

/** "6,000 with the 24th payment, with the 48th another 6,000": it is no sum that was told before. */
const furtherLost = (page: Page, { roles }: DraftReading): ReadDoubt[] =>
  page.tokens.flatMap(({ form }, token) => {
    const quote = quoteOfToken(page, token);
    const isFurther = /(?<![a-z])(?:another|a further|a second|one more) $/.test(
      page.flat.slice(0, page.places[token]!.start),
    );
    return form === 'money' && isFurther && !roles.has(token) && page.signs[token]?.[0]?.role !== 'ignored'
      ? [doubt(quote, `What is ${quote}? It is in no plan.`)]
      : [];
  });

/** "Without the balloon of 5,000 …", in a plan that has it. */
const endDenied = (page: Page, { plans }: DraftReading): ReadDoubt[] =>
  plans.length === 1 &&
  (plans[0]?.finalAmount ?? 0) > 0 &&
  /without (?:the|an?|any) (?:balloon|residual)/.test(page.flat)
    ? [doubt('finalAmount', 'The text speaks of a plan without the last sum. Which is asked of?')]
    : [];

/** What a number is taken as, and may not be. */
export const rolesInDoubt = (page: Page, draft: DraftReading, asks: readonly ReadAsk[]): ReadDoubt[] => [
  ...takenAndSought(page, draft),
  ...paidTwice(page, draft),
  ...downAsPrice(page, draft),
  ...priceAside(page, draft),
  ...takenAndLost(page, draft),
  ...numberLost(page, draft),
  ...countLost(page, draft),
  ...placeLost(page, draft, asks),
  ...momentLost(page, draft, asks),
  ...listedLost(page, draft, asks),
  ...takenAgainst(page, draft),
  ...endDenied(page, draft),
  ...furtherLost(page, draft),
];
