/** The text with its marks: numbers with what they are, words that decided something, numbers left aside. */
import { Popover } from '@mantine/core';
import type { Settled, SettledRole, TextPiece } from '@hardy-sextant/core/texts';
import { useEffect, useRef, useState, type CSSProperties } from 'react';
import { useLatest } from '../../../ui/useLatest.ts';
import { MarkMenu } from './MarkMenu.tsx';
import { markedNumber, type MarkedNumber } from './markedNumber.ts';
import { cueInWords, roleInWords } from './readWords.ts';
import styles from './Text.module.css';
import { say } from '../../../words/say.ts';

interface MarkedTextProps {
  readonly text: string;
  readonly pieces: readonly TextPiece[];
  readonly settled: Settled;
  readonly onSettle: (settled: Settled) => void;
}

export function MarkedText({ text, pieces, settled, onSettle }: MarkedTextProps) {
  const [open, setOpen] = useState<number>();
  const give = (start: number, role: SettledRole, value?: number) => {
    setOpen(undefined);
    onSettle({
      ...settled,
      roles: { ...settled.roles, [start]: role },
      ...(value === undefined ? {} : { values: { ...settled.values, [start]: value } }),
    });
  };
  const mark = (number: MarkedNumber) => {
    onSettle({
      ...settled,
      marks: [...(settled.marks ?? []), number],
      roles: { ...settled.roles, [number.start]: 'amount' },
    });
    setOpen(number.start);
  };
  const box = useDragged(() => {
    const number = markedNumber(text);
    if (number) mark(number);
  });
  const firsts = firstCues(pieces);
  return (
    <div ref={box} className={styles.text}>
      {withTails(pieces).map(({ piece, tail }) =>
        piece.is === 'words' ? (
          <Words key={piece.start} {...piece} />
        ) : (
          <span key={piece.start} className={styles.kept}>
            {piece.is === 'cue' ? (
              <CueMark piece={piece} isFirst={firsts.has(piece.start)} />
            ) : (
              <NumberMark
                piece={piece}
                opened={open === piece.start}
                onOpen={(opened) => setOpen(opened ? piece.start : undefined)}
                onGive={give}
              />
            )}
            {tail && <Words {...tail} />}
          </span>
        ),
      )}
    </div>
  );
}

type CuePiece = Extract<TextPiece, { is: 'cue' }>;

/** What words say is written below them once; where others say the same again, they are underlined alone. */
function CueMark({ piece, isFirst }: { readonly piece: CuePiece; readonly isFirst: boolean }) {
  const says = cueInWords(piece.cue);
  return (
    <span className={styles.mark} data-is="cue" {...(isFirst ? { style: room(says) } : { title: says })}>
      <Words {...piece} />
      {isFirst && <span className={styles.says}>{says}</span>}
    </span>
  );
}

/** Where each thing that words say is said first. */
function firstCues(pieces: readonly TextPiece[]): ReadonlySet<number> {
  const said = pieces.flatMap((piece) => (piece.is === 'cue' ? [[cueInWords(piece.cue), piece.start] as const] : []));
  // Of what is said again, the first is entered last.
  return new Set(new Map(said.reverse()).values());
}

interface WordsProps {
  readonly text: string;
  readonly start: number;
}

/** Words of the text that know where they stand in it. */
const Words = ({ text, start }: WordsProps) => <span data-start={start}>{text}</span>;

/** Marks with the punctuation behind them, which does not begin the next line. */
function withTails(pieces: readonly TextPiece[]): { readonly piece: TextPiece; readonly tail?: WordsProps }[] {
  const tailOf = (piece: TextPiece | undefined): string =>
    piece?.is === 'words' ? (/^[.,;:?!)\]’”'"]+/.exec(piece.text)?.[0] ?? '') : '';
  return pieces.map((piece, at) => {
    if (piece.is === 'words') {
      const taken = at === 0 ? 0 : tailOf(piece).length;
      return { piece: { ...piece, text: piece.text.slice(taken), start: piece.start + taken } };
    }
    const text = tailOf(pieces[at + 1]);
    return text === '' ? { piece } : { piece, tail: { text, start: piece.start + piece.text.length } };
  });
}

/** As much room as the words under a mark need. */
const room = (says: string): CSSProperties => ({ '--says': says.length }) as CSSProperties;

/** What happens when something was dragged over within a box. */
function useDragged(done: () => void) {
  const box = useRef<HTMLDivElement>(null);
  const latest = useLatest(done);
  useEffect(() => {
    const element = box.current;
    element?.addEventListener('mouseup', latest);
    return () => element?.removeEventListener('mouseup', latest);
  }, [latest]);
  return box;
}

interface NumberMarkProps {
  readonly piece: Extract<TextPiece, { is: 'number' | 'aside' }>;
  readonly opened: boolean;
  readonly onOpen: (opened: boolean) => void;
  readonly onGive: (start: number, role: SettledRole, value?: number) => void;
}

function NumberMark({ piece, opened, onOpen, onGive }: NumberMarkProps) {
  const says = piece.is === 'number' ? roleInWords(piece.use) : '';
  return (
    <Popover
      opened={opened}
      onChange={onOpen}
      position="bottom-start"
      trapFocus
      returnFocus
      shadow="sm"
      transitionProps={{ duration: 0 }}
      withinPortal
    >
      <Popover.Target>
        <button
          type="button"
          className={styles.mark}
          data-is={piece.is}
          style={room(says)}
          aria-label={say('{{text}}, {{says}}: change what it is', { text: piece.text, says: says || say('not used') })}
          aria-haspopup="dialog"
          aria-expanded={opened}
          onClick={() => onOpen(!opened)}
        >
          {piece.text}
          {says && <span className={styles.says}>{says}</span>}
        </button>
      </Popover.Target>
      <Popover.Dropdown aria-label={say('what {{text}} is', { text: piece.text })}>
        <MarkMenu piece={piece} onGive={onGive} />
      </Popover.Dropdown>
    </Popover>
  );
}
