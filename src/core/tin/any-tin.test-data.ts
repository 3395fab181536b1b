import fc from "fast-check";
import { tinGeometry } from "./water";
import type { Tin } from "./shapes";

const mm = (min: number, max: number): fc.Arbitrary<number> => fc.integer({ min, max });
const depthMm = mm(20, 120);
const material = fc.constantFrom("bright", "dark", "glass", "ceramic", "silicone", "cast-iron");

/** Any tin of a size somebody could own, all shapes, that the geometry accepts. */
export const anyTin: fc.Arbitrary<Tin> = fc
  .oneof(
    fc.record({
      shape: fc.constantFrom("round", "springform", "dome", "skillet", "ramekin", "mug"),
      diameterMm: mm(100, 350),
      depthMm,
      material,
    }),
    fc.record({
      shape: fc.constantFrom("square", "triangle"),
      sideMm: mm(100, 350),
      depthMm,
      material,
    }),
    fc.record({
      shape: fc.constantFrom("rectangle", "loaf", "oval"),
      lengthMm: mm(150, 450),
      widthMm: mm(90, 350),
      depthMm,
      material,
    }),
    fc.record({
      shape: fc.constantFrom("heart", "hexagon"),
      widthMm: mm(100, 350),
      depthMm,
      material,
    }),
    fc.record({
      shape: fc.constantFrom("ring", "tube", "fluted"),
      diameterMm: mm(180, 300),
      depthMm,
      material,
    }),
    fc.record({
      shape: fc.constant("odd"),
      brimMl: mm(300, 4000),
      depthMm: fc.option(mm(30, 90), { nil: undefined }),
      material,
    }),
    fc
      .record({
        widths: fc.array(mm(60, 300), { minLength: 2, maxLength: 6 }),
        steps: fc.array(mm(10, 30), { minLength: 5, maxLength: 5 }),
        long: fc.option(mm(300, 400), { nil: undefined }),
        material,
      })
      .map(({ widths, steps, long, material: of }) => {
        const profile = widths.map((widthMm, index) => ({
          heightMm: steps.slice(0, index).reduce((sum, step) => sum + step, 0),
          widthMm,
        }));
        return {
          shape: "drawn",
          profile,
          depthMm: profile.at(-1)?.heightMm ?? 0,
          ...(long === undefined ? {} : { rimLengthMm: long }),
          material: of,
        };
      }),
    fc.record({
      shape: fc.constantFrom("round", "springform"),
      diameterMm: mm(120, 350),
      depthMm,
      material,
      sizes: fc.constant("outside"),
      sizesAt: fc.constantFrom("rim", "floor"),
      looseBase: fc.constant(true),
    }),
    fc.record({
      shape: fc.constant("loaf"),
      lengthMm: mm(180, 350),
      widthMm: mm(90, 150),
      depthMm: mm(50, 90),
      sizesAt: fc.constant("floor"),
      lid: fc.constant(true),
    }),
    fc.record({
      shape: fc.constant("well"),
      rimMm: mm(40, 110),
      depthMm: mm(20, 50),
      count: mm(1, 24),
      material,
    }),
  )
  .map((tin): Tin => JSON.parse(JSON.stringify(tin)) as Tin)
  .filter((tin) => tinGeometry(tin).ok);
