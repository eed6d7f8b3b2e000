/**
 * The key as a family: tools and books differ in what they round on the way, and none of them is wrong. Each convention
 * is the same arithmetic under other rounding; there is no second one.
 */

import { capital } from '../capital.ts';
import { NEAR_WHOLE } from '../annuity/sayCount.ts';
import { roundCent, roundTo } from '../money/roundMoney.ts';
import { ok, type Result } from '../result.ts';
import { exactRounding, centRounding, type TableRounding } from '../table/plan.ts';
import { compute, computeRowByRow } from '../case/compute.ts';
import { changed, inputsOf } from '../case/inputs.ts';
import { quantities } from '../case/quantities.ts';
import type { Quantity } from '../case/quantity.ts';
import { askRounding, type Question } from '../statement/question.ts';
import { answerKeyOf, type KeyedPart, type OwnAnswers } from './answerKey.ts';
import { keysUnder, type KeysUnder } from './keysUnder.ts';
import { keyPart, partAsking } from './keyPart.ts';
import type { AnswerFormat, Exercise, Numbers, Part } from './exercise.ts';
import { isToOneSide, partsOf, roundAs, writeAnswer } from './format.ts';
import type { HouseRules } from './houseRules.ts';
import { namedUses, usesOf } from './uses.ts';

export const conventionIds = [
  'table-in-cents',
  'nothing-rounded',
  'payment-rounded',
  'rows-kept',
  'payments-times-payment',
  'last-as-others',
  'payment-rounded-up',
  'rest-with-last',
  'earlier-kept',
  'earlier-as-written',
] as const;

export type ConventionId = (typeof conventionIds)[number];

/** What each is called, as it begins a sentence in small letters. */
export const conventionNames: Readonly<Record<ConventionId, string>> = {
  'table-in-cents': 'a table in cents',
  'nothing-rounded': 'nothing rounded',
  'payment-rounded': 'the payment rounded, then the formula',
  'rows-kept': 'the payment rounded, interest kept',
  'payments-times-payment': 'payments × payment',
  'last-as-others': 'the last row like the others',
  'payment-rounded-up': 'the payment rounded up to the cent',
  'rest-with-last': 'a few cents paid with the payment before',
  'earlier-kept': 'earlier answers with all their digits',
  'earlier-as-written': 'earlier answers as they are written',
};

/** One number of the family, with every convention that gives it. */
export interface ConventionNumber {
  /** In the answer's unit, unrounded. */
  readonly exact: number;
  /** Rounded as the answer is to be. */
  readonly expected: number;
  readonly conventions: readonly ConventionId[];
}

/** What a convention changes in the rules. */
interface Convention {
  readonly id: ConventionId;
  readonly rounding?: TableRounding;
  readonly earlier?: HouseRules['earlier'];
}

/** The conventions that are other rules for the whole exercise. */
const conventions: readonly Convention[] = [
  { id: 'table-in-cents', rounding: centRounding, earlier: 'rounded' },
  { id: 'nothing-rounded', rounding: exactRounding, earlier: 'exact' },
  { id: 'nothing-rounded', rounding: exactRounding, earlier: 'rounded' },
  { id: 'rows-kept', rounding: { ...centRounding, interest: 'exact' }, earlier: 'rounded' },
  { id: 'last-as-others', rounding: { ...centRounding, last: 'as-others' }, earlier: 'rounded' },
  { id: 'payment-rounded-up', rounding: { ...centRounding, payment: 'cent-up' }, earlier: 'rounded' },
  { id: 'earlier-kept', earlier: 'exact' },
  { id: 'earlier-as-written', earlier: 'rounded' },
];

/** Totals are so many times the payment, however the balance runs. */
const totals: ReadonlySet<Quantity> = new Set<Quantity>([
  'total-paid',
  'total-interest',
  'total-price',
  'total-with-end',
  'finance-charge',
  'left-to-pay',
  'paid-in',
]);

/** How the rules themselves are called. */
export function conventionOf({ rounding }: Pick<HouseRules, 'rounding'>): string {
  const { payment, interest, last } = rounding;
  if (last === 'as-others') return conventionNames['last-as-others'];
  if (interest === 'cent') return conventionNames['table-in-cents'];
  return conventionNames[payment === 'exact' ? 'nothing-rounded' : 'rows-kept'];
}

/**
 * Every number a convention gives for a part.
 *
 * @param own a student's own earlier answers, where the part goes on from them
 * @param earlier the right numbers of an earlier part that this one names
 * @param keys where other parts of the exercise are asked too, so that what they share is solved once
 */
