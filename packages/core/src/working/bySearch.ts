/** The search way: trying, looking how far off the try is, and correcting, until nothing is left to correct. */

import { writeBrief, writeMoney, writePercent } from '../money/numberStyle.ts';
import { quotedNumber, quoteRate, type QuotedRate } from '../rates/quotedRate.ts';
import { accumulation, discounting, growthLessOne } from '../annuity/fiveValues.ts';
import { kindOf } from '../case/kinds.ts';
import { buildTable } from '../table/buildTable.ts';
import { exactRounding } from '../table/plan.ts';
import { quotingSteps } from './quoting.ts';
import type { Step, Way } from './solution.ts';
import { answerText, money, type Work } from './work.ts';

interface Trial {
  readonly tried: number;
  readonly gives: number;
}

interface Searched {
  readonly value: number;
  readonly trials: readonly Trial[];
}

/** Regula falsi with the Illinois halving, from two tries on either side; `gap` changes sign at the answer. */
function search(gap: (value: number) => number, low: number, high: number): Searched | undefined {
  let [a, b] = [low, high];
  let [fa, fb] = [gap(a), gap(b)];
  if (!Number.isFinite(fa) || !Number.isFinite(fb) || fa * fb > 0) return undefined;
  const trials: Trial[] = [
    { tried: a, gives: fa },
    { tried: b, gives: fb },
  ];
  let side = 0;
  for (let step = 0; step < 200; step += 1) {
    const c = fb === fa ? (a + b) / 2 : (a * fb - b * fa) / (fb - fa);
    const fc = gap(c);
    if (!Number.isFinite(fc)) return undefined;
    trials.push({ tried: c, gives: fc });
    if (
      fc === 0 ||
      Math.abs(b - a) <= 4e-16 * Math.max(Math.abs(a), Math.abs(b)) ||
      (step > 3 && Math.abs(c - trials.at(-2)!.tried) <= 2e-16 * Math.abs(c))
    )
      return { value: c, trials };
    if (fa * fc < 0) {
      [b, fb] = [c, fc];
      if (side === -1) fa /= 2;
      side = -1;
    } else {
      [a, fa] = [c, fc];
      if (side === 1) fb /= 2;
      side = 1;
    }
  }
  return { value: (a + b) / 2, trials };
}

/** Finds the rate per payment: the one at which both sides come to the same. Two rates are looked for on the side the case's own lies. */
function searchRate(work: Work, pv: number, payment: number): Searched | undefined {
  const { solved } = work.question;
  const { values, numbers } = solved;
  const { n, timing } = values;
  const fv = numbers.finalAmount;
  const gap = (i: number): number =>
    work.saving
      ? pv * (1 + growthLessOne(i, n)) + payment * accumulation(i, n, timing) - fv
      : payment * discounting(i, n, timing) + fv * (1 + growthLessOne(i, -n)) - pv;
  // Brackets a person would try: a whole percent below and above.
  const found = values.i;
  for (const width of [0.002, 0.01, 0.05, 0.3, 2]) {
    const low = Math.max(-0.95, Math.floor((found - width / 2) / width) * width);
    const high = Math.ceil((found + width / 2) / width) * width;
    const done = search(gap, low, high);
    if (done) return done;
  }
  return undefined;
}

function trialRows(
  trials: readonly Trial[],
  tried: (value: number) => string,
  gives: (value: number) => string,
): (readonly string[] | 'gap')[] {
  const rows: (readonly string[] | 'gap')[] = trials
    .slice(0, 5)
    .map((trial) => [
      tried(trial.tried),
      gives(trial.gives),
      trial.gives === 0 ? 'met' : trial.gives > 0 ? 'over' : 'under',
    ]);
  const last = trials.at(-1)!;
  if (trials.length > 6) rows.push('gap');
  if (trials.length > 5) rows.push([tried(last.tried), gives(last.gives), 'nothing left to correct']);
  return rows;
}

