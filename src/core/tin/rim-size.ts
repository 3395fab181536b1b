import { bad, good, type Result } from "../measure";
import { shapeRow, type Tin } from "./shapes";
import { TIN_LIMITS, type Material } from "./shapes/fields";
import type { RimSize } from "./shapes/row";

/**
 * How thick a wall is, and how far the rolled lip of a metal tin stands out beyond it, mm.
 * Judgement.
 */
const WALL_MM: Readonly<Record<Material, number>> = {
  bright: 1,
  dark: 1,
  glass: 5,
  ceramic: 6,
  silicone: 2,
  "cast-iron": 5,
};
const LIP_MM: Readonly<Record<Material, number>> = {
  bright: 3,
  dark: 3,
  glass: 0,
  ceramic: 0,
  silicone: 2,
  "cast-iron": 0,
};

/**
 * Inside length and width at the rim, mm, of a tin whose sizes may be given outside or at its
 * floor. Outside sizes at the rim are over the lip, at the floor over the bare wall.
 * @param slopeMm how far the wall leans out from floor to rim on each side
 */
export function rimSize(tin: Tin, slopeMm: number): Result<RimSize> {
  const given = shapeRow(tin.shape).size(tin);
  const {
    sizes = "inside",
    sizesAt = "rim",
    material = "bright",
  } = { sizes: undefined, sizesAt: undefined, ...tin };
  const walls =
    sizes === "outside" ? 2 * (WALL_MM[material] + (sizesAt === "rim" ? LIP_MM[material] : 0)) : 0;
  const byMm = (sizesAt === "floor" ? 2 * slopeMm : 0) - walls;
  const size = { lengthMm: given.lengthMm + byMm, widthMm: given.widthMm + byMm };
  const { min, max } = TIN_LIMITS.widthMm;
  if (byMm === 0 || (size.widthMm >= min && size.lengthMm <= max)) return good(size);
  return bad({
    code: "out-of-range",
    path: "widthMm",
    value: size.widthMm < min ? size.widthMm : size.lengthMm,
    min,
    max,
    unit: "mm",
  });
}
