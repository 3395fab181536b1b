import type { Coating, Stuff } from "../build";
import type { Cups, Fill } from "../fill";
import { ALLERGENS, type Allergen } from "../pantry";
import type { Hazard, HeatSource, Holds } from "../recipe";
import { COLD_ROOM_HOURS, type ColdBecause } from "../serve";
import type { Material, Shape } from "../tin";

/** Hazards of a recipe that are told by themselves, with no more facts than that they are there. */
const PLAIN_HAZARDS = [
  "alcohol",
  "raw-root",
  "raw-kernel",
  "raw-bean",
  "hard-sweets",
  "raw-flour-part",
  "whole-nuts",
  "microwave-melting",
  "sharp-tools",
  "not-food",
  "freezing",
  "selling",
] as const satisfies readonly Hazard[];

/** A hazard in the plan, with the facts its words need. */
export type Caution =
  | { readonly code: "tray-underneath"; readonly takeOutG: number; readonly cups: Cups | null }
  | { readonly code: "thermal-shock"; readonly material: Material }
  | { readonly code: "spray-residue"; readonly shape: Shape; readonly material: Material }
  | { readonly code: "wet-strips" }
  | { readonly code: "keep-cold"; readonly because: ColdBecause; readonly hours: number }
  | { readonly code: "raw-egg"; readonly spread: Coating | null }
  | { readonly code: "hot-sugar" }
  | { readonly code: "supports-out"; readonly tiers: number }
  | { readonly code: "air-blocked" }
  | { readonly code: "closed-pot" }
  | { readonly code: "mug" }
  | { readonly code: "allergens"; readonly allergens: readonly Allergen[] }
  | { readonly code: (typeof PLAIN_HAZARDS)[number] };

/** Spreads whose egg is not heated unless their maker sees to it. */
const RAW_EGG: readonly Coating[] = ["meringue-butter", "marshmallow", "curd", "custard"];

/**
 * What the usual formula of a spread, or what is laid on by weight, brings with it. What a pack
 * holds its label says.
 */
const ALLERGENS_ON: Partial<Readonly<Record<Stuff, readonly Allergen[]>>> = {
  "butter-and-sugar": ["milk"],
  "cream-cheese": ["milk"],
  "whipped-cream": ["milk"],
  "meringue-butter": ["milk", "egg"],
  "whipped-ganache": ["milk", "soya"],
  "boiled-fudge": ["milk"],
  marshmallow: ["egg"],
  curd: ["milk", "egg"],
  custard: ["milk", "egg"],
  "pouring-ganache": ["milk", "soya"],
  crumble: ["wheat", "milk"],
  "crumb-base": ["wheat", "milk"],
  nuts: ["nuts"],
};

/** Where each caution stands: at the station at which the hazard arises. */
export const CAUTION_STATIONS: Readonly<
  Record<Caution["code"], "mix" | "fill" | "bake" | "finish" | "serve">
> = {
  "tray-underneath": "fill",
  "thermal-shock": "fill",
  "spray-residue": "fill",
  "wet-strips": "fill",
  "air-blocked": "bake",
  "closed-pot": "bake",
  mug: "bake",
  "keep-cold": "finish",
  "raw-egg": "finish",
  "hot-sugar": "finish",
  "supports-out": "finish",
  "raw-flour-part": "finish",
  "not-food": "finish",
  alcohol: "mix",
  "raw-root": "mix",
  "raw-kernel": "mix",
  "raw-bean": "mix",
  "microwave-melting": "mix",
  "sharp-tools": "mix",
  allergens: "serve",
  "hard-sweets": "serve",
  "whole-nuts": "serve",
  freezing: "serve",
  selling: "serve",
};

/** What a plan has to warn of depends on these. */
export type CautionFacts = {
  readonly fill: Fill;
  readonly stuffs: readonly Stuff[];
  readonly cold: ColdBecause | null;
  readonly cooksSyrup: boolean;
  readonly tiers: number;
  readonly hasStrips: boolean;
  /** Whether a tin fills its shelf; false when nothing is known of the oven's. */
  readonly isAirBlocked: boolean;
  readonly holds: Holds;
  readonly source: HeatSource;
};

