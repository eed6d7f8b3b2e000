/** A small choice inside a line: one of a few, each with its words. What comes back is one of them, by type. */

interface PickProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly (readonly [T, string])[];
  readonly onPick: (value: T) => void;
}

export function Pick<T extends string>({ label, value, options, onPick }: PickProps<T>) {
  return (
    <select
      aria-label={label}
      value={value}
      onChange={(event) => {
        const chosen = options.find(([id]) => id === event.currentTarget.value);
        if (chosen) onPick(chosen[0]);
      }}
    >
      {options.map(([id, words]) => (
        <option key={id} value={id}>
          {words}
        </option>
      ))}
    </select>
  );
}
