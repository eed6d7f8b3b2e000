/** A set: its exercises in order, its class and dates, whose numbers; assigned, and followed up when an exercise changes. */
import { Button } from '@mantine/core';
import type { KeptClass, KeptSet, SetItem } from '@hardy-sextant/contract';
import { useParams } from 'react-router';
import { Refusal } from '../../api/call.ts';
import { useBarNote } from '../../ui/BarNote.tsx';
import { ChangedElsewhere } from '../../ui/ChangedElsewhere.tsx';
import { Confirm } from '../../ui/Confirm.tsx';
import { FindAndPick } from '../../ui/FindAndPick.tsx';
import { useExercises } from '../../api/records.ts';
import { teaches, useMe } from '../../api/session.ts';
import { useAssign, useAssigning, useClass, useSet } from '../../api/setRecords.ts';
import { Failed, LoadingPage } from '../../ui/States.tsx';
import { actQuestions } from './actQuestions.ts';
import { SetFacts } from './SetFacts.tsx';
import { SetHead } from './SetHead.tsx';
import { SetItems } from './SetItems.tsx';
import { useContents } from './useContents.ts';
import { useItemBodies } from './useItemBodies.ts';
import { useSetEditing } from './useSetEditing.ts';
import { many, say } from '../../words/say.ts';

export function SetPage() {
  const { setId } = useParams();
  const set = useSet(setId);
  const chosen = useClass(set.data?.classId);
  if (set.isError && !set.data) return <Failed what={say('set')} error={set.error} again={() => void set.refetch()} />;
  if (chosen.isError && !chosen.data)
    return <Failed what={say('class')} error={chosen.error} again={() => void chosen.refetch()} />;
  if (!set.data || !chosen.data) return <LoadingPage title={say('Set')} what={say('the set')} />;
  return <SetDesk key={set.data.id} kept={set.data} chosen={chosen.data} />;
}

/** Exercises to add, found by words. */
const useExerciseChoices = (find: string) =>
  useExercises({ find }).data?.rows.map(({ id, title }) => ({ value: id, label: title || say('without a title') }));

function SetDesk({ kept, chosen }: { readonly kept: KeptSet; readonly chosen: KeptClass }) {
  const assign = useAssign(kept.id);
  const drawing = useAssigning(kept.id, assign.isPending);
  // An assistant looks at a set, and changes nothing of it.
  const isTeacher = teaches(useMe().data);
  const editing = useSetEditing(kept);
  const { document, change: store } = editing;
  const bodyOf = useItemBodies(kept);
  const titleOf = (item: SetItem): string => bodyOf(item).body?.title ?? say('An exercise that was deleted');
  const contents = useContents(kept, editing, titleOf);
  const total = document.items.reduce((sum, item) => sum + (item.marks ?? bodyOf(item).body?.marks ?? 0), 0);
  useBarNote(say('{{code}} · {{students}} students', { code: chosen.code, students: chosen.students }));
  const give = async () => {
    await editing.flush();
    assign.mutate(editing.revision());
  };
  return (
    <>
      <SetHead kept={kept} chosen={chosen} editing={editing} giving={assign.isPending} onGive={() => void give()} />
      {assign.isPending && drawing.data && drawing.data.of > 0 && (
        <p role="status">
          {say('Numbers are drawn: {{done}} of {{of}}', { done: drawing.data.done, of: drawing.data.of })}{' '}
          <progress aria-label={say('numbers drawn')} value={drawing.data.done} max={drawing.data.of} />
        </p>
      )}
      <NotAssigned error={assign.error} />
      <fieldset className="bare beside" disabled={!isTeacher}>
        <section aria-label={say('Exercises in order')}>
          <SetItems kept={kept} items={document.items} bodyOf={bodyOf} contents={contents} onChange={store} />
          <div style={{ maxWidth: 420, marginBottom: 14 }}>
            {isTeacher && (
              <FindAndPick
                aria-label={say('add an exercise')}
                placeholder={say('Add an exercise…')}
                useFound={useExerciseChoices}
                nothing={say('No exercise is called that.')}
                picked={null}
                onPick={({ value, label }) => contents.add(value, label)}
              />
            )}
          </div>
          {kept.removed.length > 0 && <Removed removed={kept.removed} onPutBack={contents.putBack} />}
        </section>
        <SetFacts kept={kept} chosen={chosen} document={document} total={total} onChange={store} />
      </fieldset>
      <ChangedElsewhere
        what={say('this set')}
        theirs={editing.conflict && inShort(editing.conflict)}
        mine={inShort(editing)}
        onTheirs={() => editing.settle('theirs')}
        onMine={() => editing.settle('mine')}
      />
      <AskAct contents={contents} students={chosen.students} />
    </>
  );
}

/** Why a set could not be assigned, with the field it is about. */
function NotAssigned({ error }: { readonly error: Error | null }) {
  if (!error) return null;
  const field = error instanceof Refusal ? error.document.fields?.[0]?.message : undefined;
  return (
    <p role="alert" className="wrong">
      {error.message} {field}
    </p>
  );
}

/** Asked before an act on what students have. */
function AskAct({
  contents,
  students,
}: {
  readonly contents: ReturnType<typeof useContents>;
  readonly students: number;
}) {
  const { asked } = contents;
  const question = asked && actQuestions[asked.act.act];
  return (
    <Confirm
      opened={asked !== undefined}
      title={question?.title ?? ''}
      act={question?.does ?? ''}
      busy={contents.busy}
      error={contents.error}
      onClose={contents.cancel}
      onAct={() => void contents.confirm()}
    >
      {asked && <p>{question?.says(asked, students)}</p>}
    </Confirm>
  );
}

const inShort = ({ title, document }: Pick<KeptSet, 'title' | 'document'>): string =>
  many(document.items.length, '{{title}}, {{count}} exercise', '{{title}}, {{count}} exercises', { title });

/** Exercises that were removed after the set was assigned, with the answers kept with them. */
function Removed({
  removed,
  onPutBack,
}: {
  readonly removed: KeptSet['removed'];
  readonly onPutBack: (itemId: string, title: string) => void;
}) {
  return (
    <section className="sheet block" aria-label={say('Removed after it was assigned')}>
      <h2 className="label">{say('Removed after it was assigned')}</h2>
      <ul className="list">
        {removed.map(({ itemId, title: name, answered }) => (
          <li key={itemId}>
            {name}{' '}
            <span className="soft">
              {answered === 0
                ? say('nobody had answered it')
                : say('answers of {{answered}} students are kept', { answered })}
            </span>{' '}
            <Button
              size="compact-xs"
              variant="subtle"
              aria-label={say('put {{name}} back', { name })}
              onClick={() => onPutBack(itemId, name)}
            >
              {say('Put back')}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
