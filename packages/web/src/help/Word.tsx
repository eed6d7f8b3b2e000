/** A word with a dotted line: pressed, it opens its meaning. */
import { Popover } from '@mantine/core';
import { useId, useState, type ReactNode } from 'react';
import { tradeWords, type TradeWord } from './tradeWords.ts';
import styles from './Word.module.css';

export function Word({ of, children }: { readonly of: TradeWord; readonly children?: ReactNode }) {
  const id = useId();
  const [opened, setOpened] = useState(false);
  return (
    <Popover
      opened={opened}
      onChange={setOpened}
      width={300}
      position="bottom-start"
      shadow="sm"
      transitionProps={{ duration: 0 }}
      returnFocus
      withinPortal
    >
      <Popover.Target>
        <button
          type="button"
          className={styles.word}
          aria-haspopup="dialog"
          aria-expanded={opened}
          onClick={() => setOpened(!opened)}
          onKeyDown={(event) => {
            if (event.key === 'Escape') setOpened(false);
          }}
        >
          {children ?? of}
        </button>
      </Popover.Target>
      <Popover.Dropdown aria-labelledby={id}>
        <strong id={id}>{of}</strong>
        <p className="small" style={{ margin: '4px 0 0' }}>
          {tradeWords[of]}
        </p>
      </Popover.Dropdown>
    </Popover>
  );
}
