/** What is asked of one plan, in the plan's own quantities. */

import { toldInFront, type Asking, type Found, type Is } from './asking.ts';
import { countsFull } from './countsFull.ts';
import { differenceAsk } from './differenceAsked.ts';
import type { DraftAsk } from './draftReading.ts';
import type { Span } from './flatText.ts';
import { heardAs } from './heardAs.ts';
import { sentenceAt, type Page } from './page.ts';
import { behindRates } from './periodUses.ts';
import { momentOf, type AskedPlan, type Last } from './placesInPlan.ts';
import { seeksPrice } from './quantitySought.ts';
import type { PlacedQuestion } from './placedQuestions.ts';
import type { Question } from './question.ts';
import type { Compared, ReadArgs, ReadPlan, ReadQuantity } from './reading.ts';
import { rangeAsk } from './rangeAsked.ts';
import { isRepaidAtOnce, isSimpleAlone } from './repaidAtOnce.ts';
import { totalAsk } from './totalAsked.ts';

/**
 * The asks, in order; what is asked twice is asked once.
 *
 * @param dropped takes the questions that this plan cannot be asked
 */
export function asksOfPlan(
  page: Page,
  questions: readonly PlacedQuestion[],
  of: AskedPlan,
  dropped: Span[] = [],
): DraftAsk[] {
  const asks: DraftAsk[] = [];
  const last: { k?: number; from?: number; to?: number; isPaid?: boolean } = {};
  const all = questions.flatMap((each) => inTwo(page, each));
  for (const each of all) {
    const question = heardAs(page, each, all, of.plan);
    const later = question.asked === 'newPayment' ? afterChanges(page, each, all, of.plan) : [];
    const { start, end } = question;
    for (const after of later)
      asks.push({ quantity: 'payment', plan: of.index, args: { after }, place: { start, end } });
    if (later.length > 0) continue;
    const asked = askOf(page, question, of, last);
    if (!asked) {
      dropped.push(question.unit);
      continue;
    }
    // After what is there at the end, "that" is all of it.
    if (asked.quantity === 'finalAmount' || asked.quantity === 'totalPaid')
      for (const each of ['k', 'from', 'to'] as const) delete last[each];
    if (asked.args?.k !== undefined) Object.assign(last, { k: asked.args.k, from: 1, to: asked.args.k, isPaid: false });
    if (asked.quantity === 'leftToPay' && asked.args?.k !== undefined && of.plan.payments !== null)
      Object.assign(last, { from: asked.args.k + 1, to: of.plan.payments });
    // The payments that were looked at last are the ones "how much principal?" means.
    if (asked.args?.from !== undefined) {
      Object.assign(last, { from: asked.args.from, to: asked.args.to, isPaid: asked.quantity === 'totalPaid' });
      delete last.k;
    }
    const isKnown = asks.some(
      (each) => each.quantity === asked.quantity && JSON.stringify(each.args) === JSON.stringify(asked.args),
    );
    if (!isKnown) asks.push({ ...asked, place: { start: question.start, end: question.end } });
    // Heard as what is asked besides, or asked of another case: it may ask for something else.
    else if (question.asked !== each.asked || isOfOther(page, question) || isAskedElsewhere(page, question, asks))
      dropped.push(question.unit);
  }
  return asks;
}

/** A question with its own mark, that comes out as one of another sentence: it may ask for something else. */
export const isAskedElsewhere = (page: Page, place: Span, asks: readonly DraftAsk[]): boolean => {
  const own = sentenceAt(page, place);
  return /\?\s*$/.test(own?.text ?? '') && asks.every((each) => sentenceAt(page, each.place) !== own);
};

/** "How long would it take without the 3,500?" asks what was asked, and not of this case. */
const isOfOther = ({ flat }: Page, { unit }: PlacedQuestion): boolean =>
  /(?<![a-z])(?:would|could)(?![a-z])[^?]*(?<![a-z])(?:without|instead|if|had|otherwise)(?![a-z])/.test(
    flat.slice(unit.start, unit.end),
  );

const ofAll = /(?<![a-z])(?:all|both|each|every|(?:two|three|four) (?:new |later )?payments|⟨n\d+⟩ payments)(?![a-z])/;

/** Where the rate changes more than once: "Find all three payments", or one question for each change. */
function afterChanges(
  { flat }: Page,
  question: PlacedQuestion,
  all: readonly PlacedQuestion[],
  { changes }: ReadPlan,
): readonly number[] {
  const ends = changes.flatMap((each) => (each.kind === 'rate' && each.keep === 'payments' ? [each.after] : []));
  if (ends.length < 2 || ends.length < changes.length) return [];
  if (ofAll.test(flat.slice(question.unit.start, question.unit.end))) return ends;
  const asked = all.filter((each) => each.asked === 'newPayment');
  const own = ends[asked.indexOf(question)];
  return asked.length === ends.length && own !== undefined && !question.place ? [own] : [];
}

