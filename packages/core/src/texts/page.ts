/** A text with everything that is found in it before it is decided what it means. */

import { agreedTermOf } from './agreedTerm.ts';
import { ofProblem } from './besideProblem.ts';
import { endsByDates } from './dates.ts';
import { decimalMarkOf, type DecimalMark } from './decimalMark.ts';
import { readTokens } from './numbers.ts';
import { flatten, type FlatText, type Span } from './flatText.ts';
import { asidesOf } from './lexicon/asides.ts';
import { kindCues } from './lexicon/kinds.ts';
import { quotingCues, timingCues, type Quoting, type Timing } from './lexicon/terms.ts';
import { rateOfLoanBeside } from './loanBesideFund.ts';
import { lexicon, type Match } from './matches.ts';
import { periodUses, type PeriodUse } from './periodUses.ts';
import type { Question } from './question.ts';
import { readQuestions } from './questions.ts';
import type { ReadKind } from './reading.ts';
import { pointsAsRates } from './ratesInPoints.ts';
import { restOfSum, type RestOfSum } from './restOfSum.ts';
import { retold } from './retold.ts';
import { roleSigns, type RoleSign } from './roles.ts';
import { withSignsByPlace } from './signsByPlace.ts';
import { settledSigns, settledTokens, type Settled } from './settled.ts';
import { sentencesOf, type Sentence } from './sentences.ts';
import type { Token } from './tokens.ts';
import { unwrapped } from './wrappedLines.ts';

export interface Page extends FlatText {
  readonly text: string;
  readonly sentences: readonly Sentence[];
  /** Sentences and clauses that tell nothing of the case. */
  readonly asides: readonly Span[];
  readonly questions: readonly Question[];
  readonly unread: readonly Span[];
  readonly signs: readonly (readonly RoleSign[])[];
  readonly periods: readonly PeriodUse[];
  readonly kinds: readonly Match<ReadKind>[];
  readonly timings: readonly Match<Timing>[];
  readonly quotings: readonly Match<Quoting>[];
  /** What is left of one sum when another is gone. */
  readonly rest: RestOfSum | undefined;
  readonly settled: Settled;
}

const findKinds = lexicon(kindCues);
const findTimings = lexicon(timingCues);
const findQuotings = lexicon(quotingCues);

/** @param mark what parts decimals, where the text does not tell */
export function readPage(text: string, mark?: DecimalMark, settled: Settled = {}): Page {
  const lines = unwrapped(ofProblem(text));
  const plain = flatten(lines, settledTokens(readTokens(lines, decimalMarkOf(lines) ?? mark), settled));
  const flat = pointsAsRates(retold(plain), lines);
  const sentences = sentencesOf(flat.flat);
  // "His brother earns 52,000 a year.": nothing in it is of the case.
  const asides = asidesOf(flat.flat, sentences);
  const isTold = ({ start }: Span): boolean => !asides.some((each) => start >= each.start && start < each.end);
  const rest = restOfSum(flat);
  const isOfCase = (place: Span): boolean =>
    isTold(place) && !(rest && place.start >= rest.gone.start && place.start < rest.gone.end);
  const agreed = new Set(agreedTermOf(flat)?.tokens);
  const beside = rateOfLoanBeside(flat, sentences);
  const signs = withSignsByPlace(flat, roleSigns(flat)).map((each, at): readonly RoleSign[] => {
    const only = (role: RoleSign['role']): RoleSign[] => [{ role, weight: 99, ...flat.places[at]! }];
    if (at === beside) return only('ignored');
    if (at === rest?.whole) return only('received');
    if (at === rest?.less) return only('spent');
    return isTold(flat.places[at]!) ? (agreed.has(at) ? only('after') : each) : only('ignored');
  });
  // Days tell it better than words: "on the first of each month, beginning on 1 June".
  const byDates = endsByDates(flat);
  return {
    ...flat,
    text,
    sentences,
    asides,
    ...readQuestions(flat, sentences),
    signs: settledSigns(signs, flat.tokens, settled),
    periods: periodUses(flat, text).filter(({ token }) => isTold(flat.places[token]!)),
    kinds: [
      ...findKinds(flat.flat),
      ...flat.owed.map((place) => ({ says: 'borrowing' as const, weight: 6, ...place })),
    ].filter(isOfCase),
    rest,
    timings: settled.timing
      ? [{ says: settled.timing, weight: 99, start: 0, end: 0 }]
      : (byDates.length > 0 ? byDates : findTimings(flat.flat)).filter(isTold),
    quotings: findQuotings(flat.flat).filter(isTold),
    settled,
  };
}

/** The part of a text that a plan is read from. */
export type Scope = (place: Span) => boolean;

export const everywhere: Scope = () => true;

/** The page as if a sentence asked nothing: what it asks is told of by other means. */
export function askingNothing(page: Page, sentence: Span): Page {
  const isOutside = ({ start }: Span): boolean => start < sentence.start || start >= sentence.end;
  return { ...page, questions: page.questions.filter(isOutside), unread: page.unread.filter(isOutside) };
}

/** The page as if only that were asked which is understood. */
export const withoutSupposed = (page: Page): Page => ({
  ...page,
  questions: page.questions.filter(({ isSupposed }) => !isSupposed),
});

/** The page as if its later rate were of a plan of its own, and no change of the first. */
export const withoutNewRates = (page: Page): Page => ({
  ...page,
  signs: page.signs.map((each) => each.filter(({ role }) => role !== 'newRate')),
});

export const tokenAt = ({ tokens }: Page, index: number): Token => tokens[index]!;

export const inScope = (page: Page, scope: Scope, token: number): boolean => scope(page.places[token]!);

/** The sentence that a place of the flat text stands in. */
export function sentenceAt({ sentences }: Page, { start }: Span): Sentence | undefined {
  return sentences.find((each) => each.start <= start && each.end > start);
}
