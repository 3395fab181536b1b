// Retakes docs/screenshots from the demo data: a fresh kitchen in a folder of its own, so that nobody's data is shown.
import { mkdirSync, mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { build, checkNode, CHROMIUM, CHROMIUM_ARGS, fail, install, prepare, ROOT, startNext } from "./machine.mjs";

const PORT = "3218";
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

/** One picture of each main view. */
const VIEWS = [
  { name: "bench", path: "/?recipe=Blackcurrant and poppy seed layers&from=2 x 20.3 x 5.1 cm round&heat=177 °C&weight=1030 g&volume=1200 mL", size: DESK },
  { name: "bench-several-tins", path: "/?tins=15 cm round;12 cups;fluted ring 22 cm dark&cover=top-and-sides", size: DESK },
  { name: "bench-phone", path: "/", size: PHONE },
  { name: "cakes", path: "/cakes", size: DESK },
  { name: "tins", path: "/tins", size: DESK },
  { name: "recipes", path: "/recipes", size: DESK },
];

checkNode();
install();
build();
const { chromium } = await import("@playwright/test");
const only = process.argv[2];
const folder = mkdtempSync(join(tmpdir(), "steady-tin-shots-"));
const env = { DATABASE_URL: `file:${join(folder, "kitchen.db")}` };
prepare(env);
const server = startNext(["start", "-H", "127.0.0.1", "-p", PORT], env);
try {
  await Promise.race([
    new Promise((resolve) => server.stdout.on("data", (chunk) => { if (/ready/i.test(String(chunk))) resolve(); })),
    new Promise((_, reject) => server.once("exit", () => reject(new Error(`the server did not start on port ${PORT}`)))),
  ]);
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_ARGS });
  const target = join(ROOT, "docs", "screenshots");
  mkdirSync(target, { recursive: true });
  for (const { name, path, size } of VIEWS.filter((view) => only === undefined || view.name === only)) {
    const page = await browser.newPage({ viewport: size, reducedMotion: "reduce" });
    await page.goto(`http://127.0.0.1:${PORT}${path}`, { waitUntil: "networkidle" });
    await page.screenshot({ path: join(target, `${name}.png`) });
    await page.close();
    console.log(`docs/screenshots/${name}.png`);
  }
  await browser.close();
} catch (error) {
  fail(`The pictures could not be taken: ${error.message}`);
} finally {
  const ended = new Promise((resolve) => server.once("exit", resolve));
  if (server.kill("SIGTERM")) await ended;
  rmSync(folder, { recursive: true, force: true });
}
