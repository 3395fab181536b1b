import { bakeInside, type BakeInside } from "@/core/bake";
import {
  ovenLoads,
  type OvenLoad,
  openTin,
  type Present,
  type Log,
  coreReads,
  drawnNumber,
  hiddenBake,
  ovenReads,
  scaleAfter,
  scaleShows,
  simulatedScale,
  tared,
  type DeviceCommand,
  type DeviceKind,
  type DeviceNews,
  type Fault,
  type HiddenBake,
  type SimulatedScale,
  type Warmth,
} from "@/core/live";
import type { BakeDoc } from "@/core/kept";
import { tinGeometry } from "@/core/tin";
import { MS_PER_MIN } from "@/core/measure";

/**
 * The simulated devices of one bake: stand-ins that say what real ones would, by the plan and by
 * chance.
 */
export type Plugged = {
  readonly seed: number;
  readonly hidden: HiddenBake;
  readonly scale: SimulatedScale | null;
  /** The task the scale's hand pours for. */
  readonly pouringFor: string | null;
  readonly faults: ReadonlyMap<DeviceKind, Fault>;
  readonly heatSeed: number;
  readonly tickMs: number | null;
  readonly heatMs: number;
  /** Devices that have said that they are there, and are not gone. */
  readonly found: ReadonlySet<DeviceKind>;
};

type Insides = readonly (BakeInside | null)[];

/** What the devices measure. */
type Kitchen = {
  readonly doc: BakeDoc;
  readonly log: Log;
  readonly present: Present;
  readonly kinds: ReadonlySet<DeviceKind>;
  readonly atMs: number;
  readonly nowMs: number;
  /** The inside of each cake as the solver has it. */ readonly insides: Insides;
};

/**
 * In a rehearsal a hand pours no faster than this many times its own pace: a scale could not be
 * read.
 */
const FASTEST_HAND = 8;
/** Thermometers speak so often, ms. */
const HEAT_MS = 1000;
/** A spike of a faulty device, in its own unit, and how often it comes. */
const SPIKE = { scale: 25_000, "core-probe": 45, "oven-thermometer": 120 } as const;
const SPIKES = 0.25;
/** What a battery has left after so long, and when it is weak. */
const BATTERY_MS = 40 * 3_600_000;
const WEAK = 0.08;
/** Batter that is not in the oven yet. */
const COLD_C = 20;

/** Devices as they are switched on, their chance from the bake's own id. */
export function plugged(id: string): Plugged {
  const seed = Array.from(id).reduce(
    (sum, letter) => (Math.imul(sum, 31) + letter.charCodeAt(0)) >>> 0,
    7,
  );
  return {
    seed,
    hidden: hiddenBake(seed),
    scale: null,
    pouringFor: null,
    faults: new Map(),
    heatSeed: seed,
    tickMs: null,
    heatMs: 0,
    found: new Set(),
  };
}

/** Devices after a command. */
export function commanded(devices: Plugged, order: DeviceCommand): Plugged {
  if (order.do === "tare")
    return { ...devices, scale: devices.scale === null ? null : tared(devices.scale) };
  return { ...devices, faults: new Map([...devices.faults, [order.device, order.fault]]) };
}

/** What the devices that are switched on say now. */
export function deviceNews(
  devices: Plugged,
  kitchen: Kitchen,
): { readonly devices: Plugged; readonly news: readonly DeviceNews[] } {
  const { kinds, nowMs, doc } = kitchen;
  const news: DeviceNews[] = [];
  const found = new Set(devices.found);
  const faultOf = (device: DeviceKind): Fault => devices.faults.get(device) ?? "none";
  for (const device of kinds) {
    const isThere = faultOf(device) !== "unplugged";
    if (isThere !== found.has(device))
      news.push({
        kind: isThere ? "found" : "lost",
        device,
        serial: serialOf(device, devices.seed),
      });
    if (isThere) found.add(device);
    else found.delete(device);
  }
  const seconds =
    devices.tickMs === null
      ? 0
      : Math.max(0, Math.min(5, (nowMs - devices.tickMs) / 1000)) *
        Math.min(FASTEST_HAND, doc.clock.speed);
  // Without its plug a scale forgets what stood on it.
  let next: Plugged =
    faultOf("scale") === "unplugged"
      ? { ...devices, scale: null, pouringFor: null, tickMs: nowMs, found }
      : { ...poured(devices, kitchen, seconds), tickMs: nowMs, found };
  const say = (device: DeviceKind, value: number, unit: "g" | "C", isStable: boolean): void => {
    if (kinds.has(device))
      news.push(
        ...faulty(
          {
            kind: "reading",
            device,
            serial: serialOf(device, devices.seed),
            at: Math.round(kitchen.atMs),
            value,
            unit,
            isStable,
            battery: batteryAt(nowMs, devices.seed),
          },
          faultOf(device),
        ),
      );
  };
  if (next.scale !== null) {
    const [shown, scale] = scaleShows(next.scale);
    next = { ...next, scale };
    say("scale", shown.value, "g", shown.isStable);
  }
  if (nowMs - devices.heatMs >= HEAT_MS) {
    const warmth = warmthOf(kitchen);
    const at = kitchen.atMs / MS_PER_MIN;
    const [ovenC, then] = ovenReads(warmth, devices.hidden, at, { seed: next.heatSeed });
    const [coreC, chance] = coreReads(warmth, devices.hidden, at, then);
    next = { ...next, heatSeed: chance.seed, heatMs: nowMs };
    say("core-probe", Math.round(coreC * 10) / 10, "C", true);
    say("oven-thermometer", Math.round(ovenC), "C", true);
  }
  return { devices: next, news };
}

