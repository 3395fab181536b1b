import { expect, expectAccessible, expectNoSideways, ownCake, savedMark, test } from "./kitchen";
import { holdWriteLock } from "./lock";

test.describe("cakes", () => {
  test("are kept from the bench, changed, and found again", async ({ page, context }) => {
    await page.goto("/try?tins=loaf 22 x 11 x 7 cm");
    await page.getByRole("button", { name: "Keep this as a cake" }).click();
    const name = page.getByRole("textbox", { name: "Name of the cake" });
    await name.fill("   ");
    await page.getByRole("button", { name: "Keep", exact: true }).click();
    await expect(page.getByText("A cake needs a name: 1 to 120 letters.")).toBeVisible();
    await name.fill("Chapel tea loaf");
    await page.getByRole("button", { name: "Keep", exact: true }).click();
    await page.getByRole("button", { name: "Open" }).click();
    await expect(page.getByRole("heading", { name: "Chapel tea loaf" })).toBeVisible();

    await page.getByRole("textbox", { name: "Minutes" }).fill("41 min");
    await expect(savedMark(page)).toBeVisible();
    const other = await context.newPage();
    await other.goto(page.url());
    await expect(other.getByRole("textbox", { name: "Minutes" })).toHaveValue("41 min");
    await other
      .getByRole("navigation", { name: "Stations" })
      .getByRole("button", { name: /^Fill/u })
      .click();
    await expect(other.getByRole("textbox", { name: "My tin", exact: true })).toHaveValue(
      "loaf 22 x 11 x 7 cm",
    );
  });

  test("are renamed, duplicated, deleted, and brought back", async ({ page }) => {
    await page.goto("/cakes");
    await page.getByRole("button", { name: "Rename Lantern night cups" }).click();
    await page.getByRole("textbox", { name: "Name of the cake" }).fill("Lantern night, small");
    await page.getByRole("button", { name: "Rename", exact: true }).click();
    await expect(page.getByRole("link", { name: "Lantern night, small" })).toBeVisible();
    await page.getByRole("button", { name: "Duplicate Harbour supper cake" }).click();
    await expect(page.getByRole("link", { name: "Harbour supper cake, copy" })).toBeVisible();
    await page.getByRole("button", { name: "Delete Harbour supper cake, copy" }).click();
    await expect(page.getByRole("link", { name: "Harbour supper cake, copy" })).toHaveCount(0);
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.getByRole("link", { name: "Harbour supper cake, copy" })).toBeVisible();
    await page.getByRole("button", { name: "Delete Harbour supper cake, copy" }).click();
    await expect(page.getByRole("link", { name: "Harbour supper cake, copy" })).toHaveCount(0);
  });

  test("mean by a bare figure what it meant when it was kept, and say so to whoever reads it otherwise", async ({
    page,
  }) => {
    await page.goto("/try");
    await page.getByRole("button", { name: "in, cups" }).click();
    await page.getByRole("button", { name: "°F" }).click();
    await ownCake(page, "Bare figures", "tins=9 in round&scale=depth&amount=1.5");
    await page.goto(`${page.url().split("?")[0] ?? ""}?at=fill`);
    const level = page.getByRole("slider", { name: /^Level of the batter/u });
    await expect(level).toHaveAttribute("aria-valuenow", "38");
    await page.getByRole("button", { name: "cm, g" }).click();
    await page.getByRole("button", { name: "°C" }).click();
    const line = page.getByText(
      "Figures without a unit were written as inches and °F here, and are read so.",
    );
    await expect(line).toBeVisible();
    await expect(level).toHaveAttribute("aria-valuenow", "38");
    await expectAccessible(page);
    await page.setViewportSize({ width: 390, height: 844 });
    await expectNoSideways(page);
    await page.getByRole("button", { name: "Read them as centimetres and °C" }).click();
    await expect(line).toHaveCount(0);
    await expect(level).toHaveAttribute("aria-valuenow", "15");
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(line).toBeVisible();
  });

  test("that are not there say so", async ({ page }) => {
    const response = await page.goto("/cakes/nobody");
    expect(response?.status()).toBe(404);
    await expect(page.getByRole("heading", { name: "There is nothing here" })).toBeVisible();
  });

  test("have no address that can't be read, and the kitchen says so", async ({ request }) => {
    for (const address of ["/cakes/%ff", "/recipes/%E0%A4", "/bakes/%c0%80/log", "/%"]) {
      const response = await request.get(address);
      expect([address, response.status()]).toEqual([address, 400]);
      expect(await response.text()).toContain("This address can't be read");
    }
    expect((await request.get("/cakes/%25ff")).status()).toBe(404);
  });

  test("keep what is typed while the data file is held by another program, and save it after", async ({
    page,
    kitchen,
  }) => {
    await page.goto("/cakes/harbour-supper");
    const lock = await holdWriteLock(kitchen.databaseUrl);
    const minutes = page.getByRole("textbox", { name: "Minutes" });
    await minutes.fill("36 min");
    await expect(
      page.getByText("Not saved yet: Another program is holding the kitchen's data file."),
    ).toBeVisible({ timeout: 25_000 });
    await expect(minutes).toHaveValue("36 min");
    await lock.release();
    await expect(savedMark(page)).toBeVisible({ timeout: 15_000 });
    await page.reload();
    await expect(minutes).toHaveValue("36 min");
    await minutes.fill("34 min");
    await expect(savedMark(page)).toBeVisible();
  });

  test("keep what is typed while the server is away", async ({ page, context }) => {
    await page.goto("/cakes/harbour-supper");
    await context.setOffline(true);
    await page.getByRole("textbox", { name: "Minutes" }).fill("37 min");
    await expect(
      page.getByText("Not saved yet: the kitchen's server can't be reached."),
    ).toBeVisible();
    await context.setOffline(false);
    await expect(savedMark(page)).toBeVisible({ timeout: 15_000 });
  });
});

