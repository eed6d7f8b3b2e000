/** Until when a student may answer, and what lateness costs. Times are milliseconds since 1970, on the server's clock. */

export interface DueRule {
  /** When it is due; undefined where it never is. */
  readonly due: number | undefined;
  /** From when on it can be seen; undefined for at once. */
  readonly from?: number | undefined;
  /** Whether answers are taken after that. */
  readonly late: boolean;
  /** Percent of the marks that each begun day of lateness costs. */
  readonly lessADay: number;
  /** Whether marks are out: then nothing is taken any more, whatever the time. */
  readonly released?: boolean | undefined;
  /** Minutes this student has more than others. */
  readonly extraMinutes: number;
}

/** `before`: not to be seen yet. `open`: answers count in full. `late`: they are taken as late. `closed`: they are kept apart. */
export type Openness = 'before' | 'open' | 'late' | 'closed';

const MINUTE = 60_000;
const DAY = 24 * 60 * MINUTE;

/** When it is due for this student. */
export function dueFor({ due, extraMinutes }: DueRule): number | undefined {
  return due === undefined ? undefined : due + extraMinutes * MINUTE;
}

export function opennessAt(rule: DueRule, now: number): Openness {
  if (rule.from !== undefined && now < rule.from) return 'before';
  if (rule.released) return 'closed';
  const due = dueFor(rule);
  if (due === undefined || now <= due) return 'open';
  return rule.late ? 'late' : 'closed';
}

/** Whole minutes that the last answer that counts came after it was due; 0 where it was in time. */
export function minutesLate(rule: DueRule, answeredAt: number | undefined): number {
  const due = dueFor(rule);
  if (due === undefined || answeredAt === undefined || answeredAt <= due) return 0;
  return Math.ceil((answeredAt - due) / MINUTE);
}

/** Percent of the marks that lateness costs: for each begun day, at most all of them. */
export function lessForLate(rule: DueRule, answeredAt: number | undefined): number {
  const late = minutesLate(rule, answeredAt);
  return late === 0 ? 0 : Math.min(100, rule.lessADay * Math.ceil((late * MINUTE) / DAY));
}
