import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { sql } from "drizzle-orm";
import { askAboutRecipe, FIRST_QUESTION, readQuestion, type Question } from "@/core/ask";
import { planCake, recipeFacts, recipeSearchText, workRecipe } from "@/core/plan";
import type { CakeDoc } from "@/core/kept";
import { foldName, pantryOf, type Ingredient } from "@/core/pantry";
import { emptyRecipe, readRecipe, readStep, type RecipeDoc } from "@/core/recipe";
import { writeTin } from "@/core/tin";
import { openDatabase, type Connection } from "./connection";
import { freshKitchen, NOW, type FreshKitchen } from "./fresh-kitchen.test-data";
import { DEMO_CAKES } from "./demo-kitchen";
import { DEMO_RECIPE_TEXTS } from "./demo-recipes";
import {
  addCake,
  addRecipe,
  addVersion,
  addTin,
  changeTin,
  countTin,
  deleteCake,
  deleteRecipe,
  deleteTin,
  duplicateCake,
  findCake,
  findPantry,
  findRecipe,
  findRecipeFacts,
  listRecipeChoices,
  findTin,
  findVersion,
  keepIngredient,
  learnName,
  LAST_CHANGED,
  listCakes,
  listCakesBetween,
  listOthers,
  listSharableParts,
  listTins,
  listVersions,
  markBaked,
  nameCake,
  reindexRecipes,
  restoreCake,
  restoreRecipe,
  restoreTin,
  saveCake,
  saveRecipe,
  searchRecipes,
  type RecipeIndex,
} from ".";
import { seedDemoKitchen } from "./seed";

let kitchen: FreshKitchen;
let connection: Connection;

beforeEach(async () => {
  kitchen = await freshKitchen();
  ({ connection } = kitchen);
});
afterEach(() => {
  kitchen.remove();
});

const ALL = { limit: 100 } as const;
const later = (minutes: number): Date => new Date(NOW.getTime() + minutes * 60_000);
const asked = (changes: Partial<Question>): CakeDoc => ({
  question: { ...FIRST_QUESTION, ...changes },
  recipe: null,
});
const names = async (): Promise<readonly string[]> =>
  (await listCakes(connection, LAST_CHANGED, ALL)).cakes.map(({ name }) => name);

