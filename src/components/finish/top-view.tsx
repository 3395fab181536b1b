"use client";

import type { LaidFruit } from "@/core/plan";
import { borderLength, drawnBeads, swirlCount, swirlSize, type FinishedTier } from "@/core/finish";
import { cakeTop, type CakeTop } from "@/core/serve";
import { exactLengthText, type Units } from "@/words";
import { stuffName } from "@/words/finishing";
import { poursOf } from "../section/on-it";
import { spreadFill } from "../section/strokes";
import type { DrawnCake } from "../section/cake-places";
import { outlinePath } from "../serve/cut-drawing";

type Point = readonly [x: number, y: number];

/** Points along an edge. */
const SAMPLES = 120;

/** A cake from above, to scale: its coat, borders, swirls and the fruit to lay. */
export function TopView({
  cake,
  fruit,
  units,
}: {
  readonly cake: DrawnCake;
  readonly fruit: LaidFruit | null;
  readonly units: Units;
}) {
  const { finish, wears } = cake;
  const base = cake.tiers[0];
  if (base === undefined) return null;
  const tops = cake.tiers.map((each) => ({
    each,
    top: cakeTop(each.tier.geometry, each.tier.layerMm),
  }));
  const wide = base.halfMm + base.coat.sideMm;
  const deep = (tops[0]?.top.halfWidthMm ?? wide) + base.coat.sideMm;
  const room = Math.max(
    6,
    ...(wears.borders ?? []).filter(({ at }) => at === "base").map(({ widthMm }) => widthMm + 3),
  );
  const [w, h] = [wide + room, deep + room];
  const fill = spreadFill(finish.frosting);
  const poured = [...poursOf(cake.worn), ...(wears.pour === undefined ? [] : [wears.pour])];
  return (
    <svg
      viewBox={`${-w} ${-h} ${2 * w} ${2 * h + 16}`}
      className="mx-auto block max-h-72 w-full"
      role="img"
      aria-label={saidOf(cake, fruit, units)}
    >
      {tops.map(({ each, top }) => {
        const grow = (half: number, by: number): number => (half + by) / half;
        const scale = `scale(${grow(top.halfLengthMm, each.coat.sideMm)} ${grow(top.halfWidthMm, each.coat.sideMm)})`;
        return (
          <g key={each.tier.index}>
            {(wears.borders ?? []).map((border, index) =>
              border.at === "base" ? (
                <Beads key={index} border={border} each={each} top={top} className={fill} />
              ) : null,
            )}
            <path
              d={outlinePath(top)}
              transform={scale}
              className={`${each.coat.topMm === 0 ? "fill-crumb/60" : fill} stroke-ink`}
              strokeWidth="1.5"
              vectorEffect="non-scaling-stroke"
              fillRule="evenodd"
            />
            {poured.map(({ what }, index) => (
              <path
                key={index}
                d={outlinePath(top)}
                transform={scale}
                className={`${spreadFill(what)} stroke-ink`}
                strokeWidth="1.25"
                vectorEffect="non-scaling-stroke"
                fillRule="evenodd"
              />
            ))}
            {(wears.borders ?? []).map((border, index) =>
              border.at === "top" ? (
                <Beads key={index} border={border} each={each} top={top} className={fill} />
              ) : null,
            )}
            {wears.swirls !== undefined && each.isTop && (
              <Swirls swirls={wears.swirls} each={each} top={top} className={fill} />
            )}
          </g>
        );
      })}
      {fruit !== null && (
        <g className="fill-fruit/85 stroke-white" strokeWidth="1">
          {fruit.layout.places.map(([x, y], index) => (
            <circle key={index} cx={x} cy={y} r={fruit.layout.widthMm / 2} />
          ))}
        </g>
      )}
      <g transform={`translate(${-w + 4} ${h + 6})`} aria-hidden="true">
        <line x2="50" className="stroke-ink" strokeWidth="2" vectorEffect="non-scaling-stroke" />
        <text x="54" y={w / 36} className="fill-ink-2" fontSize={(2 * w) / 26}>
          {exactLengthText(50, units)}
        </text>
      </g>
    </svg>
  );
}

