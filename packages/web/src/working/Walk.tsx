/** Steps gone through before a class, by keys and by buttons. */
import { Button } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { useState, type ReactNode } from 'react';
import styles from './Projector.module.css';
import { say } from '../words/say.ts';

/** How many steps are shown. */
export function useWalk(count: number) {
  const [shown, setShown] = useState(1);
  const next = () => setShown((now) => Math.min(count, now + 1));
  const back = () => setShown((now) => Math.max(1, now - 1));
  const begin = () => setShown(1);
  useHotkeys([
    ['ArrowRight', next],
    ['ArrowDown', next],
    ['Space', next],
    ['PageDown', next],
    ['ArrowLeft', back],
    ['ArrowUp', back],
    ['PageUp', back],
    ['Home', begin],
    ['End', () => setShown(count)],
  ]);
  return { shown, next, back, begin };
}

interface WalkBarProps {
  readonly walk: ReturnType<typeof useWalk>;
  readonly count: number;
  /** What stands before the place. */
  readonly children?: ReactNode;
}

export function WalkBar({ walk: { shown, next, back }, count, children }: WalkBarProps) {
  return (
    <div className={styles.bar}>
      {children}
      <span className="figures" role="status">
        {say('Step {{shown}} of {{count}}', { shown, count })}
      </span>
      <Button size="md" onClick={back} disabled={shown === 1}>
        {say('Back')}
      </Button>
      <Button size="md" variant="filled" onClick={next} disabled={shown === count} data-autofocus>
        {say('Next')}
      </Button>
    </div>
  );
}
