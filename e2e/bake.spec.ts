import { execFileSync } from "node:child_process";
import { writeFileSync } from "node:fs";
import { join } from "node:path";
import type { Locator, Page } from "@playwright/test";
import {
  expect,
  expectAccessible,
  figure,
  keepAsked,
  LAYERS,
  ownCake,
  plain,
  station,
  test,
} from "./kitchen";

const minute = (page: Page): Locator => page.getByRole("slider", { name: "Minute of the bake" });
const bake = (page: Page): Locator => page.getByRole("region", { name: "The bake" });
const minutesOf = async (page: Page, name: string): Promise<number> =>
  Number((await figure(page, name)).replaceAll(/\D/gu, ""));
const SPRINGFORM = `${LAYERS}&tins=23 x 6.5 cm springform`;

test.describe("baking a cake", () => {
  test("three heats stand side by side, each with what it costs in minutes, crown and colour", async ({
    page,
  }) => {
    await ownCake(page, "Three heats", `${LAYERS}&tins=33 x 23 x 5 cm rectangle`);
    await station(page, "Bake").click();
    await expect(page.getByRole("radio")).toHaveCount(4);
    const low = page.locator("label").filter({ hasText: "Low and slow" });
    await expect(low).toContainText(/\d+\u00a0min; flatter, less to trim/u);
    const likely = await minutesOf(page, "Likely done");
    await page.getByRole("radio", { name: /^Low and slow/u }).check();
    await expect.poll(() => minutesOf(page, "Likely done")).toBeGreaterThan(likely + 5);
    await expect(bake(page)).toContainText("Low and slow gives the flattest top");
    // What it was before stays as a ghost, and is replaced when she says so.
    await expect(bake(page)).toContainText(/Dotted: as it was at \d+\u00a0°C, \d+\u00a0min/u);
    await page.getByRole("button", { name: "Compare with this from now on" }).click();
    await expect(bake(page)).not.toContainText("Dotted");
  });

  test("the inside is drawn at the minute under the keys and the pointer", async ({ page }) => {
    await ownCake(page, "Inside", SPRINGFORM);
    await station(page, "Bake").click();
    await expect(minute(page)).toHaveAttribute("aria-valuenow", /\d+/u);
    const from = Number(await minute(page).getAttribute("aria-valuenow"));
    await minute(page).focus();
    await page.keyboard.press("ArrowRight");
    await page.keyboard.press("PageUp");
    await expect(bake(page)).toContainText(`Inside at ${from + 6}\u00a0min`);
    await page.keyboard.press("Home");
    await expect(
      page.getByRole("img", { name: /^After 0.min the middle is at 21.°C.*none of it is set\.$/u }),
    ).toBeVisible();
    await page.keyboard.press("End");
    await expect(page.getByRole("img", { name: /all of it is set\.$/u })).toBeVisible();
    const box = await minute(page).boundingBox();
    if (box === null) throw new Error("no chart");
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    const middle = Number(await minute(page).getAttribute("aria-valuenow"));
    await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2);
    await expect
      .poll(async () => Number(await minute(page).getAttribute("aria-valuenow")))
      .toBeGreaterThan(middle);
    // The middle is set when the forecast says so.
    const likely = await minutesOf(page, "Likely done");
    await expect(bake(page)).toContainText(`set through, 96\u00a0°C, after ${likely}\u00a0min`);
  });

  test("a heat of her own: rubbish is kept and named, then read, and kept", async ({ page }) => {
    await ownCake(page, "Own heat", SPRINGFORM);
    await station(page, "Bake").click();
    const box = page.getByLabel("My own temperature, true in the oven");
    await box.fill("quite hot");
    await expect(
      page.getByText("“quite hot” can't be read", { exact: false }).first(),
    ).toBeVisible();
    await expect(
      page.getByText("Something in Bake can't be used yet.", { exact: false }),
    ).toBeVisible();
    await box.fill("300 C");
    await expect(
      page.getByText(/Oven temperature 300.°C is too high: 100 to 260.°C/u).first(),
    ).toBeVisible();
    await box.fill("158");
    await expect.poll(() => figure(page, "Dial to")).toBe("158 °C");
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.reload();
    await expect(page.getByLabel("My own temperature, true in the oven")).toHaveValue("158");
    await expectAccessible(page);
  });

  test("an oven turns the dial by its readings, and is taken anew when it has changed", async ({
    page,
  }) => {
    await page.goto("/ovens");
    await page.getByRole("button", { name: "Add an oven" }).click();
    await page.getByRole("textbox", { name: "Name of the oven" }).fill("Pier oven");
    await page.getByLabel("Marks apart").fill("1");
    await page.getByLabel("Dial set to").fill("180");
    await page.getByLabel("Thermometer reads").fill("170");
    await page.getByRole("button", { name: "Add the reading" }).click();
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    const ovenPage = page.url();
    await ownCake(page, "In the pier oven", `${SPRINGFORM}&school=as-written`);
    await station(page, "Bake").click();
    await page.getByLabel("Oven", { exact: true }).selectOption({ label: "Pier oven" });
    await expect.poll(() => figure(page, "Dial to")).toBe("187 °C");
    await expect(bake(page)).toContainText("All of it goes in at once.");
    const cakePage = page.url();
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.goto(ovenPage);
    await page.getByLabel("Dial marked in").selectOption("gas");
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.goto(cakePage);
    await expect.poll(() => figure(page, "Dial to")).toBe("187 °C");
    await page.getByRole("button", { name: "Take it as it is now" }).click();
    await expect.poll(() => figure(page, "Dial to")).toBe("gas 5");
  });

  test("several tins come out in order, and each can be cut open", async ({ page }) => {
    await ownCake(
      page,
      "Two kinds",
      `${LAYERS}&tins=23 x 6.5 cm springform;12 cups 7 x 5.2 x 3.2 cm`,
    );
    await station(page, "Bake").click();
    const rows = page
      .getByRole("table", { name: "The tins in the order they come out" })
      .getByRole("row");
    await expect(rows.nth(1)).toContainText("1st");
    await expect(rows.nth(1)).toContainText("cups");
    await expect(rows.nth(2)).toContainText("springform");
    await expect(rows.nth(1)).toContainText("flatter, less to trim");
    await expect(bake(page)).toContainText("In the springform");
    await rows.nth(1).getByRole("button").click();
    await expect(bake(page)).toContainText("In the 12");
  });

  test("after a look it says how long to wait, or that it is done", async ({ page }) => {
    await ownCake(page, "Looked at", SPRINGFORM);
    await station(page, "Bake").click();
    await page.getByText("I have looked: what now?").click();
    await page.getByLabel("A tester comes out").selectOption("wet");
    await expect(page.getByText(/\d+.min more, then look again\./u)).toBeVisible();
    await page.getByLabel("A tester comes out").selectOption("clean");
    await page.getByLabel("Pressed lightly").selectOption("springs-back");
    await expect(page.getByText("Out: two signs agree.")).toBeVisible();
    await page.getByLabel("Core, if you have a probe").fill("140 C");
    await expect(page.getByText(/^Core 140.°C is too high: 0 to 110.°C\.$/u)).toBeVisible();
  });

  test("other bakes that went well narrow the window, and a wrong one says so", async ({
    page,
  }) => {
    await ownCake(page, "Rests on two", SPRINGFORM);
    await station(page, "Bake").click();
    const window = async (): Promise<number> =>
      (await minutesOf(page, "Latest")) - (await minutesOf(page, "Start checking"));
    const before = await window();
    await page.getByText("What the minutes rest on").click();
    await page.getByRole("button", { name: "Another bake that went well" }).click();
    await page.getByLabel("Tins", { exact: true }).fill("12 cups");
    await page.getByRole("textbox", { name: "Minutes", exact: true }).fill("3");
    await expect(page.getByText(/Minutes 3.min is too short/u).first()).toBeVisible();
    await page.getByRole("textbox", { name: "Minutes", exact: true }).fill("19");
    await expect.poll(window).toBeLessThan(before);
  });

  test("without a worker the minutes stand, and it says what is missing", async ({ page }) => {
    await page.addInitScript(() => {
      Object.defineProperty(globalThis, "Worker", {
        value: function none() {
          throw new Error("no workers here");
        },
      });
    });
    await ownCake(page, "No worker", SPRINGFORM);
    await station(page, "Bake").click();
    await expect(
      page.getByText("The inside of the cake can't be worked out in this browser.", {
        exact: false,
      }),
    ).toBeVisible();
    expect(await minutesOf(page, "Likely done")).toBeGreaterThan(20);
  });

  test("says the same as the plan file", async ({ page, kitchen }) => {
    const file = join(kitchen.folder, "bake.json");
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
        tins: [{ shape: "springform", diameterMm: 230, depthMm: 65 }],
        heat: { ovenC: 160 },
        strips: true,
      }),
    );
    const answer = JSON.parse(
      execFileSync("npm", ["run", "-s", "plan", "--", file], { encoding: "utf8" }),
    ) as {
      bake: {
        dialC: number;
        doorShutUntilMin: number;
        firstLookMin: number;
        likelyMin: number;
        notPastMin: number;
        tins: { solved: { minutes: number; crown: string } }[];
      };
      cool: { tins: { turnOutMin: number }[] };
    };
    await ownCake(page, "Like the bake file", SPRINGFORM);
    await station(page, "Bake").click();
    await page.getByLabel("My own temperature, true in the oven").fill("160 °C");
    await page.getByRole("button", { name: "Wet strips" }).click();
    const { bake: planned } = answer;
    for (const [name, minutes] of [
      ["Door shut until", planned.doorShutUntilMin],
      ["Start checking", planned.firstLookMin],
      ["Likely done", planned.likelyMin],
      ["Latest", planned.notPastMin],
    ] as const) {
      await expect.poll(() => minutesOf(page, name)).toBe(minutes);
    }
    expect(await figure(page, "Dial to")).toBe(`${planned.dialC} °C`);
    const [solved] = planned.tins;
    await expect(bake(page)).toContainText(
      `cell by cell it comes to ${solved?.solved.minutes}\u00a0min`,
    );
    expect(solved?.solved.crown).toBe("less");
    await expect(
      page
        .locator("div")
        .filter({ has: page.getByRole("radio", { name: /^My own temperature/u }) })
        .last(),
    ).toContainText("flatter, less to trim");
    await station(page, "Cool").click();
    expect(plain(await page.getByRole("list", { name: "Turning out" }).innerText())).toContain(
      `Out of the tin after ${answer.cool.tins[0]?.turnOutMin} min`,
    );
  });

  test("a heat that never sets the middle says how far it comes", async ({ page }) => {
    await ownCake(page, "Lukewarm", `${LAYERS}&tins=26 x 20 cm springform&scale=fill-limit`);
    await station(page, "Bake").click();
    await page.getByLabel("My own temperature, true in the oven").fill("100 °C");
    await expect(
      bake(page).getByText(
        /^At this temperature the middle never sets: it is still at \d\d.°C after five hours\./u,
      ),
    ).toBeVisible();
  });

  test("tins that do not go onto the shelf are named, and more than fit go in loads", async ({
    page,
  }) => {
    await ownCake(
      page,
      "Small oven",
      `${LAYERS}&tins=33 x 23 x 5 cm rectangle;2 x 20 x 5 cm round`,
    );
    await station(page, "Bake").click();
    await page
      .getByLabel("Oven", { exact: true })
      .selectOption({ label: "Chapel hall, the small one" });
    await expect(
      bake(page).getByText(
        /^The rectangle 33 × 23 × 5.cm does not go onto this oven's shelf with 25.mm of air around it\.$/u,
      ),
    ).toBeVisible();
    await expect(bake(page)).toContainText(
      "2 loads: with 25 mm of air around each tin not all of them fit at once.",
    );
    await expect(page.getByText("It always blows.")).toBeVisible();
  });

  test("an oven taken out of the kitchen stays with the cake that was planned for it", async ({
    page,
  }) => {
    await page.goto("/ovens");
    await page.getByRole("button", { name: "Add an oven" }).click();
    await page.getByRole("textbox", { name: "Name of the oven" }).fill("Borrowed oven");
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    const ovenPage = page.url();
    await ownCake(page, "In a borrowed oven", SPRINGFORM);
    await station(page, "Bake").click();
    await page.getByLabel("Oven", { exact: true }).selectOption({ label: "Borrowed oven" });
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    const cakePage = page.url();
    await page.goto(ovenPage);
    await page.getByRole("button", { name: "Delete", exact: true }).click();
    await expect(page).toHaveURL(/\/ovens$/u);
    await page.goto(cakePage);
    await expect(page.getByLabel("Oven", { exact: true }).locator("option:checked")).toHaveText(
      "Borrowed oven, not in the kitchen any more",
    );
    await expect.poll(() => minutesOf(page, "Likely done")).toBeGreaterThan(20);
  });

  test("twenty kinds of tin are planned and solved at once, and strips are not offered to a loaf", async ({
    page,
  }) => {
    const tins = Array.from({ length: 19 }, (_, index) => `${12 + index} x 5 cm round`);
    await ownCake(page, "Twenty tins", `${LAYERS}&tins=${[...tins, "22 x 11 cm loaf"].join(";")}`);
    await station(page, "Bake").click();
    const rows = page
      .getByRole("table", { name: "The tins in the order they come out" })
      .getByRole("row");
    await expect(rows).toHaveCount(21);
    await expect(page.getByText("Strips suit layers and sheets", { exact: false })).toBeVisible();
    await expect(rows.last()).toContainText(/crown|flatter/u, { timeout: 20_000 });
  });

  test("a worker that can't be fetched is said, and the minutes stand", async ({ page }) => {
    await page.addInitScript(() => {
      const Real = globalThis.Worker;
      Object.defineProperty(globalThis, "Worker", {
        value: class extends Real {
          constructor() {
            super("/no-such-worker.js");
          }
        },
      });
    });
    await ownCake(page, "Worker not fetched", SPRINGFORM);
    await station(page, "Bake").click();
    await expect(
      page.getByText("The inside of the cake can't be worked out in this browser.", {
        exact: false,
      }),
    ).toBeVisible();
    expect(await minutesOf(page, "Likely done")).toBeGreaterThan(20);
  });

  test("a recipe for the microwave is planned in its mug, and carried to no tin", async ({
    page,
  }) => {
    await page.goto("/recipes/new");
    await page
      .getByRole("textbox")
      .fill(
        "Night watch mug\n\n4 tbsp flour\n3 tbsp sugar\n1 egg\n2 tbsp oil\n\n1. Stir everything in a mug.\n2. Microwave on high for 90 seconds.\n3. Let it stand 2 minutes.",
      );
    await page.getByRole("button", { name: /^Keep/u }).first().click();
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
    await expect(page.getByText("a microwave").first()).toBeVisible();
    await expect(
      page.getByText("Only a mug marked for the microwave", { exact: false }),
    ).toBeVisible();
    await page.getByRole("link", { name: "In another tin" }).click();
    await expect(page.getByText("only vessels like its own")).toBeVisible();
    await expectAccessible(page);
    await keepAsked(page, "Night watch mug");
    await station(page, "Bake").click();
    const bake = page.getByRole("region", { name: "The bake" });
    await expect(bake).toContainText(/Heated by\s*microwave/u);
    await expect(bake).toContainText(/Likely done\s*90.s/u);
    await expect(bake).toContainText("The recipe's own minutes in its own vessel.");
    await expectAccessible(page);
    await station(page, "Cool").click();
    await expect(page.getByRole("list", { name: "Turning out" })).toContainText(
      "stays in its dish",
    );
    // Nothing follows for a tin of the oven.
    await page.goto(
      "/try?recipe=Night watch mug&source=microwave&minutes=2&weight=150 g&from=mug&tins=20 x 5 cm",
    );
    await expect(
      page.getByText("This recipe is for a microwave", { exact: false }).first(),
    ).toBeVisible();
    // An oven's recipe is asked for in a tin again, with its heat.
    await expect(page.getByRole("textbox", { name: "Oven", exact: true })).toBeHidden();
    await page
      .getByLabel("Recipe", { exact: true })
      .selectOption({ label: "Blackcurrant and poppy seed layers" });
    await expect(page.getByRole("textbox", { name: "Oven", exact: true })).toHaveValue(/177/u);
    await expect(page.getByRole("textbox", { name: "My tin" })).toHaveValue(/^33 x 23/u);
    await expect(page.getByText("This recipe is for a microwave", { exact: false })).toBeHidden();
  });
});
