"use client";

import { useEffect } from "react";

/** A change that React hears: the box is what it was first, then what was typed into it. */
function tell(box: HTMLInputElement): void {
  const typed = box.value;
  box.value = box.defaultValue;
  Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set?.call(box, typed);
  box.dispatchEvent(new Event("input", { bubbles: true }));
}

/**
 * What was typed into a page before its program had arrived is told to it then: nothing that stands
 * in a box is lost on a slow line. Only boxes that no browser fills again by itself.
 */
export function TypedEarly() {
  useEffect(() => {
    for (const box of document.querySelectorAll<HTMLInputElement>(
      "#work input.field[autocomplete=off]",
    ))
      if (box.value !== box.defaultValue) tell(box);
  }, []);
  return null;
}
