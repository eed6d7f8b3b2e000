/** The mathematics measured against two general libraries in the same run. Prints ratios; asserts nothing about time. */

import Decimal from 'decimal.js';
import * as financial from 'financial';
import * as formulajs from '@formulajs/formulajs';
import { Bench } from 'tinybench';
import { buildTable, centRounding, must, solveFor, type Plan } from '@hardy-sextant/core';

type Call = (...args: (number | undefined)[]) => unknown;
const sheet = formulajs as unknown as Record<'PMT' | 'RATE' | 'IPMT' | 'PPMT', Call>;
const { pmt, rate, ipmt, ppmt } = financial as unknown as Record<'pmt' | 'rate' | 'ipmt' | 'ppmt', Call>;

interface Problem {
  readonly i: number;
  readonly n: number;
  readonly pv: number;
  readonly pmt: number;
  readonly fv: number;
  readonly due: boolean;
}

/** A small repeatable generator, so that every run sees the same problems. */
function draws(seed: number): () => number {
  let state = seed;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

function problems(count: number): Problem[] {
  const next = draws(2026);
  const found: Problem[] = [];
  while (found.length < count) {
    const n = 1 + Math.floor(next() * 480);
    const i = next() < 0.1 ? -0.002 * next() : 10 ** (-5 + 4 * next());
    const due = next() < 0.3;
    const pv = Math.round(next() * 500_000) + 500;
    const fv = next() < 0.3 ? -Math.round(pv * next() * 0.8) : 0;
    const payment = solveFor('pmt', { n, i, pv, fv, timing: due ? 'begin' : 'end' });
    if (payment.ok && payment.value < 0 && !(due && n === 1)) found.push({ i, n, pv, pmt: payment.value, fv, due });
  }
  return found;
}

/** A double's exact value; decimal.js would otherwise take its shortest decimal spelling, which is another number. */
function exactly(value: number): Decimal {
  let whole = value;
  let halvings = 0;
  for (; !Number.isInteger(whole); halvings += 1) whole *= 2;
  return new Decimal(BigInt(whole).toString()).div(new Decimal(2).pow(halvings));
}

/** The rate to fifty digits, by Newton from a rate known to be near. */
function fiftyDigits({ n, pv, pmt: payment, fv, due }: Problem, near: number): number {
  const at = (i: Decimal): Decimal => {
    const grown = i.plus(1).pow(n);
    const annuity = i.isZero()
      ? new Decimal(n)
      : grown
          .minus(1)
          .div(i)
          .times(due ? i.plus(1) : 1);
    return exactly(pv).times(grown).plus(exactly(payment).times(annuity)).plus(fv);
  };
  const h = new Decimal('1e-25');
  let i = new Decimal(near);
  for (let step = 0; step < 60; step += 1) {
    const move = at(i).div(at(i.plus(h)).minus(at(i)).div(h));
    i = i.minus(move);
    if (move.abs().lt(i.abs().times('1e-30').plus('1e-40'))) break;
  }
  return i.toNumber();
}

async function compare(
  title: string,
  runs: Record<string, () => unknown>,
  against: string[],
  calls = 1,
): Promise<void> {
  const bench = new Bench({ time: 600, warmupTime: 200 });
  for (const [name, run] of Object.entries(runs)) bench.add(name, run);
  await bench.run();
  const median = (name: string): number => (bench.getTask(name)!.result as { latency: { p50: number } }).latency.p50;
  console.log(`\n${title}`);
  for (const name of Object.keys(runs))
    console.log(`  ${name.padEnd(12)} ${((median(name) * 1e6) / calls).toFixed(0).padStart(9)} ns`);
  const fastest = Math.min(...against.map(median));
  console.log(`  ours is ${(fastest / median('ours')).toFixed(2)} times as fast as the faster of the others`);
}

const sample = problems(1000).filter(({ i, n }) => i > 0 && n > 1);
const many =
  <T>(run: (problem: Problem) => T) =>
  () => {
    let last: T | undefined;
    for (const problem of sample) last = run(problem);
    return last;
  };

await compare(
  `payment, ${sample.length} problems`,
  {
    ours: many((p) => solveFor('pmt', { n: p.n, i: p.i, pv: p.pv, fv: p.fv, timing: p.due ? 'begin' : 'end' })),
    financial: many((p) => pmt(p.i, p.n, p.pv, p.fv, p.due ? 1 : 0)),
    formulajs: many((p) => sheet.PMT(p.i, p.n, p.pv, p.fv, p.due ? 1 : 0)),
  },
  ['financial', 'formulajs'],
  sample.length,
);

await compare(
  `rate, ${sample.length} problems`,
  {
    ours: many((p) => solveFor('i', { n: p.n, pv: p.pv, pmt: p.pmt, fv: p.fv, timing: p.due ? 'begin' : 'end' })),
    financial: many((p) => rate(p.n, p.pmt, p.pv, p.fv, p.due ? 1 : 0)),
    formulajs: many((p) => sheet.RATE(p.n, p.pmt, p.pv, p.fv, p.due ? 1 : 0)),
  },
  ['financial', 'formulajs'],
  sample.length,
);

const thirtyYears: Plan = {
  amount: 310_000,
  rate: { kind: 'nominal', annual: 0.0525, compoundingsPerYear: 12 },
  paymentsPerYear: 12,
  payments: 360,
  timing: 'end',
  finalAmount: 0,
  rounding: centRounding,
  changes: [],
};
const each = (interest: Call, principal: Call) => () => {
  let sum = 0;
  for (let k = 1; k <= 360; k += 1)
    sum +=
      (interest(0.0525 / 12, k, 360, 310_000, 0, 0) as number) +
      (principal(0.0525 / 12, k, 360, 310_000, 0, 0) as number);
  return sum;
};
await compare(
  'a table of 360 cent-rounded rows against 360 calls for interest and 360 for principal',
  {
    ours: () => must(buildTable(thirtyYears)),
    'ours + rows': () => must(buildTable(thirtyYears)).rows.length,
    financial: each(ipmt, ppmt),
    formulajs: each(sheet.IPMT, sheet.PPMT),
  },
  ['financial', 'formulajs'],
);

const weekly: Plan = {
  ...thirtyYears,
  paymentsPerYear: 52,
  payments: 1560,
  changes: [
    { kind: 'extra', from: 26, every: 52, amount: 40 },
    { kind: 'extra', from: 400, amount: 900 },
  ],
};
const rows = must(buildTable(weekly)).count;
const bench = new Bench({ time: 600 });
bench.add('weekly', () => must(buildTable(weekly)).rows);
await bench.run();
console.log(
  `\n30 years by the week with extra payments (${rows} rows): ${(bench.getTask('weekly')!.result as { latency: { p50: number } }).latency.p50.toFixed(3)} ms`,
);

const wrong: Record<string, { wrong: number; gaveUp: number; worst: number }> = {};
const asked = problems(10_000);
const solvers: Record<string, (p: Problem) => unknown> = {
  ours: (p) => {
    const found = solveFor('i', { n: p.n, pv: p.pv, pmt: p.pmt, fv: p.fv, timing: p.due ? 'begin' : 'end' });
    return found.ok ? found.value : NaN;
  },
  financial: (p) => rate(p.n, p.pmt, p.pv, p.fv, p.due ? 1 : 0),
  formulajs: (p) => sheet.RATE(p.n, p.pmt, p.pv, p.fv, p.due ? 1 : 0),
};
for (const name of Object.keys(solvers)) wrong[name] = { wrong: 0, gaveUp: 0, worst: 0 };
Decimal.set({ precision: 50 });
for (const problem of asked) {
  const exact = fiftyDigits(problem, problem.i);
  for (const [name, solve] of Object.entries(solvers)) {
    const found = solve(problem);
    const tally = wrong[name]!;
    if (typeof found !== 'number' || !Number.isFinite(found)) tally.gaveUp += 1;
    else {
      const apart = Math.abs(found - exact) / Math.abs(exact);
      tally.worst = Math.max(tally.worst, apart);
      if (apart > 1e-12) tally.wrong += 1;
    }
  }
}
console.log('\n10,000 rate problems that have one rate, against 50 digits');
for (const [name, { wrong: off, gaveUp, worst }] of Object.entries(wrong))
  console.log(
    `  ${name.padEnd(12)} off by more than 1e-12: ${String(off).padStart(5)}   gave up: ${String(gaveUp).padStart(5)}   worst relative error ${worst.toExponential(1)}`,
  );
