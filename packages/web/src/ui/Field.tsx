/** A small field inside a line or a table: what is typed comes back as text. */
import type { ComponentPropsWithoutRef } from 'react';

interface FieldProps extends Omit<ComponentPropsWithoutRef<'input'>, 'onChange' | 'value'> {
  /** What it holds; left out where a label stands around it. */
  readonly label?: string;
  readonly value: string | number;
  readonly onText: (text: string) => void;
}

export function Field({ label, onText, className = '', ...rest }: FieldProps) {
  return (
    <input
      {...rest}
      className={`control ${className}`}
      aria-label={label}
      onChange={(event) => onText(event.currentTarget.value)}
    />
  );
}
