import type { Locator, Page } from "@playwright/test";
import { expect, expectAccessible, expectNoSideways, test } from "./kitchen";

const PASTED = `Gull Rock ginger layers

Serves 12
Two greased 8-inch round cake tins

Ingredients
- 225 g butter, softened
- 1 cup caster sugar
- 4 large eggs
- 225 g self-raising flour
- sugar from the blue jar 20 g
- a little milk

Method
1. Preheat the oven to 180C. Grease the tins.
2. Cream the butter and caster sugar until pale, about 5 minutes.
3. Bake for 30-35 minutes until a skewer comes out clean.`;

/** The row of a line as it is written. */
const grams = (page: Page, line: string): Locator =>
  page.getByRole("row").filter({ has: page.getByRole("textbox", { name: `Line: ${line}` }) });

test.describe("pasting a recipe", () => {
  test("is read while typing, problems first, survives a reload, and is kept", async ({ page }) => {
    await page.goto("/recipes/new");
    await page.getByRole("textbox").fill(PASTED);
    await expect(page.getByRole("heading", { name: "Gull Rock ginger layers" })).toBeVisible();
    await expect(
      page.getByText("The minutes are a range, 30 to 35: the middle is taken."),
    ).toBeVisible();
    await expect(page.getByText("One line has no weight yet")).toBeVisible();
    await expectAccessible(page);
    await page.reload();
    await expect(page.getByRole("textbox")).toHaveValue(PASTED);
    await page.getByRole("button", { name: "Keep this recipe" }).click();
    await expect(page.getByRole("textbox", { name: "Name of the recipe" })).toHaveValue(
      "Gull Rock ginger layers",
    );
    await expect(grams(page, "1 cup caster sugar")).toContainText("220 g");
    await page.getByRole("button", { name: "Original" }).click();
    await expect(page.getByText("Two greased 8-inch round cake tins")).toBeVisible();
    await page.goto("/recipes/new");
    await expect(page.getByRole("textbox")).toHaveValue("");
  });

  test("hears what is dictated in one breath, part by part", async ({ page }) => {
    await page.goto("/recipes/new");
    await page
      .getByRole("textbox")
      .fill(
        "this is the chapel spice cake so oven at three fifty and grease a nine by thirteen pan then beat two sticks of butter with two cups of brown sugar add three eggs and then two and a half cups of flour with a teaspoon of baking soda pour it in the pan and bake it forty to forty five minutes when it is cold beat eight ounces of cream cheese with two cups of powdered sugar and spread the frosting on top",
      );
    await expect(page.getByRole("heading", { name: "Chapel spice cake" })).toBeVisible();
    for (const fact of ["rectangle 33 × 23 × 5 cm", "177 °C", "43 min"])
      await expect(page.getByRole("button", { name: fact, exact: true })).toBeVisible();
    await expect(page.getByText("225 g cream cheese, for frosting")).toBeVisible();
    await expectAccessible(page);
    await page.getByRole("button", { name: "Keep this recipe" }).click();
    await expect(grams(page, "2.5 cups of flour")).toContainText("305 g");
    const frosting = page.getByRole("region", { name: "Frosting" });
    await expect(frosting.getByRole("textbox", { name: /^Line:/u })).toHaveCount(2);
    await page.getByRole("button", { name: "Original" }).click();
    await expect(page.getByText("and bake it forty to forty five minutes")).toBeVisible();
  });

  test("is put right in its own text, by keys alone, and stays so", async ({ page }) => {
    await page.goto("/recipes/new");
    await page
      .getByRole("textbox")
      .fill(
        "Quay squares\n175 g butter\n150 g sugar\n240 g flour\n2 eggs\n2 tbsp jam\nLine a 20 cm square tin, or a 9 x 13 inch pan.\nBeat everything and bake at 170 C for 35 minutes.\nTurn out and spread the jam on top.",
      );
    await expect(page.getByRole("button", { name: "square 20 × 5 cm" })).toBeVisible();
    await page.getByRole("button", { name: "9 x 13 inch pan: a tin that is not taken" }).focus();
    await page.keyboard.press("Enter");
    await page.keyboard.press("Tab");
    await expect(page.getByRole("button", { name: "It is baked in this tin" })).toBeFocused();
    await page.keyboard.press("Enter");
    await expect(page.getByRole("button", { name: "rectangle 33 × 23 × 5 cm" })).toBeVisible();
    await page.keyboard.press("Escape");
    await page.getByRole("button", { name: "ingredient: put right “2 tbsp jam”" }).focus();
    await page.keyboard.press("Enter");
    await page.getByLabel("It is for the").selectOption("topping");
    await expect(page.getByText("jam, for topping")).toBeVisible();
    await page.getByRole("button", { name: "Done" }).click();
    await expect(page.getByText("2 things put right by you")).toBeVisible();
    await expectAccessible(page);
    await page.reload();
    await expect(page.getByText("jam, for topping")).toBeVisible();
    await page.getByRole("button", { name: "Keep this recipe" }).click();
    const topping = page.getByRole("region", { name: "Topping" });
    await expect(topping.getByRole("textbox", { name: "Line: 2 tbsp jam" })).toBeVisible();
    // A step goes to the part it belongs to.
    await page
      .getByRole("group", { name: "Lines and steps of Batter" })
      .getByRole("button", { name: /^Change step/u })
      .last()
      .click();
    await page.getByRole("combobox", { name: /^Part step/u }).selectOption({ label: "Topping" });
    await expect(topping.getByText(/on top/u)).toBeVisible();
    // The tin it was read with first is offered beside the one that was chosen.
    const square = page.getByRole("button", { name: "square 20 × 5 cm, 170 °C, 35 min" });
    await expect(square).toHaveAttribute("aria-pressed", "false");
    await square.click();
    await expect(square).toHaveAttribute("aria-pressed", "true");
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole("button", { name: "Original" }).click();
    await expect(page.getByText("jam, for topping")).toBeVisible();
  });

  test("with another recipe beside it is two, each kept by itself", async ({ page }) => {
    await page.goto("/recipes/new");
    const [one, two] = [
      "Pier loaf\n200 g flour\n150 g sugar\n3 eggs\nStir and bake in a loaf tin at 170 C for 50 minutes.\nKeeps three days.\n\n",
      "OAT THINS\n100 g oats\n80 g butter\n50 g sugar\nMelt, stir, and bake at 180 C for 12 minutes.",
    ];
    await page.getByRole("textbox").fill(one + two);
    await expect(page.getByRole("heading", { name: "Pier loaf" })).toBeVisible();
    const both = page.getByRole("group", { name: "Recipes in this text" });
    await both.getByRole("button", { name: "2: OAT THINS" }).click();
    await expect(page.getByRole("heading", { name: "OAT THINS" })).toBeVisible();
    await page.getByRole("button", { name: "Keep this recipe" }).click();
    await expect(page.getByRole("textbox", { name: "Name of the recipe" })).toHaveValue(
      "OAT THINS",
    );
    await page.goto("/recipes/new");
    await expect(page.getByRole("textbox")).toHaveValue(one.trimEnd());
    await page.getByRole("textbox").fill("");
  });

  test("refuses what is no text, and keeps what was there", async ({ page }) => {
    await page.goto("/recipes/new");
    await page.getByRole("textbox").fill("200 g flour");
    await page.locator("input[type=file]").setInputFiles({
      name: "huge.txt",
      mimeType: "text/plain",
      buffer: Buffer.alloc(10_000_000, "x"),
    });
    await expect(
      page.getByRole("alert").filter({ hasText: "“huge.txt” is 10000 kB: at most 1600 kB." }),
    ).toBeVisible();
    await expect(page.getByRole("textbox")).toHaveValue("200 g flour");
    await page.locator("input[type=file]").setInputFiles({
      name: "photo.txt",
      mimeType: "text/plain",
      buffer: Buffer.from(Array.from({ length: 400 }, (_, at) => at % 7)),
    });
    await expect(
      page
        .getByRole("alert")
        .filter({ hasText: "This is a program's or a picture's file, not a text" }),
    ).toBeVisible();
  });

  test("loads a saved page, and never runs it", async ({ page }) => {
    await page.goto("/recipes/new");
    const html = `<!doctype html><script>document.title = "run"</script><script type="application/ld+json">{"@type":"Recipe","name":"Kelp loaf","recipeIngredient":["200 g flour<img src=x onerror=alert(1)>"],"recipeInstructions":"Bake at 180 °C for 40 minutes."}</script>`;
    await page
      .locator("input[type=file]")
      .setInputFiles({ name: "page.html", mimeType: "text/html", buffer: Buffer.from(html) });
    await expect(page.getByRole("heading", { name: "Kelp loaf" })).toBeVisible();
    await expect(page.getByText("200 g plain flour")).toBeVisible();
    expect(await page.title()).not.toBe("run");
  });
});

