/** A class: what it is called, its roster, its sets. */
import { Button, Menu } from '@mantine/core';
import { DAYS_IN_BIN, type ClassWithStudents } from '@hardy-sextant/contract';
import { lazy, Suspense, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useSets } from '../../api/records.ts';
import { useLeaveDeleted } from '../../api/useLeaveDeleted.ts';
import { useArchive, useClass, useDeleteClass } from '../../api/setRecords.ts';
import { useBarNote } from '../../ui/BarNote.tsx';
import { Confirm } from '../../ui/Confirm.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { Failed, LoadingPage } from '../../ui/States.tsx';
import { ClassRules } from './ClassRules.tsx';
import { CopyClass } from './CopyClass.tsx';
import { RenameClass } from './RenameClass.tsx';
import { Roster } from './Roster.tsx';
import { say } from '../../words/say.ts';
import { tellAfter } from '../../api/tellAfter.ts';

const AddStudents = lazy(() => import('./AddStudents.tsx'));

export function ClassPage() {
  const { classId } = useParams();
  const kept = useClass(classId);
  if (kept.isError && !kept.data)
    return <Failed what={say('class')} error={kept.error} again={() => void kept.refetch()} />;
  if (!kept.data) return <LoadingPage title={say('Class')} what={say('the class')} />;
  return <ClassDesk key={kept.data.id} kept={kept.data} />;
}

/** What stands over the page. */
type Open = 'adding' | 'renaming' | 'copying' | 'deleting';

function ClassDesk({ kept }: { readonly kept: ClassWithStudents }) {
  const [open, setOpen] = useState<Open>();
  const close = () => setOpen(undefined);
  const archive = useArchive('classes');
  useBarNote(say('{{code}} · {{students}} students', { code: kept.code, students: kept.students }));
  return (
    <>
      <PageHead
        title={`${kept.code} · ${kept.title}`}
        where={
          <>
            <Link to="/classes">{say('Classes')}</Link> ·{' '}
            {[kept.college, kept.term, kept.archived ? 'archived' : ''].filter((each) => each !== '').join(', ')}
          </>
        }
      >
        <Menu>
          <Menu.Target>
            <Button>{say('More')}</Button>
          </Menu.Target>
          <Menu.Dropdown>
            <Menu.Item onClick={() => setOpen('renaming')}>{say('Rename the class')}</Menu.Item>
            <Menu.Item component={Link} to={`/rules?of=${kept.rulesId}`}>
              {say('Its house rules')}
            </Menu.Item>
            <Menu.Item onClick={() => setOpen('copying')}>{say('Copy for another term')}</Menu.Item>
            <Menu.Item onClick={() => archive.mutate({ id: kept.id, archived: !kept.archived })}>
              {kept.archived ? say('Take it out of the archive') : say('Archive')}
            </Menu.Item>
            <Menu.Item onClick={() => setOpen('deleting')}>{say('Delete the class')}</Menu.Item>
          </Menu.Dropdown>
        </Menu>
        <Button component={Link} to={`/sets?class=${kept.id}`}>
          {say('Its sets')}
        </Button>
        <Button variant="filled" onClick={() => setOpen('adding')}>
          {say('Add students')}
        </Button>
      </PageHead>
      <div className="beside">
        <Roster kept={kept} onAdd={() => setOpen('adding')} />
        <RulesAndSets kept={kept} />
      </div>
      {open === 'adding' && (
        <Suspense fallback={null}>
          <AddStudents kept={kept} onClose={close} />
        </Suspense>
      )}
      {open === 'renaming' && <RenameClass kept={kept} onClose={close} />}
      {open === 'copying' && <CopyClass kept={kept} onClose={close} />}
      <AskDeletion kept={kept} opened={open === 'deleting'} onClose={close} />
    </>
  );
}

function RulesAndSets({ kept }: { readonly kept: ClassWithStudents }) {
  const sets = useSets({ class: kept.id });
  const rows = sets.data?.rows ?? [];
  return (
    <aside className="stack">
      <ClassRules kept={kept} />
      <section className="sheet block">
        <h2 className="label">{say('Sets')}</h2>
        {rows.length === 0 && <p className="soft">{say('None yet.')}</p>}
        <ul className="list">
          {rows.map((set) => (
            <li key={set.id} className="ends">
              <Link to={`/sets/${set.id}`}>{set.title}</Link>
              <span className="soft">
                {set.assignedAt
                  ? say('{{submitted}} submitted', { submitted: set.counts.submitted })
                  : say('not assigned')}
              </span>
            </li>
          ))}
        </ul>
        {sets.data && sets.data.total > rows.length && (
          <p>
            <Link to={`/sets?class=${kept.id}`}>{say('All {{total}}', { total: sets.data.total })}</Link>
          </p>
        )}
      </section>
    </aside>
  );
}

interface AskDeletionProps {
  readonly kept: ClassWithStudents;
  readonly opened: boolean;
  readonly onClose: () => void;
}

function AskDeletion({ kept, opened, onClose }: AskDeletionProps) {
  const remove = useDeleteClass();
  const leave = useLeaveDeleted();
  const sets = useSets({ class: kept.id });
  const { id, code } = kept;
  const gone = () => void leave({ kind: 'class', id, name: code, list: '/classes', page: `/classes/${id}` });
  return (
    <Confirm
      opened={opened}
      title={say('Delete {{code}}?', { code: kept.code })}
      act={say('Delete the class')}
      danger
      busy={remove.isPending}
      error={remove.error}
      onClose={onClose}
      onAct={() => tellAfter(remove.mutateAsync(id), gone)}
    >
      <p>
        {say(
          'Its {{students}} students and {{total}} sets go with it out of every list. It stays in the bin for {{days}} days and can be brought back.',
          { students: kept.students, total: sets.data?.total ?? 0, days: DAYS_IN_BIN },
        )}
      </p>
    </Confirm>
  );
}
