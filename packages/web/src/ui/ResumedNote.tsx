/** Says that a form was opened with what was typed into it before, and offers what is stored. */
import { Button } from '@mantine/core';
import { say } from '../words/say.ts';

interface Resumed {
  readonly resumed: boolean;
  readonly drop: () => void;
}

export function ResumedNote({ typed: { resumed, drop } }: { readonly typed: Resumed }) {
  if (!resumed) return null;
  return (
    <p role="status">
      {say('This is what you typed here before; it is not stored yet.')}{' '}
      <Button size="compact-xs" onClick={drop}>
        {say('Back to what is stored')}
      </Button>
    </p>
  );
}
