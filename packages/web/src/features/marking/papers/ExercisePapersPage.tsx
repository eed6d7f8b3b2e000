/** Papers of one exercise, or of a case, by itself, for anybody: questions, key, worked solutions, tables, formulas. */
import {
  defaultHouseRules,
  enteringStyleById,
  exerciseFromCase,
  type Exercise,
  type HouseRules,
} from '@hardy-sextant/core';
import { emptySet, type KeptRules, type Marking } from '@hardy-sextant/contract';
import { useMemo, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { useCase, useExercise } from '../../../api/records.ts';
import { useRules } from '../../../api/rulesRecords.ts';
import { Failed, LoadingPage } from '../../../ui/States.tsx';
import { useAllEnteringStyles } from '../../../working/useAllEnteringStyles.ts';
import { PapersDesk } from './PapersDesk.tsx';
import { say } from '../../../words/say.ts';

export function ExercisePapersPage() {
  const { exerciseId = '' } = useParams();
  const kept = useExercise(exerciseId);
  const rules = useRules();
  if (kept.isError && !kept.data)
    return <Failed what={say('exercise')} error={kept.error} again={() => void kept.refetch()} />;
  if (rules.isError && !rules.data)
    return <Failed what={say('house rules')} error={rules.error} again={() => void rules.refetch()} />;
  if (!kept.data || !rules.data) return <LoadingPage title={say('Papers')} what={say('the papers')} />;
  const { id, document, rulesId } = kept.data;
  const { exercise } = document;
  const where = (
    <>
      <Link to="/exercises">{say('Exercises')}</Link> ·{' '}
      <Link to={`/exercises/${id}`}>{exercise.title || say('An exercise')}</Link>
    </>
  );
  return <OfExercise exercise={exercise} rules={rulesIn(rules.data, rulesId)} where={where} />;
}

/** A case as the exercise that would be made of it. */
export function CasePapersPage() {
  const { caseId = '' } = useParams();
  const kept = useCase(caseId);
  const rules = useRules();
  const exercise = useMemo(() => {
    if (!kept.data || !rules.data) return undefined;
    const { title, document } = kept.data;
    const { rounding } = rulesIn(rules.data, document.rules);
    return exerciseFromCase({ title, draft: document.draft, variations: [], tags: [] }, rounding);
  }, [kept.data, rules.data]);
  if (kept.isError && !kept.data)
    return <Failed what={say('case')} error={kept.error} again={() => void kept.refetch()} />;
  if (rules.isError && !rules.data)
    return <Failed what={say('house rules')} error={rules.error} again={() => void rules.refetch()} />;
  if (!kept.data || !rules.data || !exercise) return <LoadingPage title={say('Papers')} what={say('the papers')} />;
  const where = (
    <>
      <Link to="/cases">{say('Cases')}</Link> · <Link to={`/bench/${caseId}`}>{kept.data.title}</Link>
    </>
  );
  return <OfExercise exercise={exercise} rules={rulesIn(rules.data, kept.data.document.rules)} where={where} />;
}

/** Those that are named by their id or by a class that follows them; the usual ones elsewhere. */
function rulesIn(all: readonly KeptRules[], id: string): HouseRules {
  const found = all.find((each) => each.id === id || each.classes.some((followed) => followed.id === id));
  return (found ?? all[0])?.rules ?? defaultHouseRules;
}

interface OfExerciseProps {
  readonly exercise: Exercise;
  readonly rules: HouseRules;
  readonly where: ReactNode;
}

function OfExercise({ exercise, rules, where }: OfExerciseProps) {
  const entering = enteringStyleById(rules.entering, useAllEnteringStyles());
  const marking = useMemo(() => markingOfNobody(exercise), [exercise]);
  const sources = useMemo(
    () => ({ marking, chosen: { code: '', term: '', rules }, entering, texts: [] }),
    [marking, rules, entering],
  );
  return <PapersDesk sources={sources} everybody={marking} where={where} alone />;
}

/** The exercise as a set that nobody has. */
function markingOfNobody(exercise: Exercise): Marking {
  return {
    set: {
      id: 'alone',
      classId: '',
      title: exercise.title || say('An exercise'),
      document: { ...emptySet, items: [{ id: 'e1', exerciseId: 'alone' }] },
      revision: 1,
      updatedAt: '',
      archived: false,
      assignedExercises: [{ itemId: 'e1', exercise, revision: 1, latest: 1, answered: 0 }],
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