describe("cakes", () => {
  beforeEach(async () => {
    await addCake(
      connection,
      { id: "a", name: "Supper cake", doc: { question: FIRST_QUESTION, recipe: null } },
      NOW,
    );
    await addCake(
      connection,
      {
        id: "b",
        name: "Ferry loaf",
        doc: { question: { ...FIRST_QUESTION, tins: ["loaf 22 x 11 cm"] }, recipe: null },
      },
      later(1),
    );
  });

  it("are found again by another connection, last changed first", async () => {
    const other = openDatabase(kitchen.url);
    expect((await listCakes(other, LAST_CHANGED, ALL)).cakes.map(({ id }) => id)).toEqual([
      "b",
      "a",
    ]);
    expect(await findCake(other, "a")).toEqual({
      id: "a",
      name: "Supper cake",
      doc: { question: FIRST_QUESTION, recipe: null },
      version: 1,
      updatedAt: NOW,
    });
    other.client.close();
  });

  it("are renamed and changed, and move to the front", async () => {
    expect(await nameCake(connection, "a", "Harbour supper", later(2))).toBe(true);
    expect(await names()).toEqual(["Harbour supper", "Ferry loaf"]);
    expect(await saveCake(connection, "b", asked({ minutes: "40" }), 1, later(3))).toEqual({
      kind: "kept",
      version: 2,
    });
    expect(await findCake(connection, "b")).toMatchObject({
      doc: { question: { minutes: "40" } },
      version: 2,
      updatedAt: later(3),
    });
    expect(await names()).toEqual(["Ferry loaf", "Harbour supper"]);
    expect(await nameCake(connection, "nobody", "x", NOW)).toBe(false);
    expect(await saveCake(connection, "nobody", asked({}), 1, NOW)).toEqual({ kind: "gone" });
  });

  it("are not saved over what another page kept meanwhile: that is given back, and nothing is written", async () => {
    expect(await saveCake(connection, "a", asked({ minutes: "40" }), 1, later(2))).toEqual({
      kind: "kept",
      version: 2,
    });
    const late = await saveCake(connection, "a", asked({ minutes: "50" }), 1, later(3));
    expect(late).toMatchObject({
      kind: "changed-elsewhere",
      theirs: { version: 2, updatedAt: later(2), doc: { question: { minutes: "40" } } },
    });
    expect((await findCake(connection, "a"))?.doc?.question.minutes).toBe("40");
    expect(await saveCake(connection, "a", asked({ minutes: "50" }), 2, later(4))).toEqual({
      kind: "kept",
      version: 3,
    });
  });

  it("keep their own copy of their recipe, whatever happens to that", async () => {
    const recipe = { id: "r", doc: emptyRecipe("Supper layers") };
    await saveCake(connection, "a", { ...asked({}), recipe }, 1, later(2));
    expect((await findCake(connection, "a"))?.doc?.recipe).toEqual(recipe);
    await duplicateCake(connection, "a", { id: "c", name: "Copy" }, later(3));
    expect((await findCake(connection, "c"))?.doc?.recipe).toEqual(recipe);
    await connection.write((db) => db.run(sql`update cakes set recipe = '{"id":' where id = 'a'`));
    expect((await findCake(connection, "a"))?.doc).toBeNull();
  });

  it("are deleted, and brought back as they were", async () => {
    expect(await deleteCake(connection, "a", later(2))).toBe(true);
    expect(await findCake(connection, "a")).toBeNull();
    expect(await deleteCake(connection, "a", later(3))).toBe(false);
    expect(await restoreCake(connection, "a")).toBe(true);
    expect(await restoreCake(connection, "a")).toBe(false);
    expect(await names()).toEqual(["Ferry loaf", "Supper cake"]);
  });

  it("are copied under a new name", async () => {
    expect(
      await duplicateCake(connection, "b", { id: "c", name: "Ferry loaf, copy" }, later(2)),
    ).toBe(true);
    expect((await findCake(connection, "c"))?.doc?.question.tins).toEqual(["loaf 22 x 11 cm"]);
    expect(await duplicateCake(connection, "nobody", { id: "d", name: "x" }, NOW)).toBe(false);
  });

  it("know the cakes they have to do with, however long ago those were changed", async () => {
    const day = { ...FIRST_QUESTION.day, wantedAt: "2026-12-05T15:00" };
    await addCake(
      connection,
      { id: "same-day", name: "Same day", doc: asked({ day }) },
      later(-50),
    );
    await addCake(connection, { id: "along", name: "Frosted along", doc: asked({}) }, later(-60));
    await addCake(connection, { id: "old", name: "Old", doc: asked({}) }, later(-70));
    const ids = async (question: Partial<Question>): Promise<readonly string[]> =>
      (
        await listOthers(
          connection,
          { id: "b", name: "", version: 1, updatedAt: NOW, doc: asked(question) },
          1,
        )
      ).map(({ id }) => id);
    expect(await ids({})).toEqual(["a"]);
    expect(await ids({ day })).toEqual(["a", "same-day"]);
    expect(
      await ids({ day, finish: { ...FIRST_QUESTION.finish, alsoFor: ["along", "a"] } }),
    ).toEqual(["a", "same-day", "along"]);
    await deleteCake(connection, "along", NOW);
    expect(await ids({ finish: { ...FIRST_QUESTION.finish, alsoFor: ["along"] } })).toEqual(["a"]);
  });

  it("are shown with their name even when their question is damaged, and never thrown away", async () => {
    await connection.write((db) =>
      db.run(sql`update cakes set question = '{"half":' where id = 'a'`),
    );
    expect(await findCake(connection, "a")).toMatchObject({ name: "Supper cake", doc: null });
    expect(
      (await listCakes(connection, LAST_CHANGED, ALL)).cakes.find(({ id }) => id === "a"),
    ).toMatchObject({
      name: "Supper cake",
      question: '{"half":',
    });
  });
});

