// The boxes of what is done to a cake in the oven.
import * as z from "../zod";
import { boxed, good, bad, readMinutes, readTempC, type Result } from "../measure";
import { DURING, DuringOneSchema, MOST_DURING, type During } from "../recipe";
import type { ReadingHabit } from "./reading-habit";

/** At which minute of this bake, to which heat where that is set, and what is put on. */
export const DuringBoxesSchema = z
  .array(
    z.strictObject({
      do: z.enum(DURING),
      at: z._default(z.string().check(z.maxLength(40)), ""),
      to: z._default(z.string().check(z.maxLength(40)), ""),
      name: z._default(z.string().check(z.maxLength(120)), ""),
      ifNeeded: z._default(z.boolean(), false),
    }),
  )
  .check(z.maxLength(MOST_DURING));
export type DuringBoxes = z.infer<typeof DuringBoxesSchema>;

/** Something done in the oven, of which nothing is said yet. */
export const NEW_DURING = { at: "", to: "", name: "", ifNeeded: false } as const;

const { atMin: AtSchema, ovenC: HeatSchema } = DuringOneSchema.shape;

/** All of them as they are asked for; fails for the first minute or heat that can't be read. */
export function readDuring(boxes: DuringBoxes, habit: ReadingHabit): Result<[...During]> {
  const found: During[number][] = [];
  for (const [index, { do: what, at, to, name, ifNeeded }] of boxes.entries()) {
    const path = `during[${index}]`;
    if (at.trim() === "")
      return bad({ code: "missing", path: `${path}.duringAt`, expected: "minutes" });
    const atMin = boxed(`${path}.duringAt`, at, readMinutes, AtSchema, "minutes");
    if (!atMin.ok) return atMin;
    if (what === "heat" && to.trim() === "")
      return bad({ code: "missing", path: `${path}.duringTo`, expected: "heat" });
    const ovenC =
      what === "heat"
        ? boxed(`${path}.duringTo`, to, (text) => readTempC(text, habit.heat), HeatSchema, "heat")
        : good(undefined);
    if (!ovenC.ok) return ovenC;
    found.push({
      do: what,
      atMin: atMin.value,
      ...(ovenC.value === undefined ? {} : { ovenC: ovenC.value }),
      ...(what === "add" && name.trim() !== "" ? { name: name.trim() } : {}),
      ...(ifNeeded ? { ifNeeded: true as const } : {}),
    });
  }
  return good(found);
}
