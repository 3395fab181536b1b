// Retakes docs/screenshots from the demo data; `npm run shots -- cakes` retakes one.
import { mkdirSync } from "node:fs";
import { join } from "node:path";
import { ROOT } from "./machine.mjs";
import { withServedKitchen } from "./served.mjs";

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

const only = process.argv[2];
const target = join(ROOT, "docs", "screenshots");
mkdirSync(target, { recursive: true });
await withServedKitchen("3218", async (browser, address) => {
  for (const { name, path, size } of VIEWS.filter((view) => only === undefined || view.name === only)) {
    const page = await browser.newPage({ viewport: size, reducedMotion: "reduce" });
    await page.goto(`${address}${path}`, { waitUntil: "networkidle" });
    await page.screenshot({ path: join(target, `${name}.png`) });
    await page.close();
    console.log(`docs/screenshots/${name}.png`);
  }
});
