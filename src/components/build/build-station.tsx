"use client";

import { useRef } from "react";
import { KIND_FACTS } from "@/core/kind";
import { canBeRolled, FILLINGS, STANDINGS, THINNEST_SLICE_MM } from "@/core/build";
import type { BuildBoxes } from "@/core/ask";
import { canWearStrips } from "@/core/fill";
import type { Issue } from "@/core/measure";
import { inRadius } from "@/core/tin";
import { depthText, issueText, SPREAD_NAMES, tinText, weightText, type Units } from "@/words";
import {
  buildRemarkText,
  layersText,
  rolledText,
  STANDING_NAMES,
  thickText,
  tierText,
} from "@/words/finishing";
import { Choice, Field } from "../frame/field";
import { More } from "../frame/more";
import { drawnCake } from "../section/cake-places";
import { cutCake } from "../section/cake-shapes";
import { DragHandle } from "../frame/drag-handle";
import type { StationProps } from "../frame/station-props";
import { PlaceNote } from "../frame/place-note";
import { QuantityList } from "./quantity-list";
import { ThickField } from "./thick-field";
import { boxText } from "./thick-text";

/** The drawing never grows beyond these, px. */
const TALLEST_PX = 300;
const WIDEST_PX = 620;
/** Room round the drawing for what hangs on it, mm of the drawing to one side and above. */
const ROOM = 1.42;
const MOST_SPLITS = 6;

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
  const { build: boxes } = question;
  const { build, fill } = plan;
  const dim = isStale ? "opacity-50" : "";
  const flat = fill.tins.filter(({ geometry }) => canWearStrips(geometry));
  const standings = STANDINGS.filter(
    (each) =>
      each === "apart" ||
      (each === "rolled"
        ? fill.tins.every(({ geometry }) => canBeRolled(geometry))
        : each === "tiers"
          ? flat.length > 1
          : flat.some(({ geometry }) => geometry.count > 1)),
  );
  const isRolled = build.cakes.some(({ tiers }) => tiers.some(({ roll }) => roll !== null));
  const isFilled =
    isRolled || build.cakes.some(({ tiers }) => tiers.some(({ layers }) => layers > 1));
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
                disabled={boxes.splits <= 1}
                onClick={() => change({ splits: boxes.splits - 1 })}
              >
                −
              </button>
              <output className="figure-text w-8 text-center text-[21px]" aria-label="Slices">
                {boxes.splits}
              </output>
              <button
                type="button"
                className="button !px-3.5"
                aria-label="One slice more"
                disabled={boxes.splits >= MOST_SPLITS}
                onClick={() => change({ splits: boxes.splits + 1 })}
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
                    ["same", question.filled === null ? "the frosting" : question.filled.name],
                    ...(question.filled === null ? [] : [["frosting", "the frosting"] as const]),
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
                  label="Dam of frosting round it, wide"
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
            Quite cold before it is split. What is to spare is added in Finish, where it is made.
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

function headline(plan: StationProps["plan"], units: Units): string {
  const { tiers } = drawnCake(plan);
  const tier = tiers[0]?.tier;
  if (tier === undefined) return "";
  if (tier.roll !== null) return `Rolled up, ${rolledText(tier.roll, units)}`;
  if (tiers.length > 1)
    return `${tiers.length} tiers, ${depthText(tiers.at(-1)?.edgeMm ?? 0, units)} high`;
  return tier.layers > 1
    ? `${layersText(tier.layers, tier.layerMm, units)}, ${depthText(tier.heightMm, units)} high`
    : `${depthText(tier.heightMm + tier.domeMm, units)} high`;
}

