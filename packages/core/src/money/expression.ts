/**
 * Arithmetic as people type it into a slot: `price - 10%`, `48 000 × 0.9`, `(26800 + 450) / 2`. A small parser of its
 * own because slots speak the class's number style and percent; nothing is ever evaluated as code.
 */

import { fail, ok, type Problem, type Result } from '../result.ts';
import { defaultNumberStyle, type NumberStyle } from './numberStyle.ts';
import { readEntry, type Entry } from './readEntry.ts';

export interface Evaluated {
  readonly value: number;
  /** True when the whole is a percentage: `10 %`, but not `price × 10 %`. */
  readonly percent: boolean;
}

/** What a name stands for: a plain number, or a percentage (6.6 for 6.6 %). */
export type Named = number | { readonly percent: number };

/** Names an expression may use, by lower-case name; a name may be of several words. */
export type Scope = Readonly<Record<string, Named>>;

/** Functions a typed formula may call, by lower-case name; only what is listed can be called. */
export type Functions = Readonly<Record<string, (args: readonly number[]) => Result<number>>>;

const LONGEST = 200;
/** A formula that calls functions may be longer. */
const LONGEST_FORMULA = 600;
const DEEPEST = 40;

type Token =
  | { readonly kind: 'number'; readonly value: number; readonly percent: boolean }
  | { readonly kind: 'call'; readonly name: string; readonly call: (args: readonly number[]) => Result<number> }
  | { readonly kind: 'sign'; readonly sign: string };

/**
 * Evaluates an expression. `a + p %` and `a − p %` take the percentage of a; elsewhere p % is p/100. A percentage plus a
 * bare number is that many points more: `rate + 1.5`.
 *
 * @param text at most 200 characters; 600 where functions may be called
 * @param functions what may be called; their arguments are set apart by `;`, or by `,` where that is not the decimal mark
 * @returns the value, or `unreadable` / `out-of-range` with a sentence that says where
 */
export function evaluateExpression(
  text: string,
  scope: Scope = {},
  style: NumberStyle = defaultNumberStyle,
  functions: Functions = {},
): Result<Evaluated> {
  if (text.trim() === '') return fail('blank', 'Nothing was written.');
  const calls = Object.keys(functions).length > 0;
  if (text.length > (calls ? LONGEST_FORMULA : LONGEST))
    return fail('unreadable', calls ? 'This formula is too long.' : 'This is too long for a slot.');
  const tokens = tokenize(text, scope, style, functions);
  if ('code' in tokens) return { ok: false, problem: tokens };
  try {
    const parser = new Parser(tokens);
    const found = parser.sum(0);
    if (!parser.done) throw new Error('Something is left over after the expression.');
    if (!Number.isFinite(found.value))
      return fail('out-of-range', 'This comes to no number: is something divided by zero?');
    return ok({ value: found.percent ? found.value * 100 : found.value, percent: found.percent });
  } catch (error) {
    return fail('unreadable', error instanceof Error ? error.message : 'This cannot be read.');
  }
}

/**
 * Reads a slot: a plain entry with its unit, or else an expression over the names of a scope.
 */
export function readSlotText(text: string, scope: Scope, style: NumberStyle): Result<Entry> {
  const entry = readEntry(text, style);
  if (entry.ok || entry.problem.code === 'blank') return entry;
  if (!/[+*/^×÷()−-]|[a-z]/i.test(text)) return entry;
  const found = evaluateExpression(text, scope, style);
  if (!found.ok) return /[a-z]/i.test(text) && !/[+*/^×÷()−-]/.test(text) ? entry : found;
  return ok({ value: found.value.value, percent: found.value.percent, decimals: 0 });
}

function tokenize(text: string, scope: Scope, style: NumberStyle, functions: Functions): Token[] | Problem {
  return new Tokens(text, scope, style, functions).read();
}

