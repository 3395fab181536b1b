import type { Locator, Page } from "@playwright/test";
import {
  dateIn,
  expect,
  expectAccessible,
  expectNoSideways,
  LAYERS,
  ownCake,
  station,
  test,
} from "./kitchen";

const LONG_DAY = { weekday: "long", day: "numeric", month: "long" } as const;
/** The place of a day, found by its name. @param date `2026-12-05` */
function dayPlace(page: Page, date: string): Locator {
  const name = new Date(`${date}T12:00`).toLocaleDateString("en-GB", LONG_DAY).replace(",", "");
  return page.getByRole("list", { name: "Days" }).getByRole("listitem", { name, exact: true });
}

/** A cake of the test's own, wanted at three in so many days, or some day. */
async function cakeWanted(page: Page, name: string, days: number | null): Promise<void> {
  await ownCake(page, name, `${LAYERS}&tins=2 x 20.3 x 5.1 cm round&cover=none`);
  if (days === null) return;
  await station(page, "Day").click();
  await page.getByLabel("Wanted", { exact: true }).fill(`${dateIn(days)}T15:00`);
  await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
}

/** Drags by the mouse, as a hand does: past the few pixels that are still a press. */
async function drag(page: Page, what: Locator, to: Locator): Promise<void> {
  await what.scrollIntoViewIfNeeded();
  const [from, onto] = [await what.boundingBox(), await to.boundingBox()];
  if (from === null || onto === null) throw new Error("nothing to drag there");
  await page.mouse.move(from.x + 12, from.y + 12);
  await page.mouse.down();
  await page.mouse.move(from.x + 30, from.y + 30, { steps: 4 });
  await page.mouse.move(onto.x + onto.width / 2, onto.y + onto.height / 2, { steps: 8 });
  await page.mouse.up();
}

