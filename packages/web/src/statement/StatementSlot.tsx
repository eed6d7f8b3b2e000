/** A slot where it stands in the sentence: a number, or the `?`; the amount also opens its build-up. */
import { kindOf, numberStyleById, readBuildUp, slotName, writeMoney, type SlotName } from '@hardy-sextant/core';
import { useState } from 'react';
import { useLatest } from '../ui/useLatest.ts';
import { BuildUpButton, emptyBuildUp } from './BuildUpButton.tsx';
import { slotKind, solvedText, withSlot, withUnknown } from './editing.ts';
import { Slot, UnknownSlot } from './Slot.tsx';
import type { StatementProps } from './statementProps.ts';
import { say } from '../words/say.ts';

export function StatementSlot({ slot, ...props }: StatementProps & { readonly slot: SlotName }) {
  const { draft, outcome, rounding, onChange, names } = props;
  const style = numberStyleById(draft.numberStyle);
  const name = slotName(draft.kind, slot);
  const builder = slot === 'amount' && (kindOf(draft).owes || draft.buildUp !== undefined) && (
    <AmountBuilder {...props} />
  );
  if (slot === draft.unknown)
    return (
      <>
        <UnknownSlot slot={slot} name={name} answer={solvedText(draft, outcome) ?? say('not yet')} />
        {builder}
      </>
    );
  const built = slot === 'amount' && draft.buildUp ? readBuildUp(draft.buildUp, style, names) : undefined;
  return (
    <>
      <Slot
        slot={slot}
        kind={slotKind(slot)}
        name={name}
        text={built?.ok ? writeMoney(built.value.amount, style) : draft.slots[slot]}
        style={style}
        problem={outcome.state === 'wrong' ? outcome.problems[slot]?.message : undefined}
        onText={(text) => onChange(withSlot(draft, slot, text), slot)}
        onAsk={() => onChange(withUnknown(draft, slot, outcome, rounding), 'unknown')}
      />
      {builder}
    </>
  );
}

function AmountBuilder({ draft, outcome, onChange }: StatementProps) {
  const [building, setBuilding] = useState(false);
  const change = useLatest(onChange);
  const start = useLatest(() => {
    if (draft.buildUp) return;
    const price = draft.unknown === 'amount' ? '' : draft.slots.amount;
    onChange({ ...draft, buildUp: { ...emptyBuildUp, price } }, 'buildUp');
  });
  return (
    <BuildUpButton
      built={draft.buildUp !== undefined}
      open={building}
      onOpen={setBuilding}
      onStart={start}
      current={building ? { draft, outcome } : undefined}
      onChange={change}
    />
  );
}
