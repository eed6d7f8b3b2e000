/** The parts of an exercise with their key, its limits, and the ways to try it. */
import type { Exercise } from '@hardy-sextant/core';
import { useState } from 'react';
import { withChanged, withMoved, withoutPart, withPart } from './changes.ts';
import { DrawsPanel } from './DrawsPanel.tsx';
import { Limits } from './Limits.tsx';
import { PartCard } from './PartCard.tsx';
import { TryIt } from './TryIt.tsx';
import type { ExerciseView } from './useExerciseView.ts';
import { TextButton } from '../../ui/TextButton.tsx';

interface PartsPaneProps {
  readonly exercise: Exercise;
  readonly view: ExerciseView;
  /** The plan that is open: a new part asks about it. */
  readonly planAt: number;
  readonly onChange: (change: (before: Exercise) => Exercise) => void;
  readonly onWork: (partId: string) => void;
}

export function PartsPane({ exercise, view, planAt, onChange, onWork }: PartsPaneProps) {
  const { problems, rules } = view;
  const [openPart, setOpenPart] = useState('');
  const marks = exercise.parts.reduce((sum, part) => sum + (Number(part.marks) || 0), 0);
  const addPart = () => {
    onChange((before) => withPart(before, planAt).exercise);
    setOpenPart(withPart(exercise, planAt).id);
  };
  return (
    <div>
      <h2 className="label">
        Parts · {marks} {marks === 1 ? 'mark' : 'marks'}
      </h2>
      <ol className="sheet list">
        {exercise.parts.map((part, at) => {
          const keyed = view.key[at];
          return (
            keyed && (
              <PartCard
                key={part.id}
                exercise={exercise}
                part={part}
                keyed={keyed}
                elsewhere={view.elsewhere.get(part.id) ?? []}
                problems={problems}
                rules={rules}
                open={openPart === part.id}
                onOpen={() => setOpenPart(part.id)}
                onChange={(changed) => onChange((before) => withChanged(before, changed))}
                onMove={(by) => onChange((before) => withMoved(before, at, by))}
                onRemove={() => onChange((before) => withoutPart(before, part.id))}
                onWork={() => onWork(part.id)}
              />
            )
          );
        })}
        <li>
          <TextButton onClick={addPart}>+ add a part</TextButton>
        </li>
      </ol>
      <Limits
        exercise={exercise}
        problems={problems}
        onChange={(limits) => onChange((before) => ({ ...before, limits }))}
      />
      <WhatIsMissing count={problems.length} />
      <DrawsPanel
        exercise={exercise}
        rules={rules}
        onShow={view.setNumbers}
        onLimit={(limit) => onChange((before) => ({ ...before, limits: [...(before.limits ?? []), limit] }))}
      />
      <TryIt exercise={exercise} numbers={view.numbers} rules={rules} />
    </div>
  );
}

function WhatIsMissing({ count }: { readonly count: number }) {
  if (count === 0) return null;
  return (
    <p className="doubt" role="status">
      A draft: {count} {count === 1 ? 'thing keeps' : 'things keep'} it from being assigned. It is kept all the same.
    </p>
  );
}
