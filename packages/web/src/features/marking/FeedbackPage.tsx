/** Feedback: what each student reads, the words about each slip, and the marks for a gradebook. */
import { Button, Menu } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { enteringStyleById, slipById } from '@hardy-sextant/core';
import type { KeptClass, Marking, SlipText } from '@hardy-sextant/contract';
import { marksJson, oneRosterResults } from '@hardy-sextant/files';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useBarNote } from '../../ui/BarNote.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { Paper } from '../../ui/Paper.tsx';
import { useClass } from '../../ui/setRecords.ts';
import { saveAs } from '../../ui/saveFile.ts';
import { Failed, Loading } from '../../ui/States.tsx';
import { usePrinting } from '../../ui/usePrinting.ts';
import { useSearchSetting } from '../../ui/useSearchSetting.ts';
import { VerdictMark } from '../../ui/VerdictMark.tsx';
import { Steps } from '../../ui/working/Steps.tsx';
import { useAllEnteringStyles } from '../../ui/working/useAllEnteringStyles.ts';
import { feedbackFor, feedbackText, usualWords, type Feedback } from './feedback.ts';
import { useChecking, useMarking, useSlipTexts, useWriteSlipText } from './markingRecords.ts';
import styles from './Feedback.module.css';

export function FeedbackPage() {
  const { setId } = useParams();
  const marking = useMarking(setId!);
  const chosen = useClass(marking.data?.set.classId);
  const texts = useSlipTexts();
  if (marking.isError && !marking.data)
    return <Failed what="marking" error={marking.error} again={() => void marking.refetch()} />;
  if (chosen.isError && !chosen.data)
    return <Failed what="class" error={chosen.error} again={() => void chosen.refetch()} />;
  if (texts.isError && !texts.data)
    return <Failed what="texts" error={texts.error} again={() => void texts.refetch()} />;
  if (!marking.data || !chosen.data || !texts.data) return <Loading what="the feedback" />;
  return <FeedbackDesk setId={setId!} marking={marking.data} chosen={chosen.data} texts={texts.data} />;
}

function FeedbackDesk({
  setId,
  marking,
  chosen,
  texts,
}: {
  readonly setId: string;
  readonly marking: Marking;
  readonly chosen: KeptClass;
  readonly texts: readonly SlipText[];
}) {
  const [search, set] = useSearchSetting();
  const printing = usePrinting();
  const [everybody, setEverybody] = useState(false);
  const entering = enteringStyleById(chosen.rules.entering, useAllEnteringStyles());
  const working = search.get('working') !== 'off';
  useChecking(setId, marking.unchecked);
  useBarNote(`${chosen.code} · ${marking.students.length} students`);
  const { set: kept, students } = marking;
  const student = students.find(({ id }) => id === search.get('student')) ?? students[0];
  const feedback = useMemo(
    () => student && feedbackFor(marking, student, chosen.rules, texts, entering, working),
    [marking, student, chosen.rules, texts, entering, working],
  );
  const onPaper = printing
    ? (everybody ? students : student ? [student] : []).map((each) =>
        feedbackFor(marking, each, chosen.rules, texts, entering, working),
      )
    : [];
  const print = (all: boolean) => {
    setEverybody(all);
    setTimeout(() => window.print());
  };
  const copy = () => {
    if (!feedback) return;
    navigator.clipboard.writeText(feedbackText(kept.title, feedback)).then(
      () => notifications.show({ message: `The feedback for ${feedback.name} is copied.` }),
      () => notifications.show({ message: 'The browser does not let this page use the clipboard.' }),
    );
  };
  const step = (by: number) => {
    const at = students.findIndex(({ id }) => id === student?.id) + by;
    if (students[at]) set('student', students[at].id);
  };
  return (
    <>
      <PageHead
        title="Feedback"
        where={
          <>
            <Link to="/sets">Sets</Link> · <Link to={`/sets/${setId}`}>{kept.title}</Link> ·{' '}
            <Link to={`/sets/${setId}/marking`}>Marking</Link>
          </>
        }
      >
        <Menu position="bottom-end">
          <Menu.Target>
            <Button>Marks as a file ▾</Button>
          </Menu.Target>
          <Menu.Dropdown>
            {[oneRosterResults, marksJson].map((format) => (
              <Menu.Item
                key={format.id}
                onClick={() => void saveAs(format, `${kept.title} ${format.id}`, format.writes(marking))}
              >
                {format.name}
              </Menu.Item>
            ))}
          </Menu.Dropdown>
        </Menu>
        <Button onClick={copy}>Copy</Button>
        <Menu position="bottom-end">
          <Menu.Target>
            <Button variant="filled">Print ▾</Button>
          </Menu.Target>
          <Menu.Dropdown>
            <Menu.Item onClick={() => print(false)}>{student ? `for ${student.name}` : 'for this student'}</Menu.Item>
            <Menu.Item onClick={() => print(true)}>for all {students.length} students</Menu.Item>
          </Menu.Dropdown>
        </Menu>
      </PageHead>
      <div className={styles.columns}>
        <div>
          <div className={styles.tools}>
            <Button size="compact-sm" onClick={() => step(-1)} disabled={student === students[0]}>
              Previous
            </Button>
            <select
              aria-label="student"
              value={student?.id ?? ''}
              onChange={(event) => set('student', event.currentTarget.value)}
            >
              {students.map(({ id, name, number }) => (
                <option key={id} value={id}>
                  {name}, {number}
                </option>
              ))}
            </select>
            <Button size="compact-sm" onClick={() => step(1)} disabled={student === students.at(-1)}>
              Next
            </Button>
            <label>
              <input
                type="checkbox"
                checked={working}
                onChange={(event) => set('working', event.currentTarget.checked ? '' : 'off')}
              />{' '}
              with the working
            </label>
          </div>
          {feedback && (
            <article className={`sheet ${styles.sheet}`} aria-label={`Feedback for ${feedback.name}`}>
              <FeedbackShown title={kept.title} feedback={feedback} />
            </article>
          )}
        </div>
        <SlipWords marking={marking} texts={texts} />
      </div>
      {printing && (
        <Paper>
          {onPaper.map((each) => (
            <div key={each.number} className={styles.page}>
              <FeedbackShown title={kept.title} feedback={each} />
            </div>
          ))}
        </Paper>
      )}
    </>
  );
}

