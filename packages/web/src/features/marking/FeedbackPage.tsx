/** Feedback: what each student reads, the words about each slip, and the marks for a gradebook. */
import { Button, Menu } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { enteringStyleById } from '@hardy-sextant/core';
import type { KeptClass, MarkedStudent, Marking, SlipText } from '@hardy-sextant/contract';
import {
  gradebookCsv,
  gradebookOds,
  gradebookWorkbook,
  marksJson,
  oneRosterMarks,
  oneRosterResults,
} from '@hardy-sextant/files';
import { useCallback, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useBarNote } from '../../ui/BarNote.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { Paper } from '../../ui/Paper.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { useClass } from '../../api/setRecords.ts';
import { saveAs } from '../../api/saveFile.ts';
import { Failed, LoadingPage } from '../../ui/States.tsx';
import { usePrinting } from '../../ui/usePrinting.ts';
import { useSearchSetting } from '../../ui/useSearchSetting.ts';
import { useAllEnteringStyles } from '../../working/useAllEnteringStyles.ts';
import { feedbackFor, feedbackText, type Feedback } from '@hardy-sextant/core';
import { FeedbackShown } from './FeedbackShown.tsx';
import { useChecking, useMarking, useSlipTexts } from './markingRecords.ts';
import { SectionPick, useInSection } from './Sections.tsx';
import { SlipWords } from './SlipWords.tsx';
import styles from './Feedback.module.css';
import { say } from '../../words/say.ts';

export function FeedbackPage() {
  const { setId = '' } = useParams();
  const marking = useMarking(setId);
  const chosen = useClass(marking.data?.set.classId);
  const texts = useSlipTexts();
  if (marking.isError && !marking.data)
    return <Failed what={say('marking')} error={marking.error} again={() => void marking.refetch()} />;
  if (chosen.isError && !chosen.data)
    return <Failed what={say('class')} error={chosen.error} again={() => void chosen.refetch()} />;
  if (texts.isError && !texts.data)
    return <Failed what={say('texts')} error={texts.error} again={() => void texts.refetch()} />;
  if (!marking.data || !chosen.data || !texts.data)
    return <LoadingPage title={say('Feedback')} what={say('the feedback')} />;
  return <FeedbackDesk setId={setId} marking={marking.data} chosen={chosen.data} texts={texts.data} />;
}

interface FeedbackDeskProps {
  readonly setId: string;
  readonly marking: Marking;
  readonly chosen: KeptClass;
  readonly texts: readonly SlipText[];
}

function FeedbackDesk({ setId, marking: everybody, chosen, texts }: FeedbackDeskProps) {
  const marking = useInSection(everybody);
  const [search, set] = useSearchSetting();
  const { set: kept, students } = marking;
  const student = students.find(({ id }) => id === search.get('student')) ?? students[0];
  const working = search.get('working') !== 'off';
  useChecking(setId, marking.unchecked);
  useBarNote(say('{{code}} · {{students}} students', { code: chosen.code, students: students.length }));
  const feedbackOf = useFeedbackOf(marking, chosen, texts, working);
  const feedback = useMemo(() => student && feedbackOf(student), [student, feedbackOf]);
  const { onPaper, print } = usePaper(students, student);
  return (
    <>
      <PageHead
        title={say('Feedback')}
        where={
          <>
            <Link to="/sets">{say('Sets')}</Link> · <Link to={`/sets/${setId}`}>{kept.title}</Link> ·{' '}
            <Link to={`/sets/${setId}/marking`}>{say('Marking')}</Link>
          </>
        }
      >
        <Outgoing marking={marking} student={student} feedback={feedback} onPrint={print} />
      </PageHead>
      <div className="beside wide-side">
        <div>
          <StudentTools
            everybody={everybody}
            students={students}
            student={student}
            working={working}
            onStudent={(id) => set('student', id)}
            onWorking={(shown) => set('working', shown ? '' : 'off')}
          />
          {feedback && (
            <article
              className={`sheet ${styles.sheet}`}
              aria-label={say('Feedback for {{name}}', { name: feedback.name })}
            >
              <FeedbackShown title={kept.title} feedback={feedback} />
            </article>
          )}
        </div>
        <SlipWords marking={marking} texts={texts} />
      </div>
      {onPaper && (
        <Paper>
          {onPaper.map((each) => (
            <div key={each.id} className={styles.page}>
              <FeedbackShown title={kept.title} feedback={feedbackOf(each)} />
            </div>
          ))}
        </Paper>
      )}
    </>
  );
}

