/** One problem of five stored values: what is entered under a style, and what the tool then shows means. */

import type { Timing } from '../annuity/fiveValues.ts';
import { frequencyOf } from '../case/frequency.ts';
import { writeBrief } from '../money/numberStyle.ts';
import { type QuotedRate, ratePerPayment } from '../rates/quotedRate.ts';
import { type DeviceEntry, type DeviceShown, type DeviceState, clearedDevice, replay } from './device.ts';
import type { EnteredName, EnteringStyle } from './enteringStyle.ts';
import type { EntryRow } from './solution.ts';

/** One problem of five values, amounts positive with the way they flow beside them. */
export interface FiveValueProblem {
  readonly unknown: EnteredName;
  readonly n: number;
  readonly rate: QuotedRate;
  readonly paymentsPerYear: number;
  /** Signed by the pocket: received is plus, paid is minus. */
  readonly pv: number;
  readonly pmt: number;
  readonly fv: number;
  readonly timing: Timing;
  readonly saving: boolean;
}

/** What is put in before solving, in the order it is entered; `reasons` go beside. */
export interface EnteredLine {
  readonly entry: DeviceEntry;
  readonly row: EntryRow;
}

export const order: readonly EnteredName[] = ['n', 'rate', 'pv', 'pmt', 'fv'];

/** One of the five values, not a setting. */
export const isEntered = (name: string): name is EnteredName => order.some((each) => each === name);

/** The list of entries of a problem under a style, settings first. */
export function entryList(
  problem: FiveValueProblem,
  style: EnteringStyle,
  writeNumber: (value: number) => string,
): EnteredLine[] {
  const clears = style.can.includes('clears');
  return [
    ...(clears ? [clearLine] : []),
    ...settingLines(problem, style),
    ...order
      // What is cleared needs no nought.
      .filter((name) => name !== problem.unknown && !(clears && isAmount(name) && problem[name] === 0))
      .map((name) => {
        if (name === 'n') return countLine(problem, style);
        if (name === 'rate') return rateLine(problem, style);
        return amountLine(problem, style, name, writeNumber);
      }),
  ];
}

const isAmount = (name: EnteredName): name is 'pv' | 'pmt' | 'fv' => name !== 'n' && name !== 'rate';

const clearLine: EnteredLine = {
  entry: { clear: 'values' },
  row: { name: 'clear', enter: 'the five values', because: 'settings stay as they were left' },
};

const periodOf = ({ paymentsPerYear }: FiveValueProblem): string => frequencyOf(paymentsPerYear).period;

/** How often, when, and what for: what a tool must know before the values. */
function settingLines(problem: FiveValueProblem, style: EnteringStyle): EnteredLine[] {
  const { labels } = style;
  const { paymentsPerYear, timing, saving } = problem;
  const { compoundings } = yearlyRate(problem);
  const period = periodOf(problem);
  const linked = style.can.includes('linked');
  const asOften = compoundings === paymentsPerYear;
  const paymentsLine: EnteredLine = {
    entry: { put: 'paymentsPerYear', value: paymentsPerYear },
    row: {
      name: labels.paymentsPerYear,
      enter: String(paymentsPerYear),
      because: `a payment each ${period}${linked && asOften ? `; ${labels.compoundingsPerYear} follow` : ''}`,
    },
  };
  const quoted = linked
    ? `as the rate is quoted; set last, ${labels.paymentsPerYear} had made it ${paymentsPerYear}`
    : 'as the rate is quoted';
  const compoundingsLine: EnteredLine = {
    entry: { put: 'compoundingsPerYear', value: compoundings },
    row: {
      name: labels.compoundingsPerYear,
      enter: String(compoundings),
      because: asOften ? 'as often as payments fall' : quoted,
    },
  };
  const frequencies = linked && asOften ? [paymentsLine] : [paymentsLine, compoundingsLine];
  const fall: EnteredLine = {
    entry: { put: 'timing', value: timing },
    row: {
      name: labels.timing,
      enter: timing === 'end' ? labels.end : labels.begin,
      because: `payments at the ${timing === 'end' ? 'end' : 'beginning'} of each ${period}`,
    },
  };
  const purpose: EnteredLine = {
    entry: { put: 'purpose', value: saving ? 'saving-up' : 'paying-off' },
    row: {
      name: 'what for',
      enter: saving ? 'saving up' : 'paying off',
      because: 'it stands in for the signs',
    },
  };
  return [...(style.setsFrequencies ? frequencies : []), fall, ...(style.signs === 'all-positive' ? [purpose] : [])];
}

