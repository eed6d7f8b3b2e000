/** The place for one answer: what is asked, what is typed, what it reads as, whether it has arrived; never whether it is right. */
import { useDebouncedValue } from '@mantine/hooks';
import { groupingProblem, numberStyleById, readAnswer, readRelation, writeBrief } from '@hardy-sextant/core';
import type { StudentPart } from '@hardy-sextant/contract';
import { useId, useState, type ReactNode } from 'react';
import { Act } from './Act.tsx';
import type { AnswerPlace } from './answerPlace.ts';
import { AnswerTable } from './AnswerTable.tsx';
import { EnteredFields } from './EnteredFields.tsx';
import styles from './Student.module.css';
import { timeOfDay } from '../ui/days.ts';
import { many, say } from '../words/say.ts';

interface PartAnswerProps {
  readonly part: StudentPart;
  readonly style: string;
  readonly place: AnswerPlace;
  /** Things to do under the answer. */
  readonly children?: ReactNode;
}

const QUIET_MS = 700;

export function PartAnswer({ part, style, place, children }: PartAnswerProps) {
  const id = useId();
  const [entered, setEntered] = useState(false);
  const [lines, setLines] = useState(false);
  const linesId = `${part.id}.lines`;
  const hasLines = lines || place.textOf(linesId) !== '';
  const isNumber = part.answer === 'number' || part.answer === 'choice';
  return (
    <div className={styles['part']}>
      <label className={styles['prompt']} htmlFor={id}>
        {part.id}&ensp;{part.prompt}{' '}
        <span className={styles['marks']}>{many(part.marks, '{{count}} mark', '{{count}} marks')}</span>
      </label>
      {part.answer === 'table' && part.table ? (
        <AnswerTable part={part} table={part.table} place={place} />
      ) : (
        <OneField id={id} part={part} style={style} place={place} />
      )}
      {isNumber && place.write && (
        <button type="button" className={styles['entry']} aria-expanded={entered} onClick={() => setEntered(!entered)}>
          {say(entered ? 'hide how I entered it' : 'show how I entered it')}
        </button>
      )}
      {isNumber && entered && <EnteredFields partId={part.id} place={place} />}
      <div className={styles['acts']}>
        {part.answer !== 'words' && place.write && (
          <Act aria-expanded={hasLines} onClick={() => setLines(!lines)}>
            {say('Lines of working')}
          </Act>
        )}
        {children}
      </div>
      {hasLines && (
        <>
          <div className={styles['field']} data-empty={place.textOf(linesId) === ''}>
            <textarea
              aria-label={`${say('Lines of working')}, ${part.id}`}
              placeholder={say('one step a line, such as 0.054 / 12 = 0.0045')}
              rows={4}
              value={place.textOf(linesId)}
              readOnly={!place.write}
              maxLength={20_000}
              onChange={(event) => place.write?.(linesId, event.currentTarget.value)}
            />
          </div>
          {place.noteOf?.(linesId)}
        </>
      )}
    </div>
  );
}

interface OneFieldProps extends Omit<PartAnswerProps, 'children'> {
  readonly id: string;
}

const hints: Readonly<Record<StudentPart['answer'], string>> = {
  number: say('a number, or a formula such as =PMT(…)'),
  choice: say('which one, and its number'),
  relation: say('such as V(n+1) = 1.005 · V(n) − 200, V(0) = 9000'),
  words: say('your answer'),
  table: say('your answer'),
};

function OneField({ id, part, style, place }: OneFieldProps) {
  const text = place.textOf(part.id);
  const common = {
    id,
    value: text,
    placeholder: hints[part.answer],
    readOnly: !place.write,
    'aria-describedby': `${id}-note`,
    onChange: (event: { readonly currentTarget: { readonly value: string } }) =>
      place.write?.(part.id, event.currentTarget.value),
  };
  return (
    <>
      <div className={styles['field']} data-empty={text === ''}>
        {part.answer === 'words' ? (
          <textarea rows={5} maxLength={20_000} {...common} />
        ) : (
          <input autoComplete="off" spellCheck={false} enterKeyHint="next" maxLength={2000} {...common} />
        )}
        {part.unit !== '' && <span className={styles['unit']}>{part.unit}</span>}
      </div>
      <div id={`${id}-note`} aria-live="polite">
        <ReadsAs part={part} text={text} style={style} />
        {place.noteOf?.(part.id)}
      </div>
    </>
  );
}

/** What is typed as a number, while it can still be mended. */
function ReadsAs({ part, text, style }: { readonly part: StudentPart; readonly text: string; readonly style: string }) {
  const [settled] = useDebouncedValue(text, QUIET_MS);
  if (settled.trim() === '' || settled !== text) return null;
  const numbers = numberStyleById(style);
  if (part.answer === 'relation') {
    const read = readRelation(settled, numbers);
    return read.ok ? null : (
      <p className={styles['wrong']}>{say('That cannot be read: {{why}}', { why: read.problem.message })}</p>
    );
  }
  if (part.answer !== 'number') return null;
  const grouping = groupingProblem(settled, numbers);
  if (grouping !== undefined)
    return <p className={styles['wrong']}>{say('That cannot be read: {{why}}', { why: grouping })}</p>;
  const read = readAnswer(settled, part.format, numbers, 0);
  if (!read.ok)
    return <p className={styles['wrong']}>{say('That cannot be read: {{why}}', { why: read.problem.message })}</p>;
  if (!read.value.typed) return null;
  return (
    <p className={styles['note']}>
      {say('reads as {{value}}', { value: writeBrief(read.value.value, 0, 6, numbers) })}
    </p>
  );
}

/** When an answer arrived, in a few words. */
export function KeptNote({ waiting, at }: { readonly waiting: boolean; readonly at: string | undefined }) {
  if (waiting) return <p className={styles['note']}>{say('kept on this device')}</p>;
  return at === undefined ? null : <p className={styles['note']}>{say('stored {{when}}', { when: timeOfDay(at) })}</p>;
}
