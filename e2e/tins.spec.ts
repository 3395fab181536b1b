import type { Locator, Page } from "@playwright/test";
import { expect, expectAccessible, expectNoSideways, savedMark, test } from "./kitchen";

const written = (page: Page): Locator => page.getByLabel("Another tin: write its size");

test.describe("the cupboard", () => {
  test("takes a tin as it is written, drawn and measured while writing", async ({ page }) => {
    await page.goto("/tins");
    await written(page).fill("23x33x5 gla");
    await expect(
      page.getByText("“gla” can't be read: write a size like 23 cm, 9 in or 33 x 23 x 5 cm."),
    ).toBeVisible();
    await written(page).fill("24 x 8 cm fluted ring glass");
    await expect(
      page.getByRole("region", { name: "Add a tin" }).getByText(/2\.\d+.L to the brim/u),
    ).toBeVisible();
    await page.getByRole("button", { name: "Add", exact: true }).click();
    await expect(page.getByRole("link", { name: /fluted ring 24 × 8/u })).toBeVisible();
    await expect(written(page)).toHaveValue("");
  });

  test("knows a tin she has, and counts one more of it", async ({ page }) => {
    await page.goto("/tins");
    await written(page).fill("38 x 25.6 x 2.5 cm");
    await expect(
      page.getByText(/That is most likely Shallow tray, of which you own 2/u),
    ).toBeVisible();
    await page.getByRole("button", { name: "Own one more of it" }).click();
    await expect(page.getByRole("link", { name: /Shallow tray.*3 of them/u })).toBeVisible();
  });

  test("refuses no tins, five hundred, and a name that is taken, and loses nothing of what was written", async ({
    page,
  }) => {
    await page.goto("/tins/loaf");
    const owned = page.getByLabel("How many you own");
    for (const wrong of ["0", "500", "two"]) {
      await owned.fill(wrong);
      await expect(
        page.getByText(`“${wrong}” of one tin: 1 to 99.`, { exact: true }),
      ).toBeVisible();
      await expect(owned).toHaveValue(wrong);
    }
    await owned.fill("2");
    const name = page.getByLabel("Name of the tin");
    await name.fill("Fluted ring");
    await expect(
      page.getByText(/Not saved yet: There is already a tin called “Fluted ring”/u),
    ).toBeVisible();
    await name.fill("Loaf tin");
    await expect(savedMark(page)).toBeVisible({ timeout: 15_000 });
  });

  test("is corrected with a jug of water, and says how sure it is; contradictions name their range", async ({
    page,
  }) => {
    await page.goto("/tins/square");
    await expect(
      page.getByText("Judged from its sizes, give or take 5 %.", { exact: false }),
    ).toBeVisible();
    const brim = page.getByLabel("Full to the brim, if measured");
    await brim.fill("1900 g");
    await expect(page.getByText("1.9 L to the brim")).toBeVisible();
    await expect(page.getByText("Measured with water, give or take 1 %.")).toBeVisible();
    await brim.fill("3 L");
    await expect(
      page
        .getByText(
          /Water to the brim 3000 mL is too much: \d+ to \d+ mL; the water and the sizes disagree by over 15 %: measure again\./u,
        )
        .first(),
    ).toBeVisible();
    await brim.fill("1900 g");
    await expect(savedMark(page)).toBeVisible({ timeout: 15_000 });
    await page.reload();
    await expect(brim).toHaveValue("1904 mL");
    await page.getByLabel("Full to the brim, if measured").fill("");
    await expect(savedMark(page)).toBeVisible();
  });

  test("takes a tin of its baker's own shape, and one known only by its water", async ({
    page,
  }) => {
    await page.goto("/tins/new");
    await page.getByLabel("Shape", { exact: true }).selectOption("drawn");
    await page
      .getByLabel("Height: width, a line each, from the floor up")
      .fill("0: 18\n2: 22\n6: 22");
    await page.getByLabel("Name", { exact: true }).fill("Stepped tin");
    await page.getByRole("button", { name: "Put it in the cupboard" }).click();
    await expect(page.getByLabel("Name of the tin")).toHaveValue("Stepped tin");
    await page.goto("/tins/new");
    await page.getByLabel("Shape", { exact: true }).selectOption("odd");
    await expect(
      page.getByText("Write a volume like 1.6 L, or the weight of the water like 1590 g."),
    ).toBeVisible();
    await page.getByLabel("Full to the brim").fill("2.1 L");
    await page.getByRole("button", { name: "Put it in the cupboard" }).click();
    await expect(page.getByText("Known by its water alone", { exact: false })).toBeVisible();
  });

  test("gives back a tin that was taken out; the cake that uses it keeps its copy all along", async ({
    page,
  }) => {
    await page.goto("/tins/big-rectangle");
    await page.getByRole("button", { name: "Delete" }).click();
    await expect(page.getByRole("link", { name: /Supper rectangle/u })).toHaveCount(0);
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.getByRole("link", { name: /Supper rectangle/u })).toBeVisible();
  });
});