function countLine({ n, paymentsPerYear }: FiveValueProblem, style: EnteringStyle): EnteredLine {
  const years = n / paymentsPerYear;
  if (style.can.includes('by-year') && style.count === 'payments' && paymentsPerYear > 1 && isShort(years))
    return {
      entry: { put: 'n', value: years, times: paymentsPerYear },
      row: {
        name: style.labels.n,
        enter: `${writeBriefPlain(years)} × ${paymentsPerYear}`,
        because: `years × payments a year: ${writeBriefPlain(n)} payments`,
      },
    };
  const value = style.count === 'years' ? years : n;
  const inPayments =
    paymentsPerYear === 1
      ? 'payments, one a year'
      : `${writeBriefPlain(years)} ${years === 1 ? 'year' : 'years'} × ${paymentsPerYear}`;
  const because = style.count === 'years' ? `years: ${writeBriefPlain(n)} payments / ${paymentsPerYear}` : inPayments;
  return { entry: { put: 'n', value }, row: { name: style.labels.n, enter: writeBriefPlain(value), because } };
}

function rateLine(problem: FiveValueProblem, style: EnteringStyle): EnteredLine {
  const { compoundings } = yearlyRate(problem);
  const value = enteredRate(problem, style);
  const asOften = compoundings === problem.paymentsPerYear && quotedByYear(problem.rate);
  if (style.can.includes('by-year') && style.rate !== 'percent-a-year' && asOften && problem.paymentsPerYear > 1) {
    const { annual } = yearlyRate(problem);
    const yearly = tidy(style.rate === 'percent-a-payment' ? annual * 100 : annual);
    return {
      entry: { put: 'rate', value: yearly, over: problem.paymentsPerYear },
      row: {
        name: style.labels.rate,
        enter: `${writeBriefPlain(yearly)} ÷ ${problem.paymentsPerYear}`,
        because: `a year ÷ payments a year: ${writeBriefPlain(value)}${style.rate === 'percent-a-payment' ? ' percent' : ''} for each ${periodOf(problem)}`,
      },
    };
  }
  const because = {
    'percent-a-year': asOften ? 'a year, in percent' : `a year, compounded ${compoundings} times, in percent`,
    'percent-a-payment': `percent for each ${periodOf(problem)}`,
    'decimal-a-payment': `a decimal, for each ${periodOf(problem)}`,
  }[style.rate];
  return { entry: { put: 'rate', value }, row: { name: style.labels.rate, enter: writeBriefPlain(value), because } };
}

function amountLine(
  problem: FiveValueProblem,
  style: EnteringStyle,
  name: 'pv' | 'pmt' | 'fv',
  writeNumber: (value: number) => string,
): EnteredLine {
  const value = problem[name];
  const when = { pv: 'at the start', pmt: `each ${periodOf(problem)}`, fv: 'at the end' }[name];
  const bare = style.signs === 'all-positive';
  const size = writeNumber(Math.abs(value));
  const flows = `${value > 0 ? 'received' : 'paid'} ${when}`;
  const withSign = {
    enter: `${value > 0 ? '+' : '−'}${size}`,
    because: `${flows}: ${value > 0 ? 'plus' : 'minus'}`,
  };
  const said =
    value === 0 ? { enter: '0', because: `nothing ${when}` } : bare ? { enter: size, because: flows } : withSign;
  return {
    entry: { put: name, value: bare ? Math.abs(value) : value },
    row: { name: style.labels[name], ...said },
  };
}

