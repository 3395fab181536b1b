import { describe, expect, it } from "vitest";
import {
  inRadius,
  movedArea,
  outlineAt,
  planMask,
  solidArea,
  tinGeometry,
  type Outline,
  type Tin,
} from ".";

function outline(tin: Tin): Outline {
  const geometry = tinGeometry(tin);
  if (!geometry.ok) throw new Error(JSON.stringify(geometry.issue));
  return outlineAt(geometry.value, 30);
}

const ROUND = outline({ shape: "springform", diameterMm: 200, depthMm: 60, taperDeg: 0 });
const BLOCK = outline({
  shape: "rectangle",
  lengthMm: 300,
  widthMm: 200,
  depthMm: 60,
  taperDeg: 0,
  cornerMm: 0,
});
const RING = outline({ shape: "tube", diameterMm: 240, depthMm: 100, tubeMm: 70, taperDeg: 0 });

describe("an outline moved", () => {
  it("outwards is A + P·t + πt²", () => {
    expect(movedArea(ROUND, 8)).toBeCloseTo(Math.PI * 108 ** 2, 6);
    expect(movedArea(BLOCK, 10)).toBeCloseTo(320 * 220 - (4 - Math.PI) * 100, 6);
    expect(movedArea(RING, 5)).toBeCloseTo(Math.PI * (125 ** 2 - 30 ** 2), 6);
  });

  it("inwards is what is left, and nothing once it is closed", () => {
    expect(movedArea(ROUND, -15)).toBeCloseTo(Math.PI * 85 ** 2, 6);
    expect(movedArea(BLOCK, -15)).toBeCloseTo(270 * 170, 6);
    expect(movedArea(RING, -10)).toBeCloseTo(Math.PI * (110 ** 2 - 45 ** 2), 6);
    expect(movedArea(BLOCK, -100)).toBe(0);
    expect(movedArea(RING, -60)).toBe(0);
  });

  it("closes at half its width", () => {
    expect(inRadius(ROUND)).toBeCloseTo(100, 6);
    expect(inRadius(BLOCK)).toBeCloseTo(100, 6);
    expect(inRadius(RING)).toBeCloseTo(85 / 2, 6);
    const sail: Tin = { shape: "triangle", sideMm: 300, depthMm: 60, taperDeg: 0, cornerMm: 0 };
    expect(inRadius(outline(sail))).toBeCloseTo(300 / (2 * Math.sqrt(3)), 6);
  });

  it.each<[string, Tin]>([
    ["hexagon", { shape: "hexagon", widthMm: 220, depthMm: 60, taperDeg: 0 }],
    ["triangle", { shape: "triangle", sideMm: 300, depthMm: 60, taperDeg: 0, cornerMm: 0 }],
    ["oval", { shape: "oval", lengthMm: 280, widthMm: 190, depthMm: 60, taperDeg: 0 }],
  ])("inwards on a %s is what points 12 mm from the edge count", (_name, tin) => {
    const geometry = tinGeometry(tin);
    const mask = geometry.ok ? planMask(geometry.value, 30) : null;
    if (mask === null) throw new Error("no mask");
    // Points whose circle of 12 mm is all inside, on a grid of 2 mm.
    const around = Array.from(
      { length: 24 },
      (_, turn) =>
        [12 * Math.cos((turn * Math.PI) / 12), 12 * Math.sin((turn * Math.PI) / 12)] as const,
    );
    let count = 0;
    for (let x = -mask.halfLengthMm; x <= mask.halfLengthMm; x += 2) {
      for (let y = -mask.halfWidthMm; y <= mask.halfWidthMm; y += 2)
        if (around.every(([dx, dy]) => mask.isInside(x + dx, y + dy))) count += 1;
    }
    expect(movedArea(outline(tin), -12) / (4 * count)).toBeCloseTo(1, 1.7);
    expect(solidArea(outline(tin))).toBeGreaterThan(movedArea(outline(tin), -12));
  });

  it.each<[string, Tin]>([
    ["hexagon", { shape: "hexagon", widthMm: 220, depthMm: 60, taperDeg: 0 }],
    ["triangle", { shape: "triangle", sideMm: 300, depthMm: 60, taperDeg: 0, cornerMm: 0 }],
    ["oval", { shape: "oval", lengthMm: 280, widthMm: 190, depthMm: 60, taperDeg: 0 }],
  ])("outwards on a %s is what points within 12 mm of it count", (_name, tin) => {
    const geometry = tinGeometry(tin);
    const mask = geometry.ok ? planMask(geometry.value, 30) : null;
    if (mask === null) throw new Error("no mask");
    const around = Array.from(
      { length: 48 },
      (_, turn) =>
        [12 * Math.cos((turn * Math.PI) / 24), 12 * Math.sin((turn * Math.PI) / 24)] as const,
    );
    let count = 0;
    for (let x = -mask.halfLengthMm - 14; x <= mask.halfLengthMm + 14; x += 2) {
      for (let y = -mask.halfWidthMm - 14; y <= mask.halfWidthMm + 14; y += 2)
        if (mask.isInside(x, y) || around.some(([dx, dy]) => mask.isInside(x + dx, y + dy)))
          count += 1;
    }
    expect(movedArea(outline(tin), 12) / (4 * count)).toBeCloseTo(1, 1.7);
  });
});
