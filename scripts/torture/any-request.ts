import fc from "fast-check";
import * as z from "../../src/core/zod";
import { CakeInputSchema } from "../../src/core/plan";
import { BAKE_LIMITS } from "../../src/core/recipe";
import { anyTin } from "../../src/core/tin/any-tin.test-data";

/** The parts of a JSON Schema that the plan file's has. */
type Schema = {
  readonly type?: string;
  readonly const?: unknown;
  readonly enum?: readonly unknown[];
  readonly anyOf?: readonly Schema[];
  readonly oneOf?: readonly Schema[];
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly required?: readonly string[];
  readonly items?: Schema;
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly exclusiveMinimum?: number;
};

const LINES = fc.constantFrom(
  "200 g plain flour",
  "3 eggs",
  "180 g soft butter",
  "2 cups sugar",
  "1 tsp baking powder",
  "100 mL milk",
  "a handful of walnuts",
  "½ tin coconut milk",
  "1,200 g sugar",
  "a pinch of salt",
  "2 tbsp rum",
  "500 g cream cheese",
  "1 lb cassava, grated",
  "3 egg whites",
  "0 g flour",
  "9999999 kg butter",
  "flour",
  "",
  "1/0 cup oil",
  "½½ eggs",
  "🎂",
  "2 x 400 g tins of plums",
);
const STEPS = fc.constantFrom(
  "Heat the oven to 180 °C.",
  "Cream butter and sugar for 5 minutes.",
  "Fold in the flour.",
  "Fill the tins.",
  "Bake for 35 minutes.",
  "Leave to rest for 24 hours.",
  "Cool for 10 minutes, then turn out.",
  "Pour the hot syrup over while it bakes.",
  "Chill overnight.",
  "",
  "Bake until done",
  "Wait 0 minutes",
  "Beat for 99999 hours.",
);
const MINUTES = fc.constantFrom(
  "2026-12-05T15:00",
  "2026-12-05T00:00",
  "2024-02-29T23:59",
  "9999-12-31T23:59",
  "0001-01-01T00:00",
  "2026-02-31T10:00",
  "5",
  "",
  "9e15",
);
const CLOCKS = fc.constantFrom(
  "7:00",
  "22:00",
  "noon",
  "12:30",
  "1pm",
  "",
  "",
  "7",
  "0:00",
  "23:59",
);
const AMOUNTS = fc.constantFrom(
  "",
  "6 mm",
  "1/4 in",
  "12",
  "0",
  "-1",
  "20 %",
  "1e9",
  "½",
  "80",
  "2 cm",
  "NaN",
  "3 mm 4",
);

/** Texts by the name of the box they stand in. */
function anyText(name: string): fc.Arbitrary<string> {
  if (name === "lines") return LINES;
  if (name === "steps") return STEPS;
  if (name === "wantedAt") return MINUTES;
  if (name === "from" || name === "to" || name === "outFrom" || name === "outTo") return CLOCKS;
  return fc.oneof(AMOUNTS, fc.string({ maxLength: 12 }));
}

/** A number of a range: its ends, small ones, anything between. */
function anyNumber(
  { minimum, maximum, exclusiveMinimum }: Schema,
  isWhole: boolean,
): fc.Arbitrary<number> {
  const [low, high] = [minimum ?? exclusiveMinimum ?? -1000, maximum ?? 1000];
  const within = isWhole
    ? fc.integer({ min: Math.ceil(low), max: Math.floor(high) })
    : fc.oneof(
        fc.double({ min: low, max: high, noNaN: true }),
        fc
          .double({ min: 0, max: 1, noNaN: true })
          .map((share) =>
            low > 0 ? low * (high / low) ** share : low + (high - low) * share * share,
          ),
      );
  return fc.oneof(
    { weight: 8, arbitrary: within },
    { weight: 1, arbitrary: fc.constantFrom(low, high) },
  );
}

function anyOf(schema: Schema, name: string): fc.Arbitrary<unknown> {
  if (schema.const !== undefined) return fc.constant(schema.const);
  if (schema.enum !== undefined) return fc.constantFrom(...schema.enum);
  const ways = schema.oneOf ?? schema.anyOf;
  // Tins whose sizes go together: what does not is another test's.
  if (
    ways?.some(
      ({ properties }) =>
        properties?.["depthMm"] !== undefined && properties["shape"] !== undefined,
    ) === true
  ) {
    return fc.oneof(
      { weight: 30, arbitrary: anyTin },
      { weight: 1, arbitrary: fc.oneof(...ways.map((way) => anyOf(way, name))) },
    );
  }
  if (ways !== undefined) return fc.oneof(...ways.map((way) => anyOf(way, name)));
  switch (schema.type) {
    case "number":
    case "integer":
      return anyNumber(schema, schema.type === "integer");
    case "boolean":
      return fc.boolean();
    case "string":
      return anyText(name);
    case "null":
      return fc.constant(null);
    case "array":
      return fc.array(anyOf(schema.items ?? {}, name), {
        minLength: schema.minItems ?? 0,
        maxLength: Math.min(schema.maxItems ?? 4, schema.minItems ?? 0) + 4,
      });
    case "object":
      return fc.record(
        Object.fromEntries(
          Object.entries(schema.properties ?? {}).map(([field, of]) => [field, anyOf(of, field)]),
        ),
        { requiredKeys: [...(schema.required ?? [])] },
      );
    default:
      return fc.oneof(AMOUNTS, fc.double());
  }
}

type Fields = Record<string, unknown>;
const isFields = (value: unknown): value is Fields =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/**
 * Takes out what keeps whole families of requests from being planned, and is refused in one place:
 * a hob, minutes that are no oven's, two ways out of a tin, a batter of lead or of air, a cut too
 * many.
 */
function tidied(request: unknown): unknown {
  const { recipe, build, cool } = isFields(request) ? request : {};
  if (isFields(cool)) {
    if (cool["stays"] === true) {
      delete cool["until"];
      delete cool["turned"];
    }
    if (cool["stays"] === true || cool["until"] !== undefined) delete cool["inTinMin"];
  }
  if (isFields(recipe)) {
    if (isFields(recipe["reference"])) {
      delete recipe["reference"]["source"];
      if (Number(recipe["reference"]["minutes"]) < BAKE_LIMITS.leastMin)
        delete recipe["reference"]["minutes"];
    }
    for (const also of Array.isArray(recipe["alsoBaked"]) ? (recipe["alsoBaked"] as unknown[]) : [])
      if (isFields(also)) delete also["source"];
    if (isFields(recipe["batter"]) && recipe["batter"]["massG"] !== undefined) {
      delete recipe["batter"]["volumeMl"];
    }
  }
  if (isFields(build)) delete build["splits"];
  return request;
}

/**
 * Requests made from the plan file's own schema: every field of it, at its ends and between, most
 * of them fit to be planned.
 */
export const anyRequest: fc.Arbitrary<unknown> = fc
  .tuple(anyOf(z.toJSONSchema(CakeInputSchema) as Schema, ""), fc.integer({ min: 0, max: 9 }))
  .map(([request, chance]) => (chance === 0 ? request : tidied(request)));
