"use client";

import { useRef, type KeyboardEvent, type PointerEvent } from "react";

type DragHandleProps = {
  /** What it changes, for screen readers. */
  readonly label: string;
  readonly valueMm: number;
  readonly minMm: number;
  readonly maxMm: number;
  readonly stepMm: number;
  /** What it is, where there is room for it, and the value in words, hung on the drawing. */
  readonly name?: string;
  readonly text: string;
  /** Which way it is dragged: to the right, or upwards, is more. */
  readonly axis: "x" | "y";
  /**
   * How much the value changes for each millimetre of the drawing; below 0 where more lies the
   * other way.
   */
  readonly perMm?: number;
  /** Where it stands, in shares of the drawing from its left and from its bench line. */
  readonly left: number;
  readonly bottom: number;
  /** Which end of it stands there. */
  readonly align?: "start" | "middle" | "end";
  /** Width of the whole drawing, mm. */
  readonly widthMm: number;
  /** A new grip begins a new step back. */
  readonly onGrip: () => void;
  readonly onMove: (valueMm: number) => void;
};

const ALIGNED = {
  start: "justify-start pl-1",
  middle: "-translate-x-1/2 justify-center",
  end: "-translate-x-full justify-end pr-1",
} as const;

/**
 * A grip on a drawing: dragged by mouse or finger, or moved by the arrow keys; what it changes
 * follows in the same frame.
 */
export function DragHandle({
  label,
  valueMm,
  minMm,
  maxMm,
  stepMm,
  name = "",
  text,
  axis,
  perMm = 1,
  left,
  bottom,
  align = "middle",
  widthMm,
  onGrip,
  onMove,
}: DragHandleProps) {
  const from = useRef<{
    readonly at: number;
    readonly valueMm: number;
    readonly mmPerPx: number;
  } | null>(null);
  const held = (to: number): number =>
    Math.min(maxMm, Math.max(minMm, Math.round(to / stepMm) * stepMm));

  function onDown(event: PointerEvent<HTMLDivElement>): void {
    const drawing = event.currentTarget.parentElement?.getBoundingClientRect();
    if (drawing === undefined || drawing.width === 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    from.current = {
      at: axis === "x" ? event.clientX : -event.clientY,
      valueMm,
      mmPerPx: widthMm / drawing.width,
    };
    onGrip();
  }

  function onDrag(event: PointerEvent<HTMLDivElement>): void {
    if (from.current === null || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const moved = (axis === "x" ? event.clientX : -event.clientY) - from.current.at;
    const to = held(from.current.valueMm + moved * from.current.mmPerPx * perMm);
    if (to !== valueMm) onMove(to);
  }

  function onKey(event: KeyboardEvent<HTMLDivElement>): void {
    const steps: Readonly<Record<string, number>> = {
      ArrowUp: valueMm + stepMm,
      ArrowRight: valueMm + stepMm,
      ArrowDown: valueMm - stepMm,
      ArrowLeft: valueMm - stepMm,
      PageUp: valueMm + 5 * stepMm,
      PageDown: valueMm - 5 * stepMm,
      Home: minMm,
      End: maxMm,
    };
    const to = steps[event.key];
    if (to === undefined) return;
    event.preventDefault();
    onMove(held(to));
  }

  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-orientation={axis === "x" ? "horizontal" : "vertical"}
      aria-valuemin={minMm}
      aria-valuemax={maxMm}
      aria-valuenow={Math.round(valueMm * 10) / 10}
      aria-valuetext={text}
      className={`group absolute flex h-11 min-w-11 translate-y-1/2 touch-none items-center ${ALIGNED[align]} ${axis === "x" ? "cursor-ew-resize" : "cursor-ns-resize"}`}
      style={{ left: `${left * 100}%`, bottom: `${bottom * 100}%` }}
      onPointerDown={onDown}
      onPointerMove={onDrag}
      onPointerUp={() => {
        from.current = null;
      }}
      onKeyDown={onKey}
      onFocus={onGrip}
    >
      <span className="rounded-full border-[1.5px] border-ink bg-yolk px-2 text-[13px] leading-5 font-bold whitespace-nowrap group-hover:bg-white">
        {name !== "" && <span className="max-sm:hidden">{name} </span>}
        {text}
      </span>
    </div>
  );
}
