/** A question in its company: what it means behind the one before, and of a plan that states what it seems to ask. */

import { sentenceAt, type Page } from './page.ts';
import type { PlacedQuestion } from './placedQuestions.ts';
import { quantitySought } from './quantitySought.ts';
import type { Question } from './question.ts';
import type { ReadPlan } from './reading.ts';

/** "There are 188 payments left." */
export const tellsWhatIsLeft =
  /⟨[nt]\d+⟩(?: (?:⟨e\d+⟩ )?payments)? (?:are |is )?(?:still )?(?:left|to (?:go|run|come|be made)|remain(?:s|ing)?)(?![a-z])/;

/** A question as it is meant behind the one before, and of what the plan does not state. */
export function heardAs(
  page: Page,
  each: PlacedQuestion,
  all: readonly PlacedQuestion[],
  plan: ReadPlan,
): PlacedQuestion {
  const words = page.flat.slice(each.unit.start, each.unit.end);
  const before = all[all.indexOf(each) - 1];
  const goesOn = before !== undefined && sentenceAt(page, before) === sentenceAt(page, each);
  // "… how much interest in the last two years, and how much in all?", "…? And how much in all?"
  if (before && each.asked === 'totalPaid' && before.asked === 'interest' && isAllOfIt(page, each))
    return { ...each, asked: 'interest', place: undefined };
  if (isSparedByPaying(each, all, plan, words)) return { ...each, asked: 'interest' };
  // "How many payments and how much interest are saved?"
  const after = all[all.indexOf(each) + 1];
  const isSavedToo =
    each.asked === 'payments' &&
    after?.asked === 'difference' &&
    /^\W*(?:and )?how many (?:⟨e\d+⟩ )?(?:payments|instal?ments)(?:,| and|, and)\W*$/.test(words);
  if (isSavedToo) return { ...each, asked: 'difference' };
  // "How many payments does this save, and how much interest?", "… save? How much interest?"
  const followsOn = goesOn || /^\W*(?:and )?how much (?:of the )?interest\W*$/.test(words);
  const isSaved = followsOn && before?.asked === 'difference' && !each.place && plan.changes.length > 0;
  if (isSaved && (each.asked === 'interest' || each.asked === 'payments')) return { ...each, asked: 'difference' };
  // "The same sum is saved each month. How much?"
  const isBare = all.length === 1 && /^\W*how much\W*$/.test(words);
  if (each.asked === 'difference' && isBare) return { ...each, asked: quantitySought[plan.unknown] };
  // "There are 188 payments left. How much does she owe?"
  if (each.asked === 'balance' && !each.place && plan.unknown === 'amount' && tellsWhatIsLeft.test(page.flat))
    return { ...each, asked: 'amount' };
  // "How much is there at the end? How much was deposited?"
  if (
    each.asked === 'amount' &&
    plan.kind === 'saving' &&
    plan.payment !== null &&
    /deposited|paid in|put in/.test(words)
  )
    return { ...each, asked: 'totalPaid' };
  // "The same is paid out each quarter. How much is paid out?"
  const isEach = /^\W*(?:and )?how much is (?:paid|put|drawn|withdrawn|deposited)(?: in| out)?\W*$/.test(words);
  if (
    each.asked === 'totalPaid' &&
    plan.unknown === 'payment' &&
    isEach &&
    all.every(({ asked }) => asked !== 'payment')
  )
    return { ...each, asked: 'payment' };
  // "(1) Largest loan? (2) Deposit needed?" of a thing with a price.
  if (each.asked === 'payment' && plan.payment !== null && plan.price !== undefined && /deposit/.test(words))
    return { ...each, asked: 'deposit' };
  const sought = soughtInstead(each.asked, plan, each.place !== undefined, words);
  // Where that is asked besides, it is another question.
  const isAsking = /^\W*(?:what|how|which|find)(?![a-z])/.test(page.flat.slice(each.start, each.unit.end));
  const isAskedToo =
    isAsking && sought !== each.asked && all.some((other) => other !== each && isAlike(other.asked, sought));
  return { ...each, asked: isAskedToo ? each.asked : sought };
}

/** "What would he have to pay then, and how much interest would he be spared?": that of the payments that are left. */
const isSparedByPaying = (
  each: PlacedQuestion,
  all: readonly PlacedQuestion[],
  { changes }: ReadPlan,
  words: string,
): boolean =>
  each.asked === 'difference' &&
  changes.length === 0 &&
  all.slice(0, all.indexOf(each)).some(({ asked }) => asked === 'balance') &&
  /(?<![a-z])interest(?![a-z])[^?]*(?:spare|save|avoid|escape)/.test(words) &&
  !/(?<![a-z])(?:by|if|had|through|double|more|extra)(?![a-z])/.test(words);

const isAllOfIt = ({ flat }: Page, { unit }: Question): boolean =>
  /^\W*(?:and )?how much (?:is (?:it|that) )?(?:in all|altogether|in total|(?:over|during|in|for|through) the (?:whole |entire |full )?(?:life|term|time|duration)(?: of (?:the|her|his|this|their) (?:loan|mortgage|debt))?)\W*$/.test(
    flat.slice(unit.start, unit.end),
  );

const isAlike = (one: Question['asked'], other: Question['asked']): boolean =>
  one === other || (other === 'finalAmount' && one === 'balance') || (other === 'payments' && one === 'howLong');

const ofNumber =
  /how (?:many|long|soon|often|far)|number|when|time|term|year|month|until|count|⟨t|n ?=|^\W*(?:and )?payments\W*$/;

/** What a question for something that is known asks for: the one thing that is not. */
function soughtInstead(asked: Question['asked'], plan: ReadPlan, hasPlace: boolean, words: string): Question['asked'] {
  // How many there are is asked in words of number and time.
  if (plan.unknown === 'payments' && !ofNumber.test(words)) return asked;
  // "How much should he deposit instead?": another than the one that is told.
  const isKnown =
    (asked === 'payment' && plan.payment !== null && !/(?<![a-z])instead(?![a-z])/.test(words)) ||
    (asked === 'amount' && plan.amount !== null && plan.price === undefined && plan.unknown !== 'amount');
  // What follows from what is paid in all is asked all the same.
  const followsFromAll = plan.paidInAll !== undefined && (asked === 'payment' || plan.kind === 'flat');
  // What payments that end in nothing are worth is their worth now.
  const isWorthNow =
    asked === 'finalAmount' &&
    (plan.unknown === 'amount' || (plan.unknown === 'payment' && plan.kind === 'drawing-down')) &&
    plan.finalAmount === 0 &&
    !hasPlace;
  // A single sum at another rate on the way is known all the same.
  const isPlain = plan.changes.length === 0 || plan.kind === 'lump-sum';
  return ((isKnown && !followsFromAll) || isWorthNow) && isPlain && !plan.links ? quantitySought[plan.unknown] : asked;
}
