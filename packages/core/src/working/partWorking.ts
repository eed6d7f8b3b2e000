/** A part of an exercise worked whole: what it goes on from, the questions it is made of, and how its answer comes of them. */

import { capital } from '../capital.ts';
import { lookUp } from '../records.ts';
import { numberStyleById, writeBrief, writeMoney, type NumberStyle } from '../money/numberStyle.ts';
import type { Result } from '../result.ts';
import { askInWords } from '../case/quantities.ts';
import { writeQuantity } from '../case/question.ts';
import { isSaving, kindOf } from '../case/kinds.ts';
import type { KeyedPart } from '../exercise/answerKey.ts';
import type { Exercise } from '../exercise/exercise.ts';
import { extraApart, inWorkingOrder, type KeyTable } from '../exercise/fillTable.ts';
import { cellOf, type TableColumn } from '../exercise/tableColumns.ts';
import { nth } from '../nth.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { answerName } from '../exercise/uses.ts';
import type { Question } from '../statement/question.ts';
import type { Step } from './solution.ts';

export interface PartWorking {
  /** What earlier parts gave, and what is rounded of it. */
  readonly before: readonly Step[];
  /** The questions the answer is made of, each worked by itself; named where there are several. */
  readonly sides: readonly { readonly name: string; readonly question: Question }[];
  /** How the answer comes of them: a difference, a choice, an expression, the cells of a table. */
  readonly after: readonly Step[];
}

/**
 * @param key the key of the whole exercise, for the answers of earlier parts
 */
export function partWorking(
  exercise: Exercise,
  keyed: KeyedPart,
  key: readonly Result<KeyedPart>[],
  rules: HouseRules,
): PartWorking {
  const { ask } = keyed.part;
  const style = numberStyleById(rules.numberStyle);
  const nameOf = (id: string): string => exercise.plans.find((plan) => plan.id === id)?.name ?? id;
  const before = beforeIt(keyed, key);
  switch (ask.quantity) {
    case 'difference':
      return { before, sides: named(keyed, [ask.plan, ask.other].map(nameOf)), after: difference(keyed, style) };
    case 'choice': {
      const names = ask.plans.map(nameOf);
      return { before, sides: named(keyed, names), after: choice(keyed, names, ask.prefer, style) };
    }
    case 'expression':
      return { before, sides: [], after: expression(ask.text, keyed, key) };
    case 'table':
      return {
        before,
        sides: [],
        after: keyed.table && keyed.question ? cells(keyed.table, keyed.question, style) : [],
      };
    default:
      return { before, sides: keyed.question ? [{ name: '', question: keyed.question }] : [], after: [] };
  }
}

const named = ({ questions }: KeyedPart, names: readonly string[]): PartWorking['sides'] =>
  questions.map((question, at) => ({ name: names[at] ?? '', question }));

const answerOf = (key: readonly Result<KeyedPart>[], id: string): KeyedPart | undefined => {
  const found = key.find((each) => each.ok && each.value.part.id === id);
  return found?.ok ? found.value : undefined;
};

function beforeIt({ uses }: KeyedPart, key: readonly Result<KeyedPart>[]): Step[] {
  return uses.flatMap((id): Step[] => {
    const earlier = answerOf(key, id);
    return earlier ? [{ kind: 'says', text: `Part ${id} gave ${earlier.written}; this part goes on from it.` }] : [];
  });
}

function difference({ questions, written }: KeyedPart, style: NumberStyle): Step[] {
  const [one, other] = questions;
  if (!one || !other) return [];
  const [first, second] = [writeQuantity(one, one.exact, style), writeQuantity(other, other.exact, style)];
  return [
    { kind: 'says', text: `The difference is the first less the second: ${first} − ${second}.` },
    { kind: 'answer', text: `That is ${written}.` },
  ];
}

function choice(
  { questions, written }: KeyedPart,
  names: readonly string[],
  prefer: 'less' | 'more',
  style: NumberStyle,
): Step[] {
  const [first] = questions;
  return [
    {
      kind: 'rows',
      columns: ['plan', first ? askInWords(first.ask) : ''],
      rows: questions.map((question, at) => [names[at] ?? '', writeQuantity(question, question.exact, style)]),
    },
    { kind: 'says', text: `The one with ${prefer} of it is better.` },
    { kind: 'answer', text: `${capital(written)}.` },
  ];
}