const extraNamed =
  '(?:the |this |that |her |his |their |its )?(?:[a-z]+ )?(?:lump|extra|special|one-off|additional|legacy|inheritance|bonus|windfall|gift|grant|donation|prize|refund|prepayment)';

const inBoth =
  /in (?:months|payments|quarters|weeks)(?:,? (?:exactly|rounded up|exact))?,? and (?:also )?(?:in )?years(?![a-z])/;

const besides = '(?:just |right |immediately |directly |straight )?';
/** "just before and just after the 9th payment", "just after the 40th payment, and just before it" */
const bothMoments = new RegExp(
  `(?<![a-z])(before|after)(?:,? and ${besides}(before|after)(?![a-z])| the ⟨o\\d+⟩ [a-z]+,? and ${besides}(before|after) it(?![a-z]))`,
);

/** "How long? Give the answer in months and in years", "the balance just before and just after the 9th payment": asked twice. */
function inTwo({ flat }: Page, each: PlacedQuestion): readonly PlacedQuestion[] {
  if (each.asked === 'howLong' && inBoth.test(flat))
    return [
      { ...each, asked: 'payments' },
      { ...each, asked: 'years' },
    ];
  const both = bothMoments.exec(flat.slice(each.unit.start, each.unit.end));
  const second = both?.[2] ?? both?.[3];
  const looks = each.asked === 'balance' || each.asked === 'finalAmount';
  if (!looks || !each.place || !both || both[1] === second) return [each];
  const { moment: _, ...place } = each.place;
  const behind = flat.slice(each.unit.start + both.index + both[0].length);
  const [before, after] = new RegExp(`^ ${extraNamed}`).test(behind)
    ? (['beforeExtra', 'afterExtra'] as const)
    : (['beforePayment', 'justAfterPayment'] as const);
  return [both[1], second].map((word) => ({
    ...each,
    place: { ...place, moment: word === 'before' ? before : after },
  }));
}

const repaid: ReadonlySet<string> = new Set(['payment', 'finalAmount', 'balance', 'leftToPay']);

function askOf(page: Page, question: PlacedQuestion, of: AskedPlan, last: Last): Found {
  const is: Is = (quantity, args) => ({
    quantity,
    plan: of.index,
    ...(args && Object.keys(args).length > 0 ? { args } : {}),
  });
  const { asked } = question;
  // "How much is that per year, and how much per month?" of a rate.
  if (of.plan.kind === 'convert' && asked === 'payment') return is('ratePerPayment');
  if (repaid.has(asked) && isRepaidAtOnce(page, of.plan)) return is('totalPaid');
  if (asked === 'nominalRate' && of.plan.kind === 'flat' && isSimpleAlone(page))
    return is('nominalRate', { as: 'flat' });
  if (of.plan.kind === 'convert' && !/rate|choice|difference/i.test(asked)) return undefined;
  const own = askers[asked];
  if (own) return own({ page, question, of, last, is, unit: page.flat.slice(question.unit.start, question.unit.end) });
  return isQuantity(asked) ? is(asked) : undefined;
}

const isQuantity = (asked: Question['asked']): asked is ReadQuantity & Question['asked'] =>
  ![
    'choice',
    'difference',
    'deposit',
    'flatRate',
    'howLong',
    'balance',
    'interest',
    'principal',
    'newPayment',
  ].includes(asked);

