/** What the first noun of a question says of what it asks: "How much interest does the loan cost in all?" is no total. */

import type { Asked } from './lexicon/questions/index.ts';
import type { Match } from './matches.ts';

interface Family {
  /** How the question begins. */
  readonly head: RegExp;
  readonly may: ReadonlySet<Asked>;
}

const family = (head: string, ...may: Asked[]): Family => ({
  head: new RegExp(`^\\W*(?:(?:[a-h]|i{1,3}|iv|v)\\)\\W*)?(?:and )?(?:${head})(?![a-z])`),
  may: new Set(may),
});

const families: readonly Family[] = [
  family('how much (?:total )?interest', 'interest', 'interestIn', 'totalInterest', 'difference', 'financeCharge'),
  family('how much (?:of the )?principal', 'principal', 'principalIn', 'difference', 'balance'),
  family('by how many', 'difference'),
  family(
    'how many (?:⟨e\\d+⟩ )?(?:payments|instal?ments|deposits|withdrawals|months|years|weeks|quarters)',
    'payments',
    'howLong',
    'years',
    'difference',
    'leftToPay',
  ),
  family(
    'what (?:⟨e\\d+⟩ |nominal |interest |annual )*rate',
    'nominalRate',
    'effectiveRate',
    'ratePerPayment',
    'flatRate',
    'difference',
    'choice',
  ),
  family(
    '(?:what|which) (?:⟨e\\d+⟩ |equal |level )*(?:payments?|instal?ments?|rentals?|deposits?|withdrawals?)(?![^?]*(?:now|today|at once|immediately|then and there|settle|in full|single|one sum))',
    'payment',
    'newPayment',
    'lastPayment',
    'leftToPay',
    'deposit',
    'downPayment',
    'difference',
    'choice',
  ),
];

/** Of the questions that a piece's words may ask, those that go with its first noun, if any does. */
export function ofFamily(words: string, matches: readonly Match<Asked>[]): readonly Match<Asked>[] {
  const found = families.find(({ head }) => head.test(words));
  const own = found ? matches.filter(({ says }) => found.may.has(says)) : [];
  return own.length > 0 ? own : matches;
}
