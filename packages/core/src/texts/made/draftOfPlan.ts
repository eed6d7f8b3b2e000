/** A plan that was read, as a statement that is typed: its slots name the givens, as long as that comes to the same. */

import { numberStyleById, writeBrief, type NumberStyle } from '../../money/numberStyle.ts';
import { readSlotText, type Scope } from '../../money/expression.ts';
import { roundTo } from '../../money/roundMoney.ts';
import { quotedRate } from '../../case/quote.ts';
import { convertRate } from '../../rates/conversions.ts';
import { slotNames, type SlotName, type Statement } from '../../case/statement.ts';
import { emptyDraft } from '../../statement/newDraft.ts';
import type { ChangeDraft } from '../../statement/changeDraft.ts';
import type { StatementDraft } from '../../statement/draft.ts';
import type { ReadAsk, ReadPlan, ReadRate, Role } from '../reading.ts';
import { quoteOf, statementOfPlan } from '../statementOfPlan.ts';
import { yearsIn } from '../tokens.ts';
import { solvePlans } from '../answers.ts';
import { isShare, type TextGiven } from './givensOfText.ts';

export interface PlanToDraft {
  readonly plan: ReadPlan;
  readonly index: number;
  readonly wanted: number | undefined;
  readonly givens: readonly TextGiven[];
  readonly style: NumberStyle;
  /** Texts of slots that earlier answers fill. */
  readonly linked: Readonly<Partial<Record<SlotName, string>>>;
  /** After how many payments of an earlier plan it goes on. */
  readonly begins?: number | undefined;
  /** What the text asks, of all plans. */
  readonly asks: readonly ReadAsk[];
  /** Whether the text tells this moment, so that it stays. */
  readonly isTold: (after: number) => boolean;
}

/** @returns nothing where the plan lacks a number */
export function draftOfPlan(to: PlanToDraft): StatementDraft | undefined {
  const { plan, wanted, style, linked } = to;
  const filled = filledFor(plan);
  const statement = statementOfPlan(filled, wanted);
  if (!statement) return undefined;
  const scope = scopeOf(to);
  const slots = { ...emptyDraft(statement.kind).slots };
  for (const slot of slotNames) {
    const number = statement.numbers[slot];
    if (number === undefined) continue;
    slots[slot] = linked[slot] ?? slotText(to, slot, slot === 'rate' ? roundTo(number * 100, 10) : number, scope);
  }
  const buildUp = buildUpOf(to, statement);
  return {
    ...emptyDraft(statement.kind),
    ...withoutNumbers(statement),
    slots,
    changes: changesOf(to),
    numberStyle: numberStyleById(style.id).id,
    ...(buildUp && linked.amount === undefined && plan.unknown !== 'amount' ? { buildUp } : {}),
  };
}

/** What links will fill stands for something until then. */
const filledFor = (plan: ReadPlan): ReadPlan => {
  let filled = plan;
  for (const { field } of plan.links ?? [])
    if (field === 'ratePerPayment')
      filled = { ...filled, rate: { value: 0.01, quoted: 'per-period', compoundingsPerYear: plan.paymentsPerYear } };
    else filled = { ...filled, [field]: 1 };
  return filled;
};

function withoutNumbers({
  kind,
  unknown,
  quote,
  paymentsPerYear,
  timing,
  flatBy,
  into,
  firstPaymentDate,
}: Statement): Omit<StatementDraft, 'slots' | 'changes' | 'numberStyle'> {
  return { kind, unknown, quote, paymentsPerYear, timing, flatBy, into, firstPaymentDate };
}

/** What a plan that is told after another may share with it, said once for both. */
const shared: ReadonlySet<Role> = new Set<Role>(['rate', 'amount', 'payment', 'paymentRise']);

/** The givens of a role: a plan's own first, then those of another that it may share. */
function ofPlan({ givens, index }: PlanToDraft, role: Role): TextGiven[] {
  const all = givens.filter(({ use }) => use.role === role);
  const isOwn = ({ use }: TextGiven): boolean => use.plan === undefined || use.plan === index;
  const own = all.filter(isOwn);
  return shared.has(role) ? [...own, ...all.filter((each) => !isOwn(each))] : own;
}