const SIGN = /^[+\-*/^()×÷]/;
const spellings: Readonly<Record<string, string>> = { '×': '*', '÷': '/' };
/** Digits with their grouping; a comma parts arguments in a call, so there it groups nothing. */
const DIGITS = /^[\d.,'’](?:[\d.,'’]|[ \u00a0](?=\d{3}(?!\d)))*\s*(?:k\b|%)?/i;
const DIGITS_IN_CALL = /^[\d.][\d.'’]*\s*(?:k\b|%)?/i;

/** A text while it is parted into tokens, from left to right. */
class Tokens {
  readonly #scope: Scope;
  readonly #style: NumberStyle;
  readonly #functions: Functions;
  readonly #names: readonly string[];
  /** A comma parts arguments where a function is called, unless semicolons do or it is the decimal mark. */
  readonly #commaParts: boolean;
  readonly #tokens: Token[] = [];
  /** For each open bracket, whether a function's arguments are in it. */
  readonly #brackets: boolean[] = [];
  #rest: string;

  constructor(text: string, scope: Scope, style: NumberStyle, functions: Functions) {
    this.#scope = scope;
    this.#style = style;
    this.#functions = functions;
    this.#names = Object.keys(scope).sort((a, b) => b.length - a.length);
    this.#commaParts = Object.keys(functions).length > 0 && style.decimal !== ',' && !text.includes(';');
    this.#rest = text.replace(/[−–]/g, '-').trim();
  }

  read(): Token[] | Problem {
    while (this.#rest !== '') {
      const problem = this.#sign() ?? this.#number() ?? this.#call() ?? this.#named() ?? this.#strange();
      if (problem !== 'taken') return problem;
    }
    return this.#tokens;
  }

  #take(length: number, token: Token): 'taken' {
    this.#tokens.push(token);
    this.#rest = this.#rest.slice(length).trimStart();
    return 'taken';
  }

  get #inCall(): boolean {
    return this.#brackets.includes(true);
  }

  #sign(): 'taken' | undefined {
    const [first = ''] = this.#rest;
    if (this.#inCall && (first === ';' || (first === ',' && this.#commaParts)))
      return this.#take(1, { kind: 'sign', sign: ';' });
    if (!SIGN.test(first)) return undefined;
    // A bracket after a number, or after another one, multiplies.
    const before = this.#tokens.at(-1);
    if (first === '(' && (before?.kind === 'number' || (before?.kind === 'sign' && before.sign === ')')))
      this.#tokens.push({ kind: 'sign', sign: '*' });
    if (first === '(') this.#brackets.push(this.#tokens.at(-1)?.kind === 'call');
    if (first === ')') this.#brackets.pop();
    return this.#take(1, { kind: 'sign', sign: spellings[first] ?? first });
  }

  #number(): 'taken' | Problem | undefined {
    const digits = (this.#inCall && this.#commaParts ? DIGITS_IN_CALL : DIGITS).exec(this.#rest)?.[0];
    if (digits === undefined) return undefined;
    const entry = readEntry(digits, this.#style);
    if (!entry.ok) return entry.problem;
    const { value, percent } = entry.value;
    return this.#take(digits.length, { kind: 'number', value: percent ? value / 100 : value, percent });
  }

  #call(): 'taken' | undefined {
    const [all, name] = /^([a-z]+)\s*(?=\()/.exec(this.#rest.toLowerCase()) ?? [];
    if (all === undefined || name === undefined || !Object.hasOwn(this.#functions, name)) return undefined;
    const call = this.#functions[name];
    return call && this.#take(all.length, { kind: 'call', name, call });
  }

  #named(): 'taken' | undefined {
    const lower = this.#rest.toLowerCase();
    const name = this.#names.find((each) => lower.startsWith(each) && !/[a-z0-9]/i.test(this.#rest[each.length] ?? ''));
    const named = name === undefined ? undefined : this.#scope[name];
    if (name === undefined || named === undefined) return undefined;
    return this.#take(
      name.length,
      typeof named === 'number'
        ? { kind: 'number', value: named, percent: false }
        : { kind: 'number', value: named.percent / 100, percent: true },
    );
  }

  #strange(): Problem {
    const word = /^[\p{L}_][\p{L}\d_-]*/u.exec(this.#rest)?.[0];
    return {
      code: 'unreadable',
      message: word ? `“${word}” is not a name that can be used here.` : `“${this.#rest[0]}” cannot be read here.`,
    };
  }
}

interface Value {
  readonly value: number;
  readonly percent: boolean;
}

class Parser {
  readonly #tokens: readonly Token[];
  #at = 0;

  constructor(tokens: readonly Token[]) {
    this.#tokens = tokens;
  }

  get done(): boolean {
    return this.#at >= this.#tokens.length;
  }

  #takes(...signs: string[]): string | undefined {
    const token = this.#tokens[this.#at];
    if (token?.kind !== 'sign' || !signs.includes(token.sign)) return undefined;
    this.#at += 1;
    return token.sign;
  }

  sum(depth: number): Value {
    if (depth > DEEPEST) throw new Error('There are too many brackets inside each other.');
    let left = this.#product(depth);
    for (let sign = this.#takes('+', '-'); sign; sign = this.#takes('+', '-')) {
      const right = this.#product(depth);
      const step =
        right.percent && !left.percent
          ? left.value * right.value
          : left.percent && !right.percent
            ? right.value / 100
            : right.value;
      left = { value: sign === '+' ? left.value + step : left.value - step, percent: left.percent };
    }
    return left;
  }

  #product(depth: number): Value {
    let left = this.#power(depth);
    for (let sign = this.#takes('*', '/'); sign; sign = this.#takes('*', '/')) {
      const right = this.#power(depth);
      left = { value: sign === '*' ? left.value * right.value : left.value / right.value, percent: false };
    }
    return left;
  }

  #power(depth: number): Value {
    const base = this.#signed(depth);
    if (!this.#takes('^')) return base;
    return { value: base.value ** this.#power(depth + 1).value, percent: false };
  }

  #signed(depth: number): Value {
    if (depth > DEEPEST) throw new Error('There are too many signs in a row.');
    if (this.#takes('-')) {
      const { value, percent } = this.#signed(depth + 1);
      return { value: -value, percent };
    }
    if (this.#takes('+')) return this.#signed(depth + 1);
    if (this.#takes('(')) {
      const inside = this.sum(depth + 1);
      if (!this.#takes(')')) throw new Error('A bracket is not closed.');
      return inside;
    }
    const token = this.#tokens[this.#at];
    if (token?.kind === 'call') {
      this.#at += 1;
      return { value: this.#called(token.name, token.call, depth + 1), percent: false };
    }
    if (!token || token.kind === 'sign')
      throw new Error(token ? `A number is missing before “${token.sign}”.` : 'A number is missing at the end.');
    this.#at += 1;
    return { value: token.value, percent: token.percent };
  }

  /** The arguments in brackets; one left out between separators is 0, as worksheets have it. */
  #called(name: string, call: (args: readonly number[]) => Result<number>, depth: number): number {
    this.#takes('(');
    const args: number[] = [];
    if (!this.#takes(')'))
      for (;;) {
        const next = this.#tokens[this.#at];
        const leftOut = next?.kind === 'sign' && (next.sign === ';' || next.sign === ')');
        args.push(leftOut ? 0 : this.sum(depth).value);
        if (this.#takes(')')) break;
        if (!this.#takes(';')) throw new Error(`The brackets of ${name.toUpperCase()} are not closed.`);
      }
    const found = call(args);
    if (!found.ok) throw new Error(`${name.toUpperCase()}: ${found.problem.message}`);
    return found.value;
  }
}
