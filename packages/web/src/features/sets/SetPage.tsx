/** A set: its exercises in order, its class and dates, whose numbers; given out, and followed up when an exercise changes. */
import { Button, Menu, Modal, Select } from '@mantine/core';
import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors, type Announcements, type DragEndEvent } from '@dnd-kit/core';
import { arrayMove, SortableContext, sortableKeyboardCoordinates, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { IconGripVertical } from '@tabler/icons-react';
import type { KeptClass, KeptExercise, KeptSet, SetCopy, SetItem } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Refusal } from '../../ui/api.ts';
import { useBarNote } from '../../ui/BarNote.tsx';
import { ChangedElsewhere } from '../../ui/ChangedElsewhere.tsx';
import { exerciseSummary } from '../../ui/exerciseSummary.ts';
import { PageHead } from '../../ui/PageHead.tsx';
import { useClasses, useExercises } from '../../ui/records.ts';
import { useDeleteSet, useFollowChange, useGiveOut, useSet } from '../../ui/setRecords.ts';
import { Failed, Loading } from '../../ui/States.tsx';
import { stateOf } from './stateOf.ts';
import { useSetEditing } from './useSetEditing.ts';
import styles from './Sets.module.css';

export function SetPage() {
  const { setId } = useParams();
  const set = useSet(setId);
  const classes = useClasses();
  const exercises = useExercises();
  if (set.isError) return <Failed what="set" error={set.error} again={() => void set.refetch()} />;
  if (classes.isError) return <Failed what="classes" error={classes.error} again={() => void classes.refetch()} />;
  if (exercises.isError) return <Failed what="exercises" error={exercises.error} again={() => void exercises.refetch()} />;
  const chosen = classes.data?.find(({ id }) => id === set.data?.classId);
  if (!set.data || !exercises.data || !chosen) return <Loading what="the set" />;
  return <SetDesk key={set.data.id} kept={set.data} chosen={chosen} exercises={exercises.data} />;
}

const sumOf = (parts: readonly { readonly marks: number }[]): number => Math.round(parts.reduce((sum, { marks }) => sum + marks, 0) * 100) / 100;

