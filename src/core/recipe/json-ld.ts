import { plainText } from "./html";
import type { PageLine } from "./read-page";

type Node = Readonly<Record<string, unknown>>;

/** Deeper, or more, than any honest page goes. */
const DEEPEST = 40;
const MOST_NODES = 50_000;
const MOST_STEPS = 2000;

/**
 * The recipes of a page's JSON-LD, and its nodes by their `@id`, for those that are only referred
 * to.
 */
export type JsonRecipes = {
  readonly recipes: readonly Node[];
  readonly byId: ReadonlyMap<string, Node>;
};

/**
 * The schema.org recipes in a page's JSON-LD texts, also inside `@graph`, arrays and other things;
 * damaged texts are passed over.
 */
export function recipesInJson(texts: readonly string[]): JsonRecipes {
  const recipes: Node[] = [];
  const byId = new Map<string, Node>();
  let nodes = 0;
  const visit = (value: unknown, depth: number): void => {
    nodes += 1;
    if (depth > DEEPEST || nodes > MOST_NODES || typeof value !== "object" || value === null)
      return;
    if (!Array.isArray(value)) {
      const node = value as Node;
      const id = node["@id"];
      if (typeof id === "string" && Object.keys(node).length > 1) byId.set(id, node);
      if (isRecipe(node)) recipes.push(node);
    }
    for (const inner of Object.values(value)) visit(inner, depth + 1);
  };
  for (const text of texts) visit(parsed(text), 0);
  return { recipes, byId };
}

function parsed(text: string): unknown {
  const trimmed = text.trim();
  if (!trimmed.startsWith("{") && !trimmed.startsWith("[")) return null;
  try {
    return JSON.parse(trimmed) as unknown;
  } catch {
    return null;
  }
}

function isRecipe(node: Node): boolean {
  return strings(node["@type"]).some((type) => /(?:^|[/:])recipe$/iu.test(type));
}

/**
 * Strings of a value that may be one string, a number, or a list of such; what is nested deeper
 * than any honest page is left out.
 */
function strings(value: unknown, depth = 0): readonly string[] {
  if (typeof value === "string") return [value];
  if (typeof value === "number") return [String(value)];
  return Array.isArray(value) && depth < DEEPEST
    ? value.flatMap((inner) => strings(inner, depth + 1))
    : [];
}

/** The fields that are read; all others are shown as unread. */
const READ = new Set([
  "@type",
  "@id",
  "@context",
  "name",
  "recipeIngredient",
  "ingredients",
  "recipeInstructions",
  "recipeYield",
  "description",
  "tool",
  "cookTime",
  "prepTime",
  "totalTime",
  "author",
  "url",
  "comment",
  "notes",
  "mainEntityOfPage",
]);

/**
 * The lines of the first of some JSON-LD recipes, each told what it is; further recipes are kept as
 * such, and fields that are not read as unread.
 */
export function jsonPage({ recipes: [recipe, ...others], byId }: JsonRecipes): readonly PageLine[] {
  if (recipe === undefined) return [];
  const line =
    (is: PageLine["is"]) =>
    (text: string): PageLine => ({ text: plainText(text), is });
  const cook = isoMinutes(recipe["cookTime"]);
  const lines: PageLine[] = [
    ...strings(recipe["name"]).slice(0, 1).map(line("title")),
    ...strings(recipe["description"]).map(line("note")),
    ...strings(recipe["recipeYield"])
      .slice(0, 1)
      .map((text) => line("yield")(/\p{L}/u.test(text) ? text : `Serves ${text}`)),
    ...toolNames(recipe["tool"]).map(line("tins")),
    ...(cook === null ? [] : [{ text: `Bake: ${cook} minutes`, is: "minutes" } as const]),
    ...strings(recipe["recipeIngredient"] ?? recipe["ingredients"]).map((text) =>
      line(/:\s*$/u.test(text) ? "part" : "ingredient")(text),
    ),
    ...instructions(recipe["recipeInstructions"], byId, 0, { left: MOST_STEPS }),
    ...[...strings(recipe["comment"]), ...strings(recipe["notes"])].map(line("note")),
    ...sources(recipe).map(line("source")),
    ...Object.entries(recipe)
      .filter(([key]) => !READ.has(key))
      .map(([key, value]) =>
        line("unread")(
          `${key}: ${(typeof value === "string" ? value : shortJson(value)).slice(0, 300)}`,
        ),
      ),
    ...others.map((other) => line("second-recipe")(strings(other["name"])[0] ?? "another recipe")),
  ];
  return lines.filter(({ text }) => text !== "");
}

