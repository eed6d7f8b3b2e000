/** Candidates of answers that are made of others: a difference, a choice between plans, an expression over earlier answers. */

import type { Candidate } from './candidates.ts';

/** A mistake on both sides alike is likelier than one on a single side. */
const ONE_SIDE = 0.6;

/** The candidates of one side, with the right number that stands there otherwise. */
export interface Side {
  readonly exact: number;
  readonly candidates: readonly Candidate[];
}

/** Of a difference: the same mistake on both sides, or one on either. */
export function ofDifference(one: Side, other: Side): Candidate[] {
  const both = bySlip(one.candidates).flatMap(([id, left]) => {
    const right = bySlip(other.candidates).find(([each]) => each === id)?.[1] ?? [];
    return left.flatMap((each, at) => {
      const beside = right[at];
      return beside ? [{ ...each, result: each.result - beside.result, did: `${each.did} So on both sides.` }] : [];
    });
  });
  return [
    ...both,
    ...one.candidates.map((each) => onOneSide(each, each.result - other.exact, 'the first side')),
    ...other.candidates.map((each) => onOneSide(each, one.exact - each.result, 'the second side')),
  ].map(withoutTable);
}

/** Of a choice: the same mistake for every plan, and the better number of what comes of it; or one in the better plan alone. */
export function ofChoice(sides: readonly Side[], better: number, prefer: 'less' | 'more'): Candidate[] {
  const alone = sides[better];
  const [first, ...rest] = sides.map(({ candidates }) => new Map(bySlip(candidates)));
  if (!alone || !first) return [];
  const all = [...first].flatMap(([id, candidates]) =>
    candidates.flatMap((each, at) => {
      const beside = rest.map((others) => others.get(id)?.[at]?.result);
      const numbers = [each.result, ...beside].filter((result) => result !== undefined);
      if (numbers.length < sides.length) return [];
      const result = prefer === 'less' ? Math.min(...numbers) : Math.max(...numbers);
      return [{ ...each, result, did: `${each.did} So for every plan.` }];
    }),
  );
  return [...all, ...alone.candidates.map((each) => ({ ...each, weight: each.weight * ONE_SIDE }))].map(withoutTable);
}

/**
 * Of an expression: a mistake in an earlier answer that was not submitted, or not so.
 *
 * @param candidates those of the earlier answer
 * @param evaluate the expression with a number in that answer's place, for each combination of what else is in it
 * @param tell what was done in the earlier part, in words
 */
export function ofExpression(
  candidates: readonly Candidate[],
  evaluate: readonly ((answer: number) => number | undefined)[],
  tell: (candidate: Candidate) => string,
): Candidate[] {
  return candidates
    .filter(({ slips: [slip] }) => slip && !('wrongAnswer' in slip))
    .flatMap((each) =>
      evaluate.flatMap((of) => {
        const result = of(each.result);
        return result === undefined || !Number.isFinite(result)
          ? []
          : [{ slips: each.slips, result, did: '', weight: each.weight * ONE_SIDE, tell: () => tell(each) }];
      }),
    );
}

/** A function that is a straight line, as most expressions are in one answer, from three of its points; any other as it is. */
export function straight(f: (x: number) => number | undefined): (x: number) => number | undefined {
  const [zero, one, thousand] = [f(0), f(1), f(1000)];
  if (zero === undefined || one === undefined || thousand === undefined) return f;
  const slope = (thousand - zero) / 1000;
  return Math.abs(zero + slope - one) < 1e-9 * (1 + Math.abs(one)) ? (x) => zero + slope * x : f;
}

function onOneSide(each: Candidate, result: number, side: string): Candidate {
  return { ...each, result, weight: each.weight * ONE_SIDE, did: `${each.did} So on ${side} only.` };
}

/** What is put together is looked for by the closed forms alone, and told as it is. */
function withoutTable({ slips, result, did, weight }: Candidate): Candidate {
  return { slips, result, did, weight };
}

function bySlip(candidates: readonly Candidate[]): [string, Candidate[]][] {
  const found = new Map<string, Candidate[]>();
  for (const each of candidates) {
    const id = each.slips.map((slip) => slip.id).join('+');
    const before = found.get(id);
    if (before) before.push(each);
    else found.set(id, [each]);
  }
  return [...found];
}
