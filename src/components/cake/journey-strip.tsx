"use client";

import type { CSSProperties } from "react";
import type { CakePlan, ServeDetail } from "@/core/cake";
import { coldMinutes, turnOut } from "@/core/cool";
import { roundTo } from "@/core/measure";
import { stackHeight, FILLING_MM } from "@/core/build";
import { dialText, depthText, FROSTING_NAMES, minutesText, percentText, timesText, VERDICT_WORDS, weightText, type Units } from "@/words";
import { CUT_NAMES } from "@/words/serving";
import { amountText, worstFill } from "../bench/describe";
import { STATION_NAMES, STATIONS, type Station } from "./stations";
import { bakingTins, bowlOf, builtCake, coolingCakes, filledTins, finishedCake, servedCake, type Standing } from "./strip-drawings";

type JourneyStripProps = {
  readonly plan: CakePlan;
  readonly served: ServeDetail;
  readonly open: Station;
  readonly units: Units;
  readonly isStale: boolean;
  readonly onOpen: (station: Station) => void;
};

const DRAWINGS: Readonly<Record<Station, (plan: CakePlan) => Standing>> = {
  mix: bowlOf, fill: filledTins, bake: bakingTins, cool: coolingCakes, build: builtCake, finish: finishedCake, serve: servedCake,
};

/** Room for the tallest drawing, and the share of a station's width the widest may take. */
const TALLEST_PX = 74;
const WIDEST = 0.86;

/** The cake's way from the bowl to the plate: seven stations on one bench line, all at one scale; the open one is lit. */
export function JourneyStrip({ plan, served, open, units, isStale, onOpen }: JourneyStripProps) {
  const standings = STATIONS.map((station) => ({ station, ...DRAWINGS[station](plan) }));
  const widest = Math.max(...standings.map(({ widthMm }) => widthMm)) / WIDEST;
  const tallest = Math.max(...standings.map(({ heightMm }) => heightMm));
  return (
    <nav aria-label="Stations" className={`panel no-print mb-4 overflow-x-auto ${isStale ? "opacity-60" : ""}`}>
      <ul className="grid min-w-[770px] grid-cols-7" style={{ "--tall": `${TALLEST_PX}px` } as CSSProperties}>
        {standings.map(({ station, widthMm, heightMm, drawing }) => {
          const [figure, ...lines] = factsOf(station, plan, served, units);
          // One scale for all: as wide as the station allows the widest, and no taller than the room there is.
          const width = `min(${(widthMm / widest) * 100}%, ${(widthMm / tallest) * TALLEST_PX}px)`;
          const isOpen = station === open;
          return (
            <li key={station} className="border-line not-first:border-l-[1.5px] not-first:border-dashed">
              <button
                type="button"
                aria-current={isOpen ? "step" : undefined}
                onClick={() => onOpen(station)}
                className={`flex h-full w-full flex-col text-left ${isOpen ? "bg-yolk-soft" : "hover:bg-enamel"}`}
              >
                <span className={`px-3 pt-2 text-[14px] ${isOpen ? "font-bold" : "font-semibold text-ink-2"}`}>{STATION_NAMES[station]}</span>
                <span className="flex h-22 w-full items-end justify-center border-b-4 border-ink">
                  <svg viewBox={`${-widthMm / 2} ${-heightMm} ${widthMm} ${heightMm}`} style={{ width }} className="block overflow-visible" aria-hidden="true">
                    {drawing}
                  </svg>
                </span>
                <span className="px-3 pt-1.5 pb-2">
                  <span className="figure-text block text-[17px] leading-tight">{figure}</span>
                  {lines.filter((line) => line !== "").map((line) => (
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
function factsOf(station: Station, plan: CakePlan, served: ServeDetail, units: Units): readonly string[] {
  const { mix, fill, bake, finish, egg } = plan;
  const [first] = fill.tins;
  const worst = worstFill(fill.tins);
  if (first === undefined || worst === undefined) return [""];
  switch (station) {
    case "mix":
      return [amountText(mix.massG, mix.volumeMl, units), plan.scale === 1 ? "the recipe as written" : `recipe ${timesText(plan.scale)}`, egg === null || egg.how === "exact" ? "" : `eggs land on ${egg.eggs}`];
    case "fill": {
      const amount = amountText(first.batterG, first.batterMl, units);
      const figure = fill.tins.length > 1 ? `${fill.tins.length} kinds of tin` : first.geometry.count > 1 ? `${first.geometry.count} × ${amount}` : amount;
      return [figure, `${percentText(worst.fullFraction)} full`, VERDICT_WORDS[worst.verdict]];
    }
    case "bake":
      return [`${dialText(bake, units)} · ${minutesText(bake.likelyMin)}`, `look at ${bake.firstLookMin}, not past ${bake.notPastMin}`];
    case "cool": {
      const out = turnOut(mix.kind, first.geometry);
      const cold = Math.max(...fill.tins.map(({ geometry, batterG, baked }) => coldMinutes({ geometry, kind: mix.kind, batterG, heightMm: baked.crownTopMm }).coldMin));
      const after = `cold about ${minutesText(roundTo(cold, 5))} after the oven`;
      if (out.when === "after") return [`out after ${minutesText(out.minutes)}`, after];
      return ["cold in the tin", out.isUpsideDown ? "hung upside down" : after];
    }
    case "build": {
      const edge = depthText(first.baked.edgeMm, units);
      const height = stackHeight(finish.layers, first.baked.edgeMm, FILLING_MM);
      return finish.layers > 1 ? [`${finish.layers} × ${edge}`, `${depthText(height, units)} high with filling`] : [`${edge} high`, `crown ${depthText(first.baked.crownTopMm - first.baked.edgeMm, units)} more`];
    }
    case "serve": {
      const cake = served.cakes[0];
      const pieces = `${served.pieces} ${served.pieces === 1 ? "piece" : "pieces"}`;
      return cake?.cutting == null ? [pieces, "no knife needed"] : [pieces, CUT_NAMES[cake.cutting.style].toLowerCase(), `${weightText(cake.pieceG, units)} each`];
    }
    case "finish":
      return finish.cover === "none" ? ["plain", "no frosting"] : [amountText(finish.massG, finish.volumeMl, units), FROSTING_NAMES[finish.frosting], `${depthText(finish.thicknessMm, units)} ${finish.cover === "top" ? "on top" : "all round"}`];
  }
}
