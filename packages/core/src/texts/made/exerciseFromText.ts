/** An exercise made of a problem's text: its wording with the givens in place, plans, parts with their key. */

import { topicOf } from '../../exercise/fromCase/topicOf.ts';
import { plainStory } from '../../exercise/story.ts';
import type { Exercise, Part } from '../../exercise/exercise.ts';
import { roundTo } from '../../money/roundMoney.ts';
import { slotNames } from '../../case/statement.ts';
import type { StatementDraft } from '../../statement/draft.ts';
import type { ProblemReading, ReadAsk, ReadPlan } from '../reading.ts';
import { yearsIn } from '../tokens.ts';
import { solvePlans } from '../answers.ts';
import { isPriced } from '../statementOfPlan.ts';
import type { Settled } from '../settled.ts';
import { draftOfPlan } from './draftOfPlan.ts';
import { givensOfText, styleOfText, type TextGiven } from './givensOfText.ts';
import { mayVary } from './mayVary.ts';
import {
  isTimeToldAgainst,
  isToldAgainst,
  paidEachTime,
  stepBefore,
  worthPrompts,
  worthsBefore,
} from './expressionsOfText.ts';
import { partOf, planId, type DraftPart } from './partsOfText.ts';
import { linkedSlots, stepPart, stepsInOrder, stepsOf } from './stepsOfText.ts';
import { storyOfText } from './storyOfText.ts';
import { titleOf } from './titleOfText.ts';

export interface MadeExercise {
  readonly exercise: Exercise;
  /** Parts of the reading that no part of an exercise asks. */
  readonly leftOut: readonly string[];
  /** Numbers that play a part and are no givens, as they are written: they stay as they are, whatever varies. */
  readonly kept: readonly string[];
}

/**
 * @returns the parts of a reading that no part of an exercise asks; nothing while a plan lacks a number
 */
export const leftOutOf = (text: string, reading: ProblemReading): readonly string[] | undefined =>
  madeOf({ text, reading, title: '', isGiven: () => true })?.leftOut;

/**
 * The wording stays, and each number that may vary is a given; reads the text again with other numbers to find out.
 *
 * @param title its title; the first words of the text when left out
 * @param settled what was settled by hand when the text was read
 * @returns nothing while a plan lacks a number
 */
export function exerciseFromText(
  text: string,
  read: ProblemReading,
  title = titleOf(text),
  settled: Settled = {},
): MadeExercise | undefined {
  const make = (reading: ProblemReading, isGiven: (given: TextGiven) => boolean) =>
    madeOf({ text, reading, title, isGiven });
  let made = make(read, () => true);
  let givens = made ? givensOfText(text, read) : [];
  // With fewer givens others may lose their wording.
  while (made && givens.length > 0) {
    const names = mayVary(
      { text, reading: read, settled, exercise: made.exercise, make: (other) => make(other, () => true)?.exercise },
      givens,
    );
    const kept = givens.filter(({ given }) => names.has(given.name));
    if (kept.length === givens.length) break;
    givens = kept;
    made = make(read, ({ start }) => kept.some((each) => each.start === start));
  }
  return made;
}

interface TextToMake {
  readonly text: string;
  readonly reading: ProblemReading;
  readonly title: string;
  /** Whether a number becomes a given; any other stays as it is. */
  readonly isGiven: (given: TextGiven) => boolean;
}

