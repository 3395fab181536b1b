import { execFileSync, spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { archiveSchemaText } from "./archive-schema";
import { planSchemaText } from "./plan-schema";

const TSX = "node_modules/tsx/dist/cli.mjs";
const request = {
  recipe: {
    batter: { kind: "creamed", volumeMl: 1200, massG: 1030 },
    reference: {
      tins: [{ shape: "round", diameterMm: 203, depthMm: 51, count: 2 }],
      ovenC: 177,
      minutes: 34,
    },
  },
  tins: [{ shape: "rectangle", lengthMm: 330, widthMm: 229, depthMm: 51 }],
  heat: "as-written",
};

function run(input: string, file = "-"): { status: number | null; stdout: string; stderr: string } {
  return spawnSync(process.execPath, [TSX, "src/cli/plan.ts", file], { input, encoding: "utf8" });
}

describe("planning a cake from a file", () => {
  it("answers from a file and from standard input alike", () => {
    const file = join(mkdtempSync(join(tmpdir(), "plan-")), "request.json");
    writeFileSync(file, JSON.stringify(request));
    const fromFile = execFileSync(process.execPath, [TSX, "src/cli/plan.ts", file], {
      encoding: "utf8",
    });
    expect(JSON.parse(fromFile)).toMatchObject({
      scale: 1,
      fill: { tins: [{ batterG: 1030, verdict: "fits" }] },
      bake: { ovenC: 177 },
    });
    expect(run(JSON.stringify(request)).stdout).toBe(fromFile);
  });

  it.each([
    ["a damaged request", '{"recipe": ', "-", { code: "damaged", path: "" }],
    [
      "a field out of range",
      JSON.stringify({ ...request, scale: 99 }),
      "-",
      {
        code: "out-of-range",
        path: "scale",
        message: "Scale 99 times is too much: 0.05 to 20 times.",
      },
    ],
    [
      "an unknown field",
      JSON.stringify({ ...request, colour: 1 }),
      "-",
      { code: "unknown-field", path: "colour" },
    ],
    [
      "a file that is not there",
      "",
      "no-such-request.json",
      { code: "unreadable-file", path: "no-such-request.json" },
    ],
  ])("%s exits 2 with one line that names it, and no stack", (_name, input, file, error) => {
    const { status, stdout, stderr } = run(input, file);
    expect(status).toBe(2);
    expect(stdout).toBe("");
    expect(stderr.trim().split("\n")).toHaveLength(1);
    expect(JSON.parse(stderr)).toMatchObject({ error });
  });

  it("has its schema in docs, current with the code", () => {
    expect(readFileSync("docs/plan.schema.json", "utf8")).toBe(planSchemaText());
    expect(readFileSync("docs/archive.schema.json", "utf8")).toBe(archiveSchemaText());
  });
});
