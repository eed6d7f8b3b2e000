/** Several plans of one borrower put together: a joint table, what is paid in all, and when each ends. */
import { UnstyledButton } from '@mantine/core';
import {
  buildTogether,
  numberStyleById,
  readEntry,
  restyleDraft,
  solveCase,
  type NumberStyle,
  type SolvedCase,
  type TableRounding,
  type TogetherPlan,
  kindOf,
} from '@hardy-sextant/core';
import type { TogetherPart } from '@hardy-sextant/contract';
import { IconX } from '@tabler/icons-react';
import { useQueryClient } from '@tanstack/react-query';
import { Fragment, useMemo, useState } from 'react';
import { Amount } from '../../statement/Figures.tsx';
import { FindAndPick } from '../../ui/FindAndPick.tsx';
import { caseQuery, useCases } from '../../api/records.ts';
import { newId } from '../../statement/Changes.tsx';
import { Choice } from '../../statement/Choice.tsx';
import { Slot } from '../../statement/Slot.tsx';
import styles from './TogetherPanel.module.css';
import { say } from '../../words/say.ts';

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

/** What the plans are put together by. */
type By = 'period' | 'date';

export function TogetherPanel({ title, caseId, solved, styleId, rounding, parts, onChange }: TogetherPanelProps) {
  const [by, setBy] = useState<By>('period');
  const { joint, unsolved } = useJoint(title, solved, parts, rounding, by, styleId);
  return (
    <div className={styles.panel}>
      <Parts
        title={title}
        caseId={caseId}
        parts={parts}
        unsolved={unsolved}
        styleId={styleId}
        by={by}
        onBy={setBy}
        onChange={onChange}
      />
      {joint.ok ? (
        <>
          <JointSums joint={joint.value} by={by} />
          <JointTable joint={joint.value} by={by} />
        </>
      ) : (
        <p role="alert" className="wrong">
          {joint.problem.message}
        </p>
      )}
    </div>
  );
}

interface PartsProps extends Pick<TogetherPanelProps, 'title' | 'caseId' | 'styleId' | 'parts' | 'onChange'> {
  readonly unsolved: readonly TogetherPart[];
  readonly by: By;
  readonly onBy: (by: By) => void;
}

/** The plans that are put together, and a way to put another beside them. */
function Parts({ title, caseId, parts, unsolved, styleId, by, onBy, onChange }: PartsProps) {
  const useChoices = (find: string) => useOtherCases(find, caseId);
  const putBeside = useAddCase(styleId);
  const add = async (id: string) => onChange([...parts, await putBeside(id)], 'together');
  const change = (part: TogetherPart) =>
    onChange(
      parts.map((each) => (each.id === part.id ? part : each)),
      `together.${part.id}`,
    );
  const remove = (part: TogetherPart) =>
    onChange(
      parts.filter(({ id }) => id !== part.id),
      'together',
    );
  return (
    <div className={`sheet block ${styles.parts}`}>
      <p className="story">
        {say('One borrower has these together, by')}{' '}
        <Choice
          label={say('put together by')}
          value={by}
          options={[
            ['period', say('payment number')],
            ['date', say('date')],
          ]}
          onChange={onBy}
        />
        :
      </p>
      <ul>
        <li>{title || say('This case')}</li>
        {parts.map((part) => (
          <PartLine
            key={part.id}
            part={part}
            starts={by === 'period'}
            style={numberStyleById(styleId)}
            onChange={change}
            onRemove={remove}
          />
        ))}
      </ul>
      <FindAndPick
        aria-label={say('put another case beside it')}
        placeholder={say('Put another case beside it…')}
        useFound={useChoices}
        nothing={say('No other case is called that.')}
        picked={null}
        onPick={({ value }) => void add(value)}
      />
      {unsolved.length > 0 && (
        <p className="wrong">
          {say('Left out, because it is not solved: {{unsolved}}.', {
            unsolved: unsolved.map(({ name }) => name).join(', '),
          })}
        </p>
      )}
    </div>
  );
}

/** Cases with a plan, found by words, but for the one they are put beside. */
const useOtherCases = (find: string, caseId: string | undefined) =>
  useCases({ find })
    .data?.rows.filter(({ id, document }) => id !== caseId && kindOf(document.draft).hasTable)
    .map(({ id, title }) => ({ value: id, label: title }));

