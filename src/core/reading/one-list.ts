// What stands in one list under a part's name is for one part.
import { group } from "d3-array";
import { partRole, type PartRole } from "../recipe";
import type { PartedMention } from "./lines-told";

/** What may be strewn over the cake though it stands in the list of its frosting. */
const STREWN = /\b(?:nuts?|fruit|berry|seed|chocolate|coconut|inclusion|sprinkles|dried|peel)/u;

const FOR_TOP = /\b(?:for|to) (?:the )?(?:top|decorat|sprinkl|scatter|garnish)/iu;

const isStrewn = ({ placed: { mention } }: PartedMention): boolean =>
  STREWN.test(`${mention.ingredient?.group ?? "other"} ${mention.ingredient?.id ?? ""}`);

/** Fruit, nuts, juice and spice: nothing that a frosting or a filling is made of. */
const LAID = /\b(?:nuts?|fruit|berry|seed|dried|coconut|acid|spice|flavouring)\b/u;
const isLaid = ({ placed: { mention } }: PartedMention): boolean =>
  LAID.test((mention.ingredient?.group ?? "").replaceAll("-", " "));

/** Labels that a list is often torn between. */
const TORN: readonly PartRole[] = ["frosting", "topping", "syrup"];

/**
 * Chocolate and cream under "For the ganache" are both frosting or both topping: as most of what
 * makes it up, or as its name says where they are even. Nuts may go on top.
 */
export function ofOneMind(mentions: readonly PartedMention[]): readonly PartedMention[] {
  const rows = mentions.filter(({ placed }) => placed.isRow);
  const lists = group(
    rows.filter(({ part }) => TORN.includes(part)),
    ({ placed }) => placed.heading,
  );
  const settled = new Map<PartedMention, PartRole>();
  // Fruit with a squeeze of lemon, headed "Topping", is all laid on.
  for (const [heading, list] of group(rows, ({ placed }) => placed.heading))
    if (partRole(heading) === "topping" && list.every(isLaid))
      for (const each of list) if (each.part !== "topping") settled.set(each, "topping");
  for (const [heading, list] of lists) {
    const own = partRole(heading);
    const makers = list.filter((each) => !isStrewn(each));
    if (own !== "frosting" && own !== "topping") continue;
    const count = (role: PartRole): number => makers.filter(({ part }) => part === role).length;
    const over = count("frosting") - count("topping");
    const whole = over === 0 ? own : over > 0 ? "frosting" : "topping";
    for (const each of list) {
      const isOnTop = each.part !== "frosting" || FOR_TOP.test(each.placed.chunk.text);
      const part = isStrewn(each) && isOnTop ? "topping" : whole;
      if (each.part !== part && makers.length > 0) settled.set(each, part);
    }
  }
  return mentions.map((each) => {
    const part = settled.get(each);
    return part === undefined ? each : { ...each, part, isPartSure: false };
  });
}
