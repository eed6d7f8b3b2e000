/** A set: its exercises in order, its class and dates, whose numbers; assigned, and followed up when an exercise changes. */
import { roundTo } from '@hardy-sextant/core';
import { Button, Menu, Select } from '@mantine/core';
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import type { KeptClass, KeptExercise, KeptSet, AssignedExercise, SetItem } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Refusal } from '../../ui/api.ts';
import { useBarNote } from '../../ui/BarNote.tsx';
import { ChangedElsewhere } from '../../ui/ChangedElsewhere.tsx';
import { Confirm } from '../../ui/Confirm.tsx';
import { KeptNote } from '../../ui/kept/KeptNote.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { useClasses, useExercises, useRestore } from '../../ui/records.ts';
import { useDeleteSet, useAssign, useAssigning, useSet } from '../../ui/setRecords.ts';
import { showUndo } from '../../ui/showUndo.tsx';
import { Failed, Loading } from '../../ui/States.tsx';
import { Item } from './Item.tsx';
import { stateOf } from './stateOf.ts';
import { sumOf } from './sumOf.ts';
import { useContents, type AskedAct } from './useContents.ts';
import { useSetEditing } from './useSetEditing.ts';
import styles from './Sets.module.css';

export function SetPage() {
  const { setId } = useParams();
  const set = useSet(setId);
  const classes = useClasses();
  const exercises = useExercises();
  if (set.isError && !set.data) return <Failed what="set" error={set.error} again={() => void set.refetch()} />;
  if (classes.isError && !classes.data)
    return <Failed what="classes" error={classes.error} again={() => void classes.refetch()} />;
  if (exercises.isError && !exercises.data)
    return <Failed what="exercises" error={exercises.error} again={() => void exercises.refetch()} />;
  const chosen = classes.data?.find(({ id }) => id === set.data?.classId);
  if (!set.data || !exercises.data || !chosen) return <Loading what="the set" />;
  return <SetDesk key={set.data.id} kept={set.data} chosen={chosen} exercises={exercises.data} />;
}

