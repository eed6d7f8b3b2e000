/** The demo: put away when it has been looked at, and brought to a book that has none. */
import type { DemoState } from '@hardy-sextant/contract';
import { DAYS_IN_BIN } from '@hardy-sextant/contract';
import { useState } from 'react';
import { useBringDemo, useDemo, usePutDemoAway } from '../../api/demo.ts';
import { Confirm } from '../../ui/Confirm.tsx';
import { showUndo } from '../../ui/showUndo.tsx';
import { TextButton } from '../../ui/TextButton.tsx';

/** Shown as long as something of the demo stands in the lists. */
export function PutDemoAway() {
  const demo = useDemo();
  const away = usePutDemoAway();
  const back = useBringDemo();
  const [asks, setAsks] = useState(false);
  if (!demo.data || (demo.data.classes === 0 && demo.data.exercises === 0 && demo.data.cases === 0)) return null;
  const put = () =>
    away.mutate(undefined, {
      onSuccess: () => {
        setAsks(false);
        showUndo('The demo is in the bin.', () => back.mutateAsync());
      },
    });
  return (
    <>
      {' · '}
      <TextButton onClick={() => setAsks(true)}>Put the demo away</TextButton>
      <Confirm
        opened={asks}
        title="Put the demo away?"
        act="Put it away"
        busy={away.isPending}
        error={away.error}
        onAct={put}
        onClose={() => setAsks(false)}
      >
        <p>
          {inWords(demo.data)} go into the bin, where they stay for {DAYS_IN_BIN} days and can be brought back.
          Exercises and cases that you have changed stay, and so does everything of your own.
        </p>
      </Confirm>
    </>
  );
}

/** For a book without it. */
export function LookAtDemo() {
  const back = useBringDemo();
  return (
    <p className="soft">
      Or look first:{' '}
      <TextButton onClick={() => back.mutate()} disabled={back.isPending}>
        {back.isPending ? 'Fetching the demo …' : 'Look at the demo'}
      </TextButton>
      , two classes with their sets, answers and marks. It can be put away again on this page.
      {back.isError && (
        <span role="alert" className="wrong">
          {' '}
          {back.error.message}
        </span>
      )}
    </p>
  );
}

function inWords({ classes, sets, exercises, cases }: DemoState): string {
  const parts = [
    count(classes, 'class', 'classes') + (sets > 0 ? ` with ${count(sets, 'set', 'sets')}` : ''),
    count(exercises, 'exercise', 'exercises'),
    count(cases, 'case', 'cases'),
  ];
  return `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;
}

const count = (number: number, one: string, many: string): string => `${number} ${number === 1 ? one : many}`;
