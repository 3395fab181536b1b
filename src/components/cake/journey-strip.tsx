"use client";

import { useEffect, useRef, type CSSProperties } from "react";
import { sayIn } from "@/words";
import { worstFill } from "@/core/fill";
import { coolDetail, type CakePlan, type ServeDetail } from "@/core/plan";
import { roundTo } from "@/core/measure";
import {
  dialText,
  depthText,
  minutesText,
  percentText,
  piecesText,
  timesText,
  VERDICT_WORDS,
  weightText,
  type Units,
} from "@/words";
import { finishedWith, layersText } from "@/words/finishing";
import { CUT_NAMES } from "@/words/serving";
import { amountText } from "../ask/describe";
import { STATION_NAMES, STATIONS, type Station } from "../frame/stations";
import { STATION_DRAWINGS } from "../section/strip-drawings";

type JourneyStripProps = {
  readonly plan: CakePlan;
  readonly served: ServeDetail;
  /** Day and hour it is wanted, in words; null while nobody said. */
  readonly wanted: string | null;
  readonly open: Station;
  /** What the recipe itself puts on it. */
  readonly ownParts: readonly string[];
  readonly units: Units;
  readonly isStale: boolean;
  readonly onOpen: (station: Station) => void;
};

/** Room for the tallest drawing, and the share of a station's width the widest may take. */
const TALLEST_PX = 74;
const WIDEST = 0.86;

/**
 * The cake's way from the bowl to the plate: eight stations on one bench line, all at one scale;
 * the open one is lit.
 */
