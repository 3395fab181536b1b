import type { Page } from "@playwright/test";
import { expect, expectAccessible, expectNoSideways, plain, test } from "./kitchen";

/** An oven of a test's own. */
async function ownOven(page: Page, name: string): Promise<void> {
  await page.goto("/ovens");
  await page.getByRole("button", { name: "Add an oven" }).click();
  await page.getByRole("textbox", { name: "Name of the oven" }).fill(name);
  await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
}

async function addReading(page: Page, dial: string, trueHeat: string): Promise<void> {
  await page.getByLabel("Dial set to").fill(dial);
  await page.getByLabel("Thermometer reads").fill(trueHeat);
  await page.getByRole("button", { name: "Add the reading" }).click();
}

test.describe("ovens", () => {
  test("readings become a number, one that disagrees is set aside, and a wrong one is named and kept in its box", async ({
    page,
  }) => {
    await ownOven(page, "Lighthouse oven");
    await expect(page.getByText(/no readings yet/iu)).toBeVisible();
    await addReading(page, "180", "172");
    await addReading(page, "180 C", "174");
    await addReading(page, "350 F", "170");
    await expect(
      page.getByText(/^7.°C cooler than its dial says, give or take \d/iu),
    ).toBeVisible();
    await expect(page.getByText(/a cake of 35 minutes takes 3[78].min here/u)).toBeVisible();
    await addReading(page, "180", "140");
    await expect(
      page.getByText("one is far from the others and set aside", { exact: false }),
    ).toBeVisible();
    await expect(page.getByText(/^7.°C cooler than its dial says/iu)).toBeVisible();
    await addReading(page, "180", "lukewarm");
    await expect(
      page.getByText("“lukewarm” can't be read: write a temperature like 174 °C or 345 °F."),
    ).toBeVisible();
    await expect(page.getByLabel("Thermometer reads")).toHaveValue("lukewarm");
    await page.getByLabel("Thermometer reads").fill("900");
    await expect(page.getByText(/^Thermometer 900.°C is too high: 30 to 350.°C\.$/u)).toBeVisible();
    await expect(page.getByRole("list", { name: "Readings" }).getByRole("listitem")).toHaveCount(4);
    await page.getByRole("button", { name: /^Delete 180.°C reads 140/u }).click();
    await expect(page.getByRole("list", { name: "Readings" }).getByRole("listitem")).toHaveCount(3);
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.getByRole("list", { name: "Readings" }).getByRole("listitem")).toHaveCount(4);
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.reload();
    await expect(page.getByRole("list", { name: "Readings" }).getByRole("listitem")).toHaveCount(4);
  });

  test("its boxes keep what can't be used and say what would be right", async ({ page }) => {
    await ownOven(page, "Attic oven");
    await page.getByLabel("Shelf across").fill("3 m");
    await expect(
      page.getByText("“3 m” can't be read: write a length like 20 cm or 8 in."),
    ).toBeVisible();
    await page.getByLabel("Front to back").fill("3 cm");
    await expect(page.getByText(/is too shallow: 15.* to 1.?00/u)).toBeVisible();
    await page.getByLabel("Warm in").fill("500");
    await expect(page.getByText(/^Warm-up 500.min is too long: 1 to 90.min\.$/u)).toBeVisible();
    await page.getByLabel("Shelf across").fill("50 cm");
    await page.getByLabel("Front to back").fill("38 cm");
    await page.getByLabel("Warm in").fill("20 min");
    await page.getByLabel("Dial marked in").selectOption("F");
    await expect(page.getByLabel("Marks apart")).toHaveValue("25");
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.reload();
    await expect(page.getByLabel("Shelf across")).toHaveValue(/^50/u);
    await expect(page.getByLabel("Dial marked in")).toHaveValue("F");
  });

  test("tins stand on its shelf with air around them, in as many loads as it takes", async ({
    page,
  }) => {
    await page.goto("/ovens/galley");
    const shelf = page.getByRole("region", { name: "On its shelf" });
    await shelf.getByLabel("2 × The pair of rounds").check();
    await shelf.getByLabel("2 × Loaf tin").check();
    await expect(shelf.getByRole("status")).toContainText(/These take \d loads\./u);
    await shelf.getByLabel("2 × The pair of rounds").uncheck();
    await expect(shelf.getByRole("status")).toContainText("These go in at once");
    await page.goto("/ovens/chapel");
    await page.getByRole("region", { name: "On its shelf" }).getByLabel("Supper rectangle").check();
    await expect(
      page.getByRole("region", { name: "On its shelf" }).getByRole("status"),
    ).toContainText("Supper rectangle is too large for it.");
  });

  test("is taken out, and put back", async ({ page }) => {
    await ownOven(page, "Short-lived oven");
    await page.getByRole("button", { name: "Delete", exact: true }).click();
    await expect(page).toHaveURL(/\/ovens$/u);
    await expect(page.getByRole("link", { name: /Short-lived oven/u })).toHaveCount(0);
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.getByRole("link", { name: /Short-lived oven/u })).toBeVisible();
  });

  test("how sure the forecast is, is told with its misses", async ({ page }) => {
    await page.goto("/cakes/harbour-supper?at=bake");
    await page.getByRole("link", { name: "How sure is this?" }).click();
    // A year's forecasts are worked out anew for it, while the cake it comes from is still solved.
    await page.waitForURL(/\/how-sure$/u);
    await expect(page.getByRole("heading", { name: "How sure is this?", level: 1 })).toBeVisible();
    const rows = page.getByRole("region", { name: "Usual and forecast minutes" }).getByRole("row");
    await expect(rows).toHaveCount(11);
    const said = plain(
      (await page.getByRole("img", { name: /two 8 in rounds/u }).getAttribute("aria-label")) ?? "",
    );
    const deep = /one deep 8 in: usually 50 to 60, forecast (\d+) minutes/u.exec(said)?.[1];
    await expect(rows.filter({ hasText: "one deep 8 in" })).toContainText(
      `${Number(deep) - 60}\u00a0min`,
    );
    // And her own bakes stand above, nearer with what the ones before had taught.
    const own = page.getByRole("region", { name: "Your own bakes" });
    const [bare, learnt] = [...(await own.innerText()).matchAll(/within (\d+)\s%/gu)].map(
      ([, share]) => Number(share),
    );
    expect(learnt).toBeLessThan(bare ?? 0);
    await expect(own.getByRole("img")).toHaveAccessibleName(/took 37\smin, forecast 34\smin/u);
    await expect(own.getByRole("listitem")).toContainText([/frosting/u, /loses/u]);
  });

  for (const path of ["/ovens", "/ovens/kitchen", "/how-sure"]) {
    for (const width of [1280, 390]) {
      test(`${path} is accessible and fits at ${width} px`, async ({ page }) => {
        await page.setViewportSize({ width, height: 844 });
        await page.goto(path);
        await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
        await expectAccessible(page);
        await expectNoSideways(page);
      });
    }
  }
});