describe("the cupboard", () => {
  const loaf = {
    id: "loaf",
    name: "Loaf tin",
    tin: { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 },
    owned: 2,
  } as const;

  it("keeps tins, and finds them by name", async () => {
    expect(await addTin(connection, loaf, NOW)).toEqual({ kind: "kept", version: 1 });
    expect(await addTin(connection, { ...loaf, id: "b", name: "Bread tin" }, NOW)).toEqual({
      kind: "kept",
      version: 1,
    });
    expect((await listTins(connection)).map(({ name }) => name)).toEqual(["Bread tin", "Loaf tin"]);
    expect(await findTin(connection, "loaf")).toEqual({ ...loaf, version: 1, updatedAt: NOW });
    expect(await findTin(connection, "nobody")).toBeNull();
  });

  it("refuses a name that another tin has, in any case, but not a tin its own", async () => {
    await addTin(connection, loaf, NOW);
    expect(await addTin(connection, { ...loaf, id: "b", name: "LOAF tin" }, NOW)).toEqual({
      kind: "name-taken",
    });
    await addTin(connection, { ...loaf, id: "b", name: "Other" }, NOW);
    expect(await changeTin(connection, { ...loaf, id: "b", name: "Loaf tin" }, 1, NOW)).toEqual({
      kind: "name-taken",
    });
    expect(await changeTin(connection, { ...loaf, owned: 3 }, 1, later(1))).toEqual({
      kind: "kept",
      version: 2,
    });
    expect(await findTin(connection, "loaf")).toMatchObject({
      owned: 3,
      version: 2,
      updatedAt: later(1),
    });
    expect(await changeTin(connection, { ...loaf, id: "nobody", name: "New" }, 1, NOW)).toEqual({
      kind: "gone",
    });
  });

  it("does not save a tin over what another page kept meanwhile, but counts it whatever else was changed", async () => {
    await addTin(connection, loaf, NOW);
    await changeTin(connection, { ...loaf, owned: 3 }, 1, later(1));
    expect(await changeTin(connection, { ...loaf, name: "Late" }, 1, later(2))).toMatchObject({
      kind: "changed-elsewhere",
      theirs: { owned: 3, version: 2, updatedAt: later(1) },
    });
    expect((await findTin(connection, "loaf"))?.name).toBe("Loaf tin");
    expect(await countTin(connection, "loaf", 5, later(3))).toBe(true);
    expect(await findTin(connection, "loaf")).toMatchObject({ owned: 5, version: 3 });
  });

  it("gives a tin back that was taken out, and its name meanwhile to another", async () => {
    await addTin(connection, loaf, NOW);
    expect(await deleteTin(connection, "loaf", NOW)).toBe(true);
    expect(await deleteTin(connection, "loaf", NOW)).toBe(false);
    expect(await listTins(connection)).toEqual([]);
    expect(await addTin(connection, { ...loaf, id: "b" }, NOW)).toEqual({
      kind: "kept",
      version: 1,
    });
    expect(await restoreTin(connection, "loaf")).toBe(true);
    expect(await listTins(connection)).toHaveLength(2);
  });

  it("leaves out a row that is no tin, and does not fail", async () => {
    await addTin(connection, loaf, NOW);
    await connection.write((db) => db.run(sql`update tins set spec = '{"shape":"boot"}'`));
    expect(await listTins(connection)).toEqual([]);
    expect(await findTin(connection, "loaf")).toBeNull();
  });
});

