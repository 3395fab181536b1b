// What stands in one list under a part's name is for one part.
import { group } from "d3-array";
import { partRole, type PartRole } from "../recipe";
import type { PartedMention } from "./lines-told";

/** What may be strewn over the cake though it stands in the list of its frosting. */
const STREWN = /\b(?:nuts?|fruit|berry|seed|chocolate|coconut|inclusion|sprinkles|dried|peel)/u;

const isStrewn = ({ placed: { mention } }: PartedMention): boolean =>
  STREWN.test(`${mention.ingredient?.group ?? "other"} ${mention.ingredient?.id ?? ""}`);

/** Labels that a list is often torn between. */
const TORN: readonly PartRole[] = ["frosting", "topping"];

/**
 * Chocolate and cream under "For the ganache" are both frosting or both topping: as most of what
 * makes it up, or as its name says where they are even. Nuts may go on top.
 */
export function ofOneMind(mentions: readonly PartedMention[]): readonly PartedMention[] {
  const lists = group(
    mentions.filter(({ placed, part }) => placed.isRow && TORN.includes(part)),
    ({ placed }) => placed.heading,
  );
  const settled = new Map<PartedMention, PartRole>();
  for (const [heading, list] of lists) {
    const own = partRole(heading);
    const makers = list.filter((each) => !isStrewn(each));
    if (own === null || !TORN.includes(own) || makers.length === 0) continue;
    const over = 2 * makers.filter(({ part }) => part === "frosting").length - makers.length;
    const whole = over === 0 ? own : over > 0 ? "frosting" : "topping";
    for (const each of list)
      if (each.part !== whole && !(isStrewn(each) && each.part === "topping"))
        settled.set(each, whole);
  }
  return mentions.map((each) => {
    const part = settled.get(each);
    return part === undefined ? each : { ...each, part, isPartSure: false };
  });
}
