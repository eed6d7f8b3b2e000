/** What the first words of a question must not speak of, unless they speak of what it is read to ask, too. */

import type { ReadQuantity } from '../reading.ts';

interface Head {
  readonly goesAgainst: RegExp;
  readonly goesWith: RegExp;
}

const words = (source: string): RegExp => new RegExp(`(?<![a-z])(?:${source})`);

export const heads: Readonly<Partial<Record<ReadQuantity, Head>>> = {
  finalAmount: {
    goesAgainst: words('(?:spend|draw|withdraw|take out|pay|receive|get|save|deposit|put in) ⟨[ea]'),
    goesWith: words('grow|become|amount to|worth|accumulat'),
  },
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
      'interest|owes?d?(?![a-z])(?! (?:to begin|to start|at (?:first|the (?:start|outset|beginning))|originally|initially|in the first))|still|left|each|every|⟨[ea]|instal|equivalent payment|(?:is|find) the payment(?! (?:made |due )?(?:now|today|at once))',
    ),
    goesWith: words(
      'borrow|loan|lent|lend|price|worth|value|cost|invest|deposit|sum|fund|amount|financ|pv|present|need|have|mortgage|debt|put|pay(?!ment)|how (?:large|much) (?:over|for) ⟨t|what (?:does|do|did) (?:it|she|he|they|the [a-z]+) owe\\W*$|capital|principal|size|afford|today|now',
    ),
  },
};

const ofTime = words(
  'how (?:many|long|soon|often|much (?:sooner|longer))|when|number|time|term|year|n ?=|(?:find|determine|compute|calculate|solve for|what is) n(?![a-z])|month|until|count|after|which|payments? ?\\?|payments in all',
);
const ofRates = words(
  'rate|per ?cent|yield|j\\(?_?\\d|⟨p|apr|effective|nominal|interest|return|compounded|convertible|charg|cost|i ?=|⟨[ea]|⟨t|pay|earn|what|find',
);
const ofInterest = words(
  'use of the money|increase|grown?(?![a-z])|rise|over and above|on top of|beyond|less than|difference between|interest|earn|charg|cost|int(?![a-z])|credit|gain|add|more|growth|grown|profit|financ|made|new|exceed|price|save|spare|avoid|dear|contribut|not (?:been )?paid in|in all|(?:of|in) (?:the|its) (?:last|first|⟨o)',
);

/** What a question must speak of somewhere, to be read as it is. */
export const needs: Readonly<Partial<Record<ReadQuantity, RegExp>>> = {
  principalIn: words(
    'principal|princ|capital|reduc|repa|paid (?:off|back)|lower|f[ae]ll|pays? (?:off|down)|clear|c[oa]me down|take|gone|go down|goes|cut|off|sink|sunk|shrink|shrunk|bring|drop|decreas|retire|discharg|extinguish|amorti|disappear|small|equity|prin?',
  ),
  interestIn: ofInterest,
  totalInterest: ofInterest,
  financeCharge: ofInterest,
  nominalRate: ofRates,
  effectiveRate: ofRates,
  ratePerPayment: ofRates,
  payments: ofTime,
  years: ofTime,
  lastPayment: words(
    'day|(?:month|year|quarter|week) (?:after|that follows)|last|final|clos|small|left|remain|paid|odd|conclud|drop|larg|rest|after (?:them|these|those|that)',
  ),
  leftToPay: words('pay|paid|still|left|remain|come|due|owe|outstanding|instal|ahead|before|rest|others'),
  downPayment: words('down|deposit|himself|herself|themselves|cash|bring|find|up ?front|own|pay'),
};

/** Before the first "after", "at", "on" …: what the question is about. */
export const headOf = (unit: string): string =>
  unit.split(/(?<![a-z])(?:after|at|on|for|if|when|with|over)(?![a-z])/)[0] ?? unit;
