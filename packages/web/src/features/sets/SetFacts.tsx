/** Beside a set's exercises: for whom they are, when, with whose numbers, and how far the marking is. */
import { roundTo } from '@hardy-sextant/core';
import { useState } from 'react';
import type { KeptClass, KeptSet, SetDocument } from '@hardy-sextant/contract';
import { Field } from '../../ui/Field.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { MovedParts } from './MovedParts.tsx';
import styles from './Sets.module.css';
import { many, say } from '../../words/say.ts';

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
        <h2 className="label">{say('For {{code}}', { code: chosen.code })}</h2>
        <p>
          {many(
            document.items.length,
            '{{count}} exercise, {{roundTo}} marks, {{students}} students',
            '{{count}} exercises, {{roundTo}} marks, {{students}} students',
            { roundTo: roundTo(total, 2), students: chosen.students },
          )}
        </p>
        <label className="ends">
          {say('Given')}
          <Field type="date" value={document.given} onText={(text) => onChange({ given: text })} />
        </label>
        <label className="ends">
          {say('Due')}
          <Field type="date" value={document.due} onText={(text) => onChange({ due: text })} />
        </label>
        {document.given !== '' && document.due !== '' && document.due < document.given && (
          <p className="wrong">{say('It is due before it is given.')}</p>
        )}
        <WhoseNumbers document={document} fixed={given} onChange={onChange} />
        <OnTheirPage document={document} onChange={onChange} />
        {given && <p className="soft">{say('Assigned: what students got stays as it was, numbers and all.')}</p>}
      </section>
      <MovedParts kept={kept} chosen={chosen} />
      {given && (
        <section className="sheet block">
          <h2 className="label">{say('Marking')}</h2>
          <p>
            {say('{{submitted}} of {{students}} have submitted, {{toLookAt}} answers are to be looked at', {
              submitted: kept.counts.submitted,
              students: kept.counts.students,
              toLookAt: kept.counts.toLookAt,
            })}
            .{' '}
            {kept.counts.unmatched > 0 &&
              many(kept.counts.unmatched, '{{count}} row is unmatched.', '{{count}} rows are unmatched.')}
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
  ['same', say('one set for all')],
  ['own', say('each student their own')],
  ['versions', say('a few versions, equally hard')],
] as const;
const counts = [2, 3, 4, 5, 6].map((count) => [String(count), `${count} versions`] as const);

function WhoseNumbers({ document: { numbers, versions }, fixed, onChange }: WhoseNumbersProps) {
  return (
    <fieldset className={styles.numbers} disabled={fixed}>
      <legend>{say('Numbers')}</legend>
      {choices.map(([id, words]) => (
        <label key={id}>
          <input type="radio" name="numbers" checked={numbers === id} onChange={() => onChange({ numbers: id })} />{' '}
          {words}
        </label>
      ))}
      {numbers === 'versions' && (
        <Pick
          label={say('how many versions')}
          value={String(versions)}
          options={counts}
          onPick={(count) => onChange({ versions: Number(count) })}
        />
      )}
    </fieldset>
  );
}

const purposes = [
  ['marks', say('for marks')],
  ['practice', say('to practise')],
] as const;

/** Whether students answer on their own page, and by which rules. */
function OnTheirPage({ document, onChange }: Omit<WhoseNumbersProps, 'fixed'>) {
  const { online, purpose, due, dueTime, late, lessADay, tools } = document;
  return (
    <fieldset className={styles.numbers}>
      <legend>{say('Students’ own page')}</legend>
      <label>
        <input type="checkbox" checked={online} onChange={() => onChange({ online: !online })} />{' '}
        {say('students answer online')}
      </label>
      {online && (
        <>
          <label>
            {say('It is')} <Pick value={purpose} options={purposes} onPick={(next) => onChange({ purpose: next })} />
          </label>
          {due !== '' && (
            <label>
              {say('By what time')} <Field type="time" value={dueTime} onText={(text) => onChange({ dueTime: text })} />
            </label>
          )}
          {due !== '' && (
            <label>
              <input type="checkbox" checked={late} onChange={() => onChange({ late: !late })} />{' '}
              {say('late answers are taken')}
            </label>
          )}
          {due !== '' && late && <LessADay value={lessADay} onPick={(percent) => onChange({ lessADay: percent })} />}
          <label>
            <input type="checkbox" checked={tools} onChange={() => onChange({ tools: !tools })} />{' '}
            {say('a tool and a worksheet pad beside the questions')}
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
      {say('each day late costs')}{' '}
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
      %{!fits && <span className="wrong"> {say('From 0 to 100.')}</span>}
    </label>
  );
}
