/** Worksheets that students submitted for an exercise of a set: taken in, judged cell by cell, marked, given back. */
import { numberStyleById } from '@hardy-sextant/core';
import type { AssignedExercise, KeptWorksheet, Marking } from '@hardy-sextant/contract';
import { useMemo } from 'react';
import { useParams, Link } from 'react-router';
import { useClass } from '../../../api/setRecords.ts';
import { useBarNote } from '../../../ui/BarNote.tsx';
import { PageHead } from '../../../ui/PageHead.tsx';
import { Pick } from '../../../ui/Pick.tsx';
import { Empty, Failed, LoadingPage } from '../../../ui/States.tsx';
import { useSearchSetting } from '../../../ui/useSearchSetting.ts';
import { useMarking } from '../markingRecords.ts';
import { GiveBack } from './GiveBack.tsx';
import { ImportNotice, ImportWorksheets } from './ImportWorksheets.tsx';
import { MarksFromSheets } from './MarksFromSheets.tsx';
import { SheetProjector } from './SheetProjector.tsx';
import { Templates } from './Templates.tsx';
import { useImporting } from './useImporting.ts';
import { useWorksheets } from './worksheetRecords.ts';
import { CauseChips, WorksheetList } from './WorksheetList.tsx';
import { WorksheetShown } from './WorksheetShown.tsx';
import styles from './Worksheets.module.css';
import { many, say } from '../../../words/say.ts';

export function WorksheetsPage() {
  const { setId = '' } = useParams();
  const marking = useMarking(setId);
  const worksheets = useWorksheets(setId);
  if (marking.isError && !marking.data)
    return <Failed what={say('set')} error={marking.error} again={() => void marking.refetch()} />;
  if (worksheets.isError && !worksheets.data)
    return <Failed what={say('worksheets')} error={worksheets.error} again={() => void worksheets.refetch()} />;
  if (!marking.data || !worksheets.data) return <LoadingPage title={say('Worksheets')} what={say('the worksheets')} />;
  return <Worksheets marking={marking.data} all={worksheets.data} />;
}

interface WorksheetsProps {
  readonly marking: Marking;
  readonly all: readonly KeptWorksheet[];
}

function Worksheets({ marking, all }: WorksheetsProps) {
  const { set: kept } = marking;
  const [search, set] = useSearchSetting();
  const item = kept.assignedExercises.find(({ itemId }) => itemId === search.get('item')) ?? withTable(marking);
  const own = all.filter(({ itemId }) => itemId === item?.itemId);
  const cause = search.get('cause') ?? '';
  const bring = useImporting(kept.id);
  const rules = useClass(kept.classId).data?.rules;
  useBarNote(own.length === 0 ? '' : many(own.length, '{{count}} worksheet', '{{count}} worksheets'));
  if (!item) return <Empty title={say('Nothing to mark')}>{say('This set has no exercises.')}</Empty>;
  return (
    <>
      <PageHead
        title={say('Worksheets')}
        where={
          <>
            <Link to="/sets">{say('Sets')}</Link> · <Link to={`/sets/${kept.id}`}>{kept.title}</Link> ·{' '}
            <Link to={`/sets/${kept.id}/marking`}>{say('Marking')}</Link>
          </>
        }
      >
        <MarksFromSheets marking={marking} item={item} worksheets={own} />
        <GiveBack setId={kept.id} title={item.exercise.title} worksheets={own} />
        <Templates item={item} students={marking.students} rules={rules} />
        <ImportWorksheets itemId={item.itemId} students={marking.students} bring={bring} />
      </PageHead>
      <div className={`line small ${styles.exercise}`}>
        <Pick
          label={say('exercise')}
          value={item.itemId}
          options={kept.assignedExercises.map(
            ({ itemId, exercise }, at) => [itemId, `${at + 1} · ${exercise.title}`] as const,
          )}
          onPick={(id) => set('item', id)}
        />
      </div>
      <ImportNotice setId={kept.id} bring={bring} own={own} students={marking.students} />
      <CauseChips worksheets={own} chosen={cause} onCause={(id) => set('cause', id)} />
      {own.length === 0 ? <NoneYet /> : <Listed marking={marking} item={item} own={own} />}
    </>
  );
}

function NoneYet() {
  return (
    <Empty title={say('No worksheets yet')}>
      <p>
        {say(
          'Import the files your students submitted: .xlsx, .ods or .csv, one by one or a zip of the whole class. Whose each is follows from a number or a name in the file’s name or in its first cells.',
        )}
      </p>
    </Empty>
  );
}

/** The list, and the worksheet that is chosen in it. */
interface ListedProps {
  readonly marking: Marking;
  readonly item: AssignedExercise;
  readonly own: readonly KeptWorksheet[];
}

function Listed({ marking, item, own }: ListedProps) {
  const { set: kept, students } = marking;
  const [search, set] = useSearchSetting();
  const rules = useClass(kept.classId).data?.rules;
  const style = numberStyleById(rules?.numberStyle ?? 'comma-point');
  const cause = search.get('cause') ?? '';
  const listed = cause === '' ? own : own.filter(({ summary }) => summary.causes.some(({ id }) => id === cause));
  const chosen = listed.find(({ id }) => id === search.get('sheet')) ?? listed[0];
  const parts = useMemo(() => item.exercise.parts.map(({ id }) => id), [item]);
  const shown = search.get('show') ?? '';
  const byId = new Map(students.map((student) => [student.id, student]));
  const step = (by: number) => {
    const next = listed[listed.findIndex(({ id }) => id === chosen?.id) + by];
    if (next) set('sheet', next.id);
  };
  return (
    <div className={styles.page}>
      <div className={styles.list}>
        <WorksheetList worksheets={listed} students={byId} chosen={chosen?.id} onChoose={(id) => set('sheet', id)} />
      </div>
      {chosen && (
        <WorksheetShown
          key={chosen.id}
          setId={kept.id}
          worksheet={chosen}
          all={own}
          students={students}
          style={style}
          parts={parts}
          onStep={step}
          onCause={(id) => set('cause', id)}
          onProject={(id) => set('show', id)}
        />
      )}
      {shown !== '' && (
        <SheetProjector
          setId={kept.id}
          title={item.exercise.title}
          causeId={shown}
          worksheets={own.filter(({ summary }) => summary.causes.some(({ id }) => id === shown))}
          style={style}
          onClose={() => set('show', '')}
        />
      )}
    </div>
  );
}

/** The exercise that asks for a table; the first where none does. */
const withTable = ({ set }: Marking) =>
  set.assignedExercises.find(({ exercise }) => exercise.parts.some(({ ask }) => ask.quantity === 'table')) ??
  set.assignedExercises[0];
