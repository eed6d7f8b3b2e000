/** An exercise under other house rules: where the main number of a part is another one. Whether an answer is right never depends on it. */

import { writeMoney } from '../money/numberStyle.ts';
import { answerKey, type KeyedPart } from './answerKey.ts';
import type { Exercise, Numbers } from './exercise.ts';
import type { HouseRules } from './houseRules.ts';
import { writeRelation } from './keyRelation.ts';
import { cellsOf } from './fillTable.ts';
import { readOnce } from './readOnce.ts';

/** A part with its two main numbers, as answers to it are written. */
export interface MovedNumber {
  readonly partId: string;
  readonly here: string;
  readonly there: string;
  /** Of a table to fill in: how many of its cells differ; the numbers are those of the first. */
  readonly cells?: number;
}

/**
 * @param here the rules the exercise is written under
 * @param there those of another class
 * @returns one entry for every part whose number differs, in their order; a part without a key is left out
 */
export function movedNumbers(exercise: Exercise, numbers: Numbers, here: HouseRules, there: HouseRules): MovedNumber[] {
  const other = answerKey(exercise, numbers, there);
  const { style } = readOnce(exercise, numbers, here);
  const cents = (value: number): string => writeMoney(value, style, 2);
  return answerKey(exercise, numbers, here).flatMap((ours, at): MovedNumber[] => {
    const theirs = other[at];
    if (!ours.ok || !theirs?.ok) return [];
    const partId = ours.value.part.id;
    if (!ours.value.table) {
      const [one, two] = [ours.value, theirs.value].map((keyed) => writtenUnder(keyed, here));
      return one === undefined || two === undefined || one === two ? [] : [{ partId, here: one, there: two }];
    }
    const differing = pairsOfCells(ours.value, theirs.value)
      .map(([one, two]) => [cents(one), cents(two)] as const)
      .filter(([one, two]) => one !== two);
    const [first] = differing;
    return first ? [{ partId, here: first[0], there: first[1], cells: differing.length }] : [];
  });
}

/** The main number of a part; a relation under the same letters, so that only its numbers are compared. */
function writtenUnder({ relation, part, written }: KeyedPart, rules: HouseRules): string {
  return relation ? writeRelation(relation, part.format, rules) : written;
}

/** The values of each cell a student fills in, under both rules; a row that only one of them has counts as 0 in the other. */
function pairsOfCells(ours: KeyedPart, theirs: KeyedPart): (readonly [number, number])[] {
  const blanks = ({ table }: KeyedPart): Map<string, number> =>
    new Map((table ? cellsOf(table) : []).filter(({ blank }) => blank).map(({ id, value }) => [id, value]));
  const [one, two] = [blanks(ours), blanks(theirs)];
  return [...new Set([...one.keys(), ...two.keys()])].map((id) => [one.get(id) ?? 0, two.get(id) ?? 0]);
}