/** What a plan has to warn of: each rule has one trigger in the plan. */
export function cautionsFor({
  fill,
  stuffs,
  cold,
  cooksSyrup,
  tiers,
  hasStrips,
  isAirBlocked,
  holds,
  source,
}: CautionFacts): readonly Caution[] {
  const cautions: Caution[] = [];
  if (fill.overG > 0)
    cautions.push({ code: "tray-underneath", takeOutG: fill.overG, cups: fill.cups });
  const tins = fill.tins.map(({ geometry }) => geometry);
  const brittle = tins.find(({ material }) => material === "glass" || material === "ceramic");
  if (brittle !== undefined) cautions.push({ code: "thermal-shock", material: brittle.material });
  const sticky = tins.find(({ material, tin }) => material === "dark" || tin.shape === "fluted");
  if (sticky !== undefined)
    cautions.push({ code: "spray-residue", shape: sticky.tin.shape, material: sticky.material });
  if (hasStrips) cautions.push({ code: "wet-strips" });
  if (isAirBlocked) cautions.push({ code: "air-blocked" });
  if (cold !== null) cautions.push({ code: "keep-cold", because: cold, hours: COLD_ROOM_HOURS });
  const raw = RAW_EGG.find((spread) => stuffs.includes(spread)) ?? null;
  if (raw !== null || holds.hazards.includes("raw-egg-part"))
    cautions.push({ code: "raw-egg", spread: raw });
  if (
    cooksSyrup ||
    stuffs.includes("boiled-fudge") ||
    stuffs.includes("marshmallow") ||
    stuffs.includes("syrup") ||
    holds.hazards.includes("hot-sugar")
  )
    cautions.push({ code: "hot-sugar" });
  if (tiers > 1) cautions.push({ code: "supports-out", tiers });
  return [
    ...sourceCautions(source),
    ...cautions,
    ...plainCautions(holds),
    ...allergenCaution(allergensOn(stuffs, holds)),
  ];
}

/** What is warned of for what heats it: neither a closed pot nor a microwave is an oven. */
function sourceCautions(source: HeatSource): readonly Caution[] {
  if (source === "closed-pot") return [{ code: "closed-pot" }];
  return source === "microwave" ? [{ code: "mug" }] : [];
}

/** Everything a recipe by itself warns of, before there is a cake of it. */
export function recipeCautions(holds: Holds, source: HeatSource): readonly Caution[] {
  const own: readonly Caution[] = [
    ...(holds.hazards.includes("cold-part")
      ? [{ code: "keep-cold", because: "part", hours: COLD_ROOM_HOURS } as const]
      : []),
    ...(holds.hazards.includes("raw-egg-part") ? [{ code: "raw-egg", spread: null } as const] : []),
    ...(holds.hazards.includes("hot-sugar") ? [{ code: "hot-sugar" } as const] : []),
  ];
  return [
    ...sourceCautions(source),
    ...own,
    ...plainCautions(holds),
    ...allergenCaution(holds.allergens),
  ];
}

/**
 * Allergens of a cake: its recipe's, and those of what is put on it. A part of the truth would be
 * worse than none: empty while nothing of the recipe is known.
 */
export function allergensOn(stuffs: readonly Stuff[], { allergens }: Holds): readonly Allergen[] {
  if (allergens.length === 0) return [];
  const all = new Set([...allergens, ...stuffs.flatMap((stuff) => ALLERGENS_ON[stuff] ?? [])]);
  return ALLERGENS.filter((each) => all.has(each));
}

function plainCautions({ hazards }: Holds): readonly Caution[] {
  return PLAIN_HAZARDS.filter((code) => hazards.includes(code)).map((code) => ({ code }));
}

function allergenCaution(allergens: readonly Allergen[]): readonly Caution[] {
  return allergens.length === 0 ? [] : [{ code: "allergens", allergens }];
}
