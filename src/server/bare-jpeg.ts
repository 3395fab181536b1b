/** A JPEG with nothing in it but its picture, and the picture's size in pixels. */
export type BareJpeg = {
  readonly bytes: Uint8Array;
  readonly widthPx: number;
  readonly heightPx: number;
};

const START = 0xd8;
const END = 0xd9;
const SCAN = 0xda;
/** Markers without a length of their own. */
const isAlone = (marker: number): boolean => marker === 0x01 || (marker >= 0xd0 && marker <= END);
/** A frame's header, which says how large the picture is; not the tables that share its range. */
const isFrame = (marker: number): boolean =>
  marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);
/** What programs, cameras and people write into a file: place, time, owner, comments. */
const isAside = (marker: number): boolean =>
  (marker >= 0xe1 && marker <= 0xef && marker !== 0xee) || marker === 0xfe;

/**
 * What of a file is a JPEG's picture alone: every application's segment and comment is left out, and
 * what stands after its end. Null for what is no whole JPEG.
 */
export function bareJpeg(file: Uint8Array): BareJpeg | null {
  const view = new DataView(file.buffer, file.byteOffset, file.byteLength);
  const at = (place: number): number => (place < file.length ? view.getUint8(place) : -1);
  if (at(0) !== 0xff || at(1) !== START) return null;
  const kept: Uint8Array[] = [file.subarray(0, 2)];
  let size: { readonly widthPx: number; readonly heightPx: number } | null = null;
  let place = 2;
  for (;;) {
    while (at(place) === 0xff && at(place + 1) === 0xff) place += 1;
    const marker = at(place + 1);
    if (at(place) !== 0xff || marker < 0) return null;
    if (marker === END) break;
    if (isAlone(marker)) {
      place += 2;
      continue;
    }
    if (place + 4 > file.length) return null;
    const length = view.getUint16(place + 2);
    let end = place + 2 + length;
    if (length < 2 || end > file.length) return null;
    if (isFrame(marker) && length >= 7)
      size = { heightPx: view.getUint16(place + 5), widthPx: view.getUint16(place + 7) };
    // What is drawn follows its header up to the next marker that is one.
    if (marker === SCAN) while (end < file.length && !isMarker(at(end), at(end + 1))) end += 1;
    if (!isAside(marker)) kept.push(file.subarray(place, end));
    place = end;
  }
  if (size === null || size.widthPx === 0 || size.heightPx === 0) return null;
  kept.push(Uint8Array.of(0xff, END));
  return { bytes: Buffer.concat(kept), ...size };
}

/** In what is drawn 0xFF is followed by 0, or by a restart. */
const isMarker = (first: number, second: number): boolean =>
  first === 0xff && second > 0 && second !== 0xff && !(second >= 0xd0 && second <= 0xd7);
