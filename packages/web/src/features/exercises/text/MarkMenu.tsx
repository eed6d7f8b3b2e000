/** What a number is: its role and value, or nothing. */
import { Button } from '@mantine/core';
import { defaultNumberStyle, readSlotText, writeBrief } from '@hardy-sextant/core';
import { roleNames, rolesByForm, type SettledRole, type TextPiece } from '@hardy-sextant/core/texts';
import { useState } from 'react';
import { Field } from '../../../ui/Field.tsx';
import { Pick } from '../../../ui/Pick.tsx';
import { say } from '../../../words/say.ts';

interface MarkMenuProps {
  readonly piece: Extract<TextPiece, { is: 'number' | 'aside' }>;
  readonly onGive: (start: number, role: SettledRole, value?: number) => void;
}

/** The roles a number may have, by how it is written. */
function rolesFor(text: string): readonly SettledRole[] {
  const form = /%|per ?cent/i.test(text)
    ? 'percent'
    : /year|month|week|yr/i.test(text)
      ? 'time'
      : /[$£€]|dollar|pound|euro/i.test(text)
        ? 'money'
        : 'count';
  return rolesByForm[form] ?? [];
}

export function MarkMenu({ piece, onGive }: MarkMenuProps) {
  const roles = rolesFor(piece.text);
  const now: SettledRole = piece.is === 'number' ? piece.use.role : 'ignored';
  const isShare = piece.is === 'number' && /rate$/i.test(piece.use.role);
  const shown = piece.is === 'number' ? writeBrief(isShare ? piece.use.value * 100 : piece.use.value, 0, 8) : '';
  const [value, setValue] = useState(shown);
  const entry = readSlotText(value, {}, defaultNumberStyle);
  const wrong = value !== shown && (!entry.ok || !(entry.value.value > 0));
  const number = value === shown || !entry.ok ? undefined : isShare ? entry.value.value / 100 : entry.value.value;
  const options = (roles.includes(now) ? roles : [now, ...roles]).map((role) => [role, roleNames[role]] as const);
  const [role, setRole] = useState<SettledRole>(now);
  return (
    <form
      className="stack small"
      onSubmit={(event) => {
        event.preventDefault();
        if (!wrong) onGive(piece.start, role, number);
      }}
    >
      <label>
        {say('It is')} <Pick value={role} options={options} onPick={setRole} />
      </label>
      {role !== 'ignored' && (
        <label>
          {say('Value')}{' '}
          <Field
            className="short"
            value={value}
            onText={setValue}
            aria-invalid={wrong}
            aria-describedby={wrong ? 'mark-wrong' : undefined}
          />
          {isShare && ' %'}
        </label>
      )}
      {wrong && (
        <p id="mark-wrong" className="wrong" role="alert">
          {say('Write a number above zero.')}
        </p>
      )}
      <div className="line">
        <Button type="submit" size="compact-sm" variant="filled" disabled={wrong}>
          {say('Take it so')}
        </Button>
        {now !== 'ignored' && (
          <Button size="compact-sm" onClick={() => onGive(piece.start, 'ignored')}>
            {say('Leave aside')}
          </Button>
        )}
      </div>
    </form>
  );
}
