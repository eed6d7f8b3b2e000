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

export function changedAt(pasted: Pasted, at: number, change: Partial<PastedProblem>): Pasted {
  return { ...pasted, problems: pasted.problems.map((each, index) => (index === at ? { ...each, ...change } : each)) };
}

/** Another text begins anew: what was settled was about places in the old one. */
export const retold = (pasted: Pasted, at: number, text: string): Pasted =>
  changedAt(pasted, at, { text, settled: {} });

export const settledAt = (pasted: Pasted, at: number, sets: Readonly<Record<string, string>>): Pasted =>
  changedAt(pasted, at, { settled: settle(pasted.problems[at]?.settled ?? {}, sets) });
