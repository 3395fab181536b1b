import { Bench } from "tinybench";
import { bakeInside } from "../src/core/bake";
import { buildCakes } from "../src/core/build";
import { scheduleDay } from "../src/core/day";
import { cakesInTurn } from "../src/core/day/layers.test-data";
import { planCake, type CakeInput } from "../src/core/plan";
import { bakeWork } from "../src/workers/bake-work";
import { tinSetsByForm, type StockTin } from "../src/core/fill";
import { finishCakes, fruitLayout } from "../src/core/finish";
import { levelFor, tinGeometry, type Tin } from "../src/core/tin";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { pantryOf } from "../src/core/pantry";
import { readAnyRecipe } from "../src/core/reading";
import { searchRecipes } from "../src/data";
import { openDatabase } from "../src/data/connection";
import { DEMO_RECIPE_TEXTS } from "../src/data/demo-recipes";
import { migrateDatabase } from "../src/data/migrate";
import { addRecipes, answersMs, fillKitchen, FULL } from "./full-kitchen";
import { withServedKitchen } from "./served.mjs";

/**
 * A fixed piece of arithmetic: what the other figures are compared with, so that the machine's
 * speed drops out.
 */
function arithmetic(): number {
  let sum = 0;
  for (let step = 1; step <= 100_000; step += 1) sum += Math.sqrt(step) / (1 + step);
  return sum;
}

const ring: Tin = { shape: "fluted", diameterMm: 250, depthMm: 90 };
const input: CakeInput = {
  recipe: {
    batter: { kind: "creamed", volumeMl: 2400 },
    reference: {
      tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
      ovenC: 177,
      minutes: 34,
    },
  },
  tins: [
    ring,
    { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51, material: "glass" },
    { shape: "well", rimMm: 70, depthMm: 32, count: 12 },
    { shape: "round", diameterMm: 203, depthMm: 51 },
  ],
  finish: { cover: "top-and-sides" },
};
const geometry = tinGeometry(ring);
if (!geometry.ok) throw new Error("the ring is not a tin");

/** Sixty lines of recipe, and a full kitchen's recipes to search. */
const SIXTY_LINES = `${DEMO_RECIPE_TEXTS[0]?.[1] ?? ""}\n${DEMO_RECIPE_TEXTS[1]?.[1] ?? ""}`
  .split("\n")
  .filter((line) => line.trim() !== "")
  .slice(0, 60)
  .join("\n");
const pantry = pantryOf();
const folder = mkdtempSync(join(tmpdir(), "steady-tin-bench-"));
const url = `file:${join(folder, "kitchen.db")}`;
const kitchen = openDatabase(url);
await migrateDatabase(kitchen, url, new Date());
await addRecipes(kitchen, FULL.recipes);

/** Twenty kinds, 37 tins: layers, sheets, loaves, rings, trays of cups. */
const cupboard: readonly StockTin[] = Array.from({ length: 20 }, (_, index): StockTin => {
  const spec: Tin =
    [
      { shape: "round", diameterMm: 150 + 6 * index, depthMm: 50 } as const,
      { shape: "square", sideMm: 150 + 5 * index, depthMm: 50 } as const,
      {
        shape: "rectangle",
        lengthMm: 250 + 6 * index,
        widthMm: 160 + 4 * index,
        depthMm: index % 2 === 0 ? 50 : 25,
      } as const,
      { shape: "loaf", lengthMm: 180 + 4 * index, widthMm: 90 + 2 * index, depthMm: 65 } as const,
      index % 2 === 0
        ? ({ shape: "fluted", diameterMm: 200 + 4 * index, depthMm: 85 } as const)
        : ({ shape: "well", rimMm: 70, depthMm: 32, count: 12 } as const),
    ][index % 5] ?? ring;
  const built = tinGeometry(spec);
  if (!built.ok) throw new Error("not a tin");
  return { id: String(index), geometry: built.value, owned: index < 17 ? 2 : 1 };
});
const eight = tinGeometry({ shape: "round", diameterMm: 203, depthMm: 51, count: 2 });
if (!eight.ok) throw new Error("not a tin");
const fitted = (volumeMl: number): readonly unknown[] =>
  tinSetsByForm(
    {
      kind: "creamed",
      volumeMl,
      massG: volumeMl * 0.86,
      piecesMl: 0,
      volumeRangeMl: [volumeMl, volumeMl],
      specificGravity: 0.86,
      basis: "volume",
    },
    [eight.value],
    1200,
    cupboard,
    {},
    { tins: [eight.value], isStacked: false },
  );
