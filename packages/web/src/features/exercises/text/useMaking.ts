/** Making exercises of what was read: one, or all that are ready, in one write. */
import { EXERCISE_FORMAT } from '@hardy-sextant/contract';
import type { Exercise } from '@hardy-sextant/core';
import { useState } from 'react';
import { useDeleteExercise, useImportExercises } from '../../../api/records.ts';
import { showUndo } from '../../../ui/showUndo.tsx';
import { madeOf, type Pasted } from './pasted.ts';
import type { ChangePasted } from './usePasted.ts';
import type { Readings } from './useReadings.ts';
import { many, say } from '../../../words/say.ts';

interface Making {
  readonly busy: boolean;
  /** What kept it from being made. */
  readonly problem: string;
  /** What was there already; no fault, and there is a way to it. */
  readonly said: string;
  /** Another problem is looked at: what was said of this one is over. */
  readonly hush: () => void;
  /** @returns the ids of what was made, in order */
  readonly make: (places: readonly number[]) => Promise<readonly string[]>;
}

/** Ready to be made: complete, and not made yet. */
export const isReady = (pasted: Pasted, readings: Readings, at: number): boolean =>
  pasted.problems[at]?.madeId === undefined && readings.of(at)?.leftOut !== undefined;

const isSame = (one: Exercise, other: Exercise): boolean => JSON.stringify(one.story) === JSON.stringify(other.story);

/** What is in the library already is opened from where it was pasted, and not made a second time. */
const saidOfSame = (same: number, ready: number): string =>
  ready === 1
    ? say('It is in your library already, word for word.')
    : many(
        same,
        'One of them is in your library already, word for word.',
        '{{count}} of them are in your library already, word for word.',
      );

export function useMaking(readings: Readings, onChange: ChangePasted): Making {
  const write = useImportExercises();
  const remove = useDeleteExercise();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const [said, setSaid] = useState('');
  const make = async (places: readonly number[]): Promise<readonly string[]> => {
    setProblem('');
    setSaid('');
    setBusy(true);
    try {
      const made = await Promise.all(places.map(async (at) => ({ at, exercise: await readings.make(at) })));
      const ready = made.flatMap(({ at, exercise }) => (exercise ? [{ at, exercise }] : []));
      if (ready.length === 0) {
        setProblem(say('Something is still missing.'));
        return [];
      }
      const exercises = ready.map(({ exercise }) => exercise);
      const { taken, same, refused } = await write.mutateAsync({ format: EXERCISE_FORMAT, version: 2, exercises });
      if (refused.length > 0)
        setProblem(
          refused
            .map(({ title, problems }) => `${title}: ${problems[0]?.message ?? say('it cannot be kept.')}`)
            .join(' '),
        );
      const idOf = (exercise: Exercise): string | undefined =>
        taken.find(({ document }) => document.exercise.title === exercise.title && isSame(document.exercise, exercise))
          ?.id;
      const ids = new Map(ready.map(({ at, exercise }) => [at, idOf(exercise)]));
      if (same.length > 0) setSaid(saidOfSame(same.length, ready.length));
      const known = new Map([...ids, ...same.map(({ place, id }) => [ready[place]!.at, id] as const)]);
      onChange(madeOf(known));
      const kept = taken.map(({ id }) => id);
      if (kept.length > 0)
        showUndo(many(kept.length, 'One exercise is made.', '{{count}} exercises are made.'), async () => {
          for (const id of kept) await remove.mutateAsync(id);
          // What was in the library before stays known.
          const gone = [...known].filter(([, id]) => id !== undefined && kept.includes(id));
          onChange(madeOf(new Map(gone.map(([at]) => [at, undefined]))));
        });
      return kept;
    } catch (error) {
      setProblem(error instanceof Error ? error.message : say('It could not be kept.'));
      return [];
    } finally {
      setBusy(false);
    }
  };
  return { busy, problem, said, hush: () => setSaid(''), make };
}
