/** A statement as one plain sentence, its answer in place of the `?` unless that stays hidden. */

import {
  frequencyOf,
  kindOf,
  numberStyleById,
  writeMoney,
  type SolvedCase,
  type StatementDraft,
} from '@hardy-sextant/core';
import { solvedText } from './editing.ts';
import { quoteChoices, quoteId } from './quotes.ts';
import { say } from '../words/say.ts';

export function statementInWords(draft: StatementDraft, solved: SolvedCase, hidden = false): string {
  const style = numberStyleById(draft.numberStyle);
  const answer = hidden ? '?' : (solvedText(draft, { state: 'solved', solved }) ?? '?');
  return kindOf(draft)
    .sentence.map((segment) => {
      if ('words' in segment) return segment.words;
      if ('period' in segment) return frequencyOf(draft.paymentsPerYear).period;
      if ('newLine' in segment) return '';
      if ('slot' in segment) {
        const { slot } = segment;
        if (slot === draft.unknown) return answer;
        if (slot === 'rate') return `${draft.slots.rate.replace(/\s*%$/, '')} %`;
        if (slot === 'payments') return String(solved.numbers.payments);
        return slot === 'converted' ? '' : writeMoney(solved.numbers[slot], style);
      }
      if (segment.choice === 'frequency') return frequencyOf(draft.paymentsPerYear).adverb;
      if (segment.choice === 'timing') return draft.timing === 'end' ? 'end' : 'beginning';
      if (segment.choice === 'flatBy')
        return draft.flatBy === 'a-year' ? say('of it for each year') : say('of it once');
      return (
        quoteChoices(draft.paymentsPerYear, draft.quote).find(({ id }) => id === quoteId(draft.quote))?.words ?? ''
      );
    })
    .filter((word) => word !== '')
    .join(' ')
    .replace(/ ([,.])/g, '$1');
}
