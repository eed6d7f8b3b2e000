/** What a slip is: a named mistake and the numbers it leads to. Each is one record in one of the files of `slips/`. */

import { writeBrief, writeMoney, writePercent, type NumberStyle } from '../money/numberStyle.ts';
import type { KindOfCase } from '../case/kind.ts';
import { kindOf } from '../case/kinds.ts';
import { compute, computeByTable } from '../case/compute.ts';
import { changed, inputsOf, payments, solveUnknown } from '../case/inputs.ts';
import { quantities } from '../case/quantities.ts';
import type { Inputs, Quantity, QuantityUnit } from '../case/quantity.ts';
import type { Question } from '../statement/question.ts';
import type { AnswerFormat } from '../exercise/exercise.ts';
import { roundAs } from '../exercise/format.ts';

export type SlipFamily =
  'rate' | 'count' | 'amount' | 'timing' | 'sign' | 'idea' | 'formula' | 'device' | 'rounding' | 'copying' | 'table';

/** What is known of an answer by itself, whatever it is made of. */
export interface Answered {
  /** The key, unrounded and as it is to be written, in the answer's unit. */
  readonly exact: number;
  readonly expected: number;
  readonly format: AnswerFormat;
  readonly unit: QuantityUnit;
  readonly style: NumberStyle;
  /** Only the numbers are wanted: nothing is written out. */
  readonly quiet?: boolean;
}

/** Everything a slip may look at: the question, its right inputs, and the key. */
export interface Asked extends Answered {
  readonly question: Question;
  /** What the question's case can do. */
  readonly kind: KindOfCase;
  readonly inputs: Inputs;
  /** Questions of the same exercise that came before: what a tool may still hold. */
  readonly before: readonly Question[];
}

/** Changed inputs, with what was done in a few words: "the rate for a year, 6.60 %, was used for each month". */
export interface WrongInputs {
  readonly inputs: Inputs;
  readonly did: string;
}

/** A number with how it came about in a few words. */
export interface WrongResult {
  readonly result: number;
  readonly did: string;
  /** Where wrong inputs led to it: what a table would be run with. */
  readonly inputs?: Inputs;
}

/** What every slip is called, whatever it is a slip of. */
export interface SlipNames {
  readonly id: string;
  readonly family: SlipFamily;
  /** What it is, without numbers, for chips and lists. */
  readonly title: string;
  /** In words a student understands, without numbers: what to look at. */
  readonly advice: string;
}

interface SlipOfAnswer extends SlipNames {
  /** How likely it is beside others that fit as well; higher comes first. */
  readonly weight: number;
}

/** The inputs it leads to; the method stays right. */
interface SlipOfInputs extends SlipOfAnswer {
  readonly applies: (asked: Asked) => boolean;
  readonly wrongInputs: (inputs: Inputs, asked: Asked) => readonly WrongInputs[];
}

/** A wrong method: the numbers it leads to from these inputs. */
interface SlipOfMethod extends SlipOfAnswer {
  readonly applies: (asked: Asked) => boolean;
  readonly wrongMethod: (inputs: Inputs, asked: Asked) => readonly WrongResult[];
}

/** What is done to a number at the end, such as losing its sign; whatever the number is made of. */
export interface SlipAtTheEnd extends SlipOfAnswer {
  readonly applies: (answered: Answered) => boolean;
  readonly wrongAnswer: (result: number, answered: Answered) => readonly WrongResult[];
}

export type Slip = SlipOfInputs | SlipOfMethod | SlipAtTheEnd;

export function defineSlip(slip: SlipOfInputs): Slip;
export function defineSlip(slip: SlipOfMethod): Slip;
export function defineSlip(slip: SlipAtTheEnd): Slip;
export function defineSlip(slip: Slip): Slip {
  return slip;
}

/** A question made ready for slips. */
export function askedOf(
  question: Question,
  exact: number,
  expected: number,
  format: AnswerFormat,
  style: NumberStyle,
  before: readonly Question[],
): Asked {
  const inputs = inputsOf(question);
  return {
    question: withoutLaterChanges(question, inputs, expected, format),
    kind: kindOf(question.statement),
    inputs,
    exact,
    expected,
    format,
    unit: quantities[question.ask.quantity].unit,
    style,
    before,
  };
}

