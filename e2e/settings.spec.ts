import type { Page } from "@playwright/test";
import {
  expect,
  expectAccessible,
  expectNoSideways,
  keepAsked,
  savedMark,
  station,
  test,
} from "./kitchen";

/** Words, units, clocks and dates of other countries. */
const FOREIGN = {
  "en-US":
    /(?<!Steady )\btins?\b|colou?red? .*colour|\bcolour|\bhob\b|cling film|plain flour|icing sugar|caster sugar|double cream|\bcentre\b|\bgrey\b|\d\s°C|\d\scm\b|worktop|bicarb|litre|\b(?:1[3-9]|2[0-3]):[0-5]\d\b|\b\d{1,2} (?:Dec|Nov)/u,
  "en-GB":
    /\bpans?\b|frosting|\bcolor\b|convection|stovetop|all-purpose|powdered sugar|heavy cream|\d\s°F|\d\sin\b|\d\soz\b|\d:\d\d\s?[ap]m/iu,
  "en-IN": /\bpans?\b|frosting|\d\s°F|plain flour|\d\soz\b|\b(?:1[3-9]|2[0-3]):[0-5]\d\b/iu,
} as const;

/**
 * What the page says, to eyes and to ears, but what stands in boxes, names of her own, and kept cakes,
 * which tell the dial as their oven has it.
 */
async function said(page: Page, own: readonly string[]): Promise<readonly string[]> {
  return page.evaluate((ownNames) => {
    const texts = new Set<string>();
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walker.nextNode())
      if (
        walker.currentNode.parentElement?.closest(
          "script, style, textarea, [aria-labelledby=kept]",
        ) === null
      )
        texts.add(walker.currentNode.textContent ?? "");
    for (const name of ["aria-label", "title"])
      for (const element of document.querySelectorAll(`main [${name}], header [${name}]`))
        texts.add(element.getAttribute(name) ?? "");
    return [...texts].map((text) =>
      ownNames.reduce((left, each) => left.replaceAll(each, ""), text),
    );
  }, own);
}

/** What the kitchen's cakes and tins are called, longest first. */
async function ownNames(page: Page): Promise<readonly string[]> {
  await page.goto("/cakes?more=9");
  const removers = await page.getByRole("button", { name: /^Delete /u }).all();
  const labels = await Promise.all(removers.map((each) => each.getAttribute("aria-label")));
  await page.goto("/tins");
  const tins = await page.locator("main li .font-semibold > span:first-child").allTextContents();
  expect(tins).toContain("Loaf tin");
  return [...labels.map((label) => label?.replace("Delete ", "") ?? ""), ...tins]
    .filter((name) => name !== "")
    .toSorted((a, b) => b.length - a.length);
}

