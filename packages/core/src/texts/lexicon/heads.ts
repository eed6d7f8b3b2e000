/** What the first words of a question must not speak of, unless they speak of what it is read to ask, too. */

import type { ReadQuantity } from '../reading.ts';

interface Head {
  readonly goesAgainst: RegExp;
  readonly goesWith: RegExp;
}

const words = (source: string): RegExp => new RegExp(`(?<![a-z])(?:${source})`);

export const heads: Readonly<Partial<Record<ReadQuantity, Head>>> = {
  payment: {
    goesAgainst: words('ow(?:e|es|ed|ing)(?![a-z])|outstanding|balance|interest|principal|borrow'),
    goesWith: words(
      'pay|paid|repa|instal|rent|deposit|draw|withdr|sav|set aside|put|contribut|each|every|⟨[ea]|income|pension|scholarship|sum|amount|receiv|award|it(?![a-z])|hand',
    ),
  },
  totalPaid: {
    goesAgainst: words('interest|owe|balance|payment(?!s)'),
    goesWith: words(
      'pay|paid|repa|total|cost|in all|altogether|price|sum|outlay|draw|withdr|put in|deposit|save|all|everything',
    ),
  },
  amount: {
    goesAgainst: words(
      'interest|owes?d?(?![a-z])|still|left|each|every|⟨[ea]|instal|(?:is|find) the payment(?! (?:made |due )?(?:now|today|at once))',
    ),
    goesWith: words(
      'borrow|loan|lent|lend|price|worth|value|cost|invest|deposit|sum|fund|amount|financ|pv|present|need|have|mortgage|debt|put|pay(?!ment)|capital|principal|size|afford|today|now',
    ),
  },
};

/** Before the first "after", "at", "on" …: what the question is about. */
export const headOf = (unit: string): string =>
  unit.split(/(?<![a-z])(?:after|at|on|for|if|when|with|over)(?![a-z])/)[0] ?? unit;
