/** Causes of wrong cells in a worksheet: their names, and how each is said. Adding one adds a record here and an edit or a remark. */

import type { SlipFamily } from '../checking/slip.ts';

export interface CauseWords {
  readonly title: string;
  /** What to look at, without numbers. */
  readonly advice: string;
}

/** The family of all of them. */
export const SHEET_FAMILY: SlipFamily = 'table';

export const causeWords = {
  'reference-not-fixed': {
    title: 'A reference that slid when copied down',
    advice: 'A cell that every row reads must be fixed with dollar signs before the row is copied.',
  },
  'reference-fixed-but-should-move': {
    title: 'A reference that should move is fixed',
    advice: 'A cell of the table moves down with the row; without dollar signs it does.',
  },
  'wrong-cell': { title: 'Another cell than meant', advice: 'The formula reads a cell that holds something else.' },
  'own-cell-circle': {
    title: 'A formula that reads its own cell',
    advice: 'A cell cannot be worked out from itself; it reads the row above, or another column.',
  },
  'yearly-rate-in-row': {
    title: 'The yearly rate for one payment',
    advice: 'The rate of a year is divided by the payments a year before it is used for one of them.',
  },
  'rate-divided-by-wrong-count': {
    title: 'The rate divided by another count',
    advice: 'The yearly rate is divided by the number of payments a year.',
  },
  'percent-as-number': {
    title: 'A percentage entered as a plain number',
    advice: '6.6 % is 0.066: enter it with the percent sign, or divide by 100.',
  },
  'count-in-years': {
    title: 'Years where payments are counted',
    advice: 'The number of payments is years × payments a year.',
  },
  'arguments-swapped': {
    title: 'Arguments in another order',
    advice: 'The function takes its arguments in a fixed order: rate, number, amount, end, timing.',
  },
  'argument-left-out': {
    title: 'An argument left out',
    advice: 'What is left out counts as nought: the amount, or what is there at the end.',
  },
  'type-left-out': {
    title: 'When payments fall is left out',
    advice: 'The last argument says whether payments fall at the beginning (1) or at the end (0).',
  },
  'sign-of-function': {
    title: 'The sign of the function',
    advice: 'Worksheet functions give what is paid a minus; a table that goes on with it must turn it.',
  },
  'sign-added-or-subtracted': { title: 'Added for taken off', advice: 'A plus and a minus are exchanged.' },
  'interest-on-original-amount': {
    title: 'Interest on the original amount',
    advice: 'Interest is taken on what is still owed, not on the amount at the start.',
  },
  'principal-plus-interest': {
    title: 'Interest added to principal',
    advice: 'Principal is the payment less the interest.',
  },
  'extra-not-subtracted': {
    title: 'Extra payment left out',
    advice: 'What is paid on top is taken off what is owed.',
  },
  'opening-not-carried': {
    title: 'Balance not carried down',
    advice: 'A row begins with what the row before ends with.',
  },
  'number-typed-over': {
    title: 'A number typed over a formula',
    advice: 'The other cells of the column are formulas; this one is a number that stays as it is.',
  },
  'number-in-formula': {
    title: 'A number inside a formula',
    advice: 'A number written into the formula is another one than the case has.',
  },
  'range-too-short': { title: 'Total over too few rows', advice: 'The range of the total leaves rows out.' },
  'range-includes-head-or-total': {
    title: 'Total over too many cells',
    advice: 'The range of the total takes in cells that are no rows of the table.',
  },
  'copied-too-few': { title: 'Rows missing', advice: 'The table goes on until the balance is settled.' },
  'copied-too-many': {
    title: 'Rows after the last',
    advice: 'The table ends when the balance is settled; rows after that are too many.',
  },
  'last-payment-not-adjusted': {
    title: 'The last payment is like the others',
    advice: 'The last payment settles what rounding has left.',
  },
  'rounded-in-one-place-only': {
    title: 'Rounded in some rows only',
    advice: 'A column is rounded in every row or in none.',
  },
  'formatted-not-rounded': {
    title: 'Shown to the cent, not rounded',
    advice: 'The cells show cents and carry more digits on; rounding is a function of its own.',
  },
  'text-that-looks-like-a-number': {
    title: 'A text that looks like a number',
    advice: 'What is stored as text is not added up and cannot be used in formulas.',
  },
  'error-value': { title: 'An error', advice: 'The cell shows an error and so do those that read it.' },
  'given-mistyped': {
    title: 'Another number than the case gives',
    advice: 'A number the case gives was entered as another one.',
  },
  'values-no-formulas': {
    title: 'Values, no formulas',
    advice: 'The table holds typed numbers; nothing is worked out by the worksheet.',
  },
  'formula-not-understood': {
    title: 'Formulas that are not worked out here',
    advice: 'A function or a name in them is not known; the numbers that the file shows were taken.',
  },
  'stored-values-differ': {
    title: 'Shown values are not those of the formulas',
    advice: 'Worked out again, the formulas give other numbers than the file shows.',
  },
} satisfies Readonly<Record<string, CauseWords>>;

export type CauseId = keyof typeof causeWords;

/** What an error means, by its code. */
export const errorMeanings: Readonly<Record<string, string>> = {
  '#DIV/0!': 'something is divided by nought or by an empty cell',
  '#VALUE!': 'a text stands where a number is needed',
  '#REF!': 'a cell it reads is no longer there',
  '#NAME?': 'a name or a function is not known',
  '#NUM!': 'no number solves it',
  '#N/A': 'what is looked up is not found',
  '#NULL!': 'a range is not written rightly',
  '#CIRCLE!': 'it reads its own cell, directly or through others',
};
