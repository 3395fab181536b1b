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

const TWO_ROUNDS = `${LAYERS}&tins=2 x 20.3 x 5.1 cm round&cover=top-and-sides`;

test.describe("building a cake", () => {
  test("layers, filling and dam are pulled at on the drawing, and undone step by step", async ({
    page,
  }) => {
    await ownCake(page, "Pulled at", TWO_ROUNDS);
    await station(page, "Build").click();
    const built = page.getByRole("region", { name: "The cake put together" });
    await expect(built).toContainText(/^2 × 28.mm, 61.mm high/u);
    const filling = page.getByRole("slider", { name: "Thickness of the filling" });
    await filling.press("ArrowUp");
    await expect(page.getByLabel("Thick", { exact: true })).toHaveValue("6.5 mm");
    const from = await filling.boundingBox();
    if (from === null) throw new Error("no grip on the filling");
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
    await page.mouse.down();
    await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2 - 12, { steps: 4 });
    await page.mouse.up();
    const pulled = Number.parseFloat(await page.getByLabel("Thick", { exact: true }).inputValue());
    expect(pulled).toBeGreaterThan(8);
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.getByLabel("Thick", { exact: true })).toHaveValue("6.5 mm");
    await page.getByLabel("Dam of frosting round it, wide").fill("15");
    await page.getByRole("slider", { name: "Width of the dam" }).press("ArrowRight");
    await expect(page.getByLabel("Dam of frosting round it, wide")).toHaveValue("16 mm");
    await page.getByLabel("Filling", { exact: true }).selectOption("jam");
    const between = page.getByRole("list", { name: "What goes between" });
    await expect(between).toContainText("filling, jam");
    await between.getByText(/^Why/u).first().click();
    await expect(between).toContainText(/6\.5.mm × \d+.cm²/u);
    await page
      .getByRole("slider", { name: "Height of a layer at its edge, as measured" })
      .press("ArrowUp");
    await page.getByText("I have measured them").click();
    await expect(page.getByLabel(/^Edge, cold/u)).toHaveValue("29 mm");
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.reload();
    await expect(page.getByLabel("Thick", { exact: true })).toHaveValue("6.5 mm");
  });

  test("what can't be built is said on the drawing, and the last answer stands", async ({
    page,
  }) => {
    await ownCake(page, "Thin slices", TWO_ROUNDS);
    await station(page, "Build").click();
    const built = page.getByRole("region", { name: "The cake put together" });
    await page.getByRole("button", { name: "One slice more" }).click();
    await expect(built).toContainText("4 × 14");
    await page.getByRole("button", { name: "One slice more" }).click();
    await expect(built.getByRole("alert")).toHaveText(
      "Slices to a layer 3 is too many: 1 to 2; slices under 12 mm tear.",
    );
    await expect(built).toContainText("4 × 14");
    await page.getByRole("button", { name: "One slice less" }).click();
    await expect(built.getByRole("alert")).toHaveCount(0);
    await page.getByLabel("Dam of frosting round it, wide").fill("60 mm");
    await station(page, "Finish").click();
    await expect(page.getByRole("region", { name: "The cake finished" })).toBeVisible();
    await page.getByLabel("On the sides", { exact: true }).fill("9 cm");
    await expect(
      page.getByText("Frosting on the sides 90 mm is too large: 0.5 to 40 mm."),
    ).toBeVisible();
    await expect(
      page.getByText("Something in Finish can't be used yet.", { exact: false }),
    ).toBeVisible();
    await expect(page.getByLabel("On the sides", { exact: true })).toHaveValue("9 cm");
  });

  test("a cake left with something that can't be built opens where it can be mended", async ({
    page,
  }) => {
    await ownCake(page, "Left in the middle", TWO_ROUNDS);
    await station(page, "Build").click();
    await page.getByLabel("Dam of frosting round it, wide").fill("17 cm");
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.reload();
    await expect(page.getByText("Dam 170 mm is too large: 3 to 60 mm.")).toBeVisible();
    await expect(page.getByLabel("Dam of frosting round it, wide")).toHaveValue("17 cm");
    await page.getByLabel("Dam of frosting round it, wide").fill("1/2");
    await page.getByRole("button", { name: "in, cups" }).click();
    await expect(page.getByLabel("Dam of frosting round it, wide")).toHaveValue(
      /^1\/2 (?:mm|in)$/u,
    );
    await page.getByLabel("Dam of frosting round it, wide").fill("1/2");
    await page.getByLabel("Dam of frosting round it, wide").blur();
    await expect(page.getByLabel("Dam of frosting round it, wide")).toHaveValue("1/2 in");
    await page.getByRole("button", { name: "cm, g" }).click();
    await expect(page.getByRole("list", { name: "What goes between" })).toContainText(
      "Dam".toLowerCase(),
    );
  });

  test("tiers stand the widest below, with supports", async ({ page }) => {
    await ownCake(
      page,
      "Two tiers",
      `${LAYERS}&tins=16 x 7 cm springform;22 x 7 cm springform&cover=half-naked`,
    );
    await station(page, "Build").click();
    await page.getByLabel("The cakes stand").selectOption("tiers");
    const built = page.getByRole("region", { name: "The cake put together" });
    await expect(built).toContainText("2 tiers");
    await expect(built.getByRole("list", { name: "Remarks" })).toContainText(
      "a board under each upper one, and supports",
    );
    await expect(
      built.getByRole("list", { name: "The cakes" }).getByRole("listitem").first(),
    ).toContainText("springform 22");
  });
});

