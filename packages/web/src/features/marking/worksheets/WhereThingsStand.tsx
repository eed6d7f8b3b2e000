/** Where things stand in a worksheet, said by dragging marks over its cells or by choosing for a cell; for all that look alike. */
import {
  DndContext,
  DragOverlay,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { columnLetters, placeOf, type NumberStyle, type Place } from '@hardy-sextant/core';
import type { WorksheetDetail } from '@hardy-sextant/contract';
import { useMemo, useState } from 'react';
import { Pick } from '../../../ui/Pick.tsx';
import { showUndo } from '../../../ui/showUndo.tsx';
import { MarkChip } from './MarkChip.tsx';
import { MarkedCells } from './MarkedCells.tsx';
import {
  allMarks,
  mappingSaid,
  markId,
  marksOf,
  markWords,
  putMark,
  readAs,
  standsAt,
  type Mark,
  type SheetMarks,
} from './sheetMarks.ts';
import { useMapWorksheets } from './worksheetRecords.ts';
import styles from './Marks.module.css';
import { many, say } from '../../../words/say.ts';

interface WhereThingsStandProps {
  readonly setId: string;
  readonly detail: WorksheetDetail;
  /** The parts of the exercise that cells may answer. */
  readonly parts: readonly string[];
  readonly style: NumberStyle;
  /** Left out where nothing else can be shown. */
  readonly onClose?: (() => void) | undefined;
}

export function WhereThingsStand({ setId, detail, parts, style, onClose }: WhereThingsStandProps) {
  const found = useMemo(() => marksOf(detail), [detail]);
  const [marks, setMarks] = useState(found);
  const [sheet, setSheet] = useState(found.sheet);
  const [chosen, setChosen] = useState('A1');
  const all = useMemo(() => allMarks(parts), [parts]);
  const table = useMemo(() => readAs(marks, detail).tables.find((each) => each.sheet === marks.sheet), [marks, detail]);
  const save = useSaving(setId, detail, onClose);
  const drag = useDragging(all, sheet, (mark, place) => setMarks(putMark(marks, mark, place)));
  const away = all.filter((mark) => standsAt(marks, mark) === undefined);
  const sheets = Object.keys(detail.sheets);
  return (
    <DndContext sensors={drag.sensors} collisionDetection={pointerWithin} onDragStart={drag.start} onDragEnd={drag.end}>
      <section className={`sheet ${styles.where}`} aria-label={say('where things stand')}>
        <p style={{ margin: 0 }}>
          {say(
            'Drag each mark to where it belongs: over a column what the column holds, on a row where the table begins, on a cell which number it is. Or choose a cell and say it below.',
          )}
        </p>
        {away.length > 0 && (
          <p className={styles.away} data-away>
            <span className="soft">{say('Not in this worksheet:')}</span>
            {away.map((mark) => (
              <MarkChip key={markId(mark)} mark={mark} />
            ))}
          </p>
        )}
        {sheets.length > 1 && (
          <Pick
            label={say('sheet')}
            value={sheet}
            options={sheets.map((name) => [name, name] as const)}
            onPick={setSheet}
          />
        )}
        <MarkedCells
          detail={detail}
          sheet={sheet}
          marks={marks}
          all={all}
          style={style}
          rows={table && { first: table.firstRow, last: table.lastRow }}
          chosen={chosen}
          onChoose={setChosen}
        />
        <CellFields sheet={sheet} chosen={chosen} marks={marks} all={all} onMarks={setMarks} />
        <div className="line">
          <Button variant="filled" loading={save.isPending} onClick={() => save.take(marks)}>
            {say('Judge it like this')}
          </Button>
          {detail.isMapped && <Button onClick={save.forget}>{say('Look for everything anew')}</Button>}
          {onClose && <Button onClick={onClose}>{say('Cancel')}</Button>}
        </div>
      </section>
      <DragOverlay dropAnimation={null}>
        {drag.moved && <span className={styles.mark}>{markWords(drag.moved)}</span>}
      </DragOverlay>
    </DndContext>
  );
}

/** A mark under way; where it is let go is the cell under the pointer, or none. */
function useDragging(all: readonly Mark[], sheet: string, onPut: (mark: Mark, place: Place | undefined) => void) {
  const [moved, setMoved] = useState<Mark>();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
  const end = ({ activatorEvent, delta }: DragEndEvent) => {
    setMoved(undefined);
    if (!moved || !(activatorEvent instanceof PointerEvent)) return;
    const under = document.elementsFromPoint(activatorEvent.clientX + delta.x, activatorEvent.clientY + delta.y);
    const cell = under.find((element) => element instanceof HTMLTableCellElement && element.dataset['address']);
    const place = cell instanceof HTMLElement ? placeOf(cell.dataset['address'] ?? '') : undefined;
    if (place) onPut(moved, { sheet, ...place });
    else if (under.some((element) => element instanceof HTMLElement && element.dataset['away'] !== undefined))
      onPut(moved, undefined);
  };
  return {
    moved,
    sensors,
    start: ({ active }: { active: { id: string | number } }) =>
      setMoved(all.find((mark) => markId(mark) === active.id)),
    end,
  };
}

interface CellFieldsProps {
  readonly sheet: string;
  readonly chosen: string;
  readonly marks: SheetMarks;
  readonly all: readonly Mark[];
  readonly onMarks: (marks: SheetMarks) => void;
}

/** What the chosen cell, its column and its row are: all that dragging does, by keyboard. */
function CellFields({ sheet, chosen, marks, all, onMarks }: CellFieldsProps) {
  const place = { sheet, ...(placeOf(chosen) ?? { row: 1, column: 1 }) };
  const letters = columnLetters(place.column);
  const pick = (label: string, kinds: readonly Mark['kind'][], at: string) => {
    const of = all.filter(({ kind }) => kinds.includes(kind));
    const now = of.find((mark) => standsAt(marks, mark) === at);
    const take = (id: string) => {
      const mark = of.find((each) => markId(each) === id);
      if (mark) onMarks(putMark(marks, mark, place));
      else if (now) onMarks(putMark(marks, now, undefined));
    };
    const options = of.map((mark) => [markId(mark), markWords(mark)] as const);
    return (
      <label>
        {label}{' '}
        <Pick value={now ? markId(now) : ''} options={[['', say('nothing of these')], ...options]} onPick={take} />
      </label>
    );
  };
  const isHere = sheet === marks.sheet;
  return (
    <div className="line">
      {pick(say('{{chosen}} is', { chosen }), ['input', 'answer'], `${sheet}!${chosen}`)}
      {pick(say('column {{letters}} holds', { letters }), ['column'], isHere ? letters : '')}
      {pick(say('row {{row}} is', { row: place.row }), ['row'], isHere ? String(place.row) : '')}
    </div>
  );
}

function useSaving(setId: string, detail: WorksheetDetail, onClose: (() => void) | undefined) {
  const map = useMapWorksheets(setId);
  const { id, revision } = detail;
  const send = (mapping: ReturnType<typeof mappingSaid> | null) =>
    map.mutate(
      { worksheets: [{ id, revision, mapping }], alike: mapping !== null },
      {
        onSuccess: ({ worksheets, was }) => {
          onClose?.();
          const others = worksheets.length - 1;
          const follow = many(others, 'one other that looks alike follows', '{{count}} others that look alike follow');
          showUndo(say('It is judged anew{{value}}.', { value: others > 0 ? `; ${follow}` : '' }), () =>
            map.mutateAsync({ worksheets: was }),
          );
        },
        onError: (error) => notifications.show({ message: error.message }),
      },
    );
  return {
    isPending: map.isPending,
    take: (marks: SheetMarks) => send(mappingSaid(marks, detail)),
    forget: () => send(null),
  };
}