let asked = 0;
let typed = 0;

/** Four layers with filling, dam, coat, 40 shells, drips, nuts and fruit. */
const layers = planCake({
  ...input,
  tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
});
if (!layers.ok) throw new Error("no layers");
function builtAndFinished(): void {
  if (!layers.ok || !eight.ok) return;
  const build = buildCakes(
    { standing: "stacked", splits: 2, filling: "jam", damMm: 14, soakMlPerKg: 80 },
    layers.value.fill.tins,
    { kind: "creamed", frosting: "meringue-butter", standing: "stacked", isLevel: true },
  );
  if (!build.ok) throw new Error("not built");
  finishCakes(
    {
      cover: "top-and-sides",
      borders: [
        { at: "top", style: "shell", widthMm: 20 },
        { at: "base", style: "pearl", widthMm: 10 },
      ],
      pour: { what: "pouring-ganache", sides: "drips" },
      toppings: [{ what: "nuts", at: "sides", amount: "usual" }],
    },
    build.value,
  );
  fruitLayout({ at: "top", pattern: "packed", widthMm: 22 }, eight.value, 40);
}

/** Three cakes with long methods; all the cakes of a very busy date. */
const threeCakes = cakesInTurn(3);
const twentyCakes = cakesInTurn(20, []);

const bench = new Bench({ time: 800, warmupTime: 300 });
bench
  .add("fixed arithmetic", arithmetic)
  .add("whole plan, 4 tins", () => planCake(input))
  .add("build and finish, 4 layers", builtAndFinished)
  .add(`a day of ${threeCakes.tasks.length} tasks`, () => scheduleDay(threeCakes))
  .add(`a day of 20 cakes, ${twentyCakes.tasks.length} tasks`, () => scheduleDay(twentyCakes))
  .add("level in a fluted ring", () => levelFor(geometry.value, 1100))
  .add("tins for a batter, 20 kinds", () => {
    asked += 1;
    fitted(600 + 17 * (asked % 200));
  })
  .add("reading a 60-line recipe, a letter typed", () => {
    typed += 1;
    readAnyRecipe(`${SIXTY_LINES}${String(typed)}`, pantry);
  })
  .add("search in 5000 recipes", async () => {
    await searchRecipes(kitchen, "hazelnut 123", { limit: 50, offset: 0 });
  });
for (const [name, spec, batterMl] of [
  ["cup", { shape: "well", rimMm: 70, depthMm: 32 }, 50],
  ["round", { shape: "round", diameterMm: 203, depthMm: 51 }, 600],
  ["ring", { shape: "fluted", diameterMm: 254, depthMm: 89 }, 1200],
  ["rectangle", { shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 }, 1200],
  ["heart", { shape: "heart", widthMm: 230, depthMm: 51 }, 800],
] as const satisfies readonly (readonly [string, Tin, number])[]) {
  const baked = tinGeometry(spec);
  if (!baked.ok) throw new Error("not a tin");
  bench.add(`simulated bake, ${name}`, () =>
    bakeInside({ geometry: baked.value, batterMl, ovenC: 177, isFan: false }),
  );
}
await bench.run();
kitchen.client.close();
rmSync(folder, { recursive: true });

const median = (name: string): number => {
  const result = bench.getTask(name)?.result;
  if (result === undefined || !("latency" in result)) throw new Error(`${name} did not run`);
  return result.latency.p50;
};
for (const { name } of bench.tasks) {
  console.log(
    `${name.padEnd(28)} ${median(name).toFixed(4)} ms   x ${(median(name) / median("fixed arithmetic")).toFixed(3)} of the fixed arithmetic`,
  );
}

