/** Marking: the answers of a class to a set, judged, gathered by cause, decided on. Workable from the keyboard from first to last. */
import type { KeptClass, KeptSet, Marking } from '@hardy-sextant/contract';
import { useHotkeys } from '@mantine/hooks';
import { lazy, Suspense, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useBarNote } from '../../ui/BarNote.tsx';
import { useClass } from '../../api/setRecords.ts';
import { Empty, Failed, LoadingPage } from '../../ui/States.tsx';
import { useLatest } from '../../ui/useLatest.ts';
import { useAddress, useSearchSetting } from '../../ui/useSearchSetting.ts';
import { AskRelease, MarkingHead } from './MarkingHead.tsx';
import { MarkingField } from './MarkingField.tsx';
import {
  CheckingNotice,
  Failures,
  HeldNotices,
  LeftOverNotice,
  UnmatchedNotice,
  WaitingNotice,
} from './MarkingNotices.tsx';
import { useChecking, useMarking } from './markingRecords.ts';
import { CauseChips, MarkingTools } from './MarkingTools.tsx';
import { useInSection } from './Sections.tsx';
import { useAnswers, useWithPending } from './useAnswers.ts';
import { useDecisions, useWithDecisions } from './useDecisions.ts';
import { useMarkingView, type Filter } from './useMarkingView.ts';
import { useReleasing } from './useReleasing.ts';
import { useSteps } from './useSteps.ts';
import { say } from '../../words/say.ts';
import { Said } from '../../words/Said.tsx';

const ImportAnswers = lazy(() => import('./ImportAnswers.tsx'));

export function MarkingPage() {
  const { setId = '' } = useParams();
  const marking = useMarking(setId);
  const chosen = useClass(marking.data?.set.classId);
  if (marking.isError && !marking.data)
    return <Failed what={say('marking')} error={marking.error} again={() => void marking.refetch()} />;
  if (chosen.isError && !chosen.data)
    return <Failed what={say('class')} error={chosen.error} again={() => void chosen.refetch()} />;
  if (!marking.data || !chosen.data) return <LoadingPage title={say('Marking')} what={say('the answers')} />;
  return <MarkingDesk setId={setId} marking={marking.data} chosen={chosen.data} />;
}

interface MarkingDeskProps {
  readonly setId: string;
  readonly marking: Marking;
  readonly chosen: KeptClass;
}

function MarkingDesk({ setId, marking: stored, chosen }: MarkingDeskProps) {
  const checking = useChecking(setId, stored.unchecked);
  const does = useMarkingActs(setId, stored);
  const { marking, answers, decisions, steps } = does;
  const { set: kept, students } = marking;
  const release = useReleasing(setId, kept.revision, decisions);
  const [importing, setImporting] = useState(false);
  const [leftOver, setLeftOver] = useState<readonly string[]>();
  useBarNote(say('{{code}} · {{students}} students', { code: chosen.code, students: students.length }));
  const filter = useFilter(kept);
  const jump = useJump();
  const view = useMarkingView(useInSection(marking), chosen.rules, filter);
  return (
    <>
      <MarkingHead kept={kept} which={filter.which} release={release} onImport={() => setImporting(true)} />
      <CheckingNotice {...checking} />
      <WaitingNotice answers={answers} decisions={decisions} />
      <HeldNotices marking={stored} answers={answers} decisions={decisions} />
      <Failures errors={[steps.error, release.failed]} />
      <UnmatchedNotice count={marking.unmatchedRows.length} onLook={() => setImporting(true)} />
      <LeftOverNotice lines={leftOver} onPutAway={() => setLeftOver(undefined)} />
      <MarkingTools marking={marking} view={view} filter={filter} steps={steps} onStudent={jump.to} />
      <CauseChips view={view} cause={filter.cause} />
      {students.length === 0 ? (
        <Empty title={say('There is nobody in this class yet')}>
          <p>
            <Said
              text="<to>Add its students</to>, and their answers come in here."
              parts={{ to: <Link to={`/classes/${kept.classId}`} /> }}
            />
          </p>
        </Empty>
      ) : (
        <MarkingField
          key={jump.count}
          begin={jump.studentId}
          setId={setId}
          view={view}
          rules={chosen.rules}
          onLeftOver={setLeftOver}
          {...does.acts}
        />
      )}
      <AskRelease release={release} />
      {importing && (
        <Suspense fallback={null}>
          <ImportAnswers
            setId={setId}
            marking={marking}
            open={filter.which}
            steps={steps}
            onClose={() => setImporting(false)}
          />
        </Suspense>
      )}
    </>
  );
}

/** The marking with what is typed and decided in it, and what a person can do; the acts stay the same functions. */
function useMarkingActs(setId: string, stored: Marking) {
  const steps = useSteps(setId);
  const answers = useAnswers(setId, stored.set.title, steps);
  const decisions = useDecisions(setId, stored.set.title, steps);
  const marking = useWithPending(useWithDecisions(stored, decisions), answers);
  const acts = {
    decide: useLatest(decisions.decide),
    accept: useLatest(decisions.accept),
    write: useLatest(answers.write),
    undo: useLatest(steps.undo),
    redo: useLatest(steps.redo),
  };
  useHotkeys([
    ['mod+Z', acts.undo],
    ['mod+Y', acts.redo],
    ['mod+shift+Z', acts.redo],
  ]);
  return { marking, answers, decisions, steps, acts };
}

/** Goes to a student's row, whatever is shown: what narrows the list is taken off, and the row is looked for anew. */
function useJump() {
  const [, change] = useAddress();
  const [jump, setJump] = useState<{ readonly count: number; readonly studentId?: string }>({ count: 0 });
  const to = (studentId: string) => {
    change((settings) => {
      for (const narrowing of ['cause', 'verdict', 'section']) settings.delete(narrowing);
      settings.set('student', studentId);
    });
    setJump({ count: jump.count + 1, studentId });
  };
  return { ...jump, to };
}

/** What of the marking the address asks to see. */
function useFilter({ assignedExercises }: KeptSet): Filter {
  const [search] = useSearchSetting();
  return {
    which: search.get('exercise') ?? assignedExercises[0]?.itemId ?? '',
    cause: search.get('cause') ?? '',
    kind: search.get('verdict') ?? '',
    column: search.get('part') ?? '',
  };
}
