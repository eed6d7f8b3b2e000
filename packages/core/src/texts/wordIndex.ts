/** Which of many words stand in a text, found in one pass over it: by the first three letters, then the rest. */

/** Every word has so many letters at least. */
export const LEAST_LETTERS = 3;

export interface WordIndex {
  /** The number of a word, from 0 on; the same word has the same number. */
  readonly add: (word: string) => number;
  /** For each number, 1 where the word stands in the text, also within a longer word. */
  readonly in: (text: string) => Uint8Array;
}

export function wordIndex(): WordIndex {
  const numbers = new Map<string, number>();
  const byStart = new Map<string, string[]>();
  return {
    add: (word) => {
      const known = numbers.get(word);
      if (known !== undefined) return known;
      const start = word.slice(0, LEAST_LETTERS);
      byStart.set(start, [...(byStart.get(start) ?? []), word]);
      numbers.set(word, numbers.size);
      return numbers.size - 1;
    },
    in: (text) => {
      const there = new Uint8Array(numbers.size);
      for (let at = 0; at + LEAST_LETTERS <= text.length; at += 1)
        for (const word of byStart.get(text.slice(at, at + LEAST_LETTERS)) ?? [])
          if (text.startsWith(word, at)) there[numbers.get(word)!] = 1;
      return there;
    },
  };
}
