import Papa from "papaparse";
import { writeTin } from "../tin";
import type { HeatSource } from "./heat-sources";
import type { Formula } from "./formula";
import type { Part, RecipeDoc } from "./schema";

/**
 * A recipe as Markdown that {@link readRecipe} reads back to the same parts, lines, steps and bake.
 */
export function writeMarkdown(doc: RecipeDoc): string {
  const { tins, ovenC, fan, minutes, source } = doc.bake;
  const facts = [
    doc.makes,
    tins.length === 0 ? "" : `Tins: ${tins.map(writeTin).join(" + ")}`,
    ovenC === undefined ? "" : `Heat: ${ovenC} °C${fan === true ? " fan" : ""}`,
    source === undefined ? "" : `Baked in: ${SOURCE_WORDS[source]}`,
    minutes === undefined ? "" : `Minutes: ${minutes}`,
  ].filter((line) => line !== "");
  const section = (title: string, each: (part: Part) => readonly string[]): readonly string[] => [
    `## ${title}`,
    "",
    ...doc.parts.flatMap((part) => [`### ${part.name}:`, "", ...each(part), ""]),
  ];
  return [
    `# ${doc.name}`,
    "",
    ...facts,
    "",
    ...section("Ingredients", ({ lines }) => lines.map(({ text }) => `- ${text}`)),
    ...section("Method", ({ steps }) => steps.map(({ text }, index) => `${index + 1}. ${text}`)),
    ...(doc.notes === "" ? [] : ["## Notes", "", doc.notes, ""]),
    ...(doc.source === "" ? [] : [`Source: ${doc.source}`, ""]),
  ].join("\n");
}

const SOURCE_WORDS: Readonly<Record<HeatSource, string>> = {
  oven: "oven",
  "closed-pot": "closed pot",
  microwave: "microwave",
};

/**
 * A recipe as schema.org JSON-LD. Parts are headings among the ingredients and sections of the
 * instructions.
 */
export function writeJsonLd(doc: RecipeDoc): string {
  const { minutes } = doc.bake;
  const hasParts = doc.parts.length > 1;
  const tools = toolsOf(doc);
  const node = {
    "@context": "https://schema.org",
    "@type": "Recipe",
    name: doc.name,
    ...(doc.makes === "" ? {} : { recipeYield: doc.makes }),
    ...(tools.length === 0 ? {} : { tool: tools.map((name) => ({ "@type": "HowToTool", name })) }),
    ...(minutes === undefined ? {} : { cookTime: `PT${minutes}M` }),
    recipeIngredient: doc.parts.flatMap(({ name, lines }) => [
      ...(hasParts ? [`${name}:`] : []),
      ...lines.map(({ text }) => text),
    ]),
    recipeInstructions: doc.parts.map(({ name, steps }) => ({
      "@type": "HowToSection",
      name,
      itemListElement: steps.map(({ text }) => ({ "@type": "HowToStep", text })),
    })),
    ...(doc.notes === "" ? {} : { description: doc.notes }),
    ...(doc.source === "" ? {} : { author: { "@type": "Person", name: doc.source } }),
  };
  // No tag and no comment inside a string may end or hide the script it is put in.
  return `${JSON.stringify(node, null, 2).replaceAll("<", "\\u003c")}\n`;
}

/** Tins, then the oven with its heat, for which schema.org has no field of its own. */
function toolsOf({ bake: { tins, ovenC, fan, source } }: RecipeDoc): readonly string[] {
  return [
    ...tins.map(writeTin),
    ...(source === undefined || source === "oven" ? [] : [`Baked in: ${SOURCE_WORDS[source]}`]),
    ...(ovenC === undefined ? [] : [`Oven at ${ovenC} °C${fan === true ? " fan" : ""}`]),
  ];
}

/** The lines of a formula as CSV, a row a line. Grams to 0.1; empty where a line has no weight. */
export function writeCsv(formula: Formula): string {
  const rows = formula.parts.flatMap(({ part, rows: lines }) =>
    lines.map(({ line, ingredient, massG, percent }) => ({
      part: part.name,
      line: line.text,
      ingredient: ingredient?.name ?? "",
      grams: massG === null ? "" : massG.toFixed(1),
      "baker's percent": percent === null ? "" : percent.toFixed(1),
    })),
  );
  // A cell that starts like a sum would be worked out by a spreadsheet.
  return `${Papa.unparse(rows, { newline: "\n", escapeFormulae: true })}\n`;
}