/** The least of three tries each: what the search takes, without the collector's pauses. */
const fits = Array.from({ length: 200 }, (_, index) =>
  Math.min(
    ...[1, 2, 3].map(() => {
      const start = performance.now();
      fitted(600 + 17 * index);
      return performance.now() - start;
    }),
  ),
);
console.log(
  `${"worst of 200 batters".padEnd(28)} ${Math.max(...fits).toFixed(4)} ms   x ${(Math.max(...fits) / median("fixed arithmetic")).toFixed(3)} of the fixed arithmetic`,
);

/**
 * How long the worker goes on before a cancel is heard: its longest slice while it solves a large
 * sheet.
 */
const slices: number[] = [];
let sliceFrom = performance.now();
await new Promise<void>((resolve) => {
  const take = bakeWork({
    post: ({ name }) => {
      if (name === "solved") resolve();
    },
    pause: async () => {
      slices.push(performance.now() - sliceFrom);
      await new Promise((next) => setImmediate(next));
      sliceFrom = performance.now();
    },
    now: () => performance.now(),
  });
  take({
    name: "solve",
    id: 1,
    bakes: [
      {
        tin: { shape: "rectangle", lengthMm: 450, widthMm: 320, depthMm: 60 },
        batterMl: 3500,
        ovenC: 165,
        isFan: false,
        hasStrips: false,
        doneC: 96,
        goesOn: 1.3,
      },
    ],
  });
});
console.log(
  `${"longest before a cancel".padEnd(28)} ${Math.max(...slices.slice(1)).toFixed(1)} ms   x ${(Math.max(...slices.slice(1)) / median("fixed arithmetic")).toFixed(1)} of the fixed arithmetic, ${slices.length} slices`,
);

/** Keystrokes in the browser, each one changing the tin; the first ones warm it up. */
const KEYSTROKES = 60;
const WARM_UP = 20;
/**
 * Long enough for the repainted numbers, short of the pause after which the address follows, ms.
 */
const SETTLED_MS = 150;

/**
 * Gathers the gaps between a page's frames. As text: the runner's own names for functions are not
 * known in the page.
 */
const FRAMES = `(() => {
  const gaps = (globalThis.frameGaps = []);
  let last = performance.now();
  requestAnimationFrame(function tick(now) {
    gaps.push(now - last);
    last = now;
    requestAnimationFrame(tick);
  });
})()`;

