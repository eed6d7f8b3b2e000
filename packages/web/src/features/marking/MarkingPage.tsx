/** Marking: the answers of a class to a set, judged, gathered by cause, decided on. Workable from the keyboard from first to last. */
import { Button, Menu } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { numberStyleById, writeBrief } from '@hardy-sextant/core';
import { totalOf, type KeptClass, type MarkedStudent, type Marking } from '@hardy-sextant/contract';
import { useDebouncedCallback, useHotkeys } from '@mantine/hooks';
import { lazy, Suspense, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { useBarNote } from '../../ui/BarNote.tsx';
import { Chip } from '../../ui/Chip.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { useClasses } from '../../ui/records.ts';
import { useRelease } from '../../ui/setRecords.ts';
import { Empty, Failed, Loading } from '../../ui/States.tsx';
import { useSearchSetting } from '../../ui/useSearchSetting.ts';
import { verdictLooks } from '../../ui/VerdictMark.tsx';
import { AnswerPanel } from './AnswerPanel.tsx';
import { alikeKey, causeOf, causesOf, cellsOf, columnId, type Cell, type Column } from './causes.ts';
import { MarkingGrid, type Place } from './MarkingGrid.tsx';
import { useChecking, useMarking, useWriteAnswers, type Checking } from './markingRecords.ts';
import { partName } from './partNames.ts';
import { Unexplained } from './Unexplained.tsx';
import { useDecisions } from './useDecisions.ts';
import styles from './Marking.module.css';

const ImportAnswers = lazy(() => import('./ImportAnswers.tsx'));

/** So many causes are shown before the others are asked for. */
const FIRST_CAUSES = 7;

export function MarkingPage() {
  const { setId } = useParams();
  const marking = useMarking(setId!);
  const classes = useClasses();
  if (marking.isError) return <Failed what="marking" error={marking.error} again={() => void marking.refetch()} />;
  if (classes.isError) return <Failed what="classes" error={classes.error} again={() => void classes.refetch()} />;
  if (!marking.data || !classes.data) return <Loading what="the answers" />;
  const chosen = classes.data.find(({ id }) => id === marking.data.set.classId);
  if (!chosen) return <Loading what="the class" />;
  return <MarkingDesk setId={setId!} marking={marking.data} chosen={chosen} />;
}

function MarkingDesk({ setId, marking, chosen }: { readonly setId: string; readonly marking: Marking; readonly chosen: KeptClass }) {
  const [search, set] = useSearchSetting();
  const { set: kept, students } = marking;
  const { rules } = chosen;
  const style = numberStyleById(rules.numberStyle);
  const { checking, stop, again } = useChecking(setId, marking.unchecked);
  const decisions = useDecisions(setId, marking);
  const write = useWriteAnswers(setId);
  const release = useRelease(setId);
  const [all, setAll] = useState(true);
  const [moreCauses, setMoreCauses] = useState(false);
  const [bringing, setBringing] = useState(false);
  const [leftOver, setLeftOver] = useState<readonly string[]>();
  const comment = useRef<HTMLTextAreaElement>(null);
  useBarNote(`${chosen.code} · ${students.length} students`);

  const which = search.get('exercise') ?? kept.copies[0]?.itemId ?? '';
  const copies = useMemo(() => (which === 'all' ? kept.copies : kept.copies.filter(({ itemId }) => itemId === which)), [kept.copies, which]);
  const columns = useMemo(
    (): Column[] =>
      copies.flatMap((copy) =>
        copy.exercise.parts.map((part) => ({
          id: columnId(copy.itemId, part.id),
          copy,
          partId: part.id,
          name: copies.length > 1 ? `${kept.copies.indexOf(copy) + 1}${part.id}` : `${part.id} · ${partName(part)}`,
        })),
      ),
    [copies, kept.copies],
  );
  const cells = useMemo(() => cellsOf(marking, copies), [marking, copies]);
  const flat = useMemo(() => students.flatMap(({ id }) => [...(cells.get(id)?.values() ?? [])]), [students, cells]);

  const [cause, kind, column] = [search.get('cause') ?? '', search.get('verdict') ?? '', search.get('part') ?? ''];
  const inColumn = useMemo(() => flat.filter((cell) => (column === '' || cell.column === column) && (kind === '' || cell.verdict.kind === kind)), [flat, column, kind]);
  const lit = useMemo(
    () => (cause === '' && kind === '' && column === '' ? undefined : new Set(inColumn.filter((cell) => cause === '' || causeOf(cell) === cause).map(({ key }) => key))),
    [inColumn, cause, kind, column],
  );
  const shown = useMemo(
    () => (lit === undefined ? students : students.filter(({ id }) => [...(cells.get(id)?.values() ?? [])].some(({ key }) => lit.has(key)))),
    [students, cells, lit],
  );
  const totals = useMemo(() => {
    const whole = { ...marking, set: { ...marking.set, copies: [...copies] } };
    return new Map(students.map((student) => [student.id, student.verdicts ? writeBrief(totalOf(whole, student).marks, 0, 2, style) : '–']));
  }, [marking, copies, students, style]);
  const of = students[0] ? writeBrief(totalOf({ ...marking, set: { ...marking.set, copies: [...copies] } }, students[0]).of, 0, 2, style) : '';

  const { place, choose } = usePlace(shown, columns);
  const cell = place ? cells.get(place.studentId)?.get(place.column) : undefined;
  const alike = useMemo(() => (cell ? flat.filter((each) => alikeKey(each) === alikeKey(cell)) : []), [flat, cell]);
  const targets = cell ? (all && alike.length > 1 ? alike : [cell]) : [];
  const open = inColumn.filter((each) => each.open);

  const decide = (change: (target: Cell) => { credit: number | undefined; comment: string }) =>
    decisions.decide({
      decisions: targets.map((target) => {
        const { credit, comment: says } = change(target);
        return { studentId: target.student.id, itemId: target.copy.itemId, partId: target.part.id, comment: says, ...(credit === undefined ? {} : { credit }) };
      }),
    });
  const giveCredit = (credit: number | undefined) => decide((target) => ({ credit, comment: target.decision?.comment ?? '' }));
  const giveComment = (text: string) => decide((target) => ({ credit: target.decision?.credit, comment: text }));
  const accept = () => {
    if (!cell || cell.verdict.read === undefined || cell.verdict.cells || !['slip', 'carried-slip', 'unexplained'].includes(cell.verdict.kind)) return;
    const [likeliest] = cell.verdict.explanations;
    const match = likeliest && cell.verdict.kind !== 'unexplained' ? { slips: [...likeliest.slips] } : { value: cell.verdict.read };
    decisions.decide({
      accept: [
        { itemId: cell.copy.itemId, partId: cell.part.id, match, says: likeliest ? `Accepted as another reading: ${likeliest.title}.` : 'Accepted as another reading.', credit: 1 },
      ],
    });
    notifications.show({ message: 'Accepted as a reading for everyone. U takes it back.' });
  };
  const nextOpen = () => {
    const order = shown.flatMap(({ id }) => columns.flatMap((each) => cells.get(id)?.get(each.id) ?? []));
    const at = order.findIndex((each) => each === cell);
    const next = [...order.slice(at + 1), ...order.slice(0, at + 1)].find((each) => each.open);
    if (next) choose({ studentId: next.student.id, column: next.column });
    else notifications.show({ message: 'Nothing is left to look at here.' });
  };
  useHotkeys([
    ['mod+Z', () => decisions.undo()],
    ['mod+Y', () => decisions.redo()],
    ['mod+shift+Z', () => decisions.redo()],
  ]);
  const onKey = (event: KeyboardEvent): boolean => {
    if (event.ctrlKey || event.metaKey || event.altKey) return false;
    const key = event.key.toLowerCase();
    const marks = cell?.part.marks ?? 0;
    if (/^\d$/.test(key) && cell && marks > 0 && Number(key) <= marks) giveCredit(Number(key) / marks);
    else if (key === 'g') setAll(!all);
    else if (key === 'a') accept();
    else if (key === 'c') comment.current?.focus();
    else if (key === 'n') nextOpen();
    else if (key === 'u') decisions.undo();
    else if (key === 'y') decisions.redo();
    else return false;
    return true;
  };

  const answersWritten = (changes: readonly { place: Place; text: string }[]) => {
    const real = changes.flatMap(({ place: { studentId, column: id }, text }) => {
      const at = columns.find((each) => each.id === id)!;
      const was = students.find((student) => student.id === studentId)?.entries[at.copy.itemId]?.[at.partId] ?? '';
      return was === text ? [] : [{ studentId, itemId: at.copy.itemId, entryId: at.partId, text, was }];
    });
    if (real.length > 0) write.mutate({ changes: real });
  };
  const paste = (from: Place, rows: readonly (readonly string[])[]) => {
    const row = shown.findIndex(({ id }) => id === from.studentId);
    const at = columns.findIndex(({ id }) => id === from.column);
    const changes: { place: Place; text: string }[] = [];
    const over: string[] = [];
    rows.forEach((texts, down) => {
      const student = shown[row + down];
      texts.forEach((text, right) => {
        const to = columns[at + right];
        if (student && to && to.copy.exercise.parts.find(({ id }) => id === to.partId)?.ask.quantity !== 'table')
          changes.push({ place: { studentId: student.id, column: to.id }, text });
      });
      const rest = student ? texts.slice(columns.length - at) : texts;
      if (rest.some((text) => text !== '')) over.push(rest.join('\t'));
    });
    answersWritten(changes);
    setLeftOver(over.length > 0 ? over : undefined);
  };

  const copyNow = copies[0];
  const title = copies.length === 1 && copyNow ? `${kept.copies.indexOf(copyNow) + 1} · ${copyNow.exercise.title}` : kept.title;
  const causes = causesOf(inColumn);
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
        <Button onClick={() => setBringing(true)}>Bring in answers</Button>
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
              <Menu.Item onClick={() => release.mutate(false)}>Take the release back</Menu.Item>
            </Menu.Dropdown>
          </Menu>
        ) : (
          <Button variant="filled" loading={release.isPending} onClick={() => release.mutate(true)}>
            Release marks
          </Button>
        )}
      </PageHead>

      <Notices checking={checking} stop={stop} again={again} />
      {[write.error, decisions.error, release.error].map(
        (error) =>
          error && (
            <p key={error.message} role="alert" className={styles.failed}>
              {error.message} Nothing of it was written.
            </p>
          ),
      )}
      {marking.keptRows.length > 0 && (
        <div className={`sheet ${styles.notice}`}>
          <p>
            {marking.keptRows.length} {marking.keptRows.length === 1 ? 'row' : 'rows'} of what was brought in {marking.keptRows.length === 1 ? 'belongs' : 'belong'} to nobody yet.
          </p>
          <Button size="compact-sm" onClick={() => setBringing(true)}>
            Look at them
          </Button>
        </div>
      )}
      {leftOver && (
        <div role="alert" className={`sheet ${styles.notice} ${styles.leftOver}`}>
          <p>
            What was pasted was larger than the list: {leftOver.length} {leftOver.length === 1 ? 'line' : 'lines'} had no place. The others are in. Nothing is lost; here is what
            was left over:
          </p>
          <pre>{leftOver.join('\n')}</pre>
          <Button size="compact-sm" onClick={() => setLeftOver(undefined)}>
            Put it away
          </Button>
        </div>
      )}

      <div className={styles.tools} role="group" aria-label="Show">
        <select aria-label="exercise" value={which} onChange={(event) => set('exercise', event.currentTarget.value)}>
          {kept.copies.map(({ itemId, exercise }, at) => (
            <option key={itemId} value={itemId}>
              {at + 1} · {exercise.title}
            </option>
          ))}
          {kept.copies.length > 1 && <option value="all">all {kept.copies.length} exercises</option>}
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
        <Button size="compact-sm" disabled={!decisions.canUndo} onClick={() => decisions.undo()}>
          Undo
        </Button>
        <Button size="compact-sm" disabled={!decisions.canRedo} onClick={() => decisions.redo()}>
          Redo
        </Button>
      </div>
      <div className={styles.chips} role="group" aria-label="Causes">
        <Chip name="All" count={inColumn.length} pressed={cause === ''} onPress={() => set('cause', '')} />
        {(moreCauses ? causes : causes.filter(({ id }, at) => at < FIRST_CAUSES || id === cause)).map(({ id, name, count }) => (
          <Chip key={id} name={name} count={count} pressed={cause === id} onPress={() => set('cause', cause === id ? '' : id)} />
        ))}
        {causes.length > FIRST_CAUSES && (
          <Button size="compact-sm" variant="subtle" aria-expanded={moreCauses} onClick={() => setMoreCauses(!moreCauses)}>
            {moreCauses ? 'fewer' : `${causes.length - FIRST_CAUSES} more`}
          </Button>
        )}
      </div>

      <div className={styles.columns}>
        {students.length === 0 ? (
          <Empty title="There is nobody in this class yet">
            <p>
              <Link to={`/classes/${kept.classId}`}>Add its students</Link>, and their answers come in here.
            </p>
          </Empty>
        ) : (
          <MarkingGrid
            columns={columns}
            students={shown}
            cells={cells}
            totals={totals}
            of={of}
            chosen={place}
            lit={lit}
            onChoose={choose}
            onWrite={(to, text) => answersWritten([{ place: to, text }])}
            onPaste={paste}
            onKey={onKey}
          />
        )}
        <div>
          {cell && (
            <AnswerPanel
              cell={cell}
              alike={alike}
              row={cells.get(cell.student.id) ?? new Map()}
              rules={rules}
              all={all}
              onAll={setAll}
              onCredit={giveCredit}
              onComment={giveComment}
              onAccept={accept}
              commentRef={comment}
            />
          )}
          {(cause === 'unexplained' || cell?.verdict.kind === 'unexplained') && (
            <Unexplained
              open={open}
              columns={columns}
              cell={cell}
              numbers={(cell && cell.student.numbers[cell.copy.itemId]) ?? {}}
              rules={rules}
              onChoose={(each) => choose({ studentId: each.student.id, column: each.column })}
            />
          )}
        </div>
      </div>
      {bringing && (
        <Suspense fallback={null}>
          <ImportAnswers setId={setId} marking={marking} onClose={() => setBringing(false)} />
        </Suspense>
      )}
    </>
  );
}

