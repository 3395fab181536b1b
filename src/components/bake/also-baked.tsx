"use client";

import { Plus, X } from "lucide-react";
import type { Question, ReadQuestion } from "@/core/ask";
import { issueText, type Units } from "@/words";
import { useSay } from "../frame/units";
import { Field } from "../frame/field";
import { More } from "../frame/more";
import type { StationProps } from "../frame/station-props";
import { Tick } from "../frame/tick";

const MOST = 4;
const EMPTY: Question["also"][number] = { from: "", heat: "", minutes: "" };

type AlsoBakedProps = Pick<StationProps, "question" | "onChange"> & {
  readonly read: ReadQuestion;
  readonly units: Units;
};

/**
 * What the minutes rest on: the recipe's own bake, and others of it that went well, which narrow
 * the window.
 */
export function AlsoBaked({ question, read, units, onChange }: AlsoBakedProps) {
  const say = useSay();
  const { also } = question;
  const issue = read.issues.also;
  const at = /^also\[(\d+)\]\.(.*)$/u.exec(issue?.path ?? "");
  const problemOf = (index: number, boxes: readonly string[]): string | null =>
    issue !== undefined && Number(at?.[1]) === index && boxes.includes(at?.[2] ?? "")
      ? issueText(issue, units)
      : null;
  const change = (index: number, changes: Partial<typeof EMPTY>): void =>
    onChange(
      { also: also.map((each, place) => (place === index ? { ...each, ...changes } : each)) },
      `also-${index}-${Object.keys(changes).join()}`,
    );
  return (
    <More summary="What the minutes rest on" isNeeded={issue !== undefined}>
      <p className="text-ink-2">
        {question.minutes.trim() === ""
          ? "The recipe names no minutes, so only what is usual for its kind. Add a bake of it that went well."
          : say`The recipe's own: ${question.from}, ${question.heat}, ${question.minutes}. Bakes of it in other tins that went well narrow the window.`}
      </p>
      <ul className="space-y-2 pt-2">
        {also.map((bake, index) => (
          <li key={index} className="flex flex-wrap items-start gap-2">
            <div className="flex min-w-40 flex-[2]">
              <Field
                label={say`Tins`}
                value={bake.from}
                onChange={(from) => change(index, { from })}
                problem={problemOf(index, [
                  "size",
                  "diameterMm",
                  "depthMm",
                  "lengthMm",
                  "widthMm",
                  "sideMm",
                  "rimMm",
                  "shape",
                  "count",
                ])}
                placeholder="12 cups"
              />
            </div>
            <div className="flex w-24">
              <Field
                label="Oven"
                value={bake.heat}
                onChange={(heat) => change(index, { heat })}
                problem={problemOf(index, ["ovenC"])}
                placeholder={question.heat}
              />
            </div>
            <Tick
              className="mt-5.5 min-h-10 text-[15px]"
              checked={bake.fan ?? question.recipeFan}
              onChange={(isOn) => change(index, { fan: isOn })}
            >
              {" "}
              {say`fan`}
            </Tick>
            <div className="flex w-24">
              <Field
                label="Minutes"
                value={bake.minutes}
                onChange={(minutes) => change(index, { minutes })}
                problem={problemOf(index, ["minutes"])}
                placeholder="20 min"
              />
            </div>
            <button
              type="button"
              className="button !px-2.5 mt-5.5"
              aria-label={`Remove bake ${index + 1}`}
              onClick={() => onChange({ also: also.filter((_, place) => place !== index) }, "also")}
            >
              <X size={17} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      {also.length < MOST && (
        <button
          type="button"
          className="button mt-2"
          onClick={() => onChange({ also: [...also, EMPTY] }, "also")}
        >
          <Plus size={17} aria-hidden /> Another bake that went well
        </button>
      )}
    </More>
  );
}
