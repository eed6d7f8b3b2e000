/** Where a student stands while a set runs, in words. */
import type { Live, LiveStudent } from '@hardy-sextant/contract';
import { say } from '../../words/say.ts';

export const states = [
  ['not-opened', say('not opened')],
  ['opened', say('opened')],
  ['writing', say('writing')],
  ['silent', say('silent')],
  ['submitted', say('submitted')],
] as const;
export type LiveState = (typeof states)[number][0];

/** Nothing heard of for so long, with something begun, is silent. */
const SILENT_MS = 10 * 60_000;

export function stateOf(student: LiveStudent, { now }: Pick<Live, 'now'>): LiveState {
  if (student.submittedAt) return 'submitted';
  if (!student.openedAt) return 'not-opened';
  if (student.answered === 0) return 'opened';
  const seen = student.seenAt ? Date.parse(student.seenAt) : 0;
  return Date.parse(now) - seen > SILENT_MS ? 'silent' : 'writing';
}

export const actWords: Readonly<Record<string, string>> = {
  submitted: say('submitted'),
  'extra-time': say('given extra time'),
  reopen: say('opened again'),
  'take-late': say('late answers taken'),
  'leave-late': say('late answers left out'),
  'new-link': say('given another link'),
  'open-classroom': say('the classroom was opened'),
  'close-classroom': say('the classroom was closed'),
  marks: say('marks changed'),
  accepted: say('a reading was accepted for everyone'),
  'accepted-no-more': say('an accepted reading was taken back'),
  released: say('marks were released'),
  'taken-back': say('marks were taken back'),
};
