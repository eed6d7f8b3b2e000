/** A part worked again from a student's own earlier answers: the numbers that follow from them, by any convention. */

import { exactRounding } from '../table/plan.ts';
import { answerKeyOf, type KeyedPart, type OwnAnswers } from '../exercise/answerKey.ts';
import type { Exercise, Numbers, Part } from '../exercise/exercise.ts';
import { roundAs } from '../exercise/format.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import type { Result } from '../result.ts';
import type { RightNumbers } from './candidates.ts';
import { resultsFromOwn } from './ownInputs.ts';

/** An own answer, and how far the number behind it may lie from what was written. */
export interface OwnAnswer {
  readonly value: number;
  readonly half: number;
}

export type Own = Readonly<Record<string, OwnAnswer>>;

/** Where own answers are written so coarsely that what follows from them could be nearly anything, nothing does. */
const WIDEST = 0.01;
/** Corners of more answers than these are not walked through. */
const MOST_CORNERS = 3;

/** What a carried part is worked with. */
interface CarriedPart {
  readonly exercise: Exercise;
  readonly part: Part;
  readonly numbers: Numbers;
  readonly rules: HouseRules;
  readonly keyed: KeyedPart;
  readonly right: (part: Part, own: OwnAnswers) => RightNumbers;
}

export class Carried {
  readonly from: readonly string[];
  readonly keyed: Result<KeyedPart>;
  readonly own: OwnAnswers;
  readonly #of: CarriedPart;
  readonly #answers: Own;
  #right: RightNumbers | undefined;
  #ranges: readonly Range[] | undefined;

  constructor(of: CarriedPart, answers: Own) {
    this.#of = of;
    this.#answers = answers;
    this.from = Object.keys(answers);
    this.own = values(answers, () => 0);
    this.keyed = answerKeyOf(of.exercise, of.part.id, of.numbers, of.rules, this.own);
  }

  /** Every number that follows, by whatever convention. */
  get right(): RightNumbers {
    if (this.#right) return this.#right;
    const { exercise, part, keyed, right } = this.#of;
    const closed = keyed.question ? resultsFromOwn(exercise, part, keyed.question, this.own) : [];
    return (this.#right = [
      ...right(part, this.own),
      ...closed.map((exact) => ({ exact, expected: roundAs(exact, part.format), conventions: [] })),
    ]);
  }

  /** From the least to the most that follows from numbers which are written as the own answers are: by the plan, and by the closed forms. */
  get ranges(): readonly Range[] {
    return (this.#ranges ??= this.#rangesFound());
  }

  #rangesFound(): Range[] {
    const names = this.from.filter((id) => (this.#answers[id]?.half ?? 0) > 0);
    if (names.length === 0 || names.length > MOST_CORNERS) return [];
    const corners = Array.from({ length: 2 ** names.length }, (_, corner) =>
      this.#at(values(this.#answers, (id) => ((corner >> names.indexOf(id)) & 1 ? 1 : -1))),
    );
    const ways = Math.min(...corners.map((each) => each.length));
    return Array.from({ length: ways }, (_, way) => corners.map((each) => each[way] ?? NaN))
      .map((found): Range => [Math.min(...found), Math.max(...found)])
      .filter(([least, most]) => most - least <= WIDEST * Math.abs(most));
  }

  #at(own: OwnAnswers): number[] {
    const { exercise, part, numbers, rules, keyed } = this.#of;
    const found = answerKeyOf(exercise, part.id, numbers, { ...rules, rounding: exactRounding }, own);
    const closed = keyed.question ? resultsFromOwn(exercise, part, keyed.question, own) : [];
    return [...closed, ...(found.ok ? [found.value.exact] : [])];
  }
}

type Range = readonly [least: number, most: number];

/** @param side −1 or 1 for the ends of what an answer may stand for, 0 for the answer itself */
function values(answers: Own, side: (id: string) => number): OwnAnswers {
  return Object.fromEntries(Object.entries(answers).map(([id, { value, half }]) => [id, value + side(id) * half]));
}
