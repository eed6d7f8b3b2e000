/** What a verdict says of one answer. */

import type { EnteredEntry } from './enteredNames.ts';
import type { ConventionId } from '../exercise/conventions.ts';

export type VerdictKind =
  | 'blank'
  | 'unreadable'
  | 'shown-error'
  | 'right'
  | 'right-rounded'
  | 'right-other-way'
  | 'reading'
  | 'carried'
  | 'slip'
  | 'carried-slip'
  | 'unexplained'
  /** A person marks it. */
  | 'by-hand'
  | 'no-key';

/** Those that say the number is right, whichever way it was found. */
export const rightKinds: readonly VerdictKind[] = ['right', 'right-rounded', 'right-other-way'];

export interface Explanation {
  /** Ids of the slips that together lead to the number. */
  readonly slips: readonly string[];
  readonly title: string;
  /** The recomputed number, rounded as the answer is to be. */
  readonly result: number;
  readonly says: string;
  /** The earlier parts whose own answers it goes on from. */
  readonly carriedFrom?: readonly string[];
}

/** One of the five values or settings a student entered, where it is not what the problem has. */
export interface WrongEntered {
  readonly name: EnteredEntry;
  readonly entered: string;
  readonly says: string;
}

export interface CellVerdict {
  /** `row:column` */
  readonly id: string;
  readonly kind: VerdictKind;
  readonly expected: number;
  /** What is right given the student's own cells before it. */
  readonly expectedOwn: number;
  readonly read?: number;
  readonly slip?: string;
  readonly says?: string;
}

export interface Verdict {
  readonly partId: string;
  readonly kind: VerdictKind;
  /** Share of the part's marks, 0 to 1. */
  readonly credit: number;
  /** The key, rounded as it is to be written; undefined where the part itself cannot be worked. */
  readonly expected?: number;
  readonly expectedWritten?: string;
  /** The number read, in the answer's unit. */
  readonly read?: number;
  /** read − expected. */
  readonly difference?: number;
  /** Likeliest first. More than one means that none is certain. */
  readonly explanations: readonly Explanation[];
  /** How likely a random number as coarse as this one would be explained by something, 0 to 1. */
  readonly byChance?: number;
  /** For `right-other-way`: the conventions that give the number. */
  readonly conventions?: readonly ConventionId[];
  /** What could not be read, why there is no key, which reading or which other way it is. */
  readonly says?: string;
  /** For a table: a verdict for each cell to fill in, in reading order. */
  readonly cells?: readonly CellVerdict[];
  /** The first of the five entered values that is not this problem's. */
  readonly wrongEntered?: WrongEntered;
}

/** What was submitted: text by part id; cells of a table as `part.row:column`, entered values as `part.n`, `part.rate`, … */
export type Entries = Readonly<Record<string, string>>;