describe("the demo kitchen", () => {
  it("is laid in once, and every part of it reads back and can be planned", async () => {
    expect(await seedDemoKitchen(connection, NOW)).toBe(true);
    expect(await seedDemoKitchen(connection, NOW)).toBe(false);
    expect(await listTins(connection)).toHaveLength(14);
    const { recipes, total } = await searchRecipes(connection, "", { limit: 50, offset: 0 });
    expect(total).toBe(13);
    for (const { id } of DEMO_CAKES) {
      const doc = (await findCake(connection, id))?.doc;
      if (doc === null || doc === undefined) throw new Error(`${id} can't be read`);
      expect(doc.recipe?.doc.parts.length).toBeGreaterThan(0);
      const { question } = doc;
      const { input } = readQuestion(question, { size: "metric", heat: "C" });
      expect(input).toMatchObject({ ok: true });
      if (input.ok) expect(planCake(input.value)).toMatchObject({ ok: true });
    }
    for (const { name, facts } of recipes) {
      const { input } = readQuestion(
        askAboutRecipe({ ...FIRST_QUESTION, tins: facts.bake.tins.map(writeTin) }, name, facts),
        { size: "metric", heat: "C" },
      );
      if (!input.ok) throw new Error(`${name} can't be asked about`);
      const plan = planCake(input.value);
      if (!plan.ok) throw new Error(`${name} can't be planned`);
      expect([name, plan.value.fill.overG]).toEqual([name, 0]);
    }
  });

  it("has its cakes wanted in a week to come, on the days of the week they are", async () => {
    const wanted = async (now: Date): Promise<readonly string[]> => {
      const fresh = await freshKitchen();
      await seedDemoKitchen(fresh.connection, now);
      const days = (await listCakesBetween(fresh.connection, "2026-01-01", "2028-01-01")).flatMap(
        ({ wantedOn, state }) => (state === "to-bake" ? [wantedOn] : []),
      );
      fresh.remove();
      return days;
    };
    expect(await wanted(NOW)).toEqual(["2026-12-05", "2026-12-06", "2026-12-09"]);
    expect(await wanted(new Date("2026-12-04T12:00"))).toContain("2026-12-05");
    expect(await wanted(new Date("2026-12-05T12:00"))).toEqual([
      "2026-12-12",
      "2026-12-13",
      "2026-12-16",
    ]);
    expect(await wanted(new Date("2027-03-01T12:00"))).toContain("2027-03-06");
  });

  it("never goes over a baker's own data, nor comes back after she deletes it", async () => {
    await addCake(
      connection,
      { id: "mine", name: "Mine", doc: { question: FIRST_QUESTION, recipe: null } },
      NOW,
    );
    expect(await seedDemoKitchen(connection, NOW)).toBe(false);
    expect(await listTins(connection)).toEqual([]);
  });
});

describe("the demo recipes", () => {
  const pantry = pantryOf();

  it.each(DEMO_RECIPE_TEXTS.map(([id, text]) => ({ id, text })))(
    "$id is read whole, every line weighed and every step known for what it is",
    ({ text }) => {
      const read = readRecipe(text, pantry);
      if (!read.ok) throw new Error(JSON.stringify(read.issue));
      const { doc, rows, problems } = read.value;
      expect(problems).toEqual([]);
      expect(rows.filter(({ as, doubts }) => as === "unread" || doubts.length > 0)).toEqual([]);
      expect(doc.parts.flatMap(({ lines }) => lines)).toHaveLength(
        text.match(/^- /gmu)?.length ?? 0,
      );
      expect(doc.parts.flatMap(({ steps }) => steps)).toHaveLength(
        text.match(/^\d+\. /gmu)?.length ?? 0,
      );
      const { formula, part } = workRecipe(doc, pantry);
      expect(
        formula.parts.flatMap((each) => each.rows).filter(({ massG }) => massG === null),
      ).toEqual([]);
      const steps = doc.parts.flatMap(({ steps: own }) => own.map(readStep));
      expect(steps.filter(({ kind }) => kind === "other")).toEqual([]);
      expect(steps.some(({ kind, sign }) => kind === "bake" && sign !== null)).toBe(true);
      expect(steps.some(({ wait }) => wait !== null)).toBe(true);
      expect(part.massG).toBeGreaterThan(400);
    },
  );

  it("cover every kind of batter a home baker meets", () => {
    const kinds = DEMO_RECIPE_TEXTS.map(([, text]) => {
      const read = readRecipe(text, pantry);
      return read.ok ? workRecipe(read.value.doc, pantry).kind.kind : "unread";
    });
    expect(kinds.toSorted()).toEqual([
      "baked-cheese",
      "brownie",
      "chiffon",
      "creamed",
      "folded-whites",
      "hot-liquid",
      "muffin",
      "oil",
      "pound",
      "quick-loaf",
      "rich-fruit",
      "whisked",
      "white-foam",
    ]);
  });
});

