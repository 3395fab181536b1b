import { COLD_SPREADS, type Spread, type Stuff } from "../build";
import type { BatterKind } from "../mix";

/** How long a cake keeps, from when it is finished: hours in the room, days in the fridge, months in the freezer; 0 for not there. */
export type Keeping = { readonly roomHours: number; readonly fridgeDays: number; readonly freezerMonths: number };

const keeping = (roomHours: number, fridgeDays: number, freezerMonths: number): Keeping => ({ roomHours, fridgeDays, freezerMonths });

/** Plain cakes by kind, wrapped. Judgement from general kitchen practice; local food rules come first. */
const PLAIN: Readonly<Record<BatterKind, Keeping>> = {
  creamed: keeping(72, 6, 3), oil: keeping(96, 7, 3), "hot-liquid": keeping(96, 7, 3), whisked: keeping(48, 4, 2), chiffon: keeping(72, 5, 2), "white-foam": keeping(72, 5, 2),
  "folded-whites": keeping(48, 4, 2), pound: keeping(120, 8, 4), "quick-loaf": keeping(72, 6, 3), muffin: keeping(48, 4, 3), "rich-fruit": keeping(1440, 90, 12), brownie: keeping(96, 7, 3),
  "baked-cheese": keeping(2, 4, 1),
};

/** What a frosting allows at most. */
const FROSTED: Readonly<Record<Spread, Keeping>> = {
  "butter-and-sugar": keeping(72, 7, 3), "cream-cheese": keeping(2, 4, 2), "whipped-cream": keeping(2, 2, 1), "meringue-butter": keeping(24, 5, 2), "whipped-ganache": keeping(48, 5, 2),
  "boiled-fudge": keeping(96, 7, 3), "water-icing": keeping(72, 5, 3), jam: keeping(72, 7, 3), curd: keeping(2, 5, 2), custard: keeping(2, 3, 0), "pouring-ganache": keeping(48, 5, 2),
};

/** How long a finished cake keeps: as long as its cake and everything on it do; two hours in the room for what spoils. */
export function keepingOf(kind: BatterKind, on: readonly Stuff[]): Keeping & { readonly isCold: boolean } {
  const spreads = (Object.keys(FROSTED) as Spread[]).filter((spread) => on.includes(spread));
  const least = (of: (keeping: Keeping) => number): number => Math.min(of(PLAIN[kind]), ...spreads.map((spread) => of(FROSTED[spread])));
  const isCold = kind === "baked-cheese" || spreads.some((spread) => COLD_SPREADS.includes(spread));
  return { roomHours: least((each) => each.roomHours), fridgeDays: least((each) => each.fridgeDays), freezerMonths: least((each) => each.freezerMonths), isCold };
}
