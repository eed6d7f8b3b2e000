/** The statement: a sentence whose slots are typed into and whose `?` is solved. */
import {
  frequencies,
  frequencyOf,
  numberStyleById,
  readBuildUp,
  kindOf,
  kinds,
  slotName,
  writeMoney,
  type CaseOutcome,
  type RateQuote,
  type Scope,
  type Segment,
  type SlotName,
  type StatementDraft,
  type StatementKind,
  type TableRounding,
} from '@hardy-sextant/core';
import { useState, type ReactNode } from 'react';
import { useLatest } from '../useLatest.ts';
import { BuildUpButton, emptyBuildUp } from './BuildUpButton.tsx';
import { Choice } from './Choice.tsx';
import { solvedText, withFrequency, withSlot, withUnknown } from './editing.ts';
import { quoteChoices, quoteId } from './quotes.ts';
import { Slot, UnknownSlot, type SlotKind } from './Slot.tsx';
import styles from './Statement.module.css';

interface StatementProps {
  readonly draft: StatementDraft;
  readonly outcome: CaseOutcome;
  readonly rounding: TableRounding;
  readonly onChange: (draft: StatementDraft, what: string) => void;
  /** What slots may name besides each other: the givens and answers of an exercise. */
  readonly names?: Scope;
}

const slotKinds: Readonly<Record<SlotName, SlotKind>> = {
  amount: 'money',
  rate: 'percent',
  payments: 'count',
  payment: 'money',
  finalAmount: 'money',
  converted: 'percent',
};

export function Statement({ draft, outcome, rounding, onChange, names }: StatementProps) {
  const style = numberStyleById(draft.numberStyle);
  const { sentence, owes } = kindOf(draft);
  const mayBuildUp = owes || draft.buildUp !== undefined;
  const problems = outcome.state === 'wrong' ? outcome.problems : {};
  const [building, setBuilding] = useState(false);
  const change = useLatest(onChange);
  const startBuilding = useLatest(() => {
    if (!draft.buildUp)
      onChange(
        { ...draft, buildUp: { ...emptyBuildUp, price: draft.unknown === 'amount' ? '' : draft.slots.amount } },
        'buildUp',
      );
  });
  const built = draft.buildUp && draft.unknown !== 'amount' ? readBuildUp(draft.buildUp, style, names) : undefined;

  const slot = (which: SlotName): ReactNode => {
    const name = slotName(draft.kind, which);
    if (which === draft.unknown)
      return (
        <>
          <UnknownSlot slot={which} name={name} answer={solvedText(draft, outcome) ?? 'not yet'} />
          {which === 'amount' && mayBuildUp && (
            <BuildUpButton
              built={draft.buildUp !== undefined}
              open={building}
              onOpen={setBuilding}
              onStart={startBuilding}
              current={building ? { draft, outcome } : undefined}
              onChange={change}
            />
          )}
        </>
      );
    return (
      <>
        <Slot
          slot={which}
          kind={slotKinds[which]}
          name={name}
          text={which === 'amount' && built?.ok ? writeMoney(built.value.amount, style) : draft.slots[which]}
          style={style}
          problem={problems[which]?.message}
          onText={(text) => onChange(withSlot(draft, which, text), which)}
          onAsk={() => onChange(withUnknown(draft, which, outcome, rounding), 'unknown')}
        />
        {which === 'amount' && mayBuildUp && (
          <BuildUpButton
            built={draft.buildUp !== undefined}
            open={building}
            onOpen={setBuilding}
            onStart={startBuilding}
            current={building ? { draft, outcome } : undefined}
            onChange={change}
          />
        )}
      </>
    );
  };

  const quoting = (which: 'quote' | 'into', label: string): ReactNode => {
    const choices = quoteChoices(draft.paymentsPerYear, draft[which]);
    const choose = (quote: RateQuote) => onChange({ ...draft, [which]: quote }, which);
    return (
      <>
        <Choice
          label={label}
          value={quoteId(draft[which])}
          onChange={(value) => choose(choices.find(({ id }) => id === value)?.quote ?? draft[which])}
          options={choices.map(({ id, words }) => [id, words])}
        />
        {draft[which].kind === 'daily' && (
          <>
            {' for '}
            <input
              className={`${styles.slot} ${styles.days}`}
              aria-label="days in a billing period"
              type="number"
              min={1}
              max={3660}
              value={draft[which].daysPerPeriod}
              onChange={(event) => {
                const days = event.currentTarget.valueAsNumber;
                if (days > 0 && days <= 3660) choose({ ...draft[which], daysPerPeriod: days });
              }}
            />
            {' days a period'}
          </>
        )}
      </>
    );
  };

  const choice = (which: 'quote' | 'frequency' | 'timing' | 'flatBy' | 'into'): ReactNode => {
    switch (which) {
      case 'timing':
        return (
          <Choice
            label="when payments fall"
            value={draft.timing}
            onChange={(value) => onChange({ ...draft, timing: value === 'begin' ? 'begin' : 'end' }, 'timing')}
            options={[
              ['end', 'end'],
              ['begin', 'beginning'],
            ]}
          />
        );
      case 'frequency':
        return (
          <Choice
            label="how often payments fall"
            value={String(draft.paymentsPerYear)}
            onChange={(value) => onChange(withFrequency(draft, Number(value)), 'frequency')}
            options={frequencies.map(({ perYear, adverb }) => [String(perYear), adverb])}
          />
        );
      case 'flatBy':
        return (
          <Choice
            label="what the flat charge is a percentage of"
            value={draft.flatBy}
            onChange={(value) => onChange({ ...draft, flatBy: value === 'outright' ? 'outright' : 'a-year' }, 'flatBy')}
            options={[
              ['a-year', 'of it for each year'],
              ['outright', 'of it once'],
            ]}
          />
        );
      case 'into':
        return quoting('into', 'how the other rate is quoted');
      case 'quote':
        return quoting('quote', 'how the rate is quoted');
    }
  };

  const whole = problems.whole?.message ?? problems[draft.unknown]?.message;
  return (
    <div className={styles.statement}>
      {splitLines(sentence).map((line, at) => (
        <p key={at} className={styles.line}>
          {line.map((segment, place) => (
            <span key={place} className={`${styles.piece} ${isTight(line[place + 1]) ? styles.close : ''}`}>
              {'words' in segment && segment.words}
              {'slot' in segment && slot(segment.slot)}
              {'choice' in segment && choice(segment.choice)}
              {'period' in segment && <span>{frequencyOf(draft.paymentsPerYear).period}</span>}
            </span>
          ))}
        </p>
      ))}
      {whole && (
        <p role="alert" className={styles.whole}>
          {whole}
        </p>
      )}
    </div>
  );
}

/** The slots in the order of the sentence, for choosing another unknown. */
export function slotsInOrder(kind: StatementKind): readonly SlotName[] {
  return kinds[kind].sentence.flatMap((segment) => ('slot' in segment ? [segment.slot] : []));
}

/** A comma or a full stop stands close to what is before it. */
function isTight(segment: Segment | undefined): boolean {
  return segment !== undefined && 'words' in segment && /^[,.]/.test(segment.words);
}

function splitLines(segments: readonly Segment[]): Segment[][] {
  const lines: Segment[][] = [[]];
  for (const segment of segments) {
    if ('newLine' in segment) lines.push([]);
    else lines[lines.length - 1]!.push(segment);
  }
  return lines;
}
