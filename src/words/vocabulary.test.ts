import { describe, expect, it } from "vitest";
import { workRecipe } from "@/core/plan";
import { pantryOf } from "@/core/pantry";
import { readRecipe } from "@/core/recipe";
import { ingredientText } from "./recipes";
import { KITCHEN_REGIONS, unitsOfRegion, type Region } from "./regions";
import { CALLED, foodName, sayIn } from "./vocabulary";

const saying = (region: Region) => sayIn(unitsOfRegion(region));

it("has a word for every thing in every region that has words of its own", () => {
  for (const [written, names] of CALLED)
    for (const region of KITCHEN_REGIONS)
      expect(region === "metric" ? written : names.get(region), written).toMatch(/\S/u);
});

describe("a sentence in a region's words", () => {
  it.each<[Region, string, string]>([
    ["us", "Tins in the tin", "Pans in the pan"],
    ["us", "Loaf tins, greased", "Loaf pans, greased"],
    ["us", "pasteurised, with the fan on", "pasteurized, on convection"],
    ["us", "a closed pot on the hob", "a closed pot on the stovetop"],
    ["canada", "Frosting of one colour", "Icing of one colour"],
    ["uk", "a dam of frosting in the tin", "a dam of icing in the tin"],
    ["australia", "a fan oven, cling film", "a fan-forced oven, cling wrap"],
    ["india", "Plain flour and starch", "Maida and starch"],
    ["metric", "tin, frosting, plain flour", "tin, frosting, plain flour"],
    ["us", "fantastic, tinted, centred", "fantastic, tinted, centred"],
    ["us", "Steady Tin", "Steady Tin"],
  ])("%s: %s", (region, written, said) => {
    expect(saying(region)(written)).toBe(said);
  });

  it("leaves alone what is put into it", () => {
    expect(saying("us")`${"Tin Roof"} in ${2} tins, ${"one of Nan's tins"}`).toBe(
      "Tin Roof in 2 pans, one of Nan's tins",
    );
  });

  it("says a word of the region again as it is", () => {
    for (const region of KITCHEN_REGIONS) {
      const say = saying(region);
      const once = say("tin, jug of water, fan oven, hob, cling film, worktop, grey colours");
      expect(say(once)).toBe(once);
    }
  });
});

describe("a food's name", () => {
  it.each<[Region, string, string]>([
    ["us", "double cream", "heavy cream"],
    ["uk", "double cream", "double cream"],
    ["india", "plain flour", "maida"],
    ["canada", "cornflour", "cornstarch"],
    ["us", "Nan's plain flour", "Nan's plain flour"],
    ["us", "constructor", "constructor"],
    ["us", "tin", "tin"],
  ])("%s: %s", (region, name, called) => {
    expect(foodName(name, unitsOfRegion(region))).toBe(called);
  });

  it.each<[Region, string, string]>([
    ["uk", "240 ml heavy cream", "heavy cream"],
    ["uk", "2 cups all-purpose flour, sifted", "all-purpose flour"],
    ["us", "200 g caster sugar", "caster sugar"],
    ["us", "250 g flour", "all-purpose flour"],
    ["metric", "250 g flour", "plain flour"],
    ["us", "3 eggs", "eggs"],
    ["india", "100 g soft brown sugar", "light brown sugar"],
  ])("in a recipe read in %s, %s is %s", (region, line, called) => {
    const reading = readRecipe(
      `Harbour cake\n\n${line}\n100 g butter\n\nBake for 30 minutes.`,
      pantryOf(),
    );
    if (!reading.ok) throw new Error("the recipe can't be read");
    const row = workRecipe(reading.value.doc, pantryOf()).part.rows[0];
    expect(row && ingredientText(row, unitsOfRegion(region))).toBe(called);
  });
});
