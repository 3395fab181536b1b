"use client";

import { useEffect, useState } from "react";
import dynamic from "next/dynamic";
import { usePathname } from "next/navigation";
import { Search } from "lucide-react";

const loadSheet = () => import("./find-sheet").then((module) => module.FindSheet);

/** Only whoever looks for something waits for it. */
const FindSheet = dynamic(loadSheet, { ssr: false });
const KeysSheet = dynamic(() => import("./keys-sheet").then((module) => module.KeysSheet), {
  ssr: false,
});

/** Whether a key is meant for what is being typed in. */
const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || target.matches("input, textarea, select"));

type Opened = {
  readonly sheet: "find" | "keys";
  /** The page it was opened on: it goes with it. */
  readonly at: string;
  /** What had the focus before. */
  readonly from: Element | null;
};

/** What a key opens: a stroke, or K with Control, finds; a question mark shows what keys there are. */
function sheetOf(event: KeyboardEvent): Opened["sheet"] | null {
  const isChord = event.ctrlKey || event.metaKey;
  if (event.key === "k" && isChord) return "find";
  if (isChord || isTyping(event.target)) return null;
  return event.key === "/" ? "find" : event.key === "?" ? "keys" : null;
}

/** Finds anything in the kitchen, from anywhere, by one key; another shows all keys. */
export function Find() {
  const path = usePathname();
  const [opened, setOpened] = useState<Opened | null>(null);
  const open = (sheet: Opened["sheet"]): void =>
    setOpened({ sheet, at: globalThis.location.pathname, from: document.activeElement });
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const sheet = sheetOf(event);
      if (sheet === null || document.querySelector('[role="dialog"]') !== null) return;
      event.preventDefault();
      open(sheet);
    };
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  }, []);
  const shown = opened?.at === path ? opened : null;
  const onClose = (): void => setOpened(null);
  return (
    <>
      <button
        type="button"
        aria-label="Find anything"
        title="Find anything (press /)"
        onClick={() => open("find")}
        onPointerEnter={() => void loadSheet().catch(() => undefined)}
        className="flex size-9 items-center justify-center rounded-control hover:bg-white/10"
      >
        <Search size={20} aria-hidden />
      </button>
      {shown?.sheet === "find" && (
        <FindSheet onClose={onClose} onKeys={() => setOpened({ ...shown, sheet: "keys" })} />
      )}
      {shown?.sheet === "keys" && <KeysSheet opener={shown.from} onClose={onClose} />}
    </>
  );
}
