/** Questions whose words may ask for one of two numbers: one is read, and the other is said. Adding one is adding a record. */

import { doubt } from './doubts.ts';
import type { Page } from './page.ts';
import type { ReadAsk, ReadDoubt } from './reading.ts';

interface OpenQuestion {
  /** In the flat text of a sentence that asks. */
  readonly words: RegExp;
  /** How it is read. */
  readonly isRead: (ask: ReadAsk, all: readonly ReadAsk[]) => boolean;
  readonly says: string;
}

const isOfOne = ({ args }: ReadAsk): boolean => args?.from === args?.to;

const openQuestions: readonly OpenQuestion[] = [
  {
    // "How much principal is repaid by the 24th payment?"
    words: /(?:is|are) (?:re)?paid (?:off |back )?by the ⟨o\d+⟩ payment(?! alone)/,
    isRead: (ask) => ask.quantity === 'principalIn' && isOfOne(ask),
    says: 'Is it what this one payment repays, or all that is repaid until then?',
  },
  {
    // "How much interest does she pay after the third year?"
    words:
      /interest (?:(?:is|will be) paid|(?:does|do|will|must) (?:he|she|they|it|[a-z]+) pay) after (?:the |his |her |their )?(?:⟨o|first)/,
    isRead: ({ quantity }) => quantity === 'interestIn',
    says: 'Is it what is paid until then, or from then on?',
  },
  {
    // "… between the 12th and the 24th payment"; the 13th begins a year.
    words: /between (?:the )?⟨o\d+⟩(?: payment)? and (?:the )?⟨o\d+⟩ payment/,
    isRead: (ask) =>
      /^(?:interest|principal)In$/.test(ask.quantity) && !isOfOne(ask) && ((ask.args?.from ?? 0) - 1) % 4 !== 0,
    says: 'Does the first of these payments count, or only those behind it?',
  },
  {
    words:
      /how much (?:then |still )?(?:remains|is left|will be left) to (?:be paid|pay)(?!,? (?:off|back|in |altogether|interest included|with interest))/,
    isRead: ({ quantity }) => quantity === 'leftToPay',
    says: 'Is it what is owed then, or the sum of the payments that are left?',
  },
  {
    // "Of that first year's instalments, how much is interest?"
    words:
      /(?:first|second|last|⟨o\d+⟩) year's [^?]*interest|interest (?:(?! and )[^?,;]){0,40}(?<![a-z])(?:in|of|during|over) (?:the|that|this|his|her|their|its) (?:first|second|last|⟨o\d+⟩) year(?! of)/,
    isRead: ({ quantity }, all) =>
      quantity === 'totalInterest' &&
      all.every((each) => !/^(?:interestIn|principalIn|difference|choice)$/.test(each.quantity)),
    says: 'Is it the interest of that year, or of the whole time?',
  },
  {
    words: /total cost of the (?:loan|mortgage|debt)(?! in interest)/,
    isRead: ({ quantity }) => quantity === 'financeCharge' || quantity === 'totalPaid',
    says: 'Is it the interest, or all that is paid?',
  },
];

/** What else the words of a question may ask. */
export const openAsked = ({ sentences }: Page, asks: readonly ReadAsk[]): ReadDoubt[] =>
  openQuestions.flatMap(({ words, isRead, says }) =>
    asks.some((ask) => isRead(ask, asks)) && sentences.some((each) => each.asks && words.test(each.text))
      ? [doubt('asks', says)]
      : [],
  );
