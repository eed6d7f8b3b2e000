/** Choosing what is asked of a case, with the payment numbers it needs. */
import { quantities, quantityIds, type Ask, type Quantity, type StatementDraft } from '@hardy-sextant/core';

interface AskPickerProps {
  readonly draft: StatementDraft;
  readonly ask: Ask;
  readonly onAsk: (ask: Ask) => void;
}

const argumentWords = { after: 'after payment', from: 'payments', to: 'to' } as const;

export function AskPicker({ draft, ask, onAsk }: AskPickerProps) {
  const { needs } = quantities[ask.quantity];
  return (
    <>
      <label>
        Work out
        <select
          aria-label="Work out"
          value={ask.quantity}
          onChange={(event) => onAsk({ ...ask, quantity: event.currentTarget.value as Quantity })}
        >
          {quantityIds
            .filter((each) => quantities[each].applies(draft) && (!quantities[each].refinancing || ask.refinancing))
            .map((each) => (
              <option key={each} value={each}>
                {quantities[each].title}
              </option>
            ))}
        </select>
      </label>
      {needs.map((need) => (
        <label key={need}>
          {argumentWords[need]}
          <input
            type="number"
            min={need === 'after' ? 0 : 1}
            step={1}
            value={Number.isFinite(ask[need]) ? ask[need] : ''}
            onChange={(event) =>
              onAsk({ ...ask, [need]: event.currentTarget.value === '' ? NaN : Number(event.currentTarget.value) })
            }
          />
        </label>
      ))}
    </>
  );
}
