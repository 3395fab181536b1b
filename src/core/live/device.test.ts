import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { coreCurve } from "../bake";
import { coreReads, hiddenBake, ovenReads, type Warmth } from "./simulated-heat";
import { countedIn, nearG, poured, pouringFrom, tareAsked, type Pouring } from "./pouring";
import { deviceTrouble, NOTHING_RECEIVED, received, type Received, SILENT_MS } from "./receiver";
import { DeviceNewsSchema, type DeviceNews } from "./device-protocol";
import {
  scaleAfter,
  scaleShows,
  simulatedScale,
  tared,
  type SimulatedScale,
} from "./simulated-scale";

type Reading = Extract<DeviceNews, { kind: "reading" }>;
const reading = (changes: Partial<Reading> = {}): Reading => ({
  kind: "reading",
  device: "scale",
  serial: "one",
  at: 0,
  value: 100,
  unit: "g",
  isStable: true,
  battery: 1,
  ...changes,
});
const after = (news: readonly DeviceNews[], gapMs = 200): Received =>
  news.reduce((held, each, index) => received(held, each, index * gapMs), NOTHING_RECEIVED);

describe("what is received", () => {
  it("is turned into grams and °C", () => {
    expect(after([reading({ value: 2, unit: "oz" })]).value).toBeCloseTo(56.699, 3);
    expect(after([reading({ device: "core-probe", value: 212, unit: "F" })]).value).toBeCloseTo(
      100,
      9,
    );
  });

  it.each([
    ["a scale that tells degrees", reading({ unit: "C" }), "odd-unit"],
    ["a probe that tells grams", reading({ device: "core-probe", unit: "g" }), "odd-unit"],
    [
      "a probe beyond any cake",
      reading({ device: "core-probe", value: 900, unit: "C" }),
      "out-of-range",
    ],
    ["no number at all", reading({ value: Number.NaN }), "out-of-range"],
  ])("%s is refused and named, and what was held stays", (_, news, trouble) => {
    const held = after([
      reading({ device: news.device, value: 55, unit: news.device === "scale" ? "g" : "C" }),
      news,
    ]);
    expect(held).toMatchObject({ value: 55, trouble });
    expect(deviceTrouble(held, 300)).toBe(trouble);
  });

  it("a probe that jumps is not believed, until it goes on saying so", () => {
    const at = (value: number): Reading => reading({ device: "core-probe", unit: "C", value });
    expect(after([at(60), at(95)])).toMatchObject({ value: 60, trouble: "jumped" });
    const again = after([at(60), at(95), at(61)]);
    expect(again).toMatchObject({ value: 61, trouble: null });
    expect([deviceTrouble(again, 400), deviceTrouble(received(again, at(61), 9000), 9000)]).toEqual(
      ["jumped", null],
    );
    expect(after([at(60), at(95), at(95), at(95)])).toMatchObject({ value: 60 });
    expect(after([at(60), at(95), at(95), at(95), at(95)])).toMatchObject({
      value: 95,
      trouble: null,
    });
    // In minutes without a word, as in a rehearsal, much may happen.
    const later = (value: number, min: number): Reading => ({ ...at(value), at: min * 60_000 });
    expect(after([at(60), later(95, 2)])).toMatchObject({ value: 60, trouble: "jumped" });
    expect(after([at(60), later(95, 3)])).toMatchObject({ value: 95, trouble: null });
    // What is put on a scale weighs at once.
    expect(after([reading({ value: 0 }), reading({ value: 900 })]).value).toBe(900);
  });

  it("of two of a kind the first is heard, the second when the first is silent", () => {
    const both = after([reading(), reading({ serial: "two", value: 7 })]);
    expect(both).toMatchObject({ serial: "one", value: 100, trouble: null });
    expect(deviceTrouble(both, 200)).toBe("second-device");
    // Said without a break while both speak in turn, and no longer once the second is switched off.
    const between = received(both, reading({ value: 101 }), 400);
    expect([
      between.value,
      deviceTrouble(between, 400),
      deviceTrouble(
        received(between, reading({ value: 101 }), 200 + SILENT_MS + 1),
        200 + SILENT_MS + 1,
      ),
    ]).toEqual([101, "second-device", null]);
    expect(received(both, reading({ serial: "two", value: 7 }), SILENT_MS + 400)).toMatchObject({
      serial: "two",
      value: 7,
      trouble: null,
    });
    expect(after([reading(), { kind: "lost", device: "scale", serial: "two" }])).toMatchObject({
      trouble: null,
    });
    expect(
      after([
        reading(),
        { kind: "lost", device: "scale", serial: "one" },
        reading({ serial: "two", value: 7 }),
      ]),
    ).toMatchObject({ serial: "two", value: 7 });
  });

  it("silence, a weak battery and a pulled plug are said", () => {
    expect(deviceTrouble(after([reading()]), SILENT_MS)).toBeNull();
    expect(deviceTrouble(after([reading()]), SILENT_MS + 1)).toBe("silent");
    expect(deviceTrouble(after([reading({ battery: 0.1 })]), 100)).toBe("weak");
    expect(
      deviceTrouble(after([reading(), { kind: "lost", device: "scale", serial: "one" }]), 200),
    ).toBe("lost");
    expect(deviceTrouble(NOTHING_RECEIVED, 1e9)).toBeNull();
  });

  it("is what the protocol allows, and nothing else", () => {
    expect(DeviceNewsSchema.safeParse(reading()).success).toBe(true);
    expect(DeviceNewsSchema.safeParse({ ...reading(), unit: "stone" }).success).toBe(false);
    expect(DeviceNewsSchema.safeParse({ ...reading(), colour: "red" }).success).toBe(false);
  });
});

