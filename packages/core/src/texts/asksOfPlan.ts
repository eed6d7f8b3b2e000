/** What is asked of one plan, in the plan's own quantities. */

import { changesOfText, wholeNumber } from './changesOfText.ts';
import { momentBefore, placeAsked, type AskedPlace } from './askArgs.ts';
import type { DraftAsk } from './draftReading.ts';
import type { Span } from './flatText.ts';
import { sentenceAt, type Page } from './page.ts';
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
  const placed = page.questions.map((question): PlacedQuestion => {
    const kind = looksAt[question.asked];
    const place = kind && (placeAsked(page, question.unit, kind) ?? placeAsked(page, leadOf(page, question), kind));
    const isThen = kind === 'moment' && place?.atChange && question.asked !== 'newPayment' && changesOfText(page).length === 0;
    return { ...question, place: isThen ? (momentBefore(page, question.start) ?? place) : place };
  });
  // "the principal and the interest in the 25th payment", "what part of payment 97 is interest, and what part principal"
  return placed.map((question, at) => {
    if (question.place !== undefined || looksAt[question.asked] !== 'stretch') return question;
    const beside = [placed[at + 1], placed[at - 1]].find((each) => each?.place && looksAt[each.asked] === 'stretch' && sentenceAt(page, each) === sentenceAt(page, question));
    return beside ? { ...question, place: beside.place } : question;
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
  for (const [at, each] of questions.entries()) {
    const before = questions[at - 1];
    // "How many payments does this save, and how much interest?"
    const isSaved = (each.asked === 'interest' || each.asked === 'payments') && !each.place && before?.asked === 'difference' && of.plan.changes.length > 0 && sentenceAt(page, before) === sentenceAt(page, each);
    const question: PlacedQuestion = isSaved ? { ...each, asked: 'difference' } : each;
    const asked = askOf(page, question, of, last);
    if (!asked) continue;
    if (asked.args?.k !== undefined) Object.assign(last, { k: asked.args.k, from: 1, to: asked.args.k });
    if (asked.args?.from !== undefined) Object.assign(last, { from: asked.args.from, to: asked.args.to });
    const isKnown = asks.some((each) => each.quantity === asked.quantity && JSON.stringify(each.args) === JSON.stringify(asked.args));
    if (!isKnown) asks.push({ ...asked, place: { start: question.start, end: question.end } });
  }
  return asks;
}

type Found = { quantity: ReadQuantity; plan: number | null; args?: ReadArgs } | undefined;

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
      return stretchAsk(page, question, of, last, is);
    case 'totalPaid':
      return is('totalPaid', (plan.downPayment ?? 0) > 0 && (/(?:deposit|down)/.test(unit) || /(?:total|full) (?:price|cost)|cost|in all for/.test(unit)) ? { include: ['downPayment'] } : {});
    case 'flatRate':
      return is('nominalRate', { as: 'flat' });
    case 'ratePerPayment':
      return page.periods.some(({ token, perYear }) => perYear === 1 && isWithin(page.places[token]!, question)) ? is('nominalRate', { compoundingsPerYear: of.wanted ?? p }) : is('ratePerPayment');
    case 'nominalRate':
      if (plan.kind !== 'convert' && plan.kind !== 'flat' && plan.rate?.quoted === 'nominal' && (of.wanted ?? plan.rate.compoundingsPerYear) === plan.rate.compoundingsPerYear) return undefined;
      return is('nominalRate', { compoundingsPerYear: of.wanted ?? p });
    case 'lastPayment':
      return is('lastPayment', plan.kind !== 'flat' && (plan.finalAmount ?? 0) > 0 && plan.unknown !== 'payments' ? { include: ['finalAmount'] } : {});
    case 'difference':
      if (of.changesAfter !== undefined && /ris|increas|fall|drop|grow|higher|lower|change|go(?:es)? (?:up|down)/.test(unit) && !/interest|save|payments/.test(unit)) {
        const rise: ReadArgs = { of: 'payment', between: [{ plan: index, quantity: 'payment' }, { plan: index, quantity: 'payment', args: { after: of.changesAfter } }] };
        return { quantity: 'difference', plan: null, args: rise };
      }
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

const isWithin = (place: Span, { start, end }: Span): boolean => place.start >= start && place.start <= end;

/** What is held against each other: the time, or the money. */
function comparedOf(unit: string): ReadQuantity {
  if (/interest/.test(unit) && !/how many/.test(unit)) return 'totalInterest';
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

function stretchAsk(page: Page, { asked, place, start, unit }: PlacedQuestion, of: AskedPlan, last: Last, is: (quantity: ReadQuantity, args?: ReadArgs) => Found): Found {
  const { plan } = of;
  // "… and how much interest have they paid?" means until then.
  const isUntilThen = !place && last.k !== undefined && /(?:have|has) [a-z ]*paid/.test(page.flat.slice(start, unit.end));
  const range = rangeOf(isUntilThen ? { same: true, taken: [] } : place, of, last);
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
