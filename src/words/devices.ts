import type { deviceTrouble, Fault } from "@/core/live";
import { assertNever, OUNCE_G } from "@/core/measure";
import { gramsText } from "./quantities";
import type { Units } from "./regions";

export const DEVICE_NAMES = {
  scale: "Scale",
  "core-probe": "Core probe",
  "oven-thermometer": "Oven thermometer",
} as const;

/** What is wrong with a device, and what is done about it. */
export function deviceTroubleText(
  device: keyof typeof DEVICE_NAMES,
  trouble: NonNullable<ReturnType<typeof deviceTrouble>>,
): string {
  const name = DEVICE_NAMES[device];
  const past =
    device === "scale"
      ? " Pour by eye to the line, or by weight once it is back."
      : " The forecast goes on without it.";
  switch (trouble) {
    case "lost":
      return `${name} is gone.${past}`;
    case "silent":
      return `${name} has not said anything for some seconds.${past}`;
    case "weak":
      return `${name}: its battery is nearly empty.`;
    case "jumped":
      return `${name} jumped: that reading was not taken.`;
    case "odd-unit":
      return `${name} tells a unit that makes no sense for it: its readings are not taken.`;
    case "out-of-range":
      return `${name} tells what can't be: that reading was not taken.`;
    case "second-device":
      return `A second one beside ${name.toLowerCase()} is not listened to.`;
    default:
      return assertNever(trouble);
  }
}

/** What a scale shows while it is poured on: to the gram, or to a twentieth of an ounce. */
export function pouredText(massG: number, units: Units): string {
  return units.measure === "metric"
    ? gramsText(Math.round(massG))
    : `${(massG / OUNCE_G).toFixed(2)}\u00a0oz`;
}

/** What a tin that is being filled still takes. */
export function toGoText(netG: number, targetG: number, nearG: number, units: Units): string {
  const left = targetG - netG;
  if (Math.abs(left) <= nearG) return "full";
  return left > 0
    ? `${pouredText(left, units)} to go`
    : `${pouredText(-left, units)} too much: spoon it out`;
}

/** What a simulated device can be made to do. */
export const FAULT_NAMES: Readonly<Record<Fault, string>> = {
  none: "none",
  silence: "says nothing",
  jump: "jumps now and then",
  "wrong-unit": "tells a wrong unit",
  "low-battery": "battery nearly empty",
  unplugged: "plug pulled",
  "second-one": "a second one beside it",
};
