// Finds the densest known packings of 1 to 20 equal circles in a circle and writes their places:
// `npm run pack`.
import { writeFileSync } from "node:fs";

/** Width of the container over that of a circle, least known. */
const THRESHOLDS = [
  1, 2, 2.155, 2.414, 2.701, 3, 3, 3.305, 3.613, 3.813, 3.924, 4.03, 4.236, 4.328, 4.521, 4.615,
  4.792, 4.864, 4.864, 5.122,
];
/** Places are found for a container this much wider, and written to a thousandth of a circle. */
const SLACK = 1.002;
const STARTS = 4000;
const STEPS = 1500;

type Place = { x: number; y: number };

let seed = 7;
const chance = (): number => {
  seed = (seed * 1103515245 + 12345) % 2147483648;
  return seed / 2147483648;
};

/**
 * Circles of width 1 pushed apart and back into the container until nothing overlaps; null when
 * they do not come to rest.
 */
function settle(places: Place[], container: number): Place[] | null {
  const room = container / 2 - 0.5;
  for (let step = 0; step < STEPS; step += 1) {
    let worst = 0;
    for (let one = 0; one < places.length; one += 1) {
      const a = places[one] as Place;
      for (let other = one + 1; other < places.length; other += 1) {
        const b = places[other] as Place;
        const [dx, dy] = [b.x - a.x, b.y - a.y];
        const apart = Math.hypot(dx, dy) || 1e-9;
        if (apart >= 1) continue;
        worst = Math.max(worst, 1 - apart);
        const push = (1 - apart) / 2 / apart;
        a.x -= dx * push;
        a.y -= dy * push;
        b.x += dx * push;
        b.y += dy * push;
      }
      const out = Math.hypot(a.x, a.y);
      if (out > room) {
        worst = Math.max(worst, out - room);
        a.x *= room / out;
        a.y *= room / out;
      }
    }
    if (worst < 2e-4) return places;
  }
  return null;
}

function packed(count: number): Place[] {
  const container = (THRESHOLDS[count - 1] as number) * SLACK;
  for (let start = 0; start < STARTS; start += 1) {
    const places = Array.from({ length: count }, () => {
      const [r, turn] = [Math.sqrt(chance()) * (container / 2 - 0.5), 2 * Math.PI * chance()];
      return { x: r * Math.cos(turn), y: r * Math.sin(turn) };
    });
    const found = settle(places, container);
    if (found !== null) return found;
  }
  throw new RangeError(`no packing of ${count} was found`);
}

const tidy = (value: number): number => Math.round(value * 1000) / 1000 || 0;
const rows = THRESHOLDS.map(
  (_, index) =>
    `  [${packed(index + 1)
      .map(({ x, y }) => `[${tidy(x)}, ${tidy(y)}]`)
      .join(", ")}],`,
);
writeFileSync(
  "src/core/finish/packings.ts",
  `// Written by scripts/pack-circles.ts.
/**
 * Where the middles of 1 to 20 circles of width 1 lie in the narrowest circle that is known to hold
 * them, from its middle.
 */
export const PACKINGS: readonly (readonly (readonly [x: number, y: number])[])[] = [
${rows.join("\n")}
];
`,
);
