/** Reading a problem's text: for pages that need it, apart from all else. */

export { readProblem, type ReadOptions } from './readProblem.ts';
export type {
  DoubtChoice,
  ProblemReading,
  ReadAsk,
  ReadCue,
  ReadDoubt,
  ReadKind,
  ReadPlan,
  ReadQuantity,
  ReadUse,
  Role,
} from './reading.ts';
export { LONGEST_TEXT, MOST_PROBLEMS, plainPasted, splitProblems } from './splitProblems.ts';
export { rolesByForm, settle, type Settled, type SettledRole } from './settled.ts';
export { draftsInNumbers, exerciseFromText, leftOutOf, type MadeExercise } from './made/exerciseFromText.ts';
export { titleOf } from './made/titleOfText.ts';
export { givensOfText } from './made/givensOfText.ts';
export { inText, type TextPiece } from './inText.ts';
export { roleNames } from './doubts.ts';
