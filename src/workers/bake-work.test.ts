import { describe, expect, it } from "vitest";
import { bakeInside } from "@/core/bake";
import { tinGeometry, type Tin } from "@/core/tin";
import { bakeKey, type BakeReply, type BakeRequest, type BakeSpec } from "./bake-protocol";
import { bakeWork } from "./bake-work";

const round = (diameterMm: number): BakeSpec => ({
  tin: { shape: "round", diameterMm, depthMm: 51 },
  batterMl: 600,
  ovenC: 177,
  isFan: false,
  hasStrips: false,
  doneC: 96,
  goesOn: 1.2,
});
const SHEET: BakeSpec = {
  ...round(200),
  tin: { shape: "rectangle", lengthMm: 400, widthMm: 280, depthMm: 51 },
  batterMl: 2400,
};

/** A worker's outside whose replies are kept, and whose clock only moves when it is told to. */
function side(tick = 5): {
  readonly replies: BakeReply[];
  readonly take: (request: BakeRequest) => void;
  readonly quiet: () => Promise<void>;
  readonly pauses: () => number;
} {
  const replies: BakeReply[] = [];
  let time = 0;
  let paused = 0;
  const take = bakeWork({
    post: (reply) => {
      replies.push(structuredClone(reply));
    },
    pause: () =>
      new Promise((resolve) => {
        paused += 1;
        setImmediate(resolve);
      }),
    now: () => {
      time += tick;
      return time;
    },
  });
  const quiet = async (): Promise<void> => {
    for (let still = 0; still < 20;) {
      const seen: number = paused;
      await new Promise((resolve) => setImmediate(resolve));
      still = paused === seen ? still + 1 : 0;
    }
  };
  return { replies, take, quiet, pauses: () => paused };
}

function inNode({ tin, ...bake }: BakeSpec): ReturnType<typeof bakeInside> {
  const geometry = tinGeometry(tin);
  if (!geometry.ok) throw new Error(JSON.stringify(geometry.issue));
  return bakeInside({ ...bake, geometry: geometry.value });
}

describe("the worker that solves bakes", () => {
  it("answers bit for bit what Node does, in the order asked, telling how far it is", async () => {
    const { replies, take, quiet } = side();
    take({ name: "solve", id: 1, bakes: [SHEET, round(200)] });
    await quiet();
    const solved = replies.flatMap((reply) => (reply.name === "solved" ? [reply] : []));
    expect(solved.map(({ id, index }) => [id, index])).toEqual([
      [1, 0],
      [1, 1],
    ]);
    expect(solved[0]?.inside).toEqual(inNode(SHEET));
    expect(solved[1]?.inside).toEqual(inNode(round(200)));
    const shares = replies.flatMap((reply) => (reply.name === "progress" ? [reply.share] : []));
    expect(shares.length).toBeGreaterThan(3);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
  });

  it("drops what it is at when something newer is asked", async () => {
    const { replies, take, quiet } = side();
    take({ name: "solve", id: 1, bakes: [SHEET] });
    await new Promise((resolve) => setImmediate(resolve));
    take({ name: "solve", id: 2, bakes: [round(180)] });
    await quiet();
    expect(replies.filter((reply) => reply.name === "solved").map(({ id }) => id)).toEqual([2]);
  });

  it("stops when told to, within a slice", async () => {
    const { replies, take, quiet, pauses } = side();
    take({ name: "solve", id: 1, bakes: [SHEET, round(200)] });
    await new Promise((resolve) => setImmediate(resolve));
    await new Promise((resolve) => setImmediate(resolve));
    take({ name: "cancel" });
    const before = pauses();
    await quiet();
    expect(replies.filter(({ name }) => name === "solved")).toEqual([]);
    expect(pauses() - before).toBeLessThanOrEqual(1);
  });

  it("knows a bake again by its content", async () => {
    const { replies, take, quiet, pauses } = side();
    take({ name: "solve", id: 1, bakes: [SHEET] });
    await quiet();
    const worked = pauses();
    take({ name: "solve", id: 2, bakes: [structuredClone(SHEET)] });
    await quiet();
    expect(replies.filter(({ name }) => name === "solved")).toHaveLength(2);
    // Solving pauses some dozens of times; remembering, only to let messages in.
    expect(worked).toBeGreaterThan(20);
    expect(pauses() - worked).toBeLessThanOrEqual(3);
  });

  it("says which bake can't be solved and goes on with the others", async () => {
    const { replies, take, quiet } = side();
    const broken: Tin = { shape: "tube", diameterMm: 200, depthMm: 100, tubeMm: 199 };
    take({ name: "solve", id: 7, bakes: [{ ...round(200), tin: broken }, round(200)] });
    await quiet();
    expect(replies.filter(({ name }) => name !== "progress")).toMatchObject([
      { name: "failed", id: 7, index: 0 },
      { name: "solved", id: 7, index: 1 },
    ]);
  });

  it("has one key for equal bakes, whatever the order of their fields", () => {
    const { tin, ...rest } = round(200);
    expect(bakeKey({ ...rest, tin })).toBe(bakeKey(round(200)));
    expect(bakeKey(round(201))).not.toBe(bakeKey(round(200)));
  });
});
