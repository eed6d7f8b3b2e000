/** Exercises: a story with givens, the plans behind it, and parts with marks that may build on each other. */

import type { StatementDraft } from '../statement/draft.ts';
import type { Quantity } from '../case/quantity.ts';
import type { Story } from './story.ts';
import type { ChosenColumn } from './tableColumns.ts';

export type GivenKind = 'money' | 'rate' | 'count' | 'years' | 'words';

/** How a given may vary from draw to draw. Texts are as typed, in the exercise's number style. */
export type Vary =
  | { readonly by: 'fixed' }
  | { readonly by: 'range'; readonly from: string; readonly to: string; readonly step: string }
  | { readonly by: 'list'; readonly values: string }
  /** Over other givens; its own `now` follows from it too. */
  | { readonly by: 'expression'; readonly text: string };

/** A number in the story that may vary. */
export interface Given {
  /** What slots and prompts call it: small letters, digits and single spaces. */
  readonly name: string;
  readonly kind: GivenKind;
  /** As it stands in the exercise itself. A rate is in percent. */
  readonly now: string;
  readonly vary: Vary;
  /** Decimals it is written with; as many as it needs, and cents for money, when left out. */
  readonly decimals?: number | undefined;
  /** Written after it in the text, such as "years". */
  readonly unit?: string | undefined;
}

/** Bounds that every draw must keep: of a part's answer or of a given. */
export interface Limit {
  readonly of: { readonly part: string } | { readonly given: string };
  readonly least?: number | undefined;
  readonly most?: number | undefined;
  readonly whole?: boolean | undefined;
}

/** Arguments of a quantity as typed: numbers, or expressions over givens and earlier answers. */
export interface AskTexts {
  readonly after?: string | undefined;
  readonly from?: string | undefined;
  readonly to?: string | undefined;
  /** An amount that terms are held against. */
  readonly below?: string | undefined;
  /** The payment really made, where it is not the plan's own: usually an earlier answer. */
  readonly paying?: string | undefined;
}

/** What a part asks, and of which plan. */
export type PartAsk = { readonly args?: AskTexts | undefined } & (
  | { readonly quantity: Quantity; readonly plan: string }
  /** The quantity of one plan less that of another. */
  | { readonly quantity: 'difference'; readonly of: Quantity; readonly plan: string; readonly other: string }
  /** An expression over givens and earlier answers: `30 × (answer c − answer a)`. */
  | { readonly quantity: 'expression'; readonly text: string }
  /** Rows `from` to `to` of a plan's table; the cells named are left blank, `row:column`. */
  | {
      readonly quantity: 'table';
      readonly plan: string;
      readonly blanks: readonly string[];
      /** The usual five where left out. */
      readonly columns?: readonly ChosenColumn[] | undefined;
      /** A row under the others that adds them up. */
      readonly totals?: boolean | undefined;
    }
  /** The recurrence of a plan: start, multiplier, what each payment takes or adds; judged piece by piece. */
  | { readonly quantity: 'relation'; readonly plan: string }
  /** An answer in words, a drawing: marked by a person, by the lines of a rubric where there are any. */
  | { readonly quantity: 'by-hand'; readonly rubric: readonly RubricLine[] }
  /** Which plan is better, in words with its number: the one with less (or more) of a quantity. */
  | {
      readonly quantity: 'choice';
      readonly of: Quantity;
      readonly plans: readonly string[];
      readonly prefer: 'less' | 'more';
    }
);

/** What an answer has to have, and what that counts. */
export interface RubricLine {
  readonly id: string;
  readonly says: string;
  readonly marks: number;
}

/** How an answer is to be written, and so how the key is rounded. */
export interface AnswerFormat {
  readonly kind: 'money' | 'percent' | 'count' | 'years-months' | 'number';
  /** Places after the decimal mark; for percent, of the percentage. */
  readonly decimals: number;
  /** A part of a payment (or of a month) counts as a whole one. */
  readonly up?: boolean | undefined;
  /** Only whole ones count: "how many full payments are there?" */
  readonly down?: boolean | undefined;
}

/** Another defensible meaning of a part, with its own answer and credit. */
export interface Reading {
  readonly id: string;
  readonly says: string;
  readonly ask: PartAsk;
  /** Share of the part's marks, 0 to 1. */
  readonly credit: number;
}

export interface Part {
  readonly id: string;
  readonly prompt: string;
  readonly marks: number;
  readonly ask: PartAsk;
  readonly format: AnswerFormat;
  /** How far from the key an answer may lie, in its own unit; the house rules' when left out. */
  readonly tolerance?: number | undefined;
  readonly readings?: readonly Reading[] | undefined;
  /** Whether earlier answers are rounded before this part uses them; as the house rules say when left out. */
  readonly earlier?: 'rounded' | 'exact' | undefined;
}

export interface ExercisePlan {
  readonly id: string;
  /** What the plan is called where there are several: "the harbour bank". */
  readonly name?: string | undefined;
  readonly draft: StatementDraft;
}

export interface Exercise {
  readonly title: string;
  readonly topic?: string | undefined;
  readonly level?: 'first' | 'second' | 'third' | undefined;
  readonly story: Story;
  readonly givens?: readonly Given[] | undefined;
  readonly limits?: readonly Limit[] | undefined;
  readonly plans: readonly ExercisePlan[];
  readonly parts: readonly Part[];
}

/** The numbers a student was given, by given, in the given's own unit (a rate in percent); words as they are. Empty where all have the exercise's own. */
export type Numbers = Readonly<Record<string, number | string>>;
