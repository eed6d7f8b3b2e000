/** A loan on which only interest is paid, and all of it back at the end. */

import type { Page } from './page.ts';

const onlyInterest =
  /interest[- ]only|(?:only|just|nothing but) (?:the )?interest (?:is|has to be|must be|need be) paid|pays? (?:only|just|nothing but) (?:the )?interest/;
const interestEach =
  /interest(?: on (?:[^.?!⟨]|⟨[mpe]\d+⟩){0,80})? (?:is |being |to be )?(?:paid|due|payable) (?:at (?:the end of )?)?⟨[ea]\d+⟩/;
/** Payments that repay: then interest that is "payable monthly" is only how it is reckoned. */
const repays =
  /(?:equal|level|regular) (?:⟨e\d+⟩(?:-end)? )?payments|(?:repaid|cleared|paid off|amorti[sz]ed|discharged) (?:by|in|with|through) (?:[a-z]+ ){0,2}(?:⟨[ne]\d+⟩ )*(?:[a-z]+ )?payments/;

const whole =
  '(?:principal|capital|loan|debt|sum borrowed|amount borrowed|whole (?:sum|amount|loan)|⟨m\\d+⟩)(?: itself)?';
const paidBack =
  '(?: (?:is|being|to be|falls?|will be))?(?: (?:re)?paid| due| payable| returned)(?: back)?(?: in one (?:sum|amount|payment))?';
const atEnd =
  '(?: only)? (?:at the (?:very )?end(?! of ⟨e)|after ⟨t|when (?:it|the (?:loan|term)) ends|on the last day)';
const principalAtEnd = new RegExp(
  `${whole}${paidBack}${atEnd}|(?:principal|capital) at the (?:very )?end(?! of ⟨e)|then (?:everything|all of it|the whole (?:loan|sum)|it all) (?:is (?:re)?paid |goes |comes |falls due )?(?:back|in one sum)|(?:⟨m\\d+⟩|loan|sum|principal|capital) itself${atEnd}`,
);

/** "The interest is paid each month, and the principal at the end": the payments take nothing off what is owed. */
export function paysInterestAlone({ sentences }: Page): boolean {
  const told = sentences.flatMap(({ asks, text }) => (asks ? [] : [text])).join(' ');
  const isSo = onlyInterest.test(told) || (interestEach.test(told) && !repays.test(told));
  return isSo && principalAtEnd.test(told);
}
