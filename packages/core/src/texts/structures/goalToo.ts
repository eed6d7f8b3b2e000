/** "How much is there after 20 years? After how many years are there 50,000?": the same savings, to a time and to a goal. */

import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { readPlan } from '../onePlan.ts';
import { askingNothing, sentenceAt, tokenAt, type Page } from '../page.ts';
import type { Question } from '../question.ts';
import type { ReadLink, ReadPlan } from '../reading.ts';
import type { Sentence } from '../sentences.ts';
import { isIn } from './clauses.ts';
import { follow, without } from './followers.ts';
import { ownedQuestions } from './severalPlans.ts';

const asksTime = ({ asked }: Question): boolean => asked === 'payments' || asked === 'years' || asked === 'howLong';
const asksEnd = ({ asked }: Question): boolean => asked === 'finalAmount' || asked === 'balance';

/** @returns nothing where no other question asks for a time, or for a payment, that leads to a sum of its own */
export function readGoalToo(page: Page): DraftReading | undefined {
  const [time, another] = page.questions.filter((each) => asksTime(each) || isFromThen(page, each));
  if (!time) return readOtherGoal(page);
  const sentence = sentenceAt(page, time);
  const saves = says(page, 'saving') || page.periods.some(({ use, weight }) => use === 'frequency' && weight >= 2);
  if (!sentence || another || !(saves || says(page, 'lump-sum'))) return undefined;
  if (!page.questions.some((each) => asksEnd(each) && !isIn([sentence], each))) return undefined;
  const sought = { payments: null, unknown: 'payments' } as const;
  const isMore = isFromThen(page, time);
  const words = page.flat.slice(time.unit.start, time.unit.end);
  const asked = /years/.test(words) ? 'years' : /how much longer/.test(words) ? 'howLong' : 'payments';
  const questions = page.questions.map((each) => (each === time ? ({ ...each, asked } as const) : each));
  const asOne = (as: 'saving' | 'lump-sum'): DraftReading | undefined =>
    isMore
      ? leadingTo({ ...page, questions }, sentence, [sentence], as, { ...sought, amount: null }, fromThere)
      : leadingTo(page, sentence, [goalIn(page, sentence, time)], as, sought);
  // One deposit is no saving.
  return (saves ? asOne('saving') : undefined) ?? (says(page, 'lump-sum') || isMore ? asOne('lump-sum') : undefined);
}

/** "With 150 a month, when are there 20,000?": what stands before the question is told of both. */
function goalIn(page: Page, sentence: Sentence, { unit }: Question): Span {
  const own = { start: unit.start, end: sentence.end };
  const isBefore = page.places.some(({ start }) => start >= sentence.start && start < unit.start);
  return isBefore ? own : sentence;
}

/** "How many more years until there are 6,000?": counted from what there is then. */
const isFromThen = (page: Page, { unit }: Question): boolean =>
  /how (?:many (?:more|further|additional)|much longer)(?![a-z])[^?]*(?<![a-z])(?:till?|until|before|reach|grow|become|worth|amount to|come to|to have|have)(?![a-z])/.test(
    page.flat.slice(unit.start, unit.end),
  );

const fromThere: readonly ReadLink[] = [{ field: 'amount', fromPlan: 0, quantity: 'finalAmount' }];

/** "How much do they have? The trip costs 4,000; what would they have to save each month?": the payment that leads to it. */
function readOtherGoal(page: Page): DraftReading | undefined {
  const [asking, another] = page.questions.filter(({ asked }) => asked === 'payment');
  const sentence = asking && sentenceAt(page, asking);
  if (!sentence || another || !says(page, 'saving')) return undefined;
  if (!page.questions.some((each) => asksEnd(each) && each.start < sentence.start)) return undefined;
  // "…; what would they have to save" is a sentence of its own.
  const before = page.sentences[page.sentences.indexOf(sentence) - 1];
  const told = before && !before.asks ? [before, sentence] : [sentence];
  return leadingTo(page, sentence, told, 'saving', { payment: null, unknown: 'payment' });
}

const says = ({ kinds }: Page, kind: 'saving' | 'lump-sum'): boolean =>
  kinds.some((each) => each.says === kind && each.weight >= 5);

/**
 * The plan of all that is not told with the goal, and the same plan with the goal at its end.
 * @returns nothing unless one sum alone is the goal, the first plan is known, and the goal is above what is put there
 */
function leadingTo(
  page: Page,
  asking: Sentence,
  told: readonly Span[],
  as: 'saving' | 'lump-sum',
  sought: Pick<Partial<ReadPlan>, 'amount' | 'payment' | 'payments' | 'unknown'>,
  links: readonly ReadLink[] = [],
): DraftReading | undefined {
  const [token, more] = page.tokens.flatMap(({ form }, at) =>
    form === 'money' && isIn(told, page.places[at]!) ? [at] : [],
  );
  if (token === undefined || more !== undefined) return undefined;
  const goal = tokenAt(page, token).value;
  const once = askingNothing(page, asking);
  const first = readPlan(once, { scope: without(...told), as, questions: ownedQuestions(once, () => 0) });
  const { plan, read } = first;
  const put = [plan.payment ?? 0, plan.amount ?? 0];
  const isPut = (as === 'saving' ? put[0]! : put[1]!) > 0;
  const isKnown = isPut && plan.payments !== null && plan.rate !== null && read.missing.length === 0;
  if (!isKnown || plan.unknown !== 'finalAmount' || put.some((each) => each >= goal)) return undefined;
  return follow(
    page,
    { ...first, plan: { ...plan, name: 'first' } },
    ownedQuestions(page, (each) => (isIn([asking], each) ? 1 : 0)),
    { name: 'then', finalAmount: goal, ...sought },
    links,
    [[token, 'finalAmount']],
    () => undefined,
  );
}