/**
 * Pours with a simulated scale, ten readings a second, until a condition or ten minutes: what was
 * weighed, and where it stands.
 */
function pour(
  targetsG: readonly number[],
  seed: number,
  start: { scale: SimulatedScale; pouring: ReturnType<typeof pouringFrom> },
  until: (scale: SimulatedScale) => boolean = () => false,
) {
  const weighed: (readonly [tin: number, massG: number, reallyG: number])[] = [];
  let { scale, pouring } = start;
  let held: Received = NOTHING_RECEIVED;
  for (let tick = 0; tick < 6000 && pouring.tin < targetsG.length && !until(scale); tick += 1) {
    scale = scaleAfter(scale, 0.1);
    const [shown, next] = scaleShows(scale);
    scale = next;
    held = received(
      held,
      reading({ serial: `scale ${seed}`, ...shown, at: tick * 100 }),
      tick * 100,
    );
    const told = poured(pouring, held, targetsG);
    if (told.full !== null) weighed.push([told.full.tin, told.full.massG, scale.batterG]);
    pouring = told.pouring;
    if (pouring.phase === "tare" && tick === 60) {
      pouring = tareAsked(pouring, held.value ?? 0);
      scale = tared(scale);
    }
    if (told.tare) scale = tared(scale);
  }
  return { weighed, scale, pouring };
}

