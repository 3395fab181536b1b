"use client";

import { Choice } from "./field";

type AddMenuProps<T extends string> = {
  /** For screen readers. */
  readonly label: string;
  /** What stands on it until something is chosen. */
  readonly prompt: string;
  /** Those with a group stand together under its name. */
  readonly choices: readonly (readonly [value: T, name: string, group?: string])[];
  readonly onAdd: (value: T) => void;
};

/** A menu that adds what is chosen, and is ready for the next. */
export function AddMenu<T extends string>({ label, prompt, choices, onAdd }: AddMenuProps<T>) {
  return (
    <Choice<T | "">
      label={label}
      className="field !w-auto max-w-full pr-1"
      value=""
      choices={[["", prompt], ...choices]}
      onChange={(chosen) => {
        if (chosen !== "") onAdd(chosen);
      }}
    />
  );
}