/** Fetches a case, to be put beside another in that one's number style. */
function useAddCase(styleId: string): (id: string) => Promise<TogetherPart> {
  const queries = useQueryClient();
  return async (id) => {
    const { title, document } = await queries.fetchQuery(caseQuery(id));
    return { id: newId(), name: title, draft: restyleDraft(document.draft, styleId), startsAfter: '0' };
  };
}

/** The plans put together, and those that cannot be because they are not solved. */
function useJoint(
  title: string,
  solved: SolvedCase,
  parts: readonly TogetherPart[],
  rounding: TableRounding,
  by: By,
  styleId: string,
) {
  return useMemo(() => {
    const style = numberStyleById(styleId);
    const plans: TogetherPlan[] = [{ name: title || say('This case'), plan: solved.plan }];
    const unsolved: TogetherPart[] = [];
    for (const part of parts) {
      const outcome = solveCase(part.draft, rounding);
      const later = readEntry(part.startsAfter, style);
      const startsAfter = later.ok ? later.value.value : part.startsAfter.trim() === '' ? 0 : NaN;
      if (outcome.state === 'solved') plans.push({ name: part.name, plan: outcome.solved.plan, startsAfter });
      else unsolved.push(part);
    }
    return { joint: buildTogether(plans, by), unsolved };
  }, [title, solved, parts, rounding, by, styleId]);
}

interface PartLineProps {
  readonly part: TogetherPart;
  /** It says after how many payments it starts. */
  readonly starts: boolean;
  readonly style: NumberStyle;
  readonly onChange: (part: TogetherPart) => void;
  readonly onRemove: (part: TogetherPart) => void;
}

function PartLine({ part, starts, style, onChange, onRemove }: PartLineProps) {
  return (
    <li>
      {part.name}
      {starts && (
        <>
          {' '}
          {say('starting after')}{' '}
          <Slot
            slot={`${part.id}.startsAfter`}
            kind="count"
            name={say('{{plan}} starts after so many payments', { plan: part.name })}
            text={part.startsAfter}
            style={style}
            onText={(startsAfter) => onChange({ ...part, startsAfter })}
          />{' '}
          {say('payments')}
        </>
      )}
      <UnstyledButton aria-label={say('remove {{name}}', { name: part.name })} onClick={() => onRemove(part)}>
        <IconX size={14} />
      </UnstyledButton>
    </li>
  );
}

interface JointProps {
  readonly joint: Extract<ReturnType<typeof buildTogether>, { ok: true }>['value'];
  readonly by: By;
}

function JointSums({ joint, by }: JointProps) {
  return (
    <dl className={`sheet block figures pairs ${styles.sums}`}>
      <dt>{say('Paid in all')}</dt>
      <dd>
        <Amount value={joint.totalPaid} />
      </dd>
      <dt>{say('Interest in all')}</dt>
      <dd>
        <Amount value={joint.totalInterest} />
      </dd>
      {joint.parts.map(({ name, ends }, at) => (
        <Fragment key={at}>
          <dt>{say('{{name}} ends', { name })}</dt>
          <dd>{by === 'period' ? say('with payment {{ends}}', { ends }) : ends}</dd>
        </Fragment>
      ))}
    </dl>
  );
}

function JointTable({ joint, by }: JointProps) {
  return (
    <div className={`sheet ${styles.table}`} tabIndex={0} role="region" aria-label={say('Joint table')}>
      <table className="ledger">
        <thead>
          <tr>
            <th className="words">{by === 'period' ? say('No.') : say('Date')}</th>
            <th>{say('Interest')}</th>
            <th>{say('Paid')}</th>
            <th>{say('To principal')}</th>
            <th>{say('Closing, all')}</th>
          </tr>
        </thead>
        <tbody>
          {joint.rows.slice(0, SHOWN).map(({ period, interest, paid, principal, closing }) => (
            <tr key={period}>
              <td className="words">{period}</td>
              {[interest, paid, principal, closing].map((amount, at) => (
                <td key={at}>
                  <Amount value={amount} />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {joint.rows.length > SHOWN && (
        <p className="soft">
          {say('The first {{shown}} of {{rows}} rows; the sums are over all of them.', {
            shown: SHOWN,
            rows: joint.rows.length,
          })}
        </p>
      )}
    </div>
  );
}
