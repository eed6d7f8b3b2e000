/** The slips of one question by themselves: what each gives, and what explains a number that somebody got. */

import { nth } from '../nth.ts';
import { numberStyleById } from '../money/numberStyle.ts';
import type { Question } from '../statement/question.ts';
import { questionNumbers } from '../exercise/conventions.ts';
import type { KeyedPart } from '../exercise/answerKey.ts';
import { keyPart, partAsking } from '../exercise/keyPart.ts';
import type { Exercise, Part } from '../exercise/exercise.ts';
import { roundAs, toTheNearest, writeAnswer } from '../exercise/format.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { singleCandidates } from './candidates.ts';
import { PreparedPart } from './preparedPart.ts';
import { askedOf } from './slip.ts';
import type { Verdict } from './verdict.ts';

/** What a slip would give, for a list beside the working. */
export interface SlipNumber {
  readonly id: string;
  readonly title: string;
  readonly result: number;
  readonly written: string;
  readonly says: string;
}

/** The slips that apply to a question with the number each gives, likeliest first; those that copy badly have too many to list. */
export function slipNumbers(question: Question, rules: HouseRules): SlipNumber[] {
  const { part, keyed } = byItself(question, rules);
  const asked = askedOf(question, keyed.exact, keyed.expected, part.format, numberStyleById(rules.numberStyle), []);
  const seen = new Set<string>();
  return singleCandidates(asked, questionNumbers(part, question, rules))
    .filter(
      ({ slips }) =>
        nth(slips, 0).family !== 'copying' &&
        nth(slips, 0).id !== 'cut-not-rounded' &&
        nth(slips, 0).id !== 'rounded-to-unit',
    )
    .sort((a, b) => b.weight - a.weight)
    .flatMap(({ slips: [slip], result, did }) => {
      const rounded = roundAs(result, toTheNearest(part.format));
      if (seen.has(slip!.id) || seen.has(String(rounded))) return [];
      seen.add(slip!.id).add(String(rounded));
      const written = writeAnswer(rounded, part.format, rules);
      return [{ id: slip!.id, title: slip!.title, result: rounded, written, says: `${did} That gives ${written}.` }];
    });
}

/** What explains a number somebody got for a question: the verdict with every explanation that fits. */
export function explainNumber(question: Question, text: string, rules: HouseRules): Verdict {
  const { part, keyed } = byItself(question, rules);
  const exercise: Exercise = { title: '', story: { type: 'doc' }, plans: [], parts: [part] };
  return new PreparedPart({
    exercise,
    numbers: {},
    part,
    keyed: { ok: true, value: keyed },
    uses: new Map(),
    before: [],
    rules,
    right: (asked) => questionNumbers(asked, question, rules),
    other: () => undefined,
  }).check({ [part.id]: text }, {});
}

/** A question by itself, as a part with the format such answers usually have. */
function byItself(question: Question, rules: HouseRules): { readonly part: Part; readonly keyed: KeyedPart } {
  const part = partAsking(question);
  return { part, keyed: keyPart(part, question, rules) };
}
