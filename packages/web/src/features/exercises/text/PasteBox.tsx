/** Where problems are pasted: one or many, from anywhere. */
import { Button } from '@mantine/core';
import { LONGEST_TEXT, MOST_PROBLEMS, splitProblems } from '@hardy-sextant/core/texts';
import { useState } from 'react';
import { Word } from '../../../help/Word.tsx';
import { PageHead } from '../../../ui/PageHead.tsx';
import { Link } from 'react-router';
import styles from './Text.module.css';
import { say } from '../../../words/say.ts';
import { Said } from '../../../words/Said.tsx';

const example = say(
  'The orchard of Kestrel Bay, which has 34 trees, buys a cider press for $14,500. It pays 15 % down and the rest in 36 monthly instalments, the first of them today, at 7.2 % a year compounded monthly. A setting-up fee of $180 is added to the loan.\n(a) What is each instalment?\n(b) How much interest is paid in all?',
);

interface PasteBoxProps {
  readonly onPaste: (text: string) => void;
}

export function PasteBox({ onPaste }: PasteBoxProps) {
  const [text, setText] = useState('');
  const problems = splitProblems(text);
  const tooLong = problems.findIndex((each) => each.length > LONGEST_TEXT);
  const wrong =
    problems.length > MOST_PROBLEMS
      ? say('These are {{problems}} problems: at most {{most}} are read at once.', {
          problems: problems.length,
          most: MOST_PROBLEMS,
        })
      : tooLong >= 0
        ? say('Problem {{number}} is longer than {{longest}} characters. Part problems by blank lines.', {
            number: tooLong + 1,
            longest: LONGEST_TEXT.toLocaleString(),
          })
        : '';
  return (
    <>
      <PageHead title={say('Paste a problem')} where={<Link to="/exercises">{say('Exercises')}</Link>}>
        <Button onClick={() => setText(example)}>{say('Try an example')}</Button>
        <Button variant="filled" disabled={problems.length === 0 || wrong !== ''} onClick={() => onPaste(text)}>
          {problems.length > 1 ? say('Read {{problems}} problems', { problems: problems.length }) : say('Read it')}
        </Button>
      </PageHead>
      <p className="soft">
        <Said
          text="Paste the text of one problem, or of many: numbered, or parted by blank lines. Each becomes an exercise with your wording, its <word>plans</word>, <word2>parts</word2> and <word3 />. What can be read two ways is a <word4 /> that waits for you."
          parts={{
            word: <Word of="plan" />,
            word2: <Word of="part" />,
            word3: <Word of="key" />,
            word4: <Word of="doubt" />,
          }}
        />
      </p>
      <textarea
        className={styles.paste}
        aria-label={say('text of the problems')}
        placeholder={say('A loan of 9,000 at 6 % compounded monthly is repaid over three years …')}
        value={text}
        onChange={(event) => setText(event.currentTarget.value)}
      />
      <p role="status" className={wrong ? 'wrong' : 'soft'}>
        {wrong || (problems.length > 1 ? say('{{problems}} problems', { problems: problems.length }) : '')}
      </p>
    </>
  );
}
