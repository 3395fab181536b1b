import * as z from "@/core/zod";
import { AnswerSchema, CakeInputSchema, TextInputSchema } from "@/core/plan";

/** The JSON Schema of the plan file, request and answer, as it stands in docs/plan.schema.json. */
export function planSchemaText(): string {
  const schema = {
    $schema: "https://json-schema.org/draft/2020-12/schema",
    title: "Planning a cake from a file",
    description:
      "Lengths in mm, volumes in mL, weights in g, temperatures in °C, times in minutes.",
    $defs: {
      request: bare(CakeInputSchema),
      textRequest: bare(TextInputSchema),
      answer: bare(AnswerSchema),
    },
    anyOf: [{ $ref: "#/$defs/request" }, { $ref: "#/$defs/textRequest" }],
  };
  return `${JSON.stringify(schema, null, 2)}\n`;
}

/** A schema as it stands within another. */
export function bare(schema: z.ZodMiniType, reused: "ref" | "inline" = "inline"): object {
  return Object.fromEntries(
    Object.entries(z.toJSONSchema(schema, { reused })).filter(([key]) => key !== "$schema"),
  );
}
