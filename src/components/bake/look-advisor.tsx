"use client";

import { useId, useState } from "react";
import * as z from "@/core/zod";
import { afterLook, CORE_RANGE_C, doneness, type Look, type Minutes } from "@/core/bake";
import { boxed, numberIn, readMinutes, readTempC } from "@/core/measure";
import type { BatterKind } from "@/core/kind";
import { issueText, type Units } from "@/words";
import { adviceText, EDGE_WORDS, SPRING_WORDS, TESTER_WORDS, WOBBLE_WORDS } from "@/words/bakes";
import { useSay } from "../frame/units";

const MinuteSchema = numberIn(0, 400, "min");
const CoreSchema = z.optional(numberIn(CORE_RANGE_C.min, CORE_RANGE_C.max, "°C"));

/** After a look: what was seen, and so many minutes more, or out. */
export function LookAdvisor({
  kind,
  minutes,
  units,
}: {
  readonly kind: BatterKind;
  readonly minutes: Minutes;
  readonly units: Units;
}) {
  const say = useSay();
  // What sets like a custard has no tester and no spring.
  const isSetting = doneness(kind).tester === null;
  const [look, setLook] = useState<Look>({});
  // The first look, until she says otherwise.
  const [typed, setTyped] = useState<string | null>(null);
  const at = typed ?? String(minutes.firstLookMin);
  const [core, setCore] = useState("");
  const see = <K extends keyof Look>(sign: K, seen: Look[K]): void =>
    setLook((old) => ({ ...old, [sign]: seen }));
  const minute = boxed("minute", at, readMinutes, MinuteSchema, "minutes");
  const coreC = boxed("coreC", core, (text) => readTempC(text, units.heat), CoreSchema, "heat");
  const problem = !minute.ok
    ? issueText(minute.issue, units)
    : coreC.ok
      ? null
      : issueText(coreC.issue, units);
  const seen: Look = { ...look, ...(coreC.ok ? { coreC: coreC.value } : {}) };
  const isSeen = SIGNS_SEEN.some((sign) => seen[sign] !== undefined);
  const advice =
    minute.ok && coreC.ok && isSeen ? afterLook(kind, seen, minute.value, minutes) : null;
  return (
    <div className="space-y-2 py-2">
      <div className="flex flex-wrap items-end gap-2">
        <Box label="After so many minutes" value={at} onChange={setTyped} />
        {isSetting ? (
          <Pick
            label="Nudged"
            choices={Object.entries(WOBBLE_WORDS)}
            value={look.wobble ?? ""}
            onChange={(wobble) => see("wobble", isKey(WOBBLE_WORDS, wobble) ? wobble : undefined)}
          />
        ) : (
          <>
            <Pick
              label="A tester comes out"
              choices={Object.entries(TESTER_WORDS)}
              value={look.tester ?? ""}
              onChange={(tester) => see("tester", isKey(TESTER_WORDS, tester) ? tester : undefined)}
            />
            <Pick
              label="Pressed lightly"
              choices={Object.entries(SPRING_WORDS)}
              value={look.spring ?? ""}
              onChange={(spring) => see("spring", isKey(SPRING_WORDS, spring) ? spring : undefined)}
            />
            <Pick
              label="The edge"
              choices={Object.entries(EDGE_WORDS)}
              value={look.edge ?? ""}
              onChange={(edge) => see("edge", isKey(EDGE_WORDS, edge) ? edge : undefined)}
            />
          </>
        )}
        <Pick
          label={say`Colour`}
          choices={COLOURS}
          value={look.colour === undefined ? "" : String(look.colour)}
          onChange={(colour) =>
            see(
              "colour",
              ([1, 2, 3, 4, 5] as const).find((each) => String(each) === colour),
            )
          }
        />
        <Box label="Core, if you have a probe" value={core} onChange={setCore} placeholder="none" />
      </div>
      <p
        role="status"
        className={problem === null ? "figure-text text-[19px]" : "font-semibold text-tomato"}
      >
        {problem ?? (advice === null ? "Say what you saw." : adviceText(advice, units))}
      </p>
    </div>
  );
}

const SIGNS_SEEN = ["tester", "spring", "edge", "wobble", "colour", "coreC"] as const;

const COLOURS: readonly (readonly [string, string])[] = [
  ["1", "pale"],
  ["2", "straw"],
  ["3", "golden"],
  ["4", "brown"],
  ["5", "dark"],
];

function isKey<T extends string>(words: Readonly<Record<T, string>>, key: string): key is T {
  return key in words;
}

function Box({
  label,
  value,
  onChange,
  placeholder,
}: {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly placeholder?: string;
}) {
  const id = useId();
  return (
    <div className="w-36">
      <label htmlFor={id} className="label block">
        {label}
      </label>
      <input
        id={id}
        className="field"
        value={value}
        placeholder={placeholder}
        maxLength={20}
        autoComplete="off"
        onChange={(event) => onChange(event.target.value)}
      />
    </div>
  );
}

function Pick({
  label,
  choices,
  value,
  onChange,
}: {
  readonly label: string;
  readonly choices: readonly (readonly [string, string])[];
  readonly value: string;
  readonly onChange: (value: string) => void;
}) {
  return (
    <label className="min-w-32">
      <span className="label block">{label}</span>
      <select
        className="field pr-1"
        value={value}
        onChange={(event) => onChange(event.target.value)}
      >
        <option value="">not looked</option>
        {choices.map(([each, name]) => (
          <option key={each} value={each}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}
