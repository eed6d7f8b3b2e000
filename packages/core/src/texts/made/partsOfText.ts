/** The parts of an exercise from what a text asks; what cannot be a part is said. */

import { capital } from '../../capital.ts';
import { quantities } from '../../case/quantities.ts';
import type { AskTexts, Part, PartAsk } from '../../exercise/exercise.ts';
import { promptFor, questionOf } from '../../exercise/fromCase/usualQuestions.ts';
import { usualFormat } from '../../exercise/format.ts';
import { coreAsk, sameInCore } from './coreAsk.ts';
import { expressionOf, isTimeToldAgainst, isToldAgainst, sharedOf } from './expressionsOfText.ts';
import type { TextGiven } from './givensOfText.ts';
import type { Quantity } from '../../case/quantity.ts';
import type { StatementDraft } from '../../statement/draft.ts';
import {
  atOnce,
  oneSum,
  type Compared,
  type ReadAsk,
  type ReadPlan,
  type ReadQuantity,
  type Unknown,
} from '../reading.ts';

export interface PartsToMake {
  readonly asks: readonly ReadAsk[];
  readonly plans: readonly ReadPlan[];
  readonly drafts: readonly (StatementDraft | undefined)[];
  readonly prompts: Readonly<Record<string, string>>;
  readonly givens: readonly TextGiven[];
  /** Whether the text tells this moment, so that it stays whatever varies. */
  readonly isTold: (after: number) => boolean;
}

/** A part before it has its letter; it names others by the part of the reading. */
export interface DraftPart {
  /** The ask it comes from; nothing for a step that the text does not ask. */
  readonly part: string;
  readonly prompt: string;
  readonly ask: PartAsk;
  readonly format: Part['format'];
  readonly marks: number;
  readonly readings?: Part['readings'];
}

export const planId = (index: number): string => (index === 0 ? 'plan' : `plan-${index + 1}`);

/** What is asked of a sum that follows from others. */
const sumAsked: Readonly<Partial<Record<ReadQuantity, string>>> = {
  downPayment: 'How much must be paid down?',
  price: 'What is the price?',
};

/** @returns nothing where core has no such question */
export function partOf(ask: ReadAsk, to: PartsToMake): DraftPart | undefined {
  if (ask.quantity === 'difference') return differencePart(ask, to);
  if (ask.quantity === 'choice') return choicePart(ask, to);
  const index = ask.plan ?? 0;
  const plan = to.plans[index];
  const draft = to.drafts[index];
  const shared = plan && draft && sharedOf(ask, plan, draft);
  if (shared) return { ...sumPart(ask, to, shared.usual, shared.text), format: shared.format };
  const text = plan && expressionOf(ask, plan, to);
  if (text) return sumPart(ask, to, sumAsked[ask.quantity] ?? 'How much is it?', text);
  const found = plan && !isRunOn(ask, plan) && !isOtherTarget(ask, to) ? coreAsk(ask, plan, to) : undefined;
  if (!plan || !draft || !found) return undefined;
  const own = questionOf(
    { id: planId(index), draft },
    found.quantity,
    found.args && inCounts(found.args, plan, draft, to),
  );
  const format = ask.args?.count === 'full' ? ({ kind: 'count', decimals: 0, down: true } as const) : own.format;
  const made = { ...own, format, part: ask.part, prompt: to.prompts[ask.part] ?? withName(own.prompt, plan) };
  if (found.also === undefined) return made;
  const says = capital(quantities[found.also].words({ quantity: found.also, ...made.ask.args }));
  return { ...made, readings: [{ id: 'r1', says, ask: { ...made.ask, quantity: found.also } as PartAsk, credit: 1 }] };
}

/** A sum of money that is an expression of what the exercise has. */
const sumPart = ({ part }: ReadAsk, { prompts }: PartsToMake, usual: string, text: string): DraftPart => ({
  part,
  prompt: prompts[part] ?? usual,
  marks: 2,
  ask: { quantity: 'expression', text },
  format: { kind: 'money', decimals: 2 },
});

const HOW_LARGE = 'How large is the difference?';

