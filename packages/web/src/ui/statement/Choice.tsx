/** A choice inside a sentence: a word with a list behind it. */
import styles from './Statement.module.css';

interface ChoiceProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly (readonly [string, string])[];
  readonly onChange: (value: string) => void;
}

export function Choice({ label, value, options, onChange }: ChoiceProps) {
  return (
    <select className={styles.choice} aria-label={label} value={value} onChange={(event) => onChange(event.currentTarget.value)}>
      {options.map(([id, words]) => (
        <option key={id} value={id}>
          {words}
        </option>
      ))}
    </select>
  );
}
