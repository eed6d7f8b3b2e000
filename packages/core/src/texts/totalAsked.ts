/** A total asked of one plan: with what was paid down, with what was there first, or the payments alone. */

import type { Asking, Found } from './asking.ts';
import { momentOf } from './placesInPlan.ts';

/** "She invests 3,000 now and 75 a month", and no account in which there is something already. */
const paidInAtFirst =
  /(?:invest|deposit|put|pay|open|start|beg[iu]n)[a-z]*(?: [a-z]+){0,4} ⟨m\d+⟩[^.?!⟨]{0,24} (?:now|today|at once|at the (?:start|outset)|first|straight away|immediately)(?![a-z])|(?:initial|opening|first) (?:deposit|investment|payment) of ⟨m/;

/** "… counting the first sum", "(the initial one included)". */
const countsStart =
  /(?:counting|including|with|plus|inclusive of) (?:the |her |his |their )?(?:first|initial|opening|starting|original|existing) (?:sum|deposit|balance|amount|money|investment|savings)|own (?:money|savings|cash)|(?:came|comes) from |(?:first|initial|opening|original) (?:one|sum|deposit|balance|amount)(?: being)? (?:included|counted)/;

/** "How much has she paid by then?": all until what was looked at before. */
const byThen = /(?<![a-z])(?:(?:by|until|up to) (?:then|that (?:time|date|moment|point|day))|so far|to date)(?![a-z])/;

/** The payments until a moment that is named, or that was looked at before; nothing where all of them are meant. */
function untilMoment({ question: { place }, of, last, unit }: Asking): { from: number; to: number } | undefined {
  const k = place ? momentOf(place, of, last) : byThen.test(unit) ? last.k : undefined;
  const { payments } = of.plan;
  return k === undefined || k <= 0 || (payments !== null && k >= payments) ? undefined : { from: 1, to: k };
}

/** What is paid in all, as the words of the question count it. */
export function totalAsk(asking: Asking): Found {
  const {
    page,
    of: { plan },
    is,
    unit,
  } = asking;
  const withDeposit =
    /(?:altogether|in all|in total)[^?]* if (?:he|she|they) (?:buys?|keeps?|takes? it)|(?:total of (?:all|everything)(?: that)? (?:the [a-z]+|he|she|they|it) (?:pays?|paid|has|will)|everything together|deposit|down|includ|counted in|counting)|(?:total|full|whole) (?:hire-purchase |purchase |credit )?(?:price|cost)|cost|in all for|what (?:does|do|will|did|must) the (?:buyer|purchaser|customer) pay(?![^?]* (?:instal|payments))|pa(?:ys?|id|ying) (?:in (?:all|total) |altogether )?for (?:the|it|this|that|her|his|their|an?)(?! (?:loan|credit|mortgage|finance|debt|money))/.test(
      unit,
    );
  // "the total of all payments with the 75,000", which were paid down
  const added = Number(/(?:with|plus) (?:the|these|those|his|her|their) ⟨m(\d+)⟩/.exec(unit)?.[1] ?? NaN);
  const isAdded = page.tokens[added] !== undefined && page.tokens[added].value === plan.downPayment;
  // "The total of the rents" leaves out the residual.
  const ofRents =
    /(?:(?:total|sum) of|what do|how much do) (?:all )?(?:the |her |his |their |its |these |\d+ )*(?:⟨e\d+⟩ )?(?:rents|rentals)(?![a-z])(?! (?:and|with|plus) (?:the|its) (?:residual|last|final|balloon))|(?<![a-z])all (?:the )?(?:rents|rentals) (?:together|added)|in (?:rent|rentals)(?![a-z])|how much rent(?![a-z])/.test(
      unit,
    );
  // "How much are all payments together?" of a lease: its rents.
  const ofAllRents =
    plan.kind === 'leasing' && /(?<![a-z])all (?:the )?payments (?:together|added)(?![a-z])/.test(unit);
  // "How much of that did she pay in herself?": with what was there first.
  const withStart =
    plan.kind === 'saving' &&
    (plan.amount ?? 0) > 0 &&
    (countsStart.test(unit) ||
      (/of (?:that|this|it)(?![a-z])|(?:her|him|my|them)sel(?:f|ves)|in all|altogether|in total|includ|counting/.test(
        unit,
      ) &&
        paidInAtFirst.test(page.flat) &&
        !/(?<!initial )deposits|payments|contributions|instal|not counted|without/.test(unit)));
  return is('totalPaid', {
    ...untilMoment(asking),
    ...(withStart ? { include: ['amount'] } : {}),
    ...((plan.downPayment ?? 0) > 0 && (withDeposit || isAdded) ? { include: ['downPayment'] } : {}),
    ...((plan.finalAmount ?? 0) > 0 && (ofRents || ofAllRents) ? { only: 'payments' } : {}),
  });
}
