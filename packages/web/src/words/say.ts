/**
 * What stands on the screens, said in the language of who reads it.
 *
 * English stands in the code, where it is read with what it is about, and is the name of the text in the catalogues
 * beside this file. A text is always said whole: names and numbers come in by name, `{{name}}`.
 */
import i18next from 'i18next';
import { languageNow } from './language.ts';

export type Values = Readonly<Record<string, string | number>>;

/** @param text in English; found in the catalogue of the language by itself */
export function say(text: string, values?: Values): string {
  return i18next.t(text, values && { replace: values });
}

/** "a, b and c". */
export const listed = (words: readonly string[]): string => new Intl.ListFormat(languageNow()).format(words);

/** What is said of one, and of many: each language chooses among its own plural forms. `{{count}}` is the number. */
export function many(count: number, one: string, other: string, values?: Values): string {
  return i18next.t(other, { count, defaultValue_one: one, defaultValue_other: other, replace: { ...values, count } });
}
