/** How core answers: a value, or a named problem with a sentence that says what to change. */

export type ProblemCode =
  | 'not-a-number'
  | 'out-of-range'
  | 'never-repaid'
  | 'no-payments'
  | 'same-signs'
  | 'no-rate'
  | 'several-rates'
  | 'not-reached'
  | 'unreadable'
  | 'shown-error'
  | 'blank';

export interface Problem {
  readonly code: ProblemCode;
  /** One sentence for the person who typed the input. */
  readonly message: string;
  /** The input it is about, in the names of the function's own argument. */
  readonly field?: string;
  /** `several-rates`: every rate per payment that satisfies the equation, ascending. */
  readonly rates?: readonly number[];
  /** `never-repaid`: the first row of the table in which the balance grew. */
  readonly row?: number;
}

export type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: Problem };

export function ok<T>(value: T): Result<T> {
  return { ok: true, value };
}

export function fail(
  code: ProblemCode,
  message: string,
  more: Omit<Problem, 'code' | 'message'> = {},
): { readonly ok: false; readonly problem: Problem } {
  return { ok: false, problem: { code, message, ...more } };
}

/** The value of a result that cannot fail here; throws the problem's sentence otherwise. For tests and constants. */
export function must<T>(result: Result<T>): T {
  if (!result.ok) throw new Error(`${result.problem.code}: ${result.problem.message}`);
  return result.value;
}
