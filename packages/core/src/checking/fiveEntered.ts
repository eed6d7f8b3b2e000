/** The five values and the settings a student says they entered, held against the problem's own, whatever convention their tool has. */

import type { NumberStyle } from '../money/numberStyle.ts';
import { writeBrief, writeMoney, writePercent } from '../money/numberStyle.ts';
import { readEntry } from '../money/readEntry.ts';
import { kindOf } from '../case/kinds.ts';
import type { Question } from '../statement/question.ts';
import { inputsOf } from '../case/inputs.ts';
import type { Inputs } from '../case/quantity.ts';
import type { ValueSlot } from '../case/solved.ts';
import { enteredSettings, enteredTitles, enteredValues } from './enteredNames.ts';
import type { Entries, WrongEntered } from './verdict.ts';

const near = (a: number, b: number): boolean =>
  Math.abs(a - b) <= 1e-6 * Math.max(1, Math.abs(b)) + 0.0051 * (Math.abs(b) >= 1 ? 1 : 0.001);

type Name = (typeof enteredValues)[number];

const slotOf: Readonly<Record<Name, ValueSlot>> = {
  n: 'payments',
  rate: 'rate',
  pv: 'amount',
  pmt: 'payment',
  fv: 'finalAmount',
};

/** The first entered value that fits no convention, named; nothing where all fit or none was given. */
export function firstWrongEntered(
  partId: string,
  entries: Entries,
  question: Question,
  style: NumberStyle,
): WrongEntered | undefined {
  const inputs = inputsOf(question);
  const { directions } = kindOf(question.statement);
  /** Whether money coming in is plus or minus, as the first amount shows. */
  let pocket: 1 | -1 | undefined;
  for (const name of enteredValues) {
    const entered = entries[`${partId}.${name}`]?.trim();
    if (!entered || slotOf[name] === question.solved.unknown) continue;
    const wrong = (says: string): WrongEntered => ({ name, entered, says });
    const entry = readEntry(entered, style);
    if (!entry.ok) return wrong(`What was entered for it, “${entered.slice(0, 40)}”, cannot be read.`);
    const { value } = entry.value;
    if (name === 'n' || name === 'rate') {
      const says = name === 'n' ? wrongCount(value, inputs, style) : wrongRate(value, inputs, style);
      if (says) return wrong(says);
      continue;
    }
    const amounts = { pv: inputs.amount, pmt: inputs.payment ?? 0, fv: inputs.finalAmount };
    const money = amounts[name] * directions[name];
    if (!near(Math.abs(value), Math.abs(money)))
      return wrong(
        `${writeMoney(value, style)} was entered for ${name.toUpperCase()}, which is ${writeMoney(Math.abs(money), style)}.`,
      );
    if (money === 0) continue;
    const side = Math.sign(value) === Math.sign(money) ? 1 : -1;
    pocket ??= side;
    if (pocket !== side)
      return wrong(`${name.toUpperCase()} was entered with the wrong sign beside the amounts before it.`);
  }
  return firstWrongSetting(partId, entries, question, style);
}

/** A setting is told from what was entered for it, where the number alone could come of several. */
function firstWrongSetting(
  partId: string,
  entries: Entries,
  { statement, solved }: Question,
  style: NumberStyle,
): WrongEntered | undefined {
  const compoundings = solved.rate.kind === 'nominal' ? solved.rate.compoundingsPerYear : 1;
  for (const name of enteredSettings) {
    const entered = entries[`${partId}.${name}`]?.trim();
    if (!entered) continue;
    if (name === 'timing') {
      const isBegin = /^(?:b|in advance|advance|due|1$)/i.test(entered);
      if (isBegin === (statement.timing === 'begin')) continue;
      const [was, is] = isBegin ? ['beginning', 'end'] : ['end', 'beginning'];
      return { name, entered, says: `Payments were set to the ${was} of each period; they fall at its ${is}.` };
    }
    const right = name === 'peryear' ? statement.paymentsPerYear : compoundings;
    if (right === 'continuous') continue;
    const entry = readEntry(entered, style);
    if (entry.ok && entry.value.value === right) continue;
    const was = entry.ok ? writeBrief(entry.value.value, 0, 2, style) : `“${entered.slice(0, 40)}”`;
    return { name, entered, says: `The ${enteredTitles[name]} were set to ${was}; there are ${right}.` };
  }
  return undefined;
}

function wrongCount(value: number, { n, p }: Inputs, style: NumberStyle): string | undefined {
  if (near(value, n)) return undefined;
  const years = near(value, n / p) ? ' Those are the years.' : '';
  return `${writeBrief(value, 0, 4, style)} was entered for the number of payments, which is ${writeBrief(n, 0, 2, style)}.${years}`;
}

function wrongRate(value: number, { quoted, i }: Inputs, style: NumberStyle): string | undefined {
  if (near(value, quoted * 100) || Math.abs(value - i * 100) < 1e-4 || Math.abs(value - i) < 1e-6) return undefined;
  return `${writeBrief(value, 0, 8, style)} was entered for the rate, which is ${writePercent(quoted, style)} as quoted or ${writePercent(i, style, 2, 6)} for each payment.`;
}
