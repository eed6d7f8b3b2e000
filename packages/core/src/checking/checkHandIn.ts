/** Checks a hand-in: a verdict for each part, with every explanation that fits. Order of verdicts as in docs/checking.md. */

import { type Result } from '../result.ts';
import { numberStyleById } from '../money/numberStyle.ts';
import { roundTo } from '../money/roundMoney.ts';
import type { Question } from '../case/question.ts';
import { answerKey, answerKeyOf, keyPart, usesOf, type KeyedPart, type OwnAnswers } from '../exercise/answerKey.ts';
import type { AnswerFormat, Exercise, Numbers, Part } from '../exercise/exercise.ts';
import { roundAs, usualFormat, writeAnswer } from '../exercise/format.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import { pairCandidates, singleCandidates, type Candidate } from './candidates.ts';
import { checkTable, wholeTableSlip } from './checkTable.ts';
import { firstWrongEntered } from './fiveEntered.ts';
import { resultsFromOwn } from './ownInputs.ts';
import { readAnswer, type ReadAnswer } from './readAnswer.ts';
import { askedOf, resultsOf, type Asked } from './slip.ts';
import { slipById } from './slips.ts';
import type { Entries, Explanation, Verdict } from './verdict.ts';

/**
 * Checks every part of a hand-in.
 *
 * @param numbers the student's own numbers, by given
 * @param entries text by part id; a part that is not there is blank
 * @returns one verdict a part, in the exercise's order
 */
export function checkHandIn(exercise: Exercise, numbers: Numbers, entries: Entries, rules: HouseRules): Verdict[] {
  return prepareChecking(exercise, numbers, rules).check(entries);
}

/** Checks many hand-ins that share their numbers; the key and each slip's numbers are worked out once. */
export function checkHandIns(exercise: Exercise, numbers: Numbers, many: readonly Entries[], rules: HouseRules): Verdict[][] {
  const prepared = prepareChecking(exercise, numbers, rules);
  return many.map((entries) => prepared.check(entries));
}

export interface PreparedChecking {
  readonly key: readonly Result<KeyedPart>[];
  readonly check: (entries: Entries) => Verdict[];
}

/** Works out what does not depend on a student, once. */
export function prepareChecking(exercise: Exercise, numbers: Numbers, rules: HouseRules): PreparedChecking {
  const key = answerKey(exercise, numbers, rules);
  const parts = key.map((keyed, at) => new PreparedPart(exercise, numbers, exercise.parts[at]!, keyed, earlierQuestions(key, at), rules));
  return {
    key,
    check: (entries) => {
      const own: Record<string, number> = {};
      return parts.map((part) => {
        const verdict = part.check(entries, own);
        if (verdict.read !== undefined) own[part.part.id] = verdict.read;
        return verdict;
      });
    },
  };
}

/** What a tool may still hold: the questions of earlier parts about other plans. */
function earlierQuestions(key: readonly Result<KeyedPart>[], at: number): Question[] {
  const own = key[at];
  const draft = own?.ok ? own.value.question?.draft : undefined;
  return key
    .slice(0, at)
    .flatMap((keyed) => (keyed.ok && keyed.value.question && JSON.stringify(keyed.value.question.draft.slots) !== JSON.stringify(draft?.slots) ? [keyed.value.question] : []));
}

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

class PreparedPart {
  readonly part: Part;
  readonly #exercise: Exercise;
  readonly #numbers: Numbers;
  readonly #keyed: Result<KeyedPart>;
  readonly #rules: HouseRules;
  readonly #before: readonly Question[];
  readonly #candidates: Candidates;
  readonly #uses: readonly string[];
  #readings: readonly { readonly says: string; readonly credit: number; readonly keyed: KeyedPart }[] | undefined;
  readonly #carried = new Map<string, { readonly keyed: Result<KeyedPart>; readonly candidates: Candidates }>();

  constructor(exercise: Exercise, numbers: Numbers, part: Part, keyed: Result<KeyedPart>, before: readonly Question[], rules: HouseRules) {
    this.part = part;
    this.#exercise = exercise;
    this.#numbers = numbers;
    this.#keyed = keyed;
    this.#rules = rules;
    this.#before = before;
    this.#candidates = new Candidates(this.#askedFor(keyed));
    this.#uses = keyed.ok ? keyed.value.uses : usesOf(exercise, part);
  }

