/** The recurrence way: the relation, its first terms, and the term that is asked for, each from the one before. */

import { nth } from '../nth.ts';
import { writePercent } from '../money/numberStyle.ts';
import { roundTo } from '../money/roundMoney.ts';
import { run, runStages, stated, termRows, type Run } from './recurrenceTerms.ts';
import { subscript, termLetter, termNames } from './relation.ts';
import type { Step, Way } from './solution.ts';
import { stagesThrough } from './stages.ts';
import { texNumber } from './term.ts';
import { answerText, carried, long, money, roundsOf, type Work } from './work.ts';

/** The recurrence way, or nothing where there is no sequence to follow. */
export function byRecurrence(work: Work): Way | undefined {
  const found = answered(work);
  if (!found || !Number.isFinite(found.number)) return undefined;
  const written = answerText(work, found.number);
  return {
    id: 'recurrence',
    title: 'Recurrence',
    number: found.number,
    written,
    rounds: found.rounds ?? [],
    steps: [...found.steps, { kind: 'answer', text: `That is ${written}.` }],
  };
}

interface Answered {
  readonly number: number;
  readonly steps: readonly Step[];
  readonly rounds?: Way['rounds'];
}

function answered(work: Work): Answered | undefined {
  const { ask, solved } = work.question;
  const { table } = solved;
  if (solved.flat) return undefined;
  switch (ask.quantity) {
    case 'payment':
      return work.level ? linear(work, 'payment') : undefined;
    case 'amount':
      return work.level ? linear(work, 'amount') : undefined;
    case 'final-amount':
      return followed(work);
    case 'payments':
    case 'years':
      return counted(work);
    case 'term':
      return termAfter(work, ask.after ?? 0);
    case 'multiplier':
      return stating(work);
    case 'term-below':
      return firstPast(work);
    case 'balance-after':
      return balanceBy(work, ask.after ?? 0);
    case 'balance-right-after':
      return rightAfterBy(work, ask.after ?? 1);
    case 'interest-in':
    case 'principal-in':
    case 'total-interest': {
      const from = ask.quantity === 'total-interest' ? 1 : (ask.from ?? 1);
      const to = ask.quantity === 'total-interest' ? table.count : Math.min(ask.to ?? 1, table.count);
      return gathered(work, from, to, ask.quantity === 'principal-in' ? 'principal' : 'interest');
    }
    case 'interest-portion':
    case 'principal-portion':
      return gathered(
        work,
        ask.from ?? 1,
        Math.min(ask.to ?? 1, table.count),
        ask.quantity === 'principal-portion' ? 'principal' : 'interest',
        rightAfterEach,
      );
    case 'effective':
      return grownHundred(work);
    case 'converted':
      return work.question.statement.into.kind === 'effective' ? grownHundred(work) : undefined;
    default:
      return undefined;
  }
}

/** The last term there is. */
const lastOf = (terms: readonly number[]): number => terms.at(-1) ?? NaN;

/** Every term to the end of the plan. */
function followed(work: Work): Answered {
  const { values, numbers } = work.question.solved;
  const { terms } = work.level
    ? run(work, { start: numbers.amount, payment: numbers.payment, i: values.i, count: values.n })
    : runStages(work, work.stages);
  return {
    number: lastOf(terms),
    steps: [...stated(work, numbers.payment), termRows(work, terms, terms.length - 1)],
    ...(work.level ? {} : { rounds: roundsOf(work) }),
  };
}

/** A term of the sequence as the relation alone makes it. */
function termAfter(work: Work, count: number): Answered {
  if (!work.level) return { ...balanceBy(work, count), rounds: [] };
  const { values, numbers, table } = work.question.solved;
  const { terms } = run(work, { start: numbers.amount, payment: table.firstPayment, i: values.i, count });
  return { number: lastOf(terms), steps: [...stated(work, table.firstPayment), termRows(work, terms, count)] };
}

/** The relation itself, its multiplier and its first terms. */
function stating(work: Work): Answered {
  const { values, numbers, table } = work.question.solved;
  const count = Math.min(3, table.count);
  const { terms } = run(work, { start: numbers.amount, payment: table.firstPayment, i: values.i, count });
  return { number: 1 + values.i, steps: [...stated(work, table.firstPayment), termRows(work, terms, count)] };
}

