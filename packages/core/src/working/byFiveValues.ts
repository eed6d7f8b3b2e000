/** The five-values way: what to enter under an entering style, why, and what the tool then shows. */

import { roundMoney } from '../money/roundMoney.ts';
import { writeBrief, writeMoney } from '../money/numberStyle.ts';
import { quotedNumber, quoteRate, ratePerPayment, type QuotedRate } from '../rates/quotedRate.ts';
import type { Timing } from '../annuity/fiveValues.ts';
import { directions } from '../case/solved.ts';
import { readBuildUp } from '../case/readDraft.ts';
import { quotedRate } from '../case/quote.ts';
import { frequencyOf } from '../case/frequency.ts';
import { balanceAfter } from '../table/readings.ts';
import { styleOf } from '../case/question.ts';
import { quotingSteps } from './byFormula.ts';
import { clearedDevice, deviceWrites, replay, type DeviceEntry, type DeviceShown, type DeviceState } from './device.ts';
import type { EnteredName, EnteringStyle } from './enteringStyle.ts';
import type { EntryRow, Rounded, Step, Way } from './solution.ts';
import { stagesThrough } from './stages.ts';
import { answerText, money, roundsOf, type Work } from './work.ts';

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

const order: readonly EnteredName[] = ['n', 'rate', 'pv', 'pmt', 'fv'];

/** The list of entries of a problem under a style, settings first. */
export function entryList(problem: FiveValueProblem, style: EnteringStyle, writeNumber: (value: number) => string): EnteredLine[] {
  const { labels } = style;
  const lines: EnteredLine[] = [];
  const { compoundings } = yearlyRate(problem);
  const period = frequencyOf(problem.paymentsPerYear).period;
  if (style.setsFrequencies) {
    lines.push({
      entry: { put: 'paymentsPerYear', value: problem.paymentsPerYear },
      row: { name: labels.paymentsPerYear, enter: String(problem.paymentsPerYear), because: `a payment each ${period}` },
    });
    lines.push({
      entry: { put: 'compoundingsPerYear', value: compoundings },
      row: {
        name: labels.compoundingsPerYear,
        enter: String(compoundings),
        because: compoundings === problem.paymentsPerYear ? 'as often as payments fall' : 'as the rate is quoted',
      },
    });
  }
  lines.push({
    entry: { put: 'timing', value: problem.timing },
    row: {
      name: labels.timing,
      enter: problem.timing === 'end' ? labels.end : labels.begin,
      because: `payments at the ${problem.timing === 'end' ? 'end' : 'beginning'} of each ${period}`,
    },
  });
  if (style.signs === 'all-positive')
    lines.push({
      entry: { put: 'purpose', value: problem.saving ? 'saving-up' : 'paying-off' },
      row: { name: 'what for', enter: problem.saving ? 'saving up' : 'paying off', because: 'it stands in for the signs' },
    });
  const flows = (value: number, when: string): string =>
    value === 0
      ? `nothing ${when}`
      : style.signs === 'all-positive'
        ? `${value > 0 ? 'received' : 'paid'} ${when}`
        : `${value > 0 ? 'received' : 'paid'} ${when}: ${value > 0 ? 'plus' : 'minus'}`;
  const signed = (value: number): string =>
    value === 0 ? '0' : style.signs === 'all-positive' ? writeNumber(Math.abs(value)) : `${value > 0 ? '+' : '−'}${writeNumber(Math.abs(value))}`;
  const stored = (value: number): number => (style.signs === 'all-positive' ? Math.abs(value) : value);
  for (const name of order) {
    if (name === problem.unknown) continue;
    const label = labels[name];
    if (name === 'n') {
      const years = problem.n / problem.paymentsPerYear;
      const value = style.count === 'years' ? years : problem.n;
      const because =
        style.count === 'years'
          ? `years: ${writeBriefPlain(problem.n)} payments / ${problem.paymentsPerYear}`
          : problem.paymentsPerYear === 1
            ? 'payments, one a year'
            : `${writeBriefPlain(years)} years × ${problem.paymentsPerYear}`;
      lines.push({ entry: { put: 'n', value }, row: { name: label, enter: writeBriefPlain(value), because } });
    } else if (name === 'rate') {
      const value = enteredRate(problem, style);
      const because = {
        'percent-a-year': compoundings === problem.paymentsPerYear && quotedByYear(problem.rate) ? 'a year, in percent' : `a year, compounded ${compoundings} times, in percent`,
        'percent-a-payment': `percent for each ${period}`,
        'decimal-a-payment': `a decimal, for each ${period}`,
      }[style.rate];
      lines.push({ entry: { put: 'rate', value }, row: { name: label, enter: writeBriefPlain(value), because } });
    } else {
      const value = problem[name];
      const when = name === 'pv' ? 'at the start' : name === 'pmt' ? `each ${period}` : 'at the end';
      lines.push({ entry: { put: name, value: stored(value) }, row: { name: label, enter: signed(value), because: flows(value, when) } });
    }
  }
  return lines;
}

