/** A verdict: always a mark and a word as well as a colour. */
import type { Verdict, VerdictKind } from '@hardy-sextant/core';
import styles from './VerdictMark.module.css';

interface Look {
  readonly mark: string;
  readonly word: string;
  readonly tone: 'right' | 'slip' | 'unexplained' | 'plain';
}

export const verdictLooks: Readonly<Record<VerdictKind, Look>> = {
  right: { mark: '✓', word: 'right', tone: 'right' },
  'right-rounded': { mark: '✓≈', word: 'rounded', tone: 'right' },
  slip: { mark: '△', word: 'slip', tone: 'slip' },
  unexplained: { mark: '✕', word: 'not explained', tone: 'unexplained' },
  unreadable: { mark: '?', word: 'cannot be read', tone: 'unexplained' },
  blank: { mark: '–', word: 'blank', tone: 'plain' },
  'no-key': { mark: '!', word: 'no key', tone: 'plain' },
};

export function VerdictMark({ verdict }: { readonly verdict: Verdict }) {
  const { mark, word, tone } = verdictLooks[verdict.kind];
  return (
    <span className={`${styles.mark} ${styles[tone]}`}>
      <span aria-hidden>{mark}</span> {word}
    </span>
  );
}
