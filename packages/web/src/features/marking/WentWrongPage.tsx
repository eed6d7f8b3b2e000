/** What went wrong: per part and cause as charts and a table, the three things to go over, beside another class or term. */
import { Button } from '@mantine/core';
import {
  answerKeyOf,
  enteringStyleById,
  numberStyleById,
  storyText,
  givensInForce,
  workedSolution,
} from '@hardy-sextant/core';
import type { KeptClass, KeptWorksheet, ListedSet, Marking } from '@hardy-sextant/contract';
import { lazy, Suspense, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useBarNote } from '../../ui/BarNote.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { useClass } from '../../api/setRecords.ts';
import { classInWords, useSets } from '../../api/records.ts';

import { Empty, Failed, Loading, LoadingPage } from '../../ui/States.tsx';
import { useSearchSetting } from '../../ui/useSearchSetting.ts';
import { useAllEnteringStyles } from '../../working/useAllEnteringStyles.ts';
import { useChecking, useMarking } from './markingRecords.ts';
import { PartFigures } from './PartFigures.tsx';
import { SectionPick, useInSection } from './Sections.tsx';
import { CauseRows, ToGoOver } from './CauseRows.tsx';
import type { Cell } from './causes.ts';
import { useWorksheets } from './worksheets/worksheetRecords.ts';
import { exerciseOf, toGoOver, wentWrong, type CauseCount, type WentWrong } from './wentWrong.ts';
import styles from './WentWrong.module.css';
import { say } from '../../words/say.ts';

const CauseCharts = lazy(() => import('./CauseCharts.tsx'));
const Projector = lazy(async () => ({ default: (await import('../../working/Projector.tsx')).Projector }));

export function WentWrongPage() {
  const { setId = '' } = useParams();
  const marking = useMarking(setId);
  const chosen = useClass(marking.data?.set.classId);
  if (marking.isError && !marking.data)
    return <Failed what={say('marking')} error={marking.error} again={() => void marking.refetch()} />;
  if (chosen.isError && !chosen.data)
    return <Failed what={say('class')} error={chosen.error} again={() => void chosen.refetch()} />;
  if (!marking.data || !chosen.data) return <LoadingPage title={say('What went wrong')} what={say('the answers')} />;
  return <Report setId={setId} marking={marking.data} chosen={chosen.data} />;
}

const none: readonly KeptWorksheet[] = [];

interface ReportProps {
  readonly setId: string;
  readonly marking: Marking;
  readonly chosen: KeptClass;
}

function Report({ setId, marking: everybody, chosen }: ReportProps) {
  const marking = useInSection(everybody);
  const [search, set] = useSearchSetting();
  // The same exercises in another class or term.
  const others = useSets({ beside: setId }).data?.rows ?? [];
  useChecking(setId, marking.unchecked);
  useBarNote(say('{{code}} · {{students}} students', { code: chosen.code, students: marking.students.length }));
  const worksheets = useWorksheets(setId).data ?? none;
  const found = useMemo(() => wentWrong(marking, worksheets), [marking, worksheets]);
  const [shown, setShown] = useState<CauseCount>();
  const beside = others.find(({ id }) => id === search.get('beside'));
  return (
    <>
      <PageHead
        title={say('What went wrong')}
        where={
          <>
            <Link to="/sets">{say('Sets')}</Link> · <Link to={`/sets/${setId}`}>{marking.set.title}</Link> ·{' '}
            <Link to={`/sets/${setId}/marking`}>{say('Marking')}</Link>
          </>
        }
      >
        <SectionPick marking={everybody} />
        {others.length > 0 && (
          <Pick
            label={say('beside another set')}
            value={beside?.id ?? ''}
            options={[
              ['', say('beside another class or term…')],
              ...others.map(({ id, className, title }) => [id, `${className}: ${title}`] as const),
            ]}
            onPick={(id) => set('beside', id)}
          />
        )}
        <Button component={Link} to={`/sets/${setId}/marking`} variant="filled">
          {say('Mark')}
        </Button>
      </PageHead>
      <Causes
        setId={setId}
        found={found}
        marking={marking}
        name={classInWords(chosen)}
        beside={beside}
        onShow={setShown}
      />
      {shown?.example && (
        <OnProjector example={shown.example} name={shown.name} chosen={chosen} onClose={() => setShown(undefined)} />
      )}
    </>
  );
}