/** The first term past an amount, looked for one after the other. */
function firstPast(work: Work): Answered {
  const { values, numbers, table } = work.question.solved;
  const k = work.question.exact;
  const { terms } = work.level
    ? run(work, { start: numbers.amount, payment: table.firstPayment, i: values.i, count: k })
    : runStages(work, stagesThrough(work.stages, k));
  const past = money(work, work.question.ask.below ?? 0);
  const falls = lastOf(terms) < nth(terms, 0);
  return {
    number: terms.length - 1,
    steps: [
      ...stated(work, work.level ? table.firstPayment : undefined),
      ...(work.level ? [] : changesSaid(work, k)),
      termRows(work, terms, k),
      {
        kind: 'says',
        text: `${termLetter(work)}${subscript(k)} is the first term ${falls ? `below ${past}` : `that reaches ${past}`}; the one before it is not.`,
      },
    ],
  };
}

/** The balance after a payment, with what changes on the way. */
function balanceBy(work: Work, k: number): Answered {
  const { terms } = runStages(work, stagesThrough(work.stages, k));
  const payment = work.level ? work.question.solved.table.firstPayment : undefined;
  return {
    number: terms[k] ?? NaN,
    steps: [...stated(work, payment), ...changesSaid(work, k), termRows(work, terms, k)],
    rounds: roundsOf(work),
  };
}

/** Where payments come first: the term before, and the payment alone. */
function rightAfterBy(work: Work, k: number): Answered {
  const before = balanceBy(work, k - 1);
  const { number, paid, drawn } = rightAfter(work, before.number, k);
  const received = drawn === 0 ? '' : ` + ${money(work, drawn)}`;
  const term = `${termLetter(work)}${subscript(k - 1)}`;
  const text = `Right after payment ${k}, before it is multiplied by R: ${term}${received} ${work.saving ? '+' : '−'} ${money(work, paid)} = ${money(work, number)}.`;
  return { ...before, number, steps: [...before.steps, { kind: 'says', text }] };
}

/** What is there right after payment k, from the term before it. */
function rightAfter(work: Work, before: number, k: number) {
  const { drawn: more, payment, extra } = nth(work.question.solved.table.rows, k - 1);
  const [drawn, paid] = [k === 1 ? 0 : more, payment + extra];
  return { drawn, paid, number: before + drawn + (work.saving ? paid : -paid) };
}

/** The same after each payment; index 0 is the start. */
const rightAfterEach = (work: Work, { terms }: Run): readonly number[] =>
  terms.map((start, k) => (k === 0 ? start : rightAfter(work, nth(terms, k - 1), k).number));

/** What 100 gains in a year is the effective rate in percent. */
function grownHundred(work: Work): Answered {
  const { i } = work.question.solved.values;
  const p = work.question.statement.paymentsPerYear;
  const { terms } = run({ ...work, due: false, saving: true }, { start: 100, payment: 0, i, count: p });
  return {
    number: lastOf(terms) - 100,
    steps: [
      {
        kind: 'says',
        text: `Let 100 grow for a year of ${p} ${p === 1 ? 'period' : 'periods'}; what it gains is the effective rate in percent.`,
      },
      {
        kind: 'formula',
        tex: `${termNames(work.writing).join(' = R\\,')}, \\qquad R = ${texNumber(carried(work, 1 + i))}`,
      },
      termRows(work, terms, p),
    ],
  };
}

/** The end depends on the unknown in a straight line: two runs give it exactly. */
function linear(work: Work, unknown: 'payment' | 'amount'): Answered {
  const { values, numbers } = work.question.solved;
  const at = (value: number): number => {
    const start = unknown === 'amount' ? value : numbers.amount;
    const payment = unknown === 'payment' ? value : numbers.payment;
    return run(work, { start, payment, i: values.i, count: values.n }).terms.at(-1)!;
  };
  // A round guess of about the answer's size loses the fewest digits, and is not the answer.
  const size = roundGuess(numbers[unknown]);
  const [none, some] = [at(0), at(size)];
  const number = ((numbers.finalAmount - none) / (some - none)) * size;
  const done = run(work, {
    start: unknown === 'amount' ? number : numbers.amount,
    payment: unknown === 'payment' ? number : numbers.payment,
    i: values.i,
    count: values.n,
  });
  const symbol = unknown === 'payment' ? 'd' : `${termLetter(work)}₀`;
  return {
    number,
    steps: [
      ...stated(work, unknown === 'payment' ? undefined : numbers.payment).slice(0, 2),
      {
        kind: 'rows',
        columns: [`with ${symbol} =`, `${termLetter(work)}${subscript(roundTo(values.n, 0))} is`],
        rows: [0, size, number].map((value) => [money(work, value), money(work, at(value))]),
        because: 'The end moves in a straight line with the unknown, so two tries show where it is met.',
      },
      termRows(work, done.terms, done.terms.length - 1),
    ],
  };
}

