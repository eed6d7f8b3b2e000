/** Whether a count of payments takes in the smaller last one. */

import type { Asking } from './asking.ts';
import type { Page } from './page.ts';
import type { PlacedQuestion } from './placedQuestions.ts';
import type { ReadArgs } from './reading.ts';

/** "How many payments of 325 are there, and what is paid a month after them?" */
const comesBehind = ({ flat }: Page, { unit }: PlacedQuestion): boolean =>
  /^[^.?]{0,60} after (?:them|these|those)(?![a-z])/.test(flat.slice(unit.end));

const endsLater =
  /(?:concluding|closing|final|last|smaller|partial|what is left)(?![a-z])[^.?!]{0,40} (?:⟨t\d+⟩|an? [a-z-]+|one [a-z-]+) (?:later|after(?:wards)?)(?![a-z])/;

/** "How many payments of 300 are made, and how large is the smaller one a month later?" */
const endsSmaller = ({ flat }: Page, { unit: { end } }: PlacedQuestion, unit: string): boolean =>
  /how many (?:⟨e\d+⟩ )?(?:(?:payments|instal?ments|withdrawals) of ⟨m\d+⟩|⟨m\d+⟩ (?:payments|instal?ments|withdrawals))/.test(
    unit,
  ) &&
  /^[^.]{0,24}(?:concluding|closing|final|last|smaller|partial|remaining)(?: [a-z]+)? (?:payment|one|instal?ment|withdrawal)(?! (?:may|can|might|could) be)(?![a-z])/.test(
    flat.slice(end),
  ) &&
  endsLater.test(flat);

/** Words that ask for the full ones; "How many full quarters are that at least?" counts the last, too. */
const namesFull = ({ flat }: Page, unit: string): boolean =>
  !/at least|or more|(?<![a-z])first (?:pass|exceed|reach|top|more|over|above|be |is |ha[sv])|more than/.test(unit) &&
  (/(?:withdraw|draw|take|pay) (?:out )?the (?:full|whole) amount|the full (?:amount|sum) be|(?:of|for) the full (?:amount|sum)|(?:full|whole|complete)(?![a-z])(?! (?:debt|loan|amount|sum|term|time|price|cost|life|number))/.test(
    unit,
  ) ||
    /(?<![a-z])in full(?![a-z])|(?:withdraw|draw|tak)[a-z]* the full (?:amount|sum)(?![a-z])/.test(unit) ||
    /(?:come|are|go|are made|are paid) before (?:it|the last|that)|precede/.test(unit) ||
    /only (?:the )?(?:full|whole|complete)|(?:full|whole|complete) (?:payments|instal?lments|withdrawals|deposits|drawings) only/.test(
      flat,
    ));

/** @returns that only the full payments count, where the question says so or the last one is none of those it names */
export const countsFull = ({ page, question, unit }: Pick<Asking, 'page' | 'question' | 'unit'>): ReadArgs =>
  namesFull(page, unit) || comesBehind(page, question) || endsSmaller(page, question, unit) ? { count: 'full' } : {};
