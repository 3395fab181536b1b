import { coolDetail, type CakePlan } from "@/core/plan";
import type { TinFill } from "@/core/fill";
import { brimVolume, levelFor, tinGeometry } from "@/core/tin";
import { drawnCake } from "./cake-places";
import { cutCake, wholeCake } from "./cake-shapes";
import { cakePaths, pouredPaths, sectionPaths } from "./section-paths";
import type { Figure } from "./standing";
import type { Station } from "../frame/stations";

/** Air between two tins, and legs of the rack, mm. */
const GAP_MM = 14;
const RACK_MM = 12;
/** Bowls as kitchens have them, by how wide they are, mm; they are half as deep. */
const BOWLS = [160, 200, 240, 280, 320, 360, 400].flatMap((diameterMm) => {
  const geometry = tinGeometry({ shape: "dome", diameterMm, depthMm: diameterMm / 2 });
  return geometry.ok ? [{ geometry: geometry.value, brimMl: brimVolume(geometry.value) }] : [];
});

const outline = {
  fill: "none",
  vectorEffect: "non-scaling-stroke",
  strokeLinejoin: "round",
  strokeLinecap: "round",
} as const;

/** The batter in the smallest bowl that leaves room to stir. */
export function bowlOf({ mix }: CakePlan): Figure {
  const bowl = (BOWLS.find(({ brimMl }) => brimMl > 1.6 * mix.volumeMl) ?? BOWLS.at(-1))?.geometry;
  if (bowl === undefined) throw new RangeError("no bowl is a tin");
  const { tin, poured, widthMm, heightMm } = pouredPaths(
    bowl,
    Math.min(bowl.depthMm, levelFor(bowl, mix.volumeMl)),
  );
  return {
    widthMm,
    heightMm,
    drawing: (
      <>
        <path d={poured} className="fill-batter" />
        <path d={tin} {...outline} className="stroke-steel" strokeWidth="2.5" />
      </>
    ),
  };
}

/** At most two tins side by side stand for all of them. */
function pair(fills: readonly TinFill[], one: (fill: TinFill) => Figure): Figure {
  const [first, second] = fills.flatMap((fill) =>
    Array.from({ length: Math.min(2, fill.geometry.count) }, () => fill),
  );
  if (first === undefined) throw new RangeError("a plan has at least one tin");
  const left = one(first);
  if (second === undefined) return left;
  const right = one(second);
  const widthMm = left.widthMm + GAP_MM + right.widthMm;
  return {
    widthMm,
    heightMm: Math.max(left.heightMm, right.heightMm),
    drawing: (
      <>
        <g transform={`translate(${-(widthMm - left.widthMm) / 2} 0)`}>{left.drawing}</g>
        <g transform={`translate(${(widthMm - right.widthMm) / 2} 0)`}>{right.drawing}</g>
      </>
    ),
  };
}

export function filledTins({ fill }: CakePlan): Figure {
  return pair(fill.tins, (each) => {
    const { tin, batter, widthMm, heightMm } = sectionPaths(each);
    return {
      widthMm,
      heightMm,
      drawing: (
        <>
          <path d={batter} className="fill-batter" />
          <path d={tin} {...outline} className="stroke-steel" strokeWidth="2.5" />
        </>
      ),
    };
  });
}

export function bakingTins({ fill }: CakePlan): Figure {
  return pair(fill.tins, (each) => {
    const { tin, risen, crown, widthMm, heightMm } = sectionPaths(each);
    return {
      widthMm,
      heightMm,
      drawing: (
        <>
          <path d={risen} className="fill-crumb" />
          <path d={crown} {...outline} className="stroke-crust" strokeWidth="2" />
          <path d={tin} {...outline} className="stroke-steel" strokeWidth="2.5" />
        </>
      ),
    };
  });
}