export function JourneyStrip({
  plan,
  served,
  wanted,
  open,
  ownParts,
  units,
  isStale,
  onOpen,
}: JourneyStripProps) {
  const standings = STATIONS.map((station) => ({ station, ...STATION_DRAWINGS[station](plan) }));
  const widest = Math.max(...standings.map(({ widthMm }) => widthMm)) / WIDEST;
  const tallest = Math.max(...standings.map(({ heightMm }) => heightMm));
  const lit = useRef<HTMLButtonElement>(null);
  // On a narrow screen the strip is scrolled along to the station that is open.
  useEffect(() => {
    lit.current?.scrollIntoView({ block: "nearest", inline: "center" });
  }, [open]);
  return (
    <nav
      aria-label="Stations"
      className={`panel no-print mb-4 overflow-x-auto ${isStale ? "opacity-60" : ""}`}
    >
      <ul
        className="grid min-w-[880px] grid-cols-8"
        style={{ "--tall": `${TALLEST_PX}px` } as CSSProperties}
      >
        {standings.map(({ station, widthMm, heightMm, drawing }) => {
          const [figure, ...lines] = factsOf(station, { plan, served, wanted, ownParts, units });
          // One scale for all: as wide as the station allows the widest, and no taller than the
          // room there is.
          const width = `min(${(widthMm / widest) * 100}%, ${(widthMm / tallest) * TALLEST_PX}px)`;
          const isOpen = station === open;
          return (
            <li
              key={station}
              className="border-line not-first:border-l-[1.5px] not-first:border-dashed"
            >
              <button
                ref={isOpen ? lit : undefined}
                type="button"
                aria-current={isOpen ? "step" : undefined}
                onClick={() => onOpen(station)}
                className={`flex h-full w-full flex-col text-left ${isOpen ? "bg-yolk-soft" : "hover:bg-enamel"}`}
              >
                <span
                  className={`px-3 pt-2 text-[14px] ${isOpen ? "font-bold" : "font-semibold text-ink-2"}`}
                >
                  {STATION_NAMES[station]}
                </span>
                <span className="flex h-22 w-full items-end justify-center border-b-4 border-ink">
                  <svg
                    viewBox={`${-widthMm / 2} ${-heightMm} ${widthMm} ${heightMm}`}
                    style={{ width }}
                    className="block overflow-visible"
                    aria-hidden="true"
                  >
                    {drawing}
                  </svg>
                </span>
                <span className="px-3 pt-1.5 pb-2">
                  <span className="figure-text block text-[17px] leading-tight">{figure}</span>
                  {lines
                    .filter((line) => line !== "")
                    .map((line) => (
                      <span key={line} className="block text-[13px] leading-snug text-ink-2">
                        {line}
                      </span>
                    ))}
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </nav>
  );
}

/** What hangs under a station: its figure, then a line or two. */
function factsOf(
  station: Station,
  { plan, served, wanted, ownParts, units }: Omit<JourneyStripProps, "open" | "isStale" | "onOpen">,
): readonly string[] {
  const say = sayIn(units);
  const { mix, fill, bake, build, finish, egg } = plan;
  const [first] = fill.tins;
  const worst = worstFill(fill.tins);
  if (first === undefined || worst === undefined) return [""];
  switch (station) {
    case "mix":
      return [
        amountText(mix.massG, mix.volumeMl, units),
        plan.scale === 1 ? "the recipe as written" : `recipe ${timesText(plan.scale)}`,
        egg === null || egg.how === "exact" ? "" : `eggs land on ${egg.eggs}`,
      ];
    case "fill": {
      const amount = amountText(first.batterG, first.batterMl, units);
      const figure =
        fill.tins.length > 1
          ? say`${fill.tins.length} kinds of tin`
          : first.geometry.count > 1
            ? `${first.geometry.count} × ${amount}`
            : amount;
      return [figure, `${percentText(worst.fullFraction)} full`, VERDICT_WORDS[worst.verdict]];
    }
    case "bake":
      return [
        `${dialText(bake, units)} · ${minutesText(bake.likelyMin)}`,
        Number.isInteger(bake.firstLookMin) && Number.isInteger(bake.notPastMin)
          ? `check from ${bake.firstLookMin}, latest\u00a0${bake.notPastMin}`
          : `check from ${minutesText(bake.firstLookMin)}, latest\u00a0${minutesText(bake.notPastMin)}`,
      ];
    case "cool": {
      const cooled = coolDetail(plan);
      const out = cooled[0]?.out;
      const cold = Math.max(...cooled.map(({ coldMin }) => coldMin));
      const after = `cold about ${minutesText(roundTo(cold, 5))} after the oven`;
      if (out === undefined) return [""];
      if (out.when === "after") return [`out after ${minutesText(out.minutes)}`, after];
      if (out.when === "never") return ["stays in its dish", after];
      return [say`cold in the tin`, out.isUpsideDown ? "hung upside down" : after];
    }
    case "build": {
      const tier = build.cakes[0]?.tiers[0];
      if (tier === undefined) return [""];
      const tiers = build.cakes[0]?.tiers.length ?? 1;
      const filled = build.quantities
        .filter(({ thing }) => thing === "filling")
        .reduce((sum, { massG }) => sum + massG, 0);
      const layers = layersText(tier.layers, tier.layerMm, units);
      if (tier.roll !== null)
        return [
          `${depthText(tier.roll.diameterMm, units)} thick`,
          `rolled up, ${weightText(filled, units)} filling`,
        ];
      if (tiers > 1) return [`${tiers} tiers`, `${layers} below`];
      if (tier.layers > 1)
        return [
          layers,
          `${depthText(tier.heightMm, units)} high, ${weightText(filled, units)} filling`,
        ];
      return [
        `${layers} high`,
        tier.domeMm > 0
          ? `crown ${depthText(tier.domeMm, units)} more`
          : `${weightText(tier.trimmedG, units)} of crown cut off`,
      ];
    }
    case "serve": {
      const cake = served.cakes[0];
      const pieces = piecesText(served.pieces);
      return cake?.cutting == null
        ? [pieces, "no knife needed"]
        : [
            pieces,
            CUT_NAMES[cake.cutting.style].toLowerCase(),
            `${weightText(cake.pieceG, units)} each`,
          ];
    }
    case "day":
      return [
        wanted === null ? "not planned" : wanted,
        wanted === null ? "say when it is wanted" : "",
      ];
    case "finish":
      return finish.batches.length === 0
        ? ownParts.length === 0
          ? ["plain", say`no frosting`]
          : [
              ownParts.length > 2 ? `${ownParts.length} parts` : ownParts.join(" and "),
              "as the recipe says",
            ]
        : [
            finish.massG > 0 ? amountText(finish.massG, finish.volumeMl, units) : say`no frosting`,
            finishedWith(finish),
          ];
  }
}
