import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { layersBake } from "@/core/live/layers-bake.test-data";
import { LAYERS } from "@/core/day/layers.test-data";
import type { BakeEvent } from "@/core/live";
import { bakeStore, type BakeStore } from "./bake-store";

/** A server's stream that says what a test makes it say. */
class Stream extends EventTarget {
  static last: Stream | null = null;
  static readonly CLOSED = 2;
  readonly readyState = 1;
  constructor() {
    super();
    Stream.last = this;
  }
  readonly close = (): void => undefined;
  static say(name: string, data: unknown): void {
    Stream.last?.dispatchEvent(new MessageEvent(name, { data: JSON.stringify(data) }));
  }
}

const doc = layersBake(LAYERS);
let answers: (() => Promise<Response>)[] = [];
const asked: string[] = [];
let stop: () => void = () => undefined;

beforeEach(() => {
  vi.useFakeTimers();
  [answers, asked.length] = [[], 0];
  const kept = new Map<string, string>();
  vi.stubGlobal("localStorage", {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
    removeItem: (key: string) => kept.delete(key),
  });
  vi.stubGlobal("EventSource", Stream);
  vi.stubGlobal("fetch", (_: string, { body }: { readonly body: string }) => {
    asked.push(body);
    return answers.shift()?.() ?? Promise.reject(new TypeError("nobody there"));
  });
});
afterEach(() => {
  stop();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const kept = (): Promise<Response> => Promise.resolve(Response.json({ kept: 1 }));
const refused = (): Promise<Response> =>
  Promise.resolve(Response.json({ message: "This bake is not in the kitchen." }, { status: 404 }));
const other: BakeEvent = {
  id: "other-screen",
  at: 600_000_000,
  kind: "note",
  text: "the ferry is late",
};
const ids = (store: BakeStore): readonly string[] => store.known().events.map(({ id }) => id);

function opened(): BakeStore {
  const store = bakeStore("supper", doc, [], 600_000_000);
  stop = store.listen([]);
  return store;
}

it("tells a server that does not answer again, and nothing is lost meanwhile or by opening the page anew", async () => {
  const store = opened();
  store.tell({ kind: "started", task: "0.soften", id: "mine-00001" });
  await vi.advanceTimersByTimeAsync(0);
  expect(store.known()).toMatchObject({
    isHeard: false,
    refused: null,
    unsent: [{ id: "mine-00001" }],
  });
  stop();
  const again = opened();
  expect(ids(again)).toEqual(["mine-00001"]);
  // The page that was left still has its own try.
  answers = [kept, kept];
  await vi.advanceTimersByTimeAsync(2500);
  expect(again.known()).toMatchObject({
    isHeard: true,
    unsent: [],
    events: [{ id: "mine-00001" }],
  });
  expect(localStorage.getItem("steady-tin-unsent-supper")).toBeNull();
});

it("does not go on telling what the server will not take, keeps it, and says why", async () => {
  const store = opened();
  answers = [refused, kept];
  store.tell({ kind: "note", text: "a lamp went out", id: "mine-00001" });
  await vi.advanceTimersByTimeAsync(60_000);
  expect(asked).toHaveLength(1);
  expect(store.known()).toMatchObject({
    isHeard: true,
    refused: "This bake is not in the kitchen.",
    unsent: [{ id: "mine-00001" }],
  });
  expect(localStorage.getItem("steady-tin-unsent-supper")).toContain("a lamp went out");
  // What is told next may be taken.
  store.tell({ kind: "note", text: "and another", id: "mine-00002" });
  await vi.advanceTimersByTimeAsync(0);
  expect(store.known()).toMatchObject({ refused: null, unsent: [] });
});

it("has the server's order of what two screens told at the same moment, whichever word arrives first", async () => {
  const store = opened();
  answers = [kept];
  store.tell({ kind: "done", task: "0.tins", id: "mine-00001" });
  const mine = store.known().events.find(({ id }) => id === "mine-00001");
  Stream.say("told", { events: [other, mine], nowMs: 600_000_000 });
  await vi.advanceTimersByTimeAsync(0);
  expect(ids(store)).toEqual(["other-screen", "mine-00001"]);
  const late = opened();
  answers = [kept];
  late.tell({ kind: "done", task: "0.tins", id: "mine-00001" });
  await vi.advanceTimersByTimeAsync(0);
  expect(ids(late)).toEqual(["mine-00001"]);
  Stream.say("told", { events: [other, mine], nowMs: 600_000_000 });
  expect(ids(late)).toEqual(["other-screen", "mine-00001"]);
});

it("goes by the server's clock, whatever the page's own shows", () => {
  const store = opened();
  Stream.say("clock", { nowMs: 600_000_000 + 3 * 60_000 });
  expect(store.known().nowMs).toBeCloseTo(600_000_000 + 3 * 60_000, -2);
  vi.advanceTimersByTime(10_000);
  expect(store.known().nowMs).toBeCloseTo(600_000_000 + 3 * 60_000 + 10_000, -2);
});

it("counts in what it had counted, when it was set to nothing in mid-pour and that was batter", () => {
  const fill = doc.tasks.find(({ doing }) => doing.do === "fill");
  if (fill === undefined) throw new Error("nothing to fill");
  const before = doc.tasks.slice(0, doc.tasks.indexOf(fill));
  const done = before.map(({ id }): BakeEvent => ({
    id: `done-${id}`,
    at: 600_000_000,
    kind: "done",
    task: id,
  }));
  const store = bakeStore("supper", doc, done, 600_000_000);
  stop = store.listen(["scale"]);
  const shows = (value: number): void =>
    Stream.say("device", {
      kind: "reading",
      device: "scale",
      serial: "scale 1",
      at: 600_000_000,
      value,
      unit: "g",
      isStable: true,
      battery: 1,
    });
  // Without a scale there is nothing to set.
  store.tare();
  expect(store.known().pouring).toBeNull();
  shows(380);
  store.tare();
  for (const value of [0, 150, 220]) shows(value);
  store.tare();
  expect(store.known().pouring?.state).toMatchObject({ phase: "taring", netG: 0, droppedG: 220 });
  shows(0);
  store.countIn();
  const target = doc.cakes[0]?.tinsG[0] ?? 0;
  for (const value of [target - 220, target - 220]) shows(value);
  expect(store.known().events.at(-1)).toMatchObject({
    kind: "weighed",
    tin: 0,
    massG: target,
    isWhole: true,
  });
  expect(asked.filter((body) => body.includes("tare"))).toHaveLength(2);
});