function SetDesk({
  kept,
  chosen,
  exercises,
}: {
  readonly kept: KeptSet;
  readonly chosen: KeptClass;
  readonly exercises: readonly KeptExercise[];
}) {
  const navigate = useNavigate();
  const assign = useAssign(kept.id);
  const drawing = useAssigning(kept.id, assign.isPending);
  const remove = useDeleteSet();
  // What is typed stands until it is written; what is not being typed is the server's.
  const [title, setTitle] = useState<string>();
  const [marks, setMarks] = useState<Readonly<Record<string, string>>>({});
  const [leaving, setLeaving] = useState(false);
  const restore = useRestore();
  const editing = useSetEditing(kept);
  const { document, change: store } = editing;
  useBarNote(`${chosen.code} · ${chosen.students} students`);
  const given = kept.assignedAt !== undefined;

  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const dropped = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    contents.drop(String(active.id), String(over.id));
  };
  // For readers of the page aloud.
  const placeOf = (id: string | number | undefined): number => document.items.findIndex((item) => item.id === id) + 1;
  const announcements: Announcements = {
    onDragStart: ({ active }) => `Exercise ${placeOf(active.id)} is picked up.`,
    onDragOver: ({ active, over }) => `Exercise ${placeOf(active.id)} is over place ${placeOf(over?.id)}.`,
    onDragEnd: ({ active, over }) => `Exercise ${placeOf(active.id)} is put at place ${placeOf(over?.id)}.`,
    onDragCancel: ({ active }) => `Exercise ${placeOf(active.id)} stays where it was.`,
  };
  const writeMarks = (item: SetItem) => {
    const text = marks[item.id];
    if (text === undefined) return;
    const number = Number(text.replace(',', '.'));
    setMarks(({ [item.id]: _gone, ...rest }) => rest);
    if (text.trim() !== '' && !(number > 0)) return;
    const { marks: _before, ...plain } = item;
    store({
      items: document.items.map((each) =>
        each.id === item.id ? (text.trim() === '' ? plain : { ...plain, marks: number }) : each,
      ),
    });
  };
  const bodyOf = (item: SetItem): { readonly assigned?: AssignedExercise; readonly now?: KeptExercise } => {
    const assigned = kept.assignedExercises.find(({ itemId }) => itemId === item.id);
    const now = exercises.find(({ id }) => id === item.exerciseId);
    return { ...(assigned ? { assigned } : {}), ...(now ? { now } : {}) };
  };
  const titleOf = (item: SetItem): string =>
    bodyOf(item).assigned?.exercise.title ??
    bodyOf(item).now?.document.exercise.title ??
    'An exercise that was deleted';
  const contents = useContents(kept, editing, titleOf);
  const total = document.items.reduce((sum, item) => {
    const { assigned, now } = bodyOf(item);
    const exercise = assigned?.exercise ?? now?.document.exercise;
    return sum + (item.marks ?? (exercise ? sumOf(exercise.parts) : 0));
  }, 0);
  const { error: problem } = assign;
  const field = problem instanceof Refusal ? problem.document.fields?.[0]?.message : undefined;
  const give = async () => {
    await editing.flush();
    assign.mutate(editing.revision());
  };
  const gone = async () => {
    editing.drop();
    await navigate('/sets');
    showUndo(`“${kept.title}” is deleted.`, async () => {
      await restore.mutateAsync({ kind: 'set', id: kept.id });
      await navigate(`/sets/${kept.id}`);
    });
  };

  return (
    <>
      <PageHead
        title={kept.title}
        where={
          <>
            <Link to="/sets">Sets</Link> · <Link to={`/classes/${chosen.id}`}>{chosen.code}</Link> · {stateOf(kept)} ·{' '}
            <KeptNote phase={editing.phase} problem={editing.problem} />
          </>
        }
        heading={
          <>
            <h1 className="visually-hidden">{editing.title}</h1>
            <input
              className={styles.title}
              aria-label="title of the set"
              value={title ?? editing.title}
              maxLength={160}
              onChange={(event) => setTitle(event.currentTarget.value)}
              onBlur={() => {
                if (title !== undefined && title.trim() !== '' && title.trim() !== editing.title)
                  store({}, title.trim());
                setTitle(undefined);
              }}
              onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
            />
          </>
        }
      >
        <Menu>
          <Menu.Target>
            <Button>More</Button>
          </Menu.Target>
          <Menu.Dropdown>
            <Menu.Item onClick={() => setLeaving(true)}>Delete the set</Menu.Item>
          </Menu.Dropdown>
        </Menu>
        {given ? (
          <>
            <Button component={Link} to={`/sets/${kept.id}/went-wrong`}>
              What went wrong
            </Button>
            <Button component={Link} to={`/sets/${kept.id}/marking`} variant="filled">
              Mark
            </Button>
          </>
        ) : (
          <Button
            variant="filled"
            disabled={document.items.length === 0}
            loading={assign.isPending}
            onClick={() => void give()}
          >
            Give it out
          </Button>
        )}
      </PageHead>
      {assign.isPending && drawing.data && drawing.data.of > 0 && (
        <p role="status">
          Numbers are drawn: {drawing.data.done} of {drawing.data.of}{' '}
          <progress aria-label="numbers drawn" value={drawing.data.done} max={drawing.data.of} />
        </p>
      )}
      {problem && (
        <p role="alert" className={styles.problem}>
          {problem.message} {field}
        </p>
      )}
      <div className={styles.columns}>
        <section aria-label="Exercises in order">
          {document.items.length === 0 && (
            <div className={`sheet ${styles.note}`}>
              <h2 className={styles.empty}>No exercise in it yet</h2>
              <p>Choose one below; the others follow, and each can be moved.</p>
            </div>
          )}
          <DndContext
            sensors={sensors}
            collisionDetection={closestCenter}
            onDragEnd={dropped}
            accessibility={{ announcements }}
          >
            <SortableContext items={document.items.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
              <ol className={styles.items}>
                {document.items.map((item, at) => (
                  <Item
                    key={item.id}
                    at={at}
                    item={item}
                    setId={kept.id}
                    {...bodyOf(item)}
                    marks={marks[item.id]}
                    onMarks={(text) => setMarks({ ...marks, [item.id]: text })}
                    onMarksWritten={() => writeMarks(item)}
                    onMove={(by) => contents.move(item.id, by)}
                    onRemove={() => contents.remove(item)}
                  />
                ))}
              </ol>
            </SortableContext>
          </DndContext>
          <Select
            className={styles.add}
            aria-label="add an exercise"
            placeholder="Add an exercise…"
            searchable
            value={null}
            limit={60}
            nothingFoundMessage="No exercise is called that."
            data={exercises
              .filter(({ archived }) => !archived)
              .map(({ id, document: { exercise } }) => ({ value: id, label: exercise.title || 'without a title' }))}
            onChange={(id, option) => contents.add(id, option?.label ?? '')}
          />
          {kept.removed.length > 0 && (
            <section className={`sheet ${styles.note}`} aria-label="Removed after it was assigned">
              <h2 className="label">Removed after it was assigned</h2>
              <ul className={styles.removed}>
                {kept.removed.map(({ itemId, title: name, answered }) => (
                  <li key={itemId}>
                    {name}{' '}
                    <span className="soft">
                      {answered === 0 ? 'nobody had answered it' : `answers of ${answered} students are kept`}
                    </span>{' '}
                    <Button
                      size="compact-xs"
                      variant="subtle"
                      aria-label={`put ${name} back`}
                      onClick={() => contents.putBack(itemId, name)}
                    >
                      Put back
                    </Button>
                  </li>
                ))}
              </ul>
            </section>
          )}
        </section>
        <aside>
          <section className={`sheet ${styles.note}`}>
            <h2 className="label">For {chosen.code}</h2>
            <p>
              {document.items.length} {document.items.length === 1 ? 'exercise' : 'exercises'}, {roundTo(total, 2)}{' '}
              marks, {chosen.students} students
            </p>
            <label className={styles.field}>
              Given
              <input
                type="date"
                value={document.given}
                onChange={(event) => store({ given: event.currentTarget.value })}
              />
            </label>
            <label className={styles.field}>
              Due
              <input type="date" value={document.due} onChange={(event) => store({ due: event.currentTarget.value })} />
            </label>
            {document.given !== '' && document.due !== '' && document.due < document.given && (
              <p className={styles.problem}>It is due before it is given.</p>
            )}
            <fieldset className={styles.numbers} disabled={given}>
              <legend>Numbers</legend>
              <label>
                <input
                  type="radio"
                  name="numbers"
                  checked={document.numbers === 'same'}
                  onChange={() => store({ numbers: 'same' })}
                />{' '}
                one set for all
              </label>
              <label>
                <input
                  type="radio"
                  name="numbers"
                  checked={document.numbers === 'own'}
                  onChange={() => store({ numbers: 'own' })}
                />{' '}
                each student their own
              </label>
            </fieldset>
            {given && <p className="soft">Assigned: what students got stays as it was, numbers and all.</p>}
          </section>
          {given && (
            <section className={`sheet ${styles.note}`}>
              <h2 className="label">Marking</h2>
              <p>
                {kept.counts.submitted} of {kept.counts.students} have submitted, {kept.counts.toLookAt} answers are to
                be looked at
                {kept.counts.unmatched > 0 && `, ${kept.counts.unmatched} unmatched rows`}.
              </p>
            </section>
          )}
        </aside>
      </div>
      <ChangedElsewhere
        what="this set"
        theirs={editing.conflict && inShort(editing.conflict)}
        mine={inShort(editing)}
        onTheirs={() => editing.settle('theirs')}
        onMine={() => editing.settle('mine')}
      />
      <Confirm
        opened={contents.asked !== undefined}
        title={contents.asked ? questions[contents.asked.act.act].title : ''}
        act={contents.asked ? questions[contents.asked.act.act].does : ''}
        busy={contents.busy}
        error={contents.error}
        onClose={contents.cancel}
        onAct={() => void contents.confirm()}
      >
        {contents.asked && <p>{questions[contents.asked.act.act].says(contents.asked, chosen.students)}</p>}
      </Confirm>
      <Confirm
        opened={leaving}
        title="Delete this set?"
        act="Delete the set"
        danger
        busy={remove.isPending}
        error={remove.error}
        onClose={() => setLeaving(false)}
        onAct={() => remove.mutate(kept.id, { onSuccess: () => void gone() })}
      >
        <p>
          {given ? 'Its answers and marks go with it out of every list.' : 'Its exercises stay where they are.'} It
          stays in the bin and can be brought back.
        </p>
      </Confirm>
    </>
  );
}

