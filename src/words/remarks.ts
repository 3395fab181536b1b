import { assertNever, roundTo } from "@/core/measure";
import type { Remark } from "@/core/plan";
import { sayIn } from "./vocabulary";
import { KIND_NAMES } from "./kinds";
import {
  depthText,
  heatStepText,
  heatText,
  materialName,
  minutesText,
  timesText,
  volumeText,
  weightText,
} from "./quantities";
import type { Units } from "./regions";

/** Something the plan assumes or is unsure of, in plain words. */
export function remarkText(remark: Remark, units: Units): string {
  const say = sayIn(units);
  switch (remark.code) {
    case "batter-assumed":
      return say`The recipe's tins are taken to be filled as usual for a ${KIND_NAMES[remark.kind]} batter, ${volumeText(remark.lowMl, units)} to ${volumeText(remark.highMl, units)} in all. Weigh the batter to be sure.`;
    case "kind-assumed":
      return `Taken for a ${KIND_NAMES[remark.kind]} batter, since no kind was given.`;
    case "lines-unread":
      return `${remark.count} ingredient ${remark.count === 1 ? "line was" : "lines were"} kept but could not be weighed: the batter is without ${remark.count === 1 ? "it" : "them"}.`;
    case "main-missing":
      return `The recipe gives no weight for ${remark.names.join(", ")}, so its lines make no batter to go by. Write how much of it goes in.`;
    case "unusual-gravity": {
      const instead = remark.kinds.map((kind) => KIND_NAMES[kind]).join(" or ");
      const hint =
        instead === ""
          ? "Check weight and volume."
          : `Check weight and volume, or is it ${instead}?`;
      return `${roundTo(remark.specificGravity, 0.01)} g per mL does not suit a ${KIND_NAMES[remark.kind]} batter, usually ${remark.low} to ${remark.high}. ${hint}`;
    }
    case "no-reference-minutes":
      return "The recipe names no minutes, so these are only what is usual for its kind, give or take a quarter. Add its minutes to narrow them.";
    case "much-thicker":
      return say`Much thicker in the tin than in the recipe: usual times disagree here, so look early and often.`;
    case "outside-fit":
      return `At ${heatText(remark.ovenC, units)} the forecast is on thin ground: it was fitted from ${heatText(145, units)} to ${heatText(200, units)}.`;
    case "silicone":
      return "Silicone bakes slower than this forecast says: go by the signs, not by the minute.";
    case "loose-base":
      return say`This batter is thin enough to leak from a loose base: line the base with paper clamped in its rim, or wrap the tin in foil, and bake it on a tray.`;
    case "strips-unsuited":
      return say`Wet strips suit layers and sheets only; the other tins are planned without.`;
    case "rise-vouched":
      return say`The recipe's own tins hold this batter, so it is taken to rise ${timesText(remark.rise)}, not the usual ${timesText(remark.usual)}.`;
    case "depth-doubted":
      return say`The recipe does not say how deep its tins are. ${depthText(remark.depthMm, units)} is usual, but this batter would need about ${depthText(remark.neededMm, units)}: measure yours before you fill them.`;
    case "fruit-not-in-reference":
      return `The recipe's own bake is taken to be without these ${weightText(remark.fruitG, units)}, so the minutes go up for them. If its minutes hold them already, say so under fruit in Fill.`;
    case "shorter-than-written":
      return `Shorter than the recipe's own pace: at this depth that would be ${minutesText(remark.minutes)}. It has to be cooked through to be safe, so never take it out before its middle is set and hot.`;
    case "other-material":
      return materialText(remark, units);
    default:
      return assertNever(remark);
  }
}

function materialText(remark: Extract<Remark, { code: "other-material" }>, units: Units): string {
  const say = sayIn(units);
  const change = (lessC: number): string =>
    `${heatStepText(Math.abs(lessC), units)} ${lessC >= 0 ? "down" : "up"}`;
  const model = Math.abs(remark.modelLessC) < 2 ? "no change" : change(remark.modelLessC);
  const name = materialName(remark.material);
  const Name = `${name.charAt(0).toUpperCase()}${name.slice(1)}`;
  if (remark.ruleLessC === 0)
    return say`${Name} against the recipe's tin: ${model} would keep the recipe's minutes. The minutes here already count it.`;
  if (Math.abs(remark.ruleLessC - remark.modelLessC) <= 5) {
    return say`${Name} instead of the recipe's tin: bakers set the oven ${change(remark.ruleLessC)}, and the forecast agrees. The minutes here are for the temperature shown.`;
  }
  return say`${Name} instead of the recipe's tin: bakers set the oven ${change(remark.ruleLessC)}, the forecast would say ${model}. The minutes here are for the temperature shown.`;
}
