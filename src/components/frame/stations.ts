/**
 * The stations of a cake, in the order of the work; the address, the strip and the workbench agree
 * on their names.
 */
export const STATIONS = ["mix", "fill", "bake", "cool", "build", "finish", "serve", "day"] as const;
export type Station = (typeof STATIONS)[number];

export const STATION_NAMES: Readonly<Record<Station, string>> = {
  mix: "Mix",
  fill: "Fill",
  bake: "Bake",
  cool: "Cool",
  build: "Build",
  finish: "Finish",
  serve: "Serve",
  day: "Day",
};