describe("recipes", () => {
  const pantry = pantryOf();
  const doc = (text: string): RecipeDoc => {
    const read = readRecipe(text, pantry);
    if (!read.ok) throw new Error(JSON.stringify(read.issue));
    return read.value.doc;
  };
  const index = (of: RecipeDoc): RecipeIndex => {
    const worked = workRecipe(of, pantry);
    return { facts: recipeFacts(of, worked), search: recipeSearchText(of, worked) };
  };
  const first = doc("Gull Rock loaf\n200 g flour\n2 eggs\nBake at 180 °C for 50 minutes.");
  const later = (minutes: number): Date => new Date(NOW.getTime() + minutes * 60_000);
  const changed = (name: string): RecipeDoc => ({ ...first, name });

  beforeEach(async () => {
    await addRecipe(connection, "gull", first, index(first), NOW);
  });

  it("are found by any of their words, and come back as they were kept", async () => {
    for (const text of ["gull", "EGG", "flour rock", ""])
      expect(
        (await searchRecipes(connection, text, { limit: 5, offset: 0 })).recipes.map(
          ({ id }) => id,
        ),
      ).toEqual(["gull"]);
    expect(await searchRecipes(connection, "gull seaweed", { limit: 5, offset: 0 })).toEqual({
      recipes: [],
      total: 0,
    });
    expect(await findRecipe(connection, "gull")).toMatchObject({
      doc: first,
      revision: 1,
      lastBakedAt: null,
    });
  });

  it("are offered at the bench by name when they say their tins, and tell their facts", async () => {
    const add = (id: string, name: string, text: string): Promise<void> => {
      const recipe = doc(`${name}\n${text}`);
      return addRecipe(connection, id, recipe, index(recipe), NOW);
    };
    const sayingTins =
      "200 g flour\n2 eggs\nPour into a 20 cm round tin.\nBake at 180 °C for 30 minutes.";
    await add("whale", "Whale cake", sayingTins);
    await add("brine", "Brine cake", sayingTins);
    await add("spoilt", "Spoilt cake", sayingTins);
    await connection.db.run(sql`update recipes set facts = '{"bake"' where id = 'spoilt'`);
    expect(await listRecipeChoices(connection)).toEqual([
      { id: "brine", name: "Brine cake" },
      { id: "whale", name: "Whale cake" },
    ]);
    expect(await findRecipeFacts(connection, "whale")).toMatchObject({
      bake: { ovenC: 180, minutes: 30, tins: [{ shape: "round" }] },
    });
    expect(await findRecipeFacts(connection, "spoilt")).toEqual({
      batter: {},
      bake: { tins: [] },
    });
    expect(await findRecipeFacts(connection, "cod")).toBeNull();
  });

  it("keep the state before as a version, changes within ten minutes as one", async () => {
    const save = (
      name: string,
      base: number,
      minutes: number,
      isNew = false,
    ): ReturnType<typeof saveRecipe> =>
      saveRecipe(connection, "gull", changed(name), index(first), base, later(minutes), isNew);
    expect(await save("A", 1, 1)).toEqual({ kind: "kept", version: 2 });
    expect(await save("B", 2, 9)).toEqual({ kind: "kept", version: 3 });
    expect(await save("B", 3, 90)).toEqual({ kind: "kept", version: 3 });
    expect(await save("C", 3, 91)).toEqual({ kind: "kept", version: 4 });
    expect(await save("D", 4, 92, true)).toEqual({ kind: "kept", version: 5 });
    const versions = await listVersions(connection, "gull");
    expect(
      await Promise.all(
        versions.map(async ({ version }) => [
          version,
          (await findVersion(connection, "gull", version))?.name,
        ]),
      ),
    ).toEqual([
      [2, "C"],
      [1, "B"],
    ]);
    expect(await findVersion(connection, "gull", 99)).toBeNull();
    expect(await saveRecipe(connection, "nobody", first, index(first), 1, NOW)).toEqual({
      kind: "gone",
    });
  });

  it("are not saved over what another page kept meanwhile, and what was not chosen becomes a version", async () => {
    await saveRecipe(connection, "gull", changed("Theirs"), index(first), 1, later(1));
    expect(
      await saveRecipe(connection, "gull", changed("Mine"), index(first), 1, later(2)),
    ).toMatchObject({
      kind: "changed-elsewhere",
      theirs: { revision: 2, doc: { name: "Theirs" } },
    });
    expect((await findRecipe(connection, "gull"))?.name).toBe("Theirs");
    expect(await addVersion(connection, "gull", changed("Mine"), later(3))).toBe(true);
    const [newest] = await listVersions(connection, "gull");
    expect((await findVersion(connection, "gull", newest?.version ?? 0))?.name).toBe("Mine");
  });

  it("keep the text they were read from, once: saves and versions come without it", async () => {
    await saveRecipe(
      connection,
      "gull",
      { ...changed("A"), original: "" },
      index(first),
      1,
      later(1),
      true,
    );
    expect((await findRecipe(connection, "gull"))?.doc).toMatchObject({
      name: "A",
      original: first.original,
    });
    expect((await findVersion(connection, "gull", 1))?.original).toBe("");
  });

  it("are worked out anew where a name's meaning has changed, and nowhere else", async () => {
    const other = doc("Chapel slice\n200 g sugar\nBake at 180 °C for 20 minutes.");
    await addRecipe(connection, "chapel", other, index(other), NOW);
    const asked: string[] = [];
    await reindexRecipes(connection, ["Eggs"], (of) => {
      asked.push(of.name);
      return { ...index(of), search: "eggs anew" };
    });
    expect(asked).toEqual([first.name]);
  });

  it("are deleted, brought back, and marked as baked", async () => {
    expect(await deleteRecipe(connection, "gull", NOW)).toBe(true);
    expect(await findRecipe(connection, "gull")).toBeNull();
    expect(await restoreRecipe(connection, "gull")).toBe(true);
    expect(await markBaked(connection, "gull", NOW)).toBe(true);
    expect((await findRecipe(connection, "gull"))?.lastBakedAt).toEqual(NOW);
    expect(await markBaked(connection, "nobody", NOW)).toBe(false);
  });

  it("share a part: what its own recipe changes shows wherever it is used, and a copy stays when that recipe goes", async () => {
    const frosted = {
      ...first,
      name: "Frosted",
      parts: [
        ...first.parts,
        {
          id: "p2",
          role: "frosting",
          name: "Frosting",
          lines: [{ id: "l9", text: "100 g butter" }],
          steps: [],
        },
      ],
    } satisfies RecipeDoc;
    await addRecipe(connection, "frosted", frosted, index(frosted), NOW);
    expect(
      (await listSharableParts(connection, "gull")).map(({ recipeName, part }) => [
        recipeName,
        part.name,
      ]),
    ).toEqual([["Frosted", "Frosting"]]);
    const user = {
      ...first,
      parts: [
        ...first.parts,
        {
          id: "p5",
          role: "frosting",
          name: "Frosting",
          lines: [{ id: "x", text: "old copy" }],
          steps: [],
          from: { recipe: "frosted", part: "p2" },
        },
      ],
    } satisfies RecipeDoc;
    await saveRecipe(connection, "gull", user, index(user), 1, NOW);
    const lines = async (): Promise<unknown> =>
      (await findRecipe(connection, "gull"))?.doc?.parts
        .at(-1)
        ?.lines.map(({ id, text }) => [id, text]);
    expect(await lines()).toEqual([["p5-l9", "100 g butter"]]);
    await deleteRecipe(connection, "frosted", NOW);
    expect(await lines()).toEqual([["x", "old copy"]]);
  });

  it("that are damaged keep their name and their row", async () => {
    await connection.write((db) => db.run(sql`update recipes set recipe = '{' where id = 'gull'`));
    expect(await findRecipe(connection, "gull")).toMatchObject({
      name: "Gull Rock loaf",
      doc: null,
    });
  });
});

