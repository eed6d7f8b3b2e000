/** One slot of a statement: takes what people type, shows it written out when left, and says what is wrong in its place. */
import { readEntry, writeMoney, writeNumber, writePercent, type NumberStyle } from '@hardy-sextant/core';
import { useId, useState, type ReactNode } from 'react';
import styles from './Statement.module.css';
import { say } from '../words/say.ts';

/** How a slot's number is written out: money, percent, or a count. */
export type SlotKind = 'money' | 'percent' | 'count';

interface SlotProps {
  /** For finding it from outside, such as from a shortcut. */
  readonly slot: string;
  readonly kind: SlotKind;
  readonly name: string;
  readonly text: string;
  readonly style: NumberStyle;
  readonly problem?: string | undefined;
  readonly placeholder?: string;
  readonly onText: (text: string) => void;
  /** `?` was typed: make this the unknown. */
  readonly onAsk?: () => void;
  /** Stands inside the slot's box, after it. */
  readonly children?: ReactNode;
}

export function Slot({ slot, kind, name, text, style, problem, placeholder = '', onText, onAsk, children }: SlotProps) {
  // From the first key until the slot is left the text stays as typed; on arrival the number is only selected, so that
  // nothing moves under a person who types at once.
  const [typing, setTyping] = useState(false);
  const problemId = useId();
  const shown = typing ? text : writtenOut(kind, text, style);
  return (
    <span className={styles.slotBox}>
      <input
        className={`${styles.slot} ${problem ? styles.wrong : ''}`}
        style={{ width: `${Math.max(2, shown.length, shown === '' ? placeholder.length : 0)}ch` }}
        aria-label={name}
        aria-invalid={problem !== undefined}
        aria-describedby={problem ? problemId : undefined}
        data-slot={slot}
        inputMode={kind === 'count' ? 'text' : 'decimal'}
        autoComplete="off"
        spellCheck={false}
        maxLength={200}
        placeholder={placeholder}
        value={shown}
        onFocus={(event) => event.currentTarget.select()}
        onBlur={() => setTyping(false)}
        onChange={(event) => {
          const typed = event.currentTarget.value;
          setTyping(true);
          if (typed.trim() === '?' && onAsk) onAsk();
          else onText(typed);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter') event.currentTarget.blur();
        }}
      />
      {children}
      {problem && (
        <span id={problemId} role="alert" className={styles.problem}>
          {problem}
        </span>
      )}
    </span>
  );
}

/** The unknown: shows `?` and, to a reader, the answer. */
export function UnknownSlot({
  slot,
  name,
  answer,
}: {
  readonly slot: string;
  readonly name: string;
  readonly answer: string;
}) {
  return (
    <span className={styles.slotBox}>
      <input
        className={`${styles.slot} ${styles.unknown}`}
        style={{ width: '1ch' }}
        readOnly
        value="?"
        data-slot={slot}
        aria-label={say('{{name}}, to be found: {{answer}}', { name, answer })}
      />
    </span>
  );
}

function writtenOut(kind: SlotKind, text: string, style: NumberStyle): string {
  const entry = readEntry(text, style);
  if (!entry.ok) return text;
  const { value, unit, decimals, percent } = entry.value;
  if (kind === 'percent') return writePercent(value / 100, style);
  if (kind === 'count') return unit ? text.trim() : writeNumber(value, Math.max(0, decimals), style);
  return percent ? writePercent(value / 100, style) : writeMoney(value, style, Math.max(2, decimals));
}
