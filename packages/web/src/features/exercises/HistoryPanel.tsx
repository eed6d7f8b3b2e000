/** Earlier states of an exercise: what differs from now, and taking one back. */
import { Button, Modal } from '@mantine/core';
import {
  nth,
  answerKey,
  storyText,
  type Exercise,
  type HouseRules,
  type KeyedPart,
  type Result,
} from '@hardy-sextant/core';
import type { ExerciseRevision } from '@hardy-sextant/contract';
import { useState } from 'react';
import { useExerciseRevisions } from '../../api/records.ts';
import { Failed, Loading } from '../../ui/States.tsx';
import { askSaid } from './AskFields.tsx';
import styles from './ExercisePage.module.css';
import { momentInWords } from '../../ui/days.ts';
import { say } from '../../words/say.ts';

interface HistoryPanelProps {
  readonly exerciseId: string;
  readonly present: Exercise;
  readonly rules: HouseRules;
  readonly onRestore: (exercise: Exercise) => void;
  readonly onClose: () => void;
}

/** An exercise as lines that can be compared. */
function linesOf(exercise: Exercise, rules: HouseRules): string[] {
  const key = answerKey(exercise, {}, rules);
  return [
    say('Title: {{title}}', { title: exercise.title }),
    ...storyText(exercise.story)
      .split('\n')
      .map((line) => say('Story: {{line}}', { line })),
    ...(exercise.givens ?? []).map((given) =>
      say('Given {{name}}: {{now}}, {{value}}', {
        name: given.name,
        now: given.now,
        value:
          given.vary.by === 'range'
            ? say('{{from}} to {{to}} by {{step}}', { from: given.vary.from, to: given.vary.to, step: given.vary.step })
            : given.vary.by === 'list'
              ? given.vary.values
              : given.vary.by === 'expression'
                ? given.vary.text
                : say('stays'),
      }),
    ),
    ...exercise.plans.map(({ id, name, draft }) =>
      say('Plan {{name}}: {{entries}}; {{changes}} changes', {
        name: name ?? id,
        entries: Object.entries(draft.slots)
          .map(([slot, text]) => `${slot} ${slot === draft.unknown ? '?' : text}`)
          .join(', '),
        changes: draft.changes.length,
      }),
    ),
    ...exercise.parts.map(
      (part, at) =>
        `Part ${part.id} (${part.marks}): ${part.prompt} → ${askSaid(exercise, part.ask)} = ${writtenKey(nth(key, at))}`,
    ),
  ];
}

const writtenKey = (keyed: Result<KeyedPart>): string => (keyed.ok ? keyed.value.written : say('no key'));

export function HistoryPanel({ exerciseId, present, rules, onRestore, onClose }: HistoryPanelProps) {
  const revisions = useExerciseRevisions(exerciseId);
  const [shown, setShown] = useState<ExerciseRevision>();
  const then = shown ? linesOf(shown.document.exercise, rules) : [];
  const now = linesOf(present, rules);
  return (
    <Modal opened onClose={onClose} title={say('Earlier states')} size="xl">
      {revisions.isPending && <Loading what={say('earlier states')} />}
      {revisions.isError && (
        <Failed what={say('history')} error={revisions.error} again={() => void revisions.refetch()} />
      )}
      <div className="beside first-side">
        <ol className="list picks" style={{ maxHeight: 420, overflowY: 'auto' }} aria-label={say('States')}>
          {revisions.data?.map((each) => (
            <li key={each.revision}>
              <button type="button" aria-pressed={each === shown} onClick={() => setShown(each)}>
                {momentInWords(each.at)}{' '}
                <span className="soft">{say('no. {{revision}}', { revision: each.revision })}</span>
              </button>
            </li>
          ))}
        </ol>
        <div>
          {!shown && <p className="soft">{say('Choose a state to see what differs from now.')}</p>}
          {shown && (
            <>
              {then.join() === now.join() && <p>{say('It is as it is now.')}</p>}
              {then
                .filter((line) => !now.includes(line))
                .map((line) => (
                  <p key={`then ${line}`} className={styles.then}>
                    {say('then · {{line}}', { line })}
                  </p>
                ))}
              {now
                .filter((line) => !then.includes(line))
                .map((line) => (
                  <p key={`now ${line}`} className={styles.nowLine}>
                    {say('now · {{line}}', { line })}
                  </p>
                ))}
              <Button
                variant="filled"
                disabled={then.join() === now.join()}
                onClick={() => onRestore(shown.document.exercise)}
              >
                {say('Take this state back')}
              </Button>
            </>
          )}
        </div>
      </div>
    </Modal>
  );
}
