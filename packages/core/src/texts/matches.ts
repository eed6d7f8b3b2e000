/** Where cues stand in a flat text. Patterns are compiled once, when a lexicon is first used. */

import type { Cue } from './lexicon/record.ts';
import { pattern } from './pattern.ts';
import { requiredWords } from './requiredWords.ts';

export interface Match<Says extends string = string> {
  readonly says: Says;
  readonly weight: number;
  readonly start: number;
  readonly end: number;
  /** The token the cue is about, where it is about one. */
  readonly token?: number;
}

interface Compiled {
  readonly words: RegExp;
  /** One of them must be there. */
  readonly needs: readonly string[] | undefined;
}

interface CompiledCue<Says extends string> extends Cue<Says> {
  readonly patterns: readonly Compiled[];
}

/** A lexicon ready to be looked for. */
export function lexicon<Says extends string>(cues: readonly Cue<Says>[]): (flat: string) => Match<Says>[] {
  let compiled: readonly CompiledCue<Says>[] | undefined;
  return (flat) => {
    compiled ??= cues.map((each) => ({
      ...each,
      patterns: each.words.map((words) => ({ words: pattern(words), needs: requiredWords(words) })),
    }));
    return compiled.flatMap(({ says, weight, patterns }) =>
      patterns.flatMap(({ words, needs }) =>
        (needs !== undefined && !needs.some((each) => flat.includes(each)) ? [] : [...flat.matchAll(words)]).map(
          (found) => ({
            says,
            weight,
            start: found.index,
            end: found.index + found[0].length,
            ...(found[1] === undefined ? {} : { token: Number(found[1]) }),
          }),
        ),
      ),
    );
  };
}

/** So many letters weigh as much as one point of a cue. */
const FAR = 24;

/** The strongest, and the sooner after its beginning the better; then the longest. */
export function bestOf<Says extends string>(matches: readonly Match<Says>[]): Match<Says> | undefined {
  const strength = (match: Match): number => match.weight - match.end / FAR;
  return [...matches].sort((one, other) => strength(other) - strength(one))[0];
}
