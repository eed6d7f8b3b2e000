/** "It borrows 90,000 at 7.5 % and pays into a sinking fund at 4.5 % to repay it": the loan's own rate plays no part in the deposit. */

import type { FlatText } from './flatText.ts';
import type { Sentence } from './sentences.ts';

const ofLoan =
  /(?:borrow(?:s|ed|ing)?|loan|debt|bonds?|issue[sd]?)(?![a-z])(?:[^.?!⟨]|⟨[mtea]\d+⟩){0,60} (?:at|of|bears?|bearing|carr(?:ies|ying)|paying|pays)(?: (?:simple |an? )?(?:interest|rate)(?: (?:at|of))?)? ⟨p(\d+)⟩/;
const ofFund =
  /(?:fund|deposits?|account)(?![a-z])(?:[^.?!⟨]|⟨[mtea]\d+⟩){0,60} (?:at|earning|earns?|paying|pays|yield(?:s|ing)?|accumulat(?:es|ing) at|that grows at|invested at) ⟨p(\d+)⟩/;
/** What the loan costs is asked as well. */
const ofBoth =
  /interest|(?:total|whole|annual|yearly|periodic|⟨[ea]\d+⟩) (?:cost|outlay|expense|charge)|altogether|in all|balance|owe|net/;

/** The number of the loan's rate; nothing where there is no fund beside it, or where more is asked than what goes into that. */
export function rateOfLoanBeside({ flat, tokens }: FlatText, sentences: readonly Sentence[]): number | undefined {
  if (!/sinking fund/.test(flat) || tokens.filter(({ form }) => form === 'percent').length !== 2) return undefined;
  const loan = ofLoan.exec(flat)?.[1];
  const fund = ofFund.exec(flat)?.[1];
  const isMore = sentences.some(({ asks, text }) => asks && ofBoth.test(text.replace(/⟨p\d+⟩.*$/, '')));
  return loan === undefined || fund === undefined || loan === fund || isMore ? undefined : Number(loan);
}
