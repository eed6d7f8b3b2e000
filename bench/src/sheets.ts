/**
 * `npm run bench -- sheets [draws]`: students' worksheets made by an engine that is not ours, with every mistake written into
 * their formulas: how often it is named, proved, and a right sheet faulted; how long one of 360 rows takes. Exits 1 where a
 * figure falls short. Kept in docs/checking.md.
 */
import {
  centRounding,
  defaultHouseRules,
  exactRounding,
  judgeSheetOfPlan,
  readSheet,
  type Plan,
  type SheetCells,
} from '@hardy-sextant/core';
import { seeded } from '../../packages/core/test/random.ts';
import { randomLayout } from '../../packages/core/test/randomLayouts.ts';
import { rafts, rightSheets } from '../../packages/core/test/rightSheets.ts';
import { sheetMistakes, type SheetMistake } from '../../packages/core/test/sheetMistakes.ts';
import { bringClass } from './classOfSheets.ts';
import { draftSheet, layouts, workedOut, type Draft, type Layout } from '../../packages/core/test/studentSheets.ts';

const draws = Number(process.argv[2] ?? 60);
const random = seeded(20_261_126);

let isShort = false;
function say(what: string, is: number, limit: number, least: boolean, unit: string): void {
  const holds = least ? is >= limit : is <= limit;
  if (!holds) isShort = true;
  console.log(`${holds ? 'ok   ' : 'SHORT'} ${what.padEnd(58)} ${is.toFixed(1).padStart(7)} ${unit} of ${limit}`);
}

function drawnPlan(layout: Layout, more: Partial<Plan> = {}): Plan {
  const payments = [12, 18, 24, 36, 48, 60][Math.floor(random() * 6)]!;
  const annual = Math.round(30 + random() * 90) / 1000;
  const amount = 2000 + Math.floor(random() * 900) * 100;
  const rounding = layout.rounds ? centRounding : exactRounding;
  return { ...rafts, amount, payments, rate: { kind: 'nominal', annual, compoundingsPerYear: 12 }, rounding, ...more };
}
const judge = (plan: Plan, cells: SheetCells) => judgeSheetOfPlan(plan, readSheet(cells), defaultHouseRules);

interface Tally {
  made: number;
  named: number;
  certain: number;
}

/** One mistake after the other, in every layout. */
function single(mistake: SheetMistake): Tally {
  const tally = { made: 0, named: 0, certain: 0 };
  for (let draw = 0; draw < draws; draw += 1) {
    const layout = layouts[draw % layouts.length]!;
    const plan = drawnPlan(layout, mistake.plan);
    const draft = draftSheet(layout, plan);
    if (!mistake.make(draft, random)) continue;
    tally.made += 1;
    const cause = judge(plan, workedOut(draft.cells)).causes.find(({ id }) => id === mistake.id);
    if (cause) tally.named += 1;
    if (cause?.certain) tally.certain += 1;
  }
  return tally;
}

/** Both mistakes in one sheet; nothing where they meet in a cell. */
function together(layout: Layout, plan: Plan, one: SheetMistake, other: SheetMistake): Draft | undefined {
  const [right, first, second] = [draftSheet(layout, plan), draftSheet(layout, plan), draftSheet(layout, plan)];
  if (!one.make(first, random) || !other.make(second, random)) return undefined;
  for (const [sheet, cells] of Object.entries(first.cells))
    for (const address of new Set([...Object.keys(cells), ...Object.keys(second.cells[sheet]!)])) {
      const [was, a, b] = [right.cells[sheet]![address], cells[address], second.cells[sheet]![address]];
      if (b === was) continue;
      if (a !== was) return undefined;
      if (b === undefined) delete cells[address];
      else cells[address] = b;
    }
  return first;
}

const begun = performance.now();
const all = { made: 0, named: 0, certain: 0 };
for (const mistake of sheetMistakes) {
  const { made, named, certain } = single(mistake);
  all.made += made;
  all.named += named;
  all.certain += certain;
  const percent = (part: number): string => `${((100 * part) / Math.max(1, made)).toFixed(1)} %`.padStart(8);
  console.log(
    `${mistake.id.padEnd(34)} ${String(made).padStart(4)} made ${percent(named)} named ${percent(certain)} certain`,
  );
}
say('mistakes named', (100 * all.named) / all.made, 99, true, '%');
say('mistakes certain and right', (100 * all.certain) / all.made, 95, true, '%');

