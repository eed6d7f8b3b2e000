/** Which of many runs of words stand in a text, found in one pass over it: by the first three letters, then the rest. */

/** Every word has so many letters at least. */
export const LEAST_LETTERS = 3;

export interface WordIndex {
  /** The number of a word, from 0 on; the same word has the same number. */
  readonly add: (word: string) => number;
  /** The numbers of the runs that stand in the text, also within a longer word. */
  readonly in: (text: string) => ReadonlySet<number>;
}

export function wordIndex(): WordIndex {
  const numbers = new Map<string, number>();
  const lengths = new Map<string, Set<number>>();
  return {
    add: (word) => {
      const known = numbers.get(word);
      if (known !== undefined) return known;
      const start = word.slice(0, LEAST_LETTERS);
      lengths.set(start, (lengths.get(start) ?? new Set()).add(word.length));
      numbers.set(word, numbers.size);
      return numbers.size - 1;
    },
    in: (told) => {
      const text = told.replace(/[^\S\n]+/g, ' ');
      const there = new Set<number>();
      for (let at = 0; at + LEAST_LETTERS <= text.length; at += 1)
        for (const length of lengths.get(text.slice(at, at + LEAST_LETTERS)) ?? []) {
          const number = numbers.get(text.slice(at, at + length));
          if (number !== undefined) there.add(number);
        }
      return there;
    },
  };
}