/** A power of ten at or above the answer; the next one where the answer is one itself. */
function roundGuess(answer: number): number {
  const size = 10 ** Math.max(0, Math.ceil(Math.log10(Math.max(1, Math.abs(answer))) - 1e-9));
  return Math.abs(size - answer) < 0.005 ? size * 10 : size;
}

/** Counts the terms until the end is reached. */
function counted(work: Work): Answered | undefined {
  const { question } = work;
  const { solved, statement } = question;
  const { values, numbers } = solved;
  const aim = numbers.finalAmount;
  const done = work.level
    ? run(work, { start: numbers.amount, payment: numbers.payment, i: values.i, count: solved.shown })
    : runStages(work, work.stages);
  const reached = (value: number): boolean => (aim > numbers.amount ? value >= aim - 0.005 : value <= aim + 0.005);
  const k = done.terms.findIndex((value, at) => at > 0 && reached(value));
  const last = k < 0 ? done.terms.length - 1 : k;
  const per = question.ask.quantity === 'years' ? statement.paymentsPerYear : 1;
  return {
    number: last / per,
    rounds: Number.isInteger(solved.exact) ? [] : ['count-rounded'],
    steps: [
      ...stated(work, numbers.payment),
      termRows(work, done.terms, last),
      {
        kind: 'says',
        text: `${termLetter(work)}${subscript(last)} is the first term that reaches ${money(work, aim)}: ${last} ${work.counted}.`,
      },
    ],
  };
}

/** Interest and principal term by term over a range of payments. */
function gathered(
  work: Work,
  from: number,
  to: number,
  part: 'interest' | 'principal',
  looked: (work: Work, done: Run) => readonly number[] = (_work, { terms }) => terms,
): Answered | undefined {
  const { solved } = work.question;
  const { table } = solved;
  const done = runStages(work, work.stages);
  const values = looked(work, done);
  const drawn = new Map(work.stages.map((stage) => [stage.from, stage.drawn]));
  let total = 0;
  const rows: (string[] | 'gap')[] = [];
  for (let k = from; k <= to; k += 1) {
    const before = nth(values, k - 1) + (drawn.get(k) ?? 0);
    const change = nth(values, k) - before;
    const settled =
      k === table.count ? nth(table.rows, k - 1).payment + nth(table.rows, k - 1).extra : nth(done.paid, k);
    const interest = work.saving ? change - settled : settled + change;
    const moved = part === 'interest' ? interest : work.saving ? change : -change;
    total += moved;
    if (k - from < 3 || k >= to - 1)
      rows.push([String(k), money(work, before), money(work, nth(values, k)), money(work, moved)]);
    else if (rows.at(-1) !== 'gap') rows.push('gap');
  }
  return {
    number: total,
    rounds: roundsOf(work),
    steps: [
      ...stated(work, work.level ? table.firstPayment : undefined),
      ...changesSaid(work, to),
      {
        kind: 'rows',
        columns: ['k', 'before', 'after', part],
        rows,
        because:
          part === 'interest'
            ? 'Interest of a period is (R − 1) times what it is taken on.'
            : 'Principal is what the value moves by.',
      },
      {
        kind: 'says',
        text: `${from === to ? `Payment ${from} alone` : `Payments ${from} to ${to} together`}: ${long(work, roundTo(total, 6))}.`,
      },
    ],
  };
}

function changesSaid(work: Work, k: number): Step[] {
  const stages = stagesThrough(work.stages, k);
  if (stages.length < 2 && stages.every(({ drawn, pause }) => drawn === 0 && pause === undefined)) return [];
  const words = stages.slice(0, 5).map((stage) => {
    const payment =
      stage.pause === 'deferred'
        ? 'nothing paid'
        : stage.pause === 'interest-only'
          ? 'interest only'
          : `d = ${money(work, stage.payment)}`;
    const received =
      stage.drawn === 0
        ? ''
        : `${money(work, Math.abs(stage.drawn))} ${stage.drawn < 0 ? 'taken out' : 'received'} before payment ${stage.from}, `;
    const range = stage.from === stage.to ? String(stage.from) : `${stage.from}–${stage.to}`;
    return `${range}: ${received}${payment}, R = 1 + ${writePercent(stage.i, work.style, 2, 8)}`;
  });
  return [
    {
      kind: 'says',
      text: `${stages.length < 2 ? 'The relation has a start of its own' : 'The relation changes on the way'}. ${words.join('; ')}${stages.length > 5 ? '; and so on' : ''}.`,
    },
  ];
}
