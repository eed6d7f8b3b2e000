/** The head of a set: its title, how it is kept, and what can be done with the whole of it. */
import { Button, Menu } from '@mantine/core';
import { DAYS_IN_BIN, type KeptClass, type KeptSet } from '@hardy-sextant/contract';
import { setAsCalendar } from '@hardy-sextant/files';
import { useState } from 'react';
import { Link } from 'react-router';
import { Confirm } from '../../ui/Confirm.tsx';
import { KeptNote } from '../../api/kept/KeptNote.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { teaches, useMe } from '../../api/session.ts';
import { useArchive, useDeleteSet } from '../../api/setRecords.ts';
import { saveAs } from '../../api/saveFile.ts';
import { useLeaveDeleted } from '../../api/useLeaveDeleted.ts';
import { stateOf } from './stateOf.ts';
import { CopySet } from './CopySet.tsx';
import type { useSetEditing } from './useSetEditing.ts';
import { say } from '../../words/say.ts';
import { tellAfter } from '../../api/tellAfter.ts';

interface SetHeadProps {
  readonly kept: KeptSet;
  readonly chosen: KeptClass;
  readonly editing: ReturnType<typeof useSetEditing>;
  readonly giving: boolean;
  readonly onGive: () => void;
}

export function SetHead({ kept, chosen, editing, giving, onGive }: SetHeadProps) {
  const [leaving, setLeaving] = useState(false);
  const [makingCopy, setMakingCopy] = useState(false);
  const archive = useArchive('sets');
  const isTeacher = teaches(useMe().data);
  return (
    <>
      <PageHead
        title={kept.title}
        where={
          <>
            <Link to="/sets">{say('Sets')}</Link> · <Link to={`/classes/${chosen.id}`}>{chosen.code}</Link> ·{' '}
            {stateOf(kept)}
            {kept.archived && ` · ${say('archived')}`} · <KeptNote phase={editing.phase} problem={editing.problem} />
          </>
        }
        heading={<TitleField title={editing.title} onTitle={(title) => editing.change({}, title)} />}
      >
        {isTeacher && (
          <Menu>
            <Menu.Target>
              <Button>{say('More')}</Button>
            </Menu.Target>
            <Menu.Dropdown>
              <Menu.Item
                disabled={kept.document.given === '' && kept.document.due === ''}
                onClick={() =>
                  void saveAs(setAsCalendar, kept.title, setAsCalendar.writes({ ...kept.document, ...kept }))
                }
              >
                {say('Dates for a calendar')}
              </Menu.Item>
              <Menu.Item onClick={() => setMakingCopy(true)}>{say('Copy for another class or term')}</Menu.Item>
              <Menu.Item onClick={() => archive.mutate({ id: kept.id, archived: !kept.archived })}>
                {kept.archived ? say('Take it out of the archive') : say('Archive')}
              </Menu.Item>
              <Menu.Item onClick={() => setLeaving(true)}>{say('Delete the set')}</Menu.Item>
            </Menu.Dropdown>
          </Menu>
        )}
        {kept.assignedAt === undefined ? (
          <Button
            variant="filled"
            disabled={editing.document.items.length === 0 || !isTeacher}
            loading={giving}
            onClick={onGive}
          >
            {say('Give it out')}
          </Button>
        ) : (
          <Assigned kept={kept} />
        )}
      </PageHead>
      {makingCopy && <CopySet kept={kept} chosen={chosen} onClose={() => setMakingCopy(false)} />}
      <DeleteSet kept={kept} opened={leaving} onDrop={editing.drop} onClose={() => setLeaving(false)} />
    </>
  );
}

/** Where one goes from a set that students have. */
function Assigned({ kept }: { readonly kept: KeptSet }) {
  return (
    <>
      {kept.document.online && (
        <Button component={Link} to={`/sets/${kept.id}/live`}>
          {say('Live')}
        </Button>
      )}
      <Button component={Link} to={`/sets/${kept.id}/papers`}>
        {say('Papers')}
      </Button>
      <Button component={Link} to={`/sets/${kept.id}/went-wrong`}>
        {say('What went wrong')}
      </Button>
      <Button component={Link} to={`/sets/${kept.id}/marking`} variant="filled">
        {say('Mark')}
      </Button>
    </>
  );
}

/** What is typed stands until the field is left. */
function TitleField({ title, onTitle }: { readonly title: string; readonly onTitle: (title: string) => void }) {
  const [typed, setTyped] = useState<string>();
  const leave = () => {
    const text = typed?.trim() ?? '';
    if (text !== '' && text !== title) onTitle(text);
    setTyped(undefined);
  };
  return (
    <>
      <h1 className="visually-hidden">{title}</h1>
      <input
        className="title-field"
        aria-label={say('title of the set')}
        value={typed ?? title}
        maxLength={160}
        onChange={(event) => setTyped(event.currentTarget.value)}
        onBlur={leave}
        onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
      />
    </>
  );
}

interface DeleteSetProps {
  readonly kept: KeptSet;
  readonly opened: boolean;
  /** Lets go of what is not stored: the set is deleted. */
  readonly onDrop: () => void;
  readonly onClose: () => void;
}

function DeleteSet({ kept, opened, onDrop, onClose }: DeleteSetProps) {
  const remove = useDeleteSet();
  const leave = useLeaveDeleted();
  const { id, title } = kept;
  const gone = () => {
    onDrop();
    void leave({ kind: 'set', id, name: `“${title}”`, list: '/sets', page: `/sets/${id}` });
  };
  return (
    <Confirm
      opened={opened}
      title={say('Delete this set?')}
      act={say('Delete the set')}
      danger
      busy={remove.isPending}
      error={remove.error}
      onClose={onClose}
      onAct={() => tellAfter(remove.mutateAsync(id), gone)}
    >
      <p>
        {kept.assignedAt === undefined
          ? say('Its exercises stay where they are.')
          : say('Its answers and marks go with it out of every list.')}{' '}
        {say('It stays in the bin for {{days}} days and can be brought back.', { days: DAYS_IN_BIN })}
      </p>
    </Confirm>
  );
}
