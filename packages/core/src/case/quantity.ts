/** What a quantity is: something that can be asked of a case. The records are in `quantities/`. */

import type { Result } from '../result.ts';
import type { Timing } from '../annuity/fiveValues.ts';
import type { Refinancing } from '../table/compare.ts';
import type { SolvedCase, ValueSlot } from './solved.ts';
import type { Statement, StatementKind } from './statement.ts';

/** In the order they are offered. */
export const quantityIds = [
  'payment',
  'amount',
  'final-amount',
  'rate',
  'payments',
  'years',
  'balance-after',
  'balance-right-after',
  'left-to-pay',
  'interest-in',
  'principal-in',
  'interest-portion',
  'principal-portion',
  'paid-in',
  'total-interest',
  'total-paid',
  'total-price',
  'total-with-end',
  'last-payment',
  'finance-charge',
  'amount-financed',
  'down-payment',
  'rate-per-payment',
  'nominal',
  'effective',
  'rate-with-charges',
  'flat-rate',
  'term',
  'multiplier',
  'term-below',
  'converted',
  'refinanced-payment',
  'refinancing-saves',
  'paid-for-itself',
  'payments-made',
  'time-saved',
  'payments-saved',
  'interest-saved',
] as const;

export type Quantity = (typeof quantityIds)[number];

export const isQuantity = (id: string): id is Quantity => quantityIds.some((each) => each === id);

export type QuantityUnit = 'money' | 'percent' | 'count' | 'years' | 'number';

/** The numbers a quantity needs besides the case: payment numbers, counted from 1; `below` is an amount. */
export type AskArgument = 'after' | 'from' | 'to' | 'below';

/** What is asked of a case, with its arguments as numbers. */
export interface Ask {
  readonly quantity: Quantity;
  readonly after?: number;
  readonly from?: number;
  readonly to?: number;
  readonly below?: number;
  /** For the quantities of a refinancing. */
  readonly refinancing?: Refinancing | undefined;
}

/** The same to be said in words: an argument may still be text, such as a name. */
export interface AskInWords extends Pick<Ask, 'quantity' | 'refinancing'> {
  readonly after?: number | string | undefined;
  readonly from?: number | string | undefined;
  readonly to?: number | string | undefined;
  readonly below?: number | string | undefined;
}

/** What a quantity is read off. */
export interface AskedCase {
  readonly statement: Statement;
  readonly solved: SolvedCase;
  readonly ask: Ask;
}

/** What a person puts into a computation. */
export interface Inputs {
  readonly n: number;
  /** Rate per payment, a fraction. */
  readonly i: number;
  /** The rate as the case quotes it, a fraction. */
  readonly quoted: number;
  readonly amount: number;
  /** Where the case states one; where it is worked out, from these inputs. */
  readonly payment: number | undefined;
  readonly finalAmount: number;
  readonly timing: Timing;
  /** Payments a year. */
  readonly p: number;
  readonly after: number;
  readonly from: number;
  readonly to: number;
  readonly price: number;
  readonly downPayment: number;
  readonly tradeIn: number;
  readonly feesAdded: number;
  readonly feesTaken: number;
  /** Signs of what comes in and goes out, which a person may get wrong: 1 as they should be. */
  readonly pvSign: 1 | -1;
  readonly pmtSign: 1 | -1;
  readonly fvSign: 1 | -1;
}

/** What decides whether a quantity can be asked: of a statement in numbers, or of one that is still being typed. */
export interface Askable {
  readonly kind: StatementKind;
  readonly timing: Timing;
  readonly changes: readonly unknown[];
  readonly buildUp?: unknown;
}

export interface QuantityRecord {
  /** "the balance after a payment", for choosing. */
  readonly title: string;
  readonly unit: QuantityUnit;
  readonly needs: readonly AskArgument[];
  /** The slot it is the `?` of; otherwise the case is solved as it is stated. */
  readonly slot?: ValueSlot;
  /** Needs a refinancing beside the case. */
  readonly refinancing?: boolean;
  /** Whether it can be asked of a statement. */
  readonly applies: (statement: Askable) => boolean;
  /** In the answer's own unit: money, percent (6.6, not 0.066), payments, years; unrounded unless the plan rounds it. */
  readonly read: (asked: AskedCase) => Result<number>;
  /**
   * What the closed forms give from inputs that may be wrong, in the same unit: usually one number; for what rests on the
   * payment one with it rounded to the cent on the way and one without, as people do either.
   */
  readonly closedForm: (inputs: Inputs, asked: AskedCase) => readonly number[];
  /** Its closed form holds whatever changes on the way: it rests on the inputs alone. For all else the table is run. */
  readonly onInputsAlone?: true;
  /** Other counts that are right too, in the same unit: a last payment of next to nothing need not count as one. */
  readonly counted?: (asked: AskedCase) => readonly number[];
  /** In words, with its arguments. */
  readonly words: (ask: AskInWords) => string;
}
