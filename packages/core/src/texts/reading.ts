/** What reading a problem gives, in the words of the trade. Positions are UTF-16 indexes into the text. */

import type { Statement } from '../case/statement.ts';

export type ReadKind = 'borrowing' | 'saving' | 'drawing-down' | 'lump-sum' | 'leasing' | 'flat' | 'convert';

export type Role =
  | 'amount'
  | 'price'
  | 'downPayment'
  | 'downPaymentRate'
  | 'tradeIn'
  | 'received'
  | 'spent'
  | 'rebate'
  | 'fee'
  | 'charge'
  | 'repaid'
  | 'creditPrice'
  | 'rate'
  | 'newRate'
  | 'payment'
  | 'paymentRise'
  | 'payments'
  | 'duration'
  | 'finalAmount'
  | 'finalAmountRate'
  | 'extra'
  | 'withdrawn'
  | 'skip'
  | 'after'
  | 'from'
  | 'to'
  | 'yearIndex'
  | 'daysPerYear';

export interface ReadUse {
  readonly quote: string;
  readonly start: number;
  readonly role: Role;
  /** Rates as fractions. */
  readonly value: number;
  readonly unit: string;
  /** Where it belongs to one of several plans. */
  readonly plan?: number;
}

export interface ReadCue {
  readonly quote: string;
  readonly start: number;
  /** `key=value`: timing=end, compounding=12. */
  readonly says: string;
  readonly plan?: number;
}

export interface ReadRate {
  readonly value: number;
  readonly quoted: 'nominal' | 'effective' | 'per-period' | 'flat';
  readonly compoundingsPerYear: number | null;
}

/** A change of the payment has `to` where the payment itself is told, and not what it rises by. */
export type ReadChange =
  | { readonly kind: 'rate'; readonly after: number; readonly rate: ReadRate; readonly keep: 'payments' | 'payment' }
  | {
      readonly kind: 'extra';
      readonly after: number;
      readonly value: number;
      readonly keep: 'payments' | 'payment';
    } /** `to` where the payment itself is told, and not what it rises by. */
  | { readonly kind: 'payment'; readonly after: number; readonly by: number; readonly to?: number }
  | { readonly kind: 'skip'; readonly after: number; readonly payments: number; readonly keep: 'payments' | 'payment' };

/** What a plan is called in which sums at several days come to one. */
export const oneSum = 'in one';
/** What a sum now is called that is held against payments: a plan of one payment, made at once. */
export const atOnce = 'at once';

/** What a sum is called to which a price of today grows: a plan of its own. */
export const dearerPrice = 'price then';

/** A field that is taken from an earlier plan's answer; a number of payments is rounded up. */
export interface ReadLink {
  readonly field: 'amount' | 'payment' | 'payments' | 'finalAmount' | 'ratePerPayment';
  readonly fromPlan: number;
  readonly quantity: ReadQuantity;
  readonly args?: ReadArgs;
  readonly plus?: number;
  readonly times?: number;
}

export type Unknown = 'amount' | 'rate' | 'payments' | 'payment' | 'finalAmount';

export interface ReadPlan {
  readonly name?: string;
  readonly kind: ReadKind;
  readonly price?: number;
  readonly downPayment?: number;
  /** The part of the price that is paid down, where the price is sought. */
  readonly downShare?: number;
  readonly tradeIn?: number;
  readonly rebate?: number;
  readonly fees?: number;
  readonly charge?: number;
  /** What all payments come to, where their size or their number follows from it. */
  readonly paidInAll?: number;
  readonly amount: number | null;
  readonly rate: ReadRate | null;
  readonly paymentsPerYear: number;
  readonly payments: number | null;
  readonly payment: number | null;
  readonly timing: 'end' | 'beginning';
  readonly finalAmount: number | null;
  readonly changes: readonly ReadChange[];
  readonly unknown: Unknown;
  readonly links?: readonly ReadLink[];
}

export type ReadQuantity =
  | Unknown
  | 'years'
  | 'nominalRate'
  | 'effectiveRate'
  | 'ratePerPayment'
  | 'totalPaid'
  | 'totalInterest'
  | 'financeCharge'
  | 'balanceAfter'
  | 'interestIn'
  | 'principalIn'
  | 'leftToPay'
  | 'lastPayment'
  | 'downPayment'
  | 'price'
  | 'difference'
  | 'choice';

export interface ReadArgs {
  readonly k?: number;
  /** An extra payment that comes with it may be made before one looks, or after. */
  readonly moment?: 'justAfterPayment' | 'beforePayment' | 'beforeExtra' | 'afterExtra';
  readonly from?: number;
  readonly to?: number;
  readonly after?: number;
  readonly count?: 'full';
  readonly include?: readonly string[];
  readonly compoundingsPerYear?: number;
  readonly as?: 'flat';
  /** All that is paid but what falls due at the end. */
  readonly only?: 'payments';
  readonly of?: ReadQuantity;
  readonly between?: readonly [Compared, Compared];
  readonly by?: ReadQuantity;
  readonly want?: 'least' | 'most';
}

/** What is held against each other: plans by index, a plan without and with its changes, a quantity of a plan. */
export type Compared =
  | number
  | 'asStated'
  | 'withChanges'
  | { readonly plan: number; readonly quantity: ReadQuantity; readonly args?: ReadArgs };

export interface ReadAsk {
  /** a, b, c in the order of the text. */
  readonly part: string;
  readonly quantity: ReadQuantity;
  /** Index into the plans; nothing where it is asked across plans. */
  readonly plan: number | null;
  readonly args?: ReadArgs;
  /** Every right number, unrounded, of every convention; rates as fractions. Empty where there is none. */
  readonly answers: readonly number[];
  /** Of a choice or a difference: what each side comes to, nothing rounded. */
  readonly values?: readonly number[];
  /** Where the question stands in the text. */
  readonly start: number;
  readonly end: number;
}

export interface ReadDoubt {
  /** What it is about: `timing`, `kind`, `rate`, a quote. */
  readonly about: string;
  /** One sentence. */
  readonly says: string;
  /** What it could be. The first is taken for now, unless nothing can be. */
  readonly choices: readonly DoubtChoice[];
}

export interface DoubtChoice {
  readonly says: string;
  /** What choosing it changes in the reading. */
  readonly sets: Readonly<Record<string, string>>;
}

/** What the text leaves unsaid, and how it is read. */
export type Assumed = 'timing=end' | 'compounding=payments';

/** A number left aside. */
export interface Ignored {
  readonly quote: string;
  readonly start: number;
  /** "2)": it numbers a part, and is no number of the problem. */
  readonly isLabel?: true;
}

export interface ProblemReading {
  readonly uses: readonly ReadUse[];
  readonly cues: readonly ReadCue[];
  readonly ignores: readonly Ignored[];
  readonly plans: readonly ReadPlan[];
  /** The plans as they are stated on the Bench; nothing where a number is missing. */
  readonly statements: readonly (Statement | undefined)[];
  readonly asks: readonly ReadAsk[];
  readonly assumes: readonly Assumed[];
  readonly doubts: readonly ReadDoubt[];
}
