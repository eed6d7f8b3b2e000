/** Days and times of the day as the student reads them, in the language of the page. */
import { languageNow } from '../words/language.ts';

/** "Fri 27 Nov, 17:00", where the student is. */
export function momentIn(at: string): string {
  return new Intl.DateTimeFormat(languageNow(), {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).format(new Date(at));
}

export function timeIn(at: string): string {
  return new Intl.DateTimeFormat(languageNow(), { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).format(
    new Date(at),
  );
}
