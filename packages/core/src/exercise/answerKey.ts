/** The key of an exercise: a graph of parts, worked in the order in which they use each other. */

import { fail, ok, type Result } from '../result.ts';
import { evaluateExpression, type Named, type Scope } from '../money/expression.ts';
import type { NumberStyle } from '../money/numberStyle.ts';
import { callableFunctions } from '../annuity/sheetFunctions.ts';
import type { Ask, Quantity } from '../case/quantity.ts';
import { askCase, readAsked, solveRead, type Question, type Solved } from '../statement/question.ts';
import type { StatementDraft } from '../statement/draft.ts';
import { valueSlot, type ValueSlot } from '../case/solved.ts';
import { byHandKey, noNumberOf } from './byHand.ts';
import type { Exercise, Numbers, Part, PartAsk } from './exercise.ts';
import { keyTable, type KeyTable } from './fillTable.ts';
import { keyRelation, writeRelation, type KeyRelation } from './keyRelation.ts';
import { roundAs, writeAnswer } from './format.ts';
import { namesIn, type GivensInForce } from './givens.ts';
import { readArgs } from './readArgs.ts';
import { readOnce, type ReadOnce } from './readOnce.ts';
import type { HouseRules } from './houseRules.ts';
import { answerName, silentlyUsed, textsOf, usesOf } from './uses.ts';

export interface KeyedPart {
  readonly part: Part;
  /** In the answer's own unit, unrounded: money, percent (6.6, not 0.066), payments, years. */
  readonly exact: number;
  /** Rounded as the part's format says. */
  readonly expected: number;
  /** `expected` in writing; for a choice, the plan's name before it. */
  readonly written: string;
  /** The question behind it; none for expressions, differences and choices. */
  readonly question?: Question;
  /** The questions whose answers it is made of, for differences and choices. */
  readonly questions: readonly Question[];
  /** The parts whose answers it uses, directly. */
  readonly uses: readonly string[];
  /** For a choice: the id of the plan that is better. */
  readonly choice?: string;
  /** For a table to fill in. */
  readonly table?: KeyTable;
  /** For a relation. */
  readonly relation?: KeyRelation;
  /** A person marks it. */
  readonly byHand?: true;
}

/** A student's own answers, by part, in the answers' own units: later parts go on from them. */
export type OwnAnswers = Readonly<Record<string, number>>;

/**
 * Works out every part.
 *
 * @param numbers a student's own numbers, by given
 * @param own answers that stand in for the key's where a later part uses them
 * @returns one result a part, in order; a part that cannot be worked says why and the others go on
 */
export function answerKey(
  exercise: Exercise,
  numbers: Numbers,
  rules: HouseRules,
  own: OwnAnswers = {},
): Result<KeyedPart>[] {
  return new Key(exercise, numbers, rules, own).all();
}

/**
 * Works out one part, and of the others only what it uses.
 *
 * @param everywhere whether earlier answers are rounded, whatever a part itself says
 */
export function answerKeyOf(
  exercise: Exercise,
  partId: string,
  numbers: Numbers,
  rules: HouseRules,
  own: OwnAnswers = {},
  everywhere?: HouseRules['earlier'],
): Result<KeyedPart> {
  return new Key(exercise, numbers, rules, own, everywhere).one(partId);
}

/** A part while its key is worked out. */
interface AtPart {
  readonly part: Part;
  readonly uses: readonly string[];
  readonly names: Scope;
  /** The parts that led to this one. */
  readonly path: readonly string[];
}

/** Works out parts when they are asked for; what they share is solved once. */
export class Key {
  readonly #exercise: Exercise;
  readonly #rules: HouseRules;
  readonly #own: OwnAnswers;
  readonly #everywhere: HouseRules['earlier'] | undefined;
  readonly #read: ReadOnce;
  readonly #done = new Map<string, Result<KeyedPart>>();
  readonly #plans = new Map<string, Result<Solved>>();

  constructor(
    exercise: Exercise,
    numbers: Numbers,
    rules: HouseRules,
    own: OwnAnswers,
    everywhere?: HouseRules['earlier'],
  ) {
    this.#exercise = exercise;
    this.#rules = rules;
    this.#own = own;
    this.#everywhere = everywhere;
    this.#read = readOnce(exercise, numbers, rules);
  }