const serialOf = (device: DeviceKind, seed: number): string => `${device} ${1 + (seed % 9)}`;
const batteryAt = (nowMs: number, seed: number): number =>
  0.3 + 0.7 * (1 - ((nowMs + seed) % BATTERY_MS) / BATTERY_MS);

/**
 * The inside of each cake of a bake by the solver, null where it has none. Tenths of a second a
 * cake.
 */
export function solvedInsides(doc: BakeDoc): Insides {
  return doc.cakes.map(({ slowest }) => {
    if (slowest === null) return null;
    const { tin, ...bake } = slowest;
    const geometry = tinGeometry(tin);
    return geometry.ok ? bakeInside({ ...bake, geometry: geometry.value }) : null;
  });
}

/**
 * The scale so many seconds later; it begins anew where another task's tins, or a tin further on,
 * are poured.
 */
function poured(devices: Plugged, { doc, log, present }: Kitchen, seconds: number): Plugged {
  const filling = doc.tasks.find(
    (task) => task.doing.do === "fill" && present.states.get(task.id)?.is === "open",
  );
  const targets = filling === undefined ? [] : (doc.cakes[filling.cake]?.tinsG ?? []);
  const tin = filling === undefined ? -1 : openTin(log, filling.id, targets.length);
  const inTin = filling === undefined ? 0 : (log.weighed.get(filling.id)?.get(tin)?.massG ?? 0);
  // A full tin that is still held, or being lifted off, is one behind.
  const isLifting = devices.scale?.hand === "holds" || devices.scale?.hand === "lifts";
  const isSame =
    devices.pouringFor === (filling?.id ?? null) &&
    (tin === -1 || (devices.scale?.tin ?? -1) >= tin - (isLifting ? 1 : 0));
  if (isSame && devices.scale !== null)
    return { ...devices, scale: scaleAfter(devices.scale, seconds) };
  // What is in a half-full tin already need not be poured again.
  const left = targets.map((target, index) =>
    index === tin ? Math.max(0, target - inTin) : target,
  );
  return {
    ...devices,
    pouringFor: filling?.id ?? null,
    scale: simulatedScale(left, tin === -1 ? left.length : tin, devices.seed),
  };
}

/** What the thermometers stand in: the load that is in, or was in last. */
function warmthOf({ doc, present, log, insides }: Kitchen): Warmth {
  const onAt = doc.tasks.flatMap((task) => {
    const state = present.states.get(task.id);
    return task.doing.do === "warm-up" && (state?.is === "running" || state?.is === "over")
      ? [{ cake: task.cake, at: state.startedAt }]
      : [];
  });
  const loads = ovenLoads(doc, log, present, (cake) => insides[cake] ?? null);
  const load = loads.reduce<OvenLoad | null>(
    (last, each) => (each.inAt !== null && each.inAt >= (last?.inAt ?? -Infinity) ? each : last),
    null,
  );
  const cake = doc.cakes[load?.bake.cake ?? onAt.at(-1)?.cake ?? 0];
  return {
    ovenC: cake?.ovenC ?? 20,
    onAt: onAt.length === 0 ? null : Math.min(...onAt.map(({ at }) => at)),
    doorAt: [...log.looks.map(({ at }) => at), ...(load?.inAt == null ? [] : [load.inAt])],
    inAt: load?.inAt ?? null,
    outAt: load?.outAt ?? null,
    curve: load?.curve ?? (() => COLD_C),
  };
}

type Reading = Extract<DeviceNews, { kind: "reading" }>;

/** A reading as a faulty device tells it. */
function faulty(reading: Reading, fault: Fault): readonly DeviceNews[] {
  switch (fault) {
    case "none":
      return [reading];
    case "silence":
    case "unplugged":
      return [];
    case "jump":
      return [
        drawnNumber({ seed: reading.at >>> 0 })[0] < SPIKES
          ? { ...reading, value: reading.value + SPIKE[reading.device] }
          : reading,
      ];
    case "wrong-unit":
      return [{ ...reading, unit: reading.unit === "g" ? "C" : "g" }];
    case "low-battery":
      return [{ ...reading, battery: WEAK }];
    case "second-one":
      return [reading, { ...reading, serial: `${reading.device} 10`, value: reading.value / 2 }];
  }
}
