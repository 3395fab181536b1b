"use client";

import type { CSSProperties } from "react";
import type { TinFill } from "@/core/fill";
import { exactLengthText, type Units } from "@/words";
import { FilledTin } from "./filled-tin";
import { LIP_MM, sectionPaths } from "./section-paths";

/** More of one tin than this are drawn as this many, with their number beside them. */
const MOST_DRAWN = 3;
const GAP_MM = 8;
/** The drawing never grows beyond these, px a mm and px. */
const LARGEST_SCALE = 1.6;
const TALLEST_PX = 180;

type Stand = { readonly key: string; readonly fill: TinFill; readonly drawn: number };

/** One side of the bench: tins standing in a row. */
export type TinRow = {
  readonly title: string;
  readonly fills: readonly TinFill[];
  readonly description: string;
};

function standsOf(fills: readonly TinFill[]): readonly Stand[] {
  return fills.map((fill, index) => ({
    key: String(index),
    fill,
    drawn: Math.min(fill.geometry.count, MOST_DRAWN),
  }));
}

function widthOf(stands: readonly Stand[]): number {
  const widths = stands.map(
    ({ fill, drawn }) => drawn * sectionPaths(fill).widthMm + (drawn - 1) * GAP_MM,
  );
  return widths.reduce((sum, width) => sum + width, 0) + (stands.length - 1) * 2 * GAP_MM;
}

/**
 * Lengths in mm become shares of the width, so that everything on one bench is drawn at one scale.
 */
const mm = (length: number, most?: number): CSSProperties =>
  ({ "--mm": length, ...(most === undefined ? {} : { "--most": most }) }) as CSSProperties;

/**
 * Filled tins standing on one bench line, sawn through along their length, all at one scale: the
 * batter as poured and the dashed line it rises to. On a narrow screen the groups stand below one
 * another, at one scale still.
 */
export function SectionDrawing({
  groups,
  units,
  isStale = false,
}: {
  readonly groups: readonly TinRow[];
  readonly units: Units;
  readonly isStale?: boolean;
}) {
  const rows = groups.map((group) => ({ ...group, stands: standsOf(group.fills) }));
  const widths = rows.map(({ stands }) => widthOf(stands));
  const most = Math.max(...widths);
  const total = widths.reduce((sum, width) => sum + width, 0);
  const tallest = Math.max(
    ...groups.flatMap(({ fills }) => fills.map((fill) => sectionPaths(fill).heightMm)),
  );
  const scale = Math.min(LARGEST_SCALE, TALLEST_PX / tallest);
  return (
    <div
      className={`mx-auto flex w-full flex-col gap-y-14 md:flex-row md:items-end md:justify-between md:pr-28 ${isStale ? "opacity-40" : ""}`}
      style={{ maxWidth: `${Math.max(total * scale + 112 + (groups.length - 1) * 110, 320)}px` }}
    >
      {rows.map(({ title, description, stands }, index) => (
        <div key={title} className="contents">
          {index > 0 && <Arrow />}
          <figure
            role="img"
            aria-label={description}
            style={mm(widths[index] ?? 0, most)}
            className="flex items-end border-b-4 border-ink max-md:w-[calc(var(--mm)/var(--most)*100%)] md:border-b-0 md:[flex:var(--mm)_1_0%]"
          >
            {stands.map((stand, at) => (
              <div key={stand.key} className="contents">
                {at > 0 && <div style={mm(2 * GAP_MM)} className="[flex:var(--mm)_1_0%]" />}
                <TinRow
                  stand={stand}
                  units={units}
                  isLast={index === rows.length - 1 && at === stands.length - 1}
                />
              </div>
            ))}
          </figure>
        </div>
      ))}
    </div>
  );
}

function Arrow() {
  return (
    <svg
      viewBox="0 0 100 40"
      className="mb-4 hidden h-10 w-24 shrink-0 md:mx-3 md:block"
      aria-hidden="true"
    >
      <path
        d="M4 20h88M74 5l20 15-20 15"
        fill="none"
        className="stroke-yolk"
        strokeWidth="6"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  );
}

function TinRow({
  stand,
  units,
  isLast,
}: {
  readonly stand: Stand;
  readonly units: Units;
  readonly isLast: boolean;
}) {
  const { fill, drawn } = stand;
  const { count } = fill.geometry;
  return Array.from({ length: drawn }, (_, copy) => (
    <div key={copy} className="contents">
      {copy > 0 && <div style={mm(GAP_MM)} className="[flex:var(--mm)_1_0%]" />}
      <TinStand
        fill={fill}
        units={units}
        hasLabels={isLast && copy === drawn - 1}
        note={copy === drawn - 1 && count > drawn ? `${drawn} of ${count}` : null}
        hasSize={copy === 0}
      />
    </div>
  ));
}

type StandProps = {
  readonly fill: TinFill;
  readonly units: Units;
  readonly hasLabels: boolean;
  readonly hasSize: boolean;
  readonly note: string | null;
};

function TinStand({ fill, units, hasLabels, hasSize, note }: StandProps) {
  const { widthMm, heightMm } = sectionPaths(fill);
  const isOver = fill.verdict === "overflows";
  const height = (value: number): string => `${(value / heightMm) * 100}%`;
  return (
    <div style={mm(widthMm)} className="relative [flex:var(--mm)_1_0%]">
      <div
        className="absolute bottom-full mb-1 w-full"
        style={{ paddingInline: `${(LIP_MM / widthMm) * 100}%` }}
      >
        {note !== null && (
          <p className="text-center text-[13px] whitespace-nowrap text-ink-2">{note}</p>
        )}
        {note === null && hasSize && (
          <>
            <p className="-mx-6 text-center text-[13px] whitespace-nowrap text-ink-2">
              {exactLengthText(widthMm - 2 * LIP_MM, units)}
            </p>
            <div className="h-1.5 border-x-[1.5px] border-t-[1.5px] border-steel" />
          </>
        )}
      </div>
      <FilledTin fill={fill} />
      {hasLabels && (
        <div className="absolute inset-y-0 left-full hidden w-28 pl-2.5 text-[13px] md:block">
          <span
            className={`absolute translate-y-1/2 ${isOver ? "text-tomato" : "text-crust"}`}
            style={{ bottom: height(Math.max(fill.peak.crownTopMm, fill.depthMm + 16)) }}
          >
            {isOver ? "rises past the rim" : "rises to here"}
          </span>
          <span
            className="absolute translate-y-1/2 text-ink-2"
            style={{ bottom: height(fill.depthMm / 2) }}
          >
            batter
          </span>
        </div>
      )}
    </div>
  );
}
