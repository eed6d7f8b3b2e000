/** What is asked of one plan, in the plan's own quantities. */

import { wholeNumber } from './changesOfText.ts';
import { placeAsked, type AskedPlace } from './askArgs.ts';
import type { DraftAsk } from './draftReading.ts';
import type { Span } from './flatText.ts';
import type { Page } from './page.ts';
import type { Question } from './questions.ts';
import type { ReadArgs, ReadPlan, ReadQuantity } from './reading.ts';

export interface PlacedQuestion extends Question {
  readonly place: AskedPlace | undefined;
}

const looksAt: Readonly<Partial<Record<Question['asked'], 'stretch' | 'moment'>>> = {
  interest: 'stretch',
  principal: 'stretch',
  balance: 'moment',
  leftToPay: 'moment',
  finalAmount: 'moment',
  newPayment: 'moment',
};

/** Questions with the payments and times they name. */
export function placeQuestions(page: Page): PlacedQuestion[] {
  return page.questions.map((question) => {
    const kind = looksAt[question.asked];
    return { ...question, place: kind && (placeAsked(page, question.unit, kind) ?? placeAsked(page, leadOf(page, question), kind)) };
  });
}

/** "After payment 48, the sum of …": what stands before a question in its own sentence, if it tells when. */
function leadOf({ flat, questions, sentences }: Page, { unit }: Question): Span {
  const sentence = sentences.find(({ start, end }) => start <= unit.start && end >= unit.end);
  const before = questions.filter((each) => each.unit.end <= unit.start).map((each) => each.unit.end);
  const start = Math.max(sentence?.start ?? unit.start, ...before);
  const lead = /(?:^|[\s)])(?:after|once|in|at|during|over|just|immediately|right|following)(?![a-z])[^?]*$/.exec(flat.slice(start, unit.start));
  return { start: lead ? start + lead.index : unit.start, end: unit.start };
}

/** A plan with what its questions need to know besides. */
export interface AskedPlan {
  readonly plan: ReadPlan;
  readonly index: number;
  readonly wanted: number | undefined;
  /** The payment after which something changes, and the payments then skipped. */
  readonly changesAfter?: number;
  readonly skipped?: number;
}

/** The asks, in order; what is asked twice is asked once. */
export function asksOfPlan(page: Page, questions: readonly PlacedQuestion[], of: AskedPlan): DraftAsk[] {
  const asks: DraftAsk[] = [];
  const last: { k?: number; from?: number; to?: number } = {};
  for (const question of questions) {
    const asked = askOf(page, question, of, last);
    if (!asked) continue;
    if (asked.args?.k !== undefined) Object.assign(last, { k: asked.args.k, from: 1, to: asked.args.k });
    if (asked.args?.from !== undefined) Object.assign(last, { from: asked.args.from, to: asked.args.to });
    const isKnown = asks.some((each) => each.quantity === asked.quantity && JSON.stringify(each.args) === JSON.stringify(asked.args));
    if (!isKnown) asks.push({ ...asked, place: { start: question.start, end: question.end } });
  }
  return asks;
}

type Found = { quantity: ReadQuantity; plan: number; args?: ReadArgs } | undefined;

interface Last {
  readonly k?: number;
  readonly from?: number;
  readonly to?: number;
}

