/**
 * A part worked from a student's own earlier answers by the closed forms alone. Where an own answer leaves the paper's
 * ground (a balance below zero, a payment that pays off too soon) no table follows from it, but a formula goes on.
 */

import { readSlotText, type Named } from '../money/expression.ts';
import { ratePerPayment, withQuotedNumber } from '../rates/quotedRate.ts';
import { kindOf } from '../case/kinds.ts';
import { styleOf, type Question } from '../statement/question.ts';
import { valueSlot, valueSlots, type ValueSlot } from '../case/solved.ts';
import type { KeyedPart, OwnAnswers } from '../exercise/answerKey.ts';
import { roundAs } from '../exercise/format.ts';
import type { NumberStyle } from '../money/numberStyle.ts';
import { askedOf, type Asked } from './slip.ts';
import { answerName, silentlyUsed } from '../exercise/uses.ts';
import type { Exercise, Part } from '../exercise/exercise.ts';
import { namesIn } from '../exercise/givens.ts';
import { compute } from '../case/compute.ts';
import { changed, inputsOf } from '../case/inputs.ts';
import type { Inputs } from '../case/quantity.ts';

/** What the part comes to from own answers, in the answer's unit; nothing where they do not enter its formula. */
export function resultsFromOwn(exercise: Exercise, part: Part, question: Question, own: OwnAnswers): number[] {
  if (question.solved.plan.changes.length > 0 || !kindOf(question.statement).hasTable) return [];
  const inputs = ownInputs(exercise, part, question, own);
  return inputs ? compute(question, inputs) : [];
}

/** The question as somebody asks it who goes on from own answers by the closed forms; nothing where they do not enter its formula. */
export function askedFromOwn(
  exercise: Exercise,
  { part, question }: KeyedPart,
  own: OwnAnswers,
  style: NumberStyle,
  before: readonly Question[],
): Asked | undefined {
  if (!question || question.solved.plan.changes.length > 0 || !kindOf(question.statement).hasTable) return undefined;
  const inputs = ownInputs(exercise, part, question, own);
  const [exact] = inputs ? compute(question, inputs) : [];
  if (!inputs || exact === undefined) return undefined;
  return { ...askedOf(question, exact, roundAs(exact, part.format), part.format, style, before), inputs };
}

function ownInputs(exercise: Exercise, part: Part, question: Question, own: OwnAnswers): Inputs | undefined {
  const { draft, statement, solved } = question;
  const named: Record<string, Named> = {};
  for (const [id, value] of Object.entries(own)) {
    const percent = exercise.parts.find((each) => each.id === id)?.format.kind === 'percent';
    named[answerName(id)] = percent ? { percent: value } : value;
  }
  const names = { ...question.names, ...named };
  let inputs = inputsOf(question);
  let touched = false;
  const set = (slot: ValueSlot, value: number): void => {
    touched = true;
    if (slot === 'rate') {
      const i = ratePerPayment(withQuotedNumber(solved.rate, value / 100), statement.paymentsPerYear);
      inputs = changed(inputs, { quoted: value / 100, i: i.ok ? i.value : NaN });
    } else inputs = changed(inputs, slot === 'payments' ? { n: value } : { [slot]: value });
  };
  const read = (text: string | undefined): number | undefined => {
    if (text === undefined || namesIn(text, Object.keys(named)).length === 0) return undefined;
    const entry = readSlotText(text, names, styleOf(question));
    return entry.ok ? entry.value.value : undefined;
  };
  for (const slot of valueSlots) {
    const value = slot === statement.unknown ? undefined : read(draft.slots[slot]);
    if (value !== undefined) set(slot, value);
  }
  const paying = read(part.ask.args?.paying);
  if (paying !== undefined) set('payment', paying);
  const silent = 'plan' in part.ask ? silentlyUsed(exercise, part, part.ask.plan) : undefined;
  const silentAnswer = silent && own[silent.id];
  if (silentAnswer !== undefined) set(valueSlot(statement.unknown), silentAnswer);
  return touched ? inputs : undefined;
}
