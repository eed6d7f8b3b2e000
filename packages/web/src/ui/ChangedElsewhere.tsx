/** Two versions of one record: somebody else has stored another while this one was being changed. Only a choice ends the question. */
import { Button, Group, Modal } from '@mantine/core';
import type { ReactNode } from 'react';

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
      title="Changed elsewhere"
      size={children ? 'lg' : 'md'}
    >
      <p>
        Somebody changed {what} since you opened it. Theirs is called “{theirs}”; yours “{mine}”. Nothing is lost yet:
        choose which to keep.
      </p>
      {children}
      <Group justify="flex-end" mt="md">
        <Button onClick={onTheirs}>Take theirs</Button>
        {more}
        <Button variant="filled" onClick={onMine}>
          Keep mine
        </Button>
      </Group>
    </Modal>
  );
}