describe("pouring on a scale", () => {
  it("fills every tin to its line, one after the other, by itself but for the first tare", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 60, max: 1500 }), { minLength: 1, maxLength: 5 }),
        fc.nat(),
        (targetsG, seed) => {
          const { weighed } = pour(targetsG, seed, {
            scale: simulatedScale(targetsG, 0, seed),
            pouring: pouringFrom(0, 0),
          });
          expect(weighed.map(([tin]) => tin)).toEqual(targetsG.map((_, tin) => tin));
          for (const [tin, massG, reallyG] of weighed) {
            expect(Math.abs(massG - (targetsG[tin] ?? 0))).toBeLessThanOrEqual(
              nearG(targetsG[tin] ?? 0) + 0.5,
            );
            expect(Math.abs(massG - reallyG)).toBeLessThanOrEqual(3);
          }
        },
      ),
      { numRuns: 40, seed: 41 },
    );
  });

  it("goes on in mid-pour after the scale was lost and began anew at nothing", () => {
    const targets = [655, 655];
    const first = pour(
      targets,
      5,
      { scale: simulatedScale(targets, 0, 5), pouring: pouringFrom(0, 0) },
      ({ batterG }) => batterG > 400,
    );
    expect(first.weighed).toEqual([]);
    const inTin = Math.round(first.pouring.netG);
    expect(inTin).toBeGreaterThan(380);
    // A new scale, the half-full tin put on and set to nothing: so much is left.
    const rest = targets.map((target, tin) => (tin === 0 ? target - inTin : target));
    const again = pour(targets, 6, {
      scale: simulatedScale(rest, 0, 6),
      pouring: pouringFrom(0, inTin),
    });
    expect(again.weighed.map(([tin]) => tin)).toEqual([0, 1]);
    expect(Math.abs((again.weighed[0]?.[1] ?? 0) - 655)).toBeLessThanOrEqual(7);
  });

  it("waits for a scale at rest, near the line on either side, and for a lighter tin after it", () => {
    const held = (value: number, isStable = true): Received => ({
      ...NOTHING_RECEIVED,
      serial: "one",
      value,
      isStable,
    });
    let pouring: Pouring = { ...pouringFrom(0, 0), phase: "pour" as const };
    const tell = (value: number, isStable = true): ReturnType<typeof poured> => {
      const told = poured(pouring, held(value, isStable), [600, 600]);
      pouring = told.pouring;
      return told;
    };
    expect(tell(600, false).full).toBeNull();
    expect([tell(593).full, tell(593).full]).toEqual([null, null]);
    expect([tell(607).full, tell(607).full]).toEqual([null, null]);
    expect([tell(606).full, tell(606).full]).toEqual([null, { tin: 0, massG: 606 }]);
    expect(tell(606).tare).toBe(false);
    expect(tell(-320)).toMatchObject({ tare: false });
    expect(tell(40)).toMatchObject({ tare: true, pouring: { tin: 1, phase: "taring" } });
    expect(tell(40).pouring.phase).toBe("taring");
    expect(poured(pouring, held(17), [600, 600]).pouring.phase).toBe("pour");
    expect(tell(1).pouring.phase).toBe("pour");
  });

  it("keeps what it had counted when it is set to nothing in mid-pour, by her or by its own key, and counts it in if it was batter", () => {
    const held = (value: number): Received => ({
      ...NOTHING_RECEIVED,
      serial: "one",
      value,
      isStable: true,
    });
    const half = poured({ ...pouringFrom(0, 100), phase: "pour" }, held(237), [600, 600]).pouring;
    const asked = tareAsked(half, 237);
    expect(asked).toMatchObject({ phase: "taring", beforeG: 100, netG: 100, droppedG: 237 });
    // A knuckle that bounces.
    expect(tareAsked(asked, 237).droppedG).toBe(237);
    const byItsKey = poured(half, held(0), [600, 600]).pouring;
    expect(byItsKey).toMatchObject({ phase: "pour", netG: 100, droppedG: 237 });
    for (const pouring of [poured(asked, held(1), [600, 600]).pouring, byItsKey]) {
      const again = countedIn(pouring);
      expect(again).toMatchObject({ phase: "pour", beforeG: 337, droppedG: 0 });
      const near = poured(again, held(262), [600, 600]).pouring;
      expect(poured(near, held(263), [600, 600])).toMatchObject({
        full: { tin: 0, massG: 600 },
        pouring: { droppedG: 0 },
      });
    }
    // A tin that was not yet full 20 g above nothing is not worth a word.
    expect(tareAsked({ ...half, netG: 119 }, 19).droppedG).toBe(0);
  });

  it("does nothing with what can't be trusted", () => {
    const pouring = { ...pouringFrom(0, 0), phase: "pour" as const };
    expect(
      poured(
        pouring,
        { ...NOTHING_RECEIVED, value: 600, isStable: true, trouble: "odd-unit" },
        [600],
      ).pouring,
    ).toBe(pouring);
    expect(
      poured(pouringFrom(3, 0), { ...NOTHING_RECEIVED, value: 600, isStable: true }, [600]).full,
    ).toBeNull();
    expect(() => scaleAfter(simulatedScale([100], 0, 1), -1)).toThrow(
      "seconds must be 0 or more, got -1",
    );
  });
});

describe("simulated heat", () => {
  const warmth: Warmth = {
    ovenC: 170,
    onAt: 100,
    doorAt: [],
    inAt: 120,
    outAt: null,
    curve: coreCurve(34, 96),
  };
  const hidden = { pace: 1.1, offC: -5, probeOffC: 0 };

  it("comes up to the hidden heat, not to what was set, and falls when the door is opened", () => {
    const at = (now: number, doorAt: readonly number[] = []): number =>
      ovenReads({ ...warmth, doorAt }, hidden, now, { seed: 3 })[0];
    expect(at(99)).toBeLessThan(22);
    const late = Array.from({ length: 60 }, (_, minute) => at(150 + minute / 2));
    expect(late.reduce((sum, each) => sum + each, 0) / late.length).toBeCloseTo(165, 0);
    expect(at(150.2) - at(150.2, [150])).toBeGreaterThan(30);
    expect(Math.abs(at(170) - at(170, [150]))).toBeLessThan(1);
  });

  it("warms the middle at the hidden pace, and lets it cool on the bench", () => {
    const at = (now: number, outAt: number | null = null): number =>
      coreReads({ ...warmth, outAt }, hidden, now, { seed: 3 })[0];
    expect(at(110)).toBeLessThan(22);
    // Done after 34 · 1.1 min.
    expect(at(120 + 37.4)).toBeCloseTo(96, 0);
    expect(at(120 + 34)).toBeLessThan(96);
    expect(at(120 + 100, 120 + 38)).toBeLessThan(45);
  });

  it("is hidden by chance: the same seed the same bake, mostly near the forecast", () => {
    expect(hiddenBake(7)).toEqual(hiddenBake(7));
    const paces = Array.from({ length: 400 }, (_, seed) => Math.log(hiddenBake(seed * 7919).pace));
    expect(Math.abs(paces.reduce((sum, each) => sum + each, 0) / 400)).toBeLessThan(0.02);
    expect(Math.sqrt(paces.reduce((sum, each) => sum + each * each, 0) / 400)).toBeCloseTo(0.08, 1);
  });
});
