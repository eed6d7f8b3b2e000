/** What a class is called, as fields of a form. */
import { TextInput } from '@mantine/core';
import type { UseFormReturnType } from '@mantine/form';
import type { NewClass } from '@hardy-sextant/contract';
import { say } from '../../words/say.ts';

export function ClassFields({ form }: { readonly form: UseFormReturnType<NewClass> }) {
  return (
    <>
      <TextInput label={say('Code')} placeholder={say('BM 210')} data-autofocus {...form.getInputProps('code')} />
      <TextInput label={say('Course')} {...form.getInputProps('title')} />
      <TextInput label={say('Term')} placeholder={say('Autumn 2026')} {...form.getInputProps('term')} />
      <TextInput label={say('College')} {...form.getInputProps('college')} />
    </>
  );
}
