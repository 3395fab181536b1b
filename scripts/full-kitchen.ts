// A kitchen after many years: what the lists have to stand.
import { performance } from "node:perf_hooks";
import { FIRST_QUESTION } from "../src/core/ask";
import { recipeFacts, recipeSearchText, workRecipe } from "../src/core/plan";
import { ONE_TASK_BAKE } from "../src/core/kept/one-task-bake.test-data";
import { pantryOf } from "../src/core/pantry";
import { readRecipe, type RecipeDoc } from "../src/core/recipe";
import { addBake, addCake, addRecipe, tellBake } from "../src/data";
import { openDatabase, type Connection } from "../src/data/connection";
import { DEMO_RECIPE_TEXTS } from "../src/data/demo-recipes";

export const FULL = { recipes: 5000, cakes: 2000, bakes: 500, events: 1000 } as const;

/** So many recipes, made of the demo kitchen's, each under a name of its own. */
export async function addRecipes(kitchen: Connection, count: number): Promise<void> {
  const pantry = pantryOf();
  const read = DEMO_RECIPE_TEXTS.flatMap(([, text]) => {
    const reading = readRecipe(text, pantry);
    return reading.ok
      ? [{ doc: reading.value.doc, worked: workRecipe(reading.value.doc, pantry) }]
      : [];
  });
  for (let index = 0; index < count; index += 1) {
    const of = read[index % read.length];
    if (of === undefined) throw new Error("no demo recipe");
    const doc: RecipeDoc = { ...of.doc, name: `${of.doc.name} ${index}` };
    await addRecipe(
      kitchen,
      `r${index}`,
      doc,
      { facts: recipeFacts(of.doc, of.worked), search: recipeSearchText(doc, of.worked) },
      new Date(),
    );
  }
}

/**
 * Fills the kitchen at an address with {@link FULL}: cakes wanted some on each day of years, bakes
 * with all that was told of them.
 */
export async function fillKitchen(url: string): Promise<void> {
  const kitchen = openDatabase(url);
  await addRecipes(kitchen, FULL.recipes);
  const dayOf = (index: number): string =>
    new Date(Date.UTC(2024, 0, 1 + (index % 100))).toISOString().slice(0, 10);
  for (let index = 0; index < FULL.cakes; index += 1) {
    const question = {
      ...FIRST_QUESTION,
      tins: [`${15 + (index % 15)} x 5 cm round`],
      day: { ...FIRST_QUESTION.day, wantedAt: `${dayOf(index)}T15:00` },
    };
    await addCake(
      kitchen,
      { id: `c${index}`, name: `Supper cake ${index}`, doc: { question, recipe: null } },
      new Date(),
    );
  }
  for (let index = 0; index < FULL.bakes; index += 1) {
    await addBake(
      kitchen,
      { id: `b${index}`, name: `Bake ${index}`, doc: ONE_TASK_BAKE },
      new Date(),
    );
    const ticks = Array.from(
      { length: FULL.events - 1 },
      (_, at) =>
        ({
          id: `b${index}-tick-${at}`,
          at,
          kind: "ticked",
          task: "0.tins",
          line: `line ${at % 9}`,
          isTicked: at % 2 === 0,
        }) as const,
    );
    await tellBake(
      kitchen,
      `b${index}`,
      [
        ...ticks,
        {
          id: `b${index}-ended`,
          at: FULL.events,
          kind: "ended",
          bakedMin: 34,
          verdict: "right",
          change: "",
        },
      ],
      new Date(),
    );
  }
  kitchen.client.close();
}

/** So many answers are not counted: a server that has just begun is slow. */
const WARM_UP = 12;

/**
 * How long pages take to answer, ms: asked in turn, so that a machine that slows down is slow for
 * all of them.
 * @returns the median of each, in their order
 */
export async function answersMs(
  addresses: readonly string[],
  tries: number,
): Promise<readonly number[]> {
  const taken = addresses.map((): number[] => []);
  for (let turn = 0; turn < tries + WARM_UP; turn += 1)
    for (const [index, address] of addresses.entries()) {
      const start = performance.now();
      await (await fetch(address)).arrayBuffer();
      if (turn >= WARM_UP) taken[index]?.push(performance.now() - start);
    }
  return taken.map(
    (own) => own.toSorted((a, b) => a - b)[Math.floor(own.length / 2)] ?? Number.NaN,
  );
}
