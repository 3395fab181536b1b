"use client";

import { useRef } from "react";
import type { BuildBoxes } from "@/core/ask";
import { THINNEST_SLICE_MM } from "@/core/build";
import { inRadius } from "@/core/tin";
import { depthText, type Units } from "@/words";
import { layersText, rolledText, thickText } from "@/words/finishing";
import { drawnCake } from "../section/cake-places";
import { cutCake } from "../section/cake-shapes";
import { DragHandle } from "../frame/drag-handle";
import type { StationProps } from "../frame/station-props";
import { PlaceNote } from "../frame/place-note";
import { boxText } from "./thick-text";

/** The drawing never grows beyond these, px. */
const TALLEST_PX = 300;
const WIDEST_PX = 620;
/** Room round the drawing for what hangs on it, mm of the drawing to one side and above. */
const ROOM = 1.42;

/** How the cake stands, in large letters. */
export function headline(plan: StationProps["plan"], units: Units): string {
  const { tiers } = drawnCake(plan);
  const tier = tiers[0]?.tier;
  if (tier === undefined) return "";
  if (tier.roll !== null) return `Rolled up, ${rolledText(tier.roll, units)}`;
  if (tiers.length > 1)
    return `${tiers.length} tiers, ${depthText(tiers.at(-1)?.edgeMm ?? 0, units)} high`;
  return tier.layers > 1
    ? `${layersText(tier.layers, tier.layerMm, units)}, ${depthText(tier.heightMm, units)} high`
    : `${depthText(tier.heightMm + tier.domeMm, units)} high`;
}

/** The cake sawn through, with grips on its filling, its dam and its height. */
export function BuildDrawing({ question, plan, isStale, refused, units, onChange }: StationProps) {
  const grip = useRef(0);
  const drawn = drawnCake(plan);
  const { drawing, widthMm } = cutCake(
    { ...drawn, widthMm: 2 * Math.max(...drawn.tiers.map(({ halfMm }) => halfMm)) },
    false,
  );
  const bottomTier = drawn.tiers[0];
  const top = drawn.tiers.at(-1);
  if (bottomTier === undefined || top === undefined) return null;
  const heightMm = top.edgeMm + top.tier.domeMm;
  const wideMm = widthMm * ROOM;
  const scale = Math.min(TALLEST_PX / heightMm, WIDEST_PX / wideMm);
  const gap = bottomTier.gaps[0];
  const { build: boxes } = question;
  const { build } = plan;
  const onGrip = (): void => {
    grip.current += 1;
  };
  const change = (changes: Partial<BuildBoxes>, what: string): void =>
    onChange({ build: { ...boxes, ...changes } }, `${what}-${grip.current}`);
  const atX = (x: number): number => 0.5 + x / wideMm;
  const mostDamMm = Math.max(3, Math.floor(inRadius(bottomTier.tier.outline) - 10));
  const { slices: splits } = bottomTier.tier;
  return (
    <div className="overflow-hidden px-6 pt-6 max-sm:px-3">
      <div className="relative mx-auto" style={{ maxWidth: `${wideMm * scale}px` }}>
        <svg
          viewBox={`${-wideMm / 2} ${-heightMm - 4} ${wideMm} ${heightMm + 4}`}
          className={`block w-full overflow-visible ${isStale ? "opacity-50" : ""}`}
          role="img"
          aria-label={`In section: ${headline(plan, units)}`}
        >
          {drawing}
          <path
            d={ruleAt(-widthMm / 2 - wideMm * 0.03, top.edgeMm)}
            fill="none"
            className="stroke-steel"
            strokeWidth="1.5"
            vectorEffect="non-scaling-stroke"
          />
        </svg>
        <span
          aria-hidden
          className="absolute -translate-x-full translate-y-1/2 pr-2 text-[14px] whitespace-nowrap text-ink-2"
          style={{
            left: `${atX(-widthMm / 2 - wideMm * 0.03) * 100}%`,
            bottom: `${(top.edgeMm / 2 / (heightMm + 4)) * 100}%`,
          }}
        >
          {depthText(top.edgeMm, units)}
        </span>
        {gap !== undefined && (
          <DragHandle
            label="Thickness of the filling"
            valueMm={build.fillingMm}
            minMm={1}
            maxMm={40}
            stepMm={0.5}
            name="filling"
            text={thickText(build.fillingMm, units)}
            axis="y"
            align="start"
            left={atX(widthMm / 2)}
            bottom={(gap.fromMm + gap.heightMm / 2) / (heightMm + 4)}
            widthMm={wideMm}
            onGrip={onGrip}
            onMove={(to) => change({ fillingMm: boxText(to, units) }, "fillingMm")}
          />
        )}
        {gap !== undefined && build.damMm > 0 && (
          <DragHandle
            label="Width of the dam"
            valueMm={build.damMm}
            minMm={3}
            maxMm={mostDamMm}
            stepMm={1}
            name="dam"
            text={thickText(build.damMm, units)}
            axis="x"
            align="start"
            left={atX(-bottomTier.halfMm + build.damMm)}
            bottom={(gap.fromMm + gap.heightMm / 2) / (heightMm + 4)}
            widthMm={wideMm}
            onGrip={onGrip}
            onMove={(to) => change({ damMm: boxText(to, units) }, "damMm")}
          />
        )}
        {bottomTier.tier.roll === null && (
          <DragHandle
            label="Height of a layer at its edge, as measured"
            valueMm={bottomTier.tier.layerMm * splits}
            minMm={Math.max(8, THINNEST_SLICE_MM * splits)}
            maxMm={250}
            stepMm={1}
            name="layer"
            text={depthText(bottomTier.tier.layerMm * splits, units)}
            axis="y"
            align="start"
            left={atX(widthMm / 2)}
            perMm={splits / bottomTier.tier.layers}
            bottom={bottomTier.edgeMm / (heightMm + 4)}
            widthMm={wideMm}
            onGrip={onGrip}
            onMove={(to) =>
              change(
                {
                  heights: plan.fill.tins.map((_, at) =>
                    at === bottomTier.tier.index ? boxText(to, units) : (boxes.heights[at] ?? ""),
                  ),
                },
                "height",
              )
            }
          />
        )}
        {refused?.path.startsWith("build.") === true && (
          <PlaceNote
            issue={refused}
            units={units}
            left={refused.path === "build.damMm" ? 0.3 : 0.5}
            bottom={0.5}
          />
        )}
      </div>
      <div className="-mx-6 h-1 bg-ink max-sm:-mx-3" />
    </div>
  );
}

/** A rule from the board up to a height. */
function ruleAt(x: number, heightMm: number): string {
  return `M${x - 3} 0h6M${x - 3} ${-heightMm}h6M${x} 0V${-heightMm}`;
}