interface CausesProps {
  readonly setId: string;
  readonly found: WentWrong;
  readonly marking: Marking;
  readonly name: string;
  readonly beside: ListedSet | undefined;
  readonly onShow: (cause: CauseCount) => void;
}

function Causes({ setId, found, marking, name, beside, onShow }: CausesProps) {
  if (found.causes.length === 0)
    return (
      <>
        <Empty title={say('Nothing went wrong so far')}>
          <p>{say('No answer in this set has a slip, or none has come in yet.')}</p>
        </Empty>
        {beside ? (
          <Beside {...{ setId, found, marking, name, onShow }} id={beside.id} besideName={beside.className} />
        ) : (
          <PartFigures marking={marking} name={name} />
        )}
      </>
    );
  return (
    <>
      <ToGoOver setId={setId} causes={toGoOver(found)} onShow={onShow} />
      <Suspense fallback={<Loading what={say('the charts')} />}>
        <CauseCharts found={found} />
      </Suspense>
      {beside ? (
        <Beside {...{ setId, found, marking, name, onShow }} id={beside.id} besideName={beside.className} />
      ) : (
        <>
          <PartFigures marking={marking} name={name} />
          <CauseRows setId={setId} found={found} name={name} onShow={onShow} />
        </>
      )}
    </>
  );
}

/** The same causes in another set, by exercise and part, whatever their places there. */
interface BesideProps {
  readonly setId: string;
  readonly id: string;
  readonly found: WentWrong;
  readonly marking: Marking;
  readonly name: string;
  readonly besideName: string;
  readonly onShow: (cause: CauseCount) => void;
}

function Beside({ setId, id, found, marking, name, besideName, onShow }: BesideProps) {
  const other = useMarking(id);
  useChecking(id, other.data?.unchecked ?? 0);
  const sheets = useWorksheets(id).data ?? none;
  const theirs = useMemo(
    () => other.data && { found: wentWrong(other.data, sheets), marking: other.data },
    [other.data, sheets],
  );
  if (other.isError && !other.data) return <Failed what={say('other set')} error={other.error} />;
  if (!theirs) return <Loading what={say('the other set')} />;
  const shares = new Map(
    theirs.found.causes.map((each) => [`${exerciseOf(theirs.marking, each.column)} ${each.id}`, each.share]),
  );
  return (
    <>
      <PartFigures marking={marking} name={name} beside={{ marking: theirs.marking, name: besideName }} />
      {found.causes.length > 0 && (
        <CauseRows
          setId={setId}
          found={found}
          name={name}
          onShow={onShow}
          beside={{ name: besideName, share: (each) => shares.get(`${exerciseOf(marking, each.column)} ${each.id}`) }}
        />
      )}
    </>
  );
}

/** The working of the part, with the exercise's own numbers, step by step on the projector. */
function OnProjector({
  example,
  name,
  chosen,
  onClose,
}: {
  readonly example: Cell;
  readonly name: string;
  readonly chosen: KeptClass;
  readonly onClose: () => void;
}) {
  const entering = enteringStyleById(chosen.rules.entering, useAllEnteringStyles());
  const { part } = example;
  const { exercise } = example.assigned;
  const style = numberStyleById(chosen.rules.numberStyle);
  const [wayId, setWayId] = useState('');
  const solution = useMemo(() => {
    const keyed = answerKeyOf(exercise, part.id, {}, chosen.rules);
    const question = keyed.ok ? (keyed.value.question ?? keyed.value.questions[0]) : undefined;
    return question && workedSolution(question, { style, entering, writing: chosen.rules.writing });
  }, [exercise, part.id, chosen.rules, style, entering]);
  if (!solution)
    return (
      <p role="alert" className={`sheet ${styles.none}`}>
        {say('This part is worked out from other answers; open the working of the part that they come from.')}{' '}
        <Button size="compact-sm" onClick={onClose}>
          {say('Close')}
        </Button>
      </p>
    );
  return (
    <Suspense fallback={null}>
      <Projector
        title={say('{{name}} · {{title}}, part {{id}}', { name, title: exercise.title, id: part.id })}
        statement={storyText(exercise.story, givensInForce(exercise, {}, style).written)}
        solution={solution}
        wayId={wayId}
        detail="reasons"
        onWay={setWayId}
        onClose={onClose}
      />
    </Suspense>
  );
}
