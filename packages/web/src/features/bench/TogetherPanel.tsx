/** Several plans of one borrower put together: a joint table, what is paid in all, and when each ends. */
import { UnstyledButton } from '@mantine/core';
import {
  buildTogether,
  numberStyleById,
  readEntry,
  restyleDraft,
  solveCase,
  type SolvedCase,
  type TableRounding,
  type TogetherPlan,
  kindOf,
} from '@hardy-sextant/core';
import type { TogetherPart } from '@hardy-sextant/contract';
import { IconX } from '@tabler/icons-react';
import { useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Amount } from '../../ui/Figures.tsx';
import { FindAndPick } from '../../ui/FindAndPick.tsx';
import { caseQuery, useCases } from '../../ui/records.ts';
import { newId } from '../../ui/statement/Changes.tsx';
import { Choice } from '../../ui/statement/Choice.tsx';
import { Slot } from '../../ui/statement/Slot.tsx';
import styles from './TogetherPanel.module.css';

interface TogetherPanelProps {
  readonly title: string;
  readonly caseId: string | undefined;
  readonly solved: SolvedCase;
  readonly styleId: string;
  readonly rounding: TableRounding;
  readonly parts: readonly TogetherPart[];
  readonly onChange: (parts: readonly TogetherPart[], what: string) => void;
}

const SHOWN = 400;

export function TogetherPanel({ title, caseId, solved, styleId, rounding, parts, onChange }: TogetherPanelProps) {
  const style = numberStyleById(styleId);
  const queries = useQueryClient();
  const useChoices = (find: string) =>
    useCases({ find })
      .data?.rows.filter(({ id, document }) => id !== caseId && kindOf(document.draft).hasTable)
      .map(({ id, title: name }) => ({ value: id, label: name }));
  const [by, setBy] = useState<'period' | 'date'>('period');
  const add = async (id: string) => {
    const kept = await queries.fetchQuery(caseQuery(id));
    const draft = restyleDraft(kept.document.draft, styleId);
    onChange([...parts, { id: newId(), name: kept.title, draft, startsAfter: '0' }], 'together');
  };

  const outcomes = useMemo(() => parts.map(({ draft }) => solveCase(draft, rounding)), [parts, rounding]);
  const unsolved = parts.filter((_, at) => outcomes[at]!.state !== 'solved');
  const joint = useMemo(() => {
    const plans: TogetherPlan[] = [{ name: title || 'This case', plan: solved.plan }];
    parts.forEach(({ name, startsAfter }, at) => {
      const outcome = outcomes[at]!;
      const later = readEntry(startsAfter, style);
      if (outcome.state === 'solved')
        plans.push({
          name,
          plan: outcome.solved.plan,
          startsAfter: later.ok ? later.value.value : startsAfter.trim() === '' ? 0 : NaN,
        });
    });
    return buildTogether(plans, by);
  }, [title, solved, parts, outcomes, by, style]);

  return (
    <div className={styles.panel}>
      <div className={`sheet ${styles.parts}`}>
        <p className={styles.sentence}>
          One borrower has these together, by{' '}
          <Choice
            label="put together by"
            value={by}
            options={[
              ['period', 'payment number'],
              ['date', 'date'],
            ]}
            onChange={(value) => setBy(value === 'date' ? 'date' : 'period')}
          />
          :
        </p>
        <ul>
          <li>{title || 'This case'}</li>
          {parts.map((part) => (
            <li key={part.id}>
              {part.name}
              {by === 'period' && (
                <>
                  {' '}
                  starting after{' '}
                  <Slot
                    slot={`${part.id}.startsAfter`}
                    kind="count"
                    name={`${part.name} starts after so many payments`}
                    text={part.startsAfter}
                    style={style}
                    onText={(startsAfter) =>
                      onChange(
                        parts.map((each) => (each.id === part.id ? { ...each, startsAfter } : each)),
                        `together.${part.id}`,
                      )
                    }
                  />{' '}
                  payments
                </>
              )}
              <UnstyledButton
                aria-label={`remove ${part.name}`}
                onClick={() =>
                  onChange(
                    parts.filter(({ id }) => id !== part.id),
                    'together',
                  )
                }
              >
                <IconX size={14} />
              </UnstyledButton>
            </li>
          ))}
        </ul>
        <FindAndPick
          aria-label="put another case beside it"
          placeholder="Put another case beside it…"
          useFound={useChoices}
          nothing="No other case is called that."
          picked={null}
          onPick={({ value }) => void add(value)}
        />
        {unsolved.length > 0 && (
          <p className={styles.wrong}>
            Left out, because it is not solved: {unsolved.map(({ name }) => name).join(', ')}.
          </p>
        )}
      </div>
      {!joint.ok ? (
        <p role="alert" className={styles.wrong}>
          {joint.problem.message}
        </p>
      ) : (
        <>
          <dl className={`sheet figures ${styles.sums}`}>
            <dt>Paid in all</dt>
            <dd>
              <Amount value={joint.value.totalPaid} />
            </dd>
            <dt>Interest in all</dt>
            <dd>
              <Amount value={joint.value.totalInterest} />
            </dd>
            {joint.value.parts.map(({ name, ends }, at) => (
              <div key={at} style={{ display: 'contents' }}>
                <dt>{name} ends</dt>
                <dd>{by === 'period' ? `with payment ${ends}` : ends}</dd>
              </div>
            ))}
          </dl>
          <div className={`sheet ${styles.table}`} tabIndex={0} role="region" aria-label="Joint table">
            <table className="ledger">
              <thead>
                <tr>
                  <th className="words">{by === 'period' ? 'No.' : 'Date'}</th>
                  <th>Interest</th>
                  <th>Paid</th>
                  <th>To principal</th>
                  <th>Closing, all</th>
                </tr>
              </thead>
              <tbody>
                {joint.value.rows.slice(0, SHOWN).map((row) => (
                  <tr key={row.period}>
                    <td className="words">{row.period}</td>
                    <td>
                      <Amount value={row.interest} />
                    </td>
                    <td>
                      <Amount value={row.paid} />
                    </td>
                    <td>
                      <Amount value={row.principal} />
                    </td>
                    <td>
                      <Amount value={row.closing} />
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
            {joint.value.rows.length > SHOWN && (
              <p className="soft">
                The first {SHOWN} of {joint.value.rows.length} rows; the sums are over all of them.
              </p>
            )}
          </div>
        </>
      )}
    </div>
  );
}
