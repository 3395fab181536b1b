import { describe, expect, it } from "vitest";
import { emptyRecipe, type RecipeDoc } from "@/core/recipe";
import {
  addLine,
  addPart,
  addStep,
  borrowPart,
  changeLine,
  changePart,
  changeStep,
  endOf,
  moveLine,
  moveStep,
  ownPart,
  removeLine,
  removePart,
  removeStep,
  stepToPart,
} from "./recipe-changes";

const doc: RecipeDoc = {
  ...emptyRecipe("Loaf"),
  parts: [
    {
      id: "p1",
      role: "batter",
      name: "Batter",
      steps: [
        { id: "s1", text: "Mix." },
        { id: "s2", text: "Bake." },
      ],
      lines: [
        { id: "l1", text: "a" },
        { id: "l2", text: "b" },
        { id: "l3", text: "c" },
      ],
    },
    { id: "p2", role: "syrup", name: "Syrup", steps: [], lines: [{ id: "l4", text: "d" }] },
  ],
};
const lines = (of: RecipeDoc): string =>
  of.parts.map((part) => part.lines.map(({ id, text }) => `${id}${text}`).join(" ")).join(" | ");
const steps = (of: RecipeDoc): string =>
  of.parts.map((part) => part.steps.map(({ id }) => id).join(" ")).join(" | ");

describe("changing a recipe", () => {
  it("changes, adds and takes out lines, with ids nobody has", () => {
    expect(lines(changeLine("l2", { text: "x" })(doc))).toBe("l1a l2x l3c | l4d");
    expect(lines(addLine("p2")(doc))).toBe("l1a l2b l3c | l4d l5");
    expect(lines(removeLine("l1")(doc))).toBe("l2b l3c | l4d");
    expect(
      changeLine("l2", { ingredient: undefined })(changeLine("l2", { ingredient: "egg" })(doc)),
    ).toEqual(doc);
  });

  it("moves lines up and down, within their part only", () => {
    expect(lines(moveLine("p1", "l1", "l3")(doc))).toBe("l2b l3c l1a | l4d");
    expect(lines(moveLine("p1", "l3", "l1")(doc))).toBe("l3c l1a l2b | l4d");
    expect(lines(moveLine("p1", "l1", "l4")(doc))).toBe(lines(doc));
  });

  it("moves steps within their part and to another, to its end too", () => {
    expect(steps(moveStep("s2", "s1")(doc))).toBe("s2 s1 | ");
    expect(steps(moveStep("s1", "s2")(doc))).toBe("s2 s1 | ");
    expect(steps(moveStep("s1", endOf("p1"))(doc))).toBe("s2 s1 | ");
    expect(steps(moveStep("s1", endOf("p2"))(doc))).toBe("s2 | s1");
    const two = addStep("p2")(doc);
    expect(steps(moveStep("s2", "s3")(two))).toBe("s1 | s2 s3");
    expect(steps(moveStep("s2", endOf("p2"))(two))).toBe("s1 | s3 s2");
    for (const nowhere of ["s9", endOf("p9")]) expect(moveStep("s1", nowhere)(doc)).toBe(doc);
    const used = {
      ...two,
      parts: two.parts.map((part) => ({ ...part, from: { recipe: "r", part: part.id } })),
    };
    expect(moveStep("s1", "s3")(used)).toBe(used);
  });

  it("uses a part of another recipe, and makes it its own", () => {
    const theirs = {
      id: "p7",
      role: "frosting",
      name: "Malt frosting",
      lines: [{ id: "l1", text: "150 g butter" }],
      steps: [{ id: "s1", text: "Beat." }],
    } as const;
    const used = borrowPart("malt", {
      ...theirs,
      lines: [...theirs.lines],
      steps: [...theirs.steps],
    })(doc);
    expect(used.parts[2]).toMatchObject({
      id: "p3",
      name: "Malt frosting",
      from: { recipe: "malt", part: "p7" },
      lines: [{ id: "p3-l1", text: "150 g butter" }],
      steps: [{ id: "p3-s1", text: "Beat." }],
    });
    expect(ownPart("p3")(used).parts[2]?.from).toBeUndefined();
  });

  it("says when a step is done and what it is, and lets its words say it again", () => {
    const first = (changed: RecipeDoc) => changed.parts[0]?.steps[0];
    const said = changeStep("s1", { stage: "cold", kind: "rest", minutes: 20 })(doc);
    expect(first(said)).toMatchObject({ stage: "cold", kind: "rest", minutes: 20 });
    const again = changeStep("s1", { stage: undefined, kind: undefined, minutes: undefined })(said);
    expect(first(again)).toEqual(first(doc));
  });

  it("takes a step that is put among those of another time to be done then", () => {
    const told = changeStep("s2", { stage: "hot" })(changeStep("s1", { stage: "before" })(doc));
    const after = moveStep("s1", "s2")(told).parts[0]?.steps;
    expect(after?.map(({ id, stage }) => [id, stage])).toEqual([
      ["s2", "hot"],
      ["s1", "hot"],
    ]);
    const cold = changeStep("s3", { stage: "cold" })(addStep("p2")(told));
    expect(moveStep("s1", "s3")(cold).parts[1]?.steps[0]).toEqual({
      id: "s1",
      text: "Mix.",
      stage: "cold",
    });
    expect(moveStep("s1", endOf("p2"))(cold).parts[1]?.steps[1]?.stage).toBe("cold");
  });

  it("gives a step to another part, where its time comes there", () => {
    const two = addStep("p2")(doc);
    expect(steps(stepToPart("s1", "p2")(two))).toBe("s2 | s3 s1");
    const cold = changeStep("s3", { stage: "cold" })(two);
    expect(steps(stepToPart("s1", "p2")(cold))).toBe("s2 | s1 s3");
    expect(stepToPart("s1", "p1")(doc)).toBe(doc);
    expect(stepToPart("s1", "nowhere")(doc)).toBe(doc);
    expect(stepToPart("nothing", "p2")(doc)).toBe(doc);
  });

  it("changes, adds and takes out steps and parts; the last part stays", () => {
    expect(steps(addStep("p2")(doc))).toBe("s1 s2 | s3");
    expect(steps(removeStep("s1")(doc))).toBe("s2 | ");
    expect(changeStep("s1", { text: "Stir." })(doc).parts[0]?.steps[0]?.text).toBe("Stir.");
    expect(addPart("frosting")(doc).parts[2]).toEqual({
      id: "p3",
      role: "frosting",
      name: "Frosting",
      lines: [],
      steps: [],
    });
    expect(changePart("p2", { name: "Soak", role: "soak" })(doc).parts[1]).toMatchObject({
      name: "Soak",
      role: "soak",
    });
    const one = removePart("p2")(doc);
    expect(removePart("p1")(one)).toBe(one);
  });
});
