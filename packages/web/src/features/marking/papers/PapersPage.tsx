/** What of a set goes to paper: question sheets with own numbers, keys, a roster; looked at, printed, or taken as PDF. */
import { Button, Menu } from '@mantine/core';
import type { KeptClass, Marking } from '@hardy-sextant/contract';
import { ZIP } from '@hardy-sextant/files';
import { proxy, wrap } from 'comlink';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { useClass } from '../../../api/setRecords.ts';
import { saveAs } from '../../../api/saveFile.ts';
import { useBarNote } from '../../../ui/BarNote.tsx';
import { PageHead } from '../../../ui/PageHead.tsx';
import { Paper } from '../../../ui/Paper.tsx';
import { Pick } from '../../../ui/Pick.tsx';
import { Failed, LoadingPage } from '../../../ui/States.tsx';
import { useCountedWork } from '../../../ui/useCountedWork.ts';
import { usePrinting } from '../../../ui/usePrinting.ts';
import { useSearchSetting } from '../../../ui/useSearchSetting.ts';
import { useMarking } from '../markingRecords.ts';
import { paperKinds, paperOf, sheetsOf, type PaperChoice, type PaperKind } from './paperOf.ts';
import { PaperShown } from './PaperShown.tsx';
import type { PapersWorker } from './papers.worker.ts';
import styles from './Papers.module.css';

export function PapersPage() {
  const { setId = '' } = useParams();
  const marking = useMarking(setId);
  const chosen = useClass(marking.data?.set.classId);
  if (marking.isError && !marking.data)
    return <Failed what="set" error={marking.error} again={() => void marking.refetch()} />;
  if (chosen.isError && !chosen.data)
    return <Failed what="class" error={chosen.error} again={() => void chosen.refetch()} />;
  if (!marking.data || !chosen.data) return <LoadingPage title="Papers" what="the papers" />;
  return <Papers marking={marking.data} chosen={chosen.data} />;
}

const sizes = ['A4', 'Letter'] as const;
const rooms = { '0': 'none', '30': '3 cm', '50': '5 cm', '80': '8 cm' } as const;

interface PapersProps {
  readonly marking: Marking;
  readonly chosen: KeptClass;
}

/** What the address says of the choice. */
function useChoice() {
  const [search, set] = useSearchSetting();
  const what = search.get('what') ?? '';
  const kind: PaperKind = what in paperKinds ? (what as PaperKind) : 'questions';
  const room = search.get('room') ?? '';
  const size = sizes.find((each) => each === search.get('size')) ?? 'A4';
  const who = search.get('who') ?? 'each';
  const boxes = search.get('boxes') !== 'off';
  const entered = search.get('values') === 'on';
  const choice = useMemo(
    (): PaperChoice => ({ kind, who, form: { room: room in rooms ? Number(room) : 50, boxes, entered } }),
    [kind, who, room, boxes, entered],
  );
  return { choice, size, set };
}

function Papers({ marking, chosen }: PapersProps) {
  const { set: kept, students } = marking;
  const { choice, size, set } = useChoice();
  const sheets = useMemo(() => sheetsOf(marking, chosen, choice), [marking, chosen, choice]);
  const first = useMemo(() => (sheets.count > 0 ? sheets.sheet(0) : undefined), [sheets]);
  const printing = usePrinting();
  useBarNote(`${sheets.count} ${sheets.count === 1 ? 'paper' : 'papers'}`);
  return (
    <>
      <PageHead
        title="Papers"
        where={
          <>
            <Link to="/sets">Sets</Link> · <Link to={`/sets/${kept.id}`}>{kept.title}</Link>
          </>
        }
      >
        <Outgoing
          marking={marking}
          chosen={chosen}
          choice={choice}
          size={size}
          count={sheets.count}
          title={sheets.title}
        />
      </PageHead>
      <div className="beside wide-side">
        <article className={`sheet ${styles.sheet}`} aria-label="the first paper">
          {first ? <PaperShown sheet={first} /> : <p>There is nobody to give a paper to: the class has no students.</p>}
        </article>
        <Choices choice={choice} size={size} students={students} onSet={set} />
      </div>
      {printing && (
        <Paper>
          {paperOf(sheets).sheets.map((sheet, at) => (
            <div key={at} className={styles.page}>
              <PaperShown sheet={sheet} />
            </div>
          ))}
        </Paper>
      )}
    </>
  );
}

