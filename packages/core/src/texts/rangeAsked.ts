/** Interest and principal, and the payments they are asked of. */

import type { Asking, Found } from './asking.ts';
import { yetToPay } from './lexicon/yetToPay.ts';
import { sentenceAt, type Page } from './page.ts';
import { momentOf, rangeOf, type Last } from './placesInPlan.ts';
import type { ReadPlan } from './reading.ts';
import { yearsOf } from './tokens.ts';

/** "… of those three months", where the plan runs for longer. */
function namesOtherTime(page: Page, said: string, { payments, paymentsPerYear }: ReadPlan): boolean {
  const found = /(?:those|these) (?:⟨([tn])(\d+)⟩|(?:two|three|four|five|six|twelve) )/.exec(said);
  const token = Number(found?.[2] ?? NaN);
  if (!found || found[1] === undefined) return found !== null;
  const count = found[1] === 't' ? yearsOf(page, token) * paymentsPerYear : page.tokens[token]!.value;
  return payments === null || Math.abs(count - payments) > 1e-6;
}

/** "Right after the 20th payment the loan is settled. How much interest was paid in all?": none is paid afterwards. */
function isSettledThere(page: Page, said: string): boolean {
  const told =
    /(?:after|with|following|at) the ⟨o\d+⟩ payment[^.?!]*(?<![a-z])(?:settle[sd]?|pa(?:id|ys) off|clear(?:s|ed)|redeem(?:s|ed)|repa(?:id|ys))(?![a-z])/.exec(
      page.flat,
    );
  return (
    told !== null &&
    sentenceAt(page, { start: told.index, end: told.index })?.asks !== true &&
    /(?<![a-z])(?:did|was|has|had|were|have)(?![a-z])/.test(said) &&
    /in all|altogether|in total|total/.test(said) &&
    !/(?:would|originally|as agreed|if |saved?|avoid)/.test(said)
  );
}

/** The payments up to the balance that was asked last, or those of the interest that was. */
function lookedAt({ k, from, to }: Last): { from: number; to: number } | undefined {
  if (k !== undefined) return { from: 1, to: k };
  return from === undefined || to === undefined ? undefined : { from, to };
}

/** Interest or principal: of the payments that are named, or looked at before, or of all. */
export function rangeAsk({ page, question: { asked, place, start, unit }, of, last, is }: Asking): Found {
  const { plan } = of;
  const said = page.flat.slice(start, unit.end);
  // "… and how much interest have they paid?" means until then.
  const isUntilThen =
    !place &&
    last.k !== undefined &&
    (/(?:have|has) [a-z ]*paid|of the (?:money|sum|amount) paid/.test(said) ||
      // "If she then pays off the rest, what has the loan cost her in interest?"
      /^\W*(?:⟨l\d+⟩\W*|\([a-h]\) )?if (?:he|she|they|it|the [a-z]+) (?:then )?(?:pays? off|settles?|clears?|repays?)(?![a-z])/.test(
        sentenceAt(page, unit)?.text ?? '',
      ) ||
      (asked === 'interest' && of.plan.changes.length === 0 && isSettledThere(page, said)));
  // "What would clear it after the 6th, and how much interest does she thereby avoid?"
  const k = momentOf(place, of, last) ?? last.k;
  if (
    (place?.from ?? place?.fromYear) === undefined &&
    k !== undefined &&
    plan.payments !== null &&
    plan.changes.length === 0 &&
    (/avoid|escape|spare|save/.test(said) || yetToPay.test(said))
  )
    return is('interestIn', { from: k + 1, to: plan.payments });
  const range = rangeOf(isUntilThen ? { same: true, taken: [] } : place, of, last);
  // "… in the following year": of what was looked at before, or of nothing.
  if (range === undefined && (place?.nextYears ?? place?.nextPayments) !== undefined) return undefined;
  const isLoose =
    place?.same &&
    range === undefined &&
    ((plan.unknown !== 'finalAmount' && /so far|to date/.test(said)) || namesOtherTime(page, said, plan));
  if (isLoose) return undefined;
  const isWhole =
    range === undefined || (!place?.same && range.from === 1 && range.to === plan.payments && asked === 'interest');
  // "What is still to be paid? How much of that is interest?"
  if (
    !place &&
    asked === 'interest' &&
    ((last.from ?? 1) > 1 || last.isPaid === true) &&
    /(?:of|in) (?:that|it|this|these|those|them)(?: sum| total| amount)?(?![a-z])/.test(said)
  )
    return is('interestIn', { from: last.from!, to: last.to! });
  // What is paid until then is no whole loan.
  const isUnfinished =
    (range === undefined || (range.from === 1 && range.to === plan.payments)) &&
    !/⟨m/.test(said) &&
    plan.kind === 'borrowing' &&
    plan.unknown === 'finalAmount' &&
    last.k === plan.payments;
  if (isUnfinished && asked === 'interest' && last.k !== undefined) return is('interestIn', { from: 1, to: last.k });
  // "What is owed after a year? By how much has the debt gone down?"
  const untilThen = range ?? (place ? undefined : lookedAt(last));
  // "480 is paid for four years. What is then owed? By how much has the debt been reduced?"
  const isAll = !place && plan.unknown === 'finalAmount' && plan.payments !== null;
  const whole = isAll ? { from: 1, to: plan.payments } : undefined;
  if (asked === 'principal') return (untilThen ?? whole) ? is('principalIn', untilThen ?? whole) : undefined;
  if (!isWhole) return is('interestIn', range);
  return is(plan.kind === 'flat' ? 'financeCharge' : 'totalInterest');
}
