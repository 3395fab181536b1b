import { describe, expect, it } from "vitest";
import { pantryOf } from "../pantry";
import { readRecipe } from "../recipe";
import { dayCake } from "./day-detail";
import { parseCakeInput } from "./input";
import { planAnswer } from "./answer";
import { type Answer } from "./answer-schema";
import { planCake } from "./plan";
import { workRecipe } from "./recipe-facts";
import { workRequest } from "./request";

const LINES = [
  "230 g butter",
  "230 g caster sugar",
  "4 eggs",
  "230 g plain flour",
  "40 g hazelnuts, toasted",
  "2 tsp baking powder",
];
const STEPS = [
  "Cream the butter and sugar for 6 minutes.",
  "Beat in the eggs.",
  "Fold in the flour and nuts.",
];
const FROSTING = {
  role: "frosting",
  name: "Malt frosting",
  lines: ["150 g butter", "300 g icing sugar", "30 ml milk"],
  steps: ["Beat the butter for 4 minutes.", "Beat in the sugar and milk for 3 minutes."],
} as const;
const SYRUP = {
  role: "syrup",
  name: "Pear syrup",
  lines: ["60 g sugar", "60 ml water"],
  steps: ["Simmer the sugar and water for 4 minutes.", "Brush it over while the cake is warm."],
} as const;

const asked = {
  recipe: {
    lines: LINES,
    steps: STEPS,
    parts: [FROSTING, SYRUP],
    reference: {
      tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
      ovenC: 177,
      minutes: 34,
    },
  },
  tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
  finish: { cover: "top-and-sides", frosting: "butter-and-sugar" },
  day: { wantedAt: "2026-12-05T15:00" },
};

const requestOf = (recipe: Partial<(typeof asked)["recipe"]>): ReturnType<typeof workRequest> => {
  const input = parseCakeInput({ ...asked, recipe: { ...asked.recipe, ...recipe } });
  if (!input.ok) throw new Error(JSON.stringify(input.issue));
  return workRequest(input.value);
};

const answerOf = (recipe: Partial<(typeof asked)["recipe"]>): Answer => {
  const request = requestOf(recipe);
  const plan = planCake(request.input);
  const answer = plan.ok
    ? planAnswer(plan.value, request, {
        caution: () => "",
        built: () => "",
        remark: () => "",
        doing: (doing) => ("text" in doing ? doing.text : doing.do),
      })
    : plan;
  if (!answer.ok) throw new Error(JSON.stringify(answer.issue));
  return answer.value;
};

describe("the parts of a request's recipe", () => {
  it("plan the same day as the same words kept as a recipe", () => {
    const text = [
      "Malt layers",
      "",
      ...LINES,
      ...[FROSTING, SYRUP].flatMap(({ name, lines }) => ["", `${name}:`, ...lines]),
    ].join("\n");
    const read = readRecipe(text, pantryOf());
    if (!read.ok) throw new Error("no recipe");
    const { doc } = read.value;
    const steps = [STEPS, FROSTING.steps, SYRUP.steps];
    const kept = {
      ...doc,
      parts: doc.parts.map((part, at) => ({
        ...part,
        steps: (steps[at] ?? []).map((step, index) => ({ id: `s${index + 1}`, text: step })),
      })),
    };
    expect(kept.parts.map(({ role }) => role)).toEqual(["batter", "frosting", "syrup"]);
    const { input, formula, made } = requestOf({});
    const plan = planCake(input);
    if (!plan.ok) throw new Error(JSON.stringify(plan.issue));
    const ofKept = dayCake(input, plan.value, workRecipe(kept, pantryOf()).formula, {
      part: kept.parts[1]?.id ?? "",
      fillingPart: "",
    });
    const plain = ({ parts, ...rest }: typeof ofKept): unknown => ({
      ...rest,
      parts: parts.map(({ own, ...part }) => ({
        ...part,
        own: own === null ? null : { ...own, id: own.name },
      })),
    });
    expect(plain(dayCake(input, plan.value, formula, made))).toEqual(plain(ofKept));
    expect(ofKept).toMatchObject({
      lines: 6,
      prepares: [{ how: "toast" }],
      parts: [
        { goes: "over", own: { lines: 3 } },
        { goes: "onto-warm", own: { lines: 2 } },
      ],
    });
  });

  it("make the frosting in place of the usual one, and take their minutes in the day", () => {
    const [own, usual] = [answerOf({}), answerOf({ parts: [] })];
    expect(own.finish.frostingMade?.lines.map(({ name }) => name)).toEqual([
      "butter",
      "icing sugar",
      "milk",
    ]);
    expect(own.finish.massG).toBe(usual.finish.massG);
    const texts = (answer: Answer): readonly string[] =>
      answer.day?.tasks.map(({ text }) => text) ?? [];
    expect(texts(own)).toEqual(
      expect.arrayContaining([
        "Beat the butter for 4 minutes.",
        "Simmer the sugar and water for 4 minutes.",
      ]),
    );
    expect(texts(usual)).not.toContain("Beat the butter for 4 minutes.");
  });

  it("cost the weighing of every line of the batter, though they have become its weight", () => {
    const weighing = (recipe: Partial<(typeof asked)["recipe"]>): number =>
      answerOf(recipe).day?.tasks.find(({ id }) => id === "0.weigh")?.minutes ?? 0;
    const many = [...LINES, ...Array.from({ length: 12 }, (_, at) => `${at + 1} g cocoa powder`)];
    // About 20 s a line.
    expect(weighing({ lines: many }) - weighing({})).toBe(4);
  });

  it("can't be a second batter, and are named where they can't be read", () => {
    expect(
      parseCakeInput({
        ...asked,
        recipe: { ...asked.recipe, parts: [{ ...SYRUP, role: "batter" }] },
      }),
    ).toMatchObject({ ok: false, issue: { path: "recipe.parts[0].role" } });
    expect(
      parseCakeInput({ ...asked, recipe: { ...asked.recipe, parts: [{ ...SYRUP, grams: 4 }] } }),
    ).toMatchObject({ ok: false, issue: { code: "unknown-field" } });
  });
});

it("a request's batter is of the kind that its recipe is on the screen: its name speaks too", () => {
  const lines = ["170 g butter", "220 g plain flour", "250 g brown sugar", "2 eggs"];
  const request = (name: string) => {
    const input = parseCakeInput({ ...asked, recipe: { ...asked.recipe, name, lines, parts: [] } });
    if (!input.ok) throw new Error(JSON.stringify(input.issue));
    return workRequest(input.value).input.recipe.batter?.kind;
  };
  expect([request("Rigging loft blondies"), request("Rigging loft squares")]).toEqual([
    "brownie",
    "creamed",
  ]);
});
