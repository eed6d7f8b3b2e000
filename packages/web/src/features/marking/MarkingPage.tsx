/** Marking: the answers of a class to a set, judged, gathered by cause, decided on. Workable from the keyboard from first to last. */
import { Button, Menu } from '@mantine/core';
import { problemTypes, type KeptClass, type Marking } from '@hardy-sextant/contract';
import { useHotkeys } from '@mantine/hooks';
import { lazy, Suspense, useState } from 'react';
import { Link, useParams } from 'react-router';
import { Refusal } from '../../ui/api.ts';
import { useBarNote } from '../../ui/BarNote.tsx';
import { Chip } from '../../ui/Chip.tsx';
import { Confirm } from '../../ui/Confirm.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { useClass } from '../../ui/setRecords.ts';
import { useRelease } from '../../ui/setRecords.ts';
import { Empty, Failed, Loading } from '../../ui/States.tsx';
import { useLatest } from '../../ui/useLatest.ts';
import { useSearchSetting } from '../../ui/useSearchSetting.ts';
import { verdictLooks } from '../../ui/verdictLooks.ts';
import { MarkingField } from './MarkingField.tsx';
import { CheckingNotice, HeldNotices, WaitingNotice } from './MarkingNotices.tsx';
import { useChecking, useMarking } from './markingRecords.ts';
import { useAnswers, useWithPending } from './useAnswers.ts';
import { useDecisions, useWithDecisions } from './useDecisions.ts';
import { useMarkingView } from './useMarkingView.ts';
import { useSteps } from './useSteps.ts';
import styles from './Marking.module.css';

const ImportAnswers = lazy(() => import('./ImportAnswers.tsx'));

/** So many causes are shown before the others are asked for. */
const FIRST_CAUSES = 7;

