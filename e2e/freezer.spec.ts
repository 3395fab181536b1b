import { PDFDocument } from "pdf-lib";
import {
  dateIn,
  expect,
  expectAccessible,
  expectNoSideways,
  LAYERS,
  ownCake,
  plain,
  savedMark,
  station,
  test,
} from "./kitchen";

test.describe("the freezer", () => {
  test("has what has to be eaten first before the rest; some is taken, thawed, and put back", async ({
    page,
  }) => {
    await page.goto("/freezer");
    const first = page.getByRole("region", { name: "Use first" });
    const slices = first.getByRole("listitem").filter({ hasText: "Stout gingerbread, sliced" });
    await expect(slices).toContainText("6 of 16");
    await page.getByLabel("How many of Stout gingerbread, sliced").fill("4");
    await page.getByRole("button", { name: "Take 4 of Stout gingerbread, sliced" }).click();
    await expect(
      page.getByText("Took 4 pieces of “Stout gingerbread, sliced”.").first(),
    ).toBeVisible();
    await expect(slices).toContainText("2 of 16");
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(slices).toContainText("6 of 16");

    await page.getByRole("button", { name: "Thaw Poppy seed layers, bare in the fridge" }).click();
    const layers = first.getByRole("listitem").filter({ hasText: "Poppy seed layers, bare" });
    await expect(layers).toContainText(/thawed .+best before .+: 3 days left/su);
    await page.getByRole("button", { name: "Undo" }).last().click();
    await expect(
      page
        .getByRole("region", { name: "Freezer" })
        .getByRole("heading", { name: "Poppy seed layers, bare" }),
    ).toBeVisible();
  });

  test("takes pieces of a cake with all its plan knows, and Home says when they come out", async ({
    page,
  }) => {
    await ownCake(page, "Kept back", `${LAYERS}&tins=2 x 20.3 x 5.1 cm round&cover=none`);
    await station(page, "Serve").click();
    const pieces = Number.parseInt(
      await page
        .getByRole("region", { name: "The cut" })
        .getByText(/^\d+ pieces$/u)
        .first()
        .innerText(),
      10,
    );
    await page.getByRole("link", { name: "Put pieces away" }).click();
    await expect(page.getByRole("textbox", { name: "Name" })).toHaveValue("Kept back");
    const many = page.getByRole("textbox", { name: "How many" });
    await expect(many).toHaveValue(String(pieces));
    await many.fill("3001");
    await expect(page.getByText(/3,?000/u)).toBeVisible();
    await many.fill("5");
    const put = page.getByRole("button", { name: "Put it away" });
    await page.getByLabel("Best before").fill(dateIn(-40));
    await expect(page.getByText("is before it was made")).toBeVisible();
    await expect(put).toBeDisabled();
    await page.getByLabel("Best before").fill("");
    await page.getByLabel("Wanted").fill(`${dateIn(2)}T15:00`);
    await expectAccessible(page);
    await put.click();
    await expect(
      page.getByRole("main").getByRole("listitem").filter({ hasText: "Kept back" }),
    ).toContainText("5 pieces, made");
    await page.goto("/");
    const out = page.getByRole("region", { name: "Take out, and eat soon" });
    const line = out.getByRole("listitem").filter({ hasText: "Kept back" });
    expect(plain(await line.innerText())).toMatch(/take out 5 pieces .+ to thaw in the room for/u);
    const wantedOn = dateIn(2);
    await page.goto(`/calendar?on=${wantedOn}&as=week`);
    await page
      .getByRole("link", { name: /^take 5 pieces out, .+: Kept back$/u })
      .click({ trial: true });
    await page.goto(`/day?on=${wantedOn}`);
    await page
      .getByRole("region", { name: "Out of the freezer" })
      .getByRole("link", { name: "Kept back" })
      .click();
    await page.getByRole("textbox", { name: "Left" }).fill("2");
    await expect(savedMark(page)).toBeVisible();
    await expect(page.getByText("2 pieces left")).toBeVisible();
    await expect(page.getByRole("link", { name: "Kept back" })).toBeVisible();
    await page.getByRole("button", { name: "Delete" }).click();
    await expect(page.getByRole("heading", { name: "Freezer", level: 1 })).toBeVisible();
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.getByRole("textbox", { name: "Name" })).toHaveValue("Kept back");
  });

  test("prints a label a parcel, true to size, whatever sheet is taken", async ({ page }) => {
    await page.goto("/freezer/labels?ids=cheesecake-pieces,grated-carrot");
    await expect(page.getByText("2 labels on one sheet.")).toBeVisible();
    await page.getByLabel("Portions in a parcel").fill("3");
    await expect(page.getByText("4 labels on one sheet.")).toBeVisible();
    const label = page.getByRole("article", { name: "Cheesecake for the net menders" });
    await expect(label.first()).toContainText("3 pieces, parcel 1 of 3");
    await expect(label.first()).toContainText("Contains wheat, milk, egg");
    await page
      .getByLabel("Sheet", { exact: true })
      .selectOption("A4, self-stick: 21 of 63.5 × 38.1 mm");
    await page.getByLabel("First label at place").fill("20");
    await expect(page.getByText("4 labels on 2 sheets.")).toBeVisible();
    // The twentieth is in the middle of the last row: 66.04 mm a column, 38.1 mm a row.
    const [sheet, box] = [
      await page.getByRole("region", { name: "Sheet 1 of labels" }).boundingBox(),
      await label.first().boundingBox(),
    ];
    if (sheet === null || box === null) throw new Error("no label");
    const mm = (px: number): number => (px * 25.4) / 96;
    expect(mm(box.x - sheet.x)).toBeCloseTo(7.21 + 66.04, 0);
    expect(mm(box.y - sheet.y)).toBeCloseTo(15.15 + 6 * 38.1, 0);
    expect([mm(box.width), mm(box.height)].map(Math.round)).toEqual([64, 38]);
    await expectAccessible(page);
    const pdf = await PDFDocument.load(await page.pdf({ preferCSSPageSize: true }));
    expect(
      pdf
        .getPages()
        .map((each) =>
          [each.getWidth(), each.getHeight()].map((pt) => Math.round((pt / 72) * 25.4)),
        ),
    ).toEqual([
      [210, 297],
      [210, 297],
    ]);
  });

  test("says what a label's box can't take, and goes by what it last could", async ({ page }) => {
    await page.goto("/freezer/labels?ids=cheesecake-pieces,grated-carrot");
    const [parcel, place] = [
      page.getByLabel("Portions in a parcel"),
      page.getByLabel("First label at place"),
    ];
    await parcel.fill("3");
    await parcel.fill("0");
    await expect(page.getByText(/Portions in a parcel 0 is too few: 1 to 3000/u)).toBeVisible();
    await parcel.fill("a few");
    await expect(page.getByText(/“a few” can't be read/u)).toBeVisible();
    await expect(page.getByText("4 labels on one sheet.")).toBeVisible();
    await place.fill("99");
    await expect(page.getByText(/First place 99 is too high: 1 to \d+/u)).toBeVisible();
    await place.fill("2");
    await expect(page.getByText(/First place/u)).toBeHidden();
    await page
      .getByLabel("Sheet", { exact: true })
      .selectOption("A4, self-stick: 21 of 63.5 × 38.1 mm");
    await expect(place).toHaveValue("1");
    await parcel.fill("");
    await expect(page.getByText("2 labels on one sheet.")).toBeVisible();
  });

  for (const path of ["/freezer", "/freezer/new", "/freezer/cheesecake-pieces"])
    for (const width of [1280, 390, 320]) {
      test(`${path} is accessible and fits at ${width} px`, async ({ page }) => {
        await page.setViewportSize({ width, height: 844 });
        await page.goto(path);
        await expectAccessible(page);
        await expectNoSideways(page);
      });
    }
});