test.describe("a recipe", () => {
  test("is changed in place, saved by itself, and taken back a step at a time", async ({
    page,
  }) => {
    await page.goto("/recipes/harbour-pound");
    await page.getByRole("textbox", { name: "Line: 200 g plain flour" }).fill("250 g plain flour");
    await expect(grams(page, "250 g plain flour")).toContainText("250 g");
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.reload();
    await expect(page.getByRole("textbox", { name: "Line: 250 g plain flour" })).toBeVisible();
    await page.getByRole("textbox", { name: "Line: 250 g plain flour" }).fill("200 g plain flour");
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.getByRole("textbox", { name: "Line: 250 g plain flour" })).toBeVisible();
    await page.getByRole("button", { name: "Redo" }).click();
    await expect(page.getByRole("textbox", { name: "Line: 200 g plain flour" })).toBeVisible();
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
  });

  test("is scaled to portions and eggs, in its lines and inside its steps", async ({ page }) => {
    await page.goto("/recipes/harbour-pound?make=portions&of=18");
    await expect(page.getByText("× 1.5 of the recipe. 6 eggs instead of 4.")).toBeVisible();
    await expect(grams(page, "200 g plain flour")).toContainText("300 g");
    await expect(page.getByText("butter (300 g)").first()).toBeVisible();
    await page.getByLabel("How much to make").selectOption("eggs");
    await page.getByRole("textbox", { name: "Amount" }).fill("3");
    await expect(grams(page, "200 g plain flour")).toContainText("150 g");
    await page.getByLabel("How much to make").selectOption("tins");
    await page.getByRole("textbox", { name: "My tin" }).fill("zonk");
    await expect(
      page.getByText("“zonk” can't be read: write a size like 23 cm, 9 in or 33 x 23 x 5 cm."),
    ).toBeVisible();
  });

  test("has its steps in the times of the cake, put right on the step", async ({ page }) => {
    await page.goto("/recipes/harbour-pound");
    const steps = page.getByRole("group", { name: "Lines and steps of Batter" });
    const time = (name: string) =>
      steps.getByRole("listitem").filter({ hasText: new RegExp(`^${name}$`, "u") });
    await expect(time("Before the oven")).toBeVisible();
    await expect(time("In the oven")).toBeVisible();
    await page.getByRole("button", { name: "Change step 1", exact: true }).click();
    await page.getByRole("combobox", { name: "When step 1 is done" }).selectOption("serve");
    await expect(time("At the table")).toBeVisible();
    const minutes = page.getByRole("textbox", { name: /^(?:Takes|Waits), min$/u });
    await minutes.fill("a while");
    await expect(page.getByText("Minutes from 0 to 2880, like 90 or 1 h 30.")).toBeVisible();
    await minutes.fill("1 h 30");
    await page.getByRole("combobox", { name: "What step 1 is" }).selectOption("rest");
    await expectAccessible(page);
    await page.getByRole("button", { name: "Done with step 1" }).click();
    await expect(steps.getByText(/rest · .*90.min$/u)).toBeVisible();
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    // The box says what the step takes now, once nobody is typing in it.
    await page.getByRole("button", { name: "Change step 2", exact: true }).click();
    await page.getByRole("textbox", { name: "Step 2", exact: true }).fill("Beat for 7 minutes.");
    await expect(minutes).toHaveValue("7");
    await page.getByRole("button", { name: "Done with step 2" }).click();
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.reload();
    await expect(time("At the table")).toBeVisible();
    await expect(steps.getByText(/rest · .*90.min$/u)).toBeVisible();
  });

  test("says when to look first, and takes that along to the bench", async ({ page }) => {
    await page.goto("/recipes/harbour-pound");
    await page.getByText("Change its tins, oven, minutes").click();
    const look = page.getByRole("textbox", { name: "Start checking" });
    await look.fill("300");
    await expect(page.getByText("“300” is out of range: write 1 to 240 minutes.")).toBeVisible();
    await look.fill("40");
    await expect(page.getByText(/in its own tins, start checking at 40.min/u)).toBeVisible();
    await page.getByRole("link", { name: "In another tin" }).click();
    await expect(page.getByRole("textbox", { name: "Start checking" })).toHaveValue("40 min");
  });

  test("has its steps moved to another part, by pointer and by keys", async ({ page }) => {
    await page.goto("/recipes/stout-gingerbread");
    const stepsOf = (name: string) =>
      page
        .getByRole("group", { name: `Lines and steps of ${name}` })
        .getByRole("button", { name: /^Move step/u });
    const [batter, syrup] = [stepsOf("Batter"), stepsOf("Ginger syrup")];
    const [inBatter, inSyrup] = [await batter.count(), await syrup.count()];
    await syrup.first().scrollIntoViewIfNeeded();
    await batter.last().hover();
    await page.mouse.down();
    await syrup.first().hover();
    await syrup.first().hover({ position: { x: 10, y: 2 } });
    await page.mouse.up();
    await expect(syrup).toHaveCount(inSyrup + 1);
    await expect(batter).toHaveCount(inBatter - 1);
    // And back by keys alone: up until it is among the batter's.
    await syrup.first().focus();
    await page.keyboard.press("Space");
    await expect(page.getByText(/^Step 1 of Ginger syrup (?:picked up|is at)/u)).toBeAttached();
    await page.keyboard.press("ArrowUp");
    await expect(
      page.getByText(/is at (?:place \d+ of \d+, .*|the end of )Batter\.$/u),
    ).toBeAttached();
    await page.keyboard.press("Space");
    await expect(batter).toHaveCount(inBatter);
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await expectAccessible(page);
  });

  test("swaps butter for oil, says what that changes, and undoes it", async ({ page }) => {
    await page.goto("/recipes/chapel-almond");
    await page.getByRole("button", { name: "unsalted butter : change, weigh or swap" }).click();
    await expect(page.getByText("moister and softer, no creaming: less rise")).toBeVisible();
    await expectAccessible(page);
    await page.getByRole("button", { name: "Swap: Oil and water for butter, by weight" }).click();
    await expect(page.getByRole("textbox", { name: "Line: 150 g vegetable oil" })).toBeVisible();
    await expect(page.getByRole("textbox", { name: "Line: 29 g water" })).toBeVisible();
    await page.getByRole("button", { name: "undo" }).first().click();
    await expect(
      page.getByRole("textbox", { name: "Line: 180 g unsalted butter, softened" }),
    ).toBeVisible();
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
  });

  test("takes the first of a line's choices, and the other when it is asked to", async ({
    page,
  }) => {
    await page.goto("/recipes/new");
    await page
      .getByRole("textbox")
      .fill(
        "Galley fruit squares\n200 g flour\n150 g sugar\n115 g butter, melted (or 100 ml oil)\n100 g raisins or 80 g sultanas\n2 eggs\nMix it all.\nBake in a 20 cm square tin at 180 C for 35 minutes.",
      );
    await page.getByRole("button", { name: "Keep this recipe" }).click();
    await page.getByRole("button", { name: "raisins : change, weigh or swap" }).click();
    await expect(page.getByText("The other is 80 g sultanas.", { exact: false })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole("button", { name: "Take the other" }).click();
    await expect(page.getByText("The other is 100 g raisins.", { exact: false })).toBeVisible();
    await page.keyboard.press("Escape");
    await expect(grams(page, "80 g sultanas (or 100 g raisins)")).toContainText("80 g");
    await expect(
      page.getByRole("button", { name: "sultanas : change, weigh or swap" }),
    ).toBeFocused();
  });

  test("learns what a line means, for all recipes, and takes what was weighed", async ({
    page,
  }) => {
    await page.goto("/recipes/new");
    await page.getByRole("textbox").fill("Jar cake\n100 g blue jar mix\n100 g flour");
    await page.getByRole("button", { name: "Keep this recipe" }).click();
    await page.getByRole("button", { name: "what is this? : change, weigh or swap" }).click();
    await page.getByRole("textbox", { name: "Find in the pantry" }).fill("demerara");
    await page.getByRole("button", { name: "demerara sugar" }).click();
    await expect(
      page.getByText("From now on “blue jar mix” is demerara sugar.", { exact: true }),
    ).toBeVisible();
    await page
      .getByRole("textbox", { name: "What I weighed, after peeling and trimming" })
      .fill("93 g");
    await page.getByRole("button", { name: "Use", exact: true }).click();
    await page.getByRole("button", { name: "Done" }).click();
    await expect(grams(page, "100 g blue jar mix")).toContainText("95 g");
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.goto("/recipes/new");
    await page.getByRole("textbox").fill("Other cake\n50 g blue jar mix");
    await expect(page.getByText("50 g demerara sugar")).toBeVisible();
  });

  test("goes back to a version, and shows what changed", async ({ page }) => {
    await page.goto("/recipes/quay-white-ring");
    await page.getByRole("textbox", { name: "Line: 10 egg whites" }).fill("9 egg whites");
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.reload();
    await page.getByRole("button", { name: "Versions" }).click();
    const changes = page.getByRole("region", { name: "Versions" });
    await expect(changes.getByText("10 egg whites", { exact: true })).toBeVisible();
    await expect(changes.getByRole("listitem").filter({ hasText: "+ now" })).toHaveText(
      "+ now9 egg whites",
    );
    await expectAccessible(page);
    await page.getByRole("button", { name: "Go back to 1" }).click();
    await expect(
      page.getByText("Gone back; what it was until now is a version too.", { exact: true }),
    ).toBeVisible();
    await expect(page.getByLabel("From version").getByRole("option")).toHaveCount(3);
    await page.getByRole("button", { name: "Recipe", exact: true }).click();
    await expect(page.getByRole("textbox", { name: "Line: 10 egg whites" })).toBeVisible();
  });

  test("is weighed out line by line, the bowl's weight beside it, and ticks survive a reload", async ({
    page,
  }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto("/recipes/rhubarb-cups?view=weigh");
    await page.getByRole("checkbox", { name: /plain flour 190/u }).check();
    await page.getByRole("checkbox", { name: /caster sugar/u }).check();
    const bowl = page.getByRole("region", { name: "Weigh Batter" }).getByRole("status");
    await expect(bowl).toContainText("285 g");
    await page.reload();
    await expect(bowl).toContainText("285 g");
    await expectAccessible(page);
    await expectNoSideways(page);
  });

  test("is saved as Markdown, JSON-LD and CSV", async ({ request }) => {
    const file = async (as: string): Promise<string> =>
      (await request.get(`/recipes/rhubarb-cups/file?as=${as}`)).text();
    expect(await file("md")).toContain("# Rhubarb cups");
    expect((JSON.parse(await file("json")) as { name: string }).name).toBe("Rhubarb cups");
    expect(await file("csv")).toContain("Batter,190 g plain flour,plain flour,190.0,100.0");
    expect((await request.get("/recipes/rhubarb-cups/file?as=exe")).status()).toBe(400);
    expect((await request.get("/recipes/nobody/file?as=md")).status()).toBe(404);
  });

  test("uses a part of another recipe, which stays that recipe's until it is made its own", async ({
    page,
  }) => {
    await page.goto("/recipes/lantern-sponge");
    await page
      .getByLabel("Use a part of another recipe")
      .selectOption({ label: "Malt frosting, Malt and hazelnut sheet" });
    const part = page.getByRole("region", { name: "Malt frosting" });
    await expect(part.getByText("Belongs to Malt and hazelnut sheet")).toBeVisible();
    await expect(part.getByRole("textbox", { name: "Line: 300 g icing sugar" })).toBeDisabled();
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.goto("/recipes/malt-hazelnut");
    await page.getByRole("textbox", { name: "Line: 300 g icing sugar" }).fill("280 g icing sugar");
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.goto("/recipes/lantern-sponge");
    await expect(part.getByRole("textbox", { name: "Line: 280 g icing sugar" })).toBeDisabled();
    await expectAccessible(page);
    await part.getByRole("button", { name: "Make it this recipe's own" }).click();
    await expect(part.getByRole("textbox", { name: "Line: 280 g icing sugar" })).toBeEnabled();
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
  });

  test("is offered a usual amount where its own is missing, marked as a suggestion", async ({
    page,
  }) => {
    await page.goto("/recipes/new");
    await page.getByRole("textbox").fill("Half a cake\n200 g flour\nbaking powder");
    await page.getByRole("button", { name: "Keep this recipe" }).click();
    await expect(page.getByText("no amount; usually 7 g to 11 g (suggested)")).toBeVisible();
    await page.getByRole("button", { name: "baking powder : change, weigh or swap" }).click();
    await page.getByRole("button", { name: "Take 9 g" }).click();
    await page.getByRole("button", { name: "Done" }).click();
    await expect(
      page.getByRole("textbox", { name: "Line: 9 g baking powder (suggested)" }),
    ).toBeVisible();
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
  });

  test("has its lines moved by keyboard", async ({ page }) => {
    await page.goto("/recipes/lantern-sponge");
    await page.getByRole("button", { name: "Move eggs" }).focus();
    // Each press is spoken before the next one counts.
    const spoken = page.getByRole("region", { name: "Batter" }).getByRole("status").first();
    await page.keyboard.press("Space");
    await expect(spoken).toContainText("eggs is at place 1 of 5.");
    await page.keyboard.press("ArrowDown");
    await expect(spoken).toContainText("eggs is at place 2 of 5.");
    await page.keyboard.press("Space");
    await expect(
      page
        .getByRole("region", { name: "Batter" })
        .getByRole("textbox", { name: /^Line: / })
        .first(),
    ).toHaveValue("150 g caster sugar");
  });
});

