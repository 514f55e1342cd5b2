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
import { arrayMove, rectSortingStrategy, SortableContext, sortableKeyboardCoordinates, useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { GripVertical } from 'lucide-react';
import type { CSSProperties, ReactNode } from 'react';

/** Things that are put in order by drag, or by keys: space, arrows, space. What moves is told as it moves. */
export function SortArea({
  ids,
  what,
  onOrder,
  children,
}: {
  ids: readonly string[];
  /** What one of them is called: `picture`, `plan`. */
  what: string;
  onOrder: (ids: readonly string[]) => void;
  children: ReactNode;
}) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const moved = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) onOrder(arrayMove([...ids], ids.indexOf(String(active.id)), ids.indexOf(String(over.id))));
  };
  const placeOf = (id: string | number) => `place ${ids.indexOf(String(id)) + 1} of ${ids.length}`;
  const announcements: Announcements = {
    onDragStart: ({ active }) => `Picked up the ${what} at ${placeOf(active.id)}.`,
    onDragOver: ({ over }) => (over ? `Over ${placeOf(over.id)}.` : undefined),
    onDragEnd: ({ over }) => (over ? `Put down at ${placeOf(over.id)}.` : 'Put back.'),
    onDragCancel: () => 'Put back.',
  };
  return (
    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={moved} accessibility={{ announcements }}>
      <SortableContext items={[...ids]} strategy={rectSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  );
}

/** One thing in a sort area: what its box needs, and the grip by which it is taken. */
export function useSorted(
  id: string,
  name: string,
): { readonly box: { ref: (node: HTMLElement | null) => void; style: CSSProperties }; readonly grip: ReactNode; readonly isDragging: boolean } {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({ id });
  const grip = (
    <button
      type="button"
      ref={setActivatorNodeRef}
      {...attributes}
      {...listeners}
      aria-label={`Move ${name}: space, arrows, space`}
      className="min-h-6 min-w-6 cursor-grab rounded-md text-ink2 hover:bg-tint max-sm:min-h-11 max-sm:min-w-11"
    >
      <GripVertical size={15} aria-hidden className="inline" />
    </button>
  );
  return { box: { ref: setNodeRef, style: { transform: CSS.Translate.toString(transform), transition } }, grip, isDragging };
}
