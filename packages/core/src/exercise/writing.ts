/** How a class writes: letters, powers, rates, factors, relations, worksheet formulas, signs, digits. Part of its house rules. */

/** What has a letter in formulas that the class may choose. */
export const letterNames = ['amount', 'payment', 'finalAmount', 'rate', 'quoted', 'count'] as const;
export type LetterName = (typeof letterNames)[number];
export type Letters = Readonly<Record<LetterName, string>>;

export interface Writing {
  readonly letters: Letters;
  /** A power that discounts: `(1+i)^{−n}`, or `(1+i)^n` under a fraction bar. */
  readonly power: 'negative' | 'denominator';
  /** The rate per payment is computed first, or stands as a fraction inside the formula where it is one. */
  readonly rate: 'computed' | 'inside';
  /** What n payments of 1 are worth is written out, or named and worked out first. */
  readonly factor: 'written-out' | 'named';
  /** `Vₙ₊₁ = R·Vₙ − d`, or `uₙ = R·uₙ₋₁ − d`. */
  readonly relation: 'next' | 'last';
  readonly sheet: SheetWriting;
  /** Whose signs amounts carry: plus is what the borrower (or the lender) receives; or none at all. */
  readonly signs: 'borrower' | 'lender' | 'none';
  readonly digits: {
    /** Most places of a value on the way, 4 to 12. */
    readonly places: number;
    /** Whether “…” says that more digits follow. */
    readonly dots: boolean;
  };
}

export interface SheetWriting {
  readonly separator: ';' | ',';
  /** Where the minus stands: before what is received, before the function, or in its result. */
  readonly minus: 'amount' | 'function' | 'result';
  /** The rate per payment and the count in cells of their own, or the rate a year and the years with `/12` and `*12`. */
  readonly inputs: 'per-payment' | 'a-year';
}

export const usualWriting: Writing = {
  letters: { amount: 'A', payment: 'P', finalAmount: 'F', rate: 'i', quoted: 'j', count: 'n' },
  power: 'negative',
  rate: 'computed',
  factor: 'written-out',
  relation: 'next',
  sheet: { separator: ';', minus: 'result', inputs: 'per-payment' },
  signs: 'borrower',
  digits: { places: 10, dots: false },
};

/** Letters that stand for something else in our formulas. */
const taken: Readonly<Record<string, string>> = {
  B: 'the balance',
  C: 'the charge',
  I: 'the interest',
  R: 'the factor that the balance grows by',
  V: 'a term of the recurrence',
  u: 'a term of the recurrence',
  d: 'what a recurrence takes off',
  e: 'the effective rate',
  f: 'the flat charge',
  k: 'a payment’s number',
};

/** What is wrong with the letters, by the letter's name. */
export function letterProblems(letters: Letters): Partial<Record<LetterName, string>> {
  const problems: Partial<Record<LetterName, string>> = {};
  for (const name of letterNames) {
    const letter = letters[name];
    const twin = letterNames.find((other) => other !== name && letters[other] === letter);
    if (!/^[A-Za-z]{1,4}$/.test(letter)) problems[name] = 'One to four letters.';
    else if (twin) problems[name] = `${letter} also stands for ${letterWords[twin]}.`;
    else if (taken[letter]) problems[name] = `${letter} stands for ${taken[letter]} in our formulas.`;
  }
  return problems;
}

export const letterWords: Readonly<Record<LetterName, string>> = {
  amount: 'the amount at the start',
  payment: 'the payment',
  finalAmount: 'the amount at the end',
  rate: 'the rate for one payment',
  quoted: 'the rate as it is quoted',
  count: 'the number of payments',
};
