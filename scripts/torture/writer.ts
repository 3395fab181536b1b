// Writes cakes, recipes and a bake's events one after another for as long as it lives, and says of
// each write once it is acknowledged.
import { FIRST_QUESTION } from "../../src/core/ask";
import { recipeFacts, workRecipe } from "../../src/core/plan";
import type { CakeDoc } from "../../src/core/kept";
import { ONE_TASK_BAKE } from "../../src/core/kept/one-task-bake.test-data";
import { pantryOf } from "../../src/core/pantry";
import { emptyRecipe } from "../../src/core/recipe";
import {
  addBake,
  addCake,
  addRecipe,
  backUp,
  saveCake,
  saveRecipe,
  tellBake,
} from "../../src/data";
import { openDatabase } from "../../src/data/connection";
import type { Acknowledged } from "./kill";

const [url = "", name = ""] = process.argv.slice(2);
const connection = openDatabase(url);
const say = (what: Acknowledged): void => {
  process.stdout.write(`${JSON.stringify(what)}\n`);
};
const cakeFor = (guests: number): CakeDoc => ({
  question: { ...FIRST_QUESTION, guests: String(guests) },
  recipe: null,
});
const recipeOf = (id: string, notes: string): ReturnType<typeof emptyRecipe> => ({
  ...emptyRecipe(id),
  notes,
});
const index = {
  facts: recipeFacts(emptyRecipe("x"), workRecipe(emptyRecipe("x"), pantryOf())),
  search: "x",
};

const bake = `bake-${name}`;
await addBake(connection, { id: bake, name: "Supper", doc: ONE_TASK_BAKE }, new Date());
for (let turn = 0; ; turn += 1) {
  const [cake, recipe, event] = [
    `cake-${name}-${turn}`,
    `recipe-${name}-${turn}`,
    `event-${name}-${turn}`,
  ];
  await addCake(connection, { id: cake, name: cake, doc: cakeFor(1) }, new Date());
  say({ kind: "cake", id: cake, holds: "1" });
  await saveCake(connection, cake, cakeFor(2), 1, new Date());
  say({ kind: "cake", id: cake, holds: "2" });
  await addRecipe(connection, recipe, recipeOf(recipe, "first"), index, new Date());
  say({ kind: "recipe", id: recipe, holds: "first" });
  await saveRecipe(connection, recipe, recipeOf(recipe, "second"), index, 1, new Date(), true);
  say({ kind: "recipe", id: recipe, holds: "second" });
  await tellBake(
    connection,
    bake,
    [{ id: event, at: turn, kind: "done", task: "0.tins" }],
    new Date(),
  );
  say({ kind: "event", id: bake, holds: event });
  const backup = await backUp(connection, url, "asked", new Date());
  if (backup !== null) say({ kind: "backup", id: backup.name, holds: cake });
}
