/** One part made ready for many answers: what does not depend on a student is worked out once, and only when an answer needs it. */

import { lookUp } from '../lookUp.ts';
import { numberStyleById } from '../money/numberStyle.ts';
import { roundTo } from '../money/roundMoney.ts';
import type { Result } from '../result.ts';
import type { Question } from '../case/question.ts';
import { answerKeyOf, type KeyedPart, type OwnAnswers } from '../exercise/answerKey.ts';
import type { Exercise, ExercisePlan, Numbers, Part } from '../exercise/exercise.ts';
import { roundAs, writeAnswer } from '../exercise/format.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { pairCandidates, singleCandidates, type Candidate } from './candidates.ts';
import { chanceOf, fittingTo, rightness } from './fits.ts';
import { firstWrongEntered } from './fiveEntered.ts';
import { resultsFromOwn } from './ownInputs.ts';
import { readAnswer, type ReadAnswer } from './readAnswer.ts';
import { askedOf, resultsOf, type Asked } from './slip.ts';
import { slips } from './slips.ts';
import { tableVerdict } from './tableVerdict.ts';
import type { Entries, Explanation, Verdict } from './verdict.ts';

/** By part, the parts whose answers it uses. */
export type UsesByPart = ReadonlyMap<string, readonly string[]>;

/** The candidates of a question, worked out when an answer first needs them. */
class Candidates {
  readonly #asked: Asked | undefined;
  #singles: readonly Candidate[] | undefined;
  #pairs: readonly Candidate[] | undefined;

  constructor(asked: Asked | undefined) {
    this.#asked = asked;
  }

