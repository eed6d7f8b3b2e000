/** The five values a student says they entered, held against the problem's own, whatever convention their tool has. */

import type { NumberStyle } from '../money/numberStyle.ts';
import { writeBrief, writeMoney, writePercent } from '../money/numberStyle.ts';
import { readEntry } from '../money/readEntry.ts';
import { kindOf } from '../case/kinds.ts';
import type { Question } from '../case/question.ts';
import { inputsOf } from '../case/inputs.ts';
import type { Entries, WrongEntered } from './verdict.ts';

export const enteredNames = ['n', 'rate', 'pv', 'pmt', 'fv'] as const;

const near = (a: number, b: number): boolean =>
  Math.abs(a - b) <= 1e-6 * Math.max(1, Math.abs(b)) + 0.0051 * (Math.abs(b) >= 1 ? 1 : 0.001);

/** The first entered value that fits no convention, named; nothing where all fit or none was given. */
export function firstWrongEntered(
  partId: string,
  entries: Entries,
  question: Question,
  style: NumberStyle,
): WrongEntered | undefined {
  const inputs = inputsOf(question);
  const { directions } = kindOf(question.draft);
  const unknown = question.solved.unknown;
  const asked = { n: 'payments', rate: 'rate', pv: 'amount', pmt: 'payment', fv: 'finalAmount' } as const;
  let pocket: 1 | -1 | undefined;
  for (const name of enteredNames) {
    const text = entries[`${partId}.${name}`]?.trim();
    if (!text || asked[name] === unknown) continue;
    const entry = readEntry(text, style);
    if (!entry.ok)
      return { name, entered: text, says: `What was entered for it, “${text.slice(0, 40)}”, cannot be read.` };
    const { value } = entry.value;
    if (name === 'n') {
      if (near(value, inputs.n)) continue;
      const years = near(value, inputs.n / inputs.p) ? ' Those are the years.' : '';
      return {
        name,
        entered: text,
        says: `${writeBrief(value, 0, 4, style)} was entered for the number of payments, which is ${writeBrief(inputs.n, 0, 2, style)}.${years}`,
      };
    }
    if (name === 'rate') {
      if (
        near(value, inputs.quoted * 100) ||
        Math.abs(value - inputs.i * 100) < 1e-4 ||
        Math.abs(value - inputs.i) < 1e-6
      )
        continue;
      return {
        name,
        entered: text,
        says: `${writeBrief(value, 0, 8, style)} was entered for the rate, which is ${writePercent(inputs.quoted, style)} as quoted or ${writePercent(inputs.i, style, 2, 6)} for each payment.`,
      };
    }
    const money = {
      pv: inputs.amount * directions.pv,
      pmt: (inputs.payment ?? 0) * directions.pmt,
      fv: inputs.finalAmount * directions.fv,
    }[name];
    if (!near(Math.abs(value), Math.abs(money)))
      return {
        name,
        entered: text,
        says: `${writeMoney(value, style)} was entered for ${name.toUpperCase()}, which is ${writeMoney(Math.abs(money), style)}.`,
      };
    if (money === 0) continue;
    const side = Math.sign(value) === Math.sign(money) ? 1 : -1;
    if (pocket === undefined) pocket = side;
    else if (pocket !== side)
      return {
        name,
        entered: text,
        says: `${name.toUpperCase()} was entered with the wrong sign beside the amounts before it.`,
      };
  }
  return undefined;
}