/** Where there are several plans, a usual question names its own. */
const withName = (prompt: string, { name }: ReadPlan): string =>
  name === oneSum
    ? 'How large is the one sum?'
    : name === undefined
      ? prompt
      : prompt.replace(/[.?]$/, (mark) => ` (${name})${mark}`);

/** A plan converts a rate into one other, and seeks it in one compounding: in another it is no part of it. */
function isOtherTarget({ quantity, plan, args }: ReadAsk, { asks, plans }: PartsToMake): boolean {
  const of = plans[plan ?? 0];
  if ((of?.kind !== 'convert' && of?.unknown !== 'rate') || of.kind === 'flat' || quantity !== 'nominalRate')
    return false;
  const first = asks.find((each) => each.plan === plan && each.args?.compoundingsPerYear !== undefined);
  return first?.args?.compoundingsPerYear !== args?.compoundingsPerYear;
}

/** A payment that stays though the rate rises goes on past the planned end, where a table of ours ends. */
const isRunOn = ({ quantity }: ReadAsk, { rate, changes, unknown }: ReadPlan): boolean =>
  unknown !== 'payments' &&
  ['payments', 'years', 'lastPayment', 'totalPaid', 'totalInterest'].includes(quantity) &&
  changes.some((each) => each.kind === 'rate' && each.keep === 'payment' && each.rate.value > (rate?.value ?? 0));

/** Moments that are counted from the end, or are a share of all payments, follow the number of payments. */
function inCounts(
  args: AskTexts,
  { payments: n, paymentsPerYear: p }: ReadPlan,
  draft: StatementDraft,
  to: PartsToMake,
) {
  const count = draft.slots.payments;
  if (n === null || !/[a-z]/.test(count)) return args;
  const { after, from, to: last } = args;
  const isLastYears = Number(last) === n && (n + 1 - Number(from)) % p === 0 && !to.isTold(Number(from) - 1);
  return {
    ...args,
    ...(after === undefined ? {} : { after: to.isTold(Number(after)) ? after : shareOf(count, n, Number(after)) }),
    ...(from !== undefined && Number(from) > 1 && isLastYears ? { from: `${count} - ${n - Number(from)}` } : {}),
    ...(last !== undefined && Number(last) === n && n > 1 ? { to: count } : {}),
  };
}

const shareOf = (count: string, n: number, after: number): string => {
  if (after === n) return count;
  const parts = [2, 3, 4].find((each) => after * each === n);
  return parts === undefined ? String(after) : `${count} / ${parts}`;
};

/** A told payment against one that is sought, a goal against what is saved. */
function toldApart(
  ask: ReadAsk,
  of: 'payment' | 'finalAmount',
  [more, less]: readonly [number, number],
  to: PartsToMake,
): DraftPart | undefined {
  const [first, second] = [more, less].map((index) => {
    const sought = to.asks.find(({ quantity, plan }) => quantity === of && plan === index);
    return to.plans[index]?.unknown === of ? sought && `answer @${sought.part}` : to.drafts[index]?.slots[of];
  });
  if (first === undefined || second === undefined) return undefined;
  return sumPart(ask, to, HOW_LARGE, `${first} - ${second}`);
}

/** What two are worth, each with what is paid down; a sum at once is worth what it is. */
function worthsApart(ask: ReadAsk, more: number, less: number, to: PartsToMake): DraftPart | undefined {
  const [first, second] = [more, less].map((index) => {
    if (to.plans[index]?.name === atOnce) return to.drafts[index]?.slots.payment;
    const of = to.plans[index]?.downPayment === undefined ? 'amount' : 'price';
    const worth = to.asks.find(({ quantity, plan }) => quantity === of && plan === index);
    return worth && `answer @${worth.part}`;
  });
  // The choice before it has no part: “By how much?” would stand alone.
  const alone = { ...to, prompts: { ...to.prompts, [ask.part]: HOW_LARGE } };
  return first && second ? sumPart(ask, alone, HOW_LARGE, `${first} - ${second}`) : undefined;
}