function scopeOf({ givens, style }: PlanToDraft): Scope {
  return Object.fromEntries(
    givens.flatMap(({ given }) => {
      const entry = readSlotText(given.now, {}, style);
      return entry.ok ? [[given.name, given.kind === 'rate' ? { percent: entry.value.value } : entry.value.value]] : [];
    }),
  );
}

/** The first wording that comes to the number; the number itself where none does. */
function wordedAs(to: PlanToDraft, texts: readonly string[], number: number, scope = scopeOf(to)): string {
  for (const text of texts) {
    const entry = readSlotText(text, scope, to.style);
    if (entry.ok && Math.abs(entry.value.value - number) <= 1e-9 * Math.max(1, Math.abs(number))) return text;
  }
  return writeBrief(number, 0, 10, to.style);
}

const slotText = (to: PlanToDraft, slot: SlotName, number: number, scope: Scope): string =>
  wordedAs(to, wordings(to, slot), number, scope);

function wordings(to: PlanToDraft, slot: SlotName): string[] {
  const named = (role: Role): string[] => ofPlan(to, role).map(({ given }) => given.name);
  const p = to.plan.paymentsPerYear;
  switch (slot) {
    case 'amount': {
      const fees = named('fee');
      return [
        ...named('amount').flatMap((name) => [
          name,
          ...fees.flatMap((fee) => [
            `${name} + ${fee}`,
            `${name} + ${name} × ${fee}`,
            `${name} - ${fee}`,
            `${name} - ${name} × ${fee}`,
          ]),
        ]),
        ...named('price'),
        ...named('finalAmount'),
        ...beyondCharge(to),
      ];
    }
    case 'rate':
      return [
        ...named('rate'),
        // By the period of the payments, or by its own.
        ...named('rate').flatMap((rate) =>
          [p, to.plan.rate?.compoundingsPerYear ?? p].map((each) => `${rate} × ${each}`),
        ),
        ...named('charge').flatMap((charge) => lentWordings(to).map((lent) => `${charge} / ${inBrackets(lent)} × 100`)),
        ...paidWordings(to).flatMap((paid) =>
          lentWordings(to).map((lent) => `(${paid} - ${inBrackets(lent)}) / ${inBrackets(lent)} × 100`),
        ),
      ];
    case 'payments':
      return [...countWordings(to), ...restWordings(to)];
    case 'payment':
      return [...named('payment'), ...named('paymentRise'), ...sharedWordings(to)];
    case 'finalAmount':
      return [
        ...named('finalAmount'),
        ...named('finalAmountRate').flatMap((share) =>
          [...named('price'), ...named('amount')].map((whole) => `${whole} × ${share}`),
        ),
        ...named('amount').flatMap((name) => [
          name,
          ...[2, 3, 4].map((times) => `${name} × ${times}`),
          ...named('charge').map((charge) => `${name} + ${charge}`),
        ]),
      ];
    case 'converted':
      return [];
  }
}

/** A sum or a product stands in brackets where it is a part of something else; a name does not. */
const inBrackets = (text: string): string => (/[-+×/]/.test(text) ? `(${text})` : text);

/** What each payment is, where all of them come to so much. */
function sharedWordings(to: PlanToDraft): string[] {
  const ways = [...countWordings(to).map(inBrackets), String(to.plan.payments)];
  return paidWordings(to).flatMap((paid) => ways.map((count) => `${inBrackets(paid)} / ${count}`));
}

/** What all payments come to. */
function paidWordings(to: PlanToDraft): string[] {
  const { price } = to.plan;
  const down = price === undefined ? undefined : downPaymentText(to, listedPrice(to, price));
  const paidDown = down === undefined ? named(to, 'downPayment') : [down];
  return [...named(to, 'repaid'), ...named(to, 'creditPrice').map((each) => [each, ...paidDown].join(' - '))];
}

/** What is lent, where all that is paid is told and what of it is interest. */
const beyondCharge = (to: PlanToDraft): string[] =>
  named(to, 'charge').flatMap((charge) => paidWordings(to).map((paid) => `${paid} - ${charge}`));

