/** The part of marking that moves with every key: which answer is looked at, the grid, what explains the answer, what is decided about it. */
import { notifications } from '@mantine/notifications';
import type { Entries, HouseRules } from '@hardy-sextant/core';
import { useDebouncedCallback } from '@mantine/hooks';
import type { MarkedStudent } from '@hardy-sextant/contract';
import { memo, useDeferredValue, useMemo, useRef, useState, type KeyboardEvent, type RefObject } from 'react';
import { useLocation } from 'react-router';
import { followAddress, useAddress } from '../../ui/useSearchSetting.ts';
import { useLatest } from '../../ui/useLatest.ts';
import { AnswerPanel, type PanelActions } from './AnswerPanel.tsx';
import { alikeKey, type Cell, type Column } from './causes.ts';
import { MarkingGrid } from './MarkingGrid.tsx';
import type { Place } from './MarkingRow.tsx';
import { Unexplained } from './Unexplained.tsx';
import type { Answers } from './useAnswers.ts';
import type { Decisions } from './useDecisions.ts';
import type { MarkingView } from './useMarkingView.ts';
import styles from './Marking.module.css';

interface MarkingFieldProps {
  readonly setId: string;
  readonly view: MarkingView;
  readonly rules: HouseRules;
  readonly decide: Decisions['decide'];
  readonly accept: Decisions['accept'];
  readonly undo: () => void;
  readonly redo: () => void;
  readonly write: Answers['write'];
  /** Lines of a pasted block that had no place. */
  readonly onLeftOver: (lines: readonly string[] | undefined) => void;
}

export const MarkingField = memo(function MarkingField({
  setId,
  view,
  rules,
  decide: decideAll,
  accept: acceptReading,
  undo,
  redo,
  write,
  onLeftOver,
}: MarkingFieldProps) {
  const { columns, cells, flat, shown, totals, of, lit, open, cause } = view;
  const [all, setAll] = useState(true);
  const comment = useRef<HTMLTextAreaElement>(null);
  const { place, choose } = usePlace(shown, columns);
  const cell = place ? cells.get(place.studentId)?.get(place.column) : undefined;
  const byAlike = useMemo(() => {
    const found = new Map<string, Cell[]>();
    for (const each of flat) {
      const key = alikeKey(each);
      const group = found.get(key);
      if (group) group.push(each);
      else found.set(key, [each]);
    }
    return found;
  }, [flat]);
  const alikeTo = (each: Cell | undefined): readonly Cell[] => (each ? (byAlike.get(alikeKey(each)) ?? [each]) : []);
  const alike = alikeTo(cell);
  // The grid moves with every key; what explains the answer follows when there is time.
  const explained = useDeferredValue(cell);
  const targets = cell ? (all && alike.length > 1 ? alike : [cell]) : [];

  const decide = (change: (target: Cell) => { credit: number | undefined; comment: string }) =>
    decideAll(
      targets.map((target) => {
        const { decision } = target;
        return {
          studentId: target.student.id,
          itemId: target.assigned.itemId,
          partId: target.part.id,
          is: change(target),
          was: { credit: decision?.credit, comment: decision?.comment ?? '' },
        };
      }),
    );
  const giveCredit = (credit: number | undefined) =>
    decide((target) => ({ credit, comment: target.decision?.comment ?? '' }));
  const giveComment = (text: string) => decide((target) => ({ credit: target.decision?.credit, comment: text }));
  const accept = () => {
    if (
      !cell ||
      cell.verdict.read === undefined ||
      cell.verdict.cells ||
      !['slip', 'carried-slip', 'unexplained'].includes(cell.verdict.kind)
    )
      return;
    const [likeliest] = cell.verdict.explanations;
    const match =
      likeliest && cell.verdict.kind !== 'unexplained' ? { slips: [...likeliest.slips] } : { value: cell.verdict.read };
    const says = likeliest ? `Accepted as another reading: ${likeliest.title}.` : 'Accepted as another reading.';
    acceptReading({ itemId: cell.assigned.itemId, partId: cell.part.id, match, says, credit: 1 });
    notifications.show({ message: 'Accepted as a reading for everyone. U takes it back.' });
  };
  const nextOpen = () => {
    const order = shown.flatMap(({ id }) => columns.flatMap((each) => cells.get(id)?.get(each.id) ?? []));
    const at = order.findIndex((each) => each === cell);
    const next = [...order.slice(at + 1), ...order.slice(0, at + 1)].find((each) => each.open);
    if (next) choose({ studentId: next.student.id, column: next.column });
    else notifications.show({ message: 'Nothing is left to look at here.' });
  };
  const onKey = (event: KeyboardEvent): boolean => {
    if (event.ctrlKey || event.metaKey || event.altKey) return false;
    const key = event.key.toLowerCase();
    const marks = cell?.part.marks ?? 0;
    if (/^\d$/.test(key) && cell && marks > 0 && Number(key) <= marks) giveCredit(Number(key) / marks);
    else if (key === 'g') setAll(!all);
    else if (key === 'a') accept();
    else if (key === 'c') comment.current?.focus();
    else if (key === 'n') nextOpen();
    else if (key === 'u') undo();
    else if (key === 'y') redo();
    else return false;
    return true;
  };

  const answersWritten = (changes: readonly { place: Place; text: string }[], source: 'typed' | 'pasted') =>
    write(
      changes.map(({ place: { studentId, column: id }, text }) => {
        const at = columns.find((each) => each.id === id)!;
        const was =
          view.students.find((student) => student.id === studentId)?.entries[at.assigned.itemId]?.[at.partId] ?? '';
        return { studentId, itemId: at.assigned.itemId, entryId: at.partId, text, was };
      }),
      source,
    );
  const writeEntries = (
    { student, assigned }: Cell,
    entries: readonly { readonly entryId: string; readonly text: string }[],
  ) =>
    write(
      entries.map(({ entryId, text }) => ({
        studentId: student.id,
        itemId: assigned.itemId,
        entryId,
        text,
        was: student.entries[assigned.itemId]?.[entryId] ?? '',
      })),
      'typed',
    );
  const paste = (from: Place, rows: readonly (readonly string[])[]) => {
    const row = shown.findIndex(({ id }) => id === from.studentId);
    const at = columns.findIndex(({ id }) => id === from.column);
    const changes: { place: Place; text: string }[] = [];
    const over: string[] = [];
    rows.forEach((texts, down) => {
      const student = shown[row + down];
      texts.forEach((text, right) => {
        const to = columns[at + right];
        if (student && to && to.assigned.exercise.parts.find(({ id }) => id === to.partId)?.ask.quantity !== 'table')
          changes.push({ place: { studentId: student.id, column: to.id }, text });
      });
      const rest = student ? texts.slice(columns.length - at) : texts;
      if (rest.some((text) => text !== '')) over.push(rest.join('\t'));
    });
    answersWritten(changes, 'pasted');
    onLeftOver(over.length > 0 ? over : undefined);
  };

  const onCredit = useLatest(giveCredit);
  const onComment = useLatest(giveComment);
  const onAccept = useLatest(accept);
  const onEntries = useLatest((entries: Parameters<typeof writeEntries>[1]) => cell && writeEntries(cell, entries));
  const onChoose = useLatest((each: Cell) => choose({ studentId: each.student.id, column: each.column }));
  const actions = useMemo(
    (): PanelActions => ({ onAll: setAll, onCredit, onComment, onAccept, onEntries, onChoose }),
    [onCredit, onComment, onAccept, onEntries, onChoose],
  );
  return (
    <div className={styles.columns}>
      <MarkingGrid
        columns={columns}
        students={shown}
        cells={cells}
        totals={totals}
        of={of}
        chosen={place}
        lit={lit}
        onChoose={choose}
        onWrite={(to, text) => answersWritten([{ place: to, text }], 'typed')}
        onPaste={paste}
        onKey={onKey}
      />
      <Beside
        setId={setId}
        cell={explained}
        entries={entriesOf(cell?.key === explained?.key ? cell : explained)}
        alike={alikeTo(explained)}
        row={explained && cells.get(explained.student.id)}
        rules={rules}
        all={all}
        open={open}
        columns={columns}
        showOpen={cause === 'unexplained'}
        actions={actions}
        commentRef={comment}
      />
    </div>
  );
});