/** The answer looked at. It moves with each key at once; the address follows, so that a link shows the same answer. */
function usePlace(shown: readonly MarkedStudent[], columns: readonly Column[]): { readonly place: Place | undefined; readonly choose: (place: Place) => void } {
  const [search, setSearch] = useSearchParams();
  const [wanted, setWanted] = useState<Partial<Place>>({ studentId: search.get('student') ?? '', column: search.get('at') ?? '' });
  const place = useMemo(() => {
    const student = shown.find(({ id }) => id === wanted.studentId) ?? shown[0];
    const at = columns.find(({ id }) => id === wanted.column) ?? columns[0];
    return student && at ? { studentId: student.id, column: at.id } : undefined;
  }, [shown, columns, wanted]);
  const follow = useDebouncedCallback(({ studentId, column }: Place) => {
    setSearch(
      (before) => {
        before.set('student', studentId);
        before.set('at', column);
        return before;
      },
      { replace: true },
    );
  }, 250);
  const choose = (next: Place) => {
    setWanted(next);
    follow(next);
  };
  return { place, choose };
}

function Notices({ checking, stop, again }: { readonly checking: Checking | undefined; readonly stop: () => void; readonly again: () => void }) {
  if (!checking) return null;
  return (
    <div className={`sheet ${styles.notice}`} role="status">
      {checking.error ? (
        <p className={styles.failed}>The checking stopped: {checking.error.message}</p>
      ) : (
        <p>
          {checking.stopped ? 'Stopped: ' : 'Checking: '}
          {checking.done} of {checking.of} students
        </p>
      )}
      <progress aria-label="checked" value={checking.done} max={checking.of} />
      <Button size="compact-sm" onClick={checking.stopped ? again : stop}>
        {checking.stopped ? 'Go on' : 'Stop'}
      </Button>
    </div>
  );
}
