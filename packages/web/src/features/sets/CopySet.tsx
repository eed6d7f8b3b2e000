/** A set copied for another class or term: the same exercises as they are now, new numbers, days of its own, no answers. */
import { Button, Modal, TextInput } from '@mantine/core';
import type { KeptClass, KeptSet } from '@hardy-sextant/contract';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { classInWords, useClassChoices } from '../../api/records.ts';
import { useCopySet } from '../../api/setRecords.ts';
import { FindAndPick } from '../../ui/FindAndPick.tsx';
import { say } from '../../words/say.ts';

interface CopySetProps {
  readonly kept: KeptSet;
  readonly chosen: KeptClass;
  readonly onClose: () => void;
}

export function CopySet({ kept, chosen, onClose }: CopySetProps) {
  const navigate = useNavigate();
  const copy = useCopySet(kept.id);
  const [title, setTitle] = useState(kept.title);
  const [to, setTo] = useState({ value: chosen.id, label: classInWords(chosen) });
  const [given, setGiven] = useState('');
  const [due, setDue] = useState('');
  const make = () =>
    copy.mutate(
      { classId: to.value, title: title.trim() || kept.title, given, due },
      {
        onSuccess: (made) => {
          onClose();
          void navigate(`/sets/${made.id}`);
        },
      },
    );
  return (
    <Modal opened onClose={onClose} title={say('Copy for another class or term')}>
      <form
        className="stack"
        onSubmit={(event) => {
          event.preventDefault();
          make();
        }}
      >
        <p className="soft">
          {say(
            'The same exercises as they are now, with new numbers once it is assigned. Answers and marks stay with this set.',
          )}
        </p>
        <TextInput
          label={say('Title')}
          value={title}
          maxLength={160}
          onChange={(event) => setTitle(event.currentTarget.value)}
          data-autofocus
        />
        <FindAndPick
          label={say('Class')}
          useFound={useClassChoices}
          nothing={say('No class is called that.')}
          picked={to}
          onPick={setTo}
        />
        <TextInput
          type="date"
          label={say('Given')}
          value={given}
          onChange={(event) => setGiven(event.currentTarget.value)}
        />
        <TextInput type="date" label={say('Due')} value={due} onChange={(event) => setDue(event.currentTarget.value)} />
        {copy.error && <p role="alert">{copy.error.message}</p>}
        <Button type="submit" variant="filled" loading={copy.isPending}>
          {say('Copy the set')}
        </Button>
      </form>
    </Modal>
  );
}
