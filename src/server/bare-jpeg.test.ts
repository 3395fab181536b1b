import { describe, expect, it } from "vitest";
import { bareJpeg } from "./bare-jpeg";

const segment = (marker: number, text: string): number[] => {
  const body = [...new TextEncoder().encode(text)];
  return [0xff, marker, 0, body.length + 2, ...body];
};
const SOI = [0xff, 0xd8];
const JFIF = segment(0xe0, "JFIF\0");
const PLACE = segment(0xe1, "Exif\0\0 54.1 N 10.2 E");
const OWNER = segment(0xfe, "taken by somebody");
const TABLE = segment(0xdb, "quantised");
/** 300 by 200 px. */
const FRAME = [0xff, 0xc0, 0, 11, 8, 0, 200, 1, 44, 1, 1, 17, 0];
/** Header of the scan; then data with a stuffed byte and a restart in it. */
const DRAWN = [0xff, 0xda, 0, 4, 1, 1, 9, 0xff, 0, 8, 0xff, 0xd0, 7];
const EOI = [0xff, 0xd9];
const file = (...parts: readonly number[][]): Uint8Array => Uint8Array.from(parts.flat());

describe("what is kept of a JPEG", () => {
  const plain = file(SOI, JFIF, TABLE, FRAME, DRAWN, EOI);

  it("is its picture and size, without place, owner or what stands after it", () => {
    const bare = bareJpeg(
      file(SOI, JFIF, PLACE, TABLE, OWNER, FRAME, segment(0xed, "press"), DRAWN, EOI, OWNER),
    );
    expect(bare).toMatchObject({ widthPx: 300, heightPx: 200 });
    expect([...(bare?.bytes ?? [])]).toEqual([...plain]);
    expect(new TextDecoder().decode(bare?.bytes)).not.toMatch(/54\.1|somebody|press/u);
  });

  it("is the same when it is bare already, wherever it lies in memory", () => {
    const around = Uint8Array.from([1, 2, 3, ...plain, 4]);
    expect([...(bareJpeg(around.subarray(3, 3 + plain.length))?.bytes ?? [])]).toEqual([...plain]);
  });

  it("reads through several scans with tables between", () => {
    const two = file(SOI, FRAME, DRAWN, TABLE, DRAWN, EOI);
    expect([...(bareJpeg(two)?.bytes ?? [])]).toEqual([...two]);
  });

  it.each([
    ["nothing", file()],
    ["a document", new TextEncoder().encode("%PDF-1.7 called cake.jpg")],
    ["only a beginning", file(SOI)],
    ["no frame", file(SOI, JFIF, DRAWN, EOI)],
    ["no end", file(SOI, FRAME, DRAWN)],
    ["a segment longer than the file", file(SOI, [0xff, 0xe1, 0xff, 0xff, 1], EOI)],
    ["a segment shorter than its own length", file(SOI, [0xff, 0xe1, 0, 1], FRAME, DRAWN, EOI)],
    ["no width", file(SOI, [0xff, 0xc0, 0, 11, 8, 0, 200, 0, 0, 1, 1, 17, 0], DRAWN, EOI)],
  ])("is nothing of %s", (_, bytes) => {
    expect(bareJpeg(bytes)).toBeNull();
  });

  it("ends for any bytes, however they are cut", () => {
    const whole = file(SOI, JFIF, PLACE, TABLE, FRAME, DRAWN, EOI);
    for (let length = 0; length < whole.length; length += 1)
      expect(bareJpeg(whole.subarray(0, length))).toBeNull();
  });
});