let [pairs, both] = [0, 0];
const plain = sheetMistakes.filter(({ plan, id }) => !plan && id !== 'text-that-looks-like-a-number');
for (const one of plain)
  for (const other of plain) {
    if (one.id >= other.id) continue;
    const layout = layouts[pairs % layouts.length]!;
    const plan = drawnPlan(layout);
    const draft = together(layout, plan, one, other);
    if (!draft) continue;
    pairs += 1;
    const ids = new Set<string>(judge(plan, workedOut(draft.cells)).causes.map(({ id }) => id));
    if (ids.has(one.id) && ids.has(other.id)) both += 1;
  }
say(`two mistakes at once, both named (${pairs} pairs)`, (100 * both) / pairs, 80, true, '%');

const drawn = { right: 0, faulted: 0, made: 0, certain: 0 };
for (let draw = 0; draw < draws * 2; draw += 1) {
  const layout = randomLayout(random);
  const plan = drawnPlan(layout);
  drawn.right += 1;
  if (judge(plan, workedOut(draftSheet(layout, plan).cells)).cells.some(({ verdict }) => verdict === 'wrong'))
    drawn.faulted += 1;
  const mistake = sheetMistakes[draw % sheetMistakes.length]!;
  const other = drawnPlan(layout, mistake.plan);
  const draft = draftSheet(layout, other);
  if (!layout.columns.payment || !layout.columns.principal || !mistake.make(draft, random)) continue;
  drawn.made += 1;
  const cause = judge(other, workedOut(draft.cells)).causes.find(({ id }) => id === mistake.id);
  if (cause?.certain) drawn.certain += 1;
}
say(`layouts drawn at random: right ones faulted (of ${drawn.right})`, drawn.faulted, 0, false, '  ');
say(`mistakes in them certain and right (of ${drawn.made})`, (100 * drawn.certain) / drawn.made, 95, true, '%');

let [right, faulted] = [0, 0];
for (const [plan, typed, names] of Object.values(rightSheets)) {
  right += 1;
  const judged = judgeSheetOfPlan(plan, readSheet(workedOut(typed), { names }), defaultHouseRules);
  if (judged.cells.some(({ verdict }) => verdict === 'wrong')) faulted += 1;
}
for (let draw = 0; draw < draws; draw += 1) {
  const layout = layouts[draw % layouts.length]!;
  const plan = drawnPlan(layout, draw % 4 === 0 ? { finalAmount: 1000 } : {});
  right += 1;
  if (judge(plan, workedOut(draftSheet(layout, plan).cells)).cells.some(({ verdict }) => verdict === 'wrong'))
    faulted += 1;
}
say(`right sheets faulted (of ${right})`, faulted, 0, false, '  ');

const long = { ...rafts, payments: 360 };
const slid = draftSheet(layouts[0]!, long);
for (let k = 1; k <= slid.n; k += 1) slid.put('interest', k, `=${slid.at('opening', k)}*B${2 + k}/12`);
const cells = workedOut(slid.cells);
const times = Array.from({ length: 25 }, () => {
  // A file that comes in is new: nothing of it is known yet.
  const fresh = structuredClone(cells);
  const start = performance.now();
  judge(long, fresh);
  return performance.now() - start;
}).sort((a, b) => a - b);
say('a sheet of 360 rows read, judged and mended, median', times[12]!, 150, false, 'ms');
const { took, others, certain } = await bringClass();
say(`a class of 300 of them brought in and judged (${certain} certain)`, took, 30, false, 's ');
say('another request meanwhile, in the middle', others[Math.floor(others.length / 2)]!, 100, false, 'ms');
say('the slowest of nine in ten others', others[Math.floor(others.length * 0.9)]!, 100, false, 'ms');
console.log(`${((performance.now() - begun) / 1000).toFixed(0)} s in all.`);
if (isShort) process.exit(1);
