import type { ReactNode } from "react";
import type { Coating, Stuff } from "@/core/build";
import { drawnBeads, swirlSize } from "@/core/finish";
import { dripDepth, FRUIT_TALL, type DrawnCake, type PlacedTier } from "./cake-places";
import { cakePaths } from "./section-paths";
import type { Figure } from "./standing";

const line = {
  vectorEffect: "non-scaling-stroke",
  strokeLinejoin: "round",
  strokeLinecap: "round",
} as const;

/** How everything spread, filled or poured is filled in a drawing. */
const SPREAD_FILL: Partial<Readonly<Record<Stuff, string>>> = {
  jam: "fill-fruit",
  curd: "fill-batter",
  custard: "fill-batter",
  "whipped-ganache": "fill-crust/70",
  "pouring-ganache": "fill-crust",
  "boiled-fudge": "fill-crust/80",
};
export const spreadFill = (stuff: Stuff): string => SPREAD_FILL[stuff] ?? "fill-cream";

/**
 * A level line from side to side, or over each side of a ring, under a crown where one was left.
 */
function crownPath({ halfMm, holeMm, edgeMm, tier }: PlacedTier): string {
  const arch = (from: number, to: number): string =>
    `M${from} ${-edgeMm}Q${(from + to) / 2} ${-(edgeMm + 2 * tier.domeMm)} ${to} ${-edgeMm}Z`;
  return holeMm > 0 ? arch(-halfMm, -holeMm) + arch(holeMm, halfMm) : arch(-halfMm, halfMm);
}

/** One band of a section: a rectangle, or two with a ring's hole between them. */
function Bands({
  tier,
  fromMm,
  heightMm,
  insetMm = 0,
  className,
  isOutlined = false,
}: {
  readonly tier: PlacedTier;
  readonly fromMm: number;
  readonly heightMm: number;
  readonly insetMm?: number;
  readonly className: string;
  readonly isOutlined?: boolean;
}) {
  const outline = isOutlined
    ? { className: `${className} stroke-crust`, strokeWidth: 1.5, ...line }
    : { className };
  const y = -(fromMm + heightMm);
  const half = tier.halfMm - insetMm;
  if (tier.holeMm === 0)
    return <rect x={-half} y={y} width={2 * half} height={heightMm} {...outline} />;
  const width = half - tier.holeMm - insetMm;
  return (
    <>
      <rect x={-half} y={y} width={width} height={heightMm} {...outline} />
      <rect x={half - width} y={y} width={width} height={heightMm} {...outline} />
    </>
  );
}

/**
 * A tier's crumb: its slices, the crown left on it, and what lies between. A cake in one piece
 * keeps the shape of its tin.
 */
function Crumb({
  tier,
  filling,
  frosting,
  damMm,
}: {
  readonly tier: PlacedTier;
  readonly filling: Coating;
  readonly frosting: Coating;
  readonly damMm: number;
}) {
  const { geometry, layers, domeMm } = tier.tier;
  if (layers === 1) {
    const { crumb, top } = cakePaths(
      geometry,
      { edgeMm: tier.tier.layerMm, crownTopMm: tier.tier.layerMm + domeMm },
      domeMm > 0,
    );
    return (
      <g transform={`translate(0 ${-tier.footMm})`}>
        <path d={crumb} className="fill-crumb" />
        <path d={top} fill="none" className="stroke-crust" strokeWidth="1.5" {...line} />
      </g>
    );
  }
  return (
    <>
      {domeMm > 0 && (
        <path d={crownPath(tier)} className="fill-crumb stroke-crust" strokeWidth="1.5" {...line} />
      )}
      {tier.gaps.map(({ fromMm, heightMm }) => (
        <g key={fromMm}>
          {damMm > 0 && (
            <Bands
              tier={tier}
              fromMm={fromMm}
              heightMm={heightMm}
              className={spreadFill(frosting)}
            />
          )}
          <Bands
            tier={tier}
            fromMm={fromMm}
            heightMm={heightMm}
            insetMm={damMm}
            className={spreadFill(filling)}
          />
        </g>
      ))}
      {tier.slices.map(({ fromMm, heightMm }) => (
        <Bands
          key={fromMm}
          tier={tier}
          fromMm={fromMm}
          heightMm={heightMm}
          className="fill-crumb"
          isOutlined
        />
      ))}
    </>
  );
}

/**
 * The coat of a tier in section: all round and over the top, or the top alone following its crown.
 */