for (const [path, heading] of [
  ["/cakes", "Cakes"],
  ["/tins", "Tins"],
  ["/recipes", "Recipes"],
  ["/cakes/harbour-supper", "Harbour supper cake"],
] as const) {
  for (const width of [1280, 390]) {
    test(`${path} is accessible and fits at ${width} px`, async ({ page }) => {
      await page.setViewportSize({ width, height: 844 });
      await page.goto(path);
      await expect(page.getByRole("heading", { name: heading, level: 1 })).toBeVisible();
      await expectAccessible(page);
      await expectNoSideways(page);
    });
  }
}

test("a tin and a recipe lead to the bench with themselves on it", async ({ page }) => {
  await page.goto("/tins");
  await page.getByRole("link", { name: /Glass dish/u }).click();
  await page.getByRole("link", { name: "A recipe into this tin" }).click();
  await expect(page.getByRole("textbox", { name: "My tin", exact: true })).toHaveValue(
    "33 x 23 x 5 cm rectangle glass",
  );
  await expect(page.getByText("No cold glass into a hot oven")).toBeVisible();
  await page.goto("/recipes");
  await page
    .getByRole("listitem")
    .filter({ hasText: "Rhubarb cups" })
    .getByRole("link", { name: "In another tin" })
    .click();
  await expect(page.getByLabel("Recipe", { exact: true })).toHaveValue("rhubarb-cups");
});

test("every page carries a strict content policy", async ({ page }) => {
  const headers = (await page.goto("/try"))?.headers() ?? {};
  expect(headers["content-security-policy"]).toMatch(
    /script-src 'self' 'nonce-[^']+' 'strict-dynamic';/u,
  );
  expect(headers["content-security-policy"]).not.toContain("unsafe-eval");
  expect(headers["x-content-type-options"]).toBe("nosniff");
});
