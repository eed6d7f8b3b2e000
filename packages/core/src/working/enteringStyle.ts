/** Entering styles: how a tool wants its numbers. A style is data, so that an instructor can copy one and change it. */

import { nth } from '../nth.ts';

export type EnteredName = 'n' | 'rate' | 'pv' | 'pmt' | 'fv';

export interface EnteringStyle {
  readonly id: string;
  readonly name: string;
  /** What is entered for the rate. */
  readonly rate: 'percent-a-year' | 'percent-a-payment' | 'decimal-a-payment';
  /** Payments and compoundings a year are set apart; needed where the rate is entered by the year or the count in years. */
  readonly setsFrequencies: boolean;
  /** `cash-flow`: received is plus, paid is minus. `all-positive`: the tool is told whether something is paid off or saved up. */
  readonly signs: 'cash-flow' | 'all-positive';
  /** What N counts. */
  readonly count: 'payments' | 'years';
  /** How a solved N is shown. */
  readonly solvedCount: 'exact' | 'rounded-up';
  /** Decimals shown; a tool keeps more than it shows. */
  readonly decimals: number;
  /** Reading a table: asked from one payment to another, or moving on from the stored start, which is changed by it. */
  readonly range: 'from-to' | 'moves-on';
  /** How the tool rounds the interest and the balance of its table's rows. */
  readonly rows: 'cent' | 'exact';
  /** What the tool can do besides; the list of entries makes use of it. */
  readonly can: readonly Ability[];
  readonly labels: EnteringLabels;
}

export type Ability = keyof typeof abilityWords;

/** What a tool may be able to do, as its style says it; adding an ability adds a line here and its entry in the device. */
export const abilityWords = {
  clears: 'one entry clears the five values',
  memory: 'a number can be stored and recalled',
  'by-year': 'years × and a yearly rate ÷ payments a year are entries',
  linked: 'setting payments a year sets compoundings too',
} as const;

export const abilities = Object.keys(abilityWords) as readonly Ability[];

/** The words on the class's own device; an instructor may change each. */
export interface EnteringLabels {
  readonly n: string;
  readonly rate: string;
  readonly pv: string;
  readonly pmt: string;
  readonly fv: string;
  readonly paymentsPerYear: string;
  readonly compoundingsPerYear: string;
  readonly timing: string;
  readonly end: string;
  readonly begin: string;
}

const plainLabels: EnteringLabels = {
  n: 'N',
  rate: 'rate',
  pv: 'PV',
  pmt: 'PMT',
  fv: 'FV',
  paymentsPerYear: 'payments a year',
  compoundingsPerYear: 'compoundings a year',
  timing: 'payments fall at the',
  end: 'end',
  begin: 'beginning',
};

export const shippedStyles: readonly EnteringStyle[] = [
  {
    id: 'annual-rate',
    name: 'Annual-rate style',
    rate: 'percent-a-year',
    setsFrequencies: true,
    signs: 'cash-flow',
    count: 'payments',
    solvedCount: 'exact',
    decimals: 2,
    range: 'from-to',
    rows: 'cent',
    can: [],
    labels: plainLabels,
  },
  {
    id: 'per-payment',
    name: 'Per-payment style',
    rate: 'percent-a-payment',
    setsFrequencies: false,
    signs: 'cash-flow',
    count: 'payments',
    solvedCount: 'rounded-up',
    decimals: 2,
    range: 'moves-on',
    rows: 'cent',
    can: ['clears', 'memory', 'by-year'],
    labels: { ...plainLabels, rate: 'rate per payment' },
  },
  {
    id: 'sheet-function',
    name: 'Sheet function',
    rate: 'decimal-a-payment',
    setsFrequencies: false,
    signs: 'cash-flow',
    count: 'payments',
    solvedCount: 'exact',
    decimals: 4,
    range: 'from-to',
    rows: 'exact',
    can: [],
    labels: { ...plainLabels, n: 'number of payments', rate: 'rate per payment', timing: 'type', end: '0', begin: '1' },
  },
];

export function enteringStyleById(id: string, own: readonly EnteringStyle[] = []): EnteringStyle {
  return [...own, ...shippedStyles].find((style) => style.id === id) ?? nth(shippedStyles, 0);
}

/** A style in a few words: "percent a year, payments set apart, signs by direction". */
export function styleInWords({ rate, setsFrequencies, signs, count, range, can }: EnteringStyle): string {
  const rates = {
    'percent-a-year': 'percent a year',
    'percent-a-payment': 'percent a payment',
    'decimal-a-payment': 'a decimal for each payment',
  };
  return [
    rates[rate],
    ...(setsFrequencies ? ['payments and compoundings a year set apart'] : []),
    signs === 'cash-flow' ? 'plus received, minus paid' : 'all numbers positive',
    count === 'years' ? 'N in years' : 'N in payments',
    range === 'from-to' ? 'table read from–to' : 'table moves on',
    ...can.map((each) => abilityWords[each]),
  ].join(', ');
}
