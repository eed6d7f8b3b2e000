/** A form that is stored by a button: what is typed into it is still there after another screen or a reload. */

import type { UseFormReturnType } from '@mantine/form';
import { useEffect, useRef, useState } from 'react';
import { z } from 'zod';
import { same } from './keptDocument.ts';
import { remember, remembered } from './unsent.ts';
import { sameFields } from './sameFields.ts';

/**
 * @param key names the record whose form it is
 * @returns whether the form was opened with what was typed before, and a way to drop it
 */
export function useKeptForm<T extends object>(
  key: string,
  form: UseFormReturnType<T>,
): { readonly resumed: boolean; readonly drop: () => void } {
  const [resumed, setResumed] = useState(false);
  const begun = useRef(false);
  const start = useRef(form.getInitialValues());
  useEffect(() => {
    if (begun.current) return;
    begun.current = true;
    const typed = remembered(`form ${key}`, z.unknown());
    if (!sameFields(start.current, typed) || same(typed, start.current)) return;
    form.setValues(typed);
    setResumed(true);
    // Once, when the form is opened.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  const dirty = form.isDirty();
  const values = form.getValues();
  useEffect(() => {
    if (begun.current) remember(`form ${key}`, dirty ? values : undefined);
  }, [key, dirty, values]);
  return {
    resumed: resumed && dirty,
    drop: () => {
      form.setValues(form.getInitialValues());
      setResumed(false);
    },
  };
}
