/** Sets: what was given to which class, and how far its marking is. */
import { Button, Modal, TextInput } from '@mantine/core';
import { emptySet, type KeptClass, type ListedSet } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { ArchivedToo } from '../../ui/ArchivedToo.tsx';
import { Chip } from '../../ui/Chip.tsx';
import { FindField } from '../../ui/FindField.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { FindAndPick } from '../../ui/FindAndPick.tsx';
import { Pages } from '../../ui/Pages.tsx';
import { UnreadableRows } from '../../ui/UnreadableRows.tsx';
import { classInWords, useClassChoices, useClasses, useSets } from '../../api/records.ts';
import { useMakeSet } from '../../api/setRecords.ts';
import { Empty, Failed, LoadingPage } from '../../ui/States.tsx';
import { pageIn, useSearchSetting } from '../../ui/useSearchSetting.ts';
import { stateOf } from './stateOf.ts';
import { dayInWords } from '../../ui/days.ts';
import { say } from '../../words/say.ts';
import { Said } from '../../words/Said.tsx';

/** More classes than this are picked from a list that is searched, not from a row of them. */
const FEW = 8;

export function SetsPage() {
  const [search, set] = useSearchSetting();
  const [making, setMaking] = useState(false);
  const chosen = search.get('class') ?? '';
  const find = search.get('find') ?? '';
  const page = pageIn(search);
  const archived = search.get('archived') === 'yes' ? ('yes' as const) : ('no' as const);
  const sets = useSets({ class: chosen, find, page, archived });
  const classes = useClasses();
  if (sets.isError && !sets.data)
    return <Failed what={say('sets')} error={sets.error} again={() => void sets.refetch()} />;
  if (classes.isError && !classes.data)
    return <Failed what={say('classes')} error={classes.error} again={() => void classes.refetch()} />;
  if (!sets.data || !classes.data) return <LoadingPage title={say('Sets')} what={say('your sets')} />;
  const shown = sets.data.rows;
  const known = classes.data.rows.find(({ id }) => id === chosen);
  const label = known ? classInWords(known) : (shown[0]?.className ?? say('this class'));
  const picked = chosen === '' ? null : { value: chosen, label };
  const filtered = chosen !== '' || find !== '' || archived === 'yes';
  return (
    <>
      <PageHead title={say('Sets')} where={say('Exercises given to a class together')}>
        <ArchivedToo archived={archived === 'yes'} onChange={(on) => set('archived', on ? 'yes' : '')} />
        <Button component={Link} to="/bin">
          {say('Bin')}
        </Button>
        <Button variant="filled" disabled={classes.data.total === 0} onClick={() => setMaking(true)}>
          {say('New set')}
        </Button>
      </PageHead>
      {(filtered || sets.data.total > 0) && (
        <Filters classes={classes.data} picked={picked} find={find} onChange={set} />
      )}
      <UnreadableRows rows={sets.data.unreadable} />
      {shown.length === 0 && filtered && (
        <p className="soft">{say('No set fits. Try fewer letters, or another class.')}</p>
      )}
      {shown.length === 0 && !filtered && <NoSets classes={classes.data.total} />}
      {shown.length > 0 && <SetTable sets={shown} />}
      <Pages of="sets" total={sets.data.total} page={sets.data.page} onPage={(to) => set('page', String(to))} />
      {making && <NewSet classes={classes.data.rows} picked={picked} onClose={() => setMaking(false)} />}
    </>
  );
}

function NoSets({ classes }: { readonly classes: number }) {
  return (
    <Empty title={say('No sets yet')}>
      {classes === 0 ? (
        <p>
          <Said text="A set is given to a class. <to>Make a class first</to>." parts={{ to: <Link to="/classes" /> }} />
        </p>
      ) : (
        <p>
          {say(
            'A set is some exercises for a class: put in order, assigned, and marked when the answers are in. “New set” begins one.',
          )}
        </p>
      )}
    </Empty>
  );
}

