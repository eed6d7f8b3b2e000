/** The Desk: what was worked on last, and a place to start. */
import { Button } from '@mantine/core';
import { defaultHouseRules, solveCase } from '@hardy-sextant/core';
import { exerciseSummary } from '../../ui/exerciseSummary.ts';
import type { KeptCase } from '@hardy-sextant/contract';
import { Link } from 'react-router';
import { PageHead } from '../../ui/PageHead.tsx';
import { useCases, useClasses, useExercises } from '../../ui/records.ts';
import { Empty, Failed, Loading } from '../../ui/States.tsx';
import { solvedText } from '../../ui/statement/editing.ts';
import { sentences, slotName } from '../../ui/statement/sentences.ts';
import styles from './DeskPage.module.css';

/** So many cases are shown; the others are one step away. */
const RECENT = 6;

export function DeskPage() {
  const cases = useCases();
  const exercises = useExercises();
  const classes = useClasses();
  return (
    <>
      <PageHead title="Desk" where={classes.data?.[0] ? `${classes.data[0].college} · ${classes.data[0].code}, ${classes.data[0].title}` : 'Your work'}>
        <Button component={Link} to="/bench" variant="filled">
          State a case
        </Button>
      </PageHead>
      <div className={styles.columns}>
        <section aria-labelledby="desk-exercises">
          <h2 id="desk-exercises" className="label">
            Exercises
          </h2>
          {exercises.isPending && <Loading what="your exercises" />}
          {exercises.isError && <Failed what="exercises" error={exercises.error} again={() => void exercises.refetch()} />}
          {exercises.data?.length === 0 && (
            <Empty title="No exercises yet">
              <p>
                <Link to="/bench">State a case</Link> on the Bench, then make an exercise of it.
              </p>
            </Empty>
          )}
          <ul className={styles.list}>
            {exercises.data?.map(({ id, document: { exercise } }) => (
              <li key={id} className="sheet">
                <div>
                  <Link to={`/exercises/${id}`} className={styles.name}>
                    {exercise.title}
                  </Link>
                  <p className="soft">{exerciseSummary(exercise)}</p>
                </div>
                {classes.data?.map((each) => (
                  <Button key={each.id} component={Link} to={`/exercises/${id}/answers/${each.id}`}>
                    Answers of {each.code}
                  </Button>
                ))}
              </li>
            ))}
          </ul>
        </section>
        <section aria-labelledby="desk-cases">
          <h2 id="desk-cases" className="label">
            Kept cases
          </h2>
          {cases.isPending && <Loading what="your cases" />}
          {cases.isError && <Failed what="cases" error={cases.error} again={() => void cases.refetch()} />}
          {cases.data?.length === 0 && (
            <Empty title="No cases yet">
              <p>
                A case is a loan, a lease, savings or a fund. <Link to="/bench">State the first one</Link>.
              </p>
            </Empty>
          )}
          <ul className={styles.list}>
            {cases.data?.slice(0, RECENT).map((kept) => (
              <CaseCard key={kept.id} kept={kept} />
            ))}
          </ul>
          {cases.data && cases.data.length > RECENT && (
            <p>
              <Link to="/cases">All {cases.data.length} kept cases</Link>
            </p>
          )}
        </section>
      </div>
    </>
  );
}

function CaseCard({ kept }: { readonly kept: KeptCase }) {
  const { draft } = kept.document;
  const outcome = solveCase(draft, defaultHouseRules.rounding);
  const { title } = sentences[draft.kind];
  return (
    <li className="sheet">
      <div>
        <Link to={`/bench/${kept.id}`} className={styles.name}>
          {kept.title}
        </Link>
        <p className="soft">{title}</p>
      </div>
      <div className={styles.answer}>
        <span className="soft">{slotName(draft.kind, draft.unknown)}</span>
        <span className="figures">{solvedText(draft, outcome) ?? '–'}</span>
      </div>
    </li>
  );
}
