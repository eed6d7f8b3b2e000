/** What of a set goes to paper: question sheets with own numbers, keys, a roster; looked at, printed, or taken as PDF. */
import { Button, Menu } from '@mantine/core';
import type { Marking } from '@hardy-sextant/contract';
import { enteringStyleById } from '@hardy-sextant/core';
import { ZIP } from '@hardy-sextant/files';
import type { PaperSize } from '@hardy-sextant/files/papers';
import { proxy, wrap } from 'comlink';
import { Fragment, useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { useClass } from '../../../api/setRecords.ts';
import { saveAs } from '../../../api/saveFile.ts';
import { useBarNote } from '../../../ui/BarNote.tsx';
import { PageHead } from '../../../ui/PageHead.tsx';
import { Paper } from '../../../ui/Paper.tsx';
import { Failed, LoadingPage } from '../../../ui/States.tsx';
import { useCountedWork } from '../../../ui/useCountedWork.ts';
import { usePrinting } from '../../../ui/usePrinting.ts';
import { useAllEnteringStyles } from '../../../working/useAllEnteringStyles.ts';
import { useInSection } from '../Sections.tsx';
import { useChecking, useMarking, useSlipTexts } from '../markingRecords.ts';
import { PaperChoices, usePaperChoice } from './PaperChoices.tsx';
import { paperOf, sheetsOf, type PaperChoice, type PaperSources } from './paperOf.ts';
import { PaperShown } from './PaperShown.tsx';
import type { PaperFormat, PapersWorker } from './papers.worker.ts';
import styles from './Papers.module.css';

export function PapersPage() {
  const { setId = '' } = useParams();
  const marking = useMarking(setId);
  const chosen = useClass(marking.data?.set.classId);
  const texts = useSlipTexts();
  if (marking.isError && !marking.data)
    return <Failed what="set" error={marking.error} again={() => void marking.refetch()} />;
  if (chosen.isError && !chosen.data)
    return <Failed what="class" error={chosen.error} again={() => void chosen.refetch()} />;
  if (texts.isError && !texts.data)
    return <Failed what="texts" error={texts.error} again={() => void texts.refetch()} />;
  if (!marking.data || !chosen.data || !texts.data) return <LoadingPage title="Papers" what="the papers" />;
  return <WithSources marking={marking.data} chosen={chosen.data} texts={texts.data} />;
}

/** The class's entering style stands beside what is read. */
function WithSources({ marking: everybody, chosen, texts }: Omit<PaperSources, 'entering'>) {
  const marking = useInSection(everybody);
  const entering = enteringStyleById(chosen.rules.entering, useAllEnteringStyles());
  const sources = useMemo(() => ({ marking, chosen, texts, entering }), [marking, chosen, texts, entering]);
  return <Papers sources={sources} everybody={everybody} />;
}

interface PapersProps {
  readonly sources: PaperSources;
}

function Papers({ sources, everybody }: PapersProps & { readonly everybody: Marking }) {
  const { set: kept, students, unchecked } = sources.marking;
  const { choice, size, set } = usePaperChoice();
  const sheets = useMemo(() => sheetsOf(sources, choice), [sources, choice]);
  const first = useMemo(() => (sheets.count > 0 ? sheets.sheet(0) : undefined), [sheets]);
  useChecking(kept.id, choice.kind === 'feedback' ? unchecked : 0);
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
        <Outgoing sources={sources} choice={choice} size={size} count={sheets.count} title={sheets.title} />
      </PageHead>
      <div className="beside wide-side">
        <article className={`sheet ${styles.sheet}`} aria-label="the first paper">
          {choice.kind === 'feedback' && unchecked > 0 && (
            <p role="status">
              {unchecked} {unchecked === 1 ? 'submission is' : 'submissions are'} being checked.
            </p>
          )}
          {first ? <PaperShown sheet={first} /> : <p>There is nobody to give a paper to: the class has no students.</p>}
        </article>
        <PaperChoices choice={choice} size={size} students={students} everybody={everybody} onSet={set} />
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

interface OutgoingProps extends PapersProps {
  readonly choice: PaperChoice;
  readonly size: PaperSize;
  readonly count: number;
  readonly title: string;
}

function Outgoing({ sources, choice, size, count, title }: OutgoingProps) {
  const { done, run, stop } = useCountedWork('The papers');
  const write = (format: PaperFormat, how: 'one' | 'each') =>
    run(async (say, signal) => {
      const worker = new Worker(new URL('./papers.worker.ts', import.meta.url), { type: 'module' });
      signal.addEventListener('abort', () => worker.terminate());
      const bytes = await wrap<PapersWorker>(worker)[how](sources, choice, format, size, proxy(say));
      await saveAs(how === 'one' ? kinds[format] : ZIP, title, new Blob([new Uint8Array(bytes)]));
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
      {files.map(({ name, formats }) => (
        <Menu key={name} position="bottom-end">
          <Menu.Target>
            <Button variant={name === 'PDF' ? 'filled' : 'default'} disabled={count === 0}>
              {name}
            </Button>
          </Menu.Target>
          <Menu.Dropdown>
            {formats.map(([format, lead]) => (
              <Fragment key={format}>
                <Menu.Item onClick={() => write(format, 'one')}>{lead}One file</Menu.Item>
                <Menu.Item onClick={() => write(format, 'each')} disabled={count < 2}>
                  {lead}A file for each, in a zip
                </Menu.Item>
              </Fragment>
            ))}
          </Menu.Dropdown>
        </Menu>
      ))}
    </>
  );
}

/** The buttons, and the formats that each offers. */
const files: readonly { readonly name: string; readonly formats: readonly (readonly [PaperFormat, string])[] }[] = [
  {
    name: 'Text',
    formats: [
      ['html', 'HTML: '],
      ['md', 'Markdown with TeX: '],
    ],
  },
  { name: 'Document to edit', formats: [['docx', '']] },
  { name: 'PDF', formats: [['pdf', '']] },
];

const kinds = {
  pdf: { type: 'application/pdf', ending: 'pdf' },
  docx: { type: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document', ending: 'docx' },
  html: { type: 'text/html;charset=utf-8', ending: 'html' },
  md: { type: 'text/markdown;charset=utf-8', ending: 'md' },
} as const;
