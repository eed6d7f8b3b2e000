/** The search way: trying, looking how far off the try is, and correcting, until nothing is left to correct. */

import { nth } from '../nth.ts';
import { writeBrief, writeMoney, writePercent } from '../money/numberStyle.ts';
import { quotedNumber, quoteRate, type QuotedRate } from '../rates/quotedRate.ts';
import { accumulation, discounting, growthLessOne } from '../annuity/fiveValues.ts';
import { kindOf } from '../case/kinds.ts';
import type { Quantity } from '../case/quantity.ts';
import { buildTable } from '../table/buildTable.ts';
import { leftAtEnd } from '../table/figures.ts';
import { halving, roundAround, straightLine, type Tried } from '../table/nextTry.ts';
import { exactRounding, type Plan } from '../table/plan.ts';
import { quotingSteps } from './quoting.ts';
import type { Step, Way } from './solution.ts';
import { answerText, money, type Work } from './work.ts';

interface Searched {
  readonly value: number;
  readonly trials: readonly Tried[];
}

/** Closes in along straight lines from two tries on either side, to the last digit. */
function search(gap: (value: number) => number, low: number, high: number): Searched | undefined {
  const at = (value: number): Tried => ({ value, gap: gap(value) });
  let [a, b] = [at(low), at(high)];
  if (!Number.isFinite(a.gap) || !Number.isFinite(b.gap) || a.gap * b.gap > 0 || a.gap === b.gap) return undefined;
  const trials = [a, b];
  const next = straightLine();
  let last: Tried | undefined;
  for (let step = 0; step < 200; step += 1) {
    const here = at(next(a, b, last));
    if (!Number.isFinite(here.gap)) return undefined;
    const before = trials.at(-1);
    trials.push(here);
    if (here.gap === 0 || isNear(a, b, 4e-16) || (step > 3 && before && isNear(before, here, 2e-16)))
      return { value: here.value, trials };
    if (a.gap * here.gap < 0) b = here;
    else a = here;
    last = here;
  }
  return { value: halving(a, b), trials };
}

