/** An exercise made of a case: a first story, a given for each number, variations as further plans, and what is open as a part. */

import { askCase } from '../../statement/question.ts';
import { solveCase } from '../../statement/solveCase.ts';
import { applyVariation, variedFrom, type Variation } from '../../statement/variation.ts';
import { frequencyOf } from '../../case/frequency.ts';
import { kindOf } from '../../case/kinds.ts';
import { quantities } from '../../case/quantities.ts';
import type { Ask, Quantity } from '../../case/quantity.ts';
import { quoteInWords } from '../../case/quote.ts';
import { namesOf } from '../../records.ts';
import type { TableRounding } from '../../table/plan.ts';
import type { SlotName } from '../../case/statement.ts';
import type { ChangeDraft } from '../../statement/changeDraft.ts';
import type { StatementDraft } from '../../statement/draft.ts';
import type { AskTexts, Exercise, ExercisePlan, Given, Part } from '../exercise.ts';
import { usualFormat } from '../format.ts';
import { plainStory } from '../story.ts';
import { changeSentence, firstStory } from './firstStory.ts';
import { namedDraft } from './namedDraft.ts';
import { refinancedPlan, type RefinancedPlan } from './refinancedPlan.ts';
import { ownQuantity, questionOf, type UsualQuestion } from './usualQuestions.ts';
import { topicOf } from './topicOf.ts';

/** A case as it stands on the Bench. */
export interface StatedCase {
  readonly title: string;
  readonly draft: StatementDraft;
  readonly variations: readonly Variation[];
  readonly tags: readonly string[];
  /** What is looked at besides: a payment range of the table, the question of the working. */
  readonly open?: Ask;
}

/** An exercise takes at most so many plans. */
const MOST_PLANS = 10;

/**
 * @param rounding how the rules round, to know which plan has more
 */
export function exerciseFromCase(stated: StatedCase, rounding: TableRounding): Exercise {
  const { title, draft, variations, tags, open } = stated;
  const named = namedDraft(draft);
  const plan: ExercisePlan = { id: 'plan', draft: named.draft };
  const others = otherPlans(stated, named.draft, named.givens, rounding);
  const questions: UsualQuestion[] = [
    questionOf(plan, ownQuantity(draft)),
    ...(open && isAnother(draft, open) ? [openQuestion(plan, open)] : []),
  ];
  const compared = others.plans.map((other) => comparison(stated, plan.id, other, rounding));
  const asked = [...questions, ...compared];
  const renewed = refinancedPlans(stated, plan, [...named.givens, ...others.givens], others.plans.length + 2, asked);
  const more = [...others.plans, ...renewed.map((each) => each.plan)];
  const plans = [more.length > 0 ? { ...plan, name: 'plan 1' } : plan, ...more];
  const told = [firstStory(named.draft), ...others.told, ...renewed.map((each) => each.told)].join('\n');
  return {
    title,
    topic: topicOf(draft, variations, tags),
    level: variations.length > 0 || draft.changes.length > 0 ? 'second' : 'first',
    story: plainStory(told),
    givens: [...named.givens, ...others.givens, ...renewed.flatMap(({ givens }) => givens)],
    plans,
    parts: lettered([...asked, ...renewed.flatMap((each) => each.questions)]),
  };
}

/** Whether what is open asks for something the statement does not, and can be asked. */
const isAnother = (draft: StatementDraft, { quantity, refinancing }: Ask): boolean =>
  quantity !== ownQuantity(draft) && !refinancing && quantities[quantity].applies(draft);

/** The statement a variation goes out from, in numbers or in givens: with the rate that was found where it keeps that. */
function startOf(
  draft: StatementDraft,
  variation: Variation,
  rounding: TableRounding,
  from: StatementDraft,
): StatementDraft {
  const outcome = solveCase(draft, rounding);
  return outcome.state === 'solved' ? variedFrom(from, variation, outcome.solved.plan) : from;
}

const letterAt = (at: number): string => String.fromCharCode(97 + at);

const lettered = (questions: readonly UsualQuestion[]): Part[] =>
  questions.map((question, at) => ({ id: letterAt(at), ...question }));

/** The variations that are refinanced on the way: each asks for the balance, then for the new payment. */
function refinancedPlans(
  { draft, variations }: StatedCase,
  first: ExercisePlan,
  givens: readonly Given[],
  number: number,
  asked: readonly UsualQuestion[],
): RefinancedPlan[] {
  const found: RefinancedPlan[] = [];
  for (const { refinancing } of variations.slice(0, MOST_PLANS - 1)) {
    if (!refinancing || !kindOf(draft).owes) continue;
    const before = found.flatMap((each) => each.questions).length;
    const taken = [...givens, ...found.flatMap((each) => each.givens)].map(({ name }) => name);
    const place = { first, number: number + found.length, letter: letterAt(asked.length + before), taken };
    const made = refinancedPlan(draft, refinancing, place);
    if (made) found.push(made);
  }
  return found;
}

function openQuestion(plan: ExercisePlan, { quantity, after, from, to }: Ask): UsualQuestion {
  const { needs } = quantities[quantity];
  const texts: AskTexts = {
    ...(needs.includes('after') ? { after: String(after) } : {}),
    ...(needs.includes('from') ? { from: String(from), to: String(to) } : {}),
  };
  return questionOf(plan, quantity, needs.length > 0 ? texts : undefined);
}

interface OtherPlans {
  readonly plans: readonly ExercisePlan[];
  readonly givens: readonly Given[];
  /** A sentence each. */
  readonly told: readonly string[];
}

