/** The slots and choices in which a variation differs. */
import {
  frequencies,
  kinds,
  numberStyleById,
  slotName,
  type RateQuote,
  type StatementKind,
  type Variation,
} from '@hardy-sextant/core';
import { Choice } from '../../statement/Choice.tsx';
import { quoteChoices, quoteId } from '../../statement/quotes.ts';
import { Slot } from '../../statement/Slot.tsx';
import { slotKind } from '../../statement/editing.ts';
import { say } from '../../words/say.ts';

interface VariedSlotsProps {
  readonly title: string;
  readonly kind: StatementKind;
  readonly numberStyle: string;
  /** The statement's own, where the variation does not differ in it. */
  readonly quote: RateQuote;
  readonly paymentsPerYear: number;
  readonly variation: Variation;
  readonly onChange: (variation: Variation, what: string) => void;
}

export function VariedSlots({ title, kind, numberStyle, variation, onChange, ...stated }: VariedSlotsProps) {
  const { slots, paymentsPerYear, timing, quote } = variation;
  const quotes = quoteChoices(paymentsPerYear ?? stated.paymentsPerYear, quote ?? stated.quote);
  return (
    <>
      {kinds[kind].slots
        .filter((slot) => slot in slots)
        .map((slot) => (
          <Slot
            key={slot}
            slot={`${variation.id}.${slot}`}
            kind={slotKind(slot)}
            name={say('{{slot}} in “{{title}}”', { slot: slotName(kind, slot), title })}
            text={slots[slot] ?? ''}
            style={numberStyleById(numberStyle)}
            onText={(text) => onChange({ ...variation, slots: { ...slots, [slot]: text } }, slot)}
          />
        ))}
      {paymentsPerYear !== undefined && (
        <Choice
          label={say('how often is paid in this variation')}
          value={String(paymentsPerYear)}
          options={frequencies.map(({ perYear, adverb }) => [String(perYear), adverb])}
          onChange={(value) => onChange({ ...variation, paymentsPerYear: Number(value) }, 'frequency')}
        />
      )}
      {timing !== undefined && (
        <Choice
          label={say('when is paid in this variation')}
          value={timing}
          options={[
            ['end', say('end')],
            ['begin', say('beginning')],
          ]}
          onChange={(next) => onChange({ ...variation, timing: next }, 'timing')}
        />
      )}
      {quote !== undefined && (
        <Choice
          label={say('how the rate is quoted in this variation')}
          value={quoteId(quote)}
          options={quotes.map(({ id, words }) => [id, words])}
          onChange={(value) =>
            onChange({ ...variation, quote: quotes.find(({ id }) => id === value)?.quote ?? quote }, 'quote')
          }
        />
      )}
    </>
  );
}
