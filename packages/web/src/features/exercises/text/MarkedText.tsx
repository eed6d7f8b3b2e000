/** The text with its marks: numbers with what they are, words that decided something, numbers left aside. */
import { Popover } from '@mantine/core';
import type { Settled, SettledRole, TextPiece } from '@hardy-sextant/core/texts';
import { useEffect, useRef, useState, type CSSProperties } from 'react';
import { useLatest } from '../../../ui/useLatest.ts';
import { MarkMenu } from './MarkMenu.tsx';
import { markedNumber, type MarkedNumber } from './markedNumber.ts';
import { cueInWords, roleInWords } from './readWords.ts';
import styles from './Text.module.css';

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
  return (
    <div ref={box} className={styles.text}>
      {pieces.map((piece) =>
        piece.is === 'words' ? (
          <span key={piece.start} data-start={piece.start}>
            {piece.text}
          </span>
        ) : piece.is === 'cue' ? (
          <span key={piece.start} className={styles.mark} data-is="cue" style={room(cueInWords(piece.cue))}>
            <span data-start={piece.start}>{piece.text}</span>
            <span className={styles.says}>{cueInWords(piece.cue)}</span>
          </span>
        ) : (
          <NumberMark
            key={piece.start}
            piece={piece}
            opened={open === piece.start}
            onOpen={(opened) => setOpen(opened ? piece.start : undefined)}
            onGive={give}
          />
        ),
      )}
    </div>
  );
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
          aria-label={`${piece.text}, ${says || 'not used'}: change what it is`}
          aria-haspopup="dialog"
          aria-expanded={opened}
          onClick={() => onOpen(!opened)}
        >
          {piece.text}
          {says && <span className={styles.says}>{says}</span>}
        </button>
      </Popover.Target>
      <Popover.Dropdown aria-label={`what ${piece.text} is`}>
        <MarkMenu piece={piece} onGive={onGive} />
      </Popover.Dropdown>
    </Popover>
  );
}
