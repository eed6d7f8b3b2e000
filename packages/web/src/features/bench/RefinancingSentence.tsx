/** The sentence of a refinancing: after which payment, at which rate, in how many payments, at what costs. */
import type { NumberStyle, RefinancingDraft } from '@hardy-sextant/core';
import { Choice } from '../../statement/Choice.tsx';
import { Slot } from '../../statement/Slot.tsx';
import styles from './Variations.module.css';

interface RefinancingSentenceProps {
  readonly refinancing: RefinancingDraft;
  readonly style: NumberStyle;
  readonly onChange: (part: keyof RefinancingDraft, text: string) => void;
}

export function RefinancingSentence({ refinancing, style, onChange }: RefinancingSentenceProps) {
  const slot = (part: 'after' | 'rate' | 'payments' | 'costs') => ({
    slot: part,
    text: refinancing[part],
    style,
    onText: (text: string) => onChange(part, text),
  });
  return (
    <span className={styles.sentence}>
      after payment <Slot {...slot('after')} kind="count" name="refinanced after payment" /> at{' '}
      <Slot {...slot('rate')} kind="percent" name="refinanced at a rate of" /> in{' '}
      <Slot {...slot('payments')} kind="count" name="refinanced in so many payments" /> payments, costs of{' '}
      <Slot {...slot('costs')} kind="money" name="costs of refinancing" />
      <Choice
        label="how the costs are paid"
        value={refinancing.costsPaid}
        options={[
          ['cash', 'in cash'],
          ['added', 'added to it'],
        ]}
        onChange={(value) => onChange('costsPaid', value)}
      />
    </span>
  );
}
