import { describe, expect, it } from "vitest";
import type { Answer } from "./answer-schema";
import { OWN_WAYS, type OwnWay } from "./own-ways.test-data";
import { planFileAnswer } from "./plan-file";
import { FEW_WORDS } from "./answer-words.test-data";

type Name = keyof typeof OWN_WAYS;
type Planned = Answer & { readonly tasks: NonNullable<Answer["day"]>["tasks"] };

const known = new Map<Name, Planned>();
function planned(name: Name): Planned {
  const { text, asked = {} }: OwnWay = OWN_WAYS[name];
  const file = { recipe: { text }, day: { wantedAt: "2026-12-05T15:00" }, ...asked };
  const answer = planFileAnswer(file, FEW_WORDS);
  if (!answer.ok || !("bake" in answer.value)) throw new Error(JSON.stringify(answer));
  const found = known.get(name) ?? { ...answer.value, tasks: answer.value.day?.tasks ?? [] };
  known.set(name, found);
  return found;
}
const minuteOf = (at: string): number => Date.parse(`${at}:00Z`) / 60_000;
const says = ({ text, words }: Planned["tasks"][number]): string => `${text} ${words ?? ""}`;
function when(name: Name, words: string): number {
  const task = planned(name).tasks.find((each) => says(each).includes(words));
  if (task === undefined) throw new Error(`nothing of ${name} says “${words}”`);
  return minuteOf(task.from);
}
const isBefore = (name: Name, first: string, then: string): void =>
  expect(when(name, first)).toBeLessThan(when(name, then));

/** The sentences of the method: what stands after the last line of the ingredients. */
function methodOf(text: string): readonly string[] {
  return text
    .split("\n")
    .filter((line) => /[.!]$/u.test(line) && !/^(?:\d|For the (?:\w+): \d)/u.test(line))
    .flatMap((line) => line.split(/(?<=[.!])\s+/u))
    .filter((sentence) => !/^Serves/u.test(sentence));
}
const wordsOf = (text: string): string =>
  text
    .toLowerCase()
    .replaceAll(/[^\p{L}\d]+/gu, " ")
    .trim();

const ALL = Object.keys(OWN_WAYS) as readonly Name[];

describe.each(ALL)("%s, from her own words to its day", (name) => {
  it("leaves no sentence of its method on paper", () => {
    const said = wordsOf(planned(name).tasks.map(says).join(" "));
    for (const sentence of methodOf(OWN_WAYS[name].text))
      for (const clause of sentence.split(/\band bake\b|;|,(?= cover and cook)/u))
        expect(said).toContain(wordsOf(clause));
  });

  it("does nothing twice, and nothing that comes after the oven before it", () => {
    const { tasks } = planned(name);
    const told = tasks.map(({ text }) => text);
    expect(told).toEqual([...new Set(told)]);
    const out = Math.max(...["Take out"].map((words) => when(name, words)));
    for (const task of tasks) {
      if (["cold", "serve"].includes(task.stage) && !/^(?:Weigh|Make|Butter for)/u.test(task.text))
        expect(minuteOf(task.from), task.text).toBeGreaterThan(out - 60);
      if (task.stage === "oven" || /^(?:Fill (?:the|\d+) tin|Bake,)/u.test(task.text))
        expect(minuteOf(task.from), task.text).toBeLessThanOrEqual(out);
    }
  });
});

it.each([
  ["hotLiquidRounds", "top-and-sides", "marshmallow"],
  ["cupsAndLayers", "none", null],
  ["meltedSpread", "none", null],
  ["ringPound", "none", null],
  ["carrotLow", "naked", "cream-cheese"],
  ["skilletFruit", "none", null],
  ["stripsMarshmallow", "top-and-sides", "marshmallow"],
  ["whiteInDish", "none", null],
  ["crumbApple", "none", null],
  ["custardDrip", "top-and-sides", "butter-and-sugar"],
  ["carrotSheet", "top", "cream-cheese"],
  ["nutTop", "none", null],
  ["loafGanache", "none", null],
  ["upsideDown", "none", null],
] as const)("%s begins with its own frosting or none: %s", (name, cover, frosting) => {
  const { finish } = planned(name);
  expect(finish.cover).toBe(cover);
  if (frosting === null) expect(finish.massG).toBe(0);
  else expect(finish.frosting).toBe(frosting);
});

