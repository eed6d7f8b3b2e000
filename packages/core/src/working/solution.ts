/** The shape of a worked solution: structured steps, one way each, so that a screen, a text and a printout say the same. */

import type { QuantityUnit } from '../case/quantity.ts';
import type { Writing } from '../exercise/writing.ts';
import type { DeviceEntry } from './device.ts';
import type { Fact } from './facts.ts';
import type { Moment } from './timeline.ts';
import type { DrawnStep } from './worksheet/drawn.ts';

interface StepReason {
  /** Why the step is as it is; shown where reasons are wanted. */
  readonly because?: string;
}

export type Step = StepReason &
  (
    | { readonly kind: 'says'; readonly text: string }
    /** A formula in TeX. */
    | {
        readonly kind: 'formula';
        readonly tex: string;
        /** In letters alone, before any number stands in it. */
        readonly general?: true;
      }
    /** The one line to type, with every bracket it needs. */
    | { readonly kind: 'line'; readonly line: string }
    | { readonly kind: 'entries'; readonly rows: readonly EntryRow[] }
    /** Labelled cells and a worksheet formula over them. */
    | {
        readonly kind: 'sheet';
        readonly cells: readonly SheetCell[];
        readonly formula: string;
        readonly meanings: readonly ArgumentMeaning[];
      }
    /** Rows of a table or a sequence; a row with `gap` stands for those left out. */
    | {
        readonly kind: 'rows';
        readonly columns: readonly string[];
        readonly rows: readonly (readonly string[] | 'gap')[];
      }
    /** A worksheet drawn as far as it is built by then. */
    | ({ readonly kind: 'drawn' } & DrawnStep)
    /** The number the way comes to. */
    | { readonly kind: 'answer'; readonly text: string }
  );

export interface EntryRow {
  readonly name: string;
  readonly enter: string;
  readonly because: string;
}

export interface SheetCell {
  readonly at: string;
  readonly label: string;
  readonly content: string;
}

export interface ArgumentMeaning {
  readonly argument: string;
  readonly means: string;
}

export type WayId = 'formula' | 'recurrence' | 'five-values' | 'sheet-function' | 'worksheet' | 'table' | 'search';

/** What a way rounds or leaves unrounded on the road, and so why its last decimals may differ from another's. */
export type Rounded =
  'payment-rounded' | 'rows-rounded' | 'count-rounded' | 'amount-rounded' | 'payment-unrounded' | 'charge-rounded';

export interface Way {
  readonly id: WayId;
  readonly title: string;
  /** In the answer's own unit, by this way's own route, with every digit it has. */
  readonly number: number;
  readonly written: string;
  readonly steps: readonly Step[];
  readonly rounds: readonly Rounded[];
  /** For the formula: the whole as one line, which read back gives `number`. */
  readonly line?: string;
  /** For five values: what is entered, to be replayed on the stand-in device. */
  readonly entries?: readonly DeviceEntry[];
}

export interface WorkedSolution {
  /** "The balance after payment 24" */
  readonly title: string;
  readonly unit: QuantityUnit;
  readonly facts: readonly Fact[];
  /** From the facts to the rate per payment and the number of payments. */
  readonly setting: readonly Step[];
  readonly timeline: readonly Moment[];
  /** Whose signs the timeline has; without any, amounts only. */
  readonly signs: Writing['signs'];
  readonly ways: readonly Way[];
  /** The answer of the key, as it is written. */
  readonly answer: string;
  readonly exact: number;
}

export type Detail = 'answer' | 'steps' | 'reasons';

/** The steps to show at a level of detail. */
export function stepsAt(steps: readonly Step[], detail: Detail): readonly Step[] {
  if (detail === 'reasons') return steps;
  const shown = detail === 'answer' ? steps.filter(({ kind }) => kind === 'answer') : steps;
  return shown.map((step) => ({ ...step, because: undefined }));
}
