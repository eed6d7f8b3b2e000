/** A plan that was read, as a statement that is typed: its slots name the givens, as long as that comes to the same. */

import { numberStyleById, writeBrief, type NumberStyle } from '../../money/numberStyle.ts';
import { readSlotText, type Scope } from '../../money/expression.ts';
import { roundTo } from '../../money/roundMoney.ts';
import { slotNames, type SlotName, type Statement } from '../../case/statement.ts';
import { emptyDraft } from '../../statement/newDraft.ts';
import type { ChangeDraft } from '../../statement/changeDraft.ts';
import type { StatementDraft } from '../../statement/draft.ts';
import type { ReadPlan, Role } from '../reading.ts';
import { statementOfPlan } from '../statementOfPlan.ts';
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

const ofPlan = ({ givens, index }: PlanToDraft, role: Role): TextGiven[] =>
  givens.filter(({ use }) => use.role === role && (use.plan === undefined || use.plan === index));

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
      ];
    }
    case 'rate':
      return [
        ...named('rate'),
        ...named('charge').flatMap((charge) => named('amount').map((amount) => `${charge} / ${amount} × 100`)),
      ];
    case 'payments':
      return [
        ...named('payments'),
        ...ofPlan(to, 'duration').flatMap(({ given, use }) => timeWordings(given.name, use.unit, p)),
      ];
    case 'payment':
      return named('payment');
    case 'finalAmount':
      return [
        ...named('finalAmount'),
        ...named('finalAmountRate').flatMap((share) => named('price').map((price) => `${price} × ${share}`)),
        ...named('amount').map((name) => `2 × ${name}`),
      ];
    case 'converted':
      return [];
  }
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
  const listed = wordedAs(to, [...named(to, 'price'), ...named(to, 'amount')], plan.price);
  const rebates = named(to, 'rebate').flatMap((rebate) => [rebate, `${listed} × ${rebate}`]);
  const rebate = plan.rebate === undefined ? '' : worded('rebate', plan.rebate, rebates);
  return {
    price: rebate === '' ? listed : `${listed} - ${rebate}`,
    downPayment: downPaymentText(to, listed) ?? worded('downPayment', plan.downPayment),
    tradeIn: worded('tradeIn', plan.tradeIn),
    feesAdded: worded('fee', plan.fees),
    feesTaken: '',
  };
}

const named = (to: PlanToDraft, role: Role): string[] => ofPlan(to, role).map(({ given }) => given.name);

/** A share of the price that is paid down, or that is lent. */
function downPaymentText(to: PlanToDraft, listed: string): string | undefined {
  const [share] = ofPlan(to, 'downPaymentRate');
  const { price = 0, downPayment = 0 } = to.plan;
  if (!share || !isShare(share.use)) return undefined;
  const { name } = share.given;
  if (Math.abs(share.use.value * price - downPayment) < 0.01) return name;
  return wordedAs(to, [`${listed} - ${listed} × ${name}`], downPayment);
}

function changesOf(to: PlanToDraft): ChangeDraft[] {
  const { plan, style } = to;
  const write = (number: number): string => writeBrief(number, 0, 10, style);
  return plan.changes.flatMap((change, at): ChangeDraft[] => {
    const id = `c${at + 1}`;
    const after = String(change.after);
    switch (change.kind) {
      case 'rate':
        return [
          {
            id,
            kind: 'rate',
            texts: { after, rate: wordedAs(to, named(to, 'newRate'), roundTo(change.rate.value * 100, 10)) },
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
        const rate = ofPlan(to, 'rate')[0]?.given.name ?? write(roundTo((plan.rate?.value ?? 0) * 100, 10));
        return change.keep === 'payment'
          ? [made]
          : [made, { id: `${id}r`, kind: 'rate', texts: { after, rate }, payment: 'again' }];
      }
      case 'payment': {
        const rises = named(to, 'paymentRise');
        const sums = named(to, 'payment').flatMap((payment) => rises.map((rise) => `${payment} + ${rise}`));
        const amount = wordedAs(to, [...sums, ...rises], paymentBefore(to) + change.by);
        return [{ id, kind: 'payment', texts: { after, amount }, payment: 'again' }];
      }
      case 'skip':
        return [
          {
            id,
            kind: 'deferred',
            texts: { from: String(change.after + 1), through: String(change.after + change.payments) },
            payment: 'again',
          },
        ];
    }
  });
}

/** The payment that rises: stated, or computed and paid in cents. */
function paymentBefore({ plan, wanted }: PlanToDraft): number {
  if (plan.payment !== null) return plan.payment;
  const [solved] = solvePlans([{ ...plan, changes: [] }], [wanted]);
  return roundTo(solved?.solved.table.firstPayment ?? 0, 2);
}
