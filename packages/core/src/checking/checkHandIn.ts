/** Checks a hand-in: a verdict for each part, with every explanation that fits. Order of verdicts as in docs/checking.md. */

import { ok, type Result } from '../result.ts';
import type { Question } from '../case/question.ts';
import { numberStyleById } from '../money/numberStyle.ts';
import { readEntry, type Entry } from '../money/readEntry.ts';
import { roundTo } from '../money/roundMoney.ts';
import { answerKey, keyPart, usualFormat, writeAnswer, type KeyedPart } from '../exercise/answerKey.ts';
import type { AnswerFormat, Exercise, Numbers } from '../exercise/exercise.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { slips } from './slips.ts';
import type { KeyedQuestion, Slip } from './slip.ts';

export type VerdictKind = 'blank' | 'unreadable' | 'right' | 'right-rounded' | 'slip' | 'unexplained' | 'no-key';

export interface Explanation {
  /** Ids of the slips that together lead to the number. */
  readonly slips: readonly string[];
  readonly title: string;
  /** The recomputed number, as it is written. */
  readonly result: number;
  readonly says: string;
}

export interface Verdict {
  readonly partId: string;
  readonly kind: VerdictKind;
  /** Share of the part's marks, 0 to 1. */
  readonly credit: number;
  /** The key, rounded as it is to be written; undefined where the part itself cannot be worked. */
  readonly expected?: number;
  readonly expectedWritten?: string;
  /** The number read, in the answer's unit. */
  readonly read?: number;
  /** read − expected. */
  readonly difference?: number;
  /** Likeliest first. More than one means that none is certain. */
  readonly explanations: readonly Explanation[];
  /** What could not be read, or why there is no key. */
  readonly says?: string;
}

/** What was handed in, by part: the text as written. */
export type Entries = Readonly<Record<string, string>>;

/**
 * Checks every part of a hand-in.
 *
 * @param numbers the student's own numbers, by given
 * @param entries text by part id; a part that is not there is blank
 * @returns one verdict a part, in the exercise's order
 */
export function checkHandIn(exercise: Exercise, numbers: Numbers, entries: Entries, rules: HouseRules): Verdict[] {
  return checkHandIns(exercise, numbers, [entries], rules)[0]!;
}

/** Checks many hand-ins that share their numbers; the key and each slip's numbers are worked out once. */
export function checkHandIns(exercise: Exercise, numbers: Numbers, many: readonly Entries[], rules: HouseRules): Verdict[][] {
  const parts = answerKey(exercise, numbers, rules).map((keyed, at) => preparePart(exercise.parts[at]!.id, keyed, rules));
  return many.map((entries) => parts.map((part) => checkEntry(entries[part.partId] ?? '', part, rules)));
}

interface Candidate {
  readonly slip: Slip;
  readonly result: number;
  readonly says: string;
}

interface PreparedPart {
  readonly partId: string;
  readonly keyed: Result<KeyedPart>;
  readonly candidates: readonly Candidate[];
}

function preparePart(partId: string, keyed: Result<KeyedPart>, rules: HouseRules): PreparedPart {
  if (!keyed.ok) return { partId, keyed, candidates: [] };
  const { part, expected } = keyed.value;
  const question: KeyedQuestion = { ...keyed.value.question, expected, decimals: part.format.decimals, style: numberStyleById(rules.numberStyle) };
  const candidates = slips
    .filter((slip) => slip.applies(question))
    .flatMap((slip) => slip.wrongAnswers(question).map(({ result, says }) => ({ slip, result, says })))
    // A slip that leads to the right number all the same is none.
    .filter(({ result }) => roundTo(result, part.format.decimals) !== expected);
  return { partId, keyed, candidates };
}

