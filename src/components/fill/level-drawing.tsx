"use client";

import { useRef, type CSSProperties, type KeyboardEvent, type PointerEvent } from "react";
import type { TinFill } from "@/core/fill";
import { depthText, exactLengthText, tinText, VERDICT_WORDS, type Units } from "@/words";
import { useSay } from "../frame/units";
import { amountText, describeFills, riseText } from "../ask/describe";
import { FilledTin } from "../section/filled-tin";
import { LIP_MM, sectionPaths } from "../section/section-paths";

/** More of one tin than this are drawn as this many. */
const MOST_DRAWN = 3;
const GAP_MM = 12;
/** The drawing never grows beyond these, px a mm and px. */
const LARGEST_SCALE = 1.7;
const TALLEST_PX = 170;
/** Smaller than this the handles would touch: many tins are scrolled along instead, px a mm. */
const LEAST_SCALE = 0.5;
/** Keys move the level by these, mm. */
const KEY_STEP_MM = 1;
const PAGE_STEP_MM = 5;
const LEAST_MM = 2;

type LevelDrawingProps = {
  readonly fills: readonly TinFill[];
  readonly units: Units;
  /**
   * How much deeper was asked for than whole eggs allow, as a ratio: keys go on from what was
   * asked.
   */
  readonly askedOver: number;
  /** The batter is to stand so deep in the tin at `index`. A new `grip` begins a new step back. */
  readonly onLevel: (index: number, depthMm: number, grip: number) => void;
};

/**
 * The wanted tins in section on one bench line, at one scale, with a handle on each batter's level:
 * dragged by mouse or finger or moved by the arrow keys, the scale of the recipe follows in the
 * same frame.
 */
export function LevelDrawing({ fills, units, askedOver, onLevel }: LevelDrawingProps) {
  const say = useSay();
  const grip = useRef(0);
  const stands = fills.map((fill) => ({
    fill,
    drawn: Math.min(fill.geometry.count, MOST_DRAWN),
    ...sectionPaths(fill),
  }));
  const total = stands.reduce(
    (sum, { drawn, widthMm }) => sum + drawn * (widthMm + GAP_MM),
    -GAP_MM,
  );
  const tallest = Math.max(
    ...fills.map(({ geometry, peak }) =>
      Math.max(geometry.depthMm, Math.min(peak.crownTopMm, 1.4 * geometry.depthMm)),
    ),
  );
  const scale = Math.min(LARGEST_SCALE, TALLEST_PX / tallest);
  return (
    <div className="overflow-x-auto px-8 pt-6 max-sm:px-6">
      <p className="sr-only">{describeFills(say`The tins`, fills, units)}</p>
      <div
        className="mx-auto flex items-end"
        style={{
          maxWidth: `${Math.max(total * scale, total * LEAST_SCALE)}px`,
          minWidth: `${total * LEAST_SCALE}px`,
        }}
      >
        {stands.map(({ fill, drawn, widthMm, heightMm }, index) =>
          Array.from({ length: drawn }, (_, copy) => (
            <div key={`${index}-${copy}`} className="contents">
              {(index > 0 || copy > 0) && (
                <div style={share(GAP_MM)} className="[flex:var(--mm)_1_0%]" />
              )}
              <div style={share(widthMm)} className="relative [flex:var(--mm)_1_0%]">
                <p
                  className="absolute inset-x-0 bottom-full -mx-4 text-center text-[13px] whitespace-nowrap text-ink-2"
                  aria-hidden
                >
                  {copy === drawn - 1 && fill.geometry.count > drawn
                    ? `${drawn} of ${fill.geometry.count}`
                    : copy === 0
                      ? exactLengthText(widthMm - 2 * LIP_MM, units)
                      : ""}
                </p>
                <FilledTin fill={fill} />
                <LimitLine
                  bottom={`${(fill.limit.depthMm / heightMm) * 100}%`}
                  isNamed={index === 0 && copy === drawn - 1}
                />
                <Handle
                  fill={fill}
                  widthMm={widthMm}
                  heightMm={heightMm}
                  units={units}
                  isFirst={copy === 0}
                  askedOver={askedOver}
                  onGrip={() => {
                    grip.current += 1;
                  }}
                  onLevel={(depthMm) => onLevel(index, depthMm, grip.current)}
                />
              </div>
            </div>
          )),
        )}
      </div>
      <div className="-mx-4 h-1 bg-ink" />
    </div>
  );
}

