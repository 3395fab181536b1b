"use client";

import { groups } from "d3-array";
import { useId, type ReactNode } from "react";

type FieldProps = {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly onBlur?: () => void;
  /** What is wrong with it. */
  readonly problem?: string | null;
  /** What it was read as. */
  readonly reading?: string | null;
  readonly placeholder?: string;
  readonly isLabelHidden?: boolean;
  readonly children?: ReactNode;
};

/**
 * A text box that says beneath it how it was read, or what is wrong; it never changes what is being
 * typed.
 */
export function Field({
  label,
  value,
  onChange,
  onBlur,
  problem = null,
  reading = null,
  placeholder,
  isLabelHidden = false,
  children,
}: FieldProps) {
  const id = useId();
  const note = problem ?? reading;
  return (
    <div className="min-w-0 flex-1">
      <label htmlFor={id} className={isLabelHidden ? "sr-only" : "label block"}>
        {label}
      </label>
      <div className="flex gap-1.5">
        <input
          id={id}
          className="field"
          value={value}
          onChange={(event) => onChange(event.target.value)}
          onBlur={onBlur}
          placeholder={placeholder}
          aria-invalid={problem !== null}
          aria-describedby={note === null ? undefined : `${id}-note`}
          autoComplete="off"
          autoCapitalize="off"
          spellCheck={false}
          maxLength={200}
        />
        {children}
      </div>
      {note !== null && (
        <p
          id={`${id}-note`}
          className={`mt-0.5 text-[13px] ${problem === null ? "text-ink-2" : "font-semibold text-tomato"}`}
        >
          {note}
        </p>
      )}
    </div>
  );
}

type ChoiceProps<T extends string> = {
  readonly label: string;
  readonly value: T;
  /** Those with a group stand together under its name. */
  readonly choices: readonly (readonly [value: T, name: string, group?: string])[];
  readonly onChange: (value: T) => void;
  readonly className?: string;
};

/**
 * A choice among a few named things; its label is for screen readers, since it stands under its
 * number.
 */
export function Choice<T extends string>({
  label,
  value,
  choices,
  onChange,
  className = "choice",
}: ChoiceProps<T>) {
  return (
    <select
      aria-label={label}
      className={className}
      value={value}
      onChange={(event) => {
        const chosen = choices.find(([choice]) => choice === event.target.value);
        if (chosen !== undefined) onChange(chosen[0]);
      }}
    >
      {[...groups(choices, ([, , group = ""]) => group)].map(([group, of]) => {
        const options = of.map(([choice, name]) => (
          <option key={choice} value={choice}>
            {name}
          </option>
        ));
        return group === "" ? (
          options
        ) : (
          <optgroup key={group} label={group}>
            {options}
          </optgroup>
        );
      })}
    </select>
  );
}

/** A {@link Choice} with its label above it, in a row of boxes. */
export function LabelledChoice<T extends string>(props: ChoiceProps<T>) {
  return (
    <label className="min-w-36 flex-1">
      <span className="label block">{props.label}</span>
      <Choice className="field pr-1" {...props} />
    </label>
  );
}

/** A box for some lines of words. */
export function ProseBox({
  label,
  value,
  most = 2000,
  onChange,
}: {
  readonly label: string;
  readonly value: string;
  /** Letters it holds. */
  readonly most?: number;
  readonly onChange: (value: string) => void;
}) {
  return (
    <label className="block">
      <span className="label block">{label}</span>
      <textarea
        className="field min-h-16 py-1.5"
        value={value}
        maxLength={most}
        onChange={(event) => onChange(event.target.value)}
      />
    </label>
  );
}
