/** The side panel of the table: a stretch read off it, and whether it closes. */
import { closingChecks, readEntry, stretch, writeMoney, type Table } from '@hardy-sextant/core';
import { useState } from 'react';
import { Amount, useNumberStyle } from '../../ui/Figures.tsx';
import styles from './StretchPanel.module.css';

export function StretchPanel({ table }: { readonly table: Table }) {
  const style = useNumberStyle();
  const [from, setFrom] = useState('1');
  const [to, setTo] = useState(String(Math.min(table.plan.paymentsPerYear, table.count)));
  const [first, last] = [from, to].map((text) => {
    const entry = readEntry(text, style);
    return entry.ok ? entry.value.value : NaN;
  }) as [number, number];
  const read = stretch(table, first, last);
  const saving = table.plan.kind === 'saving';
  return (
    <div className={`sheet ${styles.panel}`}>
      <h2>Read a stretch</h2>
      <p className={styles.ask}>
        From payment <Place label="from payment" value={from} onChange={setFrom} wrong={!read.ok && read.problem.field === 'from'} /> to{' '}
        <Place label="to payment" value={to} onChange={setTo} wrong={!read.ok && read.problem.field === 'to'} />
      </p>
      {read.ok ? (
        <dl>
          <dt>interest</dt>
          <dd>
            <Amount value={read.value.interest} />
          </dd>
          <dt>{saving ? 'added' : 'to principal'}</dt>
          <dd>
            <Amount value={read.value.principal} />
          </dd>
          <dt>
            {saving ? 'saved' : 'owed'} after payment {read.value.to}
          </dt>
          <dd>
            <Amount value={read.value.closing} />
          </dd>
        </dl>
      ) : (
        <p role="alert" className={styles.wrongSays}>
          {read.problem.message}
        </p>
      )}
      <h2 className={styles.second}>Does it close?</h2>
      <Checks table={table} />
    </div>
  );
}

function Checks({ table }: { readonly table: Table }) {
  const style = useNumberStyle();
  const { closingDifference, principalDifference, lastDifference } = closingChecks(table);
  const { plan, totals } = table;
  const saving = plan.kind === 'saving';
  const whole = saving ? table.closing - plan.amount + totals.drawn : plan.amount + totals.drawn - table.closing;
  const money = (value: number) => writeMoney(value, style);
  return (
    <ul className={styles.checks}>
      <li className={closingDifference === 0 ? styles.yes : styles.no}>
        {closingDifference === 0
          ? `✓ ${saving ? 'saved' : 'owed'} after payment ${table.count} is ${money(table.closing)}`
          : `✕ after payment ${table.count} it is ${money(table.closing)}, ${money(Math.abs(closingDifference))} ${closingDifference > 0 ? 'more' : 'less'} than stated`}
      </li>
      <li className={principalDifference === 0 ? styles.yes : styles.no}>
        {principalDifference === 0 ? `✓ ${saving ? 'what is added' : 'principal'} adds up to ${money(whole)}` : `✕ principal is ${money(Math.abs(principalDifference))} off`}
      </li>
      {lastDifference !== 0 && (
        <li>
          · last payment is {money(table.lastPayment)}, {money(Math.abs(lastDifference))} {lastDifference < 0 ? 'less' : 'more'}
        </li>
      )}
    </ul>
  );
}

interface PlaceProps {
  readonly label: string;
  readonly value: string;
  readonly wrong: boolean;
  readonly onChange: (value: string) => void;
}

function Place({ label, value, wrong, onChange }: PlaceProps) {
  return (
    <input
      className={styles.place}
      aria-label={label}
      aria-invalid={wrong}
      inputMode="numeric"
      maxLength={8}
      value={value}
      onChange={(event) => onChange(event.currentTarget.value)}
    />
  );
}