const inShort = ({ title, document }: Pick<KeptSet, 'title' | 'document'>): string =>
  `${title}, ${document.items.length} ${document.items.length === 1 ? 'exercise' : 'exercises'}`;

const people = (count: number): string => `${count} ${count === 1 ? 'student' : 'students'}`;

interface Question {
  readonly title: string;
  readonly does: string;
  readonly says: (asked: AskedAct, students: number) => string;
}

/** What each act on a set that students have does, before it is done. */
const questions: Readonly<Record<AskedAct['act']['act'], Question>> = {
  add: {
    title: 'Add it to a set that students have?',
    does: 'Add it',
    says: ({ title }, students) =>
      `“${title}” comes at the end. The ${people(students)} of the class get it too, and it counts in their marks.`,
  },
  remove: {
    title: 'Remove it from a set that students have?',
    does: 'Remove it',
    says: ({ title, answered }) =>
      answered === 0
        ? `Nobody has answered “${title}” yet. It counts no more; it can be put back.`
        : `${people(answered)} ${answered === 1 ? 'has' : 'have'} answered “${title}”. Their answers are kept with the exercise as they were given it, and count no more; it can be put back with all of them.`,
  },
  'put-back': {
    title: 'Put it back into the set?',
    does: 'Put it back',
    says: ({ title, answered }) =>
      `“${title}” comes at the end again, with its numbers and the answers of ${people(answered)}, and counts in their marks.`,
  },
  order: {
    title: 'Change the order students have?',
    does: 'Change the order',
    says: () =>
      'Exercises are numbered by their place: what was number 2 on a sheet that was printed may be another one now. Answers stay with their exercises.',
  },
};
