/** The mark, the word and the tone of each verdict: one place for all screens. */

import type { VerdictKind } from '@hardy-sextant/core';

interface Look {
  readonly mark: string;
  readonly word: string;
  readonly tone: 'right' | 'carried' | 'slip' | 'unexplained' | 'plain';
}

export const verdictLooks: Readonly<Record<VerdictKind, Look>> = {
  right: { mark: '✓', word: 'right', tone: 'right' },
  'right-rounded': { mark: '✓≈', word: 'rounded', tone: 'right' },
  'right-other-way': { mark: '✓', word: 'other way', tone: 'right' },
  reading: { mark: '✓', word: 'other reading', tone: 'right' },
  carried: { mark: '↪', word: 'carried', tone: 'carried' },
  'carried-slip': { mark: '↪△', word: 'slip, carried', tone: 'slip' },
  slip: { mark: '△', word: 'slip', tone: 'slip' },
  unexplained: { mark: '✕', word: 'not explained', tone: 'unexplained' },
  unreadable: { mark: '?', word: 'cannot be read', tone: 'unexplained' },
  'shown-error': { mark: '⚠', word: 'error shown', tone: 'unexplained' },
  blank: { mark: '–', word: 'blank', tone: 'plain' },
  'by-hand': { mark: '✎', word: 'by hand', tone: 'plain' },
  'no-key': { mark: '!', word: 'no key', tone: 'plain' },
};
