/** What went wrong: per part and cause as charts and a table, the three things to go over, beside another class or term. */
import { Button } from '@mantine/core';
import {
  answerKeyOf,
  enteringStyleById,
  numberStyleById,
  slipById,
  storyText,
  givensInForce,
  workedSolution,
  roundTo,
} from '@hardy-sextant/core';
import type { KeptClass, ListedSet, Marking } from '@hardy-sextant/contract';
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
import { toGoOver, wentWrong, type CauseCount, type WentWrong } from './wentWrong.ts';
import styles from './WentWrong.module.css';

const CauseCharts = lazy(() => import('./CauseCharts.tsx'));
const Projector = lazy(async () => ({ default: (await import('../../working/Projector.tsx')).Projector }));

export function WentWrongPage() {
  const { setId = '' } = useParams();
  const marking = useMarking(setId);
  const chosen = useClass(marking.data?.set.classId);
  if (marking.isError && !marking.data)
    return <Failed what="marking" error={marking.error} again={() => void marking.refetch()} />;
  if (chosen.isError && !chosen.data)
    return <Failed what="class" error={chosen.error} again={() => void chosen.refetch()} />;
  if (!marking.data || !chosen.data) return <LoadingPage title="What went wrong" what="the answers" />;
  return <Report setId={setId} marking={marking.data} chosen={chosen.data} />;
}

const percent = (share: number): string => `${roundTo(share * 100, 0)} %`;

function Report({
  setId,
  marking,
  chosen,
}: {
  readonly setId: string;
  readonly marking: Marking;
  readonly chosen: KeptClass;
}) {
  const [search, set] = useSearchSetting();
  // The same exercises in another class or term.
  const others = useSets({ beside: setId }).data?.rows ?? [];
  useChecking(setId, marking.unchecked);
  useBarNote(`${chosen.code} · ${marking.students.length} students`);
  const found = useMemo(() => wentWrong(marking), [marking]);
  const [shown, setShown] = useState<CauseCount>();
  const beside = others.find(({ id }) => id === search.get('beside'));
  return (
    <>
      <PageHead
        title="What went wrong"
        where={
          <>
            <Link to="/sets">Sets</Link> · <Link to={`/sets/${setId}`}>{marking.set.title}</Link> ·{' '}
            <Link to={`/sets/${setId}/marking`}>Marking</Link>
          </>
        }
      >
        {others.length > 0 && (
          <Pick
            label="beside another set"
            value={beside?.id ?? ''}
            options={[
              ['', 'beside another class or term…'],
              ...others.map(({ id, className, title }) => [id, `${className}: ${title}`] as const),
            ]}
            onPick={(id) => set('beside', id)}
          />
        )}
        <Button component={Link} to={`/sets/${setId}/marking`} variant="filled">
          Mark
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
      {shown && <OnProjector cause={shown} chosen={chosen} onClose={() => setShown(undefined)} />}
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
      <Empty title="Nothing went wrong so far">
        <p>No answer in this set has a slip, or none has come in yet.</p>
      </Empty>
    );
  return (
    <>
      <ToGoOver setId={setId} causes={toGoOver(found)} onShow={onShow} />
      <Suspense fallback={<Loading what="the charts" />}>
        <CauseCharts found={found} />
      </Suspense>
      {beside ? (
        <Beside
          id={beside.id}
          found={found}
          marking={marking}
          name={name}
          besideName={beside.className}
          onShow={onShow}
        />
      ) : (
        <CauseRows found={found} name={name} onShow={onShow} />
      )}
    </>
  );
}

interface ToGoOverProps {
  readonly setId: string;
  readonly causes: readonly CauseCount[];
  readonly onShow: (cause: CauseCount) => void;
}