function madeOf({ text, reading: read, title, isGiven }: TextToMake): MadeExercise | undefined {
  const reading = withSteps(withKnownAmounts(read));
  const givens = givensOfText(text, reading).filter(isGiven);
  const steps = stepsOf(reading);
  const isTold = toldMoments(reading);
  const drafts = reading.plans.map((plan, index) =>
    draftOfPlan({
      plan,
      index,
      wanted: wantedOf(reading, index),
      givens,
      style: styleOfText(text),
      linked: linkedSlots(plan, reading.plans, steps, givens),
      begins: plan.links?.find(({ args }) => args?.k !== undefined)?.args?.k,
      asks: reading.asks,
      isTold,
    }),
  );
  const known = drafts.flatMap((draft) => draft ?? []);
  const [first] = known;
  if (!first || known.length !== drafts.length) return undefined;
  // Steps have prompts of their own.
  const { story, prompts: told } = storyOfText(text, { ...reading, asks: read.asks }, givens);
  const prompts = { ...worthPrompts(reading), ...told };
  const asked = reading.asks.map((ask) =>
    partOf(ask, { asks: reading.asks, plans: reading.plans, drafts, prompts, givens, isTold }),
  );
  const made = inOrder(
    [
      ...stepsInOrder(steps).map((step) => stepPart(step, reading.plans, known)),
      ...asked.flatMap((part) => part ?? []),
    ],
    reading.plans,
  );
  const letters = new Map(made.map(({ part }, at) => [part, String.fromCharCode(97 + at)]));
  const parts = lettered(made, letters);
  const limits = parts.filter(isDifference).map(({ id }) => ({ of: { part: id }, least: 0 }));
  return {
    exercise: {
      title,
      topic: reading.plans.length > 1 ? 'comparing' : topicOf(first, [], []),
      level: levelOf(reading),
      story: plainStory(story),
      givens: uniqueGivens(givens),
      plans: known.map((draft, at) => ({
        id: planId(at),
        draft: inLetters(draft, letters),
        ...(known.length > 1 ? { name: reading.plans[at]?.name ?? `plan ${at + 1}` } : {}),
      })),
      ...(limits.length > 0 ? { limits } : {}),
      parts,
    },
    leftOut: reading.asks.filter((_, at) => asked[at] === undefined).map(({ part }) => part),
    kept: [
      ...new Set(
        read.uses.filter(({ start }) => !givens.some(({ use }) => use.start === start)).map(({ quote }) => quote),
      ),
    ],
  };
}

/** "By how much does the payment fall?": what an answer is worked out from is asked before it, as a step. */
function withSteps(reading: ProblemReading): ProblemReading {
  const asks: ReadAsk[] = [];
  const isAsked = (step: ReadAsk): boolean =>
    [...reading.asks, ...asks].some(
      ({ quantity, plan, args }) =>
        quantity === step.quantity && plan === step.plan && args?.after === step.args?.after,
    );
  for (const ask of reading.asks) {
    const plan = reading.plans[ask.plan ?? 0];
    const sides = ask.args?.between ?? [];
    // The last payment beside the others: those are told.
    const isOfLast = sides.some((each) => typeof each === 'object' && each.quantity === 'lastPayment');
    const compared = (isOfLast ? [] : sides).flatMap((each) => {
      if (typeof each === 'object') return each.quantity === 'payment' ? [each] : paidEachTime(each, reading.plans);
      const of = ask.args?.of ?? 'totalPaid';
      // A told payment against one that is sought, a goal against what is saved.
      if (isToldAgainst(of, reading.plans) && reading.plans[Number(each)]?.unknown === of)
        return [{ plan: Number(each), quantity: of }];
      const isTime = isTimeToldAgainst(of, reading.plans) && reading.plans[Number(each)]?.unknown === 'payments';
      return isTime ? [{ plan: Number(each), quantity: of }] : [];
    });
    const own = plan ? stepBefore(ask, plan) : undefined;
    const worths = worthsBefore(ask, reading.plans);
    for (const { plan: index, quantity, args = {} } of [...compared, ...worths, ...(own ? [own] : [])]) {
      const part = `step-${index}-${quantity}-${args.after ?? 0}`;
      const step: ReadAsk = { ...ask, part, plan: index, quantity, args, answers: [], values: [] };
      if (!isAsked(step)) asks.push(step);
    }
    asks.push(ask);
  }
  return { ...reading, asks };
}

/** A sum taken from an earlier plan that states it, less a fee, is a number of the text, and no answer. */
const withKnownAmounts = (reading: ProblemReading): ProblemReading => ({
  ...reading,
  plans: reading.plans.map((plan) => {
    const known = plan.links?.find(({ field, quantity }) => field === 'amount' && quantity === 'amount');
    const amount = known ? reading.plans[known.fromPlan]?.amount : undefined;
    if (!known || typeof amount !== 'number') return plan;
    return { ...plan, amount: amount + (known.plus ?? 0), links: plan.links?.filter((each) => each !== known) ?? [] };
  }),
});