const share = (lengthMm: number): CSSProperties => ({ "--mm": lengthMm }) as CSSProperties;

/** Where the batter may stand at most. */
function LimitLine({ bottom, isNamed }: { readonly bottom: string; readonly isNamed: boolean }) {
  return (
    <div
      aria-hidden
      className="pointer-events-none absolute inset-x-[4%] border-t-[1.5px] border-dotted border-ink-2"
      style={{ bottom }}
    >
      {isNamed && (
        <span className="absolute bottom-0.5 left-1 text-[12px] leading-none text-ink-2 max-sm:hidden">
          at most
        </span>
      )}
    </div>
  );
}

type HandleProps = {
  readonly fill: TinFill;
  /** The frame of the drawing. */
  readonly widthMm: number;
  readonly heightMm: number;
  readonly units: Units;
  /** Only the first of equal tins is in the order of the keyboard. */
  readonly isFirst: boolean;
  readonly askedOver: number;
  readonly onGrip: () => void;
  readonly onLevel: (depthMm: number) => void;
};

function Handle({
  fill,
  widthMm,
  heightMm,
  units,
  isFirst,
  askedOver,
  onGrip,
  onLevel,
}: HandleProps) {
  const { depthMm, geometry, limit } = fill;
  const held = (to: number): number => Math.min(geometry.depthMm, Math.max(LEAST_MM, to));
  const from = useRef({ at: 0, depthMm: 0 });

  function onMove(event: PointerEvent<HTMLDivElement>): void {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const tin = event.currentTarget.parentElement?.getBoundingClientRect();
    if (tin === undefined) return;
    // The tin's width on the screen gives the scale, and the finger's own way the level: the
    // drawing itself may move under it as words above it wrap.
    onLevel(held(from.current.depthMm + ((from.current.at - event.clientY) * widthMm) / tin.width));
  }

  function onKey(event: KeyboardEvent<HTMLDivElement>): void {
    const from = depthMm * askedOver;
    const steps: Readonly<Record<string, number>> = {
      ArrowUp: from + KEY_STEP_MM,
      ArrowRight: from + KEY_STEP_MM,
      ArrowDown: from - KEY_STEP_MM,
      ArrowLeft: from - KEY_STEP_MM,
      PageUp: from + PAGE_STEP_MM,
      PageDown: from - PAGE_STEP_MM,
      Home: LEAST_MM,
      End: limit.depthMm,
    };
    const to = steps[event.key];
    if (to === undefined) return;
    event.preventDefault();
    onLevel(held(to));
  }

  return (
    <div
      role="slider"
      tabIndex={isFirst ? 0 : -1}
      aria-hidden={isFirst ? undefined : true}
      aria-orientation="vertical"
      aria-label={`Level of the batter in ${tinText({ ...geometry.tin, count: 1 }, units)}`}
      aria-valuemin={0}
      aria-valuemax={Math.round(geometry.depthMm)}
      aria-valuenow={Math.round(depthMm)}
      aria-valuetext={`${depthText(depthMm, units)} deep, ${amountText(fill.batterG, fill.batterMl, units)} in each, ${riseText(fill.peak.crownTopMm, geometry.depthMm, units)}, ${VERDICT_WORDS[fill.verdict]}`}
      className="group absolute inset-x-0 flex h-11 cursor-ns-resize touch-none items-center"
      style={{ bottom: `calc(${(Math.min(depthMm, heightMm) / heightMm) * 100}% - 22px)` }}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        from.current = { at: event.clientY, depthMm: depthMm * askedOver };
        onGrip();
      }}
      onPointerMove={onMove}
      onKeyDown={onKey}
      onFocus={onGrip}
    >
      <span className="h-[3px] w-full bg-yolk group-hover:h-[5px]" />
      <span className="absolute left-1/2 -translate-x-1/2 rounded-full border-[1.5px] border-ink bg-yolk px-2.5 text-[13px] leading-5 font-bold whitespace-nowrap">
        {depthText(depthMm, units)}
      </span>
    </div>
  );
}
