/** What an answer counts in the end: the verdict, what was accepted as another reading for everyone, and what the instructor decided for one answer. */

import { roundTo } from '../money/roundMoney.ts';
import type { Part } from '../exercise/exercise.ts';
import type { Verdict } from '../checking/verdict.ts';

/** An answer accepted for everyone: the number a slip leads to (with whatever numbers a student has), or one number itself. */
export interface Accepted {
  readonly partId: string;
  readonly match: { readonly slips: readonly string[] } | { readonly value: number };
  /** What it is a reading of, for students. */
  readonly says: string;
  /** Share of the part's marks, 0 to 1. */
  readonly credit: number;
}

/** What an instructor decided for one answer; what is left out stays as the verdict has it. */
export interface Decision {
  /** Share of the part's marks, 0 to 1. */
  readonly credit?: number | undefined;
  readonly comment: string;
  /** For a part that is marked by hand: the lines of its rubric that the answer has. */
  readonly lines?: readonly string[] | undefined;
}

/** True where an accepted reading holds for a verdict. What is right by itself needs none. */
export function acceptedFits({ match }: Accepted, verdict: Verdict, part: Part): boolean {
  if (!['slip', 'carried-slip', 'unexplained'].includes(verdict.kind) || verdict.cells) return false;
  if ('slips' in match) return verdict.explanations.some(({ slips }) => slips.join('+') === match.slips.join('+'));
  return (
    verdict.read !== undefined &&
    roundTo(verdict.read, part.format.decimals) === roundTo(match.value, part.format.decimals)
  );
}

/** The verdict as it stands after readings were accepted: `reading` where one fits. */
export function withAccepted(verdict: Verdict, part: Part, accepted: readonly Accepted[]): Verdict {
  const found = accepted.find((each) => each.partId === verdict.partId && acceptedFits(each, verdict, part));
  return found ? { ...verdict, kind: 'reading', credit: found.credit, says: found.says } : verdict;
}

/** Marks of one answer, to two decimals. */
export function marksOf(verdict: Verdict, part: Part, decision?: Decision, share = 1): number {
  return roundTo((decision?.credit ?? verdict.credit) * part.marks * share, 2);
}

/** What has to be looked at by a person: no cause is known, and nobody has decided. */
export function isOpen(verdict: Verdict, decision?: Decision): boolean {
  return ['unexplained', 'unreadable', 'no-key', 'by-hand'].includes(verdict.kind) && decision?.credit === undefined;
}

/** What the lines of a rubric that an answer has come to, as a share of the part's marks. */
export function creditOfLines(part: Part, lines: readonly string[]): number {
  if (part.ask.quantity !== 'by-hand' || part.marks <= 0) return 0;
  const sum = part.ask.rubric.filter(({ id }) => lines.includes(id)).reduce((all, { marks }) => all + marks, 0);
  return Math.min(1, roundTo(sum / part.marks, 10));
}