function SetTable({ sets }: { readonly sets: readonly ListedSet[] }) {
  return (
    <table className="ledger sheet">
      <thead>
        <tr>
          <th className="words">{say('Set')}</th>
          <th className="words">{say('Class')}</th>
          <th>{say('Exercises')}</th>
          <th className="words">{say('Due')}</th>
          <th>{say('Submitted')}</th>
          <th>{say('To look at')}</th>
          <th className="words">{say('State')}</th>
        </tr>
      </thead>
      <tbody>
        {sets.map((each) => (
          <Row key={each.id} set={each} />
        ))}
      </tbody>
    </table>
  );
}

interface PickedClass {
  readonly value: string;
  readonly label: string;
}

interface FiltersProps {
  readonly classes: { readonly rows: readonly KeptClass[]; readonly total: number };
  readonly picked: PickedClass | null;
  readonly find: string;
  readonly onChange: (name: string, value: string) => void;
}

function Filters({ classes, picked, find, onChange }: FiltersProps) {
  const chosen = picked?.value ?? '';
  return (
    <div className="line chips">
      <FindField
        label={say('find a set')}
        placeholder={say('Find by title or class')}
        find={find}
        onFind={(text) => onChange('find', text)}
      />
      {classes.total > FEW && (
        <FindAndPick
          aria-label={say('sets of a class')}
          placeholder={say('All classes')}
          useFound={useClassChoices}
          nothing={say('No class is called that.')}
          picked={picked}
          onPick={({ value }) => onChange('class', value)}
        />
      )}
      {classes.total > FEW && chosen !== '' && (
        <Chip name={say('All classes')} pressed={false} onPress={() => onChange('class', '')} />
      )}
      {classes.total > 1 && classes.total <= FEW && (
        <div className="line chips" role="group" aria-label={say('Class')}>
          <Chip name={say('All classes')} pressed={chosen === ''} onPress={() => onChange('class', '')} />
          {classes.rows.map((each) => (
            <Chip
              key={each.id}
              name={classInWords(each)}
              pressed={chosen === each.id}
              onPress={() => onChange('class', chosen === each.id ? '' : each.id)}
            />
          ))}
        </div>
      )}
    </div>
  );
}

function Row({ set }: { readonly set: ListedSet }) {
  return (
    <tr>
      <td className="words">
        <Link to={`/sets/${set.id}`}>{set.title}</Link>
      </td>
      <td className="words">{set.className}</td>
      <td>{set.document.items.length}</td>
      <td className="words">{set.document.due === '' ? '–' : dayInWords(set.document.due)}</td>
      <td>
        {set.assignedAt
          ? say('{{submitted}} of {{students}}', { submitted: set.counts.submitted, students: set.counts.students })
          : '–'}
      </td>
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
  picked,
  onClose,
}: {
  readonly classes: readonly KeptClass[];
  readonly picked: PickedClass | null;
  readonly onClose: () => void;
}) {
  const navigate = useNavigate();
  const make = useMakeSet();
  const [title, setTitle] = useState('');
  const first = classes[0] && { value: classes[0].id, label: classInWords(classes[0]) };
  const [given, setGiven] = useState(picked ?? first);
  const begin = () =>
    given &&
    make.mutate(
      {
        classId: given.value,
        title: title.trim() || say('A new set'),
        document: emptySet,
      },
      { onSuccess: (kept) => void navigate(`/sets/${kept.id}`) },
    );
  return (
    <Modal opened onClose={onClose} title={say('New set')}>
      <form
        style={{ display: 'grid', gap: 10 }}
        onSubmit={(event) => {
          event.preventDefault();
          begin();
        }}
      >
        <TextInput
          label={say('Title')}
          placeholder={say('Week 6, changing rates')}
          value={title}
          onChange={(event) => setTitle(event.currentTarget.value)}
          data-autofocus
        />
        <FindAndPick
          label={say('Class')}
          useFound={useClassChoices}
          nothing={say('No class is called that.')}
          picked={given ?? null}
          onPick={setGiven}
        />
        {make.error && <p role="alert">{make.error.message}</p>}
        <Button type="submit" variant="filled" loading={make.isPending}>
          {say('Put it together')}
        </Button>
      </form>
    </Modal>
  );
}
