/** Days and moments in the browser's language; they are stored as ISO. */

/** @param iso a day, `2026-11-27`, or a moment, of which only its day is said */
export const dayInWords = (iso: string): string =>
  new Date(iso.length > 10 ? iso : `${iso}T12:00:00`).toLocaleDateString(undefined, { dateStyle: 'medium' });

/** @param iso `2026-11-27T08:00:00.000Z` */
export const momentInWords = (iso: string): string =>
  new Date(iso).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });
