/** What problems with several plans share: their questions given to each, and their readings put together. */

import { asAsked } from '../placesInPlan.ts';
import { asksOfPlan, isAskedElsewhere } from '../asksOfPlan.ts';
import { comparedOf } from '../comparedOf.ts';
import { placeQuestions, type PlacedQuestion } from '../placedQuestions.ts';
import { doubtsOfPlan, notUnderstood } from '../doubts.ts';
import type { DraftAsk, DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { assumedOf } from '../onePlan.ts';
import type { SolePlan } from '../solePlan.ts';
import { sentenceAt, type Page } from '../page.ts';
import type { Compared, ReadArgs, ReadDoubt, ReadPlan, ReadQuantity, Role } from '../reading.ts';

/** Whose a question is: of one of the plans, by its place, of each, or across them. */
export type Owner = number | 'each' | 'across';

export type Owned = PlacedQuestion & { readonly owner: Owner };

/** What plans are called that follow one another. */
export const nameOfPlan = (at: number): string => ['first', 'second', 'third', 'fourth', 'fifth'][at] ?? String(at + 1);

export const ownedQuestions = (page: Page, ownerOf: (question: PlacedQuestion) => Owner): Owned[] =>
  placeQuestions(page).map((question) => ({ ...question, owner: ownerOf(question) }));

export const questionsOf = (questions: readonly Owned[], plan: number): Owned[] =>
  questions.filter(({ owner }) => owner === plan || owner === 'each');

/** The words of a question. */
export const wordsOf = ({ flat }: Page, { unit }: PlacedQuestion): string => flat.slice(unit.start, unit.end);

/** How an ask of several plans is made of a question across them. */
export type Across = (question: Owned, plans: readonly ReadPlan[]) => Pick<DraftAsk, 'quantity' | 'args'> | undefined;

/** The reading of several plans; what is asked of each in one sentence is asked plan by plan. */
export function readingOfPlans(
  page: Page,
  all: readonly SolePlan[],
  questions: readonly Owned[],
  across: Across,
): DraftReading {
  const dropped: Span[] = [];
  const asks = bySentence(page, questions).flatMap((group) => asksOfGroup(page, all, group, across, dropped));
  const roles = rolesOf(all);
  const doubts = all.flatMap((sole) => doubtsOfPlan(page, sole));
  const before = asks.map((each, at) => asks.slice(0, at).filter((other) => isSameAsk(each, other)));
  // A sentence that asks for something new asks for that.
  const isNew = (place: Span): boolean =>
    asks.some((each, at) => before[at]!.length === 0 && sentenceAt(page, each.place) === sentenceAt(page, place));
  const again = asks.filter(
    ({ place }, at) => before[at]!.length > 0 && isAskedElsewhere(page, place, before[at]!) && !isNew(place),
  );
  const unread = [...dropped, ...again.map(({ place }) => place)].map((each) => notUnderstood(page, each));
  const own = (each: ReadDoubt, at: number, found: readonly ReadDoubt[]): boolean =>
    found.findIndex(({ says }) => says === each.says) === at && !isTakenByOther(page, each.says, roles);
  return {
    plans: all.map(({ plan }) => plan),
    wanted: all.map(({ read }) => read.wanted),
    asks: asks.filter((each, at) => asks.findIndex((other) => isSameAsk(each, other)) === at),
    roles,
    assumes: [...new Set(all.flatMap(assumedOf))],
    doubts: [...unread, ...doubts].filter(own),
  };
}

const isSameAsk = (one: DraftAsk, other: DraftAsk): boolean =>
  one.plan === other.plan && one.quantity === other.quantity && JSON.stringify(one.args) === JSON.stringify(other.args);

/** Questions of one owner that stand together. */
function asksOfGroup(
  page: Page,
  all: readonly SolePlan[],
  group: readonly Owned[],
  across: Across,
  dropped: Span[],
): DraftAsk[] {
  const owner = group[0]?.owner ?? 'across';
  const ofPlan = (index: number, lost: Span[]): DraftAsk[] => {
    const { plan, read } = all[index]!;
    return asksOfPlan(page, group, asAsked(plan, index, read.wanted), lost);
  };
  if (owner === 'across')
    return group.flatMap((question) => {
      const ask = across(
        question,
        all.map(({ plan }) => plan),
      );
      if (!ask) dropped.push(question.unit);
      return ask ? [{ ...ask, plan: null, place: { start: question.start, end: question.end } }] : [];
    });
  if (owner !== 'each') return ofPlan(owner, dropped);
  // What one of them cannot be asked, another may be.
  const lost = all.map((): Span[] => []);
  const asks = lost.flatMap((own, index) => ofPlan(index, own));
  dropped.push(...(lost[0] ?? []).filter((each) => lost.every((own) => own.includes(each))));
  return asks;
}

/** A number that more than one plan has is of none alone. */
function rolesOf(all: readonly SolePlan[]): Map<number, { role: Role; plan?: number }> {
  const roles = new Map<number, { role: Role; plan?: number }>();
  all.forEach(({ roles: own }, plan) => {
    for (const [token, role] of own) {
      const known = roles.get(token);
      roles.set(token, known ? { role: known.role } : { role, plan });
    }
  });
  return roles;
}

/** "What is …?" about a number that the other plan took. */
function isTakenByOther(page: Page, says: string, roles: ReadonlyMap<number, unknown>): boolean {
  const quote = /^What is (.+?)(?:, besides the rate)?\?$/.exec(says)?.[1];
  return (
    quote !== undefined &&
    page.tokens.some(({ start, end }, at) => roles.has(at) && page.text.slice(start, end) === quote)
  );
}

/** "Both payments and both totals", not "for each loan the payment and the total": asked of both before the next is. */
const isOfBoth = (page: Page, question: Owned): boolean =>
  /(?:^|[^a-z])(?:each|both)(?! (?:loans?|offers?|plans?|banks?|cases?|ways?|of|options?|accounts?))(?![a-z])/.test(
    page.flat.slice(question.unit.start, question.end),
  );

/** Questions of one owner that follow each other in one sentence. */
function bySentence(page: Page, questions: readonly Owned[]): Owned[][] {
  const groups: Owned[][] = [];
  for (const question of questions) {
    const last = groups.at(-1)?.at(-1);
    const isSame =
      last &&
      last.owner === question.owner &&
      sentenceAt(page, last) === sentenceAt(page, question) &&
      !isOfBoth(page, question);
    if (isSame) groups.at(-1)?.push(question);
    else groups.push([question]);
  }
  return groups;
}

/** "Total interest of each? Difference?" is measured as what was asked before. */
function bareDifference(page: Page, question: Owned): string | undefined {
  const isBare =
    /^\W*(?:and )?(?:which (?:one |of (?:them|the two) )?is the (?:lower|higher|smaller|larger|greater)\W*$|(?:the |their |what is the )?difference\W*$|by how much\W*$|how much (?:lower|higher|larger|smaller|bigger|less|more) (?:would|will|is|was|were|are) (?:it|that|they|this)(?: have)?(?: been| be)?(?=\W|$)|by how much (?:would|will|is|are) (?:it|that|they|each|each (?:payment|one|of them)) (?:be )?(?:lower|higher|smaller|larger|less|more)|by how much (?:would|will|does|do) (?:it|that|they|the payments?) (?:rise|fall|change|increase|decrease|grow|drop|go (?:up|down)))/.test(
      wordsOf(page, question),
    );
  const before = page.questions.filter(({ start }) => start < question.start).at(-1);
  return isBare && before ? page.flat.slice(before.start, Math.min(before.unit.end, question.start)) : undefined;
}

/** The same case twice: what the words measure, of the one against the other. */
export const acrossBoth =
  (page: Page): Across =>
  (question) => ({
    quantity: 'difference',
    args: { of: comparedOf(wordsOf(page, question), page.flat), between: [0, 1] },
  });

/** Which plan has less or more, and by how much. */
export function comparedBy(
  page: Page,
  question: Owned,
  plans: readonly ReadPlan[],
): { quantity: ReadQuantity; args: ReadArgs } {
  // "Which costs more interest, and how much more?" is one measure.
  const choice = page.questions.find(
    ({ asked, unit }) =>
      asked === 'choice' && unit.end <= question.start + 1 && sentenceAt(page, unit) === sentenceAt(page, question),
  );
  // "… and by how much: a hire purchase …, or a loan?" names the offers behind it.
  // So does "Which is cheaper for a used car: a dealer's plan with monthly payments, or …?"
  const asked = wordsOf(page, question)
    .replace(/(?<=^\W*(?:and )?by how much)(?: in all| altogether| in total)?:[^]*$/, '')
    .replace(
      /(?<=^\W*which (?:one |of them )?(?:is|costs|comes out|works out)[^:?]{0,60}(?:er|less|more|best|least)(?![a-z])[^:?]*):[^]*$/,
      '',
    );
  // "Which is better, and by how much a month?" is one measure, too.
  const after = page.questions.find(
    ({ asked: what, unit }) =>
      what === 'difference' &&
      unit.start >= question.unit.end - 1 &&
      /⟨[ea]\d+⟩|(?:a|per|each) payment/.test(page.flat.slice(unit.start, unit.end)),
  );
  const own =
    question.asked === 'choice' && after ? `${asked} ${page.flat.slice(after.unit.start, after.unit.end)}` : asked;
  const words =
    question.asked === 'difference' &&
    choice &&
    !/interest|total|in all|altogether|whole|payment|rate|over (?:the |all )?(?:⟨t|term|years)/.test(own)
      ? `${page.flat.slice(choice.unit.start, choice.unit.end)} ${own}`
      : own;
  const { by, want } = measureOf(bareDifference(page, question) ?? words, plans);
  if (by === 'totalPaid' && !/payment|instal/.test(words) && paysDownOtherwise(plans))
    return question.asked === 'choice'
      ? { quantity: 'choice', args: { by, want, include: ['downPayment'] } }
      : { quantity: 'difference', args: { of: by, between: [allPaid(0), allPaid(1)] } };
  return question.asked === 'choice'
    ? { quantity: 'choice', args: { by, want } }
    : { quantity: 'difference', args: { of: by, between: [0, 1] } };
}

/** What is paid down counts where it is not the same. */
const paysDownOtherwise = (plans: readonly ReadPlan[]): boolean =>
  new Set(plans.map(({ downPayment = 0, tradeIn = 0 }) => downPayment + tradeIn)).size > 1;

const allPaid = (plan: number): Compared => ({
  plan,
  quantity: 'totalPaid',
  args: { include: ['downPayment'] },
});

function measureOf(asked: string, plans: readonly ReadPlan[]): { by: ReadQuantity; want: 'least' | 'most' } {
  const [plan] = plans;
  // "… is cheaper, both with payments at the end of each month?" measures no payment.
  const words = asked
    .replace(/(?:both |each )?with (?:⟨e\d+⟩ )?payments (?:at|made|in)[^,?]*/, '')
    .replace(/(?:compounded|convertible) ⟨e\d+⟩/g, '');
  const wantsMost = /(?:more|higher|dearer|most|highest|larger|greater|better)/.test(words);
  switch (plan?.kind) {
    case 'convert':
      return {
        by: 'effectiveRate',
        want: /(?:less|lower|cheap|least|lowest|(?<!dearer )for (?:a|the) borrower)/.test(words) ? 'least' : 'most',
      };
    case 'lump-sum':
    case 'saving':
      return {
        by: /(?<!⟨p\d+⟩ )interest/.test(words)
          ? 'totalInterest'
          : /in all|altogether|in total/.test(words)
            ? 'totalPaid'
            : plan.unknown === 'payment'
              ? 'payment'
              : 'finalAmount',
        want: /(?:less|least|lower)/.test(words) ? 'least' : 'most',
      };
    default: {
      if (
        plan?.unknown === 'payments' &&
        /(?<![a-z])(?:first|sooner|earlier|later|longer|quick|fast|last|months|years)/.test(words)
      )
        return { by: 'payments', want: /later|longer|last(?![a-z])/.test(words) ? 'most' : 'least' };
      // What is paid down is part of what each is worth.
      if (plan?.unknown === 'amount' && !/interest|total|in all|altogether/.test(words))
        return {
          by: plans.some(({ downPayment }) => downPayment !== undefined) ? 'price' : 'amount',
          want: wantsMost ? 'most' : 'least',
        };
      const isPayment =
        /payment|instal|each month|monthly|⟨[ea]\d+⟩/.test(words) && !/in all|total|cost|altogether/.test(words);
      const isByTheMonth = isPayment && /cheap|dear|costs/.test(words) && /⟨[ea]\d+⟩/.test(words);
      const by = /(?<!rate of )interest(?! rate)/.test(words)
        ? 'totalInterest'
        : isByTheMonth || (plan?.unknown === 'payment' && isPayment)
          ? 'payment'
          : plan?.unknown === 'rate' || /rate/.test(words)
            ? 'effectiveRate'
            : isPayment
              ? 'payment'
              : 'totalPaid';
      return {
        by: by === 'effectiveRate' && !/rate/.test(words) ? 'totalPaid' : by,
        want: wantsMost && !/better/.test(words) ? 'most' : 'least',
      };
    }
  }
}
