"use client";

import {
  DEVICE_KINDS,
  FAULTS,
  type DeviceCommand,
  type DeviceKind,
  type Received,
} from "@/core/live";
import { gramsText, heatText, type Units } from "@/words";

import { DEVICE_NAMES, FAULT_NAMES } from "@/words/devices";
import { Sheet } from "../frame/sheet";

type DevicePanelProps = {
  readonly on: readonly DeviceKind[];
  readonly received: ReadonlyMap<DeviceKind, Received>;
  readonly units: Units;
  readonly onSwitch: (kind: DeviceKind, isOn: boolean) => void;
  readonly command: (order: DeviceCommand) => void;
  readonly onClose: () => void;
};

/** Devices at the bench: simulated ones ship with the program, and can be made to fail. */
export function DevicePanel({ on, received, units, onSwitch, command, onClose }: DevicePanelProps) {
  return (
    <Sheet isLarge title="Devices" onClose={onClose}>
      <p className="mb-3 text-[17px]">
        Simulated ones: they say what a real one would, by the plan and by chance.
      </p>
      <ul className="space-y-3">
        {DEVICE_KINDS.map((kind) => {
          const isOn = on.includes(kind);
          const held = received.get(kind);
          return (
            <li key={kind} className="rounded-panel border-[1.5px] border-line p-3">
              <label className="flex min-h-16 items-center gap-3 text-[20px] font-semibold">
                <input
                  type="checkbox"
                  className="size-7 accent-ink"
                  checked={isOn}
                  onChange={(event) => onSwitch(kind, event.target.checked)}
                />
                {DEVICE_NAMES[kind]}
                <span className="ml-auto text-[18px] font-normal">
                  {!isOn || held?.value == null
                    ? ""
                    : kind === "scale"
                      ? gramsText(Math.round(held.value))
                      : heatText(held.value, units)}
                </span>
              </label>
              {isOn && (
                <label className="flex items-center gap-3 text-[17px]">
                  Fault
                  <select
                    className="field min-h-16!"
                    defaultValue="none"
                    onChange={(event) => {
                      const fault = FAULTS.find((each) => each === event.target.value);
                      if (fault !== undefined) command({ do: "fault", device: kind, fault });
                    }}
                  >
                    {FAULTS.map((fault) => (
                      <option key={fault} value={fault}>
                        {FAULT_NAMES[fault]}
                      </option>
                    ))}
                  </select>
                </label>
              )}
            </li>
          );
        })}
      </ul>
    </Sheet>
  );
}
