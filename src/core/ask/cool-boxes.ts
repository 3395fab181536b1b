// A cake's way out of oven and tin: its boxes, and what they ask of a plan.
import type { CoolRequest } from "../cool";
import type { Question } from "./question-schema";

/** The boxes of a cake's way out of oven and tin. */
export function coolBoxes(
  cool: CoolRequest = {},
): Pick<Question, "cooling" | "inTin" | "turned" | "offOven" | "coolsCovered" | "coolsOvernight"> {
  const { stays, until, inTinMin, turned, offOvenMin, covered, overnight } = cool;
  return {
    cooling:
      stays === true
        ? "dish"
        : until === "cold"
          ? "cold"
          : inTinMin === undefined
            ? "usual"
            : "after",
    inTin: inTinMin === undefined ? "" : `${inTinMin} min`,
    turned: turned ?? "usual",
    offOven: offOvenMin === undefined ? "" : `${offOvenMin} min`,
    coolsCovered: covered ?? false,
    coolsOvernight: overnight ?? false,
  };
}

/** What a plan is told of a cake's way out of oven and tin; minutes that are still empty are usual. */
export function coolAsked(
  { cooling, turned, coolsCovered, coolsOvernight }: Question,
  inTinMin: number | undefined,
  offOvenMin: number | undefined,
): { readonly cool?: CoolRequest } {
  const cool: CoolRequest = {
    ...(cooling === "dish" ? { stays: true } : {}),
    ...(cooling === "cold" ? { until: "cold" as const } : {}),
    ...(cooling === "after" && inTinMin !== undefined ? { inTinMin } : {}),
    ...(turned === "usual" || cooling === "dish" ? {} : { turned }),
    ...(offOvenMin === undefined || offOvenMin === 0 ? {} : { offOvenMin }),
    ...(coolsCovered ? { covered: true } : {}),
    ...(coolsOvernight ? { overnight: true } : {}),
  };
  return Object.keys(cool).length === 0 ? {} : { cool };
}
