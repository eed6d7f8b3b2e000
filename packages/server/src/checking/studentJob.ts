/** What a worker is asked for a student: feedback in their numbers, numbers for one more like it. */

import {
  feedbackFor,
  feedbackSheet,
  moreLikeIt,
  type EnteringStyle,
  type Exercise,
  type HouseRules,
  type MadeSlip,
  type Numbers,
  type PaperBlock,
  type SetToMark,
  type Verdict,
  workingOfPart,
} from '@hardy-sextant/core';
import type { KeptAccepted, MarkedStudent, SlipText } from '@hardy-sextant/contract';

export interface FeedbackJob {
  readonly title: string;
  readonly set: SetToMark;
  readonly accepted: readonly KeptAccepted[];
  readonly student: MarkedStudent;
  readonly rules: HouseRules;
  readonly entering: EnteringStyle;
  readonly texts: readonly SlipText[];
}

export interface ShownFeedback {
  readonly blocks: PaperBlock[];
  readonly total: string;
}

export function runFeedbackJob({ title, set, accepted, student, rules, entering, texts }: FeedbackJob): ShownFeedback {
  const feedback = feedbackFor({ set, accepted }, student, rules, texts, entering, true);
  return { blocks: [...feedbackSheet(title, feedback, undefined).blocks], total: feedback.total };
}

export interface MoreJob {
  readonly exercise: Exercise;
  readonly before: readonly Numbers[];
  readonly made: readonly MadeSlip[];
  readonly seed: string;
  readonly rules: HouseRules;
}

/** @returns nothing where the exercise does not vary */
export function runMoreJob({ exercise, before, made, seed, rules }: MoreJob): Numbers | undefined {
  const found = moreLikeIt(exercise, before, made, seed, rules);
  return found.ok ? found.value : undefined;
}

export interface WorkingJob {
  readonly exercise: Exercise;
  readonly partId: string;
  readonly numbers: Numbers;
  readonly rules: HouseRules;
  readonly entering: EnteringStyle;
  /** Of all parts, as the answers stand: the working goes on from own earlier answers where it may. */
  readonly verdicts: readonly Verdict[];
}

export const runWorkingJob = ({ exercise, partId, numbers, rules, entering, verdicts }: WorkingJob): PaperBlock[] =>
  workingOfPart(exercise, partId, numbers, rules, entering, verdicts);

export interface StudentJobs {
  readonly working: (job: WorkingJob) => Promise<PaperBlock[]>;
  readonly feedback: (job: FeedbackJob) => Promise<ShownFeedback>;
  readonly more: (job: MoreJob) => Promise<Numbers | undefined>;
}

export const studentJobsInPlace: StudentJobs = {
  feedback: (job) => Promise.resolve(runFeedbackJob(job)),
  more: (job) => Promise.resolve(runMoreJob(job)),
  working: (job) => Promise.resolve(runWorkingJob(job)),
};
