/** Irregular extra payments: said in one sentence, typed or pasted as a list; lines that cannot be read are named, the rest counts. */
import { Modal, Textarea } from '@mantine/core';
import { extrasInWords, readExtras, type ExtrasCalendar, type NumberStyle } from '@hardy-sextant/core';
import { useState } from 'react';
import { TextButton } from '../ui/TextButton.tsx';
import { many, say } from '../words/say.ts';

interface ExtrasListProps {
  readonly text: string;
  readonly style: NumberStyle;
  readonly calendar: ExtrasCalendar;
  readonly onText: (text: string) => void;
}

const SHOWN_UNREAD = 5;

export function ExtrasList({ text, style, calendar, onText }: ExtrasListProps) {
  // A list that was just added is opened at once, to be filled.
  const [opened, setOpened] = useState(text === '');
  const { extras, unread } = readExtras(text, style, calendar);
  return (
    <>
      <span>{say('also makes')}</span>{' '}
      <TextButton onClick={() => setOpened(true)}>{extrasInWords(extras, style)}</TextButton>
      {unread.length > 0 && (
        <span role="alert" className="wrong">
          {many(unread.length, 'one line is not read: line', '{{count}} lines are not read: line')} {unread[0]?.line}, “
          {unread[0]?.text}”
        </span>
      )}
      <Modal opened={opened} onClose={() => setOpened(false)} title={say('Extra payments as a list')} size="lg">
        <p className="soft">
          {say(
            'One a line: the number of a payment and an amount, such as 12: 500. Or by a rule: every 12 from 6: 500, or every January: 500. Paste two columns from a worksheet as they are.',
          )}
        </p>
        <Textarea
          label={say('Extra payments, one a line')}
          autosize
          minRows={6}
          maxRows={16}
          maxLength={12_000}
          data-autofocus
          value={text}
          onChange={(event) => onText(event.currentTarget.value)}
        />
        <p role="status">{extrasInWords(extras, style)}.</p>
        {unread.length > 0 && (
          <ul className="wrong">
            {unread.slice(0, SHOWN_UNREAD).map(({ line, text: typed, why }) => (
              <li key={line}>
                {say('Line {{line}}{{value}}: {{why}}', { line, value: typed && `, “${typed}”`, why })}
              </li>
            ))}
            {unread.length > SHOWN_UNREAD && (
              <li>
                {many(unread.length - SHOWN_UNREAD, '{{count}} more cannot be read.', '{{count}} more cannot be read.')}
              </li>
            )}
          </ul>
        )}
      </Modal>
    </>
  );
}
