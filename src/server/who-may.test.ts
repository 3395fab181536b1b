import { describe, expect, it } from "vitest";
import { hostsAllowed, turnedAway } from "./who-may";

const asked = (method: string, headers: Record<string, string>, listed = ""): number | null =>
  turnedAway(method, new Headers(headers), hostsAllowed(listed))?.status ?? null;

describe("who may ask", () => {
  it.each(["127.0.0.1:3000", "localhost:3217", "LOCALHOST", "[::1]:3000"])(
    "%s is this machine's own name",
    (host) => {
      expect(asked("GET", { host })).toBeNull();
    },
  );

  it.each([
    "kitchen.example:3000",
    "127.0.0.1.example",
    "localhost.example",
    "127.0.0.1@example",
    "",
    "10.0.0.9:3000",
  ])("%j is no name of the kitchen, whatever it leads to", (host) => {
    expect(asked("GET", { host })).toBe(421);
    expect(asked("POST", { host, origin: `http://${host}` })).toBe(421);
  });

  it("answers to names its owner listed", () => {
    expect(asked("GET", { host: "pantry.home:3000" }, "pantry.home, other.home")).toBeNull();
  });
});

describe("who may change anything", () => {
  it.each(["POST", "PUT", "DELETE", "PATCH"])("%s only from a page of the kitchen", (method) => {
    const host = "127.0.0.1:3000";
    expect(asked(method, { host, origin: "http://127.0.0.1:3000" })).toBeNull();
    for (const origin of ["http://kitchen.example", "http://127.0.0.1:4000", "null", "nonsense"])
      expect([origin, asked(method, { host, origin })]).toEqual([origin, 403]);
    expect(asked(method, { host })).toBe(403);
  });
});
