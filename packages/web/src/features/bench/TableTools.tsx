/** What can be done with the table: running totals, years, dates, jump, copy. Drawn only when one of them changes. */
import { Button, Checkbox } from '@mantine/core';
import { memo, useState } from 'react';
import { Field } from '../../ui/Field.tsx';
import { Pick } from '../../ui/Pick.tsx';
import type { TableView } from '../../statement/TablePanel.tsx';
import styles from './BenchPage.module.css';
import { say } from '../../words/say.ts';

interface TableToolsProps {
  /** Rows of the table. */
  readonly count: number;
  readonly running: boolean;
  readonly years: TableView['years'];
  readonly firstPaymentDate: string;
  readonly onView: (name: 'running' | 'years', value: string) => void;
  readonly onDate: (date: string) => void;
  readonly onJump: (number: number) => void;
  readonly onCopy: () => void;
}

export const TableTools = memo(function TableTools({
  count,
  running,
  years,
  firstPaymentDate,
  onView,
  onDate,
  onJump,
  onCopy,
}: TableToolsProps) {
  const [jump, setJump] = useState('');
  const jumpTo = (text: string) => {
    setJump(text);
    const number = Number(text);
    if (Number.isInteger(number) && number >= 1 && number <= count) onJump(number);
  };
  return (
    <div className={`line small to-right ${styles.tools}`}>
      <Checkbox
        size="xs"
        label={say('running totals')}
        checked={running}
        onChange={(event) => onView('running', event.currentTarget.checked ? 'yes' : '')}
      />
      <label>
        <span>{say('years')} </span>
        <Pick
          value={years}
          options={[
            ['none', say('not summed')],
            ['plan-year', say('of the plan')],
            ['calendar-year', say('of the calendar'), { disabled: firstPaymentDate === '' }],
          ]}
          onPick={(value) => onView('years', value === 'none' ? '' : value)}
        />
      </label>
      <label>
        <span>{say('first payment on')} </span>
        <Field type="date" value={firstPaymentDate} onText={onDate} />
      </label>
      <label>
        <span>{say('go to payment')} </span>
        <Field inputMode="numeric" maxLength={6} value={jump} style={{ width: 58 }} onText={jumpTo} />
      </label>
      <Button size="compact-xs" onClick={onCopy}>
        {say('Copy')}
      </Button>
    </div>
  );
});
