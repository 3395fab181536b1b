import type { Coating } from "@/core/build";
import type { PlacedTier } from "./cake-places";
import { line, spreadFill } from "./strokes";

/** Points to a turn of the spiral: enough that no corner shows. */
const POINTS_A_TURN = 32;

/**
 * A band that winds round from the middle of a roll to its skin, as an outline about that middle.
 * @param pitchMm from one turn to the next
 */
export function spiralBand(turns: number, pitchMm: number, bandMm: number): string {
  const steps = Math.max(2, Math.ceil(turns * POINTS_A_TURN));
  const at = (step: number, offMm: number): string => {
    const turn = (step / steps) * turns;
    const radiusMm = Math.max(0, turn * pitchMm + offMm);
    const angle = -2 * Math.PI * (turns - turn) + Math.PI / 2;
    return `${(radiusMm * Math.cos(angle)).toFixed(2)} ${(radiusMm * Math.sin(angle)).toFixed(2)}`;
  };
  const all = Array.from({ length: steps + 1 }, (_, step) => step);
  const outwards = all.map((step) => at(step, -bandMm));
  const back = all.toReversed().map((step) => at(step, 0));
  return `M${[...outwards, ...back].join("L")}Z`;
}

/** A roll end on: crumb with its filling wound through it, and its coat. */
export function RolledCake({
  tier: { tier, coat, footMm },
  filling,
  fillingMm,
  frosting,
  hasCoat,
}: {
  readonly tier: PlacedTier;
  readonly filling: Coating;
  readonly fillingMm: number;
  readonly frosting: Coating;
  readonly hasCoat: boolean;
}) {
  const { roll } = tier;
  if (roll === null) return null;
  const radiusMm = roll.diameterMm / 2;
  const outerMm = radiusMm + Math.max(coat.topMm, coat.sideMm);
  return (
    <g transform={`translate(0 ${-(footMm + radiusMm)})`}>
      {hasCoat && coat.topMm > 0 && (
        <path
          d={
            coat.sideMm > 0
              ? `M${-outerMm} 0A${outerMm} ${outerMm} 0 1 1 ${outerMm} 0V${radiusMm}H${-outerMm}Z`
              : `M${-outerMm} 0A${outerMm} ${outerMm} 0 1 1 ${outerMm} 0Z`
          }
          className={`${spreadFill(frosting)} stroke-ink`}
          strokeWidth="1.5"
          {...line}
        />
      )}
      <circle r={radiusMm} className="fill-crumb stroke-crust" strokeWidth="1.5" {...line} />
      <path
        d={spiralBand(roll.turns, roll.layerMm + fillingMm, fillingMm)}
        className={`${spreadFill(filling)} stroke-crust`}
        strokeWidth="0.75"
        transform={`scale(${(radiusMm - roll.layerMm * SKIN) / radiusMm})`}
        {...line}
      />
    </g>
  );
}

/** The sheet outside the last of the filling, of its thickness. */
const SKIN = 0.5;
