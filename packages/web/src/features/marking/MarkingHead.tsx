/** The head of a marking: what is marked, and what can be done with the whole of it. */
import { Button, Menu } from '@mantine/core';
import type { KeptSet } from '@hardy-sextant/contract';
import { Link } from 'react-router';
import { Confirm } from '../../ui/Confirm.tsx';
import { teaches, useMe } from '../../api/session.ts';
import { PageHead } from '../../ui/PageHead.tsx';
import type { Releasing } from './useReleasing.ts';
import { say } from '../../words/say.ts';
import { Said } from '../../words/Said.tsx';

interface MarkingHeadProps {
  readonly kept: KeptSet;
  /** The place of the exercise that is open, or `all`. */
  readonly which: string;
  readonly release: Releasing;
  readonly onImport: () => void;
}

export function MarkingHead({ kept, which, release, onImport }: MarkingHeadProps) {
  const at = kept.assignedExercises.findIndex(({ itemId }) => itemId === which);
  const one = kept.assignedExercises[at];
  const isTeacher = teaches(useMe().data);
  return (
    <PageHead
      title={one ? `${at + 1} · ${one.exercise.title}` : kept.title}
      where={
        <>
          <Said
            text="<to>Sets</to> · <to2>{{title}}</to2> · Marking"
            values={{ title: kept.title }}
            parts={{ to: <Link to="/sets" />, to2: <Link to={`/sets/${kept.id}`} /> }}
          />
        </>
      }
    >
      <Button onClick={onImport}>{say('Import answers')}</Button>
      <Button component={Link} to={`/sets/${kept.id}/worksheets`}>
        {say('Worksheets')}
      </Button>
      <Button component={Link} to={`/sets/${kept.id}/went-wrong`}>
        {say('What went wrong')}
      </Button>
      <Button component={Link} to={`/sets/${kept.id}/feedback`}>
        {say('Feedback')}
      </Button>
      {isTeacher && <ReleaseButton kept={kept} release={release} />}
    </PageHead>
  );
}

/** An assistant marks and does not release. */
function ReleaseButton({ kept, release }: Pick<MarkingHeadProps, 'kept' | 'release'>) {
  return kept.releasedAt ? (
    <Menu>
      <Menu.Target>
        <Button>{say('Released')}</Button>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item onClick={() => void release.set(false)}>{say('Take the release back')}</Menu.Item>
      </Menu.Dropdown>
    </Menu>
  ) : (
    <Button variant="filled" loading={release.busy} onClick={() => void release.set(true)}>
      {say('Release marks')}
    </Button>
  );
}

/** Asked while answers are still to be looked at. */
export function AskRelease({ release }: { readonly release: Releasing }) {
  return (
    <Confirm
      opened={release.question !== undefined}
      title={say('Release the marks now?')}
      act={say('Release them anyway')}
      busy={release.busy}
      onClose={release.cancel}
      onAct={() => void release.set(true, true)}
    >
      <p>{release.question}</p>
    </Confirm>
  );
}
