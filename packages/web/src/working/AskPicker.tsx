/** Choosing what is asked of a case, with the payment numbers it needs. */
import { quantities, quantityIds, type Ask, type StatementDraft } from '@hardy-sextant/core';
import { FieldInAddress } from '../ui/Field.tsx';
import { Pick } from '../ui/Pick.tsx';
import { say } from '../words/say.ts';

interface AskPickerProps {
  readonly draft: StatementDraft;
  readonly ask: Ask;
  readonly onAsk: (ask: Ask) => void;
}

const argumentWords = { after: say('after payment'), from: 'payments', to: 'to', below: 'past' } as const;

export function AskPicker({ draft, ask, onAsk }: AskPickerProps) {
  const { needs } = quantities[ask.quantity];
  return (
    <>
      <label>
        {say('Work out')}
        <Pick
          label={say('Work out')}
          value={ask.quantity}
          options={quantityIds
            .filter((each) => quantities[each].applies(draft) && (!quantities[each].refinancing || ask.refinancing))
            .map((each) => [each, quantities[each].title])}
          onPick={(quantity) => onAsk({ ...ask, quantity })}
        />
      </label>
      {needs.map((need) => (
        <label key={need}>
          {argumentWords[need]}
          <FieldInAddress
            className="short"
            type="number"
            min={need === 'after' || need === 'below' ? 0 : 1}
            step={need === 'below' ? 'any' : 1}
            value={Number.isFinite(ask[need]) ? (ask[need] ?? '') : ''}
            onText={(text) => onAsk({ ...ask, [need]: text === '' ? NaN : Number(text) })}
          />
        </label>
      ))}
    </>
  );
}
