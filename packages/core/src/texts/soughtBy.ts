/** What the questions seek of a plan, without what the text states. */

import type { Asked } from './lexicon/questions/index.ts';
import type { Page, Scope } from './page.ts';
import type { PlacedQuestion } from './placedQuestions.ts';

export function soughtBy(page: Page, scope: Scope, questions: readonly PlacedQuestion[]): Set<Asked> {
  const asked = new Set(questions.map((each) => each.asked));
  if (asked.has('payment') && isKnown(page, scope, 'payment')) asked.delete('payment');
  if (
    asked.has('amount') &&
    !asked.has('downPayment') &&
    isKnown(page, scope, 'amount') &&
    !page.signs.some((each) => each[0]?.role === 'price')
  )
    asked.delete('amount');
  // "… until there is 45,000. How many months? And what is there then?"
  const isLong = asked.has('payments') || asked.has('howLong') || asked.has('years');
  if (asked.has('finalAmount') && isLong && isKnown(page, scope, 'finalAmount')) asked.delete('finalAmount');
  // "What is there at the end? How much was deposited?": its payments, in all.
  const isPaid = page.signs.some(
    ([sign], at) => sign?.role === 'payment' && sign.weight >= 6 && scope(page.places[at]!),
  );
  if (asked.has('amount') && asked.has('finalAmount') && isPaid) asked.delete('amount');
  return asked;
}

/** What the text states is not sought: who seems to ask for it asks for what is missing. */
function isKnown(page: Page, scope: Scope, role: 'payment' | 'amount' | 'finalAmount'): boolean {
  return page.signs.some((each, at) => {
    const [best, ...others] = each;
    const isOther = others.some(({ weight }) => weight >= Math.max(8, (best?.weight ?? 0) - 2));
    return (
      page.tokens[at]?.form === 'money' &&
      scope(page.places[at]!) &&
      best?.role === role &&
      best.weight >= 9 &&
      !isOther
    );
  });
}
