/** Try it as a student: answers typed against the exercise's own numbers or a draw's, each judged at once, with what is carried on. */
import {
  nth,
  checkSubmission,
  fillText,
  givensInForce,
  numberStyleById,
  type Exercise,
  type HouseRules,
  type Numbers,
} from '@hardy-sextant/core';
import { useMemo, useState } from 'react';
import { Field } from '../../ui/Field.tsx';
import { FilledTable } from '../../working/FilledTable.tsx';
import { VerdictMark } from '../../ui/VerdictMark.tsx';
import styles from './ExercisePage.module.css';
import { say } from '../../words/say.ts';

interface TryItProps {
  readonly exercise: Exercise;
  readonly numbers: Numbers;
  readonly rules: HouseRules;
}

export function TryIt({ exercise, numbers, rules }: TryItProps) {
  const [entries, setEntries] = useState<Readonly<Record<string, string>>>({});
  const style = numberStyleById(rules.numberStyle);
  const verdicts = useMemo(
    () => checkSubmission(exercise, numbers, entries, rules),
    [exercise, numbers, entries, rules],
  );
  const { written } = useMemo(() => givensInForce(exercise, numbers, style), [exercise, numbers, style]);
  const set = (id: string, text: string) => setEntries((before) => ({ ...before, [id]: text }));
  return (
    <section className="sheet block small" aria-label={say('Try it as a student')}>
      <h2 className="label">{say('Try it as a student')}</h2>
      {exercise.parts.map((part, at) => {
        const verdict = nth(verdicts, at);
        return (
          <div key={part.id} className="tight ruled-row">
            <p>
              <span className={styles.letter}>{part.id}</span> {fillText(part.prompt, written)}
            </p>
            {part.ask.quantity === 'table' ? (
              <FilledTable
                exercise={exercise}
                verdict={verdict}
                partId={part.id}
                entries={entries}
                onEntries={(more) => setEntries({ ...entries, ...more })}
                numbers={numbers}
                rules={rules}
              />
            ) : (
              <Field
                label={say('answer to part {{id}}', { id: part.id })}
                value={entries[part.id] ?? ''}
                autoComplete="off"
                spellCheck={false}
                onText={(text) => set(part.id, text)}
              />
            )}
            {(entries[part.id] ?? '') !== '' && (
              <div role="status">
                <VerdictMark verdict={verdict} />
                {verdict.explanations.slice(0, 2).map((each) => (
                  <p key={each.slips.join() + each.says}>{each.says}</p>
                ))}
                {verdict.explanations.length === 0 && verdict.says && <p>{verdict.says}</p>}
              </div>
            )}
          </div>
        );
      })}
    </section>
  );
}
