/** A set: its exercises in order, its class and dates, whose numbers; assigned, and followed up when an exercise changes. */
import { Button, Menu } from '@mantine/core';
import type { KeptClass, KeptSet, SetItem } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Refusal } from '../../ui/api.ts';
import { useBarNote } from '../../ui/BarNote.tsx';
import { ChangedElsewhere } from '../../ui/ChangedElsewhere.tsx';
import { Confirm } from '../../ui/Confirm.tsx';
import { KeptNote } from '../../ui/kept/KeptNote.tsx';
import { FindAndPick } from '../../ui/FindAndPick.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { useExercises, useRestore } from '../../ui/records.ts';
import { useClass, useDeleteSet, useAssign, useAssigning, useSet } from '../../ui/setRecords.ts';
import { showUndo } from '../../ui/showUndo.tsx';
import { Failed, Loading } from '../../ui/States.tsx';
import { actQuestions } from './actQuestions.ts';
import { Item } from './Item.tsx';
import { MovableItems } from './MovableItems.tsx';
import { SetFacts } from './SetFacts.tsx';
import { stateOf } from './stateOf.ts';
import { useContents } from './useContents.ts';
import { useItemBodies } from './useItemBodies.ts';
import { useSetEditing } from './useSetEditing.ts';
import styles from './Sets.module.css';

export function SetPage() {
  const { setId } = useParams();
  const set = useSet(setId);
  const chosen = useClass(set.data?.classId);
  if (set.isError && !set.data) return <Failed what="set" error={set.error} again={() => void set.refetch()} />;
  if (chosen.isError && !chosen.data)
    return <Failed what="class" error={chosen.error} again={() => void chosen.refetch()} />;
  if (!set.data || !chosen.data) return <Loading what="the set" />;
  return <SetDesk key={set.data.id} kept={set.data} chosen={chosen.data} />;
}

/** Exercises to add, found by words. */
const useExerciseChoices = (find: string) =>
  useExercises({ find }).data?.rows.map(({ id, title }) => ({ value: id, label: title || 'without a title' }));

function SetDesk({ kept, chosen }: { readonly kept: KeptSet; readonly chosen: KeptClass }) {
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
  const bodyOf = useItemBodies(kept);
  const titleOf = (item: SetItem): string => bodyOf(item).body?.title ?? 'An exercise that was deleted';
  const contents = useContents(kept, editing, titleOf);
  const total = document.items.reduce((sum, item) => {
    return sum + (item.marks ?? bodyOf(item).body?.marks ?? 0);
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
          <MovableItems ids={document.items.map(({ id }) => id)} onDrop={contents.drop}>
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
          </MovableItems>
          <FindAndPick
            className={styles.add ?? ''}
            aria-label="add an exercise"
            placeholder="Add an exercise…"
            useFound={useExerciseChoices}
            nothing="No exercise is called that."
            picked={null}
            onPick={({ value, label }) => contents.add(value, label)}
          />
          {kept.removed.length > 0 && <Removed removed={kept.removed} onPutBack={contents.putBack} />}
        </section>
        <SetFacts kept={kept} chosen={chosen} document={document} total={total} onChange={store} />
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
        title={contents.asked ? actQuestions[contents.asked.act.act].title : ''}
        act={contents.asked ? actQuestions[contents.asked.act.act].does : ''}
        busy={contents.busy}
        error={contents.error}
        onClose={contents.cancel}
        onAct={() => void contents.confirm()}
      >
        {contents.asked && <p>{actQuestions[contents.asked.act.act].says(contents.asked, chosen.students)}</p>}
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

/** Exercises that were removed after the set was assigned, with the answers kept with them. */
function Removed({
  removed,
  onPutBack,
}: {
  readonly removed: KeptSet['removed'];
  readonly onPutBack: (itemId: string, title: string) => void;
}) {
  return (
    <section className={`sheet ${styles.note}`} aria-label="Removed after it was assigned">
      <h2 className="label">Removed after it was assigned</h2>
      <ul className={styles.removed}>
        {removed.map(({ itemId, title: name, answered }) => (
          <li key={itemId}>
            {name}{' '}
            <span className="soft">
              {answered === 0 ? 'nobody had answered it' : `answers of ${answered} students are kept`}
            </span>{' '}
            <Button
              size="compact-xs"
              variant="subtle"
              aria-label={`put ${name} back`}
              onClick={() => onPutBack(itemId, name)}
            >
              Put back
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