/** The cake sawn through, with grips on its filling, its dam and its height. */
function BuildDrawing({ question, plan, isStale, refused, units, onChange }: StationProps) {
  const grip = useRef(0);
  const drawn = drawnCake(plan);
  const { drawing, widthMm } = cutCake(
    { ...drawn, widthMm: 2 * Math.max(...drawn.tiers.map(({ halfMm }) => halfMm)) },
    false,
  );
  const bottomTier = drawn.tiers[0];
  const top = drawn.tiers.at(-1);
  if (bottomTier === undefined || top === undefined) return null;
  const heightMm = top.edgeMm + top.tier.domeMm;
  const wideMm = widthMm * ROOM;
  const scale = Math.min(TALLEST_PX / heightMm, WIDEST_PX / wideMm);
  const gap = bottomTier.gaps[0];
  const { build: boxes } = question;
  const { build } = plan;
  const onGrip = (): void => {
    grip.current += 1;
  };
  const change = (changes: Partial<BuildBoxes>, what: string): void =>
    onChange({ build: { ...boxes, ...changes } }, `${what}-${grip.current}`);
  const atX = (x: number): number => 0.5 + x / wideMm;
  const mostDamMm = Math.max(3, Math.floor(inRadius(bottomTier.tier.outline) - 10));
  const splits = bottomTier.tier.family === "cup" ? 1 : boxes.splits;
  return (
    <div className="overflow-hidden px-6 pt-6 max-sm:px-3">
      <div className="relative mx-auto" style={{ maxWidth: `${wideMm * scale}px` }}>
        <svg
          viewBox={`${-wideMm / 2} ${-heightMm - 4} ${wideMm} ${heightMm + 4}`}
          className={`block w-full overflow-visible ${isStale ? "opacity-50" : ""}`}
          role="img"
          aria-label={`In section: ${headline(plan, units)}`}
        >
          {drawing}
          <path
            d={ruleAt(-widthMm / 2 - wideMm * 0.03, top.edgeMm)}
            fill="none"
            className="stroke-steel"
            strokeWidth="1.5"
            vectorEffect="non-scaling-stroke"
          />
        </svg>
        <span
          aria-hidden
          className="absolute -translate-x-full translate-y-1/2 pr-2 text-[14px] whitespace-nowrap text-ink-2"
          style={{
            left: `${atX(-widthMm / 2 - wideMm * 0.03) * 100}%`,
            bottom: `${(top.edgeMm / 2 / (heightMm + 4)) * 100}%`,
          }}
        >
          {depthText(top.edgeMm, units)}
        </span>
        {gap !== undefined && (
          <DragHandle
            label="Thickness of the filling"
            valueMm={build.fillingMm}
            minMm={1}
            maxMm={40}
            stepMm={0.5}
            name="filling"
            text={thickText(build.fillingMm, units)}
            axis="y"
            align="start"
            left={atX(widthMm / 2)}
            bottom={(gap.fromMm + gap.heightMm / 2) / (heightMm + 4)}
            widthMm={wideMm}
            onGrip={onGrip}
            onMove={(to) => change({ fillingMm: boxText(to, units) }, "fillingMm")}
          />
        )}
        {gap !== undefined && build.damMm > 0 && (
          <DragHandle
            label="Width of the dam"
            valueMm={build.damMm}
            minMm={3}
            maxMm={mostDamMm}
            stepMm={1}
            name="dam"
            text={thickText(build.damMm, units)}
            axis="x"
            align="start"
            left={atX(-bottomTier.halfMm + build.damMm)}
            bottom={(gap.fromMm + gap.heightMm / 2) / (heightMm + 4)}
            widthMm={wideMm}
            onGrip={onGrip}
            onMove={(to) => change({ damMm: boxText(to, units) }, "damMm")}
          />
        )}
        {bottomTier.tier.roll === null && (
          <DragHandle
            label="Height of a layer at its edge, as measured"
            valueMm={bottomTier.tier.layerMm * splits}
            minMm={Math.max(8, THINNEST_SLICE_MM * splits)}
            maxMm={250}
            stepMm={1}
            name="layer"
            text={depthText(bottomTier.tier.layerMm * splits, units)}
            axis="y"
            align="start"
            left={atX(widthMm / 2)}
            perMm={splits / bottomTier.tier.layers}
            bottom={bottomTier.edgeMm / (heightMm + 4)}
            widthMm={wideMm}
            onGrip={onGrip}
            onMove={(to) =>
              change(
                {
                  heights: plan.fill.tins.map((_, at) =>
                    at === bottomTier.tier.index ? boxText(to, units) : (boxes.heights[at] ?? ""),
                  ),
                },
                "height",
              )
            }
          />
        )}
        {refused?.path.startsWith("build.") === true && (
          <PlaceNote
            issue={refused}
            units={units}
            left={refused.path === "build.damMm" ? 0.3 : 0.5}
            bottom={0.5}
          />
        )}
      </div>
      <div className="-mx-6 h-1 bg-ink max-sm:-mx-3" />
    </div>
  );
}

/** A rule from the board up to a height. */
function ruleAt(x: number, heightMm: number): string {
  return `M${x - 3} 0h6M${x - 3} ${-heightMm}h6M${x} 0V${-heightMm}`;
}
