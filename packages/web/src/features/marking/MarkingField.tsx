/** The part of marking that moves with every key: which answer is looked at, the grid, what explains the answer, what is decided about it. */
import { notifications } from '@mantine/notifications';
import type { Entries, HouseRules } from '@hardy-sextant/core';
import { memo, useDeferredValue, useMemo, useRef, type KeyboardEvent, type RefObject } from 'react';
import { useLatest } from '../../ui/useLatest.ts';
import { AnswerPanel, type PanelActions } from './AnswerPanel.tsx';
import type { Cell, Column } from './causes.ts';
import { MarkingGrid } from './MarkingGrid.tsx';
import type { Place } from './MarkingRow.tsx';
import { Unexplained } from './Unexplained.tsx';
import type { Answers } from './useAnswers.ts';
import type { Decisions } from './useDecisions.ts';
import { useGiving } from './useGiving.ts';
import type { MarkingView } from './useMarkingView.ts';
import { usePlace } from './usePlace.ts';
import { useWriting } from './useWriting.ts';
import { say } from '../../words/say.ts';

interface MarkingFieldProps {
  readonly setId: string;
  readonly view: MarkingView;
  readonly rules: HouseRules;
  /** The student looked at first; the one in the address where it is left out. */
  readonly begin?: string | undefined;
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
  write,
  begin,
  onLeftOver,
  ...rest
}: MarkingFieldProps) {
  const { columns, cells, flat, shown, totals, of, lit, open, cause } = view;
  const comment = useRef<HTMLTextAreaElement>(null);
  const { place, choose } = usePlace(shown, columns, begin);
  const cell = place ? cells.get(place.studentId)?.get(place.column) : undefined;
  // The grid moves with every key; what explains the answer follows when there is time.
  const explained = useDeferredValue(cell);
  const giving = useGiving(cell, flat, rest);
  const { writeAt, writeEntries, paste } = useWriting(view, write);
  const actions = usePanelActions({ cell, giving, writeEntries, choose });
  const onKey = keysOf({
    cell,
    giving,
    undo: rest.undo,
    redo: rest.redo,
    comment: useLatest(() => comment.current?.focus()),
    next: () => lookAtNextOpen(view, cell, choose),
  });
  return (
    <div className="beside wide-side">
      <MarkingGrid
        columns={columns}
        students={shown}
        cells={cells}
        totals={totals}
        of={of}
        chosen={place}
        lit={lit}
        onChoose={choose}
        onWrite={(to, text) => writeAt([{ place: to, text }], 'typed')}
        onPaste={(from, rows) => onLeftOver(someOf(paste(from, rows)))}
        onKey={onKey}
      />
      <Beside
        setId={setId}
        cell={explained}
        entries={entriesOf(cell?.key === explained?.key ? cell : explained)}
        alike={giving.alikeTo(explained)}
        row={explained && cells.get(explained.student.id)}
        rules={rules}
        all={giving.all}
        open={open}
        columns={columns}
        showOpen={cause === 'unexplained'}
        actions={actions}
        commentRef={comment}
      />
    </div>
  );
});

interface KeysOf {
  readonly cell: Cell | undefined;
  readonly giving: ReturnType<typeof useGiving>;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly comment: () => void;
  readonly next: () => void;
}

/** Keys that decide about the answer looked at. */
function keysOf({ cell, giving, undo, redo, comment, next }: KeysOf): (event: KeyboardEvent) => boolean {
  const acts: Readonly<Record<string, () => void>> = {
    g: () => giving.setAll(!giving.all),
    a: giving.acceptReading,
    c: comment,
    n: next,
    u: undo,
    y: redo,
  };
  return ({ key, ctrlKey, metaKey, altKey }) => {
    if (ctrlKey || metaKey || altKey) return false;
    const marks = cell?.part.marks ?? 0;
    if (/^\d$/.test(key) && marks > 0 && Number(key) <= marks) {
      giving.giveCredit(Number(key) / marks);
      return true;
    }
    const act = acts[key.toLowerCase()];
    act?.();
    return act !== undefined;
  };
}

/** A list that has something in it. */
const someOf = <T,>(list: readonly T[]): readonly T[] | undefined => (list.length > 0 ? list : undefined);

interface PanelActionsOf {
  readonly cell: Cell | undefined;
  readonly giving: ReturnType<typeof useGiving>;
  readonly writeEntries: ReturnType<typeof useWriting>['writeEntries'];
  readonly choose: (place: Place) => void;
}

/** What the panel beside the grid can do: the same functions while answers change under it. */
function usePanelActions({ cell, giving, writeEntries, choose }: PanelActionsOf): PanelActions {
  const { setAll } = giving;
  const onCredit = useLatest(giving.giveCredit);
  const onLines = useLatest(giving.giveLines);
  const onComment = useLatest(giving.giveComment);
  const onAccept = useLatest(giving.acceptReading);
  const onEntries = useLatest((entries: Parameters<typeof writeEntries>[1]) => cell && writeEntries(cell, entries));
  const onChoose = useLatest((each: Cell) => choose({ studentId: each.student.id, column: each.column }));
  return useMemo(
    () => ({ onAll: setAll, onCredit, onLines, onComment, onAccept, onEntries, onChoose }),
    [setAll, onCredit, onLines, onComment, onAccept, onEntries, onChoose],
  );
}

/** Goes on to the next answer that nothing explains, round to the first. */
function lookAtNextOpen(
  { shown, columns, cells }: MarkingView,
  cell: Cell | undefined,
  choose: (place: Place) => void,
): void {
  const order = shown.flatMap(({ id }) => columns.flatMap((each) => cells.get(id)?.get(each.id) ?? []));
  const at = order.findIndex((each) => each === cell);
  const next = [...order.slice(at + 1), ...order.slice(0, at + 1)].find((each) => each.open);
  if (next) choose({ studentId: next.student.id, column: next.column });
  else notifications.show({ message: say('Nothing is left to look at here.') });
}

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
