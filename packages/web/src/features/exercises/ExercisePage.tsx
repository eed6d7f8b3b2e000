/** One exercise: what students read, the givens, the plans behind it, its parts with their key; tried, drawn, worked. */
import { notifications } from '@mantine/notifications';
import { storyText, type Exercise } from '@hardy-sextant/core';
import type { KeptExercise, KeptRules } from '@hardy-sextant/contract';
import { lazy, Suspense, useState } from 'react';
import { useParams } from 'react-router';
import { ChangedElsewhere } from '../../ui/ChangedElsewhere.tsx';
import { NumberStyleProvider } from '../../statement/Figures.tsx';
import { useExercise } from '../../api/records.ts';
import { useRules } from '../../api/rulesRecords.ts';
import { Chip } from '../../ui/Chip.tsx';
import { Failed, LoadingPage } from '../../ui/States.tsx';
import { useSearchSetting } from '../../ui/useSearchSetting.ts';
import { ExerciseHead } from './ExerciseHead.tsx';
import { GivensTable } from './GivensTable.tsx';
import { HistoryPanel } from './HistoryPanel.tsx';
import { PartWorked } from './PartWorked.tsx';
import { PartsPane } from './PartsPane.tsx';
import { Places } from './Places.tsx';
import { Plans } from './Plans.tsx';
import { renamed } from './rename.ts';
import { useExerciseView, type ExerciseView } from './useExerciseView.ts';
import { useKeptExercise } from './useKeptExercise.ts';
import { useRulesInForce } from './useRulesInForce.ts';
import { TextButton } from '../../ui/TextButton.tsx';
import { say } from '../../words/say.ts';

/** Without the server the editor of the story may not come: the rest of the exercise works all the same. */
function StoryNotHere({
  exercise,
}: {
  readonly exercise: Exercise;
  readonly onChange: (story: Exercise['story']) => void;
}) {
  return (
    <>
      <p className="story">{storyText(exercise.story)}</p>
      <p role="status">
        {say('The story cannot be changed while the server is away. Load the page again when it is back.')}
      </p>
    </>
  );
}

const StoryEditor = lazy(() => import('./StoryEditor.tsx').catch(() => ({ default: StoryNotHere })));

export function ExercisePage() {
  const { exerciseId } = useParams();
  const kept = useExercise(exerciseId);
  const rules = useRules();
  if (kept.isError && !kept.data)
    return <Failed what={say('exercise')} error={kept.error} again={() => void kept.refetch()} />;
  if (rules.isError && !rules.data)
    return <Failed what={say('house rules')} error={rules.error} again={() => void rules.refetch()} />;
  if (!kept.data || !rules.data) return <LoadingPage title={say('Exercise')} what={say('the exercise')} />;
  return <ExerciseEditor key={kept.data.id} kept={kept.data} all={rules.data} />;
}

type Change = ReturnType<typeof useKeptExercise>['change'];

function ExerciseEditor({ kept, all }: { readonly kept: KeptExercise; readonly all: readonly KeptRules[] }) {
  const [search, set] = useSearchSetting();
  const { exercise, change, phase, problem, theirs, settle, flush } = useKeptExercise(kept);
  const [planAt, setPlanAt] = useState(0);
  const { rules, others } = useRulesInForce(kept, all);
  const view = useExerciseView(exercise, rules, others);
  const restore = (earlier: Exercise) => {
    change(earlier);
    set('history', '');
    notifications.show({ message: say('The earlier state is back; what was there before is in the history too.') });
  };
  return (
    <NumberStyleProvider value={view.style}>
      <ExerciseHead
        kept={kept}
        exercise={exercise}
        phase={phase}
        flush={flush}
        onChange={change}
        onHistory={() => set('history', 'on')}
      />
      {problem && (
        <p role="alert" className="wrong">
          {say('{{problem}} What you see here is not stored yet.', { problem })}
        </p>
      )}
      {view.isDraw && <OneDraw view={view} />}
      <div className="beside even">
        <WhatIsGiven exercise={exercise} view={view} planAt={planAt} onPlanAt={setPlanAt} onChange={change} />
        <PartsPane exercise={exercise} view={view} planAt={planAt} onChange={change} onWork={(id) => set('work', id)} />
      </div>
      <WorkedPart exercise={exercise} view={view} partId={search.get('work') ?? ''} onPart={(id) => set('work', id)} />
      {search.get('history') === 'on' && (
        <HistoryPanel
          exerciseId={kept.id}
          present={exercise}
          rules={rules}
          onClose={() => set('history', '')}
          onRestore={restore}
        />
      )}
      <ChangedElsewhere
        what={say('this exercise')}
        theirs={theirs?.document.exercise.title}
        mine={exercise.title}
        onTheirs={() => settle('theirs')}
        onMine={() => settle('mine')}
      />
    </NumberStyleProvider>
  );
}

function OneDraw({ view: { givens, backToOwn } }: { readonly view: ExerciseView }) {
  const numbers = Object.entries(givens.written).map(([name, text]) => `${name} ${text}`);
  return (
    <p role="status" className="said">
      {say('You see one draw: {{numbers}}.', { numbers: numbers.join(', ') })}{' '}
      <TextButton onClick={backToOwn}>{say('back to the exercise’s own numbers')}</TextButton>
    </p>
  );
}

interface WhatIsGivenProps {
  readonly exercise: Exercise;
  readonly view: ExerciseView;
  readonly planAt: number;
  readonly onPlanAt: (at: number) => void;
  readonly onChange: Change;
}

/** What students read, the givens in it, and the plans behind it. */
function WhatIsGiven({ exercise, view, planAt, onPlanAt, onChange }: WhatIsGivenProps) {
  const { givens, problems, names, rules, style } = view;
  return (
    <div>
      <h2 className="label">{say('What students read')}</h2>
      <div className="sheet stack roomy">
        <Suspense fallback={<p className="story">{storyText(exercise.story, givens.written)}</p>}>
          <StoryEditor exercise={exercise} onChange={(story) => onChange((before) => ({ ...before, story }))} />
        </Suspense>
        <Places of="story" problems={problems} />
      </div>
      <GivensTable
        givens={exercise.givens ?? []}
        problems={problems}
        style={style}
        onChange={(next, rename) =>
          onChange((before) =>
            rename ? renamed({ ...before, givens: next }, rename.from, rename.to) : { ...before, givens: next },
          )
        }
      />
      <Plans exercise={exercise} names={names} rules={rules} at={planAt} onAt={onPlanAt} onChange={onChange} />
    </div>
  );
}

interface WorkedPartProps {
  readonly exercise: Exercise;
  readonly view: ExerciseView;
  /** The part whose working is shown; another name for none. */
  readonly partId: string;
  readonly onPart: (id: string) => void;
}

function WorkedPart({ exercise, view: { key, numbers, rules }, partId, onPart }: WorkedPartProps) {
  const at = exercise.parts.findIndex(({ id }) => id === partId);
  const [part, keyed] = [exercise.parts[at], key[at]];
  if (!part || !keyed) return null;
  return (
    <section style={{ marginTop: 18 }} aria-label={say('Working of part {{id}}', { id: part.id })}>
      <div className="line">
        <h2 className="label">{say('Working')}</h2>
        {exercise.parts.map(({ id }) => (
          <Chip key={id} name={say('part {{id}}', { id })} pressed={id === partId} onPress={() => onPart(id)} />
        ))}
        <TextButton onClick={() => onPart('')}>{say('close')}</TextButton>
      </div>
      <PartWorked exercise={exercise} numbers={numbers} rules={rules} part={part} keyed={keyed} keys={key} />
    </section>
  );
}
