/** Papers of one exercise by itself, for anybody, with its own numbers: questions, key, worked solutions, tables, formulas. */
import { defaultHouseRules, enteringStyleById, type HouseRules } from '@hardy-sextant/core';
import { emptySet, type KeptExercise, type Marking } from '@hardy-sextant/contract';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { useExercise } from '../../../api/records.ts';
import { useRules } from '../../../api/rulesRecords.ts';
import { Failed, LoadingPage } from '../../../ui/States.tsx';
import { useAllEnteringStyles } from '../../../working/useAllEnteringStyles.ts';
import { PapersDesk } from './PapersDesk.tsx';

export function ExercisePapersPage() {
  const { exerciseId = '' } = useParams();
  const kept = useExercise(exerciseId);
  const rules = useRules();
  if (kept.isError && !kept.data)
    return <Failed what="exercise" error={kept.error} again={() => void kept.refetch()} />;
  if (rules.isError && !rules.data)
    return <Failed what="house rules" error={rules.error} again={() => void rules.refetch()} />;
  if (!kept.data || !rules.data) return <LoadingPage title="Papers" what="the papers" />;
  const followed = rules.data.find(({ id }) => id === kept.data.rulesId) ?? rules.data[0];
  return <OfExercise kept={kept.data} rules={followed?.rules ?? defaultHouseRules} />;
}

function OfExercise({ kept, rules }: { readonly kept: KeptExercise; readonly rules: HouseRules }) {
  const entering = enteringStyleById(rules.entering, useAllEnteringStyles());
  const marking = useMemo(() => markingOfNobody(kept), [kept]);
  const sources = useMemo(
    () => ({ marking, chosen: { code: '', term: '', rules }, entering, texts: [] }),
    [marking, rules, entering],
  );
  const { title } = kept.document.exercise;
  const where = (
    <>
      <Link to="/exercises">Exercises</Link> · <Link to={`/exercises/${kept.id}`}>{title || 'An exercise'}</Link>
    </>
  );
  return <PapersDesk sources={sources} everybody={marking} where={where} alone />;
}

/** The exercise as a set that nobody has. */
function markingOfNobody({ id, revision, updatedAt, document: { exercise } }: KeptExercise): Marking {
  return {
    set: {
      id,
      classId: '',
      title: exercise.title || 'An exercise',
      document: { ...emptySet, items: [{ id: 'e1', exerciseId: id }] },
      revision,
      updatedAt,
      archived: false,
      assignedExercises: [{ itemId: 'e1', exercise, revision, latest: revision, answered: 0 }],
      exercises: [],
      removed: [],
      counts: { students: 0, submitted: 0, toLookAt: 0, unmatched: 0 },
    },
    students: [],
    accepted: [],
    unmatchedRows: [],
    unchecked: 0,
  };
}
