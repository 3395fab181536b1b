"use client";

import { useEffect, useState } from "react";
import dynamic from "next/dynamic";
import { usePathname } from "next/navigation";
import { Search } from "lucide-react";

const loadSheet = () => import("./find-sheet").then((module) => module.FindSheet);

/** Only whoever looks for something waits for it. */
const FindSheet = dynamic(loadSheet, { ssr: false });

/** Whether a key is meant for what is being typed in. */
const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || target.matches("input, textarea, select"));

/** Finds anything in the kitchen, from anywhere, by one key: a stroke, or K with Control. */
export function Find() {
  const [isOpen, setIsOpen] = useState(false);
  const path = usePathname();
  const [openedAt, setOpenedAt] = useState(path);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const isAsked =
        (event.key === "k" && (event.ctrlKey || event.metaKey)) ||
        (event.key === "/" && !event.ctrlKey && !event.metaKey && !isTyping(event.target));
      if (!isAsked || document.querySelector('[role="dialog"]') !== null) return;
      event.preventDefault();
      setOpenedAt(globalThis.location.pathname);
      setIsOpen(true);
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
          setIsOpen(true);
        }}
        onPointerEnter={() => void loadSheet().catch(() => undefined)}
        className="flex size-9 items-center justify-center rounded-control hover:bg-white/10"
      >
        <Search size={20} aria-hidden />
      </button>
      {isOpen && openedAt === path && <FindSheet onClose={() => setIsOpen(false)} />}
    </>
  );
}
