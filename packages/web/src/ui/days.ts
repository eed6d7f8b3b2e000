/** Days and moments in words; they are stored as ISO. */

import { languageNow } from '../words/language.ts';

/**
 * In the browser's language, with its year.
 *
 * @param iso a day, `2026-11-27`, or a moment, of which only its day is said
 */
export const dayInWords = (iso: string): string =>
  new Date(iso.length > 10 ? iso : `${iso}T12:00:00`).toLocaleDateString(undefined, { dateStyle: 'medium' });

/** @param iso `2026-11-27T08:00:00.000Z` */
export const momentInWords = (iso: string): string =>
  new Date(iso).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });

const time = { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' } as const;

/** "Fri 27 Nov, 17:00", in the language of the page, where its reader is: for the days around a set. */
export const nearMoment = (iso: string): string =>
  new Intl.DateTimeFormat(languageNow(), { weekday: 'short', day: 'numeric', month: 'short', ...time }).format(
    new Date(iso),
  );

/** "17:00", in the language of the page. */
export const timeOfDay = (iso: string): string => new Intl.DateTimeFormat(languageNow(), time).format(new Date(iso));
