import { expect, test as base, type Locator, type Page } from "@playwright/test";
import axe from "axe-core";
import { servedKitchen, type ServedKitchen } from "./served";

/**
 * Waits until the page listens: every control of its own carries React's mark. A test types within
 * milliseconds of the page's arrival, faster than any hand, and half of it would fall on deaf
 * boxes.
 */
async function listening(page: Page): Promise<void> {
  await page.waitForFunction(() => {
    const controls = [
      ...document.querySelectorAll(
        "main button, main input, main textarea, main select, main a, header a",
      ),
    ];
    return (
      controls.length > 0 &&
      controls.every((control) => Object.keys(control).some((key) => key.startsWith("__react")))
    );
  });
}

/** What a browser says by itself of a line that broke. */
const LINE_BROKE = /ERR_(?:CONNECTION|INTERNET)|status of 404/u;
/**
 * What else it says when the server itself is gone: a stream cut off, a worker's script not to be
 * had (the page then ticks by itself).
 */
const SERVER_GONE = /ERR_INCOMPLETE_CHUNKED|importScripts|status of 503/u;

/** The first worker's kitchen is served here, the next one's a port further. */
const FIRST_PORT = 3230;

/**
 * Every worker has a kitchen and a server of its own. A page that fails its test when anything is refused by the content policy or logged as an error.
 * A test that takes the server away says so with `losesServer`.
 */
export const test = base.extend<
  { losesServer: boolean; quiet: undefined },
  { kitchen: ServedKitchen }
>({
  kitchen: [
    // Playwright reads a fixture's wants from its first parameter, so it has to be a pattern.
    // eslint-disable-next-line no-empty-pattern
    async ({}, use, { parallelIndex }) => {
      const kitchen = await servedKitchen(FIRST_PORT + parallelIndex);
      await use(kitchen);
      await kitchen.close();
    },
    { scope: "worker", timeout: 60_000 },
  ],
  baseURL: async ({ kitchen }, use) => {
    await use(kitchen.address);
  },
  losesServer: [false, { option: true }],
  page: async ({ page }, use) => {
    const { goto, reload } = { goto: page.goto.bind(page), reload: page.reload.bind(page) };
    page.goto = async (...where) => {
      const response = await goto(...where);
      await listening(page);
      return response;
    };
    page.reload = async (...how) => {
      const response = await reload(...how);
      await listening(page);
      return response;
    };
    // Asked whether to leave what is not kept yet, a test leaves: left unanswered, it would hang.
    page.on("dialog", (dialog) => {
      void (dialog.type() === "beforeunload" ? dialog.accept() : dialog.dismiss());
    });
    await use(page);
  },
  quiet: [
    async ({ page, losesServer }, use) => {
      const complaints: string[] = [];
      const isOfGoneServer = (text: string): boolean => losesServer && SERVER_GONE.test(text);
      page.on("console", (message) => {
        if (
          message.type() === "error" &&
          !LINE_BROKE.test(message.text()) &&
          !isOfGoneServer(message.text())
        )
          complaints.push(message.text());
      });
      page.on("pageerror", (error) => {
        if (!isOfGoneServer(error.message)) complaints.push(error.message);
      });
      await use(undefined);
      expect(complaints).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

/** Nothing on the page keeps anybody from using it, as far as a program can tell. */
export async function expectAccessible(page: Page): Promise<void> {
  // A page's title is sent after its first words.
  await expect(page).toHaveTitle(/\S/u);
  await page.evaluate(axe.source);
  const violations = await page.evaluate(async () => {
    const { axe: inPage } = globalThis as unknown as { readonly axe: typeof axe };
    const found = await inPage.run(document, { resultTypes: ["violations"] });
    return found.violations.map(
      ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(" ")}`,
    );
  });
  expect(violations).toEqual([]);
}

/** The page is no wider than its window. */
export async function expectNoSideways(page: Page): Promise<void> {
  const over = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect(over).toBe(0);
}

/** The figure under a heading of the answer, spaces evened out. */
export async function figure(page: Page, name: string): Promise<string> {
  const cell = page.locator("dl > div").filter({ has: page.locator("dt", { hasText: name }) });
  return (await cell.locator("dd").first().innerText()).replaceAll(/[\u00a0\u202f]/gu, " ");
}

/** Text with plain spaces. */
export const plain = (text: string): string => text.replaceAll(/[\u00a0\u202f]/gu, " ");

/** The date in so many days by the clock of this machine, `2026-12-05`. */
export function dateIn(days: number): string {
  const date = new Date(Date.now() + days * 86_400_000);
  const two = (value: number): string => String(value).padStart(2, "0");
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
}

/** What says that a page has been saved. */
export const savedMark = (page: Page): Locator =>
  page.getByRole("status").filter({ hasText: /Saved \d\d:\d\d/u });

/** A station of a cake's strip. */
export const station = (page: Page, name: string): Locator =>
  page
    .getByRole("navigation", { name: "Stations" })
    .getByRole("button", { name: new RegExp(`^${name}`, "u") });

/** The address of a question most tests ask. */
export const LAYERS =
  "recipe=Blackcurrant and poppy seed layers&from=2 x 20.3 x 5.1 cm round&heat=177 °C&minutes=34&weight=1030 g&volume=1200 mL&recipeEggs=4";

/** A cake of a test's own, so that no test finds what another one changed. */
export async function ownCake(page: Page, name: string, query: string): Promise<void> {
  await page.goto(`/try?${query}`);
  await keepAsked(page, name);
}

/** Keeps what the bench asks as a cake, and opens it. */
export async function keepAsked(page: Page, name: string): Promise<void> {
  await page.getByRole("button", { name: "Keep this as a cake" }).click();
  await page.getByRole("textbox", { name: "Name of the cake" }).fill(name);
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  // The message goes by itself; a busy machine may not hold still for a click before it does.
  await page
    .getByRole("button", { name: "Open" })
    .evaluate((button: HTMLElement) => button.click());
  await page.waitForURL(/\/cakes\/[^/]+$/u);
  await expect(page.getByRole("heading", { name, level: 1 })).toBeVisible();
}