/** A told time against one that is sought. */
function timesApart(ask: ReadAsk, more: number, less: number, to: PartsToMake): DraftPart | undefined {
  const { of } = ask.args ?? {};
  const [first, second] = [more, less].map((index) => {
    const plan = to.plans[index];
    const sought = to.asks.find(({ quantity, plan: asked }) => quantity === of && asked === index);
    if (plan?.unknown === 'payments') return sought && `answer @${sought.part}`;
    const count = to.drafts[index]?.slots.payments;
    return count !== undefined && of === 'years' ? inYears(count, plan?.paymentsPerYear ?? 1) : count;
  });
  if (first === undefined || second === undefined) return undefined;
  const usual = `How many ${of === 'years' ? 'years' : 'payments'} is the difference?`;
  return { ...sumPart(ask, to, usual, `${first} - ${second}`), format: { kind: 'count', decimals: 2 } };
}

const inYears = (count: string, perYear: number): string =>
  count.endsWith(` × ${perYear}`) ? count.slice(0, -` × ${perYear}`.length) : `(${count}) / ${perYear}`;

function differencePart(ask: ReadAsk, to: PartsToMake): DraftPart | undefined {
  const { plans, drafts, prompts, asks } = to;
  const [one, other] = ask.args?.between ?? [];
  const of = ask.args?.of ?? 'totalPaid';
  const prompt = prompts[ask.part];
  if (one === 'asStated' || other === 'asStated') return savedPart(ask, of, drafts, prompt);
  if (typeof one === 'number' && typeof other === 'number') {
    const quantity = comparedQuantity(of, plans);
    const [more, less] = moreAndLess(ask, one, other);
    if (of === 'price') return worthsApart(ask, more, less, to);
    if (!quantity && isTimeToldAgainst(of, plans)) return timesApart(ask, more, less, to);
    if (!quantity) return isToldAgainst(of, plans) ? toldApart(ask, of, [more, less], to) : undefined;
    return {
      part: ask.part,
      prompt: prompt ?? HOW_LARGE,
      marks: 2,
      ask: { quantity: 'difference', of: quantity, plan: planId(more), other: planId(less) },
      format: usualFormat(quantity),
    };
  }
  if (isWhole(one) && isWhole(other)) {
    const [more, less] = moreAndLess(ask, one.plan, other.plan);
    return {
      part: ask.part,
      prompt: prompt ?? HOW_LARGE,
      marks: 2,
      ask: { quantity: 'difference', of: 'total-price', plan: planId(more), other: planId(less) },
      format: usualFormat('total-price'),
    };
  }
  const texts = [one, other].map((each) => comparedText(each, { plans, drafts, asks }));
  if (texts.some((text) => text === undefined)) return undefined;
  const [first, second] = moreAndLess(ask, 0, 1).map((at) => texts[at]);
  return sumPart(ask, to, HOW_LARGE, `${first} - ${second}`);
}

/** All that is paid, with what is paid down. */
const isWhole = (each: Compared | undefined): each is Exclude<Compared, number | string> =>
  typeof each === 'object' && each.quantity === 'totalPaid' && each.args?.include?.includes('downPayment') === true;

/** What is sought of a plan where it is asked; it is no question of one that states it. */
const soughtAs: Readonly<Partial<Record<ReadQuantity, Unknown>>> = {
  amount: 'amount',
  payment: 'payment',
  payments: 'payments',
  years: 'payments',
  finalAmount: 'finalAmount',
};

/** What two plans are held against each other by. */
function comparedQuantity(of: ReadQuantity, plans: readonly ReadPlan[]): Quantity | undefined {
  const sought = soughtAs[of];
  return sought !== undefined && plans.some(({ unknown }) => unknown !== sought) ? undefined : quantityOf(of, plans);
}

/** The better of two by their payments is that by all of them, where both have as many. */
const chosenBy = (of: ReadQuantity, plans: readonly ReadPlan[]): Quantity | undefined =>
  comparedQuantity(of, plans) ??
  (of === 'payment' && plans.every(({ payments }) => payments !== null && payments === plans[0]?.payments)
    ? quantityOf('totalPaid', plans)
    : undefined);