/** The moments that a text tells, in payments: numbers that are no givens. */
function toldMoments({ uses, plans }: ProblemReading): (after: number) => boolean {
  const perYear = [...new Set(plans.map(({ paymentsPerYear }) => paymentsPerYear))];
  const told = new Set(
    uses.flatMap(({ role, value, unit }) =>
      role === 'after' || role === 'from' || role === 'to'
        ? perYear.map(
            (p) => roundTo(unit in yearsIn ? value * yearsIn[unit]! * p : value, 0) - (role === 'from' ? 1 : 0),
          )
        : [],
    ),
  );
  return (after) => told.has(after);
}

const uniqueGivens = (givens: readonly TextGiven[]): Exercise['givens'] =>
  givens.map(({ given }) => given).filter((given, at, all) => all.findIndex(({ name }) => name === given.name) === at);

const levelOf = ({ plans, asks }: ProblemReading): Exercise['level'] =>
  plans.length > 1 || plans.some(({ changes }) => changes.length > 0) ? 'third' : asks.length > 1 ? 'second' : 'first';

const wantedOf = ({ asks, plans }: ProblemReading, index: number): number | undefined =>
  plans[index]?.rate === null || plans[index]?.kind === 'convert'
    ? asks.find(({ plan, args }) => plan === index && args?.compoundingsPerYear !== undefined)?.args
        ?.compoundingsPerYear
    : undefined;

/** Parts that others go on from come before them. */
function inOrder(parts: readonly DraftPart[], plans: readonly ReadPlan[]): DraftPart[] {
  const indexOf = (id: string): number => plans.findIndex((_, at) => planId(at) === id);
  const planOf = ({ ask }: DraftPart): number =>
    ask.quantity === 'difference'
      ? Math.max(indexOf(ask.plan), indexOf(ask.other))
      : 'plan' in ask
        ? indexOf(ask.plan)
        : plans.length;
  const isLinked = (at: number): boolean => (plans[at]?.links?.length ?? 0) > 0;
  const rank = (part: DraftPart): number => (isLinked(planOf(part)) || planOf(part) >= plans.length ? 1 : 0);
  const needsOrder = plans.some((_, at) => isLinked(at));
  return needsOrder ? [...parts].sort((one, other) => rank(one) - rank(other)) : [...parts];
}

/** One plan is ahead of the other by so much: draws keep it so. */
const isDifference = ({ ask }: Part): boolean =>
  ask.quantity === 'difference' || (ask.quantity === 'expression' && / - /.test(ask.text));

/** Texts that name a part by what it was called until it had its letter. */
const named = (text: string, letters: ReadonlyMap<string, string>): string =>
  text.replace(/answer @([\w-]+)/g, (whole, part: string) =>
    letters.has(part) ? `answer ${letters.get(part)}` : whole,
  );

function inLetters(draft: StatementDraft, letters: ReadonlyMap<string, string>): StatementDraft {
  const slots = { ...draft.slots };
  for (const slot of slotNames) slots[slot] = named(slots[slot], letters);
  return { ...draft, slots };
}

function lettered(parts: readonly DraftPart[], letters: ReadonlyMap<string, string>): Part[] {
  return parts.map(({ part, ask, ...rest }) => ({
    id: letters.get(part)!,
    ...rest,
    ask: ask.quantity === 'expression' ? { ...ask, text: named(ask.text, letters) } : ask,
  }));
}

/** The plans as they are typed, with numbers in every slot; a plan that goes on from another has what that comes to. */
export function draftsInNumbers(text: string, reading: ProblemReading): (StatementDraft | undefined)[] {
  const wanted = reading.plans.map((_, index) => wantedOf(reading, index));
  return solvePlans(reading.plans, wanted).map((solved, index) =>
    solved
      ? draftOfPlan({
          plan: { ...solved.plan, links: [], ...(isPriced(solved.plan) ? {} : { price: undefined }) },
          index,
          wanted: wanted[index],
          givens: [],
          style: styleOfText(text),
          linked: {},
          asks: reading.asks,
          isTold: () => true,
        })
      : undefined,
  );
}
