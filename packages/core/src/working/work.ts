/** What every way works with: the question, how numbers are written, and the letters of the trade as terms. */

import { roundTo } from '../money/roundMoney.ts';
import { writeBrief, writeMoney, type NumberStyle } from '../money/numberStyle.ts';
import { quotedNumber, type QuotedRate } from '../rates/quotedRate.ts';
import { frequencyOf } from '../case/frequency.ts';
import { writeQuantity } from '../case/question.ts';
import type { Question } from '../statement/question.ts';
import { isSaving, kindOf } from '../case/kinds.ts';
import { stagesOf, type Stage } from './stages.ts';
import type { Writing } from '../exercise/writing.ts';
import type { EnteringStyle } from './enteringStyle.ts';
import { inClassForm, inLetters, onTheWay } from './inClassForm.ts';
import type { Rounded, Step } from './solution.ts';
import { add, div, evaluate, exp, letter, mul, num, oneLine, pow, sub, tex, texNumber, type Term } from './term.ts';

export interface Work {
  readonly question: Question;
  readonly style: NumberStyle;
  readonly entering: EnteringStyle;
  /** How the class writes formulas. */
  readonly writing: Writing;
  readonly stages: readonly Stage[];
  /** True where the plan is level from first to last, but for a last payment that settles. */
  readonly level: boolean;
  readonly saving: boolean;
  readonly due: boolean;
  /** "month" */
  readonly period: string;
  /** What is counted: payments, or periods where nothing is paid. */
  readonly counted: 'payments' | 'periods';
}

export function workOf(question: Question, style: NumberStyle, entering: EnteringStyle, writing: Writing): Work {
  const { statement, solved } = question;
  const stages = stagesOf(solved);
  return {
    question,
    style,
    entering,
    writing,
    stages,
    level: solved.plan.changes.length === 0,
    saving: isSaving(kindOf(statement)),
    due: solved.values.timing === 'begin',
    period: frequencyOf(statement.paymentsPerYear).period,
    counted: kindOf(statement).pays ? 'payments' : 'periods',
  };
}

export const money = ({ style }: Work, value: number): string => writeMoney(value, style);
/** A value on the way, with as many places as the class keeps. */
export const carried = ({ style, writing }: Work, value: number, least = 4, most = 10): string =>
  onTheWay(value, least, most, writing, style);
/** As many digits as a person would carry on with. */
export const long = (work: Work, value: number): string => carried(work, value, 2, 8);
export const count = ({ style }: Work, value: number): string => writeBrief(value, 0, 4, style);
export const answerText = ({ question, style }: Work, value: number): string => writeQuantity(question, value, style);

export function moneyLetter(work: Work, name: string, value: number, made?: Term): Term {
  return letter(
    inLetters(name, work.writing),
    value,
    writeMoney(value, work.style, Math.abs(value - roundTo(value, 2)) < 1e-9 ? 2 : 4),
    made,
  );
}

export function countLetter(work: Work, name: string, value: number): Term {
  return letter(inLetters(name, work.writing), value, count(work, value));
}

/** The rate per payment with how it is made from the quoted rate; as the fraction itself where the class writes it so. */
export function rateLetter(work: Work, i: number, rate: QuotedRate = work.question.solved.rate, name = 'i'): Term {
  const made = rateTerm(rate, work.question.statement.paymentsPerYear, work.style, inLetters('j', work.writing));
  // A rate that was itself solved for has no exact spelling: its own digits are typed.
  const same = Math.abs(evaluate(made) - i) <= 1e-13 * Math.max(1e-3, Math.abs(i));
  if (same && work.writing.rate === 'inside' && isFraction(made)) return made;
  return letter(inLetters(name, work.writing), i, carried(work, i), same && made.op !== 'number' ? made : undefined);
}

/** A quoted rate shared out over the payments of a year. */
const isFraction = (made: Term): boolean => made.op === '/' && made.left.op === 'letter' && made.right.op === 'number';

/** How a quoted rate becomes the rate for one payment. */
export function rateTerm(rate: QuotedRate, p: number, style: NumberStyle, quoted = 'j'): Term {
  const j = letter(
    rate.kind === 'effective' ? 'e' : quoted,
    quotedNumber(rate),
    writeBrief(quotedNumber(rate), 3, 10, style),
  );
  switch (rate.kind) {
    case 'nominal': {
      const m = rate.compoundingsPerYear;
      if (m === 'continuous') return sub(exp(div(j, num(p))), num(1));
      if (m === p) return p === 1 ? j : div(j, num(p));
      return sub(pow(add(num(1), m === 1 ? j : div(j, num(m))), p === 1 ? num(m) : div(num(m), num(p))), num(1));
    }
    case 'effective':
      return p === 1 ? j : sub(pow(add(num(1), j), div(num(1), num(p))), num(1));
    case 'periodic':
      return j;
    case 'daily':
      return sub(pow(add(num(1), div(j, num(rate.daysPerYear))), num(rate.daysPerPeriod)), num(1));
  }
}

