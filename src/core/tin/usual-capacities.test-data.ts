import { US_CUP_ML } from "../measure";
import { readTin } from "./read-text";
import { brimVolume } from "./volume";
import { tinGeometry } from "./water";

/** What kitchen tables usually give for tins sold by their inches, US cups to the brim. */
export const USUAL_CAPACITIES: readonly (readonly [tin: string, cups: number])[] = [
  ["6 x 2 in round", 4],
  ["8 x 1.5 in round", 4],
  ["8 x 2 in round", 6],
  ["9 x 1.5 in round", 6],
  ["9 x 2 in round", 8],
  ["10 x 2 in round", 11],
  ["9 x 2.5 in springform", 10],
  ["9 x 3 in springform", 12],
  ["10 x 2.5 in springform", 12],
  ["8 x 8 x 1.5 in square", 6],
  ["8 x 8 x 2 in square", 8],
  ["9 x 9 x 1.5 in square", 8],
  ["9 x 9 x 2 in square", 10],
  ["10 x 10 x 2 in square", 12],
  ["11 x 7 x 2 in rectangle", 8],
  ["13 x 9 x 2 in rectangle", 14],
  ["15.5 x 10.5 x 1 in rectangle", 10],
  ["8 x 4 x 2.5 in loaf", 4],
  ["8.5 x 4.5 x 2.5 in loaf", 6],
  ["9 x 5 x 3 in loaf", 8],
  ["9 x 3 in tube", 12],
  ["10 x 4 in tube", 16],
  ["7.5 x 3 in fluted ring", 6],
  ["10 x 3.5 in fluted ring", 12],
  ["8.5 x 2.25 in ring", 4.5],
  ["8 x 2.5 in heart", 8],
  ["1 cup 2.75 x 1.375 in", 0.4],
  ["1 cup 3 x 1.25 in", 0.5],
  ["1 cup 1.75 x 0.75 in", 0.125],
];

export type CapacityCompared = {
  readonly tin: string;
  readonly usualMl: number;
  readonly oursMl: number;
  readonly ratio: number;
};

/** Each usual capacity beside ours for the same inside sizes; `ratio` is usual over ours. */
export function comparedCapacities(): readonly CapacityCompared[] {
  return USUAL_CAPACITIES.map(([tin, cups]) => {
    const read = readTin(tin, "us");
    if (!read.ok) throw new RangeError(`${tin}: ${JSON.stringify(read.issue)}`);
    const geometry = tinGeometry(read.value.tin);
    if (!geometry.ok) throw new RangeError(`${tin}: ${JSON.stringify(geometry.issue)}`);
    const oursMl = brimVolume(geometry.value);
    return { tin, usualMl: cups * US_CUP_ML, oursMl, ratio: (cups * US_CUP_ML) / oursMl };
  });
}

/** The usual value over ours that lies in the middle. */
export function middleRatio(rows: readonly CapacityCompared[]): number {
  return (
    rows.map(({ ratio }) => ratio).toSorted((a, b) => a - b)[Math.floor(rows.length / 2)] ??
    Number.NaN
  );
}

/** Further than this from the middle is a plain disagreement. */
export const FAR_OFF = 0.15;

/** The page `docs/tin-capacities.md`. */
export function capacitiesPage(): string {
  const rows = comparedCapacities();
  const middle = middleRatio(rows);
  const cups = (ml: number): string => (ml / US_CUP_ML).toFixed(ml < 200 ? 2 : 1);
  const far = rows.filter(({ ratio }) => Math.abs(ratio / middle - 1) > FAR_OFF);
  return [
    "# What tins hold: our figures beside the usual tables",
    "",
    "Our figure is the geometric brim of the inside sizes, with the usual lean, corners and fillet of the shape. The usual figure is what kitchen tables give for a tin sold by those inches. This page is written by `npm run capacities`; a test fails when it is out of date.",
    "",
    "| tin | ours, mL | ours, US cups | usual, US cups | usual over ours |",
    "|---|---:|---:|---:|---:|",
    ...rows.map(
      ({ tin, usualMl, oursMl, ratio }) =>
        `| ${tin} | ${Math.round(oursMl)} | ${cups(oursMl)} | ${cups(usualMl)} | ${ratio.toFixed(2)}${far.some((each) => each.tin === tin) ? " *" : ""} |`,
    ),
    "",
    `In the middle the usual figure is ${middle.toFixed(2)} of ours. Rows marked * lie more than ${FAR_OFF * 100} % from that middle: ${far.length} of ${rows.length}.`,
    "",
    "## Why they differ",
    "",
    "- Usual tables are rounded to whole cups, and measured a little below the brim, since a tin brimful can't be carried.",
    "- Inches are often those outside the lip: a 9 in tin may be 225 mm inside. Say on the tin's page that its sizes are outside ones, and wall and lip are taken off.",
    "- Loaf tins, rings and fluted rings of one nominal size differ most in lean and in the width of their tube.",
    "- A few entries of the usual tables are plain wrong: the 8 x 1.5 in round is given two thirds of what the 2 in one is given, and by depth alone holds three quarters of it.",
    "",
    "A measured inside size wins over a table, and a jug of water on the kitchen scale wins over both.",
    "",
  ].join("\n");
}
