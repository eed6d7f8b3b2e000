/** The Desk: what is waiting, what was worked on last, and a place to start. */
import { Button } from '@mantine/core';
import { defaultHouseRules, solveCase, kindOf, slotName } from '@hardy-sextant/core';
import type { KeptCase, ListedSet } from '@hardy-sextant/contract';
import { Link } from 'react-router';
import { PageHead } from '../../ui/PageHead.tsx';
import { owns, teaches, useMe } from '../../api/session.ts';
import { useCases, useClasses, useExercises, useSets } from '../../api/records.ts';

import { Empty, Failed, Loading } from '../../ui/States.tsx';
import { solvedText } from '../../statement/editing.ts';
import { BlankBook } from './BlankBook.tsx';
import { LookAtDemo, PutDemoAway } from './Demo.tsx';
import styles from './DeskPage.module.css';
import { dayInWords } from '../../ui/days.ts';
import { listed, many, say } from '../../words/say.ts';
import { Said } from '../../words/Said.tsx';

/** So many cases are shown; the others are one step away. */
const RECENT = 6;
const RECENT_EXERCISES = 4;

export function DeskPage() {
  const classes = useClasses();
  const [first] = classes.data?.rows ?? [];
  const codes = classes.data?.rows.map(({ code }) => code) ?? [];
  const me = useMe();
  const isTeacher = teaches(me.data);
  const isBlank = useIsBlank();
  return (
    <>
      <PageHead title={say('Desk')} where={first ? `${first.college} · ${someCodes(codes)}` : say('Your work')}>
        {isTeacher && (
          <>
            <Button component={Link} to="/exercises/from-text">
              {say('Paste a problem')}
            </Button>
            <Button component={Link} to="/bench" variant="filled">
              {say('State a case')}
            </Button>
          </>
        )}
      </PageHead>
      {isBlank && isTeacher ? (
        <>
          <BlankBook />
          {owns(me.data) && <LookAtDemo />}
        </>
      ) : (
        <div className="beside even">
          <div>
            <Waiting />
            {isTeacher && <RecentExercises />}
          </div>
          {isTeacher && <RecentCases />}
        </div>
      )}
      <OfTheBook />
    </>
  );
}

/** Nothing is kept yet; unknown until everything was looked at. */
function useIsBlank(): boolean {
  const totals = [useCases().data?.total, useExercises().data?.total, useSets().data?.total, useClasses().data?.total];
  return totals.every((total) => total === 0);
}

/** What is about the book as a whole, for its owner. */
function OfTheBook() {
  const me = useMe();
  if (!owns(me.data)) return null;
  return (
    <nav aria-label={say('The book as a whole')} className="soft">
      <Link to="/people">{say('People who work with this book')}</Link> · <Link to="/backups">{say('Backups')}</Link> ·{' '}
      <Link to="/bin">{say('Bin')}</Link>
      <PutDemoAway />
    </nav>
  );
}

function RecentExercises() {
  const exercises = useExercises();
  return (
    <section aria-labelledby="desk-exercises">
      <h2 id="desk-exercises" className="label">
        {say('Exercises')}
      </h2>
      {exercises.isPending && <Loading what={say('your exercises')} />}
      {exercises.isError && !exercises.data && (
        <Failed what={say('exercises')} error={exercises.error} again={() => void exercises.refetch()} />
      )}
      {exercises.data?.total === 0 && (
        <Empty title={say('No exercises yet')}>
          <p>
            <Said
              text="<to>State a case</to> on the Bench, then make an exercise of it."
              parts={{ to: <Link to="/bench" /> }}
            />
          </p>
        </Empty>
      )}
      <ul className={styles.list}>
        {exercises.data?.rows.slice(0, RECENT_EXERCISES).map(({ id, title, summary }) => (
          <li key={id} className="sheet">
            <div>
              <Link to={`/exercises/${id}`} className="called">
                {title || say('An exercise without a title')}
              </Link>
              <p className="soft">{summary}</p>
            </div>
          </li>
        ))}
      </ul>
      {exercises.data && exercises.data.total > RECENT_EXERCISES && (
        <p>
          <Link to="/exercises">{say('All {{total}} exercises', { total: exercises.data.total })}</Link>
        </p>
      )}
    </section>
  );
}

