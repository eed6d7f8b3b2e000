/** Reads an answer as submitted: numbers in the class's style, units in words, typed formulas; the text itself is never changed. */

import { fail, ok, type Result } from '../result.ts';
import { evaluateExpression } from '../money/expression.ts';
import type { NumberStyle } from '../money/numberStyle.ts';
import { readEntry } from '../money/readEntry.ts';
import { callableFunctions } from '../annuity/sheetFunctions.ts';
import { roundTo } from '../money/roundMoney.ts';
import type { AnswerFormat } from '../exercise/exercise.ts';
import { guessedIn, isShownError, withoutWords } from './entryWords.ts';

export interface ReadAnswer {
  /** In the answer's own unit. */
  readonly value: number;
  /** Places written after the decimal mark; as many as are asked for where a formula was typed. */
  readonly decimals: number;
  readonly percent: boolean;
  /** True where a formula was typed and worked out. */
  readonly typed: boolean;
}

/** What is longer is kept and called unreadable. */
const LONGEST_ANSWER = 600;

/** What a number is, it is far below. */
const LARGEST_ANSWER = 1e15;

const YEARS_MONTHS =
  /^(?:(\d+(?:[.,]\d+)?)\s*(?:years?|yrs?|y)\.?)?\s*(?:,|and|&)?\s*(?:(\d+(?:[.,]\d+)?)\s*(?:months?|mos?|m)\.?)?$/i;

/**
 * Reads an answer.
 *
 * @param near the key, to tell a worksheet's fraction from a percentage
 */
export function readAnswer(
  text: string,
  format: AnswerFormat,
  style: NumberStyle,
  near: number,
  paymentsPerYear = 12,
): Result<ReadAnswer> {
  const read = readAs(text, format, style, near, paymentsPerYear);
  // Enough digits make any number infinite, whichever way they are written.
  return read.ok && !(Math.abs(read.value.value) <= LARGEST_ANSWER)
    ? fail('unreadable', 'This number is too large to be an answer.')
    : read;
}

function readAs(
  text: string,
  format: AnswerFormat,
  style: NumberStyle,
  near: number,
  paymentsPerYear: number,
): Result<ReadAnswer> {
  const written = text.trim();
  if (written === '') return fail('blank', 'Nothing was written.');
  if (written.length > LONGEST_ANSWER)
    return fail('unreadable', `This is ${written.length} characters long; a number is expected.`);
  if (isShownError(written)) return fail('shown-error', 'The tool showed an error instead of a number.');
  const typed = withoutWords(written);
  if (format.kind === 'years-months' || format.kind === 'count') {
    const match = YEARS_MONTHS.exec(typed);
    if (match && (match[1] !== undefined || match[2] !== undefined)) {
      const number = (part: string | undefined): number => (part === undefined ? 0 : Number(part.replace(',', '.')));
      const years = number(match[1]) + number(match[2]) / 12;
      // 12 years 5 months of monthly payments are 149.
      const value = format.kind === 'count' ? roundTo(years * paymentsPerYear, 9) : years;
      return ok({ value, decimals: 0, percent: false, typed: false });
    }
  }
  const entry = readEntry(typed.replace(/^=\s*(?=[\d.,\s]+$)/, ''), style);
  if (entry.ok) {
    const { value, decimals, percent, unit } = entry.value;
    return ok({
      value: inUnit(value, percent, unit, format, paymentsPerYear),
      decimals: percent && format.kind !== 'percent' ? decimals + 2 : decimals,
      percent,
      typed: false,
    });
  }
  if (!/[-+*/^×÷()=]/.test(typed) || !/\d/.test(typed)) return withGuess(entry, written);
  const formula = typed.replace(/^=/, '').replace(/=\s*$/, '');
  const found = evaluateExpression(formula, {}, style, callableFunctions);
  if (!found.ok) return withGuess(fail('unreadable', found.problem.message), written);
  const { value, percent } = found.value;
  const fraction =
    format.kind === 'percent' &&
    !percent &&
    Math.abs(Math.abs(value * 100) - Math.abs(near)) < Math.abs(Math.abs(value) - Math.abs(near));
  return ok({
    value: fraction ? value * 100 : percent && format.kind !== 'percent' ? value / 100 : value,
    decimals: format.decimals,
    percent,
    typed: true,
  });
}

/** What cannot be read is shown with a guess where there is one. */
function withGuess<T>(result: Result<T>, written: string): Result<T> {
  const guess = guessedIn(written);
  if (result.ok || result.problem.code !== 'unreadable' || guess === undefined) return result;
  return { ok: false, problem: { ...result.problem, message: `${result.problem.message} Perhaps ${guess}?` } };
}

function inUnit(
  value: number,
  percent: boolean,
  unit: string | undefined,
  format: AnswerFormat,
  paymentsPerYear: number,
): number {
  if (format.kind === 'percent') return value;
  if (percent) return value / 100;
  if (format.kind === 'years-months')
    return unit === 'months'
      ? value / 12
      : unit === 'weeks'
        ? value / 52
        : unit === 'quarters'
          ? value / 4
          : unit === 'payments'
            ? value / paymentsPerYear
            : value;
  const aYear =
    unit === 'years' ? 1 : unit === 'quarters' ? 4 : unit === 'months' ? 12 : unit === 'weeks' ? 52 : undefined;
  // 10 years, or 40 quarters, of quarterly payments are 40.
  return format.kind === 'count' && aYear !== undefined ? roundTo((value / aYear) * paymentsPerYear, 9) : value;
}
