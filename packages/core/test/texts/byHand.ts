/** What payments, loans and savings come to, worked here, apart from core; i is the rate a period. */

import { readProblem } from '../../src/texts/index.ts';

/** What payments at the end of each period are worth at their start. */
export const worthOf = (payment: number, i: number, n: number): number => (payment * (1 - (1 + i) ** -n)) / i;
export const savedOf = (payment: number, i: number, n: number): number => (payment * ((1 + i) ** n - 1)) / i;
export const paymentOf = (amount: number, i: number, n: number): number => (amount * i) / (1 - (1 + i) ** -n);
export const owedAfter = (amount: number, payment: number, i: number, k: number): number =>
  amount * (1 + i) ** k - savedOf(payment, i, k);
/** How many payments clear an amount. */
export const countOf = (amount: number, payment: number, i: number): number =>
  -Math.log(1 - (amount * i) / payment) / Math.log(1 + i);

/** The exact answers of a text that leaves no doubt. */
export function answersOf(text: string): number[] {
  const { doubts, asks } = readProblem(text);
  expect(doubts).toEqual([]);
  return asks.map(({ answers }) => answers[0]!);
}
