/** Numbers as a class writes them: grouping, decimal mark, minus sign. */

import { nth } from '../nth.ts';
import { roundTo } from './roundMoney.ts';

export interface NumberStyle {
  readonly id: string;
  /** How 1234.56 looks, for choosing. */
  readonly sample: string;
  readonly group: string;
  readonly decimal: string;
  /** Places shown for money; two when left out. House rules set it for what is looked at; texts that are read again keep their cents. */
  readonly moneyDecimals?: number;
}

export const numberStyles: readonly NumberStyle[] = [
  { id: 'comma-point', sample: '1,234.56', group: ',', decimal: '.' },
  { id: 'point-comma', sample: '1.234,56', group: '.', decimal: ',' },
  { id: 'space-comma', sample: '1 234,56', group: '\u00a0', decimal: ',' },
  { id: 'apostrophe-point', sample: "1'234.56", group: '’', decimal: '.' },
];

export const defaultNumberStyle: NumberStyle = nth(numberStyles, 0);

export function numberStyleById(id: string): NumberStyle {
  return numberStyles.find((style) => style.id === id) ?? defaultNumberStyle;
}

/**
 * Writes a number with grouping and a true minus sign, never in scientific notation.
 *
 * @param value any finite number; anything else is written as an en dash
 * @param decimals places shown, 0 to 20
 */
export function writeNumber(value: number, decimals: number, style: NumberStyle = defaultNumberStyle): string {
  if (!Number.isFinite(value)) return '–';
  const rounded = roundTo(Math.abs(value), decimals);
  const plain = rounded < 1e21 ? rounded.toFixed(decimals) : BigInt(roundTo(rounded, 0)).toString();
  const dot = plain.indexOf('.');
  const whole = dot < 0 ? plain : plain.slice(0, dot);
  let grouped = '';
  for (let at = 0; at < whole.length; at += 1) {
    if (at > 0 && (whole.length - at) % 3 === 0) grouped += style.group;
    grouped += whole[at];
  }
  const sign = value < 0 && rounded !== 0 ? '−' : '';
  return dot < 0 ? sign + grouped : `${sign}${grouped}${style.decimal}${plain.slice(dot + 1)}`;
}

/** Writes an amount of money: as many decimals as the style shows, two unless told otherwise. */
export function writeMoney(value: number, style?: NumberStyle, decimals = style?.moneyDecimals ?? 2): string {
  return writeNumber(value, decimals, style);
}

/** Writes a number with as many decimals as it needs, between `least` and `most`. */
export function writeBrief(value: number, least: number, most: number, style?: NumberStyle): string {
  let decimals = least;
  while (decimals < most && Math.abs(roundTo(value, decimals) - roundTo(value, most)) > 1e-12 * Math.abs(value))
    decimals += 1;
  return writeNumber(value, decimals, style);
}

/** Writes a rate given as a fraction in percent: 0.066 as `6.60 %`, with more decimals when it needs them (up to six). */
export function writePercent(fraction: number, style?: NumberStyle, least = 2, most = 6): string {
  return `${writeBrief(fraction * 100, least, most, style)}\u00a0%`;
}
