/** One part made ready for many answers: what does not depend on a student is worked out once, and only when an answer needs it. */

import { lookUp } from '../records.ts';
import { numberStyleById } from '../money/numberStyle.ts';
import { roundTo } from '../money/roundMoney.ts';
import type { ProblemCode, Result } from '../result.ts';
import type { Question } from '../statement/question.ts';
import { answerKeyOf, type KeyedPart, type OwnAnswers } from '../exercise/answerKey.ts';
import { combinations, saysOtherWay, type ConventionNumber } from '../exercise/conventions.ts';
import { byHandVerdict } from './byHandVerdict.ts';
import type { Exercise, Numbers, Part } from '../exercise/exercise.ts';
import type { KeyTable } from '../exercise/fillTable.ts';
import type { KeyRelation } from '../exercise/keyRelation.ts';
import { isToOneSide, roundAs, writeAnswer } from '../exercise/format.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import type { RightNumbers } from './candidates.ts';
import { Carried, type Own, type OwnAnswer } from './carried.ts';
import { explained, partsSaid, type Known } from './explained.ts';
import { chanceOf, fittingTo, rightness } from './fits.ts';
import { firstWrongEntered } from './fiveEntered.ts';
import { otherMoment, type ReadOtherwise } from './otherMoment.ts';
import { askedFromOwn } from './ownInputs.ts';
import { planNamedIn, verdictByName } from './choice.ts';
import { straight } from './composed.ts';
import { PartCandidates, type Through } from './partCandidates.ts';
import { readAnswer, type ReadAnswer } from './readAnswer.ts';
import { relationVerdict } from './relationVerdict.ts';
import { tableVerdict } from './tableVerdict.ts';
import type { Entries, Explanation, Verdict } from './verdict.ts';

/** By part, the parts whose answers it uses. */
export type UsesByPart = ReadonlyMap<string, readonly string[]>;

/** What a part is judged with. */
export interface PartSetting {
  readonly exercise: Exercise;
  readonly numbers: Numbers;
  readonly part: Part;
  readonly keyed: Result<KeyedPart>;
  readonly uses: UsesByPart;
  /** Questions of earlier parts about other plans. */
  readonly before: readonly Question[];
  readonly rules: HouseRules;
  /** Every number of a part that is right by some convention. */
  readonly right: (part: Part, own?: OwnAnswers) => RightNumbers;
  /** The other parts made ready. */
  readonly other: (id: string) => PreparedPart | undefined;
}

/** A part's verdict, and what later parts go on from: nothing where the answer is the key's. */
export interface Judged {
  readonly verdict: Verdict;
  readonly own?: OwnAnswer;
}

type Head = Pick<Verdict, 'partId' | 'expected' | 'expectedWritten'>;
interface OnOwn {
  readonly carried: Carried;
  readonly candidates: PartCandidates | undefined;
}

export class PreparedPart {
  readonly part: Part;
  /** None where the part cannot be worked. */
  readonly candidates: PartCandidates | undefined;
  readonly #setting: PartSetting;
  #readings: readonly ReadOtherwise[] | undefined;
  readonly #onOwn = new Map<string, OnOwn>();

  constructor(setting: PartSetting) {
    const { part, keyed } = setting;
    this.part = part;
    this.#setting = setting;
    this.candidates = keyed.ok ? this.#candidates(keyed.value, () => setting.right(part)) : undefined;
  }

  #candidates(keyed: KeyedPart, right: () => RightNumbers, own: Own = {}): PartCandidates {
    const { rules, before } = this.#setting;
    const style = numberStyleById(rules.numberStyle);
    return new PartCandidates({ keyed, style, before, right, through: () => this.#through(keyed, own) });
  }

  /** An expression goes through earlier answers: a mistake in one of them that was not submitted shows in it. */
  #through(keyed: KeyedPart, own: Own): Through[] {
    if (this.part.ask.quantity !== 'expression') return [];
    const { exercise, numbers, rules, other } = this.#setting;
    const known = Object.fromEntries(Object.entries(own).map(([id, { value }]) => [id, value]));
    const evaluate = (answers: OwnAnswers): number | undefined => {
      const found = answerKeyOf(exercise, this.part.id, numbers, rules, { ...known, ...answers });
      return found.ok ? found.value.exact : undefined;
    };
    const used = keyed.uses.filter((id) => !own[id]);
    return used.flatMap((from) => {
      const candidates = other(from)?.candidates;
      if (!candidates) return [];
      // The other answers may be any of their right numbers.
      const beside = combinations(
        used.filter((id) => id !== from),
        (id) => other(id)?.candidates?.right ?? [],
      );
      const ways = beside.length > 0 ? beside : [{}];
      return [
        { from, candidates, evaluate: ways.map((answers) => straight((x) => evaluate({ ...answers, [from]: x }))) },
      ];
    });
  }