function ToGoOver({ setId, causes, onShow }: ToGoOverProps) {
  return (
    <section aria-label="Three things to go over" className={styles.over}>
      {causes.map((each, at) => (
        <article key={each.id} className={`sheet block ${styles.thing}`}>
          <div className="soft">
            {at + 1} · part {each.part}
          </div>
          <h2 className="called">{each.name}</h2>
          <p>{slipById(each.id.split('+')[0] ?? '')?.advice}</p>
          <p className="soft">
            {each.count} {each.count === 1 ? 'answer' : 'answers'}, {each.lost} marks
          </p>
          <div className="line">
            <Button size="compact-sm" onClick={() => onShow(each)}>
              Show the working
            </Button>
            <Button
              size="compact-sm"
              component={Link}
              to={`/sets/${setId}/marking?exercise=${each.example.assigned.itemId}&cause=${encodeURIComponent(each.id)}`}
            >
              See the answers
            </Button>
          </div>
        </article>
      ))}
    </section>
  );
}

/** The same causes in another set, by exercise and part, whatever their places there. */
function Beside({
  id,
  found,
  marking,
  name,
  besideName,
  onShow,
}: {
  readonly id: string;
  readonly found: WentWrong;
  readonly marking: Marking;
  readonly name: string;
  readonly besideName: string;
  readonly onShow: (cause: CauseCount) => void;
}) {
  const other = useMarking(id);
  useChecking(id, other.data?.unchecked ?? 0);
  const theirs = useMemo(() => other.data && { found: wentWrong(other.data), marking: other.data }, [other.data]);
  if (other.isError && !other.data) return <Failed what="other set" error={other.error} />;
  if (!theirs) return <Loading what="the other set" />;
  const exerciseOf = (from: Marking, column: string): string => {
    const [itemId, partId] = column.split('/');
    return `${from.set.document.items.find((item) => item.id === itemId)?.exerciseId ?? ''} ${partId}`;
  };
  const shares = new Map(
    theirs.found.causes.map((each) => [`${exerciseOf(theirs.marking, each.column)} ${each.id}`, each.share]),
  );
  return (
    <CauseRows
      found={found}
      name={name}
      onShow={onShow}
      beside={{ name: besideName, share: (each) => shares.get(`${exerciseOf(marking, each.column)} ${each.id}`) }}
    />
  );
}

function CauseRows({
  found,
  name,
  beside,
  onShow,
}: {
  readonly found: WentWrong;
  readonly name: string;
  readonly beside?: { readonly name: string; readonly share: (cause: CauseCount) => number | undefined };
  readonly onShow: (cause: CauseCount) => void;
}) {
  return (
    <table className="ledger sheet">
      <caption className="label">Every cause, by what it cost</caption>
      <thead>
        <tr>
          <th className="words">Part</th>
          <th className="words">Cause</th>
          <th>Answers</th>
          <th>{name}</th>
          {beside && <th>{beside.name}</th>}
          <th>Marks lost</th>
          <th>
            <span className="visually-hidden">What can be done</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {found.causes.map((each) => (
          <tr key={`${each.column} ${each.id}`}>
            <td className="words">{each.part}</td>
            <td className="words">{each.name}</td>
            <td>{each.count}</td>
            <td>{percent(each.share)}</td>
            {beside && <td>{percent(beside.share(each) ?? 0)}</td>}
            <td>{each.lost}</td>
            <td>
              <Button
                size="compact-xs"
                variant="subtle"
                aria-label={`show the working for ${each.name} in part ${each.part}`}
                onClick={() => onShow(each)}
              >
                Working
              </Button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** The working of the part, with the exercise's own numbers, step by step on the projector. */
function OnProjector({
  cause,
  chosen,
  onClose,
}: {
  readonly cause: CauseCount;
  readonly chosen: KeptClass;
  readonly onClose: () => void;
}) {
  const entering = enteringStyleById(chosen.rules.entering, useAllEnteringStyles());
  const { exercise } = cause.example.assigned;
  const { part } = cause.example;
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
        This part is worked out from other answers; open the working of the part that they come from.{' '}
        <Button size="compact-sm" onClick={onClose}>
          Close
        </Button>
      </p>
    );
  return (
    <Suspense fallback={null}>
      <Projector
        title={`${cause.name} · ${exercise.title}, part ${part.id}`}
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
