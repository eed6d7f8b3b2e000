/** A class: what it is called, its roster, its sets. */
import { Button, Menu, Modal, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { notifications } from '@mantine/notifications';
import {
  classWithStudents,
  newClass,
  type ChangedClass,
  type ClassWithStudents,
  type Student,
} from '@hardy-sextant/contract';
import { rulesInWords } from '@hardy-sextant/core';
import { useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Refusal } from '../../ui/api.ts';
import { useBarNote } from '../../ui/BarNote.tsx';
import { ChangedElsewhere } from '../../ui/ChangedElsewhere.tsx';
import { Confirm } from '../../ui/Confirm.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { useClass, useDeleteClass, useWriteClass, useWriteRoster } from '../../ui/setRecords.ts';
import { useRestore, useSets } from '../../ui/records.ts';
import { showUndo } from '../../ui/showUndo.tsx';
import { Failed, Loading } from '../../ui/States.tsx';
import styles from './ClassPage.module.css';

const AddStudents = lazy(() => import('./AddStudents.tsx'));

export function ClassPage() {
  const { classId } = useParams();
  const kept = useClass(classId);
  if (kept.isError && !kept.data) return <Failed what="class" error={kept.error} again={() => void kept.refetch()} />;
  if (!kept.data) return <Loading what="the class" />;
  return <ClassDesk key={kept.data.id} kept={kept.data} />;
}

function ClassDesk({ kept }: { readonly kept: ClassWithStudents }) {
  const navigate = useNavigate();
  const remove = useDeleteClass();
  const sets = useSets({ class: kept.id });
  const [adding, setAdding] = useState(false);
  const [renaming, setRenaming] = useState(false);
  const [leaving, setLeaving] = useState(false);
  useBarNote(`${kept.code} · ${kept.students} students`);
  const restore = useRestore();
  const gone = async () => {
    await navigate('/classes');
    showUndo(`${kept.code} is deleted.`, async () => {
      await restore.mutateAsync({ kind: 'class', id: kept.id });
      await navigate(`/classes/${kept.id}`);
    });
  };
  const mine = sets.data?.rows ?? [];
  return (
    <>
      <PageHead
        title={`${kept.code} · ${kept.title}`}
        where={
          <>
            <Link to="/classes">Classes</Link> · {[kept.college, kept.term].filter((each) => each !== '').join(', ')}
          </>
        }
      >
        <Menu>
          <Menu.Target>
            <Button>More</Button>
          </Menu.Target>
          <Menu.Dropdown>
            <Menu.Item onClick={() => setRenaming(true)}>Rename the class</Menu.Item>
            <Menu.Item component={Link} to={`/rules?of=${kept.id}`}>
              Its house rules
            </Menu.Item>
            <Menu.Item onClick={() => setLeaving(true)}>Delete the class</Menu.Item>
          </Menu.Dropdown>
        </Menu>
        <Button component={Link} to={`/sets?class=${kept.id}`}>
          Its sets
        </Button>
        <Button variant="filled" onClick={() => setAdding(true)}>
          Add students
        </Button>
      </PageHead>
      <div className={styles.columns}>
        <Roster kept={kept} onAdd={() => setAdding(true)} />
        <aside>
          <section className={`sheet ${styles.note}`}>
            <h2 className="label">House rules</h2>
            <p>
              <Link to={`/rules?of=${kept.id}`}>{rulesInWords(kept.rules)}</Link>
            </p>
          </section>
          <section className={`sheet ${styles.note}`}>
            <h2 className="label">Sets</h2>
            {mine.length === 0 && <p className="soft">None yet.</p>}
            <ul className={styles.sets}>
              {mine.map((set) => (
                <li key={set.id}>
                  <Link to={`/sets/${set.id}`}>{set.title}</Link>
                  <span className="soft">{set.assignedAt ? `${set.counts.submitted} submitted` : 'not assigned'}</span>
                </li>
              ))}
            </ul>
            {sets.data && sets.data.total > mine.length && (
              <p>
                <Link to={`/sets?class=${kept.id}`}>All {sets.data.total}</Link>
              </p>
            )}
          </section>
        </aside>
      </div>
      {adding && (
        <Suspense fallback={null}>
          <AddStudents kept={kept} onClose={() => setAdding(false)} />
        </Suspense>
      )}
      {renaming && <Rename kept={kept} onClose={() => setRenaming(false)} />}
      <Confirm
        opened={leaving}
        title={`Delete ${kept.code}?`}
        act="Delete the class"
        danger
        busy={remove.isPending}
        error={remove.error}
        onClose={() => setLeaving(false)}
        onAct={() => remove.mutate(kept.id, { onSuccess: () => void gone() })}
      >
        <p>
          Its {kept.students} students and {mine.length} sets go with it out of every list. It stays in the bin and can
          be brought back.
        </p>
      </Confirm>
    </>
  );
}

function Roster({ kept, onAdd }: { readonly kept: ClassWithStudents; readonly onAdd: () => void }) {
  const write = useWriteRoster(kept.id);
  const [typing, setTyping] = useState<Student>();
  const [going, setGoing] = useState<Student>();
  const queries = useQueryClient();
  const refused = write.error instanceof Refusal ? write.error.document : undefined;
  // What was typed is based on the roster as it stood when the typing began; after a refusal, on what stands now.
  const [seen, setSeen] = useState(kept.revision);
  if (!typing && !write.isPending && seen !== kept.revision) setSeen(kept.revision);
  const lookAgain = () => {
    setSeen(kept.revision);
    return queries.invalidateQueries({ queryKey: ['classes', kept.id] });
  };
  const withdraw = (student: Student) =>
    write.mutate(
      { revision: kept.revision, withdraw: [student.id] },
      {
        onSuccess: (now) =>
          showUndo(`${student.name} has withdrawn; answers and marks are kept.`, () =>
            write.mutateAsync({ revision: now.revision, readmit: [student.id] }),
          ),
      },
    );
  const [here, left] = [
    kept.roster.filter(({ withdrawn }) => !withdrawn),
    kept.roster.filter(({ withdrawn }) => withdrawn),
  ];
  const store = () => {
    const before = kept.roster.find(({ id }) => id === typing?.id);
    if (!typing || !before) return;
    if (typing.name.trim() === before.name && typing.number.trim() === before.number) return setTyping(undefined);
    write.mutate(
      { revision: seen, change: [{ id: typing.id, name: typing.name, number: typing.number }] },
      { onSuccess: () => setTyping(undefined) },
    );
  };
  if (kept.roster.length === 0)
    return (
      <div className={`sheet ${styles.note}`}>
        <h2 className={styles.empty}>Nobody is in this class yet</h2>
        <p>Paste the roster from wherever it is, type it, or take a CSV file.</p>
        <Button onClick={onAdd}>Add students</Button>
      </div>
    );
  return (
    <div>
      {write.error && (
        <p role="alert" className={styles.problem}>
          {refused?.fields?.[0]?.message ?? write.error.message} It is not stored; what you typed stands below.{' '}
          {write.error instanceof Refusal && write.error.isStale && (
            <Button size="compact-xs" onClick={() => void lookAgain().then(() => write.reset())}>
              Show the roster as it is now
            </Button>
          )}
        </p>
      )}
      <table className={`ledger sheet ${styles.roster}`}>
        <caption className="visually-hidden">Students</caption>
        <thead>
          <tr>
            <th className="words">Name</th>
            <th className="words">Number</th>
            <th>
              <span className="visually-hidden">What can be done</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {here.map((student) => {
            const open = typing?.id === student.id ? typing : student;
            return (
              <tr key={student.id}>
                {(['name', 'number'] as const).map((field) => (
                  <td key={field} className="words">
                    <input
                      aria-label={`${field} of ${student.name}`}
                      value={open[field]}
                      maxLength={120}
                      onChange={(event) => setTyping({ ...open, [field]: event.currentTarget.value })}
                      onBlur={store}
                      onKeyDown={(event) => {
                        if (event.key === 'Enter') store();
                        if (event.key === 'Escape') setTyping(undefined);
                      }}
                    />
                  </td>
                ))}
                <td>
                  <Button
                    size="compact-xs"
                    variant="subtle"
                    aria-label={`${student.name} has withdrawn`}
                    title="Leaves the class; answers and marks are kept"
                    onClick={() => withdraw(student)}
                  >
                    Withdraw
                  </Button>
                  <Button
                    size="compact-xs"
                    variant="subtle"
                    aria-label={`erase ${student.name}`}
                    onClick={() => setGoing(student)}
                  >
                    Erase
                  </Button>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {left.length > 0 && (
        <section aria-label="Withdrawn" className={styles.left}>
          <h2 className="label">Withdrawn</h2>
          <ul>
            {left.map((student) => (
              <li key={student.id}>
                {student.name}, <span className="soft">{student.number}</span>{' '}
                <Button
                  size="compact-xs"
                  variant="subtle"
                  aria-label={`${student.name} is back`}
                  onClick={() => write.mutate({ revision: kept.revision, readmit: [student.id] })}
                >
                  Is back
                </Button>
                <Button
                  size="compact-xs"
                  variant="subtle"
                  aria-label={`erase ${student.name}`}
                  onClick={() => setGoing(student)}
                >
                  Erase
                </Button>
              </li>
            ))}
          </ul>
        </section>
      )}
      <Confirm
        opened={going !== undefined}
        title={`Erase ${going?.name ?? ''}?`}
        act="Erase for good"
        danger
        onClose={() => setGoing(undefined)}
        onAct={() => {
          if (going)
            write.mutate(
              { revision: kept.revision, remove: [going.id] },
              { onSuccess: () => notifications.show({ message: `${going.name} is erased.` }) },
            );
          setGoing(undefined);
        }}
      >
        <p>
          Their answers and marks in every set of this class are erased with them. This cannot be undone. Who only
          leaves the class is withdrawn, and keeps them.
        </p>
      </Confirm>
    </div>
  );
}

function Rename({ kept, onClose }: { readonly kept: ClassWithStudents; readonly onClose: () => void }) {
  const write = useWriteClass();
  const [theirs, setTheirs] = useState<ClassWithStudents>();
  const form = useForm({
    initialValues: { code: kept.code, title: kept.title, college: kept.college, term: kept.term },
    validate: (values) => {
      const read = newClass.safeParse(values);
      return read.success
        ? {}
        : Object.fromEntries(read.error.issues.map((issue) => [issue.path.join('.'), issue.message]));
    },
  });
  const save = (revision: number) => {
    const body: ChangedClass = { ...form.values, revision };
    write.mutate(
      { id: kept.id, ...body },
      {
        onSuccess: onClose,
        onError: (error) =>
          error instanceof Refusal && error.isStale && setTheirs(classWithStudents.parse(error.document.current)),
      },
    );
  };
  const words = (each: { code: string; title: string; term: string; college: string }) =>
    [each.code, each.title, each.term, each.college].join(', ');
  return (
    <Modal opened onClose={onClose} title="Rename the class">
      <form onSubmit={form.onSubmit(() => save(kept.revision))} noValidate style={{ display: 'grid', gap: 10 }}>
        <TextInput label="Code" data-autofocus {...form.getInputProps('code')} />
        <TextInput label="Course" {...form.getInputProps('title')} />
        <TextInput label="Term" {...form.getInputProps('term')} />
        <TextInput label="College" {...form.getInputProps('college')} />
        {write.error && !theirs && <p role="alert">{write.error.message}</p>}
        <Button type="submit" variant="filled" loading={write.isPending}>
          Keep
        </Button>
        <Button onClick={onClose}>Cancel</Button>
      </form>
      <ChangedElsewhere
        what="this class"
        theirs={theirs && words(theirs)}
        mine={words(form.values)}
        onTheirs={onClose}
        onMine={() => theirs && save(theirs.revision)}
      />
    </Modal>
  );
}
