/** Where problems are pasted: one or many, from anywhere. */
import { Button } from '@mantine/core';
import { LONGEST_TEXT, MOST_PROBLEMS, splitProblems } from '@hardy-sextant/core/texts';
import { useState } from 'react';
import { Word } from '../../../help/Word.tsx';
import { PageHead } from '../../../ui/PageHead.tsx';
import { Link } from 'react-router';
import styles from './Text.module.css';

const example =
  'The orchard of Kestrel Bay, which has 34 trees, buys a cider press for $14,500. It pays 15 % down and the rest in 36 monthly instalments, the first of them today, at 7.2 % a year compounded monthly. A setting-up fee of $180 is added to the loan.\n(a) What is each instalment?\n(b) How much interest is paid in all?';

interface PasteBoxProps {
  readonly onPaste: (text: string) => void;
}

export function PasteBox({ onPaste }: PasteBoxProps) {
  const [text, setText] = useState('');
  const problems = splitProblems(text);
  const tooLong = problems.findIndex((each) => each.length > LONGEST_TEXT);
  const wrong =
    problems.length > MOST_PROBLEMS
      ? `These are ${problems.length} problems: at most ${MOST_PROBLEMS} are read at once.`
      : tooLong >= 0
        ? `Problem ${tooLong + 1} is longer than ${LONGEST_TEXT.toLocaleString()} characters. Part problems by blank lines.`
        : '';
  return (
    <>
      <PageHead title="Paste a problem" where={<Link to="/exercises">Exercises</Link>}>
        <Button onClick={() => setText(example)}>Try an example</Button>
        <Button variant="filled" disabled={problems.length === 0 || wrong !== ''} onClick={() => onPaste(text)}>
          {problems.length > 1 ? `Read ${problems.length} problems` : 'Read it'}
        </Button>
      </PageHead>
      <p className="soft">
        Paste the text of one problem, or of many: numbered, or parted by blank lines. Each becomes an exercise with
        your wording, its <Word of="plan">plans</Word>, <Word of="part">parts</Word> and <Word of="key" />. What can be
        read two ways is a <Word of="doubt" /> that waits for you.
      </p>
      <textarea
        className={styles.paste}
        aria-label="text of the problems"
        placeholder="A loan of 9,000 at 6 % compounded monthly is repaid over three years …"
        value={text}
        onChange={(event) => setText(event.currentTarget.value)}
      />
      <p role="status" className={wrong ? 'wrong' : 'soft'}>
        {wrong || (problems.length > 1 ? `${problems.length} problems` : '')}
      </p>
    </>
  );
}
