/**
 * Lines of working as a student writes them: each is read, its arithmetic is done again, and its number is held against
 * what could stand there under any convention. The first line that goes wrong is named; what cannot be read is left to
 * the eye.
 */

import { evaluateExpression, type Named } from '../money/expression.ts';
import { numberStyleById, writeBrief, type NumberStyle } from '../money/numberStyle.ts';
import { roundTo } from '../money/roundMoney.ts';
import { callableFunctions } from '../annuity/sheetFunctions.ts';
import { inputsOf } from '../case/inputs.ts';
import { answerKey, type KeyedPart } from '../exercise/answerKey.ts';
import { questionNumbers } from '../exercise/conventions.ts';
import type { Exercise, Numbers } from '../exercise/exercise.ts';
import { givensInForce } from '../exercise/givens.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { singleCandidates, type Candidate } from '../checking/candidates.ts';
import { askedOf } from '../checking/slip.ts';
import { workedSolution } from '../working/workedSolution.ts';

export interface JudgedLine {
  readonly text: string;
  /**
   * `stands`: its number could stand there. `follows`: the arithmetic is right, and we do not know what the number is.
   * `wrong`: it is not what it says it is, or it is what a named mistake leads to. `unread`: left to the eye.
   */
  readonly is: 'stands' | 'follows' | 'wrong' | 'unread';
  readonly value?: number;
  readonly says: string;
  /** The slip it comes from, where one is known. */
  readonly slip?: string;
}

export interface JudgedLines {
  readonly lines: readonly JudgedLine[];
  /** Place of the first line that goes wrong. */
  readonly firstWrong?: number;
}

/** More lines than these nobody writes for one part. */
export const MOST_LINES = 60;
const LONGEST_LINE = 400;

/**
 * @param partId the part that is worked
 * @param text several lines; blank ones are left out
 */
export function judgeLines(
  exercise: Exercise,
  partId: string,
  numbers: Numbers,
  text: string,
  rules: HouseRules,
): JudgedLines {
  const style = numberStyleById(rules.numberStyle);
  const known = knownNumbers(exercise, partId, numbers, rules, style);
  const names: Record<string, Named> = Object.create(null);
  const lines = text
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .slice(0, MOST_LINES)
    .map((line) => judgeLine(line, known, names, style));
  const firstWrong = lines.findIndex(({ is }) => is === 'wrong');
  return { lines, ...(firstWrong < 0 ? {} : { firstWrong }) };
}

interface Known {
  /** What could stand in a line. */
  readonly rights: readonly number[];
  /** What named mistakes lead to. */
  readonly wrongs: readonly Candidate[];
}

interface Side {
  readonly text: string;
  readonly value: number;
  /** Places written, where it is a plain number. */
  readonly places: number | undefined;
}

function judgeLine(text: string, known: Known, names: Record<string, Named>, style: NumberStyle): JudgedLine {
  const unread: JudgedLine = { text, is: 'unread', says: 'This line is left to the eye.' };
  if (text.length > LONGEST_LINE) return unread;
  const pieces = plainSigns(text)
    .split(/\s*[=≈]\s*/)
    .map((piece) => piece.trim())
    .filter((piece) => piece !== '');
  const name = /^[a-zA-Z][\w]{0,11}$/.test(pieces[0] ?? '') && pieces.length > 1 ? pieces[0]!.toLowerCase() : undefined;
  const sides = (name === undefined ? pieces : pieces.slice(1)).map((piece) => sideOf(piece, names, style));
  const read = sides.filter((side): side is Side => side !== undefined);
  const last = read.at(-1);
  if (!last || read.length < sides.length) return unread;
  if (name !== undefined) names[name] = last.value;
  for (const [at, side] of read.entries()) {
    const before = read[at - 1];
    if (before && !agree(before, side))
      return {
        text,
        is: 'wrong',
        value: side.value,
        says: `${before.text} is ${writeBrief(before.value, 0, 6, style)}, not ${side.text}.`,
      };
  }
  const { value } = last;
  const places = Math.max(
    0,
    ...read.map((side) => side.places ?? 0),
    read.some((side) => side.places !== undefined) ? 0 : 6,
  );
  if (known.rights.some((right) => isAs(right, value, places))) return { text, is: 'stands', value, says: '' };
  const cause = known.wrongs.find(({ result }) => isAs(result, value, places));
  const [slip] = cause?.slips ?? [];
  if (cause && slip) return { text, is: 'wrong', value, says: cause.did, slip: slip.id };
  return { text, is: 'follows', value, says: 'The arithmetic is right; we do not know what this number is.' };
}

