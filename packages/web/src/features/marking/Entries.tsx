/** What else was submitted for a part, and what stood there before: typed here, put back here. */
import { enteredNames, enteredTitles, type Entries, type HouseRules } from '@hardy-sextant/core';
import { useState } from 'react';
import { FilledTable } from '../../working/FilledTable.tsx';
import type { Cell } from './causes.ts';
import { useEarlier } from './markingRecords.ts';
import { Field } from '../../ui/Field.tsx';
import { TextButton } from '../../ui/TextButton.tsx';
import styles from './Marking.module.css';
import { momentInWords } from '../../ui/days.ts';
import { say } from '../../words/say.ts';

/** Entries of a part typed here: cells of a table, the five values a student entered. */
type OnEntries = (changes: readonly { readonly entryId: string; readonly text: string }[]) => void;

interface MoreEntriesProps {
  readonly cell: Cell;
  readonly kept: Entries;
  readonly rules: HouseRules;
  readonly onEntries: OnEntries;
}

/** What else was submitted for this part: a table's cells, or the five values that were entered. Typed here, written when a field is left. */
export function MoreEntries({ cell, kept, rules, onEntries }: MoreEntriesProps) {
  const { student, assigned, part } = cell;
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({});
  const texts = { ...kept, ...typed };
  const type = (entryId: string, text: string) => setTyped({ ...typed, [entryId]: text });
  const leave = () => {
    const changes = Object.entries(typed).filter(([entryId, text]) => text !== (kept[entryId] ?? ''));
    if (changes.length > 0) onEntries(changes.map(([entryId, text]) => ({ entryId, text })));
    // What was written is in `kept` now; held on to here, it would stand over what is undone later.
    setTyped({});
  };
  if (part.ask.quantity === 'table')
    return (
      <FilledTable
        exercise={assigned.exercise}
        numbers={student.numbers[assigned.itemId] ?? nothing}
        rules={rules}
        partId={part.id}
        verdict={cell.judged}
        entries={texts}
        onEntries={(more) => setTyped({ ...typed, ...more })}
        onLeave={leave}
      />
    );
  const given = enteredNames.some((name) => (kept[`${part.id}.${name}`] ?? '') !== '');
  return (
    <details className={styles.entered} open={given}>
      <summary>{say('The five values and settings, as entered')}</summary>
      <div>
        {enteredNames.map((name) => (
          <label key={name}>
            {enteredTitles[name]}
            <Field
              className="long"
              label={say('entered {{enteredTitles}}', { enteredTitles: enteredTitles[name] })}
              value={texts[`${part.id}.${name}`] ?? ''}
              autoComplete="off"
              onText={(text) => type(`${part.id}.${name}`, text)}
              onBlur={leave}
            />
          </label>
        ))}
      </div>
    </details>
  );
}

const nothing = {};

interface EarlierAnswersProps {
  readonly setId: string;
  readonly cell: Cell;
  readonly onEntries: OnEntries;
}

/** What stood here before it was written over, with when and by what. */
export function EarlierAnswers({ setId, cell: { student, assigned, part }, onEntries }: EarlierAnswersProps) {
  const [opened, setOpened] = useState(false);
  const earlier = useEarlier(setId, student.id, opened);
  const here = earlier.data?.filter(
    ({ itemId, entryId }) => itemId === assigned.itemId && entryId.split('.')[0] === part.id,
  );
  return (
    <details className={styles.entered} onToggle={(event) => setOpened(event.currentTarget.open)}>
      <summary>{say('Earlier answers')}</summary>
      {earlier.isError && <p className="wrong">{earlier.error.message}</p>}
      {here?.length === 0 && <p className="soft">{say('Nothing has been written over here.')}</p>}
      <ul className="list ruled">
        {here?.map(({ entryId, text, at, source }) => (
          <li key={`${entryId} ${at}`}>
            {entryId === part.id ? '' : `${entryId.slice(part.id.length + 1)}: `}
            <span className="figures">{text === '' ? say('empty') : text.slice(0, 120)}</span>{' '}
            <span className="soft">
              {say('until {{momentInWords}}, then {{source}}', { momentInWords: momentInWords(at), source })}
            </span>{' '}
            <TextButton onClick={() => onEntries([{ entryId, text }])}>{say('put back')}</TextButton>
          </li>
        ))}
      </ul>
    </details>
  );
}