/** The steps from the quoted rate to the rate per payment. */
export function rateSteps(work: Work, rate: QuotedRate, i: number): Step[] {
  const { question, style, period, writing } = work;
  const p = question.statement.paymentsPerYear;
  const name = inLetters('i', writing);
  if (
    rate.kind === 'periodic' ||
    (rate.kind === 'nominal' && rate.compoundingsPerYear === p && p === 1) ||
    (rate.kind === 'effective' && p === 1)
  )
    return [
      {
        kind: 'formula',
        tex: `${name} = ${texNumber(carried(work, i))}`,
        because: `The rate is given for each ${period} already.`,
      },
    ];
  const term = rateTerm(rate, p, style, inLetters('j', writing));
  if (writing.rate === 'inside' && isFraction(term)) return [];
  const because =
    rate.kind === 'nominal'
      ? rate.compoundingsPerYear === 'continuous'
        ? 'Interest is added at every instant, so growth over one payment is a power of e.'
        : rate.compoundingsPerYear === p
          ? `Interest is added as often as payments fall, so the nominal rate is shared out over ${p} ${period}s.`
          : `Interest is added ${rate.compoundingsPerYear} times a year and payments fall ${p} times: growth over one payment is ${rate.compoundingsPerYear}/${p} compoundings.`
      : rate.kind === 'effective'
        ? `An effective rate is growth over the whole year; one ${period} has the ${p}th root of it.`
        : `Interest is added on each of the ${rate.daysPerPeriod} days between payments.`;
  return [
    {
      kind: 'formula',
      tex: `${name} = ${tex(term, 'symbols', style)} = ${tex(term, 'numbers', style)} = ${texNumber(carried(work, i))}`,
      because,
    },
  ];
}

/** What rounding lies in the plan that a reading is taken from. */
export function roundsOf({ question: { solved, rounding }, stages }: Work): Rounded[] {
  return [
    ...(solved.unknown === 'payment' && rounding.payment !== 'exact' ? (['payment-rounded'] as const) : []),
    ...(solved.unknown === 'payments' && !Number.isInteger(solved.exact) ? (['count-rounded'] as const) : []),
    ...(rounding.interest === 'cent' && stages.length > 0 && !solved.flat ? (['rows-rounded'] as const) : []),
  ];
}

/** A formula in symbols, with numbers, its groups worked out, and the line to type; all in the class's own form. */
export function formulaSteps(
  work: Work,
  name: string,
  plain: Term,
  { grouped = true, line = true }: { readonly grouped?: boolean; readonly line?: boolean } = {},
): Step[] {
  const { style, writing } = work;
  const { term, factors } = inClassForm(plain, writing, style);
  const called = inLetters(name, writing);
  const symbols = tex(term, 'symbols', style);
  const numbers = tex(term, 'numbers', style);
  const steps: Step[] = factors.map(({ tex: factor, made }) => ({
    kind: 'formula',
    tex: `${factor} = ${tex(made, 'symbols', style)} = ${tex(made, 'numbers', style)} = ${texNumber(long(work, evaluate(made)))}`,
    because: factor.startsWith('a')
      ? 'What as many payments of 1 are worth at the start.'
      : 'What as many payments of 1 have grown to.',
  }));
  steps.push({ kind: 'formula', tex: `${called} = ${symbols}`, ...(/\d[\d.]/.test(symbols) ? {} : { general: true }) });
  if (numbers !== symbols)
    steps.push({ kind: 'formula', tex: `${called} = ${numbers}`, because: 'Each letter gives way to its number.' });
  if (grouped && term.op === '/') steps.push(...groupSteps(work, term.left, term.right));
  steps.push({ kind: 'formula', tex: `${called} = ${texNumber(long(work, evaluate(term)))}` });
  if (line)
    steps.push({
      kind: 'line',
      line: oneLine(term),
      because: 'Every bracket here is needed; the rate keeps all its digits.',
    });
  return steps;
}

/** The top and the bottom of a fraction, each a group of its own. */
function groupSteps(work: Work, top: Term, bottom: Term): Step[] {
  const isOne = ({ op }: Term): boolean => op === 'letter' || op === 'number';
  const shown = (each: Term): string =>
    `${tex(each, 'numbers', work.style)} = ${texNumber(carried(work, evaluate(each), 2))}`;
  return [
    ...(isOne(top)
      ? []
      : [
          {
            kind: 'formula',
            tex: `\\text{top: }\\; ${shown(top)}`,
            because: 'All of the top is one group.',
          } as const,
        ]),
    ...(isOne(bottom)
      ? []
      : [
          {
            kind: 'formula',
            tex: `\\text{bottom: }\\; ${shown(bottom)}`,
            because: 'All of the bottom is one group: without its brackets only its first piece would divide.',
          } as const,
        ]),
  ];
}

/** `(1+i)^k` */
export const growth = (i: Term, k: Term): Term => pow(add(num(1), i), k);

/** What k payments of 1 grow to, and what they are worth at the start; `due` moves each one period. */
export function accumulationTerm(i: Term, k: Term, due: boolean): Term {
  if (evaluate(i) === 0) return k;
  const plain = div(sub(growth(i, k), num(1)), i);
  return due ? mul(add(num(1), i), plain) : plain;
}

export function discountingTerm(i: Term, k: Term, due: boolean): Term {
  if (evaluate(i) === 0) return k;
  const plain = div(sub(num(1), growth(i, { op: 'minus', of: k })), i);
  return due ? mul(add(num(1), i), plain) : plain;
}

export const isZero = (term: Term): boolean => evaluate(term) === 0;
