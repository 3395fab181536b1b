import { COLD_SPREADS, type Coating, type Stuff } from "../build";
import { KIND_FACTS, type BatterKind, type Keeping } from "../kind";

const keeping = (roomHours: number, fridgeDays: number, freezerMonths: number): Keeping => ({
  roomHours,
  fridgeDays,
  freezerMonths,
});

/** What a frosting allows at most. */
const FROSTED: Readonly<Record<Coating, Keeping>> = {
  "butter-and-sugar": keeping(72, 7, 3),
  "cream-cheese": keeping(2, 4, 2),
  "whipped-cream": keeping(2, 2, 1),
  "meringue-butter": keeping(24, 5, 2),
  "whipped-ganache": keeping(48, 5, 2),
  "boiled-fudge": keeping(96, 7, 3),
  "water-icing": keeping(72, 5, 3),
  marshmallow: keeping(24, 2, 0),
  jam: keeping(72, 7, 3),
  curd: keeping(2, 5, 2),
  custard: keeping(2, 3, 0),
  "pouring-ganache": keeping(48, 5, 2),
};

/**
 * What must be kept cold stands in the room for so long in all, hours; half of it above 32 °C.
 * Usual food-safety advice.
 */
export const COLD_ROOM_HOURS = 2;
/** Fresh fruit and a part with cream or egg, once they are on. */
const WITH_FRUIT = keeping(COLD_ROOM_HOURS, 3, 1);

/**
 * Why a cake must be kept cold: the cake itself, a spread on it, fresh fruit, or a part of its
 * recipe.
 */
export type ColdBecause = "kind" | "fruit" | "part" | Coating;

/** What keeping depends on. */
export type KeepingOf = {
  readonly kind: BatterKind;
  readonly on: readonly Stuff[];
  readonly hasFreshFruit: boolean;
  readonly hasColdPart: boolean;
};

/** The one reason that is told why a cake is kept cold; null for one that stands in the room. */
function coldBecause({ kind, on, hasFreshFruit, hasColdPart }: KeepingOf): ColdBecause | null {
  if (KIND_FACTS[kind].spoils) return "kind";
  const spread = COLD_SPREADS.find((each) => on.includes(each));
  if (spread !== undefined) return spread;
  if (hasFreshFruit) return "fruit";
  return hasColdPart ? "part" : null;
}

/**
 * How long a finished cake keeps: as long as its cake and everything on it do; two hours in the
 * room for what spoils.
 */
export function keepingOf(kept: KeepingOf): Keeping & { readonly because: ColdBecause | null } {
  const spreads = (Object.keys(FROSTED) as Coating[]).filter((spread) => kept.on.includes(spread));
  const because = coldBecause(kept);
  const all = [
    KIND_FACTS[kept.kind].keeping,
    ...spreads.map((spread) => FROSTED[spread]),
    ...(because === "fruit" || because === "part" ? [WITH_FRUIT] : []),
  ];
  const least = (of: (each: Keeping) => number): number => Math.min(...all.map(of));
  const roomHours = least((each) => each.roomHours);
  return {
    roomHours: because === null ? roomHours : Math.min(roomHours, COLD_ROOM_HOURS),
    fridgeDays: least((each) => each.fridgeDays),
    freezerMonths: least((each) => each.freezerMonths),
    because,
  };
}
