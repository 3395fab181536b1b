import { expect, it } from "vitest";
import { scheduleDay, tasksOf, type DayCake } from "@/core/day";
import { LAYERS } from "@/core/day/layers.test-data";
import { METRIC } from "@/words";
import { calendarText } from "./calendar";

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
    await calendarText({ name, id: "abc", schedule, tasks, names: [name, "other"], units: METRIC })
  ).split(/\r\n|\r|\n/u);
  expect(lines.filter((line) => line.startsWith("BEGIN:VEVENT"))).toHaveLength(tasks.length);
  expect(
    lines.filter((line) => line.startsWith("SUMMARY:Not ours") || line.startsWith("X")),
  ).toEqual(lines.filter((line) => line.startsWith("X-")));
});
