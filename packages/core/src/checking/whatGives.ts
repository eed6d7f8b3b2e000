/** "What would give this number?": over every slip, every pair, and one input changed at a time. */

import { numberStyleById, writeBrief, writeMoney, writePercent, type NumberStyle } from '../money/numberStyle.ts';
import { ratePerPayment, withQuotedNumber } from '../rates/quotedRate.ts';
import { closestRoot } from './closestRoot.ts';
import { kindOf } from '../case/kinds.ts';
import { compute } from '../case/compute.ts';
import { changed, inputsOf } from '../case/inputs.ts';
import type { Ask, Inputs } from '../case/quantity.ts';
import { askProblem, askSolved } from '../case/question.ts';
import type { Question } from '../statement/question.ts';
import { usualFormat } from '../exercise/format.ts';
import type { AnswerFormat } from '../exercise/exercise.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { explainNumber } from './explainNumber.ts';
import { agreesAsWritten } from './fits.ts';
import { readAnswer, type ReadAnswer } from './readAnswer.ts';
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
  const style = numberStyleById(rules.numberStyle);
  const format = usualFormat(question.ask.quantity);
  const read = readAnswer(text, format, style, question.exact);
  if (!read.ok) return { explanations: [], inputs: [] };
  const search: Search = { question, style, format, wanted: read.value, right: inputsOf(question) };
  const inputs = [...(kindOf(question.statement).hasTable ? slotsThatGive(search) : []), ...placesThatGive(search)];
  return { explanations: explainNumber(question, text, rules).explanations, inputs };
}

/** A number that is looked for, and what is known. */
interface Search {
  readonly question: Question;
  readonly style: NumberStyle;
  readonly format: AnswerFormat;
  readonly wanted: ReadAnswer;
  readonly right: Inputs;
}

/** The slots of the statement, one at a time. */
function slotsThatGive(search: Search): ChangedInput[] {
  const { question, right, style } = search;
  const { unknown, rate } = question.solved;
  const money = (value: number): string => writeMoney(value, style);
  const withRate = (quoted: number): Partial<Inputs> => {
    const i = ratePerPayment(withQuotedNumber(rate, quoted), right.p);
    return { quoted, i: i.ok ? i.value : NaN };
  };
  const found: ChangedInput[] = [];
  if (unknown !== 'amount')
    found.push(
      ...continuous(
        search,
        'amount',
        right.amount,
        (amount) => ({ amount }),
        (x) => `an amount of ${money(x)}`,
      ),
    );
  if (unknown !== 'rate')
    found.push(
      ...continuous(search, 'rate', right.quoted, withRate, (x) => `a rate of ${writePercent(x, style, 2, 4)}`),
    );
  if (right.payment !== undefined)
    found.push(
      ...continuous(
        search,
        'payment',
        right.payment,
        (payment) => ({ payment }),
        (x) => `a payment of ${money(x)}`,
      ),
    );
  if (unknown !== 'finalAmount') {
    const say = (x: number): string => `an amount at the end of ${money(x)}`;
    found.push(...continuous(search, 'final-amount', right.finalAmount, (finalAmount) => ({ finalAmount }), say));
  }
  if (unknown !== 'payments')
    found.push(...whole(search, 'payments', 'a number of payments of', [1, Math.max(right.n * 12, 60)]));
  return found;
}

/** The payments that are asked about, one at a time. */
function placesThatGive(search: Search): ChangedInput[] {
  const { question, right } = search;
  const places = [
    ['after', 'after payment', [0, Math.ceil(right.n)]],
    ['from', 'from payment', [1, right.to]],
    ['to', 'to payment', [right.from, Math.ceil(right.n)]],
  ] as const;
  return places.flatMap(([input, name, range]) =>
    question.ask[input] === undefined ? [] : whole(search, input, name, range),
  );
}

/** An input that may be any number: the roundest that leads to the number as it was written. */
function continuous(
  { question, format, wanted, right }: Search,
  input: ChangedInput['input'],
  now: number,
  change: (value: number) => Partial<Inputs>,
  say: (value: number) => string,
): ChangedInput[] {
  if (!(now > 0)) return [];
  const half = 0.5 * 10 ** -Math.min(wanted.decimals, format.decimals);
  const rootOf = (result: number): number | undefined =>
    closestRoot((x) => (compute(question, changed(right, change(x)))[0] ?? NaN) - result, now);
  // Every input between these two leads to the number as it was written; the roundest is the likeliest.
  const [least, most] = [rootOf(wanted.value - half), rootOf(wanted.value + half)];
  if (least === undefined || most === undefined) return [];
  const found = roundestBetween(Math.min(least, most), Math.max(least, most));
  return Math.abs(found / now - 1) < 1e-9 ? [] : [{ input, says: `${say(found)} instead of ${say(now)}` }];
}

/** An input that is counted: the two nearest that lead to the number. */
function whole(
  search: Search,
  input: 'payments' | 'after' | 'from' | 'to',
  name: string,
  [least, most]: readonly [number, number],
): ChangedInput[] {
  const { question, format, wanted, right, style } = search;
  const key = input === 'payments' ? 'n' : input;
  const now = right[key];
  const resultsOf = (k: number): number[] => [
    ...compute(question, changed(right, { [key]: k })),
    ...(input === 'payments' ? [] : askedAgain(question, { [input]: k })),
  ];
  const fits: number[] = [];
  for (let k = least; k <= Math.min(most, MOST_COUNTED); k += 1)
    if (k !== now && resultsOf(k).some((result) => agreesAsWritten(result, wanted.value, wanted.decimals, format)))
      fits.push(k);
  return fits
    .sort((a, b) => Math.abs(a - now) - Math.abs(b - now))
    .slice(0, 2)
    .map((k) => ({ input, says: `${name} ${writeBrief(k, 0, 0, style)} instead of ${writeBrief(now, 0, 2, style)}` }));
}

/** Places are read off the table as well, whose rows are in cents. */
function askedAgain({ statement, ask, solved }: Question, change: Partial<Ask>): number[] {
  const wanted = { ...ask, ...change };
  if (!askProblem(statement, wanted).ok) return [];
  const again = askSolved({ statement, solved }, wanted, solved.plan.rounding);
  return again.ok ? [again.value.exact] : [];
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
