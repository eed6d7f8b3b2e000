/** A small choice inside a line: one of a few, each with its words. What comes back is one of them, by type. */

export interface PickProps<T extends string> {
  /** What is chosen; left out where a label stands around it. */
  readonly label?: string;
  readonly value: T;
  readonly options: readonly (readonly [T, string, { readonly disabled: boolean }?])[];
  readonly onPick: (value: T) => void;
  readonly className?: string | undefined;
  readonly disabled?: boolean;
}

export function Pick<T extends string>({ label, value, options, onPick, className, disabled }: PickProps<T>) {
  return (
    <select
      className={className ?? 'control'}
      aria-label={label}
      value={value}
      disabled={disabled}
      onChange={(event) => {
        const chosen = options.find(([id]) => id === event.currentTarget.value);
        if (chosen) onPick(chosen[0]);
      }}
    >
      {options.map(([id, words, state]) => (
        <option key={id} value={id} disabled={state?.disabled}>
          {words}
        </option>
      ))}
    </select>
  );
}
