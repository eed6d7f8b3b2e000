/** The short note at the right of the top bar: which class's rules apply. A screen sets it while it is shown. */
import { useEffect, useSyncExternalStore } from 'react';
import styles from './BarNote.module.css';

let note = '';
const listeners = new Set<() => void>();

function setNote(next: string): void {
  note = next;
  for (const listener of listeners) listener();
}

export function useBarNote(text: string): void {
  useEffect(() => {
    setNote(text);
    return () => setNote('');
  }, [text]);
}

export function BarNote() {
  const text = useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => note,
  );
  return <span className={styles.note}>{text}</span>;
}
