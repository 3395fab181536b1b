import { mlFromMm3 } from "../measure";
import { areaFactorAt, volumeBetween, type TinGeometry } from "./geometry";
import { netAreaAt } from "./wall";

/**
 * Heights to which a level is solved, mm: far below what anybody can see, so that a smear keeps its
 * volume too.
 */
const LEVEL_TOLERANCE_MM = 1e-6;

/**
 * Area of the batter's surface, mm², when it stands `heightMm` deep. Above the rim the area of the
 * rim is kept, for batter that has risen past it.
 * @param heightMm 0 or more
 */
export function surfaceArea(geometry: TinGeometry, heightMm: number): number {
  const inside = Math.min(heightMm, geometry.depthMm);
  return areaFactorAt(geometry, inside) * netAreaAt(geometry.wall, inside);
}

/**
 * Volume, mL, of one tin or one well filled to `heightMm`; above the rim it goes on straight up.
 * Integral of the cut's area over the height, by five-point Gauss quadrature between the wall's
 * knots.
 * @param heightMm 0 or more
 * @example volumeAt(roundTin, roundTin.depthMm) // the brim
 */
export function volumeAt(geometry: TinGeometry, heightMm: number): number {
  const { strata, depthMm } = geometry;
  const inside = Math.min(heightMm, depthMm);
  const stratum = strata.findLast((each) => each.heightMm <= inside) ?? {
    heightMm: 0,
    belowMm3: 0,
  };
  const insideMm3 = stratum.belowMm3 + volumeBetween(geometry, stratum.heightMm, inside);
  return mlFromMm3(insideMm3 + Math.max(0, heightMm - depthMm) * surfaceArea(geometry, depthMm));
}

/** What one tin or one well holds when it is filled level with its rim, mL. */
export function brimVolume({ strata }: TinGeometry): number {
  return mlFromMm3(strata.at(-1)?.belowMm3 ?? 0);
}

/**
 * Height, mm, at which `volumeMl` stands level in one tin; the inverse of {@link volumeAt}, above
 * the rim too. Newton's method with V' = A, kept inside a bracket that shrinks at every step.
 * @param volumeMl 0 or more
 * @throws RangeError for a negative or unreadable volume
 */
export function levelFor(geometry: TinGeometry, volumeMl: number): number {
  if (!(volumeMl >= 0)) throw new RangeError(`volume must be 0 mL or more, got ${volumeMl}`);
  if (volumeMl === 0) return 0;
  const brimMl = brimVolume(geometry);
  if (volumeMl >= brimMl) {
    return (
      geometry.depthMm + ((volumeMl - brimMl) * 1000) / surfaceArea(geometry, geometry.depthMm)
    );
  }
  let low = 0;
  let high = geometry.depthMm;
  let height = (volumeMl / brimMl) * geometry.depthMm;
  for (let step = 0; step < 60 && high - low > LEVEL_TOLERANCE_MM; step += 1) {
    const excessMl = volumeAt(geometry, height) - volumeMl;
    if (excessMl > 0) high = height;
    else low = height;
    const newton = height - (excessMl * 1000) / surfaceArea(geometry, height);
    if (Math.abs(newton - height) < LEVEL_TOLERANCE_MM / 2) return newton;
    height = newton > low && newton < high ? newton : (low + high) / 2;
  }
  return height;
}