function SetDesk({ kept, chosen, exercises }: { readonly kept: KeptSet; readonly chosen: KeptClass; readonly exercises: readonly KeptExercise[] }) {
  const navigate = useNavigate();
  const giveOut = useGiveOut(kept.id);
  const remove = useDeleteSet();
  // What is typed stands until it is written; what is not being typed is the server's.
  const [title, setTitle] = useState<string>();
  const [marks, setMarks] = useState<Readonly<Record<string, string>>>({});
  const [leaving, setLeaving] = useState(false);
  const editing = useSetEditing(kept);
  const { document, change: store } = editing;
  useBarNote(`${chosen.code} · ${chosen.students} students`);
  const given = kept.givenOutAt !== undefined;

  const add = (exerciseId: string | null) => {
    if (!exerciseId) return;
    let at = 1;
    while (document.items.some(({ id }) => id === `e${at}`)) at += 1;
    store({ items: [...document.items, { id: `e${at}`, exerciseId }] });
  };
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }), useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }));
  const dropped = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const ids = document.items.map(({ id }) => id);
    store({ items: arrayMove([...document.items], ids.indexOf(String(active.id)), ids.indexOf(String(over.id))) });
  };
  // For readers of the page aloud.
  const placeOf = (id: string | number | undefined): number => document.items.findIndex((item) => item.id === id) + 1;
  const announcements: Announcements = {
    onDragStart: ({ active }) => `Exercise ${placeOf(active.id)} is picked up.`,
    onDragOver: ({ active, over }) => `Exercise ${placeOf(active.id)} is over place ${placeOf(over?.id)}.`,
    onDragEnd: ({ active, over }) => `Exercise ${placeOf(active.id)} is put at place ${placeOf(over?.id)}.`,
    onDragCancel: ({ active }) => `Exercise ${placeOf(active.id)} stays where it was.`,
  };
  const move = (id: string, by: number) => {
    const at = document.items.findIndex((each) => each.id === id);
    if (at + by >= 0 && at + by < document.items.length) store({ items: arrayMove([...document.items], at, at + by) });
  };
  const writeMarks = (item: SetItem) => {
    const text = marks[item.id];
    if (text === undefined) return;
    const number = Number(text.replace(',', '.'));
    setMarks(({ [item.id]: _gone, ...rest }) => rest);
    if (text.trim() !== '' && !(number > 0)) return;
    const { marks: _before, ...plain } = item;
    store({ items: document.items.map((each) => (each.id === item.id ? (text.trim() === '' ? plain : { ...plain, marks: number }) : each)) });
  };
  const bodyOf = (item: SetItem): { readonly copy?: SetCopy; readonly now?: KeptExercise } => {
    const copy = kept.copies.find(({ itemId }) => itemId === item.id);
    const now = exercises.find(({ id }) => id === item.exerciseId);
    return { ...(copy ? { copy } : {}), ...(now ? { now } : {}) };
  };
  const total = document.items.reduce((sum, item) => {
    const { copy, now } = bodyOf(item);
    const exercise = copy?.exercise ?? now?.document.exercise;
    return sum + (item.marks ?? (exercise ? sumOf(exercise.parts) : 0));
  }, 0);
  const problem = editing.error ?? giveOut.error;
  const field = problem instanceof Refusal ? problem.document.fields?.[0]?.message : undefined;

  return (
    <>
      <PageHead
        title={kept.title}
        where={
          <>
            <Link to="/sets">Sets</Link> · <Link to={`/classes/${chosen.id}`}>{chosen.code}</Link> · {stateOf(kept)}
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
                if (title !== undefined && title.trim() !== '' && title.trim() !== editing.title) store({}, title.trim());
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
          <Button variant="filled" disabled={document.items.length === 0} loading={giveOut.isPending} onClick={() => giveOut.mutate()}>
            Give it out
          </Button>
        )}
      </PageHead>
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
          <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped} accessibility={{ announcements }}>
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
                    onMove={(by) => move(item.id, by)}
                    onRemove={() => store({ items: document.items.filter(({ id }) => id !== item.id) })}
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
            data={exercises.filter(({ archived }) => !archived).map(({ id, document: { exercise } }) => ({ value: id, label: exercise.title || 'without a title' }))}
            onChange={add}
          />
        </section>
        <aside>
          <section className={`sheet ${styles.note}`}>
            <h2 className="label">For {chosen.code}</h2>
            <p>
              {document.items.length} {document.items.length === 1 ? 'exercise' : 'exercises'}, {Math.round(total * 100) / 100} marks, {chosen.students} students
            </p>
            <label className={styles.field}>
              Given
              <input type="date" value={document.given} onChange={(event) => store({ given: event.currentTarget.value })} />
            </label>
            <label className={styles.field}>
              Due
              <input type="date" value={document.due} onChange={(event) => store({ due: event.currentTarget.value })} />
            </label>
            {document.given !== '' && document.due !== '' && document.due < document.given && <p className={styles.problem}>It is due before it is given.</p>}
            <fieldset className={styles.numbers} disabled={given}>
              <legend>Numbers</legend>
              <label>
                <input type="radio" name="numbers" checked={document.numbers === 'same'} onChange={() => store({ numbers: 'same' })} /> one set for all
              </label>
              <label>
                <input type="radio" name="numbers" checked={document.numbers === 'own'} onChange={() => store({ numbers: 'own' })} /> each student their own
              </label>
            </fieldset>
            {given && <p className="soft">Given out: what students got stays as it was, numbers and all.</p>}
          </section>
          {given && (
            <section className={`sheet ${styles.note}`}>
              <h2 className="label">Marking</h2>
              <p>
                {kept.counts.handedIn} of {kept.counts.students} have handed in, {kept.counts.toLookAt} answers are to be looked at
                {kept.counts.unmatched > 0 && `, ${kept.counts.unmatched} rows belong to nobody yet`}.
              </p>
            </section>
          )}
        </aside>
      </div>
      <ChangedElsewhere
        what="this set"
        theirs={editing.conflict && `${editing.conflict.theirs.title}, ${editing.conflict.theirs.document.items.length} exercises`}
        mine={editing.conflict ? `${editing.conflict.mine.title}, ${editing.conflict.mine.document.items.length} exercises` : ''}
        onTheirs={() => editing.resolve(false)}
        onMine={() => editing.resolve(true)}
        onClose={editing.dismiss}
      />
      <Modal opened={leaving} onClose={() => setLeaving(false)} title="Delete this set?">
        <p>{given ? 'Its answers and marks go with it out of every list.' : 'Its exercises stay where they are.'}</p>
        {remove.error && <p role="alert">{remove.error.message}</p>}
        <Button color="red" onClick={() => remove.mutate(kept.id, { onSuccess: () => void navigate('/sets') })}>
          Delete the set
        </Button>
      </Modal>
    </>
  );
}

