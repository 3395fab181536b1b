import { spawnSync } from "node:child_process";
import { expect, expectAccessible, expectNoSideways, figure, test } from "./kitchen";

const myTin = { name: "My tin", exact: true } as const;

test.describe("the bench", () => {
  test("answers the question as it is typed, on screen and in the plan file alike", async ({
    page,
  }) => {
    await page.goto("/try");
    await page
      .getByLabel("Recipe", { exact: true })
      .selectOption("Blackcurrant and poppy seed layers");
    await page.getByRole("textbox", myTin).fill("33 x 22.9 x 5.1 cm");
    await expect(page.getByText("rectangle 33 × 23 × 5 cm, holds 3.75 L")).toBeVisible();

    const request = {
      recipe: {
        batter: { kind: "creamed", massG: 1030, volumeMl: 1200 },
        reference: {
          tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
          ovenC: 177,
          minutes: 34,
        },
      },
      tins: [{ shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 }],
    };
    const { stdout } = spawnSync("npm", ["run", "-s", "plan", "--", "-"], {
      input: JSON.stringify(request),
      encoding: "utf8",
    });
    const plan = JSON.parse(stdout) as {
      bake: { dialC: number; firstLookMin: number; likelyMin: number };
      fill: { tins: { fullFraction: number }[] };
    };
    expect(await figure(page, "Batter")).toBe("all, 1 030 g");
    expect(await figure(page, "Space in the tin")).toBe(
      `${Math.round((plan.fill.tins[0]?.fullFraction ?? 0) * 100)} % full`,
    );
    // The dial of an oven nobody named is said to the 5 °C of a usual one.
    expect(await figure(page, "Oven")).toBe(`${Math.round(plan.bake.dialC / 5) * 5} °C`);
    expect(await figure(page, "Start checking at")).toBe(`${plan.bake.firstLookMin} min`);
    await expect(page.getByText(`likely ${plan.bake.likelyMin}, latest`)).toBeVisible();
    await expect(page.getByText("space to rise")).toBeVisible();
  });

  test("warns before a small tin overflows, and says what to take out", async ({ page }) => {
    await page.goto("/try");
    await page.getByRole("textbox", myTin).fill("15 cm");
    await expect(page.getByRole("status").filter({ hasText: "may overflow" })).toBeVisible();
    await expect(
      page.getByText(/Put a tray underneath, or take out .* cups of 7 cm/u),
    ).toBeVisible();
    await expect(page.getByRole("img", { name: /My tins: round 15.*may overflow/u })).toBeVisible();
  });

  test("takes tins from the cupboard, several of them, in place of the example", async ({
    page,
  }) => {
    await page.goto("/try");
    await page.getByRole("button", { name: "From the cupboard" }).click();
    await page.getByRole("button", { name: "One Loaf tin more" }).click();
    await page.getByRole("button", { name: "One Loaf tin more" }).click();
    await page.getByRole("button", { name: "One Dozen cups more" }).click();
    await expectAccessible(page);
    await page.getByRole("button", { name: "Use these" }).click();
    await expect(page.getByRole("textbox", { name: "My tin 1" })).toHaveValue(
      "2 x 21.6 x 11.4 x 6.5 cm loaf",
    );
    await expect(page.getByRole("textbox", { name: "My tin 2" })).toHaveValue(
      "12 cups 7 x 5.2 x 3.2 cm",
    );
    await expect(page.getByRole("table").getByRole("row")).toHaveCount(3);
  });

  test("has the whole question in its address", async ({ page }) => {
    await page.goto("/try");
    await page.getByLabel("Recipe", { exact: true }).selectOption("Cardamom pear loaf");
    await expect(page).toHaveURL(/recipe=Cardamom/u);
    await page.getByRole("textbox", myTin).fill("9 in");
    await page.getByLabel("Oven for these tins").selectOption("low");
    await expect(page).toHaveURL(/school=low/u);
    const answer = await figure(page, "Start checking at");
    await page.goto(page.url());
    await expect(page.getByRole("textbox", myTin)).toHaveValue("9 in");
    await expect(page.getByLabel("Recipe", { exact: true })).toHaveValue("cardamom-pear");
    expect(await figure(page, "Start checking at")).toBe(answer);
  });

  test("says when what a recipe holds can't be fetched, and takes it up the next time", async ({
    page,
    context,
  }) => {
    await page.goto("/try");
    const recipe = page.getByLabel("Recipe", { exact: true });
    const before = await recipe.inputValue();
    await context.setOffline(true);
    await recipe.selectOption("Cardamom pear loaf");
    await expect(
      page.getByText("What “Cardamom pear loaf” says can't be fetched now. Choose it again."),
    ).toBeVisible();
    await expect(recipe).toHaveValue(before);
    await context.setOffline(false);
    await recipe.selectOption("Cardamom pear loaf");
    await expect(page.getByLabel("Its tins")).toHaveValue(/x 11/u);
    await expect(page).toHaveURL(/recipe=Cardamom/u);
  });

  test("switches units without changing what was meant, and remembers them", async ({ page }) => {
    await page.goto("/try");
    await page.getByRole("textbox", myTin).fill("15");
    await page.getByRole("textbox", myTin).blur();
    await expect(page.getByRole("textbox", myTin)).toHaveValue("15 cm round");
    await page.getByRole("button", { name: "in, cups" }).click();
    await page.getByRole("button", { name: "°F" }).click();
    await expect(page.getByText("round 6 × 2 in, holds")).toBeVisible();
    // The dial of an oven nobody named is said to the 5 °C of a usual one.
    expect(await figure(page, "Oven")).toMatch(/^3\d\d °F$/u);
    expect(await figure(page, "Batter")).toMatch(/^all, about \d+ ?\d?\/?\d? cups$/u);
    await expect(page).toHaveURL(/tins=15/u);
    await page.reload();
    await expect(page.getByText("round 6 × 2 in, holds")).toBeVisible();
  });

  test("speaks the measures of a visitor's country, until she says otherwise", async ({
    browser,
    baseURL,
  }) => {
    const context = await browser.newContext({ locale: "en-US", baseURL });
    const page = await context.newPage();
    await page.goto("/try");
    expect(await figure(page, "Oven")).toMatch(/^3\d\d °F$/u);
    await expect(page.getByRole("button", { name: "in, cups" })).toHaveAttribute(
      "aria-pressed",
      "true",
    );
    await page.getByRole("button", { name: "cm, g" }).click();
    await page.reload();
    expect(await figure(page, "Batter")).toMatch(/ g$/u);
    expect(await figure(page, "Oven")).toMatch(/°F$/u);
    await context.close();
  });

  test("keeps the last answer, dimmed, while a box can't be read, and says what is wrong beside it", async ({
    page,
  }) => {
    await page.goto("/try");
    const before = await figure(page, "Start checking at");
    const tin = page.getByRole("textbox", myTin);
    for (const [typed, message] of [
      ["zonk", "“zonk” can't be read: write a size like 23 cm, 9 in or 33 x 23 x 5 cm."],
      ["0 cm", "Width across 0 mm is too small: 20 to 700 mm."],
      ["20 x 0.5 cm round", "Depth 5 mm is too shallow: 10 to 200 mm."],
      ["9000 cm", "Width across 90000 mm is too large: 20 to 700 mm."],
      ["", "Write a size like 23 cm, 9 in or 33 x 23 x 5 cm."],
    ] as const) {
      await tin.fill(typed);
      await expect(page.getByText(message)).toBeVisible();
      await expect(tin).toHaveAttribute("aria-invalid", "true");
      expect(await figure(page, "Start checking at")).toBe(before);
    }
    await page.getByRole("textbox", { name: "Oven", exact: true }).fill("90 C");
    await expect(page.getByText("Oven temperature 90 °C is too low: 100 to 260 °C.")).toBeVisible();
    await page.getByRole("button", { name: "Remove tin 1" }).click();
    await expect(
      page.getByText("No tin yet. Take one from the cupboard, or write the size of one."),
    ).toBeVisible();
  });

  test("says so when a weight does not suit the kind of batter", async ({ page }) => {
    await page.goto("/try?weight=430 g&volume=1 L");
    await expect(
      page.getByText(
        "0.43 g per mL does not suit a creamed butter batter, usually 0.8 to 0.92. Check weight and volume, or is it whisked sponge or chiffon?",
      ),
    ).toBeVisible();
  });

  test("survives an address full of rubbish", async ({ page }) => {
    await page.goto(
      `/try?tins=${"x".repeat(3000)};;;&kind=lumpy&scale=-1&heat=%00%ff&from=<script>alert(1)</script>`,
    );
    await expect(page.getByRole("heading", { name: "Same batter, other tin" })).toBeVisible();
    await expect(page.getByText("Something above can't be used yet.")).toBeVisible();
  });

  test("hears what was typed before its program had arrived", async ({ page: other }) => {
    // A page of its own: the others wait until everything listens.
    const page = await other.context().newPage();
    let arrive = (): void => undefined;
    const held = new Promise<void>((resolve) => {
      arrive = resolve;
    });
    await page.route("**/_next/static/**/*.js", async (route) => {
      await held;
      await route.continue();
    });
    await page.goto("/try", { waitUntil: "commit" });
    await page.getByRole("textbox", myTin).fill("loaf 22 x 11 x 7 cm");
    arrive();
    await expect(page.getByText("loaf 22 × 11 × 7 cm, holds")).toBeVisible();
    await expect(page.getByRole("textbox", myTin)).toHaveValue("loaf 22 x 11 x 7 cm");
  });

  test("works by keyboard alone", async ({ page }) => {
    await page.goto("/try");
    await page.keyboard.press("Tab");
    await expect(page.getByRole("link", { name: "Skip to the work" })).toBeFocused();
    await page.keyboard.press("Enter");
    const tin = page.getByRole("textbox", myTin);
    for (
      let step = 0;
      step < 12 && !(await tin.evaluate((box) => box === document.activeElement));
      step += 1
    )
      await page.keyboard.press("Tab");
    await expect(tin).toBeFocused();
    await page.keyboard.press("Control+A");
    await page.keyboard.type("loaf 22 x 11 x 7 cm");
    await expect(page.getByText("loaf 22 × 11 × 7 cm, holds")).toBeVisible();
    await page.keyboard.press("Shift+Tab");
    await page.keyboard.press("Shift+Tab");
    await page.keyboard.press("Enter");
    await expect(page.getByRole("dialog", { name: "From the cupboard" })).toBeVisible();
    await page.keyboard.press("Escape");
    await expect(page.getByRole("dialog")).toHaveCount(0);
  });

  for (const [width, height] of [
    [1280, 800],
    [390, 844],
  ] as const) {
    test(`is accessible and fits at ${width} px`, async ({ page }) => {
      await page.setViewportSize({ width, height });
      await page.goto("/try?tins=15 cm round;12 cups;fluted ring 25 cm dark");
      await expect(
        page.getByText("Put a tray underneath").or(page.getByText("space to rise").first()).first(),
      ).toBeVisible();
      await expectAccessible(page);
      await expectNoSideways(page);
    });
  }
});
