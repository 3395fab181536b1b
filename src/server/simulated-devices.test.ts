import { describe, expect, it } from "vitest";
import {
  begunDay,
  presentAt,
  replayed,
  type BakeEvent,
  DEVICE_KINDS,
  DeviceNewsSchema,
  FAULTS,
  type DeviceKind,
  type DeviceNews,
  type Fault,
} from "@/core/live";
import { layersBake } from "@/core/live/layers-bake.test-data";
import { LAYERS } from "@/core/day/layers.test-data";
import { commanded, deviceNews, plugged, type Plugged } from "./simulated-devices";

const doc = layersBake(LAYERS);
const day = begunDay(doc);
const START_MS = 606_000_000;
const done = (task: string, atMin: number): BakeEvent => ({
  id: `done-${task}`,
  at: atMin * 60_000,
  kind: "done",
  task,
});
const FILLING = ["0.soften", "0.weigh", "0.tins", "0.step1", "0.warm-up"].map((task) =>
  done(task, 10_090),
);

type Reading = Extract<DeviceNews, { kind: "reading" }>;

/**
 * So many tenths of a second of devices, one bake's clock and the machine's alike; and what they
 * said.
 */
function run(
  devices: Plugged,
  events: readonly BakeEvent[],
  ticks: number,
  fromMs = START_MS,
  kinds: readonly DeviceKind[] = DEVICE_KINDS,
): { readonly devices: Plugged; readonly news: readonly DeviceNews[]; readonly atMs: number } {
  const log = replayed(day.tasks, events);
  let now = devices;
  const all: DeviceNews[] = [];
  for (let tick = 0; tick < ticks; tick += 1) {
    const atMs = fromMs + tick * 100;
    const { devices: next, news } = deviceNews(now, {
      doc,
      log,
      present: presentAt(day, log, atMs / 60_000),
      kinds: new Set(kinds),
      atMs,
      nowMs: atMs,
      insides: [],
    });
    now = next;
    all.push(...news);
  }
  return { devices: now, news: all, atMs: fromMs + ticks * 100 };
}
const readings = (news: readonly DeviceNews[], device: DeviceKind): readonly Reading[] =>
  news.filter((each): each is Reading => each.kind === "reading" && each.device === device);

describe("simulated devices", () => {
  it("say first that they are there, then only what the protocol knows, the scale often and thermometers once a second", () => {
    const { news } = run(plugged("supper"), [], 50);
    expect(news.slice(0, 3).map(({ kind }) => kind)).toEqual(["found", "found", "found"]);
    for (const each of news) expect(DeviceNewsSchema.safeParse(each).success).toBe(true);
    expect(DEVICE_KINDS.map((kind) => readings(news, kind).length)).toEqual([50, 5, 5]);
    expect(
      readings(run(plugged("supper"), [], 20, START_MS, ["core-probe"]).news, "scale"),
    ).toEqual([]);
  });

  it("are the same for the same bake", () => {
    expect(run(plugged("supper"), FILLING, 30).news).toEqual(
      run(plugged("supper"), FILLING, 30).news,
    );
    expect(plugged("supper").hidden).not.toEqual(plugged("tea").hidden);
  });

  it("show the empty tin until it is tared, then fill it, and wait at the line for nobody's word", () => {
    const put = run(plugged("supper"), FILLING, 80);
    const [tin] = readings(put.news, "scale").slice(-1);
    expect(tin?.isStable).toBe(true);
    expect(tin?.value).toBeGreaterThan(250);
    const poured = run(
      commanded(put.devices, { do: "tare", device: "scale" }),
      FILLING,
      900,
      put.atMs,
    );
    const most = Math.max(...readings(poured.news, "scale").map(({ value }) => value));
    expect(Math.abs(most - (doc.cakes[0]?.tinsG[0] ?? 0))).toBeLessThanOrEqual(6);
  });

  it("pour only the rest of a tin that was begun before", () => {
    const part: BakeEvent = {
      id: "part-of-it",
      at: 10_095 * 60_000,
      kind: "weighed",
      task: "0.fill",
      tin: 0,
      massG: 200,
      isWhole: false,
      isMeasured: true,
    };
    const put = run(plugged("supper"), [...FILLING, part], 80);
    const poured = run(
      commanded(put.devices, { do: "tare", device: "scale" }),
      [...FILLING, part],
      900,
      put.atMs,
    );
    const most = Math.max(...readings(poured.news, "scale").map(({ value }) => value));
    expect(Math.abs(most - ((doc.cakes[0]?.tinsG[0] ?? 0) - 200))).toBeLessThanOrEqual(6);
  });

  it("warm up in an oven that is on, and in a cake that is in it", () => {
    const on: BakeEvent = {
      id: "oven-is-on",
      at: START_MS - 40 * 60_000,
      kind: "started",
      task: "0.warm-up",
    };
    const inOven: BakeEvent = {
      id: "tins-are-in",
      at: START_MS - 20 * 60_000,
      kind: "started",
      task: "0.bake1",
    };
    const cold = run(plugged("supper"), [], 20).news;
    const hot = run(
      plugged("supper"),
      [...FILLING.slice(0, 4), done("0.fill", 10_050), on, inOven],
      20,
    ).news;
    for (const kind of ["core-probe", "oven-thermometer"] as const)
      expect(readings(cold, kind)[0]?.value ?? 99).toBeLessThan(23);
    expect(readings(hot, "oven-thermometer")[0]?.value).toBeGreaterThan(140);
    expect(readings(hot, "core-probe")[0]?.value).toBeGreaterThan(40);
  });

  it.each(FAULTS)("fail as they are told to: %s", (fault: Fault) => {
    const { devices, atMs } = run(plugged("supper"), FILLING, 80);
    const { news } = run(
      commanded(devices, { do: "fault", device: "scale", fault }),
      FILLING,
      60,
      atMs,
    );
    const said = readings(news, "scale");
    const serials = new Set(said.map(({ serial }) => serial));
    const expected = {
      none: [60, 1, "g", true, 0],
      silence: [0, 0, undefined, false, 0],
      unplugged: [0, 0, undefined, false, 1],
      jump: [60, 1, "g", true, 0],
      "wrong-unit": [60, 1, "C", true, 0],
      "low-battery": [60, 1, "g", true, 0],
      "second-one": [120, 2, "g", true, 0],
    }[fault];
    expect([
      said.length,
      serials.size,
      said[0]?.unit,
      said.length > 0,
      news.filter(({ kind }) => kind === "lost").length,
    ]).toEqual(expected);
    expect(said.some(({ value }) => value > 20_000)).toBe(fault === "jump");
    expect(said.some(({ battery }) => battery < 0.15)).toBe(fault === "low-battery");
  });

  it("a scale whose plug was pulled comes back and has forgotten its tare", () => {
    const put = run(plugged("supper"), FILLING, 80);
    const tared = run(
      commanded(put.devices, { do: "tare", device: "scale" }),
      FILLING,
      10,
      put.atMs,
    );
    const pulled = run(
      commanded(tared.devices, { do: "fault", device: "scale", fault: "unplugged" }),
      FILLING,
      10,
      tared.atMs,
    );
    const back = run(
      commanded(pulled.devices, { do: "fault", device: "scale", fault: "none" }),
      FILLING,
      80,
      pulled.atMs,
    );
    expect(back.news[0]).toMatchObject({ kind: "found", device: "scale" });
    expect(readings(back.news, "scale").at(-1)?.value).toBeGreaterThan(250);
  });
});
