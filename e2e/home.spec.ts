import {
  dateIn,
  expect,
  expectAccessible,
  expectNoSideways,
  ownCake,
  LAYERS,
  station,
  test,
} from "./kitchen";

test.describe("the kitchen now", () => {
  test("has the cakes to come in order, what to begin and when, and how much to buy", async ({
    page,
  }) => {
    await ownCake(page, "Breakwater tea", `${LAYERS}&tins=2 x 20.3 x 5.1 cm round&cover=top`);
    await station(page, "Day").click();
    await page.getByLabel("Wanted", { exact: true }).fill(`${dateIn(10)}T15:00`);
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.goto("/");
    const days = page.getByRole("region", { name: "The coming days" });
    await expect(days.getByRole("status")).toContainText(
      /^(?:Begin|Should have begun) at \d\d:\d\d on \p{L}+day/u,
    );
    const cakes = days.getByRole("list", { name: "Cakes to come" }).getByRole("link");
    const tea = cakes.filter({ hasText: "Breakwater tea" });
    await expect(tea).toContainText(/begin (?:\p{L}+ \d+ \p{L}+, )?\d\d:\d\d/u);
    // The plan's own Day says the same minute.
    const told = /begin .*?(\d\d:\d\d)/u.exec(await tea.innerText())?.[1] ?? "";
    await tea.click();
    await station(page, "Day").click();
    await expect(page.getByRole("region", { name: "The day" })).toContainText(`Begin at ${told}`);
    await page.goto("/");
    const toBuy = page.getByRole("link", { name: /things? to buy/u });
    const count = Number.parseInt(await toBuy.innerText(), 10);
    await toBuy.click();
    await expect(page.getByText(`${count} to buy`, { exact: true })).toBeVisible();
    await expect(page.getByRole("region", { name: "What to buy" })).toContainText(
      "unsalted butter",
    );
  });

  test("has the bake that goes on, its clocks, and the way back to it", async ({ page }) => {
    await ownCake(page, "Slipway rounds", `${LAYERS}&tins=2 x 20.3 x 5.1 cm round&cover=none`);
    await station(page, "Day").click();
    await page.getByLabel("Wanted", { exact: true }).fill(`${dateIn(10)}T15:00`);
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.getByRole("button", { name: "10 times as fast" }).click();
    await page.waitForURL(/\/bakes\//u);
    const bench = page.url();
    await page.getByRole("region", { name: "The step" }).waitFor();
    await page.goto("/");
    const now = page.getByRole("region", { name: "Baking now" });
    await expect(now).toContainText("Rehearsing: Slipway rounds");
    await now
      .locator("div")
      .filter({ hasText: "Slipway rounds" })
      .getByRole("link", { name: "On with it" })
      .last()
      .click();
    await expect(page).toHaveURL(bench);
  });

  test("takes a question that was kept in an address of long ago to where it is asked", async ({
    page,
  }) => {
    await page.goto("/?tins=loaf 22 x 11 x 7 cm");
    await expect(page).toHaveURL(/\/try\?tins=/u);
    await expect(page.getByText("loaf 22 × 11 × 7 cm, holds")).toBeVisible();
  });

  for (const width of [390, 1280])
    test(`is within reach of everybody at ${width} px`, async ({ page }) => {
      await page.setViewportSize({ width, height: 844 });
      await page.goto("/");
      await expect(page.getByRole("link", { name: /^Try a tin/u }).last()).toBeVisible();
      await expectNoSideways(page);
      await expectAccessible(page);
    });
});