export function partNumbers(
  exercise: Exercise,
  part: Part,
  numbers: Numbers,
  rules: HouseRules,
  own: OwnAnswers = {},
  earlier: (id: string) => readonly ConventionNumber[] = () => [],
  keys: KeysUnder = keysUnder(exercise, numbers, rules, own),
): ConventionNumber[] {
  if (part.ask.quantity === 'by-hand') return [];
  const found = new Family(part.format);
  const usesSome = usesOf(exercise, part).length > 0;
  // What a part says of its earlier answers is the writer's own convention; the others hold for all parts alike.
  addFamily(found, rules, (rounding, everywhere) => keys(rounding, usesSome ? everywhere : undefined)(part.id));
  // Each earlier answer may be any of its own right numbers, whatever the others are.
  const named = namedUses(exercise, part).filter((id) => own[id] === undefined);
  for (const answers of combinations(named, earlier)) {
    const keyed = answerKeyOf(exercise, part.id, numbers, rules, { ...own, ...answers });
    if (!keyed.ok) continue;
    found.add('earlier-as-written', keyed.value.exact);
    addClosed(found, keyed);
  }
  return found.all();
}

/** As many right numbers of an earlier answer are gone on with, and as many combinations of them. */
const MOST_NUMBERS = 5;
const MOST_COMBINATIONS = 25;

/** Every combination of right numbers of some earlier answers, as they are written. */
export function combinations(
  ids: readonly string[],
  earlier: (id: string) => readonly ConventionNumber[],
): Record<string, number>[] {
  let found: Record<string, number>[] = ids.length === 0 ? [] : [{}];
  for (const id of ids) {
    const numbers = [...new Set(earlier(id).map(({ expected }) => expected))].slice(0, MOST_NUMBERS);
    if (numbers.length === 0) continue;
    found = found.flatMap((each) => numbers.map((number) => ({ ...each, [id]: number })));
    if (found.length > MOST_COMBINATIONS) found = found.slice(0, MOST_COMBINATIONS);
  }
  return found;
}

/** The same for a question that stands by itself. */
export function questionNumbers(part: Part, question: Question, rules: HouseRules): ConventionNumber[] {
  const found = new Family(part.format);
  addFamily(found, rules, (rounding) => {
    const asked = askRounding(question, rounding);
    return asked.ok ? ok(keyPart(part, asked.value, rules)) : asked;
  });
  return found.all();
}

export interface NamedNumber {
  /** "Nothing rounded, or payments × payment" */
  readonly name: string;
  readonly exact: number;
  /** As such answers usually are. */
  readonly written: string;
}

/** The different numbers a question has by convention, as its answer is usually written, each with the names of those that give it. */
export function numbersByConvention(question: Question, rules: HouseRules): NamedNumber[] {
  const part = partAsking(question);
  const found = new Map<string, { exact: number; names: Set<string> }>();
  const add = (exact: number, expected: number, names: readonly string[]): void => {
    const written = writeAnswer(expected, part.format, rules);
    const before = found.get(written);
    if (!before) found.set(written, { exact, names: new Set(names) });
    else for (const name of names) before.names.add(name);
  };
  const { exact, expected } = keyPart(part, question, rules);
  add(exact, expected, [conventionOf(rules)]);
  for (const each of questionNumbers(part, question, rules))
    add(
      each.exact,
      each.expected,
      each.conventions.filter((id) => !id.startsWith('earlier')).map((id) => conventionNames[id]),
    );
  return [...found].map(([written, each]) => ({
    written,
    exact: each.exact,
    name: capital([...each.names].join(' · ')),
  }));
}

/** Numbers as they are found, those that are the same put together. */
class Family {
  readonly #format: AnswerFormat;
  readonly #found = new Map<string, { exact: number; expected: number; conventions: ConventionId[] }>();

  constructor(format: AnswerFormat) {
    this.#format = format;
  }

