/** What problems with two plans share: their questions given to each, and their readings put together. */

import { asksOfPlan, placeQuestions, type PlacedQuestion } from '../asksOfPlan.ts';
import { doubtsOfPlan } from '../doubts.ts';
import type { DraftAsk, DraftReading } from '../draftReading.ts';
import { assumedOf, type SolePlan } from '../onePlan.ts';
import { sentenceAt, type Page } from '../page.ts';
import type { Compared, ReadArgs, ReadDoubt, ReadPlan, ReadQuantity, Role } from '../reading.ts';

/** Whose a question is: of one of the plans, of each, or across them. */
export type Owner = 0 | 1 | 'each' | 'across';

export type Owned = PlacedQuestion & { readonly owner: Owner };

export const ownedQuestions = (page: Page, ownerOf: (question: PlacedQuestion) => Owner): Owned[] =>
  placeQuestions(page).map((question) => ({ ...question, owner: ownerOf(question) }));

export const questionsOf = (questions: readonly Owned[], plan: 0 | 1): Owned[] =>
  questions.filter(({ owner }) => owner === plan || owner === 'each');

/** The words of a question. */
export const wordsOf = ({ flat }: Page, { unit }: PlacedQuestion): string => flat.slice(unit.start, unit.end);

/** How an ask of two plans is made of a question across them. */
export type Across = (question: Owned, plans: readonly ReadPlan[]) => Pick<DraftAsk, 'quantity' | 'args'> | undefined;

/** The reading of two plans; what is asked of each in one sentence is asked plan by plan. */
export function readingOfTwo(page: Page, both: readonly [SolePlan, SolePlan], questions: readonly Owned[], across: Across): DraftReading {
  const plans = both.map(({ plan }) => plan);
  const asks: DraftAsk[] = [];
  const add = (found: readonly DraftAsk[]): void => {
    for (const each of found)
      if (!asks.some((known) => known.plan === each.plan && known.quantity === each.quantity && JSON.stringify(known.args) === JSON.stringify(each.args))) asks.push(each);
  };
  const ofPlan = (index: 0 | 1, some: readonly Owned[]): DraftAsk[] => {
    const { plan, read } = both[index];
    const [change] = plan.changes;
    return asksOfPlan(page, some, { plan, index, wanted: read.wanted, ...(change ? { changesAfter: change.after } : {}) });
  };
  for (const group of bySentence(page, questions)) {
    const [{ owner } = { owner: 'across' as Owner }] = group;
    if (owner === 'each') add(([0, 1] as const).flatMap((index) => ofPlan(index, group)));
    else if (owner === 'across')
      add(
        group.flatMap((question) => {
          const ask = across(question, plans);
          return ask ? [{ ...ask, plan: null, place: { start: question.start, end: question.end } }] : [];
        }),
      );
    else add(ofPlan(owner, group));
  }
  const roles = new Map<number, { role: Role; plan?: number }>();
  both.forEach(({ roles: own }, plan) => {
    for (const [token, role] of own) {
      const known = roles.get(token);
      roles.set(token, known ? { role: known.role } : { role, plan });
    }
  });
  const doubts: ReadDoubt[] = [];
  for (const sole of both)
    for (const each of doubtsOfPlan(page, sole, sole.changes))
      if (!doubts.some(({ says }) => says === each.says)) doubts.push(each);
  return {
    plans,
    wanted: both.map(({ read }) => read.wanted),
    asks,
    roles,
    assumes: [...new Set(both.flatMap(assumedOf))],
    doubts: doubts.filter(({ says }) => !isTakenByOther(page, says, roles)),
  };
}

/** "What is …?" about a number that the other plan took. */
function isTakenByOther(page: Page, says: string, roles: ReadonlyMap<number, unknown>): boolean {
  const quote = /^What is (.+?)(?:, besides the rate)?\?$/.exec(says)?.[1];
  return quote !== undefined && page.tokens.some(({ start, end }, at) => roles.has(at) && page.text.slice(start, end) === quote);
}

/** Questions of one owner that follow each other in one sentence. */
function bySentence(page: Page, questions: readonly Owned[]): Owned[][] {
  const groups: Owned[][] = [];
  for (const question of questions) {
    const last = groups.at(-1)?.at(-1);
    const isSame = last && last.owner === question.owner && sentenceAt(page, last) === sentenceAt(page, question);
    if (isSame) groups.at(-1)?.push(question);
    else groups.push([question]);
  }
  return groups;
}

/** Which plan has less or more, and by how much. */
export function comparedBy(page: Page, question: Owned, plans: readonly ReadPlan[]): { quantity: ReadQuantity; args: ReadArgs } {
  const words = `${wordsOf(page, question)} ${page.flat.slice(question.start, question.unit.end)}`;
  const { by, want } = measureOf(words, plans);
  const between: readonly [Compared, Compared] = [0, 1];
  return question.asked === 'choice' ? { quantity: 'choice', args: { by, want } } : { quantity: 'difference', args: { of: by, between } };
}

function measureOf(words: string, [plan]: readonly ReadPlan[]): { by: ReadQuantity; want: 'least' | 'most' } {
  const wantsMost = /(?:more|higher|dearer|most|highest|larger|greater|better)/.test(words);
  switch (plan?.kind) {
    case 'convert':
      return { by: 'effectiveRate', want: /(?:less|lower|cheap|least|lowest|better for (?:a|the) borrower)/.test(words) ? 'least' : 'most' };
    case 'lump-sum':
    case 'saving':
      return { by: /interest/.test(words) ? 'totalInterest' : plan.unknown === 'payment' ? 'payment' : 'finalAmount', want: /(?:less|least|lower)/.test(words) ? 'least' : 'most' };
    default: {
      const isPayment = /payment|instal|each month|monthly/.test(words) && !/in all|total|cost|altogether/.test(words);
      const by = /interest/.test(words) ? 'totalInterest' : plan?.unknown === 'rate' || /rate/.test(words) ? 'effectiveRate' : isPayment ? 'payment' : 'totalPaid';
      return { by: by === 'effectiveRate' && !/rate/.test(words) ? 'totalPaid' : by, want: wantsMost && !/better/.test(words) ? 'most' : 'least' };
    }
  }
}
