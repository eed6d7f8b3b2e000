/** What is still owed on the way, repaid over another time at the same rate: "… if the rest were spread over three years". */

import { placeAsked } from '../askArgs.ts';
import type { DraftReading } from '../draftReading.ts';
import type { Span } from '../flatText.ts';
import type { AskedPlace } from '../lexicon/placeRecord.ts';
import { readPlan } from '../onePlan.ts';
import { sentenceAt, tokenAt, withoutNewRates, type Page } from '../page.ts';
import { momentOf } from '../placesInPlan.ts';
import type { PlacedQuestion } from '../placedQuestions.ts';
import type { ReadArgs, ReadLink } from '../reading.ts';
import { paymentsTold } from '../paymentCounts.ts';
import { follow, without } from './followers.ts';
import { ownedQuestions, questionsOf, type Owned, type Owner } from './severalPlans.ts';

const rest =
  '(?:rest|balance|remainder|what (?:is|was|remains)(?: then| still| left)*(?: owed| owing| outstanding| left)?)';
const paidSoFar =
  /what was (?:the|her|his|their) (?:⟨e\d+⟩ )?payment|(?:was|were|has been|have been|had been) (?:he|she|they) paying|did (?:he|she|they) pay|old|original|first|so far|until then/;
const again =
  /(?<![a-z])(?:clear|settl|extend|spread|lengthen|re-?amorti[sz]e|repay|repaid|pay off|paid off|pay|reschedul)[a-z]* (?:out )?(?:the )?(?:rest|balance|remainder|outstanding|remaining|debt(?= that is left)|what (?:is|was) (?:then |still |left )*(?:owed|owing|outstanding|left))[^?.!⟨]{0,40} (?:over|(?<=payments? [^?.!⟨]*)in) (?:a further |another |the next |the following |the remaining |a new (?:term|period) of )?⟨([tn])(\d+)⟩/;

/** "If the rest is to be gone in a further eight years", told of a loan that was paid otherwise for a time. */
const gone = new RegExp(
  `(?<![a-z])(?:the )?${rest}(?: (?:is|are|must|should|shall|has to|to|be|then|now|all))* (?:gone|repaid|paid off|cleared|settled|paid back|paid)[^.?!⟨]{0,40} (?:over|in|within) (?:a further |another |the next |the following )?⟨([tn])(\\d+)⟩`,
);

/** "After 8 years she wants to be finished in 10 more years." */
const finished =
  /(?:wants?|wishes|would like|hopes|decides|means|intends) to be (?:done|finished|free|clear|through|debt-free|rid of (?:it|the [a-z]+))(?: with it)? (?:in|within|after) (?:another |a further |the next )?⟨([tn])(\d+)⟩/;

/** @returns nothing where no time for what is left is told, or the rate changes, too */
export function readSpreadAgain(text: Page): DraftReading | undefined {
  const { page, rate } = atRenewal(text);
  const found = again.exec(page.flat) ?? gone.exec(page.flat) ?? moreYears(page);
  const rates = page.tokens.filter(
    ({ form }, at) => form === 'percent' && !/Rate$/.test(page.signs[at]?.[0]?.role ?? ''),
  );
  const token = Number(found?.[2]);
  const told = found && sentenceAt(page, page.places[token]!);
  if (!found || !told || rates.length !== (rate === undefined ? 1 : 2)) return undefined;
  // "After five years she wants to be free in 12 more."
  const before = page.sentences[page.sentences.indexOf(told) - 1];
  const then =
    placeAsked(page, { start: told.start, end: found.index }, 'moment') ??
    (before && !before.asks ? placeAsked(page, before, 'moment') : undefined);
  const placed = ownedBySpread(page, { told, at: found.index, then });
  const moments = (then?.taken ?? []).map((each) => page.places[each.token]!);
  const others = rate === undefined ? moments : [...moments, page.places[rate]!];
  const first = readPlan(page, { scope: without(page.places[token]!, ...others), questions: questionsOf(placed, 0) });
  const { plan, read } = first;
  const owed = placed.filter(({ owner, asked, place }) => owner === 0 && asked === 'balance' && place);
  const k =
    momentOf(owed.at(-1)?.place, { plan, index: 0, wanted: undefined }) ??
    momentOf(then, { plan, index: 0, wanted: undefined }) ??
    (plan.unknown === 'finalAmount' && plan.payment !== null ? (plan.payments ?? undefined) : undefined);
  // The rest of a price is no rest of a loan.
  const isOpen =
    plan.kind === 'borrowing' &&
    (plan.price === undefined || again.test(page.flat)) &&
    plan.changes.length === 0 &&
    read.missing.length === 0;
  if (!isOpen || k === undefined || !placed.some(({ owner }) => owner === 1)) return undefined;
  const payments = paymentsTold(page, token, plan.paymentsPerYear);
  const links: ReadLink[] = [{ field: 'amount', fromPlan: 0, quantity: 'balanceAfter', args: { k } }];
  return follow(
    page,
    { ...first, plan: { ...plan, name: 'first' } },
    placed,
    {
      ...(rate === undefined || !plan.rate ? {} : { rate: { ...plan.rate, value: tokenAt(page, rate).value } }),
      ...{ name: 'then', amount: null, payments, payment: null, finalAmount: 0, unknown: 'payment' },
    },
    links,
    [
      [token, 'duration'],
      ...(rate === undefined ? [] : [[rate, 'newRate'] as const]),
      ...(then?.taken ?? []).map((each) => [each.token, each.role] as const),
    ],
    () => savedByThen(k),
  );
}

