/** Beside a set's exercises: for whom they are, when, with whose numbers, and how far the marking is. */
import { roundTo } from '@hardy-sextant/core';
import type { KeptClass, KeptSet, SetDocument } from '@hardy-sextant/contract';
import { Field } from '../../ui/Field.tsx';
import { MovedParts } from './MovedParts.tsx';
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
    <aside className="stack">
      <section className="sheet block">
        <h2 className="label">For {chosen.code}</h2>
        <p>
          {document.items.length} {document.items.length === 1 ? 'exercise' : 'exercises'}, {roundTo(total, 2)} marks,{' '}
          {chosen.students} students
        </p>
        <label className="ends">
          Given
          <Field type="date" value={document.given} onText={(text) => onChange({ given: text })} />
        </label>
        <label className="ends">
          Due
          <Field type="date" value={document.due} onText={(text) => onChange({ due: text })} />
        </label>
        {document.given !== '' && document.due !== '' && document.due < document.given && (
          <p className="wrong">It is due before it is given.</p>
        )}
        <WhoseNumbers numbers={document.numbers} fixed={given} onChange={(numbers) => onChange({ numbers })} />
        {given && <p className="soft">Assigned: what students got stays as it was, numbers and all.</p>}
      </section>
      <MovedParts kept={kept} chosen={chosen} />
      {given && (
        <section className="sheet block">
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

interface WhoseNumbersProps {
  readonly numbers: SetDocument['numbers'];
  /** Students have theirs already. */
  readonly fixed: boolean;
  readonly onChange: (numbers: SetDocument['numbers']) => void;
}

const choices = [
  ['same', 'one set for all'],
  ['own', 'each student their own'],
] as const;

function WhoseNumbers({ numbers, fixed, onChange }: WhoseNumbersProps) {
  return (
    <fieldset className={styles.numbers} disabled={fixed}>
      <legend>Numbers</legend>
      {choices.map(([id, words]) => (
        <label key={id}>
          <input type="radio" name="numbers" checked={numbers === id} onChange={() => onChange(id)} /> {words}
        </label>
      ))}
    </fieldset>
  );
}
