/** The days of a set as iCalendar (RFC 5545): when it is given and when it is due, each for a whole day. */

import type { FileKind } from './format.ts';

export interface SetDays {
  readonly id: string;
  readonly title: string;
  /** `2026-10-05`; empty where there is none. */
  readonly given: string;
  readonly due: string;
}

/** A line has at most 75 octets; what is longer goes on after a blank. */
const MOST_OCTETS = 73;

function folded(line: string): string {
  const lines: string[] = [];
  let now = '';
  for (const letter of line) {
    if (new TextEncoder().encode(now + letter).length > MOST_OCTETS) {
      lines.push(now);
      now = '';
    }
    now += letter;
  }
  return [...lines, now].join('\r\n ');
}

const escaped = (text: string): string => text.replace(/[\\;,]/g, (sign) => `\\${sign}`).replace(/\r?\n/g, '\\n');
const compact = (day: string): string => day.replaceAll('-', '');

function dayAfter(day: string): string {
  const next = new Date(`${day}T00:00:00Z`);
  next.setUTCDate(next.getUTCDate() + 1);
  return next.toISOString().slice(0, 10);
}

/** @param now when it is written, in ISO */
export function setCalendar({ id, title, given, due }: SetDays, now: string): string {
  const stamp = `${compact(now.slice(0, 10))}T${now.slice(11, 19).replaceAll(':', '')}Z`;
  const event = (kind: string, day: string): string[] =>
    day === ''
      ? []
      : [
          'BEGIN:VEVENT',
          `UID:${id}-${kind}@hardy-sextant`,
          `DTSTAMP:${stamp}`,
          `DTSTART;VALUE=DATE:${compact(day)}`,
          `DTEND;VALUE=DATE:${compact(dayAfter(day))}`,
          `SUMMARY:${escaped(`${title}: ${kind}`)}`,
          'TRANSP:TRANSPARENT',
          'END:VEVENT',
        ];
  return [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Hardy Sextant//Sets//EN',
    ...event('given', given),
    ...event('due', due),
    'END:VCALENDAR',
    '',
  ]
    .map(folded)
    .join('\r\n');
}

export const setAsCalendar = {
  id: 'set-calendar',
  name: 'given and due dates as a calendar',
  type: 'text/calendar;charset=utf-8',
  ending: 'ics',
  writes: (days: SetDays): string => setCalendar(days, new Date().toISOString()),
} satisfies FileKind & Record<string, unknown>;
