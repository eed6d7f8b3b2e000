/** Beside a set's exercises: for whom they are, when, with whose numbers, and how far the marking is. */
import { roundTo } from '@hardy-sextant/core';
import type { KeptClass, KeptSet, SetDocument } from '@hardy-sextant/contract';
import { Field } from '../../ui/Field.tsx';
import { Pick } from '../../ui/Pick.tsx';
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
        <WhoseNumbers document={document} fixed={given} onChange={onChange} />
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
  readonly document: SetDocument;
  /** Students have theirs already. */
  readonly fixed: boolean;
  readonly onChange: (change: Partial<SetDocument>) => void;
}

const choices = [
  ['same', 'one set for all'],
  ['own', 'each student their own'],
  ['versions', 'a few versions, equally hard'],
] as const;
const counts = [2, 3, 4, 5, 6].map((count) => [String(count), `${count} versions`] as const);

function WhoseNumbers({ document: { numbers, versions }, fixed, onChange }: WhoseNumbersProps) {
  return (
    <fieldset className={styles.numbers} disabled={fixed}>
      <legend>Numbers</legend>
      {choices.map(([id, words]) => (
        <label key={id}>
          <input type="radio" name="numbers" checked={numbers === id} onChange={() => onChange({ numbers: id })} />{' '}
          {words}
        </label>
      ))}
      {numbers === 'versions' && (
        <Pick
          label="how many versions"
          value={String(versions)}
          options={counts}
          onPick={(count) => onChange({ versions: Number(count) })}
        />
      )}
    </fieldset>
  );
}
