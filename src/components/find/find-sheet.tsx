"use client";

import { useEffect, useState } from "react";
import { useRouter } from "next/navigation";
import { Command } from "cmdk";
import { group } from "d3-array";
import { parseWith } from "@/core/measure";
import { FOUND_NAMES, PAGES } from "@/words/find";
import { Sheet } from "../frame/sheet";
import { useSay } from "../frame/units";
import { FOUND_KINDS, FoundAnswerSchema, type Found } from "./found";

/** A pause in typing this long asks the kitchen, ms. */
const ASK_AFTER_MS = 120;

/** What the kitchen has of some words; null while it is asked, a text where it can't be. */
type Answer = readonly Found[] | null | string;

const GROUP =
  "[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-[14px] [&_[cmdk-group-heading]]:text-ink-2";

const UNREACHABLE = "The kitchen's server can't be reached; pages are still found.";

async function asked(words: string, signal: AbortSignal): Promise<Answer> {
  const response = await fetch(`/find?q=${encodeURIComponent(words)}`, { signal });
  const read = parseWith(FoundAnswerSchema, await response.json());
  return read.ok ? read.value.found : UNREACHABLE;
}

function useFound(words: string): Answer {
  const [told, setTold] = useState<{ readonly of: string; readonly answer: Answer }>({
    of: "",
    answer: [],
  });
  useEffect(() => {
    if (words === "") return;
    const stop = new AbortController();
    const later = setTimeout(
      () =>
        void asked(words, stop.signal)
          .catch((): Answer => UNREACHABLE)
          .then((answer) => {
            if (!stop.signal.aborted) setTold({ of: words, answer });
          }),
      ASK_AFTER_MS,
    );
    return () => {
      clearTimeout(later);
      stop.abort();
    };
  }, [words]);
  if (words === "") return [];
  return told.of === words ? told.answer : null;
}

/** Cakes, recipes, bakes, tins, ovens and pages by what one types, chosen by arrow keys. */
export function FindSheet({
  onClose,
  onKeys,
}: {
  readonly onClose: () => void;
  readonly onKeys: () => void;
}) {
  const say = useSay();
  const router = useRouter();
  const [typed, setTyped] = useState("");
  const words = typed.trim();
  const answer = useFound(words);
  const found = typeof answer === "string" || answer === null ? [] : answer;
  const byKind = group(found, ({ kind }) => kind);
  const pages = PAGES.filter(({ name, also }) =>
    say(`${name} ${also}`).toLowerCase().includes(words.toLowerCase()),
  );
  const go = (href: string): void => {
    onClose();
    router.push(href);
  };
  return (
    <Sheet title="Find" onClose={onClose}>
      <Command label="Find" shouldFilter={false} loop>
        <Command.Input
          className="field"
          value={typed}
          onValueChange={setTyped}
          placeholder={say`a cake, a recipe, a tin, a page…`}
          maxLength={200}
          autoFocus
        />
        <p role="status" className="min-h-6 pt-1 text-[14px] text-ink-2">
          {typeof answer === "string"
            ? answer
            : answer === null
              ? "Looking…"
              : words !== "" && found.length + pages.length === 0
                ? `Nothing in the kitchen is called “${words}”.`
                : ""}
        </p>
        <Command.List className="max-h-[55dvh] overflow-y-auto">
          {FOUND_KINDS.map((kind) => {
            const own = byKind.get(kind) ?? [];
            return (
              own.length > 0 && (
                <Command.Group key={kind} heading={say(FOUND_NAMES[kind])} className={GROUP}>
                  {own.map(({ href, name, note }) => (
                    <Row key={href} href={href} name={name} note={note} onGo={go} />
                  ))}
                </Command.Group>
              )
            );
          })}
          {pages.length > 0 && (
            <Command.Group heading="Pages" className={GROUP}>
              {pages.map(({ href, name }) => (
                <Row key={href} href={href} name={say(name)} note="" onGo={go} />
              ))}
            </Command.Group>
          )}
        </Command.List>
      </Command>
      <p className="mt-2 border-t-[1.5px] border-line pt-2 max-sm:hidden">
        <button type="button" className="text-[14px] underline underline-offset-4" onClick={onKeys}>
          All keys
        </button>{" "}
        <span className="text-[14px] text-ink-2">(press ? on any page)</span>
      </p>
    </Sheet>
  );
}

function Row({
  href,
  name,
  note,
  onGo,
}: {
  readonly href: string;
  readonly name: string;
  readonly note: string;
  readonly onGo: (href: string) => void;
}) {
  return (
    <Command.Item
      value={href}
      onSelect={() => onGo(href)}
      className="flex min-h-11 cursor-pointer flex-wrap items-baseline gap-x-3 rounded-control px-3 py-2 aria-selected:bg-yolk-soft"
    >
      <span className="font-semibold break-words">{name}</span>
      <span className="text-[14px] text-ink-2">{note}</span>
    </Command.Item>
  );
}
