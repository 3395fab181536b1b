import { expect, expectAccessible, expectNoSideways, test } from "./kitchen";

test.describe("practice", () => {
  test("is it done? By the clock alone, then with looks; told again by its address", async ({
    page,
  }) => {
    await page.goto("/practice/done?about=creamed&seed=71");
    const bake = page.getByRole("region", { name: "The bake" });
    await expect(bake.getByRole("button", { name: "Take it out" })).toBeDisabled();
    await bake.getByRole("button", { name: "5 minutes" }).click();
    await expect(bake.getByText("Putting it in the oven …")).toBeHidden();
    await bake.getByRole("button", { name: "Take it out" }).click();
    await expect(
      bake.getByText(/^\d+.min too early: its middle is raw, and it sinks\.$/u),
    ).toBeVisible();
    await expect(bake.getByText(/of the cut is not set\.$/u)).toBeVisible();
    await expect(bake.getByRole("img", { name: /^After /u })).toHaveCount(2);
    const rightFrom = Number(
      /It was right from (\d+) to/u.exec(await bake.innerText())?.[1] ?? Number.NaN,
    );

    await page.reload();
    await bake.getByRole("button", { name: "To the first look" }).click();
    const minute = bake.locator(".figure-text").first();
    const look = bake.getByRole("button", { name: "Open the door" });
    await look.click();
    await expect(
      bake.getByRole("list", { name: "What you see" }).getByRole("listitem"),
    ).toHaveCount(4);
    await bake.getByRole("checkbox", { name: "I have a probe" }).check();
    for (let waited = 0; waited < 30; waited += 1) {
      if (Number(await minute.innerText()) >= rightFrom + 2) break;
      await bake.getByRole("button", { name: "1 minute" }).click();
    }
    await look.click();
    await expect(bake.getByText(/probe \d+/u)).toBeVisible();
    await expect(bake.getByRole("list", { name: "What you see" })).toContainText("springs back");
    await expectAccessible(page);
    await bake.getByRole("button", { name: "Take it out" }).click();
    await expect(bake.getByText("Right: it is done, and still moist.")).toBeVisible();
    await expect(bake.getByText(/Your look cost .+ of heat\.$/u)).toBeVisible();
    await expectAccessible(page);

    await bake.getByRole("link", { name: "How am I doing?" }).click();
    const drill = page.getByRole("region", { name: "Is it done?" });
    await expect(drill.getByText(/^\d+ of the last \d+ right\./u)).toBeVisible();
    await expect(drill.getByRole("img", { name: /^The last \d+ answers/u })).toBeVisible();
  });

  test("goes on by its own clock, by the keys alone, until it is stopped", async ({ page }) => {
    await page.goto("/practice/done?about=muffin&seed=4");
    const run = page.getByRole("button", { name: "Let it run" });
    await run.focus();
    await page.keyboard.press("Enter");
    await expect(page.getByText(/^[3-9]$/u)).toBeVisible({ timeout: 10_000 });
    await page.keyboard.press("Enter");
    await expect(run).toBeFocused();
    const stopped = await page.locator(".figure-text").filter({ hasText: /^\d+$/u }).innerText();
    await page.waitForTimeout(1500);
    await expect(page.locator(".figure-text").filter({ hasText: /^\d+$/u })).toHaveText(stopped);
  });

  test("another tin: rubbish is refused, a guess is held against the band", async ({ page }) => {
    await page.goto("/practice/other-tin?about=cup&seed=12");
    const asked = page.getByRole("region", { name: "The other tin" });
    const guess = asked.getByRole("textbox", { name: "How many minutes, you think?" });
    await guess.fill("soon");
    await expect(asked.getByText(/soon/u)).toBeVisible();
    await expect(asked.getByRole("button", { name: "Guess" })).toBeDisabled();
    await guess.fill("9000");
    await expect(asked.getByText(/400/u)).toBeVisible();
    await guess.fill("300");
    await guess.press("Enter");
    await expect(
      asked.getByText(/^Too long: likely \d+.min, from \d+ to \d+.min\.$/u),
    ).toBeVisible();
    await expectAccessible(page);
    await asked.getByRole("link", { name: "Another one" }).click();
    await expect(page).toHaveURL(/\/practice\/other-tin\?about=[a-z]+&seed=\d+/u);
  });

  test("rubbish in its address is another case, or no page", async ({ page, request }) => {
    await page.goto("/practice/done?about=<b>&seed=-4");
    await expect(page).toHaveURL(/about=[a-z-]+&seed=\d+/u);
    expect((await request.get("/practice/souffle")).status()).toBe(404);
  });

  for (const width of [1280, 390, 320])
    test(`is within reach of everybody at ${width} px`, async ({ page }) => {
      await page.setViewportSize({ width, height: 800 });
      for (const path of [
        "/practice",
        "/practice/done?about=pound&seed=9",
        "/practice/other-tin?about=loaf&seed=3",
      ]) {
        await page.goto(path);
        await expectNoSideways(page);
        await expectAccessible(page);
      }
    });
});
