/** The numbers of a plan in the words of a text: names of givens, as long as they come to the same. */

import { writeBrief, type NumberStyle } from '../../money/numberStyle.ts';
import { readSlotText, type Scope } from '../../money/expression.ts';
import type { SlotName } from '../../case/statement.ts';
import type { ReadAsk, ReadPlan, Role } from '../reading.ts';
import { yearsIn } from '../tokens.ts';
import type { TextGiven } from './givensOfText.ts';

export interface PlanToDraft {
  readonly plan: ReadPlan;
  readonly index: number;
  readonly wanted: number | undefined;
  readonly givens: readonly TextGiven[];
  readonly style: NumberStyle;
  /** Texts of slots that earlier answers fill. */
  readonly linked: Readonly<Partial<Record<SlotName, string>>>;
  /** After how many payments of an earlier plan it goes on. */
  readonly begins?: number | undefined;
  /** What the text asks, of all plans. */
  readonly asks: readonly ReadAsk[];
  /** Whether the text tells this moment, so that it stays. */
  readonly isTold: (after: number) => boolean;
}

/** What a plan that is told after another may share with it, said once for both. */
const shared: ReadonlySet<Role> = new Set<Role>(['rate', 'amount', 'payment', 'paymentRise']);

/** The givens of a role: a plan's own first, then those of another that it may share. */
export function ofPlan({ givens, index }: PlanToDraft, role: Role): TextGiven[] {
  const all = givens.filter(({ use }) => use.role === role);
  const isOwn = ({ use }: TextGiven): boolean => use.plan === undefined || use.plan === index;
  const own = all.filter(isOwn);
  return shared.has(role) ? [...own, ...all.filter((each) => !isOwn(each))] : own;
}

export function scopeOf({ givens, style }: PlanToDraft): Scope {
  return Object.fromEntries(
    givens.flatMap(({ given }) => {
      const entry = readSlotText(given.now, {}, style);
      return entry.ok ? [[given.name, given.kind === 'rate' ? { percent: entry.value.value } : entry.value.value]] : [];
    }),
  );
}

/** The first wording that comes to the number; the number itself where none does. */
export function wordedAs(to: PlanToDraft, texts: readonly string[], number: number, scope = scopeOf(to)): string {
  for (const text of texts) {
    const entry = readSlotText(text, scope, to.style);
    if (entry.ok && Math.abs(entry.value.value - number) <= 1e-9 * Math.max(1, Math.abs(number))) return text;
  }
  return writeBrief(number, 0, 10, to.style);
}

/** The names of the givens of a role, as `ofPlan` finds them. */
export const named = (to: PlanToDraft, role: Role): string[] => ofPlan(to, role).map(({ given }) => given.name);

/** The lengths of time among givens, each in the ways it counts payments. */
export const timesIn = (givens: readonly TextGiven[], { paymentsPerYear }: ReadPlan): string[][] =>
  givens.flatMap(({ given, use }) =>
    use.role === 'duration' ? [timeWordings(given.name, use.unit, paymentsPerYear)] : [],
  );

/** "years × 12", "months", "months / 3". */
function timeWordings(name: string, unit: string, perYear: number): string[] {
  const inYear = Number((1 / (yearsIn[unit] ?? 1)).toFixed(0));
  return unit === 'years' ? [`${name} × ${perYear}`] : [name, `${name} / ${inYear} × ${perYear}`];
}
