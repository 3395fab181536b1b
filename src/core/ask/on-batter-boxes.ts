// The boxes of what she puts under, in or on the raw batter herself.
import * as z from "../zod";
import {
  type FillSchema,
  hasUsualOnBatter,
  LaidOnBatterSchema,
  ON_BATTER,
  ON_BATTER_THINGS,
  type OnBatter,
} from "../fill";
import { bad, boxed, good, numberIn, readMassG, type Result } from "../measure";

const MOST_LAID = 8;
const short = z.string().check(z.maxLength(60));

/** How much is a weight in all tins together; as usual by area when it is empty. */
export const OnBatterBoxesSchema = z
  .array(
    z.strictObject({
      what: z.enum(ON_BATTER_THINGS),
      where: z.enum(ON_BATTER),
      name: z._default(short, ""),
      much: z._default(short, ""),
    }),
  )
  .check(z.maxLength(MOST_LAID));
export type OnBatterBoxes = z.infer<typeof OnBatterBoxesSchema>;

export const MARBLE_SHARES = ["none", "quarter", "third", "half"] as const;

/** Part of the batter made another colour and swirled in; `none` for most cakes. */
export const MarbleBoxesSchema = z.strictObject({
  share: z._default(z.enum(MARBLE_SHARES), "none"),
  with: z._default(short, ""),
  much: z._default(short, ""),
});
export type MarbleBoxes = z.infer<typeof MarbleBoxesSchema>;

const { massG: MassSchema } = LaidOnBatterSchema.shape;

const MarbledSchema = z.optional(numberIn(0, 2000, "g"));
type Marble = z.infer<typeof FillSchema>["marble"];

/** What is marbled in; nothing where no share of the batter is. */
export function readMarble({ share, with: name, much }: MarbleBoxes): Result<Marble> {
  if (share === "none") return good(undefined);
  const massG = boxed("marble.layMuch", much, readMassG, MarbledSchema, "weight");
  if (!massG.ok) return massG;
  return good({
    share,
    ...(name.trim() === "" ? {} : { with: name.trim() }),
    ...(massG.value === undefined ? {} : { massG: massG.value }),
  });
}

/** All of it as it is asked for; fails for the first amount or name that is missing or can't be read. */
export function readOnBatter(boxes: OnBatterBoxes): Result<OnBatter> {
  const found: OnBatter[number][] = [];
  for (const [index, { what, where, name, much }] of boxes.entries()) {
    const path = `onBatter[${index}]`;
    if (what === "own" && name.trim() === "")
      return bad({ code: "missing", path: `${path}.dressName`, expected: "text" });
    if (!hasUsualOnBatter(what) && much.trim() === "")
      return bad({ code: "missing", path: `${path}.layMuch`, expected: "weight" });
    const massG = boxed(`${path}.layMuch`, much, readMassG, MassSchema, "weight");
    if (!massG.ok) return massG;
    found.push({
      where,
      what,
      ...(what === "own" ? { name: name.trim() } : {}),
      ...(massG.value === undefined ? {} : { massG: massG.value }),
    });
  }
  return good(found);
}
