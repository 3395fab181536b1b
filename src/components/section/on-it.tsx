import type { ReactNode } from "react";
import { SPREAD_DENSITY, type Coating, type Stuff } from "@/core/build";
import { drawnBeads, isCounted, isUnderFrosting, swirlSize, type Dress } from "@/core/finish";
import { dripDepth, FRUIT_TALL, type DrawnCake, type PlacedTier } from "./cake-places";
import { line, spreadFill } from "./strokes";

/** What is poured, piped and laid on a tier, seen from the side. */
export function OnIt({
  tier,
  wears,
  worn,
  frosting,
  isCut,
}: {
  readonly tier: PlacedTier;
  readonly wears: DrawnCake["wears"];
  readonly worn: DrawnCake["worn"];
  readonly frosting: Coating;
  readonly isCut: boolean;
}) {
  const { borders = [], pour, swirls, toppings = [], dress = [], rolledMm, fruit } = wears;
  const outer = tier.halfMm + tier.coat.sideMm;
  const isCup = tier.tier.family === "cup";
  return (
    <>
      {rolledMm !== undefined && !isCup && (
        <rect
          x={-outer}
          y={-tier.topMm}
          width={2 * outer}
          height={tier.topMm - tier.footMm}
          rx="7"
          fill="none"
          className="stroke-fruit"
          strokeWidth="3"
          {...line}
        />
      )}
      {[...poursOf(worn), ...(pour === undefined ? [] : [pour])].map(({ what, sides }, index) => (
        <path
          key={index}
          d={(isCut ? pouredSection : pouredPath)(tier, outer, isCup ? "none" : sides)}
          className={`${spreadFill(what)} stroke-ink`}
          strokeWidth={isCut ? "1.25" : "0.6"}
          {...line}
        />
      ))}
      {worn.map(({ like, as }, index) =>
        as === "strewn" ? (
          <g key={index} className={CRUMBLY[like] ?? "fill-crust"}>
            {specks(tier, outer, index + toppings.length)}
          </g>
        ) : null,
      )}
      {toppings.map(({ what, at }, index) => (
        <g key={index} className={CRUMBLY[what] ?? "fill-crust"}>
          {at === "top" ? specks(tier, outer, index) : sideSpecks(tier, outer, index)}
        </g>
      ))}
      {dress.map((one, index) => (
        <g key={index} className={dressFill(one)}>
          {drawnDressing(one, tier, outer, index)}
        </g>
      ))}
      {fruit?.at === "top" && tier.isTop && !isCup && (
        <g className="fill-fruit stroke-white" strokeWidth="1">
          {fruitRow(
            fruit.widthMm,
            tier,
            outer - Math.max(0, ...borders.map(({ at, widthMm }) => (at === "top" ? widthMm : 0))),
            isCut,
          )}
        </g>
      )}
      {borders.map((border, index) =>
        isCup ? null : (
          <g key={index} className={`${spreadFill(frosting)} stroke-ink`} strokeWidth="1.25">
            {beads(border, tier, outer, isCut)}
          </g>
        ),
      )}
      {swirls !== undefined && tier.isTop && (
        <g className={`${spreadFill(frosting)} stroke-ink`} strokeWidth="1.25">
          {swirlRow(swirls, tier, outer)}
        </g>
      )}
    </>
  );
}

export type DrawnPour = { readonly what: Coating; readonly sides: "none" | "drips" | "all" };
const SIDES = { "over-top": "none", drips: "drips", "over-all": "all" } as const;

/** What the recipe pours or spreads, as a pour. */
export const poursOf = (worn: DrawnCake["worn"]): readonly DrawnPour[] =>
  worn.flatMap(({ like, as }) =>
    as === "strewn" || as === "unseen" || !isCoating(like)
      ? []
      : [{ what: like, sides: SIDES[as] }],
  );

export const isCoating = (stuff: Stuff): stuff is Coating => stuff in SPREAD_DENSITY;

const CRUMBLY: Partial<Readonly<Record<Stuff, string>>> = {
  strands: "fill-ink",
  "tiny-balls": "fill-fruit",
  scatter: "fill-fruit",
  "full-top": "fill-fruit",
  "jam-film": "fill-fruit",
  "dusting-sugar": "fill-steel/50",
};

