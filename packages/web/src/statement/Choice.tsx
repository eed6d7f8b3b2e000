/** A choice inside a sentence: a word with a list behind it. What comes back is one of its values, by type. */
import { memo } from 'react';
import { Pick, type PickProps } from '../ui/Pick.tsx';
import { useLatest } from '../ui/useLatest.ts';
import styles from './Statement.module.css';

interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: PickProps<T>['options'];
  readonly onChange: (value: T) => void;
}

export function Choice<T extends string>({ options, onChange, ...shown }: ChoiceProps<T>) {
  const choose = useLatest((chosen: string) => {
    const option = options.find(([id]) => id === chosen);
    if (option) onChange(option[0]);
  });
  return <List {...shown} options={options} onChange={choose} />;
}

/** Drawn again only when it offers or shows something else, however often its sentence is. */
const List = memo(
  function List({ onChange, ...shown }: ChoiceProps<string>) {
    return <Pick {...shown} className={styles.choice} onPick={onChange} />;
  },
  (before, after) =>
    before.label === after.label && before.value === after.value && sameOptions(before.options, after.options),
);

type Options = PickProps<string>['options'];

function sameOptions(a: Options, b: Options): boolean {
  return a.length === b.length && a.every(([id, words], at) => b[at]?.[0] === id && b[at][1] === words);
}
