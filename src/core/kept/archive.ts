import * as z from "../zod";
import { bad, parseWith, type Result } from "../measure";
import { IngredientSchema } from "../pantry";
import { LarderRowSchema } from "../shopping";
import {
  STORED_COPY,
  STORED_OVEN,
  STORED_PORTIONS,
  STORED_QUESTION,
  STORED_RECIPE,
  STORED_RECORD,
  STORED_TIN,
} from "./stored-kinds";

/**
 * A kitchen as one archive: a zip of JSON files, a thing each, and pictures. Every document in it
 * stands as the kitchen keeps it, with the version of its fields (`v`), and is read as that one.
 */
export const ARCHIVE_FORMAT = "steady-tin-archive";
export const ARCHIVE_VERSION = 1;
/** The first file of an archive: what it is, and what else is in it. */
export const ARCHIVE_INDEX = "kitchen.json";

const IdSchema = z.string().check(z.minLength(1), z.maxLength(100));
const NameSchema = z.string().check(z.maxLength(200));
const DocSchema = z.record(z.string(), z.unknown());

/** A thing of a kitchen in an archive. */
export const ArchivedThingSchema = z.discriminatedUnion("kind", [
  z.strictObject({
    kind: z.literal("tin"),
    id: IdSchema,
    name: NameSchema,
    owned: z.int().check(z.gte(0), z.lte(1000)),
    tin: DocSchema,
  }),
  z.strictObject({ kind: z.literal("oven"), id: IdSchema, name: NameSchema, oven: DocSchema }),
  z.strictObject({ kind: z.literal("recipe"), id: IdSchema, recipe: DocSchema }),
  z.strictObject({
    kind: z.literal("cake"),
    id: IdSchema,
    name: NameSchema,
    /** `2026-12-05`, or empty. */
    eatenOn: z.string().check(z.regex(/^(?:\d{4}-\d{2}-\d{2})?$/u)),
    question: DocSchema,
    recipe: z.nullable(DocSchema),
  }),
  z.strictObject({
    kind: z.literal("bake"),
    id: IdSchema,
    cakeId: z.nullable(IdSchema),
    record: DocSchema,
  }),
  z.strictObject({ kind: z.literal("portions"), id: IdSchema, portions: DocSchema }),
  z.strictObject({ kind: z.literal("ingredient"), id: IdSchema, ingredient: IngredientSchema }),
  /** What is known of a thing in the kitchen, by its key on shopping lists. */
  z.strictObject({
    kind: z.literal("larder"),
    id: z.string().check(z.minLength(1), z.maxLength(200)),
    row: LarderRowSchema,
  }),
]);
export type ArchivedThing = z.infer<typeof ArchivedThingSchema>;
export type ArchivedKind = ArchivedThing["kind"];

/** The folders of an archive. */
export const ARCHIVE_FOLDERS = {
  recipe: "recipes",
  cake: "cakes",
  tin: "tins",
  oven: "ovens",
  bake: "bakes",
  portions: "portions",
  ingredient: "ingredients",
  larder: "larder",
} as const satisfies Readonly<Record<ArchivedKind, string>>;
export const ARCHIVED_KINDS = Object.keys(ARCHIVE_FOLDERS) as readonly ArchivedKind[];

/** The index of an archive: every other file and the SHA-256 of its bytes. */
export const ArchiveIndexSchema = z.object({
  format: z.literal(ARCHIVE_FORMAT),
  version: z.int().check(z.gte(1), z.lte(ARCHIVE_VERSION)),
  madeAt: z.string(),
  files: z.record(z.string(), z.string().check(z.regex(/^[0-9a-f]{64}$/u))),
});

/** Where a thing stands in an archive. @example archivePath(loaf) // "tins/loaf.json" */
export const archivePath = ({ kind, id }: Pick<ArchivedThing, "kind" | "id">): string =>
  `${ARCHIVE_FOLDERS[kind]}/${encodeURIComponent(id)}.json`;

/** What is wrong with the documents of a thing; null where each can be read. */
function troubleOf(thing: ArchivedThing): Result<unknown> | null {
  const reads = (): readonly Result<unknown>[] => {
    switch (thing.kind) {
      case "tin":
        return [STORED_TIN.read(JSON.stringify(thing.tin))];
      case "oven":
        return [STORED_OVEN.read(JSON.stringify(thing.oven))];
      case "recipe":
        return [STORED_RECIPE.read(JSON.stringify(thing.recipe))];
      case "cake":
        return [
          STORED_QUESTION.read(JSON.stringify(thing.question)),
          ...(thing.recipe === null ? [] : [STORED_COPY.read(JSON.stringify(thing.recipe))]),
        ];
      case "bake":
        return [STORED_RECORD.read(JSON.stringify(thing.record))];
      case "portions":
        return [STORED_PORTIONS.read(JSON.stringify(thing.portions))];
      case "ingredient":
      case "larder":
        return [];
    }
  };
  return reads().find(({ ok }) => !ok) ?? null;
}

/**
 * A thing read from a file of an archive, its documents too, from whichever version they are.
 * @returns the first thing wrong with it
 */
export function readArchived(text: string): Result<ArchivedThing> {
  const parsed = parsedText(text);
  if (parsed === null)
    return bad({ code: "wrong-type", path: "", value: text.slice(0, 40), expected: "object" });
  const thing = parseWith(ArchivedThingSchema, parsed);
  if (!thing.ok) return thing;
  const trouble = troubleOf(thing.value);
  return trouble === null || trouble.ok ? thing : trouble;
}

function parsedText(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

/** What a thing is called, to be told of. */
export function archivedName(thing: ArchivedThing): string {
  switch (thing.kind) {
    case "recipe":
      return nameIn(thing.recipe);
    case "bake":
      return nameIn(thing.record);
    case "portions":
      return nameIn(thing.portions);
    case "larder":
      return thing.row.name;
    case "ingredient":
      return thing.ingredient.name;
    default:
      return thing.name;
  }
}

const nameIn = (doc: Readonly<Record<string, unknown>>): string =>
  typeof doc["name"] === "string" ? doc["name"] : "";
