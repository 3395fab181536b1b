import { spawn, type ChildProcess } from "node:child_process";
import { once } from "node:events";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { createClient } from "@libsql/client";
import type { Page } from "@playwright/test";
import { SERVE } from "../scripts/machine.mjs";
import {
  expect,
  expectAccessible,
  expectNoSideways,
  LAYERS,
  ownCake,
  station,
  test,
} from "./kitchen";

const step = (page: Page) => page.getByRole("region", { name: "The step" }).getByRole("heading");
const next = (page: Page) =>
  page.getByRole("navigation", { name: "What to do" }).getByRole("button").first();

/** A bake's page opened: once it listens to the kitchen it listens to keys, and not before. */
async function listening(page: Page, open: () => Promise<unknown>): Promise<void> {
  const listens = page.waitForRequest(/\/bakes\/[^/]+\/live\?/u);
  await open();
  await listens;
}

/** A cake of the test's own, wanted on a Saturday; its bake begun at that speed. */
async function begun(
  page: Page,
  name: string,
  speed: "Start baking" | "60 times as fast" | "300 times as fast",
  devices = "",
  cover = "none",
  inOven = "",
): Promise<void> {
  await ownCake(
    page,
    name,
    `${LAYERS}&tins=2 x 20.3 x 5.1 cm round&cover=${cover}&recipeDuring=${inOven}`,
  );
  await station(page, "Day").click();
  await page.getByLabel("Wanted", { exact: true }).fill("2031-12-06T15:00");
  await listening(page, () => page.getByRole("button", { name: speed }).click());
  await page.waitForURL(/\/bakes\//u);
  if (devices !== "") await listening(page, () => page.goto(`${page.url()}?devices=${devices}`));
  await expect(step(page)).toBeVisible();
}

/** Whatever is next, done, until a step; clocks that may be ended by hand are. */
async function onTo(page: Page, title: RegExp): Promise<void> {
  await expect(async () => {
    const shown = await step(page).innerText();
    if (title.test(shown)) return;
    const ready = page.getByRole("button", { name: /^Ready already/u }).first();
    // A clock that runs out meanwhile takes its button along.
    if (await ready.isVisible()) await ready.click({ timeout: 500 }).catch(() => undefined);
    else if ((await next(page).isEnabled()) && (await step(page).innerText()) === shown)
      await page.keyboard.press(" ");
    expect(await step(page).innerText()).toMatch(title);
  }).toPass({ intervals: [150], timeout: 40_000 });
}

/**
 * Sets the scale to nothing once the tin stands on it at rest, and waits until batter is going in.
 */
async function tareAndPour(page: Page): Promise<void> {
  await expect(page.getByText(/It shows [1-9]\d\d.g\.$/u)).toBeVisible();
  await page.keyboard.press("t");
  await expect(page.getByText(/^Pour to the line/u)).toBeVisible();
  await expect(
    page.getByRole("list", { name: "Tins" }).getByRole("listitem").first(),
  ).toContainText(/^[1-9]\d\d.g\s*first tin, (?:\d+.g to go|full)/u);
}

/** Nothing in view is too small for a knuckle or to be read from a metre and a half. */
async function expectForFlour(page: Page): Promise<void> {
  const small = await page.evaluate(
    ([leastPx, leastTarget]) =>
      [...document.querySelectorAll<HTMLElement | SVGElement>("main *, [role=dialog] *")].flatMap(
        (element) => {
          const { width, height } = element.getBoundingClientRect();
          if (width <= 1 || height <= 1) return [];
          const ownText = [...element.childNodes]
            .filter(({ nodeType }) => nodeType === Node.TEXT_NODE)
            .map(({ textContent }) => textContent?.trim() ?? "")
            .join("");
          const drawnAt =
            element instanceof SVGGraphicsElement ? (element.getScreenCTM()?.d ?? 1) : 1;
          const px = Number.parseFloat(getComputedStyle(element).fontSize) * drawnAt;
          const isTarget =
            element.matches("button, a, textarea, label:has(input)") &&
            (height < leastTarget - 0.5 || width < leastTarget - 0.5);
          return [
            ...(ownText !== "" && px < leastPx - 0.05 ? [`${ownText}: ${px} px`] : []),
            ...(isTarget
              ? [`${element.textContent.trim() || (element.ariaLabel ?? "")}: ${width} x ${height}`]
              : []),
          ];
        },
      ),
    [17, 64] as const,
  );
  expect(small).toEqual([]);
}

/** What the server has been told of a kind, as a page that listens hears it. */
async function told(
  page: Page,
  kind: string,
): Promise<readonly Readonly<Record<string, unknown>>[]> {
  const events = await page.evaluate(async () => {
    const source = new EventSource(`${location.pathname}/live`);
    const data = await new Promise<string>((resolve) =>
      source.addEventListener("told", (event) => resolve((event as MessageEvent<string>).data)),
    );
    source.close();
    return (JSON.parse(data) as { events: Record<string, unknown>[] }).events;
  });
  return events.filter((event) => event["kind"] === kind);
}

/** The tasks of the bake that is open, in their order. */
async function tasksOf(page: Page, databaseUrl: string): Promise<readonly string[]> {
  const id = new URL(page.url()).pathname.split("/").at(-1) ?? "";
  const file = createClient({ url: databaseUrl, timeout: 5000 });
  const { rows } = await file.execute({ sql: "select doc from bakes where id = ?", args: [id] });
  file.close();
  const doc = rows[0]?.["doc"];
  if (typeof doc !== "string") throw new Error(`no bake ${id}`);
  const { tasks } = JSON.parse(doc) as { tasks: { id: string }[] };
  return tasks.map((task) => task.id);
}

/** Tells all these tasks at once: in the oven for 30 minutes, and out at a look after 36. */
async function toldTo(page: Page, tasks: readonly string[]): Promise<void> {
  const status = await page.evaluate(
    async ([path, ids, at]) => {
      const look = { tester: "clean", spring: "springs-back" };
      const events = ids.flatMap((task) => {
        const told = { id: `told-${task}`, at, task };
        if (task.startsWith("0.bake"))
          return [
            { ...told, kind: "started" },
            { ...told, id: `${told.id}-done`, at: at + 30 * 60_000, kind: "done" },
          ];
        return task.startsWith("0.look")
          ? [{ ...told, at: at + 36 * 60_000, kind: "looked", look, moreMin: null }]
          : [{ ...told, kind: "done" }];
      });
      const answer = await fetch(`${path}/events`, {
        method: "POST",
        headers: { "content-type": "application/json" },
        body: JSON.stringify(events),
      });
      return answer.status;
    },
    [new URL(page.url()).pathname, [...tasks], Date.now() - 40 * 60_000] as const,
  );
  expect(status).toBe(200);
  await page.goto(page.url());
}

test.describe("baking along at the bench", () => {
  test("what is done in the oven rings at its minute, and the bake goes on by itself", async ({
    page,
  }) => {
    await begun(
      page,
      "Turned",
      "300 times as fast",
      "",
      "none",
      "turn.17;add.20..Scatter the seeds",
    );
    await onTo(page, /tins into the oven$/u);
    await page.keyboard.press(" ");
    await expect(page.getByRole("alert").filter({ hasText: "Time to turn it round" })).toBeVisible({
      timeout: 15_000,
    });
    await expect(step(page)).toHaveText("Turn the 2 tins round");
    await page.keyboard.press(" ");
    await expect(page.getByRole("timer", { name: "In the oven, door shut" })).toBeVisible();
    await expect(step(page)).toHaveText("Scatter the seeds", { timeout: 15_000 });
    await page.keyboard.press(" ");
    await expect(step(page)).toHaveText("What do you see in the first tin?", { timeout: 15_000 });
  });

  test("a whole cake, with scale and probes, at three hundred times its pace", async ({ page }) => {
    test.setTimeout(120_000);
    await begun(page, "Rehearsed", "300 times as fast", "scale,core-probe,oven-thermometer");
    await expect(page.getByText("rehearsal, 300 times as fast")).toBeVisible();
    await onTo(page, /^Pour the first tin to \d+.g$/u);
    await expect(
      page.getByText("Put the first tin on the scale, empty, and press Tare."),
    ).toBeVisible();
    const target = Number(/\d+/u.exec(await step(page).innerText())?.[0]);
    await tareAndPour(page);
    // The second starts by itself, and so does what comes after it; the oven may be due in between.
    await expect(async () => {
      if (/^Set the oven/u.test(await step(page).innerText())) await page.keyboard.press(" ");
      const weighed = await told(page, "weighed");
      expect(weighed.map(({ tin }) => tin)).toEqual([0, 1]);
      for (const { massG } of weighed)
        expect(Math.abs(Number(massG) - target)).toBeLessThanOrEqual(Math.max(4, target / 100));
    }).toPass({ intervals: [300], timeout: 40_000 });
    await onTo(page, /tins into the oven$/u);
    await page.keyboard.press(" ");
    await expect(page.getByRole("timer", { name: "In the oven, door shut" })).toBeVisible();
    await expect(page.getByRole("img", { name: /^The middle is at/u })).toBeVisible({
      timeout: 15_000,
    });
    await expect(step(page)).toHaveText("What do you see in the first tin?", { timeout: 30_000 });
    await expect(page.getByRole("alert").filter({ hasText: "Look at the cake now" })).toBeVisible();
    await expect(page).toHaveTitle(/^Look at the cake now/u);
    // Five minutes are given to what rings; that is no look.
    await page.keyboard.press("+");
    await expect.poll(async () => (await told(page, "extended")).length).toBe(1);
    await expect(step(page)).toHaveText("What do you see in the first tin?", { timeout: 15_000 });
    expect(await told(page, "looked")).toEqual([]);
    await page.getByRole("button", { name: "wet batter" }).click();
    await expect(next(page)).toContainText("min more");
    await page.getByRole("button", { name: "The same for all 2 tins" }).click();
    await expect(step(page)).toHaveText("What do you see in the first tin?", { timeout: 15_000 });
    await page.getByRole("button", { name: "clean" }).click();
    await page.getByRole("button", { name: "springs back" }).click();
    await expect(next(page)).toContainText("Out it comes");
    await page.keyboard.press(" ");
    // Its neighbour is looked at for itself, with nothing seen yet.
    await expect(step(page)).toHaveText("What do you see in the second tin?", { timeout: 15_000 });
    await expect(page.getByRole("button", { name: "clean" })).toHaveAttribute(
      "aria-pressed",
      "false",
    );
    await page.getByRole("button", { name: "clean" }).click();
    await page.getByRole("button", { name: "springs back" }).click();
    await page.keyboard.press(" ");
    await expect(step(page)).toHaveText("Take it out");
    await page.keyboard.press("n");
    await expect(page.getByLabel("What happened")).toBeFocused();
    await page.keyboard.type("rose a little to the left");
    await page.getByRole("button", { name: "Keep the note" }).click();
    await page.keyboard.press(" ");
    await onTo(page, /^Turn out 2 cakes$/u);
    await page.keyboard.press(" ");
    await page.getByRole("button", { name: "Ready already: Cooling on the rack" }).click();
    const over = page.getByRole("heading", { name: "The rehearsal is over" });
    await expect(async () => {
      if (!(await over.isVisible())) {
        if (await next(page).isEnabled()) await page.keyboard.press(" ");
        else
          await page
            .getByRole("button", { name: /^Ready already/u })
            .first()
            .click({ timeout: 500 });
      }
      expect(await over.isVisible()).toBe(true);
    }).toPass({ intervals: [200], timeout: 20_000 });
    // It ended by itself, and is in no logbook.
    await page.reload();
    await expect(over).toBeVisible();
    await expect(page.getByRole("link", { name: "Its page in the logbook" })).toBeHidden();
  });

  test("leaves a page in the logbook, which is said at the next one's look", async ({
    page,
    kitchen,
  }) => {
    await begun(page, "Real layers", "Start baking");
    await toldTo(page, await tasksOf(page, kitchen.databaseUrl));
    const record = page.getByRole("region", { name: "For the record" });
    await expect(record.getByLabel("Minutes in the oven")).toHaveValue("36");
    await record.getByRole("button", { name: "over: too dry" }).click();
    await record.getByLabel("Change next time").fill("a minute less");
    await record.getByRole("button", { name: "Keep for the logbook" }).click();
    await expect(page.getByRole("heading", { name: "Kept for the logbook" })).toBeVisible();
    await page.reload();
    await page.getByRole("link", { name: "Its page in the logbook" }).click();
    await expect(page.getByLabel("Minutes in the oven")).toHaveValue(/^36\smin$/u);
    await expect(page.getByLabel("Change next time")).toHaveValue("a minute less");
    await expect(page.getByRole("region", { name: "Looks" })).toContainText("taken out");
    await begun(page, "Next layers", "Start baking");
    const tasks = await tasksOf(page, kitchen.databaseUrl);
    await toldTo(page, tasks.slice(0, tasks.indexOf("0.look1")));
    await expect(page.getByRole("region", { name: "The step" })).toContainText(
      /Last time, .*36\smin, a little dry\. You wanted “a minute less”\./u,
    );
    await page.goto("/logbook");
    await expect(page.getByRole("link", { name: "Real layers" })).toBeVisible();
    await expect(page.getByRole("link", { name: "Next layers" })).toBeHidden();
  });

  test("goes on in mid-pour when the scale's plug was pulled", async ({ page }) => {
    test.setTimeout(90_000);
    await begun(page, "Unplugged", "60 times as fast", "scale");
    await onTo(page, /^Pour the first tin/u);
    const first = page.getByRole("list", { name: "Tins" }).getByRole("listitem").first();
    await tareAndPour(page);
    const fault = (which: string): Promise<unknown> =>
      page.evaluate(
        async (name) =>
          fetch(`${location.pathname}/device`, {
            method: "POST",
            headers: { "content-type": "application/json" },
            body: JSON.stringify({ do: "fault", device: "scale", fault: name }),
          }).then((answer) => answer.status),
        which,
      );
    await fault("unplugged");
    await expect(page.getByRole("alert").filter({ hasText: "Scale is gone" })).toBeVisible();
    await expect(page.getByText(/are in it already/u)).toBeVisible();
    // Opened anew, the simulated scale is plugged in again.
    await page.reload();
    await expect(page.getByText(/^The scale was away: \d+.g are in the first tin/u)).toBeVisible();
    await tareAndPour(page);
    await expect(first).toContainText("first tin, full", { timeout: 15_000 });
    await fault("wrong-unit");
    await expect(
      page.getByRole("alert").filter({ hasText: "Scale tells a unit that makes no sense for it" }),
    ).toBeVisible();
  });

  test("is the same on a second screen, takes back what was done, and offers to be shorter when it is late", async ({
    page,
    context,
  }) => {
    test.setTimeout(90_000);
    await begun(page, "Two screens", "60 times as fast", "", "top-and-sides");
    await expect(step(page)).toHaveText("Take the butter out");
    const other = await context.newPage();
    await other.goto(page.url());
    await expect(step(other)).toHaveText("Take the butter out");
    await page.keyboard.press(" ");
    await expect(other.getByRole("timer", { name: "Butter, softening" })).toBeVisible();
    const rings = async (on: Page): Promise<number> => {
      const [, hours, minutes] =
        /at (\d\d):(\d\d)/u.exec(
          await on.getByRole("timer", { name: "Butter, softening" }).innerText(),
        ) ?? [];
      return Number(hours) * 60 + Number(minutes);
    };
    const before = await rings(other);
    await other.keyboard.press("+");
    await expect.poll(() => rings(page)).toBe(before + 5);
    await other.keyboard.press("ArrowLeft");
    await expect.poll(() => rings(page)).toBe(before);
    await other.keyboard.press("ArrowLeft");
    await expect(step(page)).toHaveText("Take the butter out");
    // Ten minutes of the bake are ten seconds: then it is late. Wanted a quarter of an hour later
    // it is not, and then is again.
    const wanted = page.getByRole("status", { name: /^Ready by 15:00/u });
    await expect(wanted).toBeVisible();
    await expect(page.getByRole("group", { name: "What could be shorter" })).toBeVisible({
      timeout: 20_000,
    });
    await page.getByRole("button", { name: "Other ways" }).click();
    await page
      .getByRole("dialog")
      .getByRole("button", { name: /^Have it wanted 15.min later$/u })
      .click();
    await expect(page.getByRole("status", { name: /^Ready by 15:15/u })).toBeVisible();
    await expect(wanted).toBeHidden();
    await expect(page.getByRole("group", { name: "What could be shorter" })).toBeVisible({
      timeout: 20_000,
    });
    await page.getByRole("button", { name: "Other ways" }).click();
    await page
      .getByRole("dialog")
      .getByRole("button", { name: /^Cool in the freezer once lukewarm: \d+.min sooner/u })
      .click();
    await expect(page.getByRole("status", { name: /^Ready by/u })).toContainText("spare");
    await expect(other.getByRole("status", { name: /^Ready by/u })).toContainText("spare");
    await other.close();
  });

  test("can be left and gone on with, and given up", async ({ page }) => {
    await begun(page, "Left alone", "Start baking");
    const address = page.url();
    await expect(page.getByText("rehearsal")).toBeHidden();
    await page.getByRole("link", { name: "Leave" }).click();
    await expect(page.getByRole("link", { name: "Go on baking Left alone" })).toBeVisible();
    await page.getByRole("link", { name: "Go on baking Left alone" }).click();
    await page.getByRole("button", { name: "Give up" }).click();
    await page.getByRole("button", { name: "Give it up" }).click();
    await expect(page.getByRole("button", { name: "Start baking" })).toBeVisible();
    await page.goto(address);
    await expect(page.getByRole("heading", { name: "This bake was given up" })).toBeVisible();
    await page.goto("/bakes/none-of-that-name");
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  });

  test("says what the kitchen will not take, and keeps it", async ({ page, kitchen }) => {
    await begun(page, "Taken out", "60 times as fast");
    const id = new URL(page.url()).pathname.split("/").at(-1) ?? "";
    // Gone while its page is open, as after an older copy of the kitchen was put back.
    const client = createClient({ url: kitchen.databaseUrl, timeout: 5000 });
    await client.execute({ sql: "delete from bakes where id = ?", args: [id] });
    client.close();
    await page.keyboard.press(" ");
    const said = page
      .getByRole("alert")
      .filter({ hasText: "The kitchen does not take what is done here" });
    await expect(said).toContainText(
      "This bake is not in the kitchen. It stays in this browser, 1 so far.",
    );
    expect(
      await page.evaluate((key) => localStorage.getItem(key), `steady-tin-unsent-${id}`),
    ).toContain("started");
    await expectAccessible(page);
  });

  for (const size of [
    { width: 1280, height: 800 },
    { width: 390, height: 844 },
  ]) {
    test(`is accessible, fits, and has room for a knuckle at ${size.width} px`, async ({
      page,
    }) => {
      await page.setViewportSize(size);
      await begun(
        page,
        `Bench at ${size.width}`,
        "60 times as fast",
        "core-probe",
        "top-and-sides",
      );
      await expectAccessible(page);
      await expectNoSideways(page);
      await expectForFlour(page);
      await onTo(page, /^Pour the first tin/u);
      await expectForFlour(page);
      await page.getByRole("button", { name: "Devices" }).click();
      await expectForFlour(page);
      await expectAccessible(page);
      await page.getByRole("button", { name: "Close" }).click();
      await page.keyboard.press("n");
      await expectForFlour(page);
      await page.keyboard.press("Escape");
      await expectAccessible(page);
      await expectNoSideways(page);
      // The frosting is made when the bowl it is made in is clean, its amounts on the screen.
      await onTo(page, /^Wash the mixer's bowl$/u);
      await page.keyboard.press(" ");
      await onTo(page, /^Make \d+.g of buttercream$/u);
      const sugar = page
        .getByRole("list", { name: "Ingredients" })
        .getByRole("button", { name: /^\d+.g icing sugar$/u });
      await sugar.click();
      await expect(sugar).toHaveAttribute("aria-pressed", "true");
      await expectForFlour(page);
      await expectAccessible(page);
      await expectNoSideways(page);
    });
  }
});

test.describe("a server that dies in mid-bake", () => {
  test.use({ losesServer: true });
  const PORT = "3218";
  const folder = mkdtempSync(join(tmpdir(), "steady-tin-killed-"));
  const env = {
    ...process.env,
    DATABASE_URL: `file:${join(folder, "kitchen.db")}`,
    NEXT_TELEMETRY_DISABLED: "1",
  };
  let server: ChildProcess | null = null;

  async function start(): Promise<void> {
    server = spawn("node", [SERVE, "--port", PORT], { env, stdio: "ignore" });
    await expect(async () => {
      expect((await fetch(`http://127.0.0.1:${PORT}/icon.svg`)).ok).toBe(true);
    }).toPass({ timeout: 20_000 });
  }

  test.afterAll(() => {
    server?.kill("SIGKILL");
    rmSync(folder, { recursive: true, force: true });
  });

  test("loses nothing: clocks are right to the second, and what was done meanwhile is told when it is back", async ({
    page,
  }) => {
    test.setTimeout(90_000);
    const prepared = spawn("node", ["node_modules/tsx/dist/cli.mjs", "src/cli/prepare.ts"], {
      env,
      stdio: "ignore",
    });
    await once(prepared, "exit");
    await start();
    await page.goto(`http://127.0.0.1:${PORT}/cakes/lifeboat-day?at=day`);
    await listening(page, () => page.getByRole("button", { name: "Start baking" }).click());
    // Begun days before it has to be.
    await expect(step(page)).toHaveText(
      /^Nothing has to be done before 0[89]:\d\d on Saturday 5 December$/u,
    );
    await page.keyboard.press(" ");
    await expect(step(page)).toHaveText("Take the butter out");
    await page.keyboard.press(" ");
    const clock = page.getByRole("timer", { name: "Butter, softening" });
    const seconds = async (): Promise<number> => {
      const parts = /\d+(?::\d\d)+/u.exec(await clock.innerText())?.[0].split(":") ?? [];
      return parts.reduce((sum, part) => sum * 60 + Number(part), 0);
    };
    await expect(clock).toBeVisible();
    // The server has to have it before it dies.
    await expect(async () => {
      expect(
        await page.evaluate(() =>
          Object.keys(localStorage).filter((key) => key.includes("unsent")),
        ),
      ).toEqual([]);
    }).toPass();
    const [before, at] = [await seconds(), Date.now()];
    server?.kill("SIGKILL");
    await expect(page.getByRole("alert").filter({ hasText: "does not answer" })).toBeVisible({
      timeout: 15_000,
    });
    // Something is done while nobody hears it, and the clock goes on.
    await page.keyboard.press("n");
    await page.getByLabel("What happened").fill("the lamp went out");
    await page.getByRole("button", { name: "Keep the note" }).click();
    await expect(page.getByText("1 so far")).toBeVisible();
    expect(Math.abs(before - (await seconds()) - (Date.now() - at) / 1000)).toBeLessThanOrEqual(
      1.5,
    );
    await start();
    await expect(page.getByRole("alert").filter({ hasText: "does not answer" })).toBeHidden({
      timeout: 20_000,
    });
    await expect(async () => {
      expect(
        await page.evaluate(() =>
          Object.keys(localStorage).filter((key) => key.includes("unsent")),
        ),
      ).toEqual([]);
    }).toPass();
    await listening(page, () => page.reload());
    await expect(clock).toBeVisible();
    expect(Math.abs(before - (await seconds()) - (Date.now() - at) / 1000)).toBeLessThanOrEqual(
      1.5,
    );
    await page.keyboard.press("n");
    await expect(page.getByRole("list", { name: "Notes so far" })).toContainText(
      "the lamp went out",
    );
    // A server that is told to stop while a page listens does stop.
    server?.kill("SIGTERM");
    await expect
      .poll(() => server?.exitCode ?? server?.signalCode ?? null, { timeout: 10_000 })
      .not.toBeNull();
  });
});
