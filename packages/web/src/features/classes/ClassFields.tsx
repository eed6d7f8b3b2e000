/** What a class is called, as fields of a form. */
import { TextInput } from '@mantine/core';
import type { UseFormReturnType } from '@mantine/form';
import type { NewClass } from '@hardy-sextant/contract';

export function ClassFields({ form }: { readonly form: UseFormReturnType<NewClass> }) {
  return (
    <>
      <TextInput label="Code" placeholder="BM 210" data-autofocus {...form.getInputProps('code')} />
      <TextInput label="Course" {...form.getInputProps('title')} />
      <TextInput label="Term" placeholder="Autumn 2026" {...form.getInputProps('term')} />
      <TextInput label="College" {...form.getInputProps('college')} />
    </>
  );
}
