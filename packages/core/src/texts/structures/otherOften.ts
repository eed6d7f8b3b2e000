/** "620 each quarter is replaced by monthly payments of equal value. How large are they?": as much worth, paid at other times. */

import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import { readPlan } from '../onePlan.ts';
import { tokenAt, type Page } from '../page.ts';
import { wholeNumber } from '../paymentCounts.ts';
import { follow, without } from './followers.ts';
import { ownedQuestions, type Owned } from './severalPlans.ts';

const sameWorth =
  /(?<![a-z])(?:replac(?:e|es|ed|ing)|equivalent|of (?:equal|the same) (?:value|worth)|equally good|worth (?:just )?as much|swap(?:s|ped)?|exchanged?|(?:would )?rather (?:pay|have|receive) (?:once )?(?=⟨[ea]|each|every))(?![a-z])/;

/** @returns nothing where no payment is told whose like at another frequency is asked */
export function readOtherOften(page: Page): DraftReading | undefined {
  const [only, more] = page.questions;
  if (!sameWorth.test(page.flat) || only?.asked !== 'payment' || more) return undefined;
  const paid = page.tokens.flatMap(({ form }, at) => (form === 'money' ? [at] : []));
  const often = page.periods.filter(({ use, weight }) => use === 'frequency' && weight >= 2);
  const [token, another] = paid;
  const [first] = often;
  const others = often.filter(({ perYear }) => perYear !== first?.perYear);
  if (token === undefined || another !== undefined || !first || others.length === 0) return undefined;
  if (others.some(({ perYear }) => perYear !== others[0]!.perYear)) return undefined;
  const place = page.places[token]!;
  const near = (each: Span): number => Math.abs(each.start - place.end);
  const own = often.reduce((best, each) =>
    near(page.places[each.token]!) < near(page.places[best.token]!) ? each : best,
  );
  const wanted = own.perYear === first.perYear ? others[0]!.perYear : first.perYear;
  const isOther = often.filter(({ perYear }) => perYear === wanted).map((each) => page.places[each.token]!);
  const sole = readPlan(page, { scope: without(...isOther), as: 'borrowing', questions: [] });
  const { plan, read } = sole;
  const isKnown = plan.payment === tokenAt(page, token).value && plan.payments !== null && plan.rate !== null;
  if (!isKnown || plan.changes.length > 0 || plan.paymentsPerYear !== own.perYear) return undefined;
  const payments = wholeNumber((plan.payments! / own.perYear) * wanted);
  const told = { ...plan, name: 'as told', amount: null, finalAmount: 0, unknown: 'amount' as const };
  const questions = ownedQuestions(page, () => 1).map((each): Owned => ({ ...each, place: undefined }));
  return follow(
    page,
    { ...sole, plan: told, read: { ...read, missing: [] } },
    questions,
    { name: 'instead', payment: null, payments, paymentsPerYear: wanted, unknown: 'payment' },
    [{ field: 'amount', fromPlan: 0, quantity: 'amount' }],
    [],
    () => undefined,
  );
}