const quantityOf = (of: ReadQuantity, plans: readonly ReadPlan[]): Quantity | undefined =>
  of === 'totalPaid'
    ? hasResidual(plans)
      ? 'total-with-end'
      : 'total-paid'
    : of === 'amount'
      ? 'amount'
      : sameInCore[of];

/** Core's total of the payments leaves a residual out. */
const hasResidual = (plans: readonly ReadPlan[]): boolean =>
  plans.some(({ kind, finalAmount }) => kind !== 'saving' && kind !== 'lump-sum' && (finalAmount ?? 0) > 0);

/** The answers say which has more: the reading gives them in order. */
const moreAndLess = ({ values = [] }: ReadAsk, one: number, other: number): readonly [number, number] =>
  (values[0] ?? 0) < (values[1] ?? 0) ? [other, one] : [one, other];

/** The sum that a plan pays, through answers that are asked. */
function comparedText(
  compared: Compared | undefined,
  { plans, drafts, asks }: Pick<PartsToMake, 'plans' | 'drafts' | 'asks'>,
): string | undefined {
  // The last payment has an answer of its own, and no part beside it.
  if (typeof compared !== 'object' || compared.quantity === 'lastPayment') return undefined;
  const plan = plans[compared.plan];
  const slots = drafts[compared.plan]?.slots;
  if (compared.quantity === 'amount') return plan?.unknown === 'amount' ? undefined : slots?.amount;
  const owesMore = plan?.kind !== 'saving' && (plan?.finalAmount ?? 0) > 0;
  if (compared.quantity !== 'payment' && (owesMore || plan?.payments === null)) return undefined;
  const paid = asks.find(
    (each) => each.plan === compared.plan && each.quantity === 'payment' && each.args?.after === compared.args?.after,
  );
  const each = paid ? `answer @${paid.part}` : plan?.unknown === 'payment' ? undefined : slots?.payment;
  if (!plan || !each) return undefined;
  if (compared.quantity === 'payment') return each;
  const made = compared.quantity === 'leftToPay' ? (compared.args?.k ?? 0) : 0;
  const worded = slots?.payments ?? '';
  const count = /[a-z]/.test(worded)
    ? `(${worded}${made > 0 ? ` - ${made}` : ''})`.replace(/^\((\w+)\)$/, '$1')
    : String((plan.payments ?? 0) - made);
  return `${count} × ${each}`;
}

const savedAs: Readonly<Partial<Record<ReadQuantity, Quantity>>> = {
  totalInterest: 'interest-saved',
  // What is paid less is interest.
  totalPaid: 'interest-saved',
  years: 'time-saved',
  payments: 'payments-saved',
};

function savedPart(
  { part, plan, values = [] }: ReadAsk,
  of: ReadQuantity,
  drafts: readonly (StatementDraft | undefined)[],
  prompt: string | undefined,
): DraftPart | undefined {
  // Of the plan that tells the change.
  const at = plan ?? 0;
  const draft = drafts[at];
  const quantity = savedAs[of];
  // What a rise costs is no saving.
  const [stated = 0, changed = 0] = values;
  if (!draft || !quantity || changed > stated) return undefined;
  return {
    part,
    prompt: prompt ?? promptFor(draft, quantity),
    marks: 2,
    ask: { quantity, plan: planId(at) },
    format: usualFormat(quantity),
  };
}

function choicePart(ask: ReadAsk, { plans, prompts }: PartsToMake): DraftPart | undefined {
  const by = ask.args?.by ?? 'totalPaid';
  const quantity = ask.args?.include ? 'total-price' : chosenBy(by, plans);
  if (!quantity || plans.length < 2) return undefined;
  return {
    part: ask.part,
    prompt: prompts[ask.part] ?? 'Which of the two is better?',
    marks: 1,
    ask: {
      quantity: 'choice',
      of: quantity,
      plans: plans.map((_, at) => planId(at)),
      prefer: ask.args?.want === 'most' ? 'more' : 'less',
    },
    format: { kind: 'count', decimals: 0 },
  };
}
