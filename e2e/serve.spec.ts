import { execFileSync } from "node:child_process";
import { writeFileSync } from "node:fs";
import { join } from "node:path";
import {
  expect,
  expectAccessible,
  expectNoSideways,
  LAYERS,
  ownCake,
  plain,
  station,
  test,
} from "./kitchen";

test.describe("serving a cake", () => {
  test("the cut is drawn to scale with the order of the knife, and a number that can't be is named and shown as near as can be", async ({
    page,
  }) => {
    await ownCake(page, "For the ferry crew", `${LAYERS}&tins=33 x 22.9 x 5.1 cm rectangle`);
    await station(page, "Serve").click();
    const cut = page.getByRole("region", { name: "The cut" });
    await expect(cut.getByRole("list", { name: "The order of the knife" })).toContainText(
      "The long lines first",
    );
    await page.getByLabel("How many to each cake").fill("24");
    await expect(
      cut.getByRole("img", { name: /^24 pieces, 8 strokes of the knife/u }),
    ).toBeVisible();
    await page.getByLabel("How many to each cake").fill("23");
    await expect(cut.getByRole("status")).toHaveText(
      "23 pieces only come out as ribbons. Shown cut in 24.",
    );
    await page.getByLabel("How many to each cake").fill("a few");
    await expect(page.getByText("“a few” can't be read", { exact: false })).toBeVisible();
    await expect(
      page.getByText("Something in Serve can't be used yet.", { exact: false }),
    ).toBeVisible();
    await page.getByLabel("Guests").fill("60");
    await page.getByLabel("How many to each cake").fill("15");
    await expect(cut).toContainText("15 pieces for 60 guests: make it 4 times, or larger.");
    await expect(cut.getByRole("img", { name: /^15 pieces/u })).toBeVisible();
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.reload();
    await expect(page.getByLabel("How many to each cake")).toHaveValue("15");
  });

  test("a round is cut in wedges, in strips or round a core", async ({ page }) => {
    await ownCake(page, "Round one", `${LAYERS}&tins=26 x 7 cm springform`);
    await station(page, "Serve").click();
    const cut = page.getByRole("region", { name: "The cut" });
    await expect(cut).toContainText("Straight across through the middle.");
    await page.getByLabel("Cut in").selectOption("core");
    await expect(cut).toContainText("Round the core first");
    await page.getByLabel("Cut in").selectOption("strips");
    await expect(cut).toContainText("The upright lines first");
    await page.getByLabel("Size of a piece").selectOption("party");
    await expect(cut.getByRole("img")).toHaveAttribute("aria-label", /^\d+ pieces/u);
    await expect(cut.getByRole("list", { name: "How long it keeps" })).toContainText(
      "In the freezer",
    );
  });

  test("cups need no knife, and only the cut itself is printed", async ({ page }) => {
    await page.goto("/cakes/lantern-night?at=serve");
    await expect(page.getByRole("region", { name: "The cut" })).toContainText("one each");
    await expect(page.getByRole("list", { name: "The order of the knife" })).toHaveCount(0);
    await page.goto("/cakes/harbour-supper?at=serve");
    await page.emulateMedia({ media: "print" });
    await expect(page.getByRole("button", { name: "Print the cut" })).toBeHidden();
    await expect(page.getByRole("region", { name: "The cut" }).getByRole("img")).toBeVisible();
    await expect(page.getByRole("navigation", { name: "Stations" })).toBeHidden();
  });

  test("says the same as the plan file", async ({ page, kitchen }) => {
    const file = join(kitchen.folder, "serve.json");
    writeFileSync(
      file,
      JSON.stringify({
        recipe: {
          batter: { kind: "creamed", massG: 1030, volumeMl: 1200 },
          reference: {
            tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
            ovenC: 177,
            minutes: 34,
          },
        },
        tins: [{ shape: "springform", diameterMm: 260, depthMm: 70 }],
        serve: { cut: "wedges", pieces: 14 },
      }),
    );
    const { serve } = JSON.parse(
      execFileSync("npm", ["run", "-s", "plan", "--", file], { encoding: "utf8" }),
    ) as { serve: { pieces: number; cakes: { pieceG: number }[]; fridgeDays: number } };
    await ownCake(page, "Like the serve file", `${LAYERS}&tins=26 x 7 cm springform`);
    await station(page, "Serve").click();
    await page.getByLabel("How many to each cake").fill("14");
    const cut = page.getByRole("region", { name: "The cut" });
    await expect(cut).toContainText(`${serve.pieces} pieces`);
    const grams = Number(/(\d+) g/u.exec(plain(await cut.innerText()))?.[1]);
    // Rounded as a person would: to 5 g from 100 g on.
    expect(Math.abs(grams - (serve.cakes[0]?.pieceG ?? 0))).toBeLessThanOrEqual(3);
    await expect(cut).toContainText(`${serve.fridgeDays} days`);
  });

  for (const width of [1280, 390]) {
    test(`is accessible and fits at ${width} px`, async ({ page }) => {
      await page.setViewportSize({ width, height: 844 });
      await page.goto("/cakes/harbour-supper?at=serve");
      await expect(page.getByRole("region", { name: "The cut" })).toBeVisible();
      await expectAccessible(page);
      await expectNoSideways(page);
    });
  }
});
