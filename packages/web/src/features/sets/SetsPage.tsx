/** Sets: what was given to which class, and how far its marking is. */
import { Button, Modal, Select, TextInput } from '@mantine/core';
import type { KeptClass, ListedSet } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { Chip } from '../../ui/Chip.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { UnreadableRows } from '../../ui/UnreadableRows.tsx';
import { useClasses, useSets } from '../../ui/records.ts';
import { useMakeSet } from '../../ui/setRecords.ts';
import { Empty, Failed, Loading } from '../../ui/States.tsx';
import { useSearchSetting } from '../../ui/useSearchSetting.ts';
import { stateOf } from './stateOf.ts';
import styles from './Sets.module.css';

export function SetsPage() {
  const sets = useSets();
  const classes = useClasses();
  const [search, set] = useSearchSetting();
  const [making, setMaking] = useState(false);
  const chosen = search.get('class') ?? '';
  if (sets.isError && !sets.data) return <Failed what="sets" error={sets.error} again={() => void sets.refetch()} />;
  if (classes.isError && !classes.data)
    return <Failed what="classes" error={classes.error} again={() => void classes.refetch()} />;
  if (!sets.data || !classes.data) return <Loading what="your sets" />;
  const shown = sets.data.filter(({ classId }) => chosen === '' || classId === chosen);
  const code = (id: string): string => classes.data.find((each) => each.id === id)?.code ?? '';
  return (
    <>
      <PageHead title="Sets" where="Exercises given to a class together">
        <Button component={Link} to="/bin">
          Bin
        </Button>
        <Button variant="filled" disabled={classes.data.length === 0} onClick={() => setMaking(true)}>
          New set
        </Button>
      </PageHead>
      {classes.data.length > 1 && (
        <div className={styles.chips} role="group" aria-label="Class">
          <Chip name="All classes" pressed={chosen === ''} onPress={() => set('class', '')} />
          {classes.data.map((each) => (
            <Chip
              key={each.id}
              name={[each.code, each.term].filter((word) => word !== '').join(', ')}
              pressed={chosen === each.id}
              onPress={() => set('class', chosen === each.id ? '' : each.id)}
            />
          ))}
        </div>
      )}
      <UnreadableRows list="sets" />
      {shown.length === 0 ? (
        <Empty title="No sets yet">
          {classes.data.length === 0 ? (
            <p>
              A set is given to a class. <Link to="/classes">Make a class first</Link>.
            </p>
          ) : (
            <p>
              A set is some exercises for a class: put in order, assigned, and marked when the answers are in. “New set”
              begins one.
            </p>
          )}
        </Empty>
      ) : (
        <table className={`ledger sheet ${styles.sets}`}>
          <thead>
            <tr>
              <th className="words">Set</th>
              <th className="words">Class</th>
              <th>Exercises</th>
              <th className="words">Due</th>
              <th>Submitted</th>
              <th>To look at</th>
              <th className="words">State</th>
            </tr>
          </thead>
          <tbody>
            {shown.map((each) => (
              <Row key={each.id} set={each} code={code(each.classId)} />
            ))}
          </tbody>
        </table>
      )}
      {making && <NewSet classes={classes.data} chosen={chosen} onClose={() => setMaking(false)} />}
    </>
  );
}

function Row({ set, code }: { readonly set: ListedSet; readonly code: string }) {
  return (
    <tr>
      <td className="words">
        <Link to={`/sets/${set.id}`}>{set.title}</Link>
      </td>
      <td className="words">{code}</td>
      <td>{set.document.items.length}</td>
      <td className="words">{set.document.due || '–'}</td>
      <td>{set.assignedAt ? `${set.counts.submitted} of ${set.counts.students}` : '–'}</td>
      <td>
        {set.assignedAt ? (
          <Link to={`/sets/${set.id}/marking?cause=unexplained&exercise=all`}>{set.counts.toLookAt}</Link>
        ) : (
          '–'
        )}
      </td>
      <td className="words">{stateOf(set)}</td>
    </tr>
  );
}

function NewSet({
  classes,
  chosen,
  onClose,
}: {
  readonly classes: readonly KeptClass[];
  readonly chosen: string;
  readonly onClose: () => void;
}) {
  const navigate = useNavigate();
  const make = useMakeSet();
  const [title, setTitle] = useState('');
  const [classId, setClassId] = useState(chosen || classes[0]!.id);
  const begin = () =>
    make.mutate(
      {
        classId,
        title: title.trim() || 'A new set',
        document: { schemaVersion: 1, items: [], numbers: 'same', given: '', due: '' },
      },
      { onSuccess: (kept) => void navigate(`/sets/${kept.id}`) },
    );
  return (
    <Modal opened onClose={onClose} title="New set">
      <form
        style={{ display: 'grid', gap: 10 }}
        onSubmit={(event) => {
          event.preventDefault();
          begin();
        }}
      >
        <TextInput
          label="Title"
          placeholder="Week 6, changing rates"
          value={title}
          onChange={(event) => setTitle(event.currentTarget.value)}
          data-autofocus
        />
        <Select
          label="Class"
          allowDeselect={false}
          data={classes.map((each) => ({
            value: each.id,
            label: [each.code, each.term].filter((word) => word !== '').join(', '),
          }))}
          value={classId}
          onChange={(value) => value && setClassId(value)}
        />
        {make.error && <p role="alert">{make.error.message}</p>}
        <Button type="submit" variant="filled" loading={make.isPending}>
          Put it together
        </Button>
      </form>
    </Modal>
  );
}
