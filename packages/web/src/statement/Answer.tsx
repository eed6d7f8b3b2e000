/** The answer beside a statement, and the choice of another unknown. */
import { Menu, UnstyledButton } from '@mantine/core';
import {
  frequencyOf,
  writeBrief,
  writeMoney,
  writePercent,
  writeSlot,
  type CaseOutcome,
  type NumberStyle,
  type SlotName,
  type StatementDraft,
  type StatementKind,
  kindOf,
  slotName,
} from '@hardy-sextant/core';
import { memo } from 'react';
import { useNumberStyle } from './Figures.tsx';
import { useLatest } from '../ui/useLatest.ts';
import { slotsInOrder } from './Statement.tsx';
import { solvedText } from './editing.ts';
import styles from './Answer.module.css';
import { say } from '../words/say.ts';

interface AnswerProps {
  readonly draft: StatementDraft;
  readonly outcome: CaseOutcome;
  /** Put before an amount; may be empty. */
  readonly currency: string;
  readonly onAsk: (slot: SlotName) => void;
}

export function Answer({ draft, outcome, currency, onAsk }: AnswerProps) {
  const style = useNumberStyle();
  const name = slotName(draft.kind, draft.unknown);
  return (
    <div className={styles.answer}>
      <div className={styles.name}>{name}</div>
      <output className={styles.number} aria-live="polite" aria-label={name}>
        {written(draft, outcome, currency, style)}
      </output>
      <div className={styles.more}>{more(draft, outcome, style)}</div>
      <AskMenu kind={draft.kind} unknown={draft.unknown} onAsk={useLatest(onAsk)} />
    </div>
  );
}

/** Drawn again only when another slot is asked for. */
const AskMenu = memo(function AskMenu({
  kind,
  unknown,
  onAsk,
}: {
  readonly kind: StatementKind;
  readonly unknown: SlotName;
  readonly onAsk: (slot: SlotName) => void;
}) {
  return (
    <Menu position="bottom-end" shadow="sm">
      <Menu.Target>
        <UnstyledButton className={styles.ask}>{say('solve for something else ▾')}</UnstyledButton>
      </Menu.Target>
      <Menu.Dropdown>
        {slotsInOrder(kind)
          .filter((slot) => slot !== unknown)
          .map((slot) => (
            <Menu.Item key={slot} onClick={() => onAsk(slot)}>
              {slotName(kind, slot)}
            </Menu.Item>
          ))}
      </Menu.Dropdown>
    </Menu>
  );
});

function written(draft: StatementDraft, outcome: CaseOutcome, currency: string, style: NumberStyle): string {
  if (outcome.state !== 'solved') return solvedText(draft, outcome) ?? '–';
  const text = writeSlot(draft.unknown, outcome.solved.shown, style);
  const isMoney = draft.unknown !== 'rate' && draft.unknown !== 'payments';
  return isMoney && currency !== '' ? `${currency}\u00a0${text}` : text;
}

function more(draft: StatementDraft, outcome: CaseOutcome, style: NumberStyle): string {
  if (outcome.state === 'waiting') return say('fill in the other slots');
  if (outcome.state === 'wrong') return say('something in the statement is not possible');
  if (outcome.state === 'converted')
    return say('{{writeBrief}} % exactly', { writeBrief: writeBrief(outcome.converted.exact * 100, 6, 10, style) });
  const { solved } = outcome;
  const { flows, pays } = kindOf(draft);
  if (solved.flat)
    return say('really {{writePercent}} effective a year', {
      writePercent: writePercent(solved.flat.effective, style, 2, 2),
    });
  switch (draft.unknown) {
    case 'payment':
      return say('{{payment}} · {{writeBrief}} of them', {
        payment: flows.payment ?? '',
        writeBrief: writeBrief(solved.table.count, 0, 0, style),
      });
    case 'payments': {
      const exact = solved.said
        ? say('{{writeBrief}} exactly', { writeBrief: writeBrief(solved.exact, 2, 4, style) })
        : say('until it is cleared');
      if (solved.said?.isWhole) return exact;
      return pays
        ? say('{{exact}} · the last one {{writeMoney}}', {
            exact,
            writeMoney: writeMoney(solved.table.lastPayment, style),
          })
        : say('{{exact}} · after {{count}} it is {{writeMoney}}', {
            exact,
            count: solved.table.count,
            writeMoney: writeMoney(solved.table.closing, style),
          });
    }
    case 'rate':
      return say('{{writeBrief}} % each {{period}}', {
        writeBrief: writeBrief(solved.values.i * 100, 4, 6, style),
        period: frequencyOf(draft.paymentsPerYear).period,
      });
    default:
      return flows[draft.unknown] ?? '';
  }
}