/** Where the changes of a plan come after what is asked for, the question is one without changes: it has the same number. */
function withoutLaterChanges(question: Question, inputs: Inputs, expected: number, format: AnswerFormat): Question {
  const { solved } = question;
  if (solved.plan.changes.length === 0) return question;
  const plain = { ...question, solved: { ...solved, plan: { ...solved.plan, changes: [] } } };
  const same = computeByTable(plain, inputs, solved.plan.rounding).some((each) => roundAs(each, format) === expected);
  return same ? plain : question;
}

/** The numbers a slip leads to by itself. */
export function resultsOf(slip: Slip, asked: Asked): WrongResult[] {
  if ('wrongInputs' in slip) return slip.wrongInputs(asked.inputs, asked).flatMap((step) => resultsFrom(step, asked));
  if ('wrongMethod' in slip) return [...slip.wrongMethod(asked.inputs, asked)];
  return [...slip.wrongAnswer(asked.expected, asked)];
}

/** What wrong inputs come to, with the payment worked out again from them and with the one that was found before. */
export function resultsFrom({ inputs, did }: WrongInputs, asked: Asked): WrongResult[] {
  return goneOnWith(inputs, asked).flatMap((each) =>
    compute(asked.question, each).map((result) => ({ result, did, inputs: each })),
  );
}

/**
 * Wrong inputs as a person goes on with them: the payment worked out again, or as it was found before.
 *
 * @param most so many of them at most, the likeliest first
 */
export function goneOnWith(inputs: Inputs, asked: Asked, most = Infinity): Inputs[] {
  const { solved, ask, own } = asked.question;
  const { slot, onInputsAlone } = quantities[ask.quantity];
  if (slot || onInputsAlone) return [inputs];
  if (solved.unknown === 'amount' || solved.unknown === 'finalAmount') return [...foundAgain(inputs, asked), inputs];
  if (inputs.payment !== undefined || solved.unknown !== 'payment') return [inputs];
  const kept = own.payment === undefined ? [solved.table.firstPayment, solved.exact] : [solved.table.firstPayment];
  const found = isSameForEitherTiming(inputs, asked) ? [] : withPaymentFound(inputs, asked);
  for (const payment of kept) if (found.length < most) found.push(changed(inputs, { payment }));
  return found;
}

/** The amount or the end that the case asks for, worked out again from wrong inputs before something else is read off. */
function foundAgain(inputs: Inputs, { question }: Asked): Inputs[] {
  const { unknown } = question.solved;
  if (unknown !== 'amount' && unknown !== 'finalAmount') return [];
  const found = solveUnknown(question, inputs, unknown === 'amount' ? 'pv' : 'fv');
  return found === undefined || !Number.isFinite(found) ? [] : [changed(inputs, { [unknown]: found })];
}

/** A sign that was wrong is so where the payment is found; what is read off with it afterwards has none. */
function withPaymentFound(inputs: Inputs, { question }: Asked): Inputs[] {
  if (inputs.pvSign + inputs.pmtSign + inputs.fvSign === 3) return [inputs];
  const rightly = { pvSign: 1, pmtSign: 1, fvSign: 1 } as const;
  return payments(question, inputs).map((payment) => changed(inputs, { ...rightly, payment }));
}

/**
 * What is owed when a payment's period is over is the same at the beginning and at the end where the payment is worked out
 * for it: no slip; right after a payment it is the interest of its period that was added.
 */
function isSameForEitherTiming({ timing }: Inputs, { inputs, question: { ask } }: Asked): boolean {
  return timing !== inputs.timing && alike.has(ask.quantity);
}

const alike: ReadonlySet<Quantity> = new Set<Quantity>([
  'balance-after',
  'balance-right-after',
  'principal-in',
  'principal-portion',
]);

type Saying = Pick<Answered, 'style' | 'quiet'>;

/** How numbers are said in a slip's words. */
export const money = ({ style, quiet }: Saying, value: number): string => (quiet ? '' : writeMoney(value, style));
export const percent = ({ style, quiet }: Saying, value: number): string =>
  quiet ? '' : writePercent(value, style, 2, 4);
export const brief = ({ style, quiet }: Saying, value: number, most = 4): string =>
  quiet ? '' : writeBrief(value, 0, most, style);
