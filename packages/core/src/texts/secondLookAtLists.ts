/** The second look at lists of what to find: "Rate of the lease; loan payment; cheaper in total; difference." */

import { notUnderstood } from './doubts.ts';
import type { DraftReading } from './draftReading.ts';
import type { Span } from './flatText.ts';
import type { Page } from './page.ts';
import type { ReadDoubt } from './reading.ts';
import type { Sentence } from './sentences.ts';

/** Two questions that come out as one and the same: "the balance then, and the sum to be handed over". */
const askedAgain = (page: Page, { asks }: DraftReading): ReadDoubt[] =>
  asks.flatMap(({ place, ...ask }, at) => {
    const isAgain = asks.slice(0, at).some(({ place: _, ...other }) => JSON.stringify(ask) === JSON.stringify(other));
    const unit = page.questions.find(({ start }) => start === place.start)?.unit ?? place;
    return isAgain ? [notUnderstood(page, unit)] : [];
  });

/** What can be asked, in a few words of its own. */
const thing =
  /^\W*(?:and |then |also |finally )?(?:(?:for|of) (?:each|both)(?: of them)?,? )?(?:\(?(?:[a-h]|i{1,3}|iv|⟨[ln]\d+⟩)[.)] )?(?:(?!for |at |in |with |by |if |when |where |after |from |on |of |to |as |per )(?:[a-z'-]+|⟨[eo]\d+⟩) ){0,5}?(?:payments?|instal?ments?|interest|balance|debt|rate|total|difference|savings?|saved|costs?|charge|amount|sum|deposit|rent|rental|cheaper|dearer|number|extra paid)(?![a-z])(?! (?:being|is|are|was|were|remaining|remains|stays?) )/;
/** With its article, or a sum in a few words: no remark on how it is paid. */
const named =
  /^\W*(?:and )?(?:(?:the|its|her|his|their) |(?:debt|balance|total|difference|saving)s?(?: [a-z-]+){0,4}\W*$)/;

/** A sum that is told, or a number that is none of a payment. */
const toldIn =
  /⟨[mp]\d+⟩|(?<!(?:after|in|to|of|payment|payments|month|months|year)) ⟨n\d+⟩\W*$|(?<![a-z])included(?![a-z])/;

function partsOf({ start, text }: Sentence, mark: ';' | ','): Span[] {
  const cuts = [...text].flatMap((char, at) => (char === mark ? [at] : []));
  return cuts.length === 0
    ? []
    : [-1, ...cuts].map((cut, at) => ({ start: start + cut + 1, end: start + (cuts[at] ?? text.length) }));
}

/** An item of which no question is read, parted from the others by semicolons, or by commas where two of them are asked. */
const itemsMissed = (page: Page): ReadDoubt[] =>
  page.sentences.flatMap((sentence) => {
    if (!sentence.asks) return [];
    const isAsked = ({ start, end }: Span): boolean =>
      page.questions.some((each) => each.start < end && each.end > start + 1);
    const isMissed = (span: Span): boolean => {
      const words = page.flat.slice(span.start, span.end);
      return thing.test(words) && !toldIn.test(words) && !isAsked(span);
    };
    const parts = partsOf(sentence, ';');
    const items = partsOf(sentence, ',');
    const isList = parts.length === 0 && items.filter(isAsked).length > 1;
    const listed = isList ? items.filter(({ start, end }) => named.test(page.flat.slice(start, end))) : parts;
    return listed.filter(isMissed).map((span) => notUnderstood(page, span));
  });

export const listsInDoubt = (page: Page, draft: DraftReading): ReadDoubt[] => [
  ...itemsMissed(page),
  ...askedAgain(page, draft),
];
