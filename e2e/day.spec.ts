import { readFileSync } from "node:fs";
import {
  expect,
  expectAccessible,
  expectNoSideways,
  LAYERS,
  ownCake,
  station,
  test,
} from "./kitchen";

test.describe("the day of a cake", () => {
  test("is worked backwards from when the cake is wanted, and kept", async ({ page }) => {
    await ownCake(page, "Saturday", `${LAYERS}&tins=2 x 20.3 x 5.1 cm round&cover=top-and-sides`);
    await station(page, "Day").click();
    const day = page.getByRole("region", { name: "The day" });
    await expect(day).toContainText("Say when the cake is wanted");
    await page.getByLabel("Wanted", { exact: true }).fill("2026-12-05T15:00");
    await expect(day).toContainText(
      /^Begin at (?:09|10):\d\d on Saturday 5 December, wanted at 15:00/u,
    );
    const tasks = day.getByRole("list", { name: /^Tasks of/u }).getByRole("listitem");
    await expect(tasks.first()).toContainText("Butter out to soften");
    await expect(tasks.last()).toContainText(/Final coat|Put on/u);
    await expect(day.getByRole("group", { name: /^From .* to 15:00/u })).toBeVisible();
    const begin = (await day.locator("p").first().innerText()).slice(0, 14);
    await page.getByLabel("Out of the house from").fill("11:00");
    await page.getByLabel("until").fill("13:00");
    await expect(day.locator("p").first()).not.toContainText(begin);
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.reload();
    await expect(page.getByLabel("Wanted", { exact: true })).toHaveValue("2026-12-05T15:00");
    await expect(station(page, "Day")).toContainText("Sat 5 Dec, 15:00");
  });

  test("reaches into the evening before, and says what is wrong with its hours", async ({
    page,
  }) => {
    await ownCake(page, "Early", `${LAYERS}&tins=2 x 20.3 x 5.1 cm round&cover=top-and-sides`);
    await station(page, "Day").click();
    const day = page.getByRole("region", { name: "The day" });
    await page.getByLabel("Wanted", { exact: true }).fill("2026-12-05T09:00");
    await expect(day.getByRole("list", { name: /^Tasks of Friday/u })).toBeVisible();
    await expect(day.getByRole("list", { name: /^Tasks of Saturday/u })).toBeVisible();
    await page.getByLabel("Not before").fill("dawn");
    await expect(page.getByText("“dawn” can't be read: write a time like 7:00.")).toBeVisible();
    await page.getByLabel("Not before").fill("8:55");
    await page.getByLabel("Nor after").fill("9:00");
    await expect(day).toContainText("It can't be done in these hours");
    await expect(page.getByLabel("Not before")).toHaveValue("8:55");
  });

  test("gives: tasks are pulled in their freedom and refused beyond it, and so is when it is wanted", async ({
    page,
  }) => {
    await ownCake(page, "Pulled", `${LAYERS}&tins=2 x 20.3 x 5.1 cm round&cover=top-and-sides`);
    await station(page, "Day").click();
    const day = page.getByRole("region", { name: "The day" });
    await page.getByLabel("Wanted", { exact: true }).fill("2026-12-05T15:00");
    const tins = day.getByRole("slider", { name: "Grease and line 2 tins" });
    const begins = async (name: string): Promise<string> =>
      (await day.getByRole("listitem").filter({ hasText: name }).innerText()).slice(0, 5);
    const before = await begins("Grease and line");
    await tins.focus();
    await page.keyboard.press("ArrowLeft");
    await expect(
      day.getByRole("listitem").filter({ hasText: "Grease and line" }),
    ).not.toContainText(before);
    await page.keyboard.press("PageUp");
    await expect(day.getByRole("status", { name: "Where it may stand" })).toContainText(
      /can't begin after \d\d:\d\d: /u,
    );
    // By mouse: the final coat has no minute to spare.
    const coat = await day.getByRole("slider", { name: "Final coat" }).boundingBox();
    if (coat === null) throw new Error("no final coat");
    await page.mouse.move(coat.x + 4, coat.y + 10);
    await page.mouse.down();
    await page.mouse.move(coat.x + 60, coat.y + 10, { steps: 4 });
    await expect(day.getByRole("status", { name: "Where it may stand" })).toContainText(
      "it has to be done by then",
    );
    await page.mouse.up();
    await expect(page.getByText("Tasks stand where you put them.")).toBeVisible();
    await day.getByRole("slider", { name: "Wanted at" }).focus();
    await page.keyboard.press("ArrowRight");
    await expect(page.getByLabel("Wanted", { exact: true })).toHaveValue("2026-12-05T15:05");
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.reload();
    await expect(page.getByText("Tasks stand where you put them.")).toBeVisible();
    await page.getByRole("button", { name: "Back to as late as may be" }).click();
    await expect(page.getByText("Tasks stand where you put them.")).toBeHidden();
  });

  test("is split over two days, and offers the least change when it can't be done", async ({
    page,
  }) => {
    await ownCake(page, "Two days", `${LAYERS}&tins=2 x 20.3 x 5.1 cm round&cover=top-and-sides`);
    await station(page, "Day").click();
    const day = page.getByRole("region", { name: "The day" });
    await page.getByLabel("Wanted", { exact: true }).fill("2026-12-05T15:00");
    await page.getByLabel("Spread over days").selectOption("bake the day before");
    await expect(day.getByRole("list", { name: "Tasks of Friday 4 December" })).toContainText(
      "Turn out 2 cakes",
    );
    await expect(day.getByRole("list", { name: "Tasks of Saturday 5 December" })).toContainText(
      "Final coat",
    );
    await page.getByLabel("Spread over days").selectOption("all in one go");
    await page.getByLabel("Not before").fill("14:30");
    await page.getByLabel("Nor after").fill("15:10");
    await expect(day).toContainText("It can't be done in these hours");
    await day
      .getByRole("list", { name: "Ways out" })
      .getByRole("button", { name: /^Begin the day/u })
      .click();
    await expect(day).toContainText("Begin at");
    await expect(page.getByLabel("Not before")).not.toHaveValue("14:30");
  });

  test("says which tin its oven has no room for", async ({ page }) => {
    await ownCake(page, "Too wide", `${LAYERS}&tins=33 x 22.9 x 5.1 cm rectangle`);
    await station(page, "Bake").click();
    await page
      .getByLabel("Oven", { exact: true })
      .selectOption({ label: "Chapel hall, the small one" });
    await station(page, "Day").click();
    await page.getByLabel("Wanted", { exact: true }).fill("2026-12-23T15:00");
    await expect(page.getByRole("region", { name: "The day" })).toContainText(
      /^the rectangle 33 × 23 × 5.cm does not go onto this oven's shelf\./u,
    );
  });

  test("leaving its page at once loses nothing that was typed", async ({ page }) => {
    await ownCake(page, "Left at once", `${LAYERS}&tins=2 x 20.3 x 5.1 cm round`);
    await station(page, "Day").click();
    await page.getByLabel("Wanted", { exact: true }).fill("2026-12-19T16:00");
    await page.getByRole("link", { name: "Ovens" }).click();
    await expect(page.getByRole("heading", { name: "Ovens" })).toBeVisible();
    await page.goBack();
    await expect(async () => {
      await page.reload();
      await expect(page.getByLabel("Wanted", { exact: true })).toHaveValue("2026-12-19T16:00", {
        timeout: 1000,
      });
    }).toPass({ timeout: 10_000 });
  });

  test("says what is left after the hour it is wanted, and plans no task for it", async ({
    page,
  }) => {
    await page.goto("/recipes/blackcurrant-poppy");
    const batter = page.getByRole("group", { name: "Lines and steps of Batter" });
    await batter.getByRole("button", { name: "Another step" }).click();
    await batter
      .getByRole("button", { name: /^Change step/u })
      .last()
      .click();
    await batter.getByRole("textbox", { name: /^Step \d+$/u }).fill("Keeps three days in a tin.");
    await batter.getByRole("combobox", { name: /^When step/u }).selectOption("keep");
    await batter.getByRole("button", { name: /^Done with step/u }).click();
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.getByRole("link", { name: "In another tin" }).click();
    await page.getByRole("button", { name: "Keep this as a cake" }).click();
    await page.getByRole("textbox", { name: "Name of the cake" }).fill("Keeps well");
    await page.getByRole("button", { name: "Keep", exact: true }).click();
    await page.getByRole("button", { name: "Open" }).click();
    await expect(page.getByRole("heading", { name: "Keeps well", level: 1 })).toBeVisible();
    await page.goto(`${page.url().split("?")[0] ?? ""}?at=day`);
    await page.getByLabel("Wanted").fill("2031-03-08T15:00");
    const left = page.getByRole("region", { name: "What is left" });
    await expect(left).toContainText("Keeps three days in a tin.");
    await expect(page.getByRole("listitem").filter({ hasText: "Keeps three days" })).toHaveCount(0);
    await expectAccessible(page);
  });

  test("goes to a calendar with alarms", async ({ page }) => {
    await page.goto("/cakes/lifeboat-day?at=day");
    const download = page.waitForEvent("download");
    await page.getByRole("button", { name: "To the calendar" }).click();
    const file = await (await download).path();
    const text = readFileSync(file, "utf8");
    expect(text).toMatch(/^BEGIN:VCALENDAR/u);
    expect(text).toContain("SUMMARY:Turn out 2 cakes");
    expect(text).toContain("BEGIN:VALARM");
  });

  test("of two cakes is one, with one oven between them", async ({ page }) => {
    // A day of their own. One is away at noon, the other early in the afternoon: both count.
    for (const [name, tins, wanted, from, until] of [
      ["Lifeboat layers", "2 x 20.3 x 5.1 cm round", "15:00", "12:00", "12:45"],
      ["For the same supper", "33 x 22.9 x 5.1 cm rectangle", "15:30", "13:30", "14:00"],
    ] as const) {
      await ownCake(page, name, `${LAYERS}&tins=${tins}&cover=top-and-sides`);
      await station(page, "Day").click();
      await page.getByLabel("Wanted", { exact: true }).fill(`2026-12-22T${wanted}`);
      await page.getByLabel("Out of the house from").fill(from);
      await page.getByLabel("until").fill(until);
      await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    }
    await page.getByRole("link", { name: "see both in one day" }).click();
    await expect(
      page.getByRole("heading", { name: "Tuesday 22 December", level: 1 }),
    ).toBeVisible();
    const day = page.getByRole("region", { name: "The day" });
    const tasks = day.getByRole("list", { name: /^Tasks of/u });
    await expect(tasks).toContainText("For the same supper");
    await expect(tasks).toContainText("Lifeboat layers");
    // One bowl between them, washed each time.
    await expect(tasks.getByRole("listitem").filter({ hasText: "Wash the mixer" })).toHaveCount(4);
    for (const line of await tasks.getByRole("listitem").allInnerTexts())
      expect(line).not.toMatch(
        /^(?:12:[0-3]\d|13:[345]\d)\s+(?:Make|Fill|Turn|Final|First coat|Split|Weigh|Grease|Take|Put)/u,
      );
    await expectAccessible(page);
    // All of it on one sheet beside the bench.
    const sheets = (await page.pdf({ format: "A4" }))
      .toString("latin1")
      .match(/\/Type\s*\/Page\b(?!s)/gu);
    expect(sheets).toHaveLength(1);
    await page.goto("/day?on=christmas");
    await expect(page.getByText("Name a day in the address", { exact: false })).toBeVisible();
    await page.goto("/day?on=2031-01-01");
    await expect(
      page.getByText("No cake that can be planned is wanted that day", { exact: false }),
    ).toBeVisible();
  });

  test("of two cakes in two ovens has both on at once, and says which", async ({ page }) => {
    for (const [name, oven] of [
      ["In the kitchen", "Kitchen oven"],
      ["In the chapel", "Chapel hall, the small one"],
    ] as const) {
      await ownCake(page, name, `${LAYERS}&tins=2 x 20.3 x 5.1 cm round`);
      await station(page, "Bake").click();
      await page.getByLabel("Oven", { exact: true }).selectOption(oven);
      await station(page, "Day").click();
      await page.getByLabel("Wanted", { exact: true }).fill("2026-12-29T15:00");
      await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    }
    await page.getByRole("link", { name: "see both in one day" }).click();
    const day = page.getByRole("region", { name: "The day" });
    await expect(day.getByText("Oven 2", { exact: true })).toBeVisible();
    const tasks = day.getByRole("list", { name: /^Tasks of/u });
    await expect(tasks).toContainText("Kitchen oven on at");
    await expect(tasks).toContainText("Chapel hall, the small one on at");
    await expectAccessible(page);
  });

  test("that is past, or should have begun, is said", async ({ page }) => {
    await ownCake(page, "Yesterday", `${LAYERS}&tins=2 x 20.3 x 5.1 cm round`);
    await station(page, "Day").click();
    await page.getByLabel("Wanted", { exact: true }).fill("2020-02-29T15:00");
    await expect(
      page.getByRole("region", { name: "The day" }).getByRole("status").first(),
    ).toHaveText("15:00 on Saturday 29 February is past.");
  });

  for (const size of [
    { width: 1280, height: 800 },
    { width: 390, height: 844 },
  ]) {
    test(`is accessible and fits at ${size.width} px`, async ({ page }) => {
      await page.setViewportSize(size);
      await page.goto("/cakes/lifeboat-day?at=day");
      await expect(page.getByRole("region", { name: "The day" })).toContainText("Begin at");
      await expectAccessible(page);
      await expectNoSideways(page);
    });
  }
});