/** What is lent, where it is told or is left of a price. */
function lentWordings(to: PlanToDraft): string[] {
  const { price } = to.plan;
  const told = named(to, 'amount');
  if (price === undefined) return [...told, ...beyondCharge(to)];
  const listed = listedPrice(to, price);
  const down = downPaymentText(to, listed);
  const taken = [...(down === undefined ? named(to, 'downPayment') : [down]), ...named(to, 'tradeIn')];
  return [...told, ...beyondCharge(to), [listed, ...taken].join(' - ')];
}

/** The lengths of time among givens, each in the ways it counts payments. */
const timesIn = (givens: readonly TextGiven[], { paymentsPerYear }: ReadPlan): string[][] =>
  givens.flatMap(({ given, use }) =>
    use.role === 'duration' ? [timeWordings(given.name, use.unit, paymentsPerYear)] : [],
  );

/** How many payments there are, as a plan's own numbers tell it; two times follow each other. */
function countWordings(to: PlanToDraft): string[] {
  const times = timesIn(ofPlan(to, 'duration'), to.plan);
  const sums = times.flatMap((one, at) =>
    times.slice(at + 1).flatMap((other) => one.flatMap((first) => other.map((second) => `${first} + ${second}`))),
  );
  const shared = paidWordings(to).flatMap((paid) =>
    named(to, 'payment').map((each) => `${inBrackets(paid)} / ${each}`),
  );
  return [...named(to, 'payments'), ...times.flat(), ...sums, ...shared];
}

/** What is left of an earlier plan's payments. */
function restWordings({ givens, plan, begins }: PlanToDraft): string[] {
  if (begins === undefined) return [];
  const counts = givens.flatMap(({ given, use }) => (use.role === 'payments' ? [given.name] : []));
  return [...counts, ...timesIn(givens, plan).flat()].map((count) => `${count} - ${begins}`);
}

/** "years × 12", "months", "months / 3". */
function timeWordings(name: string, unit: string, perYear: number): string[] {
  const inYear = Number((1 / (yearsIn[unit] ?? 1)).toFixed(0));
  return unit === 'years' ? [`${name} × ${perYear}`] : [name, `${name} / ${inYear} × ${perYear}`];
}

/** Price, deposit, trade-in and fees in the text's own numbers, as far as they come to those of the plan. */
function buildUpOf(to: PlanToDraft, statement: Statement): StatementDraft['buildUp'] {
  const { plan } = to;
  if (plan.price === undefined || !statement.buildUp) return undefined;
  const worded = (role: Role, value: number | undefined, more: readonly string[] = []): string => {
    const names = ofPlan(to, role).map(({ given }) => given.name);
    if (value === undefined) return '';
    return wordedAs(to, [...(names.length > 0 ? [names.join(' + ')] : []), ...names, ...more], value);
  };
  const listed = listedPrice(to, plan.price);
  const rebates = named(to, 'rebate').flatMap((rebate) => [rebate, `${listed} × ${rebate}`]);
  const rebate = plan.rebate === undefined ? '' : worded('rebate', plan.rebate, rebates);
  return {
    price: rebate === '' ? listed : `${listed} - ${rebate}`,
    // "A third is paid down" has no percentage.
    downPayment: downPaymentText(to, listed) ?? worded('downPayment', plan.downPayment, [`${listed} / 3`]),
    tradeIn: worded('tradeIn', plan.tradeIn),
    feesAdded: worded('fee', plan.fees),
    feesTaken: '',
  };
}

const listedPrice = (to: PlanToDraft, price: number): string =>
  wordedAs(to, [...named(to, 'price'), ...named(to, 'amount')], price);

const named = (to: PlanToDraft, role: Role): string[] => ofPlan(to, role).map(({ given }) => given.name);

/** A share of the price that is paid down, or that is lent. */
function downPaymentText(to: PlanToDraft, listed: string): string | undefined {
  const [share] = ofPlan(to, 'downPaymentRate');
  const { price = 0, downPayment = 0 } = to.plan;
  if (!share || !isShare(share.use)) return undefined;
  const { name } = share.given;
  if (Math.abs(share.use.value * price - downPayment) < 0.01) return name;
  const tradeIns = named(to, 'tradeIn').map((tradeIn) => `(${listed} - ${tradeIn}) × ${name}`);
  return wordedAs(to, [`${listed} - ${listed} × ${name}`, ...tradeIns], downPayment);
}

