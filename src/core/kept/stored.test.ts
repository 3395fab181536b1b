import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import * as z from "../zod";
import { FIRST_QUESTION } from "../ask";
import {
  STORED_BAKE,
  STORED_COPY,
  STORED_OVEN,
  STORED_PORTIONS,
  STORED_QUESTION,
  STORED_RECIPE,
  STORED_RECORD,
  STORED_TIN,
} from ".";
import { storedKind, type StoredKind } from "./stored";

const KINDS: Readonly<Record<string, StoredKind<object>>> = {
  bake: STORED_BAKE as StoredKind<object>,
  copy: STORED_COPY as StoredKind<object>,
  oven: STORED_OVEN as StoredKind<object>,
  portions: STORED_PORTIONS as StoredKind<object>,
  question: STORED_QUESTION as StoredKind<object>,
  recipe: STORED_RECIPE as StoredKind<object>,
  record: STORED_RECORD as StoredKind<object>,
  tin: STORED_TIN as StoredKind<object>,
};
const folder = `${import.meta.dirname}/stored`;
const examples = readdirSync(folder).map((file) => {
  const [, kind = "", version = ""] = /^([a-z]+)-v(\d+)\.json$/u.exec(file) ?? [];
  return { file, kind, version: Number(version), text: readFileSync(`${folder}/${file}`, "utf8") };
});

describe("stored documents", () => {
  it.each(examples)("$file is read, and comes back the same once written", ({ kind, text }) => {
    const known = KINDS[kind];
    if (known === undefined) throw new Error(`no kind of document is called ${kind}`);
    const first = known.read(text);
    expect(first).toMatchObject({ ok: true });
    if (first.ok) expect(known.read(known.write(first.value))).toEqual(first);
  });

  it.each(Object.entries(KINDS))(
    "of the kind %s have an example of every version",
    (kind, { version }) => {
      const versions = examples.filter((each) => each.kind === kind).map((each) => each.version);
      expect(versions.toSorted()).toEqual(Array.from({ length: version }, (_, index) => index + 1));
    },
  );
});

describe("a question sent in short", () => {
  it("says what differs, and is the same with what is usual", () => {
    const asked = {
      ...FIRST_QUESTION,
      tins: ["loaf 22 x 11 cm"],
      day: { ...FIRST_QUESTION.day, wantedAt: "2026-12-05T15:00" },
    };
    const short = STORED_QUESTION.shortened(STORED_QUESTION.write(asked), FIRST_QUESTION);
    expect(JSON.parse(short)).toEqual({
      v: STORED_QUESTION.version,
      tins: ["loaf 22 x 11 cm"],
      day: { wantedAt: "2026-12-05T15:00" },
      short: true,
    });
    expect(STORED_QUESTION.read(short, FIRST_QUESTION)).toEqual({ ok: true, value: asked });
  });

  it("lacks what the stored one lacks: a list says no more of it than its page", () => {
    const text = STORED_QUESTION.write(FIRST_QUESTION).replace(/"heat":"[^"]*",/u, "");
    const short = STORED_QUESTION.shortened(text, FIRST_QUESTION);
    expect(STORED_QUESTION.read(text)).toMatchObject({ ok: false });
    expect(STORED_QUESTION.read(short, FIRST_QUESTION)).toEqual(STORED_QUESTION.read(text));
  });

  it("is left alone when it is damaged or of another version", () => {
    for (const text of ['{"half":', '{"v":99,"name":"a"}'])
      expect(STORED_QUESTION.shortened(text, FIRST_QUESTION)).toBe(text);
  });
});

describe("a kind that has changed twice", () => {
  const kind = storedKind(z.strictObject({ name: z.string(), depthMm: z.number() }), [
    ({ depth, ...rest }) => ({ ...rest, depthCm: depth }),
    ({ depthCm, ...rest }) => ({ ...rest, depthMm: Number(depthCm) * 10 }),
  ]);
  const doc = { name: "The deep one", depthMm: 70 };

  it.each([
    '{"name":"The deep one","depth":7}',
    '{"v":1,"name":"The deep one","depth":7}',
    '{"v":2,"name":"The deep one","depthCm":7}',
    '{"v":3,"name":"The deep one","depthMm":70}',
  ])("reads %s", (text) => {
    expect(kind.read(text)).toEqual({ ok: true, value: doc });
  });

  it("writes the version it has now", () => {
    expect(JSON.parse(kind.write(doc))).toEqual({ v: 3, ...doc });
  });

  it.each(['{"v":4,"name":"a","depthMm":1}', '{"v":0}', '{"v":1.5}', '{"v":"2"}'])(
    "names the versions it knows to %s",
    (text) => {
      expect(kind.read(text)).toMatchObject({
        ok: false,
        issue: { code: "not-a-choice", path: "v", allowed: ["1", "2", "3"] },
      });
    },
  );

  it.each(["", "{", "null", "[1]", "7", '{"name":"a"}'])("throws at nothing: %j", (text) => {
    expect(kind.read(text).ok).toBe(false);
  });
});
