import {
  expect,
  expectAccessible,
  expectNoSideways,
  keepAsked,
  LAYERS,
  ownCake,
  savedMark,
  station,
  test,
} from "./kitchen";

const BARS = `Net-mender's crumble bars

175 g butter or margarine
175 g light brown sugar
3 eggs
200 g self-raising flour
100 g walnuts or pecans

Heat the oven to 180 C. Line a 20 cm square tin. Beat everything together, spread into the tin.
Bake for 35 minutes, turning the tin round after 20 minutes. Cool in the tin and cut into 16 squares.`;

const ROLL = `Fog bell lemon roll

4 eggs
120 g caster sugar
100 g plain flour

For the filling:
150 g lemon curd
200 ml double cream

Heat the oven to 200 C. Line a 33 x 23 cm baking tin with paper.
Whisk the eggs and sugar until thick. Fold in the flour. Spread in the tin.
Bake for 10 to 12 minutes.
Turn out at once onto a sugared towel, roll it up from the short side, towel and all, and leave until cold.
Whip the cream. Unroll, spread with the curd and the cream, and roll up again without the towel.`;

test("a sheet is rolled up round its recipe's own filling, from either side, or not at all", async ({
  page,
}) => {
  await page.goto("/recipes/new");
  await page.getByRole("textbox").first().fill(ROLL);
  await page.getByRole("button", { name: "Keep this recipe" }).click();
  await page.getByRole("link", { name: "In its own tins" }).click();
  await keepAsked(page, "Fog bell roll");
  await station(page, "Build").click();
  const built = page.getByRole("region", { name: "The cake put together" });
  await expect(built.getByText(/^Rolled up, \d+\smm thick and 2\d\d\smm long/u)).toBeVisible();
  await expect(built.getByRole("list", { name: "What goes between" })).toContainText(/3[45]0\sg/u);
  await page.getByLabel("Rolled up from").selectOption("long");
  await expect(built.getByText(/^Rolled up, \d+\smm thick and 3\d\d\smm long/u)).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel("The cakes stand").selectOption("apart");
  await expect(page.getByLabel("Rolled up from")).toBeHidden();
  await expect(built.getByText(/^Rolled up/u)).toBeHidden();
});

const DRIP = `Quayside mocha drip cake

225 g butter, soft
225 g caster sugar
4 eggs
225 g self-raising flour

For the coffee buttercream
200 g butter
400 g icing sugar

For the ganache
100 g dark chocolate
100 ml double cream

Heat the oven to 180 C. Line two 20 cm sandwich tins. Beat the cake's ingredients together.
Divide between the tins and bake for 25 minutes. Turn out after 5 minutes and leave to cool.
Sandwich the cakes with a third of the buttercream and cover the top and sides with the rest.
For the ganache, heat the cream and pour it over the chopped chocolate. Stir until smooth.
Pour the ganache over the cake and let it drip down the sides.`;

test("a recipe's own drip lies over its own coat, and as she says", async ({ page }) => {
  await page.goto("/recipes/new");
  await page.getByRole("textbox").first().fill(DRIP);
  await page.getByRole("button", { name: "Keep this recipe" }).click();
  await page.getByRole("link", { name: "In its own tins" }).click();
  await keepAsked(page, "Mocha drip");
  await station(page, "Finish").click();
  const finished = page.getByRole("region", { name: "The cake finished" });
  const own = finished.getByRole("list", { name: "From the recipe" });
  await expect(own.getByRole("listitem")).toHaveText([/^Ganache.*200\sg$/u]);
  await expect(finished.getByRole("img", { name: "From above: Ganache" })).toBeVisible();
  const lies = own.getByLabel("How Ganache lies");
  await expect(lies).toHaveValue("drips");
  await expectAccessible(page);
  await lies.selectOption("unseen");
  await expect(finished.getByRole("img", { name: /From above/u })).toBeHidden();
  await expect(savedMark(page)).toBeVisible();
  await page.reload();
  await expect(page.getByLabel("How Ganache lies")).toHaveValue("unseen");
});

