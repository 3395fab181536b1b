export {
  buildCakes,
  type Build,
  type BuildHabit,
  type BuildRemark,
  type BuiltCake,
  type FilledHabit,
  type Tier,
} from "./build";
export { canBeRolled, ROLLED_FROM, rollFrom, rolledUp, type Roll, type RolledFrom } from "./roll";
export {
  LAID,
  PIECES,
  type Laid,
  type PutOnPiece,
  type Quantity,
  type Stuff,
  type Thing,
  type Why,
} from "./quantity";
export {
  BuildSchema,
  EdgeHeightSchema,
  MOST_SPLITS,
  SplitSchema,
  STANDINGS,
  TOPS,
  type BuildRequest,
  type Standing,
} from "./schema";
export { THICK_MM } from "./stack";
export { THINNEST_SLICE_MM, type SlicedHabit } from "./slices";
export {
  COLD_SPREADS,
  CoatingSchema,
  FILLINGS,
  FROSTINGS,
  FrostingSchema,
  POURS,
  SPREAD_DENSITY,
  SYRUP_DENSITY,
  type Frosting,
  type Coating,
} from "./spreads";
