import { expect, expectAccessible, expectNoSideways, test } from "./kitchen";

test.describe("finding anything", () => {
  test("by one key from anywhere: a recipe, a cake, a bake, a tin, a page, chosen by arrows", async ({
    page,
  }) => {
    await page.goto("/ovens");
    await page.keyboard.press("/");
    const box = page.getByRole("combobox", { name: "Find" });
    await expect(box).toBeFocused();
    await box.fill("gingerbread");
    await expect(
      page.getByRole("option", { name: /Stout gingerbread ring/u }).first(),
    ).toBeVisible();
    await expectAccessible(page);
    await box.fill("lifeboat");
    await expect(page.getByRole("option", { name: /^Lifeboat day, four layers/u })).toBeVisible();
    await page.keyboard.press("Enter");
    await expect(page.getByRole("heading", { name: "Lifeboat day, four layers" })).toBeVisible();

    await page.keyboard.press("Control+k");
    await box.fill("springform");
    await page.getByRole("option", { name: /^Springform, dark/u }).click();
    await expect(page).toHaveURL(/\/tins\/springform/u);
    await page.keyboard.press("Control+k");
    await box.fill("backup");
    await page.keyboard.press("Enter");
    await expect(page).toHaveURL(/\/settings/u);
  });

  test("leaves a stroke alone where one types it, and gives the focus back", async ({ page }) => {
    await page.goto("/cakes");
    const words = page.getByRole("textbox", { name: "Find a cake" });
    await words.pressSequentially("1/2");
    await expect(words).toHaveValue("1/2");
    await expect(page.getByRole("dialog")).toHaveCount(0);
    const button = page.getByRole("button", { name: "Find anything" });
    await button.click();
    await page.keyboard.press("Escape");
    await expect(page.getByRole("dialog")).toHaveCount(0);
    await expect(button).toBeFocused();
  });

  test("says what it has not found, and still knows the pages without the server", async ({
    page,
    context,
  }) => {
    await page.setViewportSize({ width: 320, height: 700 });
    await page.goto("/");
    await page.getByRole("button", { name: "Find anything" }).click();
    const box = page.getByRole("combobox", { name: "Find" });
    await box.fill("w".repeat(200));
    await expect(page.getByText("Nothing in the kitchen is called “wwww")).toBeVisible();
    await expectNoSideways(page);
    await context.setOffline(true);
    await box.fill("shop");
    await expect(page.getByText("The kitchen's server can't be reached")).toBeVisible();
    await expect(page.getByRole("option", { name: "Shopping" })).toBeVisible();
    await context.setOffline(false);
  });

  test("all keys are shown by one, but not where it is typed", async ({ page }) => {
    await page.goto("/cakes");
    const words = page.getByRole("textbox", { name: "Find a cake" });
    await words.pressSequentially("why?");
    await expect(words).toHaveValue("why?");
    await expect(page.getByRole("dialog")).toHaveCount(0);
    await words.blur();
    await page.keyboard.press("?");
    const keys = page.getByRole("dialog", { name: "Keys" });
    await expect(keys.getByRole("region", { name: "At the bench", exact: true })).toContainText(
      "note something",
    );
    await expectAccessible(page);
    await page.keyboard.press("Escape");
    await expect(keys).toBeHidden();
    await page.keyboard.press("/");
    await page.getByRole("button", { name: "All keys" }).click();
    await expect(keys).toBeVisible();
    await expect(page.getByRole("dialog")).toHaveCount(1);
    await page.keyboard.press("Escape");
    const button = page.getByRole("button", { name: "Find anything" });
    await button.click();
    await page.getByRole("button", { name: "All keys" }).click();
    await expect(keys).toBeVisible();
    await page.keyboard.press("Escape");
    await expect(button).toBeFocused();
    await page.keyboard.press("?");
    await page.setViewportSize({ width: 320, height: 700 });
    await expectNoSideways(page);
  });

  test("answers rubbish with nothing", async ({ request }) => {
    for (const q of ["", "%", "_", "'; drop table cakes; --", "\u0000", "<zq>", "x".repeat(5000)]) {
      const response = await request.get(`/find?q=${encodeURIComponent(q)}`);
      expect([q, response.status(), await response.json()]).toEqual([q, 200, { found: [] }]);
    }
  });
});
