/** One slot of a statement: takes what people type, shows it written out when left, and says what is wrong in its place. */
import { readEntry, writeMoney, writeNumber, writePercent, type NumberStyle, type SlotName } from '@hardy-sextant/core';
import { useId, useState } from 'react';
import styles from './Statement.module.css';

interface SlotProps {
  readonly slot: SlotName;
  readonly name: string;
  readonly text: string;
  readonly style: NumberStyle;
  readonly problem?: string;
  readonly onText: (text: string) => void;
  /** `?` was typed: make this the unknown. */
  readonly onAsk: () => void;
}

export function Slot({ slot, name, text, style, problem, onText, onAsk }: SlotProps) {
  // From the first key until the slot is left the text stays as typed; on arrival the number is only selected, so that
  // nothing moves under a person who types at once.
  const [typing, setTyping] = useState(false);
  const problemId = useId();
  const shown = typing ? text : writtenOut(slot, text, style);
  return (
    <span className={styles.slotBox}>
      <input
        className={`${styles.slot} ${problem ? styles.wrong : ''}`}
        style={{ width: `${Math.max(2, shown.length)}ch` }}
        aria-label={name}
        aria-invalid={problem !== undefined}
        aria-describedby={problem ? problemId : undefined}
        data-slot={slot}
        inputMode="decimal"
        autoComplete="off"
        spellCheck={false}
        maxLength={200}
        value={shown}
        onFocus={(event) => event.currentTarget.select()}
        onBlur={() => setTyping(false)}
        onChange={(event) => {
          const typed = event.currentTarget.value;
          setTyping(true);
          if (typed.trim() === '?') onAsk();
          else onText(typed);
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter') event.currentTarget.blur();
        }}
      />
      {problem && (
        <span id={problemId} role="alert" className={styles.problem}>
          {problem}
        </span>
      )}
    </span>
  );
}

/** The unknown: shows `?` and, to a reader, the answer. */
export function UnknownSlot({ slot, name, answer }: { readonly slot: SlotName; readonly name: string; readonly answer: string }) {
  return (
    <span className={styles.slotBox}>
      <input className={`${styles.slot} ${styles.unknown}`} style={{ width: '1ch' }} readOnly value="?" data-slot={slot} aria-label={`${name}, to be found: ${answer}`} />
    </span>
  );
}

function writtenOut(slot: SlotName, text: string, style: NumberStyle): string {
  const entry = readEntry(text, style);
  if (!entry.ok) return text;
  const { value, unit, decimals } = entry.value;
  if (slot === 'rate') return writePercent(value / 100, style);
  if (slot === 'payments') return unit ? text.trim() : writeNumber(value, Math.max(0, decimals), style);
  return writeMoney(value, style, Math.max(2, decimals));
}