interface BesideProps {
  readonly setId: string;
  readonly cell: Cell | undefined;
  readonly entries: Entries;
  readonly alike: readonly Cell[];
  readonly row: ReadonlyMap<string, Cell> | undefined;
  readonly rules: HouseRules;
  readonly all: boolean;
  readonly open: readonly Cell[];
  readonly columns: readonly Column[];
  readonly showOpen: boolean;
  readonly actions: PanelActions;
  readonly commentRef: RefObject<HTMLTextAreaElement | null>;
}

const nobody: ReadonlyMap<string, Cell> = new Map();
const noEntries: Entries = {};
const entriesOf = (cell: Cell | undefined): Entries =>
  (cell && cell.student.entries[cell.assigned.itemId]) ?? noEntries;

/** What stands beside the grid: the answer explained, and what nothing explains. */
const Beside = memo(function Beside({
  setId,
  cell,
  entries,
  alike,
  row,
  rules,
  all,
  open,
  columns,
  showOpen,
  actions,
  commentRef,
}: BesideProps) {
  return (
    <div>
      {cell && (
        <AnswerPanel
          setId={setId}
          cell={cell}
          entries={entries}
          alike={alike}
          row={row ?? nobody}
          rules={rules}
          all={all}
          actions={actions}
          commentRef={commentRef}
        />
      )}
      {(showOpen || cell?.verdict.kind === 'unexplained') && (
        <Unexplained
          open={open}
          columns={columns}
          cell={cell}
          numbers={(cell && cell.student.numbers[cell.assigned.itemId]) ?? {}}
          rules={rules}
          onChoose={actions.onChoose}
        />
      )}
    </div>
  );
});

/** The answer looked at. It moves with each key at once; the address follows, so that a link shows the same answer. */
function usePlace(
  shown: readonly MarkedStudent[],
  columns: readonly Column[],
): { readonly place: Place | undefined; readonly choose: (place: Place) => void } {
  const [search] = useAddress();
  const { pathname } = useLocation();
  const [wanted, setWanted] = useState<Partial<Place>>({
    studentId: search.get('student') ?? '',
    column: search.get('at') ?? '',
  });
  const place = useMemo(() => {
    const student = shown.find(({ id }) => id === wanted.studentId) ?? shown[0];
    const at = columns.find(({ id }) => id === wanted.column) ?? columns[0];
    return student && at ? { studentId: student.id, column: at.id } : undefined;
  }, [shown, columns, wanted]);
  const follow = useDebouncedCallback(({ studentId, column }: Place) => {
    if (window.location.pathname !== pathname) return;
    followAddress((settings) => {
      settings.set('student', studentId);
      settings.set('at', column);
    });
  }, 250);
  const choose = (next: Place) => {
    setWanted(next);
    follow(next);
  };
  return { place, choose };
}