const FRUITY = /berr|cherr|fig|peach|orange|lemon|flower|candle/u;

function dressFill({ what }: Dress): string {
  if (isCounted(what)) return `${FRUITY.test(what) ? "fill-fruit" : "fill-crust"} stroke-ink`;
  return what in SPREAD_DENSITY
    ? `${spreadFill(what)} stroke-ink`
    : (CRUMBLY[what as Stuff] ?? "fill-crust");
}

/** One of at most so many pieces along the top, and how wide, mm. */
const MOST_DRAWN = 9;
const PIECE_MM = 11;

/** Pieces in a row, specks of what is strewn, a film of what runs; nothing of what is under frosting. */
function drawnDressing(one: Dress, tier: PlacedTier, outer: number, seed: number): ReactNode {
  if (isCounted(one.what)) {
    if (!tier.isTop) return null;
    const count = Math.min(MOST_DRAWN, one.count ?? MOST_DRAWN);
    const wide = Math.min(PIECE_MM, (2 * outer) / count);
    return Array.from({ length: count }, (_, index) => (
      <circle
        key={index}
        cx={(index - (count - 1) / 2 + (seed % 2) / 2) * ((2 * outer) / (count + 1))}
        cy={-tier.topMm - wide / 3}
        r={wide / 2.4}
        {...line}
      />
    ));
  }
  // What the cake drinks does not show.
  if (one.what === "syrup" || (isUnderFrosting(one) && tier.coat.topMm > 0)) return null;
  if (!(one.what in SPREAD_DENSITY)) return specks(tier, outer, seed);
  return <path d={pouredSection(tier, outer, "none")} strokeWidth="1" {...line} />;
}

/** A glaze over the top, with the drips or the whole side it runs down. */
function pouredPath(tier: PlacedTier, outer: number, sides: "none" | "drips" | "all"): string {
  const top = -tier.topMm;
  if (sides === "all")
    return `M${-outer} ${-tier.footMm}V${top}H${outer}V${-tier.footMm}H${outer - 2.5}V${top + 3}H${-outer + 2.5}V${-tier.footMm}Z`;
  if (sides === "none") return `M${-outer} ${top}H${outer}V${top + 3.5}H${-outer}Z`;
  const pitch = 15;
  const count = Math.max(2, Math.round((2 * outer) / pitch));
  const step = (2 * outer) / count;
  const longest = dripDepth(tier);
  const drips = Array.from({ length: count }, (_, index) => {
    const from = outer - index * step;
    // Drips run unevenly: every third is long, the ones beside it shorter.
    const length = longest * ([1, 0.55, 0.75][index % 3] ?? 1);
    return `H${from}V${top + 3}q${-step / 4} 0 ${-step / 4} ${length / 3}v${length / 2}a${step / 4} ${step / 4} 0 0 1 ${-step / 2} 0v${-length / 2}q0 ${-length / 3} ${-step / 4} ${-length / 3}`;
  });
  return `M${-outer} ${top}H${outer}${drips.join("")}Z`;
}

/**
 * A glaze sawn through: on the top, on each side of a ring's hole, and as far down the outer sides
 * as it runs.
 */
function pouredSection(tier: PlacedTier, outer: number, sides: "none" | "drips" | "all"): string {
  const hole = tier.holeMm === 0 ? 0 : Math.max(0, tier.holeMm - tier.coat.sideMm);
  const downMm =
    sides === "all" ? tier.topMm - tier.footMm : sides === "drips" ? dripDepth(tier) : 0;
  const top = -tier.topMm - 2.5;
  const half = (side: 1 | -1): string => {
    const out = side * outer;
    return downMm === 0
      ? `M${side * hole} ${-tier.topMm}V${top}H${out}V${-tier.topMm}Z`
      : `M${side * hole} ${-tier.topMm}V${top}H${out + side * 2.5}V${-tier.topMm + downMm}H${out}V${-tier.topMm}Z`;
  };
  return half(-1) + half(1);
}

