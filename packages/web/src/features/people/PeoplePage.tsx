/** The people of the book: added with a one-time link, given a role and classes, taken off. */
import { Button, Modal } from '@mantine/core';
import {
  madeLink,
  peopleList,
  person as personSchema,
  type ChangedPerson,
  type MadeLink,
  type NewPerson,
  type Person,
} from '@hardy-sextant/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call, callFor } from '../../api/call.ts';
import { sessionKey, useMe } from '../../api/session.ts';
import { Confirm } from '../../ui/Confirm.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { RowButton } from '../../ui/RowButton.tsx';
import { Failed, LoadingPage } from '../../ui/States.tsx';
import { PersonForm } from './PersonForm.tsx';
import { momentInWords } from '../../ui/days.ts';
import { say } from '../../words/say.ts';

const key = ['people'] as const;

function usePeople() {
  const queries = useQueryClient();
  const again = () => {
    void queries.invalidateQueries({ queryKey: sessionKey });
    return queries.invalidateQueries({ queryKey: key });
  };
  return {
    list: useQuery({ queryKey: key, queryFn: ({ signal }) => call('/people', peopleList, { signal }) }),
    add: useMutation({
      mutationFn: (body: NewPerson) => call('/people', madeLink, { method: 'POST', body }),
      onSuccess: again,
    }),
    change: useMutation({
      mutationFn: ({ id, ...body }: ChangedPerson & { id: string }) =>
        call(`/people/${id}`, personSchema, { method: 'PUT', body }),
      onSuccess: again,
    }),
    link: useMutation({ mutationFn: (id: string) => call(`/people/${id}/link`, madeLink, { method: 'POST' }) }),
    remove: useMutation({
      mutationFn: (id: string) => callFor(`/people/${id}`, { method: 'DELETE' }),
      onSuccess: again,
    }),
  };
}

export function PeoplePage() {
  const { list, add, change, link, remove } = usePeople();
  const me = useMe();
  const [form, setForm] = useState<Person | 'new'>();
  const [leaving, setLeaving] = useState<Person>();
  const [made, setMade] = useState<MadeLink>();
  if (list.isError && !list.data)
    return <Failed what={say('list')} error={list.error} again={() => void list.refetch()} />;
  if (!list.data) return <LoadingPage title={say('People')} what={say('the people')} />;
  const { people } = list.data;
  return (
    <>
      <PageHead title={say('People')}>
        <Button variant="filled" onClick={() => setForm('new')}>
          {say('Add a person')}
        </Button>
      </PageHead>
      {me.data?.is === 'alone' && <Alone />}
      <PeopleTable
        people={people}
        onChange={setForm}
        onLink={(id) => link.mutate(id, { onSuccess: setMade })}
        onRemove={setLeaving}
      />
      {link.error && (
        <p role="alert" className="wrong">
          {link.error.message}
        </p>
      )}
      {form && (
        <PersonForm
          person={form === 'new' ? undefined : form}
          isFirst={people.length === 0}
          busy={add.isPending || change.isPending}
          error={form === 'new' ? add.error : change.error}
          onClose={() => setForm(undefined)}
          onAdd={(values) =>
            add.mutate(values, {
              onSuccess: (added) => {
                setForm(undefined);
                setMade(added);
              },
            })
          }
          onChange={(values) => change.mutate(values, { onSuccess: () => setForm(undefined) })}
        />
      )}
      <TakeOff person={leaving} remove={remove} onClose={() => setLeaving(undefined)} />
      {made && <LinkShown made={made} onClose={() => setMade(undefined)} />}
    </>
  );
}

interface TakeOffProps {
  readonly person: Person | undefined;
  readonly remove: ReturnType<typeof usePeople>['remove'];
  readonly onClose: () => void;
}

function TakeOff({ person: leaving, remove, onClose }: TakeOffProps) {
  return (
    <Confirm
      opened={leaving !== undefined}
      title={say('Take {{name}} off?', { name: leaving?.name ?? '' })}
      act={say('Take off')}
      danger
      busy={remove.isPending}
      error={remove.error}
      onClose={onClose}
      onAct={() => leaving && remove.mutate(leaving.id, { onSuccess: onClose })}
    >
      <p>{say('They are signed out at once. Classes, sets and marks stay, with their name on what they did.')}</p>
    </Confirm>
  );
}

const Alone = () => (
  <p className="sheet block">
    {say(
      'You are alone on this machine, so nobody is asked for a password. Add yourself as the owner first and open the link: from then on everybody signs in.',
    )}
  </p>
);

interface PeopleTableProps {
  readonly people: readonly Person[];
  readonly onChange: (person: Person) => void;
  readonly onLink: (id: string) => void;
  readonly onRemove: (person: Person) => void;
}

function PeopleTable({ people, onChange, onLink, onRemove }: PeopleTableProps) {
  if (people.length === 0) return null;
  return (
    <section className="sheet wide" aria-label={say('Everybody')}>
      <table className="ledger">
        <thead>
          <tr>
            {[say('Name'), say('Signs in as'), say('Role'), say('Classes'), say('Password'), ''].map((head) => (
              <th key={head} scope="col" className="words">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {people.map((person) => (
            <tr key={person.id}>
              <td className="words">{person.name}</td>
              <td className="words">{person.login}</td>
              <td className="words">{person.role}</td>
              <td className="words">
                {person.role === 'owner'
                  ? say('all')
                  : person.classes.map(({ code }) => code).join(', ') || say('none')}
              </td>
              <td className="words">{person.hasPassword ? say('set') : say('not set yet')}</td>
              <td className="words">
                <RowButton label={say('change {{name}}', { name: person.name })} onAct={() => onChange(person)}>
                  {say('Change')}
                </RowButton>
                <RowButton
                  label={say('one-time link for {{name}}', { name: person.name })}
                  onAct={() => onLink(person.id)}
                >
                  {say('One-time link')}
                </RowButton>
                <RowButton label={say('take {{name}} off', { name: person.name })} onAct={() => onRemove(person)}>
                  {say('Take off')}
                </RowButton>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** A link is shown once: nobody can read it again. */
function LinkShown({
  made: { person, secret, endsAt },
  onClose,
}: {
  readonly made: MadeLink;
  readonly onClose: () => void;
}) {
  const link = `${window.location.origin}/welcome#${secret}`;
  const [copied, setCopied] = useState(false);
  return (
    <Modal opened onClose={onClose} title={say('A link for {{name}}', { name: person.name })} size="lg">
      <p>
        {say('With it {{name}} sets a password, once, until {{momentInWords}}. It is shown here and never again.', {
          name: person.name,
          momentInWords: momentInWords(endsAt),
        })}
      </p>
      <p style={{ overflowWrap: 'anywhere' }}>
        <a href={link}>{link}</a>
      </p>
      <Button
        variant="filled"
        onClick={() =>
          void navigator.clipboard?.writeText(link).then(
            () => setCopied(true),
            () => setCopied(false),
          )
        }
      >
        {say('Copy it')}
      </Button>{' '}
      {copied && <span role="status">{say('Copied.')}</span>}
    </Modal>
  );
}
