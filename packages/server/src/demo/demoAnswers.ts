/** What the demo's students submit: made by a seeded generator that works like a class: mostly right, some slips more than others, each going on from their own earlier answers. */

import {
  nth,
  answerKeyOf,
  askedOf,
  cellsOf,
  defaultHouseRules,
  numberStyleById,
  pairCandidates,
  questionNumbers,
  roundAs,
  seededRandom,
  singleCandidates,
  toTheNearest,
  writeAnswer,
  type Candidate,
  type Exercise,
  type KeyedPart,
  type Numbers,
  roundTo,
} from '@hardy-sextant/core';

const rules = defaultHouseRules;

/** Favourite slips by quantity: what a class does again and again. */
const popular: Readonly<Record<string, readonly string[]>> = {
  payment: [
    'rate-left-annual',
    'years-for-payments',
    'beginning-for-end',
    'answer-sign',
    'rate-rounded-early',
    'simple-interest-payment',
  ],
  'balance-after': ['left-to-pay-for-balance', 'balance-straight-line', 'balance-less-payments', 'wrong-period'],
  'balance-right-after': ['period-interest-added', 'payment-not-yet-made', 'balance-straight-line'],
  'total-interest': ['total-paid-for-interest', 'principal-for-interest'],
  'left-to-pay': ['balance-for-left-to-pay'],
  'amount-financed': ['down-payment-ignored', 'trade-in-ignored'],
};

/** What becomes of an answer that is not simply right, with how often. */
const otherwise = [
  ['slip', 0.56],
  ['rounded', 0.15],
  ['two slips', 0.05],
  ['unexplained', 0.08],
  ['unreadable', 0.04],
  ['blank', 0.12],
] as const;

/**
 * One student's entries for an exercise.
 *
 * @param care how often an answer is simply right, 0 to 1
 */
export function answersTo(exercise: Exercise, numbers: Numbers, seed: string, care: number): Record<string, string> {
  const random = seededRandom(seed);
  const own: Record<string, number> = {};
  const entries: Record<string, string> = {};
  const pick = <T>(from: readonly T[]): T => nth(from, Math.floor(random() * from.length));
  for (const part of exercise.parts) {
    const keyed = answerKeyOf(exercise, part.id, numbers, rules, own);
    if (!keyed.ok) continue;
    const { expected, written, table } = keyed.value;
    const happens = random() < care ? 'right' : drawn(random());
    const put = (value: number, decimals = part.format.decimals): void => {
      const format = { ...toTheNearest(part.format), decimals };
      own[part.id] = roundAs(value, format);
      entries[part.id] = dressed(writeAnswer(own[part.id]!, format, rules), part.format.kind, random);
    };
    if (happens === 'blank') continue;
    if (table) fillTable(entries, keyed.value, happens === 'right', random);
    else if (happens === 'unreadable') entries[part.id] = pick(['n/a', 'see my worksheet', '?', 'ask the bank']);
    else if (keyed.value.choice !== undefined) entries[part.id] = written;
    else if (happens === 'rounded' && part.format.kind === 'money' && Math.abs(expected) > 100)
      put(expected, pick([0, 1]));
    else if (happens === 'unexplained') put(expected * (0.6 + random()));
    else if (happens === 'slip' || happens === 'two slips')
      put(slipOf(keyed.value, random, happens === 'two slips')?.result ?? expected);
    else {
      put(expected);
      if (keyed.value.question && part.ask.quantity === 'payment' && random() < 0.12)
        fiveValues(entries, keyed.value, random);
    }
  }
  return entries;
}

function drawn(luck: number): (typeof otherwise)[number][0] {
  let left = luck;
  for (const [what, often] of otherwise) {
    if (left < often) return what;
    left -= often;
  }
  return 'blank';
}

function slipOf(
  { question, exact, expected, part }: KeyedPart,
  random: () => number,
  two: boolean,
): Candidate | undefined {
  if (!question) return undefined;
  const asked = askedOf(question, exact, expected, part.format, numberStyleById(rules.numberStyle), []);
  const right = questionNumbers(part, question, rules);
  const singles = singleCandidates(asked, right);
  const sensible = (all: readonly Candidate[]): Candidate[] => all.filter(({ result }) => Math.abs(result) < 1e7);
  // Of what a class likes to do, the first is done most.
  const favourites = popular[part.ask.quantity] ?? [];
  const favourite = favourites[Math.floor(random() ** 2 * favourites.length)];
  const liked = singles.filter(({ slips: [slip] }) => slip!.id === favourite);
  const pick = <T>(from: readonly T[]): T | undefined => from[Math.floor(random() * from.length)];
  if (two) return pick(sensible(pairCandidates(asked, singles, right)));
  if (random() < 0.66 && liked.length > 0) return liked[0];
  // Otherwise any slip, however many numbers it may lead to.
  const all = sensible(singles);
  const id = pick([...new Set(all.map(({ slips: [slip] }) => slip!.id))]);
  return pick(all.filter(({ slips: [slip] }) => slip!.id === id));
}

/** As students write: with a sign, without grouping, with a percent sign or none. */
function dressed(text: string, kind: string, random: () => number): string {
  const luck = random();
  if (kind === 'money' && luck < 0.12) return `$${text}`;
  if (kind === 'money' && luck < 0.4) return text.replace(/,/g, '');
  if (kind === 'percent' && luck < 0.5) return text.replace(/\s*%$/, '');
  if (kind === 'count' && luck < 0.2) return `${text} payments`;
  return text;
}

function fillTable(
  entries: Record<string, string>,
  { part, table }: KeyedPart,
  careful: boolean,
  random: () => number,
): void {
  const cells = cellsOf(table!);
  // One cell goes wrong and what follows from it is left as the key has it, or the table is left off half-way.
  const wrong = careful ? -1 : Math.floor(random() * cells.length);
  const end = random() < 0.1 ? Math.floor(cells.length / 2) : cells.length;
  for (const [at, cell] of cells.entries()) {
    if (at >= end) return;
    entries[`${part.id}.${cell.id}`] = writeAnswer(
      at === wrong ? cell.value * 1.01 + 1 : cell.value,
      { kind: 'money', decimals: 2 },
      rules,
    );
  }
}

/** The five values as entered, one of them wrong in some. */
function fiveValues(entries: Record<string, string>, { part, question }: KeyedPart, random: () => number): void {
  const { values, numbers } = question!.solved;
  const years = random() < 0.4;
  entries[`${part.id}.n`] = String(years ? values.n / question!.draft.paymentsPerYear : values.n);
  entries[`${part.id}.rate`] = String(roundTo(values.i * question!.draft.paymentsPerYear * 1e6, 0) / 1e4);
  entries[`${part.id}.pv`] = String(numbers.amount);
}