test.describe("settings", () => {
  for (const [locale, foreign] of Object.entries(FOREIGN))
    test(`a baker of ${locale} walks through a cake without a foreign word or unit`, async ({
      browser,
      baseURL,
    }) => {
      test.slow();
      const context = await browser.newContext({ locale, baseURL: baseURL ?? "" });
      const page = await context.newPage();
      const own = await ownNames(page);
      const heard: string[] = [];
      const hear = async (where: string): Promise<void> => {
        for (const text of await said(page, own))
          if (foreign.test(text)) heard.push(`${where}: ${text.slice(0, 200)}`);
      };
      for (const place of ["/tins/new", "/recipes/new", "/shopping", "/logbook", "/try"]) {
        await page.goto(place);
        await expect(page.getByRole("main")).not.toBeEmpty();
        await hear(place);
      }
      await keepAsked(page, `Cake of ${locale}`);
      for (const name of ["Mix", "Fill", "Bake", "Cool", "Build", "Finish", "Serve", "Day"]) {
        await station(page, name).click();
        await expect(station(page, name)).toHaveAttribute("aria-current", "step");
        if (name === "Bake")
          await expect(page.getByText(/Worked out cell by cell/u).first()).toBeVisible({
            timeout: 30_000,
          });
        await hear(name);
      }
      expect(heard).toEqual([]);
      await context.close();
    });

  test("say where she bakes, and everything follows at once and stays", async ({ page }) => {
    await page.goto("/settings");
    const told = page.getByRole("region", { name: "How it reads" });
    await expect(told).toContainText("plain flour, icing sugar, double cream");
    await expect(told).toContainText("Sat 5 Dec, 15:30");
    await page.getByLabel("Where you bake").selectOption("United States");
    await expect(told).toContainText("all-purpose flour, powdered sugar, heavy cream");
    await expect(told).toContainText("round 9 × 2 in");
    await expect(told).toContainText(/350.°F/u);
    await expect(told).toContainText(/Sat, Dec 5, 3:30.PM/u);
    await expect(page.getByRole("link", { name: "Pans" })).toBeVisible();
    await page.getByRole("radio", { name: "15:30" }).check();
    await expect(told).toContainText("Sat, Dec 5, 15:30");
    await page.reload();
    await expect(page.getByLabel("Where you bake")).toHaveValue("us");
    await expect(told).toContainText("Sat, Dec 5, 15:30");
    await expect(page).toHaveTitle("Settings · Steady Tin");
    await page.goto("/tins");
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("Pans");
    await expect(page).toHaveTitle("Pans · Steady Tin");
  });

  test("can be used by anybody, and on a phone", async ({ page }) => {
    await page.goto("/settings");
    await page.getByRole("button", { name: "Back up now" }).click();
    const backups = page.getByRole("region", { name: "Backups" });
    await expect(backups.getByRole("listitem").first()).toBeVisible();
    await expectAccessible(page);
    await page.setViewportSize({ width: 390, height: 844 });
    await expectNoSideways(page);
    await backups.getByRole("listitem").first().getByRole("button").click();
    await expect(page.getByRole("dialog").getByText("Pages of the logbook")).toBeVisible();
    await expectAccessible(page);
    await page.setViewportSize({ width: 320, height: 700 });
    await expectNoSideways(page);
  });

  test("bring back what was deleted, out of the bin", async ({ page }) => {
    await page.goto("/ovens");
    await page.getByRole("button", { name: "Add an oven" }).click();
    await expect(page).toHaveURL(/\/ovens\/./u);
    const address = page.url();
    await page.getByRole("textbox", { name: "Name" }).fill("Galley oven");
    await expect(savedMark(page)).toBeVisible();
    await page.getByRole("button", { name: "Delete", exact: true }).click();
    await expect(page).toHaveURL(/\/ovens$/u);
    await page.goto("/settings");
    const bin = page.getByRole("region", { name: "Bin" });
    await expect(bin.getByRole("listitem").first()).toContainText("Galley oven");
    await expect(bin.getByRole("listitem").first()).toContainText("an oven, deleted");
    await expectAccessible(page);
    await bin.getByRole("button", { name: "Bring Galley oven back" }).click();
    await expect(page.getByText("“Galley oven” is back.").first()).toBeVisible();
    await expect(bin.getByText("Galley oven")).toBeHidden();
    await page.goto(address);
    await expect(page.getByRole("textbox", { name: "Name" })).toHaveValue("Galley oven");
  });

  test("empty the kitchen after a look at what goes, and undo it; the demo kitchen comes back", async ({
    page,
  }) => {
    await page.goto("/tins");
    const tins = page.locator("main li");
    const before = await tins.count();
    expect(before).toBeGreaterThan(10);
    await page.goto("/settings");
    await page.getByRole("button", { name: "Start empty …" }).click();
    const sheet = page.getByRole("dialog");
    await expect(sheet).toContainText("Before that a backup is made");
    await expectAccessible(page);
    await sheet.getByRole("button", { name: "Back it up and empty it" }).click();
    await expect(page.getByText("The kitchen is empty.", { exact: true }).first()).toBeVisible();
    const other = await page.context().newPage();
    await other.goto("/tins");
    await expect(other.locator("main li")).toHaveCount(0);
    await other.goto("/");
    await expect(other.getByRole("link", { name: /Paste a recipe/u }).first()).toBeVisible();
    await page.getByRole("button", { name: "Bring the demo kitchen back" }).click();
    await expect(page.getByText("The demo kitchen is back.").first()).toBeVisible();
    await other.goto("/tins");
    await expect(other.getByRole("main").getByText("Fluted ring").first()).toBeVisible();
    await expect(other.locator("main li")).not.toHaveCount(0);
    await page.getByRole("button", { name: "Undo" }).first().click();
    await expect(
      page.getByText("Everything is as it was before.", { exact: true }).first(),
    ).toBeVisible();
    await other.goto("/tins");
    await expect(other.locator("main li")).toHaveCount(before);
    await other.close();
  });

  test("bring a backup back after a look at what would change, and undo it", async ({ page }) => {
    const newOvens = page.getByRole("link", { name: /New oven/u });
    await page.goto("/ovens");
    const before = await newOvens.count();
    await page.goto("/settings");
    await page.getByRole("button", { name: "Back up now" }).click();
    await expect(page.getByText("Backed up.", { exact: true }).first()).toBeVisible();
    await page.goto("/ovens");
    await page.getByRole("button", { name: "Add an oven" }).click();
    await expect(page).toHaveURL(/\/ovens\/./u);
    await page.goto("/settings");
    const backups = page.getByRole("region", { name: "Backups" });
    await backups
      .getByRole("listitem")
      .filter({ hasText: "asked for" })
      .first()
      .getByRole("button")
      .click();
    const sheet = page.getByRole("dialog");
    await expect(sheet.getByText(/^\d+ in it: 1 made since are gone$/u)).toBeVisible();
    await sheet.getByRole("button", { name: "Bring it back" }).click();
    await expect(page.getByText(/^Everything is as it was on /u).first()).toBeVisible();
    await page.goto("/ovens");
    await expect(newOvens).toHaveCount(before);
    await page.goto("/settings");
    await backups
      .getByRole("listitem")
      .filter({ hasText: "before another was brought back" })
      .first()
      .getByRole("button")
      .click();
    await sheet.getByRole("button", { name: "Bring it back" }).click();
    await expect(page.getByText(/^Everything is as it was on /u).first()).toBeVisible();
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(
      page.getByText("Everything is as it was before.", { exact: true }).first(),
    ).toBeVisible();
    await page.goto("/ovens");
    await expect(newOvens).toHaveCount(before);
  });
});