/** A piece between equals signs: a number, or something to be worked out. */
function sideOf(piece: string, names: Readonly<Record<string, Named>>, style: NumberStyle): Side | undefined {
  const found = evaluateExpression(piece.replace(/^=/, ''), names, style, callableFunctions);
  if (!found.ok) return undefined;
  const value = found.value.percent ? found.value.value / 100 : found.value.value;
  const plain = /^[-−+]?[^\d]{0,3}[\d.,'\u00a0\u202f ]+\s*%?$/.test(piece);
  const digits = piece.lastIndexOf(style.decimal);
  const places = digits < 0 ? 0 : (/^\d+/.exec(piece.slice(digits + 1))?.[0].length ?? 0);
  return { text: piece, value, places: plain ? places + (found.value.percent ? 2 : 0) : undefined };
}

/** Whether two sides are the same number as far as they are written; a last digit that was cut is no mistake here. */
function agree(one: Side, other: Side): boolean {
  const places = Math.min(one.places ?? Infinity, other.places ?? Infinity);
  const off = Math.abs(one.value - other.value);
  if (!Number.isFinite(places)) return off <= 1e-6 * Math.max(1, Math.abs(one.value));
  const unit = 10 ** -places;
  // What has no more digits than are written cannot have been cut.
  const isWhole = Math.abs(one.value / unit - roundTo(one.value / unit, 0)) < 1e-6;
  return off <= (isWhole ? 0.5 : 1.01) * unit;
}

/** Whether a number that could stand there is the one that was written, at its places. */
function isAs(right: number, value: number, places: number): boolean {
  if (!Number.isFinite(right)) return false;
  const room = Math.max(0.51 * 10 ** -places, 1e-9 * Math.abs(right));
  return Math.abs(Math.abs(right) - Math.abs(value)) <= room;
}

const plainSigns = (text: string): string =>
  text
    .replace(/[−–]/g, '-')
    .replace(/[·×∙⋅]/g, '*')
    .replace(/÷|:(?=\s*\d)/g, '/')
    .replace(/[⇒→]/g, '=');

/** Everything that could stand in a line: what is given, what is put in, factors, what each way shows on its road, the answers of all parts by every convention. */
function knownNumbers(
  exercise: Exercise,
  partId: string,
  numbers: Numbers,
  rules: HouseRules,
  style: NumberStyle,
): Known {
  const { values } = givensInForce(exercise, numbers, style);
  const rights: number[] = [];
  const wrongs: Candidate[] = [];
  for (const value of Object.values(values)) if (typeof value === 'number') rights.push(value, value / 100);
  for (const keyed of answerKey(exercise, numbers, rules)) {
    if (!keyed.ok) continue;
    const part = keyed.value;
    rights.push(part.exact, part.expected);
    for (const cell of part.table?.rows.flat() ?? []) rights.push(cell.value);
    for (const question of [part.question, ...part.questions])
      if (question) rights.push(...onTheWay(question, rules, style));
    if (part.part.id === partId && part.question) wrongs.push(...causesOf(part, part.question, rules, style));
  }
  return { rights, wrongs: wrongs.sort((a, b) => b.weight - a.weight) };
}

type Question = NonNullable<KeyedPart['question']>;

function causesOf(part: KeyedPart, question: Question, rules: HouseRules, style: NumberStyle): Candidate[] {
  const asked = askedOf(question, part.exact, part.expected, part.part.format, style, []);
  return singleCandidates(asked, questionNumbers(part.part, question, rules)).filter(
    ({ slips: [slip] }) => slip?.family !== 'copying' && slip?.family !== 'rounding',
  );
}

/** What is put in, the factors made of it, and every number that a way shows. */
function onTheWay(question: Question, rules: HouseRules, style: NumberStyle): number[] {
  const inputs = inputsOf(question);
  const { n, i, quoted, amount, finalAmount, payment = 0, p } = inputs;
  const grown = (1 + i) ** n;
  const own = [n, i, i * 100, quoted, quoted * 100, amount, finalAmount, payment, p, n / p, 1 + i, grown, 1 / grown];
  const factors =
    i === 0 ? [] : [1 - 1 / grown, (1 - 1 / grown) / i, grown - 1, (grown - 1) / i, amount * grown, amount * i];
  const { solved } = question;
  const steps = workedSolution(question, { style, writing: rules.writing });
  const shown = JSON.stringify([steps.setting, steps.ways.map((way) => way.steps)]);
  return [
    ...own,
    ...factors,
    solved.exact,
    ...(solved.table ? solved.table.rows.flatMap((row) => [row.interest, row.principal, row.closing]) : []),
    ...numbersIn(shown, style),
  ];
}

/** The numbers that stand in a text. */
function numbersIn(text: string, style: NumberStyle): number[] {
  const cleaned = text.replace(/\\[,;!]|[{}]/g, '');
  return [...cleaned.matchAll(/\d[\d.,'\u00a0\u202f]*/g)].flatMap(([found]) => {
    const plain = found.replace(/[^\d.,]/g, '').split(style.decimal);
    const value = Number(`${(plain[0] ?? '').replace(/\D/g, '')}.${(plain[1] ?? '').replace(/\D/g, '')}`);
    return Number.isFinite(value) ? [value, value / 100] : [];
  });
}

/** A sentence about the whole, for who looks at it. */
export function linesInWords({ lines, firstWrong }: JudgedLines): string {
  if (lines.length === 0) return 'No lines of working.';
  const wrong = firstWrong === undefined ? undefined : lines[firstWrong];
  if (wrong) return `Line ${firstWrong! + 1} goes wrong first: ${wrong.says}`;
  const unread = lines.filter(({ is }) => is === 'unread').length;
  return unread === 0
    ? 'No line goes wrong.'
    : `No line that could be read goes wrong; ${roundTo(unread, 0)} ${unread === 1 ? 'is' : 'are'} left to the eye.`;
}