export function MarkingPage() {
  const { setId } = useParams();
  const marking = useMarking(setId!);
  const chosen = useClass(marking.data?.set.classId);
  if (marking.isError && !marking.data)
    return <Failed what="marking" error={marking.error} again={() => void marking.refetch()} />;
  if (chosen.isError && !chosen.data)
    return <Failed what="class" error={chosen.error} again={() => void chosen.refetch()} />;
  if (!marking.data || !chosen.data) return <Loading what="the answers" />;
  return <MarkingDesk setId={setId!} marking={marking.data} chosen={chosen.data} />;
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
  const [search, set] = useSearchSetting();
  const { rules } = chosen;
  const { checking, stop, again } = useChecking(setId, stored.unchecked);
  const steps = useSteps(setId);
  const answers = useAnswers(setId, stored.set.title, steps);
  const decisions = useDecisions(setId, stored.set.title, steps);
  const marking = useWithPending(useWithDecisions(stored, decisions), answers);
  const { set: kept, students } = marking;
  const release = useRelease(setId);
  // The server asks first while answers are still to be looked at.
  const asksFirst = release.error instanceof Refusal && release.error.document.type === problemTypes.askFirst;
  const setReleased = async (released: boolean, anyway = false) => {
    await decisions.flush();
    release.mutate({ released, anyway, revision: kept.revision });
  };
  const [moreCauses, setMoreCauses] = useState(false);
  const [importing, setImporting] = useState(false);
  const [leftOver, setLeftOver] = useState<readonly string[]>();
  useBarNote(`${chosen.code} · ${students.length} students`);

  const which = search.get('exercise') ?? kept.assignedExercises[0]?.itemId ?? '';
  const [cause, kind, column] = [search.get('cause') ?? '', search.get('verdict') ?? '', search.get('part') ?? ''];
  const view = useMarkingView(marking, rules, { which, cause, kind, column });
  const { columns, inColumn, causes } = view;
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
  const one = kept.assignedExercises.find(({ itemId }) => itemId === which);
  const title = one ? `${kept.assignedExercises.indexOf(one) + 1} · ${one.exercise.title}` : kept.title;
  return (
    <>
      <PageHead
        title={title}
        where={
          <>
            <Link to="/sets">Sets</Link> · <Link to={`/sets/${setId}`}>{kept.title}</Link> · Marking
          </>
        }
      >
        <Button onClick={() => setImporting(true)}>Import answers</Button>
        <Button component={Link} to={`/sets/${setId}/went-wrong`}>
          What went wrong
        </Button>
        <Button component={Link} to={`/sets/${setId}/feedback`}>
          Feedback
        </Button>
        {kept.releasedAt ? (
          <Menu>
            <Menu.Target>
              <Button>Released</Button>
            </Menu.Target>
            <Menu.Dropdown>
              <Menu.Item onClick={() => void setReleased(false)}>Take the release back</Menu.Item>
            </Menu.Dropdown>
          </Menu>
        ) : (
          <Button variant="filled" loading={release.isPending} onClick={() => void setReleased(true)}>
            Release marks
          </Button>
        )}
      </PageHead>

      <CheckingNotice checking={checking} stop={stop} again={again} />
      <WaitingNotice answers={answers} decisions={decisions} />
      <HeldNotices marking={stored} answers={answers} decisions={decisions} />
      {[steps.error, asksFirst ? undefined : release.error].map(
        (error) =>
          error && (
            <p key={error.message} role="alert" className={styles.failed}>
              {error.message}
            </p>
          ),
      )}
      {marking.unmatchedRows.length > 0 && (
        <div className={`sheet ${styles.notice}`}>
          <p>
            {marking.unmatchedRows.length} {marking.unmatchedRows.length === 1 ? 'row' : 'rows'} of what was imported{' '}
            {marking.unmatchedRows.length === 1 ? 'is' : 'are'} unmatched.
          </p>
          <Button size="compact-sm" onClick={() => setImporting(true)}>
            Look at them
          </Button>
        </div>
      )}
      {leftOver && (
        <div role="alert" className={`sheet ${styles.notice} ${styles.leftOver}`}>
          <p>
            What was pasted was larger than the list: {leftOver.length} {leftOver.length === 1 ? 'line' : 'lines'} had
            no place. The others are in. Nothing is lost; here is what was left over:
          </p>
          <pre>{leftOver.join('\n')}</pre>
          <Button size="compact-sm" onClick={() => setLeftOver(undefined)}>
            Put it away
          </Button>
        </div>
      )}

      <div className={styles.tools} role="group" aria-label="Show">
        <select aria-label="exercise" value={which} onChange={(event) => set('exercise', event.currentTarget.value)}>
          {kept.assignedExercises.map(({ itemId, exercise }, at) => (
            <option key={itemId} value={itemId}>
              {at + 1} · {exercise.title}
            </option>
          ))}
          {kept.assignedExercises.length > 1 && (
            <option value="all">all {kept.assignedExercises.length} exercises</option>
          )}
        </select>
        <select aria-label="part" value={column} onChange={(event) => set('part', event.currentTarget.value)}>
          <option value="">all parts</option>
          {columns.map(({ id, name }) => (
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
      <div className={styles.chips} role="group" aria-label="Causes">
        <Chip name="All" count={inColumn.length} pressed={cause === ''} onPress={() => set('cause', '')} />
        {(moreCauses ? causes : causes.filter(({ id }, at) => at < FIRST_CAUSES || id === cause)).map(
          ({ id, name, count }) => (
            <Chip
              key={id}
              name={name}
              count={count}
              pressed={cause === id}
              onPress={() => set('cause', cause === id ? '' : id)}
            />
          ),
        )}
        {causes.length > FIRST_CAUSES && (
          <Button
            size="compact-sm"
            variant="subtle"
            aria-expanded={moreCauses}
            onClick={() => setMoreCauses(!moreCauses)}
          >
            {moreCauses ? 'fewer' : `${causes.length - FIRST_CAUSES} more`}
          </Button>
        )}
      </div>

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
      <Confirm
        opened={asksFirst}
        title="Release the marks now?"
        act="Release them anyway"
        busy={release.isPending}
        onClose={release.reset}
        onAct={() => void setReleased(true, true)}
      >
        <p>{release.error?.message}</p>
      </Confirm>
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
