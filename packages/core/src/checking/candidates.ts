/** The numbers that slips lead to, one slip or two at once, for one question. */

import { roundTo } from '../money/roundMoney.ts';
import { centRounding } from '../table/plan.ts';
import { lowered } from '../capital.ts';
import { roundingRoom } from '../table/levelPayment.ts';
import type { ConventionNumber } from '../exercise/conventions.ts';
import { roundAs } from '../exercise/format.ts';
import { compute, computeByTable } from '../case/compute.ts';
import { quantities } from '../case/quantities.ts';
import type { Inputs, Quantity } from '../case/quantity.ts';
import {
  goneOnWith,
  resultsOf,
  type Answered,
  type Asked,
  type Slip,
  type SlipFamily,
  type WrongResult,
} from './slip.ts';
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
  readonly at?: number;
  /** The same read off a table in cents that is run with the wrong inputs; worked out where the number comes near. */
  readonly table?: TableCandidate;
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
  return [
    ...slips
      .filter((slip) => !('wrongAnswer' in slip) && slip.applies(asked))
      .flatMap((slip) =>
        resultsOf(slip, asked).flatMap((found) => {
          const table = found.inputs && tableCandidate(asked, found.inputs);
          // Where a payment is kept what is wrong gathers in the last one: the closed form is nowhere near.
          if (table && found.inputs?.payment !== undefined && gathers.has(asked.question.ask.quantity))
            return [found.result, ...table.run()]
              .filter(isWrong)
              .map((result) => candidate(slip, { ...found, result }));
          return isWrong(found.result) ? [candidate(slip, found, table)] : [];
        }),
      ),
    ...endCandidates(asked, right),
  ].map((each, at) => ({ ...each, at }));
}

const candidate = (slip: Slip, { result, did }: WrongResult, table?: TableCandidate): Candidate => ({
  slips: [slip],
  result,
  did,
  weight: slip.weight,
  ...(table ? { table } : {}),
});

const atTheEnd = slips.filter((slip) => 'wrongAnswer' in slip);

/** What is done to a right number at the end: its sign, its digits, its places. By every convention. */
export function endCandidates(answered: Answered, right: RightNumbers): Candidate[] {
  const isWrong = wrongTest(answered, right);
  const { exact, expected } = answered;
  const numbers = [{ exact, expected }, ...right.filter((each) => each.expected !== expected)];
  return atTheEnd.flatMap((slip) =>
    numbers.flatMap((number) => {
      const own = { ...answered, exact: number.exact, expected: number.expected };
      if (!slip.applies(own)) return [];
      const coarser = slip.id === 'rounded-to-unit';
      return slip
        .wrongAnswer(number.expected, own)
        .filter(({ result }) => (coarser ? result !== number.exact && result !== 0 : isWrong(result)))
        .map((found) => candidate(slip, found));
    }),
  );
}

/** Whether a number is a mistake's: finite, something at the places asked for, and no right number. */
function wrongTest({ expected, format }: Answered, right: RightNumbers): (result: number) => boolean {
  const plain = { ...format, up: false };
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
  'finance-charge',
  'left-to-pay',
  'last-payment',
]);

/** What is read off a balance is also read off a table, whose rows are in cents. */
function tableCandidate({ question, kind }: Asked, inputs: Inputs): TableCandidate | undefined {
  const { solved, ask } = question;
  const { slot, onInputsAlone } = quantities[ask.quantity];
  const { pvSign, pmtSign, fvSign, n, i } = inputs;
  if (slot || onInputsAlone || !kind.level || !kind.pays || solved.plan.changes.length > 0) return undefined;
  if (pvSign + pmtSign + fvSign !== 3 || !(n >= 1) || !(i > -1)) return undefined;
  const rounding = {
    ...centRounding,
    payment: solved.plan.rounding.payment === 'exact' ? 'cent' : solved.plan.rounding.payment,
  };
  let known: readonly number[] | undefined;
  return {
    room: 2 * roundingRoom({ ...solved.plan, rounding }, i, n) + 0.02,
    run: () => (known ??= computeByTable(question, inputs, rounding)),
  };
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
  const add = (first: Slip, second: Slip, result: number, did: string): void => {
    const key = round(result);
    if (seen.has(key) || !isWrong(result)) return;
    seen.add(key);
    const weight = (first.weight + second.weight) / 4;
    found.push({ slips: [first, second], result, did, weight, at: found.length });
  };
  // Of a payment that is kept, the rounded one alone.
  const computed = (inputs: Inputs): number[] =>
    goneOnWith(inputs, asked)
      .slice(0, 2)
      .flatMap((each) => compute(asked.question, each));
  for (const [at, first] of able.entries()) {
    if (!('wrongInputs' in first)) continue;
    for (const step of first.wrongInputs(asked.inputs, asked).slice(0, VARIANTS)) {
      for (const [place, second] of able.entries()) {
        if (second.family === first.family) continue;
        if ('wrongInputs' in second) {
          // Two changes of inputs commute, so each pair is taken once.
          if (place < at) continue;
          for (const last of second.wrongInputs(step.inputs, asked).slice(0, VARIANTS))
            for (const result of computed(last.inputs))
              add(first, second, result, `${step.did} And: ${lowered(last.did)}`);
        } else if ('wrongMethod' in second) {
          for (const { result, did } of second
            .wrongMethod(step.inputs, { ...asked, inputs: step.inputs })
            .slice(0, VARIANTS))
            add(first, second, result, `${step.did} And: ${lowered(did)}`);
        } else {
          for (const result of computed(step.inputs))
            for (const last of second.wrongAnswer(result, asked))
              add(first, second, last.result, `${step.did} And its sign is the other way.`);
        }
      }
    }
  }
  return found;
}

function round(value: number): number {
  return roundTo(value * 1e6, 0);
}
