/** A small button in a row of a list: its words are short, its name says which row. */
import { Button } from '@mantine/core';

interface RowButtonProps {
  /** Names the row too: "move exercise 2 up". */
  readonly label: string;
  readonly title?: string;
  readonly onAct: () => void;
  readonly children: string;
}

export function RowButton({ label, title, onAct, children }: RowButtonProps) {
  return (
    <Button size="compact-xs" variant="subtle" aria-label={label} title={title} onClick={onAct}>
      {children}
    </Button>
  );
}
