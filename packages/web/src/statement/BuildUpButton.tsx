/** Opens the build-up of an amount: price, down payment, trade-in, fees. */
import { Button, Popover, TextInput, UnstyledButton } from '@mantine/core';
import {
  numberStyleById,
  priceFor,
  rateWithCharges,
  readBuildUp,
  writeMoney,
  writePercent,
  type BuildUp,
  type BuiltUp,
  type CaseOutcome,
  type StatementDraft,
} from '@hardy-sextant/core';
import { memo } from 'react';
import styles from './BuildUpButton.module.css';
import { say } from '../words/say.ts';

interface BuildUpButtonProps {
  readonly built: boolean;
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  /** Begins a build-up from the amount as it stands. */
  readonly onStart: () => void;
  /** What is built up, while it is open: closed, the button is drawn only once. */
  readonly current: { readonly draft: StatementDraft; readonly outcome: CaseOutcome } | undefined;
  readonly onChange: (draft: StatementDraft, what: string) => void;
}

const fields: readonly { readonly part: keyof BuildUp; readonly label: string; readonly hint?: string }[] = [
  { part: 'price', label: say('Price') },
  { part: 'downPayment', label: say('Down payment, taken off'), hint: say('money or percent') },
  { part: 'tradeIn', label: say('Trade-in, taken off') },
  { part: 'feesAdded', label: say('Fees added to the amount') },
  { part: 'feesTaken', label: say('Fees kept back from it') },
];

export const emptyBuildUp: BuildUp = { price: '', downPayment: '', tradeIn: '', feesAdded: '', feesTaken: '' };

export const BuildUpButton = memo(function BuildUpButton({
  built,
  open,
  onOpen,
  onStart,
  current,
  onChange,
}: BuildUpButtonProps) {
  return (
    <Popover opened={open} onChange={onOpen} position="bottom-start" shadow="md" trapFocus width={330}>
      <Popover.Target>
        <UnstyledButton
          className={styles.opener}
          aria-expanded={open}
          onClick={() => {
            if (!open) onStart();
            onOpen(!open);
          }}
        >
          {built ? say('built up') : say('build up')}
        </UnstyledButton>
      </Popover.Target>
      <Popover.Dropdown>
        {current && (
          <Parts draft={current.draft} outcome={current.outcome} onChange={onChange} onDone={() => onOpen(false)} />
        )}
      </Popover.Dropdown>
    </Popover>
  );
});

interface PartsProps {
  readonly draft: StatementDraft;
  readonly outcome: CaseOutcome;
  readonly onChange: (draft: StatementDraft, what: string) => void;
  readonly onDone: () => void;
}

function Parts({ draft, outcome, onChange, onDone }: PartsProps) {
  const style = numberStyleById(draft.numberStyle);
  const { buildUp } = draft;
  const asked = draft.unknown === 'amount';
  const read = buildUp && !asked ? readBuildUp(buildUp, style) : undefined;
  const change = (part: keyof BuildUp, text: string) =>
    onChange({ ...draft, buildUp: { ...emptyBuildUp, ...buildUp, [part]: text } }, `buildUp.${part}`);
  const keepAmount = () => {
    const { buildUp: _, ...rest } = draft;
    const slots = read?.ok ? { ...draft.slots, amount: writeMoney(read.value.amount, style) } : draft.slots;
    onChange({ ...rest, slots }, 'buildUp');
    onDone();
  };
  return (
    <>
      <div className={styles.parts}>
        {fields.map(({ part, label, hint }) => (
          <TextInput
            key={part}
            label={label}
            {...(hint ? { placeholder: hint } : {})}
            size="xs"
            maxLength={200}
            disabled={asked && part === 'price'}
            value={asked && part === 'price' ? priceWritten(draft, outcome) : (buildUp?.[part] ?? '')}
            error={
              read && !read.ok && read.problem.code !== 'blank' && read.problem.field === `buildUp.${part}`
                ? read.problem.message
                : undefined
            }
            onChange={(event) => change(part, event.currentTarget.value)}
          />
        ))}
      </div>
      <Sums draft={draft} outcome={outcome} built={read?.ok ? read.value : undefined} />
      <div className={styles.foot}>
        <Button onClick={keepAmount}>{say('Keep only the amount')}</Button>
        <Button onClick={onDone}>{say('Done')}</Button>
      </div>
    </>
  );
}

interface SumsProps {
  readonly draft: StatementDraft;
  readonly outcome: CaseOutcome;
  readonly built: BuiltUp | undefined;
}

function Sums({ draft, outcome, built }: SumsProps) {
  const style = numberStyleById(draft.numberStyle);
  return (
    <dl className="figures pairs">
      {built && (
        <>
          <dt>{say('Amount financed')}</dt>
          <dd>{writeMoney(built.amount, style)}</dd>
        </>
      )}
      {built && built.feesTaken > 0 && (
        <>
          <dt>{say('Paid out to the borrower')}</dt>
          <dd>{writeMoney(built.proceeds, style)}</dd>
          <RateWithFees draft={draft} outcome={outcome} fees={built.feesTaken} />
        </>
      )}
    </dl>
  );
}

function priceWritten(draft: StatementDraft, outcome: CaseOutcome): string {
  if (outcome.state !== 'solved' || !draft.buildUp) return '';
  const style = numberStyleById(draft.numberStyle);
  const price = priceFor(outcome.solved.shown, draft.buildUp, style);
  return price === undefined ? '' : writeMoney(price, style);
}

/** The rate that makes the payments worth what was really received. */
function RateWithFees({
  draft,
  outcome,
  fees,
}: {
  readonly draft: StatementDraft;
  readonly outcome: CaseOutcome;
  readonly fees: number;
}) {
  if (outcome.state !== 'solved') return null;
  const { table, numbers, values } = outcome.solved;
  const rate = rateWithCharges({
    amount: numbers.amount,
    fees,
    payment: table.firstPayment,
    payments: values.n,
    finalAmount: numbers.finalAmount,
    timing: values.timing,
  });
  if (!rate.ok) return null;
  const effective = Math.expm1(draft.paymentsPerYear * Math.log1p(rate.value));
  return (
    <>
      <dt>{say('Rate with these fees, effective a year')}</dt>
      <dd>{writePercent(effective, numberStyleById(draft.numberStyle), 2, 4)}</dd>
    </>
  );
}
