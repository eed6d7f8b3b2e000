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
export function roundAs(value: number, { kind, decimals, up = false }: AnswerFormat): number {
  if (kind === 'years-months') {
    const months = value * 12;
    return (up ? Math.ceil(months - NEAR_WHOLE) : roundTo(months, 0)) / 12;
  }
  if (up) {
    const scale = 10 ** decimals;
    return Math.ceil(value * scale - NEAR_WHOLE) / scale;
  }
  return roundTo(value, decimals);
}

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
