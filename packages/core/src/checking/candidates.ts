/** The numbers that slips lead to, one slip or two at once, for one question. */

import { roundTo } from '../money/roundMoney.ts';
import { centRounding, type TableRounding } from '../table/plan.ts';
import { lowered } from '../capital.ts';
import { roundingRoom } from '../table/levelPayment.ts';
import type { ConventionNumber } from '../exercise/conventions.ts';
import { roundAs, toTheNearest } from '../exercise/format.ts';
import { compute, computeByTable } from '../case/compute.ts';
import { balanceAt } from '../case/inputs.ts';
import { quantities } from '../case/quantities.ts';
import type { Inputs, Quantity } from '../case/quantity.ts';
import { goneOnWith, resultsOf, type Answered, type Asked, type Slip, type SlipFamily } from './slip.ts';
import { slips } from './slips.ts';

export interface Candidate {
  readonly slips: readonly Slip[];
  /** In the answer's unit, unrounded. */
  readonly result: number;
  /** What was done, in a few words with the numbers of this case. */
  readonly did: string;
  readonly weight: number;
  /** What was done, where it is told only when it is wanted. */
  readonly tell?: () => string;
  /** Its place among the candidates it was worked out with. */
  readonly at?: number | undefined;
  /** The same read off a table in cents that is run with the wrong inputs; worked out where the number comes near. */
  readonly table?: TableCandidate | undefined;
}

interface TableCandidate {
  readonly run: () => readonly number[];
  /** As much as cents may move it from the closed form. */
  readonly room: number;
}

/** Right numbers, by whatever convention: none of them is a mistake's. */
export type RightNumbers = readonly ConventionNumber[];

/** Every number one slip leads to; one that leads to a right number all the same is none. */
export function singleCandidates(asked: Asked, right: RightNumbers): Candidate[] {
  const isWrong = wrongTest(asked, right);
  const tableOf = tablesFor(asked);
  const gathering = gathers.has(asked.question.ask.quantity);
  const found: Candidate[] = [];
  const add = (slip: Slip, result: number, did: string, table?: TableCandidate): void => {
    if (isWrong(result)) found.push(candidateOf(slip, result, did, found.length, table));
  };
  for (const slip of slips) {
    if ('wrongAnswer' in slip || !slip.applies(asked)) continue;
    for (const { result, did, inputs } of resultsOf(slip, asked)) {
      const table = inputs && tableOf(inputs);
      if (!table || inputs.payment === undefined || !gathering) {
        add(slip, result, did, table);
        continue;
      }
      // Where a payment is kept what is wrong gathers in the last one: the closed form of equal payments is nowhere near.
      add(slip, result, did);
      const settled = settledTotal(asked, inputs, table.room);
      if (settled === undefined) for (const each of table.run()) add(slip, each, did);
      else add(slip, settled, did, table);
    }
  }
  for (const {
    slips: [slip],
    result,
    did,
  } of endCandidates(asked, right))
    if (slip) found.push(candidateOf(slip, result, did, found.length));
  return found;
}

/** Of one shape, since very many are looked through. */
const candidateOf = (
  slip: Slip,
  result: number,
  did: string,
  at: number | undefined,
  table?: TableCandidate,
): Candidate => ({ slips: [slip], result, did, weight: slip.weight, at, table });

const atTheEnd = slips.filter((slip) => 'wrongAnswer' in slip);

/** What is done to a right number at the end: its sign, its digits, its places. By every convention. */
export function endCandidates(answered: Answered, right: RightNumbers): Candidate[] {
  const isWrong = wrongTest(answered, right);
  const { exact, expected } = answered;
  const numbers = [...new Map([...right, { exact, expected }].map((each) => [each.expected, each])).values()];
  return atTheEnd.flatMap((slip) =>
    numbers.flatMap((number) => {
      const own = { ...answered, exact: number.exact, expected: number.expected };
      if (!slip.applies(own)) return [];
      const coarser = slip.id === 'rounded-to-unit';
      return slip
        .wrongAnswer(number.expected, own)
        .filter(({ result }) => (coarser ? result !== number.exact && result !== 0 : isWrong(result)))
        .map(({ result, did }) => candidateOf(slip, result, did, undefined));
    }),
  );
}

/** Whether a number is a mistake's: finite, something at the places asked for, and no right number. */
function wrongTest({ expected, format }: Answered, right: RightNumbers): (result: number) => boolean {
  const plain = toTheNearest(format);
  const rights = new Set([expected, ...right.map((each) => each.expected)]);
  return (result) => {
    if (!(Math.abs(result) <= 1e13)) return false;
    const rounded = roundAs(result, plain);
    // A number that is nothing at the places asked for explains nothing.
    if (expected !== 0 && rounded === 0) return false;
    return !rights.has(rounded);
  };
}

