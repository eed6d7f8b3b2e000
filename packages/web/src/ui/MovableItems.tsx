/** A list whose items are moved by mouse or keyboard, each move said for readers of the page aloud. */
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  rectIntersection,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type CollisionDetection,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  rectSortingStrategy,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { IconGripVertical } from '@tabler/icons-react';
import type { ReactNode } from 'react';
import styles from './MovableItems.module.css';
import { say } from '../words/say.ts';

/** What the moved item covers most; between items of unequal height the nearest middle would leave some out. */
const covered: CollisionDetection = (moved) => {
  const hits = rectIntersection(moved);
  return hits.length > 0 ? hits : closestCenter(moved);
};

const screenReaderInstructions = {
  draggable: say(
    'Press the space bar to pick this up, the arrow keys to move it, the space bar again to put it down; Escape leaves it where it was.',
  ),
};

interface MovableItemsProps {
  /** In their order. */
  readonly ids: readonly string[];
  /** What an item is, for the announcements: "Exercise". */
  readonly what: string;
  readonly className?: string;
  /** Side by side, not one below the other. */
  readonly across?: boolean;
  readonly onDrop: (id: string, over: string) => void;
  readonly children: ReactNode;
}

export function MovableItems({ ids, what, className = 'list', across = false, onDrop, children }: MovableItemsProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const dropped = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) onDrop(String(active.id), String(over.id));
  };
  const placeOf = (id: string | number | undefined): number => ids.indexOf(String(id)) + 1;
  const announcements: Announcements = {
    onDragStart: ({ active }) => say('{{what}} {{placeOf}} is picked up.', { what, placeOf: placeOf(active.id) }),
    onDragOver: ({ active, over }) =>
      say('{{what}} {{placeOf}} is over place {{placeOf2}}.', {
        what,
        placeOf: placeOf(active.id),
        placeOf2: placeOf(over?.id),
      }),
    onDragEnd: ({ active, over }) =>
      say('{{what}} {{placeOf}} is put at place {{placeOf2}}.', {
        what,
        placeOf: placeOf(active.id),
        placeOf2: placeOf(over?.id),
      }),
    onDragCancel: ({ active }) =>
      say('{{what}} {{placeOf}} stays where it was.', { what, placeOf: placeOf(active.id) }),
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={covered}
      onDragEnd={dropped}
      accessibility={{ announcements, screenReaderInstructions }}
    >
      <SortableContext items={[...ids]} strategy={across ? rectSortingStrategy : verticalListSortingStrategy}>
        <ol className={className}>{children}</ol>
      </SortableContext>
    </DndContext>
  );
}

/** One item of the list: where it is drawn while it moves, and the grip it is moved by. */
export function useMovable(id: string, label: string) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id,
  });
  return {
    item: {
      ref: setNodeRef,
      style: { transform: CSS.Transform.toString(transform), transition },
      'data-dragging': isDragging,
    },
    grip: (
      <button
        ref={setActivatorNodeRef}
        type="button"
        className={styles.grip}
        {...attributes}
        {...listeners}
        aria-label={label}
      >
        <IconGripVertical size={18} stroke={1.5} />
      </button>
    ),
  };
}
