/** How answers are written and rounded: money, percent, counts, years and months. */

import { numberStyleById, writeNumber } from '../money/numberStyle.ts';
import { roundTo } from '../money/roundMoney.ts';
import { NEAR_WHOLE } from '../annuity/sayCount.ts';
import { quantities } from '../case/quantities.ts';
import type { Quantity } from '../case/quantity.ts';
import type { AnswerFormat } from './exercise.ts';
import type { HouseRules } from './houseRules.ts';

/** The format answers to a quantity usually have. */
export function usualFormat(quantity: Quantity): AnswerFormat {
  const { unit } = quantities[quantity];
  if (unit === 'percent') return { kind: 'percent', decimals: 2 };
  if (unit === 'money') return { kind: 'money', decimals: 2 };
  if (unit === 'number') return { kind: 'number', decimals: 4 };
  return unit === 'years' ? { kind: 'years-months', decimals: 0, up: true } : { kind: 'count', decimals: 0, up: true };
}

/** A number rounded as a format says; years and months to whole months. */
export function roundAs(value: number, format: AnswerFormat): number {
  const { up = false, down = false } = format;
  const scale = partsOf(format);
  if (up) return Math.ceil(value * scale - NEAR_WHOLE) / scale;
  if (down) return Math.floor(value * scale + NEAR_WHOLE) / scale;
  return format.kind === 'years-months' ? roundTo(value * scale, 0) / scale : roundTo(value, format.decimals);
}

/** How many of the smallest that is written make one. */
export const partsOf = ({ kind, decimals }: AnswerFormat): number => (kind === 'years-months' ? 12 : 10 ** decimals);

/** Whether what is not whole goes to one side, and not to the nearest. */
export const isToOneSide = ({ up = false, down = false }: AnswerFormat): boolean => up || down;

/** The format with its places alone, for a number that is no answer to what is asked. */
export const toTheNearest = (format: AnswerFormat): AnswerFormat => ({ ...format, up: false, down: false });

/** An answer in the class's own writing. */
export function writeAnswer(value: number, format: AnswerFormat, rules: Pick<HouseRules, 'numberStyle'>): string {
  if (format.kind === 'years-months') {
    const months = Math.abs(roundTo(value * 12, 0));
    const [years, rest] = [Math.floor(months / 12), months % 12];
    const sign = value < 0 && months > 0 ? '−' : '';
    return (
      sign +
      [
        ...(years > 0 ? [`${years} ${years === 1 ? 'year' : 'years'}`] : []),
        ...(rest > 0 || years === 0 ? [`${rest} ${rest === 1 ? 'month' : 'months'}`] : []),
      ].join(' ')
    );
  }
  const text = writeNumber(value, format.decimals, numberStyleById(rules.numberStyle));
  return format.kind === 'percent' ? `${text}\u00a0%` : text;
}
