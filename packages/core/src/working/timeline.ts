/** The timeline of a case: what flows when, long runs shortened. */

import { nth } from '../nth.ts';
import type { Writing } from '../exercise/writing.ts';
import type { StatementKind } from '../case/statement.ts';
import { kinds } from '../case/kinds.ts';
import type { SolvedCase } from '../case/solved.ts';

export interface Flow {
  /** Plus is received. */
  readonly money: number;
  readonly words: string;
}

/** A moment, counted in periods from today, with what comes in and what goes out then, or a gap where nothing new happens. */
export type Moment = { readonly at: number; readonly flows: readonly Flow[] } | 'gap';

/** What flows when: the start, the first payments, every one that is not like the one before it, the last, the end. */
export function timelineOf(kind: StatementKind, { plan, table }: Pick<SolvedCase, 'plan' | 'table'>): Moment[] {
  const { directions } = kinds[kind];
  const begin = plan.timing === 'begin';
  const when = (k: number) => (begin ? k - 1 : k);
  const flows = new Map<number, Flow[]>();
  const add = (at: number, money: number, words: string): void => {
    if (money === 0) return;
    const before = flows.get(at) ?? [];
    // What comes in and what goes out at one moment are two arrows, never netted.
    const same = before.find((flow) => flow.money > 0 === money > 0);
    const joined: Flow = same
      ? { money: same.money + money, words: same.words === words ? words : `${same.words} and ${words}` }
      : { money, words };
    flows.set(at, [...before.filter((flow) => flow !== same), joined]);
  };
  if (plan.amount !== 0) add(0, directions.pv * plan.amount, directions.pv > 0 ? 'received' : 'put in');
  for (const change of plan.changes)
    if (change.kind === 'draw' && change.amount > 0)
      add(change.before - 1, directions.pv * change.amount, directions.pv > 0 ? 'received' : 'put in');
  const { rows } = table;
  const shown = new Set<number>();
  rows.forEach((row, at) => {
    const before = rows[at - 1];
    const near = at < 3 || at >= rows.length - 2;
    if (near || (before && (row.payment !== before.payment || row.extra !== before.extra))) shown.add(at);
  });
  // Too many different payments: keep the first and last of them.
  const kept = [...shown].filter((at, place, all) => all.length <= 10 || place < 5 || place >= all.length - 3);
  for (const at of kept) {
    const row = nth(rows, at);
    add(when(row.number), directions.pmt * (row.payment + row.extra), directions.pmt > 0 ? 'received' : 'paid');
  }
  if (plan.finalAmount !== 0)
    add(table.count, directions.fv * table.closing, directions.fv > 0 ? 'received' : 'owed at the end');
  const places = [...flows.keys()].sort((a, b) => a - b);
  return places.flatMap((at, place): Moment[] => {
    const moment: Moment = { at, flows: flows.get(at)! };
    const before = places[place - 1];
    return before !== undefined && at - before > 1 ? ['gap', moment] : [moment];
  });
}

/** What flows, seen from the other pocket where the class sees it so. */
export function seenBy(moments: readonly Moment[], signs: Writing['signs']): readonly Moment[] {
  if (signs !== 'lender') return moments;
  return moments.map((moment): Moment =>
    moment === 'gap'
      ? moment
      : { ...moment, flows: moment.flows.map(({ money, words }) => ({ money: -money, words: otherSide(words) })) },
  );
}

/** What one side receives the other pays. */
function otherSide(words: string): string {
  return words.replace(/\breceived\b|\bpaid\b|\bput in\b/g, (word) => (word === 'received' ? 'paid out' : 'received'));
}
