/** The verdict of a recurrence from those of its pieces: the start, the multiplier, the amount each payment takes or adds. */

import { capital } from '../capital.ts';
import { numberStyleById, writeBrief, writeMoney, type NumberStyle } from '../money/numberStyle.ts';
import type { KeyedPart } from '../exercise/answerKey.ts';
import type { Part } from '../exercise/exercise.ts';
import type { HouseRules } from '../exercise/houseRules.ts';
import type { KeyRelation } from '../exercise/keyRelation.ts';
import { readRelation, type ReadRelation } from './readRelation.ts';
import type { CellVerdict, Verdict } from './verdict.ts';

export const relationPieces = ['start', 'multiplier', 'amount'] as const;
type Piece = (typeof relationPieces)[number];

export const pieceWords: Readonly<Record<Piece, string>> = {
  start: 'the start',
  multiplier: 'the multiplier',
  amount: 'the amount taken or added',
};

/** Every piece counts the same. @param onOwn the relation that follows from the student's own earlier answers */
export function relationVerdict(
  part: Part,
  { relation, written, expected }: KeyedPart,
  text: string,
  rules: HouseRules,
  onOwn?: KeyRelation,
): Verdict {
  const head = { partId: part.id, expected, expectedWritten: written };
  const style = numberStyleById(rules.numberStyle);
  const read = readRelation(text, style);
  if (!read.ok || !relation) {
    const kind = read.ok || read.problem.code === 'blank' ? 'blank' : 'unreadable';
    return { ...head, kind, credit: 0, explanations: [], says: read.ok ? '' : read.problem.message };
  }
  const cells = relationPieces.map((piece) => judgePiece(piece, read.value, relation, part, rules, onOwn));
  const shares = cells.map(({ kind }) => (kind === 'right' ? 1 : kind === 'carried' ? rules.credit.carried : 0));
  const credit = shares.reduce((sum, share) => sum + share, 0) / cells.length;
  const wrong = cells.filter(({ kind }) => kind !== 'right' && kind !== 'carried');
  const kind = wrong.length > 0 ? 'unexplained' : cells.some((cell) => cell.kind === 'carried') ? 'carried' : 'right';
  const says = wrong.map(({ says: why }) => why ?? '').filter((why) => why !== '');
  return {
    ...head,
    kind,
    credit,
    explanations: [],
    cells,
    ...(says.length > 0 ? { says: says.join(' ') } : {}),
  };
}

function judgePiece(
  piece: Piece,
  read: ReadRelation,
  key: KeyRelation,
  part: Part,
  rules: HouseRules,
  onOwn: KeyRelation | undefined,
): CellVerdict {
  const id = `relation:${piece}`;
  const wanted = valueOf(piece, key);
  const own = onOwn ? valueOf(piece, onOwn) : wanted;
  const found = piece === 'start' ? read.start : piece === 'multiplier' ? read.multiplier : read.constant;
  const base = { id, expected: wanted, expectedOwn: own };
  if (found === undefined)
    return { ...base, kind: 'blank', says: 'The start is not written: say what the first value is.' };
  const near = (value: number): boolean => Math.abs(found - value) <= roomOf(piece, key, part, rules);
  if (near(wanted)) return { ...base, kind: 'right', read: found };
  if (near(own)) return { ...base, kind: 'carried', read: found };
  return {
    ...base,
    kind: 'unexplained',
    read: found,
    says: whyWrong(piece, found, key, numberStyleById(rules.numberStyle), near),
  };
}

/** The amount is held against what is added once brackets are multiplied out. */
function valueOf(piece: Piece, { start, multiplier, step, inAdvance }: KeyRelation): number {
  if (piece === 'start') return start;
  return piece === 'multiplier' ? multiplier : inAdvance ? multiplier * step : step;
}

/** A multiplier is right to the places that are asked for, amounts as the house rules say. */
function roomOf(piece: Piece, { multiplier }: KeyRelation, { format, tolerance }: Part, rules: HouseRules): number {
  if (piece === 'multiplier') return Math.max(tolerance ?? 0, 0.5 * 10 ** -format.decimals + 1e-12);
  return rules.tolerance.money * (piece === 'amount' ? Math.max(1, multiplier) : 1) + 1e-9;
}

/** What a wrong piece is made of, where that is known. */
function whyWrong(
  piece: Piece,
  found: number,
  key: KeyRelation,
  style: NumberStyle,
  near: (value: number) => boolean,
): string {
  const { i, quoted, multiplier, step, start, inAdvance } = key;
  const causes: readonly (readonly [number, string])[] =
    piece === 'multiplier'
      ? [
          [i, 'this is the rate for one payment alone; a term keeps all of the one before it as well, so 1 is added.'],
          [1 + quoted, 'the rate a year was added to 1 instead of the rate for one payment.'],
          [quoted, 'this is the rate a year.'],
          [1 - i, 'the rate was taken from 1; what is owed or saved grows by it.'],
          [1 + i * 100, 'the rate was used in percent, not as a fraction.'],
          [1 / multiplier, 'this is its inverse, which goes back by one term.'],
        ]
      : piece === 'amount'
        ? [
            [
              -valueOf('amount', key),
              step < 0 ? 'the payment was added; it is taken away.' : 'the deposit was taken away; it is added.',
            ],
            [
              inAdvance ? step : multiplier * step,
              inAdvance
                ? 'the payment comes before the interest: it grows too.'
                : 'the payment comes after the interest: it does not grow.',
            ],
            [0, 'the payment is left out.'],
          ]
        : [
            [Math.abs(step), 'this is the payment; it starts with the amount.'],
            [start * multiplier + step, 'this is the first term after a payment; it starts before it.'],
          ];
  const cause = causes.find(([value]) => near(value))?.[1];
  const shown = piece === 'multiplier' ? writeBrief(found, 2, 8, style) : writeMoney(found, style);
  return `${capital(pieceWords[piece])} is not ${shown}${cause ? `: ${cause}` : '.'}`;
}