interface ChoicesProps {
  readonly choice: PaperChoice;
  readonly size: (typeof sizes)[number];
  readonly students: Marking['students'];
  readonly onSet: (name: string, value: string) => void;
}

function Choices({ choice: { kind, who, form }, size, students, onSet }: ChoicesProps) {
  return (
    <section className={`sheet ${styles.choices}`} aria-label="how it is written">
      <label>
        What
        <Pick
          label="what goes to paper"
          value={kind}
          options={Object.entries(paperKinds) as [PaperKind, string][]}
          onPick={(id) => onSet('what', id)}
        />
      </label>
      {(kind === 'questions' || kind === 'key') && (
        <label>
          For
          <Pick
            label="for whom"
            value={who}
            options={[
              ['each', 'each student, own numbers'],
              ['all', 'one for all'],
              ...students.map(({ id, name, number }) => [id, `${name}, ${number}`] as const),
            ]}
            onPick={(id) => onSet('who', id)}
          />
        </label>
      )}
      <label>
        Paper
        <Pick
          label="size of the paper"
          value={size}
          options={sizes.map((each) => [each, each])}
          onPick={(id) => onSet('size', id)}
        />
      </label>
      {kind === 'questions' && <FormChoices form={form} onSet={onSet} />}
    </section>
  );
}

interface FormChoicesProps {
  readonly form: PaperChoice['form'];
  readonly onSet: (name: string, value: string) => void;
}

function FormChoices({ form: { room, boxes, entered }, onSet }: FormChoicesProps) {
  return (
    <>
      <label>
        Room to work
        <Pick
          label="room to work"
          value={String(room) as keyof typeof rooms}
          options={Object.entries(rooms) as [keyof typeof rooms, string][]}
          onPick={(id) => onSet('room', id)}
        />
      </label>
      <label>
        Boxes for answers
        <input
          type="checkbox"
          checked={boxes}
          onChange={(event) => onSet('boxes', event.currentTarget.checked ? '' : 'off')}
        />
      </label>
      <label>
        Boxes for the five values
        <input
          type="checkbox"
          checked={entered}
          onChange={(event) => onSet('values', event.currentTarget.checked ? 'on' : '')}
        />
      </label>
    </>
  );
}

interface OutgoingProps extends PapersProps {
  readonly choice: PaperChoice;
  readonly size: (typeof sizes)[number];
  readonly count: number;
  readonly title: string;
}

function Outgoing({ marking, chosen, choice, size, count, title }: OutgoingProps) {
  const { done, run, stop } = useCountedWork('The papers');
  const write = (how: 'one' | 'each') =>
    run(async (say, signal) => {
      const worker = new Worker(new URL('./papers.worker.ts', import.meta.url), { type: 'module' });
      signal.addEventListener('abort', () => worker.terminate());
      const bytes = await wrap<PapersWorker>(worker)[how](marking, chosen, choice, size, proxy(say));
      await saveAs(how === 'one' ? PDF : ZIP, title, new Blob([new Uint8Array(bytes)]));
    });
  if (done !== undefined)
    return (
      <Button onClick={stop}>
        Stop: {done} of {count} papers
      </Button>
    );
  return (
    <>
      <Button disabled={count === 0} onClick={() => window.print()}>
        Print
      </Button>
      <Menu position="bottom-end">
        <Menu.Target>
          <Button variant="filled" disabled={count === 0}>
            PDF
          </Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item onClick={() => write('one')}>One file</Menu.Item>
          <Menu.Item onClick={() => write('each')} disabled={count < 2}>
            A file for each, in a zip
          </Menu.Item>
        </Menu.Dropdown>
      </Menu>
    </>
  );
}

const PDF = { type: 'application/pdf', ending: 'pdf' };
