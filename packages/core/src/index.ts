/** The public face of core: pure functions on plain data. Everything not listed here may move. */
export * from './result.ts';
export { lookUp, mapTexts, namesOf } from './records.ts';
export { nth } from './nth.ts';
export { capital } from './capital.ts';
export { roundCent, roundMoney, roundTo, type Money, type RoundingRule } from './money/roundMoney.ts';
export * from './money/numberStyle.ts';
export * from './money/readEntry.ts';
export * from './rates/quotedRate.ts';
export * from './rates/conversions.ts';
export * from './annuity/fiveValues.ts';
export * from './annuity/solveFor.ts';
export { findRates } from './annuity/findRate.ts';
export * from './annuity/sayCount.ts';
export * from './annuity/charges.ts';
export * from './annuity/recurrence.ts';
export * from './table/plan.ts';
export * from './table/calendar.ts';
export * from './table/buildTable.ts';
export * from './table/row.ts';
export { levelPayment } from './table/levelPayment.ts';
export * from './table/figures.ts';
export * from './table/compare.ts';
export * from './table/together.ts';
export {
  targetInputs,
  targetOutputs,
  type ClosingIn,
  type TargetAsk,
  type TargetInput,
  type TargetOutput,
} from './table/target.ts';
export { searchTarget, targetSearch, type TargetFound, type Trial } from './table/targetSearch.ts';
export { evaluateExpression, readSlotText, type Scope } from './money/expression.ts';
export * from './case/statement.ts';
export * from './statement/draft.ts';
export * from './statement/newDraft.ts';
export { newChange, readChange, type ChangeDraft, type ChangeField, type ChangeKind } from './statement/changeDraft.ts';
export * from './case/quote.ts';
export * from './case/kind.ts';
export * from './case/kinds.ts';
export { solveCase, type CaseOutcome, type ConvertedRate } from './statement/solveCase.ts';
export * from './case/solved.ts';
export { restyleDraft, restyleText, restyleVariation } from './statement/restyle.ts';
export {
  applyVariation,
  describeVariation,
  mayKeepRate,
  readRefinancing,
  solveVariation,
  variedFrom,
  type RefinancingDraft,
  type Variation,
  type VariedOutcome,
} from './statement/variation.ts';
export * from './case/frequency.ts';
export * from './statement/readDraft.ts';
export * from './exercise/exercise.ts';
export * from './exercise/houseRules.ts';
export * from './exercise/writing.ts';
export { taughtLiveSheet } from './sheet/taughtLiveSheet.ts';
export type { DrawnCell, DrawnPiece, DrawnSheet, DrawnStep, Forgotten } from './working/worksheet/drawn.ts';
export {
  taughtSheet,
  type TaughtCell,
  type TaughtColumn,
  type TaughtInput,
  type TaughtSheet,
} from './working/worksheet/taughtSheet.ts';
export {
  conventionIds,
  conventionNames,
  conventionOf,
  numbersByConvention,
  partNumbers,
  questionNumbers,
  type ConventionId,
  type ConventionNumber,
} from './exercise/conventions.ts';
export * from './exercise/story.ts';
export * from './exercise/summary.ts';
export * from './exercise/format.ts';
export * from './exercise/givens.ts';
export { writeRelation, type KeyRelation } from './exercise/keyRelation.ts';
export { readRelation, type ReadRelation } from './checking/readRelation.ts';
export { answerKey, answerKeyOf, type KeyedPart, type OwnAnswers } from './exercise/answerKey.ts';
export { movedNumbers, type MovedNumber } from './exercise/underOtherRules.ts';
export { answerName, draftTexts, usesOf } from './exercise/uses.ts';
export {
  cellsOf,
  keyTable,
  MOST_FILL_ROWS,
  type KeyCell,
  type KeyTable,
  type TableForm,
} from './exercise/fillTable.ts';
export * from './exercise/tableColumns.ts';
export { exerciseProblems, type ExerciseProblem } from './exercise/exerciseProblems.ts';
export { drawNumbers, judgeDraw, limitName, type Draw } from './exercise/drawNumbers.ts';
export { extrasCalendar, withExtraPayment } from './statement/typedExtra.ts';
export { extrasInWords, readExtras, withExtra, type ExtrasCalendar, type ReadExtras } from './statement/extrasList.ts';
export { seededRandom } from './exercise/random.ts';
export { usualRange } from './exercise/usualRange.ts';
export { exerciseFromCase, type StatedCase } from './exercise/fromCase/exerciseFromCase.ts';
export { promptFor, usualQuestions, type UsualQuestion } from './exercise/fromCase/usualQuestions.ts';
export { topics } from './exercise/fromCase/topicOf.ts';
export {
  askedOnScreen,
  type ScreenCell,
  type ScreenExercise,
  type ScreenPart,
  type ScreenTable,
} from './papers/askedExercise.ts';
export {
  feedbackFor,
  feedbackText,
  usualWords,
  wordsAbout,
  workingOfPart,
  type Feedback,
  type FeedbackExercise,
  type FeedbackPart,
} from './papers/feedback.ts';
export { feedbackSheet } from './papers/feedbackSheet.ts';
export { judgeLines, linesInWords, MOST_LINES, type JudgedLine, type JudgedLines } from './marking/linesOfWorking.ts';
export { dueFor, lessForLate, minutesLate, opennessAt, type DueRule, type Openness } from './marking/dueTime.ts';
export { moreLikeIt, showsIn, type MadeSlip } from './checking/moreLikeIt.ts';
export { readAnswer, type ReadAnswer } from './checking/readAnswer.ts';
export * from './checking/verdict.ts';
export {
  checkSubmission,
  checkSubmissions,
  prepareChecking,
  type PreparedChecking,
} from './checking/checkSubmission.ts';
export { withinOf } from './checking/preparedPart.ts';
export { explainNumber, slipNumbers, type SlipNumber } from './checking/explainNumber.ts';
export * from './marking/finalMark.ts';
export * from './marking/totals.ts';
export {
  discriminationInWords,
  LEAST_FOR_DISCRIMINATION,
  partStatistics,
  type MarkedSet,
  type PartStatistics,
} from './marking/partStatistics.ts';
export { whatGives, type ChangedInput, type WhatGives } from './checking/whatGives.ts';
export { pairCandidates, singleCandidates, type Candidate } from './checking/candidates.ts';
export { everySlip, slips, slipById } from './checking/slips.ts';
export { drawReport, type Collision, type DrawReport, type Spread } from './checking/drawReport.ts';
export { drawVersions, type Hardness, type Version } from './checking/drawVersions.ts';
export { enteredNames, enteredTitles, type EnteredEntry } from './checking/enteredNames.ts';
export { wrongCells } from './checking/tableVerdict.ts';
export { tableSlips, wholeTableSlips } from './checking/tableSlips.ts';
export { askedOf, resultsOf, type Slip, type SlipFamily } from './checking/slip.ts';
export { writeSlot } from './statement/writeSlot.ts';
export * from './case/quantity.ts';
export * from './case/quantities.ts';
export { compute } from './case/compute.ts';
export { inputsOf } from './case/inputs.ts';
export * from './case/question.ts';
export * from './statement/question.ts';
export { readStatement, type StatementOutcome } from './statement/readStatement.ts';
export * from './working/solution.ts';
export * from './working/workedSolution.ts';
export { partWorking, type PartWorking } from './working/partWorking.ts';
export { crossCheck, type CheckedWay, type CrossCheck } from './working/crossCheck.ts';
export * from './working/enteringStyle.ts';
export * from './working/device.ts';
export {
  entryList,
  onDevice,
  shownMeans,
  type EnteredLine,
  type FiveValueProblem,
} from './working/fiveValueProblem.ts';
export { evaluateSheet } from './working/sheet/evaluateSheet.ts';
export { markStory, type Fact, type StoryPiece } from './working/facts.ts';
export { seenBy, timelineOf, type Flow, type Moment } from './working/timeline.ts';
export { solutionText, stepsText } from './working/solutionText.ts';
export { callableFunctions } from './annuity/sheetFunctions.ts';
export { columnTitles, tableText, type TextOptions } from './sheet/tableText.ts';
export { tableSheet } from './sheet/tableSheet.ts';
export type { LiveCell, LiveSheet } from './sheet/liveSheet.ts';
// Names from before the words of docs/glossary.md, for programs that use them.
export { checkSubmission as checkHandIn, checkSubmissions as checkHandIns } from './checking/checkSubmission.ts';
export { paymentRange as stretch } from './table/figures.ts';
export {
  addressOf,
  fullAddress,
  columnLetters,
  columnNumber,
  fullPlace,
  isErrorText,
  placeOf,
  type CellContent,
  type SheetCells,
  type Place,
} from './studentSheet/cells.ts';
export { cellsInWords } from './studentSheet/causeSentence.ts';
export { placesReadBy } from './studentSheet/reads.ts';
export { foundColumnTitles, inputTitles, type FoundColumn, type InputName } from './studentSheet/words.ts';
export { numberInText } from './studentSheet/values.ts';
export { causeWords, type CauseId } from './studentSheet/causes.ts';
export { readSheet, sheetProblem, workedOut, type SheetFound } from './studentSheet/readSheet.ts';
export type { TableFound, TableSaid } from './studentSheet/findTables.ts';
export { knownBy, mappingFits, type KnownMapping, type SheetMapping } from './studentSheet/sheetMapping.ts';
export { readFormula, writeFormula, relativeForm } from './studentSheet/formula.ts';
export { Calculation, Workbook } from './studentSheet/recalculate.ts';
export {
  judgeSheetOfPlan,
  type SheetCause,
  type SheetCellVerdict,
  type SheetJudged,
} from './studentSheet/judgeSheetOfPlan.ts';
export { textsOfBlock, type CellTexts } from './studentSheet/tableEntries.ts';
export { judgeSheet, type ExerciseSheetJudged } from './studentSheet/judgeSheet.ts';
export { paperCode, readPaperCode } from './papers/paperCode.ts';
export { plain } from './papers/paper.ts';
export type { Paper, PaperBlock, PaperCell, PaperSheet, PaperText } from './papers/paper.ts';
export {
  headOf,
  marksInWords,
  questionSheet,
  roundingSentence,
  tableBlock,
  type AskedExercise,
  type PaperStudent,
  type SetOnPaper,
  type SheetForm,
} from './papers/questionSheet.ts';
export { keyLines, keySheet, markingSheet, type StudentKey } from './papers/keySheet.ts';
export { stepBlocks } from './papers/stepBlocks.ts';
export { storyBlocks } from './papers/storyBlocks.ts';
export { solutionSheet, type SolutionForm } from './papers/solutionSheet.ts';
export { formulaBlocks, formulaSheet } from './papers/formulaSheet.ts';
export { tablesSheet } from './papers/tablesSheet.ts';
