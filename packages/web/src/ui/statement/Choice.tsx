/** A choice inside a sentence: a word with a list behind it. */
import { memo } from 'react';
import { useLatest } from '../useLatest.ts';
import styles from './Statement.module.css';

type Options = readonly (readonly [string, string])[];

interface ChoiceProps {
  readonly label: string;
  readonly value: string;
  readonly options: Options;
  readonly onChange: (value: string) => void;
}

export function Choice({ onChange, ...shown }: ChoiceProps) {
  return <List {...shown} onChange={useLatest(onChange)} />;
}

/** Drawn again only when it offers or shows something else, however often its sentence is. */
const List = memo(
  function List({ label, value, options, onChange }: ChoiceProps) {
    return (
      <select
        className={styles.choice}
        aria-label={label}
        value={value}
        onChange={(event) => onChange(event.currentTarget.value)}
      >
        {options.map(([id, words]) => (
          <option key={id} value={id}>
            {words}
          </option>
        ))}
      </select>
    );
  },
  (before, after) =>
    before.label === after.label && before.value === after.value && sameOptions(before.options, after.options),
);

function sameOptions(a: Options, b: Options): boolean {
  return a.length === b.length && a.every(([id, words], at) => b[at]![0] === id && b[at]![1] === words);
}
