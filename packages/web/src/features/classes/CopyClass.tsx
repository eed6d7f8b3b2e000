/** A class copied for another term: its house rules, the chosen sets with their days moved, no answers; its students only where they go on. */
import { Button, Checkbox, Modal, TextInput } from '@mantine/core';
import { newClass, type ClassWithStudents, type ListedSet, type NewClass } from '@hardy-sextant/contract';
import { schemaResolver, useForm } from '@mantine/form';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useSets } from '../../api/records.ts';
import { useCopyClass } from '../../api/setRecords.ts';
import { ClassFields } from './ClassFields.tsx';
import { many, say } from '../../words/say.ts';

export function CopyClass({ kept, onClose }: { readonly kept: ClassWithStudents; readonly onClose: () => void }) {
  const navigate = useNavigate();
  const copy = useCopyClass(kept.id);
  const sets = useSets({ class: kept.id }).data?.rows ?? [];
  const [without, setWithout] = useState<ReadonlySet<string>>(new Set());
  const [first, setFirst] = useState('');
  const [roster, setRoster] = useState(false);
  const { code, title, college, rulesId } = kept;
  const form = useForm<NewClass>({
    initialValues: { code, title, college, term: '', rulesId },
    validate: schemaResolver(newClass, { sync: true }),
  });
  const chosen = sets.filter(({ id }) => !without.has(id));
  const days = daysBetween(firstDay(chosen), first);
  const make = form.onSubmit((names) =>
    copy.mutate(
      { ...names, sets: chosen.map(({ id }) => id), days, roster },
      {
        onSuccess: (made) => {
          onClose();
          void navigate(`/classes/${made.id}`);
        },
      },
    ),
  );
  return (
    <Modal opened onClose={onClose} title={say('Copy {{code}} for another term', { code })}>
      <form onSubmit={make} noValidate className="stack">
        <ClassFields form={form} />
        <SetChoice sets={sets} without={without} onChange={setWithout} />
        {firstDay(chosen) !== '' && (
          <TextInput
            type="date"
            label={say('The first set is given on')}
            description={
              first === ''
                ? say('Left empty, all keep their days: the first is {{firstDay}}.', { firstDay: firstDay(chosen) })
                : moved(days)
            }
            value={first}
            onChange={(event) => setFirst(event.currentTarget.value)}
          />
        )}
        <Checkbox
          label={say('Its {{students}} students too', { students: kept.students })}
          checked={roster}
          onChange={(event) => setRoster(event.currentTarget.checked)}
        />
        <p className="soft">
          {say('Answers and marks stay with this class. Sets are copied as they are now; each is assigned anew.')}
        </p>
        {copy.error && <p role="alert">{copy.error.message}</p>}
        <Button type="submit" variant="filled" loading={copy.isPending}>
          {say('Copy the class')}
        </Button>
      </form>
    </Modal>
  );
}

interface SetChoiceProps {
  readonly sets: readonly ListedSet[];
  readonly without: ReadonlySet<string>;
  readonly onChange: (without: ReadonlySet<string>) => void;
}

function SetChoice({ sets, without, onChange }: SetChoiceProps) {
  if (sets.length === 0) return null;
  const toggle = (id: string) => {
    const next = new Set(without);
    if (!next.delete(id)) next.add(id);
    onChange(next);
  };
  return (
    <fieldset style={{ border: 0, padding: 0, margin: 0 }}>
      <legend>{say('Sets to copy')}</legend>
      {sets.map(({ id, title, document }) => (
        <Checkbox
          key={id}
          my={4}
          label={document.given === '' ? title : say('{{title}}, given {{given}}', { title, given: document.given })}
          checked={!without.has(id)}
          onChange={() => toggle(id)}
        />
      ))}
    </fieldset>
  );
}

const firstDay = (sets: readonly ListedSet[]): string =>
  sets
    .map(({ document }) => document.given)
    .filter((day) => day !== '')
    .sort()[0] ?? '';

const DAY = 86_400_000;
const daysBetween = (from: string, to: string): number =>
  from === '' || to === '' ? 0 : (Date.parse(`${to}T12:00:00Z`) - Date.parse(`${from}T12:00:00Z`)) / DAY;

const moved = (days: number): string =>
  [
    days < 0
      ? many(-days, 'Every day is {{count}} day earlier.', 'Every day is {{count}} days earlier.')
      : many(days, 'Every day is {{count}} day later.', 'Every day is {{count}} days later.'),
    days % 7 === 0 ? '' : say('That is another day of the week.'),
  ]
    .join(' ')
    .trim();
