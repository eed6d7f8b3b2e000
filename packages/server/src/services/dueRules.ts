/** When a set is due, as its document says it, on this server's clock; and how late a student was. */

import { lessForLate, minutesLate, type DueRule } from '@hardy-sextant/core';
import type { SetDocument } from '@hardy-sextant/contract';
import type { SubmissionRow } from '../store/submissions.ts';

/** A day and a time of it, where the server stands, in milliseconds since 1970. */
const momentOf = (day: string, time: string): number | undefined =>
  day === '' ? undefined : new Date(`${day}T${time}`).getTime();

/** @param releasedAt when marks were released: from then on nothing is taken, but in what is practised */
export function dueRuleOf(
  { given, due, dueTime, late, lessADay, purpose }: SetDocument,
  extraMinutes: number | undefined,
  releasedAt: string | null = null,
): DueRule {
  return {
    from: momentOf(given, '00:00:00'),
    due: momentOf(due, dueTime === '' ? '23:59:59' : `${dueTime}:00`),
    late,
    lessADay,
    released: releasedAt !== null && purpose === 'marks',
    extraMinutes: extraMinutes ?? 0,
  };
}

type Answered = Pick<SubmissionRow, 'answeredAt' | 'extraMinutes'>;

/** Only what students type themselves can be late: what an instructor enters is not. */
export function latenessOf(
  document: SetDocument,
  row: Answered | undefined,
): { readonly minutesLate: number; readonly less: number } {
  const answeredAt = row?.answeredAt ? Date.parse(row.answeredAt) : undefined;
  const rule = dueRuleOf(document, row?.extraMinutes);
  return { minutesLate: minutesLate(rule, answeredAt), less: lessForLate(rule, answeredAt) };
}
