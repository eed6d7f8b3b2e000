/** A verdict: always a mark and a word as well as a colour. */
import type { Verdict } from '@hardy-sextant/core';
import { verdictLooks } from './verdictLooks.ts';

/** `brief` leaves the word to readers of the page aloud: for cells too small for it. */
export function VerdictMark({
  verdict,
  brief = false,
}: {
  readonly verdict: Pick<Verdict, 'kind'>;
  readonly brief?: boolean;
}) {
  const { mark, word, tone } = verdictLooks[verdict.kind];
  return (
    <span className="verdict" data-tone={tone}>
      <span aria-hidden>{mark}</span> <span className={brief ? 'visually-hidden' : undefined}>{word}</span>
    </span>
  );
}
