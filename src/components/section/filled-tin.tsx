import type { TinFill } from "@/core/fill";
import { sectionPaths } from "./section-paths";

/**
 * One filled tin in section: batter as poured, the dashed line it rises to, the tin. As wide as its
 * place unless a scale is given.
 */
export function FilledTin({
  fill,
  pxPerMm,
}: {
  readonly fill: TinFill;
  readonly pxPerMm?: number;
}) {
  const { widthMm, heightMm, risen, batter, crown, tin } = sectionPaths(fill);
  const isOver = fill.verdict === "overflows";
  return (
    <svg
      viewBox={`${-widthMm / 2} ${-heightMm} ${widthMm} ${heightMm}`}
      width={pxPerMm === undefined ? undefined : widthMm * pxPerMm}
      className={`block overflow-visible ${pxPerMm === undefined ? "w-full" : ""}`}
      aria-hidden="true"
    >
      <path d={risen} className={isOver ? "fill-tomato/20" : "fill-crumb/25"} />
      <path d={batter} className="fill-batter" />
      <path
        d={crown}
        fill="none"
        vectorEffect="non-scaling-stroke"
        className={isOver ? "stroke-tomato" : "stroke-crust"}
        strokeWidth="1.75"
        strokeDasharray="5 3.5"
      />
      <path
        d={tin}
        fill="none"
        vectorEffect="non-scaling-stroke"
        className="stroke-steel"
        strokeWidth="3"
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    </svg>
  );
}
