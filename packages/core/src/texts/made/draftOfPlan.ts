/** A plan that was read, as a statement that is typed: its slots name the givens, as long as that comes to the same. */

import { numberStyleById } from '../../money/numberStyle.ts';
import type { Scope } from '../../money/expression.ts';
import { roundTo } from '../../money/roundMoney.ts';
import { slotNames, type SlotName, type Statement } from '../../case/statement.ts';
import { emptyDraft } from '../../statement/newDraft.ts';
import type { StatementDraft } from '../../statement/draft.ts';
import { oneSum, type ReadPlan, type Role } from '../reading.ts';
import { statementOfPlan } from '../statementOfPlan.ts';
import { changesOf } from './changesInDraft.ts';
import { isShare } from './givensOfText.ts';
import { named, ofPlan, scopeOf, timesIn, wordedAs, type PlanToDraft } from './wordings.ts';

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

const slotText = (to: PlanToDraft, slot: SlotName, number: number, scope: Scope): string =>
  wordedAs(to, wordings(to, slot), number, scope);

function wordings(to: PlanToDraft, slot: SlotName): string[] {
  const p = to.plan.paymentsPerYear;
  switch (slot) {
    case 'amount': {
      const fees = named(to, 'fee');
      return [
        ...named(to, 'amount').flatMap((name) => [
          name,
          ...fees.flatMap((fee) => [
            `${name} + ${fee}`,
            `${name} + ${name} × ${fee}`,
            `${name} - ${fee}`,
            `${name} - ${name} × ${fee}`,
          ]),
        ]),
        ...named(to, 'price'),
        ...named(to, 'received').flatMap((whole) => named(to, 'spent').map((less) => `${whole} - ${less}`)),
        ...named(to, 'finalAmount'),
        ...beyondCharge(to),
      ];
    }
    case 'rate':
      return [
        ...named(to, 'rate'),
        // By the period of the payments, or by its own.
        ...named(to, 'rate').flatMap((rate) =>
          [p, to.plan.rate?.compoundingsPerYear ?? p].map((each) => `${rate} × ${each}`),
        ),
        ...named(to, 'charge').flatMap((charge) =>
          lentWordings(to).map((lent) => `${charge} / ${inBrackets(lent)} × 100`),
        ),
        ...paidWordings(to).flatMap((paid) =>
          lentWordings(to).map((lent) => `(${paid} - ${inBrackets(lent)}) / ${inBrackets(lent)} × 100`),
        ),
      ];
    case 'payments':
      return [...countWordings(to), ...restWordings(to)];
    case 'payment':
      return [...named(to, 'payment'), ...named(to, 'paymentRise'), ...sharedWordings(to)];
    case 'finalAmount':
      return [
        ...named(to, 'finalAmount'),
        ...named(to, 'finalAmountRate').flatMap((share) =>
          [...named(to, 'price'), ...named(to, 'amount')].map((whole) => `${whole} × ${share}`),
        ),
        ...named(to, 'amount').flatMap((name) => [
          name,
          ...[2, 3, 4].map((times) => `${name} × ${times}`),
          ...named(to, 'charge').map((charge) => `${name} + ${charge}`),
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

/** How many payments there are, as a plan's own numbers tell it; two times follow each other. */
function countWordings(to: PlanToDraft): string[] {
  const times = timesIn(ofPlan(to, 'duration'), to.plan);
  const sums = times.flatMap((one, at) =>
    times.slice(at + 1).flatMap((other) => one.flatMap((first) => other.map((second) => `${first} + ${second}`))),
  );
  // One sum goes from its day to another's: "in 8 months … in 20 months".
  const pairs = times.flatMap((one, at) =>
    times.flatMap((other, index) => (at === index ? [] : [[one, other] as const])),
  );
  // The day of the one sum is a time of its own.
  const isTold = to.plan.name !== oneSum || times.length > 2;
  const apart = to.plan.kind === 'lump-sum' && isTold ? pairs : [];
  const between = apart.flatMap(([one, other]) =>
    one.flatMap((first) => other.map((second) => `${inBrackets(first)} - ${inBrackets(second)}`)),
  );
  const shared = paidWordings(to).flatMap((paid) =>
    named(to, 'payment').map((each) => `${inBrackets(paid)} / ${each}`),
  );
  return [...named(to, 'payments'), ...times.flat(), ...sums, ...between, ...shared];
}

/** What is left of an earlier plan's payments. */
function restWordings({ givens, plan, begins }: PlanToDraft): string[] {
  if (begins === undefined) return [];
  const counts = givens.flatMap(({ given, use }) => (use.role === 'payments' ? [given.name] : []));
  return [...counts, ...timesIn(givens, plan).flat()].map((count) => `${count} - ${begins}`);
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