function quotedByYear(rate: QuotedRate): boolean {
  return rate.kind === 'nominal' && rate.compoundingsPerYear !== 'continuous';
}

/** A tool that takes the rate by the year takes it with whole compoundings; other quotes are turned into one. */
function yearlyRate({ rate, paymentsPerYear }: Pick<FiveValueProblem, 'rate' | 'paymentsPerYear'>): {
  readonly annual: number;
  readonly compoundings: number;
} {
  if (rate.kind === 'nominal' && rate.compoundingsPerYear !== 'continuous')
    return { annual: rate.annual, compoundings: rate.compoundingsPerYear };
  if (rate.kind === 'effective') return { annual: rate.annual, compoundings: 1 };
  const i = ratePerPayment(rate, paymentsPerYear);
  return { annual: i.ok ? i.value * paymentsPerYear : 0, compoundings: paymentsPerYear };
}

function enteredRate(problem: FiveValueProblem, style: EnteringStyle): number {
  if (style.rate === 'percent-a-year') return tidy(yearlyRate(problem).annual * 100);
  const i = ratePerPayment(problem.rate, problem.paymentsPerYear);
  const value = i.ok ? i.value : 0;
  return tidy(style.rate === 'percent-a-payment' ? value * 100 : value);
}

/** Years that somebody would key in: 5 or 2.5, not 3.4166. */
const isShort = (years: number): boolean => Number.isInteger(tidy(years * 4));

/** Away with the last binary digits of 6.6 = 0.066 × 100. */
function tidy(value: number): number {
  return Number(value.toPrecision(15));
}

function writeBriefPlain(value: number): string {
  return writeBrief(value, 0, 10, { id: '', sample: '', group: '', decimal: '.' });
}

/** What a solved value means in the problem's own terms: a rate per payment, a number of payments, money with its sign. */
export function shownMeans(problem: FiveValueProblem, style: EnteringStyle, shows: number): number {
  switch (problem.unknown) {
    case 'n':
      return style.count === 'years' ? shows * problem.paymentsPerYear : shows;
    case 'rate': {
      if (style.rate === 'decimal-a-payment') return shows;
      if (style.rate === 'percent-a-payment') return shows / 100;
      const i = ratePerPayment(
        { kind: 'nominal', annual: shows / 100, compoundingsPerYear: yearlyRate(problem).compoundings },
        problem.paymentsPerYear,
      );
      return i.ok ? i.value : NaN;
    }
    default: {
      if (style.signs === 'cash-flow') return shows;
      // A fund drawn down is a loan seen from the other side: every flow is mirrored.
      const mirrored = !problem.saving && (problem.unknown === 'pv' ? problem.pmt > 0 : problem.pv < 0);
      const paying = problem.unknown === 'pv' ? 1 : -1;
      const saving = problem.unknown === 'fv' ? 1 : -1;
      return shows * (problem.saving ? saving : mirrored ? -paying : paying);
    }
  }
}

/**
 * Solves a problem on the stand-in device.
 *
 * @param lines what is entered before solving; the problem's own list, or one that recalls what was stored
 */
export function onDevice(
  problem: FiveValueProblem,
  style: EnteringStyle,
  start: DeviceState = clearedDevice,
  lines: readonly EnteredLine[] = entryList(problem, style, String),
):
  | { readonly entries: readonly DeviceEntry[]; readonly shown: readonly DeviceShown[]; readonly number: number }
  | undefined {
  const entries: DeviceEntry[] = [...lines.map(({ entry }) => entry), { solve: problem.unknown }];
  const shown = replay(style, entries, start);
  const shows = shown.ok ? shown.value.at(-1)?.shows : undefined;
  return shown.ok && shows !== undefined
    ? { entries, shown: shown.value, number: shownMeans(problem, style, shows) }
    : undefined;
}