const isNear = (a: Tried, b: Tried, share: number): boolean =>
  Math.abs(b.value - a.value) <= share * Math.max(Math.abs(a.value), Math.abs(b.value));

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
  trials: readonly Tried[],
  tried: (value: number) => string,
  gives: (value: number) => string,
): (readonly string[] | 'gap')[] {
  const rows: (readonly string[] | 'gap')[] = trials
    .slice(0, 5)
    .map((trial) => [tried(trial.value), gives(trial.gap), trial.gap === 0 ? 'met' : trial.gap > 0 ? 'over' : 'under']);
  const last = trials.at(-1)!;
  if (trials.length > 6) rows.push('gap');
  if (trials.length > 5) rows.push([tried(last.value), gives(last.gap), 'nothing left to correct']);
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
  return overTable(work);
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

/** What may be tried over the whole table, with nothing rounded, until nothing is left over. */
const tried: Readonly<Partial<Record<Quantity, (plan: Plan, value: number) => Plan>>> = {
  payment: (plan, payment) => ({ ...plan, payment }),
  amount: (plan, amount) => ({ ...plan, amount }),
  rate: (plan, perPayment) => ({ ...plan, rate: { kind: 'periodic', perPayment } }),
};

/** What is left over when the whole table is run on a plan: every payment made in full, the last like the others. */
function leftOver(plan: Plan): number {
  const table = buildTable({ ...plan, rounding: { ...exactRounding, last: 'as-others' } });
  return table.ok ? leftAtEnd(table.value) - plan.finalAmount : NaN;
}

/** The whole table is tried: where the plan changes on the way no one formula holds, and elsewhere it must come to the same. */
function overTable(work: Work): Way | undefined {
  const { ask, solved, statement } = work.question;
  if (solved.flat || !kindOf(statement).pays) return undefined;
  if (ask.quantity === 'payments' || ask.quantity === 'years') return work.level ? countTried(work) : undefined;
  const put = tried[ask.quantity];
  if (!put) return undefined;
  const { plan } = solved;
  // An extra payment on the way and the level payment is not the one that leaves nothing over; worked out again, any is.
  const { exact } = solved;
  if (ask.quantity === 'payment' && (!leavesNothing(plan, exact) || leavesNothing(plan, exact * 1.05)))
    return undefined;
  const start = ask.quantity === 'rate' ? solved.values.i : ask.quantity === 'amount' ? solved.exact : firstLevel(work);
  const ends = ask.quantity === 'rate' ? [start * 0.9, start * 1.1] : roundAround(start * 0.95, start * 1.05, 0.01);
  const found = search((value) => leftOver(put(plan, value)), nth(ends, 0), nth(ends, 1));
  if (!found) return undefined;
  const quoted = ask.quantity === 'rate' ? quoteRate(found.value, solved.rate, plan.paymentsPerYear) : undefined;
  if (quoted && !quoted.ok) return undefined;
  const number = quoted ? quotedNumber(quoted.value) * 100 : found.value;
  const shown = (value: number): string =>
    ask.quantity === 'rate' ? writePercent(value, work.style, 4, 6) : writeMoney(value, work.style);
  return way(work, number, [
    {
      kind: 'says',
      text: `${work.level ? 'It can be found without a formula' : 'With changes on the way no one formula holds'}. Try a value, run the whole table with it, see what is left over after the last payment, correct.`,
      because:
        'The last payment is made in full like the others while trying: what it would settle is what is looked for.',
    },
    {
      kind: 'rows',
      columns: ['tried', 'left over', ''],
      rows: trialRows(found.trials, shown, (value) => writeBrief(value, 2, 4, work.style)),
      because:
        ask.quantity === 'rate'
          ? 'Each new try lies where a straight line through the two nearest tries would be zero.'
          : 'What is left over moves in a straight line with what is tried, so two tries show where it is nothing.',
    },
  ]);
}

/** Whether a payment leaves nothing over, noise apart. */
const leavesNothing = (plan: Plan, payment: number): boolean =>
  Math.abs(leftOver({ ...plan, payment })) <= 1e-7 * (plan.amount + plan.finalAmount);

function firstLevel({ question: { solved } }: Work): number {
  return solved.unknown === 'payment' && solved.plan.changes.length === 0 ? solved.exact : solved.table.firstPayment;
}

/** The number of payments by trying whole numbers: the first by which the end is reached. */
function countTried(work: Work): Way | undefined {
  const { ask, solved, statement } = work.question;
  const { plan, numbers, said } = solved;
  const perYear = statement.paymentsPerYear;
  if (said?.isWhole !== false || numbers.payment === 0) return undefined;
  // What is over, for savings what is still missing: either falls to nothing at the number that is looked for.
  const gap = (payments: number): number =>
    (work.saving ? -1 : 1) * leftOver({ ...plan, payments, payment: numbers.payment });
  const at = (value: number): Tried => ({ value, gap: gap(value) });
  const low = Math.max(1, Math.floor((said.count - 1) / perYear) * perYear);
  let [a, b] = [at(low), at(low + Math.max(perYear, 2))];
  if (!(a.gap > 0) || !(b.gap <= 0)) return undefined;
  const trials = [a, b];
  while (b.value - a.value > 1) {
    const here = at(Math.floor(halving(a, b)));
    trials.push(here);
    if (here.gap > 0) a = here;
    else b = here;
  }
  const shown = [...trials.filter(({ value }) => value !== b.value), b];
  const made = {
    kind: 'says' as const,
    text: `After ${a.value} ${work.counted} it is not enough; with ${b.value} it is: the last one need not be made in full.`,
  };
  return {
    ...way(work, b.value / (ask.quantity === 'years' ? perYear : 1), [
      {
        kind: 'says',
        text: `Try a number of ${work.counted}, run the table with the payment that is given, see what is left, halve what is between.`,
      },
      {
        kind: 'rows',
        columns: ['tried', work.saving ? 'still missing' : 'still owed', ''],
        rows: shown.map(({ value, gap: left }) => [
          String(value),
          writeBrief(left, 2, 2, work.style),
          left > 0 ? 'too few' : value === b.value ? 'enough' : 'enough, perhaps fewer',
        ]),
      },
      made,
    ]),
    rounds: ['count-rounded'],
  };
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
