/** Names and titles: one line of text, without characters that cannot be seen. */

import { z } from 'zod';

/** True where a text holds a character that no keyboard writes: NUL, bells, line ends. */
export function hasControls(text: string): boolean {
  return /\p{Cc}/u.test(text);
}

/** One line of at most so many characters, trimmed. */
export function oneLine(most: number, tooLong: string) {
  return z
    .string()
    .trim()
    .max(most, tooLong)
    .refine((text) => !hasControls(text), 'A character that cannot be seen stands in it; type it again.');
}
