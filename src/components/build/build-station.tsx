"use client";

import { KIND_FACTS } from "@/core/kind";
import { canBeRolled, FILLINGS, MOST_SPLITS, STANDINGS, type Standing } from "@/core/build";
import type { BuildBoxes } from "@/core/ask";
import { canWearStrips } from "@/core/fill";
import type { Issue } from "@/core/measure";
import { depthText, issueText, SPREAD_NAMES, tinText, weightText } from "@/words";
import { buildRemarkText, STANDING_NAMES, tierText } from "@/words/finishing";
import { useSay } from "../frame/units";
import { Choice, Field } from "../frame/field";
import { More } from "../frame/more";
import type { StationProps } from "../frame/station-props";
import { BuildDrawing, headline } from "./build-drawing";
import { QuantityList } from "./quantity-list";
import { ThickField } from "./thick-field";
import { boxText } from "./thick-text";

/** Build: how the cold cakes are trimmed, split, filled and stacked, pulled at on their drawing. */
export function BuildStation({
  question,
  read,
  plan,
  isStale,
  refused,
  units,
  onChange,
}: StationProps) {
  const say = useSay();
  const { build: boxes } = question;
  const { build, fill } = plan;
  const dim = isStale ? "opacity-50" : "";
  const flat = fill.tins.filter(({ geometry }) => canWearStrips(geometry));
  const canStand: Readonly<Record<Standing, boolean>> = {
    apart: true,
    stacked: flat.some(({ geometry }) => geometry.count > 1),
    tiers: flat.length > 1,
    rolled: fill.tins.every(({ geometry }) => canBeRolled(geometry)),
  };
  const standings = STANDINGS.filter((each) => canStand[each]);
  const isRolled = build.cakes.some(({ tiers }) => tiers.some(({ roll }) => roll !== null));
  const isFilled =
    isRolled || build.cakes.some(({ tiers }) => tiers.some(({ layers }) => layers > 1));
  const slices =
    boxes.splits ??
    Math.max(...build.cakes.flatMap(({ tiers }) => tiers.map((tier) => tier.slices)));
  const isOnlyCups = build.cakes.every(({ tiers }) =>
    tiers.every(({ family }) => family === "cup"),
  );
  const change = (changes: Partial<BuildBoxes>, field = Object.keys(changes).join()): void =>
    onChange({ build: { ...boxes, ...changes } }, `build-${field}`);
  const problem = (box: keyof typeof read.issues): string | null => {
    const found = read.issues[box];
    return found === undefined ? null : issueText(found, units);
  };
  return (
    <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,330px)_minmax(0,1fr)]">
      <div className="space-y-3 max-lg:order-2">
        {standings.length > 1 && (
          <label className="block">
            <span className="label block">The cakes stand</span>
            <Choice
              label="The cakes stand"
              className="field pr-1"
              value={boxes.standing}
              choices={[
                ["usual", `as usual: ${STANDING_NAMES[build.standing].toLowerCase()}`],
                ...standings.map((each) => [each, STANDING_NAMES[each]] as const),
              ]}
              onChange={(standing) => change({ standing })}
            />
          </label>
        )}
        {isRolled && (
          <label className="block">
            <span className="label block">Rolled up from</span>
            <Choice
              label="Rolled up from"
              className="field pr-1"
              value={boxes.rolledFrom}
              choices={[
                [
                  "usual",
                  question.rolled === "long" ? "its long side, as the recipe" : "its short side",
                ],
                ["short", "the short side: a thick roll"],
                ["long", "the long side: a long one"],
              ]}
              onChange={(rolledFrom) => change({ rolledFrom })}
            />
          </label>
        )}
        {!isOnlyCups && !isRolled && (
          <>
            <label className="block">
              <span className="label block">Crowns</span>
              <Choice
                label="Crowns"
                className="field pr-1"
                value={boxes.top}
                choices={[
                  ["usual", "as usual for its finish"],
                  ["level", "cut off level"],
                  ["domed", "left on the top"],
                ]}
                onChange={(top) => change({ top })}
              />
            </label>
            <fieldset className="flex items-center gap-2">
              <legend className="label">Slices each layer is split into</legend>
              <button
                type="button"
                className="button !px-3.5"
                aria-label="One slice less"
                disabled={slices <= 1}
                onClick={() => change({ splits: slices - 1 })}
              >
                −
              </button>
              <output className="figure-text w-8 text-center text-[21px]" aria-label="Slices">
                {slices}
              </output>
              <button
                type="button"
                className="button !px-3.5"
                aria-label="One slice more"
                disabled={slices >= MOST_SPLITS}
                onClick={() => change({ splits: slices + 1 })}
              >
                +
              </button>
            </fieldset>
          </>
        )}
        {isFilled && (
          <>
            <div className="flex flex-wrap items-start gap-2">
              <label className="min-w-40 flex-1">
                <span className="label block">Filling</span>
                <Choice
                  label="Filling"
                  className="field pr-1"
                  value={boxes.filling}
                  choices={[
                    ["same", question.filled === null ? say`the frosting` : question.filled.name],
                    ...(question.filled === null ? [] : [["frosting", say`the frosting`] as const]),
                    ...FILLINGS.map((each) => [each, SPREAD_NAMES[each]] as const),
                  ]}
                  onChange={(filling) => change({ filling })}
                />
              </label>
              <div className="flex w-32">
                <ThickField
                  units={units}
                  label="Thick"
                  value={boxes.fillingMm}
                  onChange={(fillingMm) => change({ fillingMm })}
                  problem={problem("fillingMm")}
                  placeholder={boxText(build.fillingMm, units)}
                />
              </div>
            </div>
            {!isRolled && (
              <div className="flex">
                <ThickField
                  units={units}
                  label={say`Dam of frosting round it, wide`}
                  value={boxes.damMm}
                  onChange={(damMm) => change({ damMm })}
                  problem={problem("damMm")}
                  placeholder="none"
                />
              </div>
            )}
          </>
        )}
        {!isOnlyCups && (
          <>
            <div className="flex">
              <Field
                label="Soak, mL to the kilogram"
                value={boxes.soak}
                onChange={(soak) => change({ soak })}
                problem={problem("soak")}
                placeholder={`none; ${KIND_FACTS[plan.mix.kind].soakMlPerKg} is usual here`}
              />
            </div>
            <More summary="I have measured them" isNeeded={read.issues.heights !== undefined}>
              <div className="space-y-2 pt-1">
                {fill.tins.map(({ geometry, baked }, index) => (
                  <div key={index} className="flex">
                    <ThickField
                      units={units}
                      label={`Edge, cold: ${tinText({ ...geometry.tin, ...(geometry.tin.shape === "well" ? {} : { count: 1 }) }, units)}`}
                      value={boxes.heights[index] ?? ""}
                      onChange={(height) =>
                        change(
                          {
                            heights: fill.tins.map((_, at) =>
                              at === index ? height : (boxes.heights[at] ?? ""),
                            ),
                          },
                          `height-${index}`,
                        )
                      }
                      problem={index === heightAt(read.issues.heights) ? problem("heights") : null}
                      placeholder={`${depthText(baked.edgeMm, units)} forecast`}
                    />
                  </div>
                ))}
              </div>
            </More>
          </>
        )}
      </div>
      <section aria-label="The cake put together" className="panel min-w-0 overflow-hidden">
        <p className={`figure-text px-6 pt-4 text-[25px] leading-tight max-sm:px-4 ${dim}`}>
          {headline(plan, units)}
        </p>
        <BuildDrawing {...{ question, read, plan, isStale, refused, units, onChange }} />
        <div className={dim}>
          {build.remarks.length > 0 && (
            <ul
              aria-label="Remarks"
              className="px-6 pt-3 text-[15px] font-semibold text-crust max-sm:px-4"
            >
              {build.remarks.map((remark) => (
                <li key={remark.code}>{buildRemarkText(remark, units)}</li>
              ))}
            </ul>
          )}
          <ul aria-label="The cakes" className="px-6 pt-2 text-[15px] text-ink-2 max-sm:px-4">
            {build.cakes.flatMap(({ cakes, tiers }) =>
              tiers.map((tier) => (
                <li key={tier.index}>
                  {cakes > 1 ? `${cakes} × ` : ""}
                  {tierText(tier, units)}, {weightText(tier.cakeG, units)} of cake
                  {tier.trimmedG > 1
                    ? `; ${weightText(tier.trimmedG, units)} of crown cut off, which makes crumbs`
                    : ""}
                  .
                </li>
              )),
            )}
          </ul>
          <QuantityList label="What goes between" quantities={build.quantities} units={units} />
          <p className="border-t-[1.5px] border-line px-6 py-2 text-[14px] text-ink-2 max-sm:px-4">
            Quite cold before it is split. Extra is added in Finish, where it is made.
          </p>
        </div>
      </section>
    </div>
  );
}

/** Which of the measured heights is wrong. */
function heightAt(issue: Issue | undefined): number | null {
  const index = /\[(\d+)\]/u.exec(issue?.path ?? "")?.[1];
  return index === undefined ? null : Number(index);
}
