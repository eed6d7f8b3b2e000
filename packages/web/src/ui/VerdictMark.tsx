/** A verdict: always a mark and a word as well as a colour. */
import type { Verdict, VerdictKind } from '@hardy-sextant/core';
import styles from './VerdictMark.module.css';

interface Look {
  readonly mark: string;
  readonly word: string;
  readonly tone: 'right' | 'carried' | 'slip' | 'unexplained' | 'plain';
}

export const verdictLooks: Readonly<Record<VerdictKind, Look>> = {
  right: { mark: '✓', word: 'right', tone: 'right' },
  'right-rounded': { mark: '✓≈', word: 'rounded', tone: 'right' },
  reading: { mark: '✓', word: 'other reading', tone: 'right' },
  carried: { mark: '↪', word: 'carried', tone: 'carried' },
  'carried-slip': { mark: '↪△', word: 'slip, carried', tone: 'slip' },
  slip: { mark: '△', word: 'slip', tone: 'slip' },
  unexplained: { mark: '✕', word: 'not explained', tone: 'unexplained' },
  unreadable: { mark: '?', word: 'cannot be read', tone: 'unexplained' },
  blank: { mark: '–', word: 'blank', tone: 'plain' },
  'no-key': { mark: '!', word: 'no key', tone: 'plain' },
};

/** `brief` leaves the word to readers of the page aloud: for cells too small for it. */
export function VerdictMark({ verdict, brief = false }: { readonly verdict: Pick<Verdict, 'kind'>; readonly brief?: boolean }) {
  const { mark, word, tone } = verdictLooks[verdict.kind];
  return (
    <span className={`${styles.mark} ${styles[tone]}`}>
      <span aria-hidden>{mark}</span> <span className={brief ? 'visually-hidden' : undefined}>{word}</span>
    </span>
  );
}
