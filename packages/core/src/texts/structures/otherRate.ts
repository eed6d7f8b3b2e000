/** The same at another rate: "What is it worth at 5.5 %? And at 6.5 %?", "What would it be if the rate were 7 %?" */

import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { readPlan } from '../onePlan.ts';
import { askingNothing, sentenceAt, tokenAt, withoutNewRates, type Page } from '../page.ts';
import { quantitySought } from '../quantitySought.ts';
import type { ReadRate } from '../reading.ts';
import type { Sentence } from '../sentences.ts';
import type { SolePlan } from '../solePlan.ts';
import { isIn } from './clauses.ts';
import { follow, without } from './followers.ts';
import { ownedQuestions, questionsOf } from './severalPlans.ts';

const asked: ReadonlySet<string> = new Set(['payment', 'amount', 'finalAmount', 'payments', 'howLong', 'totalPaid']);

const atAnother =
  /^\W*(?:⟨l\d+⟩[.)]\s*|[a-h]\)\s*)?(?:and |but |now )?(?:if (?:he|she|they|you) (?:moved?|moves|transfer(?:s|red)?|switch(?:es|ed)?|shift(?:s|ed)?) (?:it|them|(?:the|her|his|their) (?:debt|balance|loan|card)) to (?:[a-z]+ ){1,4}|(?:what|how)(?: if| about| much| large| long| many| soon)? |(?:what|which) (?:price|sum|amount) would (?:give|yield|bring|earn) |(?:what|how (?:much|large|big|long|many)) (?:is|are|would|will) (?:it|that|they|this)(?: be| come to| last| take)? )?(?:(?:if|were|should|with|at|for) (?:the |an? |her |his |their )?(?:[a-z]+ ){0,3})?⟨p(\d+)⟩(?: [a-z]+| ⟨[ea]\d+⟩|,){0,5}(?: instead)?(?:,? (?:what|how (?:much|many|long|large))(?: [a-z]+){0,6})?\W*$/;

/** @returns nothing where no sentence asks the same at another rate */
export function readOtherRate(page: Page): DraftReading | undefined {
  const [one, other, third] = page.tokens.flatMap(({ form }, at) =>
    form === 'percent' && !['downPaymentRate', 'finalAmountRate'].includes(page.signs[at]?.[0]?.role ?? '') ? [at] : [],
  );
  const sentence = other === undefined ? undefined : sentenceAt(page, page.places[other]!);
  if (one === undefined || other === undefined || third !== undefined) return undefined;
  const moved = readRateMoved(page);
  if (moved) return moved;
  if (!sentence?.asks) return undefined;
  const asking = tailOf(sentence);
  if (Number(wouldChange.exec(asking.text)?.[1] ?? -1) === other) return readRateChanged(page, asking, other);
  if (Number(atAnother.exec(asking.text)?.[1] ?? -1) !== other) return undefined;
  // "If the rate were 6 %, how much sooner?"
  if (page.questions.some((each) => each.asked === 'difference' && isIn([asking], each)))
    return readRateChanged(page, asking, other);
  const once = askingNothing(withoutNewRates(page), asking);
  if (once.questions.length !== 1 || !once.questions.every((each) => asked.has(each.asked))) return undefined;
  const questions = ownedQuestions(once, () => 'each');
  const first = readPlan(once, {
    scope: without(asking),
    questions: questionsOf(questions, 0),
  });
  const { rate } = first.plan;
  if (!rate || first.read.missing.length > 0) return undefined;
  const turned = readPaidAtAnother(page, first, asking, other);
  if (turned) return turned;
  return follow(
    once,
    { ...first, plan: { ...first.plan, name: 'first' } },
    questions,
    { name: 'then', rate: rateThen(page, asking, rate, tokenAt(page, other).value) },
    [],
    [[other, 'rate']],
    () => undefined,
  );
}

/** "What was lent? If the lender had asked 7.8 %, what would the payments have been?": of the found loan. */
function readPaidAtAnother(page: Page, first: SolePlan, asking: Sentence, other: number): DraftReading | undefined {
  const { plan } = first;
  const own = page.questions.filter((each) => isIn([asking], each) && each.asked === 'payment');
  const isFound = plan.unknown === 'amount' && plan.payment !== null && plan.payments !== null && plan.rate;
  if (!isFound || own.length !== 1) return undefined;
  return follow(
    withoutNewRates(page),
    { ...first, plan: { ...plan, name: 'first' } },
    ownedQuestions(page, (each) => (isIn([asking], each) ? 1 : 0)),
    {
      name: 'then',
      rate: rateThen(page, asking, plan.rate!, tokenAt(page, other).value),
      amount: null,
      payment: null,
      unknown: 'payment',
    },
    [{ field: 'amount', fromPlan: 0, quantity: 'amount' }],
    [[other, 'rate']],
    () => undefined,
  );
}

/** "…, and how does the payment change if the rate increases to 5.5 %?" */
const wouldChange =
  /^[^⟨]*(?:change|rise|fall|increase|decrease|more|less|higher|lower)[^⟨]* (?:if (?:he|she|they|it|you) (?:got|earned|received|had|found) |(?:if|were|should) (?:the |its |this )?(?:[a-z]+ ){0,2}rates? (?:[a-z]+ ){0,3}|at )⟨p(\d+)⟩(?: [a-z]+| ⟨[ea]\d+⟩|,){0,5}\W*$/;

