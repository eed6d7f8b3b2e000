/** Words at the beginning of a sentence, and within one. */

/** The same words with a capital letter first. */
export function capital(words: string): string {
  return `${words.slice(0, 1).toUpperCase()}${words.slice(1)}`;
}

/** The same words with a small letter first. */
export function lowered(words: string): string {
  return `${words.slice(0, 1).toLowerCase()}${words.slice(1)}`;
}
