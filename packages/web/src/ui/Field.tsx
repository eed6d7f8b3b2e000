/** A small field inside a line or a table: what is typed comes back as text. */
import type { ComponentPropsWithoutRef } from 'react';
import { useTyped } from './useTyped.ts';

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

/** A field whose value stands in the address. */
export function FieldInAddress({ value, onText, ...rest }: FieldProps) {
  return <Field {...rest} {...useTyped(String(value), onText)} />;
}