/** One record a question that is more than its quantity. */
const askers: Readonly<Partial<Record<Question['asked'], (asking: Asking) => Found>>> = {
  // "What can it cost, with 3,500 paid down?": what is borrowed, and what is paid down.
  amount: ({ of: { plan }, is, unit }) => {
    const [asked = unit] = unit.split(/,? (?:if|when|supposing|with(?= ⟨m)) /);
    const isOfPrice =
      seeksPrice(plan) && !/(?<![a-z])(?:borrow|lend|lent|loan|financ|mortgage|debt|credit|principal)/.test(asked);
    return is(isOfPrice ? 'price' : 'amount');
  },
  // "Then she uses the money as a down payment. How large is it?"
  downPayment: ({ of: { plan }, is }) =>
    is(plan.kind === 'saving' && plan.unknown === 'finalAmount' ? 'finalAmount' : 'downPayment'),
  newPayment: ({ of: { changesAfter, skipped = 0 }, is }) =>
    is('payment', changesAfter === undefined ? {} : { after: changesAfter + skipped }),
  howLong: (asking) => {
    const {
      page,
      of: { plan },
      is,
      unit,
    } = asking;
    const inMonths = plan.paymentsPerYear === 12 && /in months/.test(page.flat);
    const inYears = (plan.kind === 'lump-sum' && !inMonths) || /years/.test(unit) || /(?:in|of) years/.test(page.flat);
    return inYears ? is('years') : is('payments', plan.kind === 'saving' ? {} : countsFull(asking));
  },
  // Where a payment falls each year, full years are full payments.
  years: (asking) =>
    asking.of.plan.paymentsPerYear === 1 &&
    asking.of.plan.kind !== 'lump-sum' &&
    /(?:full|whole|complete) (?:years|withdrawals|payments|payouts)|in full|the full/.test(asking.unit)
      ? asking.is('payments', countsFull(asking))
      : asking.is('years'),
  // Who saves towards a sum needs the last one whole.
  payments: (asking) =>
    asking.is(
      'payments',
      asking.of.plan.kind === 'saving' && /reach|at least|need/.test(asking.unit) ? {} : countsFull(asking),
    ),
  balance: (asking) => balanceAsk(asking),
  finalAmount: (asking) => balanceAsk(asking),
  leftToPay: ({ question, of, last, is }) => {
    // "1,800 a quarter is paid for eight years. What remains to be paid at the end?"
    if (of.plan.unknown === 'finalAmount') return is('finalAmount');
    const k = momentOf(question.place, of, last) ?? last.k;
    return is('leftToPay', k === undefined ? {} : { k });
  },
  interest: (asking) => rangeAsk(asking),
  principal: (asking) => rangeAsk(asking),
  totalPaid: (asking) => totalAsk(asking),
  flatRate: ({ is }) => is('nominalRate', { as: 'flat' }),
  ratePerPayment: (asking) => {
    const { page, question, is } = asking;
    const wanted = behindRates(page, question);
    const isYearly = page.periods.some(({ token, perYear }) => perYear === 1 && isWithin(page.places[token]!, wanted));
    return isYearly ? nominalAsk(asking) : is('ratePerPayment');
  },
  nominalRate: (asking) => nominalAsk(asking),
  lastPayment: ({ of: { plan, index }, is, unit }) => {
    // "… and by how much is the last payment smaller than the others?"
    const usual: Compared = { plan: index, quantity: 'payment' };
    if (/by how much (?:is|will|would) [^?]*(?:smaller|less|lower)(?: than)?/.test(unit))
      return {
        quantity: 'difference',
        plan: null,
        args: { of: 'payment', between: [usual, { ...usual, quantity: 'lastPayment' }] },
      };
    const closes = plan.kind !== 'flat' && (plan.finalAmount ?? 0) > 0 && plan.unknown !== 'payments';
    return is('lastPayment', closes ? { include: ['finalAmount'] } : {});
  },
  difference: (asking) => differenceAsk(asking),
};

/** A rate a year; what is stated is not asked, but as an effective rate it may be. */
function nominalAsk({ page, question, of, is, unit }: Asking): Found {
  const { kind, rate } = of.plan;
  const isStated = kind !== 'convert' && kind !== 'flat' && rate?.quoted === 'nominal';
  if (isStated && (of.wanted ?? rate.compoundingsPerYear) === rate.compoundingsPerYear)
    return /effective/.test(unit) ? is('effectiveRate') : undefined;
  return is('nominalRate', { compoundingsPerYear: compoundedIn(page, question.unit, of.plan) ?? wantedOf(of) });
}

