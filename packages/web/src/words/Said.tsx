/** A sentence with something in it that is more than text: a link, a button, a strong word. */
import type { ReactElement } from 'react';
import { Trans } from 'react-i18next';
import type { Values } from './say.ts';

interface SaidProps {
  /** The English sentence; `<to>…</to>` is held by the part of that name, `<to />` is the part as it stands. */
  readonly text: string;
  /** What it is for a count of one. */
  readonly one?: string;
  readonly count?: number;
  readonly parts: Readonly<Record<string, ReactElement>>;
  readonly values?: Values;
}

export function Said({ text, one, count, parts, values }: SaidProps) {
  return (
    <Trans
      i18nKey={text}
      defaults={text}
      components={parts}
      values={count === undefined ? values : { ...values, count }}
      count={count}
      // A name with a sign in it stays as it was typed.
      shouldUnescape
      tOptions={{
        interpolation: { escapeValue: true },
        ...(one && { defaultValue_one: one, defaultValue_other: text }),
      }}
    />
  );
}
