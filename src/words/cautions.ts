import { assertNever } from "@/core/measure";
import type { Caution } from "@/core/caution";
import type { Allergen } from "@/core/pantry";
import type { ColdBecause } from "@/core/serve";
import { sayIn } from "./vocabulary";
import { SPREAD_NAMES } from "./kinds";
import { heatText, materialName, weightText } from "./quantities";
import type { Units } from "./regions";

/** A caution in plain words: what to do, then why. */
export function cautionText(caution: Caution, units: Units): string {
  const say = sayIn(units);
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
      return say`Grease and flour this ${caution.shape === "fluted" ? "fluted" : "dark"} tin rather than spraying it, and wash it by hand: spray builds up and sticks.`;
    case "wet-strips":
      return "Strips go in wet, never over a flame, and never in an oven hotter than they are made for.";
    case "keep-cold": {
      const hours = caution.hours === 1 ? "1 hour" : `${caution.hours} hours`;
      return `${coldName(caution.because)} is kept at ${heatText(5, units)} or below, and stands in the room for no more than ${hours} in all; 1 hour above ${heatText(32, units)}. Local food rules come first.`;
    }
    case "raw-egg": {
      const of =
        caution.spread === null ? "what is not cooked" : `the ${SPREAD_NAMES[caution.spread]}`;
      return say`Raw egg is not ready to eat: heat the egg of ${of} to ${heatText(71, units)} to ${heatText(74, units)}, or use pasteurised egg.`;
    }
    case "raw-flour-part":
      return `Raw flour is not ready to eat: use heat-treated flour for what is not baked, or heat it through to ${heatText(74, units)} first.`;
    case "hot-sugar":
      return "Boiling sugar burns badly: a deep pan, no interruptions, and water nearby for the spoon, not for the pan.";
    case "supports-out":
      return "Count the supports and boards that go into the tiers, and take as many out before it is served.";
    case "air-blocked":
      return say`A tin fills this oven's shelf, so air cannot pass and it bakes unevenly: use a smaller tin, or bake in loads.`;
    case "closed-pot":
      return "A closed pot without water holds no pressure: weight off, vent open. Salt bed and pot are very hot, and not every pot is made for it: the maker's manual comes first.";
    case "mug":
      return "Only a mug marked for the microwave, no more than half full. Steam and filling burn: let it stand before you eat. The maker's manual comes first.";
    case "microwave-melting":
      return "Melt in short bursts and stir between them: chocolate and butter overheat from inside, and water that stands still can boil up all at once when it is moved.";
    case "allergens":
      return `Contains ${listText(caution.allergens.map((each) => ALLERGEN_NAMES[each]))}, as far as its words tell: the label of each pack comes first, and local food rules.`;
    case "alcohol":
      return "There is alcohol in it, and baking leaves some of it there: say so to whoever eats it, and leave it out for children.";
    case "raw-root":
      return "Raw cassava is poisonous: peel it, cook it through as the recipe says, never taste the raw batter, and never bake it shorter than the recipe does.";
    case "raw-kernel":
      return "Bitter almonds and fruit kernels are poisonous raw: use no more than the recipe says, cook them through, and never taste the raw batter.";
    case "raw-bean":
      return "Raw kidney beans and their flour are poisonous: cook them through as the recipe says, and never taste the raw batter.";
    case "whole-nuts":
      return "Whole nuts can choke a child under five: chop or grind them fine, or leave them off.";
    case "hard-sweets":
      return "Hard sweets can choke a child under five: leave them off, or crush them to dust.";
    case "sharp-tools":
      return "Hard roots slip: a stable board, the flat side down, the guard on the grater, and a fork for the last piece.";
    case "not-food":
      return "Wires, sticks, flowers and glitter: only what is sold as food touches food. Count the rest in, and take it all out before it is served.";
    case "freezing":
      return "Into the freezer with its name and the date on it: best within 3 months for most cakes, sooner with a cream filling. Local food rules come first.";
    case "selling":
      return "Before you sell it or give it away at an event: licence, labels and allergens are a matter of local law, so ask first.";
    default:
      return assertNever(caution);
  }
}

/** Allergens as they are listed. */
export const ALLERGEN_NAMES: Readonly<Record<Allergen, string>> = {
  wheat: "wheat",
  milk: "milk",
  egg: "egg",
  nuts: "nuts",
  peanut: "peanut",
  sesame: "sesame",
  soya: "soya",
  sulphites: "sulphites",
  oats: "oats",
  barley: "barley",
};

/** What has to be kept cold. */
function coldName(because: ColdBecause): string {
  switch (because) {
    case "kind":
      return "A cake of cheese or custard";
    case "fruit":
      return "Fresh fruit on a cake";
    case "part":
      return "A cake with cream, custard or fresh fruit on it";
    default:
      return `A finish of ${SPREAD_NAMES[because]}`;
  }
}

function listText(names: readonly string[]): string {
  return names.length < 2
    ? names.join("")
    : `${names.slice(0, -1).join(", ")} and ${names.at(-1) ?? ""}`;
}