test.describe("finishing a cake", () => {
  test("what is put on it stands on the drawing and in the sums, and the plan file says the same", async ({
    page,
  }, info) => {
    await ownCake(page, "Put on", TWO_ROUNDS);
    await station(page, "Finish").click();
    const done = page.getByRole("region", { name: "The cake finished" });
    const listed = page.getByRole("list", { name: "What goes on and between" });
    await expect(listed.getByRole("listitem")).toHaveCount(3);
    await page.getByRole("button", { name: "Border on the top" }).click();
    await page.getByRole("textbox", { name: "Width of border 1" }).fill("14 mm");
    await page.getByRole("button", { name: "Something poured" }).click();
    await page.getByLabel("Scatter on it").selectOption("nuts");
    await page.getByLabel("Where the chopped nuts goes").selectOption("sides");
    await page.getByLabel("On the sides", { exact: true }).fill("6 mm");
    await expect(listed).toContainText(/Border of \d+ shells, buttercream/iu);
    await expect(
      done.getByRole("img", { name: /^From above: ganache glaze, a border of \d+/u }),
    ).toBeVisible();
    await expect(page.getByRole("list", { name: "On it" })).toContainText("over the cold cake");
    const request = {
      recipe: {
        batter: { kind: "creamed", massG: 1030, volumeMl: 1200 },
        eggs: 4,
        reference: {
          tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
          ovenC: 177,
          minutes: 34,
        },
      },
      tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
      finish: {
        cover: "top-and-sides",
        sideMm: 6,
        borders: [{ at: "top", style: "shell", widthMm: 14 }],
        pour: { what: "pouring-ganache", sides: "drips" },
        toppings: [{ what: "nuts", at: "sides", amount: "usual" }],
      },
    };
    const file = join(info.outputDir, "..", "finish.json");
    writeFileSync(file, JSON.stringify(request));
    const answer = JSON.parse(
      execFileSync("npm", ["run", "-s", "plan", "--", file], { encoding: "utf8" }),
    ) as {
      finish: {
        massG: number;
        make: { stuff: string; massG: number }[];
        quantities: { thing: string; count?: number }[];
      };
    };
    const shown = plain(await done.locator("p").first().innerText());
    expect(Number(/^([\d ]+) g/u.exec(shown)?.[1]?.replaceAll(" ", ""))).toBeCloseTo(
      Math.round(answer.finish.massG / 10) * 10,
      -1,
    );
    await expect(listed).toContainText(
      `Border of ${answer.finish.quantities.find(({ thing }) => thing === "border")?.count} shells`,
      { ignoreCase: true },
    );
    await expect(listed).toContainText(
      `${answer.finish.quantities.find(({ thing }) => thing === "drips")?.count} drips`,
    );
    await page.getByRole("button", { name: "Take off the glaze" }).click();
    await expect(listed).not.toContainText("drips");
  });

  test("what goes on hot, warm, cold or by the piece says when, and stands in Cool, the sums and the Day", async ({
    page,
  }) => {
    await ownCake(page, "Dressed", TWO_ROUNDS);
    await station(page, "Finish").click();
    const menu = page.getByLabel("Put on hot, warm or by the piece");
    const on = page.getByRole("list", { name: "On it" }).getByRole("listitem");
    const listed = page.getByRole("list", { name: "What goes on and between" });
    await menu.selectOption("syrup");
    await expect(on.first()).toContainText(/g of syrup, within \d+\smin of the oven/u);
    await menu.selectOption("strawberry-halves");
    await page.getByLabel("How much strawberry halves").fill("9");
    await expect(on.nth(1)).toContainText("9 strawberry halves, from 5 strawberries");
    await expect(listed).toContainText("9 strawberry halves");
    // What is half typed is told where it is wrong, and takes nothing else away.
    await menu.selectOption("own");
    await expect(on.nth(2)).toContainText("Its name");
    await expect(listed).toContainText("9 strawberry halves");
    await page.getByLabel("What it is").fill("sugared almonds");
    await page.getByLabel("How much sugared almonds").fill("80 g");
    await expect(listed).toContainText("Sugared almonds", { ignoreCase: true });
    await menu.selectOption("whipped-cream");
    await page.getByLabel("When the whipped cream goes on").selectOption("warm");
    await expect(on.nth(3)).toContainText("It melts on a cake as warm as that.");
    await page.getByRole("button", { name: "Take off the whipped cream" }).click();
    await station(page, "Cool").click();
    await expect(page.getByRole("list", { name: "Turning out" })).toContainText(
      "g of syrup, within",
    );
    await station(page, "Day").click();
    await page.getByLabel("Wanted", { exact: true }).fill("2026-12-05T15:00");
    for (const task of [/Brush on .*g of syrup, while it is hot/u, /Put on 9 strawberry halves/u])
      await expect(page.getByText(task).locator("visible=true").first()).toBeVisible();
  });

  test("the coat and a border are pulled at by mouse and by keys", async ({ page }) => {
    await ownCake(page, "Pulled coat", TWO_ROUNDS);
    await station(page, "Finish").click();
    await page.getByRole("button", { name: "Border at the foot" }).click();
    await page.getByRole("slider", { name: "Frosting on the top" }).press("PageUp");
    await expect(page.getByLabel("On the top", { exact: true })).toHaveValue("10.5 mm");
    await page.getByRole("slider", { name: "Width of border 1" }).press("ArrowRight");
    await expect(
      page.getByLabel("Width of border 1", { exact: true }).and(page.getByRole("textbox")),
    ).toHaveValue("13 mm");
    const side = page.getByRole("slider", { name: "Frosting on the sides" });
    const from = await side.boundingBox();
    if (from === null) throw new Error("no grip on the side");
    await page.mouse.move(from.x + 20, from.y + 22);
    await page.mouse.down();
    await page.mouse.move(from.x + 32, from.y + 22, { steps: 3 });
    await page.mouse.up();
    expect(
      Number.parseFloat(
        await page
          .getByLabel("On the sides", { exact: true })
          .and(page.getByRole("textbox"))
          .inputValue(),
      ),
    ).toBeGreaterThan(9);
  });

  test("a coat that closes the hole, and fruit larger than the cake, are said at their place", async ({
    page,
  }) => {
    await ownCake(page, "Narrow ring", `${LAYERS}&tins=24 x 10 cm tube&cover=top-and-sides`);
    await station(page, "Finish").click();
    const done = page.getByRole("region", { name: "The cake finished" });
    await page
      .getByLabel("On the sides", { exact: true })
      .and(page.getByRole("textbox"))
      .fill("38 mm");
    await expect(done.getByRole("alert")).toContainText("the hole of the ring would close");
    await page.getByLabel("the wall of the hole too").uncheck();
    await expect(done.getByRole("alert")).toHaveCount(0);
    await page.getByRole("button", { name: "Fruit" }).click();
    await page.getByRole("textbox", { name: "Slice, wide" }).fill("15 cm");
    await expect(done.getByRole("alert")).toContainText("a piece has to fit on the cake");
    await page.getByRole("textbox", { name: "Slice, wide" }).fill("3 cm");
    await page.getByRole("textbox", { name: "Slices a fruit" }).fill("6");
    await expect(done).toContainText(/Fruit: \d+ pieces to lay on the cake, \d+ fruits to buy/u);
  });

  test("the frosting is scaled to what is needed, made for another cake too, in colours, and mended spoon by spoon", async ({
    page,
  }) => {
    await ownCake(page, "One batch", TWO_ROUNDS);
    await station(page, "Finish").click();
    const batch = page.getByRole("region", { name: "The recipe for the frosting" });
    await expect(batch.getByRole("list", { name: "Weigh out" })).toContainText("icing sugar");
    await page.getByLabel("Rounded up").selectOption("half-sticks");
    await page
      .getByLabel("Make it for another cake too")
      .selectOption({ label: "Harbour supper cake" });
    await expect(page.getByRole("list", { name: "To make", exact: true })).toContainText(
      "for Harbour supper cake too",
    );
    await page.getByText("Too soft, or too stiff?").click();
    await page.getByRole("button", { name: "Too stiff" }).click();
    await expect(batch.getByRole("status")).toContainText(/^Beat in .* of milk/u);
    await page.getByRole("button", { name: "Too stiff" }).click();
    await expect(batch.getByRole("status")).toContainText("So far");
    await page.getByText("In several colours").click();
    await page.getByRole("button", { name: "Add a colour" }).click();
    await page.getByRole("button", { name: "Add a colour" }).click();
    await page.getByLabel("Colour 2", { exact: true }).fill("plum");
    await page.getByLabel("Share of colour 2").fill("a bit");
    await expect(page.getByText("“a bit” can't be read", { exact: false })).toBeVisible();
    await page.getByLabel("Share of colour 2").fill("1/2");
    await expect(page.getByRole("list", { name: "Bowls" }).getByRole("listitem")).toHaveCount(2);
    await expect(page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u })).toBeVisible();
    await page.reload();
    await expect(page.getByRole("list", { name: "Made along" })).toContainText(
      "Harbour supper cake",
    );
  });

  test("takes over the finish of another cake, and gives it back on undo", async ({ page }) => {
    // A cake not changed for long stands on a later page of the list; its copy is the last changed.
    await page.goto("/cakes");
    const copy = page.getByRole("button", {
      name: "Duplicate Lifeboat day, four layers",
      exact: true,
    });
    while ((await copy.count()) === 0) {
      const address = page.url();
      await page.getByRole("link", { name: "Changed earlier" }).click();
      await expect(page).not.toHaveURL(address);
      await expect(page.getByRole("list").first()).toBeVisible();
    }
    await copy.click();
    await expect(
      page.getByText("Copied “Lifeboat day, four layers”.", { exact: true }),
    ).toBeVisible();
    await ownCake(page, "Same again", TWO_ROUNDS);
    await station(page, "Finish").click();
    await page
      .getByLabel("Same as last time")
      .selectOption({ label: "Lifeboat day, four layers, copy" });
    await expect(page.getByRole("list", { name: "What goes on and between" })).toContainText(
      "meringue buttercream",
    );
    await expect(page.getByRole("list", { name: "On it" }).getByRole("listitem")).toHaveCount(3);
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.getByRole("list", { name: "On it" }).getByRole("listitem")).toHaveCount(0);
  });

  for (const size of [
    { width: 1280, height: 800 },
    { width: 390, height: 844 },
  ]) {
    test(`both stations are accessible and fit at ${size.width} px`, async ({ page }) => {
      await page.setViewportSize(size);
      for (const at of ["build", "finish"]) {
        await page.goto(`/cakes/lifeboat-day?at=${at}`);
        await expect(
          page.getByRole("region", {
            name: at === "build" ? "The cake put together" : "The cake finished",
          }),
        ).toBeVisible();
        await expectAccessible(page);
        await expectNoSideways(page);
      }
    });
  }
});
