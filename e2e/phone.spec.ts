import type { Browser, Page } from "@playwright/test";
import {
  expect,
  expectAccessible,
  expectNoSideways,
  LAYERS,
  ownCake,
  station,
  test,
} from "./kitchen";

/** Opens the kitchen to the network, where it is not open yet. */
async function opened(page: Page) {
  await page.goto("/settings");
  const door = page.getByRole("region", { name: "Open on my phone" });
  const open = door.getByRole("button", { name: "Open to my home network" });
  await expect(open.or(door.getByRole("button", { name: "Close it" }))).toBeVisible();
  if (await open.isVisible()) await open.click();
  await expect(door.getByText(/^Open at http:\/\/127\.0\.0\.2:/u)).toBeVisible();
  return door;
}

/** A device that came in by a link with such a right. */
async function phone(page: Page, browser: Browser, right: string, name: string): Promise<Page> {
  const door = await opened(page);
  await door.getByLabel("The next device may do").selectOption({ label: right });
  await door.getByRole("button", { name: "Show a code" }).click();
  const link = await door.getByText(/\/join\?link=/u).textContent();
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  // What browsers hold back from a page over a line that is not encrypted; they make an exception of
  // this machine's own addresses, which a phone does not have.
  await context.addInitScript(() => {
    Reflect.deleteProperty(Crypto.prototype, "randomUUID");
    Reflect.deleteProperty(Crypto.prototype, "subtle");
    for (const held of ["clipboard", "wakeLock", "serviceWorker"])
      Reflect.deleteProperty(Navigator.prototype, held);
  });
  const device = await context.newPage();
  await device.goto(link ?? "");
  await device.getByLabel("What is this device called?").fill(name);
  await expectNoSideways(device);
  await device.getByRole("button", { name: "Open" }).click();
  await expect(device.getByRole("link", { name: "Shopping", exact: true })).toBeVisible();
  // The page looks every two seconds.
  await expect(door.getByText(`“${name}” has a key now.`)).toBeVisible({ timeout: 15_000 });
  await expect(door.getByText(/\/join\?link=/u)).toBeHidden();
  return device;
}

test.describe("other devices", () => {
  test("come in by a code, work with the kitchen, and are shut out by a click", async ({
    page,
    browser,
  }) => {
    const device = await phone(page, browser, "everything", "Ferry phone");
    const address = new URL(device.url()).origin;
    await device.goto(`${address}/tins/new`);
    await device.goto(`${address}/ovens`);
    await device.getByRole("button", { name: "Add an oven" }).click();
    await expect(device).toHaveURL(/\/ovens\/./u);
    await device.goto(`${address}/settings`);
    await expect(
      device.getByText("Devices are let in, and their keys taken away, only on the computer", {
        exact: false,
      }),
    ).toBeVisible();
    await expect(
      device.getByRole("button", { name: "Take the key of Ferry phone away" }),
    ).toBeDisabled();

    const stranger = await (await browser.newContext()).newPage();
    expect((await stranger.goto(address))?.status()).toBe(401);
    await expect(stranger.getByRole("heading")).toHaveText("This kitchen is locked");
    await expectAccessible(stranger);
    await stranger.context().close();

    await page.getByRole("button", { name: "Take the key of Ferry phone away" }).click();
    await expect(page.getByText("“Ferry phone” has no key any more.").first()).toBeVisible();
    expect((await device.goto(address))?.status()).toBe(401);
    await device.context().close();
  });

  test("that help tick shopping and change nothing else", async ({ page, browser }) => {
    const device = await phone(page, browser, "help: tick shopping, work at the bench", "Net loft");
    const address = new URL(device.url()).origin;
    await device.goto(`${address}/shopping?from=2026-11-28&to=2026-12-30`);
    await expect(device.getByText(/^This device may look at everything, tick/u)).toBeVisible();
    const first = device.getByRole("main").getByRole("checkbox").first();
    const ticked = device.waitForResponse((answer) => answer.url().endsWith("/shopping/ticks"));
    await first.click();
    expect((await ticked).status()).toBe(200);
    const refused = await device.request.post(`${address}/ovens`, {
      headers: { origin: address, "next-action": "0".repeat(42) },
    });
    expect(refused.status()).toBe(403);
    expect((await device.goto(`${address}/settings`))?.status()).toBe(403);
    await page.getByRole("button", { name: "Take the key of Net loft away" }).click();
    await expect(page.getByText("“Net loft” has no key any more.").first()).toBeVisible();
    await device.context().close();
  });

  test("that help work at the bench, and what they tell shows there too", async ({
    page,
    browser,
  }) => {
    test.slow();
    await ownCake(page, "Two at the bench", `${LAYERS}&tins=2 x 20.3 x 5.1 cm round&cover=none`);
    await station(page, "Day").click();
    await page.getByLabel("Wanted", { exact: true }).fill("2031-12-06T15:00");
    await page.getByRole("button", { name: "60 times as fast" }).click();
    await page.waitForURL(/\/bakes\//u);
    const bench = await page.context().newPage();
    const device = await phone(bench, browser, "help: tick shopping, work at the bench", "Helper");
    const path = new URL(page.url()).pathname;
    const listens = device.waitForRequest(/\/bakes\/[^/]+\/live\?/u);
    await device.goto(`${new URL(device.url()).origin}${path}`);
    await listens;
    const step = (of: Page) =>
      of.getByRole("region", { name: "The step" }).getByRole("heading").first();
    const before = await step(page).innerText();
    await expect(step(device)).toHaveText(before);
    await device
      .getByRole("navigation", { name: "What to do" })
      .getByRole("button")
      .first()
      .click();
    await expect(step(page)).not.toHaveText(before);
    await expect(step(device)).toHaveText(await step(page).innerText());
    await bench.getByRole("button", { name: "Take the key of Helper away" }).click();
    await expect(bench.getByText("“Helper” has no key any more.").first()).toBeVisible();
    await device.context().close();
  });

  test("find nobody once the kitchen is closed to them; the panel can be used by anybody", async ({
    page,
    request,
  }) => {
    const door = await opened(page);
    await door.getByRole("button", { name: "Show a code" }).click();
    await expect(door.getByRole("img", { name: /^Square code/u })).toBeVisible();
    await expectAccessible(page);
    await page.setViewportSize({ width: 320, height: 700 });
    await expectNoSideways(page);
    const link = new URL((await door.getByText(/\/join\?link=/u).textContent()) ?? "");
    const rebound = await request.get(link.origin, { headers: { host: "kitchen.example" } });
    expect(rebound.status()).toBe(421);
    await door.getByRole("button", { name: "Close it" }).click();
    await expect(door.getByRole("button", { name: "Open to my home network" })).toBeVisible();
    await expect(request.get(link.origin)).rejects.toThrow("ECONNREFUSED");
  });
});
