/** Two versions of one record: somebody else has kept another while this one was being changed. */
import { Button, Group, Modal } from '@mantine/core';

interface ChangedElsewhereProps {
  /** "this exercise" */
  readonly what: string;
  /** What theirs is called; the dialog stands while there is one. */
  readonly theirs: string | undefined;
  readonly mine: string;
  readonly onTheirs: () => void;
  readonly onMine: () => void;
  readonly onClose: () => void;
}

export function ChangedElsewhere({ what, theirs, mine, onTheirs, onMine, onClose }: ChangedElsewhereProps) {
  return (
    <Modal opened={theirs !== undefined} onClose={onClose} title="Changed elsewhere">
      <p>
        Somebody changed {what} since you opened it. Theirs is called “{theirs}”; yours “{mine}”. Nothing is lost yet: choose which to keep.
      </p>
      <Group justify="flex-end">
        <Button onClick={onTheirs}>Take theirs</Button>
        <Button variant="filled" onClick={onMine}>
          Keep mine
        </Button>
      </Group>
    </Modal>
  );
}
