export { SIGNS, type Doneness, type Keeping, type Sign, type Spread } from "./facts";
export { bakedMass, BATTER_KINDS, type BatterKind, BatterKindSchema, KIND_FACTS } from "./kinds";
