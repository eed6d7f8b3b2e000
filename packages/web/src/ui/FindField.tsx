/** The words a list is searched for; they stand in the address. */
import { TextInput, type TextInputProps } from '@mantine/core';
import { useTyped } from './useTyped.ts';

interface FindFieldProps extends Pick<TextInputProps, 'placeholder' | 'w' | 'mb'> {
  readonly label: string;
  readonly find: string;
  readonly onFind: (text: string) => void;
}

export function FindField({ label, find, onFind, ...more }: FindFieldProps) {
  const { onText, ...typed } = useTyped(find, onFind);
  return (
    <TextInput
      aria-label={label}
      size="sm"
      {...more}
      {...typed}
      onChange={(event) => onText(event.currentTarget.value)}
    />
  );
}
