import * as z from "zod";
import { roundTo } from "../measure";
import type { CakePlan } from "./plan";

const number = z.number();
const minutes = { doorShutUntilMin: number, firstLookMin: number, likelyMin: number, notPastMin: number };
const saying = z.strictObject({ code: z.string(), text: z.string() });

/** What `npm run plan` prints. Lengths to 0.1 mm, weights to 1 g, volumes to 1 mL, minutes whole. */
export const AnswerSchema = z.strictObject({
  scale: number,
  mix: z.strictObject({ massG: number, volumeMl: number, specificGravity: number, kind: z.string() }),
  fill: z.strictObject({
    tins: z.array(z.strictObject({
      shape: z.string(), count: number, brimMl: number, batterMl: number, batterG: number, depthMm: number, fullFraction: number,
      bakedEdgeMm: number, bakedCrownMm: number, peakCrownMm: number, verdict: z.enum(["fits", "crowns", "overflows", "too-thin"]),
    })),
    leftoverG: number,
    overG: number,
    cups: number,
  }),
  bake: z.strictObject({
    ovenC: number,
    dialC: number,
    ...minutes,
    tins: z.array(z.strictObject({ ...minutes, crownMm: number })),
  }),
  finish: z.strictObject({
    cover: z.string(), frosting: z.string(), topCm2: number, thicknessMm: number, layers: number, volumeMl: number, massG: number,
  }),
  cautions: z.array(saying),
  remarks: z.array(saying),
});
export type Answer = z.infer<typeof AnswerSchema>;

/** The words of a plan, which the core leaves to whoever shows it. */
export type PlanWords = {
  readonly caution: (caution: CakePlan["cautions"][number]) => string;
  readonly remark: (remark: CakePlan["remarks"][number]) => string;
};

/** A plan as the answer to a request, rounded to what its figures can carry. */
export function planAnswer(plan: CakePlan, words: PlanWords): Answer {
  const { mix, fill, bake, finish } = plan;
  return {
    scale: roundTo(plan.scale, 0.001),
    mix: { massG: Math.round(mix.massG), volumeMl: Math.round(mix.volumeMl), specificGravity: roundTo(mix.specificGravity, 0.01), kind: mix.kind },
    fill: {
      tins: fill.tins.map((tin) => ({
        shape: tin.geometry.tin.shape,
        count: tin.geometry.count,
        brimMl: Math.round(tin.brimMl),
        batterMl: Math.round(tin.batterMl),
        batterG: Math.round(tin.batterG),
        depthMm: roundTo(tin.depthMm, 0.1),
        fullFraction: roundTo(tin.fullFraction, 0.01),
        bakedEdgeMm: roundTo(tin.baked.edgeMm, 0.1),
        bakedCrownMm: roundTo(tin.baked.crownTopMm, 0.1),
        peakCrownMm: roundTo(tin.peak.crownTopMm, 0.1),
        verdict: tin.verdict,
      })),
      leftoverG: Math.round(fill.leftoverG),
      overG: Math.round(fill.overG),
      cups: fill.cups?.count ?? 0,
    },
    bake: {
      ovenC: roundTo(bake.ovenC, 0.1),
      dialC: bake.dialC,
      doorShutUntilMin: bake.doorShutUntilMin,
      firstLookMin: bake.firstLookMin,
      likelyMin: bake.likelyMin,
      notPastMin: bake.notPastMin,
      tins: bake.tins.map((each, index) => ({ ...each, crownMm: roundTo(crownOf(plan, index), 0.1) })),
    },
    finish: {
      cover: finish.cover,
      frosting: finish.frosting,
      topCm2: Math.round(finish.topMm2 / 100),
      thicknessMm: finish.thicknessMm,
      layers: finish.layers,
      volumeMl: Math.round(finish.volumeMl),
      massG: Math.round(finish.massG),
    },
    cautions: plan.cautions.map((caution) => ({ code: caution.code, text: words.caution(caution) })),
    remarks: plan.remarks.map((remark) => ({ code: remark.code, text: words.remark(remark) })),
  };
}

function crownOf(plan: CakePlan, index: number): number {
  const baked = plan.fill.tins[index]?.baked;
  return baked === undefined ? 0 : baked.crownTopMm - baked.edgeMm;
}
