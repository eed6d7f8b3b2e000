/** The numbers that slips lead to, one slip or two at once, for one question. */

import { roundTo } from '../money/roundMoney.ts';
import { roundAs } from '../exercise/format.ts';
import { compute } from '../case/compute.ts';
import { resultsOf, type Asked, type Slip, type SlipFamily } from './slip.ts';
import { slips } from './slips.ts';

export interface Candidate {
  readonly slips: readonly Slip[];
  /** In the answer's unit, unrounded. */
  readonly result: number;
  /** What was done, in a few words with the numbers of this case. */
  readonly did: string;
  readonly weight: number;
}

/** Every number one slip leads to; one that leads to the right number all the same is none. */
export function singleCandidates(asked: Asked): Candidate[] {
  const isWrong = wrongTest(asked);
  return slips
    .filter((slip) => slip.applies(asked))
    .flatMap((slip) =>
      resultsOf(slip, asked).map(({ result, did }) => ({ slips: [slip], result, did, weight: slip.weight })),
    )
    .filter(({ result, slips: [slip] }) => isWrong(result, slip!.id === 'rounded-to-unit'));
}

/** Whether a number is a mistake's: finite, something at the places asked for, and not the key. */
function wrongTest({ expected, format, exact }: Asked): (result: number, coarser: boolean) => boolean {
  const plain = { ...format, up: false };
  return (result, coarser) => {
    if (!(Math.abs(result) <= 1e13)) return false;
    const rounded = roundAs(result, plain);
    // A number that is nothing at the places asked for explains nothing.
    if (expected !== 0 && rounded === 0) return false;
    return coarser ? result !== exact : rounded !== expected;
  };
}

const inPairs: ReadonlySet<SlipFamily> = new Set(['rate', 'count', 'amount', 'timing', 'sign', 'idea']);
/** Of a slip with many variants only the likeliest take part in pairs, or anything would fit. */
const VARIANTS = 2;

/** Every number two slips of different families lead to together, beyond those that one leads to. */
export function pairCandidates(asked: Asked, singles: readonly Candidate[]): Candidate[] {
  const able = slips.filter((slip) => inPairs.has(slip.family) && slip.applies(asked));
  const seen = new Set(singles.map(({ result }) => round(result)));
  const found: Candidate[] = [];
  const isWrong = wrongTest(asked);
  const add = (first: Slip, second: Slip, result: number, did: string): void => {
    const key = round(result);
    if (seen.has(key) || !isWrong(result, false)) return;
    seen.add(key);
    found.push({ slips: [first, second], result, did, weight: (first.weight + second.weight) / 4 });
  };
  for (const first of able) {
    if (!('wrongInputs' in first)) continue;
    for (const step of first.wrongInputs(asked.inputs, asked).slice(0, VARIANTS)) {
      for (const second of able) {
        if (second === first || second.family === first.family) continue;
        if ('wrongInputs' in second) {
          // Two changes of inputs commute, so each pair is taken once.
          if (able.indexOf(second) < able.indexOf(first)) continue;
          for (const last of second.wrongInputs(step.inputs, asked).slice(0, VARIANTS))
            for (const result of compute(asked.question, last.inputs))
              add(first, second, result, `${step.did} And: ${lowered(last.did)}`);
        } else if ('wrongMethod' in second) {
          for (const { result, did } of second
            .wrongMethod(step.inputs, { ...asked, inputs: step.inputs })
            .slice(0, VARIANTS))
            add(first, second, result, `${step.did} And: ${lowered(did)}`);
        } else {
          for (const result of compute(asked.question, step.inputs))
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

function lowered(text: string): string {
  return `${text[0]?.toLowerCase() ?? ''}${text.slice(1)}`;
}
