/** The plans behind an exercise, each a statement whose slots hold numbers, givens, expressions or earlier answers. */
import {
  asKind,
  emptyDraft,
  newChange,
  solveCase,
  isSaving,
  kindOf,
  kinds,
  statementKinds,
  type Exercise,
  type ExercisePlan,
  type HouseRules,
  type Scope,
  type StatementDraft,
} from '@hardy-sextant/core';
import { useMemo } from 'react';
import { AddChange, Changes, newId } from '../../statement/Changes.tsx';
import { Statement } from '../../statement/Statement.tsx';
import { Chip } from '../../ui/Chip.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { freeName } from './changes.ts';
import { planAtPlace } from './planAtPlace.ts';
import type { useKeptExercise } from './useKeptExercise.ts';
import { Field } from '../../ui/Field.tsx';
import { TextButton } from '../../ui/TextButton.tsx';
import { say } from '../../words/say.ts';

interface PlansProps {
  readonly exercise: Exercise;
  /** What the slots may name, with the numbers in force. */
  readonly names: Scope;
  readonly rules: HouseRules;
  readonly at: number;
  readonly onAt: (at: number) => void;
  readonly onChange: ReturnType<typeof useKeptExercise>['change'];
}

export function Plans({ exercise, names, rules, at, onAt, onChange }: PlansProps) {
  const plan = planAtPlace(exercise, at);
  const outcome = useMemo(() => solveCase(plan.draft, rules.rounding, names), [plan.draft, rules.rounding, names]);
  const { setPlan, add, remove } = usePlanChanges({ exercise, plan, onAt, onChange });
  const setDraft = (draft: StatementDraft) => setPlan({ draft });
  const kind = kindOf(plan.draft);
  const several = exercise.plans.length > 1;
  return (
    <>
      <div className="line">
        <h2 className="label">{several ? say('The plans behind it') : say('The plan behind it')}</h2>
        {several &&
          exercise.plans.map((each, place) => (
            <Chip key={each.id} name={each.name ?? each.id} pressed={each.id === plan.id} onPress={() => onAt(place)} />
          ))}
        <TextButton disabled={exercise.plans.length >= 10} onClick={add}>
          {say('+ another plan')}
        </TextButton>
        <span style={{ marginLeft: 'auto' }}>
          <Pick
            label={say('kind of plan')}
            className="control quiet"
            value={plan.draft.kind}
            options={statementKinds.map((each) => [each, kinds[each].title])}
            onPick={(each) => setDraft(asKind(plan.draft, each))}
          />
        </span>
      </div>
      <div className="sheet stack roomy">
        {several && <PlanName name={plan.name ?? ''} onName={(name) => setPlan({ name })} onRemove={remove} />}
        <Statement draft={plan.draft} outcome={outcome} rounding={rules.rounding} names={names} onChange={setDraft} />
        {kind.takesChanges && (
          <>
            <Changes
              draft={plan.draft}
              outcome={outcome}
              onChange={(changes) => setDraft({ ...plan.draft, changes })}
            />
            <AddChange
              saving={isSaving(kind)}
              onAdd={(change) =>
                setDraft({ ...plan.draft, changes: [...plan.draft.changes, newChange(change, newId())] })
              }
            />
          </>
        )}
        {outcome.state === 'waiting' && (
          <p className="soft">
            {say('Fill in every slot with a number, a given, or an expression such as years × 12.')}
          </p>
        )}
      </div>
    </>
  );
}

function usePlanChanges({
  exercise: { plans },
  plan,
  onAt,
  onChange,
}: Pick<PlansProps, 'exercise' | 'onAt' | 'onChange'> & { readonly plan: ExercisePlan }) {
  const write = (next: (plans: readonly ExercisePlan[]) => readonly ExercisePlan[]) =>
    onChange((before) => ({ ...before, plans: next(before.plans) }));
  const setPlan = (part: Partial<ExercisePlan>) =>
    write((all) => all.map((each) => (each.id === plan.id ? { ...each, ...part } : each)));
  const add = () => {
    const id = freeName(
      (k) => `plan-${k}`,
      plans.map((each) => each.id),
    );
    const draft = { ...emptyDraft(), numberStyle: plan.draft.numberStyle };
    write((all) => [
      ...all.map((each, place) => (each.name ? each : { ...each, name: say('plan {{place}}', { place: place + 1 }) })),
      { id, name: say('plan {{all}}', { all: all.length + 1 }), draft },
    ]);
    onAt(plans.length);
  };
  const remove = () => {
    write((all) => all.filter(({ id }) => id !== plan.id));
    onAt(0);
  };
  return { setPlan, add, remove };
}

interface PlanNameProps {
  readonly name: string;
  readonly onName: (name: string) => void;
  readonly onRemove: () => void;
}

function PlanName({ name, onName, onRemove }: PlanNameProps) {
  return (
    <div className="line small">
      <label>
        {say('called')} <Field className="grow" label={say('name of the plan')} value={name} onText={onName} />
      </label>
      <TextButton onClick={onRemove}>{say('remove this plan')}</TextButton>
    </div>
  );
}