function saidOf({ finish, wears, worn }: DrawnCake, fruit: LaidFruit | null, units: Units): string {
  const counts = finish.quantities.flatMap(({ thing, count }) =>
    thing === "border" && count !== null
      ? [`a border of ${count}`]
      : thing === "swirls" && count !== null
        ? [`${count} ${count === 1 ? "swirl" : "swirls"}`]
        : [],
  );
  const laid =
    fruit === null
      ? []
      : [
          `${fruit.layout.places.length} pieces of fruit, ${exactLengthText(fruit.layout.widthMm, units)} wide`,
        ];
  const poured = [
    ...worn.flatMap(({ name, as }) => (as === "unseen" ? [] : [name])),
    ...(wears.pour === undefined ? [] : [stuffName(wears.pour.what)]),
  ];
  return `From above: ${[...poured, ...counts, ...laid].join(", ") || "nothing on it yet"}`;
}

/** Points round an outline, moved outwards by `byMm`, evenly spaced. */
function around(top: CakeTop, byMm: number, count: number): readonly Point[] {
  const xs = Array.from(
    { length: SAMPLES + 1 },
    (_, index) => -top.halfLengthMm * 0.9999 * Math.cos((Math.PI * index) / SAMPLES),
  );
  const [sx, sy] = [
    (top.halfLengthMm + byMm) / top.halfLengthMm,
    (top.halfWidthMm + byMm) / top.halfWidthMm,
  ];
  const points = [
    ...xs.map((x): Point => [x * sx, -top.across(x)[1] * sy]),
    ...xs.toReversed().map((x): Point => [x * sx, -top.across(x)[0] * sy]),
  ];
  const steps = points.map(([x, y], index) => {
    const [u, v] = points[(index + 1) % points.length] ?? [x, y];
    return Math.hypot(u - x, v - y);
  });
  const whole = steps.reduce((sum, step) => sum + step, 0);
  const found: Point[] = [];
  let walked = 0;
  for (const [index, [x, y]] of points.entries()) {
    const [u, v] = points[(index + 1) % points.length] ?? [x, y];
    const step = steps[index] ?? 0;
    for (; found.length < count && (found.length * whole) / count <= walked + step;) {
      const share = step === 0 ? 0 : ((found.length * whole) / count - walked) / step;
      found.push([x + (u - x) * share, y + (v - y) * share]);
    }
    walked += step;
  }
  return found;
}

type Worn = { readonly each: FinishedTier; readonly top: CakeTop; readonly className: string };

function Beads({
  border,
  each,
  top,
  className,
}: Worn & { readonly border: NonNullable<DrawnCake["wears"]["borders"]>[number] }) {
  const count = drawnBeads(border, borderLength(each.tier, each.coat, border.at, border.widthMm));
  const by = each.coat.sideMm + (border.at === "top" ? -1 : 1) * (border.widthMm / 2);
  return (
    <g className={`${className} stroke-ink`} strokeWidth="1">
      {around(top, by, count).map(([x, y], index) => (
        <circle
          key={index}
          cx={x}
          cy={y}
          r={border.widthMm / 2}
          vectorEffect="non-scaling-stroke"
        />
      ))}
    </g>
  );
}

function Swirls({
  swirls,
  each,
  top,
  className,
}: Worn & { readonly swirls: NonNullable<DrawnCake["wears"]["swirls"]> }) {
  const { baseMm } = swirlSize(swirls.style);
  const count = each.tier.family === "cup" ? 1 : swirlCount(swirls);
  const places = count === 1 ? [[0, 0] as Point] : around(top, -baseMm / 2 - 4, count);
  const r = Math.min(baseMm / 2, top.halfLengthMm);
  return (
    <g className={`${className} stroke-ink`} strokeWidth="1">
      {places.map(([x, y], index) => (
        <g key={index}>
          {[1, 0.66, 0.33].map((part) => (
            <circle key={part} cx={x} cy={y} r={r * part} vectorEffect="non-scaling-stroke" />
          ))}
        </g>
      ))}
    </g>
  );
}