/** A later rate in percent; one that is quoted otherwise than the plan's, as the plan quotes it: a change has no quote of its own. */
function changedRate(to: PlanToDraft, rate: ReadRate): string {
  const { plan, wanted } = to;
  const own = quoteOf(plan.rate, plan.paymentsPerYear, wanted).quote;
  const { quote, number = rate.value } = quoteOf(rate, plan.paymentsPerYear);
  const isAlike = quote.kind === own.kind && quote.compounding === own.compounding;
  if (isAlike) return wordedAs(to, named(to, 'newRate'), roundTo(rate.value * 100, 10));
  const same = convertRate(quotedRate(quote, number), quotedRate(own, number), plan.paymentsPerYear);
  return wordedAs(to, [], roundTo((same.ok ? same.value : number) * 100, 10));
}

function changesOf(to: PlanToDraft): ChangeDraft[] {
  const { plan } = to;
  return plan.changes.flatMap((change, at): ChangeDraft[] => {
    const id = `c${at + 1}`;
    const after = afterText(to, change.after);
    switch (change.kind) {
      case 'rate':
        return [
          {
            id,
            kind: 'rate',
            texts: { after, rate: changedRate(to, change.rate) },
            payment: change.keep === 'payments' ? 'again' : 'same',
          },
        ];
      case 'extra': {
        const made: ChangeDraft = {
          id,
          kind: 'extra',
          texts: { amount: wordedAs(to, named(to, 'extra'), change.value), from: after, to: '', every: '' },
          payment: 'again',
        };
        const rate = wordedAs(to, named(to, 'rate'), roundTo((plan.rate?.value ?? 0) * 100, 10));
        return change.keep === 'payment'
          ? [made]
          : [made, { id: `${id}r`, kind: 'rate', texts: { after, rate }, payment: 'again' }];
      }
      case 'payment': {
        const rises = named(to, 'paymentRise');
        if (isOnTop(plan, to.asks)) {
          const from = String(change.after + 1);
          const amount = wordedAs(to, rises, change.by);
          return [{ id, kind: 'extra', texts: { amount, from, to: '', every: '1' }, payment: 'again' }];
        }
        const sums = named(to, 'payment').flatMap((payment) => rises.map((rise) => `${payment} + ${rise}`));
        const amount = wordedAs(to, [...sums, ...rises], paymentBefore(to) + change.by);
        return [{ id, kind: 'payment', texts: { after, amount }, payment: 'again' }];
      }
      case 'skip': {
        const through = String(change.after + change.payments);
        const pause: ChangeDraft = {
          id,
          kind: 'deferred',
          texts: { from: String(change.after + 1), through },
          payment: 'again',
        };
        if (change.keep !== 'payment') return [pause];
        // Then it is paid again as before.
        const amount = wordedAs(to, named(to, 'payment'), paymentBefore(to));
        return [pause, { id: `${id}p`, kind: 'payment', texts: { after: through, amount }, payment: 'again' }];
      }
    }
  });
}

/** After which payment: told, or when the first of two times is over. */
const afterText = (to: PlanToDraft, after: number): string =>
  wordedAs(to, to.isTold(after) ? [] : timesIn(ofPlan(to, 'duration'), to.plan).flat(), after);

/** More is paid than a payment that is sought: each time it is paid on top. The last payment would be without it. */
export const isOnTop = ({ payment, changes }: ReadPlan, asks: readonly Pick<ReadAsk, 'quantity'>[]): boolean =>
  payment === null &&
  changes.length === 1 &&
  changes.every((each) => each.kind === 'payment' && each.by > 0) &&
  asks.every(({ quantity }) => quantity !== 'lastPayment');

/** The payment that rises: stated, or computed and paid in cents. */
function paymentBefore({ plan, wanted }: PlanToDraft): number {
  if (plan.payment !== null) return plan.payment;
  const [solved] = solvePlans([{ ...plan, changes: [] }], [wanted]);
  return roundTo(solved?.solved.table.firstPayment ?? 0, 2);
}
