/** One exercise of a set in its place: moved, marked, removed; told when it was changed since students got it. */
import { Button } from '@mantine/core';
import type { AssignedExercise, SetItem } from '@hardy-sextant/contract';
import { Link } from 'react-router';
import { Refusal } from '../../api/call.ts';
import { useFollowChange } from '../../api/setRecords.ts';
import { Field } from '../../ui/Field.tsx';
import type { ItemBody } from './useItemBodies.ts';
import { useMovable } from '../../ui/MovableItems.tsx';
import { RowButton } from '../../ui/RowButton.tsx';
import styles from './Sets.module.css';
import { many, say } from '../../words/say.ts';

interface ItemProps {
  readonly at: number;
  readonly item: SetItem;
  readonly setId: string;
  readonly assigned?: AssignedExercise;
  readonly body?: ItemBody;
  readonly marks: string | undefined;
  readonly onMarks: (text: string) => void;
  readonly onMarksWritten: () => void;
  readonly onMove: (by: number) => void;
  readonly onRemove: () => void;
}

export function Item({ at, item, setId, assigned, body, marks, onMarks, onMarksWritten, onMove, onRemove }: ItemProps) {
  const title = body?.title ?? say('An exercise that was deleted');
  const { item: movable, grip } = useMovable(item.id, say('move exercise {{at}}, {{title}}', { at: at + 1, title }));
  return (
    <li {...movable} className={`sheet ${styles.item}`}>
      {grip}
      <span className={styles.place}>{at + 1}</span>
      <div>
        <Link to={`/exercises/${item.exerciseId}`} className="called">
          {title}
        </Link>
        {body && (
          <p className="soft">
            {many(body.parts, '{{count}} part', '{{count}} parts')} · {body.summary}
          </p>
        )}
        {assigned &&
          assigned.latest !== assigned.revision &&
          assigned.latest !== assigned.keptAgainst &&
          assigned.latest !== 0 && <Changed setId={setId} assigned={assigned} />}
      </div>
      <MarksField
        at={at}
        text={marks ?? (item.marks === undefined ? '' : String(item.marks))}
        usual={body?.marks ?? 0}
        wrong={marks !== undefined && marks.trim() !== '' && !(Number(marks.replace(',', '.')) > 0)}
        onText={onMarks}
        onLeave={onMarksWritten}
      />
      <div className="line">
        <RowButton label={say('move exercise {{at}} up', { at: at + 1 })} onAct={() => onMove(-1)}>
          ↑
        </RowButton>
        <RowButton label={say('move exercise {{at}} down', { at: at + 1 })} onAct={() => onMove(1)}>
          ↓
        </RowButton>
        <RowButton label={say('remove exercise {{at}}', { at: at + 1 })} onAct={onRemove}>
          {say('Remove')}
        </RowButton>
      </div>
    </li>
  );
}

interface MarksFieldProps {
  readonly at: number;
  readonly text: string;
  /** The exercise's own marks. */
  readonly usual: number;
  readonly wrong: boolean;
  readonly onText: (text: string) => void;
  readonly onLeave: () => void;
}

function MarksField({ at, text, usual, wrong, onText, onLeave }: MarksFieldProps) {
  return (
    <label className={styles.marks}>
      <Field
        className="short"
        label={say('marks of exercise {{at}}', { at: at + 1 })}
        value={text}
        placeholder={String(usual)}
        inputMode="decimal"
        onText={onText}
        onBlur={onLeave}
        onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
      />
      {say('marks')}
      {wrong && <span className="wrong">{say('a number above zero')}</span>}
    </label>
  );
}

/** The exercise was changed after the set was assigned. */
function Changed({ setId, assigned }: { readonly setId: string; readonly assigned: AssignedExercise }) {
  const follow = useFollowChange(setId);
  const choose = (how: 'keep' | 'regrade' | 'reissue') =>
    follow.mutate({ itemId: assigned.itemId, how, latest: assigned.latest });
  const field = follow.error instanceof Refusal ? follow.error.document.fields?.[0]?.message : undefined;
  return (
    <div className={styles.changed} role="note">
      <p>{say('This exercise was changed after it was assigned. Students have it as it was.')}</p>
      <Button size="compact-sm" onClick={() => choose('keep')}>
        {say('Keep as given')}
      </Button>
      <Button
        size="compact-sm"
        title={say('The story and numbers stay; answers are judged by the new parts and plans')}
        onClick={() => choose('regrade')}
      >
        {say('Judge by the new key')}
      </Button>
      <Button
        size="compact-sm"
        title={say('Students get the new exercise; answers already in are kept')}
        onClick={() => choose('reissue')}
      >
        {say('Give it anew')}
      </Button>
      {follow.error && (
        <p role="alert" className="wrong">
          {follow.error.message} {field}
        </p>
      )}
    </div>
  );
}
