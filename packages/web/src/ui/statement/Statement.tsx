/** The statement: a sentence whose slots are typed into and whose `?` is solved. */
import { frequencies, frequencyOf, slotNames, type CaseOutcome, type NumberStyle, type SlotName, type StatementDraft, type TableRounding } from '@hardy-sextant/core';
import type { ReactNode } from 'react';
import { withFrequency, withSlot, withUnknown } from './editing.ts';
import { quoteChoices, quoteId } from './quotes.ts';
import { sentences, type Segment } from './sentences.ts';
import { Slot, UnknownSlot } from './Slot.tsx';
import styles from './Statement.module.css';

interface StatementProps {
  readonly draft: StatementDraft;
  readonly outcome: CaseOutcome;
  readonly answer: string;
  readonly style: NumberStyle;
  readonly rounding: TableRounding;
  readonly onChange: (draft: StatementDraft) => void;
}

export function Statement({ draft, outcome, answer, style, rounding, onChange }: StatementProps) {
  const { segments, names } = sentences[draft.kind];
  const solved = outcome.state === 'solved' ? outcome.solved : undefined;
  const problems = outcome.state === 'wrong' ? outcome.problems : {};

  const slot = (slotName: SlotName): ReactNode =>
    slotName === draft.unknown ? (
      <UnknownSlot slot={slotName} name={names[slotName]} answer={answer} />
    ) : (
      <Slot
        slot={slotName}
        name={names[slotName]}
        text={draft.slots[slotName]}
        style={style}
        problem={problems[slotName]?.message}
        onText={(text) => onChange(withSlot(draft, slotName, text))}
        onAsk={() => onChange(withUnknown(draft, slotName, solved, rounding, style))}
      />
    );

  const choice = (which: 'quote' | 'frequency' | 'timing'): ReactNode => {
    if (which === 'timing')
      return (
        <Choice
          label="when payments fall"
          value={draft.timing}
          onChange={(value) => onChange({ ...draft, timing: value === 'begin' ? 'begin' : 'end' })}
          options={[
            ['end', 'end'],
            ['begin', 'beginning'],
          ]}
        />
      );
    if (which === 'frequency')
      return (
        <Choice
          label="how often payments fall"
          value={String(draft.paymentsPerYear)}
          onChange={(value) => onChange(withFrequency(draft, Number(value)))}
          options={frequencies.map(({ perYear, adverb }) => [String(perYear), adverb])}
        />
      );
    const choices = quoteChoices(draft.paymentsPerYear, draft.quote);
    return (
      <Choice
        label="how the rate is quoted"
        value={quoteId(draft.quote)}
        onChange={(value) => onChange({ ...draft, quote: choices.find(({ id }) => id === value)?.quote ?? draft.quote })}
        options={choices.map(({ id, words }) => [id, words])}
      />
    );
  };

  const lines = splitLines(segments);
  const whole = problems.whole?.message ?? problems[draft.unknown]?.message;
  return (
    <div className={styles.statement}>
      {lines.map((line, at) => (
        <p key={at} className={styles.line}>
          {line.map((segment, place) => (
            <span key={place} className={styles.piece}>
              {'words' in segment && <span className={/^[,.]/.test(segment.words) ? styles.tight : undefined}>{segment.words}</span>}
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
export function slotsInOrder(draft: StatementDraft): readonly SlotName[] {
  const order = sentences[draft.kind].segments.flatMap((segment) => ('slot' in segment ? [segment.slot] : []));
  return order.length === slotNames.length ? order : slotNames;
}

function splitLines(segments: readonly Segment[]): Segment[][] {
  const lines: Segment[][] = [[]];
  for (const segment of segments) {
    if ('newLine' in segment) lines.push([]);
    else lines[lines.length - 1]!.push(segment);
  }
  return lines;
}

interface ChoiceProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly (readonly [string, string])[];
  readonly onChange: (value: string) => void;
}

function Choice({ label, value, options, onChange }: ChoiceProps) {
  return (
    <select className={styles.choice} aria-label={label} value={value} onChange={(event) => onChange(event.currentTarget.value)}>
      {options.map(([id, words]) => (
        <option key={id} value={id}>
          {words}
        </option>
      ))}
    </select>
  );
}
