/**
 * How well problems are read from their text: wholly right, wrong with a doubt, wrong without one, by level and kind, and
 * how long it takes. `npm run bench -- texts` measures the reference; `-- texts FILE` another file of the same shape.
 */

import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { readProblem } from '@hardy-sextant/core/texts';
import type { ProblemReading, ReadPlan } from '@hardy-sextant/core/texts';

interface Expected {
  readonly id: string;
  readonly level: number;
  readonly text: string;
  readonly plans: readonly ReadPlan[];
  readonly asks: readonly { quantity: string; plan: number | null; answer: number | null }[];
  readonly problem?: string;
}

const file = process.argv[2] ?? join(import.meta.dirname, '../../packages/core/test/reference/texts.json');
const problems = JSON.parse(readFileSync(file, 'utf8')) as readonly Expected[];

const isNear = (one: number, other: number): boolean => Math.abs(one - other) <= 2e-9 * Math.max(1e-3, Math.abs(other));
const isSame = (one: number | null, other: number | null): boolean => isNear(one ?? 0, other ?? 0);

function isPlan(
  read: ReadPlan | undefined,
  { kind, amount, rate, paymentsPerYear, payments, payment, timing, finalAmount, changes, unknown }: ReadPlan,
): boolean {
  if (!read) return false;
  const isRate =
    rate === null
      ? read.rate === null
      : read.rate?.quoted === rate.quoted &&
        isNear(read.rate.value, rate.value) &&
        read.rate.compoundingsPerYear === rate.compoundingsPerYear;
  return (
    read.kind === kind &&
    read.unknown === unknown &&
    read.timing === timing &&
    read.paymentsPerYear === paymentsPerYear &&
    isRate &&
    isSame(read.amount, amount) &&
    isSame(read.payments, payments) &&
    isSame(read.payment, payment) &&
    isSame(read.finalAmount, finalAmount) &&
    JSON.stringify(read.changes) === JSON.stringify(changes)
  );
}

function isRight(read: ProblemReading, { plans, asks, problem }: Expected): boolean {
  if (problem !== undefined && read.doubts.length === 0) return false;
  return (
    read.plans.length === plans.length &&
    plans.every((plan, at) => isPlan(read.plans[at], plan)) &&
    read.asks.length === asks.length &&
    asks.every(({ quantity, plan, answer }, at) => {
      const ask = read.asks[at];
      return (
        ask?.quantity === quantity &&
        ask.plan === plan &&
        (answer === null || ask.answers.some((each) => isNear(each, answer)))
      );
    })
  );
}

readProblem('warm 5% $100');
const rows = problems.map((problem) => {
  const start = performance.now();
  const read = readProblem(problem.text);
  const time = performance.now() - start;
  const verdict = isRight(read, problem) ? 'right' : read.doubts.length > 0 ? 'with a doubt' : 'without a doubt';
  return { ...problem, kind: problem.plans[0]?.kind ?? 'none', verdict, time };
});

function table(name: string, key: (row: (typeof rows)[number]) => string): void {
  const groups = new Map<string, typeof rows>();
  for (const row of rows) groups.set(key(row), [...(groups.get(key(row)) ?? []), row]);
  console.log(`\n${name.padEnd(16)}problems   wholly right   wrong, doubted   wrong, not doubted`);
  for (const [group, some] of [...groups].sort()) {
    const count = (verdict: string): string => String(some.filter((row) => row.verdict === verdict).length);
    console.log(
      `${group.padEnd(16)}${String(some.length).padStart(8)}${count('right').padStart(15)}${count('with a doubt').padStart(17)}${count('without a doubt').padStart(21)}`,
    );
  }
}

table('all', () => 'all');
table('level', ({ level }) => `level ${level}`);
table('kind', ({ kind }) => kind);
const times = rows.map(({ time }) => time).sort((one, other) => one - other);
console.log(`\nmiddle ${times[times.length >> 1]?.toFixed(1)} ms a problem, slowest ${times.at(-1)?.toFixed(1)} ms`);
for (const { id, verdict } of rows) if (verdict !== 'right') console.log(`${id}: wrong, ${verdict}`);
