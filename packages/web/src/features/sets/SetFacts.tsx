/** Beside a set's exercises: for whom they are, when, with whose numbers, and how far the marking is. */
import { roundTo } from '@hardy-sextant/core';
import { useState } from 'react';
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
        <OnTheirPage document={document} onChange={onChange} />
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

const purposes = [
  ['marks', 'for marks'],
  ['practice', 'to practise'],
] as const;

/** Whether students answer on their own page, and by which rules. */
function OnTheirPage({ document, onChange }: Omit<WhoseNumbersProps, 'fixed'>) {
  const { online, purpose, due, dueTime, late, lessADay, tools } = document;
  return (
    <fieldset className={styles.numbers}>
      <legend>Students’ own page</legend>
      <label>
        <input type="checkbox" checked={online} onChange={() => onChange({ online: !online })} /> students answer online
      </label>
      {online && (
        <>
          <label>
            It is <Pick value={purpose} options={purposes} onPick={(next) => onChange({ purpose: next })} />
          </label>
          {due !== '' && (
            <label>
              By what time <Field type="time" value={dueTime} onText={(text) => onChange({ dueTime: text })} />
            </label>
          )}
          {due !== '' && (
            <label>
              <input type="checkbox" checked={late} onChange={() => onChange({ late: !late })} /> late answers are taken
            </label>
          )}
          {due !== '' && late && <LessADay value={lessADay} onPick={(percent) => onChange({ lessADay: percent })} />}
          <label>
            <input type="checkbox" checked={tools} onChange={() => onChange({ tools: !tools })} /> a tool and a
            worksheet pad beside the questions
          </label>
        </>
      )}
    </fieldset>
  );
}

/** What each begun day of lateness costs. */
function LessADay({ value, onPick }: { readonly value: number; readonly onPick: (percent: number) => void }) {
  const [text, setText] = useState(String(value));
  const number = Number(text.replace(',', '.'));
  const fits = text.trim() !== '' && Number.isFinite(number) && number >= 0 && number <= 100;
  return (
    <label>
      each day late costs{' '}
      <Field
        className="short"
        inputMode="decimal"
        value={text}
        aria-invalid={!fits}
        onText={(typed) => {
          setText(typed);
          const percent = Number(typed.replace(',', '.'));
          if (typed.trim() !== '' && percent >= 0 && percent <= 100) onPick(percent);
        }}
      />{' '}
      %{!fits && <span className="wrong"> From 0 to 100.</span>}
    </label>
  );
}
