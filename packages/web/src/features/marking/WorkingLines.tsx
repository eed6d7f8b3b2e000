/** Lines of working that a student wrote beside an answer: each held against what could stand there, the first that goes wrong named. */
import { judgeLines, linesInWords, type Entries, type HouseRules, type JudgedLine } from '@hardy-sextant/core';
import { useDeferredValue, useMemo } from 'react';
import type { Cell } from './causes.ts';
import styles from './Marking.module.css';
import { say } from '../../words/say.ts';

interface WorkingLinesProps {
  readonly cell: Cell;
  readonly entries: Entries;
  readonly rules: HouseRules;
}

const marks: Readonly<Record<JudgedLine['is'], string>> = { stands: '✓', follows: '·', wrong: '✗', unread: '?' };
const words: Readonly<Record<JudgedLine['is'], string>> = {
  stands: say('could stand there'),
  follows: say('not known'),
  wrong: 'wrong',
  unread: say('left to the eye'),
};

export function WorkingLines({ cell, entries, rules }: WorkingLinesProps) {
  const text = useDeferredValue(entries[`${cell.part.id}.lines`] ?? '');
  const { exercise, itemId } = cell.assigned;
  const numbers = cell.student.numbers[itemId];
  const judged = useMemo(
    () => (text.trim() === '' ? undefined : judgeLines(exercise, cell.part.id, numbers ?? {}, text, rules)),
    [exercise, cell.part.id, numbers, text, rules],
  );
  if (!judged) return null;
  return (
    <section aria-label={say('Lines of working')}>
      <h3 className="label">{say('Lines of working')}</h3>
      <ol className={styles.lines}>
        {judged.lines.map((line, at) => (
          <li key={`${at} ${line.text}`} data-is={line.is} data-first={at === judged.firstWrong}>
            <span aria-label={words[line.is]} role="img">
              {marks[line.is]}
            </span>{' '}
            <span className="figures">{line.text}</span>
          </li>
        ))}
      </ol>
      <p>{linesInWords(judged)}</p>
    </section>
  );
}