/** What is asked of the plan as it is, and what of the rest that is spread again. */
function ownedBySpread(
  page: Page,
  { told, at, then }: { readonly told: Span; readonly at: number; readonly then: AskedPlace | undefined },
): Owned[] {
  // "What payments clear the rest over eight more years?"
  const isOfRest = ({ asked, unit, end }: PlacedQuestion): boolean =>
    asked === 'balance' && unit.start <= at && unit.end > at && /payments?/.test(page.flat.slice(unit.start, end));
  return ownedQuestions(page, (question): Owner => {
    const { asked, unit } = question;
    const isThen =
      asked === 'payment' &&
      unit.start >= told.start &&
      unit.end > at &&
      !paidSoFar.test(page.flat.slice(unit.start, unit.end));
    if (asked === 'difference') return 'across';
    return asked === 'newPayment' || isThen || isOfRest(question) ? 1 : 0;
  }).map((each): Owned => {
    if (each.owner === 1) return { ...each, asked: 'payment', place: undefined };
    return each.asked === 'balance' && !each.place && then ? { ...each, place: then } : each;
  });
}

/** "If the rate at renewal is 6 %, what payment clears the rest in 17 years?": the rate of what is left. */
function atRenewal(page: Page): { readonly page: Page; readonly rate?: number } {
  const found =
    /(?<![a-z])(?:at|on|upon) (?:the )?renewal(?: is| was|,)? (?:at )?⟨p(\d+)⟩|renew(?:ed|s|ing)? (?:it |the (?:loan|mortgage|rest|balance) )?(?:at|for [^.?!⟨]*⟨t\d+⟩ at) ⟨p(\d+)⟩/.exec(
      page.flat,
    );
  return found ? { page: withoutNewRates(page), rate: Number(found[1] ?? found[2]) } : { page };
}

/** What is still to be paid as agreed, against what is paid then. */
const savedByThen = (k: number): { quantity: 'difference'; args: ReadArgs } => ({
  quantity: 'difference',
  args: {
    of: 'leftToPay',
    between: [
      { plan: 0, quantity: 'leftToPay', args: { k } },
      { plan: 1, quantity: 'totalPaid' },
    ],
  },
});

/** Only "ten more years" are counted from then. */
function moreYears(page: Page): RegExpExecArray | null {
  const found = finished.exec(page.flat);
  const { start, end } = page.tokens[Number(found?.[2] ?? -1)] ?? { start: 0, end: 0 };
  const isMore =
    / (?:more|further) /.test(page.text.slice(start, end)) ||
    /another|further|next/.test(found?.[0] ?? '') ||
    /^ (?:more|further)(?![a-z])/.test(page.text.slice(end));
  return isMore ? found : null;
}
