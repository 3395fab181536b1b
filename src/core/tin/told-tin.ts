// A tin as a text tells it, as the bench has it.
import { inFigures, remembered } from "../measure";
import { readWrittenTin } from "./read-written";
import { tinDepth, type Tin } from "./shapes";
import { tinsTold, type SoldAs, type ToldTin } from "./tins-told";
import { brimVolume } from "./volume";
import { tinGeometry } from "./water";

/** A told tin as the bench has it: of its size, its depth as usual; of usual size where none is told. */
export const benchTin = (tin: ToldTin): Tin => tinOfSize(tin) ?? usualTin(tin.shape);

/** Told tins as a recipe's bake has them, and whether the size of one is only usual. */
export function benchTins(told: readonly ToldTin[]): {
  readonly tins: Tin[];
  readonly isSizeAssumed?: true;
} {
  return {
    tins: told.map(benchTin).slice(0, 20),
    ...(told.some((tin) => tinOfSize(tin) === null) ? { isSizeAssumed: true } : {}),
  };
}

/** The tins named in a text of which a size is told, as the bench has them. */
export const sizedTins = remembered((text): readonly Tin[] =>
  tinsTold(inFigures(text).text).flatMap(({ tin }) => tinOfSize(tin) ?? []),
);

/** Tins by what they are sold as; inside sizes as usually made. Judgement. */
const SOLD_SIZES: Readonly<Record<SoldAs, string>> = {
  "1 lb loaf": "16 x 9 x 6 cm loaf",
  "2 lb loaf": "21.6 x 11.4 x 6.5 cm loaf",
  "half sheet": "45.7 x 33 x 2.5 cm",
  "quarter sheet": "33 x 24 x 2.5 cm",
  "jelly roll": "38 x 25 x 2.5 cm",
};

/** The tin of the size that is told, or that its name stands for; null where none is. */
export function tinOfSize(told: ToldTin): Tin | null {
  const { count, shape, wells, soldAs, holdsMl, ...sizes } = told;
  const times = count > 1 ? `${count} x ` : "";
  if (soldAs !== undefined)
    return { ...readUsual(`${times}${SOLD_SIZES[soldAs]}`), depthAssumed: true };
  if (holdsMl !== undefined)
    return shape === "mug"
      ? thatHolds(usualTin("mug"), "mug", holdsMl, times)
      : thatHolds(usualTin("ring"), "fluted", holdsMl, times);
  const { diameterMm, sideMm, lengthMm, widthMm, depthMm } = sizes;
  const lengths = [diameterMm ?? sideMm ?? lengthMm, widthMm, depthMm].filter(
    (each) => each !== undefined,
  );
  if (shape === "dish" || shape === "mug") return null;
  if (shape !== "cups" && lengths.length === 0) return null;
  const name = shape === "cups" ? `${wells ?? 12} cups` : `${lengths.join(" x ")} mm ${shape}`;
  return writtenTin(`${times}${name}`);
}

const writtenTin = remembered((text): Tin | null => {
  const read = readWrittenTin(text, "metric");
  return read.ok ? read.value.tin : null;
});

/** A vessel of usual proportions that holds so much, mL: as large as the cube root of it. */
function thatHolds(like: Tin, name: "fluted" | "mug", ml: number, times: string): Tin | null {
  const usual = tinGeometry(like);
  if (!usual.ok) return null;
  const { tin } = usual.value;
  const by = Math.cbrt(ml / brimVolume(usual.value));
  const [width, depth] = [sizeOf(tin) * by, tinDepth(tin) * by].map((mm) => mm.toFixed(1));
  const read = readWrittenTin(`${times}${width} x ${depth} mm ${name} holds ${ml} ml`, "metric");
  return read.ok ? { ...read.value.tin, depthAssumed: true } : null;
}

const sizeOf = (tin: Tin): number => ("diameterMm" in tin ? tin.diameterMm : 0);

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
export const usualTin = (shape: ToldTin["shape"]): Tin => readUsual(USUAL_SIZES[shape]);

function readUsual(text: string): Tin {
  const tin = writtenTin(text);
  if (tin === null) throw new RangeError(`no tin: ${text}`);
  return tin;
}
