/** A mark that is dragged over a worksheet. */
import { useDraggable } from '@dnd-kit/core';
import { markId, markWords, type Mark } from './sheetMarks.ts';
import styles from './Marks.module.css';

export function MarkChip({ mark }: { readonly mark: Mark }) {
  const { listeners, setNodeRef, isDragging } = useDraggable({ id: markId(mark) });
  // By keyboard a mark is put from the fields of the chosen cell.
  return (
    <span ref={setNodeRef} className={styles.mark} data-kind={mark.kind} data-dragging={isDragging} {...listeners}>
      {markWords(mark)}
    </span>
  );
}
