/** The mark, the word and the tone of each verdict: one place for all screens. */

import type { VerdictKind } from '@hardy-sextant/core';
import { say } from '../words/say.ts';

interface Look {
  readonly mark: string;
  readonly word: string;
  readonly tone: 'right' | 'carried' | 'slip' | 'unexplained' | 'plain';
}

export const verdictLooks: Readonly<Record<VerdictKind, Look>> = {
  right: { mark: '✓', word: say('right'), tone: 'right' },
  'right-rounded': { mark: '✓≈', word: say('rounded'), tone: 'right' },
  'right-other-way': { mark: '✓', word: say('other way'), tone: 'right' },
  reading: { mark: '✓', word: say('other reading'), tone: 'right' },
  carried: { mark: '↪', word: say('carried'), tone: 'carried' },
  'carried-slip': { mark: '↪△', word: say('slip, carried'), tone: 'slip' },
  slip: { mark: '△', word: say('slip'), tone: 'slip' },
  unexplained: { mark: '✕', word: say('not explained'), tone: 'unexplained' },
  unreadable: { mark: '?', word: say('cannot be read'), tone: 'unexplained' },
  'shown-error': { mark: '⚠', word: say('error shown'), tone: 'unexplained' },
  blank: { mark: '–', word: say('blank'), tone: 'plain' },
  'by-hand': { mark: '✎', word: say('by hand'), tone: 'plain' },
  'no-key': { mark: '!', word: say('no key'), tone: 'plain' },
};
