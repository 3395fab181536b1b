import { assertNever } from "@/core/measure";
import type { Caution } from "@/core/caution";
import { SPREAD_NAMES } from "./kinds";
import { heatText, materialName, weightText, type Units } from "./quantities";

/** A caution in plain words: what to do, then why. */
export function cautionText(caution: Caution, units: Units): string {
  switch (caution.code) {
    case "tray-underneath": {
      const out = weightText(caution.takeOutG, units);
      if (caution.cups === null) return `Put a tray underneath, or take out ${out} of batter.`;
      const cups = caution.cups.count === 1 ? "one cup" : `${caution.cups.count} cups`;
      return `Put a tray underneath, or take out ${out} of batter: it makes ${cups} of 7 cm.`;
    }
    case "thermal-shock":
      return `No cold ${materialName(caution.material)} into a hot oven, and no hot ${materialName(caution.material)} onto a wet bench: it can break. The maker's manual comes first.`;
    case "spray-residue":
      return `Grease and flour this ${caution.shape === "fluted" ? "fluted" : "dark"} tin rather than spraying it, and wash it by hand: spray builds up and sticks.`;
    case "wet-strips":
      return "Strips go in wet, never over a flame, and never in an oven hotter than they are made for.";
    case "keep-cold":
      return `${caution.spread === "fruit" ? "Fresh fruit on a cake" : `A finish of ${SPREAD_NAMES[caution.spread]}`} is kept at 5 °C or below, and stands in the room for no more than 2 hours in all; 1 hour above 32 °C. Local food rules come first.`;
    case "raw-egg":
      return `Raw egg is not ready to eat: heat the egg of the ${SPREAD_NAMES[caution.spread]} to ${heatText(71, units)} to ${heatText(74, units)}, or use pasteurised egg.`;
    case "hot-sugar":
      return "Boiling sugar burns badly: a deep pan, no interruptions, and water nearby for the spoon, not for the pan.";
    case "supports-out":
      return "Count the supports and boards that go into the tiers, and take as many out before it is served.";
    default:
      return assertNever(caution);
  }
}