it("a damaged tin or ingredient is left out, and the others are still there", async () => {
  await seedDemoKitchen(connection, NOW);
  await keepIngredient(connection, {
    ...(pantryOf().byId.get("egg") as Ingredient),
    id: "hen-egg",
  });
  await connection.write((db) => db.run(sql`update tins set spec = '{"shape":' where id = 'loaf'`));
  await connection.write((db) =>
    db.run(sql`insert into ingredients (id, spec) values ('half', '{')`),
  );
  expect((await listTins(connection)).map(({ id }) => id)).not.toContain("loaf");
  expect(await listTins(connection)).toHaveLength(13);
  expect((await findPantry(connection)).own.map(({ id }) => id)).toEqual(["hen-egg"]);
});

describe("the kitchen's part of the pantry", () => {
  it("is kept and changed: its own ingredients and the names it was taught", async () => {
    const own: Ingredient = {
      ...(pantryOf().byId.get("plain-flour") as Ingredient),
      id: "mill-flour",
      name: "Mill Lane flour",
    };
    await keepIngredient(connection, own);
    await keepIngredient(connection, { ...own, name: "Mill flour" });
    await learnName(connection, "The Blue Jar", "demerara-sugar");
    await learnName(connection, "the blue jar", "caster-sugar");
    expect(await findPantry(connection)).toEqual({
      own: [{ ...own, name: "Mill flour" }],
      learnt: [[foldName("the blue jar"), "caster-sugar"]],
    });
  });
});