/** What has the last payment in it. */
const gathers: ReadonlySet<Quantity> = new Set<Quantity>([
  'total-interest',
  'total-paid',
  'total-price',
  'total-with-end',
  'finance-charge',
  'left-to-pay',
  'last-payment',
]);

/** What is read off a balance is also read off a table, whose rows are in cents: for each inputs, where there is one. */
function tablesFor({ question, kind }: Asked): (inputs: Inputs) => TableCandidate | undefined {
  const { solved, ask } = question;
  const { amount, finalAmount, changes } = solved.plan;
  const { slot, onInputsAlone } = quantities[ask.quantity];
  if (slot || onInputsAlone || !kind.level || !kind.pays || changes.length > 0) return () => undefined;
  const { payment } = solved.plan.rounding;
  const rounding: TableRounding = { ...centRounding, payment: payment === 'exact' ? 'cent' : payment };
  return (inputs) => {
    const { pvSign, pmtSign, fvSign, n, i } = inputs;
    if (pvSign + pmtSign + fvSign !== 3 || !(n >= 1) || !(i > -1)) return undefined;
    let known: readonly number[] | undefined;
    return {
      room: 2 * roundingRoom({ rounding, amount, finalAmount }, i, n) + 0.02,
      run: () => (known ??= computeByTable(question, inputs, rounding)),
    };
  };
}

/**
 * What a loan comes to whose kept payment goes on until the last one settles it, by the closed form: within cents of the
 * table's own. Nothing where the payment pays it off before, or where that is not told by a formula.
 */
function settledTotal({ question, kind }: Asked, inputs: Inputs, room: number): number | undefined {
  const { n, i, amount, finalAmount, payment = 0, timing, after } = inputs;
  if (!kind.owes || !Number.isInteger(n) || n < 2) return undefined;
  const before = balanceAt(question, inputs, payment, n - 1);
  const last = timing === 'begin' ? before - finalAmount / (1 + i) : before * (1 + i) - finalAmount;
  // Nearer than cents come to it is the table that knows which row is the last.
  if (!(before > finalAmount + room) || !(last > room)) return undefined;
  const paid = (n - 1) * payment + last;
  switch (question.ask.quantity) {
    case 'total-paid':
      return paid;
    case 'total-interest':
      return paid - amount + finalAmount;
    case 'left-to-pay':
      return after < n ? paid - after * payment + finalAmount : undefined;
    case 'last-payment':
      return last;
    default:
      return undefined;
  }
}

const inPairs: ReadonlySet<SlipFamily> = new Set(['rate', 'count', 'amount', 'timing', 'sign', 'idea']);
/** Of a slip with many variants only the likeliest take part in pairs, or anything would fit. */
const VARIANTS = 2;

/** Every number two slips of different families lead to together, beyond those that one leads to. */
export function pairCandidates(asked: Asked, singles: readonly Candidate[], right: RightNumbers): Candidate[] {
  const able = slips.filter((slip) => inPairs.has(slip.family) && slip.applies(asked));
  const seen = new Set(singles.map(({ result }) => round(result)));
  const found: Candidate[] = [];
  const isWrong = wrongTest(asked, right);
  const both = (one: string, other: string): string => (asked.quiet ? '' : `${one} And: ${lowered(other)}`);
  const add = (first: Slip, second: Slip, result: number, did: string): void => {
    const key = round(result);
    if (seen.has(key) || !isWrong(result)) return;
    seen.add(key);
    const weight = (first.weight + second.weight) / 4;
    found.push({ slips: [first, second], result, did, weight, at: found.length, table: undefined });
  };
  // Of a payment that is kept, the rounded one alone.
  const computed = (inputs: Inputs): number[] =>
    goneOnWith(inputs, asked, 2).flatMap((each) => compute(asked.question, each));
  for (const [at, first] of able.entries()) {
    if (!('wrongInputs' in first)) continue;
    for (const step of first.wrongInputs(asked.inputs, asked).slice(0, VARIANTS)) {
      for (const [place, second] of able.entries()) {
        if (second.family === first.family) continue;
        if ('wrongInputs' in second) {
          // Two changes of inputs commute, so each pair is taken once.
          if (place < at) continue;
          for (const last of second.wrongInputs(step.inputs, asked).slice(0, VARIANTS))
            for (const result of computed(last.inputs)) add(first, second, result, both(step.did, last.did));
        } else if ('wrongMethod' in second) {
          for (const { result, did } of second
            .wrongMethod(step.inputs, { ...asked, inputs: step.inputs })
            .slice(0, VARIANTS))
            add(first, second, result, both(step.did, did));
        } else {
          for (const result of computed(step.inputs))
            for (const last of second.wrongAnswer(result, asked))
              add(first, second, last.result, both(step.did, 'Its sign is the other way.'));
        }
      }
    }
  }
  return found;
}

function round(value: number): number {
  return roundTo(value * 1e6, 0);
}
