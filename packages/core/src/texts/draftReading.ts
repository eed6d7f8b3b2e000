/** A reading while it is put together: plans, what is asked of them, and what is not certain. */

import type { Span } from './flatText.ts';
import type { Asked } from './lexicon/questions/index.ts';
import type { Assumed, ReadArgs, ReadDoubt, ReadPlan, ReadQuantity, Role } from './reading.ts';

export interface DraftAsk {
  readonly quantity: ReadQuantity;
  readonly plan: number | null;
  readonly args?: ReadArgs;
  readonly place: Span;
}

export interface DraftReading {
  readonly plans: readonly ReadPlan[];
  /** How often the rate that is asked for is compounded, by plan. */
  readonly wanted: readonly (number | undefined)[];
  readonly asks: readonly DraftAsk[];
  /** By token. */
  readonly roles: ReadonlyMap<number, { readonly role: Role; readonly plan?: number }>;
  readonly assumes: readonly Assumed[];
  readonly doubts: readonly ReadDoubt[];
}

export type { Asked };