test("a recipe with choices asks, and its own tins, oven and pieces are there", async ({
  page,
}) => {
  await page.goto("/recipes/new");
  await page.getByRole("textbox").first().fill(BARS);
  await page.getByRole("button", { name: "Keep this recipe" }).click();
  const choices = page.getByRole("list", { name: "Which will it be?" });
  await expect(choices.getByRole("button", { pressed: true })).toHaveText([
    "175 g butter",
    "100 g walnuts",
  ]);
  await choices.getByRole("button", { name: "100 g pecans" }).click();
  await expect(choices.getByRole("button", { pressed: true })).toHaveText([
    "175 g butter",
    "100 g pecans",
  ]);
  await page.getByRole("link", { name: "In another tin" }).click();
  await page
    .getByText("As in the recipe:")
    .getByRole("button", { name: "20 x 20 cm square" })
    .click();
  await expect(page.getByRole("textbox", { name: "My tin" })).toHaveValue("20 x 20 cm square");
  await expect(page.getByText("As in the recipe:")).toBeHidden();
  await keepAsked(page, "Quay bars");
  await station(page, "Serve").click();
  await expect(page.getByText(/16 from each, as the recipe has it/u)).toBeVisible();
  await station(page, "Bake").click();
  const during = page.getByRole("group", { name: "While it bakes" });
  await expect(during.getByLabel("When to turn the tins round")).toHaveValue(/^20\smin$/u);
  await during.getByLabel("When to turn the tins round").fill("soon");
  await expect(during.getByText(/“soon” can't be read: write minutes like 25\smin/u)).toBeVisible();
  await during.getByLabel("When to turn the tins round").fill("10");
  await expect(during.getByText(/safer from \d+\smin/u)).toBeVisible();
  await during.getByLabel("Something to do while it bakes").selectOption("foil");
  await during.getByLabel("When to lay foil over it").fill("30 min");
  await expect(page.getByRole("list", { name: "While it bakes" }).getByRole("listitem")).toHaveText(
    [/^At 10\smin: turn the tin round\.$/u, /^At 30\smin: lay foil over it/u],
  );
  await during.getByRole("button", { name: "As the recipe has it" }).click();
  await expect(during.getByLabel("When to lay foil over it")).toBeHidden();
});

test("what is put on the raw batter takes room, and has its turn in the Day", async ({ page }) => {
  await ownCake(page, "Strewn", `${LAYERS}&tins=33 x 23 x 5 cm rectangle`);
  await station(page, "Fill").click();
  const group = page.getByRole("group", { name: "On, in or under the raw batter" });
  const add = group.getByLabel("Something on the raw batter");
  await add.focus();
  await page.keyboard.press("ArrowDown");
  await expect(group.getByLabel("Where the nuts goes")).toHaveValue("top");
  await expect(group.getByLabel("How much nuts in all tins")).toHaveAttribute(
    "placeholder",
    /^usually 1\d\d\sg$/u,
  );
  await add.selectOption("cinnamon-sugar");
  await group.getByLabel("How much cinnamon sugar in all tins").fill("a few");
  await expect(group.getByText(/“a few” can't be read: write a weight like 80\sg/u)).toBeVisible();
  await group.getByLabel("How much cinnamon sugar in all tins").fill("120 g");
  await group.getByLabel("Marbled").selectOption("third");
  await group.getByLabel("Stirred into it").fill("cocoa");
  await expectAccessible(page);
  await page.setViewportSize({ width: 390, height: 800 });
  await expectNoSideways(page);
  await page.setViewportSize({ width: 1280, height: 800 });
  await station(page, "Day").click();
  await page.getByLabel("Wanted", { exact: true }).fill("2031-12-06T15:00");
  for (const task of [
    /^Take \d+\sg of the batter and stir in cocoa$/u,
    /^Half the batter into the tins, then 120\sg of cinnamon sugar over it$/u,
    /^Swirl the two batters together$/u,
    /^Put 1\d\d\sg of nuts on the batter$/u,
  ])
    await expect(page.getByText(task).first()).toBeVisible();
});