/** A value written out, as far as it can be: one that is nested without end can't. */
function shortJson(value: unknown): string {
  try {
    return JSON.stringify(value);
  } catch {
    return "nested too deep to be shown";
  }
}

function toolNames(value: unknown, depth = 0): readonly string[] {
  if (Array.isArray(value))
    return depth < DEEPEST ? value.flatMap((inner) => toolNames(inner, depth + 1)) : [];
  if (typeof value === "object" && value !== null) return strings((value as Node)["name"]);
  return strings(value);
}

function sources(recipe: Node): readonly string[] {
  const author = toolNames(recipe["author"]);
  return [[...author, ...strings(recipe["url"])].join(", ")].filter((text) => text !== "");
}

/**
 * Strings, HowToStep and HowToSection, nested as they come; a section's name opens its part. A node
 * that is only a reference is looked up; one that says nothing is kept as unread, and so is what is
 * nested deeper than any honest page.
 */
function instructions(
  value: unknown,
  byId: JsonRecipes["byId"],
  depth: number,
  budget: { left: number },
): readonly PageLine[] {
  // References let a short text stand for any number of steps.
  budget.left -= 1;
  if (budget.left < 0)
    return budget.left === -1
      ? [{ text: `more than ${MOST_STEPS} steps, or parts of steps`, is: "unread" }]
      : [];
  if (depth > DEEPEST) return [{ text: "steps nested too deep, or in a circle", is: "unread" }];
  if (typeof value === "string")
    return value
      .split(/\r?\n|<\/(?:p|li)>|<br\s*\/?>/iu)
      .map((text): PageLine => ({ text: plainText(text), is: "step" }));
  if (Array.isArray(value))
    return value.flatMap((inner) => instructions(inner, byId, depth + 1, budget));
  if (typeof value !== "object" || value === null) return [];
  const node = value as Node;
  const referred =
    Object.keys(node).length === 1 ? byId.get(strings(node["@id"])[0] ?? "") : undefined;
  if (referred !== undefined) return instructions(referred, byId, depth + 1, budget);
  const inner = node["itemListElement"] ?? node["steps"];
  const text = strings(node["text"])[0] ?? strings(node["name"])[0];
  if (inner === undefined)
    return [
      text === undefined
        ? { text: shortJson(node).slice(0, 300), is: "unread" }
        : { text: plainText(text), is: "step" },
    ];
  const name = strings(node["name"])[0];
  return [
    ...(name === undefined ? [] : [{ text: `${plainText(name)}:`, is: "part" } as const]),
    ...instructions(inner, byId, depth + 1, budget),
  ];
}

/**
 * Minutes of an ISO 8601 duration, the day and time parts of it; null for anything else.
 * @example isoMinutes("PT1H10M") // 70
 */
export function isoMinutes(value: unknown): number | null {
  const found =
    /^P(?:(\d+)D)?(?:T(?:(\d+(?:\.\d+)?)H)?(?:(\d+(?:\.\d+)?)M)?(?:(\d+(?:\.\d+)?)S)?)?$/iu.exec(
      strings(value)[0]?.trim() ?? "",
    );
  if (found === null) return null;
  const [days, hours, minutes, seconds] = found
    .slice(1)
    .map((part) => Number((part as string | undefined) ?? 0));
  const total = (days ?? 0) * 1440 + (hours ?? 0) * 60 + (minutes ?? 0) + (seconds ?? 0) / 60;
  return total > 0 ? Math.round(total) : null;
}
