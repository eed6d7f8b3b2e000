/** The problems that were pasted, with what was settled in each: kept on this device until they are put away. */
import { settle, splitProblems, titleOf, type Settled } from '@hardy-sextant/core/texts';

export interface PastedProblem {
  readonly text: string;
  readonly title: string;
  readonly settled: Settled;
  /** The exercise that was made of it. */
  readonly madeId?: string;
}

export interface Pasted {
  readonly problems: readonly PastedProblem[];
  /** Whether the numbers get ranges when an exercise is made. */
  readonly varied: boolean;
}

export const nothingPasted: Pasted = { problems: [], varied: false };

export function pastedFrom(text: string): Pasted {
  return { ...nothingPasted, problems: splitProblems(text).map(newProblem) };
}

export const newProblem = (text: string): PastedProblem => ({ text, title: titleOf(text), settled: {} });

type Change = (before: Pasted) => Pasted;

export const changedAt =
  (at: number, change: Partial<PastedProblem>): Change =>
  (before) => ({
    ...before,
    problems: before.problems.map((each, index) => (index === at ? { ...each, ...change } : each)),
  });

/** Another text begins anew: what was settled was about places in the old one. */
export const retold = (at: number, text: string): Change => changedAt(at, { text, settled: {} });

export const settledAt =
  (at: number, sets: Readonly<Record<string, string>>): Change =>
  (before) =>
    changedAt(at, { settled: settle(before.problems[at]?.settled ?? {}, sets) })(before);

/** What exercises were made of, by place: with their ids, or without one again. */
export const madeOf =
  (ids: ReadonlyMap<number, string | undefined>): Change =>
  (before) => ({
    ...before,
    problems: before.problems.map(({ madeId, ...rest }, at) => {
      const id = ids.has(at) ? ids.get(at) : madeId;
      return id === undefined ? rest : { ...rest, madeId: id };
    }),
  });
