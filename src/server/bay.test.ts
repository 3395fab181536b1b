import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { NextRequest } from "next/server";
import { afterAll, afterEach, beforeAll, describe, expect, it, vi } from "vitest";
import { layersBake } from "@/core/live/layers-bake.test-data";
import { LAYERS } from "@/core/day/layers.test-data";
import { begunDay, presentAt, replayed, type BakeEvent } from "@/core/live";
import { addBake, kitchenDatabase } from "@/data";
import { migrateDatabase } from "@/data/migrate";
import { bringBackBackup } from "../app/settings/actions";
import { isAtTheBench, listen, type LiveMessage } from "./bay";
import { POST as postDevice } from "../app/bakes/[id]/device/route";
import { POST as postEvents } from "../app/bakes/[id]/events/route";

const folder = mkdtempSync(join(tmpdir(), "steady-tin-bay-"));
const doc = layersBake(LAYERS);
let stop: () => void = () => undefined;

beforeAll(async () => {
  process.env["DATABASE_URL"] = `file:${join(folder, "kitchen.db")}`;
  await migrateDatabase(kitchenDatabase(), process.env["DATABASE_URL"], new Date());
  await addBake(kitchenDatabase(), { id: "supper", name: "Supper", doc }, new Date());
});
afterEach(() => {
  stop();
  vi.restoreAllMocks();
});
afterAll(() => {
  kitchenDatabase().client.close();
  rmSync(folder, { recursive: true });
});

const PAGE = { close: () => undefined, devices: [], seq: 0 };
const posted = (path: string, body: string, type = "application/json"): NextRequest =>
  new NextRequest(`http://kitchen.test/bakes/${path}`, {
    method: "POST",
    body,
    headers: { "content-type": type },
  });
const to = (id: string) => ({ params: Promise.resolve({ id }) });
const soften = { id: "begun-0001", at: 600_000_000, kind: "started", task: "0.soften" } as const;
const eventsOf = (heard: readonly LiveMessage[]): readonly BakeEvent[] =>
  heard.flatMap((message) => (message.name === "told" ? message.data.events : []));

describe("a backup", () => {
  it("is not brought back while a page has a bake open", async () => {
    expect(isAtTheBench()).toBe(false);
    stop = (await listen("supper", { ...PAGE, send: () => undefined })) ?? stop;
    expect(isAtTheBench()).toBe(true);
    expect(await bringBackBackup("any")).toMatchObject({
      ok: false,
      message: expect.stringContaining("A bake is open on a page") as string,
    });
    stop();
    expect(isAtTheBench()).toBe(false);
  });
});

describe("what is posted to a bake", () => {
  it.each([
    ["another site's plain text", JSON.stringify([soften]), "text/plain", 400, /./u],
    ["what is no JSON", "{", "application/json", 400, /./u],
    [
      "an event nobody knows",
      JSON.stringify([{ ...soften, kind: "flown" }]),
      "application/json",
      400,
      /./u,
    ],
    [
      "a heat that can't be",
      JSON.stringify([
        { id: "heat-00001", at: 1, kind: "temperature", of: "core", task: "0.bake1", tempC: 900 },
      ]),
      "application/json",
      400,
      /900|400/u,
    ],
    ["nothing to tell", "[]", "application/json", 200, undefined],
  ])("takes %s for what it is", async (_, body, type, status, message) => {
    const answer = await postEvents(posted("supper/events", body, type), to("supper"));
    expect(answer.status).toBe(status);
    if (message !== undefined)
      expect(((await answer.json()) as { message: string }).message).toMatch(message);
  });

  it("is answered as unknown for a bake that is not there", async () => {
    const answer = await postEvents(posted("gone/events", JSON.stringify([soften])), to("gone"));
    expect([answer.status, await answer.json()]).toEqual([
      404,
      { message: "This bake is not in the kitchen." },
    ]);
  });

  it("reaches every page that listens, once", async () => {
    const [one, other]: [LiveMessage[], LiveMessage[]] = [[], []];
    const ends = [
      await listen("supper", { ...PAGE, send: (message) => one.push(message) }),
      await listen("supper", { ...PAGE, send: (message) => other.push(message) }),
    ];
    stop = () => {
      for (const end of ends) end?.();
    };
    for (let times = 0; times < 2; times += 1)
      expect(
        (await postEvents(posted("supper/events", JSON.stringify([soften])), to("supper"))).status,
      ).toBe(200);
    expect([eventsOf(one), eventsOf(other)]).toEqual([[soften], [soften]]);
    expect(await listen("gone", { ...PAGE, send: () => undefined })).toBeNull();
  });

  it("passes a command on only while a page listens, and only one that devices know", async () => {
    const tare = JSON.stringify({ do: "tare", device: "scale" });
    const isHeard = async (): Promise<unknown> =>
      (await postDevice(posted("supper/device", tare), to("supper"))).json();
    expect(await isHeard()).toEqual({ isHeard: false });
    stop = (await listen("supper", { ...PAGE, send: () => undefined })) ?? stop;
    expect(await isHeard()).toEqual({ isHeard: true });
    for (const [body, type] of [
      [JSON.stringify({ do: "explode" }), "application/json"],
      [tare, "text/plain"],
    ] as const)
      expect((await postDevice(posted("supper/device", body, type), to("supper"))).status).toBe(
        400,
      );
  });
});

it.each([90 * 60_000, -25 * 60_000])(
  "a machine's clock that is set by %d ms moves what runs along with it",
  async (byMs) => {
    const heard: LiveMessage[] = [];
    await addBake(kitchenDatabase(), { id: `clock${byMs}`, name: "Supper", doc }, new Date());
    stop =
      (await listen(`clock${byMs}`, { ...PAGE, send: (message) => heard.push(message) })) ?? stop;
    const begun: BakeEvent = { ...soften, id: `begun${byMs}`, at: Date.now() };
    const right = Date.now.bind(Date);
    vi.spyOn(Date, "now").mockImplementation(() => right() + byMs);
    await vi.waitFor(
      () => {
        expect(eventsOf(heard)).toContainEqual(expect.objectContaining({ kind: "clock-moved" }));
      },
      { timeout: 5000 },
    );
    const moved = eventsOf(heard).findLast(({ kind }) => kind === "clock-moved");
    expect(moved?.kind === "clock-moved" ? Math.abs(moved.byMs - byMs) : Infinity).toBeLessThan(
      100,
    );
    // Half of the butter's hour is left, as it was before.
    const before = { ...begun, at: begun.at - 30 * 60_000 };
    const now = (begun.at + byMs) / 60_000;
    const present = presentAt(
      begunDay(doc),
      replayed(doc.tasks, moved === undefined ? [before] : [before, moved]),
      now,
    );
    expect(present.timers.find(({ task }) => task.id === "0.soften")?.endsAt).toBeCloseTo(
      now + 30,
      2,
    );
  },
);
