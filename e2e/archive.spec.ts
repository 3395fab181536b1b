import { readFile } from "node:fs/promises";
import { expect, expectAccessible, expectNoSideways, LAYERS, ownCake, test } from "./kitchen";

test.describe("everything in one file", () => {
  test("is saved, and brings back a cake that was deleted and one that was renamed", async ({
    page,
  }) => {
    await ownCake(page, "Archived layers", `${LAYERS}&tins=2 x 20.3 x 5.1 cm round&cover=none`);
    await page.goto("/settings");
    const [saved] = await Promise.all([
      page.waitForEvent("download"),
      page.getByRole("link", { name: "Save everything" }).click(),
    ]);
    expect(saved.suggestedFilename()).toMatch(/^steady-tin-\d{4}-\d{2}-\d{2}\.zip$/u);
    const buffer = await readFile(await saved.path());
    await page.goto("/cakes");
    await page.getByRole("button", { name: "Delete Archived layers" }).click();
    await expect(page.getByText("Deleted “Archived layers”.").first()).toBeVisible();

    await page.goto("/settings");
    const box = page.getByLabel("Archive to bring in");
    await box.setInputFiles({ name: "kitchen.zip", mimeType: "application/zip", buffer });
    const sheet = page.getByRole("dialog", { name: "What is in kitchen.zip" });
    await expect(sheet.getByText("1 new; ")).toBeVisible();
    await expectAccessible(page);
    await sheet.getByRole("button", { name: "Bring in the 1 new" }).click();
    await expect(page.getByText("One thing came in.").first()).toBeVisible();
    await page.goto("/cakes");
    await expect(page.getByRole("link", { name: "Archived layers" })).toBeVisible();
  });

  test("that was cut off offers what can be read and names what is missing; a letter is refused", async ({
    page,
    request,
  }) => {
    const whole = await (await request.get("/settings/archive")).body();
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto("/settings");
    const box = page.getByLabel("Archive to bring in");
    await box.setInputFiles({
      name: "half.zip",
      mimeType: "application/zip",
      buffer: whole.subarray(0, Math.round(whole.length / 2)),
    });
    const sheet = page.getByRole("dialog");
    await expect(sheet.getByText(/^Missing, as it was cut off or taken apart: /u)).toBeVisible();
    await expect(sheet.getByText("Recipes", { exact: true })).toBeVisible();
    await expectNoSideways(page);
    await page.keyboard.press("Escape");
    await box.setInputFiles({
      name: "letter.zip",
      mimeType: "application/zip",
      buffer: Buffer.from("Dear baker, this is no archive."),
    });
    await expect(
      page.getByText("This is no archive of a kitchen, or nothing of it can be read."),
    ).toBeVisible();
  });

  test("is not taken from a page of somebody else's", async ({ request, baseURL }) => {
    const body = Buffer.from("PK");
    const headers = { "content-type": "application/zip" };
    const address = "/settings/archive?do=bring";
    expect((await request.post(address, { data: body, headers })).status()).toBe(403);
    const origin = baseURL ?? "";
    expect(
      (await request.post(address, { data: body, headers: { ...headers, origin } })).status(),
    ).toBe(422);
    expect(
      (
        await request.post(address, {
          data: body,
          headers: { "content-type": "text/plain", origin },
        })
      ).status(),
    ).toBe(415);
  });
});
