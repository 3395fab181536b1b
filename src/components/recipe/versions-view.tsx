"use client";

import { useEffect, useState } from "react";
import type { RecipeDoc } from "@/core/recipe";
import { Choice } from "../frame/field";
import { clockText, dateText } from "@/words/dates";
import { useUnits } from "../frame/units";
import { linesOfRecipe, textDifference } from "./text-difference";

export type Version = { readonly version: number; readonly savedAt: number };

type VersionsViewProps = {
  readonly now: RecipeDoc;
  readonly versions: readonly Version[];
  /** A version's document; null when it can't be read. */
  readonly versionOf: (version: number) => Promise<RecipeDoc | null>;
  readonly onGoBack: (doc: RecipeDoc) => void;
};

const NOW = "now";

/**
 * What the recipe was before: two states side by side, line by line, and the way back to one of
 * them.
 */
export function VersionsView({ now, versions, versionOf, onGoBack }: VersionsViewProps) {
  const { units } = useUnits();
  const states = [
    { key: NOW, name: "now" },
    ...versions.map(({ version, savedAt }) => ({
      key: String(version),
      name: `${version}: ${dateText(new Date(savedAt), units)}, ${clockText(savedAt, units)}`,
    })),
  ];
  const [fromKey, setFromKey] = useState(states[1]?.key ?? NOW);
  const [toKey, setToKey] = useState(NOW);
  // Asked for one by one: a recipe that was changed often has many.
  const [docs, setDocs] = useState<ReadonlyMap<string, RecipeDoc | null>>(new Map());
  const wanted = [fromKey, toKey].filter((key) => key !== NOW && !docs.has(key)).join();
  useEffect(() => {
    for (const key of wanted.split(",").filter((each) => each !== "")) {
      void versionOf(Number(key))
        .catch(() => null)
        .then((doc) => {
          setDocs((known) => new Map([...known, [key, doc]]));
        });
    }
    // eslint-disable-next-line react-hooks/exhaustive-deps -- asks once for each key
  }, [wanted]);
  if (versions.length === 0)
    return (
      <p className="panel p-6">
        This recipe has not been changed yet. Each time you come back and change it, the state
        before is kept here.
      </p>
    );
  const docOf = (key: string): RecipeDoc | null => (key === NOW ? now : (docs.get(key) ?? null));
  const [from, to] = [docOf(fromKey), docOf(toKey)];
  const isComing = wanted !== "";
  const choices = states.map(({ key, name }) => [key, name] as const);
  return (
    <section className="panel p-4" aria-label="Versions">
      <div className="flex flex-wrap items-end gap-3">
        <label>
          <span className="label block">From</span>
          <Choice
            label="From version"
            className="field pr-1"
            value={fromKey}
            choices={choices}
            onChange={setFromKey}
          />
        </label>
        <label>
          <span className="label block">to</span>
          <Choice
            label="To version"
            className="field pr-1"
            value={toKey}
            choices={choices}
            onChange={setToKey}
          />
        </label>
        {fromKey !== "now" && from !== null && (
          <button type="button" className="button" onClick={() => onGoBack(from)}>
            Go back to {fromKey}
          </button>
        )}
      </div>
      {isComing ? (
        <p className="pt-3 text-ink-2" aria-busy>
          Fetching this version…
        </p>
      ) : from === null || to === null ? (
        <p className="pt-3 text-tomato">This version can&apos;t be read.</p>
      ) : (
        <Difference before={linesOfRecipe(from)} after={linesOfRecipe(to)} />
      )}
    </section>
  );
}

function Difference({
  before,
  after,
}: {
  readonly before: readonly string[];
  readonly after: readonly string[];
}) {
  const changes = textDifference(before, after);
  if (changes.every(({ is }) => is === "same"))
    return <p className="pt-3 text-ink-2">These two are the same.</p>;
  return (
    <ul className="pt-3 text-[15px]">
      {changes.map(({ is, text }, index) => (
        <li
          key={index}
          className={`flex gap-2 py-0.5 ${is === "same" ? "text-ink-2" : "font-semibold"} ${is === "gone" ? "text-tomato" : is === "new" ? "text-leaf" : ""}`}
        >
          <span className="w-12 shrink-0 text-[13px]">
            {is === "gone" ? "− was" : is === "new" ? "+ now" : ""}
          </span>
          <span className="min-w-0 break-words">{text}</span>
        </li>
      ))}
    </ul>
  );
}
