/** The plans behind an exercise, each a statement whose slots hold numbers, givens, expressions or earlier answers. */
import {
  emptyDraft,
  newChange,
  solveCase,
  isSaving,
  kindOf,
  kinds,
  statementKinds,
  type Exercise,
  type HouseRules,
  type Scope,
  type StatementDraft,
  type StatementKind,
} from '@hardy-sextant/core';
import { useMemo } from 'react';
import { AddChange, Changes, newId } from '../../ui/statement/Changes.tsx';
import { withKind } from '../../ui/statement/editing.ts';
import { Statement } from '../../ui/statement/Statement.tsx';
import { planAtPlace } from './planAtPlace.ts';
import type { useKeptExercise } from './useKeptExercise.ts';
import styles from './ExercisePage.module.css';

interface PlansProps {
  readonly exercise: Exercise;
  /** What the slots may name, with the numbers in force. */
  readonly names: Scope;
  readonly rules: HouseRules;
  readonly at: number;
  readonly onAt: (at: number) => void;
  readonly onChange: ReturnType<typeof useKeptExercise>['change'];
}

export function Plans({ exercise, names, rules, at: planAt, onAt: setPlanAt, onChange: change }: PlansProps) {
  const plan = planAtPlace(exercise, planAt);
  const outcome = useMemo(() => solveCase(plan.draft, rules.rounding, names), [plan.draft, rules.rounding, names]);
  const setDraft = (draft: StatementDraft) =>
    change((before) => ({
      ...before,
      plans: before.plans.map((each) => (each.id === plan.id ? { ...each, draft } : each)),
    }));
  return (
    <>
      <div className={styles.planTabs}>
        <h2 className="label">{exercise.plans.length > 1 ? 'The plans behind it' : 'The plan behind it'}</h2>
        {exercise.plans.length > 1 &&
          exercise.plans.map((each, at) => (
            <button key={each.id} type="button" aria-pressed={each.id === plan.id} onClick={() => setPlanAt(at)}>
              {each.name ?? each.id}
            </button>
          ))}
        <button
          type="button"
          className={styles.add}
          disabled={exercise.plans.length >= 10}
          onClick={() => {
            const id = `plan-${exercise.plans.length + 1}`;
            change((before) => ({
              ...before,
              plans: [
                ...before.plans.map((each, at) => (each.name ? each : { ...each, name: `plan ${at + 1}` })),
                {
                  id,
                  name: `plan ${before.plans.length + 1}`,
                  draft: { ...emptyDraft(), numberStyle: plan.draft.numberStyle },
                },
              ],
            }));
            setPlanAt(exercise.plans.length);
          }}
        >
          + another plan
        </button>
        <select
          className={styles.plainChoice}
          aria-label="kind of plan"
          value={plan.draft.kind}
          onChange={(event) => setDraft(withKind(plan.draft, event.currentTarget.value as StatementKind))}
        >
          {statementKinds.map((kind) => (
            <option key={kind} value={kind}>
              {kinds[kind].title}
            </option>
          ))}
        </select>
      </div>
      <div className={`sheet ${styles.block} ${styles.plan}`}>
        {exercise.plans.length > 1 && (
          <div className={styles.line}>
            <label>
              called{' '}
              <input
                className={styles.wide}
                aria-label="name of the plan"
                value={plan.name ?? ''}
                onChange={(event) => {
                  const name = event.currentTarget.value;
                  change((before) => ({
                    ...before,
                    plans: before.plans.map((each) => (each.id === plan.id ? { ...each, name } : each)),
                  }));
                }}
              />
            </label>
            <button
              type="button"
              className={styles.add}
              onClick={() => {
                change((before) => ({ ...before, plans: before.plans.filter(({ id }) => id !== plan.id) }));
                setPlanAt(0);
              }}
            >
              remove this plan
            </button>
          </div>
        )}
        <Statement draft={plan.draft} outcome={outcome} rounding={rules.rounding} names={names} onChange={setDraft} />
        {kindOf(plan.draft).takesChanges && (
          <>
            <Changes
              draft={plan.draft}
              outcome={outcome}
              onChange={(changes) => setDraft({ ...plan.draft, changes })}
            />
            <AddChange
              saving={isSaving(kindOf(plan.draft))}
              onAdd={(kind) => setDraft({ ...plan.draft, changes: [...plan.draft.changes, newChange(kind, newId())] })}
            />
          </>
        )}
        {outcome.state === 'waiting' && (
          <p className="soft">Fill in every slot with a number, a given, or an expression such as years × 12.</p>
        )}
      </div>
    </>
  );
}
