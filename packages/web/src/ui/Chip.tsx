/** A chip that narrows a list while it is pressed, with how many it stands for where that is known. */
import styles from './Chip.module.css';

interface ChipProps {
  readonly name: string;
  readonly count?: number;
  readonly pressed: boolean;
  readonly onPress: () => void;
}

export function Chip({ name, count, pressed, onPress }: ChipProps) {
  return (
    <button type="button" className={styles.chip} aria-pressed={pressed} onClick={onPress}>
      {name}
      {count !== undefined && <strong>{count}</strong>}
    </button>
  );
}