function RecentCases() {
  const cases = useCases();
  return (
    <section aria-labelledby="desk-cases">
      <h2 id="desk-cases" className="label">
        {say('Kept cases')}
      </h2>
      {cases.isPending && <Loading what={say('your cases')} />}
      {cases.isError && !cases.data && (
        <Failed what={say('cases')} error={cases.error} again={() => void cases.refetch()} />
      )}
      {cases.data?.total === 0 && (
        <Empty title={say('No cases yet')}>
          <p>
            <Said
              text="A case is a loan, a lease, savings or a fund. <to>State the first one</to>."
              parts={{ to: <Link to="/bench" /> }}
            />
          </p>
        </Empty>
      )}
      <ul className={styles.list}>
        {cases.data?.rows.slice(0, RECENT).map((kept) => (
          <CaseCard key={kept.id} kept={kept} />
        ))}
      </ul>
      {cases.data && cases.data.total > RECENT && (
        <p>
          <Link to="/cases">{say('All {{total}} kept cases', { total: cases.data.total })}</Link>
        </p>
      )}
    </section>
  );
}

/** Sets that somebody has to do something about: answers without a cause, unmatched rows, marks not released, what is due. */
function Waiting() {
  const sets = useSets({ state: 'waiting' });
  const any = useSets();
  if (sets.isPending || any.isPending) return <Loading what={say('what is waiting')} />;
  if (sets.isError && !sets.data)
    return <Failed what={say('sets')} error={sets.error} again={() => void sets.refetch()} />;
  const today = new Date().toISOString().slice(0, 10);
  const waiting = sets.data.rows;
  return (
    <section aria-labelledby="desk-waiting" style={{ marginBottom: 22 }}>
      <h2 id="desk-waiting" className="label">
        {say('Waiting')}
      </h2>
      {waiting.length === 0 && (
        <p className="soft">
          {any.data?.total === 0 ? (
            <>
              <Said
                text="No set has been assigned yet. <to>Put one together</to> from your exercises."
                parts={{ to: <Link to="/sets" /> }}
              />
            </>
          ) : (
            say('Nothing: every mark is released.')
          )}
        </p>
      )}
      <ul className={styles.list}>
        {waiting.slice(0, RECENT).map((set) => (
          <li key={set.id} className="sheet">
            <div>
              <Link to={set.assignedAt ? `/sets/${set.id}/marking` : `/sets/${set.id}`} className="called">
                {set.title}
              </Link>
              <p className="soft">{waitingFor(set, today)}</p>
            </div>
            {set.assignedAt && set.counts.toLookAt > 0 && (
              <Button component={Link} to={`/sets/${set.id}/marking?exercise=all&cause=unexplained`}>
                {say('{{toLookAt}} to look at', { toLookAt: set.counts.toLookAt })}
              </Button>
            )}
          </li>
        ))}
      </ul>
      {sets.data.total > RECENT && (
        <p>
          <Link to="/sets">
            {many(sets.data.total - RECENT, '{{count}} more is waiting', '{{count}} more are waiting')}
          </Link>
        </p>
      )}
    </section>
  );
}

/** The first few codes of many. */
function someCodes(codes: readonly string[]): string {
  const all = [...new Set(codes)];
  return all.length > 4
    ? listed([...all.slice(0, 4), many(all.length - 4, '{{count}} more', '{{count}} more')])
    : all.join(', ');
}

function waitingFor({ document, className, assignedAt, releasedAt, counts }: ListedSet, today: string): string {
  if (!assignedAt)
    return many(
      document.items.length,
      '{{className}} · being put together, {{count}} exercise',
      '{{className}} · being put together, {{count}} exercises',
      { className },
    );
  const due =
    document.due === ''
      ? []
      : [
          document.due < today
            ? say('was due {{dayInWords}}', { dayInWords: dayInWords(document.due) })
            : document.due === today
              ? say('due today')
              : say('due {{dayInWords}}', { dayInWords: dayInWords(document.due) }),
        ];
  const rows = counts.unmatched > 0 ? [say('{{unmatched}} unmatched rows', { unmatched: counts.unmatched })] : [];
  return [
    className,
    say('{{submitted}} of {{students}} submitted', { submitted: counts.submitted, students: counts.students }),
    ...due,
    ...rows,
    releasedAt ? say('marks released') : say('marks not released'),
  ].join(' · ');
}

function CaseCard({ kept }: { readonly kept: KeptCase }) {
  const { draft } = kept.document;
  const outcome = solveCase(draft, defaultHouseRules.rounding);
  const { title } = kindOf(draft);
  return (
    <li className="sheet">
      <div>
        <Link to={`/bench/${kept.id}`} className="called">
          {kept.title}
        </Link>
        <p className="soft">{title}</p>
      </div>
      <div className={styles.answer}>
        <span className="soft">{slotName(draft.kind, draft.unknown)}</span>
        <span className="figures called">{solvedText(draft, outcome) ?? '–'}</span>
      </div>
    </li>
  );
}
