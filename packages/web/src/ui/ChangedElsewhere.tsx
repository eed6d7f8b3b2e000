/** Two versions of one record: somebody else has stored another while this one was being changed. Only a choice ends the question. */
import { Button, Group, Modal } from '@mantine/core';
import type { ReactNode } from 'react';
import { say } from '../words/say.ts';

interface ChangedElsewhereProps {
  /** "this exercise" */
  readonly what: string;
  /** What theirs is called; the dialog stands while there is one. */
  readonly theirs: string | undefined;
  readonly mine: string;
  readonly onTheirs: () => void;
  readonly onMine: () => void;
  /** A third way out, such as keeping both. */
  readonly more?: ReactNode;
  /** What sets the two apart. */
  readonly children?: ReactNode;
}

export function ChangedElsewhere({ what, theirs, mine, onTheirs, onMine, more, children }: ChangedElsewhereProps) {
  return (
    <Modal
      opened={theirs !== undefined}
      onClose={() => undefined}
      closeOnEscape={false}
      closeOnClickOutside={false}
      withCloseButton={false}
      title={say('Changed elsewhere')}
      size={children ? 'lg' : 'md'}
    >
      <p>
        {say('Somebody changed {{what}} since you opened it. Theirs is called “', { what })}
        {theirs}
        {say('”; yours “{{mine}}”. Nothing is lost yet: choose which to keep.', { mine })}
      </p>
      {children}
      <Group justify="flex-end" mt="md">
        <Button onClick={onTheirs}>{say('Take theirs')}</Button>
        {more}
        <Button variant="filled" onClick={onMine}>
          {say('Keep mine')}
        </Button>
      </Group>
    </Modal>
  );
}