/** What an effective rate is to be compounded; beside any other, the compounding is its own. */
function compoundedIn({ periods, places, flat }: Page, unit: Span, { rate }: ReadPlan): number | undefined {
  const words = flat.slice(unit.start, unit.end);
  if (/⟨p/.test(words) && rate?.quoted === 'nominal') return undefined;
  const notation = /(?:^|[^a-z])j\(?_?(\d+)/.exec(words)?.[1];
  if (notation !== undefined) return Number(notation);
  return periods.find(({ use, token }) => {
    const { start } = places[token]!;
    return use === 'compounding' && start >= unit.start && start < unit.end;
  })?.perYear;
}

const wantedOf = ({ wanted, plan }: AskedPlan): number => wanted ?? plan.paymentsPerYear;

const isWithin = (place: Span, { start, end }: Span): boolean => place.start >= start && place.start <= end;

const afterLast =
  /(?<!⟨[ta]\d+⟩ |(?:one|a|an) [a-z-]+ )(just |right |immediately |directly |straight )?(?<![a-z])after (?:the|her|his|their|its|making the) (?:last|final|⟨o\d+⟩)(?: of (?:the |her |his |their |its |these |those )?⟨n\d+⟩)?(?: ⟨e\d+⟩)?(?: [a-z]+)?(?: (?:is|has been|was) (?:made|paid)(?: in)?)?\W*$/;

const isBalanceAlone =
  /^\W*(?:and )?(?:the )?(?:remaining |outstanding |closing |new )?(?:balance|debt)(?: (?:left|remaining|outstanding|afterwards|then|after it))?\W*$/;

function balanceAsk({ page, question, of, last, is, unit }: Asking): Found {
  const { plan } = of;
  const { flat } = page;
  const { asked, place } = question;
  // "The line for payment 13: interest, principal, balance."
  const isBehind = !place && last.from !== undefined && last.from === last.to && isBalanceAlone.test(unit);
  // "Old payment? Balance? New payment?"
  const isBare =
    !place &&
    asked === 'balance' &&
    (isBalanceAlone.test(unit) || /(?<![a-z])(?:now|today)(?![a-z])|still owe\W*$/.test(unit));
  const k = isBehind ? last.to : (momentOf(place, of, last) ?? (isBare ? of.changesAfter : undefined));
  // "It has 9 years to run. What is the outstanding principal now?", "… when she took it over?"
  const isRunning =
    /(?<![a-z])(?:has|have|with) (?:still |yet )?(?:⟨[tn]\d+⟩|⟨n\d+⟩ payments) (?:still |left )?to (?:run|go|come)|(?:still|yet) (?:has|have|runs for) ⟨t\d+⟩/.test(
      flat,
    );
  const isNow =
    (k === undefined || (isRunning && !/from (?:now|today)/.test(unit))) &&
    plan.unknown === 'amount' &&
    plan.changes.length === 0 &&
    /(?<![a-z])(?:now|today|at present)(?![a-z])|(?:when|as|at the time) (?:he|she|they|[a-z]+) (?:took (?:it |the [a-z]+ )?over|takes (?:it |the [a-z]+ )?over|bought|buys)/.test(
      unit,
    );
  // "What does it owe?", where that is sought.
  const isSought =
    !place &&
    k === undefined &&
    plan.unknown === 'amount' &&
    /^\W*what (?:(?:does|do|did) [a-z ]{2,24} owe|(?:is|was) the debt)\W*$/.test(unit);
  if (isNow || isSought) return is('amount');
  // Where payments come first, the last one falls a period before the end.
  const isAfterLast =
    plan.timing === 'beginning' &&
    plan.payments !== null &&
    (k === undefined || k === plan.payments) &&
    (afterLast.exec(unit) ?? afterLast.exec(toldInFront(page, question)));
  if (isAfterLast)
    return is('balanceAfter', { k: plan.payments, ...(isAfterLast[1] ? { moment: 'justAfterPayment' } : {}) });
  const isAtEnd = k === undefined || (plan.payments !== null && k === plan.payments);
  const earns = plan.kind === 'saving' || plan.kind === 'lump-sum' || plan.kind === 'drawing-down';
  // "What is left of the loan after ten years?"
  const isOwed =
    plan.kind === 'borrowing' &&
    plan.unknown === 'finalAmount' &&
    k !== undefined &&
    /(?:left|ow(?:e|es|ed|ing)|outstanding|remains?)(?![a-z])/.test(unit) &&
    !/balloon|residual/.test(unit);
  if (isAtEnd && !isOwed && (earns || asked === 'finalAmount')) return is('finalAmount');
  if (plan.unknown === 'finalAmount' && isAtEnd && k === undefined) return is('finalAmount');
  const moment = momentOfExtra(plan, k, unit) ?? place?.moment;
  return is('balanceAfter', k === undefined ? {} : { k, ...(moment ? { moment } : {}) });
}

const beforeExtra = new RegExp(`(?<![a-z])before ${extraNamed}`);
const afterExtra = new RegExp(
  `(?<![a-z])(?:after|following) (?:${extraNamed}|(?:the|these|those|her|his|their) ⟨m\\d+⟩)|(?:once|when) ${extraNamed}[a-z ]{0,20} (?:has|have|had|is|was)(?: been)? (?:paid|made|put|used|added)`,
);

/** "What is owed just after the lump sum?", where one is paid then. */
function momentOfExtra({ changes }: ReadPlan, k: number | undefined, unit: string): ReadArgs['moment'] {
  if (!changes.some(({ kind, after }) => kind === 'extra' && after === k)) return undefined;
  const both = unit.replace(/before,? and (?:just |right |immediately |directly |straight )?after/, '');
  return beforeExtra.test(both) ? 'beforeExtra' : afterExtra.test(both) ? 'afterExtra' : undefined;
}
