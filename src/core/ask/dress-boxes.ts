// The boxes of what is put on a cake hot, warm or cold.
import * as z from "../zod";
import {
  DRESSED_WHEN,
  DRESSINGS,
  DressSchema,
  isCounted,
  MOST_DRESSED,
  type Dress,
} from "../finish";
import { bad, boxed, good, readMassG, readNumber, type Result } from "../measure";

/** How much is a weight, or a number of pieces; as usual for what it is when empty. */
export const DressBoxesSchema = z
  .array(
    z.strictObject({
      what: z.enum(DRESSINGS),
      when: z.enum(DRESSED_WHEN),
      name: z._default(z.string().check(z.maxLength(60)), ""),
      much: z._default(z.string().check(z.maxLength(40)), ""),
      poked: z._default(z.boolean(), false),
    }),
  )
  .check(z.maxLength(MOST_DRESSED));
export type DressBoxes = z.infer<typeof DressBoxesSchema>;

/** Something put on, of which there is no one yet. */
export const NEW_DRESS = { name: "", much: "", poked: false } as const;

/** One of them as it is asked for; fails for an amount that can't be read or does not fit. */
export function readDress(box: DressBoxes[number], index: number): Result<Dress> {
  const { what, when, name, much, poked } = box;
  const path = `dress[${index}]`;
  const called = name.trim();
  if (what === "own" && called === "")
    return bad({ code: "missing", path: `${path}.dressName`, expected: "text" });
  if (what === "own" && much.trim() === "")
    return bad({ code: "missing", path: `${path}.dressMuch`, expected: "weight" });
  const base: Dress = {
    what,
    when,
    ...(what === "own" ? { name: called } : {}),
    ...(poked ? { poked } : {}),
  };
  if (much.trim() === "") return good(base);
  const isNumber = isCounted(what) && readNumber(much) !== null;
  const read = isNumber ? readNumber : readMassG;
  const schema = isNumber ? DressSchema.shape.count : DressSchema.shape.massG;
  const amount = boxed(`${path}.dressMuch`, much, read, schema, "amount");
  if (!amount.ok) return amount;
  return good({ ...base, ...(isNumber ? { count: amount.value } : { massG: amount.value }) });
}
