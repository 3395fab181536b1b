"use client";

import { useState } from "react";
import { ImagePlus, X } from "lucide-react";
import type { BakeRecord } from "@/core/logbook";
import { NoPicture, sentPicture, shrunkPicture } from "./shrunk-picture";

const MOST = 12;

type PicturesProps = {
  readonly pictures: BakeRecord["pictures"];
  readonly name: string;
  readonly onChange: (change: (old: BakeRecord["pictures"]) => BakeRecord["pictures"]) => void;
};

/** Pictures of a bake, from the camera or from files; each is on the kitchen's disk before it shows. */
export function Pictures({ pictures, name, onChange }: PicturesProps) {
  const [waiting, setWaiting] = useState(0);
  const [problem, setProblem] = useState<string | null>(null);

  async function add(files: readonly File[]): Promise<void> {
    setProblem(null);
    setWaiting(files.length);
    for (const [at, file] of files.entries()) {
      try {
        const kept = await sentPicture(await shrunkPicture(file));
        onChange((old) =>
          old.length >= MOST || old.some(({ hash }) => hash === kept.hash) ? old : [...old, kept],
        );
      } catch (error) {
        if (!(error instanceof NoPicture)) throw error;
        setProblem(error.message);
      }
      setWaiting(files.length - at - 1);
    }
  }

  return (
    <section aria-label="Pictures" className="panel px-5 py-4 max-sm:px-4">
      <h2 className="text-[17px]">Pictures</h2>
      {pictures.length > 0 && (
        <ul className="mt-2 grid grid-cols-2 gap-2 sm:grid-cols-3">
          {pictures.map(({ hash, widthPx, heightPx, stands }, at) => (
            <li key={hash} className="relative">
              <a href={`/logbook/pictures/${hash}`}>
                {/* Kept at its own size already, and served from this kitchen alone. */}
                {/* eslint-disable-next-line @next/next/no-img-element */}
                <img
                  src={`/logbook/pictures/${hash}`}
                  alt={`${name}, picture ${at + 1}`}
                  width={widthPx}
                  height={heightPx}
                  loading="lazy"
                  className="aspect-square w-full rounded-control object-cover"
                />
              </a>
              <button
                type="button"
                className={`button mt-1 w-full !px-2 text-[14px] ${stands === true ? "!bg-ink !text-white" : ""}`}
                aria-pressed={stands === true}
                aria-label={`Picture ${at + 1} on the recipe and its cakes`}
                onClick={() =>
                  onChange((old) =>
                    old.map((each) => ({
                      ...each,
                      stands: each.hash === hash ? stands !== true : false,
                    })),
                  )
                }
              >
                On the recipe
              </button>
              <button
                type="button"
                className="button absolute top-1 right-1 !px-2.5"
                aria-label={`Take picture ${at + 1} off the page`}
                onClick={() => onChange((old) => old.filter((each) => each.hash !== hash))}
              >
                <X size={17} aria-hidden />
              </button>
            </li>
          ))}
        </ul>
      )}
      <p aria-live="polite" className="text-[15px]">
        {waiting > 0 && (waiting === 1 ? "Keeping a picture…" : `Keeping ${waiting} pictures…`)}
        {problem !== null && <span className="font-semibold text-tomato">{problem}</span>}
      </p>
      {pictures.length < MOST && (
        <label className="button mt-2 inline-flex cursor-pointer focus-within:outline-2">
          <ImagePlus size={17} aria-hidden /> Add a picture
          <input
            type="file"
            accept="image/*"
            multiple
            className="sr-only"
            onChange={(event) => {
              const files = [...(event.target.files ?? [])];
              event.target.value = "";
              void add(files);
            }}
          />
        </label>
      )}
    </section>
  );
}
