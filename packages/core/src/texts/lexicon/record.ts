/** A cue: words that decide something, written as `pattern.ts` reads them. Adding one is adding a line. */

export interface Cue<Says extends string> {
  readonly says: Says;
  /** The stronger of two that clash counts. */
  readonly weight: number;
  readonly words: readonly string[];
}

/** Short form for the lists. */
export const cue = <Says extends string>(says: Says, weight: number, ...words: string[]): Cue<Says> => ({
  says,
  weight,
  words,
});
