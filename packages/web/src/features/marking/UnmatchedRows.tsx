/** Rows of imports that match no student yet: each given to a student or put away, and both can be taken back. */
import { Button } from '@mantine/core';
import type { UnmatchedRow, Marking, WrittenAnswer } from '@hardy-sextant/contract';
import { Refusal } from '../../api/call.ts';
import { useAssignRow, useDismissRow, useTakeBack } from './markingRecords.ts';
import { rewriting, type Rewriting } from './rewriting.ts';
import type { Step, Steps } from './useSteps.ts';
import { Pick } from '../../ui/Pick.tsx';
import styles from './Import.module.css';
import { say } from '../../words/say.ts';

interface UnmatchedRowsProps {
  readonly setId: string;
  readonly marking: Marking;
  readonly steps: Steps;
}

export function UnmatchedRows({ setId, marking, steps }: UnmatchedRowsProps) {
  const assign = useAssignRow(setId);
  const dismiss = useDismissRow(setId);
  const { mutateAsync: takeBack } = useTakeBack(setId);
  if (marking.unmatchedRows.length === 0) return null;
  const failure = assign.error ?? dismiss.error;
  const give = (rowId: string, studentId: string) =>
    assign.mutate(
      { rowId, studentId },
      {
        onSuccess: ({ written }: { written: readonly WrittenAnswer[] }) =>
          steps.taken(rewriting(takeBack as Rewriting, written, [rowId], 'back')),
      },
    );
  const putAway = (rowId: string, away: boolean): Step => ({
    run: async () => {
      await dismiss.mutateAsync({ rowId, away });
      return putAway(rowId, !away);
    },
  });
  return (
    <section aria-label={say('Unmatched rows')}>
      <h3 className="label">{say('Unmatched rows')}</h3>
      {failure && (
        <p role="alert" className="wrong">
          {failure.message} {failure instanceof Refusal && failure.document.fields?.[0]?.message}
        </p>
      )}
      <ul className={`list ruled ${styles.kept}`}>
        {marking.unmatchedRows.map((row) => (
          <li key={row.id}>
            <div>
              <strong>{row.student || say('no student')}</strong>{' '}
              <span className="soft">
                {say('{{source}}, line {{place}}', { source: row.source, place: row.place })}
              </span>
              <p>{row.why}</p>
              <p className="figures">{rowText(row)}</p>
            </div>
            <Pick
              label={say('whose row {{place}} is', { place: row.place })}
              value=""
              options={[
                ['', say('give it to…')],
                ...marking.students.map(({ id, name, number }) => [id, `${name}, ${number}`] as const),
              ]}
              onPick={(studentId) => studentId !== '' && give(row.id, studentId)}
            />
            <Button size="compact-sm" onClick={() => steps.take(putAway(row.id, true))}>
              {say('Put it away')}
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function rowText({ entries }: UnmatchedRow): string {
  return Object.values(entries)
    .flatMap((texts) => Object.entries(texts).map(([id, text]) => `${id}: ${text.slice(0, 40)}`))
    .join(' · ');
}
