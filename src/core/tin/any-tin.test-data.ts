import fc from "fast-check";
import { tinGeometry } from "./water";
import type { Tin } from "./schema";

const mm = (min: number, max: number): fc.Arbitrary<number> => fc.integer({ min, max });
const depthMm = mm(20, 120);
const material = fc.constantFrom("bright", "dark", "glass", "ceramic", "silicone", "cast-iron");

/** Any tin of a size somebody could own, all shapes, that the geometry accepts. */
export const anyTin: fc.Arbitrary<Tin> = fc
  .oneof(
    fc.record({ shape: fc.constantFrom("round", "springform", "dome", "skillet", "ramekin", "mug"), diameterMm: mm(100, 350), depthMm, material }),
    fc.record({ shape: fc.constant("square"), sideMm: mm(100, 350), depthMm, material }),
    fc.record({ shape: fc.constantFrom("rectangle", "loaf", "oval"), lengthMm: mm(150, 450), widthMm: mm(90, 350), depthMm, material }),
    fc.record({ shape: fc.constantFrom("heart", "hexagon"), widthMm: mm(100, 350), depthMm, material }),
    fc.record({ shape: fc.constantFrom("ring", "tube", "fluted"), diameterMm: mm(180, 300), depthMm, material }),
    fc.record({ shape: fc.constant("well"), rimMm: mm(40, 110), depthMm: mm(20, 50), count: mm(1, 24), material }),
  )
  .map((tin): Tin => tin as Tin)
  .filter((tin) => tinGeometry(tin).ok);
