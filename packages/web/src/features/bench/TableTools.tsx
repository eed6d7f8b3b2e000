/** What can be done with the table: running totals, years, dates, jump, copy. Drawn only when one of them changes. */
import { Button, Checkbox } from '@mantine/core';
import { memo, useState } from 'react';
import type { TableView } from '../../ui/TablePanel.tsx';
import styles from './BenchPage.module.css';

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
  return (
    <div className={styles.tools}>
      <Checkbox
        size="xs"
        label="running totals"
        checked={running}
        onChange={(event) => onView('running', event.currentTarget.checked ? 'yes' : '')}
      />
      <label>
        <span>years </span>
        <select
          value={years}
          onChange={(event) => onView('years', event.currentTarget.value === 'none' ? '' : event.currentTarget.value)}
        >
          <option value="none">not summed</option>
          <option value="plan-year">of the plan</option>
          <option value="calendar-year" disabled={firstPaymentDate === ''}>
            of the calendar
          </option>
        </select>
      </label>
      <label>
        <span>first payment on </span>
        <input type="date" value={firstPaymentDate} onChange={(event) => onDate(event.currentTarget.value)} />
      </label>
      <label>
        <span>go to payment </span>
        <input
          className={styles.jump}
          inputMode="numeric"
          maxLength={6}
          value={jump}
          onChange={(event) => {
            setJump(event.currentTarget.value);
            const number = Number(event.currentTarget.value);
            if (Number.isInteger(number) && number >= 1 && number <= count) onJump(number);
          }}
        />
      </label>
      <Button size="compact-xs" onClick={onCopy}>
        Copy
      </Button>
    </div>
  );
});