function FeedbackShown({ title, feedback }: { readonly title: string; readonly feedback: Feedback }) {
  return (
    <>
      <header className={styles.head}>
        <div>
          <div className="soft">{title}</div>
          <h2>
            {feedback.name} <span className="soft">{feedback.number}</span>
          </h2>
        </div>
        <strong className="figures">{feedback.total}</strong>
      </header>
      {feedback.exercises.map(({ title: name, story, parts }, at) => (
        <section key={at}>
          <h3>
            {at + 1} · {name}
          </h3>
          <p className={styles.story}>{story}</p>
          {parts.map((part) => (
            <div key={part.id} className={styles.part}>
              <p>
                <strong>{part.id}</strong> {part.prompt} <span className="figures soft">{part.marks}</span>
              </p>
              <p>
                {part.answer !== '' && (
                  <>
                    Your answer: <span className="figures">{part.answer.slice(0, 200)}</span>{' '}
                  </>
                )}
                <VerdictMark verdict={part} brief /> {part.verdict}
              </p>
              {part.says.map((each) => (
                <p key={each} className={styles.says}>
                  {each}
                </p>
              ))}
              {part.comment !== '' && <p className={styles.comment}>{part.comment}</p>}
              {part.working.length > 0 && (
                <details open>
                  <summary>The working, with your numbers</summary>
                  <Steps steps={part.working} name={`Working of part ${part.id}`} />
                </details>
              )}
            </div>
          ))}
        </section>
      ))}
    </>
  );
}

/** What students read about each slip that occurs here; changed once for all classes. */
function SlipWords({ marking, texts }: { readonly marking: Marking; readonly texts: readonly SlipText[] }) {
  const found = useMemo(() => {
    const counts = new Map<string, number>();
    for (const { verdicts } of marking.students)
      for (const verdict of Object.values(verdicts ?? {}).flat())
        if (verdict.kind === 'slip' || verdict.kind === 'carried-slip')
          for (const id of verdict.explanations[0]?.slips ?? []) counts.set(id, (counts.get(id) ?? 0) + 1);
    return [...counts].sort((a, b) => b[1] - a[1]);
  }, [marking]);
  return (
    <aside className={`sheet ${styles.words}`} aria-label="What students read about each slip">
      <h2 className="label">What students read about each slip</h2>
      <p className="soft">Yours to change, once for all classes. Empty brings ours back.</p>
      {found.length === 0 && <p>No slip occurs in this set.</p>}
      <ul>
        {found.map(([id, count]) => (
          <SlipWord key={id} slipId={id} count={count} kept={texts.find((each) => each.slipId === id)} />
        ))}
      </ul>
    </aside>
  );
}

function SlipWord({
  slipId,
  count,
  kept,
}: {
  readonly slipId: string;
  readonly count: number;
  readonly kept: SlipText | undefined;
}) {
  const write = useWriteSlipText();
  const usual = usualWords(slipId);
  const stored = kept?.text === undefined || kept.text === '' ? usual : kept.text;
  const [typed, setTyped] = useState<string>();
  const title = slipById(slipId)?.title ?? slipId.replaceAll('-', ' ');
  const leave = () => {
    if (typed === undefined) return;
    const text = typed.trim() === usual ? '' : typed.trim();
    if (text === (kept?.text ?? '')) return setTyped(undefined);
    write.mutate({ slipId, text, revision: kept?.revision ?? 0 }, { onSuccess: () => setTyped(undefined) });
  };
  return (
    <li>
      <label>
        <span>
          {title} <span className="soft">× {count}</span>
        </span>
        <textarea
          aria-label={`words about ${title}`}
          value={typed ?? stored}
          maxLength={2000}
          onChange={(event) => setTyped(event.currentTarget.value)}
          onBlur={leave}
        />
      </label>
      {write.error && (
        <p role="alert" className={styles.problem}>
          {write.error.message} What you typed is still here.
        </p>
      )}
    </li>
  );
}