  /** Judges an answer, and says what later parts go on from. */
  judged(entries: Entries, own: Own): Judged {
    const verdict = this.check(entries, own);
    const { kind, read } = verdict;
    // Who has the key's number goes on as the key does, by whatever convention.
    if (read === undefined || kind === 'right' || kind === 'right-other-way') return { verdict };
    return { verdict, own: { value: read, half: this.#halfOf(entries) } };
  }

  /** Half of the last place an answer is written to: every number within it may be what stands behind. */
  #halfOf(entries: Entries): number {
    const { keyed, rules } = this.#setting;
    const { format } = this.part;
    if (!keyed.ok || (format.kind !== 'money' && format.kind !== 'percent')) return 0;
    const style = numberStyleById(rules.numberStyle);
    const read = readAnswer(lookUp(entries, this.part.id) ?? '', format, style, keyed.value.exact);
    return read.ok && !read.value.typed ? 0.5 * 10 ** -read.value.decimals : 0;
  }

  check(entries: Entries, own: Own): Verdict {
    const { keyed: key, rules, exercise } = this.#setting;
    const { id } = this.part;
    if (!key.ok) return { partId: id, kind: 'no-key', credit: 0, explanations: [], says: key.problem.message };
    const keyed = key.value;
    if (keyed.byHand) return byHandVerdict(id, entries);
    if (keyed.relation)
      return relationVerdict(this.part, keyed, lookUp(entries, id) ?? '', rules, this.#ownRelation(own));
    if (keyed.table) return tableVerdict(this.part, keyed, entries, rules, this.#ownTable(own));
    const text = lookUp(entries, id) ?? '';
    const style = numberStyleById(rules.numberStyle);
    const head = { partId: id, expected: keyed.expected, expectedWritten: keyed.written };
    const entered = keyed.question ? firstWrongEntered(id, entries, keyed.question, style) : undefined;
    const more = entered ? { wrongEntered: entered } : {};
    const chosen = keyed.choice === undefined ? { text } : planNamedIn(text, exercise.plans);
    const read = readAnswer(
      chosen.text,
      this.part.format,
      style,
      keyed.exact,
      keyed.question?.statement.paymentsPerYear,
    );
    const byName = 'plan' in chosen ? verdictByName(chosen.plan, keyed.choice, read, head) : undefined;
    if (byName) return byName;
    if (!read.ok)
      return {
        ...head,
        ...more,
        kind: unread(read.problem.code),
        credit: 0,
        explanations: [],
        says: read.problem.message,
      };
    return { ...this.#judge(read.value, keyed, head, own), ...more };
  }

  #judge(answer: ReadAnswer, keyed: KeyedPart, head: Head, own: Own): Verdict {
    const { credit, sign } = this.#setting.rules;
    const { format } = this.part;
    const read = answer.value;
    const known = { ...head, read, difference: roundTo(read - keyed.expected, 10) };
    const { expected, exact } = keyed;
    const free = sign === 'free' && format.kind === 'money' && read < 0;
    const meant = free ? { ...answer, value: -read } : answer;
    const plainly = this.#rightness(answer, expected, exact) ?? this.#rightness(meant, expected, exact);
    if (plainly === 'right') return { ...known, kind: 'right', credit: 1, explanations: [] };
    // To the cent another way is nearer than the key within its tolerance.
    const way = this.#wayOf(meant, plainly === undefined);
    if (way) return { ...known, ...this.#otherWay(way, keyed), explanations: [] };
    if (plainly) return { ...known, kind: plainly, credit: credit.rightRounded, explanations: [] };

    for (const { says, credit: share, numbers } of this.#allReadings())
      if (numbers.some((each) => this.#rightness(answer, each.expected, each.exact)))
        return { ...known, kind: 'reading', credit: share, explanations: [], says };

    const onOwn = this.#fromOwn(own, keyed);
    const follows = onOwn && this.#following(answer, onOwn.carried);
    if (onOwn && follows !== undefined)
      return { ...known, kind: 'carried', credit: credit.carried, explanations: [this.#carriedFrom(onOwn, follows)] };
    return this.#mistaken(answer, known, onOwn);
  }

  /** No right number: what mistake, or which two, lead to it; from the key or from own answers. */
  #mistaken(answer: ReadAnswer, known: Known, onOwn: OnOwn | undefined): Verdict {
    const { format } = this.part;
    const { rules } = this.#setting;
    const mine = this.candidates;
    const singles = mine ? fittingTo(mine.singles, answer, format) : [];
    if (mine && singles.length > 0)
      return explained(known, 'slip', { answer, fitting: singles, candidates: mine }, this.part, rules);
    if (onOwn?.candidates) {
      const { candidates, carried } = onOwn;
      const fitting = fittingTo(candidates.singles, answer, format);
      if (fitting.length > 0) {
        const found = { answer, fitting, candidates, from: carried.from };
        return explained(known, 'carried-slip', found, this.part, rules);
      }
    }
    // Two slips at once explain much: they are believed only where a number could hardly fit by chance.
    const chance = mine ? chanceOf(answer, mine.pairs.length, format) : 1;
    if (mine && chance < 0.05) {
      // A wrong idea on top of another mistake needs one digit more.
      const believed = mine.pairs.filter(({ slips: [, second] }) => second?.family !== 'idea' || chance < 0.005);
      const pairs = fittingTo(believed, answer, format);
      if (pairs.length > 0)
        return explained(known, 'slip', { answer, fitting: pairs, candidates: mine }, this.part, rules);
    }
    return { ...known, kind: 'unexplained', credit: 0, explanations: [] };
  }

  /** The other way whose number an answer is; written coarser too, where wanted. */
  #wayOf(answer: ReadAnswer, coarser: boolean): ConventionNumber | undefined {
    const { format } = this.part;
    return this.candidates?.right.find(({ expected, exact }) => {
      const found = rightness(answer, expected, exact, format, 0);
      return found === 'right' || (coarser && found !== undefined);
    });
  }

  #otherWay(way: ConventionNumber, keyed: KeyedPart): Pick<Verdict, 'kind' | 'credit' | 'conventions' | 'says'> {
    const { rules } = this.#setting;
    const { conventions } = way;
    const shares = conventions.map((id) => rules.credit.byConvention[id] ?? 1);
    const credit = Math.max(...shares);
    const less = credit < 1 ? ` The house rules give ${roundTo(credit * 100, 0)} % of the marks for it.` : '';
    const says = `${saysOtherWay(way, keyed, this.part.format, rules)}${less}`;
    return { kind: 'right-other-way', credit, conventions, says };
  }

  #carriedFrom({ carried }: OnOwn, result: number): Explanation {
    const { rules } = this.#setting;
    return {
      slips: [],
      title: 'Carried',
      result,
      says: `Right from the student’s own ${partsSaid(carried.from)}: that gives ${writeAnswer(result, this.part.format, rules)}.`,
      carriedFrom: carried.from,
    };
  }

  #rightness(answer: ReadAnswer, expected: number, exact: number): 'right' | 'right-rounded' | undefined {
    const { format, tolerance } = this.part;
    const { rules } = this.#setting;
    const within = tolerance ?? withinOf(format, rules);
    return rightness(answer, expected, exact, format, within);
  }

  #allReadings(): readonly ReadOtherwise[] {
    const { exercise, numbers, rules, right } = this.#setting;
    return (this.#readings ??= [
      ...otherMoment(exercise, this.#setting.keyed, rules),
      ...(this.part.readings ?? []).flatMap(({ ask, says, credit }) => {
        const part = { ...this.part, ask };
        const parts = exercise.parts.map((each) => (each.id === part.id ? part : each));
        const keyed = answerKeyOf({ ...exercise, parts }, part.id, numbers, rules);
        return keyed.ok ? [{ says, credit, numbers: [keyed.value, ...right(part)] }] : [];
      }),
    ]);
  }

  /** The own answers a part goes on from: those it uses, and where one of them was left out those that one would have used. */
  #ownBehind(id: string, own: Own): string[] {
    return [
      ...new Set(
        (this.#setting.uses.get(id) ?? []).flatMap((used) =>
          own[used] === undefined ? this.#ownBehind(used, own) : [used],
        ),
      ),
    ];
  }

  /** The table that follows from own earlier answers; nothing where it uses none. */
  #ownTable(own: Own): KeyTable | undefined {
    return this.#ownKey(own)?.table;
  }

  #ownRelation(own: Own): KeyRelation | undefined {
    return this.#ownKey(own)?.relation;
  }

