/** The side panel of the table: a range of payments read off it, and whether it closes. */
import { closingChecks, leftToPay, paymentRange, writeMoney, type Table } from '@hardy-sextant/core';
import { useState } from 'react';
import { Amount, useNumberStyle } from '../../statement/Figures.tsx';
import styles from './PaymentRangePanel.module.css';
import { say } from '../../words/say.ts';

interface PaymentRangePanelProps {
  readonly table: Table;
  readonly from: number;
  readonly to: number;
  readonly onRead: (from: number, to: number) => void;
}

export function PaymentRangePanel({ table, from, to, onRead }: PaymentRangePanelProps) {
  const read = paymentRange(table, from, to);
  return (
    <div className="sheet block">
      <h2>{say('Read some payments')}</h2>
      <p className={styles.ask}>
        {say('From payment')}{' '}
        <Place
          label={say('from payment')}
          value={from}
          onChange={(value) => onRead(value, to)}
          wrong={!read.ok && read.problem.field === 'from'}
        />{' '}
        {say('to')}{' '}
        <Place
          label={say('to payment')}
          value={to}
          onChange={(value) => onRead(from, value)}
          wrong={!read.ok && read.problem.field === 'to'}
        />
      </p>
      {read.ok ? (
        <Read table={table} range={read.value} />
      ) : (
        <p role="alert" className="wrong">
          {read.problem.message}
        </p>
      )}
      <h2 className="set-off">{say('Does it close?')}</h2>
      <Checks table={table} />
    </div>
  );
}

interface ReadProps {
  readonly table: Table;
  readonly range: Extract<ReturnType<typeof paymentRange>, { ok: true }>['value'];
}

/** What the payments from one to another come to. */
function Read({ table, range }: ReadProps) {
  const left = leftToPay(table, Math.min(range.to, table.count));
  const saving = table.plan.kind === 'saving';
  return (
    <dl className="pairs">
      <dt>{say('interest')}</dt>
      <dd>
        <Amount value={range.interest} />
      </dd>
      <dt>{saving ? say('added') : say('to principal')}</dt>
      <dd>
        <Amount value={range.principal} />
      </dd>
      <dt>
        {say('{{saved}} after payment {{to}}', {
          saved: saving ? say('saved') : table.plan.kind === 'drawing' ? say('left') : say('owed'),
          to: range.to,
        })}
      </dt>
      <dd>
        <Amount value={range.closing} />
      </dd>
      {!saving && left.ok && (
        <>
          <dt>
            {say('still to be {{taken}}, interest included', {
              taken: table.plan.kind === 'drawing' ? say('taken out') : say('paid'),
            })}
          </dt>
          <dd>
            <Amount value={left.value} />
          </dd>
        </>
      )}
    </dl>
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
          ? say('✓ {{saved}} after payment {{count}} is {{money}}', {
              saved: saving ? say('saved') : say('owed'),
              count: table.count,
              money: money(table.closing),
            })
          : say('✕ after payment {{count}} it is {{money}}, {{money2}} {{more}} than stated', {
              count: table.count,
              money: money(table.closing),
              money2: money(Math.abs(closingDifference)),
              more: closingDifference > 0 ? say('more') : say('less'),
            })}
      </li>
      <li className={principalDifference === 0 ? 'good' : 'wrong'}>
        {principalDifference === 0
          ? say('✓ {{what}} adds up to {{money}}', {
              what: saving ? say('what is added') : say('principal'),
              money: money(whole),
            })
          : say('✕ principal is {{money}} off', { money: money(Math.abs(principalDifference)) })}
      </li>
      {lastDifference !== 0 && (
        <li>
          {'· '}
          {say(
            lastDifference < 0
              ? 'last payment is {{payment}}, {{difference}} less'
              : 'last payment is {{payment}}, {{difference}} more',
            { payment: money(table.lastPayment), difference: money(Math.abs(lastDifference)) },
          )}
        </li>
      )}
      {table.firstGrowing !== undefined && (
        <li className="wrong">
          {say('✕ in row {{firstGrowing}} the balance grows: the payment does not cover the interest', {
            firstGrowing: table.firstGrowing,
          })}
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
