import { uptime } from "node:os";
import { randomUUID } from "node:crypto";
import { bakeTime, type BakeDoc } from "@/core/kept";
import {
  begunDay,
  presentAt,
  replayed,
  type BegunDay,
  type BakeEvent,
  type Log,
  type DeviceCommand,
  type DeviceKind,
  type DeviceNews,
} from "@/core/live";
import {
  eventsSince,
  findBake,
  kitchenDatabase,
  loggable,
  storageIssue,
  tellBake,
  type StorageIssue,
} from "@/data";
import { commanded, deviceNews, plugged, solvedInsides, type Plugged } from "./simulated-devices";
import { MS_PER_MIN } from "@/core/measure";

/**
 * What a page hears of its bake: what was told, what the server's clock shows, what devices say.
 */
export type LiveMessage =
  | {
      readonly name: "told";
      readonly data: { readonly events: readonly BakeEvent[]; readonly nowMs: number };
    }
  | { readonly name: "clock"; readonly data: { readonly nowMs: number } }
  | { readonly name: "device"; readonly data: DeviceNews };

/**
 * A page that listens, the devices it has switched on, and the number of the last event it knows.
 */
type Listener = {
  readonly send: (message: LiveMessage) => void;
  readonly close: () => void;
  readonly devices: readonly DeviceKind[];
  seq: number;
};

/** A bake that somebody listens to: its devices run only as long. */
type Bay = {
  readonly id: string;
  readonly doc: BakeDoc;
  readonly day: BegunDay;
  events: readonly BakeEvent[];
  log: Log;
  seq: number;
  readonly listeners: Set<Listener>;
  devices: Plugged;
  insides: ReturnType<typeof solvedInsides> | null;
  lookedAt: number;
  beatAt: number;
  bootMs: number;
  isLooking: boolean;
  trouble: StorageIssue | null;
  timer: NodeJS.Timeout | null;
};

const TICK_MS = 100;
/** Other processes may tell a bake something too, ms. */
const LOOK_MS = 2000;
const BEAT_MS = 3000;
/** A clock that was set by less is not worth a word, ms. */
const CLOCK_MS = 1500;

// Actions and routes are built apart and share nothing but the process.
const kept = globalThis as { steadyTinBays?: Map<string, Bay>; steadyTinEnds?: "will" | "now" };
const bays: Map<string, Bay> = (kept.steadyTinBays ??= new Map<string, Bay>());

/** When the machine was started, by its own clock: this moves only when that is set. */
const bootMs = (): number => Date.now() - uptime() * 1000;

/** Whether a page has a bake open: what stands there is not to be exchanged beneath it. */
export const isAtTheBench = (): boolean => bays.size > 0;

/** Lets a page listen to a bake. @returns what ends it; null when there is no such bake */
export async function listen(id: string, listener: Listener): Promise<(() => void) | null> {
  const opening = bays.get(id) ?? (await opened(id));
  // Another page may have opened it meanwhile.
  const bay = bays.get(id) ?? opening;
  if (bay === null) return null;
  bays.set(id, bay);
  endWithProcess();
  await look(bay);
  listener.send({ name: "told", data: { events: bay.events, nowMs: Date.now() } });
  listener.seq = bay.seq;
  bay.listeners.add(listener);
  // The last page before this one may have left meanwhile, and closed it.
  bays.set(id, bay);
  bay.timer ??= setInterval(() => {
    tick(bay);
  }, TICK_MS);
  return () => {
    bay.listeners.delete(listener);
    if (bay.listeners.size > 0) return;
    if (bay.timer !== null) clearInterval(bay.timer);
    bay.timer = null;
    if (bays.get(id) === bay) bays.delete(id);
  };
}

/** Tells all pages of a bake what has just been kept. */
export async function toldNow(id: string): Promise<void> {
  const bay = bays.get(id);
  if (bay !== undefined) await look(bay);
}

/**
 * Whether the server was told to stop: a page that comes back over a line that is still open is
 * sent away.
 */
export function isEnding(): boolean {
  return kept.steadyTinEnds === "now";
}