function askOf(page: Page, question: PlacedQuestion, of: AskedPlan, last: Last): Found {
  const { plan, index } = of;
  const is = (quantity: ReadQuantity, args?: ReadArgs): Found => ({ quantity, plan: index, ...(args && Object.keys(args).length > 0 ? { args } : {}) });
  const unit = page.flat.slice(question.unit.start, question.unit.end);
  const p = plan.paymentsPerYear;
  switch (question.asked) {
    case 'payment':
      return is('payment');
    case 'newPayment':
      return of.changesAfter === undefined ? is('payment') : is('payment', { after: of.changesAfter + (of.skipped ?? 0) });
    case 'howLong':
      return is(plan.kind === 'lump-sum' || /years/.test(unit) ? 'years' : 'payments');
    case 'payments':
      return is('payments', /full|whole|complete/.test(unit) && /how many (?:full|whole|complete)/.test(unit) ? { count: 'full' } : {});
    case 'balance':
    case 'finalAmount':
      return balanceAsk(question, of, last, is);
    case 'leftToPay': {
      const k = momentOf(question.place, of, last);
      return is('leftToPay', k === undefined ? {} : { k });
    }
    case 'interest':
    case 'principal':
      return stretchAsk(question, of, last, is);
    case 'totalPaid':
      return is('totalPaid', (plan.downPayment ?? 0) > 0 && (/(?:deposit|down)/.test(unit) || /(?:total|full) (?:price|cost)|cost|in all for/.test(unit)) ? { include: ['downPayment'] } : {});
    case 'flatRate':
      return is('nominalRate', { as: 'flat' });
    case 'nominalRate':
      if (plan.kind !== 'convert' && plan.kind !== 'flat' && plan.rate?.quoted === 'nominal' && (of.wanted ?? plan.rate.compoundingsPerYear) === plan.rate.compoundingsPerYear) return undefined;
      return is('nominalRate', { compoundingsPerYear: of.wanted ?? p });
    case 'lastPayment':
      return is('lastPayment', plan.kind !== 'flat' && (plan.finalAmount ?? 0) > 0 && plan.unknown !== 'payments' ? { include: ['finalAmount'] } : {});
    case 'difference':
      return plan.changes.length > 0 ? is('difference', { of: comparedOf(unit), between: ['asStated', 'withChanges'] }) : undefined;
    case 'choice':
    case 'saved':
    case 'worth':
    case 'more':
      return undefined;
    default:
      return is(question.asked);
  }
}

/** What is held against each other: the time, or the money. */
function comparedOf(unit: string): ReadQuantity {
  if (/interest/.test(unit)) return 'totalInterest';
  if (/years|how much (?:sooner|earlier)|how long/.test(unit)) return 'years';
  return /payments?|instal|months|sooner|earlier|deposits/.test(unit) ? 'payments' : 'totalInterest';
}

function balanceAsk({ asked, place }: PlacedQuestion, of: AskedPlan, last: Last, is: (quantity: ReadQuantity, args?: ReadArgs) => Found): Found {
  const { plan } = of;
  const k = momentOf(place, of, last);
  const isAtEnd = k === undefined || (plan.payments !== null && k === plan.payments);
  const earns = plan.kind === 'saving' || plan.kind === 'lump-sum' || plan.kind === 'drawing-down';
  if (isAtEnd && (earns || asked === 'finalAmount')) return is('finalAmount');
  if (plan.unknown === 'finalAmount' && isAtEnd && k === undefined) return is('finalAmount');
  return is('balanceAfter', k === undefined ? {} : { k, ...(place?.moment ? { moment: place.moment } : {}) });
}

function stretchAsk({ asked, place }: PlacedQuestion, of: AskedPlan, last: Last, is: (quantity: ReadQuantity, args?: ReadArgs) => Found): Found {
  const { plan } = of;
  const range = rangeOf(place, of, last);
  const isWhole = range === undefined || (!place?.same && range.from === 1 && range.to === plan.payments && asked === 'interest');
  if (asked === 'principal') return range ? is('principalIn', range) : undefined;
  if (!isWhole) return is('interestIn', range);
  return is(plan.kind === 'flat' ? 'financeCharge' : 'totalInterest');
}

/** After which payment. */
export function momentOf(place: AskedPlace | undefined, { plan, changesAfter, skipped = 0 }: AskedPlan, last: Last = {}): number | undefined {
  if (!place) return undefined;
  if (place.after !== undefined) return place.after;
  if (place.afterYears !== undefined) return wholeNumber(place.afterYears * plan.paymentsPerYear);
  if (place.same) return last.k ?? last.to;
  if (place.atChange) return changesAfter === undefined ? last.k : changesAfter + skipped;
  return undefined;
}

function rangeOf(place: AskedPlace | undefined, { plan }: AskedPlan, last: Last): { from: number; to: number } | undefined {
  if (!place) return undefined;
  const p = plan.paymentsPerYear;
  if (place.fromYear !== undefined && place.toYear !== undefined) return { from: wholeNumber((place.fromYear - 1) * p) + 1, to: wholeNumber(place.toYear * p) };
  if (place.lastYears !== undefined && plan.payments !== null) return { from: wholeNumber(plan.payments - place.lastYears * p) + 1, to: plan.payments };
  if (place.from !== undefined && place.to !== undefined) return { from: place.from, to: place.to };
  if (place.same && last.from !== undefined && last.to !== undefined) return { from: last.from, to: last.to };
  return undefined;
}
