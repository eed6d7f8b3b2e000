/** A list whose items are moved by mouse or keyboard, each move said for readers of the page aloud. */
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import type { ReactNode } from 'react';

interface MovableItemsProps {
  /** In their order. */
  readonly ids: readonly string[];
  readonly onDrop: (id: string, over: string) => void;
  readonly children: ReactNode;
}

export function MovableItems({ ids, onDrop, children }: MovableItemsProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const dropped = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) onDrop(String(active.id), String(over.id));
  };
  const placeOf = (id: string | number | undefined): number => ids.indexOf(String(id)) + 1;
  const announcements: Announcements = {
    onDragStart: ({ active }) => `Exercise ${placeOf(active.id)} is picked up.`,
    onDragOver: ({ active, over }) => `Exercise ${placeOf(active.id)} is over place ${placeOf(over?.id)}.`,
    onDragEnd: ({ active, over }) => `Exercise ${placeOf(active.id)} is put at place ${placeOf(over?.id)}.`,
    onDragCancel: ({ active }) => `Exercise ${placeOf(active.id)} stays where it was.`,
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={dropped}
      accessibility={{ announcements }}
    >
      <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
        <ol className="list">{children}</ol>
      </SortableContext>
    </DndContext>
  );
}
