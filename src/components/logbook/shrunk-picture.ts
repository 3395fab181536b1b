/** The longest side a picture is kept at, px. */
const LONGEST_PX = 1600;
/** Larger files are not even opened, bytes. */
const MOST_BYTES = 60_000_000;
const QUALITY = 0.85;

/** A picture as it is kept: its hash, and its size in pixels. */
export type KeptPicture = {
  readonly hash: string;
  readonly widthPx: number;
  readonly heightPx: number;
};

/** A file that can't be kept as a picture; its words are for the page. */
export class NoPicture extends Error {}

/**
 * A picture from a camera or a file, upright and no larger than it has to be, drawn anew so that
 * nothing but what is seen goes along.
 * @throws NoPicture with words for what is too large or no picture
 */
export async function shrunkPicture(file: File): Promise<Blob> {
  if (file.size > MOST_BYTES)
    throw new NoPicture(
      `“${file.name}” is ${Math.round(file.size / 1_000_000)} MB; pictures up to ${MOST_BYTES / 1_000_000} MB can be taken.`,
    );
  const bitmap = await createImageBitmap(file, { imageOrientation: "from-image" }).catch(() => {
    throw new NoPicture(`“${file.name}” is no picture this browser can read.`);
  });
  const scale = Math.min(1, LONGEST_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement("canvas");
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  canvas.getContext("2d")?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return new Promise((resolve, reject) => {
    canvas.toBlob(
      (blob) => {
        if (blob === null) reject(new NoPicture(`“${file.name}” could not be shrunk.`));
        else resolve(blob);
      },
      "image/jpeg",
      QUALITY,
    );
  });
}

/**
 * Sends a picture to the kitchen.
 * @throws NoPicture with what the kitchen says against it
 */
export async function sentPicture(picture: Blob): Promise<KeptPicture> {
  const answer = await fetch("/logbook/pictures", {
    method: "POST",
    headers: { "content-type": "image/jpeg" },
    body: picture,
  }).catch(() => {
    throw new NoPicture("The kitchen's server can't be reached. Try the picture again.");
  });
  const said = (await answer.json().catch(() => ({}))) as Partial<KeptPicture> & {
    readonly message?: string;
  };
  const { hash, widthPx, heightPx } = said;
  if (!answer.ok || hash === undefined || widthPx === undefined || heightPx === undefined)
    throw new NoPicture(said.message ?? "The kitchen could not keep this picture. Try it again.");
  return { hash, widthPx, heightPx };
}
