/** A difference asked of one plan: by how much a payment changes, or what the changes save. */

import { placeAsked } from './askArgs.ts';
import type { Asking, Found } from './asking.ts';
import { comparedOf } from './comparedOf.ts';
import { momentOf, type AskedPlan } from './placesInPlan.ts';
import type { Page } from './page.ts';
import type { Compared } from './reading.ts';

const isBare =
  /^\W*(?:and |then |also )*(?:what is |find |give |state )?(?:the |their )?difference(?: between (?:them|the two|both|these|the payments)| of the (?:two|⟨n\d+⟩))?\W*$|^\W*(?:and )?(?:by )?how much do (?:they|these|the (?:two|⟨n\d+⟩)|both) differ\W*$/;

/** "Find both payments and the difference between them." */
function isOfBoth(page: Page, { start }: Asking['question'], unit: string): boolean {
  const before = page.questions.filter((each) => each.start < start).at(-1);
  return isBare.test(unit) && (before?.asked === 'newPayment' || before?.asked === 'payment');
}

/** By how much the payment changes; or what the changes save. */
export function differenceAsk({ page, question, of, last, is, unit }: Asking): Found {
  const { plan, index, changesAfter, skipped = 0 } = of;
  const isRise =
    /(?:must|should|have to|has to|will|would) (?:the )?(?:later|remaining|other|following|subsequent) payments (?:have to )?be (?:larger|higher|greater|raised)|ris|increas|exceed|add to|reduc|fall|drop|grow|higher|lower|(?<!un)change|go(?:es)? (?:up|down)|(?:more|less|extra)[^?]*(?:each|every|⟨[ea])/.test(
      unit,
    ) &&
    !/interest|save|(?<!(?:later|remaining|other|following|subsequent) )payments|how many(?! (?:pounds|dollars|euros|francs|crowns|pence|cents))|(?<![a-z])(?:sooner|earlier|quicker|faster|longer)(?![a-z])|in all|altogether|total/.test(
      unit,
    );
  // "… the saving per month": of a payment that is lowered.
  const isLowered =
    /sav(?:es?|ed|ing)(?: [a-z]+)? (?:per|each|every|a) (?:month|payment|quarter)|sav(?:es?|ed|ing) ⟨[ea]\d+⟩/.test(
      unit,
    ) && plan.changes.every((each) => !('keep' in each) || each.keep === 'payments');
  if (changesAfter !== undefined && (isRise || isLowered || isOfBoth(page, question, unit))) {
    const before: Compared = { plan: index, quantity: 'payment' };
    return {
      quantity: 'difference',
      plan: null,
      args: { of: 'payment', between: [before, { ...before, args: { after: changesAfter + skipped } }] },
    };
  }
  // "It is paid off after seven years. How much is that, and what interest is saved by it?"
  const isByIt =
    /saved? (?:by|through|in) (?:it|this|that|this way|doing so|settling|paying (?:it )?off)(?![a-z])|(?<![a-z])(?:avoid|escape)(?![a-z])|(?:paying|paid|pays|settl(?:es|ed|ing)|clear(?:s|ed|ing)|repa(?:ys|id|ying))(?: off)? (?:the (?:loan|debt|mortgage|balance|rest)|it|everything)(?: off)? (?:then|at (?:that|this) (?:time|moment|point|date|stage)|there and then)|(?:this|that|it) (?:spare|save)s?(?: (?:him|her|them))?\W*$/.test(
      unit,
    );
  // "… she wants to pay the loan off. How much does she need, and how much interest does she save?"
  const isPaidOff =
    /(?:how much interest (?:does|do|will|would) (?:he|she|they|[a-z]+) save|what (?:does|do|will|would) (?:he|she|they|[a-z]+) save in interest)\W*$/.test(
      unit,
    ) &&
    /(?:pay|settl|clear)[a-z]* (?:off )?(?:the (?:loan|debt|mortgage|rest|balance)|it|everything)(?: off)?(?![a-z])/.test(
      page.flat,
    );
  if (
    plan.changes.length === 0 &&
    (isByIt || isPaidOff) &&
    /interest/.test(unit) &&
    last.k !== undefined &&
    plan.payments !== null
  )
    return last.k < plan.payments ? is('interestIn', { from: last.k + 1, to: plan.payments }) : undefined;
  // "What settles the 24 payments that are left, and how much interest is saved by doing so?"
  if (
    plan.changes.length === 0 &&
    (isByIt || isPaidOff) &&
    /interest/.test(unit) &&
    plan.unknown === 'amount' &&
    last.k === undefined
  )
    return is('totalInterest');
  if (plan.changes.length === 0)
    return savedBySettling({ plan, k: momentOf(placeAsked(page, question.unit, 'moment'), of), is, unit });
  return is('difference', { of: comparedOf(unit, page.flat), between: ['asStated', 'withChanges'] });
}

/** "How much interest is saved if it is paid off after the 36th payment?" */
const savedBySettling = ({
  plan,
  k,
  is,
  unit,
}: Pick<Asking, 'is' | 'unit'> & Pick<AskedPlan, 'plan'> & { readonly k: number | undefined }): Found =>
  k !== undefined &&
  plan.payments !== null &&
  k < plan.payments &&
  /interest/.test(unit) &&
  /(?:pay|repay|clear|settl)[a-z]*(?![a-z])[^?]{0,90}(?:off|early|in full|the (?:rest|loan|debt))|(?:settles|repays|clears) it/.test(
    unit,
  )
    ? is('interestIn', { from: k + 1, to: plan.payments })
    : undefined;
