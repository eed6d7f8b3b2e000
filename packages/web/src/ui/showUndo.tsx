/** What was just done, with the way back for a while. */
import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { say } from '../words/say.ts';

const LONG_ENOUGH_MS = 30_000;

/** @param undo takes it back; what it says when it fails is shown */
export function showUndo(message: string, undo: () => Promise<unknown>): void {
  const note = notifications.show({
    autoClose: LONG_ENOUGH_MS,
    message: (
      <>
        {message}{' '}
        <Button
          size="compact-xs"
          onClick={() => {
            notifications.hide(note);
            undo().catch((error: Error) =>
              notifications.show({
                message: say('It could not be taken back: {{message}}', { message: error.message }),
              }),
            );
          }}
        >
          {say('Undo')}
        </Button>
      </>
    ),
  });
}
