/** What came of changing something in the kitchen; the message says what kept it from happening. */
export type Outcome = { readonly ok: true } | { readonly ok: false; readonly message: string };

/** What another page kept meanwhile: the thing as it is now, as which version, and when. */
export type Theirs<T> = { readonly value: T; readonly version: number; readonly at: number };

/**
 * What came of saving something that other pages may change too; `theirs` when one has since the
 * version that was changed; `keptAs` the version that was kept of what could be read.
 */
export type SaveOutcome<T> =
  | { readonly ok: true; readonly version?: number }
  | {
      readonly ok: false;
      readonly message: string;
      readonly theirs?: Theirs<T>;
      readonly keptAs?: number | undefined;
    };

/** The same for something new. */
export type KeptOutcome =
  { readonly ok: true; readonly id: string } | { readonly ok: false; readonly message: string };
