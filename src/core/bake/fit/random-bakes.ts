import { tinGeometry, volumeAt, type Material, type Tin } from "../../tin";
import type { BakeCase } from "../closed-form";

const MATERIALS: readonly Material[] = [
  "bright",
  "bright",
  "bright",
  "dark",
  "glass",
  "ceramic",
  "cast-iron",
];

/**
 * Bakes such as home kitchens have, at random: rounds, blocks, loaves, rings and cups of the usual
 * sizes and walls, filled a quarter to two thirds, 145 to 200 °C, one in four with a fan.
 * @param random from 0 up to 1
 */
export function randomBakes(count: number, random: () => number): readonly BakeCase[] {
  const between = (low: number, high: number): number => Math.round(low + (high - low) * random());
  const one = <T>(choices: readonly T[]): T => choices[Math.floor(random() * choices.length)] as T;
  const bakes: BakeCase[] = [];
  while (bakes.length < count) {
    const material = one(MATERIALS);
    const tins: readonly (() => Tin)[] = [
      () => ({ shape: "round", diameterMm: between(140, 300), depthMm: between(40, 80), material }),
      () => ({
        shape: "rectangle",
        lengthMm: between(250, 420),
        widthMm: between(160, 250),
        depthMm: between(25, 60),
        material,
      }),
      () => ({ shape: "square", sideMm: between(150, 280), depthMm: between(40, 65), material }),
      () => ({
        shape: "loaf",
        lengthMm: between(180, 300),
        widthMm: between(85, 130),
        depthMm: between(55, 75),
        material,
      }),
      () => ({
        shape: "fluted",
        diameterMm: between(200, 270),
        depthMm: between(70, 95),
        material,
      }),
      () => ({ shape: "tube", diameterMm: between(200, 270), depthMm: between(75, 110), material }),
      () => ({ shape: "well", rimMm: between(42, 85), depthMm: between(20, 45), material }),
    ];
    const geometry = tinGeometry(one(tins)());
    if (!geometry.ok) continue;
    const { value } = geometry;
    const batterMl = volumeAt(value, (0.25 + 0.4 * random()) * value.depthMm);
    bakes.push({ geometry: value, batterMl, ovenC: between(145, 200), isFan: random() < 0.25 });
  }
  return bakes;
}
