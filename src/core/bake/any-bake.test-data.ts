import { tinGeometry, type Tin } from "../tin";
import type { BakeCase } from "./closed-form";

/** A bake in a tin for tests; a tin that is none fails the test. */
export function bake(tin: Tin, batterMl: number, ovenC = 177, isFan = false): BakeCase {
  const geometry = tinGeometry(tin);
  if (!geometry.ok) throw new Error(JSON.stringify(geometry.issue));
  return { geometry: geometry.value, batterMl, ovenC, isFan };
}

export const ROUND: Tin = { shape: "round", diameterMm: 203, depthMm: 51 };
