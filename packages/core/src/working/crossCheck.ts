/** Cross-check: every way's number side by side, and why those that differ do. */

import { capital } from '../capital.ts';
import { nth } from '../nth.ts';
import { writeNumber, type NumberStyle } from '../money/numberStyle.ts';
import { roundTo } from '../money/roundMoney.ts';
import type { Rounded, Way, WorkedSolution } from './solution.ts';

export interface CheckedWay {
  readonly id: Way['id'];
  readonly title: string;
  /** To the decimals asked for. */
  readonly written: string;
  /** This way's number less the first way's, 0 where they agree to the decimals asked for. */
  readonly difference: number;
  /** Why it differs, where it does. */
  readonly because?: string;
}

export interface CrossCheck {
  readonly ways: readonly CheckedWay[];
  /** "All five agree to 6 decimals." */
  readonly brief: string;
  /** The same with what separates those that do not. */
  readonly says: string;
}

const reasons: Readonly<Record<Rounded, string>> = {
  'payment-rounded': 'the payment is rounded before it is used further',
  'rows-rounded': 'interest is rounded to the cent in every row, and the last payment settles what that leaves',
  'count-rounded': 'a part of a payment is not made: the count is rounded up',
  'amount-rounded': 'the amount is rounded to the cent',
  'payment-unrounded': 'the payment keeps all its digits there, and is not rounded to the cent',
  'charge-rounded': 'the charge is rounded to the cent',
};

const words = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight'];

/**
 * Holds the ways of a solution against each other.
 *
 * @param decimals places compared and shown, 0 to 15
 */
export function crossCheck(
  { ways, unit }: Pick<WorkedSolution, 'ways' | 'unit'>,
  decimals: number,
  style: NumberStyle,
): CrossCheck {
  const first = ways[0];
  if (!first) return { ways: [], brief: 'No way gives a number yet.', says: 'No way gives a number yet.' };
  const same = (a: number, b: number): boolean => {
    // Past the digits a double has, nothing differs.
    const digits = 2e-11 * Math.max(Math.abs(a), Math.abs(b), 1e-6);
    return Math.abs(a - b) <= digits || roundTo(a, decimals) === roundTo(b, decimals);
  };
  const checked = ways.map((way): CheckedWay => {
    const agrees = same(way.number, first.number);
    const own = way.rounds.filter((each) => !first.rounds.includes(each));
    const theirs = first.rounds.filter((each) => !way.rounds.includes(each));
    const because = agrees
      ? undefined
      : own.length > 0
        ? sentence(own.map((each) => reasons[each]))
        : theirs.length > 0
          ? `unlike ${first.title.toLowerCase()}: there ${theirs.map((each) => reasons[each]).join(', and ')}`
          : way.rounds.length > 0
            ? sentence(way.rounds.map((each) => reasons[each]))
            : 'the last digits of a double: they mean nothing';
    return {
      id: way.id,
      title: way.title,
      written: `${writeNumber(way.number, decimals, style)}${unit === 'percent' ? '\u00a0%' : ''}`,
      difference: agrees ? 0 : way.number - first.number,
      ...(because ? { because } : {}),
    };
  });
  const differing = checked.filter(({ difference }) => difference !== 0);
  const all = words[checked.length] ?? String(checked.length);
  const places = decimals === 0 ? 'in whole numbers' : decimals === 1 ? 'to 1 decimal' : `to ${decimals} decimals`;
  const agreeing = checked.length - differing.length;
  const brief =
    checked.length === 1
      ? 'Only one way gives this number.'
      : differing.length === 0
        ? `All ${all} agree ${places}.`
        : `${capital(nth(words, agreeing))} of ${all} ${agreeing === 1 ? 'gives' : 'agree on'} ${nth(checked, 0).written}; the others differ by rounding.`;
  const apart = differing.map(({ title, because }) => `${title.toLowerCase()} differs: ${because}`).join('; ');
  return {
    ways: checked,
    brief,
    says:
      differing.length === 0 || checked.length === 1
        ? brief
        : `${capital(nth(words, agreeing))} of ${all} agree ${places}; ${apart}.`,
  };
}

function sentence(parts: readonly string[]): string {
  return parts.join(', and ');
}
