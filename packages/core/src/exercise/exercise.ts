/** Exercises: a story, the plans behind it, and parts with marks. */

import type { StatementDraft } from '../case/draft.ts';
import type { Quantity } from '../case/quantities.ts';

/** What a part asks, and of which plan. */
export interface PartAsk {
  readonly quantity: Quantity;
  /** The plan's id. */
  readonly plan: string;
}

/** How an answer is to be written, and so how the key is rounded. */
export interface AnswerFormat {
  readonly kind: 'money' | 'percent' | 'count';
  /** Places after the decimal mark; for percent, of the percentage. */
  readonly decimals: number;
}

export interface Part {
  readonly id: string;
  readonly prompt: string;
  readonly marks: number;
  readonly ask: PartAsk;
  readonly format: AnswerFormat;
}

export interface ExercisePlan {
  readonly id: string;
  readonly draft: StatementDraft;
}

export interface Exercise {
  readonly title: string;
  readonly story: string;
  readonly plans: readonly ExercisePlan[];
  readonly parts: readonly Part[];
}

/** The numbers a student was given, by given; empty where all have the exercise's own. */
export type Numbers = Readonly<Record<string, number>>;
