/** A form about a record, stored by a button: checked by its schema, still there after a reload, and asking where somebody else stored another version meanwhile. */

import { schemaResolver, useForm } from '@mantine/form';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import type { z } from 'zod';
import { Refusal } from '../call.ts';
import { useKeptForm } from './useKeptForm.ts';

interface RecordForm<T extends object, Kept extends { readonly revision: number }> {
  /** Names the record among all: "rules 4711". */
  readonly key: string;
  readonly schema: z.ZodType<T>;
  /** As it was read. */
  readonly values: T;
  readonly revision: number;
  /** Reads what the server answers to a stale write. */
  readonly keptSchema: z.ZodType<Kept>;
  readonly valuesOf: (kept: Kept) => T;
  /** Sends it; throws a `Refusal` where the server says no. */
  readonly send: (values: T, revision: number) => Promise<Kept>;
  readonly onStored?: (kept: Kept) => void;
}

export function useRecordForm<T extends object, Kept extends { readonly revision: number }>(use: RecordForm<T, Kept>) {
  const [revision, setRevision] = useState(use.revision);
  const [theirs, setTheirs] = useState<Kept>();
  const form = useForm<T>({ initialValues: use.values, validate: schemaResolver(use.schema, { sync: true }) });
  const typed = useKeptForm(use.key, form);
  const showStored = (values: T, kept: Kept) => {
    setRevision(kept.revision);
    setTheirs(undefined);
    form.setInitialValues(values);
    form.resetDirty(values);
  };
  const write = useMutation({
    mutationFn: ({ values, against }: { values: T; against: number }) => use.send(values, against),
    onSuccess: (kept, { values }) => {
      showStored(values, kept);
      use.onStored?.(kept);
    },
    onError: (error) => {
      if (error instanceof Refusal && error.isStale) setTheirs(use.keptSchema.parse(error.document.current));
    },
  });
  return {
    form,
    typed,
    pending: write.isPending,
    /** What stands in the way of storing it; a stale write is asked about instead. */
    error: theirs ? null : write.error,
    theirs,
    submit: form.onSubmit((values) => write.mutate({ values, against: revision })),
    takeTheirs: () => {
      if (!theirs) return;
      const values = use.valuesOf(theirs);
      form.setValues(values);
      showStored(values, theirs);
    },
    keepMine: () => theirs && write.mutate({ values: form.getValues(), against: theirs.revision }),
  };
}
