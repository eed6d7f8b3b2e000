/** Marking: the answers of a class to a set, judged, gathered by cause, decided on. Workable from the keyboard from first to last. */
import type { KeptClass, Marking } from '@hardy-sextant/contract';
import { useHotkeys } from '@mantine/hooks';
import { lazy, Suspense, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useBarNote } from '../../ui/BarNote.tsx';
import { useClass } from '../../ui/setRecords.ts';
import { Empty, Failed, Loading } from '../../ui/States.tsx';
import { useLatest } from '../../ui/useLatest.ts';
import { useSearchSetting } from '../../ui/useSearchSetting.ts';
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
import { useAnswers, useWithPending } from './useAnswers.ts';
import { useDecisions, useWithDecisions } from './useDecisions.ts';
import { useMarkingView } from './useMarkingView.ts';
import { useReleasing } from './useReleasing.ts';
import { useSteps } from './useSteps.ts';

const ImportAnswers = lazy(() => import('./ImportAnswers.tsx'));

export function MarkingPage() {
  const { setId = '' } = useParams();
  const marking = useMarking(setId);
  const chosen = useClass(marking.data?.set.classId);
  if (marking.isError && !marking.data)
    return <Failed what="marking" error={marking.error} again={() => void marking.refetch()} />;
  if (chosen.isError && !chosen.data)
    return <Failed what="class" error={chosen.error} again={() => void chosen.refetch()} />;
  if (!marking.data || !chosen.data) return <Loading what="the answers" />;
  return <MarkingDesk setId={setId} marking={marking.data} chosen={chosen.data} />;
}

function MarkingDesk({
  setId,
  marking: stored,
  chosen,
}: {
  readonly setId: string;
  readonly marking: Marking;
  readonly chosen: KeptClass;
}) {
  const [search] = useSearchSetting();
  const { rules } = chosen;
  const checking = useChecking(setId, stored.unchecked);
  const steps = useSteps(setId);
  const answers = useAnswers(setId, stored.set.title, steps);
  const decisions = useDecisions(setId, stored.set.title, steps);
  const marking = useWithPending(useWithDecisions(stored, decisions), answers);
  const { set: kept, students } = marking;
  const release = useReleasing(setId, kept.revision, decisions);
  const [importing, setImporting] = useState(false);
  const [leftOver, setLeftOver] = useState<readonly string[]>();
  useBarNote(`${chosen.code} · ${students.length} students`);
  const which = search.get('exercise') ?? kept.assignedExercises[0]?.itemId ?? '';
  const [cause, kind, column] = [search.get('cause') ?? '', search.get('verdict') ?? '', search.get('part') ?? ''];
  const view = useMarkingView(marking, rules, { which, cause, kind, column });
  const decide = useLatest(decisions.decide);
  const acceptReading = useLatest(decisions.accept);
  const write = useLatest(answers.write);
  const undo = useLatest(steps.undo);
  const redo = useLatest(steps.redo);
  useHotkeys([
    ['mod+Z', undo],
    ['mod+Y', redo],
    ['mod+shift+Z', redo],
  ]);
  return (
    <>
      <MarkingHead kept={kept} which={which} release={release} onImport={() => setImporting(true)} />
      <CheckingNotice {...checking} />
      <WaitingNotice answers={answers} decisions={decisions} />
      <HeldNotices marking={stored} answers={answers} decisions={decisions} />
      <Failures errors={[steps.error, release.failed]} />
      <UnmatchedNotice count={marking.unmatchedRows.length} onLook={() => setImporting(true)} />
      <LeftOverNotice lines={leftOver} onPutAway={() => setLeftOver(undefined)} />
      <MarkingTools kept={kept} view={view} which={which} kind={kind} column={column} steps={steps} />
      <CauseChips view={view} cause={cause} />
      {students.length === 0 ? (
        <Empty title="There is nobody in this class yet">
          <p>
            <Link to={`/classes/${kept.classId}`}>Add its students</Link>, and their answers come in here.
          </p>
        </Empty>
      ) : (
        <MarkingField
          setId={setId}
          view={view}
          rules={rules}
          decide={decide}
          accept={acceptReading}
          undo={undo}
          redo={redo}
          write={write}
          onLeftOver={setLeftOver}
        />
      )}
      <AskRelease release={release} />
      {importing && (
        <Suspense fallback={null}>
          <ImportAnswers
            setId={setId}
            marking={marking}
            open={which}
            steps={steps}
            onClose={() => setImporting(false)}
          />
        </Suspense>
      )}
    </>
  );
}
