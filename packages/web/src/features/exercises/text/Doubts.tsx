/** What is doubtful, on top, each with its choices; and what the text leaves unsaid. */
import { Button } from '@mantine/core';
import type { ProblemReading } from '@hardy-sextant/core/texts';
import { TextButton } from '../../../ui/TextButton.tsx';
import styles from './Text.module.css';
import { say } from '../../../words/say.ts';

interface DoubtsProps {
  readonly reading: ProblemReading;
  readonly onChoose: (sets: Readonly<Record<string, string>>) => void;
}

export function Doubts({ reading: { doubts }, onChoose }: DoubtsProps) {
  if (doubts.length === 0) return null;
  return (
    <ul className={styles.doubts} aria-label={say('what is doubtful')}>
      {doubts.map(({ says, choices }, at) => (
        <li key={says} className={styles.doubt}>
          <strong id={`doubt-${at}`}>{says}</strong>
          {choices.map((choice, index) => (
            <Button
              key={choice.says}
              size="compact-sm"
              variant="default"
              aria-describedby={`doubt-${at}`}
              onClick={() => onChoose(choice.sets)}
            >
              {choice.says}
              {index === 0 && choices.length === 2 && <span className="soft">{`\u00a0· ${say('taken for now')}`}</span>}
            </Button>
          ))}
        </li>
      ))}
    </ul>
  );
}

/** Payments at the end, compounding as often as paid: usual, and said. */
export function Assumed({ reading: { assumes }, onChoose }: DoubtsProps) {
  if (assumes.length === 0) return null;
  return (
    <p className="soft small">
      {say('Not said in the text:')}{' '}
      {assumes.includes('timing=end') && (
        <>
          {say('payments are taken to fall at the end of each period')}{' '}
          <TextButton onClick={() => onChoose({ timing: 'end' })}>{say('so it is')}</TextButton>
          {' · '}
          <TextButton onClick={() => onChoose({ timing: 'beginning' })}>{say('at the beginning')}</TextButton>
          {assumes.length > 1 && '; '}
        </>
      )}
      {assumes.includes('compounding=payments') &&
        say('how often interest is compounded: the rate is read as one a year, compounded as often as payments fall')}
      .
    </p>
  );
}