const movedTo =
  /(?<![a-z])if (?:the )?(?:[a-z]+ ){0,3}(?:went|goes|rose|rises|fell|falls|changed|changes|increased|increases|dropped|drops|moved|moves|climbed|climbs|raised|cut|lowered) from ⟨p(\d+)⟩(?:[^?.⟨]|⟨[ea]\d+⟩){0,40} to ⟨p(\d+)⟩/;

/** "Interest falls from 4.2 % to 3.6 %. By how much does the end value fall?" */
const toldMoved =
  /(?:interest|rate)(?: [a-z]+){0,3} (?:falls?|fell|rises?|rose|goes|went|drops?|dropped|changes|changed|(?:is|was) (?:cut|raised|lowered|reduced|increased)) from ⟨p(\d+)⟩(?:[^?.⟨]|⟨[ea]\d+⟩){0,40} to ⟨p(\d+)⟩/;

/** "By how much would the payment rise if the rate went from 4.8 % to 5.8 %?": the same at the one and at the other. */
function readRateMoved(page: Page): DraftReading | undefined {
  const [only, more] = page.questions;
  const isMoved = only?.asked === 'difference' && more === undefined;
  const found = movedTo.exec(page.flat) ?? (isMoved ? toldMoved.exec(page.flat) : null);
  const said = found && sentenceAt(page, { start: found.index, end: found.index });
  if (!found || !(said?.asks || isMoved)) return undefined;
  const other = Number(found[2]);
  const told = withoutNewRates(page);
  const questions = ownedQuestions(told, ({ asked: what }) => (what === 'difference' ? 'across' : 'each'));
  const first = readPlan(told, { scope: without(page.places[other]!), questions: questionsOf(questions, 0) });
  const { plan, read } = first;
  const isOpen = plan.unknown !== 'rate' && plan.changes.length === 0 && read.missing.length === 0;
  if (!plan.rate || !isOpen || !questions.some(({ owner }) => owner === 'across')) return undefined;
  return follow(
    told,
    { ...first, plan: { ...plan, name: 'first' } },
    questions,
    { name: 'then', rate: { ...plan.rate, value: tokenAt(page, other).value } },
    [],
    [[other, 'rate']],
    ({ unit }) => {
      const words = page.flat.slice(unit.start, unit.end);
      const of = /interest(?! rate)/.test(words) ? 'totalInterest' : quantitySought[plan.unknown];
      return { quantity: 'difference', args: { of, between: [0, 1] } };
    },
  );
}

/** By how much what is sought differs at the other rate. */
function readRateChanged(page: Page, asking: Sentence, other: number): DraftReading | undefined {
  const told = withoutNewRates(page);
  const once = askingNothing(told, asking);
  const compared = told.questions.filter((each) => isIn([asking], each));
  const first = readPlan(once, { scope: without(asking), questions: ownedQuestions(once, () => 0) });
  const { plan, read } = first;
  const isAlike = compared.length === 1 && compared[0]?.asked === 'difference' && plan.unknown !== 'rate';
  if (!isAlike || !plan.rate || read.missing.length > 0 || plan.changes.length > 0) return undefined;
  const questions = ownedQuestions(told, (each) => (isIn([asking], each) ? 'across' : 0));
  return follow(
    { ...told, unread: once.unread },
    { ...first, plan: { ...plan, name: 'first' } },
    questions,
    { name: 'then', rate: rateThen(page, asking, plan.rate, tokenAt(page, other).value) },
    [],
    [[other, 'rate']],
    ({ unit }) => ({
      quantity: 'difference',
      args: {
        of: /interest/.test(page.flat.slice(unit.start, unit.end)) ? 'totalInterest' : quantitySought[plan.unknown],
        between: [0, 1],
      },
    }),
  );
}

/** "…, and what is it at 6 %?": the end of a sentence that asks before. */
function tailOf(sentence: Sentence): Sentence {
  const found =
    /,? and (?=(?:by )?how (?:much|does|do|will|would) [^?⟨]*(?:change|rise|fall|increase|decrease|more|less|higher|lower)[^?⟨]* if |by how much (?:it|this|that|the payment) (?:would|will) [^?⟨]{3,24} (?:at|if|with) |(?:what|how (?:much|large|long))(?: (?:is|would|will) (?:it|that|they))?(?: be)? (?:at|if|with) )/.exec(
      sentence.text,
    );
  const from = found?.index ?? 0;
  return { ...sentence, start: sentence.start + from, text: sentence.text.slice(from) };
}

/** Quoted as the first one, where it says nothing of that itself. */
export function rateThen(page: Page, sentence: Span, rate: ReadRate, value: number): ReadRate {
  const quoting = page.quotings.find((each) => isIn([sentence], each))?.says;
  const perYear = page.periods.find(
    ({ use, token }) => use === 'compounding' && isIn([sentence], page.places[token]!),
  )?.perYear;
  if (quoting === 'effective') return { value, quoted: 'effective', compoundingsPerYear: 1 };
  return perYear === undefined ? { ...rate, value } : { value, quoted: 'nominal', compoundingsPerYear: perYear };
}
