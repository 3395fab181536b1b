export {
  ARCHIVE_FOLDERS,
  ARCHIVE_FORMAT,
  ARCHIVE_INDEX,
  ARCHIVE_VERSION,
  ARCHIVED_KINDS,
  type ArchivedKind,
  archivedName,
  ArchivedThingSchema,
  type ArchivedThing,
  ArchiveIndexSchema,
  archivePath,
  readArchived,
} from "./archive";
export { type BakeDoc, bakeDoc, bakeTime, parseBakeDoc, REHEARSAL_SPEEDS } from "./bake-doc";
export {
  BAKED_AHEAD_DAYS,
  CAKE_STATES,
  type CakeDates,
  type CakeState,
  cakeState,
} from "./cake-state";
export { type CakeDoc, CopiedRecipeSchema, mergedCake, parseCakeDoc } from "./cake-doc";
export {
  STORED_BAKE,
  STORED_COPY,
  STORED_OVEN,
  STORED_PORTIONS,
  STORED_QUESTION,
  STORED_RECIPE,
  STORED_RECORD,
  STORED_TIN,
} from "./stored-kinds";
export { emptyRecord } from "./empty-record";
export { plannedCake, type PlannedCake } from "./planned-cake";
export { portionsOfCake } from "./put-away";
