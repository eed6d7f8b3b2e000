/** The parts of an exercise with their key, its limits, and the ways to try it. */
import { Menu } from '@mantine/core';
import { solveCase, usualQuestions, type Exercise } from '@hardy-sextant/core';
import { useMemo, useState } from 'react';
import { MovableItems } from '../../ui/MovableItems.tsx';
import { withChanged, withCopy, withDropped, withMoved, withoutPart, withPart, withQuestion } from './changes.ts';
import { DrawsPanel } from './DrawsPanel.tsx';
import { Limits } from './Limits.tsx';
import { PartCard } from './PartCard.tsx';
import { planAtPlace } from './planAtPlace.ts';
import { TryIt } from './TryIt.tsx';
import type { ExerciseView } from './useExerciseView.ts';
import { TextButton } from '../../ui/TextButton.tsx';
import { many, say } from '../../words/say.ts';

interface PartsPaneProps {
  readonly exercise: Exercise;
  readonly view: ExerciseView;
  /** The plan that is open: a new part asks about it. */
  readonly planAt: number;
  readonly onChange: (change: (before: Exercise) => Exercise) => void;
  readonly onWork: (partId: string) => void;
}

export function PartsPane(props: PartsPaneProps) {
  const { exercise, view, onChange } = props;
  const { problems, rules } = view;
  const marks = exercise.parts.reduce((sum, part) => sum + (Number(part.marks) || 0), 0);
  return (
    <div>
      <h2 className="label">{many(marks, 'Parts · {{count}} mark', 'Parts · {{count}} marks')}</h2>
      <PartList {...props} />
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

/** The parts in their order, one of them open; moved by mouse or keyboard. */
function PartList({ exercise, view, planAt, onChange, onWork }: PartsPaneProps) {
  const { problems, rules } = view;
  const [openPart, setOpenPart] = useState('');
  const addPart = () => {
    onChange((before) => withPart(before, planAt).exercise);
    setOpenPart(withPart(exercise, planAt).id);
  };
  return (
    <MovableItems
      what={say('Part')}
      className="sheet list"
      ids={exercise.parts.map(({ id }) => id)}
      onDrop={(id, over) => onChange((before) => withDropped(before, id, over))}
    >
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
              onOpen={setOpenPart}
              onChange={(changed) => onChange((before) => withChanged(before, changed))}
              onMove={(by) => onChange((before) => withMoved(before, at, by))}
              onCopy={() => onChange((before) => withCopy(before, part.id))}
              onRemove={() => onChange((before) => withoutPart(before, part.id))}
              onWork={() => onWork(part.id)}
            />
          )
        );
      })}
      <li className="line small block">
        <TextButton onClick={addPart}>{say('+ add a part')}</TextButton>
        <UsualQuestions exercise={exercise} view={view} planAt={planAt} onChange={onChange} />
      </li>
    </MovableItems>
  );
}

/** The questions usually asked of the plan that is open; those that are asked already are not offered again. */
function UsualQuestions({ exercise, view, planAt, onChange }: Omit<PartsPaneProps, 'onWork'>) {
  const plan = planAtPlace(exercise, planAt);
  const { rules, names } = view;
  const questions = useMemo(() => {
    const outcome = solveCase(plan.draft, rules.rounding, names);
    return usualQuestions(plan, outcome.state === 'solved' ? outcome.solved.table.count : undefined);
  }, [plan, rules, names]);
  const asked = new Set(exercise.parts.map(({ ask }) => JSON.stringify(ask)));
  const open = questions.filter(({ ask }) => !asked.has(JSON.stringify(ask)));
  if (open.length === 0) return null;
  return (
    <Menu position="bottom-start" shadow="sm">
      <Menu.Target>
        <button type="button" className="link small">
          {say('a usual question ▾')}
        </button>
      </Menu.Target>
      <Menu.Dropdown>
        {open.map((question) => (
          <Menu.Item key={question.prompt} onClick={() => onChange((before) => withQuestion(before, question))}>
            {question.prompt}
          </Menu.Item>
        ))}
      </Menu.Dropdown>
    </Menu>
  );
}

function WhatIsMissing({ count }: { readonly count: number }) {
  if (count === 0) return null;
  return (
    <p className="doubt" role="status">
      {many(
        count,
        'A draft: {{count}} thing keeps it from being assigned. It is kept all the same.',
        'A draft: {{count}} things keep it from being assigned. It is kept all the same.',
      )}
    </p>
  );
}