  /** The key that follows from own earlier answers; nothing where it uses none. */
  #ownKey(own: Own): KeyedPart | undefined {
    const { exercise, numbers, rules } = this.#setting;
    const from = this.#ownBehind(this.part.id, own);
    if (from.length === 0) return undefined;
    const answers = Object.fromEntries(from.flatMap((id) => (own[id] ? [[id, own[id].value]] : [])));
    const found = answerKeyOf(exercise, this.part.id, numbers, rules, answers);
    return found.ok ? found.value : undefined;
  }

  /** The part worked again from the student's own earlier answers; nothing where it uses none. */
  #fromOwn(own: Own, keyed: KeyedPart): OnOwn | undefined {
    const from = this.#ownBehind(this.part.id, own);
    if (from.length === 0) return undefined;
    const answers = Object.fromEntries(from.flatMap((id) => (own[id] ? [[id, own[id]]] : [])));
    const name = JSON.stringify(answers);
    const before = this.#onOwn.get(name);
    if (before) return before;
    const { exercise, numbers, rules } = this.#setting;
    const { right } = this.#setting;
    const carried = new Carried({ exercise, part: this.part, numbers, rules, keyed, right }, answers);
    const found = { carried, candidates: this.#candidatesOn(carried, keyed, answers) };
    this.#onOwn.set(name, found);
    return found;
  }

  #candidatesOn(carried: Carried, keyed: KeyedPart, answers: Own): PartCandidates | undefined {
    const right = (): RightNumbers => carried.right;
    if (carried.keyed.ok) return this.#candidates(carried.keyed.value, right, answers);
    // Where no table follows from own answers the closed forms go on.
    const { exercise, rules, before } = this.#setting;
    const style = numberStyleById(rules.numberStyle);
    const asked = askedFromOwn(exercise, keyed, carried.own, style, before);
    return asked && new PartCandidates({ keyed, style, before, right, asked });
  }

  /** The number that follows from own answers and is the one submitted, by any convention or from anything written as they are. */
  #following(answer: ReadAnswer, carried: Carried): number | undefined {
    const { format } = this.part;
    if (carried.keyed.ok) {
      const { expected, exact } = carried.keyed.value;
      if (this.#rightness(answer, expected, exact)) return expected;
    }
    const found = carried.right.find(({ expected, exact }) => this.#rightness(answer, expected, exact));
    if (found) return found.expected;
    const [otherwise] = otherMoment(this.#setting.exercise, carried.keyed, this.#setting.rules);
    const meant = otherwise?.numbers.find(({ expected, exact }) => this.#rightness(answer, expected, exact));
    if (meant) return meant.expected;
    if (isToOneSide(format)) return undefined;
    const half = 0.5 * 10 ** -Math.min(answer.decimals, format.decimals);
    const { value } = answer;
    return carried.ranges.some(([least, most]) => least - half <= value && value <= most + half)
      ? roundAs(value, format)
      : undefined;
  }
}

/** How far from the key an answer may lie by the rules; a plain number is right to the places that are asked for. */
export function withinOf({ kind }: Part['format'], { tolerance }: HouseRules): number {
  return kind === 'years-months' || kind === 'number' ? 0 : tolerance[kind];
}

const unread = (code: ProblemCode): Verdict['kind'] =>
  code === 'blank' || code === 'shown-error' ? code : 'unreadable';
