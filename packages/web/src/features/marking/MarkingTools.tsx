/** What of a marking is shown: exercise, part, verdict, cause; kept in the address. Undo and redo beside it. */
import { Button } from '@mantine/core';
import type { KeptSet } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Chip } from '../../ui/Chip.tsx';
import { useSearchSetting } from '../../ui/useSearchSetting.ts';
import { verdictLooks } from '../../ui/verdictLooks.ts';
import type { MarkingView } from './useMarkingView.ts';
import type { Steps } from './useSteps.ts';
import styles from './Marking.module.css';

interface MarkingToolsProps {
  readonly kept: KeptSet;
  readonly view: MarkingView;
  readonly which: string;
  readonly kind: string;
  readonly column: string;
  readonly steps: Steps;
}

export function MarkingTools({ kept: { assignedExercises }, view, which, kind, column, steps }: MarkingToolsProps) {
  const [, set] = useSearchSetting();
  return (
    <div className={styles.tools} role="group" aria-label="Show">
      <select aria-label="exercise" value={which} onChange={(event) => set('exercise', event.currentTarget.value)}>
        {assignedExercises.map(({ itemId, exercise }, at) => (
          <option key={itemId} value={itemId}>
            {at + 1} · {exercise.title}
          </option>
        ))}
        {assignedExercises.length > 1 && <option value="all">all {assignedExercises.length} exercises</option>}
      </select>
      <select aria-label="part" value={column} onChange={(event) => set('part', event.currentTarget.value)}>
        <option value="">all parts</option>
        {view.columns.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
      <select aria-label="verdict" value={kind} onChange={(event) => set('verdict', event.currentTarget.value)}>
        <option value="">all verdicts</option>
        {Object.entries(verdictLooks).map(([id, { word }]) => (
          <option key={id} value={id}>
            {word}
          </option>
        ))}
      </select>
      <Button size="compact-sm" disabled={!steps.canUndo} onClick={steps.undo}>
        Undo
      </Button>
      <Button size="compact-sm" disabled={!steps.canRedo} onClick={steps.redo}>
        Redo
      </Button>
    </div>
  );
}

/** So many causes are shown before the others are asked for. */
const FIRST_CAUSES = 7;

export function CauseChips({
  view: { causes, inColumn },
  cause,
}: {
  readonly view: MarkingView;
  readonly cause: string;
}) {
  const [, set] = useSearchSetting();
  const [more, setMore] = useState(false);
  const shown = more ? causes : causes.filter(({ id }, at) => at < FIRST_CAUSES || id === cause);
  return (
    <div className={styles.chips} role="group" aria-label="Causes">
      <Chip name="All" count={inColumn.length} pressed={cause === ''} onPress={() => set('cause', '')} />
      {shown.map(({ id, name, count }) => (
        <Chip
          key={id}
          name={name}
          count={count}
          pressed={cause === id}
          onPress={() => set('cause', cause === id ? '' : id)}
        />
      ))}
      {causes.length > FIRST_CAUSES && (
        <Button size="compact-sm" variant="subtle" aria-expanded={more} onClick={() => setMore(!more)}>
          {more ? 'fewer' : `${causes.length - FIRST_CAUSES} more`}
        </Button>
      )}
    </div>
  );
}
