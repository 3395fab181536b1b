"use client";

import { useState, type CSSProperties, type ReactNode } from "react";
import {
  closestCenter,
  DndContext,
  DragOverlay,
  KeyboardSensor,
  PointerSensor,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
  type UniqueIdentifier,
} from "@dnd-kit/core";
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";

/** What can be moved, in order; the names are spoken while one is moved. */
type Items = readonly { readonly id: string; readonly name: string }[];

/** How far the pointer goes before a press becomes a drag, px: a tap stays a tap. */
const DRAG_AFTER_PX = 5;

/**
 * Things in an order that mouse, finger and keyboard can change; each row takes part by {@link
 * useSortableRow}.
 */
export function SortableList({
  id,
  items,
  onMove,
  children,
}: {
  readonly id: string;
  readonly items: Items;
  readonly onMove: (fromId: string, toId: string) => void;
  readonly children: ReactNode;
}) {
  return (
    <SortableBoard id={id} lists={[{ items }]} onMove={onMove}>
      <SortableItems items={items}>{children}</SortableItems>
    </SortableBoard>
  );
}

/**
 * Several lists whose things can be moved within them and from one to another: each list is one of
 * {@link SortableItems} inside, and may end in a place of its own by {@link useListEnd}.
 */
export function SortableBoard({
  id,
  lists,
  onMove,
  children,
}: {
  readonly id: string;
  readonly lists: readonly {
    readonly items: Items;
    /** The place after its last one. */ readonly end?: Items[number];
  }[];
  readonly onMove: (fromId: string, toId: string) => void;
  readonly children: ReactNode;
}) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAG_AFTER_PX } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const [moving, setMoving] = useState<UniqueIdentifier | null>(null);
  const all = lists.flatMap(({ items, end }) => [...items, ...(end === undefined ? [] : [end])]);
  const nameOf = (each: UniqueIdentifier): string =>
    all.find((item) => item.id === each)?.name ?? "It";
  const placeOf = (each: UniqueIdentifier | undefined): string => {
    const items = lists.find((list) => list.items.some((item) => item.id === each))?.items;
    if (items === undefined) return each === undefined ? "no place" : nameOf(each);
    const place = `place ${items.findIndex((item) => item.id === each) + 1} of ${items.length}`;
    return lists.length > 1 && each !== undefined ? `${place}, ${nameOf(each)}` : place;
  };
  const onDragEnd = ({ active, over }: DragEndEvent): void => {
    setMoving(null);
    if (over !== null && active.id !== over.id) onMove(String(active.id), String(over.id));
  };
  return (
    <DndContext
      id={id}
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragStart={({ active }) => setMoving(active.id)}
      onDragCancel={() => setMoving(null)}
      onDragEnd={onDragEnd}
      accessibility={{
        screenReaderInstructions: {
          draggable:
            "Space picks it up, the arrow keys move it, space puts it down, escape leaves it where it was.",
        },
        announcements: {
          onDragStart: ({ active }) => `${nameOf(active.id)} picked up.`,
          onDragOver: ({ active, over }) => `${nameOf(active.id)} is at ${placeOf(over?.id)}.`,
          onDragEnd: ({ active, over }) => `${nameOf(active.id)} put down at ${placeOf(over?.id)}.`,
          onDragCancel: ({ active }) => `${nameOf(active.id)} left where it was.`,
        },
      }}
    >
      {children}
      {lists.length > 1 && (
        <DragOverlay dropAnimation={null}>
          {moving === null ? null : (
            <div className="panel w-fit px-3 py-1.5 font-semibold">{nameOf(moving)}</div>
          )}
        </DragOverlay>
      )}
    </DndContext>
  );
}

/** One list of a {@link SortableBoard}. */
export function SortableItems({
  items,
  children,
}: {
  readonly items: Items;
  readonly children: ReactNode;
}) {
  return (
    <SortableContext items={items.map((item) => item.id)} strategy={verticalListSortingStrategy}>
      {children}
    </SortableContext>
  );
}

/** The place after the last one of a list, which an empty list has too. */
export function useListEnd(id: string): {
  readonly setEnd: (node: HTMLElement | null) => void;
  readonly isOver: boolean;
} {
  const { setNodeRef, isOver } = useDroppable({ id });
  return { setEnd: setNodeRef, isOver };
}

type SortableRow = {
  readonly setRow: (node: HTMLElement | null) => void;
  readonly style: CSSProperties;
  readonly handle: Readonly<Record<string, unknown>>;
  /** Whether something of another list would be put here, before it. */
  readonly isOver: boolean;
};

/** One row of a {@link SortableList}: what goes on the row, and on the button that moves it. */
export function useSortableRow(id: string): SortableRow {
  const { setNodeRef, attributes, listeners, transform, transition, isOver, activeIndex, active } =
    useSortable({ id });
  return {
    setRow: setNodeRef,
    style: { transform: CSS.Translate.toString(transform), transition },
    handle: { ...attributes, ...listeners },
    isOver: isOver && active !== null && activeIndex < 0,
  };
}
