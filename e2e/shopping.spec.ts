import { readFileSync } from "node:fs";
import { expect, expectAccessible, expectNoSideways, plain, test } from "./kitchen";

/** The ferry crew's loaves and the lantern night's cups. */
const DAYS = "/shopping?from=2026-12-06&to=2026-12-09";

test.describe("shopping", () => {
  test("is for all cakes of some days together, and is ticked off", async ({ page }) => {
    await page.goto(DAYS);
    const list = page.getByRole("region", { name: "What to buy" });
    await expect(list.getByRole("status").first()).toContainText(/^\d+ to buy/u);
    const cakes = page.getByRole("list", { name: "Cakes of these days" }).getByRole("link");
    await expect(cakes.first()).toHaveAttribute("href", "/cakes/ferry-morning");
    // Both take eggs: of a box for each, one line.
    const eggs = list.getByRole("listitem").filter({ hasText: /eggs/u });
    await expect(eggs).toHaveCount(1);
    await expect(eggs).toContainText(/Ferry crew, Sunday morning|for all of them/u);
    await expect(eggs).toContainText(/box(?:es)? of 6/u);
    const shelves = await list.getByRole("heading", { level: 2 }).allInnerTexts();
    expect(shelves.indexOf("Baking")).toBeGreaterThan(shelves.indexOf("Eggs, butter, milk"));
    const before = Number.parseInt(await list.getByRole("status").first().innerText(), 10);
    await eggs.getByRole("checkbox").check();
    await list.getByRole("button", { name: "I have plain flour" }).click();
    await expect(list.getByRole("status").first()).toContainText(`${before - 2} to buy`);
    await expect(list.getByRole("listitem").filter({ hasText: "plain flour" })).toContainText(
      "in the kitchen",
    );
    await page.reload();
    await expect(eggs.getByRole("checkbox")).toBeChecked();
    await eggs.getByRole("checkbox").uncheck();
    await expect(list.getByRole("status").first()).toContainText(`${before - 1} to buy`);
    await page.reload();
    await expect(eggs.getByRole("checkbox")).not.toBeChecked();
    await expect(list).toContainText("Contains wheat");
  });

  test("goes on without the kitchen, and brings its ticks when it is back", async ({
    page,
    context,
  }) => {
    await page.goto(DAYS);
    const list = page.getByRole("region", { name: "What to buy" });
    const butter = list.getByRole("listitem").filter({ hasText: "unsalted butter" }).first();
    await expect(butter).toBeVisible();
    // A shop without signal: requests go nowhere, and the page is told nothing.
    await page.route("**/*", (route) =>
      route.request().method() === "POST" ? route.abort("internetdisconnected") : route.continue(),
    );
    await butter.getByRole("checkbox").check();
    await expect(list).toContainText("1 tick waits on this device");
    await expect(butter.getByRole("checkbox")).toBeChecked();
    await page.unroute("**/*");
    // The page is closed before the kitchen is reached; another day it brings the tick along.
    await page.goto("/cakes");
    await page.goto(DAYS);
    await expect(butter.getByRole("checkbox")).toBeChecked();
    await expect(list).not.toContainText("waits on this device");
    const second = await context.newPage();
    await second.goto(DAYS);
    await expect(
      second
        .getByRole("listitem")
        .filter({ hasText: "unsalted butter" })
        .first()
        .getByRole("checkbox"),
    ).toBeChecked();
    await second.close();
    await butter.getByRole("checkbox").uncheck();
    await expect(list).not.toContainText("waits on this device");
  });

  test("is taken along as a text and as a table", async ({ page, context }) => {
    await context.grantPermissions(["clipboard-read", "clipboard-write"]);
    await page.goto(DAYS);
    await page.getByRole("button", { name: "Copy as text" }).click();
    await expect(
      page.getByText("Copied: paste it wherever you like.", { exact: true }),
    ).toBeVisible();
    const text = plain(await page.evaluate(() => navigator.clipboard.readText()));
    expect(text).toContain("Eggs, butter, milk\n");
    expect(text).toMatch(/^- \d+ eggs \(\d box(?:es)? of 6/mu);
    const saved = page.waitForEvent("download");
    await page.getByRole("button", { name: "Save as a table" }).click();
    const file = await saved;
    expect(file.suggestedFilename()).toBe("shopping-2026-12-06-to-2026-12-09.csv");
    const csv = readFileSync(await file.path(), "utf8");
    expect(csv.split("\n")[0]).toBe("aisle,item,amount,packs,note,got,for");
  });

  test("knows what the kitchen has, and what is put away and taken back", async ({ page }) => {
    await page.goto(DAYS);
    const list = page.getByRole("region", { name: "What to buy" });
    const oil = list.getByRole("listitem").filter({ hasText: "vegetable oil" });
    await expect(oil.getByRole("checkbox")).not.toBeChecked();
    const sheet = page.getByRole("dialog", { name: "vegetable oil in your kitchen" });
    const know = page.getByRole("button", { name: "vegetable oil in your kitchen" });
    const has = sheet.getByLabel("What you have, roughly");
    await know.click();
    await expectAccessible(page);
    await has.fill("rubbish");
    await expect(sheet).toContainText("Say it as 300 g, half a pack, plenty or none");
    await sheet.getByLabel("A pack holds").fill("0 g");
    await expect(sheet).toContainText("more than nothing and at most 100 kg");
    await expect(sheet.getByRole("button", { name: "Keep" })).toBeDisabled();
    await has.fill("100 ml");
    await sheet.getByLabel("A pack holds").fill("500 ml");
    await sheet.getByLabel("A pack costs").fill("£3.50");
    await sheet.getByRole("button", { name: "Keep" }).click();
    await expect(sheet).toBeHidden();
    // Of 260 ml and 100 ml there: half a litre to buy, no part of it twice.
    await expect(oil).toContainText(/besides the 100.mL here/u);
    await expect(oil).toContainText(/1 × 500.mL, 3[34]0.mL over/u);
    await expect(list.getByRole("status").first()).toContainText(/costs £\d+\.\d\d/u);
    await know.click();
    await has.fill("plenty");
    await sheet.getByRole("button", { name: "Keep" }).click();
    await expect(oil).toContainText("plenty here");
    await expect(oil.getByRole("checkbox")).toBeChecked();
    await page.reload();
    await expect(oil).toContainText("plenty here");
    // There is none after all, and then there is again.
    await oil.getByRole("checkbox").click();
    await expect(oil).not.toContainText("plenty here");
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(oil).toContainText("plenty here");
    await know.click();
    await has.fill("");
    await sheet.getByRole("button", { name: "Keep" }).click();
    await expect(oil.getByRole("checkbox")).not.toBeChecked();
    // What comes home counts from then on; and goes back into the basket.
    await oil.getByRole("checkbox").check();
    await page.getByRole("button", { name: "Put away what is in the basket" }).click();
    await expect(oil).toContainText(/about 500.mL here/u);
    await page.getByRole("button", { name: "Undo" }).first().click();
    await expect(oil).toContainText("in the basket");
    await oil.getByRole("checkbox").uncheck();
    await page.getByText(/^In your kitchen: \d+$/u).click();
    await page.getByLabel("Something else").fill("strong coffee beans from the quay");
    await page.getByRole("button", { name: "Add" }).click();
    await expect(page.getByRole("dialog")).toContainText("in your kitchen");
    await page.keyboard.press("Escape");
  });

  test("says what was not kept while the kitchen is out of reach", async ({ page }) => {
    await page.goto(DAYS);
    await page.getByRole("button", { name: "yoghurt in your kitchen" }).click();
    await page.route("**/shopping/larder", (route) => route.abort("internetdisconnected"));
    await page.getByLabel("What you have, roughly").fill("1 kg");
    await page.getByRole("button", { name: "Keep" }).click();
    await expect(page.getByText("so this was not kept").first()).toBeVisible();
    await expect(page.getByLabel("What you have, roughly")).toHaveValue("1 kg");
    await page.unroute("**/shopping/larder");
  });

  test("keeps nothing of a kitchen that can't be so", async ({ page }) => {
    await page.goto(DAYS);
    const { origin } = new URL(page.url());
    const said = { key: "salt", name: "salt", at: 1 };
    for (const data of [
      null,
      {},
      [{ change: { ...said, pack: { in: "g", amount: 0 } }, ticks: [] }],
      [{ change: { ...said, has: { in: "g", amount: 1e9 } }, ticks: [] }],
      [{ change: { ...said, has: { in: "miles", amount: 3 } }, ticks: [] }],
      [{ change: { ...said, price: { amount: -1, sign: "£" } }, ticks: [] }],
    ]) {
      const answer = await page.request.post("/shopping/larder", {
        headers: { origin, "content-type": "application/json" },
        data: JSON.stringify(data),
      });
      expect(answer.status()).toBe(400);
      expect(await answer.json()).toHaveProperty("message");
    }
  });

  test("asks for other days, and says when the next cake is wanted where none is", async ({
    page,
  }) => {
    await page.goto("/shopping?from=2020-01-01&to=2020-01-07");
    await expect(page.getByText("No cake is wanted from Wednesday 1 January")).toBeVisible();
    await page.getByRole("link", { name: /^Up to .*, when the next one is wanted$/u }).click();
    await expect(page.getByRole("region", { name: "What to buy" })).toBeVisible();
    await page.getByRole("button", { name: "Two weeks" }).click();
    await expect(page.getByRole("button", { name: "Two weeks" })).toHaveAttribute(
      "aria-pressed",
      "true",
    );
    await page.goto("/shopping?from=rubbish&to=2001-02-30");
    await expect(page.getByRole("heading", { name: "Shopping" })).toBeVisible();
  });

  for (const width of [390, 1280])
    test(`is within reach of everybody at ${width} px`, async ({ page }) => {
      await page.setViewportSize({ width, height: 844 });
      await page.goto(DAYS);
      await expect(page.getByRole("checkbox").first()).toBeVisible();
      await expectNoSideways(page);
      await expectAccessible(page);
      const first = page.getByRole("checkbox").first();
      // Whoever came before may have left it either way.
      const was = await first.isChecked();
      await first.focus();
      await page.keyboard.press("Space");
      await expect(first).toBeChecked({ checked: !was });
      await page.keyboard.press("Space");
      await expect(first).toBeChecked({ checked: was });
      // Nothing is left on its way to the kitchen when the page goes.
      await expect(page.getByText("waits on this device")).toHaveCount(0);
    });
});
