/** What of a marking is shown: exercise, part, verdict, cause; kept in the address. Undo and redo beside it. */
import { Button } from '@mantine/core';
import type { Marking } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Pick } from '../../ui/Pick.tsx';
import { Chip } from '../../ui/Chip.tsx';
import { useSearchSetting } from '../../ui/useSearchSetting.ts';
import { verdictLooks } from '../../ui/verdictLooks.ts';
import { PaperCode } from './PaperCode.tsx';
import { SectionPick } from './Sections.tsx';
import type { Filter, MarkingView } from './useMarkingView.ts';
import type { Steps } from './useSteps.ts';
import { many, say } from '../../words/say.ts';

interface MarkingToolsProps {
  /** With everybody. */
  readonly marking: Marking;
  readonly view: MarkingView;
  readonly filter: Filter;
  readonly steps: Steps;
  /** A student whose paper lies there. */
  readonly onStudent: (id: string) => void;
}

export function MarkingTools({ marking, view, filter, steps, onStudent }: MarkingToolsProps) {
  const { set: kept, students } = marking;
  const { assignedExercises } = kept;
  const [, set] = useSearchSetting();
  const { length: count } = assignedExercises;
  return (
    <div className="line small tools" role="group" aria-label={say('Show')}>
      <Pick
        label={say('exercise')}
        value={filter.which}
        options={[
          ...assignedExercises.map(({ itemId, exercise }, at) => [itemId, `${at + 1} · ${exercise.title}`] as const),
          ...(count > 1 ? [['all', say('all {{count}} exercises', { count })] as const] : []),
        ]}
        onPick={(id) => set('exercise', id)}
      />
      <Pick
        label={say('part')}
        value={filter.column}
        options={[['', say('all parts')], ...view.columns.map(({ id, name }) => [id, name] as const)]}
        onPick={(id) => set('part', id)}
      />
      <Pick
        label={say('verdict')}
        value={filter.kind}
        options={[
          ['', say('all verdicts')],
          ...Object.entries(verdictLooks).map(([id, { word }]) => [id, word] as const),
        ]}
        onPick={(id) => set('verdict', id)}
      />
      <SectionPick marking={marking} />
      <PaperCode setId={kept.id} students={students} onStudent={onStudent} />
      <Button size="compact-sm" disabled={!steps.canUndo} onClick={steps.undo}>
        {say('Undo')}
      </Button>
      <Button size="compact-sm" disabled={!steps.canRedo} onClick={steps.redo}>
        {say('Redo')}
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
    <div className="line chips" role="group" aria-label={say('Causes')}>
      <Chip name={say('All')} count={inColumn.length} pressed={cause === ''} onPress={() => set('cause', '')} />
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
          {more ? say('fewer') : many(causes.length - FIRST_CAUSES, '{{count}} more', '{{count}} more')}
        </Button>
      )}
    </div>
  );
}
