/** How a record of words that tell is made. */

import { pattern } from '../pattern.ts';
import type { Heard } from './heard.ts';

export interface TellingWords {
  readonly words: RegExp;
  /** In a sentence: "The text tells of …". */
  readonly says: string;
  readonly isHeard: (reading: Heard) => boolean;
}

export const telling = (says: string, words: string, isHeard: TellingWords['isHeard']): TellingWords => ({
  says,
  words: pattern(`(?<!(?:no|never|without(?: an?)?|any|free of|no interest) )(?:${words})`),
  isHeard,
});
