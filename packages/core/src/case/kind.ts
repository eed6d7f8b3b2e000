/** What a kind of case is: its slots, which way its money flows, what it can do, how it is solved and said. */

import type { Result } from '../result.ts';
import type { Timing } from '../annuity/fiveValues.ts';
import type { PlanKind, TableRounding } from '../table/plan.ts';
import type { SolvedCase } from './solved.ts';
import { slotNames, type SlotName, type Statement } from './statement.ts';

/** Which way each amount flows, seen from the borrower's or saver's pocket. */
export interface Directions {
  readonly plan: PlanKind;
  readonly pv: 1 | -1;
  readonly pmt: 1 | -1;
  readonly fv: 1 | -1;
}

/** What is owed: received at the start, paid back. */
export const owing: Directions = { plan: 'loan', pv: 1, pmt: -1, fv: -1 };

/** A piece of the sentence that states a case. */
export type Segment =
  | { readonly words: string }
  | { readonly slot: SlotName }
  | { readonly choice: 'quote' | 'frequency' | 'timing' | 'flatBy' | 'into' }
  /** "month" after "of each". */
  | { readonly period: true }
  | { readonly newLine: true };

export interface KindOfCase {
  /** For choosing the kind. */
  readonly title: string;
  /** The slots, in the order they are worked. */
  readonly slots: readonly SlotName[];
  /** What a new statement of the kind asks for. */
  readonly asks: SlotName;
  /** When payments fall unless the statement says otherwise. */
  readonly timing: Timing;
  readonly directions: Directions;

  /** It has a plan and a table. */
  readonly hasTable: boolean;
  /** Its rate is compounded; a flat charge is not. */
  readonly compounds: boolean;
  /** It rests on the five values: compound interest, and level payments if any. */
  readonly level: boolean;
  /** Payments fall in it. */
  readonly pays: boolean;
  /** Something is owed, and so its amount may be built up from a price. */
  readonly owes: boolean;
  /** Its plan may change on the way. */
  readonly takesChanges: boolean;
  /** It may be refinanced. */
  readonly refinances: boolean;

  /** Solves it for its `?`. */
  readonly solve: (statement: Statement, rounding: TableRounding) => Result<SolvedCase>;

  /** The sentence that states it: words and slots in order. */
  readonly sentence: readonly Segment[];
  /** How each slot is named to a reader who does not see the sentence, and in the answer's caption. */
  readonly slotNames: Readonly<Partial<Record<SlotName, string>>>;
  /** Which way each amount goes, beside the answer. */
  readonly flows: Readonly<Partial<Record<SlotName, string>>>;
}

const choices = ['quote', 'frequency', 'timing', 'flatBy', 'into'] as const;

/**
 * A sentence from its frame: `{amount}` is a slot, `{quote}` a choice, `{period}` the payment period, a line break a
 * line break; everything else is words.
 */
export function sentenceOf(frame: string): Segment[] {
  return frame
    .split(/(\{\w+\}|\n)/)
    .map((piece) => piece.trim() || (piece === '\n' ? piece : ''))
    .filter((piece) => piece !== '')
    .map((piece): Segment => {
      if (piece === '\n') return { newLine: true };
      const name = /^\{(\w+)\}$/.exec(piece)?.[1];
      if (name === undefined) return { words: piece };
      if (name === 'period') return { period: true };
      const choice = choices.find((each) => each === name);
      const slot = slotNames.find((each) => each === name);
      return choice ? { choice } : slot ? { slot } : { words: name };
    });
}
