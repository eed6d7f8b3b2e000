/** The verdict of an answer that mistakes explain: how it came about, how surely, and what it is worth. */

import { lowered } from '../capital.ts';
import { nth } from '../nth.ts';
import { roundTo } from '../money/roundMoney.ts';
import type { Part } from '../exercise/exercise.ts';
import { roundAs, toTheNearest, writeAnswer } from '../exercise/format.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import type { Candidate } from './candidates.ts';
import { chanceOf } from './fits.ts';
import type { PartCandidates } from './partCandidates.ts';
import type { ReadAnswer } from './readAnswer.ts';
import type { Explanation, Verdict } from './verdict.ts';

/** What a verdict says whatever it comes to. */
export type Known = Omit<Verdict, 'kind' | 'credit' | 'explanations'>;

/** What fits an answer, and among what it was looked for. */
interface Found {
  readonly answer: ReadAnswer;
  /** Likeliest first, at least one. */
  readonly fitting: readonly Candidate[];
  readonly candidates: PartCandidates;
  /** The parts whose own answers it goes on from. */
  readonly from?: readonly string[];
}

export function explained(
  known: Known,
  kind: 'slip' | 'carried-slip',
  { answer, fitting, candidates, from }: Found,
  { format }: Part,
  rules: HouseRules,
): Verdict {
  const { specific } = rules;
  const likeliest = nth(fitting, 0);
  const among = likeliest.slips.length > 1 ? [...candidates.singles, ...candidates.pairs] : candidates.singles;
  // What is as likely as the likeliest that fits, or likelier, could have explained a random number as well.
  const byChance = chanceOf(answer, among.filter(({ weight }) => weight >= likeliest.weight).length, format);
  const goesOn = from ? ` It goes on from the student’s own ${partsSaid(from)}.` : '';
  const explanations = fitting
    .map((each) => candidates.told(each))
    .map(({ slips, result, did }): Explanation => ({
      slips: slips.map(({ id }) => id),
      title: slips.map(({ title }, at) => (at === 0 ? title : lowered(title))).join(', and '),
      result: roundTo(result, format.decimals),
      says: `${did} That gives ${writeAnswer(roundAs(result, toTheNearest(format)), format, rules)}.${goesOn}`,
      ...(from ? { carriedFrom: from } : {}),
    }));
  const found = { ...known, explanations, byChance };
  if (fitting.length <= specific.mostFitting && byChance <= specific.mostByChance)
    return { ...found, kind, credit: creditFor(likeliest, rules) };
  const says = 'Something fits, but a number as coarse as this fits something by chance.';
  return { ...found, kind: 'unexplained', credit: 0, says };
}

/** "answer to part a" */
export function partsSaid(from: readonly string[]): string {
  return `${from.length === 1 ? 'answer to part' : 'answers to parts'} ${from.join(' and ')}`;
}

function creditFor({ slips }: Candidate, { credit }: HouseRules): number {
  return Math.min(
    ...slips.map(
      ({ id, family }) =>
        credit.bySlip[id] ?? credit.byFamily[family] ?? (family === 'sign' ? credit.sign : credit.slip),
    ),
  );
}
