import type { Material } from "../tin";

/** What heat meets on its way through a tin's wall. */
export type MaterialFacts = {
  /** ε: emissivity of the outside. */
  readonly emissivity: number;
  /** Cw: heat the wall itself takes, J/m²K. */
  readonly heatJPerM2K: number;
  /** R: resistance of the wall, m²K/W. */
  readonly resistanceM2KPerW: number;
};

const facts = (
  emissivity: number,
  heatJPerM2K: number,
  resistanceM2KPerW: number,
): MaterialFacts => ({
  emissivity,
  heatJPerM2K,
  resistanceM2KPerW,
});

/**
 * Usual walls: thickness, density and conductivity of each material as sold. Judgement; silicone is
 * not to be trusted.
 */
export const MATERIAL_FACTS: Readonly<Record<Material, MaterialFacts>> = {
  bright: facts(0.35, 2430, 0),
  dark: facts(0.85, 2620, 0),
  glass: facts(0.85, 9300, 0.0045),
  ceramic: facts(0.85, 14_500, 0.0047),
  silicone: facts(0.85, 2700, 0.009),
  "cast-iron": facts(0.9, 17_300, 0.0001),
};

/**
 * How far bakers turn the oven down for a material, against a bright tin, °C. The usual kitchen
 * rule.
 */
export const RULE_LESS_C: Readonly<Record<Material, number>> = {
  bright: 0,
  dark: 15,
  glass: 15,
  ceramic: 15,
  silicone: 0,
  "cast-iron": 0,
};
