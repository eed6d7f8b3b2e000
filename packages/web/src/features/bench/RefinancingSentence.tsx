/** The sentence of a refinancing: after which payment, at which rate, in how many payments, at what costs. */
import type { NumberStyle, RefinancingDraft } from '@hardy-sextant/core';
import { Choice } from '../../statement/Choice.tsx';
import { Slot } from '../../statement/Slot.tsx';
import styles from './Variations.module.css';
import { say } from '../../words/say.ts';

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
      {say('after payment')} <Slot {...slot('after')} kind="count" name={say('refinanced after payment')} /> {say('at')}{' '}
      <Slot {...slot('rate')} kind="percent" name={say('refinanced at a rate of')} /> {say('in')}{' '}
      <Slot {...slot('payments')} kind="count" name={say('refinanced in so many payments')} />{' '}
      {say('payments, costs of')} <Slot {...slot('costs')} kind="money" name={say('costs of refinancing')} />
      <Choice
        label={say('how the costs are paid')}
        value={refinancing.costsPaid}
        options={[
          ['cash', say('in cash')],
          ['added', say('added to it')],
        ]}
        onChange={(value) => onChange('costsPaid', value)}
      />
    </span>
  );
}
