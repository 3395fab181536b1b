"use client";

import type { ReactNode } from "react";
import * as z from "@/core/zod";
import { RecordedTinSchema, RecordSchema, type BakeRecord, type RecordedTin } from "@/core/logbook";
import { numberIn, readLengthMm, readMassG, readMinutes, readTempC } from "@/core/measure";
import {
  heatText,
  exactLengthText,
  exactWeightText,
  minutesText,
  tinText,
  weightText,
  type Units,
} from "@/words";
import { KeptBox } from "../frame/kept-box";
import { VerdictChoice } from "./verdict-choice";

export function ToldRow({
  name,
  children,
}: {
  readonly name: string;
  readonly children: ReactNode;
}) {
  return (
    <>
      <dt className="text-ink-2">{name}</dt>
      <dd className="min-w-0 break-words">{children}</dd>
    </>
  );
}

type FigureProps = {
  readonly label: string;
  readonly path: string;
  readonly value: number | null;
  readonly units: Units;
  readonly onKeep: (value: number | null) => void;
};

export function MinutesBox({
  schema,
  value,
  ...rest
}: FigureProps & { readonly schema: z.ZodMiniType<number | null> }) {
  return (
    <KeptBox
      {...rest}
      text={value === null ? "" : minutesText(value)}
      read={readMinutes}
      schema={schema}
      expected="minutes"
      whenEmpty={null}
    />
  );
}

export function GramsBox({ value, units, ...rest }: FigureProps) {
  return (
    <KeptBox
      {...rest}
      units={units}
      text={value === null ? "" : exactWeightText(value, units)}
      read={readMassG}
      schema={RecordSchema.shape.massBeforeG}
      expected="weight"
      whenEmpty={null}
    />
  );
}

/** Where the dial stood and what a thermometer in the oven read, once or as the last of many. */
export function OvenHeatBoxes({
  record: { dialC = null, readC },
  units,
  onChange,
}: {
  readonly record: BakeRecord;
  readonly units: Units;
  readonly onChange: (changes: Partial<BakeRecord>) => void;
}) {
  const box = (
    label: string,
    path: "dialC" | "trueC",
    value: number | null,
    onKeep: (tempC: number | null) => void,
  ): ReactNode => (
    <KeptBox
      label={label}
      path={path}
      text={value === null ? "" : heatText(value, units)}
      read={(text) => readTempC(text, units.heat)}
      schema={path === "dialC" ? DialHeat : ReadHeat}
      units={units}
      expected="heat"
      whenEmpty={null}
      onKeep={onKeep}
    />
  );
  return (
    <>
      {box("The dial was at", "dialC", dialC, (to) => onChange({ dialC: to }))}
      {readC.length <= 1 &&
        box("A thermometer read", "trueC", readC[0] ?? null, (to) =>
          onChange({ readC: to === null ? [] : [to] }),
        )}
    </>
  );
}

const DialHeat = z.nullable(numberIn(30, 350, "°C"));
const ReadHeat = z.nullable(numberIn(20, 400, "°C"));

/** What happened to the tins of one kind. */
export function RecordedTinBoxes({
  tin,
  units,
  onChange,
}: {
  readonly tin: RecordedTin;
  readonly units: Units;
  readonly onChange: (changes: Partial<RecordedTin>, field: string) => void;
}) {
  const [edge, crown] = [tin.edgeMm, tin.crownMm];
  const length = (text: string): number | null =>
    readLengthMm(text, units.measure === "us" ? "in" : "mm");
  const height = (
    label: string,
    field: "edgeMm" | "crownMm" | "levelMm",
    value: number | null,
  ): ReactNode => (
    <KeptBox
      label={label}
      path={field}
      text={value === null ? "" : exactLengthText(value, units)}
      read={length}
      schema={TinSchemas.edgeMm}
      units={units}
      whenEmpty={null}
      onKeep={(kept) => onChange({ [field]: kept }, field)}
    />
  );
  return (
    <div className="border-t-[1.5px] border-line py-2.5 first-of-type:border-t-0">
      <p className="text-[15px] font-semibold">
        {tinText(tin.tin, units)}
        <span className="font-normal text-ink-2">
          {tin.batterG === null || tin.isWeighed
            ? ""
            : `, ${weightText(tin.batterG, units)} of batter as planned`}
        </span>
      </p>
      <div className="flex flex-wrap gap-3 pt-1">
        <MinutesBox
          label="Out after"
          path="minutes"
          value={tin.minutes}
          schema={TinSchemas.minutes}
          units={units}
          onKeep={(minutes) => onChange({ minutes }, "minutes")}
        />
        <GramsBox
          label="Batter, weighed"
          path="batterG"
          value={tin.isWeighed ? tin.batterG : null}
          units={units}
          onKeep={(batterG) =>
            onChange(
              batterG === null ? { isWeighed: false } : { batterG, isWeighed: true },
              "batterG",
            )
          }
        />
        {height("Raw, the batter stood", "levelMm", tin.levelMm ?? null)}
        {height("Height at the rim", "edgeMm", edge)}
        {height("In the middle", "crownMm", crown)}
      </div>
      <div className="pt-1.5">
        <VerdictChoice
          label={`The middle of ${tinText(tin.tin, units)}`}
          value={tin.verdict}
          onChange={(verdict) => onChange({ verdict }, "verdict")}
        />
      </div>
    </div>
  );
}

const TinSchemas = RecordedTinSchema.shape;

const signed = (value: number | null): string =>
  value === null ? "" : value < 0 ? `−${Math.abs(value)}` : `+${value}`;

/** Minutes with a sign before them: `-2`, `+3 min`, `5 less`. */
function readSigned(text: string): number | null {
  const bare = text.trim();
  const isLess = /^[-−–]|\bless\b/u.test(bare);
  const minutes = readMinutes(bare.replace(/^[-−–+]\s*|\s*\b(?:less|more)\b/gu, ""));
  return minutes === null ? null : isLess ? -minutes : minutes;
}

/** Minutes she wants more or less the next time. */
export function NextTimeBox({
  value,
  units,
  onKeep,
}: {
  readonly value: number | null;
  readonly units: Units;
  readonly onKeep: (value: number | null) => void;
}) {
  return (
    <KeptBox
      label="More or less next time"
      path="nextTimeMin"
      text={signed(value)}
      read={readSigned}
      schema={RecordSchema.shape.nextTimeMin}
      units={units}
      expected="minutes"
      whenEmpty={null}
      placeholder="−2"
      onKeep={onKeep}
    />
  );
}
