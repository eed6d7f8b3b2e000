/** One worksheet: its cells, its causes, whose it is; walked with the keyboard. */
import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { lookUp, type NumberStyle } from '@hardy-sextant/core';
import type { KeptWorksheet, MarkedStudent, WorksheetDetail } from '@hardy-sextant/contract';
import { useMemo, useState, type KeyboardEvent, type ReactNode } from 'react';
import { Pick } from '../../../ui/Pick.tsx';
import { showUndo } from '../../../ui/showUndo.tsx';
import { Failed, Loading } from '../../../ui/States.tsx';
import { CausePanel } from './CausePanel.tsx';
import { SheetView } from './SheetView.tsx';
import { sheetShown } from './sheetShown.ts';
import { WhereThingsStand } from './WhereThingsStand.tsx';
import { fileAddress, useMatchWorksheet, useRemoveWorksheets, useWorksheet } from './worksheetRecords.ts';
import { say } from '../../../words/say.ts';
import { tellAfter } from '../../../api/tellAfter.ts';

interface WorksheetShownProps {
  readonly setId: string;
  readonly worksheet: KeptWorksheet;
  readonly all: readonly KeptWorksheet[];
  readonly students: readonly MarkedStudent[];
  readonly style: NumberStyle;
  /** Names of the exercise's parts. */
  readonly parts: readonly string[];
  readonly onStep: (by: number) => void;
  readonly onCause: (id: string) => void;
  readonly onProject: (id: string) => void;
}

export function WorksheetShown({
  setId,
  worksheet,
  all,
  students,
  style,
  parts,
  onStep,
  onCause,
  onProject,
}: WorksheetShownProps) {
  const detail = useWorksheet(setId, worksheet.id);
  const sheet = useMemo(() => detail.data && sheetShown(detail.data), [detail.data]);
  const [picked, setPicked] = useState<string>();
  const [mended, setMended] = useState(false);
  const [mapping, setMapping] = useState(false);
  if (detail.isError && !detail.data)
    return <Failed what={say('worksheet')} error={detail.error} again={() => void detail.refetch()} />;
  if (!detail.data) return <Loading what={say('the worksheet')} />;
  const chosen = picked ?? firstWrong(detail.data);
  const keys = keysOf({
    n: () => setPicked(nextWrong(detail.data, chosen)),
    m: () => setMended(!mended),
    ']': () => onStep(1),
    '[': () => onStep(-1),
  });
  const shared = { setId, parts, style };
  const closes = sheet ? () => setMapping(false) : undefined;
  const isMapping = mapping || (!sheet && Object.keys(detail.data.sheets).length > 0);
  return (
    // eslint-disable-next-line jsx-a11y-x/no-noninteractive-element-interactions -- keys of the cells and buttons inside
    <div role="group" aria-label={say('the worksheet and its causes')} style={{ display: 'contents' }} onKeyDown={keys}>
      <div style={{ minWidth: 0 }}>
        {isMapping && <WhereThingsStand key={detail.data.revision} detail={detail.data} onClose={closes} {...shared} />}
        {!isMapping && sheet && (
          <SheetView sheet={sheet} style={style} chosen={chosen} mended={mended} onChoose={setPicked} />
        )}
        {!isMapping && <p className="soft small">{HINT}</p>}
      </div>
      <div className="stack">
        <Whose setId={setId} worksheet={worksheet} students={students}>
          {sheet && (
            <Button aria-pressed={mapping} onClick={() => setMapping(!mapping)}>
              {say('Where things stand')}
            </Button>
          )}
        </Whose>
        <CausePanel
          detail={detail.data}
          all={all}
          mended={mended}
          onMended={setMended}
          onChoose={setPicked}
          onCause={onCause}
          onProject={onProject}
        />
      </div>
    </div>
  );
}

const HINT = say('N next wrong cell · M mended or not · [ and ] the worksheet before and after');

/** Acts on a key alone, where nothing is typed. */
const keysOf = (acts: Readonly<Record<string, () => void>>) => (event: KeyboardEvent) => {
  if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
  const act = lookUp(acts, event.key);
  if (!act) return;
  event.preventDefault();
  act();
};

const isTyping = (target: EventTarget): boolean =>
  target instanceof HTMLInputElement || target instanceof HTMLSelectElement || target instanceof HTMLTextAreaElement;

const wrongOf = ({ judged }: WorksheetDetail): string[] =>
  judged.filter(({ verdict }) => verdict === 'wrong').map(({ address }) => address);

const firstWrong = (detail: WorksheetDetail): string | undefined => wrongOf(detail)[0];

function nextWrong(detail: WorksheetDetail, now: string | undefined): string | undefined {
  const wrong = wrongOf(detail);
  return wrong[(wrong.indexOf(now ?? '') + 1) % Math.max(1, wrong.length)];
}

interface WhoseProps {
  readonly setId: string;
  readonly worksheet: KeptWorksheet;
  readonly students: readonly MarkedStudent[];
  /** What else can be done with it. */
  readonly children: ReactNode;
}

/** Whose it is, its file as it came and with remarks, and taking it away. */
function Whose({ setId, worksheet, students, children }: WhoseProps) {
  const match = useMatchWorksheet(setId);
  const remove = useRemoveWorksheets(setId);
  const { id, studentId, revision, name } = worksheet;
  const give = (to: string) =>
    match.mutate(
      { id, revision, studentId: to === '' ? null : to },
      { onError: (error) => notifications.show({ message: error.message }) },
    );
  const takeAway = () =>
    tellAfter(
      remove.mutateAsync({ ids: [id], removed: true }),
      () =>
        showUndo(say('“{{name}}” is taken away.', { name }), () => remove.mutateAsync({ ids: [id], removed: false })),
      (error) => notifications.show({ message: error.message }),
    );
  return (
    <div className="stack" style={{ gap: 8 }}>
      <Pick
        label={say('whose worksheet it is')}
        value={studentId ?? ''}
        options={[
          ['', say('nobody yet: give it to…')],
          ...students.map((student) => [student.id, `${student.name}, ${student.number}`] as const),
        ]}
        onPick={give}
      />
      <div className="line small">
        <Button component="a" href={fileAddress(setId, id, 'returned')} download>
          {say('Give back with remarks')}
        </Button>
        <Button component="a" href={fileAddress(setId, id, 'original')} download>
          {say('The file')}
        </Button>
        {children}
        <Button variant="subtle" onClick={takeAway}>
          {say('Remove')}
        </Button>
      </div>
    </div>
  );
}