function checkEntry(text: string, { partId, keyed, candidates }: PreparedPart, rules: HouseRules): Verdict {
  if (!keyed.ok) return { partId, kind: 'no-key', credit: 0, explanations: [], says: keyed.problem.message };
  const { expected, exact, part, written } = keyed.value;
  const key = { partId, expected, expectedWritten: written };
  const entry = readEntry(text, numberStyleById(rules.numberStyle));
  if (!entry.ok) {
    const kind = entry.problem.code === 'blank' ? 'blank' : 'unreadable';
    return { ...key, kind, credit: 0, explanations: [], says: entry.problem.message };
  }
  const read = inAnswerUnit(entry.value, part.format);
  const decimals = entry.value.decimals;
  const known = { ...key, read, difference: roundTo(read - expected, 10) };

  // Written to the asked places or finer, and the same number there.
  if (decimals >= part.format.decimals && roundTo(read, part.format.decimals) === expected) return { ...known, kind: 'right', credit: 1, explanations: [] };
  if (agreesAsWritten(exact, read, decimals, part.format) || Math.abs(read - expected) <= rules.tolerance[part.format.kind] * (1 + 1e-9))
    return { ...known, kind: read === expected ? 'right' : 'right-rounded', credit: read === expected ? 1 : rules.credit.rightRounded, explanations: [] };

  const fitting = candidates.filter(({ result }) => agreesAsWritten(result, read, decimals, part.format)).sort((a, b) => b.slip.weight - a.slip.weight);
  if (fitting.length === 0) return { ...known, kind: 'unexplained', credit: 0, explanations: [] };
  const explanations = fitting.map(({ slip, result, says }) => ({
    slips: [slip.id],
    title: slip.title,
    result: roundTo(result, part.format.decimals),
    says,
  }));
  return { ...known, kind: 'slip', credit: fitting[0]!.slip.family === 'sign' ? rules.credit.sign : rules.credit.slip, explanations };
}

/** What a slip would give, for a list beside the working. */
export interface SlipNumber {
  readonly id: string;
  readonly title: string;
  readonly result: number;
  readonly written: string;
  readonly says: string;
}

/** The slips that apply to a question with the number each gives, likeliest first; those that copy badly have too many to list. */
export function slipNumbers(question: Question, rules: HouseRules): SlipNumber[] {
  const { keyed, candidates } = prepareQuestion(question, rules);
  if (!keyed.ok) return [];
  const { format } = keyed.value.part;
  const seen = new Set<number>();
  return candidates
    .filter(({ slip }) => slip.family !== 'copying')
    .sort((a, b) => b.slip.weight - a.slip.weight)
    .flatMap(({ slip, result, says }) => {
      const rounded = roundTo(result, format.decimals);
      if (seen.has(rounded)) return [];
      seen.add(rounded);
      return [{ id: slip.id, title: slip.title, result: rounded, written: writeAnswer(rounded, format, rules), says }];
    });
}

/** What explains a number somebody got for a question: the verdict with every explanation that fits. */
export function explainNumber(question: Question, text: string, rules: HouseRules): Verdict {
  return checkEntry(text, prepareQuestion(question, rules), rules);
}

/** A question by itself, as a part with the format such answers usually have. */
function prepareQuestion(question: Question, rules: HouseRules): PreparedPart {
  const format = usualFormat(question.ask.quantity);
  const part = { id: 'answer', prompt: '', marks: 1, ask: { quantity: question.ask.quantity, plan: '' }, format };
  return preparePart('answer', ok(keyPart(part, question, rules)), rules);
}

/** True when a number, rounded as the entry was written, is the entry. A finer entry is held to the places that were asked for. */
function agreesAsWritten(result: number, read: number, decimals: number, format: AnswerFormat): boolean {
  const places = Math.min(decimals, format.decimals);
  // Rounding away every digit would let anything fit.
  if (Math.abs(roundTo(read, places)) === 0 && Math.abs(result) > 0.5 * 10 ** -format.decimals) return false;
  return roundTo(result, places) === roundTo(read, places);
}

/** A percentage may be written with its sign or without; money and counts as they are. */
function inAnswerUnit(entry: Entry, format: AnswerFormat): number {
  if (format.kind !== 'percent' && entry.percent) return entry.value / 100;
  return entry.value;
}
