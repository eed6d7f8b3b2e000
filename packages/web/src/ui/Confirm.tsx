/** A question before something that is hard to take back: what it does, the way out, the act. */
import { Button, Group, Modal } from '@mantine/core';
import type { ReactNode } from 'react';
import { say } from '../words/say.ts';

interface ConfirmProps {
  readonly opened: boolean;
  readonly title: string;
  /** The act, as its button says it. */
  readonly act: string;
  readonly danger?: boolean;
  readonly busy?: boolean;
  readonly error?: Error | null | undefined;
  readonly onAct: () => void;
  readonly onClose: () => void;
  readonly children: ReactNode;
}

export function Confirm({
  opened,
  title,
  act,
  danger = false,
  busy = false,
  error,
  onAct,
  onClose,
  children,
}: ConfirmProps) {
  return (
    <Modal opened={opened} onClose={onClose} title={title}>
      {children}
      {error && <p role="alert">{error.message}</p>}
      <Group justify="flex-end" mt="md">
        <Button onClick={onClose}>{say('Cancel')}</Button>
        <Button
          variant="filled"
          {...(danger ? { color: 'var(--unexplained)' } : {})}
          loading={busy}
          onClick={onAct}
          data-autofocus
        >
          {act}
        </Button>
      </Group>
    </Modal>
  );
}