  get singles(): readonly Candidate[] {
    return (this.#singles ??= this.#asked ? singleCandidates(this.#asked) : []);
  }

  get pairs(): readonly Candidate[] {
    return (this.#pairs ??= this.#asked ? pairCandidates(this.#asked, this.singles) : []);
  }
}

export class PreparedPart {
  readonly part: Part;
  readonly #exercise: Exercise;
  readonly #numbers: Numbers;
  readonly #keyed: Result<KeyedPart>;
  readonly #rules: HouseRules;
  readonly #before: readonly Question[];
  readonly #candidates: Candidates;
  readonly #uses: UsesByPart;
  #readings: readonly { readonly says: string; readonly credit: number; readonly keyed: KeyedPart }[] | undefined;
  readonly #carried = new Map<string, { readonly keyed: Result<KeyedPart>; readonly candidates: Candidates }>();

  constructor(
    exercise: Exercise,
    numbers: Numbers,
    part: Part,
    keyed: Result<KeyedPart>,
    uses: UsesByPart,
    before: readonly Question[],
    rules: HouseRules,
  ) {
    this.part = part;
    this.#exercise = exercise;
    this.#numbers = numbers;
    this.#keyed = keyed;
    this.#rules = rules;
    this.#before = before;
    this.#candidates = new Candidates(this.#askedFor(keyed));
    this.#uses = uses;
  }

  #askedFor(keyed: Result<KeyedPart>): Asked | undefined {
    if (!keyed.ok) return undefined;
    const { question, questions, exact, expected } = keyed.value;
    // Of a difference or a sum only the copying, rounding and sign of its number can be looked at; the first question stands for it.
    const about = question ?? questions[0];
    if (!about || keyed.value.table || keyed.value.choice) return undefined;
    return question
      ? askedOf(question, exact, expected, this.part.format, numberStyleById(this.#rules.numberStyle), this.#before)
      : undefined;
  }

  check(entries: Entries, own: OwnAnswers): Verdict {
    const { id } = this.part;
    if (!this.#keyed.ok)
      return { partId: id, kind: 'no-key', credit: 0, explanations: [], says: this.#keyed.problem.message };
    const keyed = this.#keyed.value;
    if (keyed.table) return tableVerdict(this.part, keyed, entries, this.#rules);
    const text = lookUp(entries, id) ?? '';
    const style = numberStyleById(this.#rules.numberStyle);
    const head = { partId: id, expected: keyed.expected, expectedWritten: keyed.written };
    const entered = keyed.question ? firstWrongEntered(id, entries, keyed.question, style) : undefined;
    const more = entered ? { wrongEntered: entered } : {};
    const chosen = keyed.choice === undefined ? { text } : planNamedIn(text, this.#exercise.plans);
    const read = readAnswer(chosen.text, this.part.format, style, keyed.exact, keyed.question?.draft.paymentsPerYear);
    if (keyed.choice !== undefined && 'plan' in chosen) {
      const right = chosen.plan === keyed.choice;
      if (!read.ok && chosen.plan !== undefined)
        return right
          ? { ...head, kind: 'right', credit: 1, explanations: [] }
          : {
              ...head,
              kind: 'unexplained',
              credit: 0,
              explanations: [],
              says: 'The other plan is the better one by its number.',
            };
      if (read.ok && chosen.plan !== undefined && !right)
        return {
          ...head,
          read: read.value.value,
          kind: 'unexplained',
          credit: 0,
          explanations: [],
          says: 'The other plan is the better one by its number.',
        };
    }
    if (!read.ok)
      return {
        ...head,
        ...more,
        kind: read.problem.code === 'blank' ? 'blank' : 'unreadable',
        credit: 0,
        explanations: [],
        says: read.problem.message,
      };
    return { ...this.#judge(read.value, keyed, head, own), ...more };
  }

  #judge(
    answer: ReadAnswer,
    keyed: KeyedPart,
    head: Pick<Verdict, 'partId' | 'expected' | 'expectedWritten'>,
    own: OwnAnswers,
  ): Verdict {
    const { credit, sign } = this.#rules;
    const { format } = this.part;
    const { expected, exact } = keyed;
    const read = answer.value;
    const known = { ...head, read, difference: roundTo(read - expected, 10) };
    const exactly =
      this.#rightness(answer, expected, exact) ??
      (sign === 'free' && format.kind === 'money' && read < 0
        ? this.#rightness({ ...answer, value: -read }, expected, exact)
        : undefined);
    if (exactly)
      return { ...known, kind: exactly, credit: exactly === 'right' ? 1 : credit.rightRounded, explanations: [] };

    for (const reading of this.#allReadings())
      if (this.#rightness(answer, reading.keyed.expected, reading.keyed.exact))
        return { ...known, kind: 'reading', credit: reading.credit, explanations: [], says: reading.says };

    const carried = this.#carriedBy(own);
    const result = carried && this.#carriedNumber(answer, carried);
    if (carried && result !== undefined) {
      const explanation: Explanation = {
        slips: [],
        title: 'Carried',
        result,
        says: `Right from the student’s own ${partsSaid(carried.from)}: that gives ${writeAnswer(result, format, this.#rules)}.`,
        carriedFrom: carried.from,
      };
      return { ...known, kind: 'carried', credit: credit.carried, explanations: [explanation] };
    }

    const singles = fittingTo(this.#candidates.singles, answer, format);
    if (singles.length > 0) return this.#explained(known, 'slip', singles, answer, this.#candidates.singles);
    if (carried?.keyed.ok) {
      const onOwn = fittingTo(carried.candidates.singles, answer, format);
      if (onOwn.length > 0)
        return this.#explained(known, 'carried-slip', onOwn, answer, carried.candidates.singles, carried.from);
    }
    const pairs = fittingTo(this.#candidates.pairs, answer, format);
    // Two slips at once explain much: they are believed only where a number could hardly fit by chance.
    if (pairs.length > 0 && chanceOf(answer, this.#candidates.pairs.length) < 0.05)
      return this.#explained(known, 'slip', pairs, answer, [...this.#candidates.singles, ...this.#candidates.pairs]);
    return { ...known, kind: 'unexplained', credit: 0, explanations: [] };
  }

  #rightness(answer: ReadAnswer, expected: number, exact: number): 'right' | 'right-rounded' | undefined {
    const { format, tolerance } = this.part;
    return rightness(
      answer,
      expected,
      exact,
      format,
      tolerance ?? (format.kind === 'years-months' ? 0 : this.#rules.tolerance[format.kind]),
    );
  }

  #allReadings() {
    return (this.#readings ??= (this.part.readings ?? []).flatMap(({ ask, says, credit }) => {
      const parts = this.#exercise.parts.map((each) => (each.id === this.part.id ? { ...each, ask } : each));
      const keyed = answerKeyOf({ ...this.#exercise, parts }, this.part.id, this.#numbers, this.#rules);
      return keyed.ok
        ? [keyed.value, ...this.#byMultiplying(keyed.value)].map((each) => ({ says, credit, keyed: each }))
        : [];
    }));
  }

  /** A reading is not held to the cents by which the table's last payment differs: so many times the payment is the same meaning. */
  #byMultiplying(keyed: KeyedPart): KeyedPart[] {
    const asked = this.#askedFor({ ok: true, value: keyed });
    const multiplied = slips.find(({ id }) => id === 'rounded-payment-multiplied');
    if (!asked || !multiplied?.applies(asked)) return [];
    return resultsOf(multiplied, asked).map(({ result }) => ({
      ...keyed,
      exact: result,
      expected: roundAs(result, this.part.format),
    }));
  }

  /** The own answers a part goes on from: those it uses, and where one of them was left out those that one would have used. */
  #ownBehind(id: string, own: OwnAnswers): string[] {
    return [
      ...new Set(
        (this.#uses.get(id) ?? []).flatMap((used) => (own[used] === undefined ? this.#ownBehind(used, own) : [used])),
      ),
    ];
  }

  /** The part worked again from the student's own earlier answers; nothing where it uses none. */
  #carriedBy(own: OwnAnswers):
    | {
        readonly keyed: Result<KeyedPart>;
        readonly candidates: Candidates;
        readonly from: readonly string[];
        readonly own: OwnAnswers;
      }
    | undefined {
    if (!this.#keyed.ok) return undefined;
    const from = this.#ownBehind(this.part.id, own);
    if (from.length === 0) return undefined;
    const answers = Object.fromEntries(from.map((id) => [id, own[id]!]));
    const name = JSON.stringify(answers);
    let known = this.#carried.get(name);
    if (!known) {
      const keyed = answerKeyOf(this.#exercise, this.part.id, this.#numbers, this.#rules, answers);
      known = { keyed, candidates: new Candidates(this.#askedFor(keyed)) };
      this.#carried.set(name, known);
    }
    return { ...known, from, own: answers };
  }

  /** The number that follows from own answers and is the one submitted: by the plan's own table, or by the closed forms. */
  #carriedNumber(
    answer: ReadAnswer,
    {
      keyed,
      from,
      own,
    }: { readonly keyed: Result<KeyedPart>; readonly from: readonly string[]; readonly own: OwnAnswers },
  ): number | undefined {
    if (keyed.ok && this.#rightness(answer, keyed.value.expected, keyed.value.exact)) return keyed.value.expected;
    const question = this.#keyed.ok ? this.#keyed.value.question : undefined;
    if (!question || from.length === 0) return undefined;
    const { format } = this.part;
    return resultsFromOwn(this.#exercise, this.part, question, own)
      .filter((exact) => this.#rightness(answer, roundAs(exact, format), exact) !== undefined)
      .map((exact) => roundAs(exact, format))[0];
  }

  #explained(
    known: Omit<Verdict, 'kind' | 'credit' | 'explanations'>,
    kind: 'slip' | 'carried-slip',
    fitting: readonly Candidate[],
    answer: ReadAnswer,
    candidates: readonly Candidate[],
    from?: readonly string[],
  ): Verdict {
    const { format } = this.part;
    const { specific } = this.#rules;
    // What is as likely as the likeliest that fits, or likelier, could have explained a random number as well.
    const byChance = chanceOf(answer, candidates.filter(({ weight }) => weight >= fitting[0]!.weight).length);
    const explanations = fitting.map(({ slips, result, did }): Explanation => ({
      slips: slips.map(({ id }) => id),
      title: slips.map(({ title }) => title).join(', and '),
      result: roundTo(result, format.decimals),
      says: `${did} That gives ${writeAnswer(roundAs(result, { ...format, up: false }), format, this.#rules)}.${from ? ` It goes on from the student’s own ${partsSaid(from)}.` : ''}`,
      ...(from ? { carriedFrom: from } : {}),
    }));
    const believed = fitting.length <= specific.mostFitting && byChance <= specific.mostByChance;
    return believed
      ? { ...known, kind, credit: creditFor(fitting[0]!, this.#rules), explanations, byChance }
      : {
          ...known,
          kind: 'unexplained',
          credit: 0,
          explanations,
          byChance,
          says: 'Something fits, but a number as coarse as this fits something by chance.',
        };
  }
}

function partsSaid(from: readonly string[]): string {
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

/** The plan an answer names, and what else it says. */
function planNamedIn(text: string, plans: readonly ExercisePlan[]): { readonly text: string; readonly plan?: string } {
  const lower = text.toLowerCase();
  const named = plans
    .filter(({ name, id }) => lower.includes((name ?? id).toLowerCase()))
    .sort((a, b) => (b.name ?? b.id).length - (a.name ?? a.id).length)[0];
  if (!named) return { text };
  const rest = lower.replace((named.name ?? named.id).toLowerCase(), '').replace(/^[\s,:;–-]+|[\s,:;–-]+$/g, '');
  return { text: rest, plan: named.id };
}
