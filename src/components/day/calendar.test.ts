import { expect, it } from "vitest";
import { scheduleDay, tasksOf, type DayCake } from "@/core/day";
import { LAYERS } from "@/core/day/layers.test-data";
import type { Portions } from "@/core/freezer";
import { METRIC } from "@/words";
import { calendarText } from "./calendar";

const SLICES: Portions = {
  name: "Ferry loaf",
  what: "cake",
  count: 8,
  left: 6,
  eachG: null,
  keeping: { roomHours: 72, fridgeDays: 6, freezerMonths: 3 },
  isCold: false,
  allergens: [],
  madeOn: "2026-11-20",
  place: "freezer",
  thawedOn: "",
  bestBefore: "",
  wantedAt: "2026-12-05T15:00",
  cakeId: null,
  notes: "",
};

const cake: DayCake = {
  ...LAYERS,
  kind: "oil",
  tins: 1,
  loads: [{ tins: 1, firstLookMin: 28, likelyMin: 34 }],
  gaps: 0,
  parts: [],
  hasFirstCoat: false,
  hasCoat: false,
  pieces: 0,
};

it("writes every task once, in world time, with an alarm where hands are needed", async () => {
  const tasks = tasksOf(cake, 0);
  const schedule = scheduleDay({ tasks, wantedAt: [Date.UTC(2026, 11, 5, 15) / 60_000] });
  if (schedule === null) throw new Error("no day");
  const text = await calendarText({
    name: "Harbour supper",
    id: "abc",
    schedule,
    tasks,
    names: ["Harbour supper"],
    thaws: [],
    units: METRIC,
  });
  const lines = text.split("\r\n");
  expect(lines.filter((line) => line === "BEGIN:VEVENT")).toHaveLength(tasks.length);
  expect(lines.filter((line) => line === "BEGIN:VALARM")).toHaveLength(
    tasks.filter(({ needs, doing }) => needs.includes("hands") || doing.do === "warm-up").length,
  );
  // The last minute of the last task is when the cake is wanted.
  expect(lines).toContain("DTEND:20261205T150000Z");
  expect(new Set(lines.filter((line) => line.startsWith("UID:"))).size).toBe(tasks.length);
  expect(text).toContain("SUMMARY:Turn out the cake");
});

it("has no line of its own in a name, whatever is in it", async () => {
  const tasks = tasksOf(cake, 0);
  const schedule = scheduleDay({ tasks, wantedAt: [Date.UTC(2026, 11, 5, 15) / 60_000] });
  if (schedule === null) throw new Error("no day");
  const name = "Supper\r\nBEGIN:VEVENT\nSUMMARY:Not ours\rX";
  const lines = (
    await calendarText({
      name,
      id: "abc",
      schedule,
      tasks,
      names: [name, "other"],
      thaws: [],
      units: METRIC,
    })
  ).split(/\r\n|\r|\n/u);
  expect(lines.filter((line) => line.startsWith("BEGIN:VEVENT"))).toHaveLength(tasks.length);
  expect(
    lines.filter((line) => line.startsWith("SUMMARY:Not ours") || line.startsWith("X")),
  ).toEqual(lines.filter((line) => line.startsWith("X-")));
});

it("rings when something comes out of the freezer for that day", async () => {
  const at = new Date(Date.UTC(2026, 11, 5, 13));
  const text = await calendarText({
    name: "Harbour supper",
    id: "abc",
    schedule: { placed: [], startsAt: 0, endsAt: 0, critical: [], gapMin: 0 },
    tasks: [],
    names: [],
    thaws: [{ id: "p1", portions: SLICES, at, wantedAt: new Date(Date.UTC(2026, 11, 5, 15)) }],
    units: METRIC,
  });
  expect(text).toContain("DTSTART:20261205T130000Z");
  expect(text).toContain("SUMMARY:Take 6 pieces out of the freezer · Ferry loaf");
  expect(text).toContain("DESCRIPTION:Thaw wrapped\\, 1 to 2 hours in the room");
  expect(text.split("BEGIN:VALARM")).toHaveLength(2);
});