/** The search way, where no closed form answers. */
export function bySearch(work: Work): Way | undefined {
  const { ask, solved, statement } = work.question;
  const like = ratesSearched[ask.quantity]?.(work);
  if (like && work.level) {
    const built = ask.quantity === 'rate-with-charges' ? statement.buildUp : undefined;
    const pv = built ? built.proceeds : solved.numbers.amount;
    const payment = solved.unknown === 'payment' && !solved.flat ? solved.table.firstPayment : solved.numbers.payment;
    const found = searchRate(
      built
        ? {
            ...work,
            question: { ...work.question, solved: { ...solved, values: { ...solved.values, i: guessed(work) } } },
          }
        : work,
      pv,
      payment,
    );
    if (!found) return undefined;
    const quoted = quoteRate(found.value, like, statement.paymentsPerYear);
    if (!quoted.ok) return undefined;
    const number = quotedNumber(quoted.value) * 100;
    const aim = work.saving ? `grow to ${money(work, solved.numbers.finalAmount)}` : `are worth ${money(work, pv)}`;
    const steps: Step[] = [
      {
        kind: 'says',
        text: `No formula gives the rate itself. It is the one at which the payments ${aim}: try a rate, see how far off it is, correct.`,
      },
      {
        kind: 'rows',
        columns: [`rate for each ${work.period}`, 'off by', ''],
        rows: trialRows(
          found.trials,
          (value) => writePercent(value, work.style, 4, 6),
          (value) => writeMoney(value, work.style, 4),
        ),
        because: 'Each new try lies where a straight line through the two nearest tries would be zero.',
      },
      ...quotingSteps({ ...work, question: { ...work.question, solved: { ...solved, rate: like } } }, found.value),
    ];
    return way(work, number, steps);
  }
  return amidChanges(work);
}

/** How the rate that is searched for is quoted, for the quantities that need a search. */
const ratesSearched: Readonly<Record<string, (work: Work) => QuotedRate | undefined>> = {
  rate: ({ question: { solved } }) => (solved.flat ? undefined : solved.rate),
  'rate-with-charges': ({ question: { solved } }) => solved.rate,
  'rate-per-payment': (work) => (searches(work) ? { kind: 'periodic', perPayment: 0 } : undefined),
  nominal: (work) =>
    searches(work)
      ? { kind: 'nominal', annual: 0, compoundingsPerYear: work.question.statement.paymentsPerYear }
      : undefined,
  effective: (work) => (searches(work) ? { kind: 'effective', annual: 0 } : undefined),
};

const searches = ({ question: { solved, statement } }: Work): boolean =>
  solved.flat !== undefined || (solved.unknown === 'rate' && kindOf(statement).pays);

/** A rate near the one with charges, to begin from. */
function guessed({ question }: Work): number {
  const quoted = question.exact / 100;
  const p = question.statement.paymentsPerYear;
  return question.solved.rate.kind === 'periodic' ? quoted : quoted / p;
}

/** With changes on the way the whole table is tried. */
function amidChanges(work: Work): Way | undefined {
  const { ask, solved } = work.question;
  if (work.level || (ask.quantity !== 'amount' && ask.quantity !== 'rate')) return undefined;
  const { plan } = solved;
  const of = (value: number): number => {
    const table = buildTable({
      ...plan,
      ...(ask.quantity === 'amount' ? { amount: value } : { rate: { kind: 'periodic', perPayment: value } }),
      rounding: { ...exactRounding, last: 'as-others' },
    });
    return table.ok ? table.value.closing - plan.finalAmount : NaN;
  };
  const start = ask.quantity === 'amount' ? solved.exact : solved.values.i;
  const found = search(of, start * 0.9, start * 1.1);
  if (!found) return undefined;
  const quoted = ask.quantity === 'rate' ? quoteRate(found.value, solved.rate, plan.paymentsPerYear) : undefined;
  if (quoted && !quoted.ok) return undefined;
  const number = quoted ? quotedNumber(quoted.value) * 100 : found.value;
  const tried = (value: number): string =>
    ask.quantity === 'amount' ? writeMoney(value, work.style) : writePercent(value, work.style, 4, 6);
  return way(work, number, [
    {
      kind: 'says',
      text: 'With changes on the way no one formula holds. Try a value, run the whole table, see what is left over, correct.',
    },
    {
      kind: 'rows',
      columns: ['tried', 'left over', ''],
      rows: trialRows(found.trials, tried, (value) => writeBrief(value, 2, 4, work.style)),
    },
  ]);
}

function way(work: Work, number: number, steps: readonly Step[]): Way {
  const written = answerText(work, number);
  return {
    id: 'search',
    title: 'Search',
    number,
    written,
    rounds: [],
    steps: [...steps, { kind: 'answer', text: `That is ${written}.` }],
  };
}