await withServedKitchen("3219", async (browser, address) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, locale: "en-GB" });
  const devtools = await page.context().newCDPSession(page);
  await devtools.send("Network.enable");
  await devtools.send("Performance.enable");
  const scripts = new Set<string>();
  let scriptBytes = 0;
  devtools.on("Network.responseReceived", ({ requestId, type }) => {
    if (type === "Script") scripts.add(requestId);
  });
  devtools.on("Network.dataReceived", ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) scriptBytes += encodedDataLength;
  });
  await page.goto(address, { waitUntil: "networkidle" });
  console.log(
    `${"home page, JavaScript".padEnd(28)} ${(scriptBytes / 1000).toFixed(0)} kB gzipped, ${scripts.size} files`,
  );

  const scripting = async (): Promise<number> => {
    const { metrics } = await devtools.send("Performance.getMetrics");
    return 1000 * (metrics.find(({ name }) => name === "ScriptDuration")?.value ?? Number.NaN);
  };
  await page.goto(`${address}/try`, { waitUntil: "networkidle" });
  await page.getByRole("textbox", { name: "My tin", exact: true }).fill("2");
  const spent: number[] = [];
  for (let key = 0; key < KEYSTROKES; key += 1) {
    const before = await scripting();
    // The bare keyboard: finding the box again would be counted too.
    await page.keyboard.press(key % 2 === 0 ? "3" : "Backspace");
    await new Promise((resolve) => setTimeout(resolve, SETTLED_MS));
    if (key >= WARM_UP) spent.push((await scripting()) - before);
  }
  await page.goto(`${address}/cakes/harbour-supper?at=fill`, { waitUntil: "networkidle" });
  const handle = await page.getByRole("slider", { name: /^Level/ }).boundingBox();
  if (handle === null) throw new Error("no level to drag");
  const [x, y] = [handle.x + handle.width / 4, handle.y + handle.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  const dragged: number[] = [];
  for (let move = 0; move < KEYSTROKES; move += 1) {
    const before = await scripting();
    await page.mouse.move(x, y - 3 - (move % 12));
    await new Promise((resolve) => setTimeout(resolve, SETTLED_MS));
    if (move >= WARM_UP) dragged.push((await scripting()) - before);
  }
  await page.mouse.up();
  // The coat of a cake of four layers and some fifty shells, dragged at a hand's pace: a frame
  // each.
  await page.goto(`${address}/cakes/lifeboat-day?at=finish`, { waitUntil: "networkidle" });
  const coat = await page.getByRole("slider", { name: /on the sides$/u }).boundingBox();
  if (coat === null) throw new Error("no coat to drag");
  await page.evaluate(FRAMES);
  await page.mouse.move(coat.x + 20, coat.y + 22);
  await page.mouse.down();
  const pulling = await scripting();
  for (let move = 0; move < 2 * KEYSTROKES; move += 1) {
    await page.mouse.move(coat.x + 20 + 12 * Math.sin(move / 6), coat.y + 22);
    await new Promise((resolve) => setTimeout(resolve, 14));
  }
  const pulled = ((await scripting()) - pulling) / (2 * KEYSTROKES);
  await page.mouse.up();
  const coatGaps = await page.evaluate(
    () => (globalThis as unknown as { frameGaps: number[] }).frameGaps,
  );
  console.log(
    `${"dragging the coat, a move".padEnd(28)} ${pulled.toFixed(1)} ms   x ${(pulled / median("fixed arithmetic")).toFixed(1)} of the fixed arithmetic; ${coatGaps.filter((gap) => gap > 34).length} of ${coatGaps.length} frames over two frames`,
  );
  // The page's frames while the worker solves: heats are changed every 300 ms for three seconds.
  await page.goto(`${address}/cakes/harbour-supper?at=bake`, { waitUntil: "networkidle" });
  await page.getByRole("slider", { name: "Minute of the bake" }).waitFor();
  await page.evaluate(FRAMES);
  const own = page.getByLabel("My own temperature, true in the oven");
  for (let change = 0; change < 10; change += 1) {
    await own.fill(`${150 + 3 * change}`);
    await new Promise((resolve) => setTimeout(resolve, 300));
  }
  const gaps = await page.evaluate(
    () => (globalThis as unknown as { frameGaps: number[] }).frameGaps,
  );
  const late = gaps.filter((gap) => gap > 34).length;
  console.log(
    `${"frames while it solves".padEnd(28)} longest ${Math.max(...gaps).toFixed(0)} ms, ${late} of ${gaps.length} over two frames`,
  );
  const drag = dragged.toSorted((a, b) => a - b)[Math.floor(dragged.length / 2)] ?? Number.NaN;
  console.log(
    `${"dragging the level, a move".padEnd(28)} ${drag.toFixed(1)} ms   x ${(drag / median("fixed arithmetic")).toFixed(1)} of the fixed arithmetic`,
  );
  const middle = spent.toSorted((a, b) => a - b)[Math.floor(spent.length / 2)] ?? Number.NaN;
  console.log(
    `${"keystroke, scripting".padEnd(28)} ${middle.toFixed(1)} ms   x ${(middle / median("fixed arithmetic")).toFixed(1)} of the fixed arithmetic`,
  );
});

/** The lists of a full kitchen, against the page that reads nothing of it. */
const LISTS = [
  "/",
  "/try",
  "/shopping",
  "/recipes",
  "/cakes",
  "/cakes?page=20",
  "/tins",
  "/ovens",
  "/cakes/c7",
  "/day?on=2024-01-08",
] as const;
const BARE = "/tins/new";
await withServedKitchen(
  "3221",
  async (_, address) => {
    const [bare = Number.NaN, ...lists] = await answersMs(
      [BARE, ...LISTS].map((path) => `${address}${path}`),
      15,
    );
    console.log(
      `${"a bare page".padEnd(28)} ${bare.toFixed(1)} ms, in a kitchen of ${FULL.recipes} recipes, ${FULL.cakes} cakes, ${FULL.bakes} bakes of ${FULL.events} events`,
    );
    for (const [index, taken] of lists.entries())
      console.log(
        `${(LISTS[index] ?? "").padEnd(28)} ${taken.toFixed(1)} ms   x ${(taken / bare).toFixed(1)} of the bare page`,
      );
  },
  fillKitchen,
);
