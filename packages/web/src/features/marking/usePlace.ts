/** Which answer is looked at. It moves with each key at once; the address follows, so that a link shows the same answer. */
import { useDebouncedCallback } from '@mantine/hooks';
import type { MarkedStudent } from '@hardy-sextant/contract';
import { useMemo, useState } from 'react';
import { useLocation } from 'react-router';
import { followAddress, useAddress } from '../../ui/useSearchSetting.ts';
import type { Column } from './causes.ts';
import type { Place } from './MarkingRow.tsx';

/** @param begin the student to begin with, whatever the address says */
export function usePlace(
  shown: readonly MarkedStudent[],
  columns: readonly Column[],
  begin?: string,
): { readonly place: Place | undefined; readonly choose: (place: Place) => void } {
  const [search] = useAddress();
  const { pathname } = useLocation();
  const [wanted, setWanted] = useState<Partial<Place>>({
    studentId: begin ?? search.get('student') ?? '',
    column: search.get('at') ?? '',
  });
  const place = useMemo(() => {
    const student = shown.find(({ id }) => id === wanted.studentId) ?? shown[0];
    const at = columns.find(({ id }) => id === wanted.column) ?? columns[0];
    return student && at ? { studentId: student.id, column: at.id } : undefined;
  }, [shown, columns, wanted]);
  const follow = useDebouncedCallback(({ studentId, column }: Place) => {
    if (window.location.pathname !== pathname) return;
    followAddress((settings) => {
      settings.set('student', studentId);
      settings.set('at', column);
    });
  }, 250);
  const choose = (next: Place) => {
    setWanted(next);
    follow(next);
  };
  return { place, choose };
}
