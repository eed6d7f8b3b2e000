/** What students read about each slip that occurs in a set; changed once for all classes. */
import { slipById } from '@hardy-sextant/core';
import type { Marking, SlipText } from '@hardy-sextant/contract';
import { useMemo, useState } from 'react';
import { usualWords } from '@hardy-sextant/core';
import { useWriteSlipText } from './markingRecords.ts';
import { say } from '../../words/say.ts';

export function SlipWords({ marking, texts }: { readonly marking: Marking; readonly texts: readonly SlipText[] }) {
  const found = useMemo(() => {
    const counts = new Map<string, number>();
    for (const { verdicts } of marking.students)
      for (const verdict of Object.values(verdicts ?? {}).flat())
        if (verdict.kind === 'slip' || verdict.kind === 'carried-slip')
          for (const id of verdict.explanations[0]?.slips ?? []) counts.set(id, (counts.get(id) ?? 0) + 1);
    return [...counts].sort((a, b) => b[1] - a[1]);
  }, [marking]);
  return (
    <aside className="sheet block stays" aria-label={say('What students read about each slip')}>
      <h2 className="label">{say('What students read about each slip')}</h2>
      <p className="soft">{say('Yours to change, once for all classes. Empty brings ours back.')}</p>
      {found.length === 0 && <p>{say('No slip occurs in this set.')}</p>}
      <ul className="list">
        {found.map(([id, count]) => (
          <SlipWord key={id} slipId={id} count={count} kept={texts.find((each) => each.slipId === id)} />
        ))}
      </ul>
    </aside>
  );
}

function SlipWord({
  slipId,
  count,
  kept,
}: {
  readonly slipId: string;
  readonly count: number;
  readonly kept: SlipText | undefined;
}) {
  const write = useWriteSlipText();
  const usual = usualWords(slipId);
  const stored = kept?.text === undefined || kept.text === '' ? usual : kept.text;
  const [typed, setTyped] = useState<string>();
  const title = slipById(slipId)?.title ?? slipId.replaceAll('-', ' ');
  const leave = () => {
    if (typed === undefined) return;
    const text = typed.trim() === usual ? '' : typed.trim();
    if (text === (kept?.text ?? '')) return setTyped(undefined);
    write.mutate({ slipId, text, revision: kept?.revision ?? 0 }, { onSuccess: () => setTyped(undefined) });
  };
  return (
    <li>
      <label>
        <span>
          {title} <span className="soft">× {count}</span>
        </span>
        <textarea
          className="control long"
          aria-label={say('words about {{title}}', { title })}
          value={typed ?? stored}
          maxLength={2000}
          onChange={(event) => setTyped(event.currentTarget.value)}
          onBlur={leave}
        />
      </label>
      {write.error && (
        <p role="alert" className="wrong">
          {say('{{message}} What you typed is still here.', { message: write.error.message })}
        </p>
      )}
    </li>
  );
}
