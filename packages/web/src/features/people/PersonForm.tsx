/** A person's name, role and classes: new, or changed. */
import { Button, Group, Modal, TextInput } from '@mantine/core';
import type { ChangedPerson, NewPerson, Person, Role } from '@hardy-sextant/contract';
import { useState, type FormEvent } from 'react';
import { Refusal } from '../../api/call.ts';
import { useClasses } from '../../api/records.ts';
import { Pick } from '../../ui/Pick.tsx';
import { say } from '../../words/say.ts';

interface PersonFormProps {
  readonly person: Person | undefined;
  /** The first of all is the owner. */
  readonly isFirst: boolean;
  readonly busy: boolean;
  readonly error: Error | null;
  readonly onClose: () => void;
  readonly onAdd: (values: NewPerson) => void;
  readonly onChange: (values: ChangedPerson & { id: string }) => void;
}

const roles: readonly (readonly [Role, string])[] = [
  ['owner', say('owner: everything, people and backups too')],
  ['instructor', say('instructor: own classes, and the shared exercises')],
  ['assistant', say('assistant: enters answers and marks, releases nothing')],
];

export function PersonForm({ person, isFirst, busy, error, onClose, onAdd, onChange }: PersonFormProps) {
  const [name, setName] = useState(person?.name ?? '');
  const [login, setLogin] = useState(person?.login ?? '');
  const [role, setRole] = useState<Role>(person?.role ?? (isFirst ? 'owner' : 'instructor'));
  const [classIds, setClassIds] = useState<readonly string[]>(person?.classes.map(({ id }) => id) ?? []);
  const wrongAt = (path: string) =>
    error instanceof Refusal ? error.document.fields?.find((each) => each.path === path)?.message : undefined;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const values = { name, role, classIds: [...classIds] };
    if (person) onChange({ id: person.id, ...values });
    else onAdd({ ...values, login });
  };
  return (
    <Modal opened onClose={onClose} title={person ? person.name : say('Add a person')}>
      <form onSubmit={submit}>
        <TextInput
          label={say('Name')}
          data-autofocus
          value={name}
          maxLength={120}
          error={wrongAt('name')}
          onChange={(event) => setName(event.currentTarget.value)}
        />
        {!person && (
          <TextInput
            mt="sm"
            label={say('Signs in as (an address of mail, or a short name)')}
            value={login}
            maxLength={120}
            autoComplete="off"
            error={wrongAt('login')}
            onChange={(event) => setLogin(event.currentTarget.value)}
          />
        )}
        <p>
          <Pick label={say('role')} value={role} options={roles} onPick={setRole} />
        </p>
        {role !== 'owner' && <ClassChoice chosen={classIds} onChoose={setClassIds} />}
        {error && (
          <p role="alert" className="wrong">
            {error.message}
          </p>
        )}
        <Group justify="flex-end" mt="md">
          <Button onClick={onClose}>{say('Cancel')}</Button>
          <Button
            type="submit"
            variant="filled"
            loading={busy}
            disabled={name.trim() === '' || (!person && login.trim().length < 2)}
          >
            {person ? say('Store it') : say('Add, and make a link')}
          </Button>
        </Group>
      </form>
    </Modal>
  );
}

interface ClassChoiceProps {
  readonly chosen: readonly string[];
  readonly onChoose: (ids: readonly string[]) => void;
}

function ClassChoice({ chosen: classIds, onChoose }: ClassChoiceProps) {
  const classes = useClasses();
  return (
    <fieldset>
      <legend>{say('Classes')}</legend>
      {classes.data?.rows.map(({ id, code, term }) => (
        <label key={id} style={{ display: 'block' }}>
          <input
            type="checkbox"
            checked={classIds.includes(id)}
            onChange={() =>
              onChoose(classIds.includes(id) ? classIds.filter((each) => each !== id) : [...classIds, id])
            }
          />{' '}
          {[code, term].filter((word) => word !== '').join(', ')}
        </label>
      ))}
    </fieldset>
  );
}
