/** Beside a set's exercises: for whom they are, when, with whose numbers, and how far the marking is. */
import { roundTo } from '@hardy-sextant/core';
import type { KeptClass, KeptSet, SetDocument } from '@hardy-sextant/contract';
import styles from './Sets.module.css';

interface SetFactsProps {
  readonly kept: KeptSet;
  readonly chosen: KeptClass;
  /** As it stands on screen. */
  readonly document: SetDocument;
  /** Marks of all exercises. */
  readonly total: number;
  readonly onChange: (change: Partial<SetDocument>) => void;
}

export function SetFacts({ kept, chosen, document, total, onChange }: SetFactsProps) {
  const given = kept.assignedAt !== undefined;
  return (
    <aside>
      <section className={`sheet ${styles.note}`}>
        <h2 className="label">For {chosen.code}</h2>
        <p>
          {document.items.length} {document.items.length === 1 ? 'exercise' : 'exercises'}, {roundTo(total, 2)} marks,{' '}
          {chosen.students} students
        </p>
        <label className={styles.field}>
          Given
          <input
            type="date"
            value={document.given}
            onChange={(event) => onChange({ given: event.currentTarget.value })}
          />
        </label>
        <label className={styles.field}>
          Due
          <input type="date" value={document.due} onChange={(event) => onChange({ due: event.currentTarget.value })} />
        </label>
        {document.given !== '' && document.due !== '' && document.due < document.given && (
          <p className={styles.problem}>It is due before it is given.</p>
        )}
        <fieldset className={styles.numbers} disabled={given}>
          <legend>Numbers</legend>
          <label>
            <input
              type="radio"
              name="numbers"
              checked={document.numbers === 'same'}
              onChange={() => onChange({ numbers: 'same' })}
            />{' '}
            one set for all
          </label>
          <label>
            <input
              type="radio"
              name="numbers"
              checked={document.numbers === 'own'}
              onChange={() => onChange({ numbers: 'own' })}
            />{' '}
            each student their own
          </label>
        </fieldset>
        {given && <p className="soft">Assigned: what students got stays as it was, numbers and all.</p>}
      </section>
      {given && (
        <section className={`sheet ${styles.note}`}>
          <h2 className="label">Marking</h2>
          <p>
            {kept.counts.submitted} of {kept.counts.students} have submitted, {kept.counts.toLookAt} answers are to be
            looked at
            {kept.counts.unmatched > 0 && `, ${kept.counts.unmatched} unmatched rows`}.
          </p>
        </section>
      )}
    </aside>
  );
}
