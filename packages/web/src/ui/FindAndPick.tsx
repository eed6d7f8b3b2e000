/** A field that looks a record up on the server while a name is typed, and picks one. */
import { Select, type SelectProps } from '@mantine/core';
import { useState } from 'react';

interface Choice {
  readonly value: string;
  readonly label: string;
}

interface FindAndPickProps extends Pick<SelectProps, 'className' | 'label' | 'placeholder' | 'description'> {
  readonly 'aria-label'?: string;
  /** What fits the words that are looked for; called each time it is drawn, so it may use hooks. */
  readonly useFound: (find: string) => readonly Choice[] | undefined;
  readonly nothing: string;
  /** What is picked now; null where picking is an act and nothing stays picked. */
  readonly picked: Choice | null;
  readonly onPick: (choice: Choice) => void;
}

export function FindAndPick({ useFound, nothing, picked, onPick, ...more }: FindAndPickProps) {
  const [typed, setTyped] = useState('');
  // The name of what is picked stands in the field and is not looked for.
  const found = useFound(typed === picked?.label ? '' : typed) ?? [];
  const known = picked && !found.some(({ value }) => value === picked.value) ? [picked, ...found] : found;
  return (
    <Select
      {...more}
      searchable
      allowDeselect={false}
      value={picked?.value ?? null}
      searchValue={typed}
      onSearchChange={setTyped}
      data={known.map(({ value, label }) => ({ value, label }))}
      // The server has looked already, through more than names.
      filter={({ options }) => options}
      nothingFoundMessage={nothing}
      onChange={(value) => {
        const choice = known.find((each) => each.value === value);
        if (choice) onPick(choice);
        if (!picked) setTyped('');
      }}
    />
  );
}
