/** One section of a class at a time: what the address asks for, and the choice of it. */
import type { Marking } from '@hardy-sextant/contract';
import { useMemo } from 'react';
import { Pick } from '../../ui/Pick.tsx';
import { useSearchSetting } from '../../ui/useSearchSetting.ts';
import { say } from '../../words/say.ts';

/** A marking with the students of the section that the address names; everybody where it names none. */
export function useInSection(marking: Marking): Marking {
  const [search] = useSearchSetting();
  const section = search.get('section') ?? '';
  return useMemo(
    () =>
      section === ''
        ? marking
        : { ...marking, students: marking.students.filter((student) => student.section === section) },
    [marking, section],
  );
}

/** Stands where a class has sections. @param marking with everybody */
export function SectionPick({ marking }: { readonly marking: Marking }) {
  const [search, set] = useSearchSetting();
  const sections = useMemo(
    () => [...new Set(marking.students.map(({ section }) => section))].filter((each) => each !== '').sort(),
    [marking],
  );
  if (sections.length === 0) return null;
  return (
    <Pick
      label={say('section')}
      value={search.get('section') ?? ''}
      options={[['', say('all sections')], ...sections.map((each) => [each, each] as const)]}
      onPick={(id) => set('section', id)}
    />
  );
}
