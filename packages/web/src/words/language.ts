/** The language of the screens: chosen once, remembered on the device, its catalogue fetched before anything is shown. */
import i18next from 'i18next';
import { initReactI18next } from 'react-i18next';

/** English needs no catalogue. A new language is a file beside `fr.json`, and a line here. */
const catalogues = {
  fr: () => import('./catalogues/fr.json'),
} as const;

export const languages = [
  ['en', 'English'],
  ['fr', 'Français'],
] as const;
export type Language = (typeof languages)[number][0];

const KEY = 'hardy-sextant.language';
const known = (text: string | null): Language | undefined => languages.find(([id]) => text?.startsWith(id))?.[0];

/** The student's pages are in every language; the instructor's so far in English alone. */
const isWhole = (language: Language, path: string): boolean => language === 'en' || /^\/(my|in)(\/|$)/.test(path);

function wanted(): Language {
  try {
    return known(localStorage.getItem(KEY)) ?? known(navigator.language) ?? 'en';
  } catch {
    return 'en';
  }
}

export const languageNow = (): Language => known(i18next.language) ?? 'en';

// Without a catalogue a text is shown as it stands in the code, so that whoever imports it without pages can read it.
void i18next.use(initReactI18next).init({
  lng: 'en',
  fallbackLng: 'en',
  resources: {},
  keySeparator: false,
  nsSeparator: false,
  interpolation: { escapeValue: false },
  initAsync: false,
});

/** Before the first page: what cannot be fetched is read in English. */
export async function startLanguage(): Promise<void> {
  const language = wanted();
  if (language === 'en' || !isWhole(language, location.pathname)) return;
  try {
    i18next.addResourceBundle(language, 'translation', (await catalogues[language]()).default);
  } catch {
    return;
  }
  await i18next.changeLanguage(language);
  document.documentElement.lang = language;
}

/** What is typed is kept on the device, so the page can begin anew. */
export function chooseLanguage(language: Language): void {
  try {
    localStorage.setItem(KEY, language);
  } catch {
    // Without room for it there is no other language.
    return;
  }
  location.reload();
}