/** On the rack, where they leave their tins warm; in their tins where they do not. */
function coolingCakes(plan: CakePlan): Figure {
  if (coolDetail(plan).every(({ out }) => out.when !== "after")) return bakingTins(plan);
  return pair(plan.fill.tins, (each) => {
    const { crumb, top, widthMm, heightMm } = cakePaths(each.geometry, each.baked, true);
    return {
      widthMm: widthMm + 2 * GAP_MM,
      heightMm: heightMm + RACK_MM,
      drawing: (
        <>
          <path
            d={`M${-widthMm / 2 - GAP_MM} ${-RACK_MM}h${widthMm + 2 * GAP_MM}M${-widthMm / 2} ${-RACK_MM}V0M${widthMm / 2} ${-RACK_MM}V0`}
            {...outline}
            className="stroke-steel"
            strokeWidth="2.5"
          />
          <g transform={`translate(0 ${-RACK_MM})`}>
            <path d={crumb} className="fill-crumb" />
            <path d={top} {...outline} className="stroke-crust" strokeWidth="2" />
          </g>
        </>
      ),
    };
  });
}

/** How the first cake is put together: slices and what lies between them. */
export function builtCake(plan: CakePlan): Figure {
  return inItsDish(plan, cutCake(drawnCake(plan), false));
}

/** The cake as it stands on the table. */
export function finishedCake(plan: CakePlan): Figure {
  return inItsDish(plan, wholeCake(drawnCake(plan)));
}

/** The first cake with its dish round it, where it stays in that. */
function inItsDish(plan: CakePlan, cake: Figure): Figure {
  const [first] = plan.fill.tins;
  const isInDish = plan.build.standing === "apart" && coolDetail(plan)[0]?.out.when === "never";
  if (first === undefined || !isInDish) return cake;
  const { tin, widthMm, heightMm } = sectionPaths(first);
  return {
    widthMm: Math.max(cake.widthMm, widthMm),
    heightMm: Math.max(cake.heightMm, heightMm),
    drawing: (
      <>
        {cake.drawing}
        <path d={tin} {...outline} className="stroke-steel" strokeWidth="2.5" />
      </>
    ),
  };
}

/** The finished cake with a first piece cut out of it. */
export function servedCake(plan: CakePlan): Figure {
  const cake = finishedCake(plan);
  // A roll is seen end on: the knife goes across it, out of sight.
  if (plan.finish.cakes[0]?.tiers.some(({ tier }) => tier.roll !== null) === true) return cake;
  const wide = Math.min(cake.widthMm / 3, 45);
  const at = cake.widthMm / 2 - wide - 6;
  return {
    ...cake,
    drawing: (
      <>
        {cake.drawing}
        {[at, at + wide].map((x) => (
          <line
            key={x}
            x1={x}
            x2={x}
            y1={-cake.heightMm * 0.96}
            y2="0"
            className="stroke-ink"
            strokeWidth="1.75"
            strokeDasharray="5 3"
            vectorEffect="non-scaling-stroke"
          />
        ))}
      </>
    ),
  };
}

/** A round clock, for the day. */
export function clockOnTheWall(): Figure {
  const r = 55;
  return {
    widthMm: 2 * r + 8,
    heightMm: 2 * r + 8,
    drawing: (
      <g transform={`translate(0 ${-r - 4})`}>
        <circle
          r={r}
          className="fill-cream stroke-steel"
          strokeWidth="2.5"
          vectorEffect="non-scaling-stroke"
        />
        <path
          d={`M0 ${-r * 0.72}V0L${r * 0.45} ${r * 0.26}`}
          {...outline}
          className="stroke-ink"
          strokeWidth="2.5"
        />
      </g>
    ),
  };
}

/** What stands on the bench at each station. */
export const STATION_DRAWINGS: Readonly<Record<Station, (plan: CakePlan) => Figure>> = {
  mix: bowlOf,
  fill: filledTins,
  bake: bakingTins,
  cool: coolingCakes,
  build: builtCake,
  finish: finishedCake,
  serve: servedCake,
  day: clockOnTheWall,
};