  add(id: ConventionId, exact: number): void {
    const expected = roundAs(exact, this.#format);
    if (!Number.isFinite(expected)) return;
    this.#put(id, exact, expected);
    // A count a hair above a whole number is that number in practice, and one more where it is rounded up to the letter.
    const strictly = toTheLetter(exact, this.#format);
    if (strictly !== undefined && strictly !== expected) this.#put(id, exact, strictly);
  }

  #put(id: ConventionId, exact: number, expected: number): void {
    // Numbers that are the same at the asked places may differ at coarser ones.
    const name = `${expected} ${roundTo(exact, 6)}`;
    const before = this.#found.get(name);
    if (!before) this.#found.set(name, { exact, expected, conventions: [id] });
    else if (!before.conventions.includes(id)) before.conventions.push(id);
  }

  all(): ConventionNumber[] {
    return [...this.#found.values()];
  }
}

/** What is rounded up or down so however small the part is that is not whole; nothing where it goes to the nearest. */
function toTheLetter(exact: number, format: AnswerFormat): number | undefined {
  if (!isToOneSide(format)) return undefined;
  const scale = partsOf(format);
  return (format.up ? Math.ceil(exact * scale - 1e-9) : Math.floor(exact * scale + 1e-9)) / scale;
}

function addFamily(
  found: Family,
  rules: HouseRules,
  key: (rounding: TableRounding, earlier?: HouseRules['earlier']) => Result<KeyedPart>,
): void {
  addClosed(found, key(rules.rounding));
  for (const { id, rounding = rules.rounding, earlier = rules.earlier } of conventions) {
    const keyed = key(rounding, earlier);
    if (keyed.ok && !keyed.value.table) found.add(id, keyed.value.exact);
    if (id === 'table-in-cents' || id === 'nothing-rounded') addClosed(found, keyed);
    if (id === 'last-as-others' && keyed.ok) for (const exact of rowByRow(keyed.value)) found.add(id, exact);
  }
}

function addClosed(found: Family, keyed: Result<KeyedPart>): void {
  if (!keyed.ok) return;
  for (const { id, exact } of closedNumbers(keyed.value)) found.add(id, exact);
  const { table, question } = keyed.value;
  const counted = table || !question ? [] : (quantities[question.ask.quantity].counted?.(question) ?? []);
  for (const exact of counted) found.add('rest-with-last', exact);
}

interface Closed {
  readonly id: ConventionId;
  readonly exact: number;
}

/** What the closed forms give from the right inputs: of a difference the two sides alike, of a choice the better plan. */
function closedNumbers({ part, question, questions, choice, table }: KeyedPart): Closed[] {
  if (table) return [];
  if (question) return closedForms(question);
  const { ask } = part;
  const [one, other] = questions;
  if (ask.quantity === 'difference' && one && other) {
    const [left, right] = [closedForms(one), closedForms(other)];
    return left.flatMap(({ id, exact }) =>
      right.filter((each) => each.id === id).map((each) => ({ id, exact: exact - each.exact })),
    );
  }
  if (ask.quantity === 'choice') {
    const better = questions[ask.plans.indexOf(choice ?? '')];
    return better ? closedForms(better) : [];
  }
  return [];
}

/** Where the end is what is found: a table in cents that ends where it comes out; of a difference on both sides. */
function rowByRow({ part, question, questions, table }: KeyedPart): number[] {
  if (table) return [];
  if (question) return computeRowByRow(question);
  const [one, other] = questions;
  if (part.ask.quantity !== 'difference' || !one || !other) return [];
  const [left, right] = [computeRowByRow(one), computeRowByRow(other)];
  return left.length + right.length === 0 ? [] : [(left[0] ?? one.exact) - (right[0] ?? other.exact)];
}

function closedForms(question: Question): Closed[] {
  const { solved, ask } = question;
  const { slot } = quantities[ask.quantity];
  const inputs = inputsOf(question);
  const from = (id: ConventionId, change: Parameters<typeof changed>[1]): Closed[] =>
    compute(question, changed(inputs, change)).map((exact) => ({ id, exact }));
  const kept = totals.has(ask.quantity) ? 'payments-times-payment' : 'nothing-rounded';
  if (slot === solved.unknown) return from('nothing-rounded', {});
  switch (solved.unknown) {
    case 'payment': {
      const rounded = kept === 'nothing-rounded' ? 'payment-rounded' : kept;
      const { firstPayment } = solved.table;
      const payment = solved.plan.rounding.payment === 'exact' ? roundCent(firstPayment) : firstPayment;
      return [
        ...from(rounded, { payment }),
        ...(question.own.payment === undefined ? from(kept, { payment: solved.exact }) : []),
      ];
    }
    // A part of a payment counts as it is, or as a whole one.
    case 'payments':
      return [
        ...from('nothing-rounded', { n: solved.exact }),
        ...from('payments-times-payment', { n: Math.ceil(solved.exact - NEAR_WHOLE) }),
      ];
    case 'amount':
    case 'finalAmount':
      return [...from(kept, {}), ...from('nothing-rounded', { [solved.unknown]: solved.exact })];
    default:
      return from(kept, {});
  }
}

/** "Nothing rounded: 18,420.37. A table in cents: 18,420.49." */
export function saysOtherWay(
  { expected, conventions: [convention = 'nothing-rounded'] }: ConventionNumber,
  { written }: Pick<KeyedPart, 'written'>,
  format: AnswerFormat,
  rules: HouseRules,
): string {
  return `${capital(conventionNames[convention])}: ${writeAnswer(expected, format, rules)}. ${capital(conventionOf(rules))}: ${written}.`;
}
