import { Bench } from "tinybench";
import { planCake, type CakeInput } from "../src/core/cake";
import { levelFor, tinGeometry, type Tin } from "../src/core/tin";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { recipeFacts, recipeSearchText, workRecipe } from "../src/core/cake";
import { pantryOf } from "../src/core/pantry";
import { readRecipe } from "../src/core/recipe";
import { addRecipe, searchRecipes } from "../src/data";
import { openDatabase } from "../src/data/connection";
import { DEMO_RECIPE_TEXTS } from "../src/data/demo-recipes";
import { migrateDatabase } from "../src/data/migrate";
import { withServedKitchen } from "./served.mjs";

/** A fixed piece of arithmetic: what the other figures are compared with, so that the machine's speed drops out. */
function arithmetic(): number {
  let sum = 0;
  for (let step = 1; step <= 100_000; step += 1) sum += Math.sqrt(step) / (1 + step);
  return sum;
}

const ring: Tin = { shape: "fluted", diameterMm: 250, depthMm: 90 };
const input: CakeInput = {
  recipe: {
    batter: { kind: "creamed", volumeMl: 2400 },
    reference: { tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }], ovenC: 177, minutes: 34 },
  },
  tins: [ring, { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51, material: "glass" }, { shape: "well", rimMm: 70, depthMm: 32, count: 12 }, { shape: "round", diameterMm: 203, depthMm: 51 }],
  finish: { cover: "top-and-sides" },
};
const geometry = tinGeometry(ring);
if (!geometry.ok) throw new Error("the ring is not a tin");

/** Sixty lines of recipe, and five thousand recipes to search. */
const SIXTY_LINES = `${DEMO_RECIPE_TEXTS[0]?.[1] ?? ""}\n${DEMO_RECIPE_TEXTS[1]?.[1] ?? ""}`.split("\n").filter((line) => line.trim() !== "").slice(0, 60).join("\n");
const RECIPES = 5000;
const pantry = pantryOf();
const folder = mkdtempSync(join(tmpdir(), "steady-tin-bench-"));
const url = `file:${join(folder, "kitchen.db")}`;
const kitchen = openDatabase(url);
await migrateDatabase(kitchen, url, new Date());
const docs = DEMO_RECIPE_TEXTS.flatMap(([, text]) => {
  const read = readRecipe(text, pantry);
  return read.ok ? [read.value.doc] : [];
});
for (let index = 0; index < RECIPES; index += 1) {
  const doc = docs[index % docs.length];
  if (doc === undefined) throw new Error("no demo recipe");
  const worked = workRecipe(doc, pantry);
  await addRecipe(kitchen, `r${index}`, { ...doc, name: `${doc.name} ${index}` }, { facts: recipeFacts(doc, worked), search: recipeSearchText({ ...doc, name: `${doc.name} ${index}` }, worked) }, new Date());
}

const bench = new Bench({ time: 800, warmupTime: 300 });
bench
  .add("fixed arithmetic", arithmetic)
  .add("whole plan, 4 tins", () => planCake(input))
  .add("level in a fluted ring", () => levelFor(geometry.value, 1100))
  .add("reading a 60-line recipe", () => readRecipe(SIXTY_LINES, pantry))
  .add("search in 5000 recipes", async () => { await searchRecipes(kitchen, "hazelnut 123", { limit: 50, offset: 0 }); });
await bench.run();
kitchen.client.close();
rmSync(folder, { recursive: true });

const median = (name: string): number => {
  const result = bench.getTask(name)?.result;
  if (result === undefined || !("latency" in result)) throw new Error(`${name} did not run`);
  return result.latency.p50;
};
for (const { name } of bench.tasks) {
  console.log(`${name.padEnd(26)} ${median(name).toFixed(4)} ms   x ${(median(name) / median("fixed arithmetic")).toFixed(3)} of the fixed arithmetic`);
}

/** Keystrokes in the browser, each one changing the tin; the first ones warm it up. */
const KEYSTROKES = 60;
const WARM_UP = 20;
/** Long enough for the repainted numbers, short of the pause after which the address follows, ms. */
const SETTLED_MS = 150;

await withServedKitchen("3219", async (browser, address) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const devtools = await page.context().newCDPSession(page);
  await devtools.send("Network.enable");
  await devtools.send("Performance.enable");
  const scripts = new Set<string>();
  let scriptBytes = 0;
  devtools.on("Network.responseReceived", ({ requestId, type }) => { if (type === "Script") scripts.add(requestId); });
  devtools.on("Network.dataReceived", ({ requestId, encodedDataLength }) => { if (scripts.has(requestId)) scriptBytes += encodedDataLength; });
  await page.goto(address, { waitUntil: "networkidle" });
  console.log(`${"home page, JavaScript".padEnd(26)} ${(scriptBytes / 1000).toFixed(0)} kB gzipped, ${scripts.size} files`);

  const scripting = async (): Promise<number> => {
    const { metrics } = await devtools.send("Performance.getMetrics");
    return 1000 * (metrics.find(({ name }) => name === "ScriptDuration")?.value ?? Number.NaN);
  };
  const tin = page.getByRole("textbox", { name: "My tin", exact: true });
  await tin.fill("2");
  const spent: number[] = [];
  for (let key = 0; key < KEYSTROKES; key += 1) {
    const before = await scripting();
    // The bare keyboard: finding the box again would be counted too.
    await page.keyboard.press(key % 2 === 0 ? "3" : "Backspace");
    await new Promise((resolve) => setTimeout(resolve, SETTLED_MS));
    if (key >= WARM_UP) spent.push((await scripting()) - before);
  }
  const middle = spent.toSorted((a, b) => a - b)[Math.floor(spent.length / 2)] ?? Number.NaN;
  console.log(`${"keystroke, scripting".padEnd(26)} ${middle.toFixed(1)} ms   x ${(middle / median("fixed arithmetic")).toFixed(1)} of the fixed arithmetic`);
});