interface ItemProps {
  readonly at: number;
  readonly item: SetItem;
  readonly setId: string;
  readonly copy?: SetCopy;
  readonly now?: KeptExercise;
  readonly marks: string | undefined;
  readonly onMarks: (text: string) => void;
  readonly onMarksWritten: () => void;
  readonly onMove: (by: number) => void;
  readonly onRemove: () => void;
}

function Item({ at, item, setId, copy, now, marks, onMarks, onMarksWritten, onMove, onRemove }: ItemProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({ id: item.id });
  const exercise = copy?.exercise ?? now?.document.exercise;
  const sum = exercise ? sumOf(exercise.parts) : 0;
  const title = exercise?.title ?? 'An exercise that was deleted';
  return (
    <li ref={setNodeRef} className={`sheet ${styles.item}`} style={{ transform: CSS.Transform.toString(transform), transition }} data-dragging={isDragging}>
      <button ref={setActivatorNodeRef} type="button" className={styles.grip} {...attributes} {...listeners} aria-label={`move exercise ${at + 1}, ${title}`}>
        <IconGripVertical size={18} stroke={1.5} />
      </button>
      <span className={styles.place}>{at + 1}</span>
      <div>
        <Link to={`/exercises/${item.exerciseId}`} className={styles.name}>
          {title}
        </Link>
        {exercise && (
          <p className="soft">
            {exercise.parts.length} {exercise.parts.length === 1 ? 'part' : 'parts'} · {exerciseSummary(exercise, 110)}
          </p>
        )}
        {copy && copy.latest !== copy.revision && copy.latest !== copy.keptAgainst && copy.latest !== 0 && <Changed setId={setId} copy={copy} />}
      </div>
      <label className={styles.marks}>
        <input
          aria-label={`marks of exercise ${at + 1}`}
          value={marks ?? (item.marks === undefined ? '' : String(item.marks))}
          placeholder={String(sum)}
          inputMode="decimal"
          onChange={(event) => onMarks(event.currentTarget.value)}
          onBlur={onMarksWritten}
          onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
        />
        marks
        {marks !== undefined && marks.trim() !== '' && !(Number(marks.replace(',', '.')) > 0) && <span className={styles.problem}>a number above zero</span>}
      </label>
      <div className={styles.buttons}>
        <Button size="compact-xs" variant="subtle" aria-label={`move exercise ${at + 1} up`} onClick={() => onMove(-1)}>
          ↑
        </Button>
        <Button size="compact-xs" variant="subtle" aria-label={`move exercise ${at + 1} down`} onClick={() => onMove(1)}>
          ↓
        </Button>
        <Button size="compact-xs" variant="subtle" aria-label={`take exercise ${at + 1} out`} onClick={onRemove}>
          Take out
        </Button>
      </div>
    </li>
  );
}

/** The exercise was changed after the set was given out. */
function Changed({ setId, copy }: { readonly setId: string; readonly copy: SetCopy }) {
  const follow = useFollowChange(setId);
  const choose = (how: 'keep' | 're-key' | 'give-anew') => follow.mutate({ itemId: copy.itemId, how, latest: copy.latest });
  const field = follow.error instanceof Refusal ? follow.error.document.fields?.[0]?.message : undefined;
  return (
    <div className={styles.changed} role="note">
      <p>This exercise was changed after it was given out. Students have it as it was.</p>
      <Button size="compact-sm" onClick={() => choose('keep')}>
        Keep as given
      </Button>
      <Button size="compact-sm" title="The story and numbers stay; answers are judged by the new parts and plans" onClick={() => choose('re-key')}>
        Judge by the new key
      </Button>
      <Button size="compact-sm" title="Students get the new exercise; answers already in are kept" onClick={() => choose('give-anew')}>
        Give it anew
      </Button>
      {follow.error && (
        <p role="alert" className={styles.problem}>
          {follow.error.message} {field}
        </p>
      )}
    </div>
  );
}