/** What a student reads, by the class's rules and the words about slips in force. */
function useFeedbackOf(
  marking: Marking,
  { rules }: KeptClass,
  texts: readonly SlipText[],
  working: boolean,
): (student: MarkedStudent) => Feedback {
  const entering = enteringStyleById(rules.entering, useAllEnteringStyles());
  return useCallback(
    (student) => feedbackFor(marking, student, rules, texts, entering, working),
    [marking, rules, texts, entering, working],
  );
}

/** Who is on paper while the page prints: one student, or everybody. */
function usePaper(students: readonly MarkedStudent[], student: MarkedStudent | undefined) {
  const printing = usePrinting();
  const [everybody, setEverybody] = useState(false);
  const print = (all: boolean) => {
    setEverybody(all);
    setTimeout(() => window.print());
  };
  const onPaper = printing ? (everybody ? students : student ? [student] : []) : undefined;
  return { onPaper, print };
}

interface OutgoingProps {
  readonly marking: Marking;
  readonly student: MarkedStudent | undefined;
  readonly feedback: Feedback | undefined;
  readonly onPrint: (all: boolean) => void;
}

/** Marks as files, feedback into the clipboard and on paper. */
function Outgoing({ marking, student, feedback, onPrint }: OutgoingProps) {
  const { title } = marking.set;
  const copy = () => {
    if (!feedback) return;
    navigator.clipboard.writeText(feedbackText(title, feedback)).then(
      () => notifications.show({ message: say('The feedback for {{name}} is copied.', { name: feedback.name }) }),
      () => notifications.show({ message: say('The browser does not let this page use the clipboard.') }),
    );
  };
  return (
    <>
      <Menu position="bottom-end">
        <Menu.Target>
          <Button>{say('Marks as a file ▾')}</Button>
        </Menu.Target>
        <Menu.Dropdown>
          {[gradebookWorkbook, gradebookOds, gradebookCsv, oneRosterMarks, oneRosterResults, marksJson].map(
            (format) => (
              <Menu.Item
                key={format.id}
                onClick={() => void saveAs(format, `${title} ${format.id}`, format.writes(marking))}
              >
                {format.name}
              </Menu.Item>
            ),
          )}
        </Menu.Dropdown>
      </Menu>
      <Button onClick={copy}>{say('Copy')}</Button>
      <Button component={Link} to={`/sets/${marking.set.id}/papers?what=feedback`}>
        {say('As PDF or document')}
      </Button>
      <Menu position="bottom-end">
        <Menu.Target>
          <Button variant="filled">{say('Print ▾')}</Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item onClick={() => onPrint(false)}>
            {student ? say('for {{name}}', { name: student.name }) : say('for this student')}
          </Menu.Item>
          <Menu.Item onClick={() => onPrint(true)}>
            {say('for all {{students}} students', { students: marking.students.length })}
          </Menu.Item>
        </Menu.Dropdown>
      </Menu>
    </>
  );
}

interface StudentToolsProps {
  readonly everybody: Marking;
  readonly students: readonly MarkedStudent[];
  readonly student: MarkedStudent | undefined;
  readonly working: boolean;
  readonly onStudent: (id: string) => void;
  readonly onWorking: (shown: boolean) => void;
}

function StudentTools({ everybody, students, student, working, onStudent, onWorking }: StudentToolsProps) {
  const at = students.findIndex(({ id }) => id === student?.id);
  const [previous, next] = [students[at - 1], students[at + 1]];
  return (
    <div className="line tools">
      <Button size="compact-sm" onClick={() => previous && onStudent(previous.id)} disabled={!previous}>
        {say('Previous')}
      </Button>
      <Pick
        label={say('student')}
        value={student?.id ?? ''}
        options={students.map(({ id, name, number }) => [id, `${name}, ${number}`])}
        onPick={onStudent}
      />
      <Button size="compact-sm" onClick={() => next && onStudent(next.id)} disabled={!next}>
        {say('Next')}
      </Button>
      <SectionPick marking={everybody} />
      <label>
        <input type="checkbox" checked={working} onChange={(event) => onWorking(event.currentTarget.checked)} />{' '}
        {say('with the working')}
      </label>
    </div>
  );
}
