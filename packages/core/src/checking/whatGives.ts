/** "What would give this number?": over every slip, every pair, and one input changed at a time. */

import { ok } from '../result.ts';
import { writeBrief, writeMoney, writePercent, numberStyleById } from '../money/numberStyle.ts';
import { ratePerPayment, withQuotedNumber } from '../rates/quotedRate.ts';
import { closestRoot } from './closestRoot.ts';
import { kindOf } from '../case/kinds.ts';
import { compute } from '../case/compute.ts';
import { changed, inputsOf } from '../case/inputs.ts';
import type { Ask, Inputs } from '../case/quantity.ts';
import { askCase, type Question } from '../case/question.ts';
import { usualFormat } from '../exercise/format.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { explainNumber } from './explainNumber.ts';
import { agreesAsWritten } from './fits.ts';
import { readAnswer } from './readAnswer.ts';
import type { Explanation } from './verdict.ts';

/** One input that would have to be another number, all else being right. */
export interface ChangedInput {
  readonly input: 'amount' | 'rate' | 'payments' | 'payment' | 'final-amount' | 'after' | 'from' | 'to';
  /** In words: "a rate of 7.25 % instead of 6.60 %". */
  readonly says: string;
}

export interface WhatGives {
  /** Slips and pairs, likeliest first. */
  readonly explanations: readonly Explanation[];
  readonly inputs: readonly ChangedInput[];
}

const MOST_COUNTED = 720;

/**
 * Searches for what leads to a number.
 *
 * @param text the number as submitted
 * @returns nothing found is an empty list; what cannot be read has both empty
 */
export function whatGives(question: Question, text: string, rules: HouseRules): WhatGives {
  const verdict = explainNumber(question, text, rules);
  const style = numberStyleById(rules.numberStyle);
  const format = usualFormat(question.ask.quantity);
  const read = readAnswer(text, format, style, question.exact);
  if (!read.ok) return { explanations: [], inputs: [] };
  const { value, decimals } = read.value;
  const right = inputsOf(question);
  const half = 0.5 * 10 ** -Math.min(decimals, format.decimals);
  const results = (inputs: Inputs): number[] => compute(question, inputs);
  const inputs: ChangedInput[] = [];
  const { unknown } = question.solved;

  const continuous = (
    input: ChangedInput['input'],
    now: number,
    change: (value: number) => Partial<Inputs>,
    say: (value: number) => string,
  ): void => {
    if (!(now > 0)) return;
    const rootOf = (wanted: number): number | undefined =>
      closestRoot((x) => (results(changed(right, change(x)))[0] ?? NaN) - wanted, now);
    // Every input between these two leads to the number as it was written; the roundest is the likeliest.
    const [least, most] = [rootOf(value - half), rootOf(value + half)];
    if (least === undefined || most === undefined) return;
    const found = roundestBetween(Math.min(least, most), Math.max(least, most));
    if (Math.abs(found / now - 1) < 1e-9) return;
    inputs.push({ input, says: `${say(found)} instead of ${say(now)}` });
  };
  const whole = (
    input: ChangedInput['input'],
    name: string,
    now: number,
    change: (value: number) => Partial<Inputs>,
    least: number,
    most: number,
    table: (k: number) => readonly number[] = () => [],
  ): void => {
    const fits: number[] = [];
    for (let k = least; k <= Math.min(most, MOST_COUNTED); k += 1)
      if (
        k !== now &&
        [...results(changed(right, change(k))), ...table(k)].some((result) =>
          agreesAsWritten(result, value, decimals, format),
        )
      )
        fits.push(k);
    for (const k of fits.sort((a, b) => Math.abs(a - now) - Math.abs(b - now)).slice(0, 2))
      inputs.push({ input, says: `${name} ${writeBrief(k, 0, 0, style)} instead of ${writeBrief(now, 0, 2, style)}` });
  };

  if (kindOf(question.draft).hasTable) {
    if (unknown !== 'amount')
      continuous(
        'amount',
        right.amount,
        (amount) => ({ amount }),
        (each) => `an amount of ${writeMoney(each, style)}`,
      );
    if (unknown !== 'rate')
      continuous(
        'rate',
        right.quoted,
        (quoted) => {
          const i = ratePerPayment(withQuotedNumber(question.solved.rate, quoted), right.p);
          return { quoted, i: i.ok ? i.value : NaN };
        },
        (each) => `a rate of ${writePercent(each, style, 2, 4)}`,
      );
    if (right.payment !== undefined)
      continuous(
        'payment',
        right.payment,
        (payment) => ({ payment }),
        (each) => `a payment of ${writeMoney(each, style)}`,
      );
    if (unknown !== 'finalAmount')
      continuous(
        'final-amount',
        right.finalAmount,
        (finalAmount) => ({ finalAmount }),
        (each) => `an amount at the end of ${writeMoney(each, style)}`,
      );
    if (unknown !== 'payments')
      whole('payments', 'a number of payments of', right.n, (n) => ({ n }), 1, Math.max(right.n * 12, 60));
  }
  // Places are read off the table as well, whose rows are in cents.
  const asked = (change: Partial<Ask>): number[] => {
    const again = askCase(
      question.draft,
      { ...question.ask, ...change },
      question.solved.plan.rounding,
      question.names,
      {},
      () => ok(question.solved),
    );
    return again.ok ? [again.value.exact] : [];
  };
  const place = (input: 'after' | 'from' | 'to', name: string, least: number, most: number): void => {
    if (question.ask[input] !== undefined)
      whole(
        input,
        name,
        right[input],
        (k) => ({ [input]: k }),
        least,
        most,
        (k) => asked({ [input]: k }),
      );
  };
  place('after', 'after payment', 0, Math.ceil(right.n));
  place('from', 'from payment', 1, right.to);
  place('to', 'to payment', right.from, Math.ceil(right.n));
  return { explanations: verdict.explanations, inputs };
}

/** The number with the fewest decimals between two. */
function roundestBetween(least: number, most: number): number {
  for (let decimals = -6; decimals <= 8; decimals += 1) {
    const scale = 10 ** decimals;
    const found = Math.ceil(least * scale) / scale;
    if (found <= most) return found;
  }
  return (least + most) / 2;
}