it.each([
  ["hotLiquidRounds", "tray-underneath", true],
  ["carrotLow", "keep-cold", true],
  ["stripsMarshmallow", "wet-strips", true],
  ["stripsMarshmallow", "raw-egg", true],
  ["mug", "mug", true],
  ["closedPot", "closed-pot", true],
  ["rootPudding", "raw-root", true],
  ["rootPudding", "freezing", true],
  ["loafGanache", "alcohol", true],
  ["nutTop", "whole-nuts", true],
  // What was baked is cake.
  ["upsideDown", "keep-cold", false],
  ["crumbApple", "keep-cold", false],
] as const)("%s warns of %s: %s", (name, code, is) => {
  expect(planned(name).cautions.some((caution) => caution.code === code)).toBe(is);
});

describe("each as its baker really makes it", () => {
  it("the batter of cups bakes as layers by the recipe's own words for them", () => {
    expect(planned("cupsAndLayers").bake.tins[0]?.likelyMin).toBeGreaterThanOrEqual(24);
    expect(planned("cupsAndLayers").bake.tins[0]?.likelyMin).toBeLessThanOrEqual(28);
  });

  it("icing for the hot cake is poured within minutes of the oven, chips strewn while it is hot", () => {
    const out = when("meltedSpread", "Take out");
    expect(when("meltedSpread", "Pour the icing") - out).toBeLessThanOrEqual(10);
    expect(when("meltedSpread", "of chips") - out).toBeLessThanOrEqual(17);
    isBefore("meltedSpread", "Weigh 4 ingredients for: Icing", "Pour the icing");
  });

  it("a ring is dusted warm, when it is turned out", () => {
    expect(when("ringPound", "dust with icing sugar") - when("ringPound", "Take out")).toBeLessThan(
      30,
    );
  });

  it("a skillet stays covered overnight, its fruit pressed in before the oven", () => {
    isBefore("skilletFruit", "Press the plum halves", "Bake, door shut");
    isBefore("skilletFruit", "Bake, door shut", "covered, overnight");
  });

  it("what stays in its dish is never turned out", () => {
    for (const name of ["whiteInDish", "meltedSpread", "rootPudding"] as const)
      expect(planned(name).tasks.some(({ text }) => text.startsWith("Turn out"))).toBe(false);
  });

  it("a mug holds what it says, and is cooked for its seconds", () => {
    expect(planned("mug").fill.tins[0]?.brimMl).toBeCloseTo(350, -1);
    expect(planned("mug").bake.tins[0]?.likelyMin).toBeLessThan(2);
    expect(planned("mug").mix.massG).toBeLessThan(200);
  });

  it("crumble and floor are weighed for themselves, and take their room in the tin", () => {
    isBefore("crumbApple", "for: Crumble", "Scatter the crumble");
    isBefore("upsideDown", "for: Floor", "Bake, door shut");
    for (const name of ["crumbApple", "upsideDown"] as const) {
      const [tin] = planned(name).fill.tins;
      const area = Math.PI * 11.5 ** 2;
      // Deeper than its batter alone would stand.
      expect(tin?.depthMm ?? 0).toBeGreaterThan(((tin?.batterMl ?? 0) / area) * 10 + 5);
      expect(tin?.verdict).not.toBe("overflows");
    }
  });

  it("a drip runs over the coat, not under it", () => {
    isBefore("custardDrip", "Sandwich and cover", "Drip the chocolate");
    isBefore("custardDrip", "Final coat", "Drip the chocolate");
    expect(when("custardDrip", "Turn out") - when("custardDrip", "Take out")).toBeLessThan(10);
  });

  it("of two tins each has its own minutes, and a pot its first look", () => {
    const [square, loaf] = planned("twoTins").bake.tins;
    expect(square?.firstLookMin).not.toBe(loaf?.firstLookMin);
    expect(planned("closedPot").bake.tins[0]?.firstLookMin).toBe(30);
  });

  it("three tins by weight have the same in each", () => {
    expect(planned("threeByWeight").fill.tins).toHaveLength(1);
    expect(planned("threeByWeight").fill.tins[0]?.batterG).toBeCloseTo(604, -1);
  });
});