test.describe("a recipe under hard use", () => {
  const saved = (page: Page): Locator =>
    page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u });

  test("keeps what is typed while the server is away, and saves it after", async ({
    page,
    context,
  }) => {
    await page.goto("/recipes/salt-pier-squares");
    await context.setOffline(true);
    await page.getByRole("textbox", { name: "Line: 100 g plain flour" }).fill("110 g plain flour");
    await expect(
      page.getByText("Not saved yet: the kitchen's server can't be reached."),
    ).toBeVisible();
    await expect(page.getByRole("textbox", { name: "Line: 110 g plain flour" })).toBeVisible();
    await context.setOffline(false);
    await expect(saved(page)).toBeVisible({ timeout: 15_000 });
    await page.reload();
    await expect(page.getByRole("textbox", { name: "Line: 110 g plain flour" })).toBeVisible();
  });

  test("offers what was typed and never kept, at the next visit", async ({ page, context }) => {
    await page.goto("/recipes/salt-pier-squares");
    await context.setOffline(true);
    await page.getByRole("textbox", { name: "Line: 110 g plain flour" }).fill("115 g plain flour");
    await expect(
      page.getByText("Not saved yet: the kitchen's server can't be reached."),
    ).toBeVisible();
    await page.close();
    await context.setOffline(false);
    const next = await context.newPage();
    await next.goto("/recipes/salt-pier-squares");
    const offer = next.getByRole("status").filter({ hasText: "was not kept" });
    await expect(offer).toBeVisible();
    await expect(next.getByRole("textbox", { name: "Line: 110 g plain flour" })).toBeVisible();
    await offer.getByRole("button", { name: "Put it back" }).click();
    await expect(next.getByRole("textbox", { name: "Line: 115 g plain flour" })).toBeVisible();
    await expect(saved(next)).toBeVisible();
    await expect(offer).toHaveCount(0);
    await next.reload();
    await expect(next.getByRole("textbox", { name: "Line: 115 g plain flour" })).toBeVisible();
    await expect(offer).toHaveCount(0);
  });

  test("is kept in a script of three bytes a letter, as long as any", async ({ page }) => {
    await page.goto("/recipes/new");
    const text = `${"蒸".repeat(100)}\n`.repeat(1280);
    await page.getByRole("textbox", { name: /^The recipe as you found it/u }).fill(text);
    await expect(page.getByRole("button", { name: "Keep this recipe" })).toBeEnabled({
      timeout: 15_000,
    });
    await page.getByRole("button", { name: "Keep this recipe" }).click();
    await page.waitForURL(/\/recipes\/(?!new)/u);
    await expect(page.getByText("server can't be reached")).toHaveCount(0);
  });

  test("says what keeps it from being saved, and takes it when that is mended", async ({
    page,
  }) => {
    await page.goto("/recipes/salt-pier-squares");
    const name = page.getByRole("textbox", { name: "Name of the recipe" });
    await name.fill("");
    await expect(page.getByText("Not saved yet: Name is missing.")).toBeVisible();
    await name.fill("Salt pier chocolate squares");
    await expect(saved(page)).toBeVisible({ timeout: 15_000 });
  });

  test("takes lines nobody could weigh, and weighs the rest", async ({ page }) => {
    await page.goto("/recipes/lighthouse-cheese");
    const base = page.getByRole("region", { name: "Crumb base" });
    for (const [text, said] of [
      ["200 g", "no ingredient named"],
      ["99999999 g flour", "a huge amount: check it"],
      ["-5 g salt", "less than nothing"],
      ["cups flour", "a unit without a number"],
      ["3 gulls", "not in the pantry"],
    ] as const) {
      await base.getByRole("button", { name: "Another line" }).click();
      await base.getByRole("textbox", { name: "Line: new" }).fill(text);
      await expect(base.getByText(said).first()).toBeVisible();
    }
    for (let times = 0; times < 10; times += 1)
      await page.getByRole("button", { name: "Undo" }).click();
    await expect(base.getByRole("textbox", { name: /^Line: / })).toHaveCount(2);
    await expect(saved(page)).toBeVisible({ timeout: 15_000 });
  });

  test("goes by US cups when it speaks of °F, and by the way flour is filled", async ({ page }) => {
    await page.goto("/recipes/new");
    await page
      .getByRole("textbox")
      .fill(
        "Quay biscuits\n2 cups all-purpose flour\n1 stick butter\nBake at 350 °F for 12 minutes.",
      );
    await page.getByRole("button", { name: "Keep this recipe" }).click();
    await expect(grams(page, "2 cups all-purpose flour")).toContainText("245 g");
    await expect(page.getByText("244 g to 290 g, spooned and levelled taken")).toBeVisible();
    await page.getByText("Change its tins, oven, minutes").click();
    await expect(page.getByLabel("A cup is")).toHaveValue("us");
    await page.getByLabel("Flour into the cup").selectOption("dipped");
    await expect(grams(page, "2 cups all-purpose flour")).toContainText("290 g");
    await page.getByRole("textbox", { name: "Its tins" }).fill("8 in round");
    await page.getByRole("textbox", { name: "Minutes" }).fill("1000");
    await expect(page.getByText("“1000” is out of range: write 5 to 240 minutes.")).toBeVisible();
    await expectAccessible(page);
    await expect(saved(page)).toBeVisible();
  });

  test("of four hundred lines is read, kept and opened", async ({ page }) => {
    await page.goto("/recipes/new");
    await page
      .getByRole("textbox")
      .fill(
        [
          "Long cake",
          "Ingredients",
          ...Array.from({ length: 450 }, (_, line) => `${line + 1} g plain flour`),
        ].join("\n"),
      );
    await expect(
      page.getByText("50 lines were not understood; they are kept in the original."),
    ).toBeVisible();
    await expect(page.getByRole("button", { name: "Show all 452 lines" })).toBeVisible();
    await page.getByRole("button", { name: "Keep this recipe" }).click();
    await expect(page.getByRole("textbox", { name: "Line: 400 g plain flour" })).toBeVisible();
    await expectNoSideways(page);
  });

  test("that is not there says so, and the paste page fits a phone", async ({ page }) => {
    expect((await page.goto("/recipes/nobody"))?.status()).toBe(404);
    await expect(page.getByRole("heading", { name: "There is nothing here" })).toBeVisible();
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto("/recipes/new");
    await page.getByRole("textbox").fill(PASTED);
    await expect(page.getByRole("heading", { name: "Gull Rock ginger layers" })).toBeVisible();
    await expectAccessible(page);
    await expectNoSideways(page);
  });
});

test("recipes are found by their words, deleted and brought back", async ({ page }) => {
  await page.goto("/recipes");
  await page.getByRole("textbox", { name: "Find a recipe" }).fill("hazelnut malt");
  await expect(
    page.getByRole("status").filter({ hasText: "One recipe with “hazelnut malt”" }),
  ).toBeVisible();
  await page.getByRole("button", { name: "Delete Malt and hazelnut sheet" }).click();
  await expect(page.getByText("No recipe has all these words.")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(
    page.getByRole("link", { name: "Malt and hazelnut sheet", exact: true }),
  ).toBeVisible();
});

for (const width of [1280, 390]) {
  test(`a recipe is accessible and fits at ${width} px`, async ({ page }) => {
    await page.setViewportSize({ width, height: 844 });
    await page.goto("/recipes/stout-gingerbread");
    await expect(page.getByRole("region", { name: "Batter" })).toBeVisible();
    await expectAccessible(page);
    await expectNoSideways(page);
  });
}
