import { MS_PER_MIN, cFromFahrenheit, OUNCE_G } from "../measure";
import type { DeviceKind, DeviceNews, DeviceReading } from "./device-protocol";

/** What a page holds of one kind of device. */
export type Received = {
  /** The one that is listened to; null when none is there. */
  readonly serial: string | null;
  /** Its last good reading, g or °C; null before the first. */
  readonly value: number | null;
  readonly isStable: boolean;
  /** When it was taken, by the bake's clock, ms; and when it was heard, by the page's own, ms. */
  readonly at: number;
  readonly heardAt: number;
  readonly battery: number;
  /** Why its value can't be used now. */
  readonly trouble: DeviceTrouble | null;
  /**
   * The last that was odd about what came, and when that was heard: said for a while, so that a
   * word stays long enough to be read.
   */
  readonly odd: { readonly what: DeviceTrouble | "second-device"; readonly heardAt: number } | null;
  /** Readings refused in a row. */
  readonly refused: number;
};

export type DeviceTrouble = "jumped" | "odd-unit" | "out-of-range" | "lost";

export const NOTHING_RECEIVED: Received = {
  serial: null,
  value: null,
  isStable: false,
  at: 0,
  heardAt: -Infinity,
  battery: 1,
  trouble: null,
  odd: null,
  refused: 0,
};

/** A device not heard for so long is silent, ms; then another may take its place. */
export const SILENT_MS = 5000;
/** Weakest battery that is not worth a word. */
const WEAK = 0.15;

const RANGES: Readonly<Record<DeviceKind, readonly [least: number, most: number]>> = {
  scale: [-20_000, 20_000],
  "core-probe": [-30, 150],
  "oven-thermometer": [-30, 400],
};
/**
 * Temperatures do not move faster than this from one reading to the next, °C, and for each minute
 * between them, °C/min; a scale's load may. Judgement.
 */
const MOST_JUMP_C: Readonly<Record<DeviceKind, number>> = {
  scale: Infinity,
  "core-probe": 12,
  "oven-thermometer": 60,
};
const MOST_RATE_C: Readonly<Record<DeviceKind, number>> = {
  scale: Infinity,
  "core-probe": 10,
  "oven-thermometer": 40,
};
/** A change that is read so often in a row is true. */
const BELIEVED_AFTER = 4;

/** Whether a device has been found and not been lost since. */
export const isThere = ({ serial, trouble }: Received): boolean =>
  serial !== null && trouble !== "lost";

/**
 * What is held of a device after its next message. Units are turned into g and °C; what has no
 * sense for its kind, is out of range, or jumps is refused and named, unless it goes on saying so;
 * of two devices of a kind the first is listened to until it is silent.
 * @param heardAt when the message came, ms by the page's own clock
 */
export function received(held: Received, news: DeviceNews, heardAt: number): Received {
  const isOther =
    held.serial !== null &&
    news.serial !== held.serial &&
    heardAt - held.heardAt < SILENT_MS &&
    held.trouble !== "lost";
  if (isOther)
    return news.kind === "lost" ? held : { ...held, odd: { what: "second-device", heardAt } };
  if (news.kind === "lost") return { ...held, isStable: false, trouble: "lost" };
  if (news.kind === "found") return { ...NOTHING_RECEIVED, serial: news.serial, heardAt };
  return taken(held, news, heardAt);
}

function taken(held: Received, reading: DeviceReading, heardAt: number): Received {
  const refuse = (trouble: DeviceTrouble): Received => ({
    ...held,
    serial: reading.serial,
    heardAt,
    isStable: false,
    trouble,
    odd: { what: trouble, heardAt },
    refused: held.refused + 1,
    battery: reading.battery,
  });
  const value = inOwnUnit(reading);
  if (value === null) return refuse("odd-unit");
  const [least, most] = RANGES[reading.device];
  if (!(value >= least && value <= most)) return refuse("out-of-range");
  const mayMove =
    MOST_JUMP_C[reading.device] +
    (MOST_RATE_C[reading.device] * Math.max(0, reading.at - held.at)) / MS_PER_MIN;
  const isJump =
    held.value !== null && held.serial === reading.serial && Math.abs(value - held.value) > mayMove;
  if (isJump && held.refused + 1 < BELIEVED_AFTER) return refuse("jumped");
  return {
    serial: reading.serial,
    value,
    isStable: reading.isStable,
    at: reading.at,
    heardAt,
    battery: reading.battery,
    trouble: null,
    odd: held.odd,
    refused: 0,
  };
}

function inOwnUnit({ device, value, unit }: DeviceReading): number | null {
  const isScale = device === "scale";
  switch (unit) {
    case "g":
      return isScale ? value : null;
    case "oz":
      return isScale ? value * OUNCE_G : null;
    case "C":
      return isScale ? null : value;
    case "F":
      return isScale ? null : cFromFahrenheit(value);
  }
}

/**
 * What a baker has to know of a device: that it is gone, silent, weak or odd; null when all is well
 * or there is none.
 */
export function deviceTrouble(
  held: Received,
  now: number,
): DeviceTrouble | "second-device" | "silent" | "weak" | null {
  if (held.serial === null) return null;
  if (held.trouble === "lost") return "lost";
  if (now - held.heardAt > SILENT_MS) return "silent";
  if (held.odd !== null && now - held.odd.heardAt <= SILENT_MS) return held.odd.what;
  return held.battery < WEAK ? "weak" : null;
}