/** Passes a command on to a simulated device. @returns whether anybody listens to this bake */
export function command(id: string, order: DeviceCommand): boolean {
  const bay = bays.get(id);
  if (bay === undefined) return false;
  bay.devices = commanded(bay.devices, order);
  return true;
}

async function opened(id: string): Promise<Bay | null> {
  const bake = await findBake(kitchenDatabase(), id);
  if (bake?.doc == null) return null;
  return {
    id,
    doc: bake.doc,
    day: begunDay(bake.doc),
    events: [],
    log: replayed(bake.doc.tasks, []),
    seq: 0,
    listeners: new Set(),
    devices: plugged(id),
    insides: null,
    lookedAt: 0,
    beatAt: 0,
    bootMs: bootMs(),
    isLooking: false,
    trouble: null,
    timer: null,
  };
}

/** Takes in what was told since, and passes it on. */
async function look(bay: Bay): Promise<void> {
  if (bay.isLooking) return;
  bay.isLooking = true;
  try {
    const { events, seq } = await eventsSince(kitchenDatabase(), bay.id, bay.seq);
    bay.lookedAt = Date.now();
    bay.trouble = null;
    if (events.length === 0) return;
    bay.events = [...bay.events, ...events];
    bay.log = replayed(bay.doc.tasks, bay.events);
    bay.seq = seq;
    for (const listener of bay.listeners) {
      if (listener.seq >= seq) continue;
      listener.send({ name: "told", data: { events, nowMs: Date.now() } });
      listener.seq = seq;
    }
  } catch (error) {
    // What is busy now is looked into again in a moment, and the page still has what it told; what
    // else it is has to be known.
    const issue = storageIssue(error);
    if (issue !== "busy" && issue !== bay.trouble)
      console.error(`bake: storage ${issue}: ${loggable(error)}`);
    bay.trouble = issue;
  } finally {
    bay.isLooking = false;
  }
}

function tick(bay: Bay): void {
  const nowMs = Date.now();
  const movedMs = bootMs() - bay.bootMs;
  if (Math.abs(movedMs) > CLOCK_MS) void clockMoved(bay, movedMs);
  if (Math.abs(nowMs - bay.lookedAt) > LOOK_MS) void look(bay);
  if (Math.abs(nowMs - bay.beatAt) > BEAT_MS) {
    bay.beatAt = nowMs;
    for (const { send } of bay.listeners) send({ name: "clock", data: { nowMs } });
  }
  const kinds = new Set([...bay.listeners].flatMap(({ devices }) => devices));
  if (kinds.size === 0) return;
  const atMs = bakeTime(bay.doc.clock, nowMs);
  const { log } = bay;
  const present = presentAt(bay.day, log, atMs / MS_PER_MIN);
  const { devices, news } = deviceNews(bay.devices, {
    doc: bay.doc,
    log,
    present,
    kinds,
    atMs,
    nowMs,
    insides: kinds.has("core-probe") ? (bay.insides ??= solvedInsides(bay.doc)) : [],
  });
  bay.devices = devices;
  for (const each of news)
    for (const listener of bay.listeners) listener.send({ name: "device", data: each });
}

/**
 * The machine's clock was set: what was told before is moved along, so that all that runs goes on.
 */
async function clockMoved(bay: Bay, byMs: number): Promise<void> {
  bay.bootMs += byMs;
  const { clock } = bay.doc;
  const event: BakeEvent = {
    id: randomUUID(),
    at: Math.round(bakeTime(clock, Date.now())),
    kind: "clock-moved",
    byMs: Math.round(byMs * clock.speed),
  };
  await tellBake(kitchenDatabase(), bay.id, [event], new Date()).catch(() => false);
  await look(bay);
}

/** A server never stops while a stream is open: when it is told to stop, all are ended. */
function endWithProcess(): void {
  if (kept.steadyTinEnds !== undefined) return;
  kept.steadyTinEnds = "will";
  const end = (): void => {
    kept.steadyTinEnds = "now";
    for (const bay of bays.values()) for (const { close } of bay.listeners) close();
  };
  process.once("SIGTERM", end);
  process.once("SIGINT", end);
}
