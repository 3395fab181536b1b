import { readdirSync, rmSync, truncateSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import type { Page } from "@playwright/test";
import {
  expect,
  expectAccessible,
  expectNoSideways,
  keepAsked,
  plain,
  station,
  test,
} from "./kitchen";

/** A recipe of a test's own, baked once as it is written in two rounds. */
async function ownRecipe(page: Page, name: string): Promise<void> {
  await page.goto("/recipes/new");
  await page
    .getByRole("textbox")
    .fill(
      `${name}\n\n230 g butter\n230 g sugar\n4 eggs\n230 g flour\n2 tsp baking powder\n\nCream butter and sugar, beat in the eggs, fold in the flour.\nBake in two 20 cm round tins at 177 °C for 34 minutes.`,
    );
  await page.getByRole("button", { name: "Keep this recipe" }).click();
  await page.waitForURL(/\/recipes\/(?!new)[^/]+$/u);
}

/** One bake written down as fast as it can be. */
async function writeDown(
  page: Page,
  recipe: string,
  minutes: string,
  came: string | null,
  change = "",
): Promise<void> {
  await page.goto("/logbook/new");
  await page.getByLabel("Recipe", { exact: true }).selectOption({ label: recipe });
  await expect(page.getByLabel("In which tins")).toHaveValue(/round/u);
  await page.getByLabel("Minutes in the oven").fill(minutes);
  if (came !== null) await page.getByRole("button", { name: came }).click();
  await page.getByLabel("Change next time").fill(change);
  await page.getByRole("button", { name: "Keep in the logbook" }).click();
  await page.waitForURL(/\/logbook\/(?!new)[^/]+$/u);
  await expect(page.getByRole("textbox", { name: "Name of the bake" })).toHaveValue(recipe);
}

/** The minutes a cake is likely done after, as Bake says it. */
const likely = async (page: Page): Promise<number> =>
  Number.parseInt(
    plain(
      await page
        .getByRole("region", { name: "The bake", exact: true })
        .locator("dl > div")
        .filter({ hasText: "Likely done" })
        .locator("dd")
        .innerText(),
    ),
    10,
  );

test.describe("the logbook", () => {
  test("learns from five bakes in an oven nobody knows, when it is told to, and unlearns", async ({
    page,
  }) => {
    await ownRecipe(page, "Hidden oven layers");
    const recipe = page.url();
    // What the oven really takes: 15 % longer than it is written.
    for (const minutes of ["39", "40", "39", "38", "39"])
      await writeDown(page, "Hidden oven layers", minutes, "just right");
    await page.goto(recipe);
    const bench = page.getByRole("link", { name: "In another tin" });
    await page.goto(`${(await bench.getAttribute("href")) ?? ""}&tins=2 x 20 cm round`);
    await keepAsked(page, "Sixth of them");
    await station(page, "Bake").click();
    const written = await likely(page);
    const teaches = page.getByRole("region", { name: "What your bakes teach" });
    await expect(teaches).toContainText(
      /From 5 bakes of this recipe: it takes 1\d\s% longer here/u,
    );
    await teaches.getByRole("button", { name: "Use them" }).click();
    await expect(teaches.getByRole("button", { name: "In the minutes: leave out" })).toBeVisible();
    const learnt = await likely(page);
    expect(Math.abs(learnt - 39)).toBeLessThan(Math.abs(written - 39));
    expect(Math.abs(learnt - 39)).toBeLessThanOrEqual(1);
    await expect(page.getByText(/Saved \d\d:\d\d/u)).toBeVisible();
    await page.reload();
    expect(await likely(page)).toBe(learnt);
    await teaches.getByRole("button", { name: "In the minutes: leave out" }).click();
    expect(await likely(page)).toBe(written);
  });

  test("takes over what was weighed and read, one by one, and lets it go again", async ({
    page,
  }) => {
    await ownRecipe(page, "Weighed layers");
    const recipe = page.url();
    await writeDown(page, "Weighed layers", "36", "just right");
    await page.getByLabel("Batter, weighed").fill("900 g");
    await page.getByLabel("Raw, the batter stood").fill("20 mm");
    await page.getByLabel("Height at the rim").fill("32 mm");
    await page.getByLabel("In the middle").fill("38 mm");
    await expect(page.getByText(/Saved \d\d:\d\d/u)).toBeVisible();
    await page.goto(recipe);
    const bench = page.getByRole("link", { name: "In another tin" });
    await page.goto(`${(await bench.getAttribute("href")) ?? ""}&tins=2 x 20 cm round`);
    await keepAsked(page, "Second of them");
    await station(page, "Bake").click();
    const says = page.getByRole("region", { name: "What else your pages say" });
    const row = says.getByRole("listitem").filter({ hasText: "It rises" });
    await expect(row).toContainText(/It rises 1\.\d\d times its batter, usual is 1\.75/u);
    await row.getByRole("button", { name: "Use it" }).click();
    await expect(row.getByRole("button", { name: "In the plan: leave out" })).toBeVisible();
    await expect(page.getByText(/Saved \d\d:\d\d/u)).toBeVisible();
    await page.reload();
    await row.getByRole("button", { name: "In the plan: leave out" }).click();
    await expect(row.getByRole("button", { name: "Use it" })).toBeVisible();
  });

  test("says how it went last time until that is seen to", async ({ page }) => {
    await ownRecipe(page, "Last time layers");
    const recipe = page.url();
    await writeDown(page, "Last time layers", "37", "a little dry", "a cooler oven");
    const note = page.getByRole("complementary", { name: "Last time" });
    await page.goto(recipe);
    await expect(note).toContainText("37 min, a little dry. You wanted “a cooler oven”.");
    await note.getByRole("button", { name: "Seen to" }).click();
    await expect(note).toBeHidden();
    await page.reload();
    await expect(note).toBeHidden();
  });

  test("is put right later, keeps half-typed boxes, and names what it can't take", async ({
    page,
  }) => {
    await ownRecipe(page, "Put right layers");
    await writeDown(page, "Put right layers", "36", null);
    await expect(page.getByText(/say how the middle came out/u)).toBeVisible();
    await page
      .getByRole("group", { name: "The middle came out" })
      .getByRole("button", { name: "underbaked" })
      .click();
    await expect(page.getByText(/say how the middle came out/u)).toBeHidden();
    await page.getByLabel("Minutes in the oven").fill("9 h 90");
    await page.getByLabel("Minutes in the oven").fill("11 h");
    await expect(page.getByText(/660.*1.*600|11 h.*10 h/u)).toBeVisible();
    await page.getByLabel("Minutes in the oven").fill("35");
    await page.getByLabel("More or less next time").fill("2 less");
    await page.getByLabel("Cake weighed, cold").fill("800 g");
    await expect(page.getByText(/in the oven\.$/u)).toBeVisible();
    await page.getByLabel("Height at the rim").fill("31 mm");
    await page.getByLabel("Taste").fill("sharp");
    await expect(page.getByText(/Saved \d\d:\d\d/u)).toBeVisible();
    await page.reload();
    await expect(page.getByLabel("Minutes in the oven")).toHaveValue(/^35\smin$/u);
    await expect(page.getByLabel("More or less next time")).toHaveValue("−2");
    await expect(page.getByLabel("Taste")).toHaveValue("sharp");
    await page.getByRole("button", { name: "Bake it like this again" }).click();
    await page.waitForURL(/\/cakes\//u);
    await station(page, "Bake").click();
    expect(await likely(page)).toBe(33);
  });

  test("finds bakes, lays two side by side, deletes one and brings it back", async ({ page }) => {
    await page.goto("/logbook");
    await page.getByRole("textbox", { name: "Find a bake" }).fill("regatta");
    await expect(page.getByRole("status").filter({ hasText: "One bake" })).toBeVisible();
    await page.getByRole("textbox", { name: "Find a bake" }).fill("");
    await page.getByLabel("Came out").selectOption({ label: "underbaked" });
    await expect(page.getByRole("listitem").filter({ hasText: "just right" })).toHaveCount(0);
    await page.goto("/logbook");
    const picks = page.getByRole("checkbox", { name: /^Compare Cardamom pear loaf/u });
    await picks.nth(0).check();
    await expect(page.getByText("Tick a second one")).toBeVisible();
    await picks.nth(1).check();
    await page.getByRole("link", { name: "Compare these two" }).click();
    await expect(page.getByRole("columnheader")).toHaveCount(2);
    await expect(page.getByRole("row", { name: /Out after/u })).toContainText(/25\smin.*66\smin/u);
    await page.goto("/logbook");
    await page.getByRole("link", { name: "Quay white ring" }).click();
    await page.getByRole("button", { name: "Delete" }).click();
    await page.waitForURL(/\/logbook$/u);
    await expect(page.getByRole("link", { name: "Quay white ring" })).toBeHidden();
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.getByRole("link", { name: "Quay white ring" })).toBeVisible();
  });

  test("has the bakes of one recipe on one scale, as they followed one another", async ({
    page,
  }) => {
    await page.goto("/logbook");
    const chart = page.getByRole("region", { name: "Its minutes, bake by bake" });
    await expect(page.getByRole("heading", { name: "Logbook" })).toBeVisible();
    await expect(chart).toBeHidden();
    await page
      .getByLabel("Recipe", { exact: true })
      .selectOption({ label: "Blackcurrant and poppy seed layers" });
    await expect(chart.getByRole("img")).toHaveAccessibleName(
      /14 Nov(?: 2026)?: out after 37\smin, forecast \d+\smin, just right/u,
    );
    await expectNoSideways(page);
    await page.setViewportSize({ width: 390, height: 800 });
    await expectNoSideways(page);
  });

  test("keeps pictures, shrunk, on its own disk, and says what is none", async ({
    page,
    kitchen,
  }) => {
    await page.goto("/logbook/demo-bake-4");
    const drawn = await page.evaluate(async () => {
      const canvas = document.createElement("canvas");
      canvas.width = 2400;
      canvas.height = 1200;
      const drawing = canvas.getContext("2d");
      if (drawing !== null) drawing.fillStyle = "sienna";
      drawing?.fillRect(0, 0, 2400, 900);
      const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve));
      return [...new Uint8Array((await blob?.arrayBuffer()) ?? new ArrayBuffer())];
    });
    const box = page.getByLabel("Add a picture");
    await box.setInputFiles([
      { name: "sheet.png", mimeType: "image/png", buffer: Buffer.from(drawn) },
      { name: "bill.jpg", mimeType: "image/jpeg", buffer: Buffer.from("%PDF-1.7") },
    ]);
    await expect(page.getByText("“bill.jpg” is no picture this browser can read.")).toBeVisible();
    const huge = join(kitchen.folder, "huge.jpg");
    writeFileSync(huge, "");
    truncateSync(huge, 80_000_000);
    await box.setInputFiles(huge);
    await expect(
      page.getByText("“huge.jpg” is 80 MB; pictures up to 60 MB can be taken."),
    ).toBeVisible();
    rmSync(huge);
    const shown = page.getByRole("img", { name: "Malt and hazelnut sheet, picture 1" });
    await expect(shown).toHaveJSProperty("naturalWidth", 1600);
    const [kept, ...more] = readdirSync(join(kitchen.folder, "pictures"));
    expect(more).toEqual([]);
    await expect(page.getByText(/Saved \d\d:\d\d/u)).toBeVisible();
    await page.reload();
    await expect(shown).toHaveAttribute("src", `/logbook/pictures/${String(kept).slice(0, 64)}`);
    for (const [path, status] of [
      [`/logbook/pictures/${"0".repeat(64)}`, 404],
      ["/logbook/pictures/..%2Fkitchen.db", 404],
    ] as const)
      expect((await page.request.get(path)).status()).toBe(status);
    const sent = async (type: string, body: Buffer): Promise<number> =>
      (
        await page.request.post("/logbook/pictures", {
          headers: { "content-type": type, origin: kitchen.address },
          data: body,
        })
      ).status();
    expect(await sent("image/jpeg", Buffer.from("%PDF-1.7"))).toBe(422);
    expect(await sent("text/html", Buffer.from("<html>"))).toBe(415);
    expect(await sent("image/jpeg", Buffer.alloc(4_000_001))).toBe(413);
    expect(await sent("image/jpeg", Buffer.alloc(80_000_000))).toBe(413);
    // It stands on the recipe and its cakes when she says so.
    const stands = page.getByRole("button", { name: "Picture 1 on the recipe and its cakes" });
    await stands.click();
    await expect(stands).toHaveAttribute("aria-pressed", "true");
    await expect(page.getByText(/Saved \d\d:\d\d/u)).toBeVisible();
    await page.goto("/recipes?q=malt");
    await page.getByRole("link", { name: "Malt and hazelnut sheet" }).first().click();
    await page.getByRole("link", { name: "Malt and hazelnut sheet, as it was baked" }).click();
    await expect(page).toHaveURL(/\/logbook\/demo-bake-4$/u);
    await page.getByRole("button", { name: "Take picture 1 off the page" }).click();
    await expect(shown).toBeHidden();
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(shown).toBeVisible();
  });

  for (const size of [
    { width: 1280, height: 800 },
    { width: 390, height: 844 },
  ])
    test(`is accessible and fits at ${size.width} px`, async ({ page }) => {
      await page.setViewportSize(size);
      for (const path of [
        "/logbook",
        "/logbook/new",
        "/logbook/demo-bake-1",
        "/logbook/compare?a=demo-bake-1&b=demo-bake-3",
        "/cakes/harbour-supper?at=bake",
      ]) {
        await page.goto(path);
        await expectNoSideways(page);
        await expectAccessible(page);
      }
    });
});