/** Where ink begins and ends on one line of an SVG page, in mm from the left. */
async function inkOnLine(
  page: Page,
  address: string,
  lineMm: number,
  fromMm = 0,
  toMm = 210,
): Promise<readonly [number, number]> {
  return page.evaluate(
    async ({ address: at, lineMm: line, fromMm: from, toMm: to }) => {
      const scale = 8;
      const text = await (await fetch(at)).text();
      const image = new Image();
      image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`;
      await image.decode();
      const canvas = document.createElement("canvas");
      [canvas.width, canvas.height] = [210 * scale, 297 * scale];
      const context = canvas.getContext("2d");
      if (context === null) throw new Error("no canvas");
      context.fillStyle = "#fff";
      context.fillRect(0, 0, canvas.width, canvas.height);
      context.drawImage(image, 0, 0, canvas.width, canvas.height);
      const { data } = context.getImageData(
        from * scale,
        Math.round(line * scale),
        (to - from) * scale,
        1,
      );
      const dark = Array.from({ length: data.length / 4 }, (_, pixel) => pixel).filter(
        (pixel) => (data[4 * pixel] ?? 255) < 128,
      );
      // The middle of the line's own width, at both ends.
      const width = 0.4 * scale;
      return [
        from + (Math.min(...dark) + width / 2) / scale,
        from + (Math.max(...dark) + 1 - width / 2) / scale,
      ] as const;
    },
    { address, lineMm, fromMm, toMm },
  );
}

test.describe("paper lining", () => {
  test("is drawn true to size: its disc and its check square, measured in pixels", async ({
    page,
  }) => {
    await page.goto("/tins");
    const address = "/tins/liner?tin=20 x 5 cm springform&paper=a4&as=svg";
    const [left, right] = await inkOnLine(page, address, 6 + 99);
    expect(left).toBeCloseTo(6, 0);
    expect(right - left).toBeGreaterThan(197.8);
    expect(right - left).toBeLessThan(198.2);
    // The square stands in the lower right corner: 154 to 204 mm across, 241 to 291 down.
    const [squareLeft, squareRight] = await inkOnLine(page, address, 250, 150, 210);
    expect(squareRight - squareLeft).toBeGreaterThan(49.8);
    expect(squareRight - squareLeft).toBeLessThan(50.2);
  });

  test("is printed from the tin's page, as PDF for both papers", async ({ page, request }) => {
    await page.goto("/tins/springform");
    const href = await page.getByRole("link", { name: "Print on A4" }).getAttribute("href");
    for (const [address, width] of [
      [href ?? "", 595.28],
      [(href ?? "").replace("a4", "letter"), 612],
    ] as const) {
      const response = await request.get(address);
      expect(response.headers()["content-type"]).toBe("application/pdf");
      const body = (await response.body()).toString("latin1");
      expect(body.startsWith("%PDF-1.")).toBe(true);
      // Page boxes may stand in compressed objects; a size that is named has to be the paper's.
      const box = /MediaBox \[ ?0 0 ([\d.]+)/u.exec(body)?.[1];
      if (box !== undefined) expect(Math.abs(Number(box) - width)).toBeLessThan(0.1);
      expect(body.length).toBeGreaterThan(1500);
    }
  });

  test("says what it can't line, and what it can't read", async ({ request }) => {
    const refused = async (tin: string): Promise<string> => {
      const response = await request.get(`/tins/liner?${new URLSearchParams({ tin })}`);
      expect(response.status()).toBe(400);
      return response.text();
    };
    expect(await refused("25 cm fluted ring")).toContain("not lined with paper");
    expect(await refused("20 x 0.5 cm round")).toBe("Depth 5 mm is too shallow: 10 to 200 mm.");
    expect(await refused("zonk")).toContain("can't be read");
  });
});

for (const path of ["/tins/springform", "/tins/new"]) {
  for (const width of [1280, 390]) {
    test(`${path} is accessible and fits at ${width} px`, async ({ page }) => {
      await page.setViewportSize({ width, height: 844 });
      await page.goto(path);
      await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
      await expectAccessible(page);
      await expectNoSideways(page);
    });
  }
}
