import { execFileSync } from "node:child_process";
import { writeFileSync } from "node:fs";
import { join } from "node:path";
import type { Locator, Page } from "@playwright/test";
import {
  expect,
  expectAccessible,
  expectNoSideways,
  keepAsked,
  LAYERS,
  ownCake,
  plain,
  station,
  savedMark,
  test,
} from "./kitchen";

const level = (page: Page): Locator => page.getByRole("slider", { name: /^Level of the batter/u });
const amounts = (page: Page): Locator =>
  page.getByRole("list", { name: "What goes into each tin" });

const ICED_SHEET = `Slipway treacle sheet

Heat the oven to 170C. Line a 20 x 30 cm tin with paper.

150g butter
150g dark brown sugar
3 eggs
200g self-raising flour
100ml milk

Icing:
80g soft butter
160g icing sugar

Melt the butter, then beat in the sugar and the eggs. Stir in flour and milk.
Pour into the tin and bake for 35 to 40 minutes.
Leave in the tin till cold.
Beat the butter with the icing sugar and spread it over the cold cake.`;

test.describe("a cake's page", () => {
  test("goes from station to station by address, by strip, and back", async ({ page }) => {
    await page.goto("/cakes/harbour-supper");
    await expect(page.getByRole("table", { name: "The batter, scaled" })).toContainText(
      "poppy seeds",
    );
    for (const [name, seen] of [
      ["Fill", "From the cupboard for this batter"],
      ["Bake", "Door shut until"],
      ["Cool", "out of the tin after"],
      ["Build", "Slices each layer is split into"],
      ["Finish", "Extra"],
    ] as const) {
      await station(page, name).click();
      await expect(page).toHaveURL(new RegExp(`at=${name.toLowerCase()}`, "u"));
      await expect(station(page, name)).toHaveAttribute("aria-current", "step");
      await expect(page.getByText(seen).first()).toBeVisible();
    }
    await page.goBack();
    await expect(station(page, "Build")).toHaveAttribute("aria-current", "step");
  });

  test("begins as its recipe says: in the tin until cold, with the recipe's own icing", async ({
    page,
  }) => {
    await page.goto("/recipes/new");
    await page.getByRole("textbox").fill(ICED_SHEET);
    await page.getByRole("button", { name: "Keep this recipe" }).click();
    await page.getByRole("link", { name: "In another tin" }).click();
    await expect(page.getByRole("combobox", { name: "What to frost" })).toHaveValue("as-recipe");
    await expect(page.getByRole("combobox", { name: "Frosting" })).toContainText("icing");
    await keepAsked(page, "Treacle sheet");
    const out = page.getByRole("list", { name: "Turning out" });
    await station(page, "Cool").click();
    await expect(out).toContainText("stays in the tin until cold");
    await page.getByRole("combobox", { name: "Out of its tin" }).selectOption("after");
    const wait = page.getByRole("textbox", { name: "In the tin for" });
    await wait.fill("5 h");
    await expect(
      page.getByText("Minutes in the tin 300 min is too long: 0 to 240 min.").first(),
    ).toBeVisible();
    await wait.fill("25 min");
    await expect(out).toContainText("out of the tin after 25");
    await expect(page.getByRole("img", { name: /How it cools/u })).toHaveAccessibleName(
      /in its tin: 0.min to 25.min; .*cold: split, frost, cut/u,
    );
    await page.getByLabel("Turned over").selectOption("once");
    await expect(out).toContainText("it stays as it falls");
    await page.getByRole("textbox", { name: "First in the switched-off oven for" }).fill("20 min");
    await page.getByRole("checkbox", { name: "Until the next day" }).check();
    await expect(out).toContainText(/First 20.min in the switched-off oven/u);
    await expect(out).toContainText("Left until the next day");
    await expectAccessible(page);
    await station(page, "Finish").click();
    const own = page.getByRole("list", { name: "From the recipe" });
    await expect(own).toBeHidden();
    await expect(page.getByLabel("Made by", { exact: true })).toHaveValue(/./u);
    await expect(page.getByRole("region", { name: "The cake finished" })).toContainText(/g icing/u);
    await page.getByRole("combobox", { name: "What to frost" }).selectOption("none");
    await expect(own).toContainText("Icing");
    await expect(station(page, "Finish")).toContainText("as the recipe says");
    await expectAccessible(page);
    // By the recipe's own lines still, as much as the top takes.
    await page.getByRole("button", { name: "Measure it to cover the top" }).click();
    await expect(page.getByLabel("Made by", { exact: true })).toHaveValue(/./u);
    await expect(own).toBeHidden();
    await expect(savedMark(page)).toBeVisible();
  });

  test("counts what its recipe lays on the batter, and leaves it off", async ({ page }) => {
    await page.goto("/recipes/new");
    await page
      .getByRole("textbox")
      .fill(
        "Ropewalk crumb cake\n\nFor the cake:\n150 g butter\n150 g caster sugar\n3 eggs\n200 g plain flour\n2 tsp baking powder\n\nFor the crumble:\n120 g plain flour\n80 g demerara sugar\n80 g butter\n\nHeat the oven to 180C. Line a 20 cm square tin.\nCream the butter and sugar, beat in the eggs and fold in the flour and baking powder.\nSpread into the tin, scatter the crumble over the top and bake for 45 minutes.\nCool in the tin.",
      );
    await page.getByRole("button", { name: "Keep this recipe" }).click();
    await page.getByRole("link", { name: "In another tin" }).click();
    await keepAsked(page, "Ropewalk crumb cake");
    await station(page, "Fill").click();
    const laid = page.getByRole("checkbox", { name: /280.g on the batter, as the recipe says/u });
    await expect(laid).toBeChecked();
    const full = async (): Promise<number> =>
      Number(/(\d+).% full/u.exec(plain(await station(page, "Fill").innerText()))?.[1]);
    const before = await full();
    await laid.uncheck();
    await expect.poll(full).toBeLessThan(before);
    await expect(savedMark(page)).toBeVisible();
    await page.reload();
    await expect(laid).not.toBeChecked();
    await laid.check();
    await expect.poll(full).toBe(before);
    await expectAccessible(page);
  });

  test("moves the batter with its level: dragged, then by keys, then undone and redone, and kept", async ({
    page,
  }) => {
    await ownCake(page, "Dragged layers", `${LAYERS}&tins=24 x 6 cm springform`);
    await station(page, "Fill").click();
    await page
      .getByText("keep to whole eggs", { exact: false })
      .or(page.getByLabel("How much to make"))
      .first()
      .waitFor();
    const before = Number(await level(page).getAttribute("aria-valuenow"));
    const handle = await level(page).boundingBox();
    if (handle === null) throw new Error("no handle");
    const [x, y] = [handle.x + handle.width / 4, handle.y + handle.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x, y - 15, { steps: 4 });
    await page.mouse.up();
    await expect
      .poll(async () => Number(await level(page).getAttribute("aria-valuenow")))
      .toBeGreaterThan(before + 3);
    await expect(page.getByLabel("How much to make")).toHaveValue("times");
    const dragged = await level(page).getAttribute("aria-valuetext");
    // Without whole eggs each key is a millimetre; with them the level may hold still until the
    // next egg.
    await page.getByLabel("keep to whole eggs where the depth allows it").uncheck();
    const from = Number(await level(page).getAttribute("aria-valuenow"));
    await level(page).focus();
    await page.keyboard.press("ArrowDown");
    await page.keyboard.press("ArrowDown");
    await expect
      .poll(async () => Number(await level(page).getAttribute("aria-valuenow")))
      .toBe(from - 2);
    await page.keyboard.press("Control+z");
    await expect
      .poll(async () => Number(await level(page).getAttribute("aria-valuenow")))
      .toBe(from);
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(level(page)).toHaveAttribute("aria-valuetext", dragged ?? "");
    await page.getByRole("button", { name: "Undo" }).click();
    await expect
      .poll(async () => Number(await level(page).getAttribute("aria-valuenow")))
      .toBe(before);
    await page.getByRole("button", { name: "Redo" }).click();
    await expect(level(page)).toHaveAttribute("aria-valuetext", dragged ?? "");
    await expect(savedMark(page)).toBeVisible();
    await page.reload();
    await expect(level(page)).toHaveAttribute("aria-valuetext", dragged ?? "");
  });

  test("follows a finger, and the slider of the scale", async ({ browser }) => {
    const context = await browser.newContext({
      hasTouch: true,
      viewport: { width: 390, height: 844 },
      isMobile: true,
    });
    const page = await context.newPage();
    await page.goto("/cakes/harbour-supper?at=fill");
    await page.waitForFunction(() =>
      [...document.querySelectorAll("main button")].every((control) =>
        Object.keys(control).some((key) => key.startsWith("__react")),
      ),
    );
    const touched = page.getByRole("slider", { name: /^Level of the batter/u });
    const before = Number(await touched.getAttribute("aria-valuenow"));
    const box = await touched.boundingBox();
    if (box === null) throw new Error("no handle");
    expect(box.height).toBeGreaterThanOrEqual(44);
    const devtools = await context.newCDPSession(page);
    const at = { x: box.x + box.width / 4, y: box.y + box.height / 2 };
    await devtools.send("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: [at] });
    for (const up of [4, 8, 12])
      await devtools.send("Input.dispatchTouchEvent", {
        type: "touchMove",
        touchPoints: [{ x: at.x, y: at.y - up }],
      });
    await devtools.send("Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [] });
    await expect
      .poll(async () => Number(await touched.getAttribute("aria-valuenow")))
      .toBeGreaterThan(before + 3);
    const scale = page.getByRole("slider", { name: "Scale" });
    await scale.focus();
    await page.keyboard.press("Home");
    await expect(scale).toHaveAttribute("aria-valuetext", /× 0\.25 of the recipe/u);
    await page.getByRole("button", { name: "Undo" }).click();
    await page.getByRole("button", { name: "Undo" }).click();
    await expect.poll(async () => Number(await touched.getAttribute("aria-valuenow"))).toBe(before);
    await expect(savedMark(page)).toBeVisible();
    await context.close();
  });

  test("takes tins from the cupboard by best fit, with the reason; says what overflows and what to do with the rest", async ({
    page,
  }) => {
    await ownCake(page, "Fitted layers", `${LAYERS}&tins=15 x 5 cm round`);
    await station(page, "Fill").click();
    await expect(page.getByText("may overflow").first()).toBeVisible();
    await expect(
      page.getByText(/too much for these tins: it makes \d+ cup cakes of/u),
    ).toBeVisible();
    const first = page.getByRole("listitem").filter({ hasText: "2 × The pair of rounds" }).first();
    await expect(first).toContainText("as deep as in the recipe's own");
    await first.getByRole("button", { name: /^Take/u }).click();
    await expect(page.getByLabel("My tin", { exact: true })).toHaveValue("2 x 20.3 x 5.1 cm round");
    await expect(page.getByText("space to rise").first()).toBeVisible();
    await expect(page.getByText(/too much for these tins/u)).toHaveCount(0);
    await expect(first.getByRole("button", { name: /^taken/u })).toBeDisabled();
  });

  test("scales by depth, by number and by guests, and says what can't be read without losing it", async ({
    page,
  }) => {
    await ownCake(page, "Scaled layers", `${LAYERS}&tins=2 x 20.3 x 5.1 cm round`);
    await station(page, "Fill").click();
    const how = page.getByLabel("How much to make");
    await how.selectOption("depth");
    await page.getByLabel("keep to whole eggs where the depth allows it").uncheck();
    await page.getByLabel("Deep in the first tin").fill("2.2 cm");
    await expect(level(page)).toHaveAttribute("aria-valuenow", "22");
    await page.getByLabel("Deep in the first tin").fill("22 cm");
    await expect(
      page
        .getByText("Depth of the batter 220 mm is too much: 5 to 200 mm.")
        .or(page.getByText(/220 mm is too/u))
        .first(),
    ).toBeVisible();
    await how.selectOption("guests");
    await expect(page.getByLabel("Guests")).toHaveValue("24");
    await page.getByLabel("Guests").fill("some");
    await expect(page.getByText("“some” can't be read: write a number like 24.")).toBeVisible();
    await expect(page.getByLabel("Guests")).toHaveValue("some");
    await page.getByLabel("Guests").fill("12");
    // 12 x 130 mL of cake, over 1.75, is 891 mL of batter: 766 g, 383 g in each.
    await expect(amounts(page)).toContainText(/2 × 38\d.g/u);
    // More than the two tins take: as often as it needs, and no batter twice in them in silence.
    await page.getByLabel("Guests").fill("40");
    await expect(page.getByText(/too much for these tins/u)).toBeVisible();
    await page.getByRole("button", { name: "Fill these tins twice" }).click();
    await expect(page.getByText(/too much for these tins/u)).toHaveCount(0);
    await expect(page.getByLabel("My tin", { exact: true })).toHaveValue("4 x 20.3 x 5.1 cm round");
    await expect(page.getByText("you own 2. Filled twice, washed", { exact: false })).toBeVisible();
    await station(page, "Serve").click();
    await expect(page.getByText(/^Enough for 40 guests/u)).toBeVisible();
    await station(page, "Fill").click();
    await how.selectOption("times");
    await page.getByLabel("Times").fill("1 1/4");
    await page.getByLabel("keep to whole eggs where the depth allows it").check();
    await station(page, "Mix").click();
    await expect(page.getByRole("definition").filter({ hasText: "× 1.25" }).first()).toBeVisible();
    await expect(page.getByText("5 eggs instead of 4.")).toBeVisible();
  });

  test("lowers what fits for fruit and for a school, and divides as she does", async ({ page }) => {
    await ownCake(page, "Fruit floor", `${LAYERS}&tins=23 x 6.5 cm springform`);
    await station(page, "Fill").click();
    const bare = Number(await level(page).getAttribute("aria-valuenow"));
    await page.getByText("How full, fruit, dividing").click();
    await page.getByLabel("Fruit on the floors or pressed in").fill("400 g");
    await expect
      .poll(async () => Number(await level(page).getAttribute("aria-valuenow")))
      .toBe(bare + 10);
    await page.getByLabel("Fruit on the floors or pressed in").fill("40 kg");
    await expect(page.getByText("Fruit 40000 g is too much: 0 to 10000 g.")).toBeVisible();
    await page.getByLabel("Fruit on the floors or pressed in").fill("");
    await page.getByLabel("Divided").selectOption("eye");
    await expect(page.getByText(/Dividing by eye each is likely within 1[12]\d.g/u)).toBeVisible();
  });

  test("keeps its copy of a tin that was taken out of the cupboard, and of a recipe that was changed", async ({
    page,
  }) => {
    await page.goto("/tins");
    await page.getByLabel("Another tin: write its size").fill("19 x 19 x 5 cm square");
    await page.getByRole("button", { name: "Add", exact: true }).click();
    await expect(page.getByRole("link", { name: /square 19 × 5 cm/u })).toBeVisible();
    await page.goto("/recipes/lantern-sponge");
    await page.getByRole("link", { name: "In another tin" }).click();
    await page.getByRole("button", { name: "From the cupboard" }).click();
    await page.getByRole("button", { name: "One square 19 × 5 cm more" }).click();
    await page.getByRole("button", { name: "Use these" }).click();
    await page.getByRole("button", { name: "Keep this as a cake" }).click();
    await page.getByRole("textbox", { name: "Name of the cake" }).fill("Copied square");
    await page.getByRole("button", { name: "Keep", exact: true }).click();
    await page.getByRole("button", { name: "Open" }).click();
    await expect(page.getByRole("heading", { name: "Copied square" })).toBeVisible();
    const address = page.url();
    await page.goto("/tins");
    await page.getByRole("link", { name: /square 19 × 5 cm/u }).click();
    await page.getByRole("button", { name: "Delete" }).click();
    await expect(page.getByRole("link", { name: /square 19 × 5 cm/u })).toHaveCount(0);
    await page.goto(`${address}?at=fill`);
    await expect(page.getByLabel("My tin", { exact: true })).toHaveValue("19 x 19 x 5 cm square");
    await expect(level(page)).toBeVisible();

    await page.goto("/recipes/lantern-sponge");
    const line = page.getByRole("textbox", { name: /^Line: .*sugar/u }).first();
    const was = await line.inputValue();
    await line.fill(was.replace(/^\d+/u, "900"));
    await expect(savedMark(page)).toBeVisible();
    await page.goto(address);
    await expect(
      page.getByText("The recipe was changed since this cake copied it.", { exact: false }),
    ).toBeVisible();
    await expect(page.getByRole("table", { name: "The batter, scaled" })).not.toContainText(
      "900 g",
    );
    await page.getByRole("button", { name: "Take it as it is now" }).click();
    await expect(page.getByRole("table", { name: "The batter, scaled" })).toContainText("900 g");
    await page.goto("/recipes/lantern-sponge");
    await page.getByRole("textbox", { name: /^Line: 900/u }).fill(was);
    await expect(savedMark(page)).toBeVisible();
  });

  test("left half-written is found half-written, and planned once it is mended", async ({
    page,
  }) => {
    await ownCake(page, "Half a cake", `${LAYERS}&tins=23 cm round`);
    await station(page, "Fill").click();
    await page.getByLabel("How much to make").selectOption("times");
    await page.getByLabel("Times").fill("many");
    await page.getByLabel("My tin", { exact: true }).fill("23 c");
    await expect(page.getByText("Something in Fill can't be used yet.")).toBeVisible();
    await expect(level(page)).toBeVisible();
    await expect(savedMark(page)).toBeVisible();
    await page.reload();
    await expect(
      page.getByText("This cake was left half-written.", { exact: false }),
    ).toBeVisible();
    await expect(page.getByLabel("My tin", { exact: true })).toHaveValue("23 c");
    await expect(page.getByLabel("Times")).toHaveValue("many");
    await expectAccessible(page);
    await page.getByLabel("My tin", { exact: true }).fill("23 cm round");
    await page.getByLabel("Times").fill("1.5");
    await expect(level(page)).toBeVisible();
    await page.getByRole("button", { name: "Remove tin 1" }).click();
    await expect(page.getByText("No tin yet: choose one in Fill.")).toBeVisible();
  });

  test("says the same as the plan file", async ({ page, kitchen }) => {
    const { folder, request } = {
      folder: kitchen.folder,
      request: {
        recipe: {
          batter: { kind: "creamed", massG: 1030, volumeMl: 1200 },
          eggs: 4,
          reference: {
            tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
            ovenC: 177,
            minutes: 34,
          },
        },
        tins: [
          { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65, count: 2 },
          { shape: "well", rimMm: 70, floorMm: 52, depthMm: 32, count: 6 },
        ],
        scale: 1.3,
        eggs: "whole",
        fill: { fullAtMost: "two-thirds", fruitG: 120 },
      },
    };
    const file = join(folder, "cake.json");
    writeFileSync(file, JSON.stringify(request));
    const answer = JSON.parse(
      execFileSync("npm", ["run", "-s", "plan", "--", file], { encoding: "utf8" }),
    ) as {
      scale: number;
      mix: { eggs: number };
      fill: { tins: { batterG: number; depthMm: number; fullFraction: number; limitMl: number }[] };
    };
    await ownCake(
      page,
      "Like the file",
      `${LAYERS}&tins=2 x 21.6 x 11.4 x 6.5 cm loaf;6 cups 7 x 5.2 x 3.2 cm`,
    );
    await station(page, "Fill").click();
    await page.getByLabel("How much to make").selectOption("times");
    await page.getByLabel("Times").fill("1.3");
    await page.getByText("How full, fruit, dividing").click();
    await page.getByLabel("Never fuller than").selectOption("two-thirds");
    await page.getByLabel("Fruit on the floors or pressed in").fill("120 g");
    await expect(page.getByRole("slider", { name: "Scale" })).toHaveAttribute(
      "aria-valuetext",
      new RegExp(
        `× ${Math.round(answer.scale * 100) / 100} of the recipe, ${answer.mix.eggs} eggs`,
        "u",
      ),
    );
    const shown = plain(await amounts(page).innerText());
    for (const tin of answer.fill.tins) {
      const grams = tin.batterG < 100 ? Math.round(tin.batterG) : 5 * Math.round(tin.batterG / 5);
      expect(shown).toMatch(
        new RegExp(`× (?:${grams}|${grams - 5}|${grams + 5}|${grams - 1}|${grams + 1}) g`, "u"),
      );
      expect(shown).toContain(`${Math.round(tin.depthMm)} mm deep`);
      expect(shown).toContain(`${Math.round(tin.fullFraction * 100)} % of the volume`);
    }
  });
});

test.describe("one cake on two pages", () => {
  test("changes of different boxes are brought together", async ({ page, context }) => {
    await ownCake(page, "Shared layers", `${LAYERS}&tins=23 cm round`);
    const other = await context.newPage();
    await other.goto(page.url());
    await other.getByRole("textbox", { name: "Minutes" }).fill("41 min");
    await expect(savedMark(other)).toBeVisible();
    await page.getByRole("textbox", { name: "Oven", exact: true }).fill("165 °C");
    await expect(page.getByRole("textbox", { name: "Minutes" })).toHaveValue("41 min");
    await expect(savedMark(page)).toBeVisible();
    await page.reload();
    await expect(page.getByRole("textbox", { name: "Minutes" })).toHaveValue("41 min");
    await expect(page.getByRole("textbox", { name: "Oven", exact: true })).toHaveValue("165 °C");
    // The other page sees it when somebody comes back to it.
    await other.evaluate(() => window.dispatchEvent(new Event("focus")));
    await expect(other.getByRole("textbox", { name: "Oven", exact: true })).toHaveValue("165 °C");
  });

  test("a change of the same box is settled without losing either", async ({ page, context }) => {
    await ownCake(page, "Torn layers", `${LAYERS}&tins=23 cm round`);
    const address = page.url();
    const other = await context.newPage();
    await other.goto(address);
    await other.getByRole("textbox", { name: "Minutes" }).fill("41 min");
    await expect(savedMark(other)).toBeVisible();
    await page.getByRole("textbox", { name: "Minutes" }).fill("38 min");
    await expect(page.getByText("in the same place as here", { exact: false })).toBeVisible();
    await expect(page.getByRole("textbox", { name: "Minutes" })).toHaveValue("38 min");
    await expectAccessible(page);
    await page.getByRole("button", { name: "Stay with this page" }).click();
    await expect(savedMark(page)).toBeVisible();
    await page.reload();
    await expect(page.getByRole("textbox", { name: "Minutes" })).toHaveValue("38 min");
    await page.goto("/cakes");
    await page.getByRole("link", { name: /^Torn layers, other page \d\d:\d\d$/u }).click();
    await expect(page.getByRole("textbox", { name: "Minutes" })).toHaveValue("41 min");
  });
});

for (const at of ["mix", "fill", "bake", "cool", "build", "finish"]) {
  for (const width of [1280, 390]) {
    test(`its station ${at} is accessible and fits at ${width} px`, async ({ page }) => {
      await page.setViewportSize({ width, height: 844 });
      await page.goto(`/cakes/ferry-morning?at=${at}`);
      await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
      await expectAccessible(page);
      await expectNoSideways(page);
    });
  }
}
