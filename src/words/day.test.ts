import { expect, it } from "vitest";
import type { Doing } from "@/core/day";
import { METRIC } from ".";
import { doingText, holdText, wayOutText } from "./day";

const plain = (text: string): string => text.replaceAll(/[\u00a0\u202f]/gu, " ");

it.each<[Doing, string]>([
  [{ do: "soften-butter", for: "frosting" }, "Butter for the frosting out to soften"],
  [{ do: "warm-up", ovenC: 170 }, "Oven on at 170 °C"],
  [{ do: "prepare-tins", tins: 2 }, "Grease and line 2 tins"],
  [{ do: "step", text: "", isWait: false }, "Make the batter"],
  [
    { do: "step", text: "Cream the butter. Add the eggs one by one.", isWait: false },
    "Cream the butter",
  ],
  [{ do: "bake", tins: 2, load: 2, loads: 3 }, "Bake, door shut, load 2 of 3"],
  [{ do: "take-out", load: 1, loads: 1 }, "Take out"],
  [{ do: "turn-out", tins: 1 }, "Turn out the cake"],
  [{ do: "turn-out", tins: 2, isOnce: true }, "Turn out 2 cakes, and leave them as they fall"],
  [{ do: "off-oven", load: 1, loads: 1 }, "Oven off, the cake stays in"],
  [{ do: "cool", covered: true, overnight: true }, "Cool on the rack, covered, overnight"],
  [{ do: "cool", inTin: true }, "Cool in the tin"],
  [{ do: "make", what: "meringue-butter", massG: 770 }, "Make 770 g of meringue buttercream"],
  [{ do: "make", what: "curd", massG: 250 }, "Make 250 g of curd"],
  [{ do: "weigh", lines: 9 }, "Weigh 9 ingredients"],
  [
    { do: "weigh", lines: 1, part: { id: "p2", name: "Ginger syrup", times: 2 } },
    "Weigh 1 ingredient for: Ginger syrup",
  ],
  [{ do: "prepare-ingredient", how: "toast", name: "hazelnuts" }, "Toast the hazelnuts"],
  [{ do: "split-and-fill", gaps: 3 }, "Fill 3 gaps and stack"],
  [{ do: "split-and-fill", gaps: 3, isSplit: true }, "Split, fill 3 gaps and stack"],
  [{ do: "split-and-fill", gaps: 1, isSplit: true }, "Split, fill and stack"],
  [{ do: "split-and-fill", gaps: 1 }, "Fill and stack"],
])("%j is told as “%s”", (doing, text) => {
  expect(plain(doingText(doing, METRIC))).toBe(text);
});

it.each<[Parameters<typeof holdText>[0], string]>([
  [{ by: "task", id: "0.bake", isLink: false, isBefore: true }, "“Bake” is being done then"],
  [
    { by: "task", id: "0.bake", isLink: true, isBefore: true },
    "it goes with “Bake”, which comes before",
  ],
  [{ by: "task", id: "0.bake", isLink: true, isBefore: false }, "“Bake” has to follow in time"],
  [{ by: "away" }, "nobody is there then"],
  [{ by: "due" }, "it has to be done by then"],
  [{ by: "far-enough" }, "twelve hours ahead is enough"],
])("what holds a task, %j, is told as “%s”", (hold, text) => {
  expect(holdText(hold, "Bake")).toBe(text);
});

it.each<[Parameters<typeof wayOutText>[0], string]>([
  [{ change: "wanted-later", byMin: 45, boxes: {} }, "Wanted 45 min later"],
  [{ change: "begin-earlier", byMin: 90, boxes: {} }, "Begin the day 90 min earlier"],
  [{ change: "end-later", byMin: 60, boxes: {} }, "End the day 60 min later"],
  [{ change: "stay-in", boxes: {} }, "Stay in"],
  [{ change: "one-go", boxes: {} }, "All in one go"],
])("a way out, %j, is told as “%s”", (way, text) => {
  expect(plain(wayOutText(way))).toBe(text);
});

it("a long step is told by as much of it as stands on a line", () => {
  const long = doingText(
    {
      do: "step",
      text: "Fold the sifted flour and the poppy seeds into the whisked eggs in three goes with a large spoon so that nothing of the air is lost",
      isWait: false,
    },
    METRIC,
  );
  expect(long.length).toBeLessThanOrEqual(90);
  expect(long.endsWith("…")).toBe(true);
});
