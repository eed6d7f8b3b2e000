/** Where cues stand in a flat text. Patterns are compiled once, when a lexicon is first used. */

import type { Cue } from './lexicon/record.ts';
import { pattern } from './pattern.ts';
import { requiredWords } from './requiredWords.ts';
import { wordIndex } from './wordIndex.ts';

export interface Match<Says extends string = string> {
  readonly says: Says;
  readonly weight: number;
  readonly start: number;
  readonly end: number;
  /** The token the cue is about, where it is about one. */
  readonly token?: number;
}

interface Compiled<Says extends string> {
  readonly cue: Cue<Says>;
  readonly words: RegExp;
  /** The numbers of runs of words: of each row one must be there; the row that tells most is the first. */
  readonly needs: readonly (readonly number[])[];
}

/** The patterns to try where a run of words is there, by its number, and those to try always. */
interface Tried {
  readonly byRun: readonly (readonly number[])[];
  readonly always: readonly number[];
}

function triedBy(compiled: readonly Compiled<string>[]): Tried {
  const byRun: number[][] = [];
  const always: number[] = [];
  compiled.forEach(({ needs: [first] }, at) => {
    if (!first) always.push(at);
    for (const run of first ?? []) (byRun[run] ??= []).push(at);
  });
  return { byRun, always };
}

/** A lexicon ready to be looked for. */
export function lexicon<Says extends string>(cues: readonly Cue<Says>[]): (flat: string) => Match<Says>[] {
  const index = wordIndex();
  let made: (Tried & { readonly compiled: readonly Compiled<Says>[] }) | undefined;
  const make = (): Tried & { readonly compiled: readonly Compiled<Says>[] } => {
    const compiled = cues.flatMap((cue) =>
      cue.words.map((words) => ({
        cue,
        words: pattern(words),
        needs: requiredWords(words).map((row) => row.map(index.add)),
      })),
    );
    return { compiled, ...triedBy(compiled) };
  };
  return (flat) => {
    const { compiled, byRun, always } = (made ??= make());
    const there = index.in(flat);
    const isThere = (row: readonly number[]): boolean => row.some((run) => there.has(run));
    const tried = new Set([...always, ...[...there].flatMap((run) => byRun[run] ?? [])]);
    return [...tried]
      .sort((one, other) => one - other)
      .map((at) => compiled[at]!)
      .filter(({ needs }) => needs.every(isThere))
      .flatMap(({ cue, words }) =>
        allOf(words, flat).map((found) => ({
          says: cue.says,
          weight: cue.weight,
          start: found.index,
          end: found.index + found[0].length,
          ...(found[1] === undefined ? {} : { token: Number(found[1]) }),
        })),
      );
  };
}

/** As `matchAll`, which makes the pattern anew each time: with some thousand patterns that is most of the work. */
function allOf(words: RegExp, flat: string): RegExpExecArray[] {
  const all: RegExpExecArray[] = [];
  words.lastIndex = 0;
  for (let found = words.exec(flat); found; found = words.exec(flat)) {
    all.push(found);
    if (found[0] === '') words.lastIndex += 1;
  }
  return all;
}

/** So many letters weigh as much as one point of a cue. */
const FAR = 24;

/** The strongest, and the sooner after its beginning the better; then the longest. */
export function bestOf<Says extends string>(matches: readonly Match<Says>[]): Match<Says> | undefined {
  const strength = (match: Match): number => match.weight - match.end / FAR;
  return [...matches].sort((one, other) => strength(other) - strength(one))[0];
}