function quotedByYear(rate: QuotedRate): boolean {
  return rate.kind === 'nominal' && rate.compoundingsPerYear !== 'continuous';
}

/** A tool that takes the rate by the year takes it with whole compoundings; other quotes are turned into one. */
function yearlyRate({ rate, paymentsPerYear }: Pick<FiveValueProblem, 'rate' | 'paymentsPerYear'>): { readonly annual: number; readonly compoundings: number } {
  if (rate.kind === 'nominal' && rate.compoundingsPerYear !== 'continuous') return { annual: rate.annual, compoundings: rate.compoundingsPerYear };
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
      const i = ratePerPayment({ kind: 'nominal', annual: shows / 100, compoundingsPerYear: yearlyRate(problem).compoundings }, problem.paymentsPerYear);
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

/** Solves a problem on the stand-in device. */
export function onDevice(
  problem: FiveValueProblem,
  style: EnteringStyle,
  start: DeviceState = clearedDevice,
): { readonly entries: readonly DeviceEntry[]; readonly shown: readonly DeviceShown[]; readonly number: number } | undefined {
  const entries: DeviceEntry[] = [...entryList(problem, style, String).map(({ entry }) => entry), { solve: problem.unknown }];
  const shown = replay(style, entries, start);
  const shows = shown.ok ? shown.value.at(-1)?.shows : undefined;
  return shown.ok && shows !== undefined ? { entries, shown: shown.value, number: shownMeans(problem, style, shows) } : undefined;
}

/** The five-values way, or nothing where five stored values cannot answer. */
export function byFiveValues(work: Work): Way | undefined {
  const found = answered(work);
  if (!found || !Number.isFinite(found.number)) return undefined;
  const written = answerText(work, found.number);
  return {
    id: 'five-values',
    title: 'Five values',
    number: found.number,
    written,
    entries: found.entries,
    rounds: found.rounds ?? [],
    steps: [...found.steps, { kind: 'answer', text: `That is ${written}.` }],
  };
}

interface Answered {
  readonly number: number;
  readonly steps: readonly Step[];
  readonly entries: readonly DeviceEntry[];
  readonly rounds?: readonly Rounded[];
}

function answered(work: Work): Answered | undefined {
  const { question } = work;
  const { ask, draft, solved } = question;
  const problem = statedProblem(work);
  switch (ask.quantity) {
    case 'payment':
      if (solved.flat) return undefined;
      return work.level ? solvedFor(work, { ...problem, unknown: 'pmt' }, (value) => Math.abs(value)) : stagedPayment(work);
    case 'amount':
      return solved.flat || !work.level ? undefined : solvedFor(work, { ...problem, unknown: 'pv' }, (value) => value * directions[draft.kind].pv);
    case 'final-amount':
      return work.level ? solvedFor(work, { ...problem, unknown: 'fv' }, (value) => value * directions[draft.kind].fv) : stagedBalance(work, solved.table.count);
    case 'payments':
    case 'years': {
      if (solved.flat || !work.level) return undefined;
      const by = ask.quantity === 'years' ? draft.paymentsPerYear : 1;
      const found = solvedFor(work, { ...problem, unknown: 'n' }, (value) => value / by);
      return found && work.entering.solvedCount === 'rounded-up' && !Number.isInteger(solved.exact) ? { ...found, rounds: ['count-rounded'] } : found;
    }
    case 'rate':
      return solved.flat || !work.level ? undefined : solvedRate(work, { ...problem, unknown: 'rate' }, solved.rate);
    case 'rate-with-charges': {
      const built = draft.buildUp ? readBuildUp(draft.buildUp, styleOf(question), question.names) : undefined;
      return built?.ok ? solvedRate(work, { ...problem, pv: built.value.proceeds, pmt: -solved.table.firstPayment, unknown: 'rate' }, solved.rate) : undefined;
    }
    case 'nominal':
    case 'effective':
    case 'rate-per-payment': {
      if (!solved.flat && solved.unknown !== 'rate') return ask.quantity === 'effective' ? grownHundred(work) : undefined;
      const p = draft.paymentsPerYear;
      const like: QuotedRate =
        ask.quantity === 'effective'
          ? { kind: 'effective', annual: 0 }
          : ask.quantity === 'nominal'
            ? { kind: 'nominal', annual: 0, compoundingsPerYear: p }
            : { kind: 'periodic', perPayment: 0 };
      return solvedRate(work, { ...problem, rate: like, unknown: 'rate' }, like);
    }
    case 'converted':
      return draft.into.kind === 'effective' ? grownHundred(work) : undefined;
    case 'balance-after':
      return (ask.after ?? 0) >= solved.table.count || ask.after === 0 ? undefined : stagedBalance(work, ask.after ?? 0);
    case 'interest-in':
    case 'principal-in':
      return stretchOnDevice(work, problem, ask.quantity === 'interest-in' ? 'interest' : 'principal');
    case 'refinanced-payment': {
      const { refinancing } = ask;
      if (!refinancing) return undefined;
      const balance = balanceAfter(solved.table, refinancing.after);
      if (!balance.ok) return undefined;
      return solvedFor(
        work,
        {
          ...problem,
          n: refinancing.payments,
          rate: refinancing.rate,
          paymentsPerYear: refinancing.paymentsPerYear ?? draft.paymentsPerYear,
          pv: balance.value + (refinancing.costsPaid === 'added' ? refinancing.costs : 0),
          unknown: 'pmt',
        },
        (value) => Math.abs(value),
      );
    }
    default:
      return undefined;
  }
}

/** The case as five values, signed by the pocket, payments as the plan has them. */
function statedProblem({ question, saving }: Work): FiveValueProblem {
  const { draft, solved } = question;
  const way = directions[draft.kind];
  const { numbers } = solved;
  return {
    unknown: 'pmt',
    n: solved.unknown === 'payments' ? solved.values.n : numbers.payments,
    rate: solved.rate,
    paymentsPerYear: draft.paymentsPerYear,
    pv: way.pv * numbers.amount,
    pmt: way.pmt * numbers.payment,
    fv: way.fv * numbers.finalAmount,
    timing: solved.values.timing,
    saving,
  };
}

/** The steps that enter a problem and solve it, and the number it comes to. */
function problemSteps(work: Work, problem: FiveValueProblem): { readonly steps: Step[]; readonly entries: readonly DeviceEntry[]; readonly number: number } | undefined {
  const { entering, style } = work;
  const done = onDevice(problem, entering);
  if (!done) return undefined;
  const lines = entryList(problem, entering, (value) => writeMoney(value, style, Number.isInteger(value) ? 0 : 2));
  const settings = lines.filter(({ entry }) => 'put' in entry && !order.includes(entry.put as EnteredName));
  const values = lines.filter(({ entry }) => 'put' in entry && order.includes(entry.put as EnteredName));
  const shows = done.shown.at(-1)!.shows!;
  const moneyAsked = problem.unknown === 'pv' || problem.unknown === 'pmt' || problem.unknown === 'fv';
  const direction = !moneyAsked || entering.signs === 'all-positive' || shows === 0 ? '' : shows < 0 ? ' The minus says it is paid out.' : ' The plus says it is received.';
  const sign = moneyAsked && shows > 0 && entering.signs === 'cash-flow' ? '+' : '';
  return {
    steps: [
      { kind: 'says', text: settings.map(({ row }) => `Set ${row.name}: ${row.enter}.`).join(' '), because: 'Settings stay as they were left: look at them first.' },
      { kind: 'says', text: entering.signs === 'cash-flow' ? 'Enter what is known, money received as plus, money paid as minus.' : 'Enter what is known, every amount positive.' },
      { kind: 'entries', rows: values.map(({ row }) => row) },
      { kind: 'says', text: `Solve for ${entering.labels[problem.unknown]}: ${sign}${deviceWrites(shows, entering, style)}.${direction}` },
    ],
    entries: done.entries,
    number: done.number,
  };
}

function solvedFor(work: Work, problem: FiveValueProblem, inUnit: (value: number) => number): Answered | undefined {
  const found = problemSteps(work, problem);
  return found && { number: inUnit(found.number), steps: found.steps, entries: found.entries };
}

function solvedRate(work: Work, problem: FiveValueProblem, like: QuotedRate): Answered | undefined {
  const found = problemSteps(work, problem);
  if (!found) return undefined;
  const quoted = quoteRate(found.number, like, problem.paymentsPerYear);
  if (!quoted.ok) return undefined;
  const direct = work.entering.rate === 'percent-a-year' && (like.kind === 'effective' || (like.kind === 'nominal' && like.compoundingsPerYear !== 'continuous'));
  const steps = direct
    ? found.steps
    : [...found.steps, ...quotingSteps({ ...work, question: { ...work.question, solved: { ...work.question.solved, rate: like } } }, found.number)];
  return { number: quotedNumber(quoted.value) * 100, steps, entries: found.entries };
}

/** Effective rates on five values: what 100 grows to in a year. */
function grownHundred(work: Work): Answered | undefined {
  const { solved, draft } = work.question;
  const { rate } = solved;
  const p = rate.kind === 'nominal' && rate.compoundingsPerYear !== 'continuous' ? rate.compoundingsPerYear : draft.paymentsPerYear;
  const periodic = rate.kind === 'nominal' || rate.kind === 'effective' ? rate : quotedRate({ ...draft.quote, kind: 'periodic' }, solved.values.i);
  const found = problemSteps(work, { unknown: 'fv', n: p, rate: periodic, paymentsPerYear: p, pv: -100, pmt: 0, fv: 0, timing: 'end', saving: true });
  if (!found) return undefined;
  return {
    number: found.number - 100,
    entries: found.entries,
    steps: [{ kind: 'says', text: 'Let 100 grow for a year; what it gains is the effective rate in percent.' }, ...found.steps],
  };
}

/** The balance after payment k, one problem a stage, each starting from what the one before left. */
function stagedBalance(work: Work, k: number): Answered | undefined {
  const { question } = work;
  const way = directions[question.draft.kind];
  const stages = stagesThrough(work.stages, k);
  if (stages.length > 4) return undefined;
  const problem = statedProblem(work);
  const steps: Step[] = [];
  const entries: DeviceEntry[] = [];
  let balance = question.solved.plan.amount;
  for (const [at, stage] of stages.entries()) {
    const opening = balance + stage.drawn;
    if (stage.pause === 'interest-only') {
      balance = opening;
      steps.push({ kind: 'says', text: `Payments ${stage.from} to ${stage.to} cover the interest only: the balance stays ${money(work, opening)}.` });
      continue;
    }
    if (stage.settles) {
      balance = stage.closing;
      steps.push({ kind: 'says', text: `Payment ${stage.to} settles the rest.` });
      continue;
    }
    const rate: QuotedRate = at === 0 ? problem.rate : { kind: 'periodic', perPayment: stage.i };
    const found = problemSteps(work, {
      ...problem,
      unknown: 'fv',
      n: stage.to - stage.from + 1,
      rate,
      pv: way.pv * opening,
      pmt: way.pmt * (stage.pause === 'deferred' ? 0 : stage.payment),
      fv: 0,
    });
    if (!found) return undefined;
    if (stages.length > 1) steps.push({ kind: 'says', text: `Payments ${stage.from} to ${stage.to}:` });
    steps.push(...found.steps);
    entries.push(...found.entries);
    balance = Math.abs(found.number) * Math.sign(found.number * way.fv || 1);
  }
  return { number: balance, steps, entries, rounds: roundsOf(work) };
}

/** The level payment after a pause or a rate change at the start, from the balance it is worked out of. */
function stagedPayment(work: Work): Answered | undefined {
  const { question } = work;
  const stage = work.stages.find(({ pause }) => pause === undefined);
  const { plan } = question.solved;
  if (!stage || typeof plan.payments !== 'number' || plan.changes.some((change) => change.kind === 'draw' && change.payment === 'again')) return undefined;
  const problem = statedProblem(work);
  const rate: QuotedRate = stage.from === 1 ? problem.rate : { kind: 'periodic', perPayment: stage.i };
  const way = directions[question.draft.kind];
  const found = solvedFor(work, { ...problem, unknown: 'pmt', n: plan.payments - (stage.from - 1), rate, pv: way.pv * roundMoney(stage.opening, 'cent') }, (value) =>
    Math.abs(value),
  );
  return found && { ...found, rounds: ['rows-rounded'] };
}

/** Reading a stretch on the device, as its style reads tables. */
function stretchOnDevice(work: Work, problem: FiveValueProblem, part: 'interest' | 'principal'): Answered | undefined {
  const { question, entering, style } = work;
  const { from = 1, to = 1 } = question.ask;
  const cover = work.stages[0];
  if (!work.level || !cover || to > cover.to || problem.saving || question.draft.kind === 'draw-down') return undefined;
  const lines = entryList({ ...problem, unknown: 'fv' }, entering, (value) => writeMoney(value, style, Number.isInteger(value) ? 0 : 2));
  const entries: DeviceEntry[] = lines.map(({ entry }) => entry);
  const words = part === 'interest' ? 'interest' : 'principal';
  const steps: Step[] = [
    { kind: 'says', text: 'Store the plan, the payment as it is really paid.' },
    { kind: 'entries', rows: lines.map(({ row }) => row) },
  ];
  if (entering.stretch === 'from-to') {
    entries.push({ read: part, from, to });
    steps.push({ kind: 'says', text: `Ask the table for the ${words} of payments ${from} to ${to}.` });
  } else {
    if (from > 1) {
      entries.push({ moveOn: from - 1 });
      steps.push({
        kind: 'says',
        text: `Move on by ${from - 1} payments; that stretch is not wanted.`,
        because: `The stored ${entering.labels.pv} is now the balance after payment ${from - 1}.`,
      });
    }
    entries.push({ moveOn: to - from + 1 });
    steps.push({
      kind: 'says',
      text: `Move on by ${to - from + 1} more and read the ${words}. The stored ${entering.labels.pv} has changed: put the amount back before the next question.`,
    });
  }
  const shown = replay(entering, entries);
  if (!shown.ok) return undefined;
  const last = shown.value.at(-1)!;
  const number = entering.stretch === 'from-to' ? last.shows! : last.stretch![part];
  return { number, steps, entries, rounds: entering.decimals === 2 ? ['payment-rounded', 'rows-rounded'] : ['payment-rounded'] };
}
