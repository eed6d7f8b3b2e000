/** The side panel of the table: a range of payments read off it, and whether it closes. */
import { closingChecks, leftToPay, paymentRange, writeMoney, type Table } from '@hardy-sextant/core';
import { useState } from 'react';
import { Amount, useNumberStyle } from '../../statement/Figures.tsx';
import styles from './PaymentRangePanel.module.css';

interface PaymentRangePanelProps {
  readonly table: Table;
  readonly from: number;
  readonly to: number;
  readonly onRead: (from: number, to: number) => void;
}

export function PaymentRangePanel({ table, from, to, onRead }: PaymentRangePanelProps) {
  const read = paymentRange(table, from, to);
  const left = leftToPay(table, Math.min(to, table.count));
  const saving = table.plan.kind === 'saving';
  return (
    <div className="sheet block">
      <h2>Read some payments</h2>
      <p className={styles.ask}>
        From payment{' '}
        <Place
          label="from payment"
          value={from}
          onChange={(value) => onRead(value, to)}
          wrong={!read.ok && read.problem.field === 'from'}
        />{' '}
        to{' '}
        <Place
          label="to payment"
          value={to}
          onChange={(value) => onRead(from, value)}
          wrong={!read.ok && read.problem.field === 'to'}
        />
      </p>
      {read.ok ? (
        <dl className="pairs">
          <dt>interest</dt>
          <dd>
            <Amount value={read.value.interest} />
          </dd>
          <dt>{saving ? 'added' : 'to principal'}</dt>
          <dd>
            <Amount value={read.value.principal} />
          </dd>
          <dt>
            {saving ? 'saved' : table.plan.kind === 'drawing' ? 'left' : 'owed'} after payment {read.value.to}
          </dt>
          <dd>
            <Amount value={read.value.closing} />
          </dd>
          {!saving && left.ok && (
            <>
              <dt>still to be {table.plan.kind === 'drawing' ? 'taken out' : 'paid'}, interest included</dt>
              <dd>
                <Amount value={left.value} />
              </dd>
            </>
          )}
        </dl>
      ) : (
        <p role="alert" className="wrong">
          {read.problem.message}
        </p>
      )}
      <h2 className="set-off">Does it close?</h2>
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
    <ul className="list small">
      <li className={closingDifference === 0 ? 'good' : 'wrong'}>
        {closingDifference === 0
          ? `✓ ${saving ? 'saved' : 'owed'} after payment ${table.count} is ${money(table.closing)}`
          : `✕ after payment ${table.count} it is ${money(table.closing)}, ${money(Math.abs(closingDifference))} ${closingDifference > 0 ? 'more' : 'less'} than stated`}
      </li>
      <li className={principalDifference === 0 ? 'good' : 'wrong'}>
        {principalDifference === 0
          ? `✓ ${saving ? 'what is added' : 'principal'} adds up to ${money(whole)}`
          : `✕ principal is ${money(Math.abs(principalDifference))} off`}
      </li>
      {lastDifference !== 0 && (
        <li>
          · last payment is {money(table.lastPayment)}, {money(Math.abs(lastDifference))}{' '}
          {lastDifference < 0 ? 'less' : 'more'}
        </li>
      )}
      {table.firstGrowing !== undefined && (
        <li className="wrong">
          ✕ in row {table.firstGrowing} the balance grows: the payment does not cover the interest
        </li>
      )}
    </ul>
  );
}

interface PlaceProps {
  readonly label: string;
  readonly value: number;
  readonly wrong: boolean;
  readonly onChange: (value: number) => void;
}

/** A payment number; what is half typed stays as it is until it is one. */
function Place({ label, value, wrong, onChange }: PlaceProps) {
  const [typed, setTyped] = useState<string>();
  const shown = typed ?? String(value);
  return (
    <input
      className={styles.place}
      aria-label={label}
      aria-invalid={wrong || !/^\d+$/.test(shown)}
      inputMode="numeric"
      maxLength={6}
      value={shown}
      onBlur={() => setTyped(undefined)}
      onChange={(event) => {
        const text = event.currentTarget.value;
        setTyped(text);
        if (/^\d+$/.test(text)) onChange(Number(text));
      }}
    />
  );
}
