/** Says that a form was opened with what was typed into it before, and offers what is stored. */
import { Button } from '@mantine/core';
import type { useKeptForm } from './useKeptForm.ts';

export function ResumedNote({ typed: { resumed, drop } }: { readonly typed: ReturnType<typeof useKeptForm> }) {
  if (!resumed) return null;
  return (
    <p role="status">
      This is what you typed here before; it is not stored yet.{' '}
      <Button size="compact-xs" onClick={drop}>
        Back to what is stored
      </Button>
    </p>
  );
}
