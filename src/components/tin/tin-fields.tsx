"use client";

import { shapeRow, type LengthField, type Material, type TinForm, MATERIALS } from "@/core/tin";
import type { Issue } from "@/core/measure";
import {
  heatText,
  issueText,
  LENGTH_NAMES,
  materialName,
  shapeName,
  SHELVES,
  type Units,
} from "@/words";
import { useSay } from "../frame/units";
import { Choice, Field } from "../frame/field";
import { More } from "../frame/more";
import { Tick } from "../frame/tick";

type TinFieldsProps = {
  readonly form: TinForm;
  /** The first thing wrong with it. */
  readonly issue: Issue | null;
  readonly units: Units;
  readonly onChange: (changes: Partial<TinForm>, field: string) => void;
};

/** Everything that describes a tin; boxes say beneath them what is wrong with what was written. */
export function TinFields({ form, issue, units, onChange }: TinFieldsProps) {
  const {
    form: { needed, usual },
    canLean,
  } = shapeRow(form.shape);
  const problem = (path: string): string | null =>
    issue !== null && issue.path.replace(/\[.*$/u, "") === path ? issueText(issue, units) : null;
  const length = (field: LengthField, placeholder: string) => (
    <div key={field} className="flex min-w-28 flex-1">
      <Field
        label={LENGTH_NAMES[field]}
        value={form.lengths[field]}
        onChange={(text) => onChange({ lengths: { ...form.lengths, [field]: text } }, field)}
        problem={problem(field)}
        placeholder={placeholder}
      />
    </div>
  );
  const isPlain = form.shape !== "drawn" && form.shape !== "odd";
  return (
    <div className="space-y-3">
      <div className="flex flex-wrap gap-2">
        <label className="min-w-36 flex-1">
          <span className="label block">Shape</span>
          <Choice
            label="Shape"
            className="field pr-1"
            value={form.shape}
            choices={SHELVES.flatMap(({ shapes }) => shapes).map(
              (shape) => [shape, shapeName(shape)] as const,
            )}
            onChange={(shape) => onChange({ shape }, "shape")}
          />
        </label>
        <label className="min-w-36 flex-1">
          <span className="label block">Material</span>
          <Choice<Material>
            label="Material"
            className="field pr-1"
            value={form.material}
            choices={MATERIALS.map((material) => [material, materialName(material)] as const)}
            onChange={(material) => onChange({ material }, "material")}
          />
        </label>
      </div>
      <div className="flex flex-wrap items-start gap-2">
        {needed.map((field) => length(field, units.measure === "us" ? "9 in" : "23 cm"))}
        {form.shape !== "drawn" && (
          <div className="flex min-w-28 flex-1">
            <Field
              label="Depth"
              value={form.depth}
              onChange={(depth) => onChange({ depth }, "depth")}
              problem={problem("depthMm")}
              placeholder={
                form.shape === "odd" ? "not known" : units.measure === "us" ? "2 in" : "5 cm"
              }
            />
          </div>
        )}
        {form.shape === "well" && (
          <div className="flex w-24">
            <Field
              label="Cups in it"
              value={form.count}
              onChange={(count) => onChange({ count }, "count")}
              problem={problem("count")}
            />
          </div>
        )}
      </div>
      {form.shape === "drawn" && (
        <div>
          <label className="block">
            <span className="label">Height: width, a line each, from the floor up</span>
            <textarea
              className="field mt-0.5 !py-2"
              rows={4}
              value={form.profile}
              onChange={(event) => onChange({ profile: event.target.value }, "profile")}
              aria-invalid={problem("profile") !== null}
              placeholder={"0: 18\n2: 20\n5: 23"}
              spellCheck={false}
              maxLength={2000}
            />
          </label>
          {problem("profile") !== null && (
            <p className="text-[13px] font-semibold text-tomato">{problem("profile")}</p>
          )}
        </div>
      )}
      {isPlain && form.shape !== "well" && (
        <div className="flex flex-wrap gap-2">
          <label className="min-w-36 flex-1">
            <span className="label block">Measured</span>
            <Choice
              label="Measured inside or outside"
              className="field pr-1"
              value={form.sizes}
              choices={[
                ["inside", "inside"],
                ["outside", "outside, over the lip"],
              ]}
              onChange={(sizes) => onChange({ sizes }, "sizes")}
            />
          </label>
          {canLean && (
            <label className="min-w-36 flex-1">
              <span className="label block">at the</span>
              <Choice
                label="Measured at the rim or the floor"
                className="field pr-1"
                value={form.sizesAt}
                choices={[
                  ["rim", "rim"],
                  ["floor", "floor"],
                ]}
                onChange={(sizesAt) => onChange({ sizesAt }, "sizesAt")}
              />
            </label>
          )}
        </div>
      )}
      <div className="flex flex-wrap gap-x-5">
        <Tick
          checked={form.looseBase}
          onChange={(looseBase) => onChange({ looseBase }, "looseBase")}
        >
          loose base
        </Tick>
        <Tick checked={form.lid} onChange={(lid) => onChange({ lid }, "lid")}>
          has a lid that is shut while baking
        </Tick>
      </div>
      {(usual.length > 0 || canLean) && (
        <More
          summary="Finer points; usual for its shape when left empty"
          isNeeded={[...usual, "taperDeg"].some((field) => problem(field) !== null)}
        >
          <div className="flex flex-wrap items-start gap-2 pt-1">
            {usual.map((field) => length(field, "usual"))}
            {canLean && (
              <div className="flex min-w-28 flex-1">
                <Field
                  label="Lean of the wall"
                  value={form.taper}
                  onChange={(taper) => onChange({ taper }, "taper")}
                  problem={problem("taperDeg")}
                  placeholder="usual"
                />
              </div>
            )}
          </div>
        </More>
      )}
      <WaterGuide form={form} problem={problem} units={units} onChange={onChange} />
    </div>
  );
}

type WaterGuideProps = {
  readonly form: TinForm;
  readonly units: Units;
  readonly problem: (path: string) => string | null;
  readonly onChange: TinFieldsProps["onChange"];
};

/** How to measure a tin with water on the kitchen scale. */
function WaterGuide({ form, problem, units, onChange }: WaterGuideProps) {
  const say = useSay();
  const isOdd = form.shape === "odd";
  return (
    <section
      aria-label="Measured with water"
      className="rounded-control border-[1.5px] border-line bg-white p-3"
    >
      <h2 className="text-[16px]">Measure it with water</h2>
      <ol className="mt-1 list-decimal pl-5 text-[14px] text-ink-2">
        <li>
          Stand it level on the scale
          {form.looseBase ? say`, its loose base lined with cling film,` : ""} and set the scale to
          0.
        </li>
        {form.shape === "well" ? (
          <li>Fill one cup, or all of them and divide.</li>
        ) : (
          <li>Pour water in until it trembles at the rim.</li>
        )}
        <li>{say`Write the grams here, or the millilitres.`}</li>
      </ol>
      <div className="mt-2 flex flex-wrap items-start gap-2">
        <div className="flex min-w-28 flex-1">
          <Field
            label={isOdd ? "Full to the brim" : "Full to the brim, if measured"}
            value={form.brim}
            onChange={(brim) => onChange({ brim }, "brim")}
            problem={problem("brimMl")}
            placeholder="1590 g"
          />
        </div>
        {!isOdd && (
          <div className="flex min-w-28 flex-1">
            <Field
              label="To half its depth"
              value={form.half}
              onChange={(half) => onChange({ half }, "half")}
              problem={problem("halfMl")}
              placeholder="finer still"
            />
          </div>
        )}
        <label className="min-w-28 flex-1">
          <span className="label block">Water was</span>
          <Choice
            label="Water was"
            className="field pr-1"
            value={form.waterHeat}
            choices={[
              ["cold", "cold"],
              ["warm", `hand warm, ${heatText(40, units)}`],
            ]}
            onChange={(waterHeat) => onChange({ waterHeat }, "waterHeat")}
          />
        </label>
      </div>
    </section>
  );
}