/** Each variation as a plan of its own; those refinanced on the way are apart (`refinancedPlans`). */
function otherPlans(
  { draft, variations }: StatedCase,
  named: StatementDraft,
  first: readonly Given[],
  rounding: TableRounding,
): OtherPlans {
  const plans: ExercisePlan[] = [];
  const givens: Given[] = [];
  const told: string[] = [];
  for (const variation of variations.slice(0, MOST_PLANS - 1)) {
    if (variation.refinancing) continue;
    const changes = variation.changes.map((change) => inGivens(change, draft, named));
    const applied = withCountOf(
      applyVariation(startOf(draft, variation, rounding, named), { ...variation, changes }),
      draft,
      named,
      variation,
    );
    const own = new Set<string>([...namesOf(variation.slots), ...changes.map(({ id }) => id)]);
    const taken = [...first, ...givens].map(({ name }) => name);
    const varied = namedDraft(applied, taken, own);
    givens.push(...varied.givens);
    const place = plans.length + 2;
    plans.push({ id: `plan-${place}`, name: `plan ${place}`, draft: varied.draft });
    told.push(`Plan ${place} is the same, but for this: ${differences(varied.draft, variation)}.`);
  }
  return { plans, givens, told };
}

/** A change of the statement's own that the variation has otherwise: what it leaves alone is the same given. */
function inGivens(change: ChangeDraft, draft: StatementDraft, named: StatementDraft): ChangeDraft {
  const before = draft.changes.find(({ id }) => id === change.id);
  const given = named.changes.find(({ id }) => id === change.id);
  if (!before || !given) return change;
  const texts = { ...change.texts };
  for (const field of namesOf(texts)) if (texts[field] === before.texts[field]) texts[field] = given.texts[field] ?? '';
  return { ...change, texts };
}

/** The time in years stays where only how often payments fall differs, whatever the count is called. */
function withCountOf(
  applied: StatementDraft,
  draft: StatementDraft,
  named: StatementDraft,
  variation: Variation,
): StatementDraft {
  const { paymentsPerYear } = applied;
  if (paymentsPerYear === draft.paymentsPerYear || variation.slots.payments !== undefined) return applied;
  const text = named.slots.payments;
  const payments = / × \d+$/.test(text)
    ? text.replace(/\d+$/, String(paymentsPerYear))
    : `${text} ÷ ${draft.paymentsPerYear} × ${paymentsPerYear}`;
  return draft.unknown === 'payments' ? applied : { ...applied, slots: { ...applied.slots, payments } };
}

const slotSentences: Readonly<Partial<Record<SlotName, (text: string) => string>>> = {
  amount: (text) => `the amount is ${text}`,
  rate: (text) => `the rate is ${text}`,
  payments: (text) => `there are ${text} payments`,
  payment: (text) => `each payment is ${text}`,
  finalAmount: (text) => `${text} is there at the end`,
};

/** What a plan has otherwise, as a clause. */
function differences(draft: StatementDraft, variation: Variation): string {
  const said = namesOf(variation.slots).map((slot) => {
    const years = slot === 'payments' ? /^([a-z][a-z0-9 ]*) × \d+$/.exec(draft.slots[slot]) : null;
    return years ? `it runs over {${years[1]}} years` : (slotSentences[slot]?.(inStory(draft.slots[slot])) ?? '');
  });
  const { paymentsPerYear, timing, quote } = variation;
  if (paymentsPerYear !== undefined) said.push(`payments are ${frequencyOf(paymentsPerYear).adverb}`);
  if (quote !== undefined || paymentsPerYear !== undefined)
    said.push(`the rate is quoted ${quoteInWords(draft.quote, draft.paymentsPerYear)}`);
  if (timing !== undefined) said.push(`payments fall at the ${timing === 'end' ? 'end' : 'beginning'} of each period`);
  if (variation.atRate === 'found') said.push('the rate is the one that is found');
  for (const change of variation.changes) {
    const own = draft.changes.find(({ id }) => id === change.id);
    const sentence = own ? changeSentence(own) : '';
    said.push(sentence.charAt(0).toLowerCase() + sentence.slice(1));
  }
  return said.filter((each) => each !== '').join(', and ') || 'nothing differs yet';
}

const inStory = (text: string): string => (/^[a-z][a-z0-9 ]*$/.test(text) ? `{${text}}` : text);

/** How much more the plan with more of it comes to. */
function comparison(stated: StatedCase, first: string, other: ExercisePlan, rounding: TableRounding): UsualQuestion {
  const { draft } = stated;
  const kind = kindOf(draft);
  const of: Quantity = quantities['total-interest'].applies(draft) ? 'total-interest' : 'effective';
  const variation = stated.variations.filter(({ refinancing }) => !refinancing)[Number(other.id.slice(5)) - 2];
  const number = (each: StatementDraft): number => {
    const asked = askCase(each, { quantity: of }, rounding);
    return asked.ok ? asked.value.exact : NaN;
  };
  const otherHasMore = variation
    ? number(applyVariation(startOf(draft, variation, rounding, draft), variation)) >= number(draft)
    : true;
  const [more, less] = otherHasMore ? [other.id, first] : [first, other.id];
  const nameOf = (id: string): string => (id === first ? 'plan 1' : (other.name ?? other.id));
  const what =
    of === 'effective'
      ? 'By how much is the effective rate higher'
      : `How much more interest is ${kind.owes ? 'paid' : 'earned'} in all`;
  return {
    prompt: `${what} under ${nameOf(more)} than under ${nameOf(less)}?`,
    marks: 2,
    ask: { quantity: 'difference', of, plan: more, other: less },
    format: usualFormat(of),
  };
}
