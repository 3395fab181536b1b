import { describe, expect, it } from "vitest";
import { FIRST_QUESTION } from "@/core/ask";
import { askHref } from "./ask-address";
import { arrivedAt, toldOf } from "./question-in-address";

describe("the bench's question in the address", () => {
  it("is what the address says, and as at the start where it says nothing", () => {
    expect(arrivedAt("tins=15+cm;12+cups&fan=true").question).toEqual({
      ...FIRST_QUESTION,
      tins: ["15 cm", "12 cups"],
      fan: true,
    });
    expect(arrivedAt("").question).toEqual(FIRST_QUESTION);
  });

  it("survives the way into the address and back", () => {
    const question = {
      ...FIRST_QUESTION,
      recipe: "Rhubarb & custard cups; large",
      tins: ["2 x 20 x 5 cm", "18 cm; deep"],
      heat: "gas 4",
      minutes: "40 min",
      look: "32 min",
      weight: "900 g",
      volume: "1 L",
      eggG: 50,
      piecesMl: 120,
      recipePortions: 16,
      also: [
        { from: "12 cups + 20 cm round", heat: "", minutes: "18 min" },
        { from: "33 x 23 cm", heat: "160 °C", minutes: "30 min", fan: true },
      ],
      recipeOn: [{ where: "floor" as const, massG: 280, volumeMl: 408 }],
      recipeDuring: [
        { do: "heat" as const, atMin: 10, ovenC: 160 },
        { do: "foil" as const, atMin: 30, ifNeeded: true as const },
        { do: "add" as const, atMin: 40, name: "Seeds on. Quickly" },
      ],
      turned: "once" as const,
      offOven: "20 min",
      coolsOvernight: true,
      cover: "as-recipe" as const,
      frosted: {
        like: "cream-cheese" as const,
        over: "naked" as const,
        part: "p2",
        name: "Mrs. Pike's icing",
        massG: 312,
      },
      worn: [
        {
          part: "p3",
          role: "topping" as const,
          name: "No. 7 drip",
          like: "pouring-ganache" as const,
          as: "drips" as const,
          massG: 199,
        },
      ],
    };
    const { question: back } = arrivedAt(
      new URL(askHref(question), "http://kitchen.example").search,
    );
    expect(back).toEqual({ ...question, tins: ["2 x 20 x 5 cm", "18 cm  deep"] });
  });

  it("takes no figures that no recipe has", () => {
    expect(
      arrivedAt(
        "eggG=4&piecesMl=-3&recipePortions=9000&recipeOn=top.x;in.9.9&recipeDuring=spin.20;turn.-3&turned=thrice&worn=p3.batter.jam.drips.9.X",
      ).question,
    ).toEqual(FIRST_QUESTION);
  });

  it("keeps what is typed when the router tells of an earlier address late, or skips one", () => {
    const typed = {
      ...arrivedAt(""),
      question: { ...FIRST_QUESTION, heat: "170 °C" },
      written: ["heat=160", "heat=165", "heat=170"],
    };
    const late = toldOf(typed, "heat=160");
    expect(late.question).toBe(typed.question);
    expect(late.written).toEqual(["heat=165", "heat=170"]);
    const skipped = toldOf(typed, "heat=170");
    expect(skipped.question).toBe(typed.question);
    expect(skipped.written).toEqual([]);
  });

  it("gives way to an address somebody went to", () => {
    const typed = {
      ...arrivedAt("heat=170"),
      question: { ...FIRST_QUESTION, heat: "175" },
      written: ["heat=175"],
    };
    expect(toldOf(typed, "")).toEqual(arrivedAt(""));
  });
});
