export { outlineAt, rimWidth, spansAt, wettedAreas, type Outline, type Spans } from "./areas";
export { tinFamily, type TinFamily } from "./family";
export type { TinGeometry } from "./geometry";
export { readTin, type Assumed, type ReadTin, type SizeHabit } from "./read-text";
export { parseTin, tinCount, TinSchema, type Material, type Shape, type Tin } from "./schema";
export { sectionAt, tinSection, type SectionPoint } from "./section";
export { brimVolume, levelFor, surfaceArea, volumeAt } from "./volume";
export { tinGeometry } from "./water";
export { writeTin } from "./write-text";