/** The expression as it is written, then with a number in place of each answer's name. */
function expression(text: string, { written, uses }: KeyedPart, key: readonly Result<KeyedPart>[]): Step[] {
  const numbers: Record<string, string> = Object.fromEntries(
    uses.flatMap((id) => {
      const earlier = answerOf(key, id);
      return earlier ? [[answerName(id), earlier.written]] : [];
    }),
  );
  const put = text.replace(/\banswer [a-z0-9-]+/gi, (name) => lookUp(numbers, name.toLowerCase()) ?? name);
  return [
    { kind: 'says', text: `It asks for ${text}.` },
    ...(put === text ? [] : [{ kind: 'says' as const, text: `With the answers in their places: ${put}.` }]),
    { kind: 'answer', text: `That is ${written}.` },
  ];
}

/** Row by row, the arithmetic of each cell that is left blank; then the totals. */
function cells(key: KeyTable, question: Question, style: NumberStyle): Step[] {
  const rows = key.rows.map((row): Step => {
    const number = row[0]?.row ?? 0;
    const said = rowInWords(number, question, extraApart(key), style);
    const blanks = inWorkingOrder(row).flatMap(({ blank, column }) =>
      blank && column !== 'date' ? [said[column]] : [],
    );
    return { kind: 'says', text: `Row ${number}: ${blanks.length > 0 ? blanks.join('; ') : 'nothing is left blank'}.` };
  });
  const totals = key.totals
    .filter(({ blank }) => blank)
    .map(({ column, value }): Step => {
      const name = key.columns.find((each) => each.column === column)?.name ?? column;
      const own = key.rows.flat().filter((cell) => cell.column === column);
      const sum =
        own.length <= 6
          ? own.map((cell) => writeMoney(cell.value, style)).join(' + ')
          : `rows ${key.from} to ${key.to}`;
      return { kind: 'says', text: `${name}, in all: ${sum} = ${writeMoney(value, style)}.` };
    });
  return [...rows, ...totals];
}

/** How each number of a row comes about, whether or not its column is shown. */
function rowInWords(
  number: number,
  { statement, solved }: Question,
  apart: boolean,
  style: NumberStyle,
): Readonly<Record<Exclude<TableColumn, 'date'>, string>> {
  const money = (value: number): string => writeMoney(value, style);
  const { rows, plan } = solved.table;
  const row = nth(rows, number - 1);
  const saving = isSaving(kindOf(statement));
  const [plus, minus] = saving ? ['+', '+'] : ['−', '−'];
  const cell = (column: Exclude<TableColumn, 'date'>): string => money(cellOf(rows, row, column, apart));
  const paid = apart && row.extra !== 0 ? `${cell('payment')} + ${cell('extra')}` : cell('payment');
  const flow = apart && row.extra !== 0 ? `(${paid})` : paid;
  const base = plan.timing === 'begin' ? `(${cell('opening')} ${plus} ${flow})` : cell('opening');
  const rate = writeBrief(row.rate, 4, 8, style);
  const running = (
    name: string,
    column: 'interest' | 'principal',
    so: 'interest-so-far' | 'principal-so-far',
  ): string =>
    number === 1
      ? `${name} so far ${cell(so)}`
      : `${name} so far ${money(cellOf(rows, nth(rows, number - 2), so, apart))} + ${cell(column)} = ${cell(so)}`;
  return {
    opening:
      number === 1
        ? `it opens with ${cell('opening')}`
        : `it opens with what row ${number - 1} has left, ${cell('opening')}`,
    interest: `interest ${base} × ${rate} = ${cell('interest')}`,
    payment: `${saving ? 'deposit' : 'payment'} ${cell('payment')}${row.settles ? ', which settles the rest' : ''}`,
    extra: row.extra === 0 ? 'nothing extra' : `extra ${cell('extra')}`,
    principal: `${saving ? 'added' : 'principal'} ${paid} ${minus} ${cell('interest')} = ${cell('principal')}`,
    closing: `it closes at ${cell('opening')} ${saving ? '+' : '−'} ${cell('principal')} = ${cell('closing')}`,
    'interest-so-far': running('interest', 'interest', 'interest-so-far'),
    'principal-so-far': running(saving ? 'added' : 'principal', 'principal', 'principal-so-far'),
  };
}
