/** The answer beside a statement, and the choice of another unknown. */
import { Menu, UnstyledButton } from '@mantine/core';
import { frequencyOf, writeBrief, writeMoney, writeSlot, type CaseOutcome, type NumberStyle, type SlotName, type StatementDraft } from '@hardy-sextant/core';
import { slotsInOrder } from './Statement.tsx';
import { sentences } from './sentences.ts';
import styles from './Answer.module.css';

interface AnswerProps {
  readonly draft: StatementDraft;
  readonly outcome: CaseOutcome;
  readonly style: NumberStyle;
  readonly onAsk: (slot: SlotName) => void;
}

/** The answer in writing; an en dash while there is none. */
export function answerWritten(draft: StatementDraft, outcome: CaseOutcome, style: NumberStyle): string {
  return outcome.state === 'solved' ? writeSlot(draft.unknown, outcome.solved.shown, style) : '–';
}

export function Answer({ draft, outcome, style, onAsk }: AnswerProps) {
  const { names } = sentences[draft.kind];
  return (
    <div className={styles.answer}>
      <div className={styles.name}>{names[draft.unknown]}</div>
      <output className={styles.number} aria-live="polite" aria-label={names[draft.unknown]}>
        {answerWritten(draft, outcome, style)}
      </output>
      <div className={styles.more}>{more(draft, outcome, style)}</div>
      <Menu position="bottom-end" shadow="sm">
        <Menu.Target>
          <UnstyledButton className={styles.ask}>solve for something else ▾</UnstyledButton>
        </Menu.Target>
        <Menu.Dropdown>
          {slotsInOrder(draft)
            .filter((slot) => slot !== draft.unknown)
            .map((slot) => (
              <Menu.Item key={slot} onClick={() => onAsk(slot)}>
                {names[slot]}
              </Menu.Item>
            ))}
        </Menu.Dropdown>
      </Menu>
    </div>
  );
}

function more(draft: StatementDraft, outcome: CaseOutcome, style: NumberStyle): string {
  if (outcome.state === 'waiting') return 'fill in the other slots';
  if (outcome.state === 'wrong') return 'something in the statement cannot be';
  const { solved } = outcome;
  const { direction } = sentences[draft.kind];
  switch (draft.unknown) {
    case 'payment':
      return `${direction.payment} · ${writeBrief(solved.table.count, 0, 0, style)} of them`;
    case 'payments': {
      const exact = `${writeBrief(solved.exact, 2, 4, style)} exactly`;
      return solved.said?.isWhole ? exact : `${exact} · the last one ${writeMoney(solved.table.lastPayment, style)}`;
    }
    case 'rate':
      return `${writeBrief(solved.values.i * 100, 4, 6, style)} % each ${frequencyOf(draft.paymentsPerYear).period}`;
    default:
      return direction[draft.unknown];
  }
}
