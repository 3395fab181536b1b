// A tin as a text tells it, as the bench has it.
import { readTin, type Tin } from "../tin";
import type { RecipeDoc } from "../recipe";
import type { ToldTin } from "./tins-told";

type Bake = RecipeDoc["bake"];

/** A told tin as the bench has it: of its size, its depth as usual; of usual size where none is told. */
export const benchTin = (tin: ToldTin): Tin => tinOfSize(tin) ?? usualTin(tin.shape);

/** Told tins as a recipe's bake has them, and whether the size of one is only usual. */
export function benchTins(told: readonly ToldTin[]): Pick<Bake, "tins" | "isSizeAssumed"> {
  return {
    tins: told.map(benchTin).slice(0, 20),
    ...(told.some((tin) => tinOfSize(tin) === null) ? { isSizeAssumed: true } : {}),
  };
}

function tinOfSize({ count, shape, wells, ...sizes }: ToldTin): Tin | null {
  const { diameterMm, sideMm, lengthMm, widthMm, depthMm } = sizes;
  const lengths = [diameterMm ?? sideMm ?? lengthMm, widthMm, depthMm].filter(
    (each) => each !== undefined,
  );
  if (shape === "dish" || shape === "mug") return null;
  if (shape !== "cups" && lengths.length === 0) return null;
  const name = shape === "cups" ? `${wells ?? 12} cups` : `${lengths.join(" x ")} mm ${shape}`;
  const read = readTin(count > 1 ? `${count} x ${name}` : name, "metric");
  return read.ok ? read.value.tin : null;
}

/** Tins of each told shape as they are written where no size is; their depth is the shape's own. */
const USUAL_SIZES: Readonly<Record<ToldTin["shape"], string>> = {
  round: "20 cm round",
  springform: "23 cm springform",
  square: "20 cm square",
  rectangle: "33 x 23 cm",
  loaf: "23 x 13 cm loaf",
  ring: "25 cm fluted",
  cups: "12 cups",
  skillet: "25 cm skillet",
  mug: "mug",
  dish: "33 x 23 cm",
};

/** The usual tin of a told shape, its depth assumed. */
export function usualTin(shape: ToldTin["shape"]): Tin {
  const read = readTin(USUAL_SIZES[shape], "metric");
  if (!read.ok) throw new RangeError(`a usual ${shape} is no tin: ${USUAL_SIZES[shape]}`);
  return read.value.tin;
}