  #askedFor(keyed: Result<KeyedPart>): Asked | undefined {
    if (!keyed.ok) return undefined;
    const { question, questions, exact, expected } = keyed.value;
    // Of a difference or a sum only the copying, rounding and sign of its number can be looked at; the first question stands for it.
    const about = question ?? questions[0];
    if (!about || keyed.value.table || keyed.value.choice) return undefined;
    return question ? askedOf(question, exact, expected, this.part.format, numberStyleById(this.#rules.numberStyle), this.#before) : undefined;
  }

  check(entries: Entries, own: OwnAnswers): Verdict {
    const { id } = this.part;
    if (!this.#keyed.ok) return { partId: id, kind: 'no-key', credit: 0, explanations: [], says: this.#keyed.problem.message };
    const keyed = this.#keyed.value;
    if (keyed.table) return this.#checkTable(entries, keyed);
    const text = entries[id] ?? '';
    const style = numberStyleById(this.#rules.numberStyle);
    const head = { partId: id, expected: keyed.expected, expectedWritten: keyed.written };
    const entered = keyed.question ? firstWrongEntered(id, entries, keyed.question, style) : undefined;
    const more = entered ? { wrongEntered: entered } : {};
    const chosen = keyed.choice === undefined ? { text } : this.#chosenPlan(text);
    const read = readAnswer(chosen.text, this.part.format, style, keyed.exact, keyed.question?.draft.paymentsPerYear);
    if (keyed.choice !== undefined && 'plan' in chosen) {
      const right = chosen.plan === keyed.choice;
      if (!read.ok && chosen.plan !== undefined)
        return right
          ? { ...head, kind: 'right', credit: 1, explanations: [] }
          : { ...head, kind: 'unexplained', credit: 0, explanations: [], says: 'The other plan is the better one by its number.' };
      if (read.ok && chosen.plan !== undefined && !right)
        return { ...head, read: read.value.value, kind: 'unexplained', credit: 0, explanations: [], says: 'The other plan is the better one by its number.' };
    }
    if (!read.ok) return { ...head, ...more, kind: read.problem.code === 'blank' ? 'blank' : 'unreadable', credit: 0, explanations: [], says: read.problem.message };
    return { ...this.#judge(read.value, keyed, head, own), ...more };
  }

  #chosenPlan(text: string): { readonly text: string; readonly plan?: string } {
    const lower = text.toLowerCase();
    const named = this.#exercise.plans.filter(({ name, id }) => lower.includes((name ?? id).toLowerCase())).sort((a, b) => (b.name ?? b.id).length - (a.name ?? a.id).length)[0];
    if (!named) return { text };
    const rest = lower.replace((named.name ?? named.id).toLowerCase(), '').replace(/^[\s,:;–-]+|[\s,:;–-]+$/g, '');
    return { text: rest, plan: named.id };
  }

  #judge(answer: ReadAnswer, keyed: KeyedPart, head: Pick<Verdict, 'partId' | 'expected' | 'expectedWritten'>, own: OwnAnswers): Verdict {
    const { credit, sign } = this.#rules;
    const { format } = this.part;
    const { expected, exact } = keyed;
    const read = answer.value;
    const known = { ...head, read, difference: roundTo(read - expected, 10) };
    const exactly =
      this.#rightness(answer, expected, exact) ??
      (sign === 'free' && format.kind === 'money' && read < 0 ? this.#rightness({ ...answer, value: -read }, expected, exact) : undefined);
    if (exactly) return { ...known, kind: exactly, credit: exactly === 'right' ? 1 : credit.rightRounded, explanations: [] };

    for (const reading of this.#allReadings())
      if (this.#rightness(answer, reading.keyed.expected, reading.keyed.exact)) return { ...known, kind: 'reading', credit: reading.credit, explanations: [], says: reading.says };

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

    const singles = this.#fitting(this.#candidates.singles, answer);
    if (singles.length > 0) return this.#explained(known, 'slip', singles, answer, this.#candidates.singles);
    if (carried?.keyed.ok) {
      const onOwn = this.#fitting(carried.candidates.singles, answer);
      if (onOwn.length > 0) return this.#explained(known, 'carried-slip', onOwn, answer, carried.candidates.singles, carried.from);
    }
    const pairs = this.#fitting(this.#candidates.pairs, answer);
    // Two slips at once explain much: they are believed only where a number could hardly fit by chance.
    if (pairs.length > 0 && chanceOf(answer, this.#candidates.pairs.length) < 0.05)
      return this.#explained(known, 'slip', pairs, answer, [...this.#candidates.singles, ...this.#candidates.pairs]);
    return { ...known, kind: 'unexplained', credit: 0, explanations: [] };
  }

  /** `right`, `right-rounded`, or nothing. */
  #rightness({ value, decimals, typed }: ReadAnswer, expected: number, exact: number): 'right' | 'right-rounded' | undefined {
    const { format, tolerance } = this.part;
    if (format.kind === 'years-months')
      return Math.round(value * 12 * 1e6) / 1e6 === Math.round(expected * 12) ? 'right' : Math.abs(value - exact) < 0.5 / 12 + 1e-9 ? 'right-rounded' : undefined;
    // Written to the asked places or finer, and the same number there.
    if ((typed || decimals >= format.decimals) && roundAs(value, { ...format, up: false }) === expected) return 'right';
    if (format.up && value === exact) return 'right-rounded';
    const within = tolerance ?? this.#rules.tolerance[format.kind];
    if (
      agreesAsWritten(exact, value, decimals, format) ||
      (format.up !== true && agreesAsWritten(expected, value, decimals, format)) ||
      Math.abs(value - expected) <= within * (1 + 1e-9)
    )
      return value === expected ? 'right' : 'right-rounded';
    return undefined;
  }

  #allReadings() {
    return (this.#readings ??= (this.part.readings ?? []).flatMap(({ ask, says, credit }) => {
      const parts = this.#exercise.parts.map((each) => (each.id === this.part.id ? { ...each, ask } : each));
      const keyed = answerKeyOf({ ...this.#exercise, parts }, this.part.id, this.#numbers, this.#rules);
      return keyed.ok ? [keyed.value, ...this.#byMultiplying(keyed.value)].map((each) => ({ says, credit, keyed: each })) : [];
    }));
  }

  /** A reading is not held to the cents by which the table's last payment differs: so many times the payment is the same meaning. */
  #byMultiplying(keyed: KeyedPart): KeyedPart[] {
    const asked = this.#askedFor({ ok: true, value: keyed });
    const multiplied = slipById('rounded-payment-multiplied');
    if (!asked || !multiplied?.applies(asked)) return [];
    return resultsOf(multiplied, asked).map(({ result }) => ({ ...keyed, exact: result, expected: roundAs(result, this.part.format) }));
  }

  /** The part worked again from the student's own earlier answers; nothing where it uses none, or all of them are the key's. */
  #carriedBy(own: OwnAnswers): { readonly keyed: Result<KeyedPart>; readonly candidates: Candidates; readonly from: readonly string[]; readonly own: OwnAnswers } | undefined {
    if (!this.#keyed.ok) return undefined;
    const from = this.#uses.filter((id) => own[id] !== undefined);
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

  /** The number that follows from own answers and is the one handed in: by the plan's own table, or by the closed forms. */
  #carriedNumber(answer: ReadAnswer, { keyed, from, own }: { readonly keyed: Result<KeyedPart>; readonly from: readonly string[]; readonly own: OwnAnswers }): number | undefined {
    if (keyed.ok && this.#rightness(answer, keyed.value.expected, keyed.value.exact)) return keyed.value.expected;
    const question = this.#keyed.ok ? this.#keyed.value.question : undefined;
    if (!question || from.length === 0) return undefined;
    const { format } = this.part;
    return resultsFromOwn(this.#exercise, this.part, question, own)
      .filter((exact) => this.#rightness(answer, roundAs(exact, format), exact) !== undefined)
      .map((exact) => roundAs(exact, format))[0];
  }

  #fitting(candidates: readonly Candidate[], { value, decimals, typed }: ReadAnswer): Candidate[] {
    const { format } = this.part;
    const fitting = candidates.filter((candidate) =>
      candidate.slips[0]!.id === 'rounded-to-unit'
        ? decimals >= format.decimals && roundTo(candidate.result, format.decimals) === roundTo(value, format.decimals)
        : agreesAsWritten(candidate.result, value, typed ? format.decimals : decimals, format),
    );
    // One explanation a slip: its likeliest variant.
    const seen = new Set<string>();
    return fitting
      .sort((a, b) => b.weight - a.weight)
      .filter(({ slips }) => {
        const id = slips.map((slip) => slip.id).join('+');
        return !seen.has(id) && seen.add(id);
      });
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
      : { ...known, kind: 'unexplained', credit: 0, explanations, byChance, says: 'Something fits, but a number as coarse as this fits something by chance.' };
  }

  #checkTable(entries: Entries, keyed: KeyedPart): Verdict {
    const { id } = this.part;
    const { question, table } = keyed;
    const cells = checkTable(id, entries, table!, question!, numberStyleById(this.#rules.numberStyle), this.part.tolerance ?? this.#rules.tolerance.money);
    const filled = cells.filter(({ kind }) => kind !== 'blank');
    const share = (kind: string): number =>
      kind === 'right'
        ? 1
        : kind === 'right-rounded'
          ? this.#rules.credit.rightRounded
          : kind === 'carried'
            ? this.#rules.credit.carried
            : kind === 'slip'
              ? this.#rules.credit.slip
              : 0;
    const credit = cells.reduce((sum, cell) => sum + share(cell.kind), 0) / cells.length;
    const whole = wholeTableSlip(id, entries, table!, cells, question!);
    const first = cells.find(({ kind }) => kind === 'slip' || kind === 'unexplained' || kind === 'unreadable');
    const explanations: Explanation[] = [
      ...(whole ? [{ slips: [whole.slip], title: whole.says, result: 0, says: whole.says }] : []),
      ...cells
        .filter((cell) => cell.slip !== undefined)
        .map((cell) => ({ slips: [cell.slip!], title: cell.says!, result: cell.read!, says: `${cell.says} (${cell.id.replace(':', ', ')})` })),
    ];
    const kind: Verdict['kind'] =
      filled.length === 0
        ? 'blank'
        : first?.kind === 'unreadable' || first?.kind === 'unexplained'
          ? 'unexplained'
          : first || whole
            ? 'slip'
            : cells.some(({ kind: each }) => each === 'carried')
              ? 'carried'
              : filled.length < cells.length
                ? 'unexplained'
                : cells.some(({ kind: each }) => each === 'right-rounded')
                  ? 'right-rounded'
                  : 'right';
    return {
      partId: id,
      kind,
      credit,
      expected: keyed.expected,
      expectedWritten: `${cells.length} cells`,
      explanations,
      cells,
      ...(filled.length < cells.length && filled.length > 0
        ? { says: `${cells.length - filled.length} of ${cells.length} cells are empty.` }
        : first
          ? { says: `The first cell that goes wrong is ${first.id.replace(':', ', ')}.` }
          : {}),
    };
  }
}

function partsSaid(from: readonly string[]): string {
  return `${from.length === 1 ? 'answer to part' : 'answers to parts'} ${from.join(' and ')}`;
}

function creditFor({ slips }: Candidate, { credit }: HouseRules): number {
  return Math.min(...slips.map(({ id, family }) => credit.bySlip[id] ?? credit.byFamily[family] ?? (family === 'sign' ? credit.sign : credit.slip)));
}

/** How likely a random number with as many digits would meet one of so many candidates. */
function chanceOf({ value, decimals }: ReadAnswer, candidates: number): number {
  const steps = Math.max(1, Math.round(Math.abs(value) * 10 ** Math.max(0, decimals)));
  const digits = Math.floor(Math.log10(steps)) + 1;
  return 1 - (1 - 1 / (9 * 10 ** (digits - 1))) ** candidates;
}

/** True when a number, rounded as the entry was written, is the entry. A finer entry is held to the places that were asked for. */
export function agreesAsWritten(result: number, read: number, decimals: number, format: AnswerFormat): boolean {
  const places = Math.min(decimals, format.kind === 'years-months' ? 2 : format.decimals);
  // Rounding away every digit would let anything fit.
  if (Math.abs(roundTo(read, places)) === 0 && Math.abs(result) > 0.5 * 10 ** -format.decimals) return false;
  return roundTo(result, places) === roundTo(read, places);
}

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
  return singleCandidates(asked)
    .filter(({ slips }) => slips[0]!.family !== 'copying' && slips[0]!.id !== 'cut-not-rounded' && slips[0]!.id !== 'rounded-to-unit')
    .sort((a, b) => b.weight - a.weight)
    .flatMap(({ slips: [slip], result, did }) => {
      const rounded = roundAs(result, { ...part.format, up: false });
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
  return new PreparedPart(exercise, {}, part, { ok: true, value: keyed }, [], rules).check({ [part.id]: text }, {});
}

/** A question by itself, as a part with the format such answers usually have. */
function byItself(question: Question, rules: HouseRules): { readonly part: Part; readonly keyed: KeyedPart } {
  const part: Part = { id: 'answer', prompt: '', marks: 1, ask: { quantity: question.ask.quantity, plan: '' }, format: usualFormat(question.ask.quantity) };
  return { part, keyed: keyPart(part, question, rules) };
}
