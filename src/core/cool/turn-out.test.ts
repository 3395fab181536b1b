import { expect, it } from "vitest";
import type { BatterKind } from "../kind";
import { tinGeometry, type Tin } from "../tin";
import { oneWayOut, turnOut, turnsOf, type CoolRequest, type TurnOut, type Turns } from ".";

it.each<[BatterKind, Tin, TurnOut]>([
  ["creamed", { shape: "round", diameterMm: 200, depthMm: 50 }, { when: "after", minutes: 10 }],
  ["hot-liquid", { shape: "fluted", diameterMm: 250, depthMm: 90 }, { when: "after", minutes: 10 }],
  [
    "quick-loaf",
    { shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 },
    { when: "after", minutes: 15 },
  ],
  ["muffin", { shape: "well", rimMm: 70, depthMm: 32, count: 12 }, { when: "after", minutes: 5 }],
  [
    "chiffon",
    { shape: "tube", diameterMm: 250, depthMm: 100 },
    { when: "cold", isUpsideDown: true },
  ],
  ["chiffon", { shape: "round", diameterMm: 200, depthMm: 50 }, { when: "after", minutes: 10 }],
  [
    "baked-cheese",
    { shape: "springform", diameterMm: 230, depthMm: 65 },
    { when: "cold", isUpsideDown: false },
  ],
  [
    "creamed",
    { shape: "rectangle", lengthMm: 380, widthMm: 255, depthMm: 25 },
    { when: "cold", isUpsideDown: false },
  ],
])("a %s cake in %j is turned out %j", (kind, tin, expected) => {
  const geometry = tinGeometry(tin);
  if (!geometry.ok) throw new Error(JSON.stringify(geometry.issue));
  expect(turnOut(kind, geometry.value)).toEqual(expected);
});

it.each<[Tin, CoolRequest, Turns]>([
  [{ shape: "round", diameterMm: 200, depthMm: 50 }, {}, "twice"],
  [{ shape: "loaf", lengthMm: 216, widthMm: 114, depthMm: 65 }, {}, "twice"],
  [{ shape: "fluted", diameterMm: 250, depthMm: 90 }, {}, "once"],
  [{ shape: "springform", diameterMm: 230, depthMm: 65 }, {}, "no"],
  [{ shape: "well", rimMm: 70, depthMm: 32, count: 12 }, {}, "no"],
  [{ shape: "round", diameterMm: 200, depthMm: 50 }, { turned: "once" }, "once"],
  [{ shape: "round", diameterMm: 200, depthMm: 50 }, { stays: true }, "no"],
])("a cake in %j asked %j is turned %s", (tin, asked, turned) => {
  const geometry = tinGeometry(tin);
  if (!geometry.ok) throw new Error(JSON.stringify(geometry.issue));
  expect(turnsOf(geometry.value, turnOut("creamed", geometry.value, asked), asked)).toBe(turned);
});

it.each<[CoolRequest, string, string]>([
  [{ stays: true, inTinMin: 5 }, "inTinMin", "stays"],
  [{ until: "cold", inTinMin: 5 }, "inTinMin", "until"],
  [{ stays: true, until: "cold" }, "until", "stays"],
  [{ stays: true, turned: "twice" }, "turned", "stays"],
])("%j asks for two ways out", (asked, path, other) => {
  expect(oneWayOut(asked)).toEqual({
    ok: false,
    issue: { code: "contradicts", path, with: other },
  });
});

it("takes one way out, and all that goes with it", () => {
  for (const asked of [
    {},
    { stays: false, inTinMin: 5, turned: "once" },
    { stays: true, turned: "no" },
    { until: "cold", overnight: true, covered: true, offOvenMin: 10 },
  ] as const)
    expect(oneWayOut(asked)).toEqual({ ok: true, value: asked });
});

it("is asked for by minutes, by cold, or never, and that stands over what is usual", () => {
  const geometry = tinGeometry({ shape: "round", diameterMm: 200, depthMm: 50 });
  const tube = tinGeometry({ shape: "tube", diameterMm: 250, depthMm: 100 });
  if (!geometry.ok || !tube.ok) throw new Error("no tin");
  expect(turnOut("creamed", geometry.value, { inTinMin: 25 })).toEqual({
    when: "after",
    minutes: 25,
  });
  expect(turnOut("creamed", geometry.value, { until: "cold" })).toEqual({
    when: "cold",
    isUpsideDown: false,
  });
  expect(turnOut("creamed", geometry.value, { stays: true, inTinMin: 5 })).toEqual({
    when: "never",
  });
  // A foam in its tube still hangs when it is told to get cold in the tin.
  expect(turnOut("chiffon", tube.value, { until: "cold" })).toEqual({
    when: "cold",
    isUpsideDown: true,
  });
});
