/** The worksheets of an exercise: whose each is, what is wrong in it; narrowed by cause. */
import type { KeptWorksheet, MarkedStudent } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Chip } from '../../../ui/Chip.tsx';
import { TextButton } from '../../../ui/TextButton.tsx';
import styles from './Worksheets.module.css';
import { many, say } from '../../../words/say.ts';

interface WorksheetListProps {
  readonly worksheets: readonly KeptWorksheet[];
  readonly students: ReadonlyMap<string, Pick<MarkedStudent, 'name' | 'number'>>;
  readonly chosen: string | undefined;
  readonly onChoose: (id: string) => void;
}

export function WorksheetList({ worksheets, students, chosen, onChoose }: WorksheetListProps) {
  return (
    <ul className="sheet list" aria-label={say('worksheets')}>
      {worksheets.map(({ id, studentId, name, summary }) => {
        const student = studentId === null ? undefined : students.get(studentId);
        return (
          <li key={id}>
            <button
              type="button"
              className={styles.entry}
              aria-current={id === chosen ? 'true' : undefined}
              onClick={() => onChoose(id)}
            >
              <strong>
                {student?.name ?? (studentId === null ? say('Nobody yet') : say('A student who has withdrawn'))}
              </strong>
              <span>{name}</span>
              <span>{said(summary)}</span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}

function said({ says, causes, wrong, cells }: KeptWorksheet['summary']): string {
  if (says) return says;
  const faults = causes.filter(({ remark }) => !remark);
  if (faults.length > 0) return faults.map(({ title }) => title).join(' · ');
  if (wrong > 0) return many(wrong, '1 cell is not explained', '{{count}} cells are not explained');
  return cells === 0 ? say('nothing was found') : 'right';
}

interface CauseChipsProps {
  readonly worksheets: readonly KeptWorksheet[];
  readonly chosen: string;
  readonly onCause: (id: string) => void;
}

/** A chip a cause, the commonest first: all worksheets in which it happened. */
export function CauseChips({ worksheets, chosen, onCause }: CauseChipsProps) {
  const counts = new Map<string, { title: string; count: number }>();
  for (const { summary } of worksheets)
    for (const { id, title } of summary.causes.filter(
      (cause, at, all) => all.findIndex((each) => each.id === cause.id) === at,
    ))
      counts.set(id, { title, count: (counts.get(id)?.count ?? 0) + 1 });
  const sorted = [...counts].sort(([, one], [, other]) => other.count - one.count);
  const [shown, setShown] = useState(MOST_CHIPS);
  if (sorted.length === 0) return null;
  // The one that is chosen stays in sight.
  const chips = sorted.filter(([id], at) => at < shown || id === chosen);
  return (
    <div className={`line small ${styles.chips}`}>
      <Chip name={say('All')} count={worksheets.length} pressed={chosen === ''} onPress={() => onCause('')} />
      {chips.map(([id, { title, count }]) => (
        <Chip
          key={id}
          name={title}
          count={count}
          pressed={chosen === id}
          onPress={() => onCause(chosen === id ? '' : id)}
        />
      ))}
      {chips.length < sorted.length && (
        <TextButton onClick={() => setShown(sorted.length)}>
          {many(sorted.length - chips.length, '{{count}} more', '{{count}} more')}
        </TextButton>
      )}
    </div>
  );
}

const MOST_CHIPS = 5;
