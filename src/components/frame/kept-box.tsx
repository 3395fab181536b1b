"use client";

import { useState } from "react";
import type * as z from "@/core/zod";
import { boxed, type Expected } from "@/core/measure";
import { issueText, type Units } from "@/words";
import { Field } from "./field";

type KeptBoxProps<T extends number | null> = {
  readonly label: string;
  /** The field it fills, for the words of what is wrong. */
  readonly path: string;
  readonly text: string;
  readonly read: (text: string) => number | null;
  readonly schema: z.ZodMiniType<T>;
  readonly units: Units;
  readonly onKeep: (value: T) => void;
  /** What an empty box stands for; without it a box can't be empty. */
  readonly whenEmpty?: T;
  readonly placeholder?: string;
  /** What it should be, for the words of what can't be read. */
  readonly expected?: Expected;
};

/**
 * A box whose words stay as typed; it keeps a value each time they can be used, and says what would
 * be right when they can't.
 */
export function KeptBox<T extends number | null>(props: KeptBoxProps<T>) {
  const { label, path, text, read, schema, units, onKeep, whenEmpty, placeholder } = props;
  const { expected = "length" } = props;
  const [typed, setTyped] = useState<string | null>(null);
  const isEmpty = (words: string): boolean => whenEmpty !== undefined && words.trim() === "";
  const found = boxed<unknown>(path, typed ?? text, read, schema, expected);
  const problem =
    typed === null || isEmpty(typed) || found.ok ? null : issueText(found.issue, units);
  return (
    <div className="flex min-w-36 flex-1">
      <Field
        label={label}
        value={typed ?? text}
        problem={problem}
        {...(placeholder === undefined ? {} : { placeholder })}
        onChange={(next) => {
          setTyped(next);
          if (whenEmpty !== undefined && isEmpty(next)) {
            onKeep(whenEmpty);
            return;
          }
          const value = boxed(path, next, read, schema, expected);
          if (value.ok) onKeep(value.value);
        }}
        onBlur={() => {
          if (problem === null) setTyped(null);
        }}
      />
    </div>
  );
}
