/** The extra payment of one row of the table while it is typed. */
import type { TableRow } from '@hardy-sextant/core';
import { useRef, useState } from 'react';
import styles from './TablePanel.module.css';
import { say } from '../words/say.ts';

interface ExtraFieldProps {
  readonly row: TableRow;
  readonly onTyped: (payment: number, text: string | undefined) => void;
}

/** The extra payment of one row while it is typed: Enter or leaving takes it, Escape calls it off. */
export function ExtraField({ row, onTyped }: ExtraFieldProps) {
  const [text, setText] = useState(row.extra === 0 ? '' : String(row.extra));
  const over = useRef(false);
  const end = (taken: string | undefined) => {
    if (over.current) return;
    over.current = true;
    onTyped(row.number, taken);
  };
  return (
    <span role="cell">
      <input
        className={styles.extra}
        aria-label={say('extra with payment {{number}}', { number: row.number })}
        // The person asked for it a moment ago, by a key or a double click.
        // eslint-disable-next-line jsx-a11y-x/no-autofocus
        autoFocus
        value={text}
        onChange={(event) => setText(event.currentTarget.value)}
        onClick={(event) => event.stopPropagation()}
        onBlur={() => end(text)}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === 'Enter') end(text);
          if (event.key === 'Escape') end(undefined);
        }}
      />
    </span>
  );
}
