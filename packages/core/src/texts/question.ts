/** A question as its words put it, before it is known which case it is asked of. */

import type { Span } from './flatText.ts';
import type { Asked } from './lexicon/questions/index.ts';

export interface Question extends Span {
  readonly asked: Asked;
  /** From the words that ask to where the next question begins: its numbers stand here. */
  readonly unit: Span;
  /** Read by its nouns alone. */
  readonly isSupposed?: true;
}