test.describe("the calendar", () => {
  test("has cakes on the day they are wanted, moved by the mouse, with undo, and says when to begin", async ({
    page,
  }) => {
    await cakeWanted(page, "Dragged layers", 16);
    const [first, next] = [dateIn(16), dateIn(17)];
    await page.goto(`/calendar?on=${first}`);
    const chip = dayPlace(page, first).getByRole("listitem").filter({ hasText: "Dragged layers" });
    await expect(chip).toContainText("15:00");
    await expect(dayPlace(page, first)).toContainText(/begin \d\d:\d\d/u);
    await drag(page, chip, dayPlace(page, next));
    await expect(dayPlace(page, next)).toContainText("Dragged layers");
    await expect(dayPlace(page, next)).toContainText(/begin \d\d:\d\d/u);
    await page.reload();
    await expect(dayPlace(page, next)).toContainText("Dragged layers");
    const again = dayPlace(page, next).getByRole("listitem").filter({ hasText: "Dragged layers" });
    await drag(page, again, dayPlace(page, first));
    await expect(dayPlace(page, first)).toContainText("Dragged layers");
    // It shows at once; it is the kitchen's once that has answered.
    const kept = page.waitForResponse((response) => response.request().method() === "POST");
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(dayPlace(page, next)).toContainText("Dragged layers");
    await kept;
    await page.reload();
    await expect(dayPlace(page, next)).toContainText("Dragged layers");
  });

  test("is worked by the keys alone: arrows by days and weeks, and a sheet for day and hour", async ({
    page,
  }) => {
    await cakeWanted(page, "Keyed layers", 18);
    await page.goto(`/calendar?on=${dateIn(18)}&as=week`);
    const handle = page.getByRole("button", { name: "Move Keyed layers" });
    await handle.focus();
    await page.keyboard.press("ArrowDown");
    await expect(page.getByRole("status").filter({ hasText: "Keyed layers" })).toContainText(
      "is wanted",
    );
    // A week on, it stands in the week after this one.
    await page.goto(`/calendar?on=${dateIn(25)}&as=week`);
    await expect(dayPlace(page, dateIn(25))).toContainText("Keyed layers");
    const moved = page.getByRole("button", { name: "Move Keyed layers" });
    await moved.press("ArrowUp");
    await expect(page.getByRole("list", { name: "Days" })).toBeFocused();
    await page.goto(`/calendar?on=${dateIn(18)}`);
    await moved.press("ArrowRight");
    await expect(dayPlace(page, dateIn(19))).toContainText("Keyed layers");
    await expect(moved).toBeFocused();
    await page.keyboard.press("ArrowRight");
    await expect(dayPlace(page, dateIn(20))).toContainText("Keyed layers");
    // Left before the kitchen has heard of it, and come back to.
    await page.goto("/settings");
    await page.goto(`/calendar?on=${dateIn(20)}`);
    await expect(dayPlace(page, dateIn(20))).toContainText("Keyed layers");
    await page.reload();
    await expect(dayPlace(page, dateIn(20))).toContainText("Keyed layers");
    await moved.press("Enter");
    const when = page.getByLabel("Day and hour");
    await when.fill(`${dateIn(-3)}T10:00`);
    await expect(page.getByText("This day is past: choose today or a later one.")).toBeVisible();
    await expect(page.getByRole("button", { name: "Put it there" })).toBeDisabled();
    await when.fill(`${dateIn(20)}T18:30`);
    await when.press("Enter");
    await expect(dayPlace(page, dateIn(20))).toContainText("18:30");
    await expect(page.getByRole("button", { name: "Move Keyed layers" })).toBeFocused();
  });

  test("has cakes without a day beneath it, and puts one on a day, at noon until another hour is said", async ({
    page,
  }) => {
    await cakeWanted(page, "Someday layers", null);
    await page.goto(`/calendar?on=${dateIn(9)}&as=week`);
    const undated = page.getByRole("region", { name: "No day yet" });
    await drag(
      page,
      undated.getByRole("listitem").filter({ hasText: "Someday layers" }),
      dayPlace(page, dateIn(9)),
    );
    await expect(dayPlace(page, dateIn(9))).toContainText("Someday layers");
    await expect(dayPlace(page, dateIn(9))).toContainText("12:00");
    await page.getByRole("button", { name: "Move Someday layers" }).click();
    await page.getByRole("button", { name: "No day yet" }).click();
    await expect(undated).toContainText("Someday layers");
  });

  test("refuses a day that is past, and says so", async ({ page }) => {
    await cakeWanted(page, "Forward layers", 0);
    await page.goto(`/calendar?on=${dateIn(0)}&as=week`);
    await page.getByRole("button", { name: "Move Forward layers" }).press("ArrowLeft");
    await expect(page.getByText("is past: choose today or a later day.").first()).toBeVisible();
    await expect(dayPlace(page, dateIn(0))).toContainText("Forward layers");
  });

  test("says of a day that can't be kept what finds no place in it", async ({ page }) => {
    await cakeWanted(page, "Hurried layers", 12);
    await page.getByLabel("Not before").fill("14:50");
    await page.getByLabel("Nor after").fill("15:00");
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.goto(`/calendar?on=${dateIn(12)}`);
    const reason = dayPlace(page, dateIn(12)).getByRole("link", { name: /^can't be kept: “.+”/u });
    await expect(reason).toContainText("finds no place");
    await reason.click();
    await expect(page.getByText("It can't be done in these hours")).toBeVisible();
  });

  for (const as of ["month", "week"])
    for (const width of [1280, 390, 320]) {
      test(`by ${as} is accessible and fits at ${width} px`, async ({ page }) => {
        await page.setViewportSize({ width, height: 844 });
        await page.goto(`/calendar?as=${as}`);
        await expect(page.getByRole("list", { name: "Days" })).toBeVisible();
        await expectAccessible(page);
        await expectNoSideways(page);
      });
    }
});

test("a cake that is baked is neither begun nor bought again, is eaten, and baked again", async ({
  page,
}) => {
  await page.goto("/cakes");
  const past = page.getByRole("region", { name: "Past" });
  const row = past.getByRole("listitem").filter({ hasText: "Cheesecake for the net menders" });
  await expect(row).toContainText("baked 22 Nov");
  await row.getByRole("button", { name: /^Eaten/u }).click();
  await expect(row).toContainText(/eaten \d/u);
  await page.getByLabel("Show").selectOption("Eaten");
  await expect(page.getByText("2 cakes")).toBeVisible();
  await page.getByRole("textbox", { name: "Find a cake" }).fill("nét menders");
  await expect(page.getByText("One cake")).toBeVisible();
  await row
    .or(page.getByRole("listitem"))
    .first()
    .getByRole("button", { name: /again$/u })
    .click();
  await expect(page.getByRole("heading", { name: "Cheesecake for the net menders" })).toBeVisible();
  await expect(page).toHaveURL(/\/cakes\/[\da-f-]{36}$/u);
  await station(page, "Day").click();
  await expect(page.getByLabel("Wanted", { exact: true })).toHaveValue("");
});

test("a day leads to the days beside it and to its week", async ({ page }) => {
  await page.goto("/day?on=2026-12-05");
  await page.getByRole("link", { name: "The day after" }).click();
  await expect(page.getByRole("heading", { name: "Sunday 6 December" })).toBeVisible();
  await page.getByLabel("Day", { exact: true }).fill("2026-12-09");
  await expect(page.getByRole("heading", { name: "Wednesday 9 December" })).toBeVisible();
  await page.getByRole("link", { name: "Its week" }).click();
  await expect(page.getByRole("heading", { name: "7 Dec to 13 Dec 2026" })).toBeVisible();
});
