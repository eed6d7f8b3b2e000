/** The marks as a lesson on the projector: what is each number? Covered until asked. */
import { Button, Modal } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import type { TextPiece } from '@hardy-sextant/core/texts';
import { useState } from 'react';
import { cueInWords, roleInWords } from './readWords.ts';
import styles from './Text.module.css';
import { say } from '../../../words/say.ts';

interface LessonProps {
  readonly title: string;
  readonly pieces: readonly TextPiece[];
  readonly onClose: () => void;
}

/** What stands under a mark; nothing for words. */
const saysOf = (piece: TextPiece): string =>
  piece.is === 'number'
    ? roleInWords(piece.use)
    : piece.is === 'cue'
      ? cueInWords(piece.cue)
      : piece.is === 'aside'
        ? say('not used')
        : '';

export function Lesson({ title, pieces, onClose }: LessonProps) {
  const marks = pieces.filter((piece) => piece.is !== 'words').map(({ start }) => start);
  const [shown, setShown] = useState<ReadonlySet<number>>(new Set());
  const show = (start: number) => setShown((before) => new Set([...before, start]));
  const next = () => {
    const first = marks.find((start) => !shown.has(start));
    if (first !== undefined) show(first);
  };
  const back = () => setShown((before) => new Set([...before].slice(0, -1)));
  useHotkeys([
    ['ArrowRight', next],
    ['ArrowLeft', back],
  ]);
  return (
    <Modal.Root opened fullScreen onClose={onClose} transitionProps={{ duration: 0 }}>
      <Modal.Content aria-label={say('{{title}}: what is each number?', { title })}>
        <Modal.Body>
          <div className="ends">
            <h1 className="called" style={{ fontSize: 24 }}>
              {say('{{title}} · what is each number?', { title })}
            </h1>
            <div className="line">
              <Button onClick={next} disabled={shown.size >= marks.length}>
                {say('Next (→)')}
              </Button>
              <Button onClick={() => setShown(new Set(marks))}>{say('Show all')}</Button>
              <Button onClick={() => setShown(new Set())}>{say('Cover all')}</Button>
              <Button onClick={onClose}>{say('Close')}</Button>
            </div>
          </div>
          <div className={`${styles.text} ${styles.lesson}`} aria-live="polite">
            {pieces.map((piece) =>
              piece.is === 'words' ? (
                <span key={piece.start}>{piece.text}</span>
              ) : (
                <LessonMark
                  key={piece.start}
                  piece={piece}
                  covered={!shown.has(piece.start)}
                  onShow={() => show(piece.start)}
                />
              ),
            )}
          </div>
        </Modal.Body>
      </Modal.Content>
    </Modal.Root>
  );
}

interface LessonMarkProps {
  readonly piece: TextPiece;
  readonly covered: boolean;
  readonly onShow: () => void;
}

function LessonMark({ piece, covered, onShow }: LessonMarkProps) {
  const looks = covered ? 'number' : piece.is;
  return (
    <button
      type="button"
      className={`${styles.mark} ${covered ? styles.covered : ''}`}
      data-is={looks}
      aria-label={covered ? say('{{text}}: what is it?', { text: piece.text }) : `${piece.text}: ${saysOf(piece)}`}
      onClick={onShow}
    >
      {piece.text}
      <span className={styles.says}>
        <span>{saysOf(piece)}</span>
      </span>
    </button>
  );
}