  get #givens(): GivensInForce {
    return this.#read.givens;
  }

  get #style(): NumberStyle {
    return this.#read.style;
  }

  all(): Result<KeyedPart>[] {
    return this.#exercise.parts.map((part) => this.#keyOf(part, []));
  }

  one(id: string): Result<KeyedPart> {
    return this.#keyOf(
      this.#exercise.parts.find((part) => part.id === id)!,
      [],
    );
  }

  #keyOf(part: Part, path: readonly string[]): Result<KeyedPart> {
    const before = this.#done.get(part.id);
    if (before) return before;
    if (path.includes(part.id))
      return fail(
        'out-of-range',
        `The parts go round in a circle: ${[...path.slice(path.indexOf(part.id)), part.id].join(' needs ')}.`,
        { field: 'ask' },
      );
    const result = this.#work(part, [...path, part.id]);
    this.#done.set(part.id, result);
    return result;
  }

  /** The names a part may use: givens and the answers it needs, rounded before use where the rules say so. */
  #namesFor(part: Part, uses: readonly string[], path: readonly string[]): Result<Scope> {
    if (uses.length === 0) return ok(this.#givens.names);
    const names: Record<string, Named> = { ...this.#givens.names };
    for (const id of uses) {
      const value = this.#answerOf(part, id, path);
      if (!value.ok) return value;
      const format = this.#exercise.parts.find((each) => each.id === id)!.format;
      names[answerName(id)] = format.kind === 'percent' ? { percent: value.value } : value.value;
    }
    return ok(names);
  }

  /** An earlier answer as this part goes on with it: the student's own where there is one. */
  #answerOf(part: Part, id: string, path: readonly string[]): Result<number> {
    const own = this.#own[id];
    if (own !== undefined) return ok(own);
    const { parts } = this.#exercise;
    const earlier = this.#keyOf(
      parts.find((each) => each.id === id)!,
      path,
    );
    if (earlier.ok && earlier.value.byHand) return noNumberOf(id);
    if (!earlier.ok)
      return earlier.problem.message.includes('in a circle')
        ? earlier
        : fail(earlier.problem.code, `Part ${id} comes first, and it has no answer yet: ${earlier.problem.message}`, {
            field: 'ask',
          });
    return ok(
      (this.#everywhere ?? part.earlier ?? this.#rules.earlier) === 'rounded'
        ? earlier.value.expected
        : earlier.value.exact,
    );
  }

  #work(part: Part, path: readonly string[]): Result<KeyedPart> {
    const { ask } = part;
    const uses = this.#usesOf(part);
    const names = this.#namesFor(part, uses, path);
    if (!names.ok) return names;
    const unread = Object.keys(this.#givens.problems);
    const needed = unread.length > 0 ? namesIn(textsOf(this.#exercise, ask).join(' ; '), unread)[0] : undefined;
    if (needed !== undefined) return { ok: false, problem: { ...this.#givens.problems[needed]!, field: 'givens' } };
    const at: AtPart = { part, uses, names: names.value, path };
    switch (ask.quantity) {
      case 'expression':
        return this.#expression(at, ask.text);
      case 'difference':
        return this.#difference(at, ask);
      case 'choice':
        return this.#choice(at, ask);
      case 'table':
        return this.#table(at, ask);
      case 'relation':
        return this.#relation(at, ask.plan);
      case 'by-hand':
        return ok(byHandKey(part));
      default: {
        const question = this.#ask(part, ask.quantity, ask.plan, names.value, path);
        return question.ok
          ? this.#keyed(at, question.value.exact, { question: question.value, questions: [question.value] })
          : question;
      }
    }
  }

  #keyed({ part, uses }: AtPart, exact: number, more: Partial<KeyedPart> = {}): Result<KeyedPart> {
    const expected = roundAs(exact, part.format);
    const rules = this.#rules;
    return ok({
      part,
      exact,
      expected,
      // Many keys are worked out to compare numbers alone.
      get written() {
        return writeAnswer(expected, part.format, rules);
      },
      questions: [],
      uses,
      ...more,
    });
  }

  #usesOf(part: Part): readonly string[] {
    const { uses } = this.#read;
    let found = uses.get(part.id);
    if (!found) uses.set(part.id, (found = usesOf(this.#exercise, part)));
    return found;
  }

  #expression(at: AtPart, text: string): Result<KeyedPart> {
    const found = evaluateExpression(text, at.names, this.#style, callableFunctions);
    if (!found.ok) return fail(found.problem.code, found.problem.message, { field: 'text' });
    const { percent, value } = found.value;
    return this.#keyed(at, percent && at.part.format.kind !== 'percent' ? value / 100 : value);
  }

  /** The same question asked of several plans. */
  #askAll({ part, names, path }: AtPart, of: Quantity, ids: readonly string[]): Result<Question[]> {
    const questions: Question[] = [];
    for (const id of ids) {
      const question = this.#ask(part, of, id, names, path);
      if (!question.ok) return question;
      questions.push(question.value);
    }
    return ok(questions);
  }

  #difference(at: AtPart, ask: Extract<PartAsk, { quantity: 'difference' }>): Result<KeyedPart> {
    const asked = this.#askAll(at, ask.of, [ask.plan, ask.other]);
    if (!asked.ok) return asked;
    const [one, other] = asked.value;
    return this.#keyed(at, (one?.exact ?? NaN) - (other?.exact ?? NaN), { questions: asked.value });
  }

  #choice(at: AtPart, ask: Extract<PartAsk, { quantity: 'choice' }>): Result<KeyedPart> {
    const asked = this.#askAll(at, ask.of, ask.plans);
    if (!asked.ok) return asked;
    if (asked.value.length < 2) return fail('out-of-range', 'A choice needs two plans or more.', { field: 'plans' });
    const offers = asked.value.map((question, place) => ({ exact: question.exact, id: ask.plans[place] ?? '' }));
    const isBetter = (a: number, b: number): boolean => (ask.prefer === 'less' ? a < b : a > b);
    const best = offers.reduce((before, each) => (isBetter(each.exact, before.exact) ? each : before));
    const found = this.#keyed(at, best.exact, { questions: asked.value, choice: best.id });
    const name = this.#exercise.plans.find(({ id }) => id === best.id)?.name ?? best.id;
    return found.ok ? ok({ ...found.value, written: `${name}, ${found.value.written}` }) : found;
  }

  #table(at: AtPart, ask: Extract<PartAsk, { quantity: 'table' }>): Result<KeyedPart> {
    const question = this.#ask(at.part, 'total-interest', ask.plan, at.names, at.path);
    if (!question.ok) return question;
    const range = readArgs(ask.args, at.names, this.#style);
    if (!range.ok) return range;
    const { table } = question.value.solved;
    const { from = 1, to = table.count } = range.value;
    const { blanks, columns, totals } = ask;
    const firstDate = question.value.draft.firstPaymentDate;
    const filled = keyTable(table, { from, to, blanks, columns, totals, firstDate });
    if (!filled.ok) return filled;
    return this.#keyed(at, filled.value.blanks.length, { question: question.value, table: filled.value });
  }

  #relation(at: AtPart, plan: string): Result<KeyedPart> {
    const { part, names, path } = at;
    const question = this.#ask(part, 'multiplier', plan, names, path);
    if (!question.ok) return question;
    const relation = keyRelation(question.value);
    if (!relation.ok) return relation;
    const exact = relation.value.multiplier;
    const written = writeRelation(relation.value, part.format, this.#rules);
    const more = { expected: exact, written, question: question.value, relation: relation.value };
    return this.#keyed(at, exact, more);
  }

  /** Several parts read one plan: it is solved once for each unknown and each set of answers its slots name. */
  #solved(planId: string, draft: StatementDraft, rounding: HouseRules['rounding'], names: Scope): Result<Solved> {
    const answers = Object.entries(names).filter(([name]) => name.startsWith('answer '));
    const key = `${planId} ${draft.unknown} ${JSON.stringify(answers)}`;
    let found = this.#plans.get(key);
    if (!found) this.#plans.set(key, (found = solveRead(this.#statement(key, draft, names), rounding)));
    return found;
  }

  #statement(key: string, draft: StatementDraft, names: Scope): ReturnType<typeof readAsked> {
    const { statements } = this.#read;
    // Own answers are many: what follows from them is not remembered.
    if (Object.keys(this.#own).length > 0) return readAsked(draft, names);
    let found = statements.get(key);
    if (!found) statements.set(key, (found = readAsked(draft, names)));
    return found;
  }

  #ask(part: Part, quantity: Quantity, planId: string, names: Scope, path: readonly string[]): Result<Question> {
    const plan = this.#exercise.plans.find(({ id }) => id === planId);
    if (!plan)
      return fail('out-of-range', 'This part asks about a plan that is not in the exercise.', { field: 'plan' });
    const range = readArgs(part.ask.args, names, this.#style);
    if (!range.ok) return range;
    const { paying, ...args } = range.value;
    const own: Partial<Record<ValueSlot, number>> = {};
    const silent = silentlyUsed(this.#exercise, part, planId);
    if (paying !== undefined) own.payment = paying;
    else if (silent) {
      const slot = valueSlot(plan.draft.unknown);
      const value = this.#answerOf(part, silent.id, path);
      if (!value.ok) return value;
      // The key's own rounding is the plan's where the payment is meant; only another number changes the plan.
      if (this.#own[silent.id] !== undefined || slot !== 'payment')
        own[slot] = slot === 'rate' ? value.value / 100 : value.value;
    }
    return askCase(
      plan.draft,
      { quantity, ...args } as Ask,
      this.#rules.rounding,
      names,
      own,
      (draft, rounding, scope) => this.#solved(planId, draft, rounding, scope),
    );
  }
}
