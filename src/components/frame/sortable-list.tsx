"use client";

import type { CSSProperties, ReactNode } from "react";
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
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

type SortableListProps = {
  readonly id: string;
  /** In order; the names are spoken while one is moved. */
  readonly items: readonly { readonly id: string; readonly name: string }[];
  readonly onMove: (fromId: string, toId: string) => void;
  readonly children: ReactNode;
};

/** How far the pointer goes before a press becomes a drag, px: a tap stays a tap. */
const DRAG_AFTER_PX = 5;

/**
 * Things in an order that mouse, finger and keyboard can change; each row takes part by {@link
 * useSortableRow}.
 */
export function SortableList({ id, items, onMove, children }: SortableListProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAG_AFTER_PX } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const nameOf = (each: UniqueIdentifier): string =>
    items.find((item) => item.id === each)?.name ?? "It";
  const placeOf = (each: UniqueIdentifier | undefined): string =>
    `place ${items.findIndex((item) => item.id === each) + 1} of ${items.length}`;
  const onDragEnd = ({ active, over }: DragEndEvent): void => {
    if (over !== null && active.id !== over.id) onMove(String(active.id), String(over.id));
  };
  return (
    <DndContext
      id={id}
      sensors={sensors}
      collisionDetection={closestCenter}
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
      <SortableContext items={items.map((item) => item.id)} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  );
}

type SortableRow = {
  readonly setRow: (node: HTMLElement | null) => void;
  readonly style: CSSProperties;
  readonly handle: Readonly<Record<string, unknown>>;
};

/** One row of a {@link SortableList}: what goes on the row, and on the button that moves it. */
export function useSortableRow(id: string): SortableRow {
  const { setNodeRef, attributes, listeners, transform, transition } = useSortable({ id });
  return {
    setRow: setNodeRef,
    style: { transform: CSS.Translate.toString(transform), transition },
    handle: { ...attributes, ...listeners },
  };
}
