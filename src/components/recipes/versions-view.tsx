"use client";

import { useState } from "react";
import type { RecipeDoc } from "@/core/recipe";
import { Choice } from "../frame/field";
import { dayText } from "./day-text";
import { linesOfRecipe, textDifference } from "./text-difference";

export type Version = { readonly version: number; readonly savedAt: number; readonly doc: RecipeDoc | null };

type VersionsViewProps = {
  readonly now: RecipeDoc;
  readonly versions: readonly Version[];
  readonly onGoBack: (doc: RecipeDoc) => void;
};

/** What the recipe was before: two states side by side, line by line, and the way back to one of them. */
export function VersionsView({ now, versions, onGoBack }: VersionsViewProps) {
  const states = [{ key: "now", name: "now", doc: now }, ...versions.map(({ version, savedAt, doc }) => ({ key: String(version), name: `${version}: ${dayText(new Date(savedAt))}, ${timeText(savedAt)}`, doc }))];
  const [fromKey, setFromKey] = useState(states[1]?.key ?? "now");
  const [toKey, setToKey] = useState("now");
  if (versions.length === 0) return <p className="panel p-6">This recipe has not been changed yet. Each time you come back and change it, the state before is kept here.</p>;
  const from = states.find(({ key }) => key === fromKey)?.doc ?? null;
  const to = states.find(({ key }) => key === toKey)?.doc ?? null;
  const choices = states.map(({ key, name }) => [key, name] as const);
  return (
    <section className="panel p-4" aria-label="Versions">
      <div className="flex flex-wrap items-end gap-3">
        <label>
          <span className="label block">From</span>
          <Choice label="From version" className="field pr-1" value={fromKey} choices={choices} onChange={setFromKey} />
        </label>
        <label>
          <span className="label block">to</span>
          <Choice label="To version" className="field pr-1" value={toKey} choices={choices} onChange={setToKey} />
        </label>
        {fromKey !== "now" && from !== null && (
          <button type="button" className="button" onClick={() => onGoBack(from)}>
            Go back to {fromKey}
          </button>
        )}
      </div>
      {from === null || to === null ? <p className="pt-3 text-tomato">This version can&apos;t be read.</p> : <Difference before={linesOfRecipe(from)} after={linesOfRecipe(to)} />}
    </section>
  );
}

function Difference({ before, after }: { readonly before: readonly string[]; readonly after: readonly string[] }) {
  const changes = textDifference(before, after);
  if (changes.every(({ is }) => is === "same")) return <p className="pt-3 text-ink-2">These two are the same.</p>;
  return (
    <ul className="pt-3 text-[15px]">
      {changes.map(({ is, text }, index) => (
        <li key={index} className={`flex gap-2 py-0.5 ${is === "same" ? "text-ink-2" : "font-semibold"} ${is === "gone" ? "text-tomato" : is === "new" ? "text-leaf" : ""}`}>
          <span className="w-12 shrink-0 text-[13px]">{is === "gone" ? "− was" : is === "new" ? "+ now" : ""}</span>
          <span className="min-w-0 break-words">{text}</span>
        </li>
      ))}
    </ul>
  );
}

function timeText(at: number): string {
  return new Intl.DateTimeFormat("en-GB", { hour: "2-digit", minute: "2-digit" }).format(at);
}
