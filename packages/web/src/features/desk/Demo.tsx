/** The demo: put away when it has been looked at, and brought to a book that has none. */
import type { DemoState } from '@hardy-sextant/contract';
import { DAYS_IN_BIN } from '@hardy-sextant/contract';
import { useState } from 'react';
import { useBringDemo, useDemo, usePutDemoAway } from '../../api/demo.ts';
import { tellAfter } from '../../api/tellAfter.ts';
import { Confirm } from '../../ui/Confirm.tsx';
import { showUndo } from '../../ui/showUndo.tsx';
import { TextButton } from '../../ui/TextButton.tsx';
import { many, say } from '../../words/say.ts';

/** Shown as long as something of the demo stands in the lists. */
export function PutDemoAway() {
  const demo = useDemo();
  const away = usePutDemoAway();
  const back = useBringDemo();
  const [asks, setAsks] = useState(false);
  if (!demo.data || (demo.data.classes === 0 && demo.data.exercises === 0 && demo.data.cases === 0)) return null;
  const put = () =>
    tellAfter(away.mutateAsync(), () => {
      setAsks(false);
      showUndo(say('The demo is in the bin.'), () => back.mutateAsync());
    });
  return (
    <>
      {' · '}
      <TextButton onClick={() => setAsks(true)}>{say('Put the demo away')}</TextButton>
      <Confirm
        opened={asks}
        title={say('Put the demo away?')}
        act={say('Put it away')}
        busy={away.isPending}
        error={away.error}
        onAct={put}
        onClose={() => setAsks(false)}
      >
        <p>
          {say(
            '{{inWords}} go into the bin, where they stay for {{days}} days and can be brought back. Exercises and cases that you have changed stay, and so does everything of your own.',
            { inWords: inWords(demo.data), days: DAYS_IN_BIN },
          )}
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
      {say('Or look first:')}{' '}
      <TextButton onClick={() => back.mutate()} disabled={back.isPending}>
        {back.isPending ? say('Fetching the demo …') : say('Look at the demo')}
      </TextButton>
      <span aria-hidden="true">·</span>{' '}
      {say('Two classes with their sets, answers and marks. It can be put away again on this page.')}
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
  const inClasses = many(classes, '{{count}} class', '{{count}} classes');
  const parts = [
    sets > 0
      ? say('{{classes}} with {{sets}}', { classes: inClasses, sets: many(sets, '{{count}} set', '{{count}} sets') })
      : inClasses,
    many(exercises, '{{count}} exercise', '{{count}} exercises'),
    many(cases, '{{count}} case', '{{count}} cases'),
  ];
  return say('{{most}} and {{last}}', { most: parts.slice(0, -1).join(', '), last: parts.at(-1) ?? '' });
}
