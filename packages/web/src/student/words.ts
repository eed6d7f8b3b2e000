/** The words of the student's page in the student's language, chosen once and remembered on the device. */

import i18next from 'i18next';
import { useCallback, useEffect } from 'react';
import { initReactI18next, useTranslation } from 'react-i18next';
import { english, type Words } from './words.en.ts';
import { french } from './words.fr.ts';

export const languages = [
  ['en', 'English'],
  ['fr', 'Français'],
] as const;
export type Language = (typeof languages)[number][0];

const KEY = 'hardy-sextant.language';
const known = (text: string | null): Language | undefined => languages.find(([id]) => text?.startsWith(id))?.[0];

function atFirst(): Language {
  try {
    return known(localStorage.getItem(KEY)) ?? known(navigator.language) ?? 'en';
  } catch {
    return 'en';
  }
}

void i18next.use(initReactI18next).init({
  lng: atFirst(),
  fallbackLng: 'en',
  resources: { en: { translation: english }, fr: { translation: french } },
  keySeparator: false,
  nsSeparator: false,
  interpolation: { escapeValue: false },
});

/** Names without what tells one from many. */
type Name<K extends string> = K extends `${infer Stem}_one` ? Stem : K extends `${string}_other` ? never : K;
export type WordName = Name<keyof Words>;
export type Say = (name: WordName, values?: Readonly<Record<string, string | number>>) => string;

export function useWords(): {
  readonly say: Say;
  readonly language: Language;
  readonly choose: (language: Language) => void;
} {
  const { t, i18n } = useTranslation();
  const language = known(i18n.language) ?? 'en';
  useEffect(() => {
    const before = document.documentElement.lang;
    document.documentElement.lang = language;
    return () => {
      document.documentElement.lang = before;
    };
  }, [language]);
  const say = useCallback<Say>((name, values) => t(name, { ...values }), [t]);
  return {
    say,
    language,
    choose: (next) => {
      void i18n.changeLanguage(next);
      try {
        localStorage.setItem(KEY, next);
      } catch {
        // Without room for it the choice lasts as long as the page.
      }
    },
  };
}

/** "Fri 27 Nov, 17:00", where the student is. */
export function momentIn(language: Language, at: string): string {
  return new Intl.DateTimeFormat(language, {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).format(new Date(at));
}

export function timeIn(language: Language, at: string): string {
  return new Intl.DateTimeFormat(language, { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).format(
    new Date(at),
  );
}
