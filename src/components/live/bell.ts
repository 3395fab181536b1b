"use client";

/** Three strokes: pitch, Hz, and when they begin, s. */
const STROKES = [
  [880, 0],
  [880, 0.35],
  [1175, 0.7],
] as const;
const STROKE_S = 0.3;
const LOUD = 0.5;

let audio: AudioContext | null = null;

/** Lets the bell be heard later: browsers only allow a sound once somebody has touched the page. */
export function readyBell(): void {
  if (typeof AudioContext === "undefined") return;
  audio ??= new AudioContext();
  if (audio.state === "suspended") void audio.resume();
}

/** Rings, if a browser lets it. */
export function ringBell(): void {
  if (audio?.state !== "running") return;
  for (const [pitch, at] of STROKES) {
    const begins = audio.currentTime + at;
    const tone = new OscillatorNode(audio, { type: "triangle", frequency: pitch });
    const volume = new GainNode(audio, { gain: LOUD });
    volume.gain.setValueAtTime(LOUD, begins);
    volume.gain.exponentialRampToValueAtTime(0.001, begins + STROKE_S);
    tone.connect(volume).connect(audio.destination);
    tone.start(begins);
    tone.stop(begins + STROKE_S);
  }
}
