// Retakes docs/screenshots from the demo data; `npm run shots -- cakes` retakes one.
import { mkdirSync } from "node:fs";
import { join } from "node:path";
import { ROOT } from "./machine.mjs";
import { withServedKitchen } from "./served.mjs";

const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

const FOUND = `Gull Rock ginger layers

Serves 12
You will need two greased 8-inch round cake tins.

Ingredients
For the cake:
- 225 g butter, softened
- 1 cup caster sugar
- 4 large eggs
225 g self-raising flour
2 tsp ground ginger
a little milk

For the frosting:
200 g cream cheese
icing sugar

Method
1. Preheat the oven to 180C/160C fan/gas 4. Grease the tins.
2. Cream the butter and sugar until pale and fluffy, about 5 minutes.
3. Divide between the tins and bake for 30-35 minutes until a skewer comes out clean.
For the frosting
4. Beat everything until smooth.`;

/** Pastes a recipe as somebody found it. */
async function paste(page) {
  await page.getByRole("textbox").fill(FOUND);
  await page.getByRole("heading", { name: "Gull Rock ginger layers" }).waitFor();
}

/** Rehearses a cake up to its second tin, on the scale. */
async function pourSecondTin(page) {
  await page.getByRole("button", { name: "60 times as fast" }).click();
  await page.waitForURL(/\/bakes\//u);
  await page.goto(`${page.url()}?devices=scale`);
  const step = page.getByRole("region", { name: "The step" }).getByRole("heading");
  const ready = page.getByRole("button", { name: "Ready already: Butter, softening" });
  for (let turn = 0; turn < 200; turn += 1) {
    await page.waitForTimeout(150);
    const title = await step.innerText();
    if (title.startsWith("Pour the second")) break;
    if (title.startsWith("Pour the first")) {
      if (await page.getByText("It shows").isVisible()) await page.keyboard.press("t");
    } else if (await ready.isVisible()) await ready.click();
    else await page.keyboard.press(" ");
  }
  await page.getByText(/[23]\d\d.g to go/u).waitFor();
}

/** One picture of each main view. */
const VIEWS = [
  {
    name: "bench",
    path: "/try?recipe=Blackcurrant and poppy seed layers&from=2 x 20.3 x 5.1 cm round&heat=177 °C&weight=1030 g&volume=1200 mL",
    size: DESK,
  },
  {
    name: "home",
    path: "/",
    size: DESK,
    prepare: (page) => page.getByText(/^Begin at/u).waitFor(),
  },
  {
    name: "calendar",
    path: "/calendar?on=2026-12-05&as=week",
    size: DESK,
    prepare: (page) =>
      page
        .getByText(/^begin/u)
        .first()
        .waitFor(),
  },
  { name: "freezer", path: "/freezer", size: DESK },
  { name: "cake-mix", path: "/cakes/harbour-supper", size: DESK },
  { name: "cake-fill", path: "/cakes/harbour-supper?at=fill", size: DESK },
  { name: "cake-bake", path: "/cakes/harbour-supper?at=bake", size: DESK },
  { name: "cake-cool", path: "/cakes/harbour-supper?at=cool", size: DESK },
  { name: "cake-build", path: "/cakes/lifeboat-day?at=build", size: DESK },
  { name: "cake-finish", path: "/cakes/lifeboat-day?at=finish", size: DESK },
  { name: "cake-day", path: "/cakes/lifeboat-day?at=day", size: DESK },
  { name: "bench-mode", path: "/cakes/lifeboat-day?at=day", size: DESK, prepare: pourSecondTin },
  { name: "cake-serve", path: "/cakes/harbour-supper?at=serve", size: DESK },
  { name: "tin", path: "/tins/tube", size: DESK },
  { name: "logbook", path: "/logbook", size: DESK },
  { name: "practice", path: "/practice", size: DESK },
  { name: "recipe", path: "/recipes/blackcurrant-poppy", size: DESK },
  {
    name: "shopping-phone",
    path: "/shopping?from=2026-12-05&to=2026-12-09",
    size: PHONE,
    prepare: (page) => page.getByText(/^Working out/u).waitFor({ state: "detached" }),
  },
  { name: "paste", path: "/recipes/new", size: DESK, prepare: paste },
];

const only = process.argv[2];
const target = join(ROOT, "docs", "screenshots");
mkdirSync(target, { recursive: true });
await withServedKitchen("3218", async (browser, address) => {
  for (const { name, path, size, prepare } of VIEWS.filter(
    (view) => only === undefined || view.name === only,
  )) {
    const page = await browser.newPage({
      viewport: size,
      reducedMotion: "reduce",
      locale: "en-GB",
    });
    // The tests' words and the README's: metric, of no one country.
    await page.context().addCookies([{ name: "units", value: "metric-C-24-metric", url: address }]);
    await page.goto(`${address}${path}`, { waitUntil: "networkidle" });
    await prepare?.(page);
    await page.screenshot({ path: join(target, `${name}.png`) });
    await page.close();
    console.log(`docs/screenshots/${name}.png`);
  }
});