/** A border: beads along the whole edge from outside, one at each end in section. */
function beads(
  border: NonNullable<DrawnCake["wears"]["borders"]>[number],
  tier: PlacedTier,
  outer: number,
  isCut: boolean,
): ReactNode {
  const { at, widthMm } = border;
  const y = at === "top" ? -tier.topMm : -tier.footMm;
  const tall = widthMm * 0.7;
  const middle = at === "top" ? outer - widthMm / 2 : outer + widthMm / 2;
  const bead = (x: number, key: number): ReactNode => (
    <path
      key={key}
      d={`M${x - widthMm / 2} ${y}a${widthMm / 2} ${tall} 0 0 1 ${widthMm} 0z`}
      vectorEffect="non-scaling-stroke"
    />
  );
  if (isCut) return [bead(-middle, 0), bead(middle, 1)];
  const count = drawnBeads(border, 2 * middle);
  return Array.from({ length: count + 1 }, (_, index) =>
    bead(-middle + (2 * middle * index) / count, index),
  );
}

/** Fruit along the top, as it shows from the side. */
function fruitRow(widthMm: number, tier: PlacedTier, half: number, isCut: boolean): ReactNode {
  if (widthMm > half - tier.holeMm) return null;
  const count = Math.max(1, Math.floor((2 * half) / widthMm));
  return Array.from({ length: count }, (_, index) => {
    const x = (index - (count - 1) / 2) * widthMm;
    return isCut && Math.abs(x) < tier.holeMm ? null : (
      <path
        key={index}
        d={`M${x - widthMm / 2} ${-tier.topMm}a${widthMm / 2} ${FRUIT_TALL * widthMm} 0 0 1 ${widthMm} 0z`}
      />
    );
  });
}

/** Most swirls that are drawn side by side. */
const MOST_SWIRLS = 7;

function swirlRow(
  swirls: NonNullable<DrawnCake["wears"]["swirls"]>,
  tier: PlacedTier,
  outer: number,
): ReactNode {
  const { baseMm, heightMm } = swirlSize(swirls.style);
  const isCup = tier.tier.family === "cup";
  const wide = isCup ? Math.min(baseMm, 2 * outer) : baseMm * 0.7;
  const fit = isCup
    ? 1
    : Math.max(
        1,
        Math.min(MOST_SWIRLS, Math.floor((2 * outer) / wide), swirls.count ?? MOST_SWIRLS),
      );
  const y = -tier.topMm;
  return Array.from({ length: fit }, (_, index) => {
    const x = fit === 1 ? 0 : -outer + wide / 2 + ((2 * outer - wide) * index) / (fit - 1);
    const step = heightMm / 3;
    const turns = [0, 1, 2].map((turn) => {
      const half = (wide / 2) * (1 - turn / 3.4);
      return `M${x - half} ${y - turn * step}q${half} ${step * 0.5} ${2 * half} 0q${-half * 0.12} ${-step} ${-half} ${-step}q${-half * 0.9} 0 ${-half} ${step}z`;
    });
    return <path key={index} d={turns.join("")} {...line} />;
  });
}

/** Specks in places that look strewn and are always the same. */
function strewn(
  count: number,
  seed: number,
  place: (along: number, off: number) => readonly [number, number],
): ReactNode {
  return Array.from({ length: count }, (_, index) => {
    const [x, y] = place((index + 0.5) / count, ((index * 7 + seed * 3) % 11) / 11);
    return <circle key={index} cx={x} cy={y} r="1.6" />;
  });
}

function specks(tier: PlacedTier, outer: number, seed: number): ReactNode {
  return strewn(Math.round((2 * outer) / 6), seed, (along, off) => [
    -outer + 2 * outer * along,
    -(tier.topMm + 1 + off * 3),
  ]);
}

function sideSpecks(tier: PlacedTier, outer: number, seed: number): ReactNode {
  const tall = tier.topMm - tier.footMm;
  return [-1, 1].map((side) => (
    <g key={side}>
      {strewn(Math.round(tall / 5), seed, (along, off) => [
        side * (outer + 0.5 - off * 3),
        -(tier.footMm + tall * along),
      ])}
    </g>
  ));
}