function CutCoat({ tier, frosting }: { readonly tier: PlacedTier; readonly frosting: Coating }) {
  const { coat, halfMm, holeMm, edgeMm, topMm, footMm } = tier;
  if (coat.topMm === 0) return null;
  const className = `${spreadFill(frosting)} stroke-ink`;
  if (coat.sideMm === 0) {
    const { layerMm, domeMm, geometry } = tier.tier;
    const { coat: over } = cakePaths(
      geometry,
      { edgeMm: layerMm, crownTopMm: layerMm + domeMm },
      domeMm > 0,
      coat.topMm,
    );
    return (
      <path
        d={over}
        transform={`translate(0 ${-(edgeMm - layerMm)})`}
        className={className}
        strokeWidth="1.5"
        {...line}
      />
    );
  }
  const outer = halfMm + coat.sideMm;
  const block = (from: number, to: number): string =>
    `M${from} ${-footMm}V${-topMm + 4}Q${from} ${-topMm} ${from + 4} ${-topMm}H${to - 4}Q${to} ${-topMm} ${to} ${-topMm + 4}V${-footMm}Z`;
  const hole = Math.max(0, holeMm - coat.sideMm);
  return (
    <path
      d={holeMm > 0 ? block(-outer, -hole) + block(hole, outer) : block(-outer, outer)}
      className={className}
      strokeWidth="1.5"
      {...line}
    />
  );
}

/** A cake sawn through: slices, filling, dam, and the coat as thick as it is. */
export function cutCake(
  { tiers, build, finish, wears, widthMm, heightMm }: DrawnCake,
  hasCoat: boolean,
): Figure {
  return {
    widthMm,
    heightMm,
    drawing: tiers.map((tier) => (
      <g key={tier.tier.index}>
        {hasCoat && <CutCoat tier={tier} frosting={finish.frosting} />}
        <Crumb tier={tier} filling={build.filling} frosting={finish.frosting} damMm={build.damMm} />
        {hasCoat && <OnIt tier={tier} wears={wears} frosting={finish.frosting} isCut />}
      </g>
    )),
  };
}

/** A cake from outside, as it stands on the table. */
export function wholeCake(cake: DrawnCake): Figure {
  const { tiers, build, finish, wears, widthMm, heightMm } = cake;
  return {
    widthMm,
    heightMm,
    drawing: tiers.map((tier) => {
      const outer = tier.halfMm + tier.coat.sideMm;
      const isCoated = tier.coat.sideMm > 0;
      return (
        <g key={tier.tier.index}>
          {!isCoated && <CutCoat tier={tier} frosting={finish.frosting} />}
          {isCoated ? (
            <rect
              x={-outer}
              y={-tier.topMm}
              width={2 * outer}
              height={tier.topMm - tier.footMm}
              rx="5"
              className={`${spreadFill(finish.frosting)} stroke-ink`}
              strokeWidth="1.75"
              {...line}
            />
          ) : (
            <Crumb tier={tier} filling={build.filling} frosting={finish.frosting} damMm={0} />
          )}
          {finish.cover === "half-naked" &&
            tier.slices.map(({ fromMm, heightMm: tall }) => (
              <rect
                key={fromMm}
                x={-outer + 3}
                y={-(fromMm + tall * 0.8)}
                width={2 * outer - 6}
                height={tall * 0.6}
                rx="3"
                className="fill-crumb/45"
              />
            ))}
          <OnIt tier={tier} wears={wears} frosting={finish.frosting} isCut={false} />
        </g>
      );
    }),
  };
}

/** What is poured, piped and laid on a tier, seen from the side. */
function OnIt({
  tier,
  wears,
  frosting,
  isCut,
}: {
  readonly tier: PlacedTier;
  readonly wears: DrawnCake["wears"];
  readonly frosting: Coating;
  readonly isCut: boolean;
}) {
  const { borders = [], pour, swirls, toppings = [], rolledMm, fruit } = wears;
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
      {pour !== undefined && (
        <path
          d={
            isCut
              ? pouredSection(tier, outer, isCup ? "none" : pour.sides)
              : pouredPath(tier, outer, isCup ? "none" : pour.sides)
          }
          className={`${spreadFill(pour.what)} stroke-ink`}
          strokeWidth="1.25"
          {...line}
        />
      )}
      {toppings.map(({ what, at }, index) => (
        <g key={index} className={CRUMBLY[what] ?? "fill-crust"}>
          {at === "top" ? specks(tier, outer, index) : sideSpecks(tier, outer, index)}
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

const CRUMBLY: Partial<Readonly<Record<Stuff, string>>> = {
  strands: "fill-ink",
  "tiny-balls": "fill-fruit",
  scatter: "fill-fruit",
  "full-top": "fill-fruit",
  "jam-film": "fill-fruit",
  "dusting-sugar": "fill-steel/50",
};

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
