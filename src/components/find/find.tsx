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

/** What a key opens: a stroke, or K with Control, finds; a question mark shows what keys there are. */
function openedBy(event: KeyboardEvent): "find" | "keys" | null {
  const isChord = event.ctrlKey || event.metaKey;
  if (event.key === "k" && isChord) return "find";
  if (isChord || isTyping(event.target)) return null;
  return event.key === "/" ? "find" : event.key === "?" ? "keys" : null;
}

/** Finds anything in the kitchen, from anywhere, by one key; another shows all keys. */
export function Find() {
  const [open, setOpen] = useState<"find" | "keys" | null>(null);
  const path = usePathname();
  const [openedAt, setOpenedAt] = useState(path);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const asked = openedBy(event);
      if (asked === null || document.querySelector('[role="dialog"]') !== null) return;
      event.preventDefault();
      setOpenedAt(globalThis.location.pathname);
      setOpen(asked);
    };
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  }, []);
  return (
    <>
      <button
        type="button"
        aria-label="Find anything"
        title="Find anything (press /)"
        onClick={() => {
          setOpenedAt(path);
          setOpen("find");
        }}
        onPointerEnter={() => void loadSheet().catch(() => undefined)}
        className="flex size-9 items-center justify-center rounded-control hover:bg-white/10"
      >
        <Search size={20} aria-hidden />
      </button>
      {openedAt === path && open === "find" && (
        <FindSheet onClose={() => setOpen(null)} onKeys={() => setOpen("keys")} />
      )}
      {openedAt === path && open === "keys" && <KeysSheet onClose={() => setOpen(null)} />}
    </>
  );
}
