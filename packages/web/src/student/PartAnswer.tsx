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
import { timeIn, useWords } from './words.ts';

interface PartAnswerProps {
  readonly part: StudentPart;
  readonly style: string;
  readonly place: AnswerPlace;
  /** Things to do under the answer. */
  readonly children?: ReactNode;
}

const QUIET_MS = 700;

export function PartAnswer({ part, style, place, children }: PartAnswerProps) {
  const { say } = useWords();
  const id = useId();
  const [entered, setEntered] = useState(false);
  const [lines, setLines] = useState(false);
  const linesId = `${part.id}.lines`;
  const hasLines = lines || place.textOf(linesId) !== '';
  const isNumber = part.answer === 'number' || part.answer === 'choice';
  return (
    <div className={styles['part']}>
      <label className={styles['prompt']} htmlFor={id}>
        {part.id}&ensp;{part.prompt} <span className={styles['marks']}>{say('page.marks', { count: part.marks })}</span>
      </label>
      {part.answer === 'table' && part.table ? (
        <AnswerTable part={part} table={part.table} place={place} />
      ) : (
        <OneField id={id} part={part} style={style} place={place} />
      )}
      {isNumber && place.write && (
        <button type="button" className={styles['entry']} aria-expanded={entered} onClick={() => setEntered(!entered)}>
          {say(entered ? 'answer.enteredHide' : 'answer.entered')}
        </button>
      )}
      {isNumber && entered && <EnteredFields partId={part.id} place={place} />}
      <div className={styles['acts']}>
        {part.answer !== 'words' && place.write && (
          <Act aria-expanded={hasLines} onClick={() => setLines(!lines)}>
            {say('answer.lines')}
          </Act>
        )}
        {children}
      </div>
      {hasLines && (
        <>
          <div className={styles['field']} data-empty={place.textOf(linesId) === ''}>
            <textarea
              aria-label={`${say('answer.lines')}, ${part.id}`}
              placeholder={say('answer.linesHint')}
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

function OneField({ id, part, style, place }: OneFieldProps) {
  const { say } = useWords();
  const text = place.textOf(part.id);
  const hint = `answer.${part.answer === 'table' ? 'words' : part.answer}` as const;
  const common = {
    id,
    value: text,
    placeholder: say(hint),
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
  const { say } = useWords();
  const [settled] = useDebouncedValue(text, QUIET_MS);
  if (settled.trim() === '' || settled !== text) return null;
  const numbers = numberStyleById(style);
  if (part.answer === 'relation') {
    const read = readRelation(settled, numbers);
    return read.ok ? null : (
      <p className={styles['wrong']}>{say('answer.unreadable', { why: read.problem.message })}</p>
    );
  }
  if (part.answer !== 'number') return null;
  const grouping = groupingProblem(settled, numbers);
  if (grouping !== undefined) return <p className={styles['wrong']}>{say('answer.unreadable', { why: grouping })}</p>;
  const read = readAnswer(settled, part.format, numbers, 0);
  if (!read.ok) return <p className={styles['wrong']}>{say('answer.unreadable', { why: read.problem.message })}</p>;
  if (!read.value.typed) return null;
  return (
    <p className={styles['note']}>{say('answer.readsAs', { value: writeBrief(read.value.value, 0, 6, numbers) })}</p>
  );
}

/** When an answer arrived, in a few words. */
export function KeptNote({ waiting, at }: { readonly waiting: boolean; readonly at: string | undefined }) {
  const { say, language } = useWords();
  if (waiting) return <p className={styles['note']}>{say('answer.here')}</p>;
  return at === undefined ? null : (
    <p className={styles['note']}>{say('answer.kept', { when: timeIn(language, at) })}</p>
  );
}
