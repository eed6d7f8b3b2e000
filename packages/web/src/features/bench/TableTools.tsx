/** What can be done with the table: running totals, years, dates, jump, copy. */
import { Button, Checkbox } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import type { NumberStyle, Table } from '@hardy-sextant/core';
import { useState } from 'react';
import type { TableView } from '../../ui/TablePanel.tsx';
import { clipboardText } from './out.ts';
import styles from './BenchPage.module.css';

interface TableToolsProps {
  readonly table: Table;
  readonly view: TableView;
  readonly selected: { readonly from: number; readonly to: number };
  readonly style: NumberStyle;
  readonly firstPaymentDate: string;
  readonly onView: (name: 'running' | 'years', value: string) => void;
  readonly onDate: (date: string) => void;
  readonly onJump: (number: number) => void;
}

export function TableTools({ table, view, selected, style, firstPaymentDate, onView, onDate, onJump }: TableToolsProps) {
  const [jump, setJump] = useState('');
  const copy = async () => {
    const whole = selected.from === selected.to;
    await navigator.clipboard.writeText(whole ? clipboardText(table, style) : clipboardText(table, style, selected.from, selected.to));
    notifications.show({ message: whole ? `All ${table.count} rows are copied; paste them into a worksheet.` : `Payments ${selected.from} to ${selected.to} are copied.` });
  };
  return (
    <div className={styles.tools}>
      <Checkbox size="xs" label="running totals" checked={view.running} onChange={(event) => onView('running', event.currentTarget.checked ? 'yes' : '')} />
      <label>
        <span>years </span>
        <select value={view.years} onChange={(event) => onView('years', event.currentTarget.value === 'none' ? '' : event.currentTarget.value)}>
          <option value="none">not summed</option>
          <option value="plan-year">of the plan</option>
          <option value="calendar-year" disabled={!table.plan.firstPaymentDate}>
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
            if (Number.isInteger(number) && number >= 1 && number <= table.count) onJump(number);
          }}
        />
      </label>
      <Button size="compact-xs" onClick={() => void copy().catch(() => notifications.show({ message: 'The browser does not let this page use the clipboard.' }))}>
        Copy
      </Button>
    </div>
  );
}
